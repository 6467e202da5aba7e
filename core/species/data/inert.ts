import type { Habit, InertData, SolventData } from '../types'

const POISON_METAL = 'Collect the residue: no heavy metal goes down the sink.'
const element = (formula: string, name: string, aliases: readonly string[], habit: Habit, hex: string, words: string, caution = ''): InertData => ({
  formula,
  name,
  aliases: [formula, name, ...aliases],
  habit,
  colour: { hex, words, source: 'vogel7' },
  caution,
})

/** Solids that only oxidation or reduction touches: they stand in the tube beside the equilibrium. */
export const inertSolids: readonly InertData[] = [
  element('Cu', 'copper', ['copper turnings', 'copper foil'], 'granular', '#a9603a', 'copper-red'),
  element('Zn', 'zinc', ['zinc dust', 'zinc granules'], 'granular', '#8d9094', 'grey', 'Zinc with acid or alkali gives hydrogen: no flame near.'),
  element('Mg', 'magnesium', ['magnesium ribbon'], 'granular', '#a4a7a9', 'grey', 'Magnesium with acid gives hydrogen: no flame near.'),
  element('Fe', 'iron', ['iron wire', 'iron nail', 'iron filings'], 'granular', '#55575a', 'grey'),
  element('Al', 'aluminium', ['aluminium foil', 'aluminum', 'Devarda alloy', "Devarda's alloy", 'aluminium powder'], 'granular', '#b0b3b5', 'grey', 'Aluminium with alkali gives hydrogen: no flame near.'),
  element('Sn', 'tin', ['tin foil'], 'granular', '#6e7073', 'grey'),
  element('Pb', 'lead metal', [], 'flocculent', '#4a4b4e', 'grey', POISON_METAL),
  element('Cd', 'cadmium metal', [], 'flocculent', '#6a6c70', 'grey', POISON_METAL),
  element('Ni', 'nickel metal', [], 'powdery', '#4c4b49', 'grey'),
  element('Co', 'cobalt metal', [], 'powdery', '#4b4b4e', 'grey'),
  element('Hg', 'mercury', [], 'powdery', '#3a3a3c', 'grey to black', POISON_METAL),
  element('Ag', 'silver metal', [], 'flocculent', '#77787a', 'grey'),
  element('Bi', 'bismuth metal', [], 'powdery', '#1e1d1e', 'black'),
  element('Sb', 'antimony metal', [], 'powdery', '#232325', 'black', POISON_METAL),
  element('As', 'arsenic', [], 'powdery', '#2b2724', 'brown-black', POISON_METAL),
  element('C', 'charcoal', ['carbon'], 'powdery', '#1a1918', 'black'),
  element('S', 'sulfur', [], 'turbid', '#efeccb', 'yellowish white'),
  element('MnO2', 'manganese dioxide', ['manganese(IV) oxide'], 'flocculent', '#33241d', 'brown-black'),
  element('NiOOH', 'nickel(III) oxide hydroxide', ['black nickel oxide'], 'flocculent', '#26231f', 'black', POISON_METAL),
  element('PbO2', 'lead dioxide', ['lead(IV) oxide'], 'powdery', '#4a2a20', 'brown', POISON_METAL),
  element('NaBiO3', 'sodium bismuthate', [], 'powdery', '#a8742e', 'yellow-brown'),
]

/** Liquids that do not mix with water. Densities at 20 °C: CRC Handbook. */
export const solvents: readonly SolventData[] = [
  { id: 'diethyl-ether', name: 'diethyl ether', formula: 'C4H10O', aliases: ['ether'], family: 'ether', density: 0.71, caution: 'Ether: no flame anywhere near; ethyl acetate or pentanol serves as well.' },
  { id: 'ethyl-acetate', name: 'ethyl acetate', formula: 'C4H8O2', aliases: [], family: 'ether', density: 0.9, caution: 'Ethyl acetate is flammable.' },
  { id: 'pentanol', name: 'pentanol', formula: 'C5H12O', aliases: ['amyl alcohol', 'pentan-1-ol', '3-methylbutan-1-ol'], family: 'alcohol', density: 0.81, caution: 'Pentanol is flammable and makes one cough.' },
  { id: 'dichloromethane', name: 'dichloromethane', formula: 'CH2Cl2', aliases: ['methylene chloride'], family: 'chlorinated', density: 1.33, caution: 'Dichloromethane: in the hood; into the halogenated waste.' },
  { id: 'carbon-tetrachloride', name: 'carbon tetrachloride', formula: 'CCl4', aliases: ['tetrachloromethane'], family: 'chlorinated', density: 1.59, caution: 'Carbon tetrachloride harms the liver and is banned in most places: use dichloromethane or cyclohexane.' },
  { id: 'chloroform', name: 'chloroform', formula: 'CHCl3', aliases: ['trichloromethane'], family: 'chlorinated', density: 1.48, takesPart: true, caution: 'Chloroform is suspected of causing cancer: in the hood; into the halogenated waste.' },
  { id: 'cyclohexane', name: 'cyclohexane', formula: 'C6H12', aliases: [], family: 'hydrocarbon', density: 0.78, caution: 'Cyclohexane is flammable.' },
  { id: 'heptane', name: 'heptane', formula: 'C7H16', aliases: [], family: 'hydrocarbon', density: 0.68, caution: 'Heptane is flammable.' },
  { id: 'hexane', name: 'hexane', formula: 'C6H14', aliases: [], family: 'hydrocarbon', density: 0.66, caution: 'Hexane harms the nerves: use heptane or cyclohexane.' },
]
