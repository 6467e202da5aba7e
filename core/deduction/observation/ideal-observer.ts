import { apartFromControls, asAmended, type Notebook, type Observation } from '../../notebook'
import { CHANNEL_BY_ID, CHANNELS, type ChannelId, type Expectation } from '../../channels'
import { seenLook, type Seen, type SeenLook } from '../../perception'
import { asNotebook, contentOfControl } from './controls'
import { Simulations, type Bounds, type Content } from '../simulation/simulations'
import { liquidOf, traceOf, type TraceStep } from './trace'
import { everyTest } from '../../schemes'
import { isWatched } from '../../tube'
import type { Asked } from '../../vocabulary'

/**
 * What one `did` entry of a notebook shows with a known content of the jar, in words: its looks, smells and papers, and any gas on the way.
 * @param simulations where states are to be kept for the next entry; of the same jar
 * @throws NotebookError for a test that is not in the catalogue
 */
export function seenIn(
  notebook: Pick<Notebook, 'case' | 'entries'>,
  entry: string,
  content: Content,
  jitter: readonly [number, number, number],
  simulations: Simulations = simulationsFor(notebook),
): Seen {
  const control = apartFromControls(asAmended(notebook)).controls.find((run) => run.entry.id === entry)
  const held = control ? contentOfControl(control, notebook.case.kind) : null
  // What a control shows is of what it holds, whatever is in the jar.
  if (control)
    return held ? seenIn(asNotebook(control, notebook.case, held.mL), entry, held.content, jitter) : { format: 'foxing-seen/1', entry, looks: [] }
  const looks: SeenLook[] = []
  for (const step of traceOf(notebook).steps) {
    if (step.entry !== entry) continue
    const expectation = simulations.expect(content, step.recipe)
    if (!expectation) continue
    if (worthALook(step)) looks.push(lookAt(step, expectation, jitter))
  }
  return { format: 'foxing-seen/1', entry, looks }
}

/** What work on a notebook's jar is simulated with. */
export const simulationsFor = (notebook: Pick<Notebook, 'case' | 'entries'>, bounds?: Bounds): Simulations => {
  const { drop_mL, sample } = notebook.case
  return new Simulations(sample.mg, drop_mL === undefined ? {} : { drop_mL }, liquidOf(notebook), bounds)
}

/** Looks, smells and papers of a test; and every step of work done freely, which is looked at as it goes. */
export function worthALook({ recipe, index, test }: TraceStep): boolean {
  const last = recipe.steps.at(-1)
  return index >= 0 && (test === null || (last !== undefined && isWatched(last)))
}

export const lookAt = (step: TraceStep, { percept, before }: Expectation, jitter: readonly [number, number, number]): SeenLook => ({
  ...seenLook(percept, before, step.index, jitter),
  vessel: step.vessel,
})

/** What a perfect observer would write doing some steps: the words of every look. */
export function observationsOf(
  steps: readonly TraceStep[],
  expect: (step: TraceStep) => Expectation | null,
): { step: TraceStep; observation: Observation }[] {
  return steps.flatMap((step) => {
    const expectation = expect(step)
    if (!expectation || !worthALook(step)) return []
    return observationsFromLook(lookAt(step, expectation, [0, 0, 0]), askedAt(step)).map((observation) => ({ step, observation }))
  })
}

/** What a look of a catalogue test asks for; nothing for free work. */
export const askedAt = ({ test, index }: Pick<TraceStep, 'test' | 'index'>): readonly Asked[] =>
  (test ? everyTest.get(test)?.steps[index]?.asks : undefined) ?? []

/** A way of looking: when one looks so, and what one then writes of, in order. */
interface Manner {
  readonly fits: (look: SeenLook, asked: readonly Asked[]) => boolean
  readonly channels: readonly ChannelId[]
}
const PAPER_CHANNELS = CHANNELS.filter((channel) => channel.of === 'paper').map((channel) => channel.id)
/** The first that fits is how one looks. */
const MANNERS: readonly Manner[] = [
  { fits: (look) => look.papers.length > 0, channels: PAPER_CHANNELS },
  { fits: (_, asked) => asked.includes('melting-point'), channels: ['melting-point'] },
  { fits: (_, asked) => asked.includes('boiling-point'), channels: ['boiling-point'] },
  // On a spatula: how it burns, and what is left.
  { fits: (look) => look.flame !== null && look.residue !== null, channels: ['flame.sooty', 'flame.colour', 'chars', 'ash'] },
  { fits: (look, asked) => look.soluble !== null && asked.includes('solubility'), channels: ['solubility', 'layer.rests', 'solution.colour'] },
  { fits: (look) => look.flame?.lines != null, channels: ['flame.line'] },
  { fits: (look) => look.flame !== null, channels: ['flame.colour', 'flame.lasts'] },
  { fits: (look) => look.splint !== null, channels: ['splint'] },
  { fits: (look) => look.rod !== null, channels: ['rod'] },
  { fits: (look) => look.bead !== null, channels: ['bead.hot', 'bead.cold'] },
  {
    fits: (look) => look.residue !== null,
    channels: ['water', 'crackles', 'melts', 'chars', 'gas.present', 'gas.colour', 'residue.hot', 'residue.cold', 'sublimate', 'smell'],
  },
  { fits: (look, asked) => look.ring !== null || asked.includes('ring'), channels: ['ring.colour'] },
  { fits: (look) => look.smell !== null, channels: ['smell'] },
  { fits: (look) => look.appearance !== null, channels: ['appearance.colour', 'appearance.form'] },
  { fits: (_, asked) => asked.includes('lime-water'), channels: ['lime-water'] },
  {
    fits: () => true,
    channels: [
      'precipitate.present',
      'precipitate.colour',
      'precipitate.habit',
      'precipitate.amount',
      'precipitate.dissolves',
      'solution.colour',
      'layer.colour',
      'layer.rests',
      'gas.present',
      'gas.colour',
    ],
  },
]

/**
 * A look written down word for word, as a quick and honest observer would.
 * @param asked what the look was for: that there was none is written too
 */
export function observationsFromLook(look: SeenLook, asked: readonly Asked[] = []): Observation[] {
  const { channels = [] } = MANNERS.find(({ fits }) => fits(look, asked)) ?? {}
  return channels.flatMap((channel) =>
    [CHANNEL_BY_ID.get(channel)?.read?.(look, asked) ?? []].flat().map(({ value, negated = false, degree }) => ({
      channel,
      value,
      negated,
      certainty: 'sure',
      vessel: look.vessel,
      step: look.step,
      ...(degree === undefined ? {} : { degree }),
    })),
  )
}
