import { PORTIONS } from '@foxing/core'
import type { PageRow } from '../../state/page'

/** The stages of the scheme, with how far each has come. */
export function Course({ rows }: { readonly rows: readonly PageRow[] }) {
  const done = new Set(rows.map((r) => r.test?.id))
  return (
    <nav aria-label="course of stages" className="off-paper hidden w-36 shrink-0 flex-col gap-1 border-r border-rule px-4 py-5 lg:flex">
      <h2 className="mb-2 text-sm text-faint">course</h2>
      <ol className="grid gap-1">
        {PORTIONS.stages.map((stage) => {
          const count = stage.tests.filter((t) => done.has(t)).length
          const last = rows.at(-1)?.test?.id
          const here = last !== undefined && stage.tests.includes(last)
          return (
            <li
              key={stage.id}
              className={`flex min-h-9 items-baseline gap-2 ${count === 0 ? 'text-faint' : ''} ${here ? 'font-semibold' : ''}`}
              aria-current={here ? 'step' : undefined}
            >
              <span className="flex-1">{stage.title}</span>
              <span className="font-mono text-sm" aria-label={`${count} of ${stage.tests.length} tests done`}>
                {count}/{stage.tests.length}
              </span>
            </li>
          )
        })}
      </ol>
      <p className="mt-4 text-sm text-faint">{PORTIONS.title}</p>
    </nav>
  )
}
