import { describe, expect, test } from '@jest/globals'
import { isMessageId, say } from '../messages'
import { evidenceOf, stepSchema, type StepInput } from '../tube'
import { PAPERS } from '../vocabulary'
import { CHANNEL_BY_ID, CHANNELS, isOf, tells } from '.'

/** Named by their formulae, which are the same in every language. */
const OF_GASES = 'gas.species'
const STEPS: readonly StepInput[] = [
  { do: 'look', at: 'A' },
  { do: 'warm', vessel: 'A' },
  { do: 'flame' },
  { do: 'bead' },
  { do: 'melting-point' },
  { do: 'boiling-point' },
  { do: 'hold', over: 'A', splint: 'glowing' },
  { do: 'hold', over: 'A', rod: 'water' },
  ...PAPERS.map((paper): StepInput => ({ do: 'dip', paper, into: 'A' })),
]

describe('channels', () => {
  test('each has a name of its own', () => expect(CHANNEL_BY_ID.size).toBe(CHANNELS.length))

  test.each(CHANNELS.filter((c) => c.values && c.id !== OF_GASES))('$id: every word is in the catalogue', ({ values }) => {
    // Yes, partly and no are said in a sentence of the channel's own.
    for (const value of values ?? []) if (!['yes', 'partly', 'no'].includes(value)) expect(isMessageId(`word.${value}`)).toBe(true)
  })

  test.each(CHANNELS)('$id: to deny is to say something else than to affirm', ({ values, say: worded }) => {
    for (const value of values ?? ['98', 'none']) {
      if (values === null) continue
      const [yes, no] = [false, true].map((negated) => say(worded({ value, negated })))
      // Of what dissolves only "partly" and "no" denied are left as they are: nobody says what not partly is.
      if (!['partly', 'no'].includes(value)) expect(no).not.toBe(yes)
    }
  })

  test.each(CHANNELS.filter((c) => c.values))('$id: two words are never said alike', ({ values, say: worded }) => {
    const spoken = (values ?? []).filter((v) => v !== 'partly').map((value) => say(worded({ value, negated: false })))
    expect(new Set(spoken).size).toBe(spoken.length)
  })

  test('every paper is a channel, and evidence of itself', () => {
    const papers = CHANNELS.filter((c) => c.of === 'paper')
    expect(papers).toHaveLength(7)
    for (const { id, evidence } of papers) expect(id).toBe(`paper.${evidence}`)
  })

  test('every kind of evidence is shown by some operation', () => {
    const shown = new Set(STEPS.flatMap((step) => evidenceOf(stepSchema.parse(step))))
    for (const { evidence } of CHANNELS) expect([...shown]).toContain(evidence)
  })

  test('what a channel is about is not read from its name', () => {
    expect(isOf('lime-water', 'liquid')).toBe(true)
    expect(isOf('precipitate.rests', 'precipitate')).toBe(true)
    expect(isOf('paperwork', 'paper')).toBe(false)
    expect(tells('gas.smell', 'smell')).toBe(true)
    expect(tells('smell', 'smell')).toBe(true)
    expect(tells('residue.hot', 'colour')).toBe(false)
  })
})
