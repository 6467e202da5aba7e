import { CONVERSIONS, COUPLES } from '../reactions'
import { AQUEOUS, COMPONENT_INDEX, COMPONENTS, dryPhase, FLAMES, inComponents, SOLIDS, type Resolved } from '../species'
import { gasesOver, type Event } from '../tube'
import { solutionColour, type SolidSeen } from './appearance'
import { flameOf } from './flame'
import { NOTICED_atm, SMOKE_atm } from './mouth'

/** Components that oxidation or reduction turns into each other. */
const COUNTERPARTS: ReadonlyMap<number, readonly number[]> = counterparts()
function counterparts(): Map<number, number[]> {
  const map = new Map<number, number[]>()
  for (const { oxidised, reduced } of COUPLES) {
    const both = [...Object.keys(oxidised), ...Object.keys(reduced)].map((f) => COMPONENTS.indexOf(f)).filter((c) => c > 0)
    for (const a of both) map.set(a, [...(map.get(a) ?? []), ...both.filter((b) => b !== a)])
  }
  for (const { takes, gives, noSign } of CONVERSIONS) {
    if (noSign) continue
    const from = [...inComponents(takes).terms.keys()].filter((c) => c > 0)
    for (const c of inComponents(gives).terms.keys()) if (c > 0) map.set(c, [...(map.get(c) ?? []), ...from])
  }
  return map
}

/** Components (hydrogen apart) of everything that makes a sign: seen solids, noticed gases, the species that colour the liquid. */
export function shownIn({ step, after, escaped }: Event, seen: readonly SolidSeen[]): string[] {
  const held: Resolved[] = seen.flatMap((s) => SOLID_BY_FORMULA.get(s.species) ?? inertAsComponents(s.species))
  held.push(...escaped.filter(({ atm }) => atm >= NOTICED_atm).map(({ gas }) => gas))
  if (step.do === 'hold' || step.do === 'smell')
    held.push(
      ...gasesOver(after)
        .filter(({ atm }) => atm > SMOKE_atm)
        .map(({ gas }) => gas),
    )
  const looksIn = step.do !== 'hold' && step.do !== 'dip' && step.do !== 'smell' && step.do !== 'flame'
  if (looksIn && after.contents && solutionColour(after.contents).family !== 'colourless') {
    // A complex's colour is a sign of the ion that is coloured by itself, and of what is bound to it where most of that ion is so bound.
    const { chemistry, state } = after.contents
    const total = new Map<number, number>()
    const coloured = chemistry.aqueous.flatMap((s, i) => {
      const c = state.amounts[i] as number
      const [owner] = s.data.spectrum ? s.terms.filter(([component]) => AQUEOUS[component]?.data.spectrum) : []
      if (!owner || c < 1e-4) return []
      total.set(owner[0], (total.get(owner[0]) ?? 0) + c * owner[1])
      return [{ species: s, owner: owner[0], held: c * owner[1] }]
    })
    for (const { species, owner, held: share } of coloured)
      held.push(...(share > 0.3 * (total.get(owner) ?? 0) ? [species] : AQUEOUS.slice(owner, owner + 1)))
  }
  for (const id of step.do === 'flame' ? [] : after.dry.keys()) {
    const { terms = [] } = dryPhase(id) ?? {}
    held.push(...terms.flatMap(([component]) => (AQUEOUS[component]?.data.spectrum ? [AQUEOUS[component]] : [])))
  }
  if (step.do === 'flame') {
    const { lines } = flameOf(after, step)
    const lit = [...FLAMES].filter(([, data]) => data.lines.some((l) => lines.includes(l.nm)))
    held.push(...lit.flatMap(([component]) => AQUEOUS[component] ?? []))
  }
  const shown = new Set(held.flatMap((s) => s.terms.map(([component]) => component)).filter((component) => component !== 0))
  // Iodine is a sign of iodide, brown fumes are one of nitrate: what a couple makes speaks for what it was made from.
  for (const component of [...shown]) for (const other of COUNTERPARTS.get(component) ?? []) shown.add(other)
  return [...shown].sort((a, b) => a - b).map((component) => COMPONENTS[component] ?? '')
}

const SOLID_BY_FORMULA: ReadonlyMap<string, Resolved> = new Map(SOLIDS.map((s) => [s.data.formula, s]))
/** A metal or an oxide that redox made is a sign of the ions it came from. */
const INERT_SIGNS: ReadonlyMap<string, readonly Resolved[]> = inertSigns()
function inertSigns(): Map<string, Resolved[]> {
  const signs = new Map<string, Resolved[]>()
  for (const { oxidised, reduced, inert } of COUPLES)
    for (const [formula, ions] of [
      ...Object.keys(inert?.reduced ?? {}).map((f) => [f, oxidised] as const),
      ...Object.keys(inert?.oxidised ?? {}).map((f) => [f, reduced] as const),
    ])
      for (const ion of Object.keys(ions)) {
        const c = COMPONENT_INDEX.get(ion)
        if (c && AQUEOUS[c]) signs.set(formula, [...(signs.get(formula) ?? []), AQUEOUS[c]])
      }
  return signs
}
const inertAsComponents = (formula: string): readonly Resolved[] => INERT_SIGNS.get(formula) ?? []
