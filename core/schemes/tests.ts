import { isOf } from '../channels'
import { STOCK, THIS, type Test, type TestStep } from '../catalogue'
import type { Observation } from '../notebook'
import { leftOut, type Proof, type Scheme, type Separation, type Sign } from './types'

/** A step of taking a mixture apart as a test of its own, to be done in its vessel and written down like any other. */
export interface SchemeTest extends Test {
  readonly scheme: string
  readonly separation: Separation
  /** Set where it is the proof of a cation in a fraction. */
  readonly proof?: Proof
  /** Where it is done: the vessel its fraction stands in, or a portion named after it. */
  readonly vessel: string
}

/** A minute for everything that is not a wait. */
const HANDS_ON = 0.3
const minutesOf = (steps: readonly TestStep[]): number =>
  Math.ceil(steps.reduce((sum, step) => sum + HANDS_ON + ('minutes' in step && typeof step.minutes === 'number' ? step.minutes : 0), 0))

/** Portions come from the stock of the sample, which is the sample itself where that is a solution; no more of a fraction is taken than there is. */
const fromStock = (step: TestStep): TestStep =>
  step.do === 'take' && (step.from ?? 'sample') === 'sample' ? { ...step, from: STOCK } : step.do === 'take' ? { ...step, upTo: true } : step

/** The vessel a proof is done in: the fraction itself, or a portion named after the first of its cations. */
export const vesselOfProof = (proof: Proof): string =>
  proof.portion_mL === undefined ? proof.from : `${proof.from}-${proof.ions[0]?.replace(/[^A-Za-z]/g, '') ?? ''}`

/** A proof's steps, the portion it wants taken first. */
export const stepsOfProof = (proof: Proof): readonly TestStep[] =>
  proof.portion_mL === undefined ? proof.steps : [{ do: 'take', into: THIS, from: proof.from, mL: proof.portion_mL, upTo: true }, ...proof.steps]

const named = (scheme: Scheme, separation: Separation, proof?: Proof): string => {
  const own = `${scheme.id}/${separation.id}`
  if (!proof) return own
  const name = (p: Proof): string => `${vesselOfProof(p)}/${p.ions[0]?.replace(/[^A-Za-z0-9]/g, '') ?? ''}`
  // A cation may have two proofs on one fraction.
  const alike = (separation.proofs ?? []).filter((p) => name(p) === name(proof))
  return `${own}/${name(proof)}${alike.length > 1 ? `-${alike.indexOf(proof) + 1}` : ''}`
}

function testsOf(scheme: Scheme): SchemeTest[] {
  return scheme.separations.flatMap((separation): SchemeTest[] => {
    const common = { on: ['solution' as const], because: separation.because, sources: scheme.sources, scheme: scheme.id, separation }
    const own: SchemeTest = {
      ...common,
      id: named(scheme, separation),
      title: separation.title,
      stage: 'cation reactions',
      steps: separation.steps.map(fromStock),
      minutes: minutesOf(separation.steps),
      vessel: separation.on,
      ...(separation.relies ? { relies: separation.relies } : {}),
      ...(separation.cautions ? { cautions: separation.cautions } : {}),
    }
    const proofs = (separation.proofs ?? []).map((proof): SchemeTest => ({
      ...common,
      id: named(scheme, separation, proof),
      title: `${separation.title}: ${proof.ions.join(', ')}`,
      stage: 'confirmation',
      steps: stepsOfProof(proof),
      minutes: minutesOf(proof.steps),
      vessel: vesselOfProof(proof),
      proof,
    }))
    return [own, ...proofs]
  })
}

/** The separations and proofs of a scheme as tests, in their order. */
export function testsOfScheme(scheme: Scheme): readonly SchemeTest[] {
  let known = made.get(scheme)
  if (!known) made.set(scheme, (known = testsOf(scheme)))
  return known
}
const made = new Map<Scheme, readonly SchemeTest[]>()

/** What a notebook says was done of a scheme's tests, and what was written of their looks. */
export interface Progress {
  readonly done: (test: string) => boolean
  readonly told: (test: string) => readonly Observation[]
}

/** The tests of a scheme still to be done, in order, as far as what was seen decides: branches of groups that did not come down are left out. */
export function testsToDo(scheme: Scheme, { done, told }: Progress): SchemeTest[] {
  const cameDown = new Set<string>()
  const skipped = new Set<string>()
  return testsOfScheme(scheme).filter(({ id, separation, proof }) => {
    if (proof ? skipped.has(separation.id) : leftOut(separation, cameDown)) {
      skipped.add(separation.id)
      return false
    }
    if (!proof && someSolid(told(id), separation)) cameDown.add(separation.id)
    const empty = separation.steps.some((step) => step.do === 'look' && step.at === THIS) && !cameDown.has(separation.id)
    // Nobody tries a solid that is not there.
    return !done(id) && !(proof && empty && proof.from === separation.on)
  })
}

export const someSolid = (told: readonly Observation[], { cameDown }: Separation): boolean =>
  cameDown
    ? isSign(told, cameDown)
    : told.some(({ channel, negated }) => !negated && isOf(channel, 'precipitate') && channel !== 'precipitate.dissolves')

/** Whether what was written is the sign; a trace of a precipitate is not. */
export function isSign(told: readonly Observation[], sign: Sign): boolean {
  const { channel, values, without } = sign
  if (without && isSign(told, { channel, values: without })) return false
  if (isOf(channel, 'precipitate') && told.some((o) => o.channel === 'precipitate.amount' && o.value === 'trace' && !o.negated)) return false
  return told.some((o) => !o.negated && (channel === 'paper' ? isOf(o.channel, 'paper') : o.channel === channel) && values.includes(o.value))
}
