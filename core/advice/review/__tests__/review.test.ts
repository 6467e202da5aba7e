import { beforeAll, describe, expect, test } from '@jest/globals'
import { builtPercepts } from '../../../../script/trials/percepts'
import { TESTS } from '../../../catalogue'
import { ionsOf, type Hypothesis, ReasoningSession } from '../../../deduction'
import { caseSchema, entrySchema, type Entry } from '../../../notebook'
import { findSalt, SALTS } from '../../../species'
import { vesselFor } from '../../follow'
import { review, REVIEW_RULES, sayFinding, undone } from '..'
import { MET_OTHERWISE, SOUND, SPOILED, type Written } from './procedures'

const session = new ReasoningSession()

beforeAll(() => {
  session.takePercepts(builtPercepts())
}, 300_000)

const settings = caseSchema.parse({})
const listed = (bodies: readonly object[]): Entry[] => bodies.map((body, i) => entrySchema.parse({ id: `e${i}`, at: '', ...body }))
/** A spread of the bench, for what nothing is known of. */
const SPREAD = [
  'NaCl',
  'KNO3',
  'NH4Cl',
  'Na2CO3',
  'AgNO3',
  'Pb(NO3)2',
  'CuSO4.5H2O',
  'ZnSO4.7H2O',
  'Al(NO3)3.9H2O',
  'FeCl3.6H2O',
  'BaCl2.2H2O',
  'CaCO3',
  'MgSO4.7H2O',
  'CoCl2.6H2O',
  'KBr',
]
const hypotheses = (ids: readonly string[]): Hypothesis[] =>
  ids.map((id) => {
    const salt = findSalt(id)
    if (!salt) throw new RangeError(`${id} is no bench salt`)
    return { content: salt, ions: ionsOf(salt), prior: 1 / ids.length }
  })
const found = ({ entries, among }: Written): string[] => {
  const notebook = { case: settings, entries: listed(entries) }
  return [...new Set(review(notebook, session.reason(notebook, { hypotheses: hypotheses(among ?? SPREAD) })).map((f) => f.finding))]
}

describe('procedures spoiled in one way', () => {
  test.each(SPOILED.map((p) => [p.finding, p.title, p] as const))('%s: %s', (finding, _, procedure) => {
    expect(found(procedure)).toEqual([finding])
  })
  test.each(MET_OTHERWISE.map((p) => [p.finding, p.title, p] as const))('met otherwise: %s: %s', (finding, _, procedure) => {
    expect(found(procedure)).toEqual([finding])
  })
  test('one mistake is spoken of once, however often its tube is worked on', () => {
    for (const { entries, among } of SPOILED.concat(MET_OTHERWISE)) {
      const last = entries.findLast((e) => 'did' in e && JSON.stringify(e).includes('"do":"add"'))
      const notebook = { case: settings, entries: listed([...entries, ...(last ? [last, last] : [])]) }
      const ids = review(notebook, session.reason(notebook, { hypotheses: hypotheses(among ?? SPREAD) })).map((f) => f.finding)
      expect(ids).toEqual([...new Set(ids)])
    }
  })
  test('there are sixty and more, and every rule but few is among them', () => {
    expect(SPOILED.length).toBeGreaterThanOrEqual(60)
    const ids = new Set<string>(REVIEW_RULES.map((r) => r.finding))
    expect(SPOILED.filter((p) => !ids.has(p.finding))).toEqual([])
    expect(ids.size).toBe(REVIEW_RULES.length)
  })
})

