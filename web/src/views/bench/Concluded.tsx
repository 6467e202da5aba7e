import type { Entry, Finding, Undone } from '@foxing/core'
import { Formula } from '../../ui/Formula'
import { Findings } from './Findings'

/** Something that was concluded of the jar, or of a part of a worksheet, with its entry. */
export type Claim = Extract<Entry, { readonly concluded: unknown }>['concluded'] & { readonly id: string }

/** What was concluded of the jar, with the rows it cites and what is to be said about it. */
export function Concluded({
  claim: { species, claim, citing },
  where,
  findings,
  undo,
}: {
  readonly claim: Claim
  readonly where: (entry: string) => string
  readonly findings: readonly Finding[]
  readonly undo: (finding: Finding) => Promise<Undone | null>
}) {
  return (
    <div className="border-b border-rule px-5 py-3 md:pl-13">
      <h3 className="text-xl">
        The jar holds <Formula>{species}</Formula>, {claim}.
      </h3>
      <p className="text-faint">{citing.length > 0 ? `Citing ${[...new Set(citing.map(where))].join(', ')}.` : 'No row cited.'}</p>
      <Findings findings={findings} undo={undo} />
    </div>
  )
}
