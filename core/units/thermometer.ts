/** What a thermometer's reading has to be corrected by. */

/** Difference of the expansions of mercury and glass, in a degree. Source: Vogel's Practical Organic Chemistry, exposed-stem correction. */
export const STEM = 0.000154

/**
 * Degrees to add for the thread that stands in the air, °C.
 * @param exposed_C degrees of it
 * @param stem_C how warm it is there
 */
export const stemCorrection = (observed_C: number, exposed_C: number, stem_C: number): number => STEM * exposed_C * (observed_C - stem_C)

/** Young's constants for liquids that are associated (water, alcohols, acids) and others, in a mmHg. Source: S. Young; Vogel's Practical Organic Chemistry. */
export const YOUNG = { associated: 0.0001, other: 0.00012 } as const
export const NORMAL_hPa = 1013.25
export const HPA_IN_mmHg = 0.750062
/** Pressures between which a boiling point can be brought to the usual one in a straight line, hPa. */
export const NEAR_NORMAL_hPa = [700, 1100] as const

/** Degrees to add to a boiling point for the pressure it was read at, °C. */
export const pressureCorrection = (observed_C: number, pressure_hPa: number, associated: boolean): number =>
  YOUNG[associated ? 'associated' : 'other'] * (NORMAL_hPa - pressure_hPa) * HPA_IN_mmHg * (observed_C + 273.15)
