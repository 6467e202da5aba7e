import type { Shift } from '../equilibrium'
import { COMPONENTS, findIon, findReagent, findSalt, findSolid, gasById, inComponents, molarMass, type Salt, type Solution } from '../species'
import { BOILING, celsius, DROP_mL, ROOM, WARM, type Celsius } from '../units'
import { SAMPLE, vesselOf, type Sample, type Step, type Until } from './procedure'
import {
  emptyVessel,
  gasPressures,
  pour,
  pourOff,
  release,
  roundTemperature,
  settleEquilibrium,
  split,
  strip,
  type Escaped,
  type Vessel,
} from './vessel'

/** The jar, as amounts. */
export type Jar =
  | { readonly kind: 'solids'; readonly salts: readonly { readonly salt: Salt; readonly mol: number; readonly mg: number }[] }
  | { readonly kind: 'solution'; readonly solution: Solution; readonly mL: number }

/** How the model departs from the nominal one: disturbed constants, other strengths, other drops. All of it optional. */
export interface Conditions {
  readonly shift?: Shift
  /** Factor on every reagent's strength. */
  readonly strength?: number
  readonly drop_mL?: number
}

/** The rack and the jar. Never changed: every step makes a new one. */
export interface Bench {
  readonly jar: Jar
  readonly vessels: ReadonlyMap<string, Vessel>
  readonly conditions: Conditions
}

/** What happened in a step, for perception to look at. */
export interface Event {
  readonly step: Step
  readonly before: Vessel
  readonly after: Vessel
  /** What was poured in, at equilibrium by itself in its own volume; undefined where nothing was. */
  readonly poured: Vessel | undefined
  readonly escaped: readonly Escaped[]
  /** Drops added, where the step asked for a sign instead of an amount. */
  readonly drops: number | undefined
}

/** Thrown when a step cannot be done; `path` is relative to the step. */
export class StepError extends Error {
  constructor(
    readonly path: string,
    readonly expected: string,
  ) {
    super(`${path}: expected ${expected}`)
    this.name = 'StepError'
  }
}

/** @throws StepError when the sample is not one this version holds */
export function openJar(sample: Sample): Jar {
  if ('solids' in sample) {
    return {
      kind: 'solids',
      salts: sample.solids.map(({ formula, mg }, i) => {
        const salt = saltNamed(formula, `sample.solids.${i}.formula`)
        return { salt, mg, mol: mg / 1000 / molarMass(salt.formula) }
      }),
    }
  }
  if ('solution' in sample) {
    const { ions, mL } = sample.solution
    return { kind: 'solution', solution: solutionOf(ions), mL }
  }
  throw new StepError('sample.organic', 'a salt or a solution; organic compounds are not simulated yet')
}

function saltNamed(formula: string, path: string): Salt {
  let salt: Salt | undefined
  try {
    salt = findSalt(formula)
  } catch (error) {
    throw new StepError(path, error instanceof Error ? error.message : 'a formula')
  }
  if (!salt) throw new StepError(path, `a bench salt in scope (see "catalogue"), not ${formula}`)
  return salt
}

function solutionOf(ions: Readonly<Record<string, number>>): Solution {
  const sum: Record<string, number> = {}
  let charge = 0
  for (const [text, n] of Object.entries(ions)) {
    let ion: string | undefined
    try {
      ion = findIon(text)
    } catch {
      ion = undefined
    }
    if (!ion) throw new StepError(`sample.solution.ions.${text}`, 'an ion in scope (see "catalogue")')
    sum[ion] = (sum[ion] ?? 0) + n
    charge += n * chargeOf(ion)
  }
  const total = Object.values(ions).reduce((a, b) => a + b, 0)
  if (Math.abs(charge) > 1e-6 * Math.max(total, 1e-9))
    throw new StepError('sample.solution.ions', `charges that balance; these add up to ${charge.toPrecision(3)} mmol/mL`)
  const totals = new Float64Array(COMPONENTS.length)
  for (const [component, n] of inComponents(sum).terms) totals[component] = n
  return { label: 'sample solution', reagent: 'sample', molarity: total, totals, water: 55.3, caution: '' }
}

