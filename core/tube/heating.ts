import { message } from '../messages/message'
import type { Shift } from '../equilibrium'
import { isDryIon } from '../species'
import { BOILING, ROOM, type Celsius } from '../units'
import { held, StepError, wetDry, type Done } from './jar'
import { roast, type Heating, type RoastStage } from './roast'
import { aerate, distil, hydrolyse, hydrolyses, rested, waits } from './slow'
import { release, settleEquilibrium, STREAM_PORTIONS, strip, type Vessel } from './vessel'

/** mL of steam's worth of water a gently boiling tube loses in a minute, and the litres that is at 100 °C. */
export const BOILED_mL = 0.15
export const STEAM_L = 0.25

/** Oxygen that gets into a boiling tube in a minute, mol. */
const BOILING_AIR = 2e-6

export const dryOnly = (vessel: Vessel): boolean => vessel.volume_mL === 0 && vessel.dry.size > 0

/** Heats a dry vessel through stages; the gases of all of them stand in its mouth. */
export function heatDry(vessel: Vessel, stages: readonly Heating[], to_C?: number): Done {
  if ([...vessel.dry.keys()].some(isDryIon)) throw new StepError('vessel', message('refusal.unknown-salts'))
  const roasted: RoastStage[] = []
  let dry = vessel.dry
  const headspace = new Map<string, number>()
  for (const stage of stages) {
    const done = roast(dry, stage, to_C)
    roasted.push(done)
    dry = done.holds
    for (const { gas, mol } of done.evolved) if (gas !== 'H2O') headspace.set(gas, (headspace.get(gas) ?? 0) + mol)
  }
  return { after: { ...vessel, dry, headspace, roasted: true, temperature: ROOM }, roasted }
}

export function heat(vessel: Vessel, temperature: Celsius, time_min: number, stream_L: number, boiled_mL: number, shift: Shift | undefined): Done {
  held(vessel, 'vessel')
  if (dryOnly(vessel)) return heatDry(vessel, ['gently'], temperature)
  if (vessel.volume_mL === 0 && vessel.organic) return { after: { ...vessel, temperature } }
  if (vessel.volume_mL === 0) throw new StepError('vessel', message('refusal.nothing-to-heat'))
  const hot = wetDry(rested({ ...vessel, temperature, settled: false }, 0))
  let gone = release(settleEquilibrium(hot, shift), shift)
  const slow = hydrolyses(vessel)
  // Where something is made and driven off at once, the time is taken in portions, and each portion of the stream after that.
  const portions = slow ? STREAM_PORTIONS : 1
  for (let n = 0; n < portions; n++) {
    // An open tube that boils draws air in as it is moved in the flame.
    if (temperature >= BOILING) gone = { ...gone, vessel: aerate(gone.vessel, (BOILING_AIR * time_min) / portions, shift) }
    gone = together(gone, strip(rested(gone.vessel, time_min / portions), stream_L / portions, shift, STREAM_PORTIONS / portions))
    // What is made last is not driven off: a tube taken from the bath still smells.
    if (slow) gone = { ...gone, vessel: settleEquilibrium(hydrolyse(gone.vessel, time_min / portions), shift) }
  }
  const away = Math.min(boiled_mL, Math.max(0, gone.vessel.volume_mL - 0.2))
  const less = distil({ ...gone.vessel, volume_mL: gone.vessel.volume_mL - away, water: gone.vessel.water - (away * 0.958) / 18.015 })
  const after = away > 0 || waits(less) ? settleEquilibrium(less, shift) : less
  return { after: { ...after, headspace: gone.vessel.headspace }, escaped: gone.escaped }
}

/** Two goings-off of gas, one after the other, as one. */
export function together(first: ReturnType<typeof release>, then: ReturnType<typeof release>): ReturnType<typeof release> {
  if (first.escaped.length === 0) return then
  const headspace = new Map(first.vessel.headspace)
  for (const [id, mol] of then.vessel.headspace) if (then.escaped.length > 0) headspace.set(id, (headspace.get(id) ?? 0) + mol)
  const escaped = first.escaped.map((e) => ({ ...e, mol: headspace.get(e.gas.id) ?? e.mol }))
  return { vessel: { ...then.vessel, headspace }, escaped }
}

/** Litres of steam that a millilitre of water makes at 100 °C. */
const STEAM_PER_mL = 1.63

export function concentrate(vessel: Vessel, toFraction: number, shift: Shift | undefined): Done {
  if (vessel.volume_mL === 0) throw new StepError('vessel', message('refusal.nothing-to-boil-down'))
  const away = vessel.volume_mL * (1 - toFraction)
  const boiled = heat(vessel, BOILING, away / BOILED_mL, STEAM_PER_mL * away, away, shift)
  return { ...boiled, after: settleEquilibrium({ ...boiled.after, temperature: ROOM, settled: true }, shift) }
}
