import type { Expectation } from '../../channels'
import { iterationsSoFar } from '../../equilibrium'
import { once, Runner, type Bulk, type Percept, type Sight, type Told } from '../../perception'
import type { Salt } from '../../species'
import type { Structure } from '../../structure'
import { vesselOf, type Conditions, type Step, type Vessel } from '../../tube'
import { groundOf, hangsOnSalts } from '../inference/mixture/ground-salts'
import type { Content } from './content'
import { textOf, type Recipe } from './recipe'

export type { Content, Hypothesis } from './content'

/** Ions the standings speak of; hydrogen of acid salts is told by formula only. */
export const ionsOf = (salt: Salt): ReadonlySet<string> => new Set(Object.keys(salt.data.ions).filter((ion) => ion !== 'H^+' && ion !== 'OH^-'))

/** Iterations of the equilibrium that a step takes in the mean over the tests of a mixture: most take none or a few, concentrated acid a hundred. */
const ITERATIONS_A_STEP = 12

/** States of vessels kept of mixtures, a dozen kilobytes each. */
const MOST_KEPT = 8_000

/** A beginning longer than this stands by its digest, so that a tube worked on for hours does not fill the memory with its own history. */
const LONGEST_TEXT = 2000
/**
 * A text as it stands for a beginning: itself, or where it is long 128 bits of it.
 * Source of the mixing: four runs of the finaliser of MurmurHash3 (public domain) with seeds of their own.
 */
function shortened(text: string): string {
  if (text.length <= LONGEST_TEXT) return text
  const bits = [1, 2, 3, 4].map((seed) => {
    let h = Math.imul(seed, 0x9e3779b1)
    for (let k = 0; k < text.length; k++) {
      h = Math.imul(h ^ text.charCodeAt(k), 0x85ebca6b)
      h ^= h >>> 13
    }
    h = Math.imul(h ^ (h >>> 16), 0xc2b2ae35)
    return ((h ^ (h >>> 15)) >>> 0).toString(36)
  })
  return `…${bits.join('.')}`
}

const beginnings = new WeakMap<Recipe['steps'], readonly string[]>()
/** A recipe's beginnings, by what is done in them. */
function beginningsOf(steps: Recipe['steps']): readonly string[] {
  let known = beginnings.get(steps)
  if (!known) {
    let text = ''
    beginnings.set(steps, (known = steps.map((step) => (text = shortened(text) + textOf(step)))))
  }
  return known
}

/** What somebody's question may cost, where many ask. */
export interface Bounds {
  /** States of vessels kept from one question to the next. */
  readonly keep: number
  /** Told how many steps a question has taken. @throws where that is more than it may */
  readonly afford: (steps: number) => void
}

interface Node {
  readonly runner: Runner
  readonly percept: () => Percept
  readonly told: () => Told
  readonly bulk: () => Bulk | null
}

/** What is seen, with what the model knows besides worked out when it is asked for: seldom, and it costs a tenth of all. */
const toldWhenAsked = (sight: Sight, told: () => Told): Percept => ({
  ...sight,
  get shows() {
    return told().shows
  },
  get equation() {
    return told().equation
  },
  get equations() {
    return told().equations
  },
})
const NOTHING_TOLD: Told = { shows: [], equation: null, equations: [] }

/**
 * Percepts worked out ahead, for the catalogue's tests done on the usual amount: `table[salt][recipe]` is a pair of places in `percepts`, for what is seen and what was there before; −1 for none, and
 * a null pair where the step cannot be done. `model` tells which constants and tests it was made with. Percepts are kept as JSON and read when they are first asked for: few of them ever are, and as objects they
 * would take five times the memory.
 */
export interface PerceptPack {
  readonly model: string
  readonly sample_mg: number
  readonly recipes: readonly string[]
  readonly percepts: readonly string[]
  readonly table: Readonly<Record<string, readonly (readonly [percept: number, before: number] | null)[]>>
  /** For organic compounds: what was perceived of their structures, by the SMILES they are asked for by. */
  readonly structures?: Readonly<Record<string, Structure>>
  /** For mixtures: the parts each test speaks of. */
  readonly sensitivities?: Readonly<Record<string, readonly string[]>>
  /** For one salt: the ions each test speaks of in a strong solution. */
  readonly strong?: Readonly<Record<string, readonly string[]>>
  /** The same: the gases that come, by test and part, of each part by itself. */
  readonly gases?: Readonly<Record<string, Readonly<Record<string, readonly string[]>>>>
}

