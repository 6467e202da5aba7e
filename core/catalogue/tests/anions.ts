import { asks, add, addTo, BESIDE, boil, defineTest, drops, EXTRACT, look, mL, spin, take, THIS, type Test } from '../types'

/** What the soda leaves, in the tube beside its extract. */
const RESIDUE = `${THIS}-residue`

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

export const extractChlorate = defineTest({
  id: 'chlorate-on-extract',
  title: 'Soda extract: silver nitrate in excess, the clear liquid reduced',
  stage: 'anion tests',
  on: ['solid', 'solution'],
  steps: [
    take(mL(1), EXTRACT),
    add('HNO3 2 M', drops(40)),
    boil(1),
    { do: 'add', to: THIS, reagent: 'AgNO3 0.5 M', until: 'no-more-precipitate' },
    add('AgNO3 0.5 M', drops(8)),
    spin(),
    addTo(BESIDE, 'SO2 water', drops(8)),
    { do: 'warm', vessel: BESIDE, minutes: 2 },
    addTo(BESIDE, 'HNO3 2 M', drops(20)),
    { do: 'boil', vessel: BESIDE, minutes: 3 },
    look('curdy precipitate after reduction', BESIDE),
  ],
  because:
    'Copper, mercury and other metals that sulfur dioxide reduces stay behind in the carbonate, the halides as silver salts: what comes down white and curdy after reduction was chlorate.',
  relies: ['silver in excess', 'boiled with nitric acid at the end, which drives silver sulfite into solution'],
  minutes: 14,
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

/** The extract made acid by one of the acids there are to choose from: each answers with something of its own. */
const extractWith = (id: string, reagent: string, because: string, relies: readonly string[]): Test =>
  defineTest({
    id: `extract-with-${id}`,
    title: `Soda extract, made acid with ${id.replaceAll('-', ' ')}`,
    stage: 'anion tests',
    on: ['solution'],
    steps: [
      take(mL(1), EXTRACT),
      { do: 'add', to: THIS, reagent, until: 'just-acidic' },
      look('precipitate, its colour and habit; does the colour turn'),
      add(reagent, drops(6)),
      boil(1),
      look('what the acid dissolves, hot'),
    ],
    because,
    relies,
    minutes: 4,
    sources: ['vogel7'],
  })
export const extractNitric = extractWith(
  'nitric-acid',
  'HNO3 2 M',
  'Hydroxides that went into the extract, of aluminium, zinc, tin or antimony, come down and dissolve in more; silica, and the sulfides of arsenic and tin, stay.',
  ['for silver nitrate; it makes sulfate of sulfite, sulfide and thiosulfate'],
)
export const extractHydrochloric = extractWith(
  'hydrochloric-acid',
  'HCl 2 M',
  'As nitric acid, without oxidising: sulfite, thiosulfate and nitrite give their gases; lead that went into the extract comes down.',
  ['for barium chloride; never before silver nitrate'],
)
export const extractAcetic = extractWith(
  'acetic-acid',
  'acetic acid 2 M',
  'Weak enough that hydroxides of aluminium and tin stay down, and that oxalate and fluoride can then be sought with calcium.',
  ['for calcium chloride and lead acetate'],
)

export const sodaResidue = defineTest({
  id: 'soda-residue',
  title: 'What soda leaves, washed and dissolved in nitric acid, then sulfuric acid',
  stage: 'confirmation',
  on: ['solid'],
  steps: [
    { do: 'soda-extract', into: THIS, mg: 60 },
    { do: 'wash', vessel: RESIDUE, with: 'water', mL: 2 },
    { do: 'wash', vessel: RESIDUE, with: 'water', mL: 2 },
    addTo(RESIDUE, 'HNO3 2 M', mL(2)),
    asks(look('does it fizz; what stays', RESIDUE), 'gas'),
    { do: 'warm', vessel: RESIDUE, minutes: 1 },
    look('what stays, warm', RESIDUE),
    { do: 'centrifuge', vessel: RESIDUE, liquidInto: `${RESIDUE}-clear` },
    addTo(`${RESIDUE}-clear`, 'H2SO4 1 M', drops(6)),
    look('precipitate', `${RESIDUE}-clear`),
  ],
  because:
    'Boiled with soda the cations are left as carbonates or hydroxides, free of what held them: those of insoluble sulfates and halides now dissolve in acid. Halides and sulfides of silver and mercury, and some phosphates, resist.',
  relies: ['sulfate and chloride washed out before the acid'],
  minutes: 14,
  sources: ['vogel7'],
  onlyIfInsoluble: true,
})
