import { z } from 'zod'
import { message } from '../../messages'
import { findReagent } from '../../species'
import { BOILING } from '../../units'
import { strengthened } from '../adding'
import { putCompound, putDry, StepError, wetDry, type Bench, type Done } from '../jar'
import { positive } from '../sample'
import { pour, release, settleEquilibrium, type Vessel } from '../vessel'
import { ADDED_min, defineOperation, sayMass, vessel, yesNo } from './define'

interface Dissolving {
  readonly mg?: number | undefined
  readonly in: string
  readonly mL: number
  readonly hot: boolean
}

function dissolveIn(bench: Bench, step: Dissolving, into: Vessel): Done {
  const { jar, conditions } = bench
  if (jar.kind === 'solution') throw new StepError('do', 'a solid sample to dissolve; this one is a solution already: use take')
  const whole = jar.kind === 'organic' ? jar.mg : jar.salts.reduce((sum, s) => sum + s.mg, 0)
  const mass = step.mg ?? whole
  const solvent = strengthened(findReagent(step.in), conditions)
  const temperature = step.hot ? BOILING : into.temperature
  const mixed = wetDry(pour(jar.kind === 'organic' ? putCompound(into, jar, mass) : putDry(into, jar, mass), solvent, step.mL))
  const { vessel, escaped } = release(
    settleEquilibrium({ ...mixed, temperature: step.hot ? temperature : mixed.temperature }, conditions.shift),
    conditions.shift,
  )
  return { after: vessel, escaped }
}

export const dissolve = defineOperation({
  schema: z.looseObject({
    do: z.literal('dissolve'),
    into: vessel,
    mg: positive.optional(),
    in: z.string().default('water'),
    mL: positive,
    hot: z.boolean().default(false),
  }),
  on: 'into',
  effect: 'changes',
  moves: (step) => step.in === 'water',
  shows: () => [],
  minutes: () => ADDED_min,
  says: (step) => message('step.dissolve', { amount: sayMass(step.mg), mL: step.mL, hot: yesNo(step.hot), solvent: step.in }),
  changes: dissolveIn,
})
