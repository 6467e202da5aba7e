import { describe, expect, test } from '@jest/globals'
import { caseSchema } from '@foxing/core'
import { withOwn } from './compounds'

describe('compounds of one’s own', () => {
  const own = [{ name: 'bindery wax acid', smiles: 'CCCCCCCCCCCCCCCCCCCCCC(O)=O', melts_C: 80, boils_C: null }]
  test('count in an organic case, beside those the case has already', () => {
    const of = caseSchema.parse({ kind: 'organic', compounds: [{ name: 'size', smiles: 'CCO' }] })
    expect(withOwn(of, own).compounds?.map((c) => c.name)).toEqual(['size', 'bindery wax acid'])
  })
  test('and in no other', () => {
    const salt = caseSchema.parse({})
    expect(withOwn(salt, own)).toBe(salt)
    const organic = caseSchema.parse({ kind: 'organic' })
    expect(withOwn(organic, [])).toBe(organic)
  })
})
