import { bands } from '../define'
import type { AgentData, OrganicSolvent, ReagentData, Stoichiometry } from '../types'

/** Molecules of reagents that take part in no equilibrium of the water: they are counted beside the tube's ledger. */
export const agents: readonly AgentData[] = [
  { formula: 'C6H6N4O4', name: '2,4-dinitrophenylhydrazine', spectrum: bands('vogel-organic', [355, 900, 5200]) },
  { formula: 'Ce^4+', name: 'cerium(IV)', spectrum: bands('jorgensen', [385, 90, 6000]) },
  { formula: 'Ce^3+', name: 'cerium(III)' },
  { formula: 'NH2OH', name: 'hydroxylamine' },
  { formula: 'C20H21N3SO3', name: 'fuchsin bleached by sulfur dioxide' },
  { formula: 'C10H8O', name: '2-naphthol' },
  { formula: 'C10H7OH', name: '1-naphthol' },
  { formula: 'C6H5SO2Cl', name: 'benzenesulfonyl chloride' },
  { formula: 'CHCl3', name: 'chloroform' },
  { formula: 'AlCl3', name: 'aluminium chloride, dry' },
  { formula: 'CH3I', name: 'iodomethane' },
  { formula: 'C8H4O3', name: 'phthalic anhydride' },
  { formula: 'C6H8N2', name: 'phenylhydrazine' },
  { formula: 'C9H6O4', name: 'ninhydrin' },
  { formula: 'C9H11NO', name: '4-dimethylaminobenzaldehyde' },
  { formula: 'NaI', name: 'sodium iodide in acetone' },
  { formula: 'NaCl', name: 'sodium chloride out of acetone' },
  { formula: 'NaBr', name: 'sodium bromide out of acetone' },
]

interface More {
  readonly agents?: Stoichiometry
  readonly solvent?: OrganicSolvent
}

/** A reagent of the organic bench in short: what a mole of it supplies to the water, what molecules besides, and the solvent where that is not water. */
function bottle(
  id: string,
  formula: string,
  aliases: readonly string[],
  supplies: Stoichiometry,
  strength: readonly [label: string, molarity: number],
  more: More,
  caution: string,
): ReagentData {
  const [label, molarity] = strength
  return { id, name: aliases[0] ?? id, formula, aliases, supplies, strengths: [{ label, molarity }], usual: label, caution, ...more }
}

