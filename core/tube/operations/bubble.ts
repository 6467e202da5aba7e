import { z } from 'zod'
import { message } from '../../messages'
import { absorb } from '../absorbing'
import { StepError } from '../jar'
import { defineOperation, vessel } from './define'

export const bubble = defineOperation({
  schema: z.looseObject({ do: z.literal('bubble'), from: vessel, through: vessel }),
  on: 'through',
  draws: 'from',
  effect: 'changes',
  shows: () => [],
  says: (step) => message('step.bubble', { through: step.through }),
  changes: (bench, step, through) => {
    const from = bench.vessels.get(step.from)
    if (!from) throw new StepError('from', `a vessel that holds something; ${step.from} is empty`)
    return { ...absorb(through, from.headspace, bench.conditions.shift), others: [{ ...from, headspace: new Map() }] }
  },
})
