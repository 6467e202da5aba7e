import { message } from '../../messages'
import { ROOM } from '../../units'
import { held } from '../jar'
import { aerate, hydrolyse, rested, STILL_AIR } from '../slow'
import { settleEquilibrium, strip } from '../vessel'
import { defineOperation, sayTime, timed } from './define'

/** Litres of air that pass over a standing tube in a minute. */
const STILL_AIR_L = 0.002
/** Minutes after which a hot tube is cold. */
const COLD_min = 5

export const stand = defineOperation({
  schema: timed('stand'),
  on: 'vessel',
  effect: 'changes',
  shows: () => [],
  minutes: (step) => step.minutes ?? 1,
  says: (step) => message('step.stand', { time: sayTime(step.minutes) }),
  changes: ({ conditions: { shift } }, step, vessel) => {
    const time = step.minutes ?? 1
    const cooled = time >= COLD_min ? ROOM : vessel.temperature
    const quiet = rested({ ...held(vessel, 'vessel'), temperature: cooled, settled: true }, time)
    const aired = strip(aerate(settleEquilibrium(hydrolyse(quiet, time), shift), STILL_AIR * time, shift), STILL_AIR_L * time, shift)
    return { after: { ...aired.vessel, settled: true } }
  },
})
