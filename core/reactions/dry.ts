import { DEFINED_IONS, DRY_PHASES, dryPhase, gasById, parseFormula, withoutWater, type DryReaction, type DrySign } from '../species'
import { writeEquation } from './equation'

/** Water and oxygen of the air besides the registry's gases. */
export const isGas = (formula: string): boolean => formula === 'H2O' || gasById.has(formula)

/** Least whole numbers that balance the two sides in atoms and charge; null where there are none, or more than one set. */
export function balance(takes: readonly string[], gives: readonly string[]): readonly number[] | null {
  const all = [...takes, ...gives].map(parseFormula)
  const elements = [...new Set(all.flatMap((f) => Object.keys(f.atoms)))]
  const charged = all.some((f) => f.charge !== 0)
  const counts = [...elements.map((e) => all.map((f) => f.atoms[e] ?? 0)), ...(charged ? [all.map((f) => f.charge)] : [])]
  const rows = counts.map((row) => row.map((n, i) => (i < takes.length ? n : -n)))
  const pivots: number[] = []
  let row = 0
  for (let col = 0; col < all.length && row < rows.length; col++) {
    const found = rows.findIndex((r, i) => i >= row && Math.abs(r[col] as number) > 1e-9)
    if (found < 0) continue
    ;[rows[row], rows[found]] = [rows[found] as number[], rows[row] as number[]]
    const pivot = rows[row] as number[]
    const p = pivot[col] as number
    for (let k = 0; k < pivot.length; k++) pivot[k] = (pivot[k] as number) / p
    rows.forEach((r, i) => {
      if (i === row) return
      const f = r[col] as number
      if (f !== 0) for (let k = 0; k < r.length; k++) r[k] = (r[k] as number) - f * (pivot[k] as number)
    })
    pivots.push(col)
    row++
  }
  if (pivots.length !== all.length - 1) return null
  const free = all.findIndex((_, i) => !pivots.includes(i))
  const solution = all.map((_, i) => (i === free ? 1 : -((rows[pivots.indexOf(i)] as number[])[free] as number)))
  for (let factor = 1; factor <= 60; factor++) {
    const whole = solution.map((n) => n * factor)
    if (whole.every((n) => n > 0 && Math.abs(n - Math.round(n)) < 1e-6)) return whole.map(Math.round)
  }
  return null
}

/** `CaCO3 -> CaO + CO2`, balanced here; numbers may be given where the formulae alone leave a choice. */
function reaction(text: string, above_C: number, more: Partial<DryReaction> = {}): DryReaction {
  const [left = '', right = ''] = text.split('->')
  const side = (part: string): { formula: string; n: number }[] =>
    part.split(' + ').map((term) => {
      const match = /^\s*(?:(\d+) )?(\S+)\s*$/.exec(term)
      return { formula: match?.[2] ?? '', n: Number(match?.[1] ?? 0) }
    })
  const takes = side(left)
  const gives = side(right)
  const given = [...takes, ...gives].some((t) => t.n > 0)
  const numbers = given
    ? [...takes, ...gives].map((t) => t.n || 1)
    : balance(
        takes.map((t) => t.formula),
        gives.map((t) => t.formula),
      )
  if (!numbers) throw new Error(`no whole numbers balance ${text}`)
  return {
    id: text,
    takes: takes.map((t, i) => [t.formula, numbers[i] ?? 1] as const),
    gives: gives.map((t, i) => [t.formula, numbers[takes.length + i] ?? 1] as const),
    above_C,
    source: 'crc',
    ...more,
  }
}

