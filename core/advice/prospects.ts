import { inWords } from '../messages'
import { forecastOf } from './forecast'
import type { Test } from '../catalogue'
import type { Reasoning } from '../deduction'

/** Hypotheses that together hold less than this, of all that are foretold, are left out of the ranking. */
const TAIL = 1e-4

/** A hypothesis by its place, with the probability it speaks for. */
export interface Live {
  readonly h: number
  readonly mass: number
}

/** The outcomes of a test among the live hypotheses, with what each holds of their probability and the likeliest of its salts. */
export interface Prospect {
  readonly outcome: number
  readonly mass: number
  readonly formula: string
}

export function live(reasoning: Pick<Reasoning, 'hypotheses' | 'posterior'>): Live[] {
  const spoken = [...spokenFor(reasoning)].sort(([, a], [, b]) => b - a)
  // What is not foretold has part of the probability too.
  const enough = (1 - TAIL) * spoken.reduce((sum, [, mass]) => sum + mass, 0)
  let held = 0
  return spoken
    .filter(([, mass]) => {
      const before = held
      held += mass
      return before < enough
    })
    .map(([h, mass]) => ({ h, mass }))
}

/** Sets of groups, of molecules put together, whose tests are foretold: no percepts of those were worked out ahead. So many of the likeliest; and then those with a group that none of the others has, or all have but they. */
const FORETOLD = 8
const FORETOLD_FOR_A_GROUP = 10
/** A set less likely than this speaks for no group. */
const WORTH_FORETELLING = 0.002
/** Solutes of a solution whose tests are foretold: each is worked out for it. */
const SOLUTES_FORETOLD = 10
/** Of a solution of one salt: the likeliest strength of each solute, which speaks for all, as far as they are foretold. */
function solutesOf(hypotheses: Reasoning['hypotheses'], posterior: Float64Array): ReadonlyMap<number, number> {
  const solutes = new Map<string, { first: number; mass: number }>()
  hypotheses.forEach(({ content: { id, label = id } }, h) => {
    const p = posterior[h] as number
    const known = solutes.get(label)
    if (!known) solutes.set(label, { first: h, mass: p })
    else {
      known.mass += p
      if (p > (posterior[known.first] as number)) known.first = h
    }
  })
  const likely = [...solutes.values()].sort((a, b) => b.mass - a.mass).slice(0, SOLUTES_FORETOLD)
  const held = likely.reduce((sum, { mass }) => sum + mass, 0)
  return new Map(likely.map(({ first, mass }) => [first, mass / held]))
}

/**
 * Hypotheses, by place, whose tests are foretold, with the probability that each speaks for: its own, and of a molecule put together of groups that of all with the same, of whom the likeliest speaks.
 */
export function spokenFor({ hypotheses, posterior }: Pick<Reasoning, 'hypotheses' | 'posterior'>): ReadonlyMap<number, number> {
  if (hypotheses.some(({ amount }) => amount !== undefined)) return solutesOf(hypotheses, posterior)
  const spoken = new Map<number, number>()
  const alike = new Map<string, number[]>()
  hypotheses.forEach(({ byGroups, ions, unworked }, h) => {
    if (unworked) return
    if (!byGroups) return void spoken.set(h, posterior[h] as number)
    const key = [...ions].sort().join()
    alike.set(key, [...(alike.get(key) ?? []), h])
  })
  const likeliest = (a: number, b: number): number => (posterior[b] as number) - (posterior[a] as number)
  const sets = [...alike.values()]
    .map((members) => ({
      first: members.sort(likeliest)[0] as number,
      mass: members.reduce((sum, h) => sum + (posterior[h] as number), 0),
    }))
    .sort((a, b) => b.mass - a.mass)
  const groupsOf = (h: number): ReadonlySet<string> => hypotheses[h]?.ions ?? new Set()
  const likely = sets.slice(0, FORETOLD)
  const met = new Set(likely.flatMap(({ first }) => [...groupsOf(first)]))
  const had = new Set([...met].filter((group) => likely.every(({ first }) => groupsOf(first).has(group))))
  let further = 0
  for (const { first, mass } of sets.slice(FORETOLD)) {
    if (mass < WORTH_FORETELLING || further === FORETOLD_FOR_A_GROUP) break
    const fresh = [...groupsOf(first)].filter((group) => !met.has(group))
    const lacking = [...had].filter((group) => !groupsOf(first).has(group))
    if (fresh.length + lacking.length === 0) continue
    for (const group of fresh) met.add(group)
    for (const group of lacking) had.delete(group)
    likely.push({ first, mass })
    further++
  }
  for (const { first, mass } of likely) spoken.set(first, mass)
  return spoken
}

export function prospectsOf(test: Test, { hypotheses, simulations }: Reasoning, among: readonly Live[]): Prospect[] {
  const forecast = forecastOf(test, simulations)
  // Of what is known by its elements alone, no other test can be foretold.
  const tellsElements = test.stage === 'elements' || test.id === 'beilstein'
  const prospects = new Map<number, { outcome: number; mass: number; formula: string }>()
  for (const { h, mass } of among) {
    const hypothesis = hypotheses[h]
    if (!hypothesis || (hypothesis.elementsOnly && !tellsElements)) continue
    const { content } = hypothesis
    const outcome = forecast.outcomeOf(content)
    // What cannot be done with it, or shows nothing that is written, tells it from nothing.
    if (!forecast.saysAnything(outcome)) continue
    const known = prospects.get(outcome)
    if (known) known.mass += mass
    else prospects.set(outcome, { outcome, mass, formula: content.label ?? content.id })
  }
  return [...prospects.values()]
}

/** In words: which salts part company, the two likeliest that differ. */
export function tells(prospects: readonly Prospect[]): string {
  const [first, second] = [...prospects].sort((a, b) => b.mass - a.mass)
  return first && second ? inWords('advice.tells', { one: first.formula, other: second.formula, more: prospects.length - 2 }) : ''
}

/** The model may be off: what it holds improbable is looked into as if it were somewhat less so. */
const WARY = 0.7
export function tempered(posterior: Float64Array): Float64Array {
  const raised = posterior.map((p) => p ** WARY)
  const sum = raised.reduce((a, b) => a + b, 0)
  return raised.map((p) => p / sum)
}
