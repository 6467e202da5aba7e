import { message } from '../messages/message'
import { findReagent, findSalt, molarMass } from '../species'
import { BOILING, ROOM } from '../units'
import { heat, STEAM_L } from './heating'
import { putDry, StepError, wetDry, type Bench, type Done } from './jar'
import { SODA_mg } from './operations/soda-extract'
import { merge } from './portions'
import type { StepOf } from './procedure'
import { emptyVessel, pour, pourOff, settleEquilibrium, type Vessel } from './vessel'

/** Soda extract: three times the sample's mass of sodium carbonate, 5 mL of water and boiling, then filtered; a solution is boiled with as much as three times 0.15 g. */
const EXTRACT_mL = 5
const EXTRACT_MINUTES = 5

/** What boiling with soda brings into solution; the rest stays behind. */
export function boilWithSoda(bench: Bench, step: StepOf<'soda-extract'>, into: Vessel): Done {
  const { jar, conditions } = bench
  const soda = findSalt('Na2CO3')
  if (!soda) throw new Error('sodium carbonate is not in the registry')
  if (jar.kind === 'organic') throw new StepError('do', message('refusal.organic-with-soda'))
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
