import { readFileSync } from 'node:fs'
import { gunzipSync } from 'node:zlib'
import { ORGANIC_TESTS } from '../../core/catalogue'
import { modelId, organicContents, packPercepts, workOutGases, workOutResponders, type PerceptPack } from '../../core/deduction'
import { readStructuresWith } from '../../core/structure'
import { perceive } from '../../core/structure/perceive'

const read = (file: string): PerceptPack => JSON.parse(gunzipSync(readFileSync(file)).toString()) as PerceptPack

/** Percepts the build has worked out, where it has; the model marks them as its own, or they are worked out here. */
export function builtPercepts(): PerceptPack {
  try {
    const pack = read('web/public/percepts.json.gz')
    if (pack.model === modelId('salts')) return pack
  } catch {
    // Not built yet.
  }
  return { ...packPercepts(500), responders: workOutResponders(), gases: workOutGases() }
}

/** The same of organic compounds, with what reads structures lent to the core. */
export function builtOrganicPercepts(): PerceptPack {
  readStructuresWith(perceive)
  try {
    const pack = read('web/public/organic-percepts.json.gz')
    if (pack.model === modelId('organic')) return pack
  } catch {
    // Not built yet.
  }
  return packPercepts(500, organicContents(), ORGANIC_TESTS)
}