/** Made as the classic manuals make them; strengths are those of the mixture poured. */
export const organicReagents: readonly ReagentData[] = [
  bottle('bromine-in-dichloromethane', 'Br2', ['bromine in dichloromethane', 'bromine in DCM', 'bromine solution'], { Br2: 1 }, ['2 %', 0.2], { solvent: 'dichloromethane' }, 'Bromine burns and its vapour harms: gloves, in the hood.'),
  bottle('silver-nitrate-in-ethanol', 'AgNO3', ['silver nitrate in ethanol', 'ethanolic silver nitrate', 'alcoholic silver nitrate'], { 'Ag^+': 1, 'NO3^-': 1 }, ['2 %', 0.12], { solvent: 'ethanol' }, 'Silver nitrate stains; do not keep it with ethanol.'),
  bottle('sodium-iodide-in-acetone', 'NaI', ['sodium iodide in acetone', 'Finkelstein reagent'], {}, ['15 %', 1], { agents: { NaI: 1 }, solvent: 'acetone' }, 'Acetone is flammable: no flame.'),
  bottle('lucas-reagent', 'ZnCl2', ['Lucas reagent', "Lucas' reagent", 'zinc chloride in concentrated hydrochloric acid'], { 'Zn^2+': 1, 'Cl^-': 2.8, 'H^+': 0.8 }, ['conc', 10], {}, 'Concentrated hydrochloric acid with zinc chloride: burns, fumes.'),
  bottle('chromic-acid', 'H2CrO4', ['chromic acid reagent', 'chromic acid', 'Jones reagent', 'Bordwell–Wellman reagent', 'dichromate in sulfuric acid'], { 'CrO4^2-': 1, 'H^+': 6, 'SO4^2-': 2 }, ['1 M', 1], {}, 'Chromium(VI) causes cancer: gloves; the waste is reduced and collected.'),
  bottle('ceric-ammonium-nitrate', '(NH4)2Ce(NO3)6', ['ceric ammonium nitrate', 'CAN', 'cerium(IV) ammonium nitrate'], { 'NH4^+': 2, 'NO3^-': 10, 'H^+': 4 }, ['20 %', 0.5], { agents: { 'Ce^4+': 1 } }, 'Ceric nitrate in nitric acid oxidises and stains.'),
  bottle('dinitrophenylhydrazine', 'C6H6N4O4', ['2,4-dinitrophenylhydrazine', '2,4-DNP', 'DNPH', "Brady's reagent", '2,4-DNPH'], { 'H^+': 60, 'SO4^2-': 30, C2H5OH: 80 }, ['3 %', 0.1], { agents: { C6H6N4O4: 1 } }, '2,4-Dinitrophenylhydrazine is harmful and may explode when dry: kept moist.'),
  bottle('tollens-reagent', 'AgN2H6', ['Tollens reagent', "Tollens' reagent", 'ammoniacal silver nitrate', 'diamminesilver'], { 'Ag^+': 1, NH3: 6, 'NO3^-': 1, 'Na^+': 0.5, 'H^+': -0.5 }, ['5 %', 0.15], {}, 'Ammoniacal silver: made when wanted, never kept, made acid at once after use: on standing it may explode.'),
  bottle('fehling-solution', 'CuC4H4O6', ['Fehling solution', "Fehling's solution", 'Fehling'], { 'Cu^2+': 1, 'SO4^2-': 1, 'C4H4O6^2-': 4, 'Na^+': 17, 'H^+': -9 }, ['0.14 M', 0.14], {}, 'Fehling’s solution is caustic: it bumps when boiled.'),
  bottle('benedict-solution', 'CuC6H5O7', ['Benedict solution', "Benedict's solution", 'Benedict'], { 'Cu^2+': 1, 'SO4^2-': 1, 'C6H5O7^3-': 8, 'CO3^2-': 13, 'Na^+': 50 }, ['0.07 M', 0.07], {}, ''),
  bottle('barfoed-reagent', 'Cu(CH3COO)2', ['Barfoed reagent', "Barfoed's reagent", 'Barfoed'], { 'Cu^2+': 1, 'CH3COO^-': 3, 'H^+': 1 }, ['6 %', 0.33], {}, ''),
  bottle('schiff-reagent', 'C20H21N3SO3', ['Schiff reagent', "Schiff's reagent", 'Schiff', 'fuchsin–aldehyde reagent'], { SO2: 20, 'H^+': 5, 'Cl^-': 5 }, ['0.1 %', 0.003], { agents: { C20H21N3SO3: 1 } }, 'Schiff’s reagent stains, and holds sulfur dioxide.'),
  bottle('sodium-hydrogensulfite', 'NaHSO3', ['sodium hydrogensulfite', 'sodium bisulfite', 'saturated sodium hydrogensulfite', 'bisulfite'], { 'Na^+': 1, 'SO3^2-': 1, 'H^+': 1 }, ['sat', 4], {}, 'Hydrogensulfite gives sulfur dioxide with acid.'),
  bottle('hydroxylamine-hydrochloride', 'NH3OHCl', ['hydroxylamine hydrochloride', 'hydroxylamine hydrochloride in ethanol'], { 'H^+': 1, 'Cl^-': 1 }, ['0.5 M', 0.5], { agents: { NH2OH: 1 }, solvent: 'ethanol' }, 'Hydroxylamine is harmful.'),
  bottle('2-naphthol-in-alkali', 'C10H8O', ['2-naphthol in alkali', 'alkaline 2-naphthol', '2-naphthol in sodium hydroxide'], { 'Na^+': 12, 'H^+': -12 }, ['5 %', 0.35], { agents: { C10H8O: 1 } }, '2-Naphthol is harmful; the liquid is caustic.'),
  bottle('1-naphthol-in-ethanol', 'C10H7OH', ['1-naphthol in ethanol', 'Molisch reagent', "Molisch's reagent", '1-naphthol'], {}, ['5 %', 0.35], { agents: { C10H7OH: 1 }, solvent: 'ethanol' }, '1-Naphthol is harmful.'),
  bottle('benzenesulfonyl-chloride', 'C6H5SO2Cl', ['benzenesulfonyl chloride', 'Hinsberg reagent'], {}, ['', 7.8], { agents: { C6H5SO2Cl: 1 }, solvent: 'oil' }, 'Benzenesulfonyl chloride burns and makes eyes water: in the hood.'),
  bottle('chloroform', 'CHCl3', ['chloroform', 'trichloromethane'], {}, ['', 12.4], { agents: { CHCl3: 1 }, solvent: 'oil' }, 'Chloroform is suspected of causing cancer: in the hood.'),
  bottle('aluminium-chloride-in-chloroform', 'AlCl3', ['aluminium chloride in chloroform', 'aluminum chloride in chloroform', 'AlCl3 in chloroform'], {}, ['7 %', 0.5], { agents: { AlCl3: 1, CHCl3: 24 }, solvent: 'dichloromethane' }, 'Dry aluminium chloride fumes and burns with water; chloroform is suspected of causing cancer: in the hood, and never with acetone and alkali.'),
  bottle('phenylhydrazine-hydrochloride', 'C6H9N2Cl', ['phenylhydrazine hydrochloride', 'phenylhydrazine hydrochloride with sodium acetate', 'phenylhydrazine'], { 'H^+': 1, 'Cl^-': 1, 'CH3COO^-': 2, 'Na^+': 2 }, ['10 %', 0.7], { agents: { C6H8N2: 1 } }, 'Phenylhydrazine is poisonous and suspected of causing cancer: gloves.'),
  bottle('ninhydrin', 'C9H6O4', ['ninhydrin'], {}, ['0.2 %', 0.011], { agents: { C9H6O4: 1 } }, 'Ninhydrin stains the skin.'),
  bottle('ehrlich-reagent', 'C9H11NO', ['4-dimethylaminobenzaldehyde', 'Ehrlich reagent', "Ehrlich's reagent"], { 'H^+': 15, 'Cl^-': 15 }, ['2 %', 0.13], { agents: { C9H11NO: 1 }, solvent: 'ethanol' }, 'Hydrochloric acid in ethanol: burns, and catches fire; no flame.'),
  bottle('hydriodic-acid', 'HI', ['hydriodic acid', 'concentrated hydriodic acid'], { 'H^+': 1, 'I^-': 1 }, ['conc', 7.6], {}, 'Hydriodic acid burns and fumes: gloves, in the hood.'),
  bottle('acetone', 'C3H6O', ['acetone'], { C3H6O: 1 }, ['', 0.000001], { solvent: 'acetone' }, 'Acetone is flammable: no flame.'),
  bottle('lead-acetate-in-ethanol', 'Pb(CH3COO)2', ['lead acetate in ethanol'], { 'Pb^2+': 1, 'CH3COO^-': 2 }, ['0.1 M', 0.1], { solvent: 'ethanol' }, 'Poisonous heavy metal: gloves, and the waste is collected.'),
]
