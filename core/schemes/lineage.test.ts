import { describe, expect, test } from '@jest/globals'
import { FULL_SEPARATION_THIOACETAMIDE, isOfWhatCameDown, SCHEMES, sourceOf, testsOfScheme, type SchemeTest } from '.'
import { THIS } from '../catalogue'

const named = (id: string): SchemeTest => {
  const found = testsOfScheme(FULL_SEPARATION_THIOACETAMIDE).find((t) => t.id === `${FULL_SEPARATION_THIOACETAMIDE.id}/${id}`)
  if (!found) throw new Error(id)
  return found
}

describe('what a fraction came from', () => {
  test.each([
    ['group-1', false],
    ['group-1-without-silica', false],
    ['borate-sought', false],
    ['lead-in-hot-water', true],
    ['silver-in-ammonia/I-silver-Ag/Ag', true],
    ['group-2', false],
    ['polysulfide', true],
    ['mercury-sulfide/II/Hg2', true],
    ['lead-sulfate', true],
    ['bismuth-hydroxide/IIA3-Cd/Cd2', true],
    // Phosphate may have been taken out before, or not: the liquid is the liquid either way.
    ['sulfur-spun-off', false],
    ['group-3', false],
    ['peroxide-alkali/III/Fe3', true],
    ['group-4', false],
    ['ammonium-out/VI2-K/K', false],
  ])('%s is done on what came down: %s', (id, is) => {
    expect(isOfWhatCameDown(named(id))).toBe(is)
  })
  test('a portion is drawn from where its step takes it, a proof from its fraction, everything else from its own vessel', () => {
    expect(sourceOf(named('group-1'))).toBe('sample')
    expect(sourceOf(named('group-1-without-silica'))).toBe('S0-clear')
    expect(sourceOf(named('bismuth-hydroxide/IIA3-Cd/Cd2'))).toBe('IIA3')
    for (const t of SCHEMES.flatMap(testsOfScheme))
      if (!t.proof && !t.separation.steps.some((s) => s.do === 'take' && s.into === THIS)) expect(sourceOf(t)).toBe(t.vessel)
  })
})