const chargeOf = (ion: string): number => {
  const match = /\^(\d*)([+-])$/.exec(ion)
  return match ? Number(match[1] || 1) * (match[2] === '-' ? -1 : 1) : 0
}

export const newBench = (jar: Jar, conditions: Conditions = {}): Bench => ({ jar, vessels: new Map(), conditions })

/**
 * Carries out one step.
 * @throws StepError when the step cannot be done on this bench
 * @throws UnknownReagent for a reagent that is not understood
 */
export function perform(bench: Bench, step: Step): { bench: Bench; event: Event } {
  const id = vesselOf(step)
  const before = bench.vessels.get(id) ?? emptyVessel(id)
  const done = operate(bench, step, before)
  const vessels = new Map(bench.vessels)
  for (const v of done.others ?? []) vessels.set(v.id, v)
  // The jar itself is no vessel: what was held in the flame is burnt.
  if (id !== SAMPLE) vessels.set(id, done.after)
  const event: Event = { step, before, after: done.after, poured: done.poured, escaped: done.escaped ?? [], drops: done.drops }
  return { bench: { ...bench, vessels }, event }
}

interface Done {
  readonly after: Vessel
  readonly others?: readonly Vessel[]
  readonly poured?: Vessel
  readonly escaped?: readonly Escaped[]
  readonly drops?: number
}

/** mL of steam's worth of water a gently boiling tube loses in a minute, and the litres that is at 100 °C. */
const BOILED_mL = 0.15
const STEAM_L = 0.25
/** Litres of air that pass over a warm, and a standing, tube in a minute. */
const WARM_AIR_L = 0.01
const STILL_AIR_L = 0.002

function operate(bench: Bench, step: Step, vessel: Vessel): Done {
  const { shift } = bench.conditions
  const settle = (v: Vessel): Vessel => settleEquilibrium(v, shift)
  switch (step.do) {
    case 'take':
      return takeFrom(bench, step, vessel)
    case 'dissolve':
      return dissolve(bench, step, vessel)
    case 'add':
      return addTo(bench, step, vessel)
    case 'shake':
      return { after: { ...held(vessel, 'vessel'), settled: false } }
    case 'stand': {
      const time = step.minutes ?? 1
      const cooled = time >= 5 ? ROOM : vessel.temperature
      const aired = strip(settle({ ...held(vessel, 'vessel'), temperature: cooled, settled: true }), STILL_AIR_L * time, shift)
      return { after: { ...aired.vessel, settled: true } }
    }
    case 'warm':
      return heat(vessel, WARM, WARM_AIR_L * (step.minutes ?? 1), 0, shift)
    case 'boil':
      return heat(vessel, BOILING, STEAM_L * (step.minutes ?? 1), BOILED_mL * (step.minutes ?? 1), shift)
    case 'cool':
      return { after: settle({ ...held(vessel, 'vessel'), temperature: step.to === 'ice' ? celsius(0) : ROOM }) }
    case 'concentrate':
      return concentrate(held(vessel, 'vessel'), step.toFraction, shift)
    case 'pass':
      return passGas(vessel, step.gas, step.minutes, shift)
    case 'bubble':
      return bubble(bench, step, vessel)
    case 'centrifuge':
    case 'filter': {
      if (vessel.volume_mL === 0) throw new StepError('vessel', `a vessel with liquid in it; ${vessel.id} has none`)
      if (step.liquidInto === step.vessel) throw new StepError('liquidInto', 'another vessel than the one that keeps the solid')
      const { liquid, rest } = pourOff(vessel)
      const into = merge(bench.vessels.get(step.liquidInto) ?? emptyVessel(step.liquidInto), liquid)
      return { after: settle({ ...rest, settled: true }), others: [settle(into)] }
    }
    case 'wash':
      return wash(bench, step, vessel)
    case 'soda-extract':
      return sodaExtract(bench, step, vessel)
    case 'flame': {
      if (step.from !== SAMPLE) return { after: held(vessel, 'from') }
      const { jar } = bench
      return { after: jar.kind === 'solids' ? putDry(emptyVessel(SAMPLE), jar, FLAME_mg) : settle(pour(emptyVessel(SAMPLE), jar.solution, 0.1)) }
    }
    case 'hold': {
      if (!step.paper && !step.splint && !step.rod) throw new StepError('hold', 'one of paper, splint, rod')
      return { after: held(vessel, 'over') }
    }
    case 'dip':
      return { after: held(vessel, 'into') }
    case 'smell':
    case 'look':
      return { after: held(vessel, 'at') }
  }
}

