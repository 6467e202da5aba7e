import { expect, test } from '@jest/globals'
import { findReagent, findSolid, findSolvent } from '.'

const found = (text: string): string => findSolvent(text)?.id ?? `${findReagent(text).reagent} ${Number(findReagent(text).molarity.toPrecision(3))}`
test.each([
  ['iodine in KI', 'iodine-solution 0.05'],
  ['AgNO3 in ethanol', 'silver-nitrate-in-ethanol 0.12'],
  ['alcoholic silver nitrate', 'silver-nitrate-in-ethanol 0.12'],
  ['NaI in acetone', 'sodium-iodide-in-acetone 1'],
  ['ferrous ammonium sulphate', '(nh4)2fe(so4)2 0.1'],
  ["Mohr's salt", '(nh4)2fe(so4)2 0.1'],
  ['Na2HPO4', 'disodium-hydrogenphosphate 0.25'],
  ['sodium hydrogen phosphate', 'disodium-hydrogenphosphate 0.25'],
  ['ferric chloride', 'iron-iii-chloride 0.1'],
  ['stannous chloride', 'tin-ii-chloride 0.25'],
  ['copper sulphate 0.2 M', 'cuso4 0.2'],
  ["Nessler's", 'nessler 0.1'],
  ['glacial acetic acid', 'acetic-acid 17'],
  ['conc. H2SO4', 'sulfuric-acid 18'],
  ['sulphuric acid conc', 'sulfuric-acid 18'],
  ['oil of vitriol', 'sulfuric-acid 18'],
  ['2 M NaOH', 'sodium-hydroxide 2'],
  ['dil HCl', 'hydrochloric-acid 2'],
  ['10 vol H2O2', 'hydrogen-peroxide 0.9'],
  ['dimethyl glyoxime', 'dimethylglyoxime 0.086'],
  ['DCM', 'dichloromethane'],
  ['hypo', 'sodium-thiosulfate 0.1'],
  ['Pb(OAc)2', 'lead-acetate 0.1'],
])('%s is %s', (text, wanted) => expect(found(text)).toBe(wanted))

test.each([
  ['FeSO4 solid', 'FeSO4.7H2O'],
  ['ferrous sulphate crystals', 'FeSO4.7H2O'],
  ['Na2HPO4 solid', 'Na2HPO4.12H2O'],
  ['FeCl3 solid', 'FeCl3.6H2O'],
  ['NaCl solid', 'NaCl'],
])('%s comes as %s', (text, salt) => {
  const solid = findSolid(text)
  expect('salt' in solid ? solid.salt.id : '').toBe(salt)
})
test.each([
  ['Zn dust', 'Zn'],
  ['Mg ribbon', 'Mg'],
  ['copper turnings', 'Cu'],
])('%s is the metal %s', (text, metal) => {
  const solid = findSolid(text)
  expect('inert' in solid ? solid.inert.formula : '').toBe(metal)
})
test('what is on no shelf is still refused, by the name it was asked for', () => {
  for (const text of ['unobtainium 3 M', 'ferrous', 'water of life', '']) expect(() => findReagent(text)).toThrow(/is not known/)
})
