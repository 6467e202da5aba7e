import { sayStep, vesselOf, type Seen, type Step } from '@foxing/core'
import { Minus, Plus, X } from 'lucide-react'
import type { PageRow } from '../../state/page'
import { Chemistry } from '../../ui/Formula'
import { wordsOf } from '../../ui/pictures'

interface Props {
  readonly row: PageRow
  readonly seen: ReadonlyMap<string, Seen>
  /** Whether steps may be amended and struck out: what a secret unknown has shown is not taken back. */
  readonly isOpen: boolean
  /** Strikes a step out; it stays readable in the notebook. */
  readonly onStrike: (entry: string) => void
  /** Amends what was written of a step: so much was really used. */
  readonly onAmend: (entry: string, changes: Readonly<Record<string, string | number>>) => void
}

/** By how much a tap changes an amount. */
const BY = { drops: 1, mL: 0.5, mg: 10, minutes: 1 } as const
type Amount = keyof typeof BY

/** Steps of one's own in order, each with what there was to see of it, to be amended or struck out. */
export function Trail({ row, seen, isOpen, onStrike, onAmend }: Props) {
  return (
    <ol aria-label="steps" className="md:ml-8 grid gap-y-0.5">
      {row.trail.map(({ entry, did }) => {
        const shown = seen.get(entry)?.looks.at(-1)
        const said = sayStep(did)
        const amount = amountOf(did)
        const amend = (sign: 1 | -1): void => {
          if (amount) onAmend(entry, { [amount.key]: Math.max(BY[amount.key], Math.round((amount.n + sign * BY[amount.key]) * 100) / 100) })
        }
        return (
          <li key={entry} className="flex flex-wrap items-center gap-x-3">
            <span className="w-6 font-mono text-sm text-faint">{vesselOf(did)}</span>
            <span className="font-mono text-[0.94rem]">
              <Chemistry>{said}</Chemistry>
            </span>
            {shown && <span className="text-faint">{wordsOf(shown)}</span>}
            <span className={isOpen ? 'ml-auto flex' : 'hidden'}>
              {amount && (
                <>
                  <Small label={`less was used: ${said}`} onTap={() => amend(-1)}>
                    <Minus size={14} aria-hidden />
                  </Small>
                  <Small label={`more was used: ${said}`} onTap={() => amend(1)}>
                    <Plus size={14} aria-hidden />
                  </Small>
                </>
              )}
              <Small label={`strike out: ${said}`} onTap={() => onStrike(entry)}>
                <X size={14} aria-hidden />
              </Small>
            </span>
          </li>
        )
      })}
    </ol>
  )
}

const Small = ({ label, onTap, children }: { readonly label: string; readonly onTap: () => void; readonly children: React.ReactNode }) => (
  <button type="button" className="pressable px-3" aria-label={label} onClick={onTap}>
    {children}
  </button>
)

/** The amount of a step that can be amended. */
function amountOf(step: Step): { readonly key: Amount; readonly n: number } | null {
  const fields = step as Partial<Record<Amount, number>>
  for (const key of Object.keys(BY) as Amount[]) {
    const n = fields[key]
    if (n !== undefined) return { key, n }
  }
  return null
}
