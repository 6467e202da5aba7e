import { asks, ACID_STOCK, add, boil, defineTest, drops, hold, look, mg, mL, smell, take, takeSolid, warm, type Test } from '../types'

export const ammonium = defineTest({
  id: 'ammonium-by-alkali',
  title: 'Ammonium, on the untouched sample',
  stage: 'confirmation',
  on: ['solid', 'solution'],
  steps: [takeSolid(mg(50)), add('NaOH 2 M', mL(1)), warm(1), hold('red litmus paper'), smell()],
  because: 'Strong alkali drives ammonia off any ammonium salt: a gas that turns moist red litmus blue and is known by its smell.',
  minutes: 3,
  sources: ['vogel7'],
})

export const ammoniumByRod = defineTest({
  id: 'ammonium-by-soda',
  title: 'Ammonium, rubbed with sodium carbonate',
  stage: 'confirmation',
  on: ['solid'],
  steps: [takeSolid(mg(50)), add('Na2CO3 1 M', mL(1)), warm(1), hold('red litmus paper')],
  because: 'A milder base shows ammonium a second time, without hot alkali.',
  minutes: 3,
  sources: ['vogel7'],
})

export const silverGroup = defineTest({
  id: 'dilute-hydrochloric-acid',
  title: 'Dilute hydrochloric acid, then ammonia',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('HCl 2 M', drops(5)),
    look('precipitate, its colour and habit'),
    add('NH3 conc', drops(15)),
    look('does the precipitate dissolve in ammonia'),
  ],
  because: 'The first group: silver comes down curdy and goes back into ammonia, lead in needles that do not.',
  minutes: 3,
  sources: ['vogel7'],
})

export const leadChlorideHot = defineTest({
  id: 'dilute-hydrochloric-acid-hot',
  title: 'Dilute hydrochloric acid, diluted and boiled',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('HCl 2 M', drops(3)), look('precipitate'), add('water', mL(3)), boil(1), look('does it dissolve hot')],
  because: 'Lead chloride dissolves in hot water, silver chloride does not.',
  minutes: 4,
  sources: ['vogel7'],
})

export const aluminate = defineTest({
  id: 'aluminate-and-ammonium-chloride',
  title: 'Alkaline solution with ammonium chloride',
  stage: 'confirmation',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('NaOH 2 M', drops(15)),
    look('is the liquid clear'),
    add('ammonium chloride', drops(20)),
    warm(2),
    look('precipitate, its colour and habit'),
  ],
  because: 'Ammonium chloride takes the alkali away from aluminate: the hydroxide comes down again; zinc stays up as its ammine.',
  minutes: 5,
  sources: ['vogel7'],
})

export const diluteSulfuricAcid = defineTest({
  id: 'dilute-sulfuric-acid',
  title: 'Dilute sulfuric acid',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('H2SO4 1 M', drops(6)), look('precipitate, its colour and habit')],
  because: 'Brings down barium and lead at once, strong solutions of calcium and silver as crystals.',
  minutes: 2,
  sources: ['vogel7'],
})

export const gypsumWater = defineTest({
  id: 'calcium-sulfate-water',
  title: 'Calcium sulfate water',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('calcium sulfate water', drops(10)), look('precipitate')],
  because: 'So little sulfate brings down barium, and lead, but not calcium.',
  minutes: 2,
  sources: ['vogel7'],
})

export const ironGroup = defineTest({
  id: 'ammonium-chloride-and-ammonia',
  title: 'Ammonium chloride, then ammonia',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('ammonium chloride', drops(10)), add('NH3 2 M', drops(8)), look('precipitate, its colour and habit')],
  because: 'The iron group: iron(III) and aluminium come down; the ammonium salt keeps magnesium and zinc up.',
  minutes: 3,
  sources: ['vogel7'],
})

export const calciumGroup = defineTest({
  id: 'ammonium-carbonate',
  title: 'Ammonium chloride, ammonia, ammonium carbonate',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('ammonium chloride', drops(5)),
    add('NH3 2 M', drops(3)),
    look('precipitate before the carbonate'),
    add('(NH4)2CO3 1 M', drops(8)),
    look('precipitate, its colour and habit'),
  ],
  because: 'The calcium group comes down as carbonates; the ammonium salt keeps magnesium up.',
  minutes: 4,
  sources: ['vogel7'],
})

