import { once } from '../../../perception'
import {
  ANION_IDS,
  CATION_IDS,
  CHARGE_CARRIERS,
  COMPONENTS,
  dissolvesAs,
  IONS,
  ionsWith,
  molarMass,
  parseFormula,
  type IonId,
} from '../../../species'
import type { Content, Hypothesis } from '../../simulation/content'
import { CLASSES, FINE_CLASSES, type AmountClass, type Parts } from './amounts'

export * from './amounts'
/** Free strong acid, among the parts. */
export const ACID = 'acid'
/** Stands among the parts of a mixture that is a solid: then they need not share a solution, and how much there is of each is a share of the whole. */
export const DRY = 'dry'

/** mmol in a millilitre. Alkalis and ammonium, which answer only when there is more of them, hold twice as much. */
const STRENGTH: Readonly<Record<AmountClass, number>> = {
  faint: 0.004,
  dilute: 0.0065,
  trace: 0.01,
  slight: 0.0125,
  minor: 0.016,
  modest: 0.02,
  middling: 0.025,
  ample: 0.03,
  major: 0.036,
  large: 0.043,
  heavy: 0.052,
  copious: 0.08,
  strong: 0.12,
  plentiful: 0.19,
  concentrated: 0.3,
}
const ALKALIS: ReadonlySet<string> = new Set(ionsWith('alkali'))
const ACID_STRENGTH: Readonly<Record<AmountClass, number>> = {
  faint: 0.01,
  dilute: 0.025,
  trace: 0.05,
  slight: 0.08,
  minor: 0.12,
  modest: 0.19,
  middling: 0.3,
  ample: 0.42,
  major: 0.6,
  large: 0.77,
  heavy: 1,
  copious: 1.25,
  strong: 1.5,
  plentiful: 1.75,
  concentrated: 2,
}

/** Cations a mixture is searched for. */
export const CATIONS: readonly string[] = CATION_IDS.filter((id) => !IONS[id].aloneOnly)

/** Anions a mixture is searched for, as the standings name them. */
export const ANIONS_SOUGHT: readonly string[] = ANION_IDS.filter((id) => !IONS[id].aloneOnly)
const SOUGHT: ReadonlySet<string> = new Set(ANIONS_SOUGHT)
/** Protonation pairs are one: each as it stands in water without more acid or alkali than it brings itself. */
const asDissolved = (part: string): Readonly<Record<string, number>> => (part in IONS ? dissolvesAs(part as IonId) : { [part]: 1 })
export const PARTS: readonly string[] = [...CATIONS, ...ANIONS_SOUGHT, ACID]
export const isAnion = (part: string): boolean => SOUGHT.has(part)

/** Counter-ions that show nothing, where the parts have none. */
export const SILENT = { anion: 'ClO4^-', cation: 'N(CH3)4^+' } as const
/** Anions that make up what charge is wanting, the commonest first. */
const MAKE_UP: readonly string[] = [SILENT.anion, ...CHARGE_CARRIERS]
const MAKE_UP_CATIONS: readonly string[] = [SILENT.cation, ...ALKALIS]

/** Anions that may carry the charge of a mixture's cations, silent ones apart. */
export const CARRIERS: readonly string[] = MAKE_UP.filter((anion) => anion !== SILENT.anion)
/** Parts of a mixture that make up what charge is wanting. */
export interface Carriers {
  readonly anion?: string | undefined
  readonly cation?: string | undefined
}
export const carriersOf = (parts: Parts): Carriers => ({
  anion: CARRIERS.find((anion) => parts.has(anion)),
  cation: MAKE_UP_CATIONS.find((cation) => parts.has(cation)),
})

const chargeOf = (ion: string): number => parseFormula(ion).charge

export const isAlkali = (part: string): boolean => ALKALIS.has(part)

/** So much of a part, as the ions it goes into water as. */
export const partIons = (part: string, n: number): [ion: string, n: number][] =>
  part === DRY ? [] : part === ACID ? [['H^+', n]] : Object.entries(asDissolved(part)).map(([ion, m]) => [ion, n * m])

/** Ions with the charge that is wanting made up by one of those at hand; null where none of them can. */
export function balanced(
  ions: readonly (readonly [ion: string, n: number])[],
  anions: readonly string[],
  cations: readonly string[],
): Record<string, number> | null {
  const sum: Record<string, number> = {}
  for (const [ion, n] of ions) sum[ion] = (sum[ion] ?? 0) + n
  const charge = Object.entries(sum).reduce((all, [ion, n]) => all + n * chargeOf(ion), 0)
  if (Math.abs(charge) < 1e-12) return sum
  const by = charge > 0 ? MAKE_UP.find((anion) => anions.includes(anion)) : MAKE_UP_CATIONS.find((cation) => cations.includes(cation))
  if (by === undefined) return null
  sum[by] = (sum[by] ?? 0) - charge / chargeOf(by)
  return sum
}

