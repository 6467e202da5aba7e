import {
  conversionById,
  conversionEquation,
  couplesOf,
  dryEquation,
  netIonicEquations,
  oxidationEquation,
  perElectron,
  type Change,
} from '../reactions'
import { AQUEOUS, COMPONENT_INDEX, dryPhase, inComponents, type Resolved } from '../species'
import { onlyLooks, type Contents, type Event, type Vessel } from '../tube'

/** Every equation of an event: oxidations first, the one with most electrons leading, then what came down, dissolved or left without them. */
export function equationsOf(event: Event): string[] {
  const changes = changesOf(event)
  const basic = (event.after.contents?.pH ?? 7) > 7
  const guises = {
    basic,
    dissolved: (component: string): Resolved => guiseOf(component, event.after.contents ?? event.before.contents),
    solid: (component: string, made: boolean, electrons: number): Resolved | undefined => {
      const c = COMPONENT_INDEX.get(component)
      const of = changes.filter(
        (change) => change.kind === 'solid' && change.mol > 0 === made && change.species.terms.some(([j, n]) => j === c && n > 0),
      )
      const [greatest] = of.sort((a, b) => Math.abs(b.mol) - Math.abs(a.mol))
      // A solid that changed by far less than what reacted has nothing to do with it.
      return greatest && Math.abs(greatest.mol) > PART_OF_IT * electrons ? greatest.species : undefined
    },
  }
  if (event.roasted) return [...new Set(event.roasted.flatMap((r) => r.reactions.map(dryEquation)))]
  const reacted = [...event.after.reacted].filter(([, mol]) => mol > 2e-8).sort((a, b) => b[1] - a[1])
  const most = reacted[0]?.[1] ?? 0
  const told = asChains(reacted.filter(([, mol]) => mol > WORTH_TELLING * most))
  const oxidations = told.flatMap(([pair, mol, couplesOfChain]) => {
    const conversion = conversionById.get(pair.replace('conversion:', ''))
    if (conversion) return [conversionEquation(conversion).text]
    const couples = couplesOfChain ?? couplesOf(pair)
    const equation = couples && oxidationEquation(couples, { ...guises, solid: (component, made) => guises.solid(component, made, mol) })
    return equation ? [equation.text] : []
  })
  return [...new Set([...oxidations, ...netIonicEquations(changes, basic).map((e) => e.text)])]
}

/** An oxidation of which there was less than this share of the main one is no part of what a chemist writes. */
const WORTH_TELLING = 0.03
/** Share of the electrons that a solid's change has to come to for the reaction to be told through it. */
const PART_OF_IT = 0.05

type Couples = NonNullable<ReturnType<typeof couplesOf>>
type Sum = Readonly<Record<string, number>>
const keysOf = (sum: Sum): string[] => Object.keys(sum).filter((key) => key !== 'H^+')
const same = (a: Sum, b: Sum): boolean =>
  keysOf(a).length > 0 && keysOf(a).every((key) => a[key] === b[key]) && keysOf(b).every((key) => a[key] === b[key])

/** Two couples of which one goes on where the other stops, as one: reduced from the first's oxidised side to the second's reduced side. */
const joined = (a: Couples['oxidant'], b: Couples['oxidant']): Couples['oxidant'] => ({
  ...b,
  electrons: a.electrons + b.electrons,
  oxidised: a.oxidised,
  reduced: b.reduced,
  inert: { oxidised: a.inert?.oxidised ?? {}, reduced: b.inert?.reduced ?? {} },
})

/** Two pairs as one where what is made in one is used up in the other, by the same partner; null where they are not. */
function followOn(first: Couples, second: Couples): Couples | null {
  for (const [a, b] of [
    [first, second],
    [second, first],
  ] as const) {
    if (a.reductant === b.reductant && same(a.oxidant.reduced, b.oxidant.oxidised))
      return { oxidant: joined(a.oxidant, b.oxidant), reductant: a.reductant }
    if (a.oxidant === b.oxidant && same(a.reductant.oxidised, b.reductant.reduced))
      return { oxidant: a.oxidant, reductant: joined(b.reductant, a.reductant) }
  }
  return null
}

