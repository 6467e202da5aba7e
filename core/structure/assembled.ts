/** Small molecules put together of a skeleton and groups, as SMILES: what an unlisted compound with some set of groups would be like. */

/** Where a group goes into a skeleton. */
const PLACE = '*'

/** Skeletons with one place: chains by the kind of carbon, short and long; near a ring or a double bond; rings themselves. */
const ONE = [
  ...['CCCC*', 'CCC(C)*', 'CC(C)(C)*', 'CCC(C)(C)*', 'CCCC(C)(C)*', 'CC1(CCCC1)*', 'CCCCCCCCCCCC*', 'C1CCCCC1*'],
  ...['c1ccccc1C*', 'Cc1ccc(cc1)C*', 'Cc1ccc(cc1)C(C)(C)*', 'c1ccccc1C(C)*', 'c1ccccc1CC*', 'C=CC*', 'CC=CC*'],
  ...['c1ccccc1*', 'Cc1ccc(cc1)*', 'Cc1cccc(c1)*', 'c1ccc2cc(ccc2c1)*'],
  ...['c1ccnc(c1)*', 'c1cncc(c1)*', 'c1ccoc1*', 'c1ccsc1*', 'Cc1ccc(o1)*', 'Cc1ccc(s1)*'],
]
/** Skeletons with two places, for every pair of groups. */
const TWO = [
  'c1c(*)ccc(c1)*',
  'c1ccc(*)c(c1)*',
  'c1c(*)cc(cc1)*',
  'c1c(*)c(C)cc(c1)*',
  'Cc1ccc(*)c(c1)*',
  'Cc1cc(*)cc(c1)*',
  'CC(*)CC*',
  'CCC(*)C*',
  'C(*)C*',
  'C(*)CC*',
  'C(*)c1ccccc1*',
  'CCCCCCCC(*)CCCCCCC(C)*',
]
/** A skeleton for pairs of groups that are seldom met together, and those of rings and chains where one of the two is common. */
const SELDOM = 'C(*)CCC*'
const ONE_COMMON = [...TWO.slice(0, 2), 'c1c(*)cc(cc1)*', 'C(*)CC*']
/** Skeletons with three. */
const THREE = ['c1c(*)cc(*)c(c1)*', 'C(*)C(*)C*']

/** One for two halogens ortho and para to a group, where bromine and chlorine put them. */
const TWICE = 'c1c(*)cc(*)c(c1)*'

/** A group by the text of its molecule from the atom it is bound by. */
interface Piece {
  readonly smiles: string
  /** What it cannot stand beside in one bottle: the two would react. */
  readonly side?: 'acylating' | 'acid' | 'nucleophile' | 'oxidant'
  /** Whether it is common enough to be looked for two or three at a time. */
  readonly common?: true
}

