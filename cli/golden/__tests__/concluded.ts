import {
  caseSchema,
  entrySchema,
  everyTest,
  isWatched,
  readAt,
  readShorthand,
  stepSchema,
  type Deduction,
  type Notebook,
  type Step,
} from '@foxing/core'
import type { Written } from './by-hand'

/** A notebook written by hand as Foxing keeps it; what the shorthand is not understood of is left out. */
export function notebookOf({ of, lines }: Written): Pick<Notebook, 'case' | 'entries'> {
  let tube = ''
  const entries = lines.flatMap(([done, ...saw], line) => {
    // What takes nothing goes on with the tube before.
    if (typeof done === 'string' || done.some((step) => 'into' in step && step.into === 'T')) tube = `T${line}`
    const steps = typeof done === 'string' ? [{ test: done, on: tube }] : done.map((step) => inTube(step, tube))
    const look = typeof done === 'string' ? onlyLookOf(done) : undefined
    const seen = saw.flatMap((text) => (look ? readAt(text, look, false) : readShorthand(text)).observations)
    return [
      ...steps.map((did, k) => entrySchema.parse({ id: `d${line}.${k}`, at: '', did })),
      ...seen.map((observation, k) => entrySchema.parse({ id: `s${line}.${k}`, at: '', saw: observation })),
    ]
  })
  return { case: caseSchema.parse(CASES[of]), entries }
}
const SOLUTION = { form: 'solution', mL: 20 }
const SOLID = { form: 'solid', mg: 500 }
const CASES: Readonly<Record<Written['of'], object>> = {
  solid: { kind: 'salt', sample: SOLID },
  solution: { kind: 'salt', sample: SOLUTION },
  'mixture, solid': { kind: 'mixture', sample: SOLID },
  'mixture, solution': { kind: 'mixture', sample: SOLUTION },
  compound: { kind: 'organic', sample: SOLID },
}

/** The step of a test that is looked at, where there is but one: what is written of the test is read as of that. */
function onlyLookOf(test: string): Step | undefined {
  const looks = (everyTest.get(test)?.steps ?? []).map((step) => stepSchema.parse(step)).filter(isWatched)
  return looks.length === 1 ? looks[0] : undefined
}

/** The tube of a line is its own. */
const inTube = (step: object, tube: string): object =>
  Object.fromEntries(Object.entries(step).map(([key, value]) => [key, value === 'T' ? tube : (value as unknown)]))

/** Whether every ion the jar holds stands as likely, and no other as likelier than not; a compound, whether its name stands first. */
export const isConcluded = ({ holds, of }: Written, { standings, formulae }: Pick<Deduction, 'standings' | 'formulae'>): boolean =>
  of === 'compound'
    ? formulae[0]?.formula === holds[0]
    : holds.every((ion) => standings.some((s) => s.species === ion && s.probability >= 0.8)) &&
      standings.every((s) => s.probability < 0.5 || holds.includes(s.species))
