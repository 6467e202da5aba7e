import { inWords } from '../messages'
import { citedAs, COLUMNS, sayTime, textOf, type ReportDocument } from './document'

const escape = (text: string): string => text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;')

/** Formulae with real sub- and superscripts. */
export const setHtml = (text: string): string =>
  escape(text)
    .replace(/\^(\d*)([+-])/g, (_, digits: string, sign: string) => `<sup>${digits}${sign === '-' ? '−' : '+'}</sup>`)
    .replace(/(?<=[A-Za-z)\]])(\d+)(?![^<]*<\/sup>)/g, '<sub>$1</sub>')
    .replace(/-&gt;/g, '→')
    .replace(/\.(\d*)(?=H<sub>2)/g, '·$1')

const lines = (list: readonly string[]): string => list.map(setHtml).join('<br>') || '–'
const STYLE =
  'body{font-family:Georgia,serif;max-width:60rem;margin:2rem auto;padding:0 1rem;color:#22211f}table{border-collapse:collapse;width:100%}th,td{text-align:left;vertical-align:top;padding:.4rem .8rem .4rem 0;border-bottom:1px solid #cfcfcb}th{font-weight:normal;color:#63625e}small{color:#63625e}'

/** The report as one page that needs nothing else: three columns, conclusions, equations. */
export function toHtml(document: ReportDocument): string {
  const rows = document.rows.map((row, i) => {
    const seen = row.looks.map((look) => look.map((o) => textOf(o)).join(', '))
    return `<tr><td>${i + 1}</td><td>${setHtml(row.test)}${row.steps.length > 0 ? `<br><small>${row.steps.map(setHtml).join(' · ')}</small>` : ''}</td><td>${lines([...seen, ...row.beside])}</td><td>${lines(row.inference)}</td></tr>`
  })
  const equations = [...new Set(document.rows.flatMap((row) => row.equations))]
  const section = (title: string, body: string): string => (body === '' ? '' : `<h2>${title}</h2>${body}`)
  const conclusions = document.conclusions.map(
    ({ species, claim, citing }) => `<p><strong>${setHtml(species)}</strong> ${escape(claim)}${citedAs(citing.map(escape))}</p>`,
  )
  const supports = document.formulae.map((f) => `${setHtml(f.formula)} ${(100 * f.probability).toFixed(1)} %`).join(', ')
  return [
    '<!doctype html>',
    `<html lang="en"><head><meta charset="utf-8"><title>${escape(document.title)}</title><style>${STYLE}</style></head><body>`,
    `<h1>${setHtml(document.title)}</h1>`,
    `<table><thead><tr><th></th>${COLUMNS.map((id) => `<th>${inWords(id)}</th>`).join('')}</tr></thead><tbody>${rows.join('') || `<tr><td colspan="4">${inWords('report.nothing-done')}</td></tr>`}</tbody></table>`,
    section(inWords('report.equations'), equations.length > 0 ? `<ul>${equations.map((e) => `<li>${setHtml(e)}</li>`).join('')}</ul>` : ''),
    section(inWords('report.conclusion'), conclusions.join('') || `<p>${inWords('report.no-conclusion')}</p>`),
    section(inWords('report.supports'), document.sentences.map((s) => `<p>${setHtml(s)}</p>`).join('')),
    supports === '' ? '' : `<p>${inWords('report.as-a-whole', { formulae: supports })}</p>`,
    document.conflicts.map((c) => `<p>${inWords('report.unsettled', { conflict: setHtml(c) })}</p>`).join(''),
    section(inWords('report.notes'), document.notes.map((n) => `<p>${escape(n.text)}</p>`).join('')),
    section(inWords('report.written-and-received'), document.times.map((t) => `<p><small>${setHtml(sayTime(t))}</small></p>`).join('')),
    `<p><small>${escape(document.safety)}</small></p></body></html>`,
    '',
  ].join('\n')
}
