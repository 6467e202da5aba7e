import type { Content, Simulations } from '../hypotheses'
import type { Group } from '../groups'
import { ACID, CLASSES, isAnion, mixtureOf, PARTS, type AmountClass, type Parts } from './parts'
import type { Responders } from './responders'
import { rowsOf, shortfallOf } from './rows'
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

/** Odds of a part before any test: a mixture holds a few of each kind. */
const ODDS = { cation: 0.14, anion: 0.11, acid: 1 } as const
/** How often there is so much of it, beside the commonest. */
const AMOUNTS: Readonly<Record<AmountClass, number>> = { trace: 0.4, minor: 0.6, middling: 1, major: 1, heavy: 0.5 }
/** How much less likely a mixture is for each two of its parts that cannot share a solution (natural logarithm): not impossible, since the pair may be there in traces. */
const APART = 4
/** Pairs that cannot share a solution, and beside others parts that do not keep by themselves; none where the mixture as a whole keeps, as silver does beside thiosulfate in plenty. */
function apart(parts: Parts): number {
  const acid = parts.has(ACID)
  const held = [...parts.keys()].filter((part) => part !== ACID)
  const keeping = held.filter((part) => shares(part, part, acid))
  let wrong = held.length > 1 ? held.length - keeping.length : 0
  keeping.forEach((a, k) => {
    for (const b of keeping.slice(k + 1)) if (!shares(a, b, acid)) wrong++
  })
  return wrong > 0 && keepsTogether(parts) ? 0 : wrong
}
const priorOf = (parts: Parts): number =>
  -APART * apart(parts) +
  [...parts].reduce(
    (sum, [part, amount]) => sum + Math.log(part === ACID ? ODDS.acid : isAnion(part) ? ODDS.anion : ODDS.cation) + Math.log(AMOUNTS[amount]),
    0,
  )
/** Probability of a part before any test. */
export const beforehand = (part: string): number => {
  const odds = part === ACID ? ODDS.acid : isAnion(part) ? ODDS.anion : ODDS.cation
  return odds / (1 + odds)
}

/** What was written of a test is explained where it falls no further short of what one would write of the mixture itself (natural logarithm). */
const EXPLAINED = 1.2

const keyOf = ({ entry, observations }: Group): string =>
  `${entry} ${JSON.stringify(observations.map((o) => [o.observation, o.steps[0]?.recipe.key]))}`

/** Steps that are simulated for one line, about, before exchanges and new beginnings are left for the next: a few seconds. */
const ENOUGH = 3000
/** Several parts together may explain a test somewhat better than any did so far (natural logarithm). */
const HOPED_MORE = 0.3
/** Parts a test does not speak of by themselves have a hand in it where it comes out this much otherwise with them (natural logarithm). */
const ENTANGLED = 0.7
/** Mixtures this much less likely than the best are not weighed to the end (natural logarithm). */
export const GIVEN_UP = 7.5

/**
 * Mixtures weighed against the tests of a notebook in their order, each no further than it takes to give it up. A part that is put in or taken out is weighed by the tests it answers, the others being
 * as they were.
 */
