import { ACID_STOCK, EXTRACT, expand, FUSION_EXTRACT, STOCK, THIS, UnknownTest, type Test } from '../catalogue'
import { apartFromControls, asAmended, type Case, type Entry } from '../notebook'
import { everyTest } from '../schemes'
import { findReagent } from '../species'
import { SAMPLE, stepSchema, type Step } from '../tube'
import { sampleTaken } from './taken'

/** A wait within a test: what stands or boils, how long, and what to look at when it is over. */
export interface Wait {
  /** Place among the steps of the test. */
  readonly step: number
  readonly doing: 'boiling' | 'warming' | 'standing' | 'in the gas' | 'shaking' | 'heating gently' | 'at red heat' | 'boiling down'
  readonly minutes: number
  readonly lookFor: string
}
const WAITS: Partial<Record<Step['do'], Wait['doing']>> = {
  boil: 'boiling',
  warm: 'warming',
  stand: 'standing',
  pass: 'in the gas',
  shake: 'shaking',
}

/** A fusion's own waits: each tube in turn, then the dish. Source: A. I. Vogel et al. */
const FUSION: readonly Omit<Wait, 'step'>[] = [
  { doing: 'heating gently', minutes: 2, lookFor: 'vapours that are gone, and a residue that chars' },
  { doing: 'at red heat', minutes: 1, lookFor: 'the end of the tube glowing red all round; then plunge it under the gauze' },
  { doing: 'boiling down', minutes: 10, lookFor: 'a third of the water left; then filter hot' },
]

/** The waits of a test, in order. */
export const waitsOf = (test: Test): Wait[] =>
  test.steps.flatMap((template, step): Wait[] => {
    if (template.do === 'fuse') return FUSION.map((wait) => ({ ...wait, step }))
    const doing = WAITS[template.do]
    if (doing === undefined) return []
    const parsed = stepSchema.parse(template)
    const minutes = 'minutes' in parsed && typeof parsed.minutes === 'number' ? parsed.minutes : 1
    const lookFor = test.steps.slice(step).find((s) => s.for !== undefined)?.for ?? 'go on with the next step'
    return [{ step, doing, minutes, lookFor }]
  })

/** A step that brings a tube to the turning of litmus: what is poured, which way, and what stands in the tube by then, as the sum `neutralise` takes it. */
export interface Neutralising {
  readonly step: number
  readonly with: string
  readonly towards: 'just-basic' | 'just-acidic'
  readonly contents: readonly { readonly reagent: string; readonly mL?: number; readonly drops?: number }[]
}

/** What stands in for a portion nobody knows: water, or of a soda extract the soda that is left in it. Source: 0.45 g in 5 mL, less what the sample uses. */
const INSTEAD: Readonly<Record<string, string>> = { [EXTRACT]: 'Na2CO3 0.6 M', [ACID_STOCK]: 'HNO3 2 M' }

/** The steps of a test that go by litmus, in order. */
export const neutralisingsOf = (test: Test): Neutralising[] => {
  const contents: { reagent: string; mL?: number; drops?: number }[] = []
  return test.steps.flatMap((template, step) => {
    if (template.do === 'take' && template.into === THIS)
      contents.push({
        reagent: INSTEAD[template.from ?? ''] ?? 'water',
        ...(template.drops === undefined ? { mL: template.mL ?? 0.1 } : { drops: template.drops }),
      })
    if (template.do !== 'add' || template.to !== THIS) return []
    const { reagent, until } = template
    if (until === 'just-basic' || until === 'just-acidic')
      return [{ step, with: reagent, towards: until, contents: contents.length > 0 ? [...contents] : [{ reagent: 'water', mL: 1 }] }]
    if (template.mL !== undefined) contents.push({ reagent, mL: template.mL })
    else if (template.drops !== undefined) contents.push({ reagent, drops: template.drops })
    return []
  })
}

