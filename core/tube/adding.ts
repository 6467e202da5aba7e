import { message } from '../messages/message'
import type { Shift } from '../equilibrium'
import { dryPhase, findReagent, findSolid, findSolvent, molarMass, type OrganicSolvent, type Solution, type SolventData } from '../species'
import { celsius, DROP_mL } from '../units'
import { together } from './heating'
import { StepError, volumeOf, wetDry, type Bench, type Conditions, type Done } from './jar'
import { pourAgents } from './matter'
import type { Until } from './operations/add'
import type { StepOf } from './procedure'
import { emptyVessel, gasPressures, pour, release, settleEquilibrium, split, type Vessel } from './vessel'

export function strengthened(solution: Solution, conditions: Conditions): Solution {
  const factor = conditions.strength ?? 1
  return factor === 1 ? solution : { ...solution, totals: solution.totals.map((t) => t * factor) }
}

const MOST_DROPS = 80

export function addTo(bench: Bench, step: StepOf<'add'>, start: Vessel): Done {
  const { conditions } = bench
  const { shift } = conditions
  const vessel = { ...start, headspace: new Map<string, number>() }
  if (step.mg !== undefined) return addSolid(step.reagent, step.mg, vessel, shift)
  const found = findSolvent(step.reagent)
  // Among organic matter it is a reagent as well, and counted as its molecules.
  const solvent = found?.takesPart && vessel.organic ? undefined : found
  if (solvent && vessel.organic && vessel.volume_mL === 0) return addMedium(bench, step, solvent, vessel)
  if (solvent) return addSolvent(bench, step, solvent, vessel)
  const reagent = strengthened(findReagent(step.reagent), conditions)
  const poured = (volume: number): Vessel => inTheDropper(reagent, volume, shift)
  const one = (v: Vessel, volume: number): ReturnType<typeof release> => release(settleEquilibrium(wetDry(pour(v, reagent, volume)), shift), shift)
  const volume = volumeOf(bench, step)
  if (volume !== undefined) {
    const { vessel: after, escaped } = one(vessel, volume)
    return { after, poured: poured(volume), escaped, ...between(vessel, reagent, volume, shift) }
  }
  if (!step.until) throw new StepError('drops', message('refusal.no-amount'))
  const drop = conditions.drop_mL ?? DROP_mL
  const done = signOf(step.until, vessel)
  let now: ReturnType<typeof release> = { vessel, escaped: [] }
  let drops = 0
  let leap = 1
  for (let isNear = !ONE_WAY.has(step.until), isDone = false; !isDone && drops < MOST_DROPS;) {
    const next = together(now, one(now.vessel, leap * drop))
    isDone = done(next.vessel, drops + leap)
    isNear ||= isDone
    if (!isDone || leap === 1) {
      now = next
      drops += leap
    } else isDone = false
    leap = isNear ? Math.max(1, Math.floor(leap / 2)) : Math.min(2 * leap, MOST_DROPS - drops)
  }
  return { after: now.vessel, poured: poured(drops * drop), drops, escaped: now.escaped }
}

const droppers = new WeakMap<Solution, Map<number, Vessel>>()
/** So much of a reagent by itself; the same volumes of the same bottles come up time and again. */
function inTheDropper(reagent: Solution, volume: number, shift: Shift | undefined): Vessel {
  const fill = (): Vessel => settleEquilibrium(pour(emptyVessel('reagent'), reagent, volume), shift)
  if (shift) return fill()
  let known = droppers.get(reagent)
  if (!known) droppers.set(reagent, (known = new Map<number, Vessel>()))
  let filled = known.get(volume)
  if (!filled) known.set(volume, (filled = fill()))
  return filled
}

/** A reagent this strong in acid is heavy, and runs under the liquid it is poured into, mol/L. */
const HEAVY_ACID = 15
/** Shares of the acid in the layers where the two meet, and how hot they get, °C. */
const MEETING = [0.08, 0.15, 0.22, 0.3]
const MEETING_C = celsius(60)

/** Concentrated acid let down the wall: what the two make where they meet. */
function between(vessel: Vessel, reagent: Solution, volume: number, shift: Shift | undefined): Pick<Done, 'interface'> {
  if (reagent.reagent !== 'sulfuric-acid' || reagent.molarity < HEAVY_ACID || vessel.volume_mL < 0.3 || volume < 0.2 || !vessel.contents) return {}
  const upper = split({ ...vessel, settled: true }, Math.min(0.1, vessel.volume_mL)).portion
  return {
    interface: () =>
      MEETING.map((share) => settleEquilibrium({ ...pour(upper, reagent, (upper.volume_mL * share) / (1 - share)), temperature: MEETING_C }, shift)),
  }
}

