import { notebookSchema, type Entry } from '@foxing/core'
import { crateOf, sayTime, toCsv, toHtml, toMarkdown, toPdfContent } from '@foxing/core/report'
import { Download } from 'lucide-react'
import { useEffect, useMemo } from 'react'
import { useReport } from '../../workers/useThought'
import { Link, useParams } from 'react-router'
import { useOwnCompounds, withOwn } from '../../state/compounds'
import { useSession } from '../../state/session'
import { useNotebook } from '../../state/notebook'
import { Chemistry, Formula } from '../../ui/Formula'
import { Frame } from '../../ui/Frame'
import { saveFile } from '../../ui/saveFile'
import { Problem } from '../../ui/Problem'
import { useTask } from '../../ui/useTask'
import { files, sha256 } from '../../workers/files'
import { Signatures } from './Signatures'

/** The notebook as it is handed in: three columns, conclusion, equations. */
export function Report() {
  const { id = '' } = useParams()
  const { jar, entries: written, received, unsaved, elsewhere, problem, open, close } = useNotebook()
  const entries = useMemo(
    () => written.map((e): Entry => ({ ...e, ...(received.has(e.id) ? { received: received.get(e.id) } : {}) })),
    [written, received],
  )
  const phase = useSession((s) => s.phase)
  const { busy, problem: unmade, run } = useTask()
  // Opened again, too, once one has signed in again.
  useEffect(() => void open(id), [id, open, phase])
  useEffect(() => close, [close])
  // What one added to the library goes out with the notebook, so that whoever reads it reasons from the same.
  const own = useOwnCompounds((s) => s.list)
  const of = useMemo(() => (jar ? withOwn(jar.case, own) : undefined), [jar, own])
  const notebook = useMemo(
    () => (jar && of ? notebookSchema.parse({ format: 'foxing-notebook/1', id: jar.code, case: of, entries: [...entries] }) : null),
    [jar, of, entries],
  )
  const { document, failed } = useReport(of, entries, jar ? `Jar ${jar.code}${jar.title ? `, ${jar.title}` : ''}` : '')
  // The worker that makes the files is there before one is asked for.
  const there = document !== null
  useEffect(() => void (there && files()), [there])
  if (jar && elsewhere > 0)
    return (
      <Frame>
        <main className="p-8">
          <h1 className="text-xl">{elsewhere} lines of this notebook are on the server, which is not reached.</h1>
          <p>The report is made once all of it is here; it tries again by itself.</p>
        </main>
      </Frame>
    )
  if (!jar || !notebook || !document)
    return (
      <Frame>
        <main className="p-8">
          {problem ? (
            <p role="alert">{`${problem.message}. ${problem.todo}`}</p>
          ) : failed ? (
            <p role="alert">
              <strong>The report could not be worked out.</strong> The notebook is kept as it was; reload the page to try again.
            </p>
          ) : (
            <h1 className="text-faint">Opening the report…</h1>
          )}
        </main>
      </Frame>
    )
  const pictures = entries.flatMap((e) =>
    'note' in e && e.picture !== undefined && !e.picture.startsWith('data:image/webp') ? [{ text: e.note, image: e.picture }] : [],
  )
  const forms: readonly (readonly [name: string, ending: string, type: string, content: () => string | Promise<Uint8Array>])[] = [
    ['PDF', 'pdf', 'application/pdf', () => files().pdf(toPdfContent(document, pictures))],
    ['Markdown', 'md', 'text/markdown', () => toMarkdown(document)],
    ['HTML', 'html', 'text/html', () => toHtml(document)],
    ['CSV', 'csv', 'text/csv', () => toCsv(document)],
    ['JSON', 'json', 'application/json', () => JSON.stringify(notebook, null, 2)],
    [
      'crate',
      'eln',
      'application/vnd.eln+zip',
      async () => files().zip(await crateOf(notebook, document, { sha256, now: new Date().toISOString() })),
    ],
  ]
  const equations = [...new Set(document.rows.flatMap((r) => r.equations))]
  return (
    <Frame
      about={<span className="font-mono text-xl">{jar.code}</span>}
      actions={
        <>
          <Link className="pressable flex items-center" to={`/jar/${id}`}>
            back to the bench
          </Link>
          {forms.map(([name, ending, type, content]) => (
            <button
              key={ending}
              type="button"
              className="pressable inline-flex items-center gap-1"
              disabled={busy}
              onClick={() => run(async () => saveFile(`${jar.code}.${ending}`, type, await content()))}
            >
              <Download size={18} aria-hidden /> {name}
            </button>
          ))}
        </>
      }
    >
      {unmade !== null && (
        <div className="off-paper px-5 py-2">
          <Problem>{unmade}</Problem>
        </div>
      )}
      <main className="flex-1 overflow-auto py-6" tabIndex={0} aria-label="report">
        <article className="mx-auto max-w-5xl bg-sheet px-10 py-8">
          <h1 className="text-3xl">{document.title}</h1>
          <table className="mt-6 w-full border-collapse text-left align-top">
            <thead>
              <tr className="border-b border-ink text-sm text-faint">
                <th scope="col" className="w-8 py-1 font-normal">
                  <span className="sr-only">row</span>
                </th>
                <th scope="col" className="w-[36%] py-1 font-normal">
                  test
                </th>
                <th scope="col" className="w-[36%] py-1 font-normal">
                  observation
                </th>
                <th scope="col" className="py-1 font-normal">
                  inference
                </th>
              </tr>
            </thead>
            <tbody>
              {document.rows.map((row, i) => (
                <tr key={row.entry} className="border-b border-rule align-top">
                  <td className="py-2 font-mono text-sm text-faint">{i + 1}</td>
                  <td className="py-2 pr-5">
                    <span className="font-serif text-lg leading-tight">{row.test}</span>
                    {row.steps.length > 0 && (
                      <span className="block text-sm text-faint">
                        <Chemistry>{row.steps.join(' · ')}</Chemistry>
                      </span>
                    )}
                  </td>
                  <td className="py-2 pr-5">
                    {row.looks.map((look, k) => (
                      <span key={k} className="block">
                        {look.map((o) => o.text).join(', ')}
                      </span>
                    ))}
                    {row.beside.map((line) => (
                      <p key={line} className="text-faint">
                        <Chemistry>{line}</Chemistry>
                      </p>
                    ))}
                    {row.looks.length === 0 && '–'}
                    {row.looks.flat().some((o) => o.amendedFrom !== null) && (
                      <span className="block text-sm text-faint">
                        first written:{' '}
                        {row.looks
                          .flat()
                          .flatMap((o) => o.amendedFrom ?? [])
                          .join(', ')}
                      </span>
                    )}
                  </td>
                  <td className="py-2 font-serif">
                    {row.inference.map((line) => (
                      <span key={line} className="block leading-snug">
                        <Chemistry>{line}</Chemistry>
                      </span>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {document.rows.length === 0 && <p className="mt-4 text-faint">Nothing has been done yet.</p>}
          <h2 className="mt-8 text-2xl">Conclusion</h2>
          {document.conclusions.length === 0 && <p className="text-faint">No conclusion has been written.</p>}
          {document.conclusions.map((c, i) => (
            <p key={i} className="mt-1 font-serif text-xl">
              <Formula>{c.species}</Formula>, {c.claim}
              {c.citing.length > 0 && <span className="text-base text-faint"> ({c.citing.join(', ')})</span>}
            </p>
          ))}
          {document.sentences.length > 0 && (
            <>
              <h2 className="mt-8 text-2xl">What the record supports</h2>
              {document.sentences.map((sentence) => (
                <p key={sentence} className="mt-1 max-w-[75ch] font-serif text-lg leading-snug">
                  <Chemistry>{sentence}</Chemistry>
                </p>
              ))}
            </>
          )}
          <p className="mt-3" hidden={document.formulae.length === 0}>
            As a whole:{' '}
            {document.formulae.slice(0, 4).map((f, i) => (
              <span key={f.formula}>
                {i > 0 && ', '}
                <span className="font-serif">
                  <Formula>{f.formula}</Formula>
                </span>{' '}
                <span className="font-mono text-sm">{(100 * f.probability).toFixed(1)} %</span>
              </span>
            ))}
          </p>
          {document.conflicts.map((c) => (
            <p key={c} className="mt-2 border-l-4 border-ink pl-3">
              Unsettled: {c}.
            </p>
          ))}
          {equations.length > 0 && (
            <>
              <h2 className="mt-8 text-2xl">Equations</h2>
              <ul className="mt-1 font-serif text-lg">
                {equations.map((e) => (
                  <li key={e}>
                    <Formula>{e}</Formula>
                  </li>
                ))}
              </ul>
            </>
          )}
          {document.notes.length > 0 && (
            <>
              <h2 className="mt-8 text-2xl">Notes</h2>
              {document.notes.map((n) => (
                <p key={n.at + n.text}>{n.text}</p>
              ))}
            </>
          )}
          {document.times.length > 0 && (
            <details className="mt-8">
              <summary className="pressable">When it was written, and received</summary>
              {document.times.map((t) => (
                <p key={t.what} className="text-sm">
                  <Chemistry>{sayTime(t)}</Chemistry>
                </p>
              ))}
            </details>
          )}
          <Signatures jar={jar} unsaved={unsaved.size} />
          <p className="mt-8 text-sm text-faint">{document.safety}</p>
        </article>
      </main>
    </Frame>
  )
}
