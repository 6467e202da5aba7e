import { FUSION_ELEMENTS, type Case, type Standing } from '@foxing/core'
import { useState } from 'react'
import { Chemistry, Formula } from '../../ui/Formula'
import { Ion } from '../../ui/Ion'
import { Structure } from '../../ui/Structure'
import type { Thought } from '../../workers/reasoning.worker'
import { OwnCompounds } from './OwnCompounds'

/** What the list of what is left is called. */
const LEFT: Readonly<Record<Case['kind'], string>> = { salt: 'salts left', mixture: 'taken together', organic: 'compounds left' }
/** From this probability on a compound's structure is drawn. */
const WORTH_DRAWING = 0.1
/** Groups of an organic compound that stand on the list: the likeliest, and those something was seen of. */
const MOST_GROUPS = 12

/** The list in its parts: cations and anions, or elements and groups. */
function partsOf(kind: Case['kind'], standings: readonly Standing[]): { readonly label: string; readonly standings: readonly Standing[] }[] {
  if (kind !== 'organic')
    return [
      { label: 'cations', standings: standings.filter((s) => s.charge > 0) },
      { label: 'anions', standings: standings.filter((s) => s.charge <= 0) },
    ]
  const isElement = ({ species }: Standing): boolean => FUSION_ELEMENTS.some((e) => e === species)
  const elements = FUSION_ELEMENTS.flatMap((e) => standings.filter((s) => s.species === e))
  const groups = standings.filter((s) => !isElement(s)).sort((a, b) => b.probability - a.probability)
  return [
    { label: 'elements', standings: elements },
    { label: 'groups', standings: groups.slice(0, MOST_GROUPS) },
  ]
}

/** The crossed-out list, and why an ion stands as it does. */
export function Contention({
  thought,
  thinking,
  failed,
  kind,
  where,
}: {
  readonly thought: Thought | null
  readonly thinking: boolean
  /** What was written last could not be thought through. */
  readonly failed: boolean
  readonly kind: Case['kind']
  readonly where: (entry: string) => string
}) {
  const [chosen, setChosen] = useState<string | null>(null)
  const [drawn, setDrawn] = useState<string | null>(null)
  if (!thought)
    return (
      <aside aria-label="in contention" className="w-full shrink-0 border-l md:w-72 border-rule px-5 py-5 text-faint">
        {failed ? <NotWorkedOut /> : 'Working it out…'}
      </aside>
    )
  const [first] = thought.formulae
  const likeliest = first && first.probability >= WORTH_DRAWING ? first.formula : undefined
  const pictured = thought.formulae.some((f) => f.formula === drawn) ? drawn : likeliest
  const shown = thought.standings.find((s) => s.species === chosen) ?? mostTelling(thought.standings)
  const marked = shown && !FUSION_ELEMENTS.some((e) => e === shown.species) ? shown.species : null
  return (
    <aside aria-label="in contention" aria-busy={thinking} className="w-full flex-1 overflow-auto border-l md:w-72 border-rule px-4 py-5">
      {failed && <NotWorkedOut />}
      {thought.conflicts.length > 0 && (
        <section className="mb-5 border-l-4 border-ink pl-3" role="alert">
          <h3 className="font-semibold">Does not fit</h3>
          {thought.conflicts.map((c) => (
            <p key={c.entry} className="mt-1">
              {where(c.entry)}: {c.because}.
            </p>
          ))}
        </section>
      )}
      <h2 className="px-1 text-sm text-faint">in contention</h2>
      {partsOf(kind, thought.standings).map(({ label, standings }) => (
        <div key={label} role="group" aria-label={label} className="mt-1 flex flex-wrap gap-x-1">
          {standings.map((s) => (
            <Ion key={s.species} standing={s} chosen={s.species === shown?.species} onChoose={() => setChosen(s.species)} />
          ))}
        </div>
      ))}
      <h3 className="mt-5 px-1 text-sm text-faint">{LEFT[kind]}</h3>
      <ul className="px-1">
        {thought.formulae
          .filter((f) => f.probability >= 0.01)
          .slice(0, 5)
          .map((f) => (
            <li key={f.formula} className="flex items-baseline justify-between gap-3">
              {kind === 'organic' ? (
                <button
                  type="button"
                  className="min-h-8 text-left font-serif text-lg underline decoration-transparent hover:decoration-russet aria-pressed:decoration-ink"
                  aria-pressed={f.formula === pictured}
                  onClick={() => setDrawn(f.formula)}
                >
                  {f.formula}
                </button>
              ) : (
                <span className="font-serif text-lg">
                  <Formula>{f.formula}</Formula>
                </span>
              )}
              <span className="whitespace-nowrap font-mono text-sm">{percent(f.probability)}</span>
            </li>
          ))}
      </ul>
      {kind === 'organic' && pictured != null && (
        <>
          <Structure name={pictured} group={marked} />
          {marked !== null && <p className="px-1 text-sm text-faint">marked, where it has one: {marked}</p>}
        </>
      )}
      {kind === 'organic' && <OwnCompounds />}
      {shown && <Why standing={shown} where={where} />}
      {thought.advice.held.length > 0 && (
        <details className="mt-5 px-1">
          <summary className="text-sm text-faint">
            kept back for now: {thought.advice.held.length === 1 ? 'one test' : `${thought.advice.held.length} tests`}
          </summary>
          <ul className="mt-1 space-y-1 leading-snug">
            {thought.advice.held.map((h) => (
              <li key={h.test}>
                <strong>{h.title}.</strong> {h.because}
              </li>
            ))}
          </ul>
        </details>
      )}
      {thought.refutation && (
        <section className="mt-5 px-1">
          <h3 className="text-sm text-faint">to prove it wrong</h3>
          <p className="leading-snug">
            <strong>{thought.refutation.title}.</strong> <Chemistry>{thought.refutation.because}</Chemistry>
          </p>
        </section>
      )}
    </aside>
  )
}

