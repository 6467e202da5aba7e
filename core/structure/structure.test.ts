import { beforeAll, describe, expect, test } from '@jest/globals'
import {
  COMPOUNDS,
  compoundOf,
  densityOf,
  groupOf,
  NAMED_GROUPS,
  notFusable,
  readStructuresWith,
  structureOf,
  takeCompounds,
  UnreadStructure,
  USUAL_COMPOUNDS,
  dissolvesOff,
  waterSolubilityOf,
} from './index'
import { draw, NoStructure, perceive } from './perceive'

beforeAll(() => readStructuresWith(perceive))

const named = (smiles: string): string[] => {
  const { groups } = perceive(smiles)
  return NAMED_GROUPS.filter((id) => groups[id] !== undefined).map((id) => groupOf(id).label ?? '')
}

describe('structures', () => {
  test.each([
    ['CC(=O)Oc1ccccc1C(O)=O', ['aromatic ring', 'carboxylic acid', 'ester']],
    ['CCN(CC)CC', ['amine, tertiary aliphatic']],
    ['CC(=O)Nc1ccccc1', ['aromatic ring', 'amide of a primary amine']],
    ['ClCc1ccccc1', ['aromatic ring', 'benzylic or allylic chloride']],
    ['CC(C)(C)Br', ['alkyl bromide, tertiary']],
    ['O=C1C=CC(=O)C=C1', ['quinone']],
    ['NCC(O)=O', ['amino acid']],
    ['OCC1OC(O)C(O)C(O)C1O', ['alcohol, primary', 'alcohol, secondary', 'reducing sugar']],
    ['C[N+]([O-])=O', ['nitro group']],
    ['CC(=O)OC(C)=O', ['acid anhydride']],
    ['NC(N)=O', ['urea']],
    ['CC#N', ['nitrile']],
    ['OCc1ccco1', ['furan ring', 'alcohol, benzylic or allylic']],
    ['CCO', ['alcohol, primary']],
    ['CC(C)O', ['alcohol, secondary']],
    ['CC(C)(C)O', ['alcohol, tertiary']],
    ['OCc1ccccc1', ['aromatic ring', 'alcohol, benzylic or allylic']],
    ['C=CCO', ['carbon–carbon double bond', 'alcohol, benzylic or allylic']],
    ['Oc1ccccc1', ['aromatic ring', 'phenol']],
    ['COc1ccccc1', ['aromatic ring', 'ether']],
    ['C1CCOC1', ['ether']],
    ['CC=O', ['aldehyde']],
    ['CC(C)=O', ['ketone']],
    ['CC(=O)CC(C)=O', ['ketone', '1,3-dicarbonyl with an enol']],
    ['CC(O)C(C)=O', ['ketone', 'hydroxy ketone']],
    ['CC(O)=O', ['carboxylic acid']],
    ['CC(=O)OCC', ['ester']],
    ['O=C1CCCO1', ['ester']],
    ['CC(=O)Cl', ['acid chloride']],
    ['CC(N)=O', ['amide, unsubstituted']],
    ['CC(=O)NC', ['amide of a primary amine']],
    ['CN(C)C=O', ['amide of a secondary amine']],
    ['O=C1NC(=O)c2ccccc12', ['aromatic ring', 'imide']],
    ['CCN', ['amine, primary aliphatic']],
    ['CCNCC', ['amine, secondary aliphatic']],
    ['Nc1ccccc1', ['aromatic ring', 'amine, primary aromatic']],
    ['CNc1ccccc1', ['aromatic ring', 'amine, secondary aromatic']],
    ['CN(C)c1ccccc1', ['aromatic ring', 'amine, tertiary aromatic']],
    ['c1ccncc1', ['aromatic ring', 'pyridine ring']],
    ['NNc1ccccc1', ['aromatic ring', 'hydrazine']],
    ['CC(C)=NO', ['oxime']],
    ['c1ccc(cc1)N=Nc1ccccc1', ['aromatic ring', 'azo group']],
    ['O=Nc1ccc(O)cc1', ['aromatic ring', 'phenol', 'nitroso group']],
    ['N#Cc1ccccc1', ['aromatic ring', 'nitrile']],
    ['CCCl', ['alkyl chloride, primary']],
    ['CC(C)Br', ['alkyl bromide, secondary']],
    ['CC(C)(C)Cl', ['alkyl chloride, tertiary']],
    ['C=CCBr', ['carbon–carbon double bond', 'benzylic or allylic bromide']],
    ['Clc1ccccc1', ['aromatic ring', 'aryl chloride']],
    ['C=CCl', ['carbon–carbon double bond', 'vinyl chloride']],
    ['ClCC(=O)OCC', ['chloride beside a carbonyl group', 'ester']],
    ['C(Cl)(Cl)Cl', ['several halogens on one carbon, chloride']],
    ['FC(F)(F)c1ccccc1', ['aromatic ring', 'fluoride']],
    ['C=CCCCC', ['carbon–carbon double bond']],
    ['CC#CC', ['carbon–carbon triple bond']],
    ['CCS', ['thiol']],
    ['CSC', ['sulfide']],
    ['CSSC', ['disulfide']],
    ['CS(C)=O', ['sulfoxide']],
    ['CS(C)(=O)=O', ['sulfone']],
    ['OS(=O)(=O)c1ccccc1', ['aromatic ring', 'sulfonic acid']],
    ['NS(=O)(=O)c1ccccc1', ['aromatic ring', 'sulfonamide']],
    ['NC(N)=S', ['thiourea']],
    ['COC(C)OC', ['acetal']],
    ['CC(=O)[O-].[Na+]', ['salt of a carboxylic acid']],
    ['[NH3+]c1ccccc1.[Cl-]', ['aromatic ring', 'salt of an amine', 'chloride of an amine']],
    ['CCOP(=O)(OCC)OCC', ['phosphate ester']],
    ['c1ccc(cc1)P(c1ccccc1)c1ccccc1', ['aromatic ring', 'phosphine']],
    ['NC(CS)C(O)=O', ['amino acid', 'thiol']],
    ['Cc1cccs1', ['thiophene ring']],
    // A thiazole is none.
    ['c1ccc2ncsc2c1', ['aromatic ring']],
  ])('%s holds just its groups', (smiles, groups) => {
    expect(named(smiles).sort()).toEqual([...groups].sort())
  })
  test('a structure is the same however it is written', () => {
    for (const [a, b] of [
      ['C1=CC=CC=C1C(=O)O', 'OC(=O)c1ccccc1'],
      ['OCC', 'CCO'],
      ['[O-][N+](=O)c1ccccc1', 'c1ccccc1[N+](=O)[O-]'],
    ] as const) {
      expect(perceive(a).code).toBe(perceive(b).code)
      expect(perceive(a).groups).toEqual(perceive(b).groups)
    }
  })
  test.each([
    ['c1ccc2[nH]ccc2c1', 'pyrrole-open', true],
    ['c1ccc2c(c1)[nH]c1ccccc12', 'pyrrole-open', false],
    ['Cc1ccco1', 'furan-open', true],
    ['O=Cc1ccco1', 'furan-open', false],
    ['Cc1ccc(C)o1', 'furan-open', false],
  ] as const)('%s has a place for an aldehyde in acid (%s): %s', (smiles, group, has) => {
    expect(group in perceive(smiles).groups).toBe(has)
  })
  test('formula, elements and mass come from the structure', () => {
    const { formula, elements, molarMass, metals } = perceive('Nc1ccc(cc1)S(N)(=O)=O')
    expect(formula).toBe('C6H8N2O2S')
    expect(elements).toEqual(['N', 'S'])
    expect(molarMass).toBeCloseTo(172.2, 1)
    expect(metals).toEqual([])
    expect(perceive('CC([O-])=O.[Na+]').metals).toEqual(['Na^+'])
  })
  test.each(['not a structure', '', '[Na+].[Cl-]', '%%%'])('"%s" is refused with what was expected', (text) => {
    expect(() => perceive(text)).toThrow(NoStructure)
    expect(() => structureOf(text)).toThrow(UnreadStructure)
  })
  test('a Molfile is read', () => {
    const molfile = [
      '',
      '  made up',
      '',
      '  2  1  0  0  0  0  0  0  0  0999 V2000',
      '    0.0000    0.0000    0.0000 C   0  0',
      '    1.0000    0.0000    0.0000 O   0  0',
      '  1  2  1  0',
      'M  END',
      '',
    ].join('\n')
    expect(perceive(molfile).formula).toBe('CH4O')
  })
  test('a drawing is SVG, with the marked atoms in another colour', () => {
    const plain = draw('CC(C)=O', 120, 80)
    expect(plain).toMatch(/^<svg/)
    expect(draw('CC(C)=O', 120, 80, ['ketone'])).not.toBe(plain)
  })
})

