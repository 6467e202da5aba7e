import type { Evidence, Reasoning, Standing, Status } from '../deduction'
import type { Case } from '../notebook'

/** Of what speaks for an ion, so much is told in a sentence. */
const TOLD = 3
/** Evidence below this weight (log10) proves nothing by itself. */
const TELLING = 0.3
/** From here on the salt itself is named. */
const NAMED_FROM = 0.9

/** How each standing is said: step by step, or plainly, as the class words it. */
const SAID: Readonly<Record<Case['school']['wording'], Readonly<Record<Status, string | null>>>> = {
  graded: { confirmed: 'is confirmed', likely: 'is present', open: 'may be present', unlikely: null, excluded: null, untested: null },
  plain: { confirmed: 'is present', likely: 'is present', open: 'may be present', unlikely: null, excluded: null, untested: null },
}

/**
 * What the record comes to, in sentences: each ion that is there, or may be, with what speaks for it and the rows it stands in; what was excluded, and by which rows; what was not tested.
 * @param rowOf the row an entry stands in, as the reader counts; null for one that stands in none
 */
export function sentencesOf(reasoning: Reasoning, of: Case, rowOf: (entry: string) => number | null): string[] {
  const { standings, formulae } = reasoning
  const said = SAID[of.school.wording]
  const rows = (evidence: readonly Evidence[]): number[] => [...new Set(evidence.flatMap((e) => rowOf(e.entry) ?? []))].sort((a, b) => a - b)
  const cited = (numbers: readonly number[]): string =>
    numbers.length === 0 ? '' : numbers.length === 1 ? ` (row ${String(numbers[0])})` : ` (rows ${numbers.join(', ')})`
  const there = standings
    .filter((s) => said[s.status] !== null)
    .map((s) => {
      const speaks = strongest(s, (weight) => weight >= TELLING)
      const because = speaks.map((e) => e.because.split(': ')[0] ?? '').filter((words, k, all) => all.indexOf(words) === k)
      return `${s.species} ${said[s.status] ?? ''}${because.length > 0 ? `: ${because.join('; ')}` : ', by what was excluded'}${cited(rows(speaks))}.`
    })
  const out = standings.filter((s) => s.status === 'excluded' && s.evidence.length > 0)
  const by = rows(out.flatMap((s) => strongest(s, (weight) => weight <= -TELLING)))
  const untested = standings.filter((s) => s.status === 'untested')
  const [best] = formulae
  return [
    ...(of.kind === 'salt' && best && best.probability >= NAMED_FROM ? [`The record as a whole speaks for ${best.formula}.`] : []),
    ...there,
    ...(out.length > 0 ? [`Excluded${cited(by)}: ${out.map((s) => s.species).join(', ')}.`] : []),
    ...(untested.length > 0 ? [`Not tested: ${untested.map((s) => s.species).join(', ')}.`] : []),
  ]
}

const strongest = ({ evidence }: Standing, telling: (weight: number) => boolean): Evidence[] =>
  evidence
    .filter((e) => telling(e.weight))
    .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight))
    .slice(0, TOLD)
