import type { ReportDocument } from './document'

/** A field as RFC 4180 has it; one that a spreadsheet would take for a formula is made text by an apostrophe. */
const field = (text: string): string => {
  const safe = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text
  return /[",\r\n]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe
}

/** The three columns as comma-separated values, a line for each look, UTF-8, lines ended as RFC 4180 asks. */
export function toCsv(document: ReportDocument): string {
  const table: string[][] = [['row', 'time', 'test', 'steps', 'observation', 'inference']]
  document.rows.forEach((row, i) => {
    const looks = row.looks.length > 0 ? row.looks : [[]]
    looks.forEach((look, k) =>
      table.push([
        String(i + 1),
        row.at,
        row.test,
        k === 0 ? row.steps.join('; ') : '',
        [
          look.map((o) => (o.amendedFrom === null ? o.text : `${o.text} (first written: ${o.amendedFrom})`)).join(', '),
          ...(k === 0 ? row.beside : []),
        ].join('; '),
        k === 0 ? row.inference.join('; ') : '',
      ]),
    )
  })
  for (const { species, claim, citing } of document.conclusions) table.push(['conclusion', '', species, '', claim, citing.join('; ')])
  return table.map((line) => line.map(field).join(',') + '\r\n').join('')
}
