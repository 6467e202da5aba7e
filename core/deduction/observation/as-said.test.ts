import { describe, expect, test } from '@jest/globals'
import { caseSchema, entrySchema, type Observation } from '../../notebook'
import { traceOf } from './trace'

/** What the trace makes of something written after a test. */
function said(test: string, saw: object): Observation {
  const entries = [{ did: { test, on: 'A' } }, { saw }].map((body, k) => entrySchema.parse({ id: `e${k}`, at: '', ...body }))
  const [traced] = traceOf({ case: caseSchema.parse({}), entries }).observations
  if (!traced) throw new Error('nothing told')
  return traced.observation
}

describe('what is written is of what is there to be seen', () => {
  test.each(['solubility-in-water', 'solubility-in-nitric-acid', 'organic-in-water', 'organic-in-hydrogencarbonate'])(
    '%s: "does not dissolve" is said of the sample',
    (test) => expect(said(test, { channel: 'precipitate.dissolves', value: 'no' })).toMatchObject({ channel: 'solubility', value: 'no' }),
  )
  test('where something came down it is said of that', () => {
    expect(said('silver-nitrate', { channel: 'precipitate.dissolves', value: 'no' }).channel).toBe('precipitate.dissolves')
  })
  test('a colour is that of the residue, the bead or the flame where there is no liquid', () => {
    expect(said('cobalt-nitrate-on-residue', { channel: 'solution.colour', value: 'green' }).channel).toBe('residue.cold')
    expect(said('borax-bead-oxidising', { channel: 'solution.colour', value: 'blue' }).channel).toBe('bead.cold')
    expect(said('flame-on-wire', { channel: 'solution.colour', value: 'green' }).channel).toBe('flame.colour')
    expect(said('ammonia-to-excess', { channel: 'solution.colour', value: 'blue' }).channel).toBe('solution.colour')
  })
  test('milky, of lime water, is its answer; elsewhere it is a liquid’s', () => {
    expect(said('heat-gas-into-lime-water', { channel: 'solution.clarity', value: 'cloudy' })).toMatchObject({
      channel: 'lime-water',
      value: 'milky',
    })
    expect(said('heat-gas-into-lime-water', { channel: 'precipitate.present', value: 'yes', negated: true })).toMatchObject({
      channel: 'lime-water',
      value: 'clear',
      negated: false,
    })
    expect(said('acid-and-standing', { channel: 'solution.clarity', value: 'cloudy' }).channel).toBe('solution.clarity')
  })
})
