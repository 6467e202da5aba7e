import { z } from 'zod'
import { message } from '../../messages/message'
import { positive } from '../sample'
import { defineOperation, sayAmount, sayMass, vessel } from './define'

/** Sodium carbonate that a solution is boiled with, mg: three times 0.15 g. */
export const SODA_mg = 450

export const sodaExtract = defineOperation({
  schema: z.looseObject({ do: z.literal('soda-extract'), into: vessel, mg: positive.optional(), mL: positive.optional() }),
  on: 'into',
  effect: 'changes',
  shows: () => [],
  says: (step) =>
    step.mL === undefined
      ? message('step.soda-extract', { amount: sayMass(step.mg) })
      : message('step.soda-extract.solution', { amount: sayAmount(step), soda: SODA_mg / 1000 }),
})