/** What stands there where the worker gave up: nothing written depends on it. */
const NotWorkedOut = () => (
  <p role="alert" className="mb-4 border-l-4 border-ink pl-3 text-ink">
    <strong>What was written last could not be thought through.</strong> It is kept all the same. Go on writing, or reload the page.
  </p>
)

const percent = (p: number): string => (p > 0.995 ? '> 99 %' : p < 0.01 ? '< 1 %' : `${Math.round(p * 100)} %`)

/** The ion with most said about it, likeliest first, stands for itself until one is chosen. */
const mostTelling = (standings: readonly Standing[]): Standing | undefined =>
  [...standings].filter((s) => s.evidence.length > 0).sort((a, b) => b.probability - a.probability || b.evidence.length - a.evidence.length)[0]

const SAYS: Readonly<Record<Standing['status'], string>> = {
  confirmed: 'confirmed',
  likely: 'likely',
  open: 'open',
  unlikely: 'unlikely',
  excluded: 'excluded',
  untested: 'not tested yet',
}

function Why({ standing, where }: { readonly standing: Standing; readonly where: (entry: string) => string }) {
  const strongest = [...standing.evidence].sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight)).slice(0, 6)
  return (
    <section className="mt-5 px-1" aria-live="polite">
      <h3 className="text-lg">
        <Formula>{standing.species}</Formula>{' '}
        <span className="text-base text-faint">
          is {SAYS[standing.status]}, {percent(standing.probability)}
        </span>
      </h3>
      {strongest.length === 0 && <p className="text-faint">Nothing written bears on it yet.</p>}
      <ul className="mt-1 grid gap-1.5">
        {strongest.map((e) => (
          <li key={e.entry} className="grid grid-cols-[3.2rem_1fr] text-[0.94rem] leading-snug">
            <span className="font-mono">
              {e.weight > 0 ? '+' : '−'}
              {Math.abs(e.weight).toFixed(1)}
            </span>
            <span>
              <span className="text-faint">{where(e.entry)} </span>
              <Chemistry>{e.because}</Chemistry>
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-sm text-faint">Weights are powers of ten for or against.</p>
    </section>
  )
}
