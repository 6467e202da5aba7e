import type { Content, Simulations } from '../../simulation/simulations'
import type { Group } from '../../observation/tests-written'
import { ACID, carriersOf, CATIONS, DRY, isAnion, massOf, mixtureOf, PARTS, type AmountClass, type Carriers, type Parts } from './parts'
import { shareOfIon } from '../beforehand'
import type { Sensitivities } from './sensitivity'
import { rowsOf, shortfallOf, sum } from './rows'
import { swaps, type Move } from './moves'
import { provenBy } from './proofs'
import { keepsTogether, shares } from './together'

/** A mixture weighed against what was written. */
export interface Weighed {
  readonly parts: Parts
  readonly content: Content
  /** Natural logarithm of how likely it makes what was written, test by test. */
  readonly logs: readonly number[]
  /** Their sum, and the prior of its parts. */
  readonly score: number
}

/** What is known of a mixture beforehand. */
export interface Known {
  readonly isSolid?: boolean
  readonly maxCations?: number | undefined
  readonly maxAnions?: number | undefined
}

/** How much less likely a mixture is for each ion more than it is said to have (natural logarithm): what is said of it holds. */
const TOO_MANY = 200
const isCation = (part: string): boolean => CATIONS.includes(part)
const countOf = (parts: Parts, kind: (part: string) => boolean): number => [...parts.keys()].filter(kind).length
const tooMany = (parts: Parts, { maxCations = Infinity, maxAnions = Infinity }: Known): number =>
  Math.max(0, countOf(parts, isCation) - maxCations) + Math.max(0, countOf(parts, isAnion) - maxAnions)

/** Odds of a part before any test: a mixture holds a few of each kind. */
const ODDS = { cation: 0.14, anion: 0.11, acid: 1 } as const
const oddsOf = (part: string): number => (part === ACID ? ODDS.acid : (isAnion(part) ? ODDS.anion : ODDS.cation) * shareOfIon(part))
/** How often there is so much of it, beside the commonest. */
const AMOUNTS: Readonly<Record<AmountClass, number>> = {
  faint: 0.2,
  dilute: 0.3,
  trace: 0.4,
  slight: 0.5,
  minor: 0.6,
  modest: 0.8,
  middling: 1,
  ample: 1,
  major: 1,
  large: 0.9,
  heavy: 0.8,
  copious: 0.8,
  strong: 0.8,
  plentiful: 0.6,
  concentrated: 0.4,
}
/** How much less likely a mixture is for each two of its parts that cannot share a solution (natural logarithm): not impossible, since the pair may be there in traces. */
const APART = 4
/** Pairs that cannot share a solution, and beside others parts that do not keep by themselves; none where the mixture as a whole keeps, as silver does beside thiosulfate in plenty. */
function apart(parts: Parts): number {
  if (parts.has(DRY)) return 0
  const acid = parts.has(ACID)
  const held = [...parts.keys()].filter((part) => part !== ACID)
  const keeping = held.filter((part) => shares(part, part, acid))
  let wrong = held.length > 1 ? held.length - keeping.length : 0
  keeping.forEach((a, k) => {
    for (const b of keeping.slice(k + 1)) if (!shares(a, b, acid)) wrong++
  })
  return wrong > 0 && keepsTogether(parts) ? 0 : wrong
}
const priorOf = (parts: Parts, known: Known): number =>
  -APART * apart(parts) -
  TOO_MANY * tooMany(parts, known) +
  [...parts].filter(([part]) => part !== DRY).reduce((sum, [part, amount]) => sum + Math.log(oddsOf(part)) + Math.log(AMOUNTS[amount]), 0)
/** Probability of a part before any test. */
export const beforehand = (part: string): number => {
  const odds = oddsOf(part)
  return odds / (1 + odds)
}

/** What was written of a test is explained where it falls no further short of what one would write of the mixture itself (natural logarithm). */
export const EXPLAINED = 1.2

const keyOf = ({ entry, observations }: Group): string =>
  `${entry} ${JSON.stringify(observations.map((o) => [o.observation, o.steps[0]?.recipe.key]))}`

