import type { Expectation } from '../../channels'
import { chanceOf, type Content, type Reasoning, type Standing, type TraceStep } from '../../deduction'
import type { FindingName } from '../../messages'
import type { Concluded, Did, Entry, Notebook, Observation } from '../../notebook'
import { COMPONENT_INDEX, findReagent, findSalt } from '../../species'
import { vesselOf, type Step, type Vessel } from '../../tube'

export type Severity = 'note' | 'weakens' | 'spoils'

/** What a rule sees of one entry of work. */
export interface Work {
  readonly entry: Entry
  readonly did: Did
  /** Its steps, each with all that led up to it. */
  readonly steps: readonly TraceStep[]
  /** What was written of it. */
  readonly saw: readonly Observation[]
  /** What was done to the same vessels afterwards. */
  readonly later: readonly TraceStep[]
  /** Nothing was done after it yet: what is missing may still come. */
  readonly last: boolean
  readonly page: Page
}

/** What a rule sees of one conclusion. */
export interface Claim {
  readonly entry: Entry
  readonly concluded: Concluded
  readonly standing: Standing | undefined
  /** The observations it cites, each with the step it was written of. */
  readonly cited: readonly Seen[]
  readonly page: Page
}

export interface Seen {
  readonly observation: Observation
  readonly steps: readonly TraceStep[]
}

interface Named {
  /** What it does to the evidence, and the way back, are messages under this name. */
  readonly id: FindingName
  readonly severity: Severity
}
/** A trap, as a rule over the work done or the conclusions drawn. Adding one is adding an entry to its family. */
export interface WorkRule extends Named {
  readonly applies: (work: Work) => boolean
  /** The same work with the mistake undone: all that bears on what was looked at, in order, the step at fault or the last look at the end. Absent where nothing done would mend it. */
  readonly undo?: (steps: readonly Step[]) => readonly Step[]
}
export interface ClaimRule extends Named {
  readonly claims: (claim: Claim) => boolean
}

/** From here on the salt that is likeliest stands for what is in the tubes. */
const BELIEVED = 0.5
/** What stands for a sample that is not known: a salt that takes part in nothing. */
const STAND_IN = 'KNO3'
const STAND_IN_molar = 0.1

/** The whole notebook, as the rules ask about it. */
export class Page {
  private readonly content: Content | undefined

  constructor(
    readonly notebook: Pick<Notebook, 'case' | 'entries'>,
    /** Its entries as amended, without those withdrawn. */
    readonly entries: readonly Entry[],
    readonly reasoning: Reasoning,
  ) {
    const best = reasoning.posterior.indexOf(Math.max(...reasoning.posterior))
    this.content = (reasoning.posterior[best] ?? 0) >= BELIEVED ? reasoning.hypotheses[best]?.content : this.standIn
  }

  /** A jar that takes part in nothing: solid or dissolved, as this one is. */
  private get standIn(): Content | undefined {
    const { sample_mL: mL } = this.reasoning.simulations
    const salt = findSalt(STAND_IN)
    if (mL === undefined || !salt) return salt
    const ions = Object.fromEntries(Object.entries(salt.data.ions).map(([ion, n]) => [ion, n * STAND_IN_molar]))
    return { id: `${STAND_IN}, ${STAND_IN_molar} mol/L`, jar: { solution: { ions, mL } } }
  }

  get steps(): readonly TraceStep[] {
    return this.reasoning.trace.steps
  }
  get seen(): readonly Seen[] {
    return this.reasoning.trace.observations
  }
  /** Observations a conclusion cites, by themselves or by the work they were written of. */
  citedBy({ citing }: Concluded): readonly Seen[] {
    return this.reasoning.trace.observations.filter(({ entry, steps }) => citing.includes(entry) || steps.some((s) => citing.includes(s.entry)))
  }
  /** Steps up to and with this one, in the order done. */
  until(step: TraceStep): readonly TraceStep[] {
    return this.steps.slice(0, this.steps.indexOf(step) + 1)
  }

  /** Probability that one of these ions is in the jar, by all that was written. */
  chance(...ions: readonly string[]): number {
    return chanceOf(ions, this.reasoning)
  }
  standing(species: string): Standing | undefined {
    return this.reasoning.standings.find((s) => s.species === species)
  }

