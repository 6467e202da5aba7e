import { findReagent, gasById } from '../species'
import { gasesOver, gasPressures, pour, settleEquilibrium, wetDry, type Event, type Vessel } from '../tube'
import type { Rod, Smell, Splint, Vigour } from '../vocabulary'
import { COLOURLESS, colourOfHex } from './colour'
import type { FlamePercept } from './flame'
import type { GasPercept } from './percept'

/** A gas that leaves is noticed when its pressure over the liquid is at least this, atm. */
export const NOTICED_atm = 2e-3
/** Gas given off for each mL of liquid, mL: from here on it is brisk, and violent. */
const BRISK = 2
const VIOLENT = 40
const MOLAR_mL = 24465

export function gasesOf(event: Event): GasPercept[] {
  if (event.roasted) return roastedGases(event)
  return event.escaped
    .filter(({ atm, mol }) => atm >= NOTICED_atm && mol > 1e-7)
    .map(({ gas, atm, mol }) => ({
      species: gas.id,
      vigour: vigourOf((mol * MOLAR_mL) / Math.max(event.after.volume_mL, 0.1), atm),
      colour: atm < (gas.data.visible_atm ?? Infinity) ? COLOURLESS : colourOfHex(gas.data.colour),
      smell: gas.data.smell && atm > gas.data.smell.threshold_atm ? gas.data.smell.word : null,
    }))
}

/** Room above a solid in a hard-glass tube, L. */
const TUBE_L = 0.015
function roastedGases({ roasted }: Event): GasPercept[] {
  const mols = new Map<string, number>()
  for (const { evolved } of roasted ?? []) for (const { gas, mol } of evolved) mols.set(gas, (mols.get(gas) ?? 0) + mol)
  return [...mols].flatMap(([id, mol]) => {
    const mL = mol * MOLAR_mL
    const vigour: Vigour = mL < 1 ? 'slight' : mL < 200 ? 'brisk' : 'violent'
    if (id === 'H2O') return [{ species: 'H2O', vigour, colour: COLOURLESS, smell: null }]
    const gas = gasById.get(id)
    if (!gas) return []
    const atm = Math.min(1, mL / 1000 / TUBE_L)
    return [
      {
        species: id,
        vigour,
        colour: atm < (gas.data.visible_atm ?? Infinity) ? COLOURLESS : colourOfHex(gas.data.colour),
        smell: gas.data.smell && atm > gas.data.smell.threshold_atm ? gas.data.smell.word : null,
      },
    ]
  })
}
const vigourOf = (perMl: number, atm: number): Vigour => (atm < 1 || perMl < BRISK ? 'slight' : perMl < VIOLENT ? 'brisk' : 'violent')

/** What moist air takes up of a dry salt, mL of water, before it reaches the nose; and how far the smell is thinned on its way. */
const MOIST_mL = 0.05
const THINNED = 0.02

/** A dry salt smells of what a film of moisture on it gives off. */
function smellOfDry(vessel: Vessel): Smell {
  const moist = settleEquilibrium(wetDry(pour(vessel, findReagent('water'), MOIST_mL)))
  return strongest(gasPressures(moist).map(({ gas, atm }) => ({ gas, atm: atm * THINNED })))
}

/** The smell that most outdoes its threshold. */
export function smellOf(vessel: Vessel): Smell {
  if (vessel.volume_mL === 0 && vessel.dry.size > 0 && vessel.headspace.size === 0) return smellOfDry(vessel)
  return strongest(gasesOver(vessel))
}

function strongest(over: ReturnType<typeof gasesOver>): Smell {
  let word: Smell = 'none'
  let most = 1
  for (const { gas, atm } of over) {
    const times = gas.data.smell ? atm / gas.data.smell.threshold_atm : 0
    if (gas.data.smell && times > most) {
      most = times
      word = gas.data.smell.word
    }
  }
  return word
}

/** Part of the gas in the mouth of the tube from which a splint shows it. Hydrogen: its lower limit in air. Source: CRC, flammability limits; Vogel. */
const SPLINT = { oxygenOfNitrogenDioxide: 0.5, pops: 0.04, relights: 0.3, relightsByNitrousOxide: 0.5, chokes: 0.1, burns: 0.13 }
/** Gases that put a flame out, and those that burn at the mouth with the colour of their flame. */
const CHOKING = ['CO2', 'N2', 'SO2', 'HCl', 'HBr', 'SiF4', 'NO', 'Br2', 'NH3']
const FUELS: Readonly<Record<string, string>> = {
  CO: '#5a7ae0',
  H2S: '#6a7ae8',
  COS: '#5a70e0',
  C3H6O: '#f0d26a',
  C2H5OH: '#7a9af0',
  CH3OH: '#7a9af0',
  C4H8O2: '#f0d26a',
  HCN: '#c86ae0',
}

export function splintOf(splint: 'glowing' | 'burning', after: Vessel): Splint {
  const over = new Map(gasesOver(after).map(({ gas, atm }) => [gas.id, atm]))
  const part = (id: string): number => over.get(id) ?? 0
  // Nitrogen dioxide at red heat gives its oxygen up, as well.
  const feeds = part('O2') + SPLINT.oxygenOfNitrogenDioxide * part('NO2') > SPLINT.relights || part('N2O') > SPLINT.relightsByNitrousOxide
  if (splint === 'glowing') return feeds ? 'relights' : 'goes-out'
  if (part('H2') > SPLINT.pops) return 'pops'
  if (feeds || Object.keys(FUELS).some((f) => part(f) > SPLINT.burns)) return 'burns-on'
  return CHOKING.reduce((sum, id) => sum + part(id), 0) > SPLINT.chokes ? 'goes-out' : 'burns-on'
}

/** The flame of a gas that a burning splint lights at the mouth of the tube. */
export function burning(after: Vessel): FlamePercept | undefined {
  const fuel = gasesOver(after)
    .filter(({ gas, atm }) => FUELS[gas.id] !== undefined && atm > SPLINT.burns)
    .sort((a, b) => b.atm - a.atm)[0]
  const hex = fuel && FUELS[fuel.gas.id]
  return hex === undefined ? undefined : { colour: colourOfHex(hex), lines: [], lasts: 'brief', sooty: false }
}

/** White smoke where ammonia meets hydrogen chloride: each a part in ten thousand of air is enough to see. */
export const SMOKE_atm = 1e-4
/** What a rod dipped in one smokes in. */
const SMOKES: Readonly<Record<'HCl conc' | 'NH3 conc', string>> = { 'HCl conc': 'NH3', 'NH3 conc': 'HCl' }
/** Hydrogen fluoride over warm acid that dulls glass within minutes, atm. Source: Vogel, etching test. */
const ETCHES_atm = 1e-3

/** Ammonia and hydrogen chloride smoke together; silicon fluoride, which hydrogen fluoride makes of the tube itself, leaves silica in a drop of water (rule `hydrogen-fluoride-etches-glass`). */
export function rodOf(rod: 'NH3 conc' | 'HCl conc' | 'water' | 'glass', after: Vessel): Rod {
  const over = new Map(gasesOver(after).map(({ gas, atm }) => [gas.id, atm]))
  const part = (id: string): number => over.get(id) ?? 0
  if (rod === 'glass') return part('HF') > ETCHES_atm ? 'etched' : 'unchanged'
  if (rod === 'water') return part('SiF4') > SMOKE_atm || part('HF') > ETCHES_atm ? 'milky drop' : 'unchanged'
  return part(SMOKES[rod]) > SMOKE_atm ? 'white smoke' : 'unchanged'
}