/** What a loop carries, mg. */
const FLAME_mg = 5
/** Litres of steam that a millilitre of water makes at 100 °C. */
const STEAM_PER_mL = 1.63

function concentrate(vessel: Vessel, toFraction: number, shift: Shift | undefined): Done {
  if (vessel.volume_mL === 0) throw new StepError('vessel', 'a liquid to boil down')
  const away = vessel.volume_mL * (1 - toFraction)
  const boiled = heat(vessel, BOILING, STEAM_PER_mL * away, away, shift)
  return { ...boiled, after: settleEquilibrium({ ...boiled.after, temperature: ROOM, settled: true }, shift) }
}

/** mol of gas that bubbles through in a minute from a generator or a cylinder, three bubbles a second. */
const PASSED_mol = 1e-3

function passGas(vessel: Vessel, formula: string, minutes: number, shift: Shift | undefined): Done {
  const gas = gasById.get(formula)
  if (!gas) throw new StepError('gas', `one of ${[...gasById.keys()].join(', ')}`)
  return { after: absorb(vessel, new Map([[gas.id, PASSED_mol * minutes]]), shift).vessel }
}

/** Gas led into a liquid: what it does not take up goes on. */
function absorb(vessel: Vessel, gases: ReadonlyMap<string, number>, shift: Shift | undefined): ReturnType<typeof release> {
  if (vessel.volume_mL === 0) throw new StepError('through', 'a vessel with liquid in it')
  const totals = Float64Array.from(vessel.totals)
  for (const [id, mol] of gases)
    for (const [component, n] of gasById.get(id)?.terms ?? []) totals[component] = (totals[component] as number) + n * mol
  return release(settleEquilibrium({ ...vessel, totals, settled: false }, shift), shift)
}

function bubble(bench: Bench, step: Extract<Step, { do: 'bubble' }>, through: Vessel): Done {
  const from = bench.vessels.get(step.from)
  if (!from) throw new StepError('from', `a vessel that holds something; ${step.from} is empty`)
  return { after: absorb(through, from.headspace, bench.conditions.shift).vessel, others: [{ ...from, headspace: new Map() }] }
}

function wash(bench: Bench, step: Extract<Step, { do: 'wash' }>, vessel: Vessel): Done {
  const { conditions } = bench
  const poured = settleEquilibrium(pour(held(vessel, 'vessel'), strengthened(findReagent(step.with), conditions), step.mL), conditions.shift)
  return { after: settleEquilibrium({ ...pourOff(poured).rest, settled: true }, conditions.shift) }
}

/** Soda extract: three times the sample's mass of sodium carbonate, 5 mL of water and boiling, then filtered. */
const EXTRACT_mL = 5
const EXTRACT_MINUTES = 5

function sodaExtract(bench: Bench, step: Extract<Step, { do: 'soda-extract' }>, into: Vessel): Done {
  const { jar, conditions } = bench
  if (jar.kind === 'solution') throw new StepError('do', 'a solid sample; to a solution add sodium carbonate instead')
  const mass = step.mg ?? jar.salts.reduce((sum, s) => sum + s.mg, 0)
  const soda = findSalt('Na2CO3')
  if (!soda) throw new Error('sodium carbonate is not in the registry')
  const start = putDry(emptyVessel(`${into.id}-residue`), jar, mass)
  const dry = new Map(start.dry).set(soda.id, (start.dry.get(soda.id) ?? 0) + (3 * mass) / 1000 / molarMass(soda.formula))
  const wetted = settleEquilibrium(wetDry(pour({ ...start, dry }, findReagent('water'), EXTRACT_mL)), conditions.shift)
  const boiled = heat(wetted, BOILING, 0.25 * EXTRACT_MINUTES, 0, conditions.shift)
  const { liquid, rest } = pourOff(settleEquilibrium({ ...boiled.after, temperature: ROOM }, conditions.shift))
  return { after: settleEquilibrium(merge(into, liquid), conditions.shift), others: [rest], ...(boiled.escaped ? { escaped: boiled.escaped } : {}) }
}

