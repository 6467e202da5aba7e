import { beforeAll, describe, expect, test } from '@jest/globals'
import { TESTS } from '../catalogue'
import { packPercepts, Simulations, usePercepts } from '../deduction'
import { caseSchema, entrySchema } from '../notebook'
import { SALTS } from '../species'
import { followAdvice, vesselFor } from './follow'
import { advise } from './next'
import { adviceSchema } from './schema'

const settings = caseSchema.parse({})

describe('following the advice, each look written down as it is', () => {
  const simulations = new Simulations(500)
  beforeAll(() => {
    const pack = packPercepts(500)
    simulations.use(pack)
    expect(usePercepts(pack)).toBe(true)
    expect(usePercepts({ ...pack, model: 'another' })).toBe(false)
  }, 60_000)
  test.each(SALTS.map((s) => [s.id, s] as const))('%s is reached, or stands first in a set that no test splits', (id, salt) => {
    const { reasoning, tests } = followAdvice(settings, { salt, simulations })
    expect(reasoning.formulae[0]?.formula).toBe(id)
    expect(tests.length).toBeLessThanOrEqual(TESTS.length)
    for (const ion of Object.keys(salt.data.ions)) {
      const standing = reasoning.standings.find((s) => s.species === ion)
      if (standing) expect(['confirmed', 'likely']).toContain(standing.status)
    }
  })
})

describe('advice', () => {
  test('on an empty page the first test is worth something, has its cautions and its reason, and the answer is in the published form', () => {
    const advice = advise({ case: settings, entries: [] })
    expect(adviceSchema.safeParse(advice).error).toBeUndefined()
    expect(advice.complete).toBe(false)
    expect(advice.next[0]?.because).not.toBe('')
    expect(advice.next.every((p) => TESTS.some((t) => t.id === p.test))).toBe(true)
    expect(advice.next.find((p) => p.test === 'ammonium-by-alkali')?.cautions.join(' ')).toMatch(/hydroxide burns/)
  })
  test('a test done is not proposed again', () => {
    const entries = [entrySchema.parse({ id: 'a', at: '', did: { test: 'silver-nitrate', on: 'A' } })]
    expect(advise({ case: settings, entries }).next.map((p) => p.test)).not.toContain('silver-nitrate')
  })
  test('a free tube is found beside those in use', () => {
    const entries = [entrySchema.parse({ id: 'a', at: '', did: { test: 'silver-nitrate', on: 'A' } })]
    expect(vesselFor('barium-nitrate', entries)).toBe('B')
    expect(vesselFor('solubility-in-water', entries)).toBe('OS')
  })
})
