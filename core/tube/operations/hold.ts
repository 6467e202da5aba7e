import { z } from 'zod'
import { message } from '../../messages/message'
import { PAPERS } from '../../vocabulary'
import { defineOperation, vessel, yesNo } from './define'

export const hold = defineOperation({
  schema: z.looseObject({
    do: z.literal('hold'),
    over: vessel,
    paper: z.enum(PAPERS).optional(),
    splint: z.enum(['glowing', 'burning']).optional(),
    /** A rod wet with one of these, or a dry slip of glass. */
    rod: z.enum(['NH3 conc', 'HCl conc', 'water', 'glass']).optional(),
    dry: z.boolean().default(false),
  }),
  on: 'over',
  effect: 'looks',
  shows: ({ paper, splint, rod }) => [...(paper ? [paper] : []), ...(splint ? (['splint'] as const) : []), ...(rod ? (['rod'] as const) : [])],
  says: ({ rod, dry, paper, splint }) => {
    if (rod) return rod === 'glass' ? message('step.hold.glass') : message('step.hold.rod', { rod })
    return message('step.hold', { dry: yesNo(dry), what: paper ?? (splint ? message('step.hold.splint', { splint }) : '') })
  },
})
