/**
 * A time of the clock as a moment with its offset: the latest one that is not after now, so that 23:50 written after midnight is yesterday's.
 * @param clock hours and minutes, as `14:05`
 * @returns ISO 8601 with seconds and offset; null where it is no time of a clock
 */
export function clockWithOffset(clock: string, now: Date): string | null {
  const match = /^([01]?\d|2[0-3]):([0-5]\d)$/.exec(clock.trim())
  if (!match) return null
  const at = new Date(now)
  at.setHours(Number(match[1]), Number(match[2]), 0, 0)
  if (at > now) at.setDate(at.getDate() - 1)
  const two = (n: number): string => String(Math.abs(Math.trunc(n))).padStart(2, '0')
  const east = -at.getTimezoneOffset()
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:${two(at.getMinutes())}:00${east < 0 ? '-' : '+'}${two(east / 60)}:${two(east % 60)}`
}
