import { ORGANIC_TESTS } from '../../catalogue'
import { ION_IDS, SALTS } from '../../species'
import { ASSEMBLED } from '../../structure'
import { askedOf, organicContents, structuresOf } from '../inference/organic/hypotheses'
import type { PerceptPack } from './simulations'
import { mergeGases, mergeSensitivities, PARTS, workOutGases, workOutSensitivities, workOutStrong } from '../inference/mixture'
import { mergePacks, packPercepts, type PackKind } from './percept-pack'

/** The usual amount of a sample, mg. */
const SAMPLE_MG = 500

/**
 * All that is worked out ahead: of salts what the tests show with each, which parts each test speaks of, and what gases come of each part; of organic compounds what the tests show, and what was perceived of their
 * structures, which must be lent what reads them. A minute or two of one processor.
 * @param dealt the share of a list that is to be worked out; all of it, unless given
 */
export function workOutPack(kind: PackKind, dealt: <T>(all: readonly T[]) => readonly T[] = (all) => all): PerceptPack {
  if (kind === 'salts')
    return {
      ...packPercepts(SAMPLE_MG, dealt(SALTS)),
      sensitivities: workOutSensitivities(dealt(PARTS)),
      strong: workOutStrong(dealt(ION_IDS)),
      gases: workOutGases(dealt(PARTS)),
    }
  const contents = organicContents()
  return {
    ...packPercepts(SAMPLE_MG, dealt(contents), ORGANIC_TESTS, askedOf),
    structures: structuresOf(dealt([...contents.map((c) => c.id), ...ASSEMBLED])),
  }
}

/**
 * Shares of one pack put together.
 * @throws RangeError for none, or for shares of different packs
 */
export function mergeShares(shares: readonly PerceptPack[]): PerceptPack {
  const merged = mergePacks(shares)
  return {
    ...merged,
    ...(merged.structures && { structures: Object.assign({}, ...shares.map((s) => s.structures)) as NonNullable<PerceptPack['structures']> }),
    ...(merged.sensitivities && { sensitivities: mergeSensitivities(shares.map((s) => s.sensitivities ?? {})) }),
    ...(merged.strong && { strong: mergeSensitivities(shares.map((s) => s.strong ?? {})) }),
    ...(merged.gases && { gases: mergeGases(shares.map((s) => s.gases ?? {})) }),
  }
}
