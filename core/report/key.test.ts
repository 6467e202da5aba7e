import { describe, expect, test } from '@jest/globals'
import { builtOrganicPercepts, builtPercepts } from '../../script/trials/percepts'
import { ReasoningSession } from '../deduction'
import { readStructuresWith } from '../structure'
import { perceive } from '../structure/perceive'
import { keySchema, keyTo, worksheetSchema } from './key'

const session = new ReasoningSession()

session.takePercepts(builtPercepts())
session.takePercepts(builtOrganicPercepts())
const worksheet = (more: object = {}) =>
  worksheetSchema.parse({
    format: 'foxing-worksheet/1',
    sample: { solids: [{ formula: 'CuSO4.5H2O', mg: 500 }] },
    parts: [
      { letter: 'A', steps: [{ test: 'solubility-in-water', on: 'OS' }] },
      {
        letter: 'B',
        steps: [
          { do: 'take', from: 'OS', into: 'B', mL: 1 },
          { do: 'add', to: 'B', reagent: 'NH3 2 M', drops: 4 },
          { do: 'add', to: 'B', reagent: 'NH3 2 M', drops: 30 },
        ],
      },
      { letter: 'C', steps: [{ test: 'barium-nitrate', on: 'C' }], marks: 6 },
    ],
    ...more,
  })

describe('the key to a worksheet', () => {
  const key = keyTo(worksheet(), session)
  const part = (letter: string) => key.parts.find((p) => p.letter === letter)

  test('is of the published format', () => {
    expect(keySchema.safeParse(key).success).toBe(true)
  })
  test('tells what each step shows on the sample given out', () => {
    expect(
      part('A')
        ?.observations.map((o) => o.seen)
        .join(),
    ).toMatch(/liquid.*blue/)
    const [, little, much] = part('B')?.observations ?? []
    expect(little).toMatchObject({ step: 2, vessel: 'B' })
    expect(little?.seen).toMatch(/precipitate/)
    expect(much?.seen).toMatch(/dissolves.*deep blue/)
  })
  test('tells what follows, and the equations', () => {
    expect(part('B')?.inference.join()).toMatch(/Cu\^2\+ is indicated/)
    expect(part('C')?.inference.join()).toMatch(/SO4\^2- is indicated/)
    expect(part('C')?.equations).toContain('Ba^2+ + SO4^2- -> BaSO4')
    expect(key.conclusion.map((c) => c.species)).toEqual(expect.arrayContaining(['Cu^2+', 'SO4^2-']))
  })
  test('marks every look and every ion told; what the writer settled is shared out alike', () => {
    const b = part('B')
    expect(b?.marks.total).toBe((b?.marks.observation ?? 0) + (b?.marks.inference ?? 0))
    expect(b?.marks.observation).toBe(b?.observations.length)
    const c = part('C')
    expect(c?.marks.total).toBe(6)
    expect((c?.marks.observation ?? 0) + (c?.marks.inference ?? 0)).toBeCloseTo(6, 1)
  })
  test('of a solid mixture tells what is seen, and infers nothing yet', () => {
    const mixed = keyTo(
      worksheet({
        sample: {
          solids: [
            { formula: 'CuSO4.5H2O', mg: 250 },
            { formula: 'KNO3', mg: 250 },
          ],
        },
      }),
      session,
    )
    expect(mixed.parts[0]?.observations.length).toBeGreaterThan(0)
    expect(mixed.conclusion).toEqual([])
  })
  test('of a solution tells its ions', () => {
    const solution = keyTo(
      worksheetSchema.parse({
        format: 'foxing-worksheet/1',
        sample: { solution: { ions: { 'Cu^2+': 0.05, 'SO4^2-': 0.05 }, mL: 20 } },
        parts: [{ steps: [{ test: 'barium-nitrate', on: 'A' }] }],
      }),
      session,
    )
    expect(solution.parts[0]?.letter).toBe('A')
    expect(solution.parts[0]?.observations.map((o) => o.seen).join()).toMatch(/precipitate, white/)
    expect(solution.parts[0]?.inference.join()).toMatch(/SO4\^2- is indicated/)
  })
  test('of an organic compound: its groups are what a part speaks for', () => {
    readStructuresWith(perceive)
    const key = keyTo(
      worksheet({
        sample: { organic: { smiles: 'CC(=O)c1ccccc1', mg: 300 } },
        parts: [{ steps: [{ test: 'dinitrophenylhydrazine', on: 'A' }] }],
      }),
      session,
    )
    expect(key.parts[0]?.observations.map((o) => o.seen).join()).toMatch(/orange/)
    const inference = key.parts[0]?.inference ?? []
    expect(inference.at(-1)).toMatch(/^no .*alcohol, benzylic or allylic/)
    // What gives it too may be there, and nothing of that is denied.
    expect(inference.slice(0, -1)).toEqual(['aldehyde may be present'])
    expect(inference.at(-1)).not.toMatch(/ketone|aldehyde;|oxime/)
    expect(() => keyTo(worksheet({ sample: { organic: { smiles: '%%%', mg: 100 } } }), session)).toThrow(/SMILES/)
  })
})
