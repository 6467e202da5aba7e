import { beforeAll, describe, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { firstCourse } from './first-course'
import type { Expected, Fact } from './fact'

interface Colour {
  readonly family: string
  readonly name: string
}
interface Step {
  readonly pH: number | null
  readonly solution: { readonly colour: Colour } | null
  readonly deposit: { readonly colour: Colour; readonly habit: string } | null
  readonly precipitates: readonly { readonly species: string; readonly habit: string }[]
  readonly gases: readonly { readonly species: string; readonly vigour: string; readonly colour: Colour }[]
  readonly papers: readonly { readonly to: Colour }[]
  readonly flame?: { readonly colour: Colour; readonly lasts: string }
  readonly splint?: string
  readonly smell: string | null
  readonly equations: readonly string[]
}

const facts: readonly Fact[] = firstCourse
const seen = new Map<string, Step>()

beforeAll(() => {
  const { stdout } = spawnSync('script/foxing', ['simulate', '--lines'], {
    input: facts.map((f) => JSON.stringify(f.procedure)).join('\n'),
    encoding: 'utf8',
    maxBuffer: 1e9,
  })
  for (const line of stdout.trim().split('\n')) {
    const answer = JSON.parse(line) as { id: string; steps?: Step[]; error?: unknown }
    const last = answer.steps?.at(-1)
    if (!last) throw new Error(`${answer.id}: ${JSON.stringify(answer.error)}`)
    seen.set(answer.id, last)
  }
})

/** What was seen, in the same shape as what was expected, one field at a time. */
const READ: { readonly [K in keyof Expected]-?: (s: Step) => unknown } = {
  solid: (s) => s.deposit?.colour.family ?? null,
  species: (s) => s.precipitates.map((p) => p.species).join(' '),
  habit: (s) => s.deposit?.habit ?? null,
  solution: (s) => s.solution?.colour.family ?? null,
  shade: (s) => s.solution?.colour.name ?? '',
  gas: (s) => s.gases.map((g) => g.species).join(' ') || null,
  vigour: (s) => s.gases[0]?.vigour ?? null,
  gasColour: (s) => s.gases.find((g) => g.colour.family !== 'colourless')?.colour.family ?? null,
  smell: (s) => s.smell,
  paper: (s) => s.papers[0]?.to.family ?? null,
  splint: (s) => s.splint ?? null,
  flame: (s) => s.flame?.colour.family ?? null,
  lasts: (s) => s.flame?.lasts ?? null,
  equation: (s) => s.equations.join('; '),
  pHBelow: (s) => s.pH,
  pHAbove: (s) => s.pH,
}

function check(field: keyof Expected, wanted: unknown, found: unknown): void {
  if (field === 'pHBelow') expect(found).toBeLessThan(wanted as number)
  else if (field === 'pHAbove') expect(found).toBeGreaterThan(wanted as number)
  else if (wanted instanceof RegExp) expect(found).toMatch(wanted)
  else if (field === 'species' || field === 'gas' || field === 'equation')
    expect(wanted === null ? found : String(found).split(field === 'equation' ? '; ' : ' ')).toEqual(
      wanted === null ? null : expect.arrayContaining([wanted]),
    )
  else expect(Array.isArray(wanted) ? wanted : [wanted]).toContain(found)
}

describe('golden facts, each through the command line', () => {
  test('every fact is cited and named once', () => {
    expect(new Set(facts.map((f) => f.id)).size).toBe(facts.length)
    for (const f of facts) expect(f.source.length).toBeGreaterThan(10)
    expect(facts.length).toBeGreaterThanOrEqual(80)
  })
  test.each(facts.map((f) => [f.id, f.says, f] as const))('%s: %s', (id, _, { expect: expected }) => {
    const step = seen.get(id)
    if (!step) throw new Error('no answer')
    for (const [field, wanted] of Object.entries(expected)) check(field as keyof Expected, wanted, READ[field as keyof Expected](step))
  })
})
