import type { SourceId } from '../sources'

/** What moist air does to a dry salt: it takes up water where the air is moister than its saturated solution, and gives off its own where the air is drier than over its hydrate. */
export interface InAir {
  /** Relative humidity over its saturated solution, %, 25 °C. */
  readonly takesUpAbove?: number
  /** Relative humidity in balance with it and the next lower hydrate, %, 25 °C. */
  readonly givesOffBelow?: number
  readonly source: SourceId
}

const takesUp = (percent: number): InAir => ({ takesUpAbove: percent, source: 'crc' })
const givesOff = (percent: number): InAir => ({ givesOffBelow: percent, source: 'crc' })

/** By formula of the bench salt; those that are not here keep in air. Values of nitrates and of hydrates differ by a few percent among tables. */
export const inAir: Readonly<Record<string, InAir>> = {
  NaOH: takesUp(8),
  LiCl: takesUp(11),
  ZnCl2: takesUp(10),
  KCH3COO: takesUp(23),
  'CaCl2.2H2O': takesUp(29),
  'CaCl2.6H2O': takesUp(29),
  'MgCl2.6H2O': takesUp(33),
  'Cu(NO3)2.3H2O': takesUp(35),
  'Zn(NO3)2.6H2O': takesUp(42),
  K2CO3: takesUp(43),
  'FeCl3.6H2O': takesUp(44),
  'AlCl3.6H2O': takesUp(44),
  KSCN: takesUp(47),
  'Fe(NO3)3.9H2O': takesUp(47),
  SbCl3: takesUp(20),
  'SnCl4.5H2O': takesUp(30),
  'Ca(NO3)2.4H2O': takesUp(50),
  'Mg(NO3)2.6H2O': takesUp(53),
  'Co(NO3)2.6H2O': takesUp(55),
  'MnCl2.4H2O': takesUp(56),
  'Na2CO3.10H2O': givesOff(76),
  'Na2SO4.10H2O': givesOff(81),
  'Na2HPO4.12H2O': givesOff(76),
  'FeSO4.7H2O': givesOff(66),
  'ZnSO4.7H2O': givesOff(62),
  'MgSO4.7H2O': givesOff(51),
  'Na2S2O3.5H2O': givesOff(34),
  'NaCH3COO.3H2O': givesOff(43),
}
