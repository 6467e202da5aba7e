import {
  apartFromControls,
  asAmended,
  isTest,
  observationSchema,
  readAt,
  sayStep,
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
  type Wait,
} from '@foxing/core'

/** One thing to look at in a row, with what has been written of it. */
export interface Look {
  /** Place in the test's steps; 0 for a step done freely. */
  readonly step: number
  readonly doing: Step
  readonly prompt: string
  readonly written: readonly { readonly id: string; readonly observation: Observation }[]
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

function looksOf(test: Test): Omit<Look, 'written'>[] {
  let wet = test.on.includes('solution')
  return stepsOf(test).flatMap((doing, step) => {
    if (doing.do === 'add' || doing.do === 'dissolve' || doing.do === 'fuse') wet = true
    const prompt = test.steps[step]?.for
    return prompt === undefined ? [] : [{ step, doing, prompt, dry: !wet }]
  })
}

/** Steps between looks, in words, each once. */
const stepWords = (test: Test): string[] => stepsOf(test).flatMap((s) => (s.do === 'look' ? [] : [sayStep(s)]))

type Growing = Omit<PageRow, 'looks' | 'notes' | 'controls'> & { looks: Look[]; notes: Note[]; controls: Control[] }

/** The notebook as rows, an observation beside the look it was written at, the controls within the row they stand beside. */
export function pageOf(entries: readonly Entry[]): PageRow[] {
  const { own, controls } = apartFromControls(asAmended({ entries: [...entries] }))
  const rows = rowsOf(own.flatMap(({ entry, withdrawn }) => (withdrawn ? [] : [entry])))
  for (const run of controls) {
    const [row] = rowsOf(run.entries)
    if (row) rows.find((r) => r.id === run.beside)?.controls.push({ ...row, kind: run.kind, holding: run.did.holding ?? 'water' })
  }
  return rows
}

function rowsOf(entries: readonly Entry[]): Growing[] {
  const rows: Growing[] = []
  for (const entry of entries) {
    if ('did' in entry) rows.push(rowOf(entry.id, entry.at, entry.did))
    else if ('saw' in entry) {
      const row = rows.find((r) => r.id === entry.saw.of) ?? rows.at(-1)
      if (!row) continue
      const at = row.looks.findIndex((l) => l.step === entry.saw.step)
      const index = at >= 0 ? at : row.looks.length - 1
      const look = row.looks[index]
      if (look) row.looks[index] = { ...look, written: [...look.written, { id: entry.id, observation: entry.saw }] }
    } else if ('note' in entry) (rows.find((r) => r.id === entry.about) ?? rows.at(-1))?.notes.push(noteOf(entry))
  }
  return rows
}

function rowOf(id: string, at: string, did: Did): Growing {
  const test = isTest(did) ? (everyTest.get(did.test) ?? null) : null
  const free: Look[] = isTest(did) ? [] : [{ step: 0, doing: did, prompt: 'what there is to see', dry: false, written: [] }]
  return {
    id,
    at,
    vessel: isTest(did) ? did.on : '',
    title: isTest(did) ? (test?.title ?? did.test) : sayStep(did),
    test,
    steps: test ? stepWords(test) : [],
    waits: test ? waitsOf(test) : [],
    neutralisings: test ? neutralisingsOf(test) : [],
    looks: test ? looksOf(test).map((look) => ({ ...look, written: [] })) : free,
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
export function readLine(line: string, row: Pick<PageRow, 'id' | 'vessel'>, look: Look): { observations: Observation[]; rest: readonly string[] } {
  const { observations, rest } = readAt(line, look.doing, look.dry)
  const vessel = look.doing.do === 'dip' ? look.doing.into : row.vessel
  return {
    observations: observations.map((o, k) =>
      observationSchema.parse({ vessel, step: look.step, of: row.id, ...o, ...(k === 0 ? { typed: line } : {}) }),
    ),
    rest,
  }
}

/** Notes written before anything was done. */
export function looseNotes(entries: readonly Entry[]): readonly { readonly id: string; readonly note: string }[] {
  const first = entries.findIndex((e) => 'did' in e)
  return entries.slice(0, first < 0 ? undefined : first).flatMap((e) => ('note' in e && e.about === undefined ? [{ id: e.id, note: e.note }] : []))
}
