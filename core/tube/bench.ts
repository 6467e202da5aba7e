import type { Shift } from '../equilibrium'
import { CHANGES, SWEEPS_L } from './changes'
import type { Event } from './event'
import { together } from './heating'
import type { Bench, Done } from './jar'
import { settleOrganic } from './organic'
import { minutesOf, onlyLooks, ofStep, vesselOf, type Step } from './procedure'
import { SAMPLE } from './sample'
import { emptyVessel, release, strip } from './vessel'

/**
 * Carries out one step.
 * @throws StepError when the step cannot be done on this bench
 * @throws UnknownReagent for a reagent that is not understood
 */
export function perform(bench: Bench, step: Step): { bench: Bench; event: Event } {
  const id = vesselOf(step)
  const before = { ...(bench.vessels.get(id) ?? emptyVessel(id)), reacted: new Map<string, number>() }
  const done = withOrganics(ofStep(CHANGES, step, bench, before), step, bench.conditions.shift)
  const vessels = new Map(bench.vessels)
  for (const v of done.others ?? []) vessels.set(v.id, v)
  // The jar itself is no vessel: what was held in the flame is burnt.
  if (id !== SAMPLE) vessels.set(id, done.after)
  const event: Event = {
    step,
    before,
    after: done.after,
    poured: done.poured,
    escaped: done.escaped ?? [],
    passed: done.passed ?? [],
    onTheWay: done.onTheWay,
    roasted: done.roasted,
    interface: done.interface,
    drops: done.drops,
  }
  return { bench: { ...bench, vessels }, event }
}

/** What an operation starts among the organic matter in the vessel it was done on, and the gas that comes of it. */
function withOrganics(done: Done, step: Step, shift: Shift | undefined): Done {
  if (!done.after.organic || onlyLooks(step) || done.after.organic.ashed) return done
  const settled = settleOrganic(done.after, minutesOf(step), shift)
  let gone = release(settled, shift)
  // Gas that only now was made is driven off as well.
  const sweeps_L = SWEEPS_L[step.do]
  if (sweeps_L !== undefined && (settled.organic?.happened.size ?? 0) > 0)
    gone = together(gone, strip(gone.vessel, sweeps_L * minutesOf(step), shift))
  const escaped = [...(done.escaped ?? []), ...gone.escaped]
  const headspace = new Map(done.after.headspace)
  for (const { gas, mol } of gone.escaped) headspace.set(gas.id, (headspace.get(gas.id) ?? 0) + mol)
  return { ...done, after: { ...gone.vessel, headspace }, escaped }
}
