import { COMPOUNDS, expand, organicTestById, readStructuresWith, run, type Percept } from '@foxing/core'
import { perceive } from '@foxing/core/structure/perceive'
import { describe, expect, test } from '@jest/globals'
import { organicFacts, type OrganicExpected } from './organic'

readStructuresWith(perceive)

/** The looks of a test done on a compound. */
function looksOf(id: string, name: string): Percept[] {
  const compound = COMPOUNDS.find((c) => c.name === name)
  if (!compound) throw new Error(`${name} is not in the library`)
  const done = expand({ test: id, on: 'A' }, new Map(), organicTestById)
  const percepts = run(
    { organic: { smiles: compound.smiles, mg: 500 } },
    done.map((d) => d.step),
  )
  return done.flatMap(({ step, index }, k) => {
    const percept = percepts[k]
    return percept && index >= 0 && ['look', 'hold', 'dip', 'smell', 'ignition', 'copper-wire', 'flame'].includes(step.do) ? [percept] : []
  })
}

const READ: { readonly [K in keyof OrganicExpected]-?: (p: Percept) => unknown } = {
  solid: (p) => p.deposit?.colour.family ?? null,
  solution: (p) => p.solution?.colour.family ?? null,
  soluble: (p) => p.soluble,
  gas: (p) => p.gases.length > 0,
  paper: (p) => p.papers[0]?.to.family,
  smell: (p) => p.smell,
  sooty: (p) => p.flame?.sooty,
  flame: (p) => p.flame?.colour.family,
  layer: (p) => p.layers[0]?.colour.family ?? null,
  ring: (p) => p.ring?.colour.family ?? null,
  ash: (p) => (p.residue?.species.length ?? 0) > 0,
  chars: (p) => p.residue?.chars,
}

const rows = organicFacts.flatMap((fact) => fact.compounds.map((compound) => [compound, fact.test, fact.says, fact] as const))

describe('golden facts of organic compounds', () => {
  test('there are enough, cited, and a good part of them mislead', () => {
    expect(rows.length).toBeGreaterThanOrEqual(250)
    expect(rows.filter(([, , , { trap }]) => trap !== undefined).length).toBeGreaterThanOrEqual(60)
    for (const { source } of organicFacts) expect(source.length).toBeGreaterThan(20)
  })
  test.each(rows)('%s, %s: %s', (compound, id, _, { look, expect: expected }) => {
    const looks = looksOf(id, compound)
    const percept = looks[look ?? looks.length - 1]
    if (!percept) throw new Error('no such look')
    for (const field of Object.keys(expected) as (keyof OrganicExpected)[]) {
      const wanted: unknown = expected[field]
      const any: readonly unknown[] = Array.isArray(wanted) ? wanted : [wanted]
      expect([field, ...any]).toContain(READ[field](percept))
    }
  })
})
