import { describe, expect, test } from '@jest/globals'
import { ORGANIC_TESTS, TESTS } from '../catalogue'
import { observationSchema, type Observation } from '../notebook'
import { SCHEMES, everyTest, FULL_SEPARATION, isSign, testsOfScheme, testsToDo } from './index'

const saw = (channel: string, value: string, negated = false): Observation => observationSchema.parse({ channel, value, negated })
const separating = SCHEMES.filter((s) => s.separations.length > 0)

describe('a scheme as tests', () => {
  test('no two tests, of the catalogue or of any scheme, share a name', () => {
    expect(everyTest.size).toBe(TESTS.length + ORGANIC_TESTS.length + separating.reduce((sum, s) => sum + testsOfScheme(s).length, 0))
  })
  test.each(separating.map((s) => [s.id, s] as const))('%s: every separation and proof is one, with its vessel and a time', (_, scheme) => {
    const tests = testsOfScheme(scheme)
    expect(tests.filter((t) => !t.proof)).toHaveLength(scheme.separations.length)
    expect(tests.filter((t) => t.proof)).toHaveLength(scheme.separations.flatMap((s) => s.proofs ?? []).length)
    for (const { vessel, minutes, steps } of tests) {
      expect(vessel).toMatch(/^[\w-]{1,24}$/)
      expect(minutes).toBeGreaterThan(0)
      expect(steps.length).toBeGreaterThan(0)
    }
  })
  test('portions come from the stock, not from the jar itself', () => {
    for (const { steps } of testsOfScheme(FULL_SEPARATION))
      for (const step of steps) if (step.do === 'take') expect(step.from ?? 'sample').not.toBe('sample')
  })
})

describe('what of a scheme is left to do', () => {
  const named = (id: string): string => `full-separation/${id}`
  const left = (done: readonly string[], told: Readonly<Record<string, readonly Observation[]>> = {}): string[] =>
    testsToDo(FULL_SEPARATION, { done: (id) => done.includes(id), told: (id) => told[id] ?? [] }).map((t) => t.id)

  test('at first: the untouched sample, then the groups in order', () => {
    const order = left([])
    expect(order[0]).toBe(named('original'))
    expect(order.indexOf(named('group-1'))).toBeLessThan(order.indexOf(named('group-2')))
    expect(order.indexOf(named('group-3'))).toBeLessThan(order.indexOf(named('group-5')))
  })
  test('a group that did not come down is not worked; one that did is', () => {
    const none = { [named('group-1')]: [saw('precipitate.present', 'yes', true)] }
    const some = { [named('group-1')]: [saw('precipitate.present', 'yes'), saw('precipitate.colour', 'white')] }
    expect(left([named('group-1')], none)).not.toContain(named('silver-in-ammonia'))
    expect(left([named('group-1')], some)).toContain(named('silver-in-ammonia'))
  })
  test('phosphate found is removed; not found, sulfur is only spun off', () => {
    const sought = named('phosphate-sought')
    expect(left([sought], { [sought]: [saw('precipitate.colour', 'yellow')] })).toContain(named('phosphate-removed'))
    const without = left([sought], { [sought]: [saw('precipitate.present', 'yes', true)] })
    expect(without).not.toContain(named('phosphate-removed'))
    expect(without).toContain(named('sulfur-spun-off'))
  })
  test('what is done is not asked for again', () => {
    expect(left([named('original'), named('group-1')])).not.toContain(named('original'))
  })
})

describe('a sign, as it was written', () => {
  const white = { channel: 'precipitate.colour', values: ['white'] } as const
  test('its colour has to be the one, and more than a trace', () => {
    expect(isSign([saw('precipitate.colour', 'white')], white)).toBe(true)
    expect(isSign([saw('precipitate.colour', 'yellow')], white)).toBe(false)
    expect(isSign([saw('precipitate.colour', 'white', true)], white)).toBe(false)
    expect(isSign([saw('precipitate.colour', 'white'), saw('precipitate.amount', 'trace')], white)).toBe(false)
  })
  test('any paper that turned will do where a paper is asked for', () => {
    expect(isSign([saw('paper.red litmus paper', 'blue')], { channel: 'paper', values: ['blue'] })).toBe(true)
    expect(isSign([saw('paper.red litmus paper', 'red')], { channel: 'paper', values: ['blue'] })).toBe(false)
  })
})

test('crimson in the flame of the last fraction is lithium, beside red it is what was left of strontium', () => {
  const proof = FULL_SEPARATION.separations.flatMap((s) => s.proofs ?? []).find(({ ions }) => ions.includes('Li^+'))
  if (!proof) throw new Error('no proof of lithium')
  const told = (...lines: string[]) => lines.map((value) => saw('flame.line', value))
  expect(isSign(told('yellow', 'orange', 'crimson'), proof.sign)).toBe(true)
  expect(isSign(told('orange', 'red', 'crimson'), proof.sign)).toBe(false)
  expect(isSign(told('yellow', 'far red'), proof.sign)).toBe(false)
})
