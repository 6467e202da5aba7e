import { acidExcess, chemistryOf, newState, rootBetween, solveSystem, stateFrom, type Chemistry, type Shift, type State } from '../equilibrium'
import { AQUEOUS, COMPONENTS, gasById, molarMass, type Extract, type Gas, type Solid, type Solution } from '../species'
import { celsius, GAS_CONSTANT_L_atm, kelvin, LN10, ROOM, type Celsius } from '../units'
import { inEthanol } from './alcohol'
import { convert, mayConvert } from './convert'
import { pourAgents, splitOrganic } from './matter'
import { mayReact, react } from './redox'
import type { Contents, Reacting, Vessel } from './state'

export type { Contents, Vessel } from './state'

export const emptyVessel = (id: string): Vessel => ({
  id,
  totals: new Float64Array(COMPONENTS.length),
  water: 0,
  volume_mL: 0,
  temperature: ROOM,
  aged: new Set(),
  asIssued: new Set(),
  dry: new Map(),
  inert: new Map(),
  strewn: new Set(),
  roasted: false,
  ignited: false,
  second: null,
  rested_min: 0,
  reacted: new Map(),
  headspace: new Map(),
  coarse: new Set(),
  exchanged: false,
  settled: false,
  contents: null,
  organic: null,
})

/** Below this a component is carried in the ledger but takes no part, mol. */
const NEGLIGIBLE = 1e-15

const TAKES_PROTONS = AQUEOUS.flatMap((s, component) => (s.data.takesProtons ? [[component, s.data.takesProtons] as const] : []))

/** Strong acid in a vessel, mol/L: what hydrogen there is beyond what the anions of weak acids take. */
export function strongAcid(totals: Float64Array, volume_mL: number): number {
  let acid = totals[0] as number
  for (const [component, n] of TAKES_PROTONS) acid -= n * (totals[component] as number)
  return acid / (volume_mL / 1000)
}

/** Whether a solid's kinetic gate stands open in this vessel. */
function mayForm({ id, data: { gate } }: Solid, vessel: Vessel): boolean {
  if (!gate || vessel.aged.has(id)) return true
  if (gate.issued) return false
  if (gate.above_C !== undefined && vessel.temperature < gate.above_C) return false
  if (gate.after_min !== undefined && vessel.rested_min < gate.after_min) return false
  return gate.from === undefined || (vessel.contents?.solids.some((s) => s.solid.id === gate.from) ?? false)
}
function gatesOf({ solids, gated }: Chemistry, vessel: Vessel): Uint8Array {
  const allowed = new Uint8Array(solids.length).fill(1)
  for (const p of gated) if (!mayForm(solids[p] as Solid, vessel)) allowed[p] = 0
  return allowed
}
const secondShare = ({ second, volume_mL }: Vessel): number => (second ? second.volume_mL / volume_mL : 0)

function localTotals({ components }: Chemistry, totals: Float64Array): Float64Array {
  const local = new Float64Array(components.length)
  for (let j = 0; j < local.length; j++) local[j] = totals[components[j] as number] as number
  return local
}
function chemistryIn(vessel: Vessel, totals: Float64Array, shift: Shift | undefined): Chemistry {
  const present: number[] = []
  for (let j = 1; j < totals.length; j++) if ((totals[j] as number) > NEGLIGIBLE) present.push(j)
  return chemistryOf(present, vessel.temperature, shift, vessel.second?.solvent.family, vessel.exchanged || !exchangesSlowly(totals))
}
/** Whether a chemistry is that of these totals, so that it need not be looked up. */
function fits(chemistry: Chemistry, vessel: Vessel, totals: Float64Array, shift: Shift | undefined): boolean {
  const { local, temperature, solvent } = chemistry
  if (temperature !== vessel.temperature || solvent !== vessel.second?.solvent.family || chemistry.shift !== shift) return false
  if (chemistry.exchanged !== (vessel.exchanged || !exchangesSlowly(totals))) return false
  for (let j = 1; j < totals.length; j++) if ((totals[j] as number) > NEGLIGIBLE !== (local[j] as number) >= 0) return false
  return true
}

