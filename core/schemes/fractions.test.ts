import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { entrySchema, notebookSchema, type Entry } from '../notebook'
import { fractionsOfWork } from '.'

const IONS = ['Ag^+', 'Pb^2+', 'Cu^2+', 'Fe^3+', 'Zn^2+', 'Ba^2+', 'Na^+']
const worked = notebookSchema.parse(JSON.parse(readFileSync(new URL('../../docs/notebooks/a-mixture.json', import.meta.url), 'utf8')))
const did = (id: string, body: object): Entry => entrySchema.parse({ id, at: '', did: body })
const saw = (id: string, body: object): Entry => entrySchema.parse({ id, at: '', saw: body })

describe('the tubes of a mixture', () => {
  test('of the worked mixture each stands under the one it was parted from, and none holds what its source could not', () => {
    const all = fractionsOfWork(worked.entries, IONS)
    const byId = new Map(all.map((f) => [f.id, f]))
    expect(all.length).toBeGreaterThan(5)
    expect(all.filter((f) => f.from === null).map((f) => f.vessel)).toEqual(['sample'])
    for (const f of all) {
      const source = f.from === null ? undefined : byId.get(f.from)
      if (f.from !== null) expect(source).toBeDefined()
      for (const ion of f.mayHold) if (source) expect(source.mayHold).toContain(ion)
      if (f.empty) expect(f.mayHold).toEqual([])
    }
  })
  test('what came down with hydrochloric acid stays behind, the rest goes on', () => {
    const scheme = 'full-separation-thioacetamide'
    const first = did('a', { test: `${scheme}/group-1`, on: 'S' })
    const white = saw('b', { of: 'a', channel: 'precipitate.present' })
    const all = fractionsOfWork([first, white], IONS)
    expect(all.find((f) => f.form === 'solid')).toMatchObject({ vessel: 'S', mayHold: ['Ag^+', 'Pb^2+'], empty: false })
    expect(all.find((f) => f.form === 'liquid')).toMatchObject({ vessel: 'II' })
    expect(all.find((f) => f.form === 'liquid')?.mayHold).not.toContain('Ag^+')
    expect(all.find((f) => f.form === 'liquid')?.mayHold).toContain('Cu^2+')
  })
  test('where nothing came down the solid is nothing, and before anybody looked the liquid may hold all', () => {
    const first = did('a', { test: 'full-separation-thioacetamide/group-1', on: 'S' })
    expect(fractionsOfWork([first], IONS).find((f) => f.form === 'liquid')?.mayHold).toEqual(IONS)
    const none = saw('b', { of: 'a', channel: 'precipitate.present', negated: true })
    expect(fractionsOfWork([first, none], IONS).find((f) => f.form === 'solid')).toMatchObject({ empty: true, mayHold: [] })
  })
  test('a tube parted by hand is kept account of, too', () => {
    const all = fractionsOfWork([did('a', { do: 'take', into: 'A', mL: 1 }), did('b', { do: 'centrifuge', vessel: 'A', liquidInto: 'B' })], IONS)
    expect(all.map((f) => [f.vessel, f.form, f.from])).toEqual([
      ['sample', 'sample', null],
      ['A', 'portion', 'sample-0'],
      ['A', 'solid', 'A-1'],
      ['B', 'liquid', 'A-1'],
    ])
  })
})