const PIECES: readonly Piece[] = [
  { smiles: 'O', side: 'nucleophile', common: true },
  { smiles: 'CO', side: 'nucleophile' },
  { smiles: 'C(C)O', side: 'nucleophile' },
  { smiles: 'OC', common: true },
  { smiles: 'C(OC)OC' },
  { smiles: 'C=O', common: true },
  { smiles: 'C(C)=O', common: true },
  { smiles: 'C(=O)c1ccccc1' },
  { smiles: 'C(=O)C(=O)c1ccccc1' },
  { smiles: 'C(=O)C(O)c1ccccc1' },
  { smiles: 'C(=O)CC(C)=O' },
  { smiles: 'C(=O)O', side: 'acid', common: true },
  { smiles: 'CC(=O)O', side: 'acid' },
  { smiles: 'C(=O)OC', common: true },
  { smiles: 'C(=O)OCC' },
  { smiles: 'OC(C)=O', common: true },
  { smiles: 'C(=O)Oc1ccccc1' },
  { smiles: 'C(=O)OC(C)=O', side: 'acylating' },
  { smiles: 'C(=O)Cl', side: 'acylating' },
  { smiles: 'S(=O)(=O)Cl', side: 'acylating' },
  { smiles: 'C(N)=O', common: true },
  { smiles: 'C(=O)NC' },
  { smiles: 'C(=O)N(C)C' },
  { smiles: 'NC(C)=O', common: true },
  { smiles: 'NC(=O)c1ccccc1' },
  { smiles: 'N(C)C(C)=O' },
  { smiles: 'NC(N)=O' },
  { smiles: 'NC(N)=S' },
  { smiles: 'NC(=S)Nc1ccccc1' },
  { smiles: 'C(N)=S' },
  { smiles: 'C#N', common: true },
  { smiles: 'N', side: 'nucleophile', common: true },
  { smiles: 'NC', side: 'nucleophile' },
  { smiles: 'N(C)C' },
  { smiles: 'Nc1ccccc1', side: 'nucleophile' },
  { smiles: 'C(N)C(=O)O' },
  { smiles: 'NN', side: 'nucleophile' },
  { smiles: 'C=NO' },
  { smiles: 'C(C)=NO' },
  { smiles: 'C(=O)CCl' },
  { smiles: 'C(=O)CBr' },
  { smiles: 'C(O)C(=O)O', side: 'acid' },
  { smiles: 'CC(=O)OC' },
  { smiles: '[N+](=O)[O-]', side: 'oxidant', common: true },
  { smiles: 'N=O', side: 'oxidant' },
  { smiles: 'N=Nc1ccccc1' },
  { smiles: 'F' },
  { smiles: 'Cl', common: true },
  { smiles: 'Br', common: true },
  { smiles: 'I', common: true },
  { smiles: 'CCl' },
  { smiles: 'CBr' },
  { smiles: 'C(Cl)Cl' },
  { smiles: 'C=C', common: true },
  { smiles: 'C=Cc1ccccc1' },
  { smiles: 'C=CC=O' },
  { smiles: 'C=CC(C)=O' },
  { smiles: 'C=CC(=O)O', side: 'acid' },
  { smiles: 'C=CCl' },
  { smiles: 'C#C' },
  { smiles: 'S', side: 'nucleophile', common: true },
  { smiles: 'SC' },
  { smiles: 'SSC' },
  { smiles: 'S(C)=O' },
  { smiles: 'S(C)(=O)=O' },
  { smiles: 'S(=O)(=O)O', side: 'acid' },
  { smiles: 'S(N)(=O)=O' },
  { smiles: 'S(=O)(=O)NC' },
  { smiles: 'OP(=O)(OC)OC' },
  { smiles: 'P(c1ccccc1)c1ccccc1' },
]

