import { entrySchema, type Entry } from '@foxing/core'
import { describe, expect, test } from '@jest/globals'
import { hintsOf, isHint } from './hints'

const line = (n: number, body: Record<string, unknown>): Entry => entrySchema.parse({ id: `e${n}`, at: '', ...body })

describe('hints of a case', () => {
  test('are seen always where they are open, and never where there are none', () => {
    expect(hintsOf('open', []).hinted).toBe(true)
    expect(hintsOf('none', [line(0, { note: hintsOf('none', []).nextHint })]).hinted).toBe(false)
    expect(hintsOf(undefined, []).hinted).toBe(false)
  })
  test('on request hold until the next line of work, and each is counted', () => {
    const asked = line(0, { note: hintsOf('on request', []).nextHint })
    const seen = line(1, { saw: { channel: 'precipitate.present', value: 'yes' } })
    const next = line(2, { did: { test: 'silver-nitrate', on: 'A' } })
    expect(hintsOf('on request', []).hinted).toBe(false)
    expect(hintsOf('on request', [asked]).hinted).toBe(true)
    expect(hintsOf('on request', [asked, seen]).hinted).toBe(true)
    expect(hintsOf('on request', [asked, seen, next])).toMatchObject({ hinted: false, asked: 1 })
    const again = line(3, { note: hintsOf('on request', [asked, seen, next]).nextHint })
    expect(hintsOf('on request', [asked, seen, next, again])).toMatchObject({ hinted: true, asked: 2 })
  })
  test('a note of one’s own is none', () => {
    expect(isHint('a hint of blue')).toBe(false)
    expect(hintsOf('on request', [line(0, { note: 'a hint of blue' })])).toMatchObject({ hinted: false, asked: 0 })
  })
})
