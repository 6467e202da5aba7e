import { FUSION_EXTRACT, organicTestById, STOCK, wantsTube } from '../catalogue'
import {
  observationsOf,
  THOROUGH,
  THROUGH_ALL,
  traceOf,
  type Content,
  type Hypothesis,
  type Reasoning,
  type ReasoningSession,
  type Simulations,
} from '../deduction'
import { entrySchema, isTest, type Case, type Entry, type Notebook, type Observation } from '../notebook'
import { everyTest, vesselsOfSchemes } from '../schemes'
import { adviseFrom } from './next'
import type { Proposal } from './proposal'

/** The jar a worker has before them, and the eyes they look with. */
export interface Worker {
  readonly content: Content
  /** The case, where its sample is not the usual solid. */
  readonly settings?: Case
  /** What the worker reasons in. */
  readonly session: ReasoningSession
  /** What the jar shows: the nominal model, or one with disturbed conditions. */
  readonly simulations: Simulations
  /** What the worker reckons with; every hypothesis of the case, unless given. */
  readonly among?: readonly Hypothesis[]
  /** What becomes of an observation on its way to the page; as seen, unless given. A null is not written down. */
  readonly writes?: (observation: Observation) => Observation | null
}

/** Where a test is done: the stock, where it needs no tube of its own, else a tube letter that is free, and that no scheme has for one of its own. */
export function vesselFor(testId: string, entries: readonly Entry[]): string {
  const test = everyTest.get(testId)
  if (test && 'vessel' in test) return test.vessel as string
  if (test && !wantsTube(test)) return organicTestById.has(testId) ? FUSION_EXTRACT : STOCK
  const used = new Set(entries.flatMap((e) => ('did' in e && isTest(e.did) ? [e.did.on] : [])))
  for (let k = 0; ; k++) {
    const letter = String.fromCharCode(65 + (k % 26)) + (k < 26 ? '' : String(Math.floor(k / 26)))
    if (!used.has(letter) && !vesselsOfSchemes().has(letter)) return letter
  }
}

/** Entries for one test done on a known salt with everything seen written down, look by look. Ids are `prefix` and a number. */
export function doTest(
  entries: readonly Entry[],
  test: string,
  { content, settings, simulations, writes }: Omit<Worker, 'session'>,
  prefix: string,
  at: (n: number) => string,
): Entry[] {
  const fresh: Entry[] = []
  const write = (body: Record<string, unknown>): Entry => {
    const n = entries.length + fresh.length
    const entry = entrySchema.parse({ id: `${prefix}${n}`, at: at(n), ...body })
    fresh.push(entry)
    return entry
  }
  const done = write({ did: { test, on: vesselFor(test, entries) } })
  const steps = traceOf({ ...(settings ? { case: settings } : {}), entries: [...entries, ...fresh] }).steps.filter((s) => s.entry === done.id)
  for (const { observation } of observationsOf(steps, (step) => simulations.expect(content, step.recipe))) {
    const written = writes ? writes(observation) : observation
    if (written) write({ saw: written })
  }
  return fresh
}

export interface Followed {
  readonly entries: readonly Entry[]
  readonly tests: readonly string[]
  readonly reasoning: Reasoning
}

/** Times that a mixture is thought through at most before it is left. */
const THOUGHT_THROUGH = 3

/**
 * Before a mixture is left it is thought through once more, and again as long as that comes to something else: a minute or so each time where it is hard to explain.
 * @param from the parts it was taken to hold; also what to go on from, where no line of it was read here yet
 * @param isLeft whether nothing is worth doing after that either
 */
export function thoughtThrough(
  session: ReasoningSession,
  notebook: Pick<Notebook, 'case' | 'entries'>,
  from: Hypothesis['parts'],
  isLeft: (reasoning: Reasoning) => boolean = (reasoning) => adviseFrom(reasoning, notebook).complete,
): Reasoning {
  let before = from
  for (let n = 1; ; n++) {
    const reasoning = session.reason(notebook, { deep: THOROUGH, from: before })
    const now = reasoning.hypotheses[0]?.parts
    if (!isLeft(reasoning) || n === THOUGHT_THROUGH || isSame(before, now)) return reasoning
    before = now
  }
}
const isSame = (a: Hypothesis['parts'], b: Hypothesis['parts']): boolean =>
  a?.size === b?.size && [...(a ?? [])].every(([part, amount]) => b?.get(part) === amount)

/**
 * Does the first test advised, and the next, until nothing more is worth doing or `most` tests are done.
 * @param watch told of every deduction on the way
 * @param begun what was done and written before
 */
export function followAdvice(
  settings: Notebook['case'],
  worker: Worker,
  most = 40,
  watch?: (reasoning: Reasoning) => void,
  begun: readonly Entry[] = [],
): Followed {
  let entries = [...begun]
  for (;;) {
    let reasoning = worker.session.reason(
      { case: settings, entries },
      { hypotheses: worker.among, ...(settings.kind === 'organic' ? { deep: THROUGH_ALL } : {}) },
    )
    watch?.(reasoning)
    const { tests } = reasoning.trace
    const nextFrom = (): Proposal | undefined => (tests.length < most ? adviseFrom(reasoning, { case: settings, entries }).next[0] : undefined)
    let next = nextFrom()
    if (!next && settings.kind === 'mixture') {
      const isLeft = (now: Reasoning): boolean => {
        reasoning = now
        watch?.(now)
        return !(next = nextFrom())
      }
      thoughtThrough(worker.session, { case: settings, entries }, reasoning.hypotheses[0]?.parts, isLeft)
    }
    if (!next) return { entries, tests, reasoning }
    entries = [...entries, ...doTest(entries, next.test, { ...worker, settings }, 'e', () => '')]
  }
}
