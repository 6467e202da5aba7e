import { inWords } from '../messages'
import { citedAs, COLUMNS, sayTime, textOf, type ReportDocument } from './document'

/** A run of text as a PDF maker takes it: plain data, so that the core needs none. */
export interface PdfRun {
  readonly text: string
  readonly sub?: true
  readonly sup?: true
  readonly bold?: true
  readonly italics?: true
  readonly font?: string
}
/** Paragraphs, lists and tables in the notation of pdfmake. */
export type PdfNode = Readonly<Record<string, unknown>>
export interface PdfContent {
  readonly info: { readonly title: string }
  readonly pageSize: 'A4'
  readonly pageMargins: readonly number[]
  readonly defaultStyle: PdfNode
  readonly styles: Readonly<Record<string, PdfNode>>
  readonly content: readonly PdfNode[]
}

/** Arrows are in no text face of the app. */
const ARROWS = 'Arrows'
export const PDF_FONT = 'Serif'
export const PDF_ARROW_FONT = ARROWS

/** Text with its formulae set: charges raised, numbers of atoms lowered, hydrate dots, arrows. */
export function setRuns(text: string): PdfRun[] {
  const runs: PdfRun[] = []
  const pattern = /\^(\d*)([+-])|(?<=[A-Za-z)\]])(\d+)|\.(?=\d*H2O)|->|→/g
  let from = 0
  for (const match of text.matchAll(pattern)) {
    if (match.index > from) runs.push({ text: text.slice(from, match.index) })
    from = match.index + match[0].length
    if (match[2]) runs.push({ text: `${match[1] ?? ''}${match[2] === '-' ? '−' : '+'}`, sup: true })
    else if (match[3]) runs.push({ text: match[3], sub: true })
    else if (match[0] === '.') runs.push({ text: '·' })
    else runs.push({ text: '→', font: ARROWS })
  }
  if (from < text.length || runs.length === 0) runs.push({ text: text.slice(from) })
  return runs
}

const line = (text: string, more: PdfNode = {}): PdfNode => ({ text: setRuns(text), ...more })
const stack = (lines: readonly string[]): PdfNode => (lines.length === 0 ? { text: '–' } : { stack: lines.map((l) => line(l)) })
const heading = (text: string): PdfNode => ({ text, style: 'heading' })
const list = (lines: readonly string[]): PdfNode[] => lines.map((l) => line(l, { margin: [0, 0, 0, 3] }))
const section = (title: string, nodes: readonly PdfNode[]): PdfNode[] => (nodes.length === 0 ? [] : [heading(title), ...nodes])

/** The report as a page description: the three columns, equations, conclusion, what the record supports, notes. */
export function toPdfContent(document: ReportDocument, pictures: readonly { readonly text: string; readonly image: string }[] = []): PdfContent {
  const rows = document.rows.map((row, i) => [
    { text: String(i + 1), color: '#63625e' },
    { stack: [line(row.test), ...(row.steps.length > 0 ? [line(row.steps.join(' · '), { style: 'small' })] : [])] },
    stack([...row.looks.map((look) => look.map((o) => textOf(o)).join(', ')), ...row.beside]),
    stack(row.inference),
  ])
  const head = ['', ...COLUMNS.map((id) => inWords(id))].map((text) => ({ text, style: 'small' }))
  const equations = [...new Set(document.rows.flatMap((row) => row.equations))]
  const conclusions = document.conclusions.map(({ species, claim, citing }) => line(`${species} ${claim}${citedAs(citing)}`, { bold: true }))
  const supports = document.formulae.map((f) => `${f.formula} ${(100 * f.probability).toFixed(1)} %`).join(', ')
  return {
    info: { title: document.title },
    pageSize: 'A4',
    pageMargins: [40, 44, 40, 48],
    defaultStyle: { font: PDF_FONT, fontSize: 10, lineHeight: 1.15 },
    styles: {
      title: { fontSize: 18, margin: [0, 0, 0, 10] },
      heading: { fontSize: 13, margin: [0, 14, 0, 4] },
      small: { fontSize: 8, color: '#63625e' },
    },
    content: [
      line(document.title, { style: 'title' }),
      {
        table: {
          headerRows: 1,
          widths: [16, '*', '*', '*'],
          dontBreakRows: true,
          body: [head, ...(rows.length > 0 ? rows : [['', inWords('report.nothing-done'), '', '']])],
        },
        layout: 'lightHorizontalLines',
      },
      ...section(inWords('report.equations'), list(equations)),
      ...section(inWords('report.conclusion'), conclusions.length > 0 ? conclusions : [{ text: inWords('report.no-conclusion') }]),
      ...section(
        inWords('report.supports'),
        list([...document.sentences, ...(supports === '' ? [] : [inWords('report.as-a-whole.short', { formulae: supports })])]),
      ),
      ...list(document.conflicts.map((c) => inWords('report.unsettled', { conflict: c }))),
      ...section(inWords('report.notes'), list(document.notes.map((n) => n.text))),
      ...section(
        inWords('report.written-and-received'),
        document.times.map((t) => line(sayTime(t), { style: 'small' })),
      ),
      ...pictures.flatMap(({ text, image }) => [{ image, fit: [220, 160], margin: [0, 8, 0, 2] }, line(text, { style: 'small' })]),
      line(document.safety, { style: 'small', margin: [0, 16, 0, 0] }),
    ],
  }
}
