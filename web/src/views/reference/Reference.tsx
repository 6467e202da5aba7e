import { PORTIONS, REFERENCE_IONS, SOURCES, testById, TESTS, type Outcome } from '@foxing/core'
import { useEffect, useState } from 'react'
import { Link, useParams } from 'react-router'
import { Chemistry, Formula } from '../../ui/Formula'
import { Frame } from '../../ui/Frame'
import { pictureOfLook, wordsOf } from '../../ui/pictures'
import { Tube } from '../../ui/Tube'
import { useReference } from '../../workers/useThought'

/** Pages for ions and tests: everything on them is computed, and says where its constants are from. */
export function Reference() {
  const { kind, id = '' } = useParams()
  useEffect(() => {
    document.title = 'Reference · Foxing'
  }, [])
  return (
    <Frame about={<h1 className="text-xl">Reference</h1>}>
      <div className="flex min-h-0 flex-1">
        <Index chosen={id} />
        <main className="min-w-0 flex-1 overflow-auto bg-sheet px-8 py-6" tabIndex={0} aria-label="page">
          {kind === 'ion' && REFERENCE_IONS.includes(id) ? (
            <IonPage ion={id} />
          ) : kind === 'test' && testById.has(id) ? (
            <TestPage id={id} />
          ) : (
            <p className="max-w-[60ch] leading-relaxed">
              {kind !== undefined && <strong className="block">There is no such page. </strong>}
              Choose an ion to see what it shows in each test, or a test to see every way it can come out. What is drawn and written there is worked
              out from equilibrium constants and spectra, on a solution of 20 mg in each millilitre; the constants and their sources stand below.
            </p>
          )}
        </main>
      </div>
    </Frame>
  )
}

