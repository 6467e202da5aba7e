import type { SourceId } from '../species'
import type { StepInput } from '../tube'
import type { Asked } from '../vocabulary'

/** The tube a test is done in, and the stock solution it takes its portion from; replaced by real names when the test is done. */
export const THIS = 'this'
export const STOCK = 'OS'
/** The sample in dilute nitric acid, for what water does not dissolve. */
export const ACID_STOCK = 'AS'
/** The filtrate of the sample boiled with sodium carbonate. */
export const EXTRACT = 'SE'
/** The extract of a sodium fusion. */
export const FUSION_EXTRACT = 'FE'
/** A second tube beside the test's own, for lime water and the like. */
export const BESIDE = 'this-b'

export type Stage =
  | 'looked'
  | 'dry'
  | 'flame'
  | 'dissolved'
  | 'acids'
  | 'cation reactions'
  | 'anion tests'
  | 'confirmation'
  | 'constants'
  | 'elements'
  | 'solubility class'
  | 'functional groups'

/** A test as data: what to do, what to look at. No outcome is written in it: the model gives the outcome. */
export interface Test {
  readonly id: string
  readonly title: string
  readonly stage: Stage
  readonly on: readonly ('solid' | 'solution')[]
  readonly steps: readonly TestStep[]
  readonly because: string
  /** Hands-on time and waits, min. */
  readonly minutes: number
  readonly sources: readonly SourceId[]
  /** Conditions without which the result means something else, in words. */
  readonly relies?: readonly string[]
  /** Cautions beyond those of the reagents. */
  readonly cautions?: readonly string[]
  /** Only meant for salts whose water solution is not enough: the advice proposes it once the sample has been seen not to dissolve. */
  readonly onlyIfInsoluble?: boolean
}

/** A step; where it is a look, what to look for in words for the person, and what it asks for. */
export type TestStep = StepInput & { readonly for?: string; readonly asks?: readonly Asked[] }

export const defineTest = (test: Test): Test => test

type Amount = { readonly mL: number } | { readonly drops: number } | { readonly mg: number }
export const mL = (n: number): Amount => ({ mL: n })
export const drops = (n: number): Amount => ({ drops: n })
export const mg = (n: number): Amount => ({ mg: n })

export const takeSolid = (amount: Amount): TestStep => ({ do: 'take', into: THIS, from: 'sample', ...amount })
export const take = (amount: Amount, from = STOCK): TestStep => ({ do: 'take', into: THIS, from, ...amount })
export const add = (reagent: string, amount: Amount): TestStep => ({ do: 'add', to: THIS, reagent, ...amount })
export const warm = (minutes: number): TestStep => ({ do: 'warm', vessel: THIS, minutes })
export const boil = (minutes: number): TestStep => ({ do: 'boil', vessel: THIS, minutes })
export const look = (what: string, at = THIS): TestStep => ({ do: 'look', at, for: what })
/** A look that asks for something, whether it is there or not. */
export const asks = (step: TestStep, ...asked: readonly Asked[]): TestStep => ({ ...step, asks: asked })
export const hold = (paper: Extract<StepInput, { do: 'dip' }>['paper']): TestStep => ({ do: 'hold', over: THIS, paper, for: 'the paper' })
export const dip = (paper: Extract<StepInput, { do: 'dip' }>['paper'], into = STOCK): TestStep => ({ do: 'dip', paper, into, for: 'the paper' })
export const lead = (through: string): TestStep => ({ do: 'bubble', from: THIS, through })
export const burningSplint = (): TestStep => ({ do: 'hold', over: THIS, splint: 'burning', for: 'the burning splint' })
export const pass = (gas: string, minutes = 2): TestStep => ({ do: 'pass', gas, through: THIS, minutes })
export const shake = (minutes: number): TestStep => ({ do: 'shake', vessel: THIS, minutes })
export const stand = (minutes: number): TestStep => ({ do: 'stand', vessel: THIS, minutes })
export const cool = (): TestStep => ({ do: 'cool', vessel: THIS })
/** The liquid is drawn off into a tube of its own; the solid stays. */
export const spin = (liquidInto = BESIDE): TestStep => ({ do: 'centrifuge', vessel: THIS, liquidInto })
export const wash = (n: number, withWhat = 'water'): TestStep => ({ do: 'wash', vessel: THIS, with: withWhat, mL: n })
export const addTo = (vessel: string, reagent: string, amount: Amount): TestStep => ({ do: 'add', to: vessel, reagent, ...amount })
export const flame = (through: 'air' | 'cobalt-glass' | 'spectroscope', what: string): TestStep => ({
  do: 'flame',
  from: 'sample',
  through,
  for: what,
})
export const smell = (): TestStep => ({ do: 'smell', at: THIS, for: 'the smell, wafted' })