/** Steps that are simulated for one line, about, before exchanges and new beginnings are left for the next: a few seconds. */
const ENOUGH = 3000
/** Several parts together may explain a test somewhat better than any did so far (natural logarithm). */
const HOPED_MORE = 0.3
/** Parts a test does not speak of by themselves have a hand in it where it comes out this much otherwise with them (natural logarithm). */
const ENTANGLED = 0.7
/** Steps of a test on a portion, about: the end of a separation takes many times as many. */
const PORTION = 12
/** Mixtures this much less likely than the best are not weighed to the end (natural logarithm). */
export const GIVEN_UP = 7.5

/**
 * Mixtures weighed against the tests of a notebook in their order, each no further than it takes to give it up. A part that is put in or taken out is weighed by the tests it answers, the others being
 * as they were.
 */
export class Scorer {
  private readonly rows = new Map<string, (readonly number[] | undefined)[]>()
  private groups: readonly Group[] = []
  /** What had been worked by the time the page was last taken up, steps. */
  private began = 0
  private keys: readonly string[] = []
  /** The best that anything has made of each test: what a mixture may still hope for. */
  private readonly hopes: number[] = []
  /** Tests in which parts they do not speak of by themselves turned out to have a hand: zinc that comes down with arsenic. */
  private readonly entangled = new Map<number, ReadonlySet<string>>()
  /** For each part, the test that last spoke against a change of it. */
  private readonly against = new Map<string, number>()

  constructor(
    private readonly simulations: Simulations,
    private readonly sensitivities: Sensitivities,
    private readonly mL: number,
    private readonly known: Known = {},
  ) {}

  /** Exchanges of one ion for another of its kind, where there may be no more of that kind: nothing else can stand for the other then. */
  exchanges(parts: Parts): readonly Move[] {
    const { maxCations = Infinity, maxAnions = Infinity } = this.known
    const kinds = [...(countOf(parts, isCation) >= maxCations ? [isCation] : []), ...(countOf(parts, isAnion) >= maxAnions ? [isAnion] : [])]
    return kinds.flatMap((kind) => swaps(parts, PARTS.filter(kind)).filter(({ changed: [out = ''] }) => kind(out)))
  }

  /** A mixture of which nothing is known yet. */
  get nothing(): Parts {
    return this.known.isSolid ? new Map([[DRY, 'middling']]) : new Map()
  }

  /**
   * Takes up the notebook as it is now; what was weighed by tests that have not changed stays weighed.
   * @returns how many of the first tests have not changed
   */
  takeUp(groups: readonly Group[]): number {
    const keys = groups.map(keyOf)
    let same = 0
    while (same < keys.length && this.keys[same] === keys[same]) same++
    this.groups = groups
    this.keys = keys
    this.began = this.simulations.effort
    if (same < groups.length || same < this.hopes.length) this.kept.clear()
    if (same < this.hopes.length) {
      this.hopes.length = same
      for (const rows of [...this.rows.values(), ...this.shortfalls.values()]) rows.length = Math.min(rows.length, same)
      this.against.clear()
      for (const place of this.entangled.keys()) if (place >= same) this.entangled.delete(place)
    }
    return same
  }

  rowsAt(content: Content, place: number): readonly number[] {
    let known = this.rows.get(content.id)
    if (!known) this.rows.set(content.id, (known = []))
    let rows = known[place]
    if (!rows) {
      const group = this.groups[place]
      known[place] = rows = group ? rowsOf(group, content, this.simulations) : []
      const log = sum(rows)
      if (log > (this.hopes[place] ?? -Infinity)) this.hopes[place] = log
    }
    return rows
  }

  /** Whether there are steps enough to look closer at what is hard to explain: not while somebody waits at the bench. */
  isThorough = false
  private limit = Infinity
  /** Whether whoever asked no longer waits. */
  cancelled: (() => boolean) | undefined
  /** Does some work in which nothing further is tried after so many steps, about; nor after those of the work it is part of. */
  within<T>(steps: number, work: () => T): T {
    const outer = this.limit
    this.limit = Math.min(outer, this.effort + steps)
    try {
      return work()
    } finally {
      this.limit = outer
    }
  }
  /** Whether nothing further is to be tried. */
  get isExhausted(): boolean {
    return this.effort >= this.limit || this.cancelled?.() === true
  }

