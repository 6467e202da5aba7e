import { inWords } from '../messages'
import { citedAs, COLUMNS, sayTime, textOf, type ReportDocument } from './document'

/** Text that must not be read as Markdown or as HTML. */
const escape = (text: string): string =>
  text.replace(/[\\`*_{}[\]<>|#~]/g, (c) => (c === '<' ? '&lt;' : c === '>' ? '&gt;' : `\\${c}`)).replace(/\s*\n\s*/g, ' ')

const SUPERSCRIPT: Readonly<Record<string, string>> = {
  '0': '⁰',
  '1': '¹',
  '2': '²',
  '3': '³',
  '4': '⁴',
  '5': '⁵',
  '6': '⁶',
  '7': '⁷',
  '8': '⁸',
  '9': '⁹',
  '+': '⁺',
  '-': '⁻',
}
const SUBSCRIPTS = '₀₁₂₃₄₅₆₇₈₉'

/** `Cu(NH3)4^2+` as `Cu(NH₃)₄²⁺`; coefficients, spaces and arrows stay. */
export const typeset = (text: string): string =>
  text
    .replace(/\^(\d*)([+-])/g, (_, digits: string, sign: string) => [...digits, sign].map((c) => SUPERSCRIPT[c] ?? c).join(''))
    .replace(/([A-Za-z)\]])(\d+)/g, (_, before: string, digits: string) => before + [...digits].map((d) => SUBSCRIPTS[Number(d)] ?? d).join(''))
    .replaceAll('->', '→')
    .replace(/\.(\d*)(?=H)/g, '·$1')

const cell = (lines: readonly string[]): string => lines.map((l) => escape(typeset(l))).join('<br>') || '–'

/** The report as Markdown: three columns, conclusions, equations. */
export function toMarkdown(document: ReportDocument): string {
  const out: string[] = [`# ${escape(document.title)}`, '']
  out.push(`| | ${COLUMNS.map((id) => inWords(id)).join(' | ')} |`, '|---|---|---|---|')
  document.rows.forEach((row, i) => {
    const seen = row.looks.map((look) => look.map((o) => textOf(o)).join(', '))
    out.push(`| ${i + 1} | ${cell([row.test, ...row.steps])} | ${cell([...seen, ...row.beside])} | ${cell(row.inference)} |`)
  })
  if (document.rows.length === 0) out.push(`| – | ${inWords('report.nothing-done')} | – | – |`)
  const equations = [...new Set(document.rows.flatMap((row) => row.equations))]
  if (equations.length > 0) out.push('', `## ${inWords('report.equations')}`, '', ...equations.map((e) => `- ${escape(typeset(e))}`))
  out.push('', `## ${inWords('report.conclusion')}`, '')
  if (document.conclusions.length === 0) out.push(inWords('report.no-conclusion'))
  for (const { species, claim, citing } of document.conclusions)
    out.push(`- **${escape(typeset(species))}** ${escape(claim)}${citedAs(citing.map(escape))}`)
  if (document.sentences.length > 0) out.push('', `## ${inWords('report.supports')}`, '', ...document.sentences.map((s) => `- ${escape(typeset(s))}`))
  if (document.formulae.length > 0)
    out.push(
      '',
      inWords('report.as-a-whole', {
        formulae: document.formulae.map((f) => `${escape(typeset(f.formula))} ${(100 * f.probability).toFixed(1)} %`).join(', '),
      }),
    )
  for (const conflict of document.conflicts) out.push('', inWords('report.unsettled', { conflict: escape(conflict) }))
  if (document.notes.length > 0) out.push('', `## ${inWords('report.notes')}`, '', ...document.notes.map((n) => `- ${escape(n.text)}`))
  if (document.times.length > 0)
    out.push('', `## ${inWords('report.written-and-received')}`, '', ...document.times.map((t) => `- ${escape(sayTime(t))}`))
  out.push('', `*${document.safety}*`, '')
  return out.join('\n')
}
