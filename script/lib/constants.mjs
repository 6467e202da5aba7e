// The catalogue, from standard input, as a page of every constant, couple and rule with its source.
import { readFileSync } from 'node:fs'
const { species, couples, rules, sources } = JSON.parse(readFileSync(0, 'utf8'))

const side = (sum) =>
  Object.entries(sum)
    .map(([formula, n]) => `${n === 1 ? '' : `${n} `}${formula}`)
    .join(' + ') || '(none)'
const cell = (text) =>
  String(text ?? '')
    .replaceAll('|', '\\|')
    .replaceAll('\n', ' ')
const row = (...cells) => `| ${cells.map(cell).join(' | ')} |`
const constant = ({ value, ionicStrength, dH, source, note }) => [value, ionicStrength ?? 0, dH ?? '', source, note]
const lines = [
  '# Constants, couples and rules',
  '',
  'Written by `script/formats` from the code. All at 25 °C; I is the ionic strength in mol/L the value was given for, ΔH in kJ/mol where one is known. Sources are named at the end.',
  '',
  '## Dissolved species',
  '',
  row('formation', 'log K', 'I', 'ΔH', 'source', 'note'),
  row('---', '---', '---', '---', '---', '---'),
  ...species.flatMap((s) => (s.kind === 'aqueous' && s.from && s.logK ? [row(`${side(s.from)} = ${s.formula}`, ...constant(s.logK))] : [])),
  '',
  '## Solids and gases',
  '',
  row('dissolution', 'log K', 'I', 'ΔH', 'source', 'note'),
  row('---', '---', '---', '---', '---', '---'),
  ...species.flatMap((s) =>
    s.kind !== 'aqueous' && s.to && s.logK
      ? [row(`${s.formula}${s.form ? `, ${s.form}` : ''} (${s.kind}) = ${side(s.to)}`, ...constant(s.logK))]
      : [],
  ),
  '',
  '## Couples',
  '',
  row('couple', 'electrons', 'E°, V', 'gate', 'source'),
  row('---', '---', '---', '---', '---'),
  ...couples.map((c) => row(c.id, c.electrons, c.potential_V, c.gate?.rule, c.source)),
  '',
  '## Rules',
  '',
  row('rule', 'says', 'equation', 'source'),
  row('---', '---', '---', '---'),
  ...rules.map((r) => row(r.id, r.says, r.equation, r.source)),
  '',
  '## Sources',
  '',
  ...Object.entries(sources).map(([id, work]) => `- **${id}**: ${work}`),
]
console.log(lines.join('\n'))
