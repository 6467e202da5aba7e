import { CATIONS, fractionsOfWork, type Entry, type Fraction } from '@foxing/core'
import { ChevronRight } from 'lucide-react'
import { useDeferredValue, useMemo, useState } from 'react'
import { Formula } from '../../ui/Formula'

/** Cations less likely than this are no longer looked for in a tube. */
const OPEN = 0.02

interface Props {
  readonly entries: readonly Entry[]
  /** Probability of each ion, where the class shows it. */
  readonly chances: ReadonlyMap<string, number> | null
}

/** With so many tubes the list is folded up until somebody unfolds it. */
const MANY = 12

const FORM = { sample: 'the sample', portion: 'a portion', solid: 'solid', liquid: 'liquid' } as const

/** The tubes of a mixture as they were split: each by what it is, what made it, and what may be in it. */
export function Fractions({ entries, chances }: Props) {
  const open = useMemo(() => (chances === null ? CATIONS : CATIONS.filter((ion) => (chances.get(ion) ?? 1) >= OPEN)), [chances])
  // What was just written is drawn first.
  const written = useDeferredValue(entries)
  const all = useMemo(() => fractionsOfWork(written, open), [written, open])
  const [chosen, setChosen] = useState<boolean | null>(null)
  const unfolded = chosen ?? all.length < MANY
  if (all.length < 2) return null
  const inHand = all.filter((f) => !f.parted && !f.empty && f.from !== null)
  return (
    <details
      className="off-paper border-b border-rule px-5 py-2"
      open={unfolded}
      onToggle={({ currentTarget }) => {
        if (currentTarget.open !== unfolded) setChosen(currentTarget.open)
      }}
    >
      <summary className="flex min-h-11 cursor-pointer items-center gap-3">
        <ChevronRight className={`shrink-0 text-russet ${unfolded ? 'rotate-90' : ''}`} size={18} aria-hidden />
        <span className="text-faint">tubes, as they were split</span>
        <span className="font-mono text-sm">{inHand.map((f) => f.vessel).join(' · ')} in hand</span>
      </summary>
      {unfolded && (
        <ul aria-label="tubes, as they were split" className="mb-2">
          {all
            .filter((f) => f.from === null)
            .map((f) => (
              <Branch key={f.id} fraction={f} all={all} />
            ))}
        </ul>
      )}
    </details>
  )
}

function Branch({ fraction, all }: { readonly fraction: Fraction; readonly all: readonly Fraction[] }) {
  const children = all.filter((f) => f.from === fraction.id)
  const { vessel, form, by, mayHold, empty, parted, shown } = fraction
  return (
    <li className="ml-3 border-l border-rule pl-3">
      <p className={`flex flex-wrap items-baseline gap-x-3 leading-7 ${parted ? 'text-faint' : ''}`}>
        <span className="font-mono">{vessel === 'sample' ? '' : vessel}</span>
        <span>
          {FORM[form]}
          {by !== '' && form !== 'portion' && <span className="text-faint"> · {by}</span>}
        </span>
        {empty ? (
          <span className="pencil">nothing came down</span>
        ) : (
          !parted &&
          form !== 'sample' && (
            <span className="flex flex-wrap gap-x-2 font-serif">
              <span className="font-sans text-sm text-faint">may hold</span>
              {mayHold.length === 0 && <span className="font-sans">none of those in contention</span>}
              {mayHold.map((ion) => (
                <span key={ion} className={shown.includes(ion) ? 'font-semibold underline underline-offset-4' : ''}>
                  <Formula>{ion}</Formula>
                </span>
              ))}
            </span>
          )
        )}
        {shown.length > 0 && (
          <span>
            shown:{' '}
            {shown.map((ion) => (
              <strong key={ion} className="mr-2 font-serif">
                <Formula>{ion}</Formula>
              </strong>
            ))}
          </span>
        )}
      </p>
      {children.length > 0 && (
        <ul>
          {children.map((child) => (
            <Branch key={child.id} fraction={child} all={all} />
          ))}
        </ul>
      )}
    </li>
  )
}