/** What stands in a tube when hydrogen sulfide is to meet acid in it, by what the test pours: the sum `acidity-for-sulfide` goes on from there. */
export interface AcidityAsked {
  readonly volume_mL: number
  readonly acid_M: number
}
/** Bottles that give hydrogen sulfide. */
const SULFIDE = /^(thioacetamide|H2S)(?![A-Za-z0-9])/
const AMMONIA = /^(NH3|NaOH|\(NH4\)2S)/
const DROP_mL = 0.05
/** What a fraction of a semimicro separation is taken to be, mL. */
const FRACTION_mL = 1.5

/** Whether a test brings hydrogen sulfide into acid, and how much acid it has poured by then; null where it does not, or goes on in ammonia. */
export function acidityAsked(test: Test): AcidityAsked | null {
  let volume = test.steps.some((s) => s.do === 'take') ? 0 : FRACTION_mL
  let acid = 0
  let alkaline = false
  const asked = (): AcidityAsked | null => (alkaline ? null : { volume_mL: volume || 1, acid_M: volume > 0 ? acid / volume : 0 })
  for (const template of test.steps) {
    const step = stepSchema.parse(template)
    if (step.do === 'pass' && step.gas === 'H2S') return asked()
    if (step.do === 'take') volume += step.mL ?? (step.drops ?? 0) * DROP_mL
    if (step.do !== 'add' || step.mg !== undefined) continue
    if (SULFIDE.test(step.reagent)) return asked()
    const mL = step.mL ?? (step.drops ?? 0) * DROP_mL
    volume += mL
    // What was neutralised before counts for nothing; acid that follows is what the gas will meet.
    if (AMMONIA.test(step.reagent)) {
      alkaline = step.until !== 'just-acidic'
      acid = 0
    }
    if (!/^(HCl|HNO3|H2SO4)/.test(step.reagent)) continue
    acid += mL * findReagent(step.reagent).molarity
    alkaline = false
  }
  return null
}

/** What is left to work with: of the sample, and of each solution made of it. */
export interface Rations {
  readonly sample: { readonly had: number; readonly left: number; readonly unit: 'mg' | 'mL' }
  readonly stocks: readonly { readonly id: string; readonly title: string; readonly left_mL: number }[]
}
const STOCKS: readonly (readonly [string, string])[] = [
  [STOCK, 'solution'],
  [ACID_STOCK, 'in nitric acid'],
  [EXTRACT, 'soda extract'],
  [FUSION_EXTRACT, 'fusion extract'],
]
/** What the work written down so far has left, by the amounts of its tests. */
export function rationsOf(of: Case, entries: readonly Entry[]): Rations {
  const { mg, mL } = of.sample
  const volumes = new Map(mL === undefined ? [] : [[SAMPLE, mL]])
  const made = new Set<string>()
  let used = 0
  for (const { entry, withdrawn } of apartFromControls(asAmended({ entries: [...entries] })).own) {
    if (withdrawn || !('did' in entry)) continue
    try {
      for (const { step } of expand(entry.did, volumes, everyTest)) {
        used += sampleTaken(step)
        if ('into' in step) made.add(step.into)
        if (mL !== undefined && step.do === 'take' && step.from === SAMPLE)
          volumes.set(SAMPLE, (volumes.get(SAMPLE) ?? 0) - (step.mL ?? (step.drops ?? 0) * 0.05))
      }
    } catch (error) {
      // A test of a newer catalogue takes nothing that is known of.
      if (!(error instanceof UnknownTest)) throw error
    }
  }
  const stocks = STOCKS.flatMap(([id, title]) => (made.has(id) ? [{ id, title, left_mL: Math.max(0, volumes.get(id) ?? 0) }] : []))
  const sample =
    mL === undefined
      ? ({ had: mg, left: Math.max(0, mg - used), unit: 'mg' } as const)
      : ({ had: mL, left: Math.max(0, volumes.get(SAMPLE) ?? 0), unit: 'mL' } as const)
  return { sample, stocks }
}
