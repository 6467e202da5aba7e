import { COMPOUNDS } from '@foxing/core'
import { draw } from '@foxing/core/structure/perceive'
import { expose } from 'comlink'

/** Structures as drawings: what reads them is large, and comes only where one is shown. */
const worker = {
  /** The structure of a compound of the library as SVG; null for a name that is not in it. */
  drawing(name: string, width: number, height: number): string | null {
    const compound = COMPOUNDS.find((c) => c.name === name)
    return compound ? draw(compound.smiles, width, height) : null
  },
}
export type StructureWorker = typeof worker

expose(worker)
