import { message } from '../messages/message'
import { findReagent, gasById } from '../species'
import { boilingPointOf, notFusable } from '../structure'
import { BOILING, celsius, ROOM, WARM } from '../units'
import { absorb } from './absorbing'
import { addTo, strengthened } from './adding'
import { burntWithOxide, hasOxide } from './combustion'
import { dissolveIn } from './dissolving'
import { boilWithSoda } from './extracting'
import { extractOf } from './fusion'
import { BOILED_mL, concentrate, dryOnly, heat, heatDry, STEAM_L } from './heating'
import { held, StepError, type Bench, type Done } from './jar'
import { FUSED_mg } from './operations/fuse'
import { burnt, CHARCOAL_mg, FLAME_mg, partLiquid, pinch, speck } from './portions'
import type { Doing, EachOperation } from './procedure'
import { SAMPLE } from './sample'
import { aerate, hydrolyse, igniteAway, rested, SHAKEN_AIR, STILL_AIR } from './slow'
import { takeFrom } from './taking'
import { pour, pourOff, settleEquilibrium, strip, type Vessel } from './vessel'

/** Litres of air that pass over a warm, and a standing, tube in a minute. */
const WARM_AIR_L = 0.01
const STILL_AIR_L = 0.002
/** Minutes after which a hot tube is cold. */
const COLD_min = 5
/** What hot washing water has in the tube. */
const WASHED_HOT = celsius(80)
/** mol of gas that bubbles through in a minute from a generator or a cylinder, three bubbles a second. */
const PASSED_mol = 1e-3

/**
 * What each operation makes of the vessel it acts on, and of others.
 * @throws StepError when it cannot be done on this bench
 * @throws UnknownReagent for a reagent that is not understood
 */
