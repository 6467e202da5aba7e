import { beforeAll, describe, expect, test } from '@jest/globals'
import { acidsOf, basesOf, boilingPointOf, clingsToWater, COMPOUNDS, meltingPointOf, readStructuresWith, structureOf } from './index'
import { perceive } from './perceive'

beforeAll(() => readStructuresWith(perceive))

/** CRC Handbook, Dissociation Constants of Organic Acids and Bases: first pKa in water at 25 °C. */
const ACIDS: readonly (readonly [name: string, smiles: string, pKa: number])[] = [
  ['formic acid', 'OC=O', 3.75],
  ['acetic acid', 'CC(O)=O', 4.76],
  ['propanoic acid', 'CCC(O)=O', 4.87],
  ['chloroacetic acid', 'OC(=O)CCl', 2.87],
  ['trichloroacetic acid', 'OC(=O)C(Cl)(Cl)Cl', 0.66],
  ['oxalic acid', 'OC(=O)C(O)=O', 1.25],
  ['lactic acid', 'CC(O)C(O)=O', 3.86],
  ['tartaric acid', 'OC(C(O)C(O)=O)C(O)=O', 2.98],
  ['malonic acid', 'OC(=O)CC(O)=O', 2.85],
  ['adipic acid', 'OC(=O)CCCCC(O)=O', 4.41],
  ['benzoic acid', 'OC(=O)c1ccccc1', 4.2],
  ['3-nitrobenzoic acid', 'OC(=O)c1cccc(c1)[N+]([O-])=O', 3.46],
  ['salicylic acid', 'OC(=O)c1ccccc1O', 2.98],
  ['phenol', 'Oc1ccccc1', 9.99],
  ['4-methylphenol', 'Cc1ccc(O)cc1', 10.26],
  ['2-naphthol', 'Oc1ccc2ccccc2c1', 9.51],
  ['4-nitrophenol', 'Oc1ccc(cc1)[N+]([O-])=O', 7.15],
  ['2,4-dinitrophenol', 'Oc1ccc(cc1[N+]([O-])=O)[N+]([O-])=O', 4.07],
  ['picric acid', 'Oc1c(cc(cc1[N+]([O-])=O)[N+]([O-])=O)[N+]([O-])=O', 0.42],
  ['4-hydroxybenzaldehyde', 'Oc1ccc(C=O)cc1', 7.61],
  ['ethanethiol', 'CCS', 10.6],
  ['thiophenol', 'Sc1ccccc1', 6.62],
  ['succinimide', 'O=C1CCC(=O)N1', 9.62],
  ['phthalimide', 'O=C1NC(=O)c2ccccc12', 8.3],
  ['acetylacetone', 'CC(=O)CC(C)=O', 8.99],
  ['nitroethane', 'CC[N+]([O-])=O', 8.46],
  ['nitromethane', 'C[N+]([O-])=O', 10.21],
  ['ascorbic acid', 'OCC(O)C1OC(=O)C(O)=C1O', 4.04],
  ['benzenesulfonamide', 'NS(=O)(=O)c1ccccc1', 10.1],
]
/** The same of bases: pKa of what they make with a proton. */
const BASES: readonly (readonly [name: string, smiles: string, pKa: number])[] = [
  ['butylamine', 'CCCCN', 10.6],
  ['cyclohexylamine', 'NC1CCCCC1', 10.64],
  ['benzylamine', 'NCc1ccccc1', 9.33],
  ['diethylamine', 'CCNCC', 10.84],
  ['piperidine', 'C1CCNCC1', 11.12],
  ['morpholine', 'C1COCCN1', 8.5],
  ['triethylamine', 'CCN(CC)CC', 10.75],
  ['aniline', 'Nc1ccccc1', 4.6],
  ['4-methylaniline', 'Cc1ccc(N)cc1', 5.08],
  ['N-methylaniline', 'CNc1ccccc1', 4.85],
  ['N,N-dimethylaniline', 'CN(C)c1ccccc1', 5.07],
  ['4-chloroaniline', 'Nc1ccc(Cl)cc1', 3.98],
  ['2-nitroaniline', 'Nc1ccccc1[N+]([O-])=O', -0.25],
  ['3-nitroaniline', 'Nc1cccc(c1)[N+]([O-])=O', 2.46],
  ['4-nitroaniline', 'Nc1ccc(cc1)[N+]([O-])=O', 1.02],
  ['diphenylamine', 'c1ccc(cc1)Nc1ccccc1', 0.79],
  ['pyridine', 'c1ccncc1', 5.23],
  ['phenylhydrazine', 'NNc1ccccc1', 5.2],
  ['urea', 'NC(N)=O', 0.1],
]

