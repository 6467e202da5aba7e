import {
  hintMessage,
  hintOf,
  say,
  apartFromControls,
  asAmended,
  isTest,
  isWatched,
  letterOf,
  partOf,
  placed,
  placeOf,
  vesselOf,
  observationSchema,
  readAt,
  sayStep,
  withVessels,
  everyTest,
  neutralisingsOf,
  stepSchema,
  waitsOf,
  type ControlRun,
  type Did,
  type Entry,
  type Neutralising,
  type Observation,
  type Step,
  type Test,
  type WorksheetPart,
  type Wait,
  type Asked,
} from '@foxing/core'

/** An observation as it was written, with the pictures taken of it. */
export interface Written {
  readonly id: string
  readonly observation: Observation
  readonly pictures: readonly Note[]
}

/** One thing to look at in a row, with what has been written of it. */
export interface Look {
  /** What was done that is looked at. */
  readonly entry: string
  /** Place in the test's steps; 0 for a step done freely. */
  readonly step: number
  /** Place among the row's own steps. */
  readonly place: number
  readonly doing: Step
  readonly prompt: string
  /** What it asks for, whether it is there or not. */
  readonly asks: readonly Asked[]
  readonly written: readonly Written[]
  /** True where the vessel holds no liquid yet. */
  readonly dry: boolean
}

/** A test, or a free step, as a row of the page. */
export interface PageRow {
  readonly id: string
  readonly at: string
  readonly vessel: string
  readonly title: string
  readonly test: Test | null
  /** The part of a worksheet it is: its letter. */
  readonly part: string | null
  /** Steps of one's own in a tube, one after another; each is looked at as it goes. */
  readonly own: boolean
  /** These steps, with the entries they are. */
  readonly trail: readonly { readonly entry: string; readonly did: Step }[]
  /** Everything that was done in it. */
  readonly entries: readonly string[]
  /** What was done as one piece of work, for its cautions, waits and waste; null for a single free step. */
  readonly work: Test | null
  readonly steps: readonly string[]
  readonly looks: readonly Look[]
  readonly waits: readonly Wait[]
  readonly neutralisings: readonly Neutralising[]
  readonly notes: readonly Note[]
  /** Done on something known, beside this one. */
  readonly controls: readonly Control[]
}

/** A control beside a run, a row of its own within the row. */
export interface Control extends PageRow {
  readonly kind: ControlRun['kind']
  readonly holding: string
}

/** Something written that is no observation, and a picture that goes with it. */
export interface Note {
  readonly text: string
  readonly picture?: string
}

const parsed = new Map<Test, readonly Step[]>()
const stepsOf = (test: Test): readonly Step[] => {
  const known = parsed.get(test)
  if (known) return known
  const steps = test.steps.map((s) => stepSchema.parse(s))
  parsed.set(test, steps)
  return steps
}

function looksOf(test: Test): Omit<Look, 'written' | 'entry'>[] {
  let wet = test.on.includes('solution')
  return stepsOf(test).flatMap((doing, step) => {
    if (doing.do === 'add' || doing.do === 'dissolve' || doing.do === 'fuse') wet = true
    const prompt = test.steps[step]?.for
    return prompt === undefined ? [] : [{ step, place: step, doing, prompt, asks: test.steps[step]?.asks ?? [], dry: !wet }]
  })
}

/** Steps between looks, in words, each once, with the tubes by their letters; portions taken one after the other from one place are one. */
function stepWords(test: Test, on: string): string[] {
  const steps: Step[] = []
  for (const each of stepsOf(test)) {
    const step = withVessels(each, (vessel) => placed(vessel, on))
    const last = steps.at(-1)
    if (last?.do === 'take' && step.do === 'take' && last.from === step.from && last.mL !== undefined && step.mL !== undefined)
      steps[steps.length - 1] = { ...step, mL: Math.round((last.mL + step.mL) * 100) / 100 }
    else if (step.do !== 'look') steps.push(step)
  }
  return steps.map(sayStep)
}

type Growing = { -readonly [K in keyof Omit<PageRow, 'looks' | 'notes' | 'controls'>]: PageRow[K] } & {
  looks: Look[]
  notes: Note[]
  controls: Control[]
  /** What would be looked at of the last step, where nothing else is. */
  last?: Look
  /** The tubes of steps of one's own. */
  tubes: ReadonlySet<string>
}

/**
 * The notebook as rows, an observation beside the look it was written at, the controls within the row they stand beside. What was done for one part of a worksheet is one row.
 * @param parts the worksheet's, for what they say
 */
