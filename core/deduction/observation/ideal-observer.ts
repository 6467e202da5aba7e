import { apartFromControls, asAmended, type Notebook, type Observation } from '../../notebook'
import { degreeOf, seenLook, type Seen, type SeenColour, type SeenLook } from '../../perception'
import { asNotebook, contentOfControl } from './controls'
import { Simulations, type Bounds, type Content, type Expectation } from '../simulation/simulations'
import { liquidOf, traceOf, type TraceStep } from './trace'
import { everyTest } from '../../schemes'
import { LINE_COLOURS, type Asked } from '../../vocabulary'

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

/** Steps that are looked at as they are done. */
const LOOKED_AT: ReadonlySet<string> = new Set([
  'look',
  'hold',
  'dip',
  'smell',
  'flame',
  'ignite',
  'bead',
  'charcoal',
  'cobalt-nitrate',
  'copper-wire',
  'ignition',
  'melting-point',
  'boiling-point',
])

/** Whether a step is looked at as it is done, in words of the procedure. */
export const isLookedAt = (doing: string): boolean => LOOKED_AT.has(doing)

/** Looks, smells and papers of a test; and every step of work done freely, which is looked at as it goes. */
export function worthALook({ recipe, index, test }: TraceStep): boolean {
  const doing = recipe.steps.at(-1)?.do
  const asked = doing !== undefined && LOOKED_AT.has(doing)
  return index >= 0 && (asked || test === null)
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

/**
 * A look written down word for word, as a quick and honest observer would.
 * @param asked what the look was for: that there was none is written too
 */
export function observationsFromLook(look: SeenLook, asked: readonly Asked[] = []): Observation[] {
  const seen: Observation[] = []
  const say = (channel: string, value: string, negated = false, degree?: string): void =>
    void seen.push({ channel, value, negated, certainty: 'sure', vessel: look.vessel, step: look.step, ...(degree === undefined ? {} : { degree }) })
  const sayColour = (channel: string, { name, family }: SeenColour): void => say(channel, family, false, degreeOf(name))
  for (const { paper, to } of look.papers) say(`paper.${paper}`, to.family)
  if (look.papers.length > 0) return seen
  for (const constant of ['melting-point', 'boiling-point'] as const) {
    if (!asked.includes(constant)) continue
    say(constant, look.constant === null ? 'none' : String(look.constant))
    return seen
  }
  if (look.flame && look.residue) {
    // On a spatula: how it burns, and what is left.
    say('flame.sooty', look.flame.sooty ? 'yes' : 'no')
    if (look.flame.colour.family !== 'colourless') sayColour('flame.colour', look.flame.colour)
    say('chars', look.residue.chars ? 'yes' : 'no')
    say('ash', look.residue.ash ? 'yes' : 'no')
    return seen
  }
  if (look.soluble && asked.includes('solubility')) {
    say('solubility', look.soluble)
    if (look.soluble !== 'yes' && look.layer) say('layer.rests', look.layer.rests)
    if (look.solution) sayColour('solution.colour', look.solution.colour)
    return seen
  }
  if (look.flame?.lines) {
    for (const colour of LINE_COLOURS) say('flame.line', colour, !look.flame.lines.includes(colour))
    return seen
  }
  if (look.flame) {
    say('flame.colour', look.flame.colour.family)
    if (look.flame.colour.family !== 'colourless') say('flame.lasts', look.flame.lasts)
    return seen
  }
  for (const channel of ['splint', 'rod'] as const) {
    const word = look[channel]
    if (!word) continue
    say(channel, word)
    return seen
  }
  if (look.bead) {
    sayColour('bead.hot', look.bead.hot)
    sayColour('bead.cold', look.bead.cold)
    return seen
  }
  if (look.residue) {
    const { residue } = look
    if (residue.water) say('water', 'yes')
    for (const sign of ['crackles', 'melts', 'chars'] as const) if (residue[sign]) say(sign, 'yes')
    if (look.gas) {
      say('gas.present', 'yes')
      if (look.gas.colour.family !== 'colourless') say('gas.colour', look.gas.colour.family)
    }
    sayColour('residue.hot', residue.hot)
    sayColour('residue.cold', residue.cold)
    say('sublimate', residue.sublimate?.family ?? 'colourless')
    if (look.smell && look.smell !== 'none') say('smell', look.smell)
    return seen
  }
  if (look.ring) sayColour('ring.colour', look.ring.colour)
  else if (asked.includes('ring')) say('ring.colour', 'colourless')
  if (look.ring || asked.includes('ring')) return seen
  if (look.smell) {
    say('smell', look.smell)
    return seen
  }
  if (look.appearance) {
    sayColour('appearance.colour', look.appearance.colour)
    say('appearance.form', look.appearance.form)
    return seen
  }
  if (asked.includes('lime-water')) {
    say('lime-water', look.precipitate ? 'milky' : look.clouded ? 'milky then clear' : 'clear')
    return seen
  }
  if (look.precipitate) {
    say('precipitate.present', 'yes')
    sayColour('precipitate.colour', look.precipitate.colour)
    say('precipitate.habit', look.precipitate.habit)
    say('precipitate.amount', look.precipitate.amount)
    if (look.dissolves) say('precipitate.dissolves', look.dissolves)
  } else if (look.dissolves) say('precipitate.dissolves', 'yes')
  else if (look.solution) say('precipitate.present', 'yes', true)
  if (look.solution) sayColour('solution.colour', look.solution.colour)
  if (look.layer) {
    sayColour('layer.colour', look.layer.colour)
    say('layer.rests', look.layer.rests)
  }
  if (look.gas) {
    say('gas.present', 'yes')
    if (look.gas.colour.family !== 'colourless') say('gas.colour', look.gas.colour.family)
  } else if (asked.includes('gas')) say('gas.present', 'yes', true)
  return seen
}