export const CHANGES: EachOperation<Done, [bench: Bench, vessel: Vessel]> = {
  take: (step, bench, vessel) => takeFrom(bench, step, vessel),
  dissolve: (step, bench, vessel) => dissolveIn(bench, step, vessel),
  add: (step, bench, vessel) => addTo(bench, step, vessel),
  shake: (step, { conditions: { shift } }, vessel) => {
    const time = step.minutes ?? 1
    // Shaking stirs, scratches and lets air in.
    const shaken = settleEquilibrium(rested({ ...held(vessel, 'vessel'), settled: false }, 2 * time), shift)
    return { after: { ...aerate(shaken, SHAKEN_AIR * time, shift), settled: false } }
  },
  stand: (step, { conditions: { shift } }, vessel) => {
    const time = step.minutes ?? 1
    const cooled = time >= COLD_min ? ROOM : vessel.temperature
    const quiet = rested({ ...held(vessel, 'vessel'), temperature: cooled, settled: true }, time)
    const aired = strip(aerate(settleEquilibrium(hydrolyse(quiet, time), shift), STILL_AIR * time, shift), STILL_AIR_L * time, shift)
    return { after: { ...aired.vessel, settled: true } }
  },
  warm: ({ minutes = 1 }, { conditions: { shift } }, vessel) => heat(vessel, WARM, minutes, WARM_AIR_L * minutes, 0, shift),
  boil: ({ minutes = 1 }, { conditions: { shift } }, vessel) => heat(vessel, BOILING, minutes, STEAM_L * minutes, BOILED_mL * minutes, shift),
  ignite: (step, _, vessel) => {
    if (vessel.organic && !vessel.organic.ashed) return hasOxide(vessel) ? burntWithOxide(vessel) : { after: burnt(vessel) }
    return dryOnly(held(vessel, 'vessel'))
      ? heatDry(vessel, step.heat === 'gently' ? ['gently'] : ['gently', 'strongly'])
      : { after: igniteAway(vessel) }
  },
  cool: (step, { conditions }, vessel) => ({
    after: settleEquilibrium({ ...held(vessel, 'vessel'), temperature: step.to === 'ice' ? celsius(0) : ROOM }, conditions.shift),
  }),
  concentrate: (step, { conditions }, vessel) => concentrate(held(vessel, 'vessel'), step.toFraction, conditions.shift),
  pass: (step, { conditions }, vessel) => {
    const gas = gasById.get(step.gas)
    if (!gas) throw new StepError('gas', message('refusal.gas', { gases: [...gasById.keys()].join(', ') }))
    return absorb(vessel, new Map([[gas.id, PASSED_mol * step.minutes]]), conditions.shift)
  },
  bubble: (step, bench, through) => {
    const from = bench.vessels.get(step.from)
    if (!from) throw new StepError('from', message('refusal.empty', { vessel: step.from }))
    return { ...absorb(through, from.headspace, bench.conditions.shift), others: [{ ...from, headspace: new Map() }] }
  },
  centrifuge: (step, bench, vessel) => partLiquid(bench, step, vessel),
  filter: (step, bench, vessel) => partLiquid(bench, step, vessel),
  wash: (step, { conditions }, vessel) => {
    const mixed = pour(held(vessel, 'vessel'), strengthened(findReagent(step.with), conditions), step.mL)
    const poured = settleEquilibrium(step.hot ? { ...mixed, temperature: WASHED_HOT } : mixed, conditions.shift)
    return { after: settleEquilibrium({ ...pourOff(poured).rest, settled: true }, conditions.shift) }
  },
  'soda-extract': (step, bench, vessel) => boilWithSoda(bench, step, vessel),
  flame: (step, bench, vessel) => ({ after: step.from === SAMPLE ? speck(bench, FLAME_mg) : held(vessel, 'from') }),
  bead: (step, bench, vessel) => ({ after: step.from === SAMPLE ? speck(bench, FLAME_mg) : held(vessel, 'from') }),
  charcoal: (step, bench, vessel) => ({ after: step.from === SAMPLE ? speck(bench, CHARCOAL_mg) : held(vessel, 'from') }),
  'copper-wire': (step, bench, vessel) => ({ after: step.from === SAMPLE ? pinch(bench) : held(vessel, 'from') }),
  ignition: (step, bench, vessel) => ({ after: step.from === SAMPLE ? pinch(bench) : held(vessel, 'from') }),
  fuse: (step, { jar }, vessel) => {
    if (jar.kind !== 'organic') throw new StepError('do', message('refusal.salt-fused'))
    const { structure } = jar
    const danger = step.with === 'sodium' ? notFusable(structure) : null
    if (danger) throw new StepError('with', message('refusal.not-with-sodium', { danger }))
    const mol = (step.sample_mg ?? FUSED_mg.sample) / 1000 / structure.molarMass
    const { extract, residue } = extractOf(vessel, structure, mol, boilingPointOf(structure), step)
    return { after: extract, others: step.with === 'zinc-carbonate' ? [residue] : [] }
  },
  'melting-point': (step, bench, vessel) => ({ after: step.of === SAMPLE ? pinch(bench) : held(vessel, 'from') }),
  'boiling-point': (step, bench, vessel) => ({ after: step.of === SAMPLE ? pinch(bench) : held(vessel, 'from') }),
  'cobalt-nitrate': (step, bench, vessel) => {
    // Wetted with cobalt nitrate when it has been made red hot once.
    const on = step.on === SAMPLE ? speck(bench, CHARCOAL_mg) : held(vessel, 'on')
    return dryOnly(on) && !on.roasted ? heatDry(on, ['gently', 'strongly']) : { after: on }
  },
  dip: (_, __, vessel) => ({ after: held(vessel, 'into') }),
  hold: (step, _, vessel) => {
    if (!step.paper && !step.splint && !step.rod) throw new StepError('hold', message('refusal.nothing-held'))
    return { after: held(vessel, 'over') }
  },
  smell: (_, __, vessel) => ({ after: held(vessel, 'at') }),
  look: (_, __, vessel) => ({ after: held(vessel, 'at') }),
}

/** Litres of vapour a minute that drive a gas off which organic matter only just made. */
export const SWEEPS_L: Partial<Record<Doing, number>> = { warm: WARM_AIR_L, boil: STEAM_L }
