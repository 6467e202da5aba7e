/**
 * Standard atomic masses, g/mol, abridged to five figures.
 * Source: IUPAC Commission on Isotopic Abundances and Atomic Weights, abridged standard atomic weights, 2021.
 */
export const ATOMIC_MASS: Readonly<Record<string, number>> = {
  H: 1.008, Li: 6.94, B: 10.81, C: 12.011, N: 14.007, O: 15.999, F: 18.998, Na: 22.99, Mg: 24.305, Al: 26.982,
  Si: 28.085, P: 30.974, S: 32.06, Cl: 35.45, K: 39.098, Ca: 40.078, Cr: 51.996, Mn: 54.938, Fe: 55.845, Co: 58.933,
  Ni: 58.693, Cu: 63.546, Zn: 65.38, As: 74.922, Br: 79.904, Sr: 87.62, Zr: 91.224, Mo: 95.95, Ag: 107.87, Cd: 112.41, Ce: 140.12,
  Sn: 118.71, Sb: 121.76, I: 126.9, Ba: 137.33, Hg: 200.59, Pb: 207.2, Bi: 208.98,
}