export class Scales {
  private readonly rows = new Map<string, (readonly number[] | undefined)[]>()
  private groups: readonly Group[] = []
  /** Steps simulated by the time the page was last taken up. */
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
    private readonly responders: Responders,
    private readonly mL: number,
  ) {}

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
    this.began = this.simulations.made
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

  /** Steps of effort after which no climb goes further. */
  limit = Infinity

  /** Whether a mixture explains what was written of a test, to the word or nearly. */
  explains(parts: Parts, place: number): boolean {
    const content = this.contentOf(parts)
    let known = this.shortfalls.get(content.id)
    if (!known) this.shortfalls.set(content.id, (known = []))
    const group = this.groups[place]
    return group === undefined || (known[place] ??= shortfallOf(group, content, this.simulations)) < EXPLAINED
  }
  private readonly shortfalls = new Map<string, (number | undefined)[]>()

  /** Whether so much was worked for this state of the page that what is not settled yet is left for the next line. */
  get tired(): boolean {
    return this.effort > ENOUGH
  }
  /** Steps simulated for this state of the page. */
  get effort(): number {
    return this.simulations.made - this.began
  }

  /** The mixture as the scheme's own proofs would have it, in so far as they speak of its parts. */
  proposed(parts: Parts): Parts {
    const { shown, denied } = provenBy(this.groups)
    const kept = [...parts].filter(([part]) => !denied.has(part))
    return new Map([...kept, ...[...shown].filter((part) => !parts.has(part)).map((part) => [part, 'middling'] as const)])
  }

  /** The best that anything weighed so far has made of a test. */
  hopeOf = (place: number): number => this.hopes[place] ?? -Infinity

  /** Whether a test speaks of a part; work done freely may speak of any. */
  answers(place: number, part: string): boolean {
    const test = this.groups[place]?.test
    const known = test == null ? undefined : this.responders[test]
    return part === ACID || known === undefined || known.includes(part) || this.entangled.get(place)?.has(part) === true
  }

  contentOf(parts: Parts): Content {
    let key = ''
    for (const [part, amount] of parts) key += `${part} ${amount},`
    let known = this.contents.get(key)
    if (!known) this.contents.set(key, (known = mixtureOf(parts, this.mL)))
    return known
  }
  private readonly contents = new Map<string, Content>()

  /** The parts of a mixture that a test answers: with these alone it is worked, so that mixtures which differ in nothing it speaks of are one to it. */
  private answering(parts: Parts, place: number): Content {
    return this.contentOf(new Map([...parts].filter(([part]) => this.answers(place, part))))
  }
  /** Natural logarithms of the probability of what was written of a test, with the parts that it answers. */
  partRows = (parts: Parts, place: number): readonly number[] => this.rowsAt(this.answering(parts, place), place)

  /** By all of the first tests, with all of its parts. */
  whole(parts: Parts, until: number): Weighed {
    const content = this.contentOf(parts)
    const logs = this.groups.slice(0, until).map((_, place) => {
      const log = sum(this.rowsAt(content, place))
      // Worked with fewer parts it may come out otherwise: then all of these have a say in it.
      if (Math.abs(log - sum(this.partRows(parts, place))) > ENTANGLED)
        this.entangled.set(place, new Set([...(this.entangled.get(place) ?? []), ...parts.keys()]))
      return log
    })
    return { parts, content, logs, score: sum(logs) + priorOf(parts) }
  }

  /** Another mixture, by the tests that its changed parts answer; as soon as it cannot come up to the floor any more it is given up, with what it had till then. */
  changed(best: Weighed, parts: Parts, changed: readonly string[], floor: number): Weighed {
    const content = this.contentOf(parts)
    const logs = [...best.logs]
    let score = best.score - priorOf(best.parts) + priorOf(parts)
    const places = [...logs.keys()].filter((place) => changed.some((part) => this.answers(place, part)))
    // What spoke against the part last time, then what the best explains worst: there a change has to show what it is good for.
    const losses = new Map(places.map((place) => [place, HOPED_MORE + (this.hopes[place] ?? 0) - (best.logs[place] ?? 0)]))
    const loss = (place: number): number => losses.get(place) ?? 0
    const first = changed.flatMap((part) => this.against.get(part) ?? [])
    places.sort((a, b) => Number(first.includes(b)) - Number(first.includes(a)) || loss(b) - loss(a))
    let hope = places.reduce((total, place) => total + loss(place), 0)
    for (const place of places) {
      if (score + hope < floor) break
      const gain = sum(this.partRows(parts, place)) - sum(this.partRows(best.parts, place))
      hope -= loss(place)
      score += gain
      logs[place] = (logs[place] ?? 0) + gain
      if (score + hope < floor) for (const part of changed) this.against.set(part, place)
    }
    return { parts, content, logs, score }
  }
}

const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0)

const without = (parts: Parts, part: string): Parts => new Map([...parts].filter(([p]) => p !== part))
const having = (parts: Parts, part: string, amount: AmountClass): Parts => new Map([...parts, [part, amount]])

/** A change of one mixture into another. */
interface Change {
  readonly parts: Parts
  readonly changed: readonly string[]
  /** What is seldom tried, and cheap, is weighed to the end: what nothing explained so far it may explain all the same. */
  readonly toTheEnd?: boolean
}
/** Whether a part could stand in one solution with these, in acid or without; what could not is tried only as `crowded` has it. */
const fits = (parts: Parts, part: string): boolean =>
  part === ACID || [...parts.keys()].every((held) => held === ACID || shares(part, held, true) || (!parts.has(ACID) && shares(part, held, false)))
