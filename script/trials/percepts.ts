import { readFileSync } from 'node:fs'
import { modelId, packPercepts, workOutResponders, type PerceptPack } from '../../core/deduction'

/** Percepts the build has worked out, where it has; the model marks them as its own, or they are worked out here. */
export function builtPercepts(): PerceptPack {
  try {
    const pack = JSON.parse(readFileSync('web/public/percepts.json', 'utf8')) as PerceptPack
    if (pack.model === modelId()) return pack
  } catch {
    // Not built yet.
  }
  return { ...packPercepts(500), responders: workOutResponders() }
}
