import { COUPLES } from '../reactions'
import type { Shift } from '../equilibrium'
import { COMPONENT_INDEX, COMPONENTS, inComponents, LEAVING, parseFormula, SOLIDS } from '../species'
import { BOILING, ROOM, WARM } from '../units'
import { concentration, settleEquilibrium, strongAcid, type Vessel } from './vessel'

/** What takes time: standing, air, thioacetamide, and what goes off when a residue is ignited. */

/** How much quicker slow solids come in warm and in boiling liquid than at room temperature. Source: the usual rule, two to three times for ten degrees. */
const HASTE = { warm: 6, boiling: 20 }
/** The vessel after so many minutes left to itself. */
export const rested = (vessel: Vessel, minutes: number): Vessel => ({
  ...vessel,
  rested_min: vessel.rested_min + minutes * (vessel.temperature >= 90 ? HASTE.boiling : vessel.temperature >= WARM ? HASTE.warm : 1),
})
const SLOW_SOLIDS = SOLIDS.filter((s) => s.data.gate?.after_min !== undefined)
/** Whether some solid of this vessel may have been waiting for time to pass. */
export const waits = (vessel: Vessel): boolean =>
  SLOW_SOLIDS.some(
    (s) => vessel.rested_min >= (s.data.gate?.after_min ?? 0) && s.terms.every(([c]) => c === 0 || (vessel.totals[c] as number) > 1e-9),
  )

/** Oxygen that a tube takes up in a minute, mol: standing, and shaken. Saturated water holds 2.6e-4 mol/L, and it is used up as it comes. */
export const STILL_AIR = 1e-6
export const SHAKEN_AIR = 6e-6
const OXYGEN = COMPONENT_INDEX.get('O2') ?? -1
const OPEN_TO_AIR = COUPLES.filter((c) => c.openToAir).flatMap((c) => [...inComponents(c.reduced).terms.keys()].filter((j) => j !== 0))
/** Air works from this pH on (rule `air-oxidises-in-alkali`). */
const ALKALINE = 7.5

/** Solids that air turns in any liquid. */
const BLUES_IN_AIR = ['K2FeFe(CN)6']
/** Lets so much oxygen into a tube that has something in it for it to oxidise; what is not used up at once is of no account. */
export function aerate(vessel: Vessel, oxygen_mol: number, shift?: Shift): Vessel {
  const alkaline = (vessel.contents?.pH ?? 0) >= ALKALINE && OPEN_TO_AIR.some((j) => (vessel.totals[j] as number) > 1e-9)
  if (!alkaline && !BLUES_IN_AIR.some((id) => vessel.contents?.solids.some(({ solid }) => solid.id === id))) return vessel
  const totals = Float64Array.from(vessel.totals)
  totals[OXYGEN] = (totals[OXYGEN] as number) + oxygen_mol
  const after = settleEquilibrium({ ...vessel, totals }, shift)
  const left = Float64Array.from(after.totals)
  left[OXYGEN] = 0
  return settleEquilibrium({ ...after, totals: left }, shift)
}

const THIOACETAMIDE = COMPONENT_INDEX.get('CH3CSNH2') ?? -1
const HYDROLYSED = [...inComponents({ 'CH3COO^-': 1, 'NH4^+': 1, 'HS^-': 1, 'H^+': 1 }).terms]
/**
 * First-order constants at 100 °C, per minute: of itself, per mol/L of hydrogen ion, per mol/L of hydroxide. Source: Swift and Butler, 1956, in round numbers (0.2 L/mol/min in acid at 90 °C).
 */
const RATE = { itself: 0.08, acid: 0.5, alkali: 2 }
const SLOWER = { warm: 14, room: 400 }

export const hydrolyses = (vessel: Vessel): boolean => (vessel.totals[THIOACETAMIDE] as number) > 1e-9

/** Thioacetamide taken apart for so many minutes at the vessel's temperature; the equilibrium is still to be worked out. */
export function hydrolyse(vessel: Vessel, minutes: number): Vessel {
  if (!hydrolyses(vessel)) return vessel
  const hydroxide = concentration(vessel, 'OH^-')
  const rate = RATE.itself + RATE.acid * concentration(vessel, 'H^+') + RATE.alkali * hydroxide
  const slower = vessel.temperature >= BOILING - 10 ? 1 : vessel.temperature >= WARM - 10 ? SLOWER.warm : SLOWER.room
  const gone = (vessel.totals[THIOACETAMIDE] as number) * (1 - Math.exp((-rate * minutes) / slower))
  const totals = Float64Array.from(vessel.totals)
  totals[THIOACETAMIDE] = (totals[THIOACETAMIDE] as number) - gone
  for (const [c, n] of HYDROLYSED) totals[c] = (totals[c] as number) + n * gone
  return { ...vessel, totals, water: vessel.water - 2 * gone }
}

