import { chemistryOf, newState, solveSystem } from '../../equilibrium'
import { Runner, seenLook, type Percept, type SeenLook } from '../../perception'
import { COMPONENT_INDEX, findReagent, inComponents, ionsWith, parseFormula, REAGENTS } from '../../species'
import { stepSchema, type Sample } from '../../tube'
import { celsius } from '../../units'

/** What is seen after so many drops of a reagent. */
export interface AfterDrops {
  readonly drops: number
  readonly pH: number | null
  readonly look: SeenLook
  readonly equations: readonly string[]
  /** Solids an eye can see, by formula. */
  readonly solids: readonly string[]
}

/** An ion with a reagent: the first drops, an excess, and that boiled for a minute. */
export interface WithReagent {
  readonly reagent: string
  readonly ion: string
  readonly first: AfterDrops
  readonly excess: AfterDrops
  readonly hot: AfterDrops
  /** Whether an eye sees anything of it: a solid, a layer, another colour. */
  readonly changes: boolean
}

const FIRST_DROPS = 2
const EXCESS_DROPS = 30
/** mol/L of the ion in a reference tube. */
const USUAL_M = 0.05
/** Cations that only acid chloride solutions hold. */
const IN_ACID_CHLORIDE: ReadonlySet<string> = new Set(ionsWith('held-by-chloride'))

/** 0.05 mol/L of an ion, with nitrate, chloride or sodium beside it. */
export function solutionOfIon(ion: string): Sample {
  const ions: Record<string, number> = { [ion]: USUAL_M }
  const inChloride = IN_ACID_CHLORIDE.has(ion)
  if (inChloride) ions['H^+'] = 1
  const charge = Object.entries(ions).reduce((sum, [formula, n]) => sum + n * parseFormula(formula).charge, 0)
  if (charge > 0) ions[inChloride ? 'Cl^-' : 'NO3^-'] = charge
  if (charge < 0) ions['Na^+'] = (ions['Na^+'] ?? 0) - charge
  return { solution: { ions, mL: 20 } }
}

const STILL = [0, 0, 0] as const
const told = (percept: Percept, before: Percept | null, drops: number): AfterDrops => ({
  drops,
  pH: percept.pH,
  look: seenLook(percept, before, drops, STILL),
  equations: percept.equations,
  solids: percept.precipitates.map((p) => p.species),
})

/**
 * A reagent added drop by drop to 1 mL of an ion's solution: what is seen after each, from none on.
 * @throws UnknownReagent
 */
export function titration(ion: string, reagent: string, most = EXCESS_DROPS): AfterDrops[] {
  const runner = new Runner(solutionOfIon(ion))
  const drop = stepSchema.parse({ do: 'add', to: 'A', reagent, drops: 1 })
  let before = runner.step(stepSchema.parse({ do: 'take', into: 'A', mL: 1 }))
  const seen = [told(before, null, 0)]
  for (let n = 1; n <= most; n++) {
    const percept = runner.step(drop)
    seen.push(told(percept, before, n))
    before = percept
  }
  return seen
}

/** Each ion or each reagent by the other; a pair that cannot be poured together is left out. */
export function withReagent(ion: string, reagent: string): WithReagent | null {
  const runner = new Runner(solutionOfIon(ion))
  const step = (raw: Record<string, unknown>): Percept => runner.step(stepSchema.parse(raw))
  try {
    const start = step({ do: 'take', into: 'A', mL: 1 })
    const first = step({ do: 'add', to: 'A', reagent, drops: FIRST_DROPS })
    const excess = step({ do: 'add', to: 'A', reagent, drops: EXCESS_DROPS - FIRST_DROPS })
    const hot = step({ do: 'boil', vessel: 'A', minutes: 1 })
    const colour = start.solution?.colour.family
    const changes = [first, excess, hot].some((p) => p.deposit !== null || p.layers.length > 0 || p.solution?.colour.family !== colour)
    return {
      reagent,
      ion,
      changes,
      first: told(first, start, FIRST_DROPS),
      excess: told(excess, first, EXCESS_DROPS),
      hot: told(hot, excess, EXCESS_DROPS),
    }
  } catch {
    return null
  }
}

/** Bottles that the pages of ions go through; the others have pages of their own. */
export const USUAL_REAGENTS: readonly string[] = [
  'NaOH 2 M',
  'NH3 2 M',
  'HCl 2 M',
  'H2SO4 1 M',
  'Na2CO3 1 M',
  '(NH4)2S 1 M',
  'KI 0.1 M',
  'K2CrO4 0.1 M',
  'K4Fe(CN)6 0.1 M',
  'K3Fe(CN)6 0.1 M',
  'KSCN 0.1 M',
  '(NH4)2C2O4 0.25 M',
  'Na2HPO4 0.25 M',
  'AgNO3 0.1 M',
  'Ba(NO3)2 0.1 M',
  'KMnO4 0.02 M',
]