const additions = (parts: Parts, among: readonly string[]): Change[] =>
  among.filter((p) => !parts.has(p) && fits(parts, p)).map((part) => ({ parts: having(parts, part, 'middling'), changed: [part] }))
const removals = (parts: Parts, among = parts): Change[] =>
  [...among.keys()].map((part) => ({ parts: without(parts, part), changed: [part], toTheEnd: true }))
/** Two parts fewer: each may stand in for what the other lacks, tin(IV) beside arsenic(III) for tin(II) beside arsenic(V). */
const pairsOut = (parts: Parts): Change[] =>
  [...parts.keys()].flatMap((a, k, all) => all.slice(k + 1).map((b) => ({ parts: without(without(parts, a), b), changed: [a, b] })))
/** A part that what is there would bring down, with so little of it, and so much of the other, that it stays up: mercury beside iodide. */
const crowded = (parts: Parts, among: readonly string[]): Change[] =>
  among.flatMap((part) => {
    if (parts.has(part) || part === ACID) return []
    const others = [...parts.keys()].filter((other) => other !== ACID && !shares(part, other, parts.has(ACID)))
    if (others.length === 0) return []
    const tried = others.reduce((crowd, other) => having(crowd, other, 'heavy'), having(parts, part, 'trace'))
    return keepsTogether(tried) ? [{ parts: tried, changed: [part, ...others] }] : []
  })
/** A little more or less of one. */
const otherAmounts = (parts: Parts, among = parts): Change[] =>
  [...among].flatMap(([part, amount]) =>
    [-1, 1].flatMap((more) => {
      const next = CLASSES[CLASSES.indexOf(amount) + more]
      return next ? [{ parts: having(parts, part, next), changed: [part] }] : []
    }),
  )
const swaps = (parts: Parts, among: readonly string[]): Change[] =>
  [...parts.keys()].flatMap((out) =>
    additions(without(parts, out), among)
      .filter(({ changed }) => !parts.has(changed[0] ?? ''))
      .map((change) => ({ ...change, changed: [out, ...change.changed] })),
  )
const pairs = (parts: Parts, among: readonly string[]): Change[] =>
  additions(parts, among).flatMap((first) =>
    additions(first.parts, among.slice(among.indexOf(first.changed[0] ?? '') + 1)).map((second) => ({
      parts: second.parts,
      changed: [...first.changed, ...second.changed],
    })),
  )

/** One part for two: bromide and chloride pass for thiocyanate. */
const twoForOne = (parts: Parts, among: readonly string[]): Change[] =>
  [...parts.keys()].flatMap((out) => {
    const left = without(parts, out)
    return pairs(
      left,
      among.filter((part) => part !== out),
    ).map((change) => ({ ...change, changed: [out, ...change.changed] }))
  })

/** Parts that would explain best what the best mixture explains worst. */
function hopefuls(scales: Scales, best: Weighed): readonly string[] {
  const worst = [...best.logs.keys()].sort((a, b) => scales.hopeOf(b) - (best.logs[b] ?? 0) - scales.hopeOf(a) + (best.logs[a] ?? 0))[0]
  if (worst === undefined) return []
  return additions(
    best.parts,
    PARTS.filter((part) => scales.answers(worst, part)),
  )
    .map(({ parts, changed }) => ({ part: changed[0] ?? '', log: sum(scales.partRows(parts, worst)) }))
    .sort((a, b) => b.log - a.log)
    .slice(0, HOPEFULS)
    .map(({ part }) => part)
}
const HOPEFULS = 7

/** Improvements sought with one state of the notebook. */
const ROUNDS = 16
/** A test that the best explains this much worse than something did (natural logarithm) is looked into with more than single changes. */
const PUZZLING = 1.5
/** Pairs are tried among no more parts than these. */
const PAIRED = 14

/** What a search goes on from, and where it came to. */
export interface Found {
  readonly best: Weighed
  /** What else was weighed with it: every mixture that is one part, or one exchange, away. */
  readonly rivals: readonly Weighed[]
}

