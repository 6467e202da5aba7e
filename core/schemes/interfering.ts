import { add, boil, cool, drops, look, mL, spin, stand, take, THIS, warm, type TestStep } from '../catalogue'
import { liquid, solid, until } from './short'
import type { Separation } from './types'

/** Boiled down to a fraction, in the dish. */
const downTo = (toFraction: number): TestStep[] => [{ do: 'concentrate', vessel: THIS, toFraction }, cool()]

/**
 * Anions that would bring the later groups down with the third, or hold the third up. They are sought on an extract with soda, which has them without the heavy metals, and got rid of where they
 * were found: silica before anything else, the others between the second group and the third. Source: Vogel 7th ed., ch. V, interfering anions.
 */
export const anionsSought: readonly Separation[] = [
  {
    id: 'silicate-sought',
    title: 'Silicate? Nitric acid, hot',
    on: 'X0',
    steps: [take(mL(0.5), 'sample'), add('HNO3 conc', drops(5)), boil(2), look('a jelly that stays')],
    cameDown: { channel: 'precipitate.habit', values: ['gelatinous'] },
    keeps: [],
    concerns: [],
    because: 'Silica comes down from acid as a jelly, and does not dissolve hot.',
  },
  {
    id: 'soda-extract',
    title: 'Interfering anions: an extract with sodium carbonate, made acid',
    on: 'X',
    steps: [
      { do: 'soda-extract', into: THIS, mL: 3 },
      until('HCl 2 M', 'just-acidic'),
      add('HCl 2 M', drops(5)),
      boil(2),
      cool(),
      look('is it clear'),
      spin('X1'),
    ],
    liquid: 'X1',
    keeps: [],
    concerns: [],
    because: 'The extract has the anions without the heavy metals; acid boils the carbonate out.',
  },
  {
    id: 'oxalate-sought',
    title: 'Oxalate or fluoride? Calcium chloride with acetate',
    on: 'X-Ca',
    steps: [take(mL(0.5), 'X1'), add('sodium acetate', mL(0.5)), add('CaCl2 0.1 M', drops(8)), boil(2), stand(5), look('a white precipitate')],
    cameDown: solid('white'),
    keeps: [],
    concerns: [],
    relies: ['little calcium, and a dilute extract: sulfate would come down too'],
    because: 'Their calcium salts come down beside acetic acid: oxalate and fluoride at once, citrate hot, much tartrate on standing.',
  },
  {
    id: 'fluoride-sought',
    title: 'Fluoride? Zirconium-alizarin',
    on: 'X-Zr',
    unless: 'oxalate-sought',
    steps: [take(mL(0.5), 'X1'), add('HCl 2 M', drops(5)), add('zirconium-alizarin', drops(6)), look('red, or yellow')],
    cameDown: liquid('yellow'),
    keeps: [],
    concerns: [],
    because: 'Aluminium that came along keeps fluoride from calcium, but not from zirconium.',
  },
  {
    id: 'organic-acids-sought',
    title: 'Tartrate or citrate? Concentrated sulfuric acid, hot',
    on: 'X-C',
    unless: 'oxalate-sought',
    steps: [take(mL(0.6), 'X1'), ...downTo(0.15), add('H2SO4 conc', mL(1.2)), boil(2), look('does it char')],
    cameDown: solid('black', 'brown', 'grey'),
    keeps: [],
    concerns: [],
    cautions: [
      'Concentrated sulfuric acid, hot, on what is left of a solution spits: drops, the mouth of the tube away from everybody, let it cool before water.',
    ],
    because: 'Complexes keep them from calcium; the acid chars them all the same.',
  },
  {
    id: 'borate-sought',
    title: 'Borate? Methanol and concentrated sulfuric acid, the vapour lit',
    on: 'X-B',
    steps: [
      take(mL(0.5), 'X1'),
      ...downTo(0.2),
      add('methanol', mL(1)),
      add('H2SO4 conc', mL(0.4)),
      { do: 'flame', from: THIS, support: 'mouth', for: 'edge of the flame' },
    ],
    cameDown: { channel: 'flame.colour', values: ['green'] },
    keeps: [],
    concerns: [],
    cautions: ['Methanol burns: a small tube, the bottle closed and away from the flame.'],
    because: 'The methyl ester burns with a green edge.',
  },
]

/** Where silicate was found: the first vessel of a scheme, silica left behind. */
export const silicaOut: Separation = {
  id: 'silica-out',
  title: 'Silica, left by nitric acid boiled down',
  on: 'S0',
  when: 'silicate-sought',
  steps: [
    take(mL(1), 'sample'),
    add('HNO3 conc', drops(10)),
    { do: 'concentrate', vessel: THIS, toFraction: 0.2 },
    cool(),
    add('HNO3 2 M', drops(4)),
    add('water', mL(0.7)),
    look('a white jelly'),
    spin('S0-clear'),
  ],
  liquid: 'S0-clear',
  keeps: [],
  strays: { 'Sn^2+': 'nitric acid makes insoluble tin(IV) acid', 'Sn^4+': 'nitric acid makes insoluble tin(IV) acid', 'Sb^3+': 'likewise' },
  because: 'In acid silica comes as a jelly, which would pass for silver first, then for aluminium. Boiled down it no longer runs through.',
}

const fumed = (acid: string): TestStep[] => [add(acid, mL(0.6)), ...downTo(0.15)]

/** What takes the found ones out of the liquid on its way to the third group; it stays in its vessel. */
export const removedFrom = (vessel: string): readonly Separation[] => [
  {
    id: 'borate-removed',
    title: 'Borate, boiled off as methyl borate',
    on: vessel,
    when: 'borate-sought',
    steps: [
      add('HCl conc', mL(0.6)),
      add('methanol', mL(1)),
      boil(3),
      add('HCl conc', drops(6)),
      add('methanol', mL(1)),
      boil(3),
      ...downTo(0.2),
      add('water', mL(1.2)),
    ],
    keeps: [],
    cautions: ['The vapour of methanol and methyl borate burns: a water bath, no flame near, the hood.'],
    because: 'The ester of borate is gone long before water.',
  },
  {
    id: 'fumed-down',
    title: 'Fumed down: oxalate, fluoride, tartrate and citrate, with nitric, then hydrochloric acid',
    on: vessel,
    when: ['oxalate-sought', 'fluoride-sought', 'organic-acids-sought'],
    steps: [
      ...downTo(0.3),
      ...fumed('HNO3 conc'),
      ...fumed('HNO3 conc'),
      ...fumed('HCl conc'),
      ...fumed('HCl conc'),
      add('HCl 2 M', drops(6)),
      add('water', mL(1.2)),
      warm(1),
    ],
    keeps: [],
    relies: ['nearly to dryness, not to redness'],
    cautions: ['Brown fumes, chlorine and hydrogen fluoride come off: in the hood, a dish and not a tube, goggles and gloves.'],
    because: 'Hot strong nitric acid burns oxalate, tartrate and citrate; hydrochloric acid carries fluoride off as hydrogen fluoride.',
  },
]
