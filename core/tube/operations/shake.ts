import { message } from '../../messages'
import { held } from '../jar'
import { aerate, rested, SHAKEN_AIR } from '../slow'
import { settleEquilibrium } from '../vessel'
import { defineOperation, timed } from './define'

export const shake = defineOperation({
  schema: timed('shake'),
  on: 'vessel',
  effect: 'changes',
  shows: () => [],
  minutes: (step) => step.minutes ?? 1,
  says: () => message('step.shake'),
  changes: ({ conditions: { shift } }, step, vessel) => {
    const time = step.minutes ?? 1
    // Shaking stirs, scratches and lets air in.
    const shaken = settleEquilibrium(rested({ ...held(vessel, 'vessel'), settled: false }, 2 * time), shift)
    return { after: { ...aerate(shaken, SHAKEN_AIR * time, shift), settled: false } }
  },
})
