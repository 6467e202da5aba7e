import { ACID, CARRIERS, carriersOf, CLASSES, classOfAlkali, classOfAll, DRY, FINE_CLASSES, isAlkaline, type AmountClass, type Parts } from './parts'
import { keepsTogether, shares } from './together'
import { STATES } from '../../../species'

/** How one mixture is changed into another: the steps of the search. */

export const without = (parts: Parts, part: string): Parts => new Map([...parts].filter(([p]) => p !== part))
const having = (parts: Parts, part: string, amount: AmountClass): Parts => new Map([...parts, [part, amount]])

/** A change of one mixture into another. */
export interface Move {
  readonly parts: Parts
  readonly changed: readonly string[]
  /** What is seldom tried, and cheap, is weighed to the end: what nothing explained so far it may explain all the same. */
  readonly toTheEnd?: boolean
}
/** What may be changed in a mixture: whether it is a solid is known. */
const movable = (parts: Parts): Parts => (parts.has(DRY) ? without(parts, DRY) : parts)
/** Whether a part could stand in one solution with these, in acid or without; what could not is tried only as `crowded` has it. */
const fits = (parts: Parts, part: string): boolean =>
  parts.has(DRY)
    ? part !== ACID
    : part === ACID || [...parts.keys()].every((held) => held === ACID || shares(part, held, true) || (!parts.has(ACID) && shares(part, held, false)))
const MORE: AmountClass = 'middling'
const adding = (parts: Parts, among: readonly string[], may: (part: string) => boolean): Move[] =>
  among.filter((part) => !parts.has(part) && may(part)).map((part) => ({ parts: having(parts, part, MORE), changed: [part] }))
/** One part more, of those that could stand beside each of the others. */
export const additions = (parts: Parts, among: readonly string[]): Move[] => adding(parts, among, (part) => fits(parts, part))
/** The same with those that could not stand beside one of them, where a third keeps the two apart: fluoride beside calcium, held by aluminium. */
export const everyAddition = (parts: Parts, among: readonly string[]): Move[] =>
  adding(parts, among, (part) => fits(parts, part) || (parts.size > 1 && keepsTogether(having(parts, part, MORE))))
/** The same with little, middling or much of it, each amount where it keeps: what comes down only from a trace of it, or only from plenty. */
export const inAnyAmount = (parts: Parts, among: readonly string[]): Move[] =>
  among.flatMap((part) =>
    parts.has(part) ? [] : amountsKeeping(parts, part).map((amount) => ({ parts: having(parts, part, amount), changed: [part] })),
  )
const ANY = ['trace', 'middling', 'heavy'] as const
/** What keeps neither in a trace nor in plenty does not keep in between. */
function amountsKeeping(parts: Parts, part: string): readonly AmountClass[] {
  const keeps = (amount: AmountClass): boolean => keepsTogether(having(parts, part, amount))
  if (fits(parts, part)) return ANY
  const ends = new Set<AmountClass>((['trace', 'heavy'] as const).filter(keeps))
  return ANY.filter((amount) => (amount === 'middling' ? ends.size > 0 && keeps(amount) : ends.has(amount)))
}
export const removals = (parts: Parts, among = parts): Move[] =>
  [...movable(among).keys()].map((part) => ({ parts: without(parts, part), changed: [part], toTheEnd: true }))
/** Two parts fewer: each may stand in for what the other lacks, tin(IV) beside arsenic(III) for tin(II) beside arsenic(V). */
export const pairsOut = (parts: Parts): Move[] =>
  [...movable(parts).keys()].flatMap((a, k, all) => all.slice(k + 1).map((b) => ({ parts: without(without(parts, a), b), changed: [a, b] })))
/** A part that what is there would bring down, with so little of it, and so much of the other, that it stays up: mercury beside iodide. */
export const crowded = (parts: Parts, among: readonly string[]): Move[] =>
  among.flatMap((part) => {
    if (parts.has(part) || part === ACID || parts.has(DRY)) return []
    const others = [...parts.keys()].filter((other) => other !== ACID && !shares(part, other, parts.has(ACID)))
    if (others.length === 0) return []
    const tried = others.reduce((crowd, other) => having(crowd, other, 'heavy'), having(parts, part, 'trace'))
    return keepsTogether(tried) ? [{ parts: tried, changed: [part, ...others] }] : []
  })
