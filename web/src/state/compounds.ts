import { caseSchema, type Case } from '@foxing/core'
import { create } from 'zustand'

export type OwnCompound = NonNullable<Case['compounds']>[number]

const KEY = 'foxing-compounds'
/** Compounds of one's own, as this device keeps them; what cannot be read is left out. */
function kept(): readonly OwnCompound[] {
  try {
    const compounds: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]')
    return caseSchema.parse({ compounds }).compounds ?? []
  } catch {
    return []
  }
}

interface OwnCompounds {
  readonly list: readonly OwnCompound[]
  readonly add: (compound: OwnCompound) => void
  readonly remove: (name: string) => void
}

/** Compounds an organic jar may hold beside those of the library; they count in every organic case worked on this device. */
export const useOwnCompounds = create<OwnCompounds>((set, get) => {
  const keep = (list: readonly OwnCompound[]): void => {
    localStorage.setItem(KEY, JSON.stringify(list))
    set({ list })
  }
  return {
    list: kept(),
    add: (compound) => keep([...get().list.filter((c) => c.name !== compound.name), compound]),
    remove: (name) => keep(get().list.filter((c) => c.name !== name)),
  }
})

/** A case with one's own compounds, where it is an organic one. */
export const withOwn = (of: Case, list: readonly OwnCompound[]): Case =>
  of.kind === 'organic' && list.length > 0 ? { ...of, compounds: [...(of.compounds ?? []), ...list] } : of
