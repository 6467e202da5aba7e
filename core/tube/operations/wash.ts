import { z } from 'zod'
import { message } from '../../messages'
import { findReagent } from '../../species'
import { strengthened } from '../adding'
import { held } from '../jar'
import { positive } from '../sample'
import { pour, pourOff, settleEquilibrium } from '../vessel'
import { defineOperation, vessel } from './define'

export const wash = defineOperation({
  schema: z.looseObject({ do: z.literal('wash'), vessel, with: z.string().default('water'), mL: positive.default(1) }),
  on: 'vessel',
  effect: 'changes',
  moves: () => true,
  shows: () => [],
  says: (step) => message('step.wash', { mL: step.mL, liquid: step.with }),
  changes: ({ conditions }, step, vessel) => {
    const poured = settleEquilibrium(pour(held(vessel, 'vessel'), strengthened(findReagent(step.with), conditions), step.mL), conditions.shift)
    return { after: settleEquilibrium({ ...pourOff(poured).rest, settled: true }, conditions.shift) }
  },
})