/** Bottles there are pages for, as they are asked for: every one on the shelf at its usual strength. */
export const REFERENCE_REAGENTS: readonly { readonly id: string; readonly name: string; readonly ask: string }[] = REAGENTS.filter(
  (r) => r.id !== 'water',
).map((r) => ({ id: r.id, name: r.name, ask: `${r.formula} ${r.usual || (r.strengths[0]?.label ?? '')}`.trim() }))

/** Share of an ion in each of its forms, 0 to 1, along an axis. */
export interface Fractions {
  readonly axis: string
  readonly at: readonly number[]
  readonly forms: readonly { readonly form: string; readonly solid: boolean; readonly share: readonly number[] }[]
}

/** Of an ion, mol/L, where its forms are counted. */
const COUNTED_M = 0.01
/** A form that nowhere holds this share is left out. */
const LEAST_SHARE = 0.01
/** What the forms may be counted against: acidity, or the concentration of something that binds. */
export const AXES = ['pH', 'NH3', 'Cl^-', 'I^-', 'SCN^-', 'C2O4^2-'] as const
export type Axis = (typeof AXES)[number]

/** The forms of an ion, 0.01 mol/L of it, against pH or against log10 of a ligand's concentration, mol/L, at 25 °C, solids that form at once included. */
export function fractionsOf(ion: string, axis: Axis): Fractions {
  const component = COMPONENT_INDEX.get(ion) ?? -1
  const terms = inComponents({ [axis === 'pH' ? 'NO3^-' : axis]: 1 }).terms
  const charge = parseFormula(ion).charge
  const chemistry = chemistryOf(
    [...new Set([component, ...[...terms.keys()].filter((c) => c !== 0), COMPONENT_INDEX.get('Na^+') ?? 0, COMPONENT_INDEX.get('NO3^-') ?? 0])],
    celsius(25),
  )
  const allowed = Uint8Array.from(chemistry.solids, (s) => (s.data.gate ? 0 : 1))
  const state = newState(chemistry.system)
  const hydrogen = chemistry.local[0] ?? 0
  const ligandCharge = axis === 'pH' ? 0 : parseFormula(axis).charge
  const solve = (base_M: number, ligand_M: number): number => {
    const given: Record<number, number> = { 0: -base_M, [component]: COUNTED_M }
    const put = (formula: string, n: number): void => {
      const c = COMPONENT_INDEX.get(formula) ?? -1
      given[c] = (given[c] ?? 0) + n
    }
    if (axis !== 'pH') for (const [c, n] of terms) given[c] = (given[c] ?? 0) + n * ligand_M
    const balance = COUNTED_M * charge + ligand_M * ligandCharge - base_M
    put('NO3^-', Math.max(1e-9, balance))
    put('Na^+', Math.max(1e-9, -balance))
    const totals = Float64Array.from(chemistry.components, (global) => given[global] ?? 1e-9)
    solveSystem(chemistry.system, { totals, volume_L: 1, gasSpace: 0, allowed }, state)
    return -(state.lambda[hydrogen] ?? 0) / Math.LN10
  }
  const at: number[] = []
  const found = new Map<string, { solid: boolean; share: number[] }>()
  const take = (x: number): void => {
    const k = at.push(x) - 1
    const count = (form: string, solid: boolean, n: number): void => {
      const known = found.get(form) ?? { solid, share: [] }
      known.share[k] = (known.share[k] ?? 0) + n / COUNTED_M
      found.set(form, known)
    }
    chemistry.aqueous.forEach((s, i) => s.terms.forEach(([c, n]) => c === component && count(s.formula.text, false, n * (state.amounts[i] ?? 0))))
    chemistry.solids.forEach((s, p) => s.terms.forEach(([c, n]) => c === component && count(s.id, true, n * (state.phases[p] ?? 0))))
  }
  if (axis === 'pH')
    for (let pH = 0; pH <= 14; pH += 0.25) {
      let low = -2
      let high = 2
      for (let n = 0; n < 32; n++) {
        const middle = (low + high) / 2
        if (solve(middle, 0) < pH) low = middle
        else high = middle
      }
      take(pH)
    }
  else
    for (let x = -4; x <= 0.71; x += 0.1) {
      solve(0, 10 ** x)
      take(x)
    }
  const forms = [...found]
    .map(([form, { solid, share }]) => ({ form, solid, share: at.map((_, k) => share[k] ?? 0) }))
    .filter(({ share }) => Math.max(...share) > LEAST_SHARE)
    .sort((a, b) => b.share.indexOf(Math.max(...b.share)) - a.share.indexOf(Math.max(...a.share)))
    .reverse()
  return { axis: axis === 'pH' ? 'pH' : `log₁₀ of ${axis}, mol/L`, at, forms }
}

/** Whether a bottle's solution holds the ion itself: pouring it shows nothing of the ion. */
export const holdsIon = (reagent: string, ion: string): boolean => {
  const component = COMPONENT_INDEX.get(ion)
  return component !== undefined && (findReagent(reagent).totals[component] ?? 0) > 0
}
