import { concludedSchema, didSchema, observationSchema, type Entry, type Notebook } from './schema'

/** An entry as it stands after its amendments; the original is kept where there were any. */
export interface AmendedEntry {
  readonly entry: Entry
  readonly original: Entry | null
  /** Struck out by an amendment that withdraws it. */
  readonly withdrawn: boolean
}

/**
 * The notebook read with its amendments. Nothing is ever removed: an amended entry carries its first version. An amendment that does
 * not make a valid entry is passed over, so that a bad one cannot take a good entry away.
 */
export function asAmended(notebook: Pick<Notebook, 'entries'>): AmendedEntry[] {
  const standing: AmendedEntry[] = []
  const at = new Map<string, number>()
  for (const entry of notebook.entries) {
    if (!('amended' in entry)) {
      at.set(entry.id, standing.length)
      standing.push({ entry, original: null, withdrawn: false })
      continue
    }
    const { amended } = entry
    const index = at.get(amended.entry)
    const now = index === undefined ? undefined : standing[index]
    if (index === undefined || !now) continue
    const original = now.original ?? now.entry
    if (amended.with['withdrawn'] === true) {
      standing[index] = { ...now, original, withdrawn: true }
      continue
    }
    const changed = amend(now.entry, amended.with)
    if (changed) standing[index] = { entry: changed, original, withdrawn: false }
  }
  return standing
}

function amend(entry: Entry, changes: Record<string, unknown>): Entry | null {
  if ('saw' in entry) {
    const saw = observationSchema.safeParse({ ...entry.saw, ...changes })
    return saw.success ? { ...entry, saw: saw.data } : null
  }
  if ('concluded' in entry) {
    const concluded = concludedSchema.safeParse({ ...entry.concluded, ...changes })
    return concluded.success ? { ...entry, concluded: concluded.data } : null
  }
  if ('did' in entry) {
    const did = didSchema.safeParse({ ...entry.did, ...changes })
    return did.success ? { ...entry, did: did.data } : null
  }
  if ('note' in entry && typeof changes['note'] === 'string') return { ...entry, note: changes['note'] }
  return null
}
