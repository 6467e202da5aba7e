/** A line of a sum's form: what it fills in, what is asked, and what stands there at first. */
export interface SumField {
  readonly name: string
  readonly label: string
  readonly kind: 'number' | 'text' | 'tick' | 'tests' | 'lines' | readonly string[]
  readonly start?: string
  /** For `lines`: how one of them is read; null where it cannot be. */
  readonly read?: (line: string) => unknown
  /** Whether the lines are one record by their first words. */
  readonly record?: boolean
}

const number = (name: string, label: string, start = ''): SumField => ({ name, label, kind: 'number', start })
const text = (name: string, label: string, start = ''): SumField => ({ name, label, kind: 'text', start })
const choice = (name: string, label: string, of: readonly string[]): SumField => ({ name, label, kind: of, start: of[0] ?? '' })

/** `HCl 2 M, 20 drops` or `NaOH 2 M, 1 mL`. */
function poured(line: string): unknown {
  const [, reagent, amount, unit] = /^(.+?)[,\s]+([\d.]+)\s*(drops?|mL)$/i.exec(line) ?? []
  return reagent === undefined ? null : { reagent: reagent.trim(), [/^d/i.test(unit ?? '') ? 'drops' : 'mL']: Number(amount) }
}
/** `8 red`. */
function reading(line: string): unknown {
  const [, drops, litmus] = /^(\d+)\s*[:,]?\s*(red|blue)$/i.exec(line) ?? []
  return drops === undefined ? null : { drops: Number(drops), litmus: litmus?.toLowerCase() }
}
/** A name and a number. */
const named =
  (name: string, value: string) =>
  (line: string): unknown => {
    const [, what, n] = /^(.+?)[,\s]+(-?[\d.]+(?:e-?\d+)?)$/i.exec(line) ?? []
    return what === undefined ? null : { [name]: what, [value]: Number(n) }
  }

/** The form of each sum, by its id; the core's own schema judges what is filled in. */
export const FORMS: Readonly<Record<string, readonly SumField[]>> = {
  drops: [number('drops', 'drops', '20'), number('volume_mL', 'or volume, mL'), number('dropsInOne_mL', 'drops in 1 mL of this dropper', '20')],
  dilution: [
    text('stock', 'stock, with its strength', 'HCl conc'),
    number('stock_M', 'or its strength, mol/L'),
    number('mass_percent', 'or its mass %'),
    number('density_g_per_mL', 'density, g/mL'),
    text('formula', 'formula'),
    number('target_M', 'wanted, mol/L', '2'),
    number('volume_mL', 'volume, mL', '250'),
  ],
  'solution-from-solid': [
    text('formula', 'formula, with its water', 'CuSO4.5H2O'),
    number('target_M', 'wanted, mol/L', '0.1'),
    number('volume_mL', 'volume, mL', '250'),
    number('purity_percent', 'purity, %', '100'),
  ],
  neutralise: [
    { name: 'contents', label: 'in the tube, a line each', kind: 'lines', start: 'HCl 2 M, 1 mL', read: poured },
    text('with', 'neutralised with', 'NaOH 2 M'),
    choice('towards', 'until', ['just-basic', 'just-acidic']),
    number('drop_mL', 'drop, mL', '0.05'),
    { name: 'readings', label: 'litmus so far, a line each: 8 red', kind: 'lines', start: '', read: reading },
  ],
  'acidity-for-sulfide': [
    number('acid_M', 'acid now, mol/L', '0.6'),
    number('volume_mL', 'volume, mL', '2'),
    number('low_M', 'window from, mol/L', '0.25'),
    number('high_M', 'to, mol/L', '0.35'),
  ],
  precipitation: [
    text('ion', 'ion', 'Ba^2+'),
    number('ion_M', 'its strength, mol/L', '0.05'),
    number('volume_mL', 'volume, mL', '1'),
    number('acid_M', 'acid in it, mol/L', '0'),
    text('reagent', 'reagent', 'H2SO4 1 M'),
    number('limit_M', 'left at most, mol/L', '0.00001'),
  ],
  'ion-product': [
    text('solid', 'solid', 'AgCl'),
    { name: 'ions_M', label: 'free ions, mol/L, a line each', kind: 'lines', start: 'Ag^+ 0.001\nCl^- 0.001', read: named('ion', 'n'), record: true },
  ],
  fusion: [
    number('compound_mg', 'compound, mg', '25'),
    number('water_mL', 'water, mL', '10'),
    number('toFraction', 'boiled down to the part', '0.33'),
  ],
  'sample-budget': [
    number('have_mg', 'sample, mg', '500'),
    { name: 'tests', label: 'tests', kind: 'tests', start: 'solubility-in-water\nsilver-nitrate\nbarium-nitrate' },
    number('reserve_percent', 'kept back, %', '20'),
  ],
  'bench-time': [
    { name: 'tests', label: 'tests', kind: 'tests', start: 'potassium-antimonate\nheat-strongly\nsilver-nitrate\nbarium-nitrate' },
    number('hands', 'people', '1'),
    number('burners', 'burners', '1'),
  ],
  centrifuge: [number('speed_rpm', 'speed, turns a minute', '3000'), number('radius_mm', 'radius, mm', '90'), number('tube_mL', 'in the tube, mL')],
  'detection-limit': [
    text('ion', 'ion', 'Cl^-'),
    { name: 'test', label: 'test', kind: 'tests', start: 'silver-nitrate' },
    number('from_M', 'diluted from, mol/L', '0.1'),
  ],
  'class-totals': [
    { name: 'tests', label: 'tests', kind: 'tests', start: 'silver-nitrate\nbarium-nitrate' },
    number('places', 'places', '16'),
    number('spare_percent', 'spare, %', '25'),
    number('bottle_mL', 'bottle, mL', '50'),
    number('share', 'places to a bottle', '4'),
  ],
  'colour-difference': [
    text('first', 'one colour, a name or #rrggbb', 'deep red'),
    text('second', 'the other', 'dark brown'),
    choice('eyes', 'eyes', ['usual', 'protan', 'deutan', 'tritan']),
  ],
  'melting-point': [
    number('observed_C', 'read, °C', '180'),
    number('exposed_C', 'degrees of thread in the air', '120'),
    number('stem_C', 'temperature of the stem, °C', '50'),
    { name: 'candidates', label: 'candidates, a line each: name and °C', kind: 'lines', start: '', read: named('name', 'point_C') },
  ],
  'boiling-point': [
    number('observed_C', 'read, °C', '78'),
    number('pressure_hPa', 'pressure, hPa', '1000'),
    { name: 'associated', label: 'alcohol, acid or water', kind: 'tick', start: '' },
  ],
  equation: [
    { name: 'takes', label: 'reactants, a line each', kind: 'lines', start: 'MnO4^-\nC2O4^2-\nH^+', read: (line) => line },
    { name: 'gives', label: 'products, a line each', kind: 'lines', start: 'Mn^2+\nCO2\nH2O', read: (line) => line },
  ],
}

