import { message } from '../messages/message'
import type { Shift } from '../equilibrium'
import { gasById } from '../species'
import { StepError, type Done } from './jar'
import { release, settleEquilibrium, type Vessel } from './vessel'

/** Gas led into a liquid, mol by id: what it does not take up goes on. */
export function absorb(vessel: Vessel, gases: ReadonlyMap<string, number>, shift: Shift | undefined): Done {
  if (vessel.volume_mL === 0) throw new StepError('through', message('refusal.liquid'))
  const withShare = (share: number): ReturnType<typeof release> => {
    const totals = Float64Array.from(vessel.totals)
    for (const [id, mol] of gases)
      for (const [component, n] of gasById.get(id)?.terms ?? []) totals[component] = (totals[component] as number) + n * mol * share
    return release(settleEquilibrium({ ...vessel, totals, settled: false }, shift), shift)
  }
  const { vessel: after, escaped } = withShare(1)
  const passed = [...gases].flatMap(([id, mol]) => {
    const gas = gasById.get(id)
    return gas ? [{ gas, mol: mol - (escaped.find((e) => e.gas.id === id)?.mol ?? 0) }] : []
  })
  return { after, passed, onTheWay: (share) => withShare(share).vessel }
}
