import { describe, expect, test } from '@jest/globals'
import {
  ANION_IDS,
  asSodiumSalt,
  CATION_IDS,
  CHARGE_CARRIERS,
  DEFINED_IONS,
  dissolvesAs,
  hasTrait,
  inGroup,
  ION_IDS,
  IONS,
  ionsWith,
  LEAVING,
  STATES,
  type IonTrait,
} from '.'
import { COMPONENTS, SALTS } from '../registry'
import { parseFormula } from '../formula'

/* Ions that came after the lists were derived bring salts of their own. */
const CAME_LATER: ReadonlySet<string> = new Set(
  DEFINED_IONS.filter(({ salts }) => salts).flatMap(({ cations, anions }) => Object.keys({ ...cations, ...anions })),
)
const atFirst = <Id extends string>(ids: readonly Id[]): readonly Id[] => ids.filter((id) => !CAME_LATER.has(id))

const sorted = (list: readonly string[]): string[] => [...list].sort()

/* The lists as they stood where they were typed by hand, before they were derived. */
describe('lists derived from what each ion is', () => {
  test.each<[IonTrait, readonly string[]]>([
    ['alkali', ['NH4^+', 'Na^+', 'K^+', 'Li^+']],
    ['falls-with-silver', ['Cl^-', 'Br^-', 'I^-', 'SCN^-']],
    ['insoluble-sulfate', ['Ba^2+', 'Sr^2+', 'Pb^2+', 'Ca^2+']],
    ['stands-by', ['Na^+', 'K^+', 'Li^+', 'NH4^+', 'Mg^2+', 'Ca^2+', 'Sr^2+', 'Ba^2+', 'SO4^2-', 'NO3^-']],
    ['held-by-chloride', ['Sb^3+', 'Sn^2+', 'Sn^4+', 'Bi^3+']],
    ['keeps-halides', ['Hg^2+', 'Hg2^2+', 'Ag^+', 'Bi^3+']],
    ['in-every-bottle', ['Na^+', 'K^+', 'NH4^+', 'NO3^-', 'Cl^-', 'CH3COO^-']],
    ['explodes-with-acid', ['ClO3^-', 'MnO4^-']],
    ['explodes-with-ammonium', ['ClO3^-', 'NO2^-', 'MnO4^-']],
    ['strong-oxidiser', ['ClO3^-', 'MnO4^-', 'CrO4^2-', 'NO2^-']],
    ['kept-from-oxidisers', ['SCN^-', 'Fe(CN)6^4-', 'Fe(CN)6^3-', 'HS^-', 'CH3COO^-', 'C2O4^2-']],
    ['burns', ['C2O4^2-', 'CH3COO^-', 'C4H4O6^2-', 'C6H5O7^3-', 'HS^-', 'SCN^-', 'Fe(CN)6^4-', 'Fe(CN)6^3-', 'S2O3^2-']],
    ['heated-with-care', ['NO3^-', 'ClO3^-', 'MnO4^-']],
    ['flares-on-charcoal', ['NO3^-', 'NO2^-', 'ClO3^-', 'MnO4^-']],
    ['oxidising-waste', ['MnO4^-', 'ClO3^-']],
    ['chromium-vi', ['CrO4^2-']],
    ['colours-bead', ['Cu^2+', 'Co^2+', 'Ni^2+', 'Cr^3+', 'CrO4^2-', 'Mn^2+', 'MnO4^-', 'Fe^2+', 'Fe^3+']],
    ['gives-hydrogen-fluoride', ['F^-']],
    ['gives-cyanide', ['Fe(CN)6^4-', 'Fe(CN)6^3-', 'SCN^-']],
    ['gives-sulfide', ['HS^-']],
    ['gives-carbon-monoxide', ['C2O4^2-']],
    ['always-dissolved', ['ClO3^-', 'MnO4^-', 'NO3^-']],
    [
      'heavy-metal',
      [
        'Pb^2+',
        'Hg2^2+',
        'Hg^2+',
        'Bi^3+',
        'Cu^2+',
        'Cd^2+',
        'Sb^3+',
        'Sn^2+',
        'Sn^4+',
        'Cr^3+',
        'Co^2+',
        'Ni^2+',
        'Ba^2+',
        'CrO4^2-',
        'H3AsO3',
        'AsO4^3-',
      ],
    ],
    ['keeps-sulfide', ['Ag^+', 'Pb^2+', 'Hg2^2+', 'Hg^2+', 'Bi^3+', 'Cu^2+', 'Cd^2+', 'Sb^3+', 'Sn^2+', 'Sn^4+', 'H3AsO3', 'AsO4^3-']],
    ['holds-sulfur', ['SO4^2-', 'SO3^2-', 'S2O3^2-', 'HS^-']],
  ])('%s', (trait, list) => expect(sorted(atFirst(ionsWith(trait)))).toEqual(sorted(list)))
  test('salts that are set out for a control only where nothing milder does', () => {
    const formulae = /Hg|As|Cd|Pb|Sb|ClO3|MnO4|Cr2?O[47]|CN/
    for (const { id, data } of SALTS.filter((salt) => !Object.keys(salt.data.ions).some((ion) => CAME_LATER.has(ion))))
      expect([id, Object.keys(data.ions).some((ion) => hasTrait(ion, 'set-out-last'))]).toEqual([id, formulae.test(id)])
  })
  test('cations and anions a mixture is searched for, in the order they are shown in', () => {
    expect(atFirst(CATION_IDS)).toEqual([
      ...['NH4^+', 'Ag^+', 'Pb^2+', 'Hg2^2+', 'Hg^2+', 'Bi^3+', 'Cu^2+', 'Cd^2+', 'Sb^3+', 'Sn^2+', 'Sn^4+', 'Fe^2+', 'Fe^3+', 'Al^3+', 'Cr^3+'],
      ...['Co^2+', 'Ni^2+', 'Mn^2+', 'Zn^2+', 'Ba^2+', 'Sr^2+', 'Ca^2+', 'Mg^2+', 'Na^+', 'K^+', 'Li^+'],
    ])
    expect(atFirst(ANION_IDS).filter((id) => !IONS[id].aloneOnly)).toEqual([
      ...['CO3^2-', 'SO3^2-', 'HS^-', 'S2O3^2-', 'NO2^-', 'CH3COO^-', 'F^-', 'Cl^-', 'Br^-', 'I^-', 'NO3^-', 'C2O4^2-', 'SO4^2-', 'PO4^3-'],
      ...['H3BO3', 'H4SiO4', 'CrO4^2-', 'MnO4^-', 'ClO3^-', 'SCN^-', 'Fe(CN)6^4-', 'Fe(CN)6^3-', 'H3AsO3', 'AsO4^3-'],
    ])
  })
  test('what carries the charge, and what leaves on ignition, in order', () => {
    expect(atFirst(CHARGE_CARRIERS)).toEqual(['NO3^-', 'Cl^-', 'CH3COO^-', 'ClO3^-', 'Br^-', 'SO4^2-', 'I^-', 'SCN^-', 'F^-', 'NO2^-', 'MnO4^-'])
    expect(atFirst(LEAVING)).toEqual(['CO3^2-', 'HS^-', 'SO3^2-', 'CH3COO^-', 'NO2^-', 'NO3^-', 'Cl^-', 'F^-', 'I^-', 'SO4^2-'])
  })
  test('states of one element', () => {
    expect(STATES.map(String)).toEqual([
      'Sn^2+,Sn^4+',
      'Fe^2+,Fe^3+',
      'Hg2^2+,Hg^2+',
      'Cr^3+,CrO4^2-',
      'Mn^2+,MnO4^-',
      'H3AsO3,AsO4^3-',
      'Fe(CN)6^4-,Fe(CN)6^3-',
    ])
  })
  test.each([
    ['I', ['Ag^+', 'Pb^2+', 'Hg2^2+']],
    ['IIA', ['Pb^2+', 'Hg^2+', 'Bi^3+', 'Cu^2+', 'Cd^2+']],
    ['IIB', ['H3AsO3', 'AsO4^3-', 'Sb^3+', 'Sn^2+', 'Sn^4+']],
    ['III', ['Fe^3+', 'Fe^2+', 'Al^3+', 'Cr^3+']],
    ['IV', ['Co^2+', 'Ni^2+', 'Mn^2+', 'Zn^2+']],
    ['V', ['Ba^2+', 'Sr^2+', 'Ca^2+']],
  ] as const)('group %s of the hydrogen sulfide scheme', (group, list) => expect(sorted(atFirst(inGroup(group)))).toEqual(sorted(list)))
  test('what an anion goes into water as, and its sodium salt', () => {
    expect(dissolvesAs('HS^-')).toEqual({ 'HS^-': 1, 'OH^-': 1 })
    expect(asSodiumSalt('H4SiO4')).toEqual({ H4SiO4: 1, 'Na^+': 2, 'OH^-': 2 })
    expect(asSodiumSalt('AsO4^3-')).toEqual({ 'HAsO4^2-': 1, 'Na^+': 2 })
  })
})

test('every ion is a component of the model, and of its own kind', () => {
  for (const id of ION_IDS) expect([id, COMPONENTS.includes(id)]).toEqual([id, true])
  for (const id of CATION_IDS) expect(parseFormula(id).charge).toBeGreaterThan(0)
  for (const id of ANION_IDS) expect(parseFormula(id).charge).toBeLessThanOrEqual(0)
})
