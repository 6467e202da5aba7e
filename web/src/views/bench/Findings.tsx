import type { Finding } from '@foxing/core'

const SEVERITY = { note: 'Note', weakens: 'Weakens this', spoils: 'Spoils this' } as const

/** What was done, or concluded, that weakens the evidence, each with its way back. */
export const Findings = ({ findings }: { readonly findings: readonly Finding[] }) =>
  findings.map((f) => (
    <p key={f.finding} className="col-span-3 mt-2 ml-8 max-w-[72ch] border-l-4 border-ink pl-3 leading-snug">
      <strong>{SEVERITY[f.severity]}.</strong> {f.effect} <em>Way back: {f.wayBack}</em>
    </p>
  ))
