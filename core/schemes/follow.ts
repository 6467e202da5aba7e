import { perceive, type Percept } from '../perception'
import { COMPONENTS, parseFormula } from '../species'
import { newBench, openJar, perform, type Conditions, type Sample, type Step, type Vessel } from '../tube'
import type { Scheme, Separation } from './types'
import { work, type Shown } from './work'

/** mol of each element, by symbol. */
export type Elements = ReadonlyMap<string, number>

/** Where the elements stood when a separation was done. */
export interface Parting {
  readonly separation: Separation
  readonly solid: Elements
  readonly liquid: Elements
}

export interface SchemeRun {
  readonly shown: readonly Shown[]
  readonly partings: readonly Parting[]
  readonly steps: readonly { readonly step: Step; readonly separation: string; readonly percept: Percept }[]
}

/** mol of each element in a vessel, dissolved, solid and metallic together. */
export function elementsIn(vessel: Vessel | undefined): Elements {
  const found = new Map<string, number>()
  const include = (formula: string, mol: number): void => {
    if (mol <= 0) return
    for (const [element, n] of Object.entries(parseFormula(formula).atoms)) found.set(element, (found.get(element) ?? 0) + n * mol)
  }
  vessel?.totals.forEach((mol, component) => include(COMPONENTS[component] ?? '', mol))
  for (const [formula, mol] of vessel?.inert ?? []) include(formula, mol)
  return found
}

/**
 * Works a scheme on a simulated sample, every step carried out by the model, and tells what its proofs showed and where each element went.
 * @param change called with every step before it is done: the step in its place, several, or none, to work the scheme with something left out
 */
export function followScheme(
  scheme: Scheme,
  sample: Sample,
  conditions: Conditions = {},
  change: (step: Step, separation: string) => readonly Step[] = (step) => [step],
): SchemeRun {
  let bench = newBench(openJar(sample), conditions)
  const partings: Parting[] = []
  const steps: { step: Step; separation: string; percept: Percept }[] = []
  const separations = new Map(scheme.separations.map((s) => [s.id, s]))
  const worker = work(scheme)
  let turn = worker.next()
  while (!turn.done) {
    const { step, separation, parted } = turn.value
    let percept: Percept | null = null
    for (const done of change(step, separation)) {
      const { bench: after, event } = perform(bench, done)
      bench = after
      percept = perceive(event, steps.length + 1)
      steps.push({ step: done, separation, percept })
    }
    const place = separations.get(separation)
    if (parted && place?.liquid !== undefined)
      partings.push({
        separation: place,
        solid: elementsIn(bench.vessels.get(place.on)),
        liquid: elementsIn(bench.vessels.get(place.liquid)),
      })
    // A step left out shows what there was before.
    const seen = percept ?? steps.at(-1)?.percept
    if (!seen) throw new RangeError('the first step of a scheme cannot be left out')
    turn = worker.next(seen)
  }
  return { shown: turn.value, partings, steps }
}
