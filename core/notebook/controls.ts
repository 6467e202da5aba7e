import type { AmendedEntry } from './amend'
import { isTest, type Did, type Entry, type Observation, type TestDone } from './schema'

/** A test done on something known, in the same rack as the sample's: it vouches for the reagents and the hand, and says nothing of the jar. */
export interface ControlRun {
  readonly entry: Entry
  readonly did: TestDone
  readonly kind: NonNullable<TestDone['control']>
  /** The entry of the run it stands beside. */
  readonly beside: string
  /** Its own entries that stand: the work and what was seen of it. */
  readonly entries: readonly Entry[]
}

export const isControl = (did: Did): did is TestDone & { readonly control: NonNullable<TestDone['control']> } =>
  isTest(did) && did.control !== undefined

/** Parts a notebook, read with its amendments, into the work on the sample and the controls beside it. */
export function apartFromControls(entries: readonly AmendedEntry[]): {
  readonly own: readonly AmendedEntry[]
  readonly controls: readonly ControlRun[]
} {
  const runs = new Map<string, { run: Omit<ControlRun, 'entries'>; entries: Entry[] }>()
  const own: AmendedEntry[] = []
  let last: string | null = null
  for (const amended of entries) {
    const { entry, withdrawn } = amended
    if ('did' in entry) {
      const { did } = entry
      last = entry.id
      if (!isControl(did) || did.beside === undefined) own.push(amended)
      else if (!withdrawn) runs.set(entry.id, { run: { entry, did, kind: did.control, beside: did.beside }, entries: [entry] })
      continue
    }
    const of = 'saw' in entry ? (entry.saw.of ?? last) : 'note' in entry ? entry.about : undefined
    const run = of == null ? undefined : runs.get(of)
    if (!run) own.push(amended)
    else if (!withdrawn) run.entries.push(entry)
  }
  return { own, controls: [...runs.values()].map(({ run, entries: all }) => ({ ...run, entries: all })) }
}

/** What was seen of a control. */
export const seenOfControl = ({ entries }: ControlRun): readonly { readonly id: string; readonly saw: Observation }[] =>
  entries.flatMap((e) => ('saw' in e ? [{ id: e.id, saw: e.saw }] : []))