export type Filled = Readonly<Record<string, string>>
export const startOf = (fields: readonly SumField[]): Filled => Object.fromEntries(fields.map((f) => [f.name, f.start ?? '']))

/** What was filled in as the sum's input; a line that cannot be read is said with its place. Empty lines are left out. */
export function inputOf(fields: readonly SumField[], filled: Filled): { input: Record<string, unknown> } | { path: string; expected: string } {
  const input: Record<string, unknown> = {}
  for (const { name, kind, read, record, label } of fields) {
    const given = (filled[name] ?? '').trim()
    if (kind === 'tick') {
      if (given) input[name] = true
    } else if (given === '') continue
    else if (kind === 'number') {
      const n = Number(given.replace(',', '.'))
      if (!Number.isFinite(n)) return { path: name, expected: `a number for “${label}”, not “${given}”` }
      input[name] = n
    } else if (kind === 'lines') {
      const lines = given.split('\n').filter((l) => l.trim() !== '')
      const values = lines.map((l) => read?.(l.trim()) ?? null)
      const bad = values.indexOf(null)
      if (bad >= 0) return { path: name, expected: `a line as in “${label}”, not “${lines[bad] ?? ''}”` }
      input[name] = record ? Object.fromEntries((values as { ion: string; n: number }[]).map(({ ion, n }) => [ion, n])) : values
    } else if (kind === 'tests') {
      const ids = given.split('\n').filter(Boolean)
      input[name] = name === 'test' ? ids[0] : ids
    } else input[name] = given
  }
  return { input }
}

/** Names that are no words as they stand. */
const OWN_WORDS: Readonly<Record<string, string>> = {
  pH: 'pH',
  says: 'now',
  inTurn_min: 'one after another, min',
  finish_min: 'waits overlapped, min',
  first: 'begin with',
  what: 'takes',
}

/** A field's name in words, its unit after a comma: `sodium_mg` is `sodium, mg`. */
export function wordsOfField(name: string): string {
  const own = OWN_WORDS[name]
  if (own) return own
  const [, body = name, unit] = /^(.*?)(?:_(mL|mg|M|min|C|percent|drops|g|g_per_mol|mg_per_L))?$/.exec(name) ?? []
  const UNITS: Readonly<Record<string, string>> = { M: 'mol/L', C: '°C', percent: '%', g_per_mol: 'g/mol', mg_per_L: 'mg/L' }
  const words = body.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`).replaceAll('_', ' ')
  return unit === undefined ? words : `${words}, ${UNITS[unit] ?? unit}`
}
