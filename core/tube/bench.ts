import type { Shift } from '../equilibrium'
import { findReagent, findSalt, gasById, molarMass } from '../species'
import { BOILING, celsius, ROOM, WARM } from '../units'
import { addTo, strengthened } from './adding'
import { boilingPointOf, densityOf, notFusable, structureOf } from '../structure'
import { burntWithOxide, hasOxide } from './combustion'
import { ashOf, extractOf, FUSED_mg } from './fusion'
import { BOILED_mL, concentrate, dryOnly, heat, heatDry, STEAM_L, together } from './heating'
import { held, putCompound, putDry, StepError, volumeOf, wetDry, type Bench, type Done, type Event } from './jar'
import { mergeOrganic } from './matter'
import { settleOrganic } from './organic'
import { onlyLooks, SAMPLE, vesselOf, type Step } from './procedure'
import { aerate, hydrolyse, igniteAway, rested, SHAKEN_AIR, STILL_AIR } from './slow'
import { emptyVessel, pour, pourOff, release, roundTemperature, settleEquilibrium, split, strip, type Vessel } from './vessel'

/**
 * Carries out one step.
 * @throws StepError when the step cannot be done on this bench
 * @throws UnknownReagent for a reagent that is not understood
 */
export function perform(bench: Bench, step: Step): { bench: Bench; event: Event } {
  const id = vesselOf(step)
  const before = { ...(bench.vessels.get(id) ?? emptyVessel(id)), reacted: new Map<string, number>() }
  const done = withOrganics(operate(bench, step, before), step, bench.conditions.shift)
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
    case 'shake': {
      const time = step.minutes ?? 1
      // Shaking stirs, scratches and lets air in.
      const after = aerate(settle(rested({ ...held(vessel, 'vessel'), settled: false }, 2 * time)), SHAKEN_AIR * time, shift)
      return { after: { ...after, settled: false } }
    }
    case 'stand': {
      const time = step.minutes ?? 1
      const cooled = time >= 5 ? ROOM : vessel.temperature
      const quiet = rested({ ...held(vessel, 'vessel'), temperature: cooled, settled: true }, time)
      const aired = strip(aerate(settle(hydrolyse(quiet, time)), STILL_AIR * time, shift), STILL_AIR_L * time, shift)
      return { after: { ...aired.vessel, settled: true } }
    }
    case 'ignite':
      if (vessel.organic && !vessel.organic.ashed) return hasOxide(vessel) ? burntWithOxide(vessel) : { after: burnt(vessel) }
      return dryOnly(held(vessel, 'vessel'))
        ? heatDry(vessel, step.heat === 'gently' ? ['gently'] : ['gently', 'strongly'])
        : { after: igniteAway(vessel) }
    case 'warm':
      return heat(vessel, WARM, step.minutes ?? 1, WARM_AIR_L * (step.minutes ?? 1), 0, shift)
    case 'boil':
      return heat(vessel, BOILING, step.minutes ?? 1, STEAM_L * (step.minutes ?? 1), BOILED_mL * (step.minutes ?? 1), shift)
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
      // Spinning, or waiting for a filter, is time as any other.
      const { liquid, rest } = pourOff(settle(rested(vessel, SPUN_min)))
      const into = merge(bench.vessels.get(step.liquidInto) ?? emptyVessel(step.liquidInto), liquid)
      return { after: settle({ ...rest, settled: true }), others: [settle(into)] }
    }
    case 'wash':
      return wash(bench, step, vessel)
    case 'soda-extract':
      return sodaExtract(bench, step, vessel)
    case 'flame':
    case 'bead':
    case 'charcoal':
      return { after: step.from === SAMPLE ? speck(bench, step.do === 'charcoal' ? CHARCOAL_mg : FLAME_mg, settle) : held(vessel, 'from') }
    case 'copper-wire':
    case 'ignition':
    case 'melting-point':
    case 'boiling-point': {
      const from = step.do === 'melting-point' || step.do === 'boiling-point' ? step.of : step.from
      if (from !== SAMPLE) return { after: held(vessel, 'from') }
      return { after: bench.jar.kind === 'organic' ? putCompound(emptyVessel(SAMPLE), bench.jar, FLAME_mg) : speck(bench, FLAME_mg, settle) }
    }
    case 'fuse': {
      if (bench.jar.kind !== 'organic') throw new StepError('do', 'an organic compound to fuse with sodium; a salt is not fused')
      const { structure } = bench.jar
      const danger = step.with === 'sodium' ? notFusable(structure) : null
      if (danger) throw new StepError('with', `zinc-carbonate: ${danger}`)
      const mol = (step.sample_mg ?? FUSED_mg.sample) / 1000 / structure.molarMass
      const { extract, residue } = extractOf(vessel, structure, mol, boilingPointOf(structure), step)
      return { after: extract, others: step.with === 'zinc-carbonate' ? [residue] : [] }
    }
    case 'cobalt-nitrate': {
      // Wetted with cobalt nitrate when it has been made red hot once.
      const on = step.on === SAMPLE ? speck(bench, CHARCOAL_mg, settle) : held(vessel, 'on')
      return dryOnly(on) && !on.roasted ? heatDry(on, ['gently', 'strongly']) : { after: on }
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

/** What a loop, and the hollow of a charcoal block, holds, mg. */
const FLAME_mg = 5
const CHARCOAL_mg = 30

/** A little of the sample, held in a flame: it is no vessel, and burns. */
function speck({ jar }: Bench, mg: number, settle: (v: Vessel) => Vessel): Vessel {
  if (jar.kind === 'organic') return burnt(putCompound(emptyVessel(SAMPLE), jar, mg))
  return jar.kind === 'solids' ? putDry(emptyVessel(SAMPLE), jar, mg) : settle(pour(emptyVessel(SAMPLE), jar.solution, 0.1))
}
/** What heating to redness leaves of an organic compound: its metals, as the salts they burn to. */
function burnt(vessel: Vessel): Vessel {
  if (!vessel.organic) return vessel
  const dry = new Map(vessel.dry)
  for (const [smiles, mol] of vessel.organic.compounds)
    for (const [salt, n] of ashOf(structureOf(smiles), mol)) dry.set(salt, (dry.get(salt) ?? 0) + n)
  return { ...vessel, dry, organic: { ...vessel.organic, ashed: true }, roasted: true, temperature: ROOM }
}

/** Minutes that centrifuging or filtering takes. */
const SPUN_min = 2
/** Minutes an operation takes, for what reacts in it. */
const ADDED_min = 0.3
function minutesOf(step: Step): number {
  if (step.do === 'shake' || step.do === 'stand' || step.do === 'warm' || step.do === 'boil') return step.minutes ?? 1
  return step.do === 'add' || step.do === 'dissolve' || step.do === 'take' || step.do === 'cool' ? ADDED_min : 0
}

/** What an operation starts among the organic matter in the vessel it was done on, and the gas that comes of it. */
function withOrganics(done: Done, step: Step, shift: Shift | undefined): Done {
  if (!done.after.organic || onlyLooks(step) || done.after.organic.ashed) return done
  const settled = settleOrganic(done.after, minutesOf(step), shift)
  let gone = release(settled, shift)
  // Gas that only now was made is driven off as well.
  if ((step.do === 'boil' || step.do === 'warm') && (settled.organic?.happened.size ?? 0) > 0)
    gone = together(gone, strip(gone.vessel, (step.do === 'boil' ? STEAM_L : WARM_AIR_L) * (step.minutes ?? 1), shift))
  const escaped = [...(done.escaped ?? []), ...gone.escaped]
  const headspace = new Map(done.after.headspace)
  for (const { gas, mol } of gone.escaped) headspace.set(gas.id, (headspace.get(gas.id) ?? 0) + mol)
  return { ...done, after: { ...gone.vessel, headspace }, escaped }
}

/** mol of gas that bubbles through in a minute from a generator or a cylinder, three bubbles a second. */
const PASSED_mol = 1e-3

function passGas(vessel: Vessel, formula: string, minutes: number, shift: Shift | undefined): Done {
  const gas = gasById.get(formula)
  if (!gas) throw new StepError('gas', `one of ${[...gasById.keys()].join(', ')}`)
  return absorb(vessel, new Map([[gas.id, PASSED_mol * minutes]]), shift)
}

/** Gas led into a liquid: what it does not take up goes on. */
function absorb(vessel: Vessel, gases: ReadonlyMap<string, number>, shift: Shift | undefined): Done {
  if (vessel.volume_mL === 0) throw new StepError('through', 'a vessel with liquid in it')
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

function bubble(bench: Bench, step: Extract<Step, { do: 'bubble' }>, through: Vessel): Done {
  const from = bench.vessels.get(step.from)
  if (!from) throw new StepError('from', `a vessel that holds something; ${step.from} is empty`)
  return { ...absorb(through, from.headspace, bench.conditions.shift), others: [{ ...from, headspace: new Map() }] }
}

function wash(bench: Bench, step: Extract<Step, { do: 'wash' }>, vessel: Vessel): Done {
  const { conditions } = bench
  const poured = settleEquilibrium(pour(held(vessel, 'vessel'), strengthened(findReagent(step.with), conditions), step.mL), conditions.shift)
  return { after: settleEquilibrium({ ...pourOff(poured).rest, settled: true }, conditions.shift) }
}

/** Soda extract: three times the sample's mass of sodium carbonate, 5 mL of water and boiling, then filtered; a solution is boiled with as much as three times 0.15 g. */
const EXTRACT_mL = 5
export const SODA_mg = 450
const EXTRACT_MINUTES = 5

function sodaExtract(bench: Bench, step: Extract<Step, { do: 'soda-extract' }>, into: Vessel): Done {
  const { jar, conditions } = bench
  const soda = findSalt('Na2CO3')
  if (!soda) throw new Error('sodium carbonate is not in the registry')
  if (jar.kind === 'organic') throw new StepError('do', 'a salt to boil with soda; an organic compound is fused')
  const residue = emptyVessel(`${into.id}-residue`)
  const mass = jar.kind === 'solids' ? (step.mg ?? jar.salts.reduce((sum, s) => sum + s.mg, 0)) : 0
  const start = jar.kind === 'solids' ? putDry(residue, jar, mass) : residue
  const soda_mg = jar.kind === 'solids' ? 3 * mass : SODA_mg
  const dry = new Map(start.dry).set(soda.id, (start.dry.get(soda.id) ?? 0) + soda_mg / 1000 / molarMass(soda.formula))
  const poured =
    jar.kind === 'solids' ? pour({ ...start, dry }, findReagent('water'), EXTRACT_mL) : pour({ ...start, dry }, jar.solution, step.mL ?? EXTRACT_mL)
  const wetted = settleEquilibrium(wetDry(poured), conditions.shift)
  const boiled = heat(wetted, BOILING, EXTRACT_MINUTES, STEAM_L * EXTRACT_MINUTES, 0, conditions.shift)
  const { liquid, rest } = pourOff(settleEquilibrium({ ...boiled.after, temperature: ROOM }, conditions.shift))
  return { after: settleEquilibrium(merge(into, liquid), conditions.shift), others: [rest], ...(boiled.escaped ? { escaped: boiled.escaped } : {}) }
}

/** What is taken of a fraction that holds less than is asked for. */
const MOST_OF = 0.8

function takeFrom(bench: Bench, step: Extract<Step, { do: 'take' }>, into: Vessel): Done {
  const { shift } = bench.conditions
  if (step.from === 'sample') {
    const { jar } = bench
    if (jar.kind === 'solids') {
      if (step.mg === undefined) throw new StepError('mg', 'a mass: the sample is a solid')
      return { after: settleEquilibrium(putDry(into, jar, step.mg), shift) }
    }
    const volume = volumeOf(bench, step)
    if (jar.kind === 'organic') {
      const mass = step.mg ?? (volume === undefined ? undefined : volume * densityOf(jar.structure) * 1000)
      if (mass === undefined) throw new StepError('mg', 'a mass, or a volume of a liquid')
      return { after: putCompound(into, jar, mass) }
    }
    if (volume === undefined) throw new StepError('mL', 'a volume: the sample is a solution')
    return { after: settleEquilibrium(pour(into, jar.solution, volume), shift) }
  }
  const source = bench.vessels.get(step.from)
  if (!source || source.volume_mL === 0) throw new StepError('from', `a vessel with liquid in it; ${step.from} has none`)
  const asked = volumeOf(bench, step)
  if (asked === undefined) throw new StepError('mL', 'a volume in mL or drops')
  const volume = step.upTo ? Math.min(asked, MOST_OF * source.volume_mL) : asked
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

function dissolve(bench: Bench, step: Extract<Step, { do: 'dissolve' }>, into: Vessel): Done {
  const { jar, conditions } = bench
  if (jar.kind === 'solution') throw new StepError('do', 'a solid sample to dissolve; this one is a solution already: use take')
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
