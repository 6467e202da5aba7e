import { describe, expect, test } from '@jest/globals'
import { builtPercepts } from '../../../script/trials/percepts'
import { TESTS } from '../../catalogue'
import { caseSchema, entrySchema, type Entry } from '../../notebook'
import { findSalt } from '../../species'
import { judgeControls, seenIn, takeForReference, observationsFromLook, knownsFor, ReasoningSession } from '..'

const session = new ReasoningSession()

const pack = builtPercepts()
session.takePercepts(pack)
takeForReference(pack)
const settings = caseSchema.parse({})
const entry = (id: string, body: object): Entry => entrySchema.parse({ id, at: '', ...body })
const jar = findSalt('KBr')
if (!jar) throw new Error('KBr')

/** Everything seen of a run, as an honest observer writes it. */
const seenOf = (entries: readonly Entry[], id: string): Entry[] =>
  seenIn({ case: settings, entries: [...entries] }, id, jar, [0, 0, 0])
    .looks.flatMap((look) => observationsFromLook(look))
    .map((saw, k) => entry(`${id}-${k}`, { saw: { ...saw, of: id } }))

const run = entry('run', { did: { test: 'silver-nitrate', on: 'A' } })
const base = [run, ...seenOf([run], 'run')]
const beside = (control: string, holding?: string): Entry =>
  entry('control', { did: { test: 'silver-nitrate', on: 'B', control, beside: 'run', ...(holding ? { holding } : {}) } })
const notebook = (...more: Entry[]) => ({ case: settings, entries: [...base, ...more] })
const chance = (of: ReturnType<typeof notebook>, ion: string): number => session.reason(of).standings.find((s) => s.species === ion)?.probability ?? 0

describe('controls', () => {
  test('what a control shows is of what it holds, and no evidence of the jar', () => {
    const control = beside('positive', 'NaCl')
    const seen = seenOf([run, control], 'control')
    expect(seen.some((e) => 'saw' in e && e.saw.channel === 'precipitate.colour' && e.saw.value === 'white')).toBe(true)
    expect(chance(notebook(control, ...seen), 'Br^-')).toBeCloseTo(chance(notebook(), 'Br^-'), 9)
    expect(judgeControls(notebook(control, ...seen))).toEqual([expect.objectContaining({ good: true, beside: 'run', because: '' })])
  })
  test('a blank that shows nothing is good; one that shows a precipitate takes the run away, with the reason', () => {
    const control = beside('blank')
    const good = seenOf([run, control], 'control')
    expect(judgeControls(notebook(control, ...good))[0]?.good).toBe(true)
    const bad = entry('bad', { saw: { channel: 'precipitate.present', value: 'yes', of: 'control', step: 3 } })
    const spoiled = notebook(control, bad)
    const { discarded, trace } = session.reason(spoiled)
    expect(discarded.get('run')).toMatchObject({ kind: 'blank', because: 'the blank showed “precipitate”' })
    expect(trace.observations).toEqual([])
    expect(trace.tests).toEqual([])
  })
  test('a known that does not show what it must takes away what the sample did not show', () => {
    const control = beside('positive', 'NaCl')
    const bad = entry('bad', { saw: { channel: 'precipitate.present', value: 'yes', negated: true, of: 'control', step: 3 } })
    expect(session.reason(notebook(control, bad)).discarded.get('run')?.kind).toBe('positive')
  })
  test('struck out, a control speaks against nothing', () => {
    const bad = entry('bad', { saw: { channel: 'precipitate.present', value: 'yes', of: 'control', step: 3 } })
    const out = entry('out', { amended: { entry: 'control', with: { withdrawn: true } } })
    expect(session.reason(notebook(beside('blank'), bad, out)).discarded.size).toBe(0)
  })
  describe('of an organic compound, nothing in its place', () => {
    const organic = caseSchema.parse({ kind: 'organic' })
    const blankOf = (test: string, ...more: Entry[]) => ({
      case: organic,
      entries: [entry('run', { did: { test, on: 'A' } }), entry('control', { did: { test, on: 'B', control: 'blank', beside: 'run' } }), ...more],
    })
    const looksOf = (test: string): Entry[] =>
      seenIn(blankOf(test), 'control', jar, [0, 0, 0])
        .looks.flatMap((look) => observationsFromLook(look))
        .map((saw, k) => entry(`seen-${k}`, { saw: { ...saw, of: 'control' } }))
    test.each([
      ['sulfur-lead', 'the sodium alone holds no sulfur', 'precipitate.present'],
      ['nitrogen-blue', 'nor nitrogen', 'precipitate.present'],
      ['halogen-silver', 'nor halogen', 'precipitate.present'],
      ['dinitrophenylhydrazine', 'the reagent gives nothing by itself', 'precipitate.present'],
      ['tollens', 'no mirror', 'precipitate.present'],
    ])('%s: %s', (test, _, channel) => {
      const seen = looksOf(test)
      expect(seen.length).toBeGreaterThan(0)
      expect(seen.filter((e) => 'saw' in e && e.saw.channel === channel && !e.saw.negated)).toEqual([])
      expect(judgeControls(blankOf(test, ...seen))).toEqual([expect.objectContaining({ good: true, kind: 'blank' })])
    })
    test('sodium that held sulfur itself is found out', () => {
      const black = entry('bad', { saw: { channel: 'precipitate.colour', value: 'black', of: 'control', step: 3 } })
      expect(judgeControls(blankOf('sulfur-lead', black))).toEqual([expect.objectContaining({ good: false, beside: 'run' })])
    })
  })
  test.each(TESTS.filter((t) => t.stage === 'anion tests').map((t) => t.id))(
    '%s: salts to set beside it, some that show it and some that do not',
    (id) => {
      const { positive, negative } = knownsFor(id)
      expect(positive.length).toBeGreaterThan(0)
      expect(positive.filter((salt) => negative.includes(salt))).toEqual([])
      for (const salt of [...positive, ...negative]) expect(findSalt(salt)?.id).toBe(salt)
    },
  )
})
