import { COMPONENTS, findReagent, findSolvent, parseFormula } from '../species'
import type { Parting, SchemeRun } from './follow'
import type { Scheme, Separation } from './types'

/** Elements of which a sample's share cannot be told: water, counter-ions, what every bottle holds. */
const COMMON = new Set(['H', 'O', 'N', 'Cl', 'Na', 'K', 'S', 'C'])
const elementOf = (ion: string): string | undefined => Object.keys(parseFormula(ion).atoms).find((e) => !COMMON.has(e))

/** Elements that the reagents of a separation bring in. */
function poured({ steps }: Separation): string[] {
  return steps.flatMap((step) => {
    if (!('reagent' in step) || typeof step.reagent !== 'string' || step.mg !== undefined || findSolvent(step.reagent)) return []
    const { totals } = findReagent(step.reagent)
    return COMPONENTS.flatMap((formula, c) => ((totals[c] ?? 0) > 0 ? Object.keys(parseFormula(formula).atoms) : []))
  })
}

/** For each separation, the elements that reagents have by then brought into its vessel: where those are says nothing of the sample. */
function broughtBy(scheme: Scheme): ReadonlyMap<string, ReadonlySet<string>> {
  const inVessel = new Map<string, Set<string>>()
  return new Map(
    scheme.separations.map((separation) => {
      const here = new Set([...(inVessel.get(separation.on) ?? []), ...poured(separation)])
      inVessel.set(separation.on, here)
      if (separation.liquid !== undefined) inVessel.set(separation.liquid, new Set(here))
      return [separation.id, here] as const
    }),
  )
}

/** A cation that did not go where the scheme says. */
export interface Astray {
  readonly ion: string
  readonly separation: string
  /** Share of it in the solid, 0 to 1. */
  readonly inSolid: number
}

/** The right side has to hold this share of the cation. */
export const RIGHT_SHARE = 0.9
/** A fraction with less than this share of what the sample held is a trace, and goes where it likes. */
const TRACE = 0.15

/** Cations of a mixture that went the wrong way at some parting, those left out that the scheme itself says may stray. */
export function astray(scheme: Scheme, run: SchemeRun, cations: readonly string[], taken_mol: (ion: string) => number): Astray[] {
  const brought = broughtBy(scheme)
  return run.partings.flatMap(({ separation, solid, liquid }: Parting) =>
    cations.flatMap((ion) => {
      const element = elementOf(ion)
      if (separation.concerns && !separation.concerns.includes(ion)) return []
      if (element === undefined || separation.strays?.[ion] !== undefined || brought.get(separation.id)?.has(element)) return []
      const down = solid.get(element) ?? 0
      const all = down + (liquid.get(element) ?? 0)
      if (all < TRACE * taken_mol(ion)) return []
      const inSolid = down / all
      const right = separation.keeps.includes(ion) ? inSolid : 1 - inSolid
      return right >= RIGHT_SHARE ? [] : [{ ion, separation: separation.id, inSolid }]
    }),
  )
}

/** Cations the scheme's proofs claimed, and of the mixture those it missed and those it claimed that are not there. */
export function claims(scheme: Scheme, run: SchemeRun, cations: readonly string[]): { missed: string[]; wrong: string[] } {
  const seen = run.shown.filter((s) => s.seen)
  const sought = new Set(scheme.separations.flatMap((s) => s.proofs ?? []).flatMap((p) => p.ions))
  return {
    missed: cations.filter((ion) => sought.has(ion) && !seen.some((s) => s.ions.includes(ion))),
    wrong: seen.filter((s) => !s.ions.some((ion) => cations.includes(ion))).map((s) => `${s.ions[0] ?? ''} at ${s.at}`),
  }
}
