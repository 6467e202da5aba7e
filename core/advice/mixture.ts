import { inWords } from '../messages'
import { TESTS, type Test } from '../catalogue'
import { groupsOf, PARTS, attributedSteps, type Hypothesis, type Reasoning } from '../deduction'
import type { Notebook, Observation } from '../notebook'
import { FULL_SEPARATION_THIOACETAMIDE, schemeById, sourceOf, testsOfScheme, testsToDo, type SchemeTest } from '../schemes'
import { expectedBits } from './bits'
import { forecastOf } from './forecast'
import { tempered } from './prospects'

/** A test worth doing on a mixture. */
export interface Worth {
  readonly test: Test
  readonly bits: number
  readonly because: string
}

/** An ion nearer to certain than this is settled. */
const SETTLED = 0.001
/** Before the sample is taken apart, portions are tried that tell at least so much, bits; afterwards those that still tell anything. */
const FIRST = 0.12
const LAST = 0.03
/** Of the ions a test speaks of, those least settled are looked at; more cost more than they tell. */
const LOOKED_AT = 6

/** Portions of the solution, in the order they are tried: what interferes first. */
const FIRST_OF_ALL = [
  'litmus',
  'flame-on-wire',
  'flame-through-cobalt-glass',
  'flame-through-spectroscope',
  'silver-nitrate',
  'barium-nitrate',
  'dilute-sulfuric-acid',
]
const onSolution = (test: Test): boolean => test.on.includes('solution')
const PORTIONS: readonly Test[] = [
  ...FIRST_OF_ALL.flatMap((id) => TESTS.find((t) => t.id === id) ?? []),
  ...TESTS.filter((t) => onSolution(t) && t.stage === 'anion tests' && !FIRST_OF_ALL.includes(t.id)),
]
/** Of a solid, what is done before anything is dissolved, and how that is done: these come first. */
const OF_SOLID: readonly Test[] = ['appearance', 'solubility-in-water', 'dilute-acid-on-solid'].flatMap((id) => TESTS.find((t) => t.id === id) ?? [])
/** What fire does to it, where that tells much. */
const IN_FIRE: readonly Test[] = ['heat-gently', 'heat-strongly', 'heat-gas-into-lime-water'].flatMap((id) => TESTS.find((t) => t.id === id) ?? [])
const PROOFS: readonly Test[] = TESTS.filter((t) => onSolution(t) && t.stage === 'confirmation')

/** What was written of each test. */
function toldBy({ trace }: Reasoning): (test: string) => readonly Observation[] {
  const told = new Map<string, Observation[]>()
  for (const { observations } of groupsOf(trace))
    for (const traced of observations) {
      const test = attributedSteps(traced)[0]?.test
      if (test) told.set(test, [...(told.get(test) ?? []), traced.observation])
    }
  return (test) => told.get(test) ?? []
}

/**
 * What is worth doing next on a mixture: portions that tell much, then the school's separation as far as it bears on what is open, then whatever portion still tells something.
 * @param allowed whether a test may be done here at all
 * @param how.most so many tests are proposed
 * @param how.within steps, about, after which no more portions are foreseen
 */
export function worthDoing(
  reasoning: Reasoning,
  settings: Notebook['case'],
  allowed: (test: Test) => boolean,
  { most = 3, within = Infinity }: { readonly most?: number; readonly within?: number | undefined } = {},
): { readonly found: readonly Worth[]; readonly isWhole: boolean } {
  const done = new Set(reasoning.trace.steps.flatMap((s) => s.test ?? []))
  const outlook = new Outlook(reasoning)
  // Before the sample is left the rest is looked into as if it were less settled: an ion's odds are those of what was fitted to it, which is not everything.
  const wary = new Outlook(reasoning, (p) => tempered(Float64Array.of(p, 1 - p))[0] ?? p)
  const found: Worth[] = []
  const end = reasoning.simulations.effort + within
  let isWhole = true
  const tryOut = (tests: readonly Test[], least: number, by = outlook): void => {
    for (const test of tests) {
      if (found.length >= most) return
      if (reasoning.simulations.effort > end) {
        isWhole = false
        return
      }
      if (done.has(test.id) || found.some((f) => f.test === test) || !allowed(test)) continue
      const bits = by.bitsOf(test, least)
      if (bits >= least) found.push({ test, bits, because: by.tells(test) })
    }
  }
  if (reasoning.simulations.sample_mL === undefined) {
    for (const test of OF_SOLID)
      if (!done.has(test.id) && allowed(test)) found.push({ test, bits: outlook.bitsOf(test), because: outlook.tells(test) })
    tryOut(IN_FIRE, FIRST)
  }
  tryOut(PORTIONS, FIRST)
  const scheme = schemeById.get(settings.school.scheme ?? '') ?? FULL_SEPARATION_THIOACETAMIDE
  const all = testsOfScheme(scheme)
  const left = goingOn(all, testsToDo(scheme, { done: (test) => done.has(test), told: toldBy(reasoning) }), done)
  // The proof of what is claimed may hang on what is not separated yet: as far as there the sample is taken apart.
  const unproven = all.findLastIndex((test) => !done.has(test.id) && !left.includes(test) && outlook.claimedBy(test).length > 0)
  const bears = (test: SchemeTest): boolean =>
    outlook.openOf(test).length > 0 || outlook.claimedBy(test).length > 0 || isOfGroupThere(test) || (prepares(test) && all.indexOf(test) < unproven)
  const last = left.findLastIndex(bears)
  // What a separation would fill that is not to be done here stays empty, and so does all that is filled from there.
  const empty = new Set<string>()
  for (const test of left.slice(0, last + 1)) {
    if (found.length >= most) break
    if (!bears(test) && !prepares(test)) continue
    const { on, liquid = on } = test.separation
    if (!empty.has(sourceOf(test)) && allowed(test)) found.push({ test, bits: 0, because: outlook.tells(test) })
    else if (prepares(test)) empty.add(on).add(liquid)
  }
  tryOut(PORTIONS, LAST, wary)
  tryOut(PROOFS, LAST, wary)
  return { found, isWhole }
}