/** Components of complexes whose ligands exchange slowly. */
const SLOW_TO_EXCHANGE = [
  ...new Set(
    AQUEOUS.flatMap((s) => (s.data.inert === undefined ? [] : s.terms.map(([component]) => component).filter((c) => AQUEOUS[c]?.data.spectrum))),
  ),
]
const exchangesSlowly = (totals: Float64Array): boolean => SLOW_TO_EXCHANGE.some((component) => (totals[component] as number) > NEGLIGIBLE)
/** Whether a metal whose ligands exchange slowly was made between two states, by reduction: it takes up what is there as it comes. */
export const madeAnew = (before: Float64Array, after: Float64Array): boolean =>
  SLOW_TO_EXCHANGE.some((c) => (after[c] as number) > 1.01 * (before[c] as number) + NEGLIGIBLE)
/** From this temperature on they exchange while one looks on. */
const EXCHANGES_C = 60

/** The equilibrium of some totals in a vessel's volume and at its temperature, without oxidation or reduction. */
function equilibrate(vessel: Vessel, totals: Float64Array, shift: Shift | undefined, last: Contents | null): Contents {
  const chemistry = last && fits(last.chemistry, vessel, totals, shift) ? last.chemistry : chemistryIn(vessel, totals, shift)
  const state = warmStart(chemistry, last, totals, vessel.volume_mL / 1000)
  const local = localTotals(chemistry, totals)
  const allowed = gatesOf(chemistry, vessel)
  const excess = acidExcess(strongAcid(totals, vessel.volume_mL))
  const secondLiquid = secondShare(vessel)
  const asked = { totals: local, volume_L: vessel.volume_mL / 1000, gasSpace: 0, secondLiquid, acidExcess: excess, allowed }
  const waiting = chemistry.gated.filter(
    (p) => allowed[p] === 1 && !vessel.aged.has(chemistry.solids[p]?.id ?? '') && chemistry.solids[p]?.data.gate?.past !== undefined,
  )
  for (const p of waiting) allowed[p] = 0
  solveSystem(chemistry.system, asked, state)
  // What wants to be well past saturation before it begins is let in only where the liquid without it is.
  const begun = waiting.filter((p) => pastSaturation(chemistry, state, p) > (chemistry.solids[p]?.data.gate?.past ?? 0) * LN10)
  if (begun.length > 0) {
    for (const p of begun) allowed[p] = 1
    solveSystem(chemistry.system, asked, state)
  }
  return readContents(chemistry, state, vessel.volume_mL)
}

/** ln of a solid's product over its constant: 0 at saturation. */
function pastSaturation({ solids, local, system }: Chemistry, state: State, p: number): number {
  let sum = system.phaseLnK[p] as number
  for (const [component, n] of (solids[p] as Solid).terms) sum += n * (state.lambda[local[component] as number] as number)
  return sum
}

/** What one conversion makes another may take: so many turns at most. */
const MOST_CONVERSIONS = 6

/**
 * The vessel with its equilibrium worked out at its temperature, oxidation and reduction included.
 * @param shift constants to disturb, for robustness runs
 */
export function settleEquilibrium(given: Vessel, asked?: Shift): Vessel {
  if (given.volume_mL <= 0) return { ...given, contents: null }
  const shift = inEthanol(given.totals, given.volume_mL, asked)
  const vessel = given.exchanged || given.temperature < EXCHANGES_C ? given : { ...given, exchanged: true }
  let { totals, inert, reacted } = vessel
  let contents = equilibrate(vessel, totals, shift, vessel.contents)
  const reacts = mayReact(totals, inert)
  const converts = mayConvert(totals)
  if (reacts || converts) {
    let last = contents
    const mix: Reacting = {
      totals,
      inert: new Map(inert),
      temperature: vessel.temperature,
      rested_min: vessel.rested_min,
      coarse: vessel.coarse,
      strongAcid: strongAcid(totals, vessel.volume_mL),
      shift,
      settle: (t: Float64Array): Contents => (last = equilibrate(vessel, t, shift, last)),
      extents: new Map(reacted),
    }
    if (reacts) contents = react(mix, contents)
    for (let turn = 0; turn < MOST_CONVERSIONS && converts && convert(mix, contents, vessel.volume_mL); turn++) {
      contents = mix.settle(mix.totals)
      if (mayReact(mix.totals, mix.inert)) contents = react(mix, contents)
    }
    totals = mix.totals
    inert = mix.inert
    reacted = mix.extents
  }
  // Made by reduction, the metal takes up what is there as it comes.
  if (!vessel.exchanged && madeAnew(given.totals, totals)) {
    return settleEquilibrium({ ...vessel, exchanged: true, totals, inert, reacted, contents }, asked)
  }
  const there = new Set(contents.solids.map((s) => s.solid.id))
  const gated = contents.solids.filter((s) => s.solid.data.gate).map((s) => s.solid.id)
  const asIssued = new Set([...vessel.asIssued].filter((id) => there.has(id)))
  return { ...vessel, totals, inert, reacted, contents, aged: new Set(gated), asIssued }
}