/**
 * Acids that distil, with the strength at which they boil unchanged, mol/L: below it water goes first, above it acid. Source: CRC Handbook, azeotropes (hydrochloric acid 20 %, nitric acid 68 %).
 */
const DISTILS = [
  { component: COMPONENT_INDEX.get('NO3^-') ?? -1, constant_M: 15.4 },
  { component: COMPONENT_INDEX.get('Cl^-') ?? -1, constant_M: 6.1 },
]
const SULFATE = COMPONENT_INDEX.get('SO4^2-') ?? -1
/** From this strength on sulfuric acid holds the water, and other acids leave before it fumes, mol/L. Source: the usual practice of fuming down, Vogel. */
const FUMING_M = 9

/** What boiling down takes of the volatile acids (rule `volatile-acids-distil`); the equilibrium is still to be worked out. */
export function distil(vessel: Vessel): Vessel {
  const litres = vessel.volume_mL / 1000
  const fuming = (vessel.totals[SULFATE] as number) > FUMING_M * litres
  let totals: Float64Array | undefined
  for (const { component, constant_M } of DISTILS) {
    const now = totals ?? vessel.totals
    const over = Math.min(now[component] as number, (strongAcid(now, vessel.volume_mL) - (fuming ? 0 : constant_M)) * litres)
    if (over <= 1e-9) continue
    totals = Float64Array.from(now)
    totals[component] = (totals[component] as number) - over
    totals[0] = (totals[0] as number) - over
  }
  return totals ? { ...vessel, totals } : vessel
}

/** Anions that leave with ammonium or with hydrogen when a residue is ignited, in the order they go, with their charges. */
const VOLATILE = LEAVING.map((formula) => ({
  component: COMPONENT_INDEX.get(formula) ?? -1,
  charge: -parseFormula(formula).charge,
}))
const AMMONIUM = COMPONENT_INDEX.get('NH4^+') ?? -1
/** Neutral components that are gone long before redness. */
const FLEETING = COMPONENTS.map((formula, j) => ({ j, formula }))
  .filter(({ formula }) => ['CH3CSNH2', 'H2O2', 'O2', 'H2', 'NO', 'NO2', 'Cl2', 'I2', 'SC(NH2)2', 'AsH3', 'PH3'].includes(formula))
  .map(({ j }) => j)

/**
 * Evaporated to dryness and ignited: ammonium goes, with an equal charge of the anions that go with it, and free acid likewise (rule `ammonium-salts-leave-when-ignited`). Sulfate goes last
 * and only as far as ammonium takes it.
 */
export function igniteAway(vessel: Vessel): Vessel {
  const totals = Float64Array.from(vessel.totals)
  for (const j of FLEETING) totals[j] = 0
  const leave = (carrier: number, sparing: readonly number[]): void => {
    for (const { component, charge } of VOLATILE) {
      const carried = Math.max(0, totals[carrier] as number)
      if (carried <= 0 || sparing.includes(component)) continue
      const gone = Math.min(carried / charge, totals[component] as number)
      totals[component] = (totals[component] as number) - gone
      totals[carrier] = (totals[carrier] as number) - gone * charge
    }
  }
  // Free ammonia first, then the salts of weak acids, as they go on warming.
  const free = Math.min(totals[AMMONIUM] as number, Math.max(0, -(totals[0] as number)))
  totals[AMMONIUM] = (totals[AMMONIUM] as number) - free
  totals[0] = (totals[0] as number) + free
  leave(AMMONIUM, [])
  // What has no volatile anion left goes as ammonia, and leaves its acid.
  totals[0] = totals[0] + totals[AMMONIUM]
  totals[AMMONIUM] = 0
  leave(0, [SULFATE])
  return {
    ...vessel,
    totals,
    water: 0,
    volume_mL: 0,
    temperature: ROOM,
    contents: null,
    ignited: true,
    second: null,
    headspace: new Map(),
    settled: true,
  }
}