/** The best after one more test, from the best before it. */
export function follow(scales: Scales, { parts, place }: { parts: Parts; place: number }): Parts {
  // What the mixture says by itself gives no reason to look for another.
  if (scales.explains(parts, place)) return parts
  const among = PARTS.filter((part) => scales.answers(place, part))
  // What the new test lets a mixture hope for, found before any is given up for falling short of it.
  for (const { parts: other } of [...additions(parts, among), ...removals(parts)]) scales.partRows(other, place)
  return improve(scales, scales.whole(parts, place + 1), (now) => {
    // What the test does not speak of was settled by those before it.
    const spoken = new Map([...now.parts].filter(([part]) => among.includes(part)))
    const single = [...additions(now.parts, among), ...removals(now.parts, spoken), ...otherAmounts(now.parts, spoken)]
    return [single, swaps(now.parts, among), among.length <= PAIRED ? pairs(now.parts, among) : []]
  }).parts
}

/** Moves to a better neighbour until there is none; further kinds of neighbours are tried only while something is left to be explained. */
function improve(scales: Scales, start: Weighed, kinds: (now: Weighed) => readonly (readonly Change[])[], rounds = ROUNDS): Weighed {
  let best = start
  for (let round = 0; round < rounds && scales.effort < scales.limit; round++) {
    let next = best
    for (const [kind, changes] of kinds(best).entries()) {
      if (kind > 0 && (scales.tired || !puzzled(scales, best))) break
      for (const { parts, changed, toTheEnd } of changes) {
        if (scales.effort >= scales.limit) break
        const tried = scales.changed(best, parts, changed, toTheEnd ? -Infinity : next.score)
        if (tried.score <= next.score + 1e-9) continue
        const exact = scales.whole(parts, best.logs.length)
        if (exact.score > next.score + 1e-9) next = exact
      }
      if (next !== best) break
    }
    if (next === best) break
    best = next
  }
  return best
}

const puzzledAt = (scales: Scales, { logs }: Weighed, place: number): boolean => scales.hopeOf(place) - (logs[place] ?? 0) > PUZZLING
const puzzled = (scales: Scales, weighed: Weighed): boolean => weighed.logs.some((_, place) => puzzledAt(scales, weighed, place))

/** Places a change could still do something for, the most puzzling first. */
const riddles = (scales: Scales, weighed: Weighed): number[] => {
  const left = (place: number): number => scales.hopeOf(place) - (weighed.logs[place] ?? 0)
  return [...weighed.logs.keys()].filter((place) => left(place) > PUZZLING).sort((a, b) => left(b) - left(a))
}

/**
 * What to begin again from, where single steps lead no further: without one part, without two that the same riddle speaks of, with all amounts alike. Two wrong turns may hold each other up, and wrong
 * amounts a wrong part.
 */
function beginnings(scales: Scales, best: Weighed): readonly Parts[] {
  const places = riddles(scales, best).slice(0, RIDDLES)
  const suspects = [...best.parts.keys()].sort((a, b) => count(places, scales, b) - count(places, scales, a))
  const [worst] = places
  const together = worst === undefined ? [] : suspects.filter((part) => scales.answers(worst, part)).slice(0, SUSPECTS)
  return [
    ...suspects.map((out) => without(best.parts, out)),
    ...together.flatMap((a, k) => together.slice(k + 1).map((b) => without(without(best.parts, a), b))),
    ...(['minor', 'middling', 'major'] as const).map((amount) => new Map([...best.parts.keys()].map((part) => [part, amount] as const))),
  ]
}
const RIDDLES = 8
const SUSPECTS = 4
const count = (places: readonly number[], scales: Scales, part: string): number => places.filter((place) => scales.answers(place, part)).length

/** Better by one part fewer, or a little more or less of one, each worked whole: what a part has a hand in, its own tests do not all tell. */
function refined(scales: Scales, start: Weighed, exhausted: () => boolean): Weighed {
  let best = start
  for (let found = true; found;) {
    found = false
    for (const { parts } of [...removals(best.parts), ...otherAmounts(best.parts)]) {
      if (exhausted()) return best
      const other = scales.whole(parts, start.logs.length)
      if (other.score <= best.score + 1e-9) continue
      best = other
      found = true
      break
    }
  }
  return best
}

