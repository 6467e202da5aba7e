import { COMPONENTS, COMPONENT_INDEX, dryPhase, FLAMES, parseFormula } from '../species'
import { gasesOver, type Step, type Vessel } from '../tube'
import type { Lasts } from '../vocabulary'
import { COLOURLESS, colourDifference, labOfHex, nameColour, type Colour, type Lab } from './colour'
import { colourOfLight } from './spectrum'

export interface FlamePercept {
  readonly colour: Colour
  readonly lines: readonly number[]
  readonly lasts: Lasts
  readonly sooty: boolean
}

const SODIUM = COMPONENT_INDEX.get('Na^+') ?? -1
/** Sodium on a wire that was cleaned, and on one that was only touched: share beside the sample. */
const TRACE = 2e-6
const FINGERPRINT = 4e-3
/** The least brightness that colours a flame to the eye, in the units of the lines' strengths. */
const LEAST_SEEN = 1
/** A line this much fainter than the brightest is not picked out. */
const FAINTEST_LINE = 0.02

/**
 * What a cobalt glass lets through: blue and the far red; the yellow it is used against, a ten-thousandth. Source: Vogel; the bands of cobalt glass lie between 500 and 680 nm.
 */
const throughCobalt = (nm: number): number => (nm < 480 ? 0.6 : nm > 685 ? 0.7 : nm < 500 ? 0.2 : 5e-5)

/** Vapour of trimethyl borate from which the flame at the mouth of the tube has a green edge, atm. */
const BORATE_atm = 1e-3
/** Bands of boron's oxide in a flame, nm. Source: R. W. B. Pearse, A. G. Gaydon. */
const BORATE_LINES = [518, 546].map((nm) => ({ nm, power: 1 }))

/** Sodium's light, on a screen an orange, is yellow to everybody who writes of a flame. */
const GOLDEN = labOfHex('#ff9f00')
const NEAR_GOLDEN = 10
function nameFlame(lab: Lab): Colour {
  const colour = nameColour(lab)
  return colourDifference(labOfHex(colour.hex), GOLDEN) < NEAR_GOLDEN ? { ...colour, name: 'golden yellow', family: 'yellow' } : colour
}

/** What the flame shows of what is on the wire; an element counts by its share of the metal atoms. */
export function flameOf(vessel: Vessel, step: Extract<Step, { do: 'flame' }>): FlamePercept {
  if (gasesOver(vessel).some(({ gas, atm }) => gas.id === 'C3H9BO3' && atm > BORATE_atm))
    return { colour: nameColour(colourOfLight(BORATE_LINES)), lines: BORATE_LINES.map((l) => l.nm), lasts: 'steady', sooty: false }
  const amounts = new Map<number, number>()
  let total = 0
  const count = (component: number, mol: number): void => {
    amounts.set(component, (amounts.get(component) ?? 0) + mol)
    total += mol
  }
  vessel.totals.forEach((mol, component) => isMetal(component) && mol > 0 && count(component, mol))
  for (const [id, mol] of vessel.dry) for (const [component, n] of dryPhase(id)?.terms ?? []) if (isMetal(component)) count(component, n * mol)
  const share = new Map([...amounts].map(([component, mol]) => [component, mol / Math.max(total, 1e-12)]))
  const foreign = step.cleaned ? TRACE : FINGERPRINT
  share.set(SODIUM, (share.get(SODIUM) ?? 0) + foreign)
  const lit = [...share].flatMap(([component, part]) => {
    const data = FLAMES.get(component)
    return data
      ? data.lines.map(({ nm, strength }) => ({ nm, light: strength * part * (step.through === 'air' ? 1 : throughCobalt(nm)), component }))
      : []
  })
  const brightest = Math.max(0, ...lit.map((l) => l.light))
  const seen = lit.filter((l) => l.light >= LEAST_SEEN && l.light >= FAINTEST_LINE * brightest)
  const main = lit.find((l) => l.light === brightest)
  const data = main && FLAMES.get(main.component)
  if (!data || brightest < LEAST_SEEN) return { colour: COLOURLESS, lines: [], lasts: 'brief', sooty: false }
  // What a fingerprint leaves is gone in a moment.
  const own = (amounts.get(SODIUM) ?? 0) / Math.max(total, 1e-12)
  const lasts = main.component === SODIUM && own < 0.5 * foreign ? 'flash' : data.lasts
  return {
    colour: nameFlame(colourOfLight(lit.map(({ nm, light }) => ({ nm, power: light })))),
    lines: seen.map((l) => l.nm).sort((a, b) => a - b),
    lasts,
    sooty: false,
  }
}

/** Hydrogen, ammonium and the anions are no metals; ammonium burns without colour and hides nothing. */
const METALS = new Set(
  COMPONENTS.flatMap((text, component) => {
    const { charge, atoms } = parseFormula(text)
    const [element] = Object.keys(atoms)
    return charge > 0 && Object.keys(atoms).length === 1 && element !== 'H' ? [component] : []
  }),
)
const isMetal = (component: number): boolean => METALS.has(component)