/** Hydrates that lose more than water, or not at the usual temperature. */
const SPECIAL_HYDRATES: Readonly<Record<string, DryReaction>> = Object.fromEntries(
  [
    reaction('AlCl3.6H2O -> Al2O3 + HCl + H2O', 150),
    reaction('FeCl3.6H2O -> Fe2O3 + HCl + H2O', 180, { shows: ['melts'] }),
    reaction('CrCl3.6H2O -> Cr2O3 + HCl + H2O', 260),
    reaction('MgCl2.6H2O -> MgOHCl + HCl + H2O', 170, { shows: ['melts'] }),
    reaction('SnCl4.5H2O -> SnO2 + HCl + H2O', 110, { shows: ['melts'] }),
    reaction('CaSO4.2H2O -> CaSO4 + H2O', 130),
    reaction('CaC2O4.H2O -> CaC2O4 + H2O', 200),
    reaction('Na2B4O7.10H2O -> Na2B4O7 + H2O', 90, { shows: ['swells', 'melts'] }),
    reaction('Na2SiO3.5H2O -> Na2SiO3 + H2O', 90, { shows: ['swells', 'melts'] }),
  ].map((r) => [r.takes[0]?.[0] ?? '', r]),
)
/** Hydrates that melt in their own water before it boils off. Source: CRC Handbook, melting points of hydrates. */
const MELT_IN_WATER =
  /^(Na2SO4\.10|Na2CO3\.10|Na2S2O3|Na2HPO4|Na3PO4|NaCH3COO|Pb\(CH3COO\)2|KAl|NaAl|NH4Al|NH4Fe\(SO4\)2|KCr|CaCl2|MgSO4|ZnSO4|FeSO4|Na2S\.|Ca\(NO3\)2|Mg\(NO3\)2|Zn\(NO3\)2|Cu\(NO3\)2|Co\(NO3\)2|Ni\(NO3\)2|Al\(NO3\)3|Fe\(NO3\)3|Cr\(NO3\)3|Cd\(NO3\)2|Mn\(NO3\)2|SrCl2|Na4Fe|NaNH4|Al2\(SO4\)3|KNaC4|Ba\(OH\)2|CoCl2|CoSO4|NiSO4\.7|LiI|BaI2)/

/** Hydrates that are blown up by their own water as they dry. Source: Vogel, action of heat (burnt alum). */
const SWELL = /^(K|Na|NH4)Al\(SO4\)2\.12/

const hydrates: readonly DryReaction[] = [...DRY_PHASES.keys()].flatMap((id) => {
  const { anhydrous, water } = withoutWater(id)
  if (water === 0) return []
  const special = SPECIAL_HYDRATES[id]
  const shows: readonly DrySign[] = [...(MELT_IN_WATER.test(id) ? (['melts'] as const) : []), ...(SWELL.test(id) ? (['swells'] as const) : [])]
  return special ? [special] : [reaction(`${id} -> ${anhydrous} + H2O`, 105, shows.length > 0 ? { shows } : {})]
})

const BASES = ['NaOH', 'Ca(OH)2'] as const
/** An ammonium salt ground with a base: what each makes with sodium and with calcium. */
const AMMONIUM: readonly (readonly [salt: string, withSodium: string, withCalcium: string])[] = [
  ['NH4Cl', 'NaCl', 'CaCl2'],
  ['NH4Br', 'NaBr', 'CaBr2'],
  ['NH4NO3', 'NaNO3', 'Ca(NO3)2'],
  ['(NH4)2SO4', 'Na2SO4', 'CaSO4'],
]
const withBases = AMMONIUM.flatMap(([salt, sodium, calcium]) =>
  BASES.map((base) => reaction(`${salt} + ${base} -> ${base === 'NaOH' ? sodium : calcium} + NH3 + H2O`, 60)),
)

/** The same with carbonates: the fizz is carbon dioxide. */
const withCarbonates = AMMONIUM.flatMap(([salt, sodium, calcium]) => [
  reaction(`${salt} + Na2CO3 -> ${sodium} + NH3 + CO2 + H2O`, 80),
  reaction(`${salt} + NaHCO3 -> ${sodium} + NH3 + CO2 + H2O`, 80),
  reaction(`${salt} + CaCO3 -> ${calcium} + NH3 + CO2 + H2O`, 320),
])

