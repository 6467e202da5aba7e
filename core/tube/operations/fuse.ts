import { z } from 'zod'
import { message } from '../../messages/message'
import { positive } from '../sample'
import { defineOperation, percent, sayAmount, vessel } from './define'

const FUSED_WITH = ['sodium', 'zinc-carbonate'] as const
const FUSION_HEATS = ['red', 'poor'] as const
/** mg of sodium and of compound where a step does not say. */
export const FUSED_mg = { sodium: 60, sample: 50 }

export const fuse = defineOperation({
  schema: z.looseObject({
    do: z.literal('fuse'),
    into: vessel,
    with: z.enum(FUSED_WITH).default('sodium'),
    sodium_mg: positive.max(500).optional(),
    sample_mg: positive.max(500).optional(),
    tubes: z.number().int().min(1).max(4).default(1),
    water_mL: positive.max(100).default(10),
    toFraction: z.number().min(0.05).max(1).default(0.33),
    heating: z.enum(FUSION_HEATS).default('red'),
  }),
  on: 'into',
  effect: 'changes',
  shows: () => [],
  says: (step) =>
    message('step.fuse', {
      sample: sayAmount({ mg: step.sample_mg ?? FUSED_mg.sample }),
      with: step.with,
      sodium: sayAmount({ mg: step.sodium_mg ?? FUSED_mg.sodium }),
      heating: step.heating,
      tubes: step.tubes,
      water: step.water_mL,
      percent: percent(step.toFraction),
    }),
})
