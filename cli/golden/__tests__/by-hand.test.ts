import { describe, expect, test } from '@jest/globals'
import { loadPercepts, session } from '../../src/percepts'
import { SEEN, UNSEEN, type Written } from './by-hand'
import { SECOND } from './by-hand-second'
import { THIRD } from './by-hand-third'
import { isConcluded, notebookOf } from './concluded'

loadPercepts('salts', true)
const isOfOneSalt = ({ of }: Written): boolean => of === 'solid' || of === 'solution'
const concluded = (notebooks: readonly Written[]): readonly string[] =>
  notebooks.filter((written) => isConcluded(written, session.deduce(notebookOf(written)))).map(({ jar }) => jar)

describe('notebooks written by hand are concluded', () => {
  test('so many of those that were looked at while the reasoning was worked on', () => {
    expect(concluded(SEEN).length).toBeGreaterThanOrEqual(17)
  })
  test('so many of those that were not', () => {
    expect(concluded(UNSEEN).length).toBeGreaterThanOrEqual(15)
  })
  // Mixtures and compounds among them take minutes: `script/soak by-hand` concludes them.
  test('so many of the salts written later', () => {
    expect(concluded(SECOND.filter(isOfOneSalt)).length).toBeGreaterThanOrEqual(11)
  })
  test('so many of the salts written last', () => {
    expect(concluded(THIRD.filter(isOfOneSalt)).length).toBeGreaterThanOrEqual(16)
  })
})