/**
 * The parts as one solution whose charges balance, mmol in each mL; where no part can make up the charge, a counter-ion does that shows nothing.
 * @param carriers what makes the charge up, where these are some parts of a larger mixture: as far as they are among them
 */
export function dissolved(parts: Parts, carriers: Carriers = carriersOf(parts)): Record<string, number> {
  const ions = [...parts].flatMap(([part, amount]) => partIons(part, strengthOf(part, amount)))
  const held = (part: string | undefined): readonly string[] => (part !== undefined && parts.has(part) ? [part] : [])
  return balanced(ions, held(carriers.anion), held(carriers.cation)) ?? balanced(ions, [SILENT.anion], [SILENT.cation]) ?? {}
}

/** mol/L of a part. */
const strengthOf = (part: string, amount: AmountClass): number =>
  part === ACID ? ACID_STRENGTH[amount] : STRENGTH[amount] * (isAlkali(part) ? 2 : 1)

type Held = readonly (readonly [part: string, amount: AmountClass])[]
const nearestClass = (part: string, strength: number, classes: readonly AmountClass[]): AmountClass => {
  const apart = (amount: AmountClass): number => Math.abs(Math.log(strengthOf(part, amount) / strength))
  return classes.reduce((a, b) => (apart(b) < apart(a) ? b : a))
}
/** The class that comes nearest to the strength of some parts together, in terms of one of them. */
export const classOfAll = (part: string, held: Held): AmountClass =>
  nearestClass(
    part,
    held.reduce((sum, [other, amount]) => sum + strengthOf(other, amount), 0),
    CLASSES,
  )

/** Alkali that a part brings along, for each of it. */
const alkaliIn = (part: string): number => asDissolved(part)['OH^-'] ?? 0
export const isAlkaline = (part: string): boolean => alkaliIn(part) > 0
/** The class, a fine one, in which one part brings about as much alkali as some parts together. */
export const classOfAlkali = (part: string, held: Held): AmountClass =>
  nearestClass(part, held.reduce((sum, [other, amount]) => sum + alkaliIn(other) * strengthOf(other, amount), 0) / alkaliIn(part), FINE_CLASSES)

/** A mixture as what may be in the jar; its id tells each part's mmol/L and what carries the charge, where that is no part of its own; its label the ions alone. */
export function mixtureOf(parts: Parts, mL: number, carriers?: Carriers, mg = massOf(parts)): Content {
  const held = PARTS.flatMap((part) => {
    const amount = parts.get(part)
    return amount === undefined ? [] : [{ part, amount }]
  })
  const own = carriersOf(parts)
  const others = (['anion', 'cation'] as const).filter((kind) => carriers && carriers[kind] !== own[kind]).map((kind) => `a silent ${kind}`)
  const powder = parts.has(DRY)
  const jar = once(() => (powder ? { powder: { ions: dissolved(parts, carriers), mg } } : { solution: { ions: dissolved(parts, carriers), mL } }))
  return {
    id:
      [
        ...held.map(({ part, amount }) => `${part} ${Math.round(1000 * strengthOf(part, amount))}`),
        ...others,
        ...(powder ? [`in ${mg.toPrecision(3)} mg`] : []),
      ].join(', ') || 'water',
    label: held.flatMap(({ part }) => (part === ACID ? [] : [part])).join(' ') || 'nothing',
    // Many are weighed by what others have in common with them, and never made up.
    get jar() {
      return jar()
    },
  }
}

/** Water of crystals: so much heavier a salt is than its ions, on the whole; judged. */
const HYDRATED = 1.2
/** Masses are told apart by this factor, so that mixtures with the same of what is asked about are worked once. */
const MASS_STEP = 1.2
/** mg of a solid that holds these parts and no more. */
export function massOf(parts: Parts): number {
  if (!parts.has(DRY)) return 0
  const mass = Object.entries(dissolved(parts)).reduce((sum, [ion, n]) => sum + n * molarMass(parseFormula(ion)), 0) * HYDRATED
  return Math.max(1, MASS_STEP ** Math.round(Math.log(Math.max(mass, 1)) / Math.log(MASS_STEP)))
}

/** Ions of a mixture as standings name them. */
export const ionsOfParts = (parts: Parts): ReadonlySet<string> => new Set([...parts.keys()].filter((part) => COMPONENTS.includes(part)))

export const asHypothesis = (parts: Parts, mL: number, prior: number): Hypothesis => ({
  content: mixtureOf(parts, mL),
  ions: ionsOfParts(parts),
  parts,
  prior,
})
