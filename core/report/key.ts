import { z } from 'zod'
import { observationsOf, Simulations, traceOf, type Content, type Reasoning, type ReasoningSession, type TraceStep } from '../deduction'
import { caseSchema, entrySchema, letterOf, sayObservation, worksheetPartsSchema, type Case, type Entry } from '../notebook'
import { findSalt } from '../species'
import { openJar, sampleSchema, type Known, type Sample } from '../tube'
import { equationsOf, inferencesFrom, sayInferences } from './document'

/** A worksheet: lettered parts of steps, done one after another on the sample that was given out. */
export const worksheetSchema = z.looseObject({
  format: z.literal('foxing-worksheet/1'),
  id: z.union([z.string(), z.number()]).optional(),
  title: z.string().max(200).optional(),
  case: caseSchema.optional(),
  sample: sampleSchema,
  parts: worksheetPartsSchema,
})
export type Worksheet = Known<z.infer<typeof worksheetSchema>>

/** What `key` answers: for each part what there is to see, what follows from it, and what it is worth. */
export const keySchema = z.looseObject({
  format: z.literal('foxing-key/1'),
  parts: z.array(
    z.looseObject({
      letter: z.string(),
      observations: z.array(z.looseObject({ step: z.number().int().positive(), vessel: z.string(), seen: z.string() })),
      inference: z.array(z.string()),
      equations: z.array(z.string()),
      marks: z.looseObject({ observation: z.number(), inference: z.number(), total: z.number() }),
    }),
  ),
  conclusion: z.array(z.looseObject({ species: z.string(), status: z.string() })),
})
export type Key = z.infer<typeof keySchema>

/** The sample as what may be in a jar, and the case it makes. */
function opened(sample: Sample, given: Case | undefined): { content: Content; settings: Case } {
  const settings = given ?? caseSchema.parse({})
  if ('organic' in sample) {
    const { smiles, mg } = sample.organic
    // The jar is opened here, so that a structure that cannot be read is told at its place.
    openJar(sample)
    return { content: { id: smiles, jar: sample }, settings: { ...settings, kind: 'organic', sample: { mg } } }
  }
  if ('solution' in sample) {
    const { mL } = sample.solution
    return { content: { id: 'sample', jar: sample }, settings: { ...settings, kind: 'mixture', sample: { ...settings.sample, mL } } }
  }
  const mg = sample.solids.reduce((sum, s) => sum + s.mg, 0)
  const [only, ...others] = sample.solids
  const salt = only && others.length === 0 ? findSalt(only.formula) : undefined
  return { content: salt ?? { id: 'sample', jar: sample }, settings: { ...settings, sample: { ...settings.sample, mg } } }
}

/**
 * Works a worksheet on its sample as a careful observer would: the key to mark it by. A part is worth a mark for every look there is something to write of, and one for every ion it speaks for clearly,
 * unless its writer says what it is worth.
 * @throws NotebookError for a test that is not in the catalogue
 * @throws StepError for a sample that cannot be opened
 */
export function keyTo(worksheet: Worksheet, session: ReasoningSession): Key {
  const { content, settings } = opened(worksheet.sample, worksheet.case)
  const simulations = new Simulations(settings.sample.mg, settings.drop_mL === undefined ? {} : { drop_mL: settings.drop_mL }, settings.sample.mL)
  // What is seen is a fact of the sample given out; what follows from it needs hypotheses, which solid mixtures have none of yet.
  const explained = 'solution' in worksheet.sample || 'organic' in worksheet.sample || content.jar === undefined
  const entries: Entry[] = []
  const write = (body: object): Entry => {
    const entry = entrySchema.parse({ id: `k${entries.length + 1}`, at: '', ...body })
    entries.push(entry)
    return entry
  }
  let last: Reasoning | null = null
  const parts = worksheet.parts.map((part, k) => {
    const seen: Key['parts'][number]['observations'] = []
    const saws = new Set<string>()
    const steps: TraceStep[] = []
    part.steps.forEach((did, n) => {
      const done = write({ did })
      const traced = traceOf({ case: settings, entries }).steps.filter((s) => s.entry === done.id)
      steps.push(...traced)
      const looks = new Map<TraceStep, string[]>()
      for (const { step, observation } of observationsOf(traced, (s) => simulations.expect(content, s.recipe))) {
        saws.add(write({ saw: { ...observation, of: done.id } }).id)
        looks.set(step, [...(looks.get(step) ?? []), sayObservation(observation)])
      }
      for (const [step, words] of looks) seen.push({ step: n + 1, vessel: step.vessel, seen: words.join(', ') })
    })
    last = explained ? session.reason({ case: settings, entries }) : null
    const inferences = last ? inferencesFrom(saws, last) : []
    const observation = seen.length
    const told = inferences.filter(({ direction, grade }) => direction === 'for' && grade === 'clear').length
    const total = part.marks ?? observation + told
    const share = observation + told === 0 ? 0 : total / (observation + told)
    return {
      letter: letterOf(part, k),
      observations: seen,
      inference: sayInferences(inferences),
      equations: equationsOf(steps, content, simulations),
      marks: { observation: round(observation * share), inference: round(told * share), total },
    }
  })
  const standings = (last as Reasoning | null)?.standings ?? []
  return {
    format: 'foxing-key/1',
    parts,
    conclusion: standings.filter((s) => s.probability > 0.5).map(({ species, status }) => ({ species, status })),
  }
}

const round = (marks: number): number => Math.round(marks * 100) / 100
