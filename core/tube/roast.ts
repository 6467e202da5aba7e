import { DRY_REACTIONS, isGas, type DryReaction, type DrySign } from '../reactions'
import { dryPhase } from '../species'

/** Temperatures a solid reaches in a hard-glass tube, °C: at the tip of a small flame, and red hot. */
export const GENTLE_C = 300
export const STRONG_C = 900
export type Heating = 'gently' | 'strongly'

/** A gas given off at some temperature, mol. */
export interface Evolved {
  readonly gas: string
  readonly mol: number
  readonly at_C: number
}

/** What one stage of heating did. */
export interface RoastStage {
  readonly stage: Heating
  readonly reactions: readonly DryReaction[]
  readonly evolved: readonly Evolved[]
  /** mol by phase, gone to the cold part of the tube. */
  readonly sublimed: ReadonlyMap<string, number>
  readonly signs: ReadonlySet<DrySign>
  /** What the hot tube holds at its end. */
  readonly holds: ReadonlyMap<string, number>
}

/** Less than this is nothing, mol. */
const LEAST = 1e-10
const MOST_STEPS = 120

type Event = { readonly at: number } & ({ readonly reaction: DryReaction } | { readonly sublimes: string })

/** The next thing to happen up to a temperature: the reaction or sublimation with the lowest onset. */
function next(holds: ReadonlyMap<string, number>, upTo: number): Event | null {
  const has = (formula: string): boolean => formula === 'O2' || (holds.get(formula) ?? 0) > LEAST
  let best: Event | null = null
  for (const reaction of DRY_REACTIONS) {
    if (reaction.above_C > upTo || (best && reaction.above_C >= best.at)) continue
    if (reaction.takes.every(([f]) => has(f)) && (!reaction.beside || has(reaction.beside))) best = { at: reaction.above_C, reaction }
  }
  for (const [id, mol] of holds) {
    const at = dryPhase(id)?.data.sublimes_C
    if (at !== undefined && mol > LEAST && at <= upTo && (!best || at < best.at)) best = { at, sublimes: id }
  }
  return best
}

const meltsBelow = (holds: ReadonlyMap<string, number>, at: number): boolean =>
  [...holds.keys()].some((id) => (dryPhase(id)?.data.melts_C ?? Infinity) <= at)

/** Heats dry phases to a temperature: reactions and sublimations in the order of their onsets, each to its end. Oxygen is taken from the air as it is wanted. */
export function roast(start: ReadonlyMap<string, number>, stage: Heating, to_C = stage === 'gently' ? GENTLE_C : STRONG_C): RoastStage {
  const holds = new Map(start)
  const evolved: Evolved[] = []
  const sublimed = new Map<string, number>()
  const signs = new Set<DrySign>()
  const reactions: DryReaction[] = []
  for (let step = 0; step < MOST_STEPS; step++) {
    const event = next(holds, to_C)
    if (meltsBelow(holds, event?.at ?? to_C)) signs.add('melts')
    if (!event) break
    if ('sublimes' in event) {
      sublimed.set(event.sublimes, (sublimed.get(event.sublimes) ?? 0) + (holds.get(event.sublimes) ?? 0))
      holds.delete(event.sublimes)
      continue
    }
    const { reaction } = event
    let extent = Infinity
    for (const [f, n] of reaction.takes) if (f !== 'O2') extent = Math.min(extent, (holds.get(f) ?? 0) / n)
    for (const [f, n] of reaction.takes) {
      if (f === 'O2') continue
      const left = (holds.get(f) ?? 0) - n * extent
      if (left > LEAST) holds.set(f, left)
      else holds.delete(f)
    }
    for (const [f, n] of reaction.gives) {
      if (isGas(f)) evolved.push({ gas: f, mol: n * extent, at_C: reaction.above_C })
      else holds.set(f, (holds.get(f) ?? 0) + n * extent)
    }
    for (const sign of reaction.shows ?? []) signs.add(sign)
    reactions.push(reaction)
  }
  return { stage, reactions, evolved: together(evolved), sublimed, signs, holds }
}

/** The same gas once, at the lowest temperature it came at. */
function together(evolved: readonly Evolved[]): Evolved[] {
  const by = new Map<string, Evolved>()
  for (const e of evolved) {
    const known = by.get(e.gas)
    by.set(e.gas, known ? { ...known, mol: known.mol + e.mol } : e)
  }
  return [...by.values()]
}
