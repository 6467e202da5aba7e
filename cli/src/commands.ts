import { packed, pdfOf, picturesIn } from './files'
import {
  advise,
  adviceSchema,
  deductionSchema,
  observationSchema,
  perceptsSchema,
  seenSchema,
  CHANNELS,
  COLOUR_NAMES,
  COMPONENTS,
  COUPLES,
  AQUEOUS,
  GASES,
  notebookSchema,
  ORGANIC_RULES,
  ORGANIC_TESTS,
  COMPOUNDS,
  type Notebook,
  procedureSchema,
  readWritten,
  reagentsOf,
  stepSchema,
  testById,
  REVIEW_RULES,
  sayFinding,
  REAGENTS,
  RULES,
  SALTS,
  SCHEMES,
  simulate,
  SOLIDS,
  SOURCES,
  sumById,
  SUMS,
  TESTS,
} from '@foxing/core'
import { documentOf, keySchema, keyTo, toCsv, toHtml, toMarkdown, toPdfContent, worksheetSchema } from '@foxing/core/report'
import { z } from 'zod'
import { loadStructures, loadPercepts, session } from './percepts'

/** A document that could not be taken: where in it, and what was expected there. */
export class BadInput extends Error {
  constructor(
    readonly path: string,
    readonly expected: string,
  ) {
    super(path ? `${path}: ${expected}` : expected)
    this.name = 'BadInput'
  }
}

/** A text to be read, and what is in hand where it was written. */
const readSchema = z.looseObject({
  text: z.string().max(4000),
  /** The language of the text. */
  lang: z.literal('en').default('en'),
  context: z
    .looseObject({
      /** The tube in hand; what portions are taken from; tubes in use, and mL in them. */
      vessel: z.string().max(24).optional(),
      stock: z.string().max(24).optional(),
      vessels: z.array(z.string().max(24)).max(200).optional(),
      holds: z.record(z.string(), z.number().nonnegative()).optional(),
      /** Steps done before, in order: "the same with" and "more" speak of them. */
      before: z.array(stepSchema).max(2000).optional(),
      /** Tests under way: their reagents say after what something was seen. */
      tests: z.array(z.string()).max(20).optional(),
    })
    .optional(),
})

export interface Command {
  readonly name: string
  readonly summary: string
  /** Whether it reads a document; `catalogue` reads none. */
  readonly reads: boolean
  /** Whether a name follows it. */
  readonly named?: boolean
  readonly run: (document: unknown, options: Readonly<Record<string, string>>) => unknown
}

function parse<T>(schema: z.ZodType<T>, document: unknown, format: string | null): T {
  if (format !== null) newerMajor(document, format)
  const parsed = schema.safeParse(document)
  if (parsed.success) return parsed.data
  const issue = deepest(parsed.error.issues)
  throw new BadInput(issue.path.map(String).join('.'), issue.message)
}

interface Issue {
  readonly path: readonly PropertyKey[]
  readonly message: string
}

/** The alternative of a union that got furthest is the one the writer meant. */
function deepest(issues: readonly z.core.$ZodIssue[], path: readonly PropertyKey[] = []): Issue {
  const found = issues.map((issue): Issue => {
    const at = [...path, ...issue.path]
    if (issue.code !== 'invalid_union') return { path: at, message: issue.message }
    const branches = issue.errors.filter((branch) => branch.length > 0).map((branch) => deepest(branch, at))
    return branches.reduce<Issue>((best, next) => (next.path.length > best.path.length ? next : best), { path: at, message: issue.message })
  })
  return found.reduce((best, next) => (next.path.length > best.path.length ? next : best), found[0] ?? { path, message: 'a valid document' })
}

/** A newer major version is refused by name, not by whatever field happens to differ. */
function newerMajor(document: unknown, format: string): void {
  const written = z.object({ format: z.string() }).safeParse(document)
  const [name, version] = format.split('/')
  if (!written.success || written.data.format === format) return
  const [writtenName, writtenVersion] = written.data.format.split('/')
  if (writtenName === name && Number(writtenVersion) > Number(version))
    throw new BadInput('format', `${format}; this document is ${written.data.format}, made by a newer Foxing: nothing was changed, update to read it`)
}

/** Every format this version reads or writes, by the name its JSON Schema is published under. */
const FORMATS = {
  'foxing-procedure-1': procedureSchema,
  'foxing-percepts-1': perceptsSchema,
  'foxing-seen-1': seenSchema,
  'foxing-notebook-1': notebookSchema,
  'foxing-deduction-1': deductionSchema,
  'foxing-advice-1': adviceSchema,
  'foxing-worksheet-1': worksheetSchema,
  'foxing-key-1': keySchema,
  'foxing-reading-1': z.looseObject({
    observations: z.array(observationSchema),
    lines: z.array(
      z.union([
        z.looseObject({ did: z.looseObject({ do: z.string(), assumed: z.array(z.string()).optional() }) }),
        z.looseObject({ saw: observationSchema }),
      ]),
    ),
    rest: z.array(z.string()),
  }),
}

/** What a notebook needs before it can be thought about: percepts worked out ahead, and for an organic unknown what reads structures. */
async function ready({ case: { kind } }: Notebook, make: boolean): Promise<void> {
  if (kind === 'organic') await loadStructures()
  loadPercepts(kind === 'organic' ? 'organic' : 'salts', make)
}

const titleOf = (document: { readonly id?: string | number | undefined }): string =>
  document.id === undefined ? 'Notebook' : `Notebook ${document.id}`

