import { additions, crowded, everyAddition, otherAmounts, pairs, pairsOut, removals, swaps, twoForOne, without, type Change } from './changes'
import { PARTS, type Parts } from './parts'
import { GIVEN_UP, sum, type Scales, type Weighed } from './scales'

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
  for (const { parts: other } of [...everyAddition(parts, among), ...removals(parts)]) scales.partRows(other, place)
  return improve(scales, scales.whole(parts, place + 1), (now) => {
    // What the test does not speak of was settled by those before it.
    const spoken = new Map([...now.parts].filter(([part]) => among.includes(part)))
    const single = [...everyAddition(now.parts, among), ...removals(now.parts, spoken), ...otherAmounts(now.parts, spoken)]
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
function climb(scales: Scales, from: Parts, until: number): Weighed {
  // What the last test speaks of may have been taken for something else.
  const latest = PARTS.filter((part) => until > 0 && scales.answers(until - 1, part))
  return improve(scales, scales.whole(from, until), (now) => [
    [
      ...everyAddition(now.parts, PARTS),
      ...removals(now.parts),
      ...otherAmounts(now.parts),
      ...swaps(now.parts, latest),
      ...crowded(now.parts, PARTS),
    ],
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
  return [...everyAddition(best.parts, PARTS), ...removals(best.parts), ...crowded(best.parts, PARTS)].map(({ parts, changed }) => {
    const rival = scales.changed(best, parts, changed, floor)
    // One that comes close by its own tests alone is weighed by all of them.
    return rival.score > best.score - CLOSE ? scales.whole(parts, until) : rival
  })
}
