import { describe, expect, test } from '@jest/globals'
import { caseSchema } from '@foxing/core'
import { drawnFor, sealable, sealedContent } from './sealed'
import { here } from './simulator'

const CASES = {
  salt: caseSchema.parse({ kind: 'salt' }),
  organic: caseSchema.parse({ kind: 'organic' }),
  mixture: caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } }),
  'a solid mixture': caseSchema.parse({ kind: 'mixture', sample: { mg: 500, form: 'solid' } }),
}

describe('what is sealed in a jar', () => {
  test.each(Object.entries(CASES))('of %s is drawn by its seed, alike each time, and read back', async (_, settings) => {
    const text = drawnFor(settings, 4)
    expect(await here.draw(undefined as never, { settings, seed: 4 })).toBe(text)
    const sealed = sealedContent(text)
    expect(sealed.formula).not.toBe('')
    expect([5, 6, 7].some((seed) => drawnFor(settings, seed) !== text)).toBe(true)
  })
  test('a solution is said by all its ions and no other', () => {
    const { formula, isSaid, content } = sealedContent(drawnFor(CASES.mixture, 4))
    const ions = formula.split(' ')
    expect(content.jar).toHaveProperty('solution.mL', 20)
    expect(isSaid(ions)).toBe(true)
    expect(isSaid([...ions].reverse())).toBe(true)
    expect(isSaid(ions.slice(1))).toBe(false)
    expect(isSaid([...ions, 'Ra^2+'])).toBe(false)
  })
  test('a solid mixture is salts ground together, said by their ions', () => {
    const { formula, name, isSaid, content } = sealedContent(drawnFor(CASES['a solid mixture'], 4))
    const { solids } = content.jar && 'solids' in content.jar ? content.jar : { solids: [] }
    expect(solids.length).toBeGreaterThan(1)
    expect(solids.reduce((sum, { mg }) => sum + mg, 0)).toBeCloseTo(500, 6)
    for (const { formula: salt } of solids) expect(name).toContain(salt)
    expect(isSaid(formula.split(' '))).toBe(true)
    expect(isSaid([...formula.split(' '), 'Ra^2+'])).toBe(false)
  })
  test('a salt is said by any spelling of its formula, a compound by its name', () => {
    expect(sealedContent('AgNO3').isSaid(['Ag^+', 'AgNO3', 'KI'])).toBe(true)
    expect(sealedContent('AgNO3').isSaid(['KI', 'AgNO3'])).toBe(false)
    expect(sealedContent('AgNO3').isSaid(['KI'])).toBe(false)
    const acid = sealable({ kind: 'organic' }, 'Benzoic acid') ?? ''
    expect(sealedContent(acid).isSaid(['benzoic acid'])).toBe(true)
    expect(sealedContent(acid).isSaid(['salicylic acid'])).toBe(false)
  })
  test('what no jar of a kind can hold is not sealed', () => {
    expect(sealable({ kind: 'salt' }, 'benzoic acid')).toBeNull()
    expect(sealable({ kind: 'organic' }, 'AgNO3')).toBeNull()
    expect(sealable({ kind: 'organic' }, 'OC(=O)c1ccccc1')).toBe(sealable({ kind: 'organic' }, 'benzoic acid'))
    expect(sealable({ kind: 'mixture' }, 'AgNO3')).toBeNull()
    expect(() => sealedContent('beeswax')).toThrow(RangeError)
  })
})
