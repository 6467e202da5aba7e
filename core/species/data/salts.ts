import type { SaltData } from '../types'

const white = { hex: '#f4f4f1', words: 'white', source: 'merck' } as const
const colourless = { hex: '#eef1f1', words: 'colourless', source: 'merck' } as const

type Row = [formula: string, name: string, ions: Record<string, number>, colour: SaltData['colour'], form: SaltData['form']]

const row = ([formula, name, ions, colour, form]: Row): SaltData => ({
  formula,
  name,
  ions,
  colour,
  form,
  water: Number(/\.(\d*)H2O$/.exec(formula)?.[1] ?? (formula.endsWith('.H2O') ? 1 : 0)),
})

/** Bench salts: the hypotheses of a single-salt case, and what a practice unknown is drawn from. */
export const salts: readonly SaltData[] = (
  [
    ['AgNO3', 'silver nitrate', { 'Ag^+': 1, 'NO3^-': 1 }, colourless, 'crystals'],
    ['Ag2SO4', 'silver sulfate', { 'Ag^+': 2, 'SO4^2-': 1 }, white, 'powder'],
    ['AgCl', 'silver chloride', { 'Ag^+': 1, 'Cl^-': 1 }, white, 'powder'],
    ['CuSO4.5H2O', 'copper(II) sulfate pentahydrate', { 'Cu^2+': 1, 'SO4^2-': 1 }, { hex: '#1f74c4', words: 'blue', source: 'merck' }, 'crystals'],
    ['CuSO4', 'copper(II) sulfate, anhydrous', { 'Cu^2+': 1, 'SO4^2-': 1 }, { hex: '#e4e8e6', words: 'greyish white', source: 'merck' }, 'powder'],
    ['CuCl2.2H2O', 'copper(II) chloride dihydrate', { 'Cu^2+': 1, 'Cl^-': 2 }, { hex: '#4fae9c', words: 'blue-green', source: 'merck' }, 'crystals'],
    ['Cu(NO3)2.3H2O', 'copper(II) nitrate trihydrate', { 'Cu^2+': 1, 'NO3^-': 2 }, { hex: '#2868c0', words: 'blue', source: 'merck' }, 'crystals'],
    ['AlCl3.6H2O', 'aluminium chloride hexahydrate', { 'Al^3+': 1, 'Cl^-': 3 }, white, 'crystals'],
    ['Al2(SO4)3.18H2O', 'aluminium sulfate octadecahydrate', { 'Al^3+': 2, 'SO4^2-': 3 }, white, 'powder'],
    ['Al(NO3)3.9H2O', 'aluminium nitrate nonahydrate', { 'Al^3+': 1, 'NO3^-': 3 }, colourless, 'crystals'],
    ['NaAl(SO4)2.12H2O', 'sodium aluminium sulfate dodecahydrate', { 'Na^+': 1, 'Al^3+': 1, 'SO4^2-': 2 }, colourless, 'crystals'],
    ['NH4Al(SO4)2.12H2O', 'ammonium aluminium sulfate dodecahydrate', { 'NH4^+': 1, 'Al^3+': 1, 'SO4^2-': 2 }, colourless, 'crystals'],
    ['(NH4)2Cu(SO4)2.6H2O', 'ammonium copper(II) sulfate hexahydrate', { 'NH4^+': 2, 'Cu^2+': 1, 'SO4^2-': 2 }, { hex: '#5fa4cc', words: 'pale blue', source: 'merck' }, 'crystals'],
    ['(NH4)2CuCl4.2H2O', 'ammonium tetrachlorocuprate(II) dihydrate', { 'NH4^+': 2, 'Cu^2+': 1, 'Cl^-': 4 }, { hex: '#62b6ae', words: 'blue-green', source: 'merck' }, 'crystals'],
    ['NaCl', 'sodium chloride', { 'Na^+': 1, 'Cl^-': 1 }, colourless, 'crystals'],
    ['NaNO3', 'sodium nitrate', { 'Na^+': 1, 'NO3^-': 1 }, colourless, 'crystals'],
    ['Na2SO4', 'sodium sulfate, anhydrous', { 'Na^+': 2, 'SO4^2-': 1 }, white, 'powder'],
    ['Na2SO4.10H2O', 'sodium sulfate decahydrate', { 'Na^+': 2, 'SO4^2-': 1 }, colourless, 'crystals'],
    ['NaHSO4.H2O', 'sodium hydrogensulfate monohydrate', { 'Na^+': 1, 'H^+': 1, 'SO4^2-': 1 }, colourless, 'crystals'],
    ['NH4Cl', 'ammonium chloride', { 'NH4^+': 1, 'Cl^-': 1 }, white, 'powder'],
    ['NH4NO3', 'ammonium nitrate', { 'NH4^+': 1, 'NO3^-': 1 }, colourless, 'crystals'],
    ['(NH4)2SO4', 'ammonium sulfate', { 'NH4^+': 2, 'SO4^2-': 1 }, colourless, 'crystals'],
    ['NH4HSO4', 'ammonium hydrogensulfate', { 'NH4^+': 1, 'H^+': 1, 'SO4^2-': 1 }, colourless, 'crystals'],
  ] satisfies Row[]
).map(row)
