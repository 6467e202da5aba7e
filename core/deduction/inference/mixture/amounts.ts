/** How much of an ion a solution holds, as it is first sought: from what is barely found to the strongest that is given out. */
export const CLASSES = ['faint', 'trace', 'minor', 'middling', 'major', 'heavy', 'strong', 'concentrated'] as const
/** Those and what lies between two of them: what is seen may hang on so much, where two parts are nearly equivalent. Finer than this it is not told. */
export const FINE_CLASSES = [
  'faint',
  'dilute',
  'trace',
  'slight',
  'minor',
  'modest',
  'middling',
  'ample',
  'major',
  'large',
  'heavy',
  'copious',
  'strong',
  'plentiful',
  'concentrated',
] as const
export type AmountClass = (typeof FINE_CLASSES)[number]

/** Ions of a mixture, each with how much there is of it. `acid` stands for free strong acid. */
export type Parts = ReadonlyMap<string, AmountClass>
