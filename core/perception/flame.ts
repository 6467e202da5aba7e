import { COMPONENTS, COMPONENT_INDEX, dryPhase, FLAMES, parseFormula } from '../species'
import { gasesOver, type Step, type Vessel } from '../tube'
import type { Lasts, LineColour } from '../vocabulary'
import { COLOURLESS, colourDifference, labOfHex, nameColour, type Colour, type Lab } from './colour'
import { colourOfLight, luminanceOf } from './spectrum'

export interface FlamePercept {
  readonly colour: Colour
  readonly lines: readonly number[]
  readonly lasts: Lasts
  readonly sooty: boolean
  /** Seen through a spectroscope: its lines apart, not its colour. */
  readonly spread?: boolean
  /** Seen through a cobalt glass. */
  readonly glass?: boolean
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

/** Through a spectroscope each line stands by itself on a dark ground: it is seen at this share of the light that colours a flame, and no other hides it. */
const LINE_SEEN = 0.5
/** Where each colour of lines ends, nm: strontium's reddest band and lithium's line are told apart from its others by where they stand on the scale. */
const LINES_END: readonly (readonly [below_nm: number, LineColour])[] = [
  [440, 'violet'],
  [500, 'blue'],
  [575, 'green'],
  [597, 'yellow'],
  [630, 'orange'],
  [655, 'red'],
  [685, 'crimson'],
  [Infinity, 'far red'],
]
export const lineColour = (nm: number): LineColour => LINES_END.find(([below]) => nm < below)?.[1] ?? 'far red'

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
    return { colour: nameColour(colourOfLight(BORATE_LINES)), lines: BORATE_LINES.map((l) => l.nm), lasts: 'steady', sooty: false, ...apart(step) }
  // Of what does not leave the liquid the vapour burns without a colour.
  if (step.support === 'mouth') return { colour: COLOURLESS, lines: [], lasts: 'steady', sooty: false, ...apart(step) }
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
      ? data.lines.map(({ nm, strength }) => ({ nm, light: strength * part * (step.through === 'cobalt-glass' ? throughCobalt(nm) : 1), component }))
      : []
  })
  const brightest = Math.max(0, ...lit.map((l) => l.light))
  const spread = step.through === 'spectroscope'
  const seen = lit.filter((l) => (spread ? l.light >= LINE_SEEN : l.light >= LEAST_SEEN && l.light >= FAINTEST_LINE * brightest))
  const lightOf = (component: number): { nm: number; power: number }[] =>
    lit.filter((l) => l.component === component).map(({ nm, light }) => ({ nm, power: light }))
  // Several metals come one after the other, each for itself: what is named is the brightest, not a blend.
  const [main] = [...new Set(lit.map((l) => l.component))].sort((a, b) => luminanceOf(lightOf(b)) - luminanceOf(lightOf(a)))
  const data = main === undefined ? undefined : FLAMES.get(main)
  if (main === undefined || !data || brightest < LEAST_SEEN)
    return { colour: COLOURLESS, lines: seen.map((l) => l.nm), lasts: 'brief', sooty: false, ...apart(step) }
  // What a fingerprint leaves is gone in a moment.
  const own = (amounts.get(SODIUM) ?? 0) / Math.max(total, 1e-12)
  const lasts = main === SODIUM && own < 0.5 * foreign ? 'flash' : data.lasts
  return {
    colour: nameFlame(colourOfLight(lightOf(main))),
    lines: seen.map((l) => l.nm).sort((a, b) => a - b),
    lasts,
    sooty: false,
    ...apart(step),
  }
}

const apart = ({ through }: Extract<Step, { do: 'flame' }>): { spread?: true; glass?: true } =>
  through === 'spectroscope' ? { spread: true } : through === 'cobalt-glass' ? { glass: true } : {}

/** Hydrogen, ammonium and the anions are no metals; ammonium burns without colour and hides nothing. */
const METALS = new Set(
  COMPONENTS.flatMap((text, component) => {
    const { charge, atoms } = parseFormula(text)
    const [element] = Object.keys(atoms)
    return charge > 0 && Object.keys(atoms).length === 1 && element !== 'H' ? [component] : []
  }),
)
const isMetal = (component: number): boolean => METALS.has(component)
