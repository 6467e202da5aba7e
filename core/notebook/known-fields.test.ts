import { expect, test } from '@jest/globals'
import { caseSchema, withoutUnknown } from '.'

const worksheet = {
  title: 'a worksheet',
  holds: 'KI',
  parts: [
    {
      letter: 'A',
      text: 'Add silver nitrate.',
      expected: [{ precipitates: [{ species: 'AgI' }] }],
      asks: ['observation'],
      steps: [
        { do: 'add', to: 'A', reagent: 'AgNO3', drops: 3, shows: 'AgI' },
        { test: 'silver-nitrate', on: 'B', answer: { ion: 'I^-' } },
      ],
    },
  ],
}

test('what a worksheet tells besides what it asks is left out, however deep it stands, and the rest stays', () => {
  const given = caseSchema.parse({
    worksheet,
    secret: 'KI',
    school: { scheme: 'x', key: 'AgI' },
    compounds: [{ name: 'x', smiles: 'CCO', note: 'KI' }],
  })
  const plain = withoutUnknown(caseSchema, given)
  expect(JSON.stringify(given)).toMatch(/KI/)
  expect(JSON.stringify(plain)).not.toMatch(/KI|AgI|I\^-/)
  expect(plain).toMatchObject({
    kind: 'salt',
    school: { scheme: 'x', confirmations: 2 },
    worksheet: {
      title: 'a worksheet',
      parts: [
        {
          letter: 'A',
          asks: ['observation'],
          steps: [
            { do: 'add', drops: 3 },
            { test: 'silver-nitrate', on: 'B' },
          ],
        },
      ],
    },
  })
  expect(caseSchema.parse(plain)).toEqual(plain)
})