const commands: readonly Command[] = [
  {
    name: 'catalogue',
    summary: 'species, reagents, tests, schemes, channels and vocabulary',
    reads: false,
    run: () => ({
      format: 'foxing-catalogue/1',
      components: COMPONENTS,
      species: [
        ...AQUEOUS.map(({ data, logK, enthalpy_kJ }) => ({ kind: 'aqueous', logKFromComponents: logK, enthalpy_kJ, ...data })),
        ...SOLIDS.map(({ data, logK, enthalpy_kJ }) => ({ kind: 'solid', logKFromComponents: logK, enthalpy_kJ, ...data })),
        ...GASES.map(({ data, logK, enthalpy_kJ }) => ({ kind: 'gas', logKFromComponents: logK, enthalpy_kJ, ...data })),
      ],
      salts: SALTS.map((s) => s.data),
      rules: RULES,
      couples: COUPLES,
      reagents: REAGENTS,
      organicRules: ORGANIC_RULES.map(({ id, says, equation, source }) => ({ id, says, equation, source })),
      compounds: COMPOUNDS,
      tests: [...TESTS, ...ORGANIC_TESTS],
      schemes: SCHEMES,
      channels: CHANNELS.map(({ id, label, values }) => ({ id, label, values })),
      colours: COLOUR_NAMES,
      findings: REVIEW_RULES.map(({ finding, ...rule }) => ({ id: finding, ...sayFinding(finding), ...rule })),
      sums: SUMS.map(({ id, title }) => ({ id, title })),
      sources: SOURCES,
    }),
  },
  {
    name: 'schemas',
    summary: 'JSON Schema of every format, by name',
    reads: false,
    run: () => ({
      ...Object.fromEntries(Object.entries(FORMATS).map(([name, schema]) => [name, z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' })])),
      ...Object.fromEntries(
        SUMS.map(({ id, title, input, output }) => [
          `sum-${id}`,
          {
            title,
            input: z.toJSONSchema(input, { io: 'input', unrepresentable: 'any' }),
            output: z.toJSONSchema(output, { unrepresentable: 'any' }),
          },
        ]),
      ),
    }),
  },
  {
    name: 'simulate',
    summary: 'procedure with its sample → percepts, one entry per step',
    reads: true,
    run: async (document) => {
      const procedure = parse(procedureSchema, document, 'foxing-procedure/1')
      if ('organic' in procedure.sample) await loadStructures()
      return simulate(procedure)
    },
  },
  {
    name: 'deduce',
    summary: 'notebook → standings, formulae, conflicts',
    reads: true,
    run: async (document) => {
      const notebook = parse(notebookSchema, document, 'foxing-notebook/1')
      await ready(notebook, notebook.case.kind === 'mixture')
      return session.deduce(notebook)
    },
  },
  {
    name: 'advise',
    summary: 'notebook → next tests worth doing, review of the procedure',
    reads: true,
    run: async (document) => {
      const notebook = parse(notebookSchema, document, 'foxing-notebook/1')
      await ready(notebook, true)
      const advice = advise(notebook, session)
      return { ...advice, review: advice.review.map((found) => ({ ...found, ...sayFinding(found.finding) })) }
    },
  },
  {
    name: 'read',
    summary: '{ "text": … } → what was done and seen, in order, and the rest that was not understood',
    reads: true,
    run: (document) => {
      const { text, context } = parse(readSchema, document, null)
      const { tests = [], ...hand } = context ?? {}
      return readWritten(text, { ...hand, poured: tests.flatMap((id) => reagentsOf(testById.get(id) ?? { steps: [] })) })
    },
  },
  {
    name: 'key',
    summary: 'worksheet with its sample → expected observations, inference and marks of each part',
    reads: true,
    run: async (document) => {
      const worksheet = parse(worksheetSchema, document, 'foxing-worksheet/1')
      if ('organic' in worksheet.sample) await loadStructures()
      loadPercepts('organic' in worksheet.sample ? 'organic' : 'salts', 'solution' in worksheet.sample)
      return keyTo(worksheet, session)
    },
  },
  {
    name: 'report',
    summary: 'notebook → the document, --as md, html, csv, json, pdf or eln (the last two to a file)',
    reads: true,
    run: async (document, options) => {
      const notebook = parse(notebookSchema, document, 'foxing-notebook/1')
      const as = options['as'] ?? 'md'
      await ready(notebook, false)
      const report = documentOf(notebook, titleOf(notebook), session)
      if (as === 'md') return toMarkdown(report)
      if (as === 'html') return toHtml(report)
      if (as === 'csv') return toCsv(report)
      if (as === 'json') return { format: 'foxing-report/1', ...report, notebook }
      if (as === 'pdf') return pdfOf(toPdfContent(report, picturesIn(notebook)))
      if (as === 'eln') return packed(notebook, report)
      throw new BadInput('--as', 'md, html, csv, json, pdf or eln')
    },
  },
  {
    name: 'sum',
    summary: `NAME, its inputs → result with units and working; NAME is ${SUMS.map((s) => s.id).join(', ')}`,
    reads: true,
    named: true,
    run: (document, options) => {
      const sum = sumById.get(options['name'] ?? '')
      if (!sum) throw new BadInput('NAME', `one of ${SUMS.map((s) => s.id).join(', ')}`)
      return sum.run(parse(sum.input, document, null))
    },
  },
]
export const COMMANDS: ReadonlyMap<string, Command> = new Map(commands.map((c) => [c.name, c]))

/** What went wrong, as `path` and `expected`, for anything the core throws about a document. */
export function problemOf(error: unknown): { path: string; expected: string } {
  if (error instanceof Error && 'path' in error && 'expected' in error) return { path: String(error.path), expected: String(error.expected) }
  return { path: '', expected: error instanceof Error ? error.message : String(error) }
}
