import { z } from 'zod'
import { message } from '../../messages'
import { boilingPointOf, notFusable } from '../../structure'
import { extractOf, FUSED_mg, FUSED_WITH, FUSION_HEATS } from '../fusion'
import { StepError } from '../jar'
import { positive } from '../sample'
import { defineOperation, percent, sayAmount, vessel } from './define'

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
  changes: ({ jar }, step, vessel) => {
    if (jar.kind !== 'organic') throw new StepError('do', 'an organic compound to fuse with sodium; a salt is not fused')
    const { structure } = jar
    const danger = step.with === 'sodium' ? notFusable(structure) : null
    if (danger) throw new StepError('with', `zinc-carbonate: ${danger}`)
    const mol = (step.sample_mg ?? FUSED_mg.sample) / 1000 / structure.molarMass
    const { extract, residue } = extractOf(vessel, structure, mol, boilingPointOf(structure), step)
    return { after: extract, others: step.with === 'zinc-carbonate' ? [residue] : [] }
  },
})