function held(vessel: Vessel, path: string): Vessel {
  if (vessel.volume_mL === 0 && vessel.dry.size === 0) throw new StepError(path, `a vessel that holds something; ${vessel.id} is empty`)
  return vessel
}

function heat(vessel: Vessel, temperature: Celsius, stream_L: number, boiled_mL: number, shift: Shift | undefined): Done {
  held(vessel, 'vessel')
  if (vessel.volume_mL === 0) throw new StepError('vessel', 'a liquid to heat; dry heating is not simulated yet')
  const hot = release(settleEquilibrium({ ...vessel, temperature, settled: false }, shift), shift)
  const stripped = strip(hot.vessel, stream_L, shift)
  const gone = together(hot, stripped)
  const away = Math.min(boiled_mL, Math.max(0, gone.vessel.volume_mL - 0.2))
  const less = { ...gone.vessel, volume_mL: gone.vessel.volume_mL - away, water: gone.vessel.water - (away * 0.958) / 18.015 }
  const after = away > 0 ? settleEquilibrium(less, shift) : less
  return { after: { ...after, headspace: gone.vessel.headspace }, escaped: gone.escaped }
}

/** Two goings-off of gas, one after the other, as one. */
function together(first: ReturnType<typeof release>, then: ReturnType<typeof release>): ReturnType<typeof release> {
  if (first.escaped.length === 0) return then
  const headspace = new Map(first.vessel.headspace)
  for (const [id, mol] of then.vessel.headspace) if (then.escaped.length > 0) headspace.set(id, (headspace.get(id) ?? 0) + mol)
  const escaped = first.escaped.map((e) => ({ ...e, mol: headspace.get(e.gas.id) ?? e.mol }))
  return { vessel: { ...then.vessel, headspace }, escaped }
}

/** How much a step asks for, mL; drops are those of the case. */
function volumeOf(bench: Bench, step: { mL?: number | undefined; drops?: number | undefined }): number | undefined {
  if (step.mL !== undefined) return step.mL
  return step.drops === undefined ? undefined : step.drops * (bench.conditions.drop_mL ?? DROP_mL)
}

function takeFrom(bench: Bench, step: Extract<Step, { do: 'take' }>, into: Vessel): Done {
  const { shift } = bench.conditions
  if (step.from === 'sample') {
    const { jar } = bench
    if (jar.kind === 'solids') {
      if (step.mg === undefined) throw new StepError('mg', 'a mass: the sample is a solid')
      return { after: settleEquilibrium(putDry(into, jar, step.mg), shift) }
    }
    const volume = volumeOf(bench, step)
    if (volume === undefined) throw new StepError('mL', 'a volume: the sample is a solution')
    return { after: settleEquilibrium(pour(into, jar.solution, volume), shift) }
  }
  const source = bench.vessels.get(step.from)
  if (!source || source.volume_mL === 0) throw new StepError('from', `a vessel with liquid in it; ${step.from} has none`)
  const volume = volumeOf(bench, step)
  if (volume === undefined) throw new StepError('mL', 'a volume in mL or drops')
  if (volume > source.volume_mL * 1.0001) throw new StepError('mL', `at most the ${source.volume_mL.toFixed(2)} mL that ${source.id} holds`)
  const { portion, rest } = split(source, volume)
  const mixed = merge(into, portion)
  return {
    after: settleEquilibrium(mixed, shift),
    others: [settleEquilibrium(rest, shift)],
    ...(into.volume_mL > 0 ? { poured: settleEquilibrium(portion, shift) } : {}),
  }
}

