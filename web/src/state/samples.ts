import type { Case } from '@foxing/core'

/** What a jar may hold, in words, and the case it makes. */
export const SAMPLES = ['one salt', 'one salt, dissolved', 'a mixture', 'a solid mixture', 'an organic compound'] as const
export type SampleKind = (typeof SAMPLES)[number]
/** What an instructor gives out to be found: of one salt a solid. */
export const GIVEN_OUT = SAMPLES.filter((sample) => sample !== 'one salt, dissolved')
/** What a case says of it; the rest is as usual. */
export interface SampleCase {
  readonly kind?: 'mixture' | 'organic'
  readonly sample?: Partial<Pick<Case['sample'], 'mg' | 'mL' | 'form'>>
}
export const CASE_OF: Readonly<Record<SampleKind, SampleCase>> = {
  'one salt': {},
  'one salt, dissolved': { sample: { mL: 20, form: 'solution' } },
  'a mixture': { kind: 'mixture', sample: { mL: 20 } },
  'a solid mixture': { kind: 'mixture', sample: { mg: 500, form: 'solid' } },
  'an organic compound': { kind: 'organic' },
}
