import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { stepSchema } from '../tube'
import { asAmended } from './amend'
import { clockWithOffset } from './clock'
import { readAt } from './context'
import { entrySchema, notebookSchema, observationSchema, type Entry } from './schema'
import { readShorthand, type Reading } from './shorthand'
import { sayObservation, sayStep, sayTogether } from './words'

const brief = (line: string): string[] =>
  readShorthand(line).observations.map(
    (o) =>
      `${o.negated ? 'no ' : ''}${o.channel}=${o.value ?? 'yes'}${o.degree ? `/${o.degree}` : ''}${o.after ? ` after ${o.after}` : ''}${o.certainty ? ` ${o.certainty}` : ''}`,
  )

describe('bench shorthand', () => {
  test.each<[string, string[]]>([
    ['no ppt', ['no precipitate.present=yes']],
    ['wh curdy ppt', ['precipitate.present=yes', 'precipitate.colour=white', 'precipitate.habit=curdy']],
    ['sol xs NH3', ['precipitate.dissolves=yes after excess ammonia']],
    ['insol in xs NaOH', ['precipitate.dissolves=no after excess sodium hydroxide']],
    ['deep blue soln', ['solution.colour=blue/deep']],
    ['red litmus -> blue', ['paper.red litmus paper=blue']],
    ['blue litmus no change', ['paper.blue litmus paper=blue']],
    ['smells of ammonia', ['smell=pungent, ammonia']],
    ['wh ppt ?', ['precipitate.present=yes unsure', 'precipitate.colour=white unsure']],
    ['nc', ['change=no']],
    ['lilac flame, brief', ['flame.colour=violet', 'flame.lasts=brief']],
    ['golden yellow flame steady', ['flame.colour=yellow/golden', 'flame.lasts=steady']],
    ['lime water milky', ['lime-water=milky']],
    ['lw no change', ['lime-water=clear']],
    ['splint goes out', ['splint=goes-out']],
    ['brown fumes', ['gas.present=yes', 'gas.colour=brown']],
    ['vinegar smell', ['smell=vinegar']],
    ['starch iodide -> blue', ['paper.starch iodide paper=blue']],
    ['brisk effervescence', ['gas.present=yes', 'gas.vigour=brisk']],
    ['colourless crystals', ['appearance.form=crystals', 'appearance.colour=colourless']],
    ['brown oily liquid', ['appearance.form=liquid', 'appearance.colour=brown']],
    ['colourless oil', ['appearance.form=liquid', 'appearance.colour=colourless']],
    ['yellow oil sinks', ['precipitate.present=yes', 'precipitate.colour=yellow', 'precipitate.habit=oily', 'precipitate.rests=settled']],
  ])('“%s”', (line, expected) => {
    expect(brief(line)).toEqual(expected)
  })
  test('a tube named first belongs to every observation of the line', () => {
    expect(readShorthand('B: wh ppt, insol').observations.map((o) => o.vessel)).toEqual(['B', 'B', 'B'])
  })
  test('a slip of one letter in a long word is forgiven, a short word is not guessed at', () => {
    expect(brief('gelatnous ppt')).toContain('precipitate.habit=gelatinous')
    expect(readShorthand('blxe').observations).toEqual([])
  })
  test('no word is ever lost: it is either understood or in the rest', () => {
    const word = fc.constantFrom('wh', 'ppt', 'blue', 'xs', 'NH3', 'sol', 'flurb', 'zz9', 'no', 'curdy', 'hmm')
    fc.assert(
      fc.property(fc.array(word, { minLength: 1, maxLength: 6 }), (list) => {
        const { rest } = readShorthand(list.join(' '))
        for (const unknown of ['flurb', 'zz9', 'hmm']) expect(rest.join(' ').split(unknown).length).toBe(list.filter((w) => w === unknown).length + 1)
      }),
      { seed: 4 },
    )
  })
  test('what was read can be written, and the written words are read as the same thing', () => {
    for (const line of ['white precipitate', 'dissolves in excess ammonia', 'red litmus paper: blue', 'no precipitate', 'liquid deep blue']) {
      const once = readShorthand(line).observations
      const said = once.map((o) => sayObservation(observationSchema.parse(o))).join(', ')
      expect(readShorthand(said).observations).toEqual(once)
    }
  })
})

const inWords = ({ observations }: Reading): string[] => observations.map((o) => `${o.negated === true ? 'no ' : ''}${o.channel} ${o.value ?? 'yes'}`)