/** Acid sulfates melt and drive weaker and volatile acids out of their salts, as sulfuric acid would. */
const DRIVEN_OUT: readonly (readonly [anion: string, gases: string, above_C: number])[] = [
  ['2CO3', 'CO2 + H2O', 120],
  ['HCO3', 'CO2 + H2O', 100],
  ['2SO3', 'SO2 + H2O', 150],
  ['2S', 'H2S', 120],
  ['NO2', 'NO2 + NO + H2O', 150],
  ['CH3COO', 'CH3COOH', 180],
  ['Cl', 'HCl', 200],
  ['F', 'HF', 200],
  ['NO3', 'NO2 + O2 + H2O', 250],
]
const withAcidSulfates = (['Na', 'K'] as const).flatMap((alkali) =>
  DRIVEN_OUT.flatMap(([anion, gases, above_C]) => {
    const salt = anion.startsWith('2') ? `${alkali}2${anion.slice(1)}` : `${alkali}${anion}`
    return dryPhase(salt) ? [reaction(`${salt} + ${alkali}HSO4 -> ${alkali}2SO4 + ${gases}`, above_C, { source: 'vogel7' })] : []
  }),
)
/** Oxidised by manganese dioxide in the same melt, halides give the free halogens. */
const withAcidSulfateAndDioxide = (['Na', 'K'] as const).flatMap((alkali) =>
  (['Cl', 'Br', 'I'] as const).map((halide) =>
    reaction(`${alkali}${halide} + MnO2 + ${alkali}HSO4 -> MnSO4 + ${alkali}2SO4 + ${halide}2 + H2O`, halide === 'I' ? 120 : 180, {
      source: 'vogel7',
    }),
  ),
)

/** Salts of heavy metals fused with soda: the oxide, and the sodium salt. */
const WITH_SODA: readonly DryReaction[] = (
  [
    ['CrCl3', 'Cr2O3', 'NaCl'],
    ['Cr2(SO4)3', 'Cr2O3', 'Na2SO4'],
    ['MnCl2', '', 'NaCl'],
    ['MnSO4', '', 'Na2SO4'],
    ['ZnCl2', 'ZnO', 'NaCl'],
    ['ZnSO4', 'ZnO', 'Na2SO4'],
    ['PbSO4', 'PbO', 'Na2SO4'],
    ['PbCl2', 'PbO', 'NaCl'],
    ['BaSO4', 'BaCO3', 'Na2SO4'],
    ['SrSO4', 'SrCO3', 'Na2SO4'],
  ] as const
).map(([salt, oxide, sodium]) => {
  const carbonate = oxide.endsWith('CO3')
  if (oxide === '') return reaction(`${salt} + Na2CO3 -> MnCO3 + ${sodium}`, 300, { source: 'vogel7' })
  return reaction(`${salt} + Na2CO3 -> ${oxide} + ${sodium}${carbonate ? '' : ' + CO2'}`, carbonate ? 800 : 400, { source: 'vogel7' })
})

const acetone = (salt: string, left: string, at: number, more: Partial<DryReaction> = {}): DryReaction =>
  reaction(`${salt} -> ${left} + C3H6O${left.includes('CO3') ? '' : ' + CO2'}`, at, more)
const nitrate = (salt: string, oxide: string, at: number, more: Partial<DryReaction> = {}): DryReaction =>
  reaction(`${salt} -> ${oxide} + NO2 + O2`, at, more)

