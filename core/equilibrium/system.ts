/**
 * What the solver works on: plain typed arrays, no chemistry by name. Built once for a set of components and a temperature.
 *
 * A dissolved or gaseous species i holds a_ij of component j and has activity exp(lnK_i + Σ_j a_ij λ_j), λ_j = ln activity of
 * component j. A pure phase s (a solid) is saturated where lnK_s + Σ_j a_sj λ_j = 0.
 */
export interface System {
  readonly components: number
  readonly species: number
  readonly phases: number
  /** Species rows, compressed: row i is columns[start[i]..start[i+1]]. */
  readonly start: Int32Array
  readonly columns: Int32Array
  readonly coefficients: Float64Array
  readonly lnK: Float64Array
  /** Charge of each species, squared. */
  readonly chargeSquared: Uint8Array
  /** 0 in the aqueous liquid, 1 in the gas space, 2 in a second liquid. */
  readonly place: Uint8Array
  /** For each species the pairs (j,k) of its components as positions in the packed lower triangle, with a_ij a_ik. */
  readonly pairStart: Int32Array
  readonly pairs: Int32Array
  readonly pairCoefficients: Float64Array
  readonly phaseStart: Int32Array
  readonly phaseColumns: Int32Array
  readonly phaseCoefficients: Float64Array
  readonly phaseLnK: Float64Array
  /** Debye–Hückel slope times ln 10 at the system's temperature. */
  readonly slope: number
}

export interface SpeciesRow {
  readonly terms: readonly (readonly [component: number, coefficient: number])[]
  readonly lnK: number
  readonly charge: number
  readonly place: 0 | 1 | 2
}
export interface PhaseRow {
  readonly terms: readonly (readonly [component: number, coefficient: number])[]
  readonly lnK: number
}

/** The Debye–Hückel slope (decimal, molar scale) between 0 and 100 °C. Source: a fit to the usual table, 0.491 at 0 °C, 0.509 at 25, 0.600 at 100. */
export const debyeHueckelSlope = (temperature_C: number): number => 0.4913 + 6.08e-4 * temperature_C + 4.8e-6 * temperature_C * temperature_C

/** @throws RangeError when a component has no free species of its own, since its balance could then not be closed */
export function buildSystem(components: number, species: readonly SpeciesRow[], phases: readonly PhaseRow[], temperature_C: number): System {
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
  return {
    components,
    species: species.length,
    phases: phases.length,
    ...rows,
    lnK: Float64Array.from(species, (s) => s.lnK),
    chargeSquared: Uint8Array.from(species, (s) => s.charge * s.charge),
    place: Uint8Array.from(species, (s) => s.place),
    pairStart,
    pairs: Int32Array.from(pairs),
    pairCoefficients: Float64Array.from(pairCoefficients),
    phaseStart: phaseRows.start,
    phaseColumns: phaseRows.columns,
    phaseCoefficients: phaseRows.coefficients,
    phaseLnK: Float64Array.from(phases, (s) => s.lnK),
    slope: debyeHueckelSlope(temperature_C) * Math.LN10,
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
