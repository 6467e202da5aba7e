import { readFileSync } from 'node:fs'
import { gunzipSync } from 'node:zlib'
import { modelId, PACK_FILES, packFromLines, workOutPack, type PackKind, type PerceptPack } from '../../core/deduction'
import { readStructuresWith } from '../../core/structure'
import { perceive } from '../../core/structure/perceive'

/** Percepts the build has worked out, where it has; the model marks them as its own, or they are worked out here. */
function built(kind: PackKind): PerceptPack {
  try {
    const pack = packFromLines(gunzipSync(readFileSync(`web/public/${PACK_FILES[kind]}`)).toString('latin1'))
    if (pack.model === modelId(kind)) return pack
  } catch {
    // Not built yet.
  }
  return workOutPack(kind)
}

export const builtPercepts = (): PerceptPack => built('salts')

/** The same of organic compounds, with what reads structures lent to the core. */
export function builtOrganicPercepts(): PerceptPack {
  readStructuresWith(perceive)
  return built('organic')
}
