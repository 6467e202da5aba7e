import { z } from 'zod'
import { message } from '../../messages'
import { burntWithOxide, hasOxide } from '../combustion'
import { dryOnly, heatDry } from '../heating'
import { held } from '../jar'
import { burnt } from '../portions'
import { igniteAway } from '../slow'
import { defineOperation, vessel } from './define'

export const ignite = defineOperation({
  schema: z.looseObject({ do: z.literal('ignite'), vessel, heat: z.enum(['gently', 'strongly']).default('strongly') }),
  on: 'vessel',
  effect: 'watched',
  shows: () => ['gas', 'fire'],
  says: (step) => message('step.ignite', { heat: step.heat }),
  changes: (_, step, vessel) => {
    if (vessel.organic && !vessel.organic.ashed) return hasOxide(vessel) ? burntWithOxide(vessel) : { after: burnt(vessel) }
    return dryOnly(held(vessel, 'vessel'))
      ? heatDry(vessel, step.heat === 'gently' ? ['gently'] : ['gently', 'strongly'])
      : { after: igniteAway(vessel) }
  },
})
