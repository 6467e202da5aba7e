import { message } from '../messages/message'
import { structureOf } from '../structure'
import { celsius, ROOM } from '../units'
import { ashOf } from './fusion'
import { putCompound, putDry, StepError, type Bench, type Done } from './jar'
import { mergeOrganic } from './matter'
import { SAMPLE } from './sample'
import { rested } from './slow'
import { emptyVessel, pour, pourOff, roundTemperature, settleEquilibrium, type Vessel } from './vessel'

/** What a loop, and the hollow of a charcoal block, holds, mg. */
export const FLAME_mg = 5
export const CHARCOAL_mg = 30

/** What a fresh tube takes over from the portion: all; what a filled one does: the amounts. */
export function merge(into: Vessel, portion: Vessel): Vessel {
  const volume = into.volume_mL + portion.volume_mL
  return {
    ...into,
    organic: mergeOrganic(into.organic, portion.organic),
    totals: Float64Array.from(into.totals, (t, j) => t + (portion.totals[j] as number)),
    water: into.water + portion.water,
    volume_mL: volume,
    temperature: roundTemperature(celsius((into.temperature * into.volume_mL + portion.temperature * portion.volume_mL) / volume)),
    aged: new Set([...into.aged, ...portion.aged]),
    asIssued: new Set([...into.asIssued, ...portion.asIssued]),
    contents: into.contents ?? portion.contents,
    settled: false,
  }
}

/** Minutes that centrifuging or filtering takes. */
const SPUN_min = 2

/** The liquid over a solid into another vessel. */
export function partLiquid(bench: Bench, step: { readonly vessel: string; readonly liquidInto: string }, vessel: Vessel): Done {
  const settle = (v: Vessel): Vessel => settleEquilibrium(v, bench.conditions.shift)
  if (vessel.volume_mL === 0) throw new StepError('vessel', message('refusal.no-liquid', { vessel: vessel.id }))
  if (step.liquidInto === step.vessel) throw new StepError('liquidInto', message('refusal.same-vessel'))
  // Spinning, or waiting for a filter, is time as any other.
  const { liquid, rest } = pourOff(settle(rested(vessel, SPUN_min)))
  const into = merge(bench.vessels.get(step.liquidInto) ?? emptyVessel(step.liquidInto), liquid)
  return { after: settle({ ...rest, settled: true }), others: [settle(into)] }
}

/** A little of the sample, held in a flame: it is no vessel, and burns. */
export function speck({ jar, conditions }: Bench, mg: number): Vessel {
  if (jar.kind === 'organic') return burnt(putCompound(emptyVessel(SAMPLE), jar, mg))
  return jar.kind === 'solids'
    ? putDry(emptyVessel(SAMPLE), jar, mg)
    : settleEquilibrium(pour(emptyVessel(SAMPLE), jar.solution, 0.1), conditions.shift)
}
/** The same, that the step itself sets fire to or melts. */
export const pinch = (bench: Bench): Vessel =>
  bench.jar.kind === 'organic' ? putCompound(emptyVessel(SAMPLE), bench.jar, FLAME_mg) : speck(bench, FLAME_mg)

/** What heating to redness leaves of an organic compound: its metals, as the salts they burn to. */
export function burnt(vessel: Vessel): Vessel {
  if (!vessel.organic) return vessel
  const dry = new Map(vessel.dry)
  for (const [smiles, mol] of vessel.organic.compounds)
    for (const [salt, n] of ashOf(structureOf(smiles), mol)) dry.set(salt, (dry.get(salt) ?? 0) + n)
  return { ...vessel, dry, organic: { ...vessel.organic, ashed: true }, roasted: true, temperature: ROOM }
}
