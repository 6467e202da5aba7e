import { caseSchema, entrySchema, readShorthand, type Deduction, type Notebook } from '@foxing/core'
import type { Written } from './by-hand'

/** A notebook written by hand as Foxing keeps it; what the shorthand is not understood of is left out. */
export function notebookOf({ of, lines }: Written): Pick<Notebook, 'case' | 'entries'> {
  const entries = lines.flatMap(([done, ...saw], line) => {
    const steps = typeof done === 'string' ? [{ test: done, on: `T${line}` }] : done.map((step) => inTube(step, `T${line}`))
    const seen = saw.flatMap((text) => readShorthand(text).observations)
    return [
      ...steps.map((did, k) => entrySchema.parse({ id: `d${line}.${k}`, at: '', did })),
      ...seen.map((observation, k) => entrySchema.parse({ id: `s${line}.${k}`, at: '', saw: observation })),
    ]
  })
  const sample = of === 'solution' ? { form: 'solution', mL: 20 } : { form: 'solid', mg: 500 }
  return { case: caseSchema.parse({ kind: 'salt', sample }), entries }
}

/** The tube of a line is its own. */
const inTube = (step: object, tube: string): object =>
  Object.fromEntries(Object.entries(step).map(([key, value]) => [key, value === 'T' ? tube : (value as unknown)]))

/** Whether every ion the jar holds stands as likely, and no other as likelier than not. */
export const isConcluded = ({ holds }: Written, { standings }: Pick<Deduction, 'standings'>): boolean =>
  holds.every((ion) => standings.some((s) => s.species === ion && s.probability >= 0.8)) &&
  standings.every((s) => s.probability < 0.5 || holds.includes(s.species))
