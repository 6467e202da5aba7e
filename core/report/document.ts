import type { Expectation } from '../channels'
import { STOCK } from '../catalogue'
import {
  broughtBy,
  shownBy,
  type Content,
  type Reasoning,
  type ReasoningSession,
  type Simulations,
  type Standing,
  type TraceStep,
} from '../deduction'
import { hintMessage, hintOf } from '../notebook'
import { inWords, message, say } from '../messages'
import {
  apartFromControls,
  asAmended,
  isTest,
  partOf,
  seenOfControl,
  type ControlRun,
  sayObservation,
  sayStep,
  type AmendedEntry,
  type Concluded,
  type Notebook,
} from '../notebook'
import { everyTest } from '../schemes'
import { sentencesOf } from './sentences'

/** One thing seen, in words, and how it was first written where it was amended. */
export interface SeenLine {
  readonly entry: string
  readonly text: string
  readonly amendedFrom: string | null
}

/** One row of the three columns. */
export interface Row {
  readonly entry: string
  readonly at: string
  readonly test: string
  readonly steps: readonly string[]
  /** What was seen, look by look. */
  readonly looks: readonly (readonly SeenLine[])[]
  /** The controls beside it, a line each, and why it was discarded where one of them speaks against it. */
  readonly beside: readonly string[]
  readonly inference: readonly string[]
  readonly equations: readonly string[]
}

/** The report as a document, before any format. */
export interface ReportDocument {
  readonly title: string
  readonly kind: string
  readonly rows: readonly Row[]
  readonly notes: readonly { readonly at: string; readonly text: string }[]
  readonly conclusions: readonly { readonly species: string; readonly claim: string; readonly citing: readonly string[] }[]
  /** When rows and conclusions were written, by the device's clock, and taken by a server, by the server's; empty for a notebook that was on none. */
  readonly times: readonly { readonly what: string; readonly written: string; readonly received: string }[]
  /** What the record comes to, in sentences that cite rows. */
  readonly sentences: readonly string[]
  readonly standings: readonly Pick<Standing, 'species' | 'status' | 'probability'>[]
  readonly formulae: readonly { readonly formula: string; readonly probability: number }[]
  readonly conflicts: readonly string[]
  readonly safety: string
}

/** From here on the equations of the likeliest salt are worth printing. */
const EQUATIONS_FROM = 0.5

/**
 * The notebook as a report.
 * @throws NotebookError for a test that is not in the catalogue
 */
export const documentOf = (notebook: Pick<Notebook, 'case' | 'entries'>, title: string, session: ReasoningSession): ReportDocument =>
  documentFrom(session.reason(notebook), notebook, title)

/** The same, from a deduction already made. */
export function documentFrom(reasoning: Reasoning, notebook: Pick<Notebook, 'case' | 'entries'>, title: string): ReportDocument {
  const { own: entries, controls } = apartFromControls(asAmended(notebook))
  // A case without hints is assessed: what Foxing makes of the record is not for its writer.
  const shown = notebook.case.hints !== 'none'
  const rows = rowsOf(entries, controls, reasoning).map((row) => (shown ? row : { ...row, inference: [], equations: [] }))
  return {
    title,
    kind: notebook.case.kind,
    rows,
    notes: entries.flatMap(({ entry }) => {
      const hint = hintOf(entry)
      if (hint !== null) return [{ at: entry.at, text: say(hintMessage(hint)) }]
      if (!('note' in entry)) return []
      const row = entry.about === undefined ? null : rowNumber(rows, entry.about)
      return [{ at: entry.at, text: row === null ? entry.note : inWords('report.note-of-row', { row, note: entry.note }) }]
    }),
    conclusions: entries.flatMap(({ entry, withdrawn }) => ('concluded' in entry && !withdrawn ? [conclusion(entry.concluded, rows)] : [])),
    times: timesOf(entries, rows),
    sentences: shown ? sentencesOf(reasoning, notebook.case, (entry) => rowNumber(rows, entry)) : [],
    standings: (shown ? reasoning.standings : []).map(({ species, status, probability }) => ({
      species,
      status,
      probability: Math.round(probability * 1000) / 1000,
    })),
    formulae: (shown ? reasoning.formulae : [])
      .filter((f) => f.probability > 0.005)
      .map((f) => ({ ...f, probability: Math.round(f.probability * 1000) / 1000 })),
    conflicts: (shown ? reasoning.conflicts : []).map((c) => c.because),
    safety: inWords('report.safety'),
  }
}

