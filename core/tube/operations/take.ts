import { z } from 'zod'
import { message } from '../../messages'
import { densityOf } from '../../structure'
import { putCompound, putDry, StepError, volumeOf, type Bench, type Done } from '../jar'
import { merge } from '../portions'
import { SAMPLE } from '../sample'
import { pour, settleEquilibrium, split, type Vessel } from '../vessel'
import { ADDED_min, amounts, defineOperation, sayAmount, sayVessel, vessel } from './define'

/** What is taken of a fraction that holds less than is asked for. */
const MOST_OF = 0.8

interface Taking {
  readonly from: string
  readonly mg?: number | undefined
  readonly mL?: number | undefined
  readonly drops?: number | undefined
  readonly upTo?: boolean | undefined
}

function takeFrom(bench: Bench, step: Taking, into: Vessel): Done {
  const { shift } = bench.conditions
  if (step.from === SAMPLE) {
    const { jar } = bench
    if (jar.kind === 'solids') {
      if (step.mg === undefined) throw new StepError('mg', 'a mass: the sample is a solid')
      return { after: settleEquilibrium(putDry(into, jar, step.mg), shift) }
    }
    const volume = volumeOf(bench, step)
    if (jar.kind === 'organic') {
      const mass = step.mg ?? (volume === undefined ? undefined : volume * densityOf(jar.structure) * 1000)
      if (mass === undefined) throw new StepError('mg', 'a mass, or a volume of a liquid')
      return { after: putCompound(into, jar, mass) }
    }
    if (volume === undefined) throw new StepError('mL', 'a volume: the sample is a solution')
    return { after: settleEquilibrium(pour(into, jar.solution, volume), shift) }
  }
  const source = bench.vessels.get(step.from)
  if (!source || source.volume_mL === 0) throw new StepError('from', `a vessel with liquid in it; ${step.from} has none`)
  const asked = volumeOf(bench, step)
  if (asked === undefined) throw new StepError('mL', 'a volume in mL or drops')
  const volume = step.upTo ? Math.min(asked, MOST_OF * source.volume_mL) : asked
  if (volume > source.volume_mL * 1.0001) throw new StepError('mL', `at most the ${source.volume_mL.toFixed(2)} mL that ${source.id} holds`)
  const { portion, rest } = split(source, volume)
  const mixed = merge(into, portion)
  return {
    after: settleEquilibrium(mixed, shift),
    others: [settleEquilibrium(rest, shift)],
    ...(into.volume_mL > 0 ? { poured: settleEquilibrium(portion, shift) } : {}),
  }
}

export const take = defineOperation({
  schema: z.looseObject({
    do: z.literal('take'),
    into: vessel,
    from: vessel.default(SAMPLE),
    ...amounts,
    /** Of a fraction that holds less than is asked for most is taken, and a little kept. */
    upTo: z.boolean().optional(),
  }),
  on: 'into',
  draws: 'from',
  effect: 'changes',
  moves: () => true,
  shows: () => ['sample'],
  minutes: () => ADDED_min,
  says: (step) => message('step.take', { amount: sayAmount(step), from: sayVessel(step.from) }),
  changes: takeFrom,
})