function Index({ chosen }: { readonly chosen: string }) {
  const [wanted, setWanted] = useState('')
  const fits = (text: string): boolean => text.toLowerCase().includes(wanted.trim().toLowerCase())
  const ions = [...REFERENCE_IONS].sort((a, b) => Number(b.endsWith('+')) - Number(a.endsWith('+'))).filter(fits)
  const tests = TESTS.filter((t) => fits(t.title) || fits(t.id))
  return (
    <nav aria-label="reference" className="off-paper w-80 shrink-0 overflow-auto border-r border-rule px-5 py-5">
      <label className="grid gap-1 text-sm text-faint">
        find
        <input
          className="h-11 border-b border-ink bg-transparent text-lg text-ink"
          value={wanted}
          maxLength={60}
          onChange={(e) => setWanted(e.target.value)}
        />
      </label>
      {ions.length + tests.length === 0 && <p className="mt-4 text-faint">Nothing here is called that.</p>}
      <ul className="mt-4 flex flex-wrap gap-x-1">
        {ions.map((ion) => (
          <li key={ion}>
            <Link
              to={`/reference/ion/${encodeURIComponent(ion)}`}
              aria-current={ion === chosen ? 'page' : undefined}
              className={`pressable grid min-w-11 place-items-center px-2 font-serif text-lg ${ion === chosen ? 'bg-press underline' : ''}`}
            >
              <span>
                <Formula>{ion}</Formula>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {PORTIONS.stages.map((stage) => {
        const shown = stage.tests.flatMap((t) => tests.find((known) => known.id === t) ?? [])
        if (shown.length === 0) return null
        return (
          <section key={stage.id} className="mt-4">
            <h2 className="text-sm text-faint">{stage.title}</h2>
            <ul>
              {shown.map((test) => (
                <li key={test.id}>
                  <Link
                    to={`/reference/test/${test.id}`}
                    aria-current={test.id === chosen ? 'page' : undefined}
                    className={`pressable flex items-center leading-tight ${test.id === chosen ? 'bg-press underline' : ''}`}
                  >
                    {test.title}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        )
      })}
    </nav>
  )
}

const Working = () => <p className="mt-4 text-faint">Working it out…</p>

function IonPage({ ion }: { readonly ion: string }) {
  const page = useReference(`ion ${ion}`, (worker) => worker.ion(ion))
  return (
    <>
      <h2 className="text-4xl">
        <Formula>{ion}</Formula>
      </h2>
      {!page && <Working />}
      {page?.shown && (
        <p className="mt-1 text-faint">
          Shown on <Formula>{page.shown.salt}</Formula>; only tests in which the ion itself shows.
        </p>
      )}
      {page?.shown?.tests.map(({ test, outcome }) => (
        <section key={test} className="mt-5 border-t border-rule pt-3">
          <h3 className="text-xl">
            <Link className="hover:underline" to={`/reference/test/${test}`}>
              {testById.get(test)?.title}
            </Link>
          </h3>
          <Looks outcome={outcome} />
        </section>
      ))}
      {page && page.constants.length > 0 && (
        <section className="mt-8">
          <h3 className="text-2xl">Constants</h3>
          <table className="mt-2 w-full border-collapse text-left">
            <thead>
              <tr className="border-b border-ink text-sm text-faint">
                <th className="py-1 font-normal">reaction</th>
                <th className="py-1 font-normal">log K, 25 °C</th>
                <th className="py-1 font-normal">recalled from</th>
              </tr>
            </thead>
            <tbody>
              {page.constants.map((c) => (
                <tr key={c.reaction} className="border-b border-rule align-top">
                  <td className="py-1 pr-4 font-serif">
                    <Chemistry>{c.reaction}</Chemistry>
                  </td>
                  <td className="py-1 pr-4 font-mono">{c.value.toFixed(2).replace('-', '−')}</td>
                  <td className="py-1 text-sm text-faint">
                    {Object.entries(SOURCES).find(([id]) => id === c.source)?.[1]}
                    {c.note && <span className="block">{c.note}</span>}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </>
  )
}

function TestPage({ id }: { readonly id: string }) {
  const outcomes = useReference(`test ${id}`, (worker) => worker.test(id))
  const test = testById.get(id)
  if (!test) return null
  return (
    <>
      <h2 className="text-3xl">{test.title}</h2>
      <p className="mt-1 max-w-[65ch] leading-snug">{test.because}</p>
      <p className="mt-1 font-mono text-sm text-faint">{test.minutes} min</p>
      {!outcomes && <Working />}
      {outcomes?.map((outcome) => (
        <section key={outcome.salts.join()} className="mt-5 border-t border-rule pt-3">
          <Looks outcome={outcome} />
          <p className="mt-2 font-serif">
            {outcome.salts.map((salt, i) => (
              <span key={salt}>
                {i > 0 && ', '}
                <Formula>{salt}</Formula>
              </span>
            ))}
          </p>
        </section>
      ))}
      <p className="mt-6 text-sm text-faint">After {test.sources.map((s) => SOURCES[s]).join('; ')}. The outcomes are the model’s own.</p>
    </>
  )
}

/** The looks of one outcome side by side, in words and drawn, with the equations behind them. */
function Looks({ outcome }: { readonly outcome: Outcome }) {
  return (
    <>
      <ol className="mt-2 flex flex-wrap gap-x-8 gap-y-3">
        {outcome.looks.map(({ asked, look }, i) => (
          <li key={i} className="flex max-w-xs gap-3">
            <Tube picture={pictureOfLook(look)} size={64} />
            <span className="leading-snug">
              <span className="block text-sm text-faint">{asked}</span>
              {wordsOf(look)}
            </span>
          </li>
        ))}
      </ol>
      {outcome.equations.length > 0 && (
        <p className="mt-2 font-serif">
          {outcome.equations.map((equation) => (
            <span key={equation} className="mr-6 inline-block">
              <Formula>{equation}</Formula>
            </span>
          ))}
        </p>
      )}
    </>
  )
}
