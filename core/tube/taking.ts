import { message } from '../messages/message'
import { densityOf } from '../structure'
import { putCompound, putDry, StepError, volumeOf, type Bench, type Done } from './jar'
import { merge } from './portions'
import type { StepOf } from './procedure'
import { SAMPLE } from './sample'
import { pour, settleEquilibrium, split, type Vessel } from './vessel'

/** What is taken of a fraction that holds less than is asked for. */
const MOST_OF = 0.8

/** A portion of the sample or of what stands in a vessel. */
export function takeFrom(bench: Bench, step: StepOf<'take'>, into: Vessel): Done {
  const { shift } = bench.conditions
  if (step.from === SAMPLE) {
    const { jar } = bench
    if (jar.kind === 'solids') {
      if (step.mg === undefined) throw new StepError('mg', message('refusal.solid-sample'))
      return { after: settleEquilibrium(putDry(into, jar, step.mg), shift) }
    }
    const volume = volumeOf(bench, step)
    if (jar.kind === 'organic') {
      const mass = step.mg ?? (volume === undefined ? undefined : volume * densityOf(jar.structure) * 1000)
      if (mass === undefined) throw new StepError('mg', message('refusal.mass-or-volume'))
      return { after: putCompound(into, jar, mass) }
    }
    if (volume === undefined) throw new StepError('mL', message('refusal.solution-sample'))
    return { after: settleEquilibrium(pour(into, jar.solution, volume), shift) }
  }
  const source = bench.vessels.get(step.from)
  if (!source || source.volume_mL === 0) throw new StepError('from', message('refusal.no-liquid', { vessel: step.from }))
  const asked = volumeOf(bench, step)
  if (asked === undefined) throw new StepError('mL', message('refusal.volume'))
  const volume = step.upTo ? Math.min(asked, MOST_OF * source.volume_mL) : asked
  if (volume > source.volume_mL * 1.0001)
    throw new StepError('mL', message('refusal.too-much', { held: source.volume_mL.toFixed(2), vessel: source.id }))
  const { portion, rest } = split(source, volume)
  const mixed = merge(into, portion)
  return {
    after: settleEquilibrium(mixed, shift),
    others: [settleEquilibrium(rest, shift)],
    ...(into.volume_mL > 0 ? { poured: settleEquilibrium(portion, shift) } : {}),
  }
}
