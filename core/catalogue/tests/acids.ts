import { asks, add, addTo, BESIDE, burningSplint, defineTest, hold, lead, look, mg, mL, smell, takeSolid, warm } from '../types'

const FUMES = 'Concentrated sulfuric acid on an unknown: a speck first, in the hood, goggles and gloves; never into water afterwards, let it cool.'

export const diluteAcidOnSolid = defineTest({
  id: 'dilute-acid-on-solid',
  title: 'Dilute hydrochloric acid on the solid, gas into lime water',
  stage: 'acids',
  on: ['solid'],
  steps: [
    takeSolid(mg(40)),
    add('HCl 2 M', mL(1)),
    asks(look('does it fizz'), 'gas'),
    addTo(BESIDE, 'lime water', mL(2)),
    lead(BESIDE),
    asks(look('the lime water', BESIDE), 'lime-water'),
  ],
  because: 'Carbonates fizz with dilute acid; the gas turns lime water milky.',
  minutes: 4,
  sources: ['vogel7'],
})

export const carbonDioxideBySplint = defineTest({
  id: 'carbon-dioxide-by-splint',
  title: 'Dilute nitric acid on the solid, burning splint',
  stage: 'acids',
  on: ['solid'],
  steps: [takeSolid(mg(80)), add('HNO3 2 M', mL(1)), asks(look('does it fizz'), 'gas'), burningSplint()],
  because: 'Carbon dioxide puts a burning splint out: a second sign of it besides lime water.',
  minutes: 3,
  sources: ['vogel7'],
})

export const vinegar = defineTest({
  id: 'dilute-sulfuric-acid-warmed',
  title: 'Dilute sulfuric acid on the solid, warmed and smelt',
  stage: 'acids',
  on: ['solid'],
  steps: [takeSolid(mg(80)), add('H2SO4 1 M', mL(1)), asks(look('does it fizz'), 'gas'), warm(1), smell()],
  because: 'Acetates smell of vinegar when warmed with dilute acid.',
  minutes: 4,
  sources: ['vogel7'],
})

export const concentratedSulfuricAcid = defineTest({
  id: 'concentrated-sulfuric-acid',
  title: 'Concentrated sulfuric acid on a little of the solid',
  stage: 'acids',
  on: ['solid'],
  steps: [
    takeSolid(mg(30)),
    add('H2SO4 conc', mL(0.5)),
    asks(look('gas, its colour; colour of the liquid'), 'gas'),
    warm(1),
    asks(look('gas and its colour, warm'), 'gas'),
    hold('blue litmus paper'),
    hold('starch iodide paper'),
  ],
  because: 'Drives out the gases of the strong acids’ anions: hydrogen chloride from chlorides, violet iodine from iodides.',
  minutes: 5,
  sources: ['vogel7'],
  cautions: [FUMES],
})

export const brownFumes = defineTest({
  id: 'concentrated-sulfuric-acid-and-copper',
  title: 'Concentrated sulfuric acid and copper turnings',
  stage: 'acids',
  on: ['solid'],
  steps: [
    takeSolid(mg(30)),
    { do: 'add', to: 'this', reagent: 'copper turnings', mg: 50 },
    add('H2SO4 conc', mL(0.5)),
    warm(1),
    asks(look('gas and its colour'), 'gas'),
    hold('starch iodide paper'),
  ],
  because: 'Nitrates give brown nitrogen dioxide with copper in the strong acid, and a blue liquid.',
  minutes: 5,
  sources: ['vogel7'],
  cautions: [FUMES, 'Nitrogen dioxide is poisonous, and the harm comes hours later: the hood, and no more than this amount.'],
})

export const ammoniaOnSolid = defineTest({
  id: 'ammonia-on-solid',
  title: 'Concentrated ammonia on a speck of the solid',
  stage: 'confirmation',
  on: ['solid'],
  steps: [takeSolid(mg(5)), add('NH3 conc', mL(2)), look('does it dissolve, and the colour of the liquid')],
  because: 'Of the white solids that water and acid leave, silver chloride alone goes into ammonia.',
  minutes: 3,
  sources: ['vogel7'],
  onlyIfInsoluble: true,
})

export const alkaliOnSolid = defineTest({
  id: 'alkali-on-solid',
  title: 'Sodium hydroxide on a speck of the solid, warmed',
  stage: 'confirmation',
  on: ['solid'],
  steps: [takeSolid(mg(5)), add('NaOH 6 M', mL(2)), warm(2), look('does it dissolve, and what is left')],
  because: 'Lead sulfate dissolves in hot alkali, barium sulfate does not.',
  minutes: 4,
  sources: ['vogel7'],
  onlyIfInsoluble: true,
})

export const hotWaterOnSolid = defineTest({
  id: 'hot-water-on-solid',
  title: 'A speck of the solid in much boiling water',
  stage: 'confirmation',
  on: ['solid'],
  steps: [
    takeSolid(mg(8)),
    add('water', mL(6)),
    { do: 'boil', vessel: 'this', minutes: 1 },
    look('does it dissolve hot'),
    { do: 'cool', vessel: 'this' },
    look('does it come back cold'),
  ],
  because: 'Lead chloride and lead iodide dissolve in boiling water and come back in crystals as it cools.',
  minutes: 6,
  sources: ['vogel7'],
  onlyIfInsoluble: true,
})

export const acetateOnSolid = defineTest({
  id: 'ammonium-acetate-on-solid',
  title: 'Ammonium acetate on a speck of the solid',
  stage: 'confirmation',
  on: ['solid'],
  steps: [takeSolid(mg(4)), add('ammonium acetate', mL(3)), warm(2), look('does it dissolve')],
  because: 'Lead sulfate dissolves in strong ammonium acetate, barium sulfate does not.',
  minutes: 4,
  sources: ['vogel7'],
  onlyIfInsoluble: true,
})