export function pageOf(entries: readonly Entry[], parts: readonly WorksheetPart[] = []): PageRow[] {
  const { own, controls } = apartFromControls(asAmended({ entries: [...entries] }))
  const rows = rowsOf(
    own.flatMap(({ entry, withdrawn }) => (withdrawn ? [] : [entry])),
    parts,
  )
  for (const run of controls) {
    const [row] = rowsOf(run.entries)
    if (row) rows.find((r) => r.id === run.beside)?.controls.push({ ...row, kind: run.kind, holding: run.did.holding ?? 'water' })
  }
  return rows
}

function rowsOf(entries: readonly Entry[], parts: readonly WorksheetPart[] = []): Growing[] {
  const rows: Growing[] = []
  for (const entry of entries) {
    if ('did' in entry) {
      const part = partOf(entry.did)
      const begun = part === null ? ownRowFor(entry.did, rows) : rows.find((r) => r.part === part)
      if (begun) goOn(begun, entry.id, entry.did)
      else rows.push(rowOf(entry.id, entry.at, entry.did, parts))
    } else if ('saw' in entry) {
      const { of, step } = entry.saw
      const row = rows.find((r) => of !== undefined && r.entries.includes(of)) ?? rows.at(-1)
      if (!row) continue
      const at = row.looks.findIndex((l) => (row.own ? l.entry === of : l.step === step && (row.part === null || l.entry === of)))
      const index = at >= 0 ? at : row.looks.length - 1
      const look = row.looks[index]
      if (look) row.looks[index] = { ...look, written: [...look.written, { id: entry.id, observation: entry.saw, pictures: [] }] }
    } else if ('hint' in entry) rows.at(-1)?.notes.push({ text: say(hintMessage(entry.hint.number)) })
    else if ('note' in entry && !putToWritten(rows, entry.about, noteOf(entry)))
      (rows.find((r) => r.id === entry.about) ?? rows.at(-1))?.notes.push(noteOf(entry))
  }
  // Of one's own steps those are looked at that something was written of, and the last.
  for (const row of rows) if (row.own) row.looks = row.looks.filter((look, k) => look.written.length > 0 || k === row.looks.length - 1)
  // A part that shows nothing on the way is looked at when it is done.
  for (const row of rows) if (row.part !== null && row.looks.length === 0 && row.last) row.looks.push(row.last)
  return rows
}

const isTube = (vessel: string): boolean => /^[A-Z]$/.test(vessel)
/** The row that a step of one's own goes on with: the last that was worked in its tube, where that was filled by steps of one's own. */
function ownRowFor(did: Did, rows: readonly Growing[]): Growing | undefined {
  if (isTest(did) || did.do === 'take') return undefined
  const vessel = vesselOf(did)
  const row = rows.findLast((r) => r.tubes.has(vessel) || (r.test !== null && r.vessel === vessel))
  return row?.own ? row : undefined
}

/** A picture taken of one observation stands with it; false for a note of anything else. */
function putToWritten(rows: readonly Growing[], about: string | undefined, note: Note): boolean {
  for (const { looks } of rows)
    for (const [k, look] of looks.entries()) {
      const of = look.written.find((w) => w.id === about)
      if (!of) continue
      looks[k] = { ...look, written: look.written.map((w) => (w === of ? { ...w, pictures: [...w.pictures, note] } : w)) }
      return true
    }
  return false
}

/** A further step of a part: its waits, cautions and looks go with those of the steps before it. */
function goOn(row: Growing, id: string, did: Did): void {
  const { test } = isTest(did) ? { test: everyTest.get(did.test) ?? null } : { test: null }
  const before = row.work?.steps.length ?? 0
  row.entries = [...row.entries, id]
  if (!isTest(did) && row.own) row.trail = [...row.trail, { entry: id, did }]
  if (!isTest(did)) row.tubes = new Set([...row.tubes, vesselOf(did)].filter(isTube))
  row.steps = [...row.steps, ...(test && isTest(did) ? stepWords(test, did.on) : isTest(did) || did.do === 'look' ? [] : [sayStep(did)])]
  row.work = workOf(row.title, [...(row.work?.steps ?? []), ...(test ? test.steps : isTest(did) ? [] : [did])])
  row.waits = waitsOf(row.work)
  row.neutralisings = neutralisingsOf(row.work)
  if (test) row.looks.push(...looksOf(test).map((look) => ({ ...look, entry: id, place: before + look.step, written: [] })))
  else if (!isTest(did)) {
    const look = { entry: id, step: 0, place: before, doing: did, prompt: 'what there is to see', asks: [], dry: false, written: [] }
    if (row.own) row.looks.push({ ...look, prompt: did.do === 'look' ? lookIn(vesselOf(did), row.last) : sayStep(did), dry: isDryPortion(did) })
    else if (isWatched(did)) row.looks.push({ ...look, prompt: did.do === 'look' ? lookIn(vesselOf(did), row.last) : sayStep(did) })
    row.last = look
  }
}

