import type { Constant } from './types'
import type { SourceId } from './sources'

interface Conditions {
  readonly dH?: number
  readonly I?: number
  readonly T?: number
  readonly note?: string
}

function constant(unit: string, value: number, source: SourceId, at: Conditions): Constant {
  return {
    value,
    unit,
    temperature_C: at.T ?? 25,
    ionicStrength: at.I ?? 0,
    enthalpy_kJ: at.dH,
    source,
    note: at.note,
  }
}

/** A decimal logarithm of an equilibrium constant on the molar scale, 25 °C and infinite dilution unless said; `dH` in kJ/mol. */
export const logK = (value: number, source: SourceId, at: Conditions = {}): Constant => constant('log10, molar scale', value, source, at)

/** Dissolved → gas, log10 of atm L/mol. */
export const logHenry = (value: number, source: SourceId, at: Conditions = {}): Constant => constant('log10, atm L/mol', value, source, at)
