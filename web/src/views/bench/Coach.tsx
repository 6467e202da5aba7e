import type { Neutralising } from '@foxing/core'
import { useEffect, useState } from 'react'
import { Chemistry } from '../../ui/Formula'
import { reasoner } from '../../workers/useThought'

interface Reading {
  readonly drops: number
  readonly litmus: 'red' | 'blue'
}
interface Advice {
  readonly expected_drops: number
  readonly between_drops: readonly [number, number]
  readonly nextDose_drops: number
  readonly says: string
}

const DROP_KEY = 'foxing-drop'
const USUAL_DROPS = 20
/** Drops of one's own dropper in a millilitre, as counted once. */
const dropsInOne_mL = (): number => Number(localStorage.getItem(DROP_KEY)) || USUAL_DROPS

interface Props {
  readonly tube: string
  readonly step: Neutralising
  readonly onWrite: (line: string) => void
}

/** Beside a step that goes by litmus: counts the drops, takes each reading, says how many are left and how many to risk. */
export function Coach({ tube, step, onWrite }: Props) {
  const [drops, setDrops] = useState(0)
  const [readings, setReadings] = useState<readonly Reading[]>([])
  const [perMlText, setPerMlText] = useState(() => String(dropsInOne_mL()))
  const [advice, setAdvice] = useState<Advice | null>(null)
  const [problem, setProblem] = useState('')
  const typed = Number(perMlText)
  const perMl = typed >= 5 && typed <= 60 ? typed : USUAL_DROPS
  const { contents, with: reagent, towards } = step
  const there = towards === 'just-basic' ? 'blue' : 'red'
  const paper = towards === 'just-basic' ? 'red litmus' : 'blue litmus'
  useEffect(() => {
    let current = true
    void reasoner()
      .sum('neutralise', { contents, with: reagent, towards, drop_mL: 1 / perMl, readings })
      .then((answer) => {
        if (!current) return
        if ('result' in answer) {
          setAdvice(answer.result as unknown as Advice)
          setProblem('')
        } else setProblem(`No count can be worked out here (${answer.expected}); the drops are counted all the same.`)
      })
    return () => void (current = false)
  }, [contents, reagent, towards, perMl, readings])
  const read = (litmus: 'red' | 'blue'): void => setReadings([...readings.filter((r) => r.drops !== drops), { drops, litmus }])
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!event.altKey) return
      const act = { KeyD: () => setDrops((n) => n + 1), KeyR: () => read('red'), KeyB: () => read('blue') }[event.code]
      if (!act) return
      event.preventDefault()
      act()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })
  const turned = readings.filter((r) => r.litmus === there).map((r) => r.drops)
  const end = turned.length > 0 ? Math.min(...turned) : null
  const beyond = end !== null && drops > end
  return (
    <section aria-label={`neutralising ${tube}`} className="md:ml-8 mt-3 grid max-w-3xl gap-2 border-l-2 border-russet pl-4">
      <p>
        <Chemistry>{reagent}</Chemistry>, drop by drop, to {there} on {paper}
        {advice && (
          <span className="text-faint">
            {' '}
            · about {advice.expected_drops} drops expected
            {step.contents.some((c) => c.reagent === 'water') && ', of what is known to be in the tube'}
          </span>
        )}
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <output className="w-28 font-mono text-3xl" aria-label="drops counted">
          {drops}
        </output>
        <button type="button" className="pressable min-w-24 border border-russet px-4 text-lg" onClick={() => setDrops(drops + 1)}>
          + drop
        </button>
        <button type="button" className="pressable border border-rule px-3" onClick={() => setDrops(drops + 5)}>
          + 5
        </button>
        <button type="button" className="pressable border border-rule px-3" disabled={drops === 0} onClick={() => setDrops(drops - 1)}>
          − 1
        </button>
        <span className="ml-3 text-faint">litmus is</span>
        {(['red', 'blue'] as const).map((litmus) => (
          <button key={litmus} type="button" className="pressable flex items-center gap-2 border border-rule px-4" onClick={() => read(litmus)}>
            <span aria-hidden className="inline-block size-4 border border-ink" style={{ background: litmus === 'red' ? '#c8484c' : '#4a7ac4' }} />
            {litmus}
          </button>
        ))}
        <button
          type="button"
          className="pressable ml-auto border border-russet px-4"
          disabled={end === null}
          onClick={() => {
            onWrite(`${reagent}: ${drops} drops, litmus ${there} from drop ${end ?? drops}`)
            setReadings([])
            setDrops(0)
          }}
        >
          write it down
        </button>
      </div>
      <p role="status" className="min-h-7 text-lg">
        {problem ||
          (beyond ? `${drops - end} beyond the turn: take it back with the other, a drop at a time, and turn again.` : (advice?.says ?? ''))}
      </p>
      <label className="flex items-center gap-2 text-sm text-faint">
        drops of this dropper in 1 mL
        <input
          className="h-11 w-16 border-b border-ink bg-transparent font-mono text-ink"
          inputMode="numeric"
          value={perMlText}
          aria-invalid={perMl !== typed}
          onChange={(e) => {
            setPerMlText(e.target.value)
            const n = Number(e.target.value)
            if (n >= 5 && n <= 60) localStorage.setItem(DROP_KEY, String(n))
          }}
        />
        <span className="font-mono">Alt D a drop · Alt R red · Alt B blue</span>
      </label>
    </section>
  )
}
