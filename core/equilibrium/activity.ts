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

/** Decimal logarithm of the extra activity of the hydrogen ion per mol/L of strong acid above the first. */
const ACID_SLOPE = 0.25
/**
 * ln of the extra activity of the hydrogen ion in strong acid. A straight line through Hammett's acidity function of hydrochloric acid (−1.8 at 5, −3.6 at 10 mol/L); with both protons of
 * sulfuric acid counted it also meets that acid's (−4.9 at 10, about −10 at 18 mol/L). Source: M. A. Paul, F. A. Long, Chem. Rev. 57 (1957) 1.
 * @param strongAcid titratable strong acid, mol/L; nothing is added up to 1 mol/L
 */
export const acidExcess = (strongAcid: number): number => (strongAcid > 1 ? ACID_SLOPE * Math.LN10 * (strongAcid - 1) : 0)
