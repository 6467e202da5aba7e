import { z } from 'zod'
import { message } from '../../messages/message'
import { positive, SAMPLE } from '../sample'
import { defineOperation, sayAmount, vessel } from './define'

const FLUXES = ['borax', 'microcosmic'] as const
const BEAD_FLAMES = ['oxidising', 'reducing'] as const
/** A speck on the loop, mg. */
const SPECK_mg = 1

export const bead = defineOperation({
  schema: z.looseObject({
    do: z.literal('bead'),
    from: vessel.default(SAMPLE),
    flux: z.enum(FLUXES).default('borax'),
    flame: z.enum(BEAD_FLAMES).default('oxidising'),
    mg: positive.max(100).default(SPECK_mg),
  }),
  on: 'from',
  effect: 'looks',
  shows: () => ['bead'],
  says: ({ flux, flame, mg }) => message('step.bead', { flux, flame, amount: mg === SPECK_mg ? message('step.bead.speck') : sayAmount({ mg }) }),
})