describe('the library', () => {
  test('has at least 300 compounds, each once, each of a readable structure with a constant', () => {
    expect(COMPOUNDS.length).toBeGreaterThanOrEqual(300)
    expect(new Set(COMPOUNDS.map((c) => c.name)).size).toBe(COMPOUNDS.length)
    expect(new Set(COMPOUNDS.map((c) => structureOf(c.smiles).code)).size).toBe(COMPOUNDS.length)
    for (const c of COMPOUNDS) expect([c.name, c.melts_C !== null || c.boils_C !== null]).toEqual([c.name, true])
  })
  test('holds each element of the fusion and most groups', () => {
    const structures = COMPOUNDS.map((c) => structureOf(c.smiles))
    for (const element of ['N', 'S', 'Cl', 'Br', 'I', 'P'] as const)
      expect(structures.filter((s) => s.elements.includes(element)).length).toBeGreaterThan(2)
    const held = new Set(structures.flatMap((s) => Object.keys(s.groups)))
    expect(NAMED_GROUPS.filter((id) => held.has(id)).length).toBeGreaterThan(0.8 * NAMED_GROUPS.length)
  })
  test('a compound is found by any writing of its structure', () => {
    expect(compoundOf('C1=CC=CC=C1O')?.name).toBe('phenol')
    expect(compoundOf('CCCCCCCCCCCCC')).toBeUndefined()
  })
  test('one that is added is found the same way; one of the library stays as it is there', () => {
    takeCompounds([
      { name: 'long wax', smiles: 'CCCCCCCCCCCCCCCCCCCCCCCCCCCCCCC', melts_C: 68 },
      { name: 'not phenol', smiles: 'Oc1ccccc1', melts_C: 300 },
    ])
    expect(compoundOf('C(CCCCCCCCCCCCCCCCCCCCCCCCCCCCC)C')).toMatchObject({ name: 'long wax', melts_C: 68, form: 'crystals' })
    expect(compoundOf('Oc1ccccc1')?.name).toBe('phenol')
    expect(() => takeCompounds([{ name: 'x', smiles: '%' }])).toThrow()
  })
})