/** What is left of a scheme, from where the work stands; what was passed over comes after it. */
function goingOn(all: readonly SchemeTest[], left: readonly SchemeTest[], done: ReadonlySet<string>): readonly SchemeTest[] {
  const last = all.findLastIndex((test) => done.has(test.id))
  const isAhead = (test: SchemeTest): boolean => all.indexOf(test) > last
  return [...left.filter(isAhead), ...left.filter((test) => !isAhead(test))]
}

/** A group that came down is gone through to its end: none of its ions is left out on what other tests say of it. */
const isOfGroupThere = ({ proof, separation }: SchemeTest): boolean => proof !== undefined && separation.when !== undefined

/** A separation is done for what comes after it, a proof for itself. */
const prepares = (test: SchemeTest): boolean => test.proof === undefined

/** What is open of an ion, bits. */
const entropy = (p: number): number => -p * Math.log2(p) - (1 - p) * Math.log2(1 - p)

/** The ions still open, and what tests would tell of them. */
class Outlook {
  private readonly open: readonly { readonly ion: string; readonly p: number; readonly other: Hypothesis }[]
  private readonly best: Hypothesis | undefined

  /** @param taken what an ion's probability is taken to be */
  constructor(
    private readonly reasoning: Reasoning,
    taken: (p: number) => number = (p) => p,
  ) {
    const [best] = reasoning.hypotheses
    this.best = best
    // What is likeliest of those that differ in it stands for the other answer.
    const rivals = [...reasoning.hypotheses.entries()].slice(1).sort(([a], [b]) => (reasoning.posterior[b] ?? 0) - (reasoning.posterior[a] ?? 0))
    this.open = PARTS.flatMap((ion) => {
      const known = reasoning.each?.get(ion)
      const p = known === undefined ? undefined : taken(known)
      const other = rivals.find(([, r]) => r.ions.has(ion) !== best?.ions.has(ion))?.[1]
      return p !== undefined && p > SETTLED && p < 1 - SETTLED && other ? [{ ion, p, other }] : []
    })
  }

  /** Open ions that a test speaks of, the least settled first. */
  openOf(test: Test): readonly string[] {
    return this.about(test).map(({ ion }) => ion)
  }
  private about(test: Test) {
    const speaks = this.reasoning.sensitivities?.[test.id]
    return this.open.filter(({ ion }) => !speaks || speaks.includes(ion)).sort((a, b) => Math.abs(a.p - 0.5) - Math.abs(b.p - 0.5))
  }

  /** Ions taken to be there that a test would prove: none is claimed on what other tests leave over for it. */
  claimedBy({ proof }: SchemeTest): readonly string[] {
    return proof?.ions.filter((ion) => this.best?.ions.has(ion)) ?? []
  }

  /**
   * Expected information about the ions a test speaks of, each by itself with all others as they most likely are, bits.
   * @param least where it comes to less than this, it is not worked out to the end
   */
  bitsOf(test: Test, least = 0): number {
    const { best } = this
    if (!best) return 0
    const about = this.about(test).slice(0, LOOKED_AT)
    // No test tells more of an ion than is open of it.
    let open = about.reduce((sum, { p }) => sum + entropy(p), 0)
    let bits = 0
    const forecast = forecastOf(test, this.reasoning.simulations)
    for (const { ion, p, other } of about) {
      if (bits + open < least) break
      open -= entropy(p)
      const [now, changed] = [forecast.outcomeOf(best.content), forecast.outcomeOf(other.content)]
      const stays = best.ions.has(ion) ? p : 1 - p
      if (changed === now) continue
      bits += expectedBits(forecast, [
        { outcome: now, mass: stays },
        { outcome: changed, mass: 1 - stays },
      ])
    }
    return bits
  }

  tells(test: Test | SchemeTest): string {
    const open = this.openOf(test)
    const claimed = 'proof' in test ? this.claimedBy(test) : []
    if (open.length === 0 && claimed.length > 0) return inWords('advice.proves', { because: test.because, ions: claimed.join(', ') })
    const named = open.slice(0, 4).join(', ')
    return named ? inWords('advice.bears-on', { because: test.because, ions: named, more: Math.max(0, open.length - 4) }) : test.because
  }
}
