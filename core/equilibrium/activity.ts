/** Where the activity model ends, mol/L; beyond it the coefficients keep the value they have here. */
export const IONIC_STRENGTH_LIMIT = 0.5
/** ln γ of an uncharged species is this times ionic strength (salting out, 0.1 in decimal logarithms). */
export const SALTING_OUT = 0.1 * Math.LN10

/**
 * The Davies function F(I), so that ln γ = −slope z² F. Source: C. W. Davies, Ion Association, 1962, with 0.3 I.
 * @param ionicStrength mol/L, clamped to the model's end
 */
export function davies(ionicStrength: number): number {
  const clamped = Math.min(ionicStrength, IONIC_STRENGTH_LIMIT)
  const root = Math.sqrt(clamped)
  return root / (1 + root) - 0.3 * clamped
}