describe('a line written at a look', () => {
  test('a bare colour belongs to the paper held there', () => {
    expect(readAt('blue', stepSchema.parse({ do: 'hold', over: 'A', paper: 'red litmus paper' }), false).observations).toMatchObject([
      { channel: 'paper.red litmus paper', value: 'blue' },
    ])
  })
  test('a dry sample has a colour and a form, no precipitate', () => {
    expect(readAt('blue cryst', stepSchema.parse({ do: 'look', at: 'A' }), true).observations).toMatchObject([
      { channel: 'appearance.colour', value: 'blue' },
      { channel: 'appearance.form', value: 'crystals' },
    ])
  })
  test.each([
    ['yellow hot white cold', { do: 'ignite', vessel: 'A' }, ['residue.hot yellow', 'residue.cold white']],
    ['turns white', { do: 'ignite', vessel: 'A' }, ['residue.cold white']],
    ['crackles, black', { do: 'ignite', vessel: 'A' }, ['crackles yes', 'residue.cold black']],
    ['green hot, blue cold', { do: 'bead', mg: 1 }, ['bead.hot green', 'bead.cold blue']],
    ['blue', { do: 'bead', mg: 1 }, ['bead.cold blue']],
  ])('“%s” in the fire', (line, step, expected) => {
    expect(inWords(readAt(line, stepSchema.parse(step), true))).toEqual(expected)
  })
  test('at a smell one word is the whole answer', () => {
    expect(readAt('nothing', stepSchema.parse({ do: 'smell', at: 'A' }), false).observations).toMatchObject([{ channel: 'smell', value: 'none' }])
  })
})

describe('a constant', () => {
  const at = (line: string, doing: 'melting-point' | 'boiling-point') => readAt(line, stepSchema.parse({ do: doing, of: 'sample' }), true)
  test.each([
    ['83', '83'],
    ['121-123', '122'],
    ['121–123 °C', '122'],
    ['122-4', '123'],
    ['mp 122.5', '122.5'],
    ['m.p. 122,5 C', '122.5'],
    ['melts at 80', '80'],
    ['melted sharply at 80 to 82 deg C', '81'],
    ['-12', '-12'],
    ['210 d', '210'],
    ['210 (decomposes)', '210'],
    ['no melting point', 'none'],
    ['does not melt', 'none'],
    ['liquid', 'none'],
  ])('“%s” in the capillary is %s', (line, value) => {
    expect(at(line, 'melting-point')).toEqual({ observations: [{ channel: 'melting-point', value }], rest: [] })
  })
  test.each([
    ['78.0 at 740 mmHg', 'boiling-point', '78.8'],
    ['bp 78 (987 hPa)', 'boiling-point', '78.8'],
    ['110 under 99 kPa', 'boiling-point', '110.8'],
    ['100 at 1 atm', 'boiling-point', '100'],
    ['180, 120° of thread exposed at 50', 'melting-point', '182.4'],
    ['mp 180 (120 out, 50 °C)', 'melting-point', '182.4'],
    ['180 with 100 exposed', 'melting-point', '182.4'],
  ] as const)('a reading with its pressure or its stem is corrected: %s', (line, doing, value) => {
    expect(at(line, doing)).toEqual({ observations: [{ channel: doing, value }], rest: [] })
  })
  test('what was read at a pump is kept as it was written, and is no boiling point to look up', () => {
    const { observations, rest } = at('110 at 20 mmHg', 'boiling-point')
    expect([observations, rest.join(' ')]).toEqual([[], '110 at 20 mmHg'])
  })
  test('what is said beside it is kept as a note', () => {
    expect(at('78 to 79, first drops cloudy', 'boiling-point')).toEqual({
      observations: [{ channel: 'boiling-point', value: '78.5' }],
      rest: ['first', 'drops', 'cloudy'],
    })
  })
  test('named, it is one wherever it is written; and what is no constant is none', () => {
    expect(inWords(readShorthand('bp 78'))).toEqual(['boiling-point 78'])
    expect(inWords(readShorthand('melts at 122 °C, sublimes'))).toEqual(['melting-point 122', 'no sublimate colourless'])
    expect(inWords(readShorthand('melts'))).toEqual(['melts yes'])
  })
  // A time, a count of drops or of layers is no temperature.
  test.each(['boiled 3 min, white ppt', 'boil 5 min: brown', 'melted, 2 layers', 'boils at 3 drops', 'bubbles 78', 'boiled for 2 minutes', 'mp'])(
    '“%s” gives none',
    (line) => {
      const { observations, rest } = readShorthand(line)
      expect(observations.filter((o) => o.channel.endsWith('-point'))).toEqual([])
      expect(observations.length + rest.length).toBeGreaterThan(0)
    },
  )
  test('a time at the capillary is not taken for the temperature', () => {
    expect(inWords(at('heated 5 min, 122', 'melting-point'))).not.toContain('melting-point 5')
    expect(inWords(at('bp 78', 'melting-point'))).toEqual(['boiling-point 78'])
  })
})