/** What was known of other components goes on from there; what is new is taken to be free. */
function carriedOver(chemistry: Chemistry, last: Contents, totals: Float64Array, litres: number): State {
  const state = newState(chemistry.system)
  chemistry.components.forEach((global, j) => {
    const before = last.chemistry.local[global] as number
    state.lambda[j] = before >= 0 ? (last.state.lambda[before] as number) : Math.log((totals[global] as number) / litres)
  })
  const amounts = new Map(last.chemistry.solids.map((s, p) => [s, last.state.phases[p] as number]))
  chemistry.solids.forEach((s, p) => (state.phases[p] = amounts.get(s) ?? 0))
  state.ionicStrength = last.state.ionicStrength
  state.warm = true
  return state
}

function warmStart(chemistry: Chemistry, last: Contents | null, totals: Float64Array, litres: number): State {
  if (!last) return newState(chemistry.system)
  return last.chemistry === chemistry ? stateFrom(last.state) : carriedOver(chemistry, last, totals, litres)
}

function readContents(chemistry: Chemistry, state: State, volume_mL: number): Contents {
  const solids: { solid: Solid; mol: number; mg: number }[] = []
  chemistry.solids.forEach((solid, p) => {
    const amount = ((state.phases[p] as number) * volume_mL) / 1000
    if (amount > 0) solids.push({ solid, mol: amount, mg: amount * molarMass(solid.formula) * 1000 })
  })
  return { chemistry, state, pH: -(state.lambda[0] as number) / LN10, solids }
}

/** How much of one extract the second liquid holds, mol. */
const secondLiquidAmount = ({ chemistry, state }: Contents, extract: number, volume_mL: number): number =>
  ((state.amounts[chemistry.aqueous.length + chemistry.gases.length + extract] as number) * volume_mL) / 1000

/** What the second liquid has taken up, mol/L in it. */
export function secondLiquidHolds(vessel: Vessel): readonly { readonly extract: Extract; readonly molar: number }[] {
  const { contents, second } = vessel
  if (!contents || !second) return []
  return contents.chemistry.extracts.map((extract, e) => ({
    extract,
    molar: secondLiquidAmount(contents, e, vessel.volume_mL) / (second.volume_mL / 1000),
  }))
}

/** Concentration of a dissolved species, mol/L; 0 when it is not there. */
export function concentration(vessel: Vessel, formula: string): number {
  if (!vessel.contents) return 0
  const { chemistry, state } = vessel.contents
  const i = chemistry.aqueous.findIndex((s) => s.id === formula)
  return i < 0 ? 0 : (state.amounts[i] as number)
}

/** Pressure of each gas over the liquid, atm, were the space above it closed. */
export function gasPressures(vessel: Vessel): readonly { readonly gas: Gas; readonly atm: number }[] {
  if (!vessel.contents) return []
  const { chemistry, state } = vessel.contents
  return chemistry.gases.map((gas, g) => {
    let exponent = chemistry.system.lnK[chemistry.aqueous.length + g] as number
    for (const [component, n] of gas.terms) exponent += n * (state.lambda[chemistry.local[component] as number] as number)
    return { gas, atm: Math.exp(exponent) }
  })
}

/** Room for gas above the liquid of a test tube, L. */
const TUBE_ROOM_L = 0.015

/** Pressure of each gas in the mouth of the tube, atm: that over the liquid, or what was driven off a moment ago and still stands there. */
export function gasesOver(vessel: Vessel): ReturnType<typeof gasPressures> {
  const room = TUBE_ROOM_L / (GAS_CONSTANT_L_atm * kelvin(ROOM))
  const over = gasPressures(vessel).map(({ gas, atm }) => ({ gas, atm: Math.max(atm, Math.min(1, (vessel.headspace.get(gas.id) ?? 0) / room)) }))
  const known = new Set(over.map(({ gas }) => gas.id))
  const gone = [...vessel.headspace].filter(([id]) => !known.has(id)).map(([id, mol]) => ({ gas: gasNamed(id), atm: Math.min(1, mol / room) }))
  return [...over, ...gone]
}

