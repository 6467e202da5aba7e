import { THIS, add, drops, look, mL, shake, stand, type TestStep } from '../catalogue'
import type { Proof, Sign } from './types'

export const until = (reagent: string, sign: 'just-basic' | 'just-acidic'): TestStep => ({ do: 'add', to: THIS, reagent, until: sign })
export const solid = (...values: string[]): Sign => ({ channel: 'precipitate.colour', values })
export const liquid = (...values: string[]): Sign => ({ channel: 'solution.colour', values })
/** On a portion of a fraction. */
export const on = (from: string, portion_mL: number, ions: readonly string[], steps: readonly TestStep[], sign: Sign): Proof => ({
  ions,
  from,
  portion_mL,
  steps,
  sign,
})
/** On a whole fraction. */
export const whole = (from: string, ions: readonly string[], steps: readonly TestStep[], sign: Sign): Proof => ({ ions, from, steps, sign })

/** Proofs that more than one scheme ends on. */
export const leadByChromate = (from: string, portion_mL: number): Proof =>
  on(from, portion_mL, ['Pb^2+'], [add('K2CrO4 0.1 M', drops(4)), look('a yellow precipitate')], solid('yellow', 'orange'))
export const strontiumByGypsum = (from: string, portion_mL: number): Proof =>
  on(from, portion_mL, ['Sr^2+'], [add('calcium sulfate water', mL(1)), stand(5), look('a slow white cloud')], solid('white'))
export const aluminiumLake = (from: string, portion_mL: number): Proof =>
  on(
    from,
    portion_mL,
    ['Al^3+'],
    [
      until('HCl 2 M', 'just-acidic'),
      add('ammonium acetate', drops(4)),
      add('aluminon', drops(6)),
      until('NH3 2 M', 'just-basic'),
      look('a red lake'),
    ],
    solid('red', 'pink'),
  )
/** Iron beside it is masked by so many drops of fluoride. */
export const cobaltLayer = (from: string, portion_mL: number, fluoride: number): Proof =>
  on(
    from,
    portion_mL,
    ['Co^2+'],
    [
      until('sodium acetate', 'just-basic'),
      add('NaF 0.5 M', drops(fluoride)),
      add('NH4SCN sat', mL(0.7)),
      add('pentanol', mL(0.7)),
      shake(1),
      look('a blue layer'),
    ],
    { channel: 'layer.colour', values: ['blue', 'green'] },
  )
