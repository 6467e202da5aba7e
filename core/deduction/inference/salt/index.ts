import type { Trace } from '../../observation/trace'
import type { Simulations } from '../../simulation/simulations'
import type { Weighing } from '../standings'
import type { Reach } from './reach'
import { weighSolids } from './solids'
import { weighSolutions } from './solutions'

/** Weighs what is one salt, solid or dissolved, against everything written. */
export const weighSalts = (trace: Trace, simulations: Simulations, reach: Reach): Weighing =>
  simulations.sample_mL === undefined ? weighSolids(trace, simulations, reach) : weighSolutions(trace, simulations, simulations.sample_mL, reach)