/** What a fresh tube takes over from the portion: all; what a filled one does: the amounts. */
function merge(into: Vessel, portion: Vessel): Vessel {
  const volume = into.volume_mL + portion.volume_mL
  return {
    ...into,
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

/** Some of the solid sample into a vessel; it wets at once where there is liquid. */
function putDry(vessel: Vessel, jar: Extract<Jar, { kind: 'solids' }>, mg: number): Vessel {
  const whole = jar.salts.reduce((sum, s) => sum + s.mg, 0)
  const dry = new Map(vessel.dry)
  for (const { salt, mol } of jar.salts) dry.set(salt.id, (dry.get(salt.id) ?? 0) + (mol * mg) / whole)
  const loaded = { ...vessel, dry }
  return vessel.volume_mL > 0 ? wetDry(loaded) : loaded
}

/** Dry salts go into the ledger as soon as there is liquid; whether they dissolve is for the equilibrium to say. */
function wetDry(vessel: Vessel): Vessel {
  if (vessel.dry.size === 0) return vessel
  const totals = Float64Array.from(vessel.totals)
  let { water } = vessel
  const asIssued = new Set(vessel.asIssued)
  for (const [id, mol] of vessel.dry) {
    const salt = findSalt(id)
    if (!salt) continue
    for (const [component, n] of salt.terms) totals[component] = (totals[component] as number) + n * mol
    water += salt.water * mol
    asIssued.add(id)
  }
  return { ...vessel, totals, water, dry: new Map(), asIssued }
}

function dissolve(bench: Bench, step: Extract<Step, { do: 'dissolve' }>, into: Vessel): Done {
  const { jar, conditions } = bench
  if (jar.kind === 'solution') throw new StepError('do', 'a solid sample to dissolve; this one is a solution already: use take')
  const whole = jar.salts.reduce((sum, s) => sum + s.mg, 0)
  const mass = step.mg ?? whole
  const solvent = strengthened(findReagent(step.in), conditions)
  const temperature = step.hot ? BOILING : into.temperature
  const mixed = wetDry(pour(putDry(into, jar, mass), solvent, step.mL))
  const { vessel, escaped } = release(
    settleEquilibrium({ ...mixed, temperature: step.hot ? temperature : mixed.temperature }, conditions.shift),
    conditions.shift,
  )
  return { after: vessel, escaped }
}

function strengthened(solution: Solution, conditions: Conditions): Solution {
  const factor = conditions.strength ?? 1
  return factor === 1 ? solution : { ...solution, totals: solution.totals.map((t) => t * factor) }
}

const MOST_DROPS = 80

function addTo(bench: Bench, step: Extract<Step, { do: 'add' }>, start: Vessel): Done {
  const { conditions } = bench
  const { shift } = conditions
  const vessel = { ...start, headspace: new Map<string, number>() }
  if (step.mg !== undefined) return addSolid(step.reagent, step.mg, vessel, shift)
  const reagent = strengthened(findReagent(step.reagent), conditions)
  const poured = (volume: number): Vessel => settleEquilibrium(pour(emptyVessel('reagent'), reagent, volume), shift)
  const one = (v: Vessel, volume: number): ReturnType<typeof release> => release(settleEquilibrium(wetDry(pour(v, reagent, volume)), shift), shift)
  const volume = volumeOf(bench, step)
  if (volume !== undefined) {
    const { vessel: after, escaped } = one(vessel, volume)
    return { after, poured: poured(volume), escaped }
  }
  if (!step.until) throw new StepError('drops', 'one of mL, drops, until')
  const drop = conditions.drop_mL ?? DROP_mL
  const done = signOf(step.until, vessel)
  let now: ReturnType<typeof release> = { vessel, escaped: [] }
  let drops = 0
  do {
    now = together(now, one(now.vessel, drop))
    drops++
  } while (drops < MOST_DROPS && !done(now.vessel, drops))
  return { after: now.vessel, poured: poured(drops * drop), drops, escaped: now.escaped }
}

/** A salt or a metal by the spatula. */
function addSolid(reagent: string, mg: number, vessel: Vessel, shift: Shift | undefined): Done {
  const solid = findSolid(reagent)
  const mol = mg / 1000 / molarMass(solid.formula)
  if ('inert' in solid) {
    const after = { ...vessel, inert: new Map(vessel.inert).set(solid.inert.formula, (vessel.inert.get(solid.inert.formula) ?? 0) + mol) }
    return { after: settleEquilibrium(after, shift) }
  }
  const dry = new Map(vessel.dry).set(solid.salt.id, (vessel.dry.get(solid.salt.id) ?? 0) + mol)
  if (vessel.volume_mL === 0) return { after: { ...vessel, dry } }
  const { vessel: after, escaped } = release(settleEquilibrium(wetDry({ ...vessel, dry }), shift), shift)
  return { after, escaped }
}

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
