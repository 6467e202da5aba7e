/** Wilson's 95 % interval of a share. */
export function wilson(right: number, of: number): readonly [low: number, high: number] {
  const p = right / of
  const z = 1.96
  const middle = (p + (z * z) / (2 * of)) / (1 + (z * z) / of)
  const half = (z / (1 + (z * z) / of)) * Math.sqrt((p * (1 - p)) / of + (z * z) / (4 * of * of))
  return [middle - half, middle + half]
}
