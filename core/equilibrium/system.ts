/**
 * What the solver works on: plain typed arrays, no chemistry by name. Built once for a set of components and a temperature.
 *
 * A dissolved or gaseous species i holds a_ij of component j and has activity exp(lnK_i + Σ_j a_ij λ_j), λ_j = ln activity of
 * component j. A pure phase s (a solid) is saturated where lnK_s + Σ_j a_sj λ_j = 0.
 */
export interface System extends Shape {
  readonly lnK: Float64Array
  readonly phaseLnK: Float64Array
  /** Debye–Hückel slope times ln 10 at the system's temperature. */
  readonly slope: number
}

/** The greatest square of a charge that a shape can hold. */
export const MOST_SQUARED = 255

/** What of a system is the same at every temperature. */
export interface Shape {
  readonly components: number
  readonly species: number
  readonly phases: number
  /** Species rows, compressed: row i is columns[start[i]..start[i+1]]. */
  readonly start: Int32Array
  readonly columns: Int32Array
  readonly coefficients: Float64Array
  /** Charge of each species, squared. */
  readonly chargeSquared: Uint8Array
  /** Each value that occurs in it, once. */
  readonly squares: readonly number[]
  /** 0 in the aqueous liquid, 1 in the gas space, 2 in a second liquid. */
  readonly place: Uint8Array
  /** For each species the pairs (j,k) of its components as positions in the packed lower triangle, with a_ij a_ik. */
  readonly pairStart: Int32Array
  readonly pairs: Int32Array
  readonly pairCoefficients: Float64Array
  readonly phaseStart: Int32Array
  readonly phaseColumns: Int32Array
  readonly phaseCoefficients: Float64Array
}

export interface PhaseRow {
  readonly terms: readonly (readonly [component: number, coefficient: number])[]
}
export interface SpeciesRow extends PhaseRow {
  readonly charge: number
  readonly place: 0 | 1 | 2
}
type WithConstant<Row> = Row & { readonly lnK: number }

/** The Debye–Hückel slope (decimal, molar scale) between 0 and 100 °C. Source: a fit to the usual table, 0.491 at 0 °C, 0.509 at 25, 0.600 at 100. */
export const debyeHueckelSlope = (temperature_C: number): number => 0.4913 + 6.08e-4 * temperature_C + 4.8e-6 * temperature_C * temperature_C

/** @throws RangeError when a component has no free species of its own, since its balance could then not be closed */
export const buildSystem = (
  components: number,
  species: readonly WithConstant<SpeciesRow>[],
  phases: readonly WithConstant<PhaseRow>[],
  temperature_C: number,
): System => {
  const constants = (rows: readonly { readonly lnK: number }[]): number[] => rows.map((row) => row.lnK)
  return atTemperature(buildShape(components, species, phases), constants(species), constants(phases), temperature_C)
}

/** A shape with its constants, in the order of its species and phases. */
export const atTemperature = (shape: Shape, lnK: readonly number[], phaseLnK: readonly number[], temperature_C: number): System => ({
  ...shape,
  lnK: Float64Array.from(lnK),
  phaseLnK: Float64Array.from(phaseLnK),
  slope: debyeHueckelSlope(temperature_C) * Math.LN10,
})

/** @throws RangeError when a component has no free species of its own */
export function buildShape(components: number, species: readonly SpeciesRow[], phases: readonly PhaseRow[]): Shape {
  for (let j = 0; j < components; j++) {
    if (!species.some((s) => s.terms.length === 1 && s.terms[0]?.[0] === j)) throw new RangeError(`component ${j} has no species of its own`)
  }
  const rows = compress(species)
  const pairStart = new Int32Array(species.length + 1)
  const pairs: number[] = []
  const pairCoefficients: number[] = []
  species.forEach((s, i) => {
    for (const [j, a] of s.terms)
      for (const [k, b] of s.terms)
        if (k <= j) {
          pairs.push(j * components + k)
          pairCoefficients.push(a * b)
        }
    pairStart[i + 1] = pairs.length
  })
  const phaseRows = compress(phases)
  const chargeSquared = Uint8Array.from(species, (s) => s.charge * s.charge)
  return {
    components,
    species: species.length,
    phases: phases.length,
    ...rows,
    chargeSquared,
    squares: [...new Set(chargeSquared)],
    place: Uint8Array.from(species, (s) => s.place),
    pairStart,
    pairs: Int32Array.from(pairs),
    pairCoefficients: Float64Array.from(pairCoefficients),
    phaseStart: phaseRows.start,
    phaseColumns: phaseRows.columns,
    phaseCoefficients: phaseRows.coefficients,
  }
}

function compress(rows: readonly { terms: readonly (readonly [number, number])[] }[]): {
  start: Int32Array
  columns: Int32Array
  coefficients: Float64Array
} {
  const start = new Int32Array(rows.length + 1)
  const columns: number[] = []
  const coefficients: number[] = []
  rows.forEach((row, i) => {
    for (const [j, a] of row.terms) {
      columns.push(j)
      coefficients.push(a)
    }
    start[i + 1] = columns.length
  })
  return { start, columns: Int32Array.from(columns), coefficients: Float64Array.from(coefficients) }
}
