import { drawnFrom, filledBy, onlyLooks, otherVesselsOf, vesselOf, withVessels, type Step } from '../../tube'

/** Steps with vessels named in order of appearance, so that the same work in other tubes is the same recipe. */
export interface Recipe {
  readonly key: string
  readonly steps: readonly Step[]
}

/** A step of a procedure with what is asked of it for every later one. */
interface Line {
  readonly step: Step
  readonly vessel: string
  /** The vessels it acts on, draws on or fills, those of a residue under their extract's name. */
  readonly bases: readonly string[]
  readonly looks: boolean
  /** The vessel it draws on, where that is not the sample's jar. */
  readonly from: string | null
  readonly fills: string | null
  /** Its vessels in the order they are named. */
  readonly named: readonly string[]
  /** The step under other names, by these. */
  readonly renamed: Map<string, Step>
}

const RESIDUE = '-residue'
/** The residue of an extract belongs to the extract. */
const baseOf = (vessel: string): string => (vessel.endsWith(RESIDUE) ? vessel.slice(0, -RESIDUE.length) : vessel)

function lineOf(step: Step): Line {
  const vessel = vesselOf(step)
  const named: string[] = []
  withVessels(step, (each) => (named.push(each), each))
  return {
    step,
    vessel,
    bases: [vessel, ...otherVesselsOf(step)].map(baseOf),
    looks: onlyLooks(step),
    from: step.do === 'take' ? drawnFrom(step) : null,
    fills: filledBy(step),
    named,
    renamed: new Map(),
  }
}

/** A course of work as it grows, and the recipe of each of its steps. A recipe is put together when it is first asked for: a long notebook asks for few of them. */
export class Course {
  private readonly lines: Line[] = []
  /** Vessels that were left to stand, and the place of the line that first did. */
  private readonly settled = new Map<string, number>()

  /**
   * Takes up the next step.
   * @returns the step with just what bears on it: what was done and looked at in its vessel, and done in the vessels that was filled from. Portions taken out leave a vessel as it was, unless it had settled first; a stock made
   * twice the same way is the same stock.
   */
  push(step: Step): Recipe {
    const last = lineOf(step)
    const place = this.lines.length
    if (step.do === 'stand' && !this.settled.has(last.vessel)) this.settled.set(last.vessel, place)
    this.lines.push(last)
    let made: Recipe | undefined
    const recipe = (): Recipe => (made ??= written([...this.whatBearsOn(place), last]))
    return {
      get key() {
        return recipe().key
      },
      get steps() {
        return recipe().steps
      },
    }
  }

  private hasSettled(vessel: string, by: number): boolean {
    return (this.settled.get(vessel) ?? Infinity) <= by
  }

  /** The lines before a place that bear on the one there, in order. */
  private whatBearsOn(place: number): Line[] {
    const last = this.lines[place] as Line
    const needed = new Set(last.bases)
    const kept: Line[] = []
    for (let i = place - 1; i >= 0; i--) {
      const line = this.lines[i] as Line
      if (line.looks && !(line.step.do === 'look' && line.vessel === last.vessel)) continue
      const takesOut = line.from !== null && needed.has(baseOf(line.from)) && this.hasSettled(line.from, place)
      const fills = line.fills !== null && needed.has(baseOf(line.fills))
      if (!needed.has(line.bases[0] as string) && !takesOut && !fills) continue
      kept.push(line)
      for (const base of line.bases) needed.add(base)
    }
    return kept.reverse()
  }
}

/** Lines as a recipe: vessels by the order they are named in, each stock once. */
function written(kept: readonly Line[]): Recipe {
  const names = new Map<string, string>()
  const stocks = new Set<string>()
  const steps: Step[] = []
  const texts: string[] = []
  for (const line of kept) {
    const renamed = renamedBy(line, names)
    const text = textOf(renamed)
    if (renamed.do === 'dissolve' || renamed.do === 'soda-extract') {
      if (stocks.has(text)) continue
      stocks.add(text)
    }
    steps.push(renamed)
    texts.push(text)
  }
  return { key: `[${texts.join()}]`, steps }
}

/**
 * The recipe of a procedure's last step.
 * @throws RangeError for a procedure without steps
 */
export function recipeOf(procedure: readonly Step[]): Recipe {
  const grown = new Course()
  let recipe: Recipe | undefined
  for (const step of procedure) recipe = grown.push(step)
  if (!recipe) throw new RangeError('a recipe needs a step')
  return recipe
}

function renamedBy({ step, named, renamed }: Line, names: Map<string, string>): Step {
  const key = named.map((vessel) => nameIn(names, vessel)).join(' ')
  let known = renamed.get(key)
  if (!known) renamed.set(key, (known = plain(withVessels(step, (vessel) => nameIn(names, vessel)))))
  return known
}

function nameIn(names: Map<string, string>, vessel: string): string {
  const base = baseOf(vessel)
  const name = names.get(base) ?? `v${names.size}`
  names.set(base, name)
  return base === vessel ? name : name + RESIDUE
}

/** What a step says for whoever reads it. */
const WRITTEN_ONLY: ReadonlySet<string> = new Set(['for', 'part', 'assumed'])
/** A step without what does not bear on the outcome, its fields in one order. */
const plain = (step: Step): Step =>
  Object.fromEntries(
    Object.entries(step)
      .filter(([key, value]) => value !== undefined && !WRITTEN_ONLY.has(key))
      .sort(([a], [b]) => (a < b ? -1 : 1)),
  ) as unknown as Step

const texts = new WeakMap<Step, string>()
/** A step as text, by which those that do the same are known. */
export function textOf(step: Step): string {
  let known = texts.get(step)
  if (known === undefined) texts.set(step, (known = JSON.stringify(step)))
  return known
}
