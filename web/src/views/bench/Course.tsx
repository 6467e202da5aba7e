import { letterOf, rationsOf, type Case, type Entry } from '@foxing/core'
import { useDeferredValue, useMemo, type ReactNode } from 'react'
import { unseen, type PageRow } from '../../state/page'
import { wayOf } from './way'

/** The stages of the scheme, with how far each has come. */
export function Course({ rows, of, entries }: { readonly rows: readonly PageRow[]; readonly of: Case; readonly entries: readonly Entry[] }) {
  const { title, stages } = useMemo(() => wayOf(of), [of])
  const { worksheet } = of
  if (worksheet)
    return (
      <Side label="parts of the worksheet" heading="parts" title={worksheet.title} of={of} entries={entries}>
        {worksheet.parts.map((part, k) => {
          const letter = letterOf(part, k)
          const row = rows.find((r) => r.part === letter)
          return (
            <li key={letter} className={`flex min-h-9 items-baseline gap-2 leading-tight ${row ? '' : 'text-faint'}`}>
              <span className="flex-1 font-mono">{letter}</span>
              <span className="text-sm">{row === undefined ? 'to do' : unseen(row) ? 'begun' : 'done'}</span>
            </li>
          )
        })}
      </Side>
    )
  const done = new Set(rows.map((r) => r.test?.id))
  const last = rows.at(-1)?.test?.id
  return (
    <Side label="course of stages" heading="course" title={title} of={of} entries={entries}>
      {stages.map((stage) => {
        const count = stage.tests.filter((t) => done.has(t)).length
        if (stage.seldom && count === 0) return null
        const here = last !== undefined && stage.tests.includes(last)
        return (
          <li
            key={stage.id}
            className={`flex min-h-9 items-baseline gap-2 leading-tight ${count === 0 ? 'text-faint' : ''} ${here ? 'font-semibold' : ''}`}
            aria-current={here ? 'step' : undefined}
          >
            <span className="flex-1">{stage.title}</span>
            <span className="font-mono text-sm" aria-label={`${count} of ${stage.tests.length} tests done`}>
              {count}/{stage.tests.length}
            </span>
          </li>
        )
      })}
    </Side>
  )
}

interface SideProps {
  readonly label: string
  readonly heading: string
  readonly title: string | undefined
  readonly of: Case
  readonly entries: readonly Entry[]
  readonly children: ReactNode
}

/** How far the work has come, stage by stage or part by part, and what is left to work with. */
function Side({ label, heading, title, of, entries, children }: SideProps) {
  return (
    <nav
      aria-label={label}
      tabIndex={0}
      className="off-paper hidden w-36 shrink-0 flex-col gap-1 overflow-auto border-r border-rule px-4 py-5 lg:flex"
    >
      <h2 className="mb-2 text-sm text-faint">{heading}</h2>
      <ol className="grid gap-1">{children}</ol>
      {title !== undefined && <p className="mt-4 text-sm text-faint">{title}</p>}
      <Left of={of} entries={entries} />
    </nav>
  )
}

/** Below this share of the sample one is at the reserve. Source: plan to use at most two thirds. */
const RESERVE = 1 / 3

/** What is left of the sample, and of each solution made of it, by the amounts of the tests done. */
function Left({ of, entries }: { readonly of: Case; readonly entries: readonly Entry[] }) {
  // What was just written is drawn first.
  const written = useDeferredValue(entries)
  const { sample, stocks } = useMemo(() => rationsOf(of, written), [of, written])
  const low = sample.left < sample.had * RESERVE
  return (
    <section aria-label="what is left" className="mt-4 grid gap-1 text-sm">
      <h3 className="text-faint">left, about</h3>
      <p className="flex justify-between gap-2">
        <span>sample</span>
        <span className={`font-mono ${low ? 'font-semibold' : ''}`}>
          {sample.unit === 'mg' ? `${Math.round(sample.left)} mg` : `${sample.left.toFixed(1)} mL`}
        </span>
      </p>
      {low && <p className="font-semibold">into the reserve</p>}
      {stocks.map(({ id, title, left_mL }) => (
        <p key={id} className="flex justify-between gap-2">
          <span>{title}</span>
          <span className="whitespace-nowrap font-mono">{left_mL.toFixed(1)} mL</span>
        </p>
      ))}
    </section>
  )
}
