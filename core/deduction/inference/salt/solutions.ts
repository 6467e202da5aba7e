import { FORMED_SALTS, ionsWith, isListed, parseFormula, SALTS, type Salt } from '../../../species'
import { groupsOf, type Group } from '../../observation/tests-written'
import type { Trace } from '../../observation/trace'
import { ionsOf, type Content, type Hypothesis, type Simulations } from '../../simulation/simulations'
import { isDouble, shareOfFormed, shareOfSalt } from '../beforehand'
import type { Weighing } from '../standings'
import { keeps } from '../mixture/together'
import { asWeighing, logsOf, sumOver, type Column } from './columns'
import { spokenOf, type Reach } from './reach'
import { staysDissolved } from './solubility'

/** Strengths a solution is weighed at, mol/L, and how often it is about so strong; judged: most are made up to 0.1 or 0.2. */
const STRENGTHS = [
  [0.012, 0.15],
  [0.04, 0.25],
  [0.13, 0.45],
  [0.4, 0.15],
] as const
/** Strong acid put to a solution so that it keeps, mol/L, and how often. */
const ACID_molar = 0.3
const ACIDIFIED = 0.2
/** The same of what comes down in water by itself, as tin, antimony and bismuth do. */
const KEPT_BY_ACID: ReadonlySet<string> = new Set(ionsWith('held-by-chloride'))
const ACIDIFIED_TO_KEEP = 0.8
/** Anions whose acid that may be. */
const STRONG_ACIDS: ReadonlySet<string> = new Set(['Cl^-', 'NO3^-', 'SO4^2-'])
/** How often a solution of one salt holds one that is not among those of the bench. */
const UNLISTED = 0.2

/** What a solution of one salt may be of, whatever its water: the formula without it, and its ions. */
interface Solute {
  readonly formula: string
  readonly ions: Readonly<Record<string, number>>
  readonly held: ReadonlySet<string>
  readonly isListed: boolean
  /** How often it is dissolved to be found, beside the usual. */
  readonly often: number
}
/** How much less often a salt of two cations is. */
const DOUBLE_SHARE = 0.1
const soluteOf = (salt: Salt): Solute => ({
  formula: salt.id.replace(/[.·]\d*H2O$/, ''),
  ions: salt.data.ions,
  held: ionsOf(salt),
  isListed: isListed(salt),
  often: (isListed(salt) ? shareOfSalt(salt) : shareOfFormed(salt)) * (isDouble(ionsOf(salt)) ? DOUBLE_SHARE : 1),
})
/** Hydrates and the salt without water are one solute: as usual as the most usual of them. */
const SOLUTES: readonly Solute[] = [
  ...[...SALTS, ...FORMED_SALTS]
    .map(soluteOf)
    .reduce((known, solute) => {
      const key = JSON.stringify(Object.entries(solute.ions).sort())
      return (known.get(key)?.often ?? 0) < solute.often ? known.set(key, solute) : known
    }, new Map<string, Solute>())
    .values(),
].filter(({ ions }) => Object.values(ions).every((n) => n > 0) && staysDissolved(ions, STRENGTHS[0][0]))

const NOT_SEEN = { anion: 'ClO4^-', cation: 'N(CH3)4^+' } as const
const chargeOf = (ion: string): number => parseFormula(ion).charge

/** Some ions dissolved, mol/L, what charge is wanting made up by an ion that shows nothing, with acid or without. */
function dissolved(id: string, ions: Readonly<Record<string, number>>, molar: number, acid: string | null, mL: number, label?: string): Content {
  const sum: Record<string, number> = {}
  const put = (ion: string, n: number): void => void (sum[ion] = (sum[ion] ?? 0) + n)
  for (const [ion, n] of Object.entries(ions)) put(ion, n * molar)
  if (acid !== null) {
    put('H^+', ACID_molar)
    put(acid, ACID_molar / -chargeOf(acid))
  }
  const charge = Object.entries(sum).reduce((all, [ion, n]) => all + n * chargeOf(ion), 0)
  if (Math.abs(charge) > 1e-9) put(charge > 0 ? NOT_SEEN.anion : NOT_SEEN.cation, Math.abs(charge))
  return {
    id: `${id} ${molar} mol/L${acid === null ? '' : `, acid`}`,
    ...(label === undefined ? {} : { label }),
    jar: { solution: { ions: sum, mL } },
  }
}

