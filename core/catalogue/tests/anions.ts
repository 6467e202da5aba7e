import { add, boil, defineTest, drops, EXTRACT, look, mL, take } from '../types'

export const silverNitrate = defineTest({
  id: 'silver-nitrate',
  title: 'Silver nitrate, acidified',
  stage: 'anion tests',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('HNO3 2 M', drops(10)),
    add('AgNO3 0.1 M', drops(5)),
    look('precipitate, its colour and habit'),
    add('NH3 conc', drops(10)),
    look('does the precipitate dissolve in ammonia'),
  ],
  because:
    'Halides come down from acid, which keeps carbonate and phosphate up; strong sulfite and oxalate answer white all the same, and are told by permanganate.',
  minutes: 3,
  sources: ['vogel7'],
})

export const bariumNitrate = defineTest({
  id: 'barium-nitrate',
  title: 'Barium nitrate, acidified',
  stage: 'anion tests',
  on: ['solution'],
  steps: [take(mL(1)), add('HNO3 2 M', drops(10)), add('Ba(NO3)2 0.1 M', drops(5)), look('precipitate, its colour and habit')],
  because: 'Sulfate comes down white and fine from acid. The nitrate is used because chloride would bring silver and lead down.',
  minutes: 2,
  sources: ['vogel7'],
})

export const bariumChloride = defineTest({
  id: 'barium-chloride',
  title: 'Barium chloride, acidified with hydrochloric acid',
  stage: 'anion tests',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('HCl 2 M', drops(10)),
    look('precipitate with the acid alone'),
    add('BaCl2 0.1 M', drops(5)),
    look('precipitate, its colour and habit'),
  ],
  because: 'The usual test for sulfate; the acid alone shows silver and lead first.',
  minutes: 2,
  sources: ['vogel7'],
})

export const extractSilver = defineTest({
  id: 'silver-nitrate-on-extract',
  title: 'Silver nitrate on the soda extract',
  stage: 'anion tests',
  on: ['solid'],
  steps: [
    take(mL(1), EXTRACT),
    add('HNO3 2 M', drops(40)),
    boil(1),
    add('AgNO3 0.1 M', drops(5)),
    look('precipitate, its colour and habit'),
    add('NH3 conc', drops(30)),
    look('does the precipitate dissolve in ammonia'),
  ],
  because: 'The extract holds the anion without the heavy cation; made acid and boiled, so that carbonate does not answer.',
  minutes: 12,
  sources: ['vogel7'],
})

export const extractBarium = defineTest({
  id: 'barium-nitrate-on-extract',
  title: 'Barium nitrate on the soda extract',
  stage: 'anion tests',
  on: ['solid'],
  steps: [take(mL(1), EXTRACT), add('HNO3 2 M', drops(40)), boil(1), add('Ba(NO3)2 0.1 M', drops(5)), look('precipitate, its colour and habit')],
  because: 'Shows the sulfate of a salt that water leaves: boiled with soda it goes into the extract, at least in part.',
  minutes: 12,
  sources: ['vogel7'],
})

export const leadNitrate = defineTest({
  id: 'lead-nitrate',
  title: 'Lead nitrate',
  stage: 'anion tests',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('Pb(NO3)2 0.1 M', drops(5)),
    look('precipitate, its colour and habit'),
    add('HNO3 2 M', drops(20)),
    look('does it dissolve in nitric acid'),
  ],
  because: 'Iodide comes down yellow, sulfate white and fine, chloride white from strong solutions, carbonate white and soluble in acid.',
  minutes: 3,
  sources: ['vogel7'],
})

export const ironChloride = defineTest({
  id: 'iron-iii-chloride',
  title: 'Iron(III) chloride, then boiled',
  stage: 'anion tests',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('FeCl3 0.1 M', drops(5)),
    look('colour of the liquid, precipitate'),
    add('water', mL(2)),
    boil(2),
    look('precipitate after boiling'),
  ],
  because:
    'Acetate makes a red-brown liquid that throws down its iron when boiled; iodide sets iodine free; carbonate brings the hydroxide down at once.',
  minutes: 6,
  sources: ['vogel7'],
})

export const magnesiumSulfate = defineTest({
  id: 'magnesium-sulfate',
  title: 'Magnesium sulfate, cold, then boiled',
  stage: 'anion tests',
  on: ['solution'],
  steps: [take(mL(1)), add('MgSO4 0.5 M', drops(10)), look('precipitate, cold'), boil(3), look('precipitate after boiling')],
  because: 'Carbonate comes down in the cold, hydrogencarbonate only when boiled.',
  minutes: 6,
  sources: ['vogel7'],
})

export const calciumChloride = defineTest({
  id: 'calcium-chloride',
  title: 'Calcium chloride',
  stage: 'anion tests',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('CaCl2 0.5 M', drops(5)),
    look('precipitate, its colour and habit'),
    add('acetic acid 2 M', drops(20)),
    look('does it dissolve in acetic acid'),
  ],
  because: 'Carbonate comes down white and dissolves with bubbles in acetic acid.',
  minutes: 3,
  sources: ['vogel7'],
})

export const copperSulfate = defineTest({
  id: 'copper-sulfate',
  title: 'Copper sulfate',
  stage: 'anion tests',
  on: ['solution'],
  steps: [take(mL(1)), add('CuSO4 0.1 M', drops(10)), look('colour of the liquid, precipitate')],
  because: 'Iodide is oxidised to brown iodine beside white copper(I) iodide; carbonate gives a blue-green precipitate.',
  minutes: 2,
  sources: ['vogel7'],
})
