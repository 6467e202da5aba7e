import { z } from 'zod'
import { message } from '../../messages/message'
import { SAMPLE } from '../sample'
import { defineOperation, vessel, yesNo } from './define'

/** What is held in the flame: the sample on a wire or a splint, or the vapour at the mouth of the vessel, which is lit. */
const SUPPORTS = ['wire', 'splint', 'mouth'] as const
const FILTERS = ['air', 'cobalt-glass', 'spectroscope'] as const

export const flame = defineOperation({
  schema: z.looseObject({
    do: z.literal('flame'),
    from: vessel.default(SAMPLE),
    support: z.enum(SUPPORTS).default('wire'),
    through: z.enum(FILTERS).default('air'),
    cleaned: z.boolean().default(true),
  }),
  on: 'from',
  effect: 'looks',
  apart: true,
  shows: () => ['flame'],
  says: (step) =>
    step.support === 'mouth'
      ? message('step.flame.mouth')
      : message('step.flame', { cleaned: yesNo(step.cleaned), support: step.support, through: message(`step.flame.${step.through}`) }),
})