interface Dilution {
  readonly solute: Solute
  readonly molar: number
  readonly acid: string | null
  readonly prior: number
}
const sumOfShares = (solutes: readonly Solute[]): number => solutes.reduce((sum, solute) => sum + solute.often, 0)
const [ALL_LISTED, ALL_OTHERS] = [sumOfShares(SOLUTES.filter((s) => s.isListed)), sumOfShares(SOLUTES.filter((s) => !s.isListed))]
const acidOf = ({ held }: Solute): string | undefined => [...held].find((ion) => STRONG_ACIDS.has(ion))
const DILUTIONS: readonly Dilution[] = SOLUTES.flatMap((solute) => {
  const share = solute.often * (solute.isListed ? (1 - UNLISTED) / ALL_LISTED : UNLISTED / ALL_OTHERS)
  const acid = acidOf(solute)
  const acidified = [...solute.held].some((ion) => KEPT_BY_ACID.has(ion)) ? ACIDIFIED_TO_KEEP : ACIDIFIED
  return STRENGTHS.flatMap(([molar, often]): Dilution[] => [
    { solute, molar, acid: null, prior: share * often * (acid ? 1 - acidified : 1) },
    ...(acid ? [{ solute, molar, acid, prior: share * often * acidified }] : []),
  ])
})

/** Dilutions that are worked out in one question, at most; so many at a time, and so many of one solute at first. */
const MOST_WORKED = 48
const AT_A_TIME = 8
const FIRST_WORKED = 20
const FIRST_OF_A_SOLUTE = 2
const WORTH_WORKING = 0.004
/** How often somebody gives out a solution in which something comes down, leaves or is oxidised, beside others. */
const NOT_KEEPING = 0.02
/** What is this much less likely than the best is left out, but for one strength of each solute (natural logarithm). */
const LEFT_OUT = 12
/** Strengths each ion is tried at by itself, mol/L, and where the one gives way to the other. */
const TRIED = [0.04, 0.4] as const
const MIDWAY = 0.1

/**
 * Weighs a solution of one salt, nobody knows how strong. Each ion is worked out by itself first, in the tests that speak of it; a salt shows what its ion shows that the test speaks of. Those that come near by that are worked out as they are, and then what
 * comes near beside them.
 */
export function weighSolutions(trace: Trace, simulations: Simulations, mL: number, reach: Reach): Weighing {
  const groups = groupsOf(trace)
  const byIons = new ByIons(trace, groups, simulations, mL, reach)
  const columns = new Map<string, Column>()
  for (const dilution of DILUTIONS) {
    const { solute, molar, acid, prior } = dilution
    const content = contentOf(dilution, mL)
    const amount = `${molar}${acid === null ? '' : ' acid'}`
    columns.set(content.id, {
      hypothesis: { content, ions: solute.held, prior, amount, unworked: true, ...(solute.isListed ? {} : { formed: true }) },
      logs: byIons.logsOf(dilution),
    })
  }
  const weighed = (): Weighing => asWeighing(trace, groups, [...columns.values()], simulations, reach)
  const work = (taken: Hypothesis): void => {
    const { content, prior } = taken
    const hypothesis: Hypothesis = { ...taken, unworked: false, prior: prior * (keeps(content) ? 1 : NOT_KEEPING) }
    columns.set(content.id, { hypothesis, logs: logsOf(hypothesis, trace, simulations, 'nearly') })
  }
  if (trace.observations.length > 0) {
    // Taken from its ions a salt is told worse than it is: it is compared with others told so.
    for (const hypothesis of foremost(weighed())) work(hypothesis)
    for (let done = FIRST_WORKED; done < MOST_WORKED;) {
      const now = weighed()
      const next = [...new Set([...likely(now).slice(0, AT_A_TIME), ...beside(now)])]
      if (next.length === 0) break
      for (const hypothesis of next) work(hypothesis)
      done += next.length
    }
  }
  return kept(weighed())
}

/** The likeliest as they are taken from their ions, a few strengths of each solute. */
function foremost({ hypotheses, total }: Weighing): Hypothesis[] {
  const chosen = new Map<string, number>()
  return [...hypotheses.entries()]
    .sort(([a], [b]) => (total[b] as number) - (total[a] as number))
    .filter(
      ([
        ,
        {
          content: { label = '' },
        },
      ]) => {
        const before = chosen.get(label) ?? 0
        chosen.set(label, before + 1)
        return before < FIRST_OF_A_SOLUTE
      },
    )
    .slice(0, FIRST_WORKED)
    .map(([, hypothesis]) => hypothesis)
}