/** Of each row when its work was received, and when the last that was seen of it was; of each conclusion, when it was. */
function timesOf(entries: readonly AmendedEntry[], rows: readonly Row[]): ReportDocument['times'] {
  const received = new Map(entries.flatMap(({ entry }) => (entry.received === undefined ? [] : [[entry.id, entry] as const])))
  const told = (what: string, id: string | undefined): ReportDocument['times'] => {
    const entry = id === undefined ? undefined : received.get(id)
    return entry?.received === undefined ? [] : [{ what, written: entry.at, received: entry.received }]
  }
  return [
    ...rows.flatMap((row, k) => [
      ...told(inWords('report.row-begun', { row: k + 1 }), row.entry),
      ...told(inWords('report.row-seen', { row: k + 1 }), row.looks.flat().at(-1)?.entry),
    ]),
    ...entries.flatMap(({ entry }) =>
      'concluded' in entry ? told(inWords('report.concluded', { species: entry.concluded.species }), entry.id) : [],
    ),
  ]
}
/** What stands over the columns of a report. */
export const COLUMNS = ['report.test', 'report.observation', 'report.inference'] as const
/** An observation of a report, and what was written first where it was amended. */
export const textOf = ({ text, amendedFrom }: { readonly text: string; readonly amendedFrom: string | null }): string =>
  amendedFrom === null ? text : inWords('report.first-written', { now: text, before: amendedFrom })
/** The rows a conclusion cites. */
export const citedAs = (rows: readonly string[]): string =>
  rows.length > 0 ? inWords('report.citing', { rows: rows.join(', ') }) : inWords('report.no-row-cited')
/** The clocks' times of a report in a line. */
export const sayTime = ({ what, written, received }: ReportDocument['times'][number]): string =>
  inWords('report.times', { what, written: plainTime(written), received: plainTime(received) })
/** A time to the second, in coordinated universal time; one that is none as it was written. */
const plainTime = (time: string): string => {
  const at = new Date(time)
  return Number.isNaN(at.getTime()) ? time : at.toISOString().replace('T', ' ').replace(/\..*/, ' UTC')
}

/** The row an entry stands in, counted from 1; null for one that stands in none. */
function rowNumber(rows: readonly Row[], entry: string): number | null {
  const at = rows.findIndex((row) => row.entry === entry || row.looks.flat().some((o) => o.entry === entry))
  return at < 0 ? null : at + 1
}

/** Citations name rows as the reader counts them. */
function conclusion(concluded: Concluded, rows: readonly Row[]): ReportDocument['conclusions'][number] {
  const citing = concluded.citing.map((id) => {
    const number = rowNumber(rows, id)
    return number === null ? id : `row ${number}`
  })
  return { species: concluded.species, claim: concluded.claim, citing: [...new Set(citing)] }
}

