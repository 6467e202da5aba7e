/** What a jar may hold, in words, and the case it makes. */
export const SAMPLES = ['one salt', 'a mixture', 'an organic compound'] as const
export type SampleKind = (typeof SAMPLES)[number]
export const CASE_OF: Readonly<Record<SampleKind, { readonly kind?: 'mixture' | 'organic'; readonly sample?: { readonly mL: number } }>> = {
  'one salt': {},
  'a mixture': { kind: 'mixture', sample: { mL: 20 } },
  'an organic compound': { kind: 'organic' },
}