const perceptsRead = new WeakMap<PerceptPack, (Percept | undefined)[]>()
/** A percept of a pack, by its place: one object for one sight, by which those that look alike are known. */
function perceptAt(pack: PerceptPack, place: number): Percept | undefined {
  let read = perceptsRead.get(pack)
  if (!read) perceptsRead.set(pack, (read = []))
  const text = pack.percepts[place]
  return text === undefined ? undefined : (read[place] ??= JSON.parse(text) as Percept)
}

/**
 * Percepts by hypothesis and recipe, remembered: the same work is simulated once, and a longer recipe goes on from where a shorter one stopped. One instance
 * serves one sample mass and one set of conditions.
 */
export class Simulations {
  private readonly nodes = new Map<string, Map<string, Node | null>>()
  private readonly known = new Map<string, Map<string, Expectation | null>>()
  private kept = 0
  /** Steps simulated so far. */
  made = 0
  private iterated = 0
  private sinceAsked = 0
  private readonly shared = new Map<string, Expectation>()
  private readonly packs: { readonly pack: PerceptPack; readonly places: ReadonlyMap<string, number> }[] = []

  constructor(
    readonly sample_mg: number,
    private readonly conditions: Conditions = {},
    /** The sample's volume, where it is a solution. */
    readonly sample_mL?: number,
    private readonly bounds?: Bounds,
  ) {}

  /** Takes up percepts worked out ahead; those of another sample mass, or under other conditions, are no use and are left. */
  use(pack: PerceptPack): void {
    if (pack.sample_mg !== this.sample_mg || Object.keys(this.conditions).length > 0) return
    this.packs.push({ pack, places: new Map(pack.recipes.map((key, place) => [key, place])) })
  }

  /** What thinking has cost so far, in steps of the usual cost: about a thousand take half a second. */
  get effort(): number {
    return this.iterated / ITERATIONS_A_STEP
  }

  /** Of mixtures there is no end: those longest not asked about are forgotten. */
  private makeRoom(content: Content): void {
    const nodes = this.nodes.get(content.id)
    if (!content.jar || !nodes) return
    this.nodes.delete(content.id)
    this.nodes.set(content.id, nodes)
    for (const [id, { size }] of this.nodes) {
      if (this.kept <= MOST_KEPT || id === content.id) return
      this.nodes.delete(id)
      this.kept -= size
    }
  }

  /** Forgets all that was worked out of some contents, by their ids. */
  forget(ids: Iterable<string>): void {
    for (const id of ids) {
      this.kept -= this.nodes.get(id)?.size ?? 0
      this.nodes.delete(id)
      this.known.delete(id)
    }
  }

  /** Begins a new question: what it may cost is counted from here, and states beyond those that are to be kept are forgotten, the oldest first. */
  begin(): void {
    this.sinceAsked = 0
    if (!this.bounds) return
    for (const states of this.nodes.values())
      for (const key of states.keys()) {
        if (this.kept <= this.bounds.keep) break
        states.delete(key)
        this.kept--
      }
    if (this.known.size > 0) this.known.clear()
  }

  /** What the recipe's last step shows with this in the jar; null where the step cannot be done with it. */
  expect(content: Content, recipe: Recipe): Expectation | null {
    let known = this.known.get(content.id)
    if (!known) this.known.set(content.id, (known = new Map<string, Expectation | null>()))
    let found = known.get(recipe.key)
    if (found !== undefined) return found
    found = this.fromPack(content, recipe)
    // Null is an answer too: the step cannot be done with it, or nobody asks.
    if (found === undefined) found = this.workOut(content, recipe)
    known.set(recipe.key, found)
    return found
  }

  /** Gases that come on the way through some steps with this in the jar. */
  gasesOn = (content: Content, steps: readonly { readonly recipe: Recipe }[]): readonly string[] => [
    ...new Set(steps.flatMap(({ recipe }) => (this.expect(content, recipe)?.percept.gases ?? []).map((gas) => gas.species))),
  ]

