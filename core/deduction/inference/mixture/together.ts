import { Runner } from '../../../perception'
import { ionsWith } from '../../../species'
import { stepSchema } from '../../../tube'
import type { Content } from '../../simulation/simulations'
import { ACID, DRY, mixtureOf, type Parts } from './parts'

/** What is never brought together: it may go off, or give hydrogen cyanide. */
const NEVER: readonly (readonly [readonly string[], readonly string[]])[] = [
  [['NH4^+'], ionsWith('explodes-with-ammonium')],
  [ionsWith('strong-oxidiser'), ionsWith('kept-from-oxidisers')],
]
export const isSafe = (parts: readonly string[]): boolean =>
  !NEVER.some(([a, b]) => parts.some((p) => a.includes(p)) && parts.some((p) => b.includes(p)))

const KEEPING = [
  { do: 'take', into: 'A', mL: 1 },
  { do: 'add', to: 'A', reagent: 'water', drops: 1 },
  { do: 'warm', vessel: 'A', minutes: 1 },
].map((step) => stepSchema.parse(step))
/** Whether nothing comes down, leaves or is oxidised when these stand in one solution. */
export function keeps(content: Content): boolean {
  const runner = new Runner(content.jar ?? { solids: [] })
  return KEEPING.every((step) => {
    const { deposit, gases, precipitates } = runner.stepUnseen(step).sight()
    const quiet = deposit === null && precipitates.length === 0 && gases.length === 0
    return quiet && (runner.vessel('A')?.reacted.size ?? 0) === 0
  })
}

const SILENTLY = {}
const known = new Map<string, boolean>()
/** Whether two parts, or one part and free acid, can share a solution: nothing comes down, leaves, or is oxidised. */
export function shares(a: string, b: string, acid: boolean): boolean {
  const key = [a, b].sort().join() + (acid ? ACID : '')
  let answer = known.get(key)
  if (answer === undefined) {
    const parts = new Map([a, b, ...(acid ? [ACID] : [])].map((part) => [part, 'middling'] as const))
    // What carries their charge shows nothing: neither of them is there in plenty for that.
    known.set(key, (answer = keeps(mixtureOf(parts, 20, SILENTLY))))
  }
  return answer
}

/** Whether a mixture as a whole keeps, in the amounts it has. */
export function keepsTogether(parts: Parts): boolean {
  // A solid's parts share no solution.
  if (parts.has(DRY)) return false
  const content = mixtureOf(parts, 20)
  let answer = whole.get(content.id)
  if (answer === undefined) whole.set(content.id, (answer = keeps(content)))
  return answer
}
const whole = new Map<string, boolean>()