  /** The vessel of a step just before it, worked out with the salt that is likeliest, or with one that takes part in nothing. */
  before(step: TraceStep): Vessel | undefined {
    return this.content && this.reasoning.simulations.vesselBefore(this.content, step.recipe)
  }
  pHBefore(step: TraceStep): number | undefined {
    return this.before(step)?.contents?.pH
  }
  /** mol/L of a component in the vessel just before a step, dissolved and solid. */
  heldBefore(step: TraceStep, ion: string): number {
    const vessel = this.before(step)
    const component = COMPONENT_INDEX.get(ion)
    return vessel && component !== undefined && vessel.volume_mL > 0 ? ((vessel.totals[component] ?? 0) / vessel.volume_mL) * 1000 : 0
  }
  /** What a step shows with a sample that takes part in nothing. */
  blank(step: TraceStep): Expectation | null {
    const blank = this.standIn
    return blank ? this.reasoning.simulations.expect(blank, step.recipe) : null
  }
}

export const doing = (step: TraceStep): Step | undefined => step.recipe.steps.at(-1)

/** Whether a reagent brings an ion, by its composition. */
export function holds(reagent: string, ion: string): boolean {
  const component = COMPONENT_INDEX.get(ion)
  try {
    return component !== undefined && (findReagent(reagent).totals[component] ?? 0) > 1e-9
  } catch {
    return false
  }
}
export function reagentId(reagent: string): string {
  try {
    return findReagent(reagent).reagent
  } catch {
    return reagent
  }
}
function strengthOf(reagent: string): number {
  try {
    return findReagent(reagent).molarity
  } catch {
    return 0
  }
}
const ACIDS: ReadonlySet<string> = new Set(['hydrochloric-acid', 'nitric-acid', 'sulfuric-acid', 'acetic-acid', 'aqua-regia', 'phosphoric-acid'])
const BASES: ReadonlySet<string> = new Set(['sodium-hydroxide', 'potassium-hydroxide', 'ammonia'])
const SULFIDES: ReadonlySet<string> = new Set(['hydrogen-sulfide-water', 'thioacetamide', 'sodium-sulfide', 'ammonium-sulfide'])
const CONCENTRATED: Readonly<Record<string, number>> = { 'sulfuric-acid': 10, 'hydrochloric-acid': 10, 'nitric-acid': 10 }

export const isAcid = (reagent: string): boolean => ACIDS.has(reagentId(reagent))
export const isBase = (reagent: string): boolean => BASES.has(reagentId(reagent))
export const isConcentratedAcid = (reagent: string): boolean => strengthOf(reagent) >= (CONCENTRATED[reagentId(reagent)] ?? Infinity)

type Added = Extract<Step, { do: 'add' }>
/** The step's own addition, where it is one of a solution. */
export function adding(step: TraceStep): Added | undefined {
  const now = doing(step)
  return now?.do === 'add' ? now : undefined
}
export const adds = (step: TraceStep, ...ions: readonly string[]): boolean => {
  const added = adding(step)
  return added !== undefined && added.mg === undefined && ions.every((ion) => holds(added.reagent, ion))
}
export const addsReagent = (step: TraceStep, ...ids: readonly string[]): boolean => {
  const added = adding(step)
  return added !== undefined && ids.includes(reagentId(added.reagent))
}
const DROP_mL = 0.05
export const amountOf = ({ mL, drops }: { readonly mL?: number | undefined; readonly drops?: number | undefined }): number =>
  mL ?? (drops ?? 0) * DROP_mL

/** Whether the step brings sulfide in. */
export function bringsSulfide(step: Step): boolean {
  return (step.do === 'add' && SULFIDES.has(reagentId(step.reagent))) || (step.do === 'pass' && step.gas === 'H2S')
}
const boils = (step: Step): boolean => step.do === 'boil' || step.do === 'concentrate' || step.do === 'ignite'

