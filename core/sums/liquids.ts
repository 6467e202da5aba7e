import { z } from 'zod'
import { findReagent, molarMass, parseFormula, type Solution } from '../species'
import { defineSum, digits, DROPS_IN_ONE_mL, positive, SumError } from './types'

export const drops = defineSum(
  'drops',
  'Drops and millilitres',
  z.looseObject({ drops: positive.optional(), volume_mL: positive.optional(), dropsInOne_mL: positive.default(DROPS_IN_ONE_mL) }),
  { drops: z.number(), volume_mL: z.number(), drop_mL: z.number() },
  ({ drops: counted, volume_mL, dropsInOne_mL }) => {
    if ((counted === undefined) === (volume_mL === undefined)) throw new SumError('drops', 'either drops or volume_mL')
    const drop_mL = 1 / dropsInOne_mL
    const volume = volume_mL ?? (counted ?? 0) * drop_mL
    const n = counted ?? volume * dropsInOne_mL
    return {
      drops: digits(n),
      volume_mL: digits(volume),
      drop_mL: digits(drop_mL),
      working: [`1 drop = 1 mL / ${dropsInOne_mL} = ${digits(drop_mL)} mL`, `${digits(n)} drops × ${digits(drop_mL)} mL = ${digits(volume)} mL`],
    }
  },
)

const bottle = (text: string, path: string): Solution => {
  try {
    return findReagent(text)
  } catch (error) {
    throw new SumError(path, error instanceof Error ? error.message : 'a reagent')
  }
}

export const dilution = defineSum(
  'dilution',
  'Dilution from stock',
  z.looseObject({
    stock: z.string().optional(),
    stock_M: positive.optional(),
    mass_percent: positive.max(100).optional(),
    density_g_per_mL: positive.optional(),
    formula: z.string().optional(),
    target_M: positive,
    volume_mL: positive,
  }),
  { stock_mL: z.number(), water_mL: z.number(), stock_M: z.number(), order: z.string() },
  ({ stock, stock_M, mass_percent, density_g_per_mL, formula, target_M, volume_mL }) => {
    const said: string[] = []
    let strength = stock_M
    if (strength === undefined && stock !== undefined) {
      strength = bottle(stock, 'stock').molarity
      said.push(`${stock} is ${digits(strength)} mol/L`)
    }
    if (strength === undefined && mass_percent !== undefined) {
      if (formula === undefined || density_g_per_mL === undefined) throw new SumError('formula', 'formula and density_g_per_mL beside mass_percent')
      const mass = molarMass(parseFormula(formula))
      strength = (10 * mass_percent * density_g_per_mL) / mass
      said.push(`c = 10 × ${mass_percent} × ${density_g_per_mL} / ${digits(mass, 5)} g/mol = ${digits(strength)} mol/L`)
    }
    if (strength === undefined) throw new SumError('stock', 'a reagent with its strength, stock_M, or mass_percent with density_g_per_mL and formula')
    if (target_M > strength) throw new SumError('target_M', `no more than the stock's ${digits(strength)} mol/L: water only makes it weaker`)
    const stock_mL = (target_M * volume_mL) / strength
    const acid = stock !== undefined && /H2SO4|HNO3|HCl|acid|aqua/i.test(stock)
    return {
      stock_mL: digits(stock_mL),
      water_mL: digits(volume_mL - stock_mL),
      stock_M: digits(strength),
      order: acid
        ? 'Acid into water, slowly, never water into acid; let it cool, then make it up to the mark.'
        : 'Stock into the flask, water up to the mark, mix.',
      working: [...said, `V = ${target_M} mol/L × ${volume_mL} mL / ${digits(strength)} mol/L = ${digits(stock_mL)} mL`],
    }
  },
)

export const solutionFromSolid = defineSum(
  'solution-from-solid',
  'Solid to weigh for a solution',
  z.looseObject({ formula: z.string(), target_M: positive, volume_mL: positive, purity_percent: positive.max(100).default(100) }),
  { mass_g: z.number(), molarMass_g_per_mol: z.number() },
  ({ formula, target_M, volume_mL, purity_percent }) => {
    let mass: number
    try {
      mass = molarMass(parseFormula(formula))
    } catch {
      throw new SumError('formula', 'a formula such as CuSO4.5H2O')
    }
    const mass_g = (target_M * volume_mL * mass) / 1000 / (purity_percent / 100)
    return {
      mass_g: digits(mass_g),
      molarMass_g_per_mol: digits(mass, 5),
      working: [
        `M(${formula}) = ${digits(mass, 5)} g/mol, its water counted in`,
        `m = ${target_M} mol/L × ${volume_mL} mL / 1000 × ${digits(mass, 5)} g/mol${purity_percent < 100 ? ` / ${purity_percent / 100}` : ''} = ${digits(mass_g)} g`,
      ],
    }
  },
)
