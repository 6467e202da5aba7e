import { sayStep, SCHEMES, SOURCES, stepSchema, testById, type Separation } from '@foxing/core'
import { Link } from 'react-router'
import { Chemistry, Formula } from '../../ui/Formula'

/** A way of working: its order, what each separation rests on, where each cation goes, and what counts as seen. */
export function SchemePage({ id }: { readonly id: string }) {
  const scheme = SCHEMES.find((s) => s.id === id)
  if (!scheme) return null
  return (
    <>
      <h2 className="text-3xl">{scheme.title}</h2>
      <p className="mt-1 max-w-[65ch] leading-snug">{scheme.because}</p>
      <p className="mt-1 text-sm text-faint">
        An ion counts as confirmed after {scheme.confirmations} independent signs; a class may set another number.
      </p>
      {scheme.stages.map((stage) => (
        <section key={stage.id} className="mt-4">
          <h3 className="text-xl">{stage.title}</h3>
          <ul>
            {stage.tests.map((test) => (
              <li key={test}>
                <Link className="pressable flex items-center hover:underline" to={`/reference/test/${test}`}>
                  {testById.get(test)?.title}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ))}
      <ol>
        {scheme.separations.map((separation) => (
          <Parting key={separation.id} separation={separation} />
        ))}
      </ol>
      <p className="mt-6 text-sm text-faint">
        After {scheme.sources.map((s) => SOURCES[s]).join('; ')}. Where each cation goes is the model’s own work.
      </p>
    </>
  )
}

const Ions = ({ ions }: { readonly ions: readonly string[] }) => (
  <span className="font-serif">
    {ions.map((ion, i) => (
      <span key={ion}>
        {i > 0 && ', '}
        <Formula>{ion}</Formula>
      </span>
    ))}
  </span>
)

function Parting({ separation }: { readonly separation: Separation }) {
  const { title, on, liquid, keeps, strays, relies, cautions, because, proofs, steps } = separation
  return (
    <li className="mt-5 break-inside-avoid border-t border-rule pt-3">
      <h3 className="text-xl">{title}</h3>
      <p className="leading-snug">{because}</p>
      <ol className="mt-1 font-mono text-sm text-faint">
        {steps
          .filter((step) => step.do !== 'look' && step.do !== 'centrifuge')
          .map((step, i) => (
            <li key={i}>
              <Chemistry>{sayStep(stepSchema.parse(step)).replace(/\bthis\b/g, on)}</Chemistry>
            </li>
          ))}
      </ol>
      {keeps.length > 0 && (
        <p className="mt-1">
          <span className="text-sm text-faint">stays in {on}: </span>
          <Ions ions={keeps} />
          {liquid && <span className="text-sm text-faint"> · the rest goes on in {liquid}</span>}
        </p>
      )}
      {cautions?.map((line) => (
        <p key={line} className="text-sm font-semibold">
          {line}
        </p>
      ))}
      {relies?.map((line) => (
        <p key={line} className="text-sm">
          rests on {line}
        </p>
      ))}
      {Object.entries(strays ?? {}).map(([ion, why]) => (
        <p key={ion} className="text-sm">
          <Formula>{ion}</Formula> may stray: {why}
        </p>
      ))}
      {proofs?.map((proof, i) => (
        <p key={i} className="mt-1">
          <Ions ions={proof.ions} /> <span className="text-sm text-faint">counts as seen:</span> {proof.sign.channel.replace('.', ', ')}{' '}
          {proof.sign.values.join(' or ')}
          {proof.sign.without && `, and no ${proof.sign.without.join(' or ')}`}
        </p>
      ))}
    </li>
  )
}
