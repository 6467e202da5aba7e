import { muchOf, type Content, type Reasoning, type TraceStep } from '../deduction'
import { holdingOf, leftBy, wasteFor, type Holding, type Waste } from '../tube'

/** Where what is left of some work goes, and whether that is only because of what the sample may hold. */
export interface WorkWaste extends Waste {
  readonly perhaps: boolean
}

/** What the sample may hold counts from this probability on. */
const MAY_HOLD = 0.02
/** As many contents are worked at the most, chosen so that every ion or element that counts stands in one. */
const MOST_CONTENTS = 40

type Weighed = Pick<Reasoning, 'hypotheses' | 'posterior' | 'simulations' | 'each' | 'trace'>

/** What makes contents differ in where their waste goes: their ions, or of a compound the elements. */
const partsOf = (content: Content, ions: ReadonlySet<string>): readonly string[] => {
  const { jar } = content
  return jar && 'organic' in jar ? [...jar.organic.smiles.matchAll(/Br|Cl|[NOSPFI]/g)].map(([element]) => element) : [...ions]
}

/**
 * Contents that together hold whatever the sample may hold, likeliest first.
 * @param informed whether the record's evidence counts, or only what was known beforehand
 */
function contentsOf({ hypotheses, posterior, each, simulations }: Weighed, informed: boolean): Content[] {
  const weightOf = (h: number): number => (informed ? (posterior[h] ?? 0) : (hypotheses[h]?.prior ?? 0))
  const chance = new Map<string, number>()
  hypotheses.forEach(({ content, ions }, h) => {
    for (const part of new Set(partsOf(content, ions))) chance.set(part, (chance.get(part) ?? 0) + weightOf(h))
  })
  const covered = new Set<string>()
  const chosen: Content[] = []
  for (const { hypothesis } of hypotheses.map((hypothesis, h) => ({ hypothesis, p: weightOf(h) })).sort((a, b) => b.p - a.p)) {
    const fresh = partsOf(hypothesis.content, hypothesis.ions).filter((part) => (chance.get(part) ?? 0) >= MAY_HOLD && !covered.has(part))
    if (chosen.length > 0 && fresh.length === 0) continue
    fresh.forEach((part) => covered.add(part))
    chosen.push(hypothesis.content)
    if (chosen.length >= MOST_CONTENTS) break
  }
  const besides = simulations.sample_mL === undefined ? [] : [...(each ?? [])].filter(([ion, p]) => p >= MAY_HOLD && !covered.has(ion))
  return [...chosen, ...besides.map(([ion]) => muchOf(ion, simulations.sample_mL ?? 0))]
}

/** The last step in each vessel that some entries worked in, stocks that a test takes for granted left out. */
function lastSteps({ trace }: Weighed, entries: ReadonlySet<string>): TraceStep[] {
  const last = new Map<string, TraceStep>()
  for (const step of trace.steps) if (entries.has(step.entry) && step.index >= 0) last.set(step.vessel, step)
  return [...last.values()]
}

/** Where what is left of some entries of a notebook goes: by what the model says their vessels hold at the end, with whatever may be in the sample. Null where the record has no such work. */
export function wasteOfWork(weighed: Weighed, entries: ReadonlySet<string>, informed = true): WorkWaste | null {
  const steps = lastSteps(weighed, entries)
  if (steps.length === 0) return null
  const left: Holding = new Set(leftBy(steps.flatMap(({ step }) => step ?? [])))
  const held = contentsOf(weighed, informed).map((content) =>
    steps.flatMap(({ recipe }) => {
      const vessel = weighed.simulations.vesselAfter(content, recipe)
      return vessel ? [holdingOf(vessel)] : []
    }),
  )
  const waste = wasteFor([left, ...held.flat()])
  return { ...waste, perhaps: held.length > 1 && held.some((one) => wasteFor([left, ...one]).jar !== waste.jar) }
}