/** Every reaction of hot solids that is known here. Temperatures: CRC Handbook ("decomposes at"), the lower end where it gives a range. */
export const DRY_REACTIONS: readonly DryReaction[] = [
  ...hydrates,
  ...withBases,
  ...withCarbonates,
  ...withAcidSulfateAndDioxide,
  ...withAcidSulfates,
  ...WITH_SODA,
  // Carbonates and hydroxides
  reaction('Ag2CO3 -> Ag2O + CO2', 200),
  reaction('Ag2O -> Ag + O2', 290),
  reaction('CdCO3 -> CdO + CO2', 350),
  reaction('CoCO3 + O2 -> Co3O4 + CO2', 350),
  reaction('Cu2CO3(OH)2 -> CuO + CO2 + H2O', 200),
  reaction('MnCO3 + O2 -> Mn3O4 + CO2', 350),
  reaction('NiCO3 -> NiO + CO2', 350),
  reaction('Pb3(CO3)2(OH)2 -> PbO + CO2 + H2O', 250),
  reaction('Zn5(CO3)2(OH)6 -> ZnO + CO2 + H2O', 250),
  reaction('Mg5(CO3)4(OH)2 -> MgO + CO2 + H2O', 350),
  reaction('CaCO3 -> CaO + CO2', 825),
  reaction('NaHCO3 -> Na2CO3 + CO2 + H2O', 110),
  reaction('KHCO3 -> K2CO3 + CO2 + H2O', 130),
  reaction('NH4HCO3 -> NH3 + CO2 + H2O', 45),
  reaction('Ca(OH)2 -> CaO + H2O', 520),
  reaction('Ba(OH)2 -> BaO + H2O', 800),
  reaction('HgO -> Hg + O2', 480),
  reaction('PbO2 -> PbO + O2', 290),
  reaction('MnO2 -> Mn3O4 + O2', 540),
  // Nitrates and nitrites
  reaction('AgNO3 -> Ag + NO2 + O2', 440),
  reaction('AgNO2 -> Ag + NO2', 140),
  nitrate('Al(NO3)3', 'Al2O3', 150),
  nitrate('Ba(NO3)2', 'BaO', 600, { shows: ['crackles'] }),
  nitrate('Bi(NO3)3', 'Bi2O3', 250),
  reaction('BiONO3 -> Bi2O3 + NO2 + O2', 350),
  nitrate('Ca(NO3)2', 'CaO', 560),
  nitrate('Sr(NO3)2', 'SrO', 570, { shows: ['crackles'] }),
  nitrate('Cd(NO3)2', 'CdO', 350),
  reaction('Co(NO3)2 -> Co3O4 + NO2 + O2', 180),
  nitrate('Cr(NO3)3', 'Cr2O3', 150),
  nitrate('Cu(NO3)2', 'CuO', 200),
  nitrate('Fe(NO3)3', 'Fe2O3', 140),
  nitrate('Hg(NO3)2', 'HgO', 150),
  reaction('Hg2(NO3)2 -> HgO + NO2', 110),
  nitrate('Mg(NO3)2', 'MgO', 330),
  reaction('Mn(NO3)2 -> MnO2 + NO2', 150),
  nitrate('Ni(NO3)2', 'NiO', 220),
  nitrate('Pb(NO3)2', 'PbO', 470, { shows: ['crackles'] }),
  nitrate('Zn(NO3)2', 'ZnO', 350),
  reaction('KNO3 -> KNO2 + O2', 450),
  reaction('NaNO3 -> NaNO2 + O2', 430),
  reaction('LiNO3 -> Li2O + NO2 + O2', 600),
  reaction('NH4NO3 -> N2O + H2O', 210),
  // Sulfates
  reaction('Al2(SO4)3 -> Al2O3 + SO3', 770),
  reaction('3 CoSO4 -> Co3O4 + 2 SO3 + SO2', 735),
  reaction('Cr2(SO4)3 -> Cr2O3 + SO3', 650),
  reaction('CuSO4 -> CuO + SO3', 650),
  reaction('Fe2(SO4)3 -> Fe2O3 + SO3', 500),
  reaction('FeSO4 -> Fe2O3 + SO2 + SO3', 480),
  reaction('HgSO4 -> Hg + SO2 + O2', 500),
  reaction('3 MnSO4 -> Mn3O4 + 2 SO3 + SO2', 850),
  reaction('NiSO4 -> NiO + SO3', 840),
  reaction('SnSO4 -> SnO2 + SO2', 380),
  reaction('ZnSO4 -> ZnO + SO3', 700),
  reaction('NaHSO4 -> Na2S2O7 + H2O', 280),
  reaction('Na2S2O7 -> Na2SO4 + SO3', 460),
  reaction('KHSO4 -> K2S2O7 + H2O', 280),
  reaction('K2S2O7 -> K2SO4 + SO3', 480),
  reaction('(NH4)2SO4 -> NH4HSO4 + NH3', 235),
  reaction('3 NH4HSO4 -> NH3 + N2 + 3 SO2 + 6 H2O', 360),
  reaction('KAl(SO4)2 -> K2SO4 + Al2O3 + SO3', 700),
  reaction('NaAl(SO4)2 -> Na2SO4 + Al2O3 + SO3', 700),
  reaction('KCr(SO4)2 -> K2SO4 + Cr2O3 + SO3', 700),
  reaction('NH4Al(SO4)2 -> Al2(SO4)3 + (NH4)2SO4', 200, { shows: ['swells'] }),
  reaction('NH4Fe(SO4)2 -> Fe2(SO4)3 + (NH4)2SO4', 230),
  ...['Cu', 'Fe', 'Mg', 'Ni', 'Zn'].map((m) => reaction(`(NH4)2${m}(SO4)2 -> ${m}SO4 + (NH4)2SO4`, 200)),
  reaction('(NH4)2CuCl4 -> CuCl2 + NH4Cl', 150),
  // Sulfites, thiosulfates, sulfides
  reaction('NaHSO3 -> Na2SO3 + SO2 + H2O', 90),
  reaction('Na2SO3 -> Na2SO4 + Na2S', 600),
  reaction('K2SO3 -> K2SO4 + K2S', 600),
  reaction('CaSO3 -> CaO + SO2', 650),
  reaction('BaSO3 -> BaSO4 + BaS', 600),
  reaction('Na2S2O3 -> Na2SO4 + Na2S5', 330),
  reaction('(NH4)2S2O3 -> NH3 + SO2 + S + H2O', 150),
  reaction('CuS -> Cu2S + S', 230),
  reaction('Cu2S + O2 -> CuO + SO2', 500),
  reaction('FeS + O2 -> Fe2O3 + SO2', 500),
  reaction('PbS + O2 -> PbO + SO2', 600),
  reaction('MnS + O2 -> Mn3O4 + SO2', 500),
  reaction('Sb2S3 + O2 -> Sb2O3 + SO2', 450),
  reaction('S + O2 -> SO2', 400),
  // Halides
  reaction('MgOHCl -> MgO + HCl', 450),
  reaction('CuCl2 -> CuCl + Cl2', 500),
  reaction('CuBr2 -> CuBr + Br2', 300),
  reaction('NH4F -> NH3 + HF', 110),
  // Chlorates, permanganate, chromates
  // Melted thiocyanates darken and burn at red heat: sulfur dioxide, and sulfate is left.
  reaction('4 KSCN + 10 O2 -> 2 K2SO4 + 2 SO2 + 4 CO2 + 2 N2', 450, { shows: ['chars'], source: 'vogel7' }),
  reaction('4 NaSCN + 10 O2 -> 2 Na2SO4 + 2 SO2 + 4 CO2 + 2 N2', 450, { shows: ['chars'], source: 'vogel7' }),
  reaction('NH4SCN + 3 O2 -> SO2 + CO2 + N2 + 2 H2O', 250, { shows: ['chars'], source: 'vogel7' }),
  reaction('KClO3 -> KCl + O2', 400),
  reaction('KClO3 -> KCl + O2', 200, { id: 'KClO3 -> KCl + O2, beside manganese dioxide', beside: 'MnO2' }),
  reaction('NaClO3 -> NaCl + O2', 330),
  reaction('KMnO4 -> K2MnO4 + MnO2 + O2', 240, { shows: ['crackles'] }),
  reaction('K2Cr2O7 -> K2CrO4 + Cr2O3 + O2', 600),
  reaction('(NH4)2Cr2O7 -> Cr2O3 + N2 + H2O', 180, { shows: ['glows', 'swells'] }),
  // Oxalates, acetates, tartrates, citrates
  reaction('Na2C2O4 -> Na2CO3 + CO', 400),
  reaction('K2C2O4 -> K2CO3 + CO', 400),
  reaction('(NH4)2C2O4 -> NH3 + CO + CO2 + H2O', 210),
  reaction('CaC2O4 -> CaCO3 + CO', 470),
  reaction('FeC2O4 -> FeO + CO + CO2', 190),
  reaction('FeO + O2 -> Fe2O3', 300, { shows: ['glows'] }),
  acetone('NaCH3COO', 'Na2CO3', 400, { shows: ['chars'] }),
  acetone('KCH3COO', 'K2CO3', 400, { shows: ['chars'] }),
  acetone('Ca(CH3COO)2', 'CaCO3', 380, { shows: ['chars'] }),
  acetone('Ba(CH3COO)2', 'BaCO3', 430, { shows: ['chars'] }),
  acetone('Mg(CH3COO)2', 'MgO', 320, { shows: ['chars'] }),
  acetone('Zn(CH3COO)2', 'ZnO', 250, { shows: ['chars'] }),
  acetone('Cd(CH3COO)2', 'CdO', 260, { shows: ['chars'] }),
  acetone('Pb(CH3COO)2', 'PbO', 280, { shows: ['chars', 'melts'] }),
  acetone('Cu(CH3COO)2', 'CuO', 220, { shows: ['chars'] }),
  acetone('Ni(CH3COO)2', 'NiO', 300, { shows: ['chars'] }),
  acetone('Hg(CH3COO)2', 'HgO', 180),
  reaction('Co(CH3COO)2 + O2 -> Co3O4 + C3H6O + CO2', 300, { shows: ['chars'] }),
  reaction('Mn(CH3COO)2 + O2 -> Mn3O4 + C3H6O + CO2', 300, { shows: ['chars'] }),
  reaction('2 AgCH3COO -> 2 Ag + CH3COOH + CO2 + C + H2', 220, { shows: ['chars'] }),
  reaction('NH4CH3COO -> NH3 + CH3COOH', 120),
  reaction('2 Na3C6H5O7 -> 3 Na2CO3 + 9 C + 5 H2O', 300, { shows: ['chars', 'swells', 'burnt sugar'] }),
  reaction('2 KNaC4H4O6 -> K2CO3 + Na2CO3 + 2 CO + 4 C + 4 H2O', 220, { shows: ['chars', 'swells', 'burnt sugar'] }),
  reaction('2 KHC4H4O6 -> K2CO3 + 4 CO + 3 C + 5 H2O', 230, { shows: ['chars', 'swells', 'burnt sugar'] }),
  // Phosphates, arsenates
  reaction('Na2HPO4 -> Na4P2O7 + H2O', 250),
  reaction('NaH2PO4 -> NaPO3 + H2O', 250),
  reaction('KH2PO4 -> KPO3 + H2O', 250),
  reaction('CaHPO4 -> Ca2P2O7 + H2O', 430),
  reaction('MgNH4PO4 -> Mg2P2O7 + NH3 + H2O', 250),
  reaction('(NH4)2HPO4 -> NH4H2PO4 + NH3', 155),
  reaction('NH4H2PO4 -> HPO3 + NH3 + H2O', 200),
  reaction('NaNH4HPO4 -> NaH2PO4 + NH3', 120, { shows: ['swells'] }),
  reaction('Na2HAsO4 -> Na4As2O7 + H2O', 250),
  reaction('KH2AsO4 -> KAsO3 + H2O', 250),
  // Complex cyanides
  reaction('K4Fe(CN)6 -> KCN + Fe + C + N2', 640),
  reaction('Na4Fe(CN)6 -> NaCN + Fe + C + N2', 560),
  reaction('2 K3Fe(CN)6 -> 6 KCN + 2 Fe + 6 C + 3 N2', 400, { shows: ['crackles'] }),
  // Fusion with soda and an oxidant
  reaction('Cr2O3 + KNO3 + Na2CO3 -> Na2CrO4 + KNO2 + CO2', 420, { source: 'vogel7' }),
  reaction('MnO2 + KNO3 + Na2CO3 -> Na2MnO4 + KNO2 + CO2', 420, { source: 'vogel7' }),
  reaction('Mn3O4 + KNO3 + Na2CO3 -> Na2MnO4 + KNO2 + CO2', 425, { source: 'vogel7' }),
  reaction('MnCO3 + KNO3 + Na2CO3 -> Na2MnO4 + KNO2 + CO2', 340, { source: 'vogel7' }),
  reaction('Cr2O3 + KClO3 + Na2CO3 -> Na2CrO4 + KCl + CO2', 350, { source: 'vogel7' }),
  reaction('MnO2 + KClO3 + Na2CO3 -> Na2MnO4 + KCl + CO2', 350, { source: 'vogel7' }),
  ...DEFINED_IONS.flatMap((ion) => ion.dry ?? []).map(([text, above_C, more]) => reaction(text, above_C, more)),
]

/** What copper(II) oxide does to the carbon and the hydrogen of an organic compound at red heat. */
export const COMBUSTION: readonly DryReaction[] = [
  reaction('CuO + C -> Cu + CO2', 600, { source: 'vogel-organic' }),
  reaction('CuO + H2 -> Cu + H2O', 600, { source: 'vogel-organic' }),
]

/** A dry reaction as an equation. */
export function dryEquation({ takes, gives }: DryReaction): string {
  const coefficients = new Map<string, number>()
  for (const [f, n] of takes) coefficients.set(f, (coefficients.get(f) ?? 0) - n)
  for (const [f, n] of gives) coefficients.set(f, (coefficients.get(f) ?? 0) + n)
  return writeEquation(coefficients)
}
