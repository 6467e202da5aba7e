import { readFileSync } from 'node:fs'
import { ORGANIC_TESTS } from '../../core/catalogue'
import { modelId, organicContents, packPercepts, workOutResponders, type PerceptPack } from '../../core/deduction'
import { readStructuresWith } from '../../core/structure'
import { perceive } from '../../core/structure/perceive'

/** Percepts the build has worked out, where it has; the model marks them as its own, or they are worked out here. */
export function builtPercepts(): PerceptPack {
  try {
    const pack = JSON.parse(readFileSync('web/public/percepts.json', 'utf8')) as PerceptPack
    if (pack.model === modelId('salts')) return pack
  } catch {
    // Not built yet.
  }
  return { ...packPercepts(500), responders: workOutResponders() }
}

/** The same of organic compounds, with what reads structures lent to the core. */
export function builtOrganicPercepts(): PerceptPack {
  readStructuresWith(perceive)
  try {
    const pack = JSON.parse(readFileSync('web/public/organic-percepts.json', 'utf8')) as PerceptPack
    if (pack.model === modelId('organic')) return pack
  } catch {
    // Not built yet.
  }
  return packPercepts(500, organicContents(), ORGANIC_TESTS)
}