/** A little more or less of one, to the next of these classes. */
export const otherAmounts = (parts: Parts, among = parts, classes: readonly AmountClass[] = CLASSES): Move[] =>
  [...movable(among)].flatMap(([part, amount]) => {
    const at = FINE_CLASSES.indexOf(amount)
    const less = classes.findLast((c) => FINE_CLASSES.indexOf(c) < at)
    const more = classes.find((c) => FINE_CLASSES.indexOf(c) > at)
    return [less, more].flatMap((next) => (next ? [{ parts: having(parts, part, next), changed: [part] }] : []))
  })
/** Any other of these amounts of one: what a test needs much more of, a little more does not show. */
export const anyOtherAmounts = (parts: Parts, among = parts): Move[] =>
  [...movable(among)].flatMap(([part, amount]) =>
    CLASSES.flatMap((other) => (other === amount ? [] : [{ parts: having(parts, part, other), changed: [part] }])),
  )
/** Everything but free acid a little more or less, with as much acid, or a little more or less of that too: what one test says of the strength of one part, others say of all. */
export const shifted = (parts: Parts): Move[] => {
  const one = (amount: AmountClass, more: number): AmountClass => FINE_CLASSES[FINE_CLASSES.indexOf(amount) + 2 * more] ?? amount
  const acids = parts.has(ACID) ? [0, -1, 1] : [0]
  return [1, -1].flatMap((more) =>
    acids.map((acid) => ({
      parts: new Map([...parts].map(([part, amount]) => [part, part === DRY ? amount : one(amount, part === ACID ? acid : more)] as const)),
      changed: [...parts.keys()],
    })),
  )
}
export const swaps = (parts: Parts, among: readonly string[]): Move[] =>
  [...movable(parts).keys()].flatMap((out) =>
    additions(without(parts, out), among)
      .filter(({ changed }) => !parts.has(changed[0] ?? ''))
      .map((change) => ({ ...change, changed: [out, ...change.changed] })),
  )
export const pairs = (parts: Parts, among: readonly string[]): Move[] =>
  additions(parts, among).flatMap((first) =>
    additions(first.parts, among.slice(among.indexOf(first.changed[0] ?? '') + 1)).map((second) => ({
      parts: second.parts,
      changed: [...first.changed, ...second.changed],
    })),
  )

/** Another anion in place of the one that carries the charge of the cations: there is much of it, and without it the next would have to stand in. */
export const otherCarriers = (parts: Parts): Move[] => {
  const { anion: carrier } = carriersOf(parts)
  if (carrier === undefined) return []
  return additions(without(parts, carrier), CARRIERS).flatMap((change) =>
    change.changed.includes(carrier) ? [] : [{ ...change, changed: [carrier, ...change.changed], toTheEnd: true }],
  )
}

/** The alkali that two parts bring, brought by one of them: what a little borate does to the acidity, more arsenite does too. */
export const otherAlkali = (parts: Parts): Move[] => {
  const held = [...parts].filter(([part]) => isAlkaline(part))
  return held.flatMap(([out, amount]) =>
    held.flatMap(([other, less]): Move[] =>
      other === out
        ? []
        : [
            {
              parts: having(
                without(parts, out),
                other,
                classOfAlkali(other, [
                  [out, amount],
                  [other, less],
                ]),
              ),
              changed: [out, other],
            },
          ],
    ),
  )
}

/**
 * As much of each element, in other states: several elements at once, since one gives to another what it takes. Tin(IV) beside arsenic(III) is what tin(II) makes of arsenic(V).
 */
export const otherStates = (parts: Parts): Move[] => {
  const all = (STATES as readonly (readonly string[])[]).reduce<readonly Move[]>(
    (moves, states) =>
      moves.flatMap((change) => {
        const held = [...parts].filter(([part]) => states.includes(part))
        if (held.length === 0) return [change]
        const others = states.flatMap((state): Move[] => {
          const left = new Map([...change.parts].filter(([part]) => !states.includes(part)))
          const is = having(left, state, classOfAll(state, held))
          return held.length === 1 && held[0]?.[0] === state ? [] : [{ parts: is, changed: [...change.changed, ...states] }]
        })
        return [change, ...others]
      }),
    [{ parts, changed: [] }],
  )
  return all.filter(({ changed }) => changed.length > 0)
}

/** One part for two: bromide and chloride pass for thiocyanate. */
export const twoForOne = (parts: Parts, among: readonly string[]): Move[] =>
  [...movable(parts).keys()].flatMap((out) => {
    const left = without(parts, out)
    return pairs(
      left,
      among.filter((part) => part !== out),
    ).map((change) => ({ ...change, changed: [out, ...change.changed] }))
  })