describe('sound procedures raise nothing', () => {
  test.each(SOUND.map((p) => [p.title, p] as const))('%s', (_, procedure) => {
    expect(found(procedure)).toEqual([])
  })
  test('nor does any test of the catalogue', () => {
    for (const t of TESTS) {
      const entries = [
        { id: 'e0', at: '', did: { test: t.id, on: vesselFor(t.id, []) } },
        { id: 'e1', at: '', saw: { channel: 'precipitate.present' } },
      ]
      const notebook = { case: settings, entries: entries.map((e) => entrySchema.parse(e)) }
      expect([t.id, review(notebook, session.reason(notebook))]).toEqual([t.id, []])
    }
  })
  test('nor a word of what is withdrawn', () => {
    const [dry] = SPOILED.filter((p) => p.finding === 'dry-litmus')
    const entries = listed([...(dry?.entries ?? []), { amended: { entry: `e${(dry?.entries.length ?? 0) - 1}`, with: { withdrawn: true } } }])
    expect(review({ case: settings, entries }, session.reason({ case: settings, entries }))).toEqual([])
  })
})

describe('what would have been seen, the mistake undone', () => {
  const seenIn = (title: string, salt: string): string[] => {
    const procedure = SPOILED.find((p) => p.title === title)
    if (!procedure) throw new RangeError(`no procedure called ${title}`)
    const notebook = { case: settings, entries: listed(procedure.entries) }
    const reasoning = session.reason(notebook, { hypotheses: hypotheses(procedure.among ?? SPREAD) })
    const [finding] = review(notebook, reasoning)
    const answer = finding && undone(notebook, reasoning, finding.finding, finding.entry, findSalt(salt))
    return [...(answer?.seen.flatMap((s) => s.words) ?? [])]
  }
  test.each([
    ['a millilitre of alkali: clear', 'ZnSO4.7H2O', 'precipitate; white; gelatinous'],
    ['hydrochloric acid, then silver', 'NaCl', 'precipitate; white; curdy'],
    ['hydrochloric acid, then silver', 'KNO3', 'no precipitate'],
    ['sulfuric acid, then barium', 'NaCl', 'no precipitate'],
    ['dissolved in tap water, then silver nitrate', 'KNO3', 'no precipitate'],
    ['shaken before it was looked at', 'KNO3', 'ring'],
    ['thiocyanate and pentanol beside iron', 'CoCl2.6H2O', 'rests: upper'],
  ])('%s, on %s: %s', (title, salt, words) => {
    expect(seenIn(title, salt).join('; ')).toContain(words)
  })
  test('most mistakes can be undone, and the work, done so and reviewed again, raises the finding no more', () => {
    const outcomes = SPOILED.flatMap((procedure) => {
      const notebook = { case: settings, entries: listed(procedure.entries) }
      const among = hypotheses(procedure.among ?? SPREAD)
      const reasoning = session.reason(notebook, { hypotheses: among })
      const [finding] = review(notebook, reasoning)
      const outcome = finding && undone(notebook, reasoning, finding.finding, finding.entry, findSalt('KNO3'))
      if (!finding || !outcome) return []
      // The same things seen of the mended work: what they were taken for is not what is judged here.
      const seen = procedure.entries.flatMap((e) => {
        if (!('saw' in e)) return []
        const { channel, value, negated } = e['saw'] as Record<string, unknown>
        return [{ saw: { channel, value, negated } }]
      })
      const again = { case: settings, entries: listed([...outcome.work.map((step) => ({ did: step })), ...seen]) }
      return [
        {
          title: procedure.title,
          finding: finding.finding,
          still: review(again, session.reason(again, { hypotheses: among })).map((f) => f.finding),
        },
      ]
    })
    expect(outcomes.length).toBeGreaterThan(0.4 * SPOILED.length)
    // A bead black as pitch was overloaded whatever is said of the loop: there it is the sight that tells.
    expect(outcomes.filter(({ finding, still }) => still.includes(finding)).map(({ title }) => title)).toEqual(['a bead black as pitch'])
  })
})

test('every finding says what it does to the evidence, and the way back, in sentences', () => {
  for (const { finding } of REVIEW_RULES) for (const line of Object.values(sayFinding(finding))) expect(line).toMatch(/^[A-Z“].*[.”]$/)
  expect(SALTS.length).toBeGreaterThan(200)
})
