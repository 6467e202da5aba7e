const entry = (n: number, body: object): object => ({ id: `s${n}`, at: '2026-01-08T09:00:00Z', ...body })
const notebook = {
  format: 'foxing-notebook/1',
  id: 'S-12',
  case: { kind: 'salt' },
  entries: [
    entry(0, { did: { do: 'dissolve', into: 'OS', mg: 100, in: 'water', mL: 5 } }),
    entry(1, { did: { do: 'take', from: 'OS', into: 'A', mL: 1 } }),
    entry(2, { did: { do: 'add', to: 'A', reagent: 'HCl 2 M', drops: 4 } }),
    entry(3, { did: { do: 'add', to: 'A', reagent: 'AgNO3 0.1 M', drops: 4 } }),
    entry(4, { saw: { channel: 'precipitate.present', value: 'yes' } }),
    entry(5, { saw: { channel: 'precipitate.colour', value: 'white' } }),
    entry(6, { did: { test: 'flame-on-wire', on: 'OS' } }),
    entry(7, { saw: { channel: 'flame.colour', value: 'violet' } }),
  ],
}

/** A notebook with one step that spoils what follows, as a file to be brought in. */
export const SPOILED_NOTEBOOK = { name: 's-12.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(notebook)) }
