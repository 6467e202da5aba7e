import { asks, ACID_STOCK, add, boil, defineTest, dip, drops, flame, look, mg, mL, STOCK, take, takeSolid } from '../types'

export const appearance = defineTest({
  id: 'appearance',
  title: 'Look at the sample',
  stage: 'looked',
  on: ['solid'],
  steps: [takeSolid(mg(20)), look('colour and form of the sample')],
  because: 'A colour is a hint, and whether it is crystals or powder tells hydrates from anhydrous salts.',
  minutes: 1,
  sources: ['vogel7'],
})

export const flameOnWire = defineTest({
  id: 'flame-on-wire',
  title: 'Flame, on a clean wire',
  stage: 'flame',
  on: ['solid'],
  steps: [flame('air', 'colour of the flame, and how long it lasts')],
  because: 'Sodium, potassium, calcium, barium and copper each colour the flame; read the first seconds.',
  minutes: 3,
  sources: ['vogel7'],
  cautions: ['Concentrated acid cleans the wire: goggles on; keep the hot wire away from the bottle.'],
})

export const flameThroughCobalt = defineTest({
  id: 'flame-through-cobalt-glass',
  title: 'Flame, through cobalt glass',
  stage: 'flame',
  on: ['solid'],
  steps: [flame('cobalt-glass', 'colour of the flame through the glass')],
  because: 'The glass takes out the yellow of sodium, so that potassium is seen beside it.',
  minutes: 2,
  sources: ['vogel7'],
})

export const flameThroughSpectroscope = defineTest({
  id: 'flame-through-spectroscope',
  title: 'Flame, through a hand spectroscope',
  stage: 'flame',
  on: ['solid'],
  steps: [flame('spectroscope', 'lines, by their colour')],
  because:
    'Every element’s lines stand in their own place, so that lithium, strontium, calcium, barium and potassium are seen beside sodium’s yellow.',
  minutes: 3,
  sources: ['vogel7', 'crc'],
})

export const solubility = defineTest({
  id: 'solubility-in-water',
  title: 'Into water',
  stage: 'dissolved',
  on: ['solid'],
  steps: [{ do: 'dissolve', into: STOCK, mg: 100, in: 'water', mL: 5 }, look('does it dissolve, and what colour is the liquid', STOCK)],
  because: 'What dissolves, and the colour of what dissolved, already divides the salts; the solution serves every later test.',
  minutes: 3,
  sources: ['vogel7'],
})

export const solubilityInAcid = defineTest({
  id: 'solubility-in-nitric-acid',
  title: 'Into dilute nitric acid',
  stage: 'dissolved',
  on: ['solid'],
  steps: [
    { do: 'dissolve', into: ACID_STOCK, mg: 100, in: 'HNO3 2 M', mL: 5 },
    asks(look('does it fizz, does it dissolve, and what colour is the liquid', ACID_STOCK), 'gas'),
  ],
  because: 'Carbonates and hydroxides that water leaves dissolve in nitric acid, which makes no precipitate of its own.',
  minutes: 4,
  sources: ['vogel7'],
})

export const litmus = defineTest({
  id: 'litmus',
  title: 'Litmus, both colours',
  stage: 'dissolved',
  on: ['solution'],
  steps: [dip('red litmus paper'), dip('blue litmus paper')],
  because: 'Acid points to the cation of a weak base or an acid salt, alkaline to the anion of a weak acid.',
  minutes: 1,
  sources: ['vogel7'],
})

export const sodiumHydroxideToExcess = defineTest({
  id: 'sodium-hydroxide-to-excess',
  title: 'Sodium hydroxide to excess, then boiled',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('NaOH 2 M', drops(1)),
    look('precipitate, its colour and habit'),
    add('NaOH 2 M', drops(20)),
    look('does the precipitate dissolve in excess'),
    boil(1),
    look('colour of the precipitate, hot'),
  ],
  because: 'Hydroxides tell the heavy cations apart by colour; amphoteric ones dissolve again in excess.',
  minutes: 4,
  sources: ['vogel7'],
})

export const ammoniaToExcess = defineTest({
  id: 'ammonia-to-excess',
  title: 'Ammonia to excess',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('NH3 2 M', drops(1)),
    look('precipitate, its colour and habit'),
    add('NH3 2 M', drops(30)),
    look('does the precipitate dissolve in excess, and the colour of the liquid'),
  ],
  because: 'Copper, zinc and silver dissolve in excess as ammines; aluminium, iron and lead stay.',
  minutes: 3,
  sources: ['vogel7'],
})