/** Those that no skeleton with places makes. */
const WHOLE = [
  'CCCCCC',
  'CCCCCCCCCCCC',
  'C1CCCCC1',
  'c1ccccc1',
  'Cc1ccc(C)cc1',
  'c1ccc2ccccc2c1',
  'c1ccc(cc1)Cc1ccccc1',
  'CCCCC=CC',
  'C1CCC=CC1',
  'CCCC#CC',
  'CCCCOCCCC',
  'C1CCOC1',
  'O=C1CCCCC1',
  'O=C1CCC(=O)CC1',
  'CC(=O)CCC(C)=O',
  'CCC(=O)C(=O)CC',
  'CCC(=O)C(O)CC',
  'O=C1C=CC(=O)C=C1',
  'CC1=CC(=O)C(C)=CC1=O',
  'CC1=CC(=O)C=CC1=O',
  'O=C1C=CC(=O)c2ccccc12',
  'O=C1CCCO1',
  'O=C1OC(=O)c2ccccc12',
  'CCCC(=O)OC(=O)CCC',
  'CC1=CC(=O)OC1=O',
  'O=C1CCC(=O)N1',
  'O=C1CCCC(=O)N1',
  'O=C1NC(=O)c2cc(C)ccc12',
  'O=C1NS(=O)(=O)c2ccccc12',
  'CC1(C)NC(=O)NC1=O',
  'CCNC(=O)NCC',
  'CCNC(=S)NCC',
  'C1CCNCC1',
  'C1CCCN1C',
  'C1COCCN1',
  'CCNCC',
  'CCN(CC)CC',
  'c1ccc2[nH]ccc2c1',
  'c1cc[nH]c1',
  'c1ccc2ncccc2c1',
  'C1CCSC1',
  'CCCSCCC',
  'CCCSSCCC',
  'CCS(=O)CC',
  'CCS(=O)(=O)CC',
  'OCC1OC(O)C(O)C(O)C1O',
  'OCC1(O)OCC(O)C(O)C1O',
  'OCC1OC(OC2C(O)C(O)C(O)OC2CO)C(O)C(O)C1O',
  'OCC1OC(OC2(CO)OC(CO)C(O)C2O)C(O)C(O)C1O',
  'CC(O)C1OC(=O)C(O)=C1O',
  'OCC(O)C(O)C1OC(=O)C(O)=C1O',
  'OCC1OC(OC2OC(CO)C(O)C(O)C2O)C(O)C(O)C1O',
  'OCC1OC(OCC2OC(OC3(CO)OC(CO)C(O)C3O)C(O)C(O)C2O)C(O)C(O)C1O',
  'OCC(O)C(O)CO',
  'OCC(O)C(O)C(O)CO',
  'CC1OCCO1',
  'COCOC',
  'CCOC(C)OCC',
  'ICI',
  'CC(I)I',
  'CC(Br)Br',
  'OC(O)C(Br)(Br)Br',
  'ClC(Cl)C(Cl)Cl',
  'CC(Cl)C(=O)O',
  'CC(Cl)(Cl)C(=O)O',
  'OC(=O)C(Cl)Cl',
  'CC(C)(O)C(=O)O',
  'CC(O)(CC(=O)O)C(=O)O',
  'CNC=O',
  'CCC(=O)N',
  'CCP(=O)(OCC)OCC',
  'Cc1ccc(cc1)OP(=O)(Oc1ccc(C)cc1)Oc1ccc(C)cc1',
  'Cc1ccc2ncccc2c1',
  'c1ccc2cnccc2c1',
  'CC(Br)C(=O)O',
  'CCC(Cl)C(=O)OC',
  'CCOC(=O)CC(=O)CC',
  'Cc1cc(c(O)c(c1)[N+](=O)[O-])[N+](=O)[O-]',
  'Cc1cc(cc(c1O)[N+](=O)[O-])[N+](=O)[O-]',
  'CCC(Br)C(=O)OC',
  'BrCC(=O)OC(C)C',
  'CC(Cl)C(=O)OCC',
  'CC[NH3+].[Cl-]',
  'CCCCCC[NH3+].[Cl-]',
  'CC[NH+](CC)CC.[Cl-]',
  'Cc1ccc(cc1)[NH3+].[Cl-]',
  'CCC(=O)[O-].[NH4+]',
  'Cc1ccc(cc1)C(=O)[O-].[NH4+]',
  'CCC(=O)[O-].[Na+]',
  'Cc1ccc(cc1)C(=O)[O-].[Na+]',
  'Oc1ccccc1C(=O)[O-].[Na+]',
  'Oc1ccc(cc1)C(=O)[O-].[Na+]',
  'Nc1ccc(cc1)C(=O)[O-].[Na+]',
  'Clc1ccc(cc1)C(=O)[O-].[Na+]',
  'NCC(=O)[O-].[Na+]',
  'CC(O)C(=O)[O-].[Na+]',
  'CCC=CC(=O)[O-].[Na+]',
  'CCC(=O)[O-].[K+]',
  'OC(=O)CCC(=O)[O-].[K+]',
  'OC(=O)CCC(=O)[O-].[Na+]',
  'OC(=O)c1cccc(c1)C(=O)[O-].[K+]',
  'OC(=O)c1cccc(c1)C(=O)[O-].[Na+]',
  'Cc1ccc(cc1)C(=O)[O-].[K+]',
  'Cc1ccc(cc1)S(=O)(=O)[O-].[Na+]',
  'OC(=O)CC[NH3+].[Cl-]',
  'CC(C(=O)O)[NH3+].[Cl-]',
  'CCOC(=O)C[NH3+].[Cl-]',
  'Oc1ccc(cc1)[NH3+].[Cl-]',
  'OCC[NH3+].[Cl-]',
  '[NH3+]CC[NH3+].[Cl-].[Cl-]',
  'NC(N)=[NH2+].[Cl-]',
  'CC(N)C(=O)O',
  'CC(O)C(N)C(=O)O',
  'O=C(O)C1CCNC1',
  'NC(CCS)C(=O)O',
  'NC(CCC(=O)O)C(=O)O',
  'NC(Cc1c[nH]c2ccccc12)C(=O)O',
  'c1ccc(cc1)C(O)(c1ccccc1)c1ccccc1',
  'CC(C)(O)c1ccccc1',
  'CC(O)(C(=O)O)c1ccccc1',
  'c1ccc2c(c1)[nH]c1ccc(C)cc12',
  // Homologues of those whose kind has few members.
  'CCc1ccc(C)cc1',
  'Cc1cccc2ccccc12',
  'Cc1ccc(cc1)Cc1ccccc1',
  'CC1CCC=CC1',
  'CCCCCOCCCCC',
  'CC1CCCO1',
  'CC1CCCCC1=O',
  'CC1=CC(=O)c2ccccc2C1=O',
  'Cc1ccc2C(=O)c3ccccc3C(=O)c2c1',
  'CC1CCC(=O)O1',
  'Cc1ccc2OC(=O)C=Cc2c1',
  'O=C1CCc2ccccc2O1',
  'Cc1ccc2C(=O)OC(=O)c2c1',
  'CC1CC(=O)NC1=O',
  'Cc1ccc2C(=O)NS(=O)(=O)c2c1',
  'CC1CCNCC1',
  'CC1COCCN1',
  'Cc1c[nH]c2ccccc12',
  'Cc1ccc2[nH]ccc2c1',
  'Cc1ccc(C)[nH]1',
  'CC1CCCS1',
  'OCC1OC(O)C(O)C1O',
  'CC1OC(O)C(O)C(O)C1O',
  'CCC(C)(O)c1ccccc1',
  'CNC(N)=[NH2+].[O-][N+]([O-])=O',
  'CCC(O)C(C)=O',
  'CC(N)C(=O)NCC(O)=O',
  'NCC(=O)NC(C)C(O)=O',
  'Oc1c(Br)cc(C)cc1Br',
  'Nc1c(Br)cc(C)cc1Br',
] as const