describe('properties', () => {
  // CRC Handbook: density at 20 °C, g/mL.
  test.each([
    ['1-butanol', 0.81],
    ['toluene', 0.87],
    ['dichloromethane', 1.33],
    ['chlorobenzene', 1.11],
    ['ethyl acetate', 0.9],
    ['aniline', 1.02],
    ['heptane', 0.68],
  ])('%s has about its density', (name, density) => {
    const smiles = COMPOUNDS.find((c) => c.name === name)?.smiles ?? ''
    expect(Math.abs(densityOf(structureOf(smiles)) / density - 1)).toBeLessThan(0.1)
  })
  // CRC Handbook: g in a litre of water at 25 °C; the estimate is good to a factor of four.
  test.each([
    ['1-butanol', 73],
    ['1-hexanol', 6],
    ['phenol', 83],
    ['benzoic acid', 3.4],
    ['ethyl acetate', 83],
    ['2-pentanone', 43],
    ['dibutylamine', 4.7],
    ['diethyl ether', 69],
    ['cyclohexanone', 90],
    ['aniline', 36],
  ])('%s dissolves about as it does', (name, grams) => {
    const s = structureOf(COMPOUNDS.find((c) => c.name === name)?.smiles ?? '')
    const estimate = waterSolubilityOf(s) * s.molarMass
    expect(Math.abs(Math.log(estimate / grams))).toBeLessThan(Math.log(4))
  })
  test('how far that is off what was seen is told in powers of ten, nothing where it agrees', () => {
    const ring = structureOf('O=S(=O)(c1ccccc1)c1ccccc1')
    expect(dissolvesOff(ring, 'no')).toBe(0)
    expect(dissolvesOff(ring, 'yes')).toBeGreaterThan(1.5)
    expect(dissolvesOff(ring, 'partly')).toBeLessThan(dissolvesOff(ring, 'yes'))
    expect(dissolvesOff(structureOf('CCO'), 'yes')).toBe(0)
    expect(dissolvesOff(structureOf('CCO'), 'no')).toBeGreaterThan(1)
  })
  test.each([
    ['C[N+]([O-])=O', /nitroalkane/],
    ['[O-][N+](=O)c1cccc(c1)[N+]([O-])=O', /polynitro/],
    ['ClC(Cl)Cl', /chloroform/],
    ['CC(C)OOC(C)C', /peroxide/],
    ['CCCN=[N+]=[N-]', /azide/],
  ])('%s is never fused with sodium', (smiles, why) => {
    expect(notFusable(perceive(smiles))).toMatch(why)
  })
  test.each(['Nc1ccccc1', '[O-][N+](=O)c1ccccc1', 'Clc1ccccc1', 'CCCCBr'])('%s may be', (smiles) => {
    expect(notFusable(perceive(smiles))).toBeNull()
  })
})

test('every usual compound is one of the library', () => {
  for (const name of USUAL_COMPOUNDS) expect([name, COMPOUNDS.some((c) => c.name === name)]).toEqual([name, true])
})
