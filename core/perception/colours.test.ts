import { describe, expect, test } from '@jest/globals'
import { stepSchema } from '../tube'
import { anchorsFor, colourDifference, labOfHex, type Colour } from './colour'
import { Runner } from './simulate'

/** Within this of the nearest shade that carries the reference's own name (CIEDE2000): what eyes call the same colour at arm's length. */
const WITHIN = 14
const far = (hex: string, names: readonly string[]): number =>
  Math.min(...names.flatMap(anchorsFor).map((anchor) => colourDifference(labOfHex(hex), anchor)))

const inFire = (formula: string, step: Record<string, unknown>): { readonly flame?: Colour; readonly hot?: Colour; readonly cold?: Colour } => {
  const percept = new Runner({ solids: [{ formula, mg: 100 }] }).step(stepSchema.parse(step))
  return { ...(percept.flame ? { flame: percept.flame.colour } : {}), ...(percept.bead ? { hot: percept.bead.hot, cold: percept.bead.cold } : {}) }
}

/** Names as the books have them: Vogel, 7th ed., flames and beads; Cotton and Wilkinson, 5th ed., and CRC Handbook, solutions. */
describe('computed colours beside named references', () => {
  test.each([
    ['NaCl', ['yellow', 'orange']],
    ['LiCl', ['red', 'pink']],
    ['KCl', ['violet', 'pink']],
    ['CaCl2.2H2O', ['red', 'orange', 'brick red']],
    ['SrCl2.6H2O', ['red', 'pink']],
    ['BaCl2.2H2O', ['green', 'yellow-green']],
    ['CuCl2.2H2O', ['green', 'blue-green']],
  ])('flame of %s', (formula, names) => {
    expect(far(inFire(formula, { do: 'flame' }).flame?.hex ?? '#000000', names)).toBeLessThan(2 * WITHIN)
  })
  test.each([
    ['CuSO4.5H2O', 'oxidising', 'hot', ['green', 'blue-green', 'pale green', 'pale blue-green']],
    ['CuSO4.5H2O', 'oxidising', 'cold', ['blue', 'pale blue', 'light blue']],
    ['CuSO4.5H2O', 'reducing', 'cold', ['red', 'brick red', 'reddish brown']],
    ['FeCl3.6H2O', 'oxidising', 'hot', ['yellow', 'brown', 'orange', 'pale yellow']],
    ['FeCl3.6H2O', 'oxidising', 'cold', ['pale yellow', 'yellow', 'white']],
    ['FeSO4.7H2O', 'reducing', 'cold', ['green', 'pale green', 'pale blue-green', 'pale blue']],
    ['Cr2(SO4)3.18H2O', 'oxidising', 'cold', ['green', 'deep green']],
    ['Cr2(SO4)3.18H2O', 'reducing', 'cold', ['green', 'deep green']],
    ['CoCl2.6H2O', 'oxidising', 'cold', ['deep blue', 'very deep blue', 'blue']],
    ['CoCl2.6H2O', 'reducing', 'hot', ['deep blue', 'very deep blue', 'blue']],
    ['NiSO4.6H2O', 'oxidising', 'cold', ['brown', 'reddish brown', 'orange', 'light brown']],
    ['NiSO4.6H2O', 'reducing', 'cold', ['grey', 'dark grey']],
    ['MnSO4.H2O', 'reducing', 'cold', ['white']],
  ] as const)('bead of %s, %s, %s', (formula, flame, when, names) => {
    expect(far(inFire(formula, { do: 'bead', flame })[when]?.hex ?? '#ff00ff', names)).toBeLessThan(2 * WITHIN)
  })
  test.each([
    ['copper(II) sulfate', { 'Cu^2+': 0.1, 'SO4^2-': 0.1 }, ['pale blue', 'light blue', 'blue']],
    ['tetraamminecopper(II)', { 'Cu^2+': 0.02, 'NH4^+': 0.5, 'OH^-': 0.54 }, ['deep blue', 'blue']],
    ['nickel sulfate', { 'Ni^2+': 0.2, 'SO4^2-': 0.2 }, ['green', 'pale green', 'pale blue-green', 'blue-green']],
    ['hexaamminenickel(II)', { 'Ni^2+': 0.1, 'NH4^+': 3, 'OH^-': 3.2 }, ['blue', 'light blue', 'pale blue', 'violet']],
    ['cobalt(II) nitrate', { 'Co^2+': 0.1, 'NO3^-': 0.2 }, ['pink', 'pale pink', 'red']],
    ['iron(II) sulfate', { 'Fe^2+': 0.2, 'SO4^2-': 0.2 }, ['pale green', 'white', 'pale blue-green', 'pale blue']],
    ['iron(III) chloride', { 'Fe^3+': 0.05, 'Cl^-': 0.15 }, ['yellow', 'orange', 'deep yellow']],
    ['iron(III) thiocyanate', { 'Fe^3+': 0.002, 'SCN^-': 0.02, 'K^+': 0.014, 'H^+': 0.1, 'Cl^-': 0.1 }, ['red', 'deep red', 'reddish brown']],
    ['chromium(III) nitrate', { 'Cr^3+': 0.03, 'NO3^-': 0.29, 'H^+': 0.2 }, ['violet', 'deep violet', 'grey', 'blue', 'pale violet']],
    ['potassium chromate', { 'CrO4^2-': 0.05, 'K^+': 0.1 }, ['yellow', 'deep yellow']],
    ['potassium dichromate', { 'CrO4^2-': 0.1, 'H^+': 0.2, 'K^+': 0.1, 'NO3^-': 0.1 }, ['orange']],
    ['potassium permanganate', { 'MnO4^-': 0.001, 'K^+': 0.001 }, ['violet', 'pink', 'deep violet']],
    ['manganese(II) sulfate', { 'Mn^2+': 0.1, 'SO4^2-': 0.1 }, ['white', 'pale pink']],
    ['potassium hexacyanoferrate(II)', { 'Fe(CN)6^4-': 0.1, 'K^+': 0.4 }, ['pale yellow', 'white']],
    ['potassium hexacyanoferrate(III)', { 'Fe(CN)6^3-': 0.01, 'K^+': 0.03 }, ['yellow', 'pale yellow', 'yellow-green', 'deep yellow']],
    ['iodine in iodide', { I2: 0.002, 'I^-': 0.1, 'K^+': 0.1 }, ['brown', 'orange', 'reddish brown', 'deep yellow']],
    ['bromine water', { Br2: 0.02, 'Br^-': 0.001, 'K^+': 0.001 }, ['orange', 'yellow', 'deep yellow']],
    ['nitrosyliron(II)', { 'Fe^2+': 0.1, NO: 0.01, 'SO4^2-': 0.1 }, ['brown', 'dark brown', 'reddish brown']],
    ['sulfide with nitroprusside', { 'Fe(CN)5NO^2-': 0.002, 'HS^-': 0.01, 'OH^-': 0.1, 'Na^+': 0.114 }, ['violet', 'pink', 'deep violet']],
    ['zirconium-alizarin', { 'ZrO^2+': 0.0003, 'C14H7O7S^-': 0.0003, 'H^+': 0.5, 'Cl^-': 0.5003 }, ['red', 'pink', 'orange', 'pale pink']],
    [
      'zirconium-alizarin with fluoride',
      { 'ZrO^2+': 0.0003, 'C14H7O7S^-': 0.0003, 'H^+': 0.5, 'F^-': 0.02, 'Cl^-': 0.4803 },
      ['yellow', 'pale yellow', 'deep yellow'],
    ],
  ])('solution of %s', (_, ions, names) => {
    const percept = new Runner({ solution: { ions: ions, mL: 10 } }).step(stepSchema.parse({ do: 'take', into: 'A', mL: 1 }))
    const { hex, family } = percept.solution?.colour ?? { hex: '#ff00ff', family: 'pink' }
    expect(far(family === 'colourless' ? '#ffffff' : hex, names)).toBeLessThan(WITHIN)
  })
})