describe('lines at the tests of organic compounds', () => {
  const DISSOLVES = { do: 'look', at: 'A', for: 'whether it dissolves', asks: ['solubility'] }
  const BURNS = { do: 'ignition', from: 'sample' }
  const LOOK = { do: 'look', at: 'A' }
  const SMELL = { do: 'smell', at: 'A' }
  test.each([
    ['soluble', DISSOLVES, ['solubility yes']],
    ['insol', DISSOLVES, ['solubility no']],
    ['does not dissolve', DISSOLVES, ['solubility no']],
    ['nothing', DISSOLVES, ['solubility no']],
    ['partly soluble', DISSOLVES, ['solubility partly']],
    ['floats, immiscible', DISSOLVES, ['solubility no']],
    ['two layers', DISSOLVES, ['solubility no']],
    ['miscible', DISSOLVES, ['solubility yes']],
    ['sol with effervescence', DISSOLVES, ['gas.present yes', 'gas.vigour brisk', 'solubility yes']],
    ['sooty flame, no ash', BURNS, ['flame.sooty yes', 'no ash yes']],
    ['smoky flame, white ash left', BURNS, ['flame.sooty yes', 'ash yes']],
    ['chars, no residue', BURNS, ['chars yes', 'no ash yes']],
    ['clean flame', BURNS, ['no flame.sooty yes']],
    ['not sooty', BURNS, ['no flame.sooty yes']],
    ['blue', BURNS, ['flame.colour blue']],
    ['black residue', BURNS, ['chars yes']],
    ['no mirror', LOOK, ['no precipitate.habit mirror']],
    ['silver mirror', LOOK, ['precipitate.present yes', 'precipitate.habit mirror']],
    ['no ppt', LOOK, ['no precipitate.present yes']],
    ['magenta', LOOK, ['solution.colour violet']],
    ['orange ppt', LOOK, ['precipitate.present yes', 'precipitate.colour orange']],
    ['cloudy at once', LOOK, ['speed at-once', 'solution.clarity cloudy']],
    ['not decolourised', LOOK, ['no solution.colour colourless']],
    ['violet in lower layer', LOOK, ['layer.rests lower', 'layer.colour violet']],
    ['smell of fish', SMELL, ['smell fishy']],
    ['foul smell', SMELL, ['smell foul']],
    ['carbylamine smell', SMELL, ['smell foul']],
    ['bitter almonds', SMELL, ['smell bitter almonds']],
    ['no smell of almonds', SMELL, ['no smell bitter almonds']],
    ['fruity', SMELL, ['smell fruity']],
    ['alcohol', SMELL, ['smell alcohol']],
    ['smells of phenol', SMELL, ['smell phenol']],
    // A substance by itself is no smell, the burner's flame no soot, and what has come down is one more thing.
    ['insol in alcohol', LOOK, ['precipitate.dissolves no']],
    ['burnt with sooty flame', BURNS, ['flame.sooty yes']],
    ['ppt', DISSOLVES, ['precipitate.present yes']],
    ['sinks, insol', DISSOLVES, ['solubility no']],
  ])('“%s”', (line, step, expected) => {
    const said = readAt(line, stepSchema.parse(step), false)
    expect(inWords(said)).toEqual(expected)
    expect(said.rest).toEqual([])
  })
})