/** Steps that follow on one another are one: what the first makes, and the second takes on with the same reductant, is not told. */
function asChains(reacted: readonly (readonly [pair: string, mol: number])[]): (readonly [pair: string, mol: number, couples?: Couples])[] {
  const steps = reacted.map(([pair, mol]) => ({ pair, mol, couples: couplesOf(pair) }))
  const gone = new Set<number>()
  const out: (readonly [pair: string, mol: number, couples?: Couples])[] = []
  steps.forEach((first, i) => {
    if (gone.has(i)) return
    const next = steps.findIndex(
      (second, j) =>
        j !== i &&
        !gone.has(j) &&
        first.couples !== undefined &&
        second.couples !== undefined &&
        followOn(first.couples, second.couples) !== null &&
        Math.min(first.mol, second.mol) > 0.3 * Math.max(first.mol, second.mol),
    )
    const second = steps[next]
    if (!second?.couples || !first.couples) {
      out.push([first.pair, first.mol])
      return
    }
    gone.add(next)
    out.push([first.pair, first.mol + second.mol, followOn(first.couples, second.couples) ?? first.couples])
  })
  return out.filter(([pair]) => ![...gone].some((k) => steps[k]?.pair === pair))
}

/** The form most of a component has: itself with protons on or off; else itself. */
function guiseOf(component: string, contents: Contents | null): Resolved {
  const c = COMPONENT_INDEX.get(component) ?? 0
  let best = AQUEOUS[c] as Resolved
  let most = 0
  contents?.chemistry.aqueous.forEach((species, i) => {
    const own = species.terms.every(([j, n]) => (j === c ? n === 1 : j === 0))
    if (!own || !species.terms.some(([j]) => j === c) || (species.data.from && !species.data.name)) return
    if ((contents.state.amounts[i] as number) > most) {
      most = contents.state.amounts[i] as number
      best = species
    }
  })
  return best
}

function changesOf(event: Event): Change[] {
  const sums = new Map<Resolved, { species: Resolved; kind: Change['kind']; mol: number; notable: boolean }>()
  const count = (species: Resolved, kind: Change['kind'], mol: number, notable: boolean): void => {
    const known = sums.get(species)
    if (known) known.mol += mol
    else sums.set(species, { species, kind, mol, notable })
  }
  const countComponent = (component: number, mol: number): void => {
    const species = AQUEOUS[component]
    if (species) count(species, 'aqueous', mol, false)
  }
  const tally = (vessel: Vessel | undefined, sign: 1 | -1): void => {
    if (!vessel?.contents) return
    const { chemistry, state, solids }: Contents = vessel.contents
    chemistry.aqueous.forEach((species, i) => {
      const mol = (sign * (state.amounts[i] as number) * vessel.volume_mL) / 1000
      const { from, name } = species.data
      // Ion pairs and first complexes are not told apart in an equation: they count as the ions they are made of.
      if (from && !name) for (const [component, n] of species.terms) countComponent(component, n * mol)
      else count(species, 'aqueous', mol, from !== undefined)
    })
    for (const { solid, mol } of solids) count(solid, 'solid', sign * mol, true)
  }
  const { step, before, after } = event
  if (
    step.do === 'take' ||
    (step.do === 'dissolve' && step.in === 'water') ||
    step.do === 'centrifuge' ||
    step.do === 'filter' ||
    step.do === 'wash' ||
    onlyLooks(step)
  )
    return []
  tally(before, -1)
  tally(event.poured, -1)
  tally(after, 1)
  for (const { gas, mol } of event.escaped) count(gas, 'gas', mol, true)
  // What oxidation and reduction did has equations of its own: it is taken out here.
  for (const [pair, mol] of after.reacted) {
    const conversion = conversionById.get(pair.replace('conversion:', ''))
    if (conversion)
      for (const [sum, sign] of [
        [conversion.takes, 1],
        [conversion.gives, -1],
      ] as const)
        for (const [component, n] of inComponents(sum).terms) countComponent(component, sign * n * mol)
    const couples = couplesOf(pair)
    if (!couples) continue
    for (const [formula, n] of perElectron(couples).components)
      for (const [component, m] of inComponents({ [formula]: n }).terms) countComponent(component, -m * mol)
  }
  if (after.volume_mL > 0) {
    for (const [id, mol] of before.dry) for (const [component, n] of dryPhase(id)?.terms ?? []) countComponent(component, -n * mol)
  }
  const left = new Map<Resolved, number>()
  after.contents?.chemistry.aqueous.forEach((s, i) => left.set(s, ((after.contents?.state.amounts[i] as number) * after.volume_mL) / 1000))
  return [...sums.values()].map((c) => (c.kind === 'aqueous' && c.mol < 0.02 * (left.get(c.species) ?? 0) ? { ...c, notable: false } : c))
}