/** The vessel with some of a solution poured in, not yet at equilibrium; its temperature that of the mixture. */
export function pour(vessel: Vessel, solution: Solution, volume_mL: number): Vessel {
  const totals = vessel.totals.slice()
  for (let j = 0; j < totals.length; j++) totals[j] = (totals[j] as number) + ((solution.totals[j] as number) * volume_mL) / 1000
  const volume = vessel.volume_mL + volume_mL
  return wet({
    ...vessel,
    organic: pourAgents(vessel.organic, solution, volume_mL),
    totals,
    water: vessel.water + (solution.water * volume_mL) / 1000,
    volume_mL: volume,
    temperature: celsius((vessel.temperature * vessel.volume_mL + ROOM * volume_mL) / volume),
    rested_min: 0,
    ignited: false,
    settled: false,
  })
}

/** Temperatures are kept to whole steps so that constants are computed once; a degree is far inside what a hand-held tube knows. */
export const roundTemperature = (temperature: Celsius): Celsius => celsius(Math.round(temperature / 5) * 5)

function wet(vessel: Vessel): Vessel {
  return { ...vessel, temperature: roundTemperature(vessel.temperature) }
}

export interface Escaped {
  readonly gas: Gas
  readonly mol: number
  /** Pressure over the liquid when it began, atm. */
  readonly atm: number
}

/** The liquid shared with a gas space of some size: the state, and the mol of each gas in the space. */
function sharedWithGas(vessel: Vessel, contents: Contents, gasSpace: number): { atm: number; gas: number[] } {
  const { chemistry, state } = contents
  const inSpace = stateFrom(state)
  const totals = localTotals(chemistry, vessel.totals)
  const excess = acidExcess(strongAcid(vessel.totals, vessel.volume_mL))
  const allowed = gatesOf(chemistry, vessel)
  const secondLiquid = secondShare(vessel)
  solveSystem(chemistry.system, { totals, volume_L: vessel.volume_mL / 1000, gasSpace, secondLiquid, acidExcess: excess, allowed }, inSpace)
  const gas = chemistry.gases.map((_, g) => ((inSpace.amounts[chemistry.aqueous.length + g] as number) * vessel.volume_mL) / 1000)
  return { gas, atm: gas.reduce((sum, n) => sum + n, 0) / gasSpace }
}

function withoutGas(vessel: Vessel, contents: Contents, gas: readonly number[]): Float64Array {
  const kept = vessel.totals.slice()
  contents.chemistry.gases.forEach((g, i) => {
    for (const [component, n] of g.terms) kept[component] = (kept[component] as number) - n * (gas[i] ?? 0)
  })
  return kept
}

export const STREAM_PORTIONS = 4
/**
 * Carries volatile gases off with a stream of vapour or air in equilibrium with the liquid.
 * @param stream_L volume of the carrier over the whole time, L
 * @param portions it is taken in
 */
export function strip(vessel: Vessel, stream_L: number, shift?: Shift, portions = STREAM_PORTIONS): { vessel: Vessel; escaped: Escaped[] } {
  const before = gasPressures(vessel)
  if (before.every(({ atm }) => atm < NO_PRESSURE_atm)) return { vessel, escaped: [] }
  const lost = new Map<string, number>()
  let now = vessel
  for (let portion = 0; portion < portions; portion++) {
    const { contents } = now
    if (!contents) break
    const { gas } = sharedWithGas(now, contents, stream_L / portions / (GAS_CONSTANT_L_atm * kelvin(now.temperature)))
    contents.chemistry.gases.forEach((g, i) => lost.set(g.id, (lost.get(g.id) ?? 0) + (gas[i] ?? 0)))
    now = settleEquilibrium({ ...now, totals: withoutGas(now, contents, gas) }, shift)
  }
  return { vessel: { ...now, headspace: lost }, escaped: goneOf(before, lost) }
}

/** The gases that did leave, with the pressure they began at. */
const goneOf = (before: ReturnType<typeof gasPressures>, lost: ReadonlyMap<string, number>): Escaped[] =>
  before.flatMap(({ gas, atm }) => ((lost.get(gas.id) ?? 0) > 1e-12 ? [{ gas, atm, mol: lost.get(gas.id) ?? 0 }] : []))

