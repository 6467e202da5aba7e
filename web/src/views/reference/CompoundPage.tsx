import { COMPOUNDS, HAZARDS, notFusable, SOURCES } from '@foxing/core'
import { useState } from 'react'
import { Formula } from '../../ui/Formula'
import { Structure } from '../../ui/Structure'
import { useReference } from '../../workers/useThought'

/** A compound of the library: what is known of it, and what is perceived of its structure, each group to be marked in the drawing. */
export function CompoundPage({ name }: { readonly name: string }) {
  const structure = useReference(`compound ${name}`, (worker) => worker.structure(name))
  const [marked, setMarked] = useState<string | null>(null)
  const compound = COMPOUNDS.find((c) => c.name === name)
  if (!compound) return null
  const { smiles, melts_C, boils_C, colour, form, smell, hazards, source } = compound
  const barred = structure ? notFusable(structure.structure) : null
  const facts: readonly (readonly [string, string])[] = [
    ['melts', melts_C === null ? 'a liquid, or without a melting point' : `${melts_C} °C`],
    ['boils', boils_C === null ? 'not distilled at 1013 hPa' : `${boils_C} °C`],
    ['looks', `${colour} ${form}`],
    ['smells', smell],
    ['SMILES', smiles],
  ]
  return (
    <>
      <h2 className="text-3xl">{name}</h2>
      <div className="mt-3 flex flex-wrap gap-8">
        <Structure name={name} group={marked} />
        <dl className="grid grid-cols-[5rem_1fr] content-start gap-x-4">
          {structure && (
            <>
              <dt className="text-faint">formula</dt>
              <dd>
                <Formula>{structure.structure.formula}</Formula>, {structure.structure.molarMass.toFixed(2)} g/mol
              </dd>
            </>
          )}
          {facts.map(([what, says]) => (
            <div key={what} className="contents">
              <dt className="text-faint">{what}</dt>
              <dd className={what === 'SMILES' ? 'font-mono break-all' : ''}>{says}</dd>
            </div>
          ))}
        </dl>
      </div>
      {hazards.length > 0 && (
        <p className="mt-3">
          <strong aria-hidden>⚠ </strong>
          <strong>{hazards.map((h) => HAZARDS[h]).join(', ')}</strong>
        </p>
      )}
      {barred !== null && <p className="mt-2 border-l-2 border-ink pl-3">Never fused with sodium: {barred}.</p>}
      {structure && (
        <>
          <h3 className="mt-5 text-sm text-faint">elements a fusion is asked about</h3>
          <p>{structure.structure.elements.join(', ') || 'none of N, S, Cl, Br, I, P'}</p>
          <h3 className="mt-4 text-sm text-faint">groups, perceived from the structure; press one to mark it</h3>
          <ul className="flex flex-wrap gap-2">
            {structure.groups.map((group) => (
              <li key={group}>
                <button
                  type="button"
                  className="pressable border border-rule px-3 aria-pressed:border-ink"
                  aria-pressed={marked === group}
                  onClick={() => setMarked(marked === group ? null : group)}
                >
                  {group}
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-6 text-sm text-faint">Constants after {SOURCES[source]}. Before use, the safety data sheet has the last word.</p>
    </>
  )
}
