import { readFileSync } from 'node:fs'

interface Line {
  readonly did?: { readonly test?: string }
  readonly concluded?: unknown
}
const whole = JSON.parse(readFileSync('docs/notebooks/a-mixture.json', 'utf8')) as { readonly entries: readonly Line[] }

/** The worked mixture of the handbook up to the test named, and no further: its file, as somebody would bring it. */
export function mixtureUntil(test: string): { name: string; mimeType: string; buffer: Buffer } {
  const next = whole.entries.findIndex((e) => e.did?.test === test)
  const entries = whole.entries.slice(0, next)
  return { name: 'ink.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify({ ...whole, entries })) }
}