  private fromPack(content: Content, recipe: Recipe): Expectation | null | undefined {
    for (const [n, { pack, places }] of this.packs.entries()) {
      const place = places.get(recipe.key)
      const pair = place === undefined ? undefined : pack.table[content.id]?.[place]
      if (pair === null) return null
      const percept = pair && perceptAt(pack, pair[0])
      if (!percept) continue
      const mark = `${n}:${pair[0]}:${pair[1]}`
      let shared = this.shared.get(mark)
      if (!shared) this.shared.set(mark, (shared = { percept, before: perceptAt(pack, pair[1]) ?? null }))
      return shared
    }
    return undefined
  }

  private workOut(content: Content, recipe: Recipe): Expectation | null {
    const [ground] = hangsOnSalts(recipe.steps) ? groundOf(content) : []
    if (ground) return this.expect(ground, recipe)
    const node = this.node(content, recipe.steps)
    this.makeRoom(content)
    if (!node) return null
    const looked = recipe.steps.slice(0, -1).findLastIndex((step) => step.do === 'look')
    // Where nothing was looked at before, a look has nothing to be compared with; work done freely is watched step by step.
    const until = looked >= 0 ? looked + 1 : recipe.steps.at(-1)?.do === 'look' ? 0 : recipe.steps.length - 1
    const before = until > 0 ? this.node(content, recipe.steps, until) : null
    const percept = node.percept()
    const earlierSight = before?.percept()
    return { percept, before: earlierSight?.vessel === percept.vessel ? earlierSight : null, bulk: node.bulk() }
  }

  /** The vessel that the recipe's last step is done on, just before it; undefined where there is none yet, or where what led up to it cannot be done with this. */
  vesselBefore(content: Content, recipe: Recipe): Vessel | undefined {
    const last = recipe.steps.at(-1)
    return last && this.node(content, recipe.steps, recipe.steps.length - 1)?.runner.vessel(vesselOf(last))
  }

  /** The same vessel just after it; undefined where the step cannot be done with this, or is done on no vessel. */
  vesselAfter(content: Content, recipe: Recipe): Vessel | undefined {
    const last = recipe.steps.at(-1)
    return last && this.node(content, recipe.steps)?.runner.vessel(vesselOf(last))
  }

  /** The state after the first so many of the steps: found, or gone on to from the longest beginning that is. */
  private node(content: Content, steps: Recipe['steps'], length = steps.length): Node | null {
    let known = this.nodes.get(content.id)
    if (!known) this.nodes.set(content.id, (known = new Map<string, Node | null>()))
    const keys = beginningsOf(steps)
    let from = length
    let node: Node | null | undefined
    while (from > 0 && (node = known.get(keys[from - 1] ?? '')) === undefined) from--
    if (from === 0 && length > 0) node = undefined
    for (let k = from; k < length && node !== null; k++) {
      this.bounds?.afford(++this.sinceAsked)
      node = this.goOn(content, node ?? null, steps, k)
      known.set(keys[k] ?? '', node)
      this.kept++
      this.made++
    }
    return node ?? null
  }

  /** The next state after one, or the first where there is none. */
  private goOn(content: Content, parent: Node | null, steps: Recipe['steps'], place: number): Node | null {
    const last = steps[place] as Step
    const runner = parent
      ? parent.runner.fork()
      : new Runner(content.jar ?? { solids: [{ formula: content.id, mg: this.sample_mg }] }, this.conditions)
    const before = iterationsSoFar()
    try {
      const { sight, told, bulk } = runner.stepUnseen(last)
      // By then the state may be forgotten, and is worked out once more: what is seen of it outlives it.
      const toldOfIt = (): Told => this.node(content, steps, place + 1)?.told() ?? NOTHING_TOLD
      return { runner, percept: once(() => toldWhenAsked(sight(), toldOfIt)), told, bulk }
    } catch {
      // A step that this does not allow (nothing left to take) says nothing about it.
      return null
    } finally {
      this.iterated += iterationsSoFar() - before
    }
  }
}
