import { beforeAll, describe, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { allFacts, conditionFacts, separationFacts } from './all'
import type { Expected, Fact } from './fact'

interface Colour {
  readonly family: string
  readonly name: string
}
interface Step {
  readonly pH: number | null
  readonly appearance: { readonly form: string } | null
  readonly solution: { readonly colour: Colour } | null
  readonly deposit: { readonly colour: Colour; readonly habit: string } | null
  readonly precipitates: readonly { readonly species: string; readonly habit: string }[]
  readonly gases: readonly { readonly species: string; readonly vigour: string; readonly colour: Colour }[]
  readonly papers: readonly { readonly to: Colour }[]
  readonly layers: readonly { readonly colour: Colour }[]
  readonly flame?: { readonly colour: Colour; readonly lasts: string; readonly lines: readonly number[] }
  readonly ring?: { readonly colour: Colour }
  readonly water?: boolean
  readonly residue?: {
    readonly hot: Colour
    readonly cold: Colour
    readonly species: readonly string[]
    readonly sublimate: { readonly colour: Colour } | null
    readonly melts: boolean
    readonly crackles: boolean
    readonly chars: boolean
    readonly swells: boolean
  }
  readonly bead?: { readonly hot: Colour; readonly cold: Colour }
  readonly splint?: string
  readonly rod?: string
  readonly smell: string | null
  readonly equations: readonly string[]
}

const facts: readonly Fact[] = allFacts
const seen = new Map<string, Step>()
const refused: string[] = []

beforeAll(() => {
  const { stdout } = spawnSync('script/foxing', ['simulate', '--lines'], {
    input: facts.map((f) => JSON.stringify(f.procedure)).join('\n'),
    encoding: 'utf8',
    maxBuffer: 1e9,
  })
  for (const line of stdout.trim().split('\n')) {
    const answer = JSON.parse(line) as { id: string; steps?: Step[]; error?: unknown }
    const last = answer.steps?.at(-1)
    if (last) seen.set(answer.id, last)
    else refused.push(`${answer.id}: ${JSON.stringify(answer.error)}`)
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
  layer: (s) => s.layers[0]?.colour.family ?? null,
  splint: (s) => s.splint ?? null,
  rod: (s) => s.rod ?? null,
  flame: (s) => s.flame?.colour.family ?? null,
  lasts: (s) => s.flame?.lasts ?? null,
  ring: (s) => s.ring?.colour.family ?? null,
  residueHot: (s) => s.residue?.hot.family ?? null,
  residueCold: (s) => s.residue?.cold.family ?? null,
  left: (s) => s.residue?.species.join(' ') ?? '',
  sublimate: (s) => s.residue?.sublimate?.colour.family ?? null,
  form: (s) => s.appearance?.form ?? null,
  melts: (s) => s.residue?.melts ?? null,
  crackles: (s) => s.residue?.crackles ?? null,
  chars: (s) => s.residue?.chars ?? null,
  swells: (s) => s.residue?.swells ?? null,
  water: (s) => s.water ?? false,
  beadHot: (s) => s.bead?.hot.family ?? null,
  beadCold: (s) => s.bead?.cold.family ?? null,
  line: (s) => s.flame?.lines.join(' ') ?? '',
  order: (s) => s.gases.map((g) => g.species).join(' '),
  equation: (s) => s.equations.join('; '),
  pHBelow: (s) => s.pH,
  pHAbove: (s) => s.pH,
}

function check(field: keyof Expected, wanted: unknown, found: unknown): void {
  if (field === 'pHBelow') expect(found).toBeLessThan(wanted as number)
  else if (field === 'pHAbove') expect(found).toBeGreaterThan(wanted as number)
  else if (wanted instanceof RegExp) expect(found).toMatch(wanted)
  else if (['species', 'gas', 'equation', 'left', 'line'].includes(field))
    expect(wanted === null ? found : String(found).split(field === 'equation' ? '; ' : ' ')).toEqual(
      wanted === null ? null : expect.arrayContaining([typeof wanted === 'number' ? String(wanted) : wanted]),
    )
  else expect(Array.isArray(wanted) ? wanted : [wanted ?? 'none']).toContain(found ?? 'none')
}

describe('golden facts, each through the command line', () => {
  test('every fact is cited and named once', () => {
    expect(new Set(facts.map((f) => f.id)).size).toBe(facts.length)
    for (const f of facts) expect(f.source.length).toBeGreaterThan(10)
    expect(facts.length).toBeGreaterThanOrEqual(300)
    expect(separationFacts.length).toBeGreaterThanOrEqual(60)
    expect(conditionFacts.length).toBeGreaterThanOrEqual(40)
    expect(new Set(facts.map((f) => f.source)).size).toBeGreaterThanOrEqual(2)
  })
  test('none is refused', () => {
    expect(refused).toEqual([])
  })
  test.each(facts.map((f) => [f.id, f.says, f] as const))('%s: %s', (id, _, { expect: expected }) => {
    const step = seen.get(id)
    if (!step) throw new Error('no answer')
    for (const [field, wanted] of Object.entries(expected)) check(field as keyof Expected, wanted, READ[field as keyof Expected](step))
  })
})