function rowsOf(entries: readonly AmendedEntry[], controls: readonly ControlRun[], reasoning: Reasoning): Row[] {
  const { trace } = reasoning
  const rowOf = new Map<string, string>()
  let last = ''
  for (const { entry } of entries) {
    if ('did' in entry) last = entry.id
    if ('saw' in entry) rowOf.set(entry.id, entry.saw.of ?? last)
  }
  for (const { entry, steps } of trace.observations) rowOf.set(entry, steps[0]?.entry ?? '')
  return entries.flatMap(({ entry, withdrawn }) => {
    if (!('did' in entry) || withdrawn) return []
    const steps = trace.steps.filter((s) => s.entry === entry.id)
    const mine = entries.filter((e) => 'saw' in e.entry && !e.withdrawn && rowOf.get(e.entry.id) === entry.id)
    const looks = looksOf(mine)
    const seen = looks.flat().map((o) => o.entry)
    const { did } = entry
    return [
      {
        entry: entry.id,
        at: entry.at,
        test:
          (partOf(did) === null ? '' : `${partOf(did) ?? ''}. `) +
          (isTest(did)
            ? `${everyTest.get(did.test)?.title ?? did.test}${did.on === STOCK ? '' : `, ${inWords('place.tube', { vessel: did.on })}`}`
            : sayStep(did)),
        steps: isTest(did) ? steps.flatMap((s) => sayOf(s)) : [],
        looks,
        beside: besideOf(entry.id, controls, reasoning),
        inference: sayInferences(inferencesFrom(new Set(seen), reasoning)),
        equations: seen.length > 0 ? likelyEquations(steps, reasoning) : [],
      },
    ]
  })
}

function besideOf(entry: string, controls: readonly ControlRun[], { discarded }: Reasoning): string[] {
  const lines = controls
    .filter((run) => run.beside === entry)
    .map((run) => {
      const what = message(`control.${run.kind}`)
      const holding = run.did.holding === undefined ? '' : `, ${run.did.holding}`
      const seen = seenOfControl(run)
        .map(({ saw }) => sayObservation(saw))
        .join(', ')
      return inWords('report.beside', { what, holding, tube: run.did.on, seen: seen === '' ? message('report.nothing-written') : seen })
    })
  const verdict = discarded.get(entry)
  return verdict ? [...lines, inWords('report.discarded', { because: verdict.because })] : lines
}

/** Observations of a row put together look by look, in the order written. */
function looksOf(entries: readonly AmendedEntry[]): SeenLine[][] {
  const looks = new Map<number, SeenLine[]>()
  for (const { entry, original } of entries) {
    if (!('saw' in entry)) continue
    const line = {
      entry: entry.id,
      text: sayObservation(entry.saw),
      amendedFrom: original && 'saw' in original ? sayObservation(original.saw) : null,
    }
    const at = entry.saw.step ?? -1
    looks.set(at, [...(looks.get(at) ?? []), line])
  }
  return [...looks.values()]
}

const sayOf = (traced: TraceStep): string[] => {
  const step = traced.step ?? traced.recipe.steps.at(-1)
  if (!step || step.do === 'look') return []
  return [sayStep(step)]
}

/** What the observations of one row say of one ion. */
export interface Inference {
  readonly species: string
  readonly direction: 'for' | 'against'
  /** How plainly. */
  readonly grade: 'clear' | 'slight'
  /** Decimal logarithm of the odds they change it by. */
  readonly weight: number
  /** The observations that say so. */
  readonly entries: readonly string[]
}

/** A weight (log10) from which on an observation says anything, and from which on it says it plainly. */
const SAID = 0.5
const CLEARLY = 1.5

/**
 * What the observations of one row say together, ion by ion, strongest first. An ion is spoken of only where the work done could have shown it, and not where the test poured it in: what follows for the
 * others by elimination belongs to the conclusion.
 */
export function inferencesFrom(entries: ReadonlySet<string>, reasoning: Reasoning): Inference[] {
  const steps = reasoning.trace.observations.flatMap((o) => (entries.has(o.entry) ? o.steps : []))
  const brought = (ion: string): boolean => steps.length > 0 && steps.every(({ test }) => test !== null && broughtBy(test, ion))
  return reasoning.standings
    .filter(({ species }) => !brought(species))
    .map(({ species, evidence }): Inference => {
      const own = evidence.filter((e) => entries.has(e.entry))
      const weight = own.reduce((sum, e) => sum + e.weight, 0)
      return {
        species,
        direction: weight >= 0 ? 'for' : 'against',
        grade: weight >= CLEARLY || weight < -CLEARLY ? 'clear' : 'slight',
        weight,
        entries: [...new Set(own.map((e) => e.entry))],
      }
    })
    .filter(({ species, weight }) => Math.abs(weight) >= SAID && couldShow(species, steps, reasoning, weight > 0))
    .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight))
}