describe('lines in a spectroscope', () => {
  const at = (line: string) => readAt(line, stepSchema.parse({ do: 'flame', from: 'sample', through: 'spectroscope' }), true)
  const said = (line: string): string[] => at(line).observations.map((o) => `${o.negated === true ? 'no ' : ''}${o.value ?? ''}`)
  test.each([
    ['crimson line, yellow line', ['yellow', 'crimson']],
    ['Red, orange and far red', ['orange', 'red', 'far red']],
    ['no crimson line', ['no crimson']],
    ['no red or green', ['no green', 'no red']],
    ['neither crimson nor blue', ['no blue', 'no crimson']],
    ['yellow but no crimson', ['yellow', 'no crimson']],
    ['yellow, crimson absent', ['yellow', 'no crimson']],
    ['no blue, orange line', ['no blue', 'orange']],
    ['D line and red', ['yellow', 'red']],
    ['lines: orange, green bands', ['green', 'orange']],
    ['yellow only', ['no violet', 'no blue', 'no green', 'yellow', 'no orange', 'no red', 'no crimson', 'no far red']],
  ])('%s', (line, expected) => {
    expect(said(line)).toEqual(expected)
    expect(at(line).rest).toEqual([])
    for (const { channel } of at(line).observations) expect(channel).toBe('flame.line')
  })
  test('no lines denies every one; what is no colour stays as text', () => {
    expect(said('no lines')).toHaveLength(8)
    expect(at('yellow, wobbling').rest).toEqual(['wobbling'])
  })
  test('are said together', () => {
    const written = at('yellow only').observations.map((o) => observationSchema.parse(o))
    expect(sayTogether(written)).toBe('lines: yellow; no others')
    expect(sayTogether(written.filter((o) => o.negated))).toMatch(/^no violet, blue/)
    expect(sayTogether([observationSchema.parse({ channel: 'smell', value: 'none' })])).toBe(
      sayObservation({ channel: 'smell', value: 'none', negated: false, certainty: 'sure' }),
    )
  })
})

describe('steps in words', () => {
  test.each([
    [{ do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 1 }, 'add NH3 2 M, 1 drop'],
    [{ do: 'dissolve', into: 'OS', mg: 100, mL: 5 }, 'dissolve 0.1 g in 5 mL of water'],
    [{ do: 'hold', over: 'A', paper: 'red litmus paper' }, 'hold moist red litmus paper over it'],
    [{ do: 'add', to: 'A', reagent: 'NaOH 2 M', until: 'just-basic' }, 'add NaOH 2 M, until just basic'],
  ])('%j', (step, words) => {
    expect(sayStep(stepSchema.parse(step))).toBe(words)
  })
})

describe('amendments', () => {
  const entry = (id: string, body: object): Entry => entrySchema.parse({ id, at: '2026-01-01T00:00:00Z', ...body })
  const saw = entry('a', { saw: { channel: 'precipitate.colour', value: 'white' } })
  test('keep the original readable', () => {
    const [amended] = asAmended({ entries: [saw, entry('b', { amended: { entry: 'a', with: { value: 'yellow' } } })] })
    expect(amended?.entry).toMatchObject({ saw: { value: 'yellow' } })
    expect(amended?.original).toEqual(saw)
  })
  test('may withdraw, and a bad one takes nothing away', () => {
    expect(asAmended({ entries: [saw, entry('b', { amended: { entry: 'a', with: { withdrawn: true } } })] })[0]?.withdrawn).toBe(true)
    expect(asAmended({ entries: [saw, entry('b', { amended: { entry: 'a', with: { channel: 'no.such' } } })] })[0]?.entry).toEqual(saw)
    expect(asAmended({ entries: [saw, entry('b', { amended: { entry: 'zz', with: {} } })] })).toHaveLength(1)
  })
})

describe('a time of the clock', () => {
  const now = new Date(2026, 0, 2, 0, 20)
  test('is the latest that is not after now: of the day before, just after midnight', () => {
    expect(clockWithOffset('0:15', now)?.slice(0, 16)).toBe('2026-01-02T00:15')
    expect(clockWithOffset('23:50', now)?.slice(0, 16)).toBe('2026-01-01T23:50')
  })
  test('names the same moment with its offset', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 23 }), fc.integer({ min: 0, max: 59 }), (h, m) => {
        const at = clockWithOffset(`${h}:${String(m).padStart(2, '0')}`, now) ?? ''
        const moment = new Date(at)
        expect([moment.getHours(), moment.getMinutes()]).toEqual([h, m])
        expect(moment.getTime()).toBeLessThanOrEqual(now.getTime())
        expect(observationSchema.safeParse({ channel: 'smell', value: 'none', when: at }).success).toBe(true)
      }),
    )
  })
  test.each(['24:00', '7:60', 'noon', ''])('“%s” is none', (text) => {
    expect(clockWithOffset(text, now)).toBeNull()
  })
})

describe('the notebook format', () => {
  test('defaults make a case of one salt, and unknown fields are kept', () => {
    const parsed = notebookSchema.parse({ format: 'foxing-notebook/1', entries: [{ id: 'a', at: '', note: 'x', mood: 'calm' }], shelf: 3 })
    expect(parsed.case.school.confirmations).toBe(2)
    expect(parsed).toMatchObject({ shelf: 3, entries: [{ mood: 'calm' }] })
  })
  test('an observation on a channel nobody has is refused', () => {
    expect(observationSchema.safeParse({ channel: 'aura', value: 'green' }).success).toBe(false)
  })
})
