import { add, defineTest, drops, hold, look, mg, mL, smell, take, takeSolid, warm } from '../types'

export const ammonium = defineTest({
  id: 'ammonium-by-alkali',
  title: 'Ammonium, on the untouched sample',
  stage: 'confirmation',
  on: ['solid'],
  steps: [takeSolid(mg(50)), add('NaOH 2 M', mL(1)), warm(1), hold('red litmus paper'), smell()],
  because: 'Strong alkali drives ammonia off any ammonium salt: a gas that turns moist red litmus blue and is known by its smell.',
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
    add('HCl 2 M', drops(3)),
    look('precipitate, its colour and habit'),
    add('NH3 conc', drops(15)),
    look('does the precipitate dissolve in ammonia'),
  ],
  because: 'Of these cations only silver comes down with dilute hydrochloric acid, curdy, and goes back into ammonia.',
  minutes: 3,
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
  because: 'Ammonium chloride takes the alkali away from aluminate: the hydroxide comes down again, white and jelly-like.',
  minutes: 5,
  sources: ['vogel7'],
})

export const diluteSulfuricAcid = defineTest({
  id: 'dilute-sulfuric-acid',
  title: 'Dilute sulfuric acid',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('H2SO4 1 M', drops(6)), look('precipitate, its colour and habit')],
  because: 'Brings down the sulfates that water hardly dissolves; strong silver solutions give crystals.',
  minutes: 2,
  sources: ['vogel7'],
})
