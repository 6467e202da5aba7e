import { expect, test } from '@jest/globals'
import { USUAL } from './data/usual'
import { isUsual, listedSalt, SALTS } from '.'

test('every usual salt is a bench salt, said once', () => {
  for (const id of USUAL) expect([id, listedSalt(id)?.id]).toEqual([id, id])
  expect(new Set(USUAL).size).toBe(USUAL.length)
})
test('about half of the bench salts are usual', () => {
  const share = SALTS.filter(isUsual).length / SALTS.length
  expect(share).toBeGreaterThan(0.4)
  expect(share).toBeLessThan(0.7)
})
