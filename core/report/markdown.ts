import { sayTime, type ReportDocument } from './document'

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
  out.push('| | test | observation | inference |', '|---|---|---|---|')
  document.rows.forEach((row, i) => {
    const seen = row.looks.map((look) =>
      look.map((o) => (o.amendedFrom === null ? o.text : `${o.text} (first written: ${o.amendedFrom})`)).join(', '),
    )
    out.push(`| ${i + 1} | ${cell([row.test, ...row.steps])} | ${cell([...seen, ...row.beside])} | ${cell(row.inference)} |`)
  })
  if (document.rows.length === 0) out.push('| – | nothing done yet | – | – |')
  const equations = [...new Set(document.rows.flatMap((row) => row.equations))]
  if (equations.length > 0) out.push('', '## Equations', '', ...equations.map((e) => `- ${escape(typeset(e))}`))
  out.push('', '## Conclusion', '')
  if (document.conclusions.length === 0) out.push('No conclusion has been written.')
  for (const { species, claim, citing } of document.conclusions)
    out.push(`- **${escape(typeset(species))}** ${escape(claim)}${citing.length > 0 ? ` (${escape(citing.join(', '))})` : ', no row cited'}`)
  if (document.sentences.length > 0) out.push('', '## What the record supports', '', ...document.sentences.map((s) => `- ${escape(typeset(s))}`))
  if (document.formulae.length > 0)
    out.push(
      '',
      `What the record as a whole supports: ${document.formulae.map((f) => `${escape(typeset(f.formula))} ${(100 * f.probability).toFixed(1)} %`).join(', ')}.`,
    )
  for (const conflict of document.conflicts) out.push('', `Unsettled: ${escape(conflict)}.`)
  if (document.notes.length > 0) out.push('', '## Notes', '', ...document.notes.map((n) => `- ${escape(n.text)}`))
  if (document.times.length > 0) out.push('', '## Written and received', '', ...document.times.map((t) => `- ${escape(sayTime(t))}`))
  out.push('', `*${document.safety}*`, '')
  return out.join('\n')
}