describe('how a structure takes and gives protons', () => {
  test.each(ACIDS)('%s (%s) is about as strong an acid as it is, pKa %p', (_, smiles, pKa) => {
    expect(Math.abs((acidsOf(structureOf(smiles))[0]?.pKa ?? NaN) - pKa)).toBeLessThan(1)
  })
  test.each(BASES)('%s (%s) is about as strong a base as it is, pKa %p', (_, smiles, pKa) => {
    expect(Math.abs((basesOf(structureOf(smiles))[0]?.pKa ?? NaN) - pKa)).toBeLessThan(1)
  })
  test.each(['CCCCCC', 'CCO', 'CC(C)=O', 'CCOCC', 'CC(=O)Nc1ccccc1', 'Clc1ccccc1', 'CC#N', 'CCOC(C)=O'])('%s does neither', (smiles) => {
    expect(acidsOf(structureOf(smiles))).toEqual([])
    expect(basesOf(structureOf(smiles))).toEqual([])
  })
  test('all of a compound’s acids and bases stand in the order of their strength, each a number of groups', () => {
    for (const { smiles } of COMPOUNDS) {
      const acids = acidsOf(structureOf(smiles))
      const bases = basesOf(structureOf(smiles))
      expect(acids.map((a) => a.pKa)).toEqual(acids.map((a) => a.pKa).sort((a, b) => a - b))
      expect(bases.map((b) => b.pKa)).toEqual(bases.map((b) => b.pKa).sort((a, b) => b - a))
      for (const { n } of [...acids, ...bases]) expect(n).toBeGreaterThan(0)
    }
  })
  test('a second proton of one compound goes later than the first', () => {
    const [first, second] = acidsOf(structureOf('OC(=O)C(O)=O'))
    expect((second?.pKa ?? 0) - (first?.pKa ?? 0)).toBeGreaterThan(1)
  })
})

describe('what holds to water, and where it melts and boils', () => {
  test.each(['[Na+].CC([O-])=O', 'NCC(O)=O', 'OCC1OC(O)C(O)C(O)C1O', 'OS(=O)(=O)c1ccc(N)cc1', '[Cl-].[NH3+]c1ccccc1'])(
    '%s leaves water for no ether',
    (smiles) => {
      expect(clingsToWater(structureOf(smiles))).toBe(true)
    },
  )
  test.each(['CCO', 'Oc1ccccc1', 'NCCN', 'OCCO'])('%s may', (smiles) => {
    expect(clingsToWater(structureOf(smiles))).toBe(false)
  })
  test('the constants of the library are those of its compounds, whichever way they are written', () => {
    expect(meltingPointOf(structureOf('OC(=O)C1=CC=CC=C1'))).toBe(COMPOUNDS.find((c) => c.name === 'benzoic acid')?.melts_C)
    expect(boilingPointOf(structureOf('C(C)O'))).toBe(COMPOUNDS.find((c) => c.name === 'ethanol')?.boils_C)
  })
  test('of what is in no library a salt is taken for a solid, and a light molecule for a liquid', () => {
    expect(meltingPointOf(structureOf('[K+].CCCCCC([O-])=O'))).not.toBeNull()
    expect(meltingPointOf(structureOf('CCCCCCCCCCCCCO'))).not.toBeNull()
    expect(meltingPointOf(structureOf('CCC(C)CCC'))).toBeNull()
    expect(boilingPointOf(structureOf('CCC(C)CCC'))).toBeNull()
  })
})
