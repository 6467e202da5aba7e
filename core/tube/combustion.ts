import { COMBUSTION, type DrySign } from '../reactions'
import { parseFormula } from '../species'
import { structureOf } from '../structure'
import { ROOM } from '../units'
import { ashOf } from './fusion'
import type { Done } from './jar'
import type { Evolved } from './roast'
import type { Vessel } from './vessel'

/** Red heat, °C, at which copper(II) oxide gives up its oxygen. */
const RED_C = 600
/** Less than this is nothing, mol. It is below what any look or smell can tell. */
const LEAST = 1e-10

const OXIDE = 'CuO'
export const hasOxide = (vessel: Vessel): boolean => (vessel.dry.get(OXIDE) ?? 0) > LEAST

/**
 * An organic compound heated red with copper(II) oxide: its carbon leaves as dioxide and its hydrogen as water, as far as the oxide reaches; what it does not reach chars. Halogen, sulfur and nitrogen stay with the copper or leave
 * unseen. Source of the reaction: Vogel.
 */
export function burntWithOxide(vessel: Vessel): Done {
  if (!vessel.organic) return { after: vessel }
  let carbon = 0
  let hydrogen = 0
  let oxygen = 0
  let held = 0
  const holds = new Map(vessel.dry)
  const put = (phase: string, mol: number): void => {
    const now = (holds.get(phase) ?? 0) + mol
    if (now > LEAST) holds.set(phase, now)
    else holds.delete(phase)
  }
  for (const [smiles, mol] of vessel.organic.compounds) {
    const structure = structureOf(smiles)
    const atoms = (symbol: string): number => (structure.atoms[symbol] ?? 0) * mol
    carbon += atoms('C')
    hydrogen += atoms('H') / 2
    oxygen += atoms('O')
    // What a metal keeps, as carbonate or oxide, does not leave.
    for (const [salt, n] of ashOf(structure, mol)) {
      const kept = parseFormula(salt).atoms
      put(salt, n)
      carbon -= (kept['C'] ?? 0) * n
      held += (kept['O'] ?? 0) * n
    }
  }
  const wanted = Math.max(0, 2 * carbon + hydrogen + held - oxygen)
  const there = vessel.dry.get(OXIDE) ?? 0
  const reached = wanted > there ? there / wanted : 1
  put(OXIDE, -wanted * reached)
  put('Cu', wanted * reached)
  put('C', carbon * (1 - reached))
  const gone = { CO2: carbon * reached, H2O: hydrogen * reached }
  const evolved: Evolved[] = Object.entries(gone).flatMap(([gas, mol]) => (mol > LEAST ? [{ gas, mol, at_C: RED_C }] : []))
  const reactions = COMBUSTION.filter(({ gives }) => gives.some(([formula]) => evolved.some((e) => e.gas === formula)))
  const signs = new Set<DrySign>(reached < 1 ? ['chars'] : [])
  return {
    after: {
      ...vessel,
      dry: holds,
      headspace: new Map([['CO2', gone.CO2]]),
      organic: { ...vessel.organic, ashed: true },
      roasted: true,
      temperature: ROOM,
    },
    roasted: [{ stage: 'strongly', reactions, evolved, sublimed: new Map(), signs, holds }],
  }
}
