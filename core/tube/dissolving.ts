import { message } from '../messages/message'
import { findReagent } from '../species'
import { BOILING } from '../units'
import { strengthened } from './adding'
import { putCompound, putDry, StepError, wetDry, type Bench, type Done } from './jar'
import type { StepOf } from './procedure'
import { pour, release, settleEquilibrium, type Vessel } from './vessel'

/** Some of a solid sample, or all of it, into a liquid. */
export function dissolveIn(bench: Bench, step: StepOf<'dissolve'>, into: Vessel): Done {
  const { jar, conditions } = bench
  if (jar.kind === 'solution') throw new StepError('do', message('refusal.solution-already'))
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