export const sodaOnSolution = defineTest({
  id: 'sodium-carbonate',
  title: 'Sodium carbonate',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('Na2CO3 1 M', drops(6)), asks(look('precipitate, its colour and habit; bubbles'), 'gas')],
  because: 'All but the alkalis and ammonium come down; iron(III) and aluminium with bubbles, as hydroxides.',
  minutes: 2,
  sources: ['vogel7'],
})

export const magnesiumHydroxide = defineTest({
  id: 'magnesium-hydroxide-in-ammonium-chloride',
  title: 'Hydroxide, dissolved in ammonium chloride',
  stage: 'confirmation',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('NaOH 2 M', drops(4)),
    look('precipitate'),
    add('ammonium chloride', drops(20)),
    look('does it dissolve in ammonium chloride'),
  ],
  because: 'Magnesium hydroxide dissolves in ammonium salts; the hydroxides of iron, aluminium and lead do not.',
  minutes: 3,
  sources: ['vogel7'],
})

export const ferrocyanide = defineTest({
  id: 'hexacyanoferrate-ii',
  title: 'Potassium hexacyanoferrate(II)',
  stage: 'confirmation',
  on: ['solution'],
  steps: [take(mL(1)), add('acetic acid 2 M', drops(2)), add('K4Fe(CN)6 0.1 M', drops(5)), look('precipitate, its colour')],
  because: 'Copper comes down red-brown, iron(III) deep blue, zinc, lead and silver white.',
  minutes: 2,
  sources: ['vogel7'],
})

export const iodideToExcess = defineTest({
  id: 'potassium-iodide-to-excess',
  title: 'Potassium iodide to excess',
  stage: 'confirmation',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('KI 0.1 M', drops(5)),
    look('precipitate, its colour; colour of the liquid'),
    add('KI 1 M', drops(20)),
    look('does it dissolve in excess'),
  ],
  because: 'Lead gives yellow, silver pale yellow; copper and iron(III) set brown iodine free.',
  minutes: 3,
  sources: ['vogel7'],
})

/** What can be done on the solution in nitric acid of a sample that water leaves. */
const onAcid = (id: string, title: string, because: string, reagents: readonly (readonly [string, number])[]): Test =>
  defineTest({
    id,
    title,
    stage: 'cation reactions',
    on: ['solid'],
    steps: [
      take(mL(1), ACID_STOCK),
      ...reagents.flatMap(([reagent, n]) => [add(reagent, drops(n)), look('precipitate, its colour and habit; colour of the liquid')]),
    ],
    because,
    minutes: 4,
    sources: ['vogel7'],
    onlyIfInsoluble: true,
  })

export const acidAmmonia = onAcid(
  'acid-solution-ammonia',
  'Ammonia on the solution in nitric acid',
  'The hydroxides of what acid dissolved; the ammonium nitrate made keeps magnesium up.',
  [
    ['NH3 2 M', 25],
    ['NH3 conc', 10],
  ],
)
export const acidAlkali = onAcid(
  'acid-solution-alkali',
  'Sodium hydroxide on the solution in nitric acid',
  'Hydroxides again, and which of them alkali dissolves.',
  [
    ['NaOH 2 M', 22],
    ['NaOH 6 M', 10],
  ],
)
export const acidChloride = onAcid('acid-solution-chloride', 'Hydrochloric acid on the solution in nitric acid', 'Silver and lead.', [['HCl 2 M', 5]])
export const acidSulfate = onAcid(
  'acid-solution-sulfate',
  'Sulfuric acid on the solution in nitric acid',
  'Barium and lead; strong calcium solutions in crystals.',
  [['H2SO4 1 M', 6]],
)
export const acidCarbonate = onAcid(
  'acid-solution-carbonate',
  'Ammonia and ammonium carbonate on the solution in nitric acid',
  'The calcium group, magnesium kept up.',
  [
    ['NH3 2 M', 25],
    ['(NH4)2CO3 1 M', 10],
  ],
)
export const acidFerrocyanide = onAcid(
  'acid-solution-hexacyanoferrate-ii',
  'Hexacyanoferrate(II) on the solution in nitric acid',
  'Copper red-brown, zinc, lead and silver white.',
  [['K4Fe(CN)6 0.1 M', 6]],
)
