/** Branded quantities of the bench. A brand costs nothing at run time and keeps a drop from being read as a millilitre. */
declare const brand: unique symbol
type Branded<Name extends string> = number & { readonly [brand]: Name }

export type Millilitres = Branded<'mL'>
export type Milligrams = Branded<'mg'>
export type Moles = Branded<'mol'>
export type Celsius = Branded<'°C'>
export type Minutes = Branded<'min'>

export const mL = (value: number): Millilitres => value as Millilitres
export const mg = (value: number): Milligrams => value as Milligrams
export const mol = (value: number): Moles => value as Moles
export const celsius = (value: number): Celsius => value as Celsius
export const minutes = (value: number): Minutes => value as Minutes

/** Volume of one drop, mL, unless the case says otherwise (a usual teaching dropper gives 20 drops to the millilitre). */
export const DROP_mL = mL(0.05)
export const dropsToMillilitres = (drops: number, drop_mL: Millilitres = DROP_mL): Millilitres => mL(drops * drop_mL)

/** Gas constant, J/(mol K). CODATA 2018, exact. */
export const GAS_CONSTANT = 8.314462618
/** Gas constant, L atm/(mol K), the same constant in the units of a headspace. */
export const GAS_CONSTANT_L_atm = 0.082057366
export const LN10 = Math.LN10

export const ROOM = celsius(25)
/** What "warm" means at the bench: a water bath one can just not bear. */
export const WARM = celsius(60)
export const BOILING = celsius(100)
export const kelvin = (temperature: Celsius): number => temperature + 273.15
export * from './thermometer'