const contentOf = ({ solute, molar, acid }: Dilution, mL: number): Content => dissolved(solute.formula, solute.ions, molar, acid, mL, solute.formula)

/** What is likely and not worked out yet, the likeliest first. */
function likely({ hypotheses, total }: Weighing): Hypothesis[] {
  const top = Math.max(...total)
  const mass = total.reduce((sum, log) => sum + Math.exp(log - top), 0)
  return [...hypotheses.entries()]
    .map(([h, hypothesis]) => ({ hypothesis, share: Math.exp((total[h] as number) - top) / mass }))
    .filter(({ hypothesis, share }) => share > WORTH_WORKING && hypothesis.unworked)
    .sort((a, b) => b.share - a.share)
    .map(({ hypothesis }) => hypothesis)
}

/** Solutes of which every strength is worked out: the likeliest of those that were, at one. */
const AT_EVERY_STRENGTH = 3
function beside({ hypotheses, total }: Weighing): Hypothesis[] {
  const labels = new Set(
    [...hypotheses.entries()]
      .filter(([, { unworked }]) => !unworked)
      .sort(([a], [b]) => (total[b] as number) - (total[a] as number))
      .map(([, { content }]) => content.label),
  )
  const nearest = [...labels].slice(0, AT_EVERY_STRENGTH)
  return hypotheses.filter(({ unworked, content }) => unworked && nearest.includes(content.label))
}

/** What is likely at all, and of every solute the strength at which it is likeliest, so that every ion has a standing. */
function kept(weighing: Weighing): Weighing {
  const { hypotheses, total, table, alone = table } = weighing
  const top = Math.max(...total)
  const best = new Map<string, number>()
  hypotheses.forEach(({ content: { label = '' } }, h) => {
    const known = best.get(label)
    if (known === undefined || (total[h] as number) > (total[known] as number)) best.set(label, h)
  })
  const firsts = new Set(best.values())
  const places = [...hypotheses.keys()].filter((h) => firsts.has(h) || (total[h] as number) > top - LEFT_OUT)
  const pick = (row: Float64Array): Float64Array => Float64Array.from(places, (h) => row[h] as number)
  return {
    ...weighing,
    hypotheses: places.flatMap((h) => hypotheses[h] ?? []),
    table: table.map(pick),
    alone: alone.map(pick),
    total: pick(total),
  }
}

/** Ions by themselves, in the tests that speak of them. */
class ByIons {
  private readonly spoken: readonly (ReadonlySet<string> | null)[]
  private readonly rows = new Map<string, Float64Array>()

  constructor(
    private readonly trace: Trace,
    private readonly groups: readonly Group[],
    private readonly simulations: Simulations,
    private readonly mL: number,
    reach: Reach,
  ) {
    this.spoken = groups.map((group) => spokenOf(group, reach))
  }

  /** What a solution would make of every observation: of each test the best of what its ions show by themselves, of those that the test speaks of; water where it speaks of none. */
  logsOf({ solute: { held }, molar, acid }: Dilution): Float64Array {
    const logs = new Float64Array(this.trace.observations.length)
    const tried = molar < MIDWAY ? TRIED[0] : TRIED[1]
    this.groups.forEach((group, g) => {
      const speaking = [...held].filter((ion) => this.spoken[g]?.has(ion) ?? true)
      const rows = speaking.length > 0 ? speaking.map((ion) => this.row(g, ion, tried, acid !== null)) : [this.row(g, null, tried, acid !== null)]
      const best = rows.reduce((a, b) => (sumOver(b, group) > sumOver(a, group) ? b : a))
      for (const place of group.places) logs[place] = best[place] as number
    })
    return logs
  }

  /** What one ion, or water, shows in a test, by place in the trace. */
  private row(g: number, ion: string | null, molar: number, isAcid: boolean): Float64Array {
    const key = `${g} ${ion ?? ''} ${molar} ${isAcid}`
    const known = this.rows.get(key)
    if (known) return known
    const content = dissolved(ion ?? 'water', ion === null ? {} : { [ion]: 1 }, molar, isAcid ? NOT_SEEN.anion : null, this.mL)
    const { places = [] } = this.groups[g] ?? {}
    const observations = places.flatMap((place) => this.trace.observations[place] ?? [])
    const own = logsOf({ content, ions: new Set(), prior: 1 }, { ...this.trace, observations }, this.simulations, 'nearly')
    const row = new Float64Array(this.trace.observations.length)
    places.forEach((place, k) => void (row[place] = own[k] as number))
    this.rows.set(key, row)
    return row
  }
}
