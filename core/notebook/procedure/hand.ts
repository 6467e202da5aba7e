import { shelfId } from './bottle'
import { filledBy, SAMPLE, stepSchema, vesselOf, type Step, type StepInput } from '../../tube'

/** What is known of the bench where a line is written: the tube in hand, what portions are taken from, which tubes are in use, and what has been done. */
export interface ProcedureContext {
  readonly vessel?: string | undefined
  /** What "the solution" is taken from; the stock solution, unless given. */
  readonly stock?: string | undefined
  /** Whether the sample itself is a solution. */
  readonly isSolution?: boolean | undefined
  readonly vessels?: readonly string[] | undefined
  /** mL in each tube, where it is known. */
  readonly holds?: Readonly<Record<string, number>> | undefined
  /** What was done before, in order: "same with", "more", "the filtrate" speak of it. */
  readonly before?: readonly StepInput[] | undefined
  /** Reagents that an open test pours itself: naming one says after what something was seen. */
  readonly poured?: readonly string[] | undefined
}

/** A step that was read, with the fields that the line left open and that were filled in. */
export type ReadStep = Step & { readonly assumed?: readonly string[] }

const LETTERS = [...'ABCDEFGHJKLMNPQRTUVWXYZ']
const isTube = (name: string): boolean => /^[A-Z]$/.test(name)

/** The bench as it grows along a line. */
export class Hand {
  vessel: string | undefined
  readonly stock: string
  readonly vessels: Set<string>
  /** Where the liquid went that was last drawn off. */
  liquid: string | undefined
  readonly steps: ReadStep[] = []
  private readonly before: readonly Step[]
  /** Reagents that the open test pours, as the shelf knows them. */
  readonly poured: ReadonlySet<string>
  readonly isSolution: boolean

  constructor(private readonly context: ProcedureContext) {
    this.vessel = context.vessel
    this.isSolution = context.isSolution ?? false
    this.poured = new Set((context.poured ?? []).map(shelfId))
    this.stock = context.stock ?? 'OS'
    this.before = (context.before ?? []).map((step) => stepSchema.parse(step))
    this.vessels = new Set([...(context.vessels ?? []), ...(context.vessel === undefined ? [] : [context.vessel])])
    this.liquid = this.before.flatMap((step) => filledBy(step) ?? []).at(-1)
  }

  /** Everything done, the line's own steps last. */
  get done(): readonly Step[] {
    return [...this.before, ...this.steps]
  }

  /** Whether portions are taken from a sample that is a solid. */
  get isDrySample(): boolean {
    return this.stock === SAMPLE && !this.isSolution
  }

  newTube(): string {
    const free = LETTERS.find((letter) => !this.vessels.has(letter)) ?? `T${this.vessels.size}`
    this.vessels.add(free)
    return free
  }

  /** mL in a tube, as far as it is known. */
  holds(vessel: string): number | undefined {
    return this.context.holds?.[vessel]
  }

  isInUse(vessel: string): boolean {
    return this.vessels.has(vessel)
  }

  /** The tube in hand; a fresh one with a portion of the stock, where none is. */
  inHand(): string {
    return this.vessel ?? this.portion(undefined)
  }

  /** A portion of the stock in a fresh tube. @param mL as much as is said; a millilitre where nothing is */
  portion(amount: { readonly n: number; readonly unit: 'mL' | 'drops' | 'mg'; readonly isFilledIn?: true } | undefined, from = this.stock): string {
    const into = this.newTube()
    const isDry = from === SAMPLE && !this.isSolution && amount?.unit !== 'mL' && amount?.unit !== 'drops'
    const said =
      amount ??
      (isDry ? { n: DRY_mg, unit: 'mg' as const, isFilledIn: true as const } : { n: PORTION_mL, unit: 'mL' as const, isFilledIn: true as const })
    this.do({ do: 'take', into, from, [said.unit]: said.n }, ['into', ...(said.isFilledIn ? [said.unit] : [])])
    return into
  }

  /** Takes up a step, and the tube it leaves in hand. */
  do(step: StepInput, assumed: readonly string[] = []): void {
    const parsed = stepSchema.parse(step)
    this.steps.push(assumed.length === 0 ? parsed : { ...parsed, assumed })
    const on = vesselOf(parsed)
    if (isTube(on)) {
      this.vessel = on
      this.vessels.add(on)
    } else if (on !== SAMPLE) this.vessels.add(on)
    const filled = filledBy(parsed)
    if (filled !== null) {
      this.liquid = filled
      this.vessels.add(filled)
    }
  }

  /** Says more of the line's last step. */
  amend(changes: Readonly<Record<string, unknown>>): void {
    const last = this.steps.at(-1)
    if (!last) return
    const { assumed = [], ...step } = last as ReadStep & Record<string, unknown>
    const open = assumed.filter((key) => !(key in changes) && !(AMOUNTS.includes(key) && AMOUNTS.some((other) => other in changes)))
    const bare = Object.keys(changes).some((key) => AMOUNTS.includes(key))
      ? Object.fromEntries(Object.entries(step).filter(([key]) => !AMOUNTS.includes(key)))
      : step
    const parsed = stepSchema.parse({ ...bare, ...changes })
    this.steps[this.steps.length - 1] = open.length === 0 ? parsed : { ...parsed, assumed: open }
    const filled = filledBy(parsed)
    if (filled !== null && filled !== this.liquid) {
      if (this.liquid !== undefined && assumed.includes('liquidInto')) this.vessels.delete(this.liquid)
      this.liquid = filled
      this.vessels.add(filled)
    }
  }

  /** What was last poured into a tube. */
  lastPoured(vessel = this.vessel): string | undefined {
    return this.done.findLast((step) => step.do === 'add' && step.to === vessel && step.mg === undefined)?.['reagent' as never]
  }
}
const AMOUNTS: readonly string[] = ['mL', 'drops', 'mg', 'until']

/** What is taken where nothing is said: mL of a solution, mg of a solid; and drops of a reagent. */
const PORTION_mL = 1
const DRY_mg = 50
export const FEW_DROPS = 3
export const STREWN_mg = 50