/** Pairs that would not keep. */
const AT_ODDS: readonly (readonly [Piece['side'], Piece['side']])[] = [
  ['acylating', 'nucleophile'],
  ['acylating', 'acid'],
]
const apart = (a: Piece, b: Piece): boolean =>
  AT_ODDS.some(([x, y]) => (a.side === x && b.side === y) || (a.side === y && b.side === x)) || (a.smiles === 'N=O' && b.side === 'nucleophile')

/** A skeleton with groups in its places; ring closures of a piece are numbered apart from the skeleton's. */
function placed(skeleton: string, pieces: readonly Piece[]): string {
  let text = skeleton
  for (const { smiles } of pieces) text = text.replace(PLACE, `(${smiles.replaceAll('1', '9')})`)
  return text
}

const COMMON = PIECES.filter((p) => p.common)
const HALOGENS = PIECES.filter((p) => ['Cl', 'Br', 'I'].includes(p.smiles))
/** Of those that are not common, the ones met on a chain beside another. */
const SELDOM_PIECES = PIECES.filter((p) => !p.common && !p.smiles.includes('c'))
const keeps = (pieces: readonly Piece[]): boolean => pieces.every((a, i) => pieces.slice(i + 1).every((b) => !apart(a, b)))
/** Every choice of so many, in any order but one. */
function chosen(n: number, among: readonly Piece[]): readonly (readonly Piece[])[] {
  if (n === 0) return [[]]
  return among.flatMap((first, k) => chosen(n - 1, among.slice(k)).map((rest) => [first, ...rest]))
}
const onto = (skeletons: readonly string[], sets: readonly (readonly Piece[])[]): readonly string[] =>
  sets.filter(keeps).flatMap((pieces) => skeletons.map((skeleton) => placed(skeleton, pieces)))

/** Molecules with one, two or three groups, each once. */
export const ASSEMBLED: readonly string[] = [
  ...new Set([
    ...WHOLE,
    ...onto(
      ONE,
      PIECES.map((p) => [p]),
    ),
    ...onto(TWO, chosen(2, COMMON)),
    ...onto(
      ONE_COMMON,
      PIECES.filter((p) => !p.common).flatMap((p) => COMMON.map((c) => [p, c])),
    ),
    ...onto([SELDOM], chosen(2, SELDOM_PIECES)),
    ...onto(THREE, chosen(3, COMMON.slice(0, 9))),
    ...onto(
      [TWICE],
      HALOGENS.flatMap((x) => COMMON.map((c) => [x, x, c])),
    ),
  ]),
]
