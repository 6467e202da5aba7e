import { caseSchema, entrySchema, type Entry } from '../../../notebook'
import { ionsWith } from '../../../species'
import { groupsOf } from '../../observation/tests-written'
import { Simulations } from '../../simulation/simulations'
import { observationsOf } from '../../observation/ideal-observer'
import { traceOf } from '../../observation/trace'
import { mixtureOf, type AmountClass, type Parts } from './parts'
import type { Sensitivities } from './sensitivity'
import { Scorer } from './scorer'

/** For tests: 20 mL of some mixture. */
export const settings = caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } })
/** Parts, middling where nothing is said of how much. */
export const partsOf = (...parts: readonly (string | readonly [string, AmountClass])[]): Parts =>
  new Map(parts.map((part) => (typeof part === 'string' ? ([part, 'middling'] as const) : part)))

const HALIDES = ionsWith('falls-with-silver')
/** Four tests of halides, which tell two of them from a thiocyanate that passes for both. */
export const OF_HALIDES: Sensitivities = {
  'silver-nitrate': HALIDES,
  'chloride-beside-bromide-and-iodide': HALIDES,
  'iodide-in-acid': ['I^-', 'Br^-'],
  'layer-test': HALIDES,
}

/** What a careful observer writes of these tests, done on a solution of these parts. */
export function written(parts: Parts, tests: readonly (readonly [test: string, on: string])[], simulations = new Simulations(0, {}, 20)): Entry[] {
  const entries: Entry[] = []
  for (const [id, on] of tests) {
    const did = entrySchema.parse({ id: `d${entries.length}`, at: '', did: { test: id, on } })
    entries.push(did)
    const steps = traceOf({ case: settings, entries }).steps.filter((s) => s.entry === did.id)
    for (const { observation } of observationsOf(steps, (step) => simulations.expect(mixtureOf(parts, 20), step.recipe)))
      entries.push(entrySchema.parse({ id: `s${entries.length}`, at: '', saw: observation }))
  }
  return entries
}

/** The same, on the scales; with lines besides that somebody less careful wrote. */
export function scalesOn(
  parts: Parts,
  tests: readonly string[],
  sensitivities: Sensitivities,
  besides: readonly Entry[] = [],
): { scorer: Scorer; until: number } {
  const simulations = new Simulations(0, {}, 20)
  const entries = written(
    parts,
    tests.map((test, k) => [test, String.fromCharCode(65 + k)] as const),
    simulations,
  )
  const scorer = new Scorer(simulations, sensitivities, 20)
  scorer.takeUp(groupsOf(traceOf({ case: settings, entries: [...entries, ...besides] })))
  return { scorer, until: tests.length }
}
