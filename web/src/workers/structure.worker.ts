import { COMPOUNDS, groupOf, NAMED_GROUPS } from '@foxing/core'
import { draw } from '@foxing/core/structure/perceive'
import { expose } from 'comlink'

const groupsLabelled = (label: string) => NAMED_GROUPS.filter((id) => groupOf(id).label === label)

/** Structures as drawings: what reads them is large, and comes only where one is shown. */
const worker = {
  /** The structure of a compound of the library as SVG, the atoms of one group marked; null for a name that is not in it. */
  drawing(name: string, width: number, height: number, group: string | null): string | null {
    const compound = COMPOUNDS.find((c) => c.name === name)
    return compound ? draw(compound.smiles, width, height, group === null ? [] : groupsLabelled(group)) : null
  },
}
export type StructureWorker = typeof worker

expose(worker)
