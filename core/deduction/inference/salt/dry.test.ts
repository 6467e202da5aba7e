import { describe, expect, test } from '@jest/globals'
import { caseSchema, entrySchema, readShorthand, type Entry } from '../../../notebook'
import { colourOfHex } from '../../../perception'
import { candidateColours, PICTURES } from './candidates'
import { ReasoningSession } from '../../session'

const session = new ReasoningSession()

/** A notebook of one test and what was written of it. */
const notebook = (test: string, step: number, ...lines: string[]): { case: ReturnType<typeof caseSchema.parse>; entries: Entry[] } => ({
  case: caseSchema.parse({}),
  entries: [
    entrySchema.parse({ id: 'd', at: '', did: { test, on: 'A' } }),
    ...lines.flatMap((line, n) =>
      readShorthand(line).observations.map((o, k) => entrySchema.parse({ id: `s${n}-${k}`, at: '', saw: { ...o, step } })),
    ),
  ],
})
const chance = (work: ReturnType<typeof notebook>, ion: string): number =>
  session.deduce(work).standings.find((s) => s.species === ion)?.probability ?? NaN

describe('what fire shows, weighed', () => {
  test('a residue yellow hot and white cold speaks for zinc', () => {
    const work = notebook('heat-strongly', 1, 'residue yellow hot', 'residue white cold')
    const before = notebook('heat-strongly', 1)
    expect(chance(work, 'Zn^2+')).toBeGreaterThan(4 * chance(before, 'Zn^2+'))
    expect(chance(work, 'Cu^2+')).toBeLessThan(chance(before, 'Cu^2+') / 3)
  })
  test('drops of water speak against an anhydrous salt', () => {
    const { formulae } = session.deduce(notebook('heat-gently', 1, 'water drops'))
    const of = (formula: string): number => formulae.find((f) => f.formula === formula)?.probability ?? 0
    expect(of('CuSO4.5H2O')).toBeGreaterThan(5 * of('CuSO4'))
  })
  test('a blue bead in the oxidising flame speaks for cobalt', () => {
    expect(chance(notebook('borax-bead-oxidising', 0, 'bead deep blue hot', 'bead deep blue cold'), 'Co^2+')).toBeGreaterThan(0.3)
  })
  test('a brown ring speaks for nitrate, none against it', () => {
    expect(chance(notebook('brown-ring', 5, 'brown ring'), 'NO3^-')).toBeGreaterThan(2 * chance(notebook('brown-ring', 5, 'no ring'), 'NO3^-'))
  })
})

describe('colours of the candidates', () => {
  const reasoning = session.reason(notebook('appearance', 1, 'blue crystals'))
  test.each(PICTURES)('%s: likeliest first, each a colour that is drawn', (of) => {
    const found = candidateColours(reasoning, of)
    expect(found.map((c) => c.probability)).toEqual([...found.map((c) => c.probability)].sort((a, b) => b - a))
    for (const { colour } of found) expect(colourOfHex(colour.hex).hex).toBe(colour.hex)
  })
  test('blue crystals make blue solutions', () => {
    const [first] = candidateColours(reasoning, 'its solution')
    expect(['blue', 'green']).toContain(first?.colour.family)
  })
})
