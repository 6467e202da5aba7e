import { FORMED_SALTS, findSalt } from '../../../species'
import { groupsOf, type Group } from '../../observation/tests-written'
import type { Trace } from '../../observation/trace'
import { ionsOf, type Hypothesis, type Simulations } from '../../simulation/simulations'
import { shareOfFormed, singleSalts } from '../beforehand'
import type { Weighing } from '../standings'
import { asWeighing, logsOf, sumOver, type Column } from './columns'
import { spokenOf, type Reach } from './reach'
import { staysDissolved } from './solubility'

/** How often a jar of one salt holds one that is not among those of the bench. */
const UNLISTED = 0.2
const LISTED: readonly Hypothesis[] = singleSalts().map((h) => ({ ...h, prior: h.prior * (1 - UNLISTED) }))
const ALL_FORMED = FORMED_SALTS.reduce((sum, salt) => sum + shareOfFormed(salt), 0)
const FORMED: readonly Hypothesis[] = FORMED_SALTS.map((salt) => ({
  content: salt,
  ions: ionsOf(salt),
  prior: (UNLISTED * shareOfFormed(salt)) / ALL_FORMED,
  formed: true,
}))

/** As strong as what one makes of a solid with water, mol/L. */
const IN_WATER_molar = 0.1
/** Salts that go into water whole, by id, as far as their solubility products tell. */
const GOES_INTO_WATER: ReadonlySet<string> = new Set(
  [...LISTED, ...FORMED].flatMap(({ content: { id } }) => (staysDissolved(findSalt(id)?.data.ions ?? {}, IN_WATER_molar) ? [id] : [])),
)
const goesIntoWater = ({ content }: Hypothesis): boolean => GOES_INTO_WATER.has(content.id)

/** Salts of no list that are worked out in one question, at most; others stand as their ions stand in the salts of the list. */
const MOST_WORKED = 10
/** One less likely than this is not worked out. */
const WORTH_WORKING = 0.01
/** One this much less likely than the best is left out (natural logarithm). */
const LEFT_OUT = 14

/**
 * Weighs a solid of one salt: every bench salt, and every other that two ions form. What one that is not listed would show is first taken from salts that share an ion with it, test by test from the ion that the test speaks of;
 * those that come near are then worked out.
 */
export function weighSolids(trace: Trace, simulations: Simulations, reach: Reach): Weighing {
  const groups = groupsOf(trace)
  const listed: Column[] = LISTED.map((hypothesis) => ({ hypothesis, logs: logsOf(hypothesis, trace, simulations, 'amounts') }))
  const alike = new Alike(trace, groups, listed, reach)
  const formed = new Map(FORMED.map((hypothesis) => [hypothesis.content.id, { hypothesis, logs: alike.logsOf(hypothesis) }]))
  const worked = new Set<string>()
  for (;;) {
    const weighing = asWeighing(trace, groups, [...listed, ...formed.values()], simulations, reach, listed.length)
    const next = likely(weighing, worked)
    if (next.length === 0 || worked.size >= MOST_WORKED) return kept(weighing, worked)
    for (const hypothesis of next.slice(0, MOST_WORKED - worked.size)) {
      const { content } = hypothesis
      worked.add(content.id)
      formed.set(content.id, { hypothesis, logs: logsOf(hypothesis, trace, simulations, 'amounts') })
    }
  }
}

/** Salts of no list that are likely as they stand and not worked out yet, the likeliest first. */
function likely({ hypotheses, total }: Weighing, worked: ReadonlySet<string>): Hypothesis[] {
  const top = Math.max(...total)
  const mass = total.reduce((sum, log) => sum + Math.exp(log - top), 0)
  const share = (h: number): number => Math.exp((total[h] as number) - top) / mass
  return hypotheses
    .map((hypothesis, h) => ({ hypothesis, share: share(h) }))
    .filter(({ hypothesis, share }) => hypothesis.formed && share > WORTH_WORKING && !worked.has(hypothesis.content.id))
    .sort((a, b) => b.share - a.share)
    .map(({ hypothesis }) => hypothesis)
}

/** Without what came nowhere near; of what was not worked out it is said so. */
function kept(weighing: Weighing, worked: ReadonlySet<string>): Weighing {
  const { hypotheses, total, table, alone = table } = weighing
  const top = Math.max(...total)
  const places = [...hypotheses.keys()].filter((h) => !hypotheses[h]?.formed || (total[h] as number) > top - LEFT_OUT)
  const pick = (row: Float64Array): Float64Array => Float64Array.from(places, (h) => row[h] as number)
  return {
    ...weighing,
    hypotheses: places.flatMap((h) => {
      const hypothesis = hypotheses[h]
      return hypothesis ? [hypothesis.formed && !worked.has(hypothesis.content.id) ? { ...hypothesis, unworked: true } : hypothesis] : []
    }),
    table: table.map(pick),
    alone: alone.map(pick),
    total: pick(total),
  }
}

/** What salts of no list would make of each test, taken from listed salts. */
class Alike {
  private readonly tests: readonly { readonly group: Group; readonly spoken: ReadonlySet<string> | null; readonly best: Map<string, Column | null> }[]

  constructor(
    private readonly trace: Trace,
    groups: readonly Group[],
    private readonly listed: readonly Column[],
    reach: Reach,
  ) {
    this.tests = groups.map((group) => ({ group, spoken: spokenOf(group, reach), best: new Map<string, Column | null>() }))
  }

  /** Test by test of those with the ions that the test speaks of, and no others that it does, the best; of salts it does not speak of where none. Where nobody knows what it speaks of, halfway between the salts of its ions. */
  logsOf(hypothesis: Hypothesis): Float64Array {
    const { ions } = hypothesis
    const dissolves = goesIntoWater(hypothesis)
    const logs = new Float64Array(this.trace.observations.length)
    this.tests.forEach(({ group, spoken }, g) => {
      const own = [...ions].filter((ion) => spoken?.has(ion) ?? true)
      const among = spoken ? [this.like(g, own, dissolves)] : own.map((ion) => this.like(g, [ion], dissolves))
      const found = among.filter((column) => column !== null)
      for (const place of group.places)
        logs[place] = found.length > 0 ? found.reduce((sum, column) => sum + (column.logs[place] as number), 0) / found.length : UNLIKE_ANY
    })
    return logs
  }

  /** What goes into water, or stays out of it, is like others that do the same, where there are any. */
  private like = (g: number, own: readonly string[], dissolves: boolean): Column | null => this.best(g, own, dissolves) ?? this.best(g, own)

  private best(g: number, own: readonly string[], dissolves?: boolean): Column | null {
    const test = this.tests[g]
    if (!test) return null
    const { group, spoken, best } = test
    const key = `${own.join()} ${dissolves ?? 'either'}`
    let known = best.get(key)
    if (known === undefined) {
      known = null
      for (const column of this.listed) {
        if (dissolves !== undefined && goesIntoWater(column.hypothesis) !== dissolves) continue
        const theirs = [...column.hypothesis.ions].filter((ion) => spoken?.has(ion) ?? true)
        const isLike = spoken
          ? theirs.length > 0 === own.length > 0 && theirs.every((ion) => own.includes(ion))
          : own.every((ion) => theirs.includes(ion))
        if (isLike && (!known || sumOver(column.logs, group) > sumOver(known.logs, group))) known = column
      }
      best.set(key, known)
    }
    return known
  }
}
/** What nothing of the list is like tells an observation as chance does, about (natural logarithm). */
const UNLIKE_ANY = Math.log(0.1)
