import { inWords, message } from '../../messages'
import { CHANNEL_BY_ID } from '../../channels'
import { apartFromControls, asAmended, seenMessage, seenOfControl, type ControlRun, type Notebook } from '../../notebook'
import { findSalt } from '../../species'
import type { Conditions } from '../../tube'
import { Simulations, type Content } from '../simulation/simulations'
import { compoundNamed, contentOf } from '../inference/organic/hypotheses'
import { likelihood } from './error-model'
import { traceOf } from './trace'

/** What a control says of the run beside it. */
export interface ControlVerdict {
  /** The entry of the control, and of the run it stands beside. */
  readonly control: string
  readonly beside: string
  readonly kind: ControlRun['kind']
  readonly good: boolean
  /** Why it is not, in words; empty where it is good. */
  readonly because: string
}

/** Water in place of the sample. */
const WATER: Content = { id: 'water', jar: { solution: { ions: { 'Na^+': 1e-9, 'NO3^-': 1e-9 }, mL: 20 } } }
const WATER_mL = 20
/** Nothing in place of an organic compound: a fusion's sodium by itself, the reagents alone. */
const NOTHING: Content = { id: 'nothing', jar: { nothing: true } }
/** A known salt is taken like the sample, mg. */
const KNOWN_mg = 500

/** What stands in the tube of a control beside a sample of some kind; null for what is not known. */
export function contentOfControl(
  { kind, did }: Pick<ControlRun, 'kind' | 'did'>,
  of: Notebook['case']['kind'],
): { readonly content: Content; readonly mL?: number } | null {
  if (kind === 'blank') return of === 'organic' ? { content: NOTHING } : { content: WATER, mL: WATER_mL }
  const { holding = '' } = did
  const compound = compoundNamed(holding)
  const content = compound ? contentOf(compound.smiles, compound.name) : findSalt(holding)
  return content ? { content } : null
}

/** The control as a notebook of its own, its sample the known one. */
export const asNotebook = (run: ControlRun, of: Notebook['case'], mL: number | undefined): Pick<Notebook, 'case' | 'entries'> => {
  const { test, on } = run.did
  return {
    case: {
      ...of,
      kind: isOrganic(run, of) ? 'organic' : 'salt',
      sample: mL === undefined ? { mg: KNOWN_mg } : { mg: KNOWN_mg, mL },
    },
    entries: run.entries.map((e) => ('did' in e ? { ...e, did: { test, on } } : e)),
  }
}

const isOrganic = ({ kind, did: { holding } }: ControlRun, of: Notebook['case']): boolean =>
  kind === 'blank' ? of.kind === 'organic' : holding !== undefined && compoundNamed(holding) !== undefined

/** What was written has to be at least this likely for what the control holds. */
const AS_IT_MUST = 0.06

/** Each control by itself: whether what was seen of it is what what it holds must show. Whoever wrote it may slip, so that only what is quite unlike counts. */
export function judgeControls(notebook: Pick<Notebook, 'case' | 'entries'>, conditions: Conditions = {}): ControlVerdict[] {
  return apartFromControls(asAmended(notebook)).controls.flatMap((run) => {
    const held = contentOfControl(run, notebook.case.kind)
    if (!held || seenOfControl(run).length === 0) return []
    const alone = asNotebook(run, notebook.case, held.mL)
    const simulations = new Simulations(KNOWN_mg, conditions, held.mL)
    const unlike = traceOf(alone).observations.find(
      (o) =>
        CHANNEL_BY_ID.get(o.observation.channel)?.plain === true &&
        likelihood(o, (step) => simulations.expect(held.content, step.recipe)) < AS_IT_MUST,
    )
    const what = run.kind === 'blank' ? message('control.the-blank') : message('control.the-known', { holding: run.did.holding ?? '' })
    const because = unlike === undefined ? '' : inWords('control.showed', { what, seen: seenMessage(unlike.observation) })
    return [{ control: run.entry.id, beside: run.beside, kind: run.kind, good: unlike === undefined, because }]
  })
}
