import { describe, expect, test } from '@jest/globals'
import { say } from '../messages'
import { entrySchema, hintMessage, hintOf, hintsOf, type Entry } from '.'

const line = (n: number, body: Record<string, unknown>): Entry => entrySchema.parse({ id: `e${n}`, at: '', ...body })
const asks = (n: number, number: number): Entry => line(n, { hint: { number } })

describe('hints of a case', () => {
  test('are seen always where they are open, and never where there are none', () => {
    expect(hintsOf('open', []).hinted).toBe(true)
    expect(hintsOf('none', [asks(0, 1)]).hinted).toBe(false)
    expect(hintsOf(undefined, []).hinted).toBe(false)
  })
  test('on request hold until the next line of work, and each is counted', () => {
    const seen = line(1, { saw: { channel: 'precipitate.present', value: 'yes' } })
    const next = line(2, { did: { test: 'silver-nitrate', on: 'A' } })
    expect(hintsOf('on request', []).hinted).toBe(false)
    expect(hintsOf('on request', [asks(0, 1)]).hinted).toBe(true)
    expect(hintsOf('on request', [asks(0, 1), seen]).hinted).toBe(true)
    expect(hintsOf('on request', [asks(0, 1), seen, next])).toEqual({ hinted: false, asked: 1 })
    expect(hintsOf('on request', [asks(0, 1), seen, next, asks(3, 2)])).toEqual({ hinted: true, asked: 2 })
  })
  test('a note of one’s own is none', () => {
    expect(hintOf(line(0, { note: 'a hint of blue' }))).toBeNull()
    expect(hintOf(line(0, { note: 'hint asked for, no. 3, and not understood' }))).toBeNull()
    expect(hintsOf('on request', [line(0, { note: 'a hint of blue' })])).toEqual({ hinted: false, asked: 0 })
  })
  test('as they were kept before are read as before', () => {
    const kept = line(0, { note: 'hint asked for, no. 3' })
    expect(hintOf(kept)).toBe(3)
    expect(hintsOf('on request', [kept, asks(1, 4)])).toEqual({ hinted: true, asked: 2 })
    expect(say(hintMessage(3))).toBe('hint asked for, no. 3')
  })
  test('is no observation, work or conclusion, and has a number', () => {
    expect(() => line(0, { hint: {} })).toThrow()
    expect(() => line(0, { hint: { number: 0 } })).toThrow()
  })
})
