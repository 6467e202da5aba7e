import { z } from 'zod'
import { message } from '../../messages'
import { dryOnly, heatDry } from '../heating'
import { held } from '../jar'
import { CHARCOAL_mg, speck } from '../portions'
import { SAMPLE } from '../sample'
import { defineOperation, vessel } from './define'

export const cobaltNitrate = defineOperation({
  schema: z.looseObject({ do: z.literal('cobalt-nitrate'), on: vessel.default(SAMPLE) }),
  on: 'on',
  effect: 'looks',
  shows: () => ['fire'],
  says: () => message('step.cobalt-nitrate'),
  changes: (bench, step, vessel) => {
    // Wetted with cobalt nitrate when it has been made red hot once.
    const on = step.on === SAMPLE ? speck(bench, CHARCOAL_mg) : held(vessel, 'on')
    return dryOnly(on) && !on.roasted ? heatDry(on, ['gently', 'strongly']) : { after: on }
  },
})