const named = (inferences: readonly Inference[], direction: Inference['direction'], grade: Inference['grade']): string[] =>
  inferences.filter((i) => i.direction === direction && i.grade === grade).map(({ species }) => species)

/** Inferences in words: what they speak for ion by ion, what they speak against in a line. */
export const sayInferences = (inferences: readonly Inference[]): string[] => [
  ...named(inferences, 'for', 'clear').map((ion) => inWords('inference.for.clear', { ion })),
  ...named(inferences, 'for', 'slight').map((ion) => inWords('inference.for.slight', { ion })),
  ...listed(named(inferences, 'against', 'clear')).map((ions) => inWords('inference.against.clear', { ions })),
  ...listed(named(inferences, 'against', 'slight')).map((ions) => inWords('inference.against.slight', { ions })),
]

/** The same where there is room for a few short lines: what is likeliest first, so many named in each, and how many more there are; what is hardly there only where there is little else to say. */
export function sayInferencesInShort(inferences: readonly Inference[], most: number): string[] {
  const plain = [
    ...listed(named(inferences, 'for', 'clear'), most).map((ions) => inWords('inference.short.clear', { ions })),
    ...listed(named(inferences, 'for', 'slight'), most).map((ions) => inWords('inference.short.slight', { ions })),
    ...listed(named(inferences, 'against', 'clear'), most).map((ions) => inWords('inference.against.clear', { ions })),
  ]
  return plain.length > 1
    ? plain
    : [...plain, ...listed(named(inferences, 'against', 'slight'), most).map((ions) => inWords('inference.against.slight', { ions }))]
}

/** Ions in a line, the first so many named; none where there are none. */
const listed = (ions: readonly string[], most = Infinity): string[] =>
  ions.length === 0
    ? []
    : [
        inWords('inference.listed', {
          ions: ions.slice(0, most).join(ions.some((name) => name.includes(',')) ? '; ' : ', '),
          more: Math.max(0, ions.length - most),
        }),
      ]

/** Whether something seen in these steps could hold the ion: for evidence in its favour with the likeliest salt in the jar, for evidence against with any. */
function couldShow(
  ion: string,
  steps: readonly TraceStep[],
  { each, hypotheses, posterior, sensitivities, simulations }: Reasoning,
  inFavour: boolean,
): boolean {
  // Of a mixture it is known which ions each test speaks of.
  if (each && !inFavour) return steps.some(({ test }) => test === null || sensitivities?.[test]?.includes(ion) !== false)
  const best = hypotheses[posterior.indexOf(Math.max(...posterior))]
  const among = inFavour ? (best ? [best] : []) : hypotheses
  return among.some(({ content, ions }) => ions.has(ion) && steps.some((step) => expectedToShow(simulations.expect(content, step.recipe), ion)))
}

const expectedToShow = (expectation: Expectation | null, part: string): boolean => expectation !== null && shownBy(expectation.percept).includes(part)

function likelyEquations(steps: readonly TraceStep[], { formulae, hypotheses, simulations }: Reasoning): string[] {
  const best = formulae[0]
  const content = hypotheses.find(({ content: { id, label = id } }) => label === best?.formula)?.content
  return best && content && best.probability >= EQUATIONS_FROM ? equationsOf(steps, content, simulations) : []
}

/** Equations of what happens in some steps with this in the jar, each once. */
export const equationsOf = (steps: readonly TraceStep[], content: Content, simulations: Simulations): string[] => [
  ...new Set(steps.flatMap((s) => simulations.expect(content, s.recipe)?.percept.equations ?? [])),
]
