import type { Standing } from '@foxing/core'
import { Formula } from './Formula'

/** How a standing reads to someone who does not see the type. */
const SAYS: Readonly<Record<Standing['status'], string>> = {
  confirmed: 'confirmed',
  likely: 'likely',
  open: 'open',
  unlikely: 'unlikely',
  excluded: 'excluded',
  untested: 'not tested',
}

/** An ion on the list of those in contention: plain, underlined, ringed by hand or struck through. It reads the same in grey. */
export function Ion({ standing, chosen, onChoose }: { readonly standing: Standing; readonly chosen: boolean; readonly onChoose: () => void }) {
  const { status, species } = standing
  const gone = status === 'excluded' || status === 'unlikely'
  return (
    <button
      type="button"
      onClick={onChoose}
      aria-pressed={chosen}
      aria-label={`${species.replace('^', ' ')}, ${SAYS[status]}`}
      className={`relative min-h-11 min-w-11 px-2.5 font-serif ${species.includes(' ') || species.length > 12 ? 'text-left text-lg leading-tight' : 'text-xl'} ${gone ? 'text-faint' : 'text-ink'} ${chosen ? 'bg-press' : ''}`}
    >
      <span className={status === 'likely' ? 'border-b-2 border-current' : status === 'confirmed' ? 'font-semibold' : ''}>
        {status === 'unlikely' ? '(' : ''}
        <Formula>{species}</Formula>
        {status === 'unlikely' ? ')' : ''}
      </span>
      {status === 'excluded' && (
        <svg
          aria-hidden
          viewBox="0 0 60 20"
          preserveAspectRatio="none"
          className="pointer-events-none absolute inset-x-1 top-1/2 h-4 w-[calc(100%-8px)] -translate-y-1/2"
        >
          <path
            d="M1 12C12 9.5 22 12.5 33 9.8S52 10.5 59 7.5"
            fill="none"
            stroke="currentColor"
            strokeWidth={1.4}
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      )}
      {status === 'confirmed' && (
        <svg aria-hidden viewBox="0 0 60 40" preserveAspectRatio="none" className="pointer-events-none absolute inset-0 size-full text-ink">
          <path
            d="M46 4.5C32 .5 8 3 3.5 15 -.5 27 15 38 32 37.5 49 37 60 29 57.5 18 55 7.5 41 3 24 5.5"
            fill="none"
            stroke="currentColor"
            strokeWidth={1.6}
            strokeLinecap="round"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      )}
    </button>
  )
}
