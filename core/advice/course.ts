import { inWords } from '../messages'
import type { Test } from '../catalogue'
import type { Notebook } from '../notebook'
import { PORTIONS, schemeById, type Scheme } from '../schemes'

/** A test of an earlier stage that is not proposed, and why. */
export interface PassedOver {
  readonly test: string
  readonly title: string
  readonly stage: string
  readonly because: string
}

/** The course a jar of one salt is worked by: the school's, where that has stages. */
export function courseOf(settings: Notebook['case'] | undefined): Scheme {
  const own = schemeById.get(settings?.school.scheme ?? '')
  return own && own.stages.length > 0 ? own : PORTIONS
}

/** The usual tests of a course, in its order. */
export const usualOf = ({ usual = PORTIONS.usual ?? [] }: Scheme): readonly string[] => usual

/** The stage of the course each of its tests belongs to; what it does not name comes after all that it does. */
export function stagesOf(course: Scheme): (test: string) => { readonly title: string; readonly place: number } {
  const known = new Map<string, { title: string; place: number }>()
  course.stages.forEach(({ title, tests }, place) => tests.forEach((test) => void (known.has(test) || known.set(test, { title, place }))))
  const last = { title: course.stages.at(-1)?.title ?? '', place: course.stages.length }
  return (test) => known.get(test) ?? last
}

/** A test of the usual ones waits for none after it if it tells so much, bits, and this share of what the best of all would tell. */
const TELLING = 0.2
const TELLING_SHARE = 0.2

interface Ranked {
  readonly test: Test
  readonly bits: number
  /** Bits for what it costs. */
  readonly worth: number
}

/** In the order of the course: first those of its usual tests that tell enough to be waited for; then whatever tells most for its cost. */
export function byCourse<T extends Ranked>(ranked: readonly T[], course: Scheme): T[] {
  const usual = usualOf(course)
  const most = Math.max(0, ...ranked.map(({ bits }) => bits))
  const placeOf = ({ test, bits }: T): number => {
    const place = usual.indexOf(test.id)
    return place < 0 || bits < Math.max(TELLING, TELLING_SHARE * most) ? usual.length : place
  }
  return [...ranked].sort((a, b) => placeOf(a) - placeOf(b) || b.worth - a.worth)
}

/** The usual tests that come before the next one in the course, are not done, and are not waited for. */
export function passedOver(undone: readonly Test[], next: { readonly test: string } | undefined, course: Scheme): PassedOver[] {
  if (!next) return []
  const usual = usualOf(course)
  const stageOf = stagesOf(course)
  const place = usual.indexOf(next.test)
  const before = new Set(place < 0 ? usual : usual.slice(0, place))
  return undone
    .filter((test) => before.has(test.id))
    .map((test) => ({ test: test.id, title: test.title, stage: stageOf(test.id).title, because: inWords('advice.passed-over') }))
}
