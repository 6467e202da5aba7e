import { z } from 'zod'
import { message } from '../../messages/message'
import { PAPERS } from '../../vocabulary'
import { defineOperation, sayVessel, vessel } from './define'

export const dip = defineOperation({
  schema: z.looseObject({ do: z.literal('dip'), paper: z.enum(PAPERS), into: vessel, dry: z.boolean().default(false) }),
  on: 'into',
  effect: 'looks',
  shows: (step) => [step.paper],
  says: (step) => message('step.dip', { paper: step.paper, into: sayVessel(step.into, message('vessel.it')) }),
})
