import { add, boil, defineTest, dip, drops, look, mg, mL, STOCK, take, takeSolid } from '../types'

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
  because: 'Copper and silver dissolve in excess as ammines, aluminium stays.',
  minutes: 3,
  sources: ['vogel7'],
})
