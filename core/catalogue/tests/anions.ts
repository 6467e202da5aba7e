import { add, defineTest, drops, look, mL, take } from '../types'

export const silverNitrate = defineTest({
  id: 'silver-nitrate',
  title: 'Silver nitrate, acidified',
  stage: 'anion tests',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('HNO3 2 M', drops(3)),
    add('AgNO3 0.1 M', drops(5)),
    look('precipitate, its colour and habit'),
    add('NH3 conc', drops(10)),
    look('does the precipitate dissolve in ammonia'),
  ],
  because: 'Halides come down from acid; the acid keeps carbonate, sulfite and phosphate up.',
  minutes: 3,
  sources: ['vogel7'],
})

export const bariumNitrate = defineTest({
  id: 'barium-nitrate',
  title: 'Barium nitrate, acidified',
  stage: 'anion tests',
  on: ['solution'],
  steps: [take(mL(1)), add('HNO3 2 M', drops(3)), add('Ba(NO3)2 0.1 M', drops(5)), look('precipitate, its colour and habit')],
  because: 'Sulfate comes down white and fine from acid. The nitrate is used because chloride would bring silver down.',
  minutes: 2,
  sources: ['vogel7'],
})
