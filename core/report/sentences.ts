import { inWords, message, type MessageId } from '../messages'
import type { Reasoning, Standing, Status, TraceObservation } from '../deduction'
import { sayObservation, type Case } from '../notebook'
import { everyTest } from '../schemes'

/** Of what speaks for an ion, so much is told in a sentence. */
const TOLD = 3
/** Evidence below this weight (log10) proves nothing by itself. */
const TELLING = 0.3
/** From here on the salt itself is named. */
const NAMED_FROM = 0.9

/** How each standing is said: step by step, or plainly, as the class words it. */
const SAID: Readonly<Record<Case['school']['wording'], Readonly<Record<Status, MessageId | null>>>> = {
  graded: {
    confirmed: 'report.is-confirmed',
    likely: 'report.is-present',
    open: 'report.may-be-present',
    unlikely: null,
    excluded: null,
    untested: null,
  },
  plain: {
    confirmed: 'report.is-present',
    likely: 'report.is-present',
    open: 'report.may-be-present',
    unlikely: null,
    excluded: null,
    untested: null,
  },
}

/** Rows of the notebook as they are cited. */
const cited = (rows: readonly number[]): string => {
  const [first, ...rest] = [...new Set(rows)].sort((a, b) => a - b)
  if (first === undefined) return ''
  const last = rest.at(-1)
  if (last === undefined) return inWords('report.row', { row: first })
  return rest.length === last - first && rest.length > 1
    ? inWords('report.rows-from-to', { first, last })
    : inWords('report.rows', { rows: [first, ...rest].join(', ') })
}

/**
 * What the record comes to, in sentences: each ion that is there, or may be, with the tests that gave a sign of it and the rows they stand in; what was excluded, and by which rows; what was not tested.
 * @param rowOf the row an entry stands in, as the reader counts; null for one that stands in none
 */
export function sentencesOf(reasoning: Reasoning, of: Case, rowOf: (entry: string) => number | null): string[] {
  const { standings, formulae, signs, trace } = reasoning
  const said = SAID[of.school.wording]
  const told = new Map(trace.observations.map((o) => [o.entry, o] as const))
  /** All that was written of a test, look by look. */
  const seenIn = ({ steps }: TraceObservation): string => {
    const looks = new Map<number | undefined, string[]>()
    for (const o of trace.observations)
      if (o.steps[0]?.entry === steps[0]?.entry)
        looks.set(o.observation.step, [...(looks.get(o.observation.step) ?? []), sayObservation(o.observation)])
    return [...looks.values()].map((words) => words.join(', ')).join(inWords('report.then'))
  }
  /** Tests that gave a sign, those first that say most. */
  const signsOf = ({ species, evidence }: Standing): Sign[] => {
    const found = new Map<string, Sign>()
    for (const { entry, weight } of [...evidence].sort((a, b) => b.weight - a.weight)) {
      const traced = told.get(entry)
      const step = traced?.steps[0]
      const test = step?.test ?? step?.entry
      if (!traced || test === undefined || weight < TELLING || found.has(test) || !signs.get(species)?.has(test)) continue
      found.set(test, {
        words: inWords('report.test-gave', { test: everyTest.get(test)?.title ?? message('report.what-was-done'), seen: seenIn(traced) }),
        row: rowOf(entry),
      })
    }
    return [...found.values()].slice(0, TOLD)
  }
  const there = standings
    .filter((s) => said[s.status] !== null)
    .map((s) => {
      const by = signsOf(s).map(({ words, row }) => words + cited(row === null ? [] : [row]))
      const id = said[s.status]
      const without = message(s.status === 'open' ? 'report.nothing-settles-it' : 'report.by-exclusion')
      const why = by.length > 0 ? message('report.by', { signs: by.join('; ') }) : without
      return id === null ? '' : inWords(id, { ion: s.species, why })
    })
  const out = standings.filter((s) => s.status === 'excluded' && s.evidence.length > 0)
  const against = out.flatMap((s) => s.evidence.filter((e) => e.weight <= -TELLING).flatMap((e) => rowOf(e.entry) ?? []))
  const untested = standings.filter((s) => s.status === 'untested')
  const [best] = formulae
  return [
    ...(of.kind === 'salt' && best && best.probability >= NAMED_FROM ? [inWords('report.speaks-for', { formula: best.formula })] : []),
    ...there,
    ...(out.length > 0 ? [inWords('report.excluded', { rows: cited(against), ions: out.map((s) => s.species).join(', ') })] : []),
    ...(untested.length > 0 ? [inWords('report.not-tested', { ions: untested.map((s) => s.species).join(', ') })] : []),
  ]
}

interface Sign {
  readonly words: string
  readonly row: number | null
}