const isDryPortion = (step: Step): boolean => step.do === 'take' && step.mg !== undefined

/** What a look is for: where, and after what. */
const lookIn = (vessel: string, last: Look | undefined): string =>
  `look at ${placeOf(vessel)}${last === undefined || last.doing.do === 'look' ? '' : `, after: ${sayStep(last.doing)}`}`

const workOf = (title: string, steps: Test['steps']): Test => ({
  id: title,
  title,
  stage: 'looked',
  on: ['solid', 'solution'],
  steps,
  because: '',
  minutes: 0,
  sources: [],
})

function rowOf(id: string, at: string, did: Did, parts: readonly WorksheetPart[]): Growing {
  const part = partOf(did)
  if (part !== null) {
    const text = parts.find((p, k) => letterOf(p, k) === part)?.text
    const title = text ?? 'as the worksheet says'
    const row: Growing = {
      ...{ id, at, vessel: '', title, test: null, part, own: false, trail: [], entries: [], work: null, steps: [] },
      ...{ waits: [], neutralisings: [], looks: [], notes: [], controls: [], tubes: new Set<string>() },
    }
    goOn(row, id, did)
    return row
  }
  if (!isTest(did) && isTube(vesselOf(did))) {
    const vessel = vesselOf(did)
    const row: Growing = {
      ...{ id, at, vessel, title: 'own steps', test: null, part, own: true, trail: [], entries: [], work: null, steps: [] },
      ...{ waits: [], neutralisings: [], looks: [], notes: [], controls: [], tubes: new Set([vessel]) },
    }
    goOn(row, id, did)
    return row
  }
  const test = isTest(did) ? (everyTest.get(did.test) ?? null) : null
  const free: Look[] = isTest(did)
    ? []
    : [{ entry: id, step: 0, place: 0, doing: did, prompt: 'what there is to see', asks: [], dry: false, written: [] }]
  return {
    id,
    at,
    vessel: isTest(did) ? did.on : '',
    title: isTest(did) ? (test?.title ?? did.test) : sayStep(did),
    test,
    part,
    own: false,
    trail: [],
    tubes: new Set(),
    entries: [id],
    work: test,
    steps: test && isTest(did) ? stepWords(test, did.on) : [],
    waits: test ? waitsOf(test) : [],
    neutralisings: test ? neutralisingsOf(test) : [],
    looks: test ? looksOf(test).map((look) => ({ ...look, entry: id, written: [] })) : free,
    notes: [],
    controls: [],
  }
}

const noteOf = ({ note, picture }: { readonly note: string; readonly picture?: string | undefined }): Note => ({
  text: note,
  ...(picture === undefined ? {} : { picture }),
})

/** The next empty look of a row, or −1 when all have something written. */
export const nextLook = (row: Pick<PageRow, 'looks'>): number => row.looks.findIndex((l) => l.written.length === 0)

/** The run of the sample, then those of the controls beside it. */
export const runsOf = (row: PageRow): readonly PageRow[] => [row, ...row.controls]
/** Whether something of a row, or of what stands beside it, is still to be looked at. */
export const unseen = (row: PageRow): boolean => runsOf(row).some((run) => nextLook(run) >= 0)

/** A line written at a look, as observations of it. */
export function readLine(line: string, row: Pick<PageRow, 'vessel'>, look: Look): { observations: Observation[]; rest: readonly string[] } {
  const { observations, rest } = readAt(line, { ...look.doing, asks: look.asks }, look.dry)
  // What is burnt, or melted in a capillary, is the sample itself, and a second tube is named after the row's.
  const vessel = placed(vesselOf(look.doing), row.vessel)
  return {
    observations: observations.map((o, k) =>
      observationSchema.parse({ vessel, step: look.step, of: look.entry, ...o, ...(k === 0 ? { typed: line } : {}) }),
    ),
    rest,
  }
}

/** Notes written before anything was done. */
export function looseNotes(entries: readonly Entry[]): readonly { readonly id: string; readonly note: string }[] {
  const first = entries.findIndex((e) => 'did' in e)
  return entries
    .slice(0, first < 0 ? undefined : first)
    .flatMap((e) => ('note' in e && e.about === undefined && hintOf(e) === null ? [{ id: e.id, note: e.note }] : []))
}
