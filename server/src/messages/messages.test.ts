import { expect, test } from '@jest/globals'
import { sayRefusal, type RefusalId } from '.'
import { EN } from './en'

const IDS = [...new Set(Object.keys(EN).map((id) => id.replace(/\.(error|todo)$/, '')))] as RefusalId[]
/** One value for every place a refusal has. */
const VALUES = { wait: '40 s', which: 'pictures', what: 'another jar', number: 3, most: 100, problem: 'a volume is missing', date: '2026-12-09' }

test.each(IDS)('%s says what is the matter, and what was kept or what to do', (id) => {
  const { error, todo } = sayRefusal(id, VALUES)
  expect(error).toMatch(/^[a-z]/)
  expect(error).not.toMatch(/[{}.]$/)
  expect(todo).toMatch(/^[A-Z].*\.$/)
  expect(`${error}${todo}`).not.toMatch(/[{}]/)
})
test('every value has its place somewhere', () => {
  const all = IDS.map((id) => Object.values(sayRefusal(id, VALUES)).join(' ')).join('\n')
  for (const value of Object.values(VALUES)) expect(all).toContain(String(value))
})
