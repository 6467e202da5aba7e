import { inComponents, SOLIDS } from '../../../species'

/** More than this much over saturation, a power of ten, is no solution: less may lie in what the ions are bound by. */
const OVER = 2
/**
 * Whether nothing comes down of these ions, by the solubility products of their solids alone; what takes hydrogen or hydroxide to come down may be kept by acid.
 * @param molar mol/L of the salt they are of
 */
export function staysDissolved(ions: Readonly<Record<string, number>>, molar: number): boolean {
  const totals = inComponents(ions).terms
  return !SOLIDS.some(({ terms, logK, data }) => {
    if (data.gate || terms.some(([component]) => component === 0 || !((totals.get(component) ?? 0) > 0))) return false
    const product = terms.reduce((sum, [component, n]) => sum + n * Math.log10(molar * (totals.get(component) as number)), 0)
    return product + logK > OVER
  })
}