/** A liquid that does not mix with the water: it takes up what it likes better, as when the tube is shaken. */
function addSolvent(bench: Bench, step: StepOf<'add'>, solvent: SolventData, vessel: Vessel): Done {
  const volume = volumeOf(bench, step)
  if (volume === undefined) throw new StepError('mL', message('refusal.second-liquid'))
  if (vessel.volume_mL === 0) throw new StepError('to', message('refusal.no-water'))
  if (vessel.second && vessel.second.solvent.id !== solvent.id)
    throw new StepError('reagent', message('refusal.two-solvents', { solvent: vessel.second.solvent.name }))
  const second = { solvent, volume_mL: (vessel.second?.volume_mL ?? 0) + volume }
  return { after: settleEquilibrium({ ...vessel, second, settled: true }, bench.conditions.shift) }
}

const MEDIA: Readonly<Record<SolventData['family'], OrganicSolvent>> = {
  ether: 'ether',
  alcohol: 'ethanol',
  chlorinated: 'dichloromethane',
  hydrocarbon: 'hydrocarbon',
}
/** A solvent on the unknown alone: what it is dissolved in. */
function addMedium(bench: Bench, step: StepOf<'add'>, solvent: SolventData, vessel: Vessel): Done {
  const volume = volumeOf(bench, step)
  if (volume === undefined) throw new StepError('mL', message('refusal.solvent'))
  const organic = pourAgents(vessel.organic, { solvent: MEDIA[solvent.family] }, volume)
  return { after: settleEquilibrium({ ...vessel, organic, volume_mL: vessel.volume_mL + volume }, bench.conditions.shift) }
}

/** Forms of a metal of which little meets the liquid. */
const COARSE = /ribbon|turnings|foil|wire|strip|sheet|nail|granules|rod\b/i

/** A salt or a metal by the spatula. */
function addSolid(reagent: string, mg: number, vessel: Vessel, shift: Shift | undefined): Done {
  const solid = findSolid(reagent)
  const mol = mg / 1000 / molarMass(solid.formula)
  if ('agent' in solid) return { after: { ...vessel, organic: pourAgents(vessel.organic, { agents: { [solid.agent.formula]: mol * 1000 } }, 1) } }
  if ('inert' in solid && vessel.volume_mL === 0 && dryPhase(solid.inert.formula)) {
    const id = solid.inert.formula
    return { after: { ...vessel, dry: new Map(vessel.dry).set(id, (vessel.dry.get(id) ?? 0) + mol) } }
  }
  if ('inert' in solid) {
    const inert = new Map(vessel.inert).set(solid.inert.formula, (vessel.inert.get(solid.inert.formula) ?? 0) + mol)
    const strewn = new Set([...vessel.strewn, solid.inert.formula])
    const coarse = COARSE.test(reagent) ? new Set([...vessel.coarse, solid.inert.formula]) : vessel.coarse
    const { vessel: after, escaped } = release(settleEquilibrium({ ...vessel, inert, strewn, coarse, rested_min: 0 }, shift), shift)
    return { after, escaped }
  }
  const dry = new Map(vessel.dry).set(solid.salt.id, (vessel.dry.get(solid.salt.id) ?? 0) + mol)
  if (vessel.volume_mL === 0) return { after: { ...vessel, dry } }
  const { vessel: after, escaped } = release(settleEquilibrium(wetDry({ ...vessel, dry }), shift), shift)
  return { after, escaped }
}

/** Signs that every drop brings nearer: those before the last need not be looked at one by one. */
const ONE_WAY: ReadonlySet<Until> = new Set(['just-basic', 'just-acidic'])

/** When to stop adding. "Excess" is a second volume after the sign, at least twenty drops. */
function signOf(until: Until, start: Vessel): (now: Vessel, drops: number) => boolean {
  const solidIn = (v: Vessel): number => v.contents?.solids.reduce((sum, s) => sum + s.mg, 0) ?? 0
  let last = solidIn(start)
  switch (until) {
    case 'just-basic':
      return (now) => (now.contents?.pH ?? 7) > 7.5
    case 'just-acidic':
      return (now) => (now.contents?.pH ?? 7) < 6
    case 'no-more-gas':
      // Once no carbonate is left to make any, the last drop gave no bubble.
      return (now) => gasPressures(now).reduce((sum, { atm }) => sum + atm, 0) < 0.9 && (now.contents?.pH ?? 7) < 5
    case 'no-more-precipitate':
      return (now) => {
        const solid = solidIn(now)
        const grows = solid > last * 1.002 + 1e-4
        last = solid
        return !grows
      }
    case 'dissolved':
      return (now) => solidIn(now) < 0.005 * now.volume_mL
    case 'excess':
      return (_, drops) => drops >= Math.max(20, Math.ceil(start.volume_mL / DROP_mL))
  }
}
