import { z } from 'zod'
import { message } from '../../messages'
import { findReagent, findSalt, molarMass } from '../../species'
import { BOILING, ROOM } from '../../units'
import { heat, STEAM_L } from '../heating'
import { putDry, StepError, wetDry, type Bench, type Done } from '../jar'
import { merge } from '../portions'
import { positive } from '../sample'
import { emptyVessel, pour, pourOff, settleEquilibrium, type Vessel } from '../vessel'
import { defineOperation, sayAmount, sayMass, vessel } from './define'

/** Soda extract: three times the sample's mass of sodium carbonate, 5 mL of water and boiling, then filtered; a solution is boiled with as much as three times 0.15 g. */
const EXTRACT_mL = 5
const SODA_mg = 450
const EXTRACT_MINUTES = 5

function boilWithSoda(bench: Bench, step: { readonly mg?: number | undefined; readonly mL?: number | undefined }, into: Vessel): Done {
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

export const sodaExtract = defineOperation({
  schema: z.looseObject({ do: z.literal('soda-extract'), into: vessel, mg: positive.optional(), mL: positive.optional() }),
  on: 'into',
  effect: 'changes',
  shows: () => [],
  says: (step) =>
    step.mL === undefined
      ? message('step.soda-extract', { amount: sayMass(step.mg) })
      : message('step.soda-extract.solution', { amount: sayAmount(step), soda: SODA_mg / 1000 }),
  changes: boilWithSoda,
})
