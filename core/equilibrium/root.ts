/** A place and the function's value there. */
export interface Tried {
  readonly at: number
  readonly value: number
}

/**
 * The root of a falling or rising function between two places where its signs differ, by inverse quadratic interpolation where that is safe and by halving where it is not
 * (Chandrupatla, Advances in Engineering Software 28 (1997) 145).
 * @param near whether a place is near enough, given the bracket that is left
 * @param most evaluations at most
 * @returns the place tried last
 */
export function rootBetween(
  from: Tried,
  to: Tried,
  valueAt: (at: number) => number,
  near: (tried: Tried, other: Tried) => boolean,
  most: number,
): number {
  let last = to
  let other = from
  let before = to
  let share = Math.min(0.98, Math.max(0.02, last.value / (last.value - other.value)))
  for (let n = 0; n < most && !near(last, other); n++) {
    const at = last.at + share * (other.at - last.at)
    const tried = { at, value: valueAt(at) }
    if (tried.value > 0 === last.value > 0) before = last
    else {
      before = other
      other = last
    }
    last = tried
    const x = (last.at - other.at) / (before.at - other.at)
    const y = (last.value - other.value) / (before.value - other.value)
    share =
      y ** 2 < x && (1 - y) ** 2 < 1 - x
        ? (last.value / (other.value - last.value)) * (before.value / (other.value - before.value)) +
          ((before.at - last.at) / (other.at - last.at)) * (last.value / (before.value - last.value)) * (other.value / (before.value - other.value))
        : 0.5
    share = Math.min(0.99, Math.max(0.01, share))
  }
  return last.at
}
