/** Where an entry stands: which device wrote it as its how-manyeth for this jar, and the place the server gave it, if it has reached the server. */
export interface Placed {
  readonly device: string
  /** From 1; counts what the device has written in this notebook. */
  readonly order: number
  readonly position: number | null
}

/**
 * The one order of a notebook that several devices write in. Entries stand in the order in which the server took them; no clock is asked. What one device wrote stays in the
 * order it was written in, even where it reached the server otherwise: among the places of a device's entries the lowest goes to the one written first. What has not reached
 * the server stands at the end.
 */
export function inOrder<T extends Placed>(records: readonly T[]): T[] {
  const byDevice = new Map<string, T[]>()
  for (const record of records) byDevice.set(record.device, [...(byDevice.get(record.device) ?? []), record])
  const placed: { readonly record: T; readonly place: number }[] = []
  for (const own of byDevice.values()) {
    const places = own.map((r) => r.position ?? Infinity).sort((a, b) => a - b)
    const written = own.toSorted((a, b) => a.order - b.order)
    written.forEach((record, k) => placed.push({ record, place: places[k] ?? Infinity }))
  }
  return placed
    .sort((a, b) =>
      a.place !== b.place
        ? a.place - b.place
        : a.record.device !== b.record.device
          ? a.record.device < b.record.device
            ? -1
            : 1
          : a.record.order - b.record.order,
    )
    .map(({ record }) => record)
}
