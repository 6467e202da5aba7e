import { stepSchema, withVessels, type Step } from '../tube'
import { THIS, type TestStep } from '../catalogue'
import { lineColour, type Percept } from '../perception'
import { stepsOfProof, vesselOfProof } from './tests'
import { leftOut, type Proof, type Scheme, type Separation, type Sign } from './types'

/** What working a scheme showed. */
export interface Shown {
  readonly ions: readonly string[]
  readonly seen: boolean
  /** Id of the separation whose proof it is. */
  readonly at: string
}

/** A step of the scheme, with the separation it belongs to, for whoever carries it out. */
export interface Worked {
  readonly step: Step
  readonly separation: string
  /** Set on the last step of a separation's own, when its fractions stand parted. */
  readonly parted: boolean
}

/**
 * Works a scheme as a person does: yields one step after another, takes what was seen after each, leaves out the branches of groups that did not come down, and returns
 * what each proof showed. The caller carries the steps out, on a simulated rack or a real one.
 */
export function* work(scheme: Scheme): Generator<Worked, readonly Shown[], Percept> {
  const shown: Shown[] = []
  const cameDown = new Set<string>()
  for (const separation of scheme.separations) {
    if (leftOut(separation, cameDown)) continue
    for (const [index, template] of separation.steps.entries()) {
      const percept: Percept = yield {
        step: placed(template, separation.on),
        separation: separation.id,
        parted: index === separation.steps.length - 1,
      }
      if (percept.vessel === separation.on && isLook(template) && counts(percept, separation)) cameDown.add(separation.id)
    }
    const empty = separation.steps.some((step) => step.do === 'look' && step.at === THIS) && !cameDown.has(separation.id)
    for (const proof of separation.proofs ?? []) {
      // Nobody tries a solid that is not there.
      const tried = !(empty && proof.from === separation.on)
      shown.push({ ions: proof.ions, at: separation.id, seen: tried && (yield* proving(proof, separation)) })
    }
  }
  return shown
}

function* proving(proof: Proof, separation: Separation): Generator<Worked, boolean, Percept> {
  const vessel = vesselOfProof(proof)
  let last: Percept | null = null
  for (const template of stepsOfProof(proof)) last = yield { step: placed(template, vessel), separation: separation.id, parted: false }
  return last !== null && answers(last, proof.sign)
}

/** The step in its vessel; a second vessel written `this-…` is named after it. */
const placed = (template: TestStep, vessel: string): Step =>
  withVessels(stepSchema.parse(template), (name) => (name === THIS ? vessel : name.startsWith(`${THIS}-`) ? vessel + name.slice(THIS.length) : name))

const isLook = (step: TestStep): boolean => step.do === 'look' || step.do === 'flame'
const counts = (percept: Percept, { cameDown }: Separation): boolean => (cameDown ? answers(percept, cameDown) : somethingSolid(percept))
const somethingSolid = ({ precipitates, deposit }: Percept): boolean => precipitates.length > 0 || deposit !== null

/** Whether what was seen is the sign; a trace of a precipitate is not: every reagent and every wash leaves one now and then. */
export function answers(percept: Percept, sign: Sign): boolean {
  const { channel, values, without } = sign
  if (without && answers(percept, { channel, values: without })) return false
  const has = (family: string | undefined): boolean => family !== undefined && values.includes(family)
  switch (channel) {
    case 'precipitate.colour':
      return percept.deposit !== null && percept.deposit.amount !== 'trace' && has(percept.deposit.colour.family)
    case 'precipitate.habit':
      return percept.deposit !== null && percept.deposit.amount !== 'trace' && has(percept.deposit.habit)
    case 'solution.colour':
      return has(percept.solution?.colour.family)
    case 'layer.colour':
      return percept.layers.some((l) => has(l.colour.family))
    case 'flame.colour':
      return has(percept.flame?.colour.family)
    case 'flame.line':
      return percept.flame?.lines.some((nm) => has(lineColour(nm))) === true
    case 'paper':
      return percept.papers.some((p) => has(p.to.family))
  }
}
