import {
  AXES,
  cautionsOf,
  COMPOUNDS,
  everyTest,
  ORGANIC,
  ORGANIC_TESTS,
  organicTestById,
  PORTIONS,
  REFERENCE_IONS,
  REFERENCE_REAGENTS,
  SCHEMES,
  SOURCES,
  testById,
  TESTS,
  USUAL_REAGENTS,
  type Axis,
  type Outcome,
} from '@foxing/core'
import { useEffect, useState } from 'react'
import { Link, useParams } from 'react-router'
import { Chemistry, Formula } from '../../ui/Formula'
import { Frame } from '../../ui/Frame'
import { pictureOfLook, wordsOf } from '../../ui/pictures'
import { Tube } from '../../ui/Tube'
import { useReference } from '../../workers/useThought'
import { CompoundPage } from './CompoundPage'
import { FractionChart } from './FractionChart'
import { SchemePage } from './SchemePage'
import { Spectroscope } from './Spectroscope'
import { Strip } from './Strip'
import { WithReagents } from './WithReagents'

/** Tests there are pages for; a melting point comes out otherwise with every compound. */
const SHOWN = [...TESTS, ...ORGANIC_TESTS.filter((t) => t.stage !== 'constants')]

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
          ) : kind === 'test' && SHOWN.some((t) => t.id === id) ? (
            <TestPage id={id} />
          ) : kind === 'reagent' && REFERENCE_REAGENTS.some((r) => r.id === id) ? (
            <ReagentPage id={id} />
          ) : kind === 'compound' && COMPOUNDS.some((c) => c.name === id) ? (
            <CompoundPage key={id} name={id} />
          ) : kind === 'scheme' && SCHEMES.some((s) => s.id === id) ? (
            <SchemePage id={id} />
          ) : (
            <p className="max-w-[60ch] leading-relaxed">
              {kind !== undefined && <strong className="block">There is no such page. </strong>}
              Choose an ion to see what it shows with each reagent and in each test, a reagent to see every ion with it, a test to see every way it
              can come out, or a scheme to see how it takes a mixture apart. What is drawn and written is worked out from equilibrium constants and
              spectra; the constants and their sources stand below.
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
  const tests = SHOWN.filter((t) => fits(t.title) || fits(t.id))
  // All four hundred only once something is asked for.
  const compounds = wanted.trim().length < 2 ? [] : COMPOUNDS.filter((c) => fits(c.name))
  const reagents = REFERENCE_REAGENTS.filter((r) => fits(r.name) || fits(r.ask))
  const schemes = SCHEMES.filter((s) => fits(s.title))
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
      {ions.length + tests.length + reagents.length + schemes.length + compounds.length === 0 && (
        <p className="mt-4 text-faint">Nothing here is called that.</p>
      )}
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
      {[...PORTIONS.stages, ...ORGANIC.stages].map((stage) => {
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
      <Others title="schemes" kind="scheme" chosen={chosen} entries={schemes.map((s) => [s.id, s.title])} />
      <Others title="compounds" kind="compound" chosen={chosen} entries={compounds.map((c) => [c.name, c.name])} />
      {wanted.trim().length < 2 && (
        <p className="mt-4 text-sm text-faint">{COMPOUNDS.length} organic compounds: write two letters of a name to find one.</p>
      )}
      <Others title="reagents" kind="reagent" chosen={chosen} entries={reagents.map((r) => [r.id, r.name])} />
    </nav>
  )
}

function Others({
  title,
  kind,
  chosen,
  entries,
}: {
  readonly title: string
  readonly kind: string
  readonly chosen: string
  readonly entries: readonly (readonly [id: string, name: string])[]
}) {
  if (entries.length === 0) return null
  return (
    <section className="mt-4" aria-label={title}>
      <h2 className="text-sm text-faint">{title}</h2>
      <ul>
        {entries.map(([id, name]) => (
          <li key={id}>
            <Link
              to={`/reference/${kind}/${encodeURIComponent(id)}`}
              aria-current={id === chosen ? 'page' : undefined}
              className={`pressable flex items-center leading-tight ${id === chosen ? 'bg-press underline' : ''}`}
            >
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </section>
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
      <IonWithReagents key={ion} ion={ion} />
      {page?.shown && <h3 className="mt-8 text-2xl">In the tests</h3>}
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

function IonWithReagents({ ion }: { readonly ion: string }) {
  const rows = useReference(`with reagents ${ion}`, (worker) => worker.ionWithReagents(ion))
  const [reagent, setReagent] = useState(ion.endsWith('+') ? 'NaOH 2 M' : 'AgNO3 0.1 M')
  const strip = useReference(`titration ${ion} ${reagent}`, (worker) => worker.titration(ion, reagent))
  const [axis, setAxis] = useState<Axis>('pH')
  const fractions = useReference(`fractions ${ion} ${axis}`, (worker) => worker.fractions(ion, axis))
  return (
    <>
      <section className="mt-6">
        <h3 className="text-2xl">Drop by drop</h3>
        <Choice label="reagent" value={reagent} options={USUAL_REAGENTS} onChange={setReagent} />
        {strip ? <Strip key={`${ion} ${reagent}`} reagent={reagent} seen={strip} /> : <Working />}
      </section>
      <section className="mt-8">
        <h3 className="text-2xl">Its forms</h3>
        <Choice label="against" value={axis} options={AXES} onChange={setAxis} />
        {fractions ? <FractionChart fractions={fractions} of={ion} /> : <Working />}
        <p className="text-sm text-faint">
          Of 0.01 mol/L at 25 °C, made acid with nitric acid and alkaline with sodium hydroxide; each line a form that holds more than one part in a
          hundred; thick lines are solids.
        </p>
      </section>
      <section className="mt-8">
        <h3 className="text-2xl">With the usual reagents</h3>
        <p className="text-sm text-faint">1 mL of a 0.05 mol/L solution. A reagent’s name sets the strip above.</p>
        {rows ? <WithReagents rows={rows} by="reagent" onStrip={setReagent} /> : <Working />}
      </section>
    </>
  )
}

function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  readonly label: string
  readonly value: T
  readonly options: readonly T[]
  readonly onChange: (value: T) => void
}) {
  return (
    <label className="flex items-center gap-2 text-sm text-faint print:hidden">
      {label}
      <select
        className="h-11 border-b border-ink bg-transparent font-mono text-base text-ink"
        value={value}
        onChange={(e) => {
          const chosen = options.find((o) => o === e.target.value)
          if (chosen !== undefined) onChange(chosen)
        }}
      >
        {options.map((o) => (
          <option key={o} value={o}>
            {o}
          </option>
        ))}
      </select>
    </label>
  )
}

function ReagentPage({ id }: { readonly id: string }) {
  const reagent = REFERENCE_REAGENTS.find((r) => r.id === id)
  const rows = useReference(`reagent ${id}`, (worker) => worker.reagentWithIons(reagent?.ask ?? ''))
  return (
    <>
      <h2 className="text-3xl">{reagent?.name}</h2>
      <p className="mt-1 font-mono text-sm text-faint">
        <Formula>{reagent?.ask ?? ''}</Formula>, on 1 mL of each ion, 0.05 mol/L
      </p>
      {rows ? <WithReagents rows={rows} by="ion" /> : <Working />}
    </>
  )
}

function TestPage({ id }: { readonly id: string }) {
  const outcomes = useReference(`test ${id}`, (worker) => worker.test(id))
  const test = everyTest.get(id)
  if (!test) return null
  return (
    <>
      <h2 className="text-3xl">{test.title}</h2>
      <p className="mt-1 max-w-[65ch] leading-snug">{test.because}</p>
      <p className="mt-1 font-mono text-sm text-faint">{test.minutes} min</p>
      {test.relies && (
        <>
          <h3 className="mt-3 text-sm text-faint">It rests on</h3>
          <ul className="ml-5 list-disc leading-snug">
            {test.relies.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </>
      )}
      {cautionsOf(test).map((line) => (
        <p key={line} className="mt-2 border-l-2 border-ink pl-3 leading-snug">
          {line}
        </p>
      ))}
      {!outcomes && <Working />}
      {outcomes?.map((outcome) => (
        <section key={outcome.salts.join()} className="mt-5 border-t border-rule pt-3">
          <Looks outcome={outcome} />
          <p className="mt-2 font-serif">
            {outcome.salts.map((salt, i) => (
              <span key={salt}>
                {i > 0 && ', '}
                {organicTestById.has(id) ? <Link to={`/reference/compound/${encodeURIComponent(salt)}`}>{salt}</Link> : <Formula>{salt}</Formula>}
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
        {outcome.looks.map(({ asked, look, lines }, i) => (
          <li key={i} className="flex max-w-xs gap-3">
            <Tube picture={pictureOfLook(look)} size={64} />
            <span className="leading-snug">
              <span className="block text-sm text-faint">{asked}</span>
              {wordsOf(look)}
              {lines && <Spectroscope lines={lines} />}
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
