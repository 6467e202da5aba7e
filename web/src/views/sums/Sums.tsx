import { SUMS, testById, TESTS } from '@foxing/core'
import { useEffect, useMemo, useState } from 'react'
import { Link, useParams } from 'react-router'
import { Choice, Field } from '../../ui/Field'
import { Chemistry, Formula } from '../../ui/Formula'
import { Frame } from '../../ui/Frame'
import { LineChart } from '../../ui/LineChart'
import { useReference } from '../../workers/useThought'
import { FORMS, inputOf, startOf, wordsOfField, type Filled, type SumField } from './fields'

/** Bench arithmetic: each sum with its inputs, its result and its working. */
export function Sums() {
  const { id = 'neutralise' } = useParams()
  const sum = SUMS.find((s) => s.id === id)
  useEffect(() => {
    document.title = 'Sums · Foxing'
  }, [])
  return (
    <Frame about={<h1 className="text-xl">Sums</h1>}>
      <div className="flex min-h-0 flex-1 max-md:flex-col">
        <nav aria-label="sums" className="off-paper w-80 shrink-0 overflow-auto border-r border-rule px-5 py-5 max-md:max-h-48 max-md:w-full">
          <ul>
            {SUMS.map((s) => (
              <li key={s.id}>
                <Link
                  to={`/sums/${s.id}`}
                  aria-current={s.id === id ? 'page' : undefined}
                  className={`pressable flex items-center leading-tight ${s.id === id ? 'bg-press underline' : ''}`}
                >
                  {s.title}
                </Link>
              </li>
            ))}
          </ul>
        </nav>
        <main className="min-w-0 flex-1 overflow-auto bg-sheet px-8 py-6" tabIndex={0} aria-label="sum">
          {sum ? (
            <SumPage key={sum.id} id={sum.id} title={sum.title} />
          ) : (
            <p>
              <strong>There is no such sum.</strong> Choose one from the list.
            </p>
          )}
        </main>
      </div>
    </Frame>
  )
}

function SumPage({ id, title }: { readonly id: string; readonly title: string }) {
  const fields = FORMS[id] ?? []
  const [filled, setFilled] = useState<Filled>(() => startOf(fields))
  const read = inputOf(fields, filled)
  const answer = useReference(`${id} ${JSON.stringify(read)}`, async (worker) => ('input' in read ? worker.sum(id, read.input) : read))
  const fill = (name: string, value: string): void => setFilled((now) => ({ ...now, [name]: value }))
  return (
    <>
      <h2 className="font-serif text-2xl">{title}</h2>
      <div className="mt-4 grid max-w-4xl grid-cols-2 items-start gap-x-8 gap-y-4 max-md:grid-cols-1">
        {fields.map((field) => (
          <Asked key={field.name} field={field} value={filled[field.name] ?? ''} onFill={(value) => fill(field.name, value)} />
        ))}
      </div>
      <section aria-label="result" aria-live="polite" className="mt-6 max-w-4xl border-t border-rule pt-4">
        {answer === null ? (
          <p className="text-faint">Working it out…</p>
        ) : 'result' in answer ? (
          <Result result={answer.result} />
        ) : (
          <Refused {...answer} />
        )}
      </section>
    </>
  )
}

const Refused = ({ path, expected }: { readonly path: string; readonly expected: string }) => (
  <p>
    <strong>{path ? `${wordsOfField(path)}: ` : ''}</strong>
    {expected}. What you filled in is kept.
  </p>
)

function Asked({ field, value, onFill }: { readonly field: SumField; readonly value: string; readonly onFill: (value: string) => void }) {
  const { kind, label } = field
  if (kind === 'number' || kind === 'text')
    return (
      <Field
        label={label}
        value={value}
        face="font-mono"
        maxLength={80}
        inputMode={kind === 'number' ? 'decimal' : 'text'}
        onChange={(e) => onFill(e.target.value)}
      />
    )
  if (kind === 'tick')
    return (
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-(--color-russet)"
          checked={value !== ''}
          onChange={(e) => onFill(e.target.checked ? 'yes' : '')}
        />
        {label}
      </label>
    )
  if (kind === 'lines')
    return (
      <label className="grid gap-1 text-sm text-faint">
        {label}
        <textarea
          className="min-h-20 w-full border border-rule bg-transparent p-2 font-mono text-base text-ink"
          rows={3}
          maxLength={1000}
          value={value}
          onChange={(e) => onFill(e.target.value)}
        />
      </label>
    )
  if (kind === 'tests') return <Tests field={field} value={value} onFill={onFill} />
  return <Choice label={label} of={kind} value={value} onChoose={onFill} />
}