/** Begins again in every way, as long as something is puzzling and no more steps than these are simulated, and keeps what explains more. */
function dig(scales: Scales, start: Weighed, steps: number): Weighed {
  const enough = scales.effort + steps
  const exhausted = (): boolean => scales.effort >= enough
  scales.limit = enough
  const until = start.logs.length
  let best = refined(scales, anotherBeginning(scales, start, until), exhausted)
  const tried = new Set<string>()
  for (let found = true; found && puzzled(scales, best);) {
    found = false
    for (const from of beginnings(scales, best)) {
      const { id } = scales.contentOf(from)
      if (exhausted() || tried.has(id)) continue
      tried.add(id)
      const out = [...best.parts.keys()].filter((part) => !from.has(part))
      const others = PARTS.filter((part) => !out.includes(part))
      const grown = improve(scales, scales.whole(from, until), (now) => [[...additions(now.parts, others), ...otherAmounts(now.parts)]], REGROWN)
      const reached = climb(scales, grown.parts, until)
      if (reached.score <= best.score + 1e-9) continue
      best = refined(scales, reached, exhausted)
      found = true
      break
    }
    if (found || exhausted()) continue
    const exchanged = improve(scales, best, (now) => [[...swaps(now.parts, PARTS), ...twoForOne(now.parts, hopefuls(scales, now))]], 1)
    if (exchanged.score > best.score + 1e-9) {
      best = refined(scales, climb(scales, exchanged.parts, until), exhausted)
      found = true
    }
  }
  scales.limit = Infinity
  return best
}
const REGROWN = 5

const EARLY = 8

/** Odds from which on a rival is weighed by every test (natural logarithm). */
const CLOSE = 1.2

/** Single steps up from here. */
export function climb(scales: Scales, from: Parts, until: number): Weighed {
  // What the last test speaks of may have been taken for something else.
  const latest = PARTS.filter((part) => until > 0 && scales.answers(until - 1, part))
  return improve(scales, scales.whole(from, until), (now) => [
    [...additions(now.parts, PARTS), ...removals(now.parts), ...otherAmounts(now.parts), ...swaps(now.parts, latest), ...crowded(now.parts, PARTS)],
    pairsOut(now.parts),
  ])
}

/** Begins once more from what the proofs of the scheme show, where that is another mixture. */
function anotherBeginning(scales: Scales, climbed: Weighed, until: number): Weighed {
  const proposed = scales.proposed(climbed.parts)
  if ([...proposed.keys()].sort().join() === [...climbed.parts.keys()].sort().join()) return climbed
  const other = climb(scales, proposed, until)
  return other.score > climbed.score ? other : climbed
}

/**
 * The best mixture by everything written, and its rivals.
 * @param deep steps that may be simulated to begin again where something is puzzling; a thousand take a second or so
 */
export function settle(scales: Scales, parts: Parts, until: number, deep: number): Found {
  let best = scales.whole(parts, until)
  if (!explainsAll(scales, best)) {
    const carried = climb(scales, parts, until)
    // Early on a wrong turn is soon taken, and beginning again costs little.
    const anew = until <= EARLY && parts.size > 0 ? climb(scales, new Map(), until) : carried
    best = anew.score > carried.score ? anew : carried
    if (deep > 0 && !explainsAll(scales, best)) best = dig(scales, best, deep)
  }
  for (;;) {
    const rivals = rivalsOf(scales, best, until)
    const better = rivals.reduce((a, b) => (b.score > a.score ? b : a), best)
    if (better === best) return { best, rivals }
    const whole = scales.whole(better.parts, until)
    if (whole.score <= best.score + 1e-9) return { best, rivals }
    best = whole
  }
}

/** Whether nothing that was written gives a reason to look further than the nearest mixtures. */
const explainsAll = (scales: Scales, { parts, logs }: Weighed): boolean => logs.every((_, place) => scales.explains(parts, place))

/** Every mixture that is one part away, weighed until it is too unlikely to matter. */
function rivalsOf(scales: Scales, best: Weighed, until: number): Weighed[] {
  const floor = best.score - GIVEN_UP
  return [...additions(best.parts, PARTS), ...removals(best.parts), ...crowded(best.parts, PARTS)].map(({ parts, changed }) => {
    const rival = scales.changed(best, parts, changed, floor)
    // One that comes close by its own tests alone is weighed by all of them.
    return rival.score > best.score - CLOSE ? scales.whole(parts, until) : rival
  })
}