/** What led up to a step, itself left out. */
export const history = (step: TraceStep): readonly Step[] => step.recipe.steps.slice(0, -1)
/** Everything poured in before the step at hand, in order. */
export const pouredBefore = (step: TraceStep): string[] =>
  history(step).flatMap((s) => (s.do === 'add' ? [s.reagent] : s.do === 'dissolve' ? [s.in] : []))
/** What was done after the last step of some kind; undefined where there was none. */
export function sinceLast(steps: readonly Step[], what: (step: Step) => boolean): readonly Step[] | undefined {
  const at = steps.findLastIndex(what)
  return at < 0 ? undefined : steps.slice(at + 1)
}
/** What was done after the first step of some kind; undefined where there was none. */
export function sinceFirst(steps: readonly Step[], what: (step: Step) => boolean): readonly Step[] | undefined {
  const at = steps.findIndex(what)
  return at < 0 ? undefined : steps.slice(at + 1)
}
/** Whether something of this kind went in and has not been boiled since. */
export const standsUnboiled = (steps: readonly Step[], what: (step: Step) => boolean): boolean => sinceLast(steps, what)?.some(boils) === false
/** Whether a solid was parted from its liquid on the way. */
export const isParted = (step: TraceStep): boolean => history(step).some((s) => s.do === 'centrifuge' || s.do === 'filter')
/** Whether there is a solid of the sample, dry or nearly so, in the vessel: what was taken of it, mg. */
export const solidTaken = (step: TraceStep): number =>
  history(step).reduce((sum, s) => sum + (s.do === 'take' && s.from === 'sample' ? (s.mg ?? 0) : 0), 0)
export const sameVessel = (a: TraceStep, b: TraceStep): boolean => {
  const [x, y] = [doing(a), doing(b)]
  return x !== undefined && y !== undefined && vesselOf(x) === vesselOf(y) && a.vessel === b.vessel
}

export const wrote = (saw: readonly Observation[], channel: string, ...values: readonly string[]): boolean =>
  saw.some((o) => o.channel === channel && !o.negated && (values.length === 0 || values.includes(o.value)))
export const denied = (saw: readonly Observation[], channel: string): boolean =>
  saw.some((o) => o.channel === channel && (o.negated || o.value === 'no'))

/** Step lists changed, for undoing a mistake. */
export const dropping =
  (what: (step: Step) => boolean) =>
  (steps: readonly Step[]): Step[] =>
    steps.filter((step) => !what(step))
export const changing =
  (change: (step: Step) => Step) =>
  (steps: readonly Step[]): Step[] =>
    steps.map(change)
/** Puts steps in the same vessel before the last step of some kind. */
export const inserting =
  (before: (step: Step) => boolean, ...done: readonly ((vessel: string) => Step)[]) =>
  (steps: readonly Step[]): Step[] => {
    const at = steps.findLastIndex(before)
    const step = steps[at]
    return step ? [...steps.slice(0, at), ...done.map((make) => make(vesselOf(step))), ...steps.slice(at)] : [...steps]
  }
export const appending =
  (...done: readonly ((vessel: string) => Step)[]) =>
  (steps: readonly Step[]): Step[] => {
    const last = steps.at(-1)
    return last ? [...steps, ...done.map((make) => make(vesselOf(last)))] : []
  }
export const pouring =
  (reagent: string, drops: number) =>
  (to: string): Step => ({ do: 'add', to, reagent, drops })
export const boiling =
  (minutes: number) =>
  (vessel: string): Step => ({ do: 'boil', vessel, minutes })
/** An addition of one of these reagents given another in its place. */
export const instead = (reagents: readonly string[], other: string): ((steps: readonly Step[]) => Step[]) =>
  changing((step) => {
    if (step.do === 'add' && reagents.includes(reagentId(step.reagent))) return { ...step, reagent: other }
    return step.do === 'dissolve' && reagents.includes(reagentId(step.in)) ? { ...step, in: other } : step
  })
export const pours =
  (...ions: readonly string[]) =>
  (step: Step): boolean =>
    step.do === 'add' && step.mg === undefined && ions.some((ion) => holds(step.reagent, ion))
export const poursReagent =
  (...ids: readonly string[]) =>
  (step: Step): boolean =>
    step.do === 'add' && ids.includes(reagentId(step.reagent))