/** A gas whose pressure over the liquid is less than this leaves nothing worth carrying off, atm. */
const NO_PRESSURE_atm = 1e-7

/** Size of a bubble, as volume / (R T) in mol/atm: the first that is tried, and the largest; how near its pressure comes to one atmosphere; and how often it is tried. */
const USUAL_BUBBLE = 1e-4
const LARGEST_BUBBLE = 1
const FINE_BUBBLE = 0.01
const MOST_BUBBLES = 24
/**
 * Lets gas bubble off until the gases together press with no more than the air does: the bubble is sought whose pressure is that.
 */
export function release(vessel: Vessel, shift?: Shift): { vessel: Vessel; escaped: Escaped[] } {
  const before = gasPressures(vessel)
  const { contents } = vessel
  const pressure = before.reduce((sum, { atm }) => sum + atm, 0)
  if (!contents || pressure <= 1) return { vessel, escaped: [] }
  let gas: number[] = []
  // What one gas leaves dissolved and what stands in the bubble share it in proportion, so that the inverse of its pressure grows evenly with the bubble.
  const shortAt = (space: number): number => {
    const shared = sharedWithGas(vessel, contents, space)
    gas = shared.gas
    return 1 / shared.atm - 1
  }
  let small = { at: 0, value: 1 / pressure - 1 }
  let large = { at: USUAL_BUBBLE, value: shortAt(USUAL_BUBBLE) }
  while (large.value < 0 && large.at < LARGEST_BUBBLE) {
    small = large
    const at = 4 * large.at
    large = { at, value: shortAt(at) }
  }
  rootBetween(small, large, shortAt, ({ value }) => Math.abs(value) < FINE_BUBBLE, MOST_BUBBLES)
  const after = settleEquilibrium({ ...vessel, totals: withoutGas(vessel, contents, gas) }, shift)
  const lost = new Map(contents.chemistry.gases.map((g, i) => [g.id, gas[i] ?? 0]))
  return { vessel: { ...after, headspace: lost }, escaped: goneOf(before, lost) }
}

/** Takes the liquid off a settled vessel; what clings to the solid, a thirtieth and never less than half a drop, stays. */
export function pourOff(vessel: Vessel): { liquid: Vessel; rest: Vessel } {
  const cling = Math.max(0.025, vessel.volume_mL / 30)
  const { portion, rest } = split({ ...vessel, settled: true }, Math.max(0, vessel.volume_mL - cling))
  return { liquid: { ...portion, asIssued: new Set(), aged: new Set() }, rest }
}

/** Splits off a share of a vessel: liquid alone once it has settled, liquid and suspended solid before. */
export function split(vessel: Vessel, volume_mL: number): { portion: Vessel; rest: Vessel } {
  const share = Math.min(1, volume_mL / vessel.volume_mL)
  const taken = vessel.totals.map((t) => t * share)
  let water = vessel.water * share
  if (vessel.settled && vessel.contents) {
    for (const { solid, mol } of vessel.contents.solids) {
      for (const [component, n] of solid.terms) taken[component] = (taken[component] as number) - n * mol * share
      water -= solid.water * mol * share
    }
  }
  const { contents } = vessel
  contents?.chemistry.extracts.forEach((extract, e) => {
    const mol = secondLiquidAmount(contents, e, vessel.volume_mL)
    for (const [component, n] of extract.terms) taken[component] = (taken[component] as number) - n * mol * share
  })
  // Turnings stay where they are; what a settled liquid leaves behind too.
  const shared = splitOrganic(vessel.organic, share, vessel.settled)
  const portion = {
    ...vessel,
    organic: shared.portion,
    totals: taken,
    water,
    volume_mL: vessel.volume_mL * share,
    inert: new Map<string, number>(),
    dry: new Map<string, number>(),
    second: null,
    headspace: new Map<string, number>(),
  }
  const rest = {
    ...vessel,
    organic: shared.rest,
    totals: vessel.totals.map((t, j) => t - (taken[j] as number)),
    water: vessel.water - water,
    volume_mL: vessel.volume_mL * (1 - share),
  }
  return { portion, rest }
}

export const gasNamed = (id: string): Gas => {
  const gas = gasById.get(id)
  if (!gas) throw new Error(`gas ${id} is not in the registry`)
  return gas
}
