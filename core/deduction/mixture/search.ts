import type { Content, Simulations } from '../hypotheses'
import type { Group } from '../groups'
import { ACID, CLASSES, isAnion, mixtureOf, PARTS, type AmountClass, type Parts } from './parts'
import type { Responders } from './responders'
import { rowsOf } from './rows'
import { shares } from './together'

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
function apart(parts: Parts): number {
  const held = [...parts.keys()].filter((part) => part !== ACID)
  const acid = parts.has(ACID)
  let pairs = 0
  held.forEach((a, k) => {
    for (const b of held.slice(k + 1)) if (!shares(a, b, acid)) pairs++
  })
  return pairs
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

const keyOf = ({ entry, observations }: Group): string =>
  `${entry} ${JSON.stringify(observations.map((o) => [o.observation, o.steps[0]?.recipe.key]))}`

/** Tests that are worked for one line, about, before exchanges and new beginnings are left for the next: some seconds. */
const ENOUGH = 400
/** Several parts together may explain a test somewhat better than any did so far (natural logarithm). */
const HOPED_MORE = 0.3
/** Mixtures this much less likely than the best are not weighed to the end (natural logarithm). */
export const GIVEN_UP = 9

/**
 * Mixtures weighed against the tests of a notebook in their order, each no further than it takes to give it up. A part that is put in or taken out is weighed by the tests it answers, the others being
 * as they were.
 */
export class Scales {
  private readonly rows = new Map<string, (readonly number[] | undefined)[]>()
  private groups: readonly Group[] = []
  /** Tests worked with one mixture or another since the page was last taken up. */
  private effort = 0
  private keys: readonly string[] = []
  /** The best that anything has made of each test: what a mixture may still hope for. */
  private readonly hopes: number[] = []
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
    this.effort = 0
    if (same < this.hopes.length) {
      this.hopes.length = same
      for (const rows of this.rows.values()) rows.length = Math.min(rows.length, same)
      this.against.clear()
    }
    return same
  }

  rowsAt(content: Content, place: number): readonly number[] {
    let known = this.rows.get(content.id)
    if (!known) this.rows.set(content.id, (known = []))
    let rows = known[place]
    if (!rows) {
      const group = this.groups[place]
      this.effort++
      known[place] = rows = group ? rowsOf(group, content, this.simulations) : []
      const log = sum(rows)
      if (log > (this.hopes[place] ?? -Infinity)) this.hopes[place] = log
    }
    return rows
  }

  /** Whether so much was worked for this state of the page that what is not settled yet is left for the next line. */
  get tired(): boolean {
    return this.effort > ENOUGH
  }

  /** The best that anything weighed so far has made of a test. */
  hopeOf = (place: number): number => this.hopes[place] ?? -Infinity

  /** Whether a test speaks of a part; work done freely may speak of any. */
  answers(place: number, part: string): boolean {
    const test = this.groups[place]?.test
    const known = test == null ? undefined : this.responders[test]
    return part === ACID || known === undefined || known.includes(part)
  }

  contentOf = (parts: Parts): Content => mixtureOf(parts, this.mL)

  /** The parts of a mixture that a test answers: with these alone it is worked, so that mixtures which differ in nothing it speaks of are one to it. */
  private answering(parts: Parts, place: number): Content {
    return this.contentOf(new Map([...parts].filter(([part]) => this.answers(place, part))))
  }
  /** Natural logarithms of the probability of what was written of a test, with the parts that it answers. */
  partRows = (parts: Parts, place: number): readonly number[] => this.rowsAt(this.answering(parts, place), place)

  /** By all of the first tests, with all of its parts. */
  whole(parts: Parts, until: number): Weighed {
    const content = this.contentOf(parts)
    const logs = this.groups.slice(0, until).map((_, place) => sum(this.rowsAt(content, place)))
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
}
const additions = (parts: Parts, among: readonly string[]): Change[] =>
  among.filter((p) => !parts.has(p)).map((part) => ({ parts: having(parts, part, 'middling'), changed: [part] }))
const removals = (parts: Parts): Change[] => [...parts.keys()].map((part) => ({ parts: without(parts, part), changed: [part] }))
/** A little more or less of one. */
const otherAmounts = (parts: Parts): Change[] =>
  [...parts].flatMap(([part, amount]) =>
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
  const among = PARTS.filter((part) => scales.answers(place, part))
  // What the new test lets a mixture hope for, found before any is given up for falling short of it.
  for (const { parts: other } of [...additions(parts, among), ...removals(parts)]) scales.partRows(other, place)
  return improve(scales, scales.whole(parts, place + 1), (now) => {
    const single = [...additions(now.parts, among), ...removals(now.parts), ...otherAmounts(now.parts)]
    return [single, swaps(now.parts, among), among.length <= PAIRED ? pairs(now.parts, among) : []]
  }).parts
}

/** Moves to a better neighbour until there is none; further kinds of neighbours are tried only while something is left to be explained. */
function improve(scales: Scales, start: Weighed, kinds: (now: Weighed) => readonly (readonly Change[])[], rounds = ROUNDS): Weighed {
  let best = start
  for (let round = 0; round < rounds; round++) {
    let next = best
    for (const [kind, changes] of kinds(best).entries()) {
      if (kind > 0 && (scales.tired || !puzzled(scales, best))) break
      for (const { parts, changed } of changes) {
        const tried = scales.changed(best, parts, changed, next.score)
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

/** Takes one part after another out, and sees what grows in its place: two wrong turns may hold each other up. */
function regrow(scales: Scales, start: Weighed): Weighed {
  const until = start.logs.length
  let best = start
  for (const out of start.parts.keys()) {
    if (scales.tired || !puzzled(scales, best)) break
    if (!best.parts.has(out)) continue
    const others = PARTS.filter((part) => part !== out)
    const grown = improve(
      scales,
      scales.whole(without(best.parts, out), until),
      (now) => [[...additions(now.parts, others), ...otherAmounts(now.parts)]],
      REGROWN,
    )
    if (grown.score > best.score + 1e-9) best = grown
  }
  return best
}
const REGROWN = 5

const EARLY = 8

/** Odds from which on a rival is weighed by every test (natural logarithm). */
const CLOSE = 1.2

/** The best mixture by everything written, improved once more in every way, and its rivals. */
export function settle(scales: Scales, parts: Parts, until: number): Found {
  // What the last test speaks of may have been taken for something else.
  const latest = PARTS.filter((part) => until > 0 && scales.answers(until - 1, part))
  const climb = (from: Parts): Weighed =>
    improve(scales, scales.whole(from, until), (now) => [
      [...additions(now.parts, PARTS), ...removals(now.parts), ...otherAmounts(now.parts), ...swaps(now.parts, latest)],
      swaps(now.parts, PARTS),
      scales.tired ? [] : twoForOne(now.parts, hopefuls(scales, now)),
    ])
  const carried = climb(parts)
  // Early on a wrong turn is soon taken, and beginning again costs little.
  const anew = until <= EARLY && parts.size > 0 ? climb(new Map()) : carried
  const climbed = anew.score > carried.score ? anew : carried
  // Old riddles have had their turn; a new one is worth the time.
  const best = until > 0 && puzzledAt(scales, climbed, until - 1) ? regrow(scales, climbed) : climbed
  const floor = best.score - GIVEN_UP
  const rivals = [...additions(best.parts, PARTS), ...removals(best.parts)].map(({ parts: other, changed }) => {
    const rival = scales.changed(best, other, changed, floor)
    // One that comes close by its own tests alone is weighed by all of them.
    return rival.score > best.score - CLOSE ? scales.whole(other, until) : rival
  })
  return { best, rivals }
}