/** Tests of the catalogue, one or several. */
function Tests({ field, value, onFill }: { readonly field: SumField; readonly value: string; readonly onFill: (value: string) => void }) {
  const chosen = value.split('\n').filter((id) => testById.has(id))
  const one = field.name === 'test'
  return (
    <fieldset className="row-span-3 grid gap-1 text-sm text-faint">
      <legend>{field.label}</legend>
      <ul className="text-base text-ink">
        {chosen.map((id) => (
          <li key={id} className="flex min-h-11 items-center justify-between gap-3 border-b border-rule">
            <span className="leading-tight">{testById.get(id)?.title}</span>
            {!one && (
              <button type="button" className="pressable px-2" onClick={() => onFill(chosen.filter((c) => c !== id).join('\n'))}>
                <span aria-hidden>take out</span>
                <span className="sr-only">take out {testById.get(id)?.title}</span>
              </button>
            )}
          </li>
        ))}
      </ul>
      <label className="mt-1 grid gap-1">
        {one ? 'another' : 'add'}
        <select
          className="h-11 w-full min-w-0 border-b border-ink bg-transparent text-base text-ink"
          value=""
          onChange={(e) => e.target.value && onFill(one ? e.target.value : [...chosen, e.target.value].join('\n'))}
        >
          <option value="">choose a test</option>
          {TESTS.filter((t) => !chosen.includes(t.id)).map((t) => (
            <option key={t.id} value={t.id}>
              {t.title}
            </option>
          ))}
        </select>
      </label>
    </fieldset>
  )
}

type Row = Readonly<Record<string, unknown>>
const isRows = (value: unknown): value is readonly Row[] =>
  Array.isArray(value) && value.length > 0 && value.every((v) => typeof v === 'object' && v !== null)

function Result({ result }: { readonly result: Row }) {
  const { working, curve, ...rest } = result
  const said = Object.entries(rest).filter(([, v]) => !isRows(v) && v !== null && !(Array.isArray(v) && v.length === 0))
  const tables = Object.entries(rest).flatMap(([name, v]) => (isRows(v) ? [[name, v] as const] : []))
  return (
    <>
      <dl className="grid grid-cols-[max-content_1fr] gap-x-6 gap-y-1">
        {said.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-faint">{wordsOfField(name)}</dt>
            <dd className="text-lg font-semibold">{name === 'equation' ? <Formula>{String(value)}</Formula> : <Said value={value} />}</dd>
          </div>
        ))}
      </dl>
      {tables.map(([name, rows]) => (
        <Table key={name} name={name} rows={rows} />
      ))}
      {isRows(curve) && <Curve rows={curve} />}
      <h3 className="mt-5 text-sm text-faint">working</h3>
      <ol className="leading-relaxed">
        {Array.isArray(working) &&
          working.map((line) => (
            <li key={String(line)}>
              <Chemistry>{String(line)}</Chemistry>
            </li>
          ))}
      </ol>
    </>
  )
}

function Said({ value }: { readonly value: unknown }) {
  if (Array.isArray(value)) return <>{value.map(String).join(' to ')}</>
  if (typeof value === 'boolean') return <>{value ? 'yes' : 'no'}</>
  if (typeof value === 'string') return testById.has(value) ? <>{testById.get(value)?.title}</> : <Chemistry>{value}</Chemistry>
  return <>{String(value)}</>
}

function Table({ name, rows }: { readonly name: string; readonly rows: readonly Row[] }) {
  const columns = Object.keys(rows[0] ?? {})
  return (
    <table className="mt-4 w-full border-collapse text-left">
      <caption className="text-left text-sm text-faint">{wordsOfField(name)}</caption>
      <thead>
        <tr>
          {columns.map((c) => (
            <th key={c} scope="col" className="border-b border-ink py-1 pr-4 text-sm font-normal text-faint">
              {wordsOfField(c)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, k) => (
          <tr key={`${k} ${String(row[columns[0] ?? ''])}`}>
            {columns.map((c) => (
              <td key={c} className="border-b border-rule py-1 pr-4 align-top">
                {c === 'ion' ? <Formula>{String(row[c])}</Formula> : <Said value={row[c]} />}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Curve({ rows }: { readonly rows: readonly Row[] }) {
  const [across = 'drops', up = 'pH'] = Object.keys(rows[0] ?? {})
  const lines = useMemo(
    () => [{ name: up, x: rows.map((r) => Number(r[across])), y: rows.map((r) => Number(r[up])), thick: true }],
    [rows, across, up],
  )
  const last = rows.at(-1)
  return (
    <div className="mt-4">
      <LineChart
        lines={lines}
        across={wordsOfField(across)}
        up={wordsOfField(up)}
        log={up.endsWith('_M')}
        label={`${wordsOfField(up)} from ${String(rows[0]?.[up])} to ${String(last?.[up])} over ${String(last?.[across])} ${wordsOfField(across)}`}
      />
    </div>
  )
}