  /** Whether a mixture explains what was written of a test, to the word or nearly. */
  explains = (parts: Parts, place: number): boolean => this.shortfallAt(parts, place) < EXPLAINED
  /** By how much what was written of a test falls short of what one would write of the mixture itself (natural logarithm). */
  shortfallAt(parts: Parts, place: number): number {
    const content = this.contentOf(parts)
    let known = this.shortfalls.get(content.id)
    if (!known) this.shortfalls.set(content.id, (known = []))
    const group = this.groups[place]
    return group === undefined ? 0 : (known[place] ??= shortfallOf(group, content, this.simulations))
  }
  /** The same of all the first tests. */
  shortfall = (parts: Parts, until: number): number => this.groups.slice(0, until).reduce((all, _, place) => all + this.shortfallAt(parts, place), 0)
  private readonly shortfalls = new Map<string, (number | undefined)[]>()

  /** Whether so much was worked for this state of the page that what is not settled yet is left for the next line. */
  get tired(): boolean {
    return this.effort > ENOUGH
  }
  /** What was worked for this state of the page, steps of the usual cost. */
  get effort(): number {
    return this.simulations.effort - this.began
  }

  /** The mixture without what the scheme's own proofs deny. */
  undenied(parts: Parts): Parts {
    const { denied } = provenBy(this.groups)
    return new Map([...parts].filter(([part]) => !denied.has(part)))
  }
  /** The mixture as those proofs would have it, in so far as they speak of its parts. */
  proposed(parts: Parts): Parts {
    const { shown } = provenBy(this.groups)
    return new Map([...this.undenied(parts), ...[...shown].filter((part) => !parts.has(part)).map((part) => [part, 'middling'] as const)])
  }

  /** The best that anything weighed so far has made of a test. */
  hopeOf = (place: number): number => this.hopes[place] ?? -Infinity

  /** Whether a test speaks of a part; work done freely may speak of any. */
  answers(place: number, part: string): boolean {
    const test = this.groups[place]?.test
    const known = test == null ? undefined : this.sensitivities[test]
    return part === ACID || part === DRY || known === undefined || known.includes(part) || this.entangled.get(place)?.has(part) === true
  }

  /** The parts a test speaks of. */
  spokenOf = (place: number): readonly string[] => PARTS.filter((part) => this.answers(place, part))
  /** Those of them that a mixture holds. */
  heldOf = (parts: Parts, place: number): Parts => new Map([...parts].filter(([part]) => this.answers(place, part)))

  /**
   * From now on a test is worked with all of these parts, where it speaks of what carries their charge: each has a hand in it by how much of that there is. It costs, and is for what is hard to explain.
   */
  lookCloser(parts: Parts, place: number): void {
    const { anion, cation } = carriersOf(parts)
    if ([anion, cation].some((carrier) => carrier !== undefined && this.answers(place, carrier))) this.entangle(parts, place)
  }
  private entangle(parts: Parts, place: number): void {
    this.entangled.set(place, new Set([...(this.entangled.get(place) ?? []), ...parts.keys()]))
  }

  contentOf(parts: Parts, carriers?: Carriers, mg = massOf(parts)): Content {
    let key = carriers ? `${carriers.anion ?? ''} ${carriers.cation ?? ''} ${mg};` : ''
    for (const [part, amount] of parts) key += `${part} ${amount},`
    let known = this.contents.get(key)
    if (!known) this.contents.set(key, (known = mixtureOf(parts, this.mL, carriers, mg)))
    return known
  }
  private readonly contents = new Map<string, Content>()

