import { FUSED_mg, ofStep, SAMPLE, type EachOperation, type Step } from '../tube'

/** A loop of a wire, or a bead, takes about so much, mg. */
const SPECK_mg = 2

/** A speck of the sample, where it is what is taken. */
const speckOf = (from: string): number => (from === SAMPLE ? SPECK_mg : 0)
const none = (): number => 0

const TAKES: EachOperation<number> = {
  take: (step) => (step.from === SAMPLE ? (step.mg ?? 0) : 0),
  dissolve: (step) => step.mg ?? 0,
  add: none,
  shake: none,
  stand: none,
  warm: none,
  boil: none,
  ignite: none,
  cool: none,
  concentrate: none,
  pass: none,
  bubble: none,
  centrifuge: none,
  filter: none,
  wash: none,
  'soda-extract': (step) => step.mg ?? 0,
  flame: (step) => speckOf(step.from),
  bead: (step) => speckOf(step.from),
  charcoal: none,
  'copper-wire': (step) => speckOf(step.from),
  ignition: (step) => speckOf(step.from),
  fuse: (step) => (step.sample_mg ?? FUSED_mg.sample) * step.tubes,
  'melting-point': () => SPECK_mg,
  'boiling-point': () => SPECK_mg,
  'cobalt-nitrate': none,
  dip: none,
  hold: none,
  smell: none,
  look: none,
}

/** What a step takes of a solid sample, mg. */
export const sampleTaken = (step: Step): number => ofStep(TAKES, step)