  /** The parts of a mixture that a test answers: with these alone it is worked, so that mixtures which differ in nothing it speaks of are one to it. */
  private answering(parts: Parts, place: number): Content {
    const spoken = this.heldOf(parts, place)
    if (spoken.size === parts.size) return this.contentOf(parts)
    const { anion, cation } = carriersOf(parts)
    // A part that is not spoken of carries its charge in silence; another does not take its place.
    const told = (part: string | undefined): string | undefined => (part !== undefined && spoken.has(part) ? part : undefined)
    return this.contentOf(spoken, { anion: told(anion), cation: told(cation) }, massOf(parts))
  }
  /** Steps it takes at most to work a test with the parts that it answers: portions cost alike, and no less what was done already. */
  private costOf(parts: Parts, place: number): number {
    const isKnown = this.rows.get(this.answering(parts, place).id)?.[place] !== undefined
    return isKnown ? PORTION : Math.max(PORTION, this.groups[place]?.observations[0]?.steps[0]?.recipe.steps.length ?? 0)
  }
  /** Natural logarithms of the probability of what was written of a test, with the parts that it answers. */
  partRows = (parts: Parts, place: number): readonly number[] => this.rowsAt(this.answering(parts, place), place)
  /** Their sum for a mixture that is only tried; where nothing further is to be, none is worse. */
  tried = (parts: Parts, place: number): number => (this.isExhausted ? -Infinity : sum(this.partRows(parts, place)))

  /** Natural logarithm of the probability of what was written of a test, with all of the parts. */
  wholeAt = (parts: Parts, place: number): number => sum(this.rowsAt(this.contentOf(parts), place))

  /** By all of the first tests, with all of its parts. */
  whole(parts: Parts, until: number): Weighed {
    const content = this.contentOf(parts)
    const logs = this.groups.slice(0, until).map((_, place) => {
      const log = this.wholeAt(parts, place)
      // Worked with fewer parts it may come out otherwise: then all of these have a say in it.
      if (Math.abs(log - sum(this.partRows(parts, place))) > ENTANGLED) this.entangle(parts, place)
      return log
    })
    const weighed = { parts, content, logs, score: sum(logs) + priorOf(parts, this.known) }
    if (until === this.groups.length) this.keep(weighed)
    return weighed
  }

  /** Of each choice of parts, in whatever amounts, the best that was weighed by the whole page. */
  private readonly kept = new Map<string, Weighed>()
  private keep(weighed: Weighed): void {
    const key = compositionOf(weighed.parts)
    if (weighed.score > (this.kept.get(key)?.score ?? -Infinity)) this.kept.set(key, weighed)
  }
  weighedWhole = (parts: Parts): Weighed | undefined => this.kept.get(compositionOf(parts))
  everyWeighedWhole = (): readonly Weighed[] => [...this.kept.values()]

  /** Another mixture, by the tests that its changed parts answer; as soon as it cannot come up to the floor any more it is given up, with what it had till then. Where nothing further is to be tried, that is at once. */
  changed(best: Weighed, parts: Parts, changed: readonly string[], floor: number, most = Infinity): Weighed {
    const enough = this.effort + most
    const content = this.contentOf(parts)
    const logs = [...best.logs]
    if (this.isExhausted) return { parts, content, logs, score: -Infinity }
    let score = best.score - priorOf(best.parts, this.known) + priorOf(parts, this.known)
    const places = [...logs.keys()].filter((place) => changed.some((part) => this.answers(place, part)))
    // What spoke against the part last time, then what the best explains worst: there a change has to show what it is good for.
    const losses = new Map(places.map((place) => [place, HOPED_MORE + (this.hopes[place] ?? 0) - (best.logs[place] ?? 0)]))
    const loss = (place: number): number => losses.get(place) ?? 0
    const first = changed.flatMap((part) => this.against.get(part) ?? [])
    const costs = new Map(places.map((place) => [place, this.costOf(parts, place)]))
    const worth = (place: number): number => loss(place) / (costs.get(place) ?? PORTION)
    places.sort((a, b) => Number(first.includes(b)) - Number(first.includes(a)) || worth(b) - worth(a))
    let hope = places.reduce((total, place) => total + loss(place), 0)
    for (const place of places) {
      if (score + hope < floor || this.effort > enough) break
      const gain = sum(this.partRows(parts, place)) - sum(this.partRows(best.parts, place))
      hope -= loss(place)
      score += gain
      logs[place] = (logs[place] ?? 0) + gain
      if (score + hope < floor) for (const part of changed) this.against.set(part, place)
    }
    return { parts, content, logs, score }
  }
}

/** What a mixture is made of, in whatever amounts. */
export const compositionOf = (parts: Parts): string => [...parts.keys()].sort().join()
