import { CLAIMS, letterOf, sayStep, everyTest, isTest, type Did, type WorksheetPart } from '@foxing/core'
import { X } from 'lucide-react'
import { useState } from 'react'
import { Chemistry, Formula } from '../../ui/Formula'

/** A step, or a test, of a part in words. */
const say = (did: Did): string => (isTest(did) ? `${everyTest.get(did.test)?.title ?? did.test}, tube ${did.on}` : sayStep(did))

interface NextProps {
  readonly parts: readonly WorksheetPart[]
  readonly done: ReadonlySet<string>
  readonly onBegin: (part: WorksheetPart, letter: string) => void
}

/** The parts of the worksheet that are still to be done, the next of them open. */
export function NextPart({ parts, done, onBegin }: NextProps) {
  const left = parts.map((part, k) => ({ part, letter: letterOf(part, k) })).filter(({ letter }) => !done.has(letter))
  const [next] = left
  if (parts.length === 0) return null
  return (
    <section aria-label="next part" className="off-paper px-5 py-4 md:pl-13">
      {next ? (
        <>
          <div className="flex items-start gap-4">
            <div className="min-w-0 flex-1">
              <h3 className="pencil text-xl">
                <span className="mr-2 font-mono">{next.letter}</span>
                {next.part.text ?? 'The next part'}
              </h3>
              <p className="pencil font-mono text-[0.94rem]">
                <Chemistry>{next.part.steps.map(say).join(' · ')}</Chemistry>
              </p>
              <p className="mt-1 text-sm text-faint">
                asks for {(next.part.asks ?? ['observation', 'conclusion']).join(', ')}
                {next.part.marks !== undefined && ` · ${next.part.marks} ${next.part.marks === 1 ? 'mark' : 'marks'}`}
              </p>
            </div>
            <button type="button" className="pressable shrink-0 border border-russet px-5 text-lg" onClick={() => onBegin(next.part, next.letter)}>
              Begin part {next.letter}
            </button>
          </div>
          {left.length > 1 && (
            <ul className="mt-2 flex flex-wrap gap-2" aria-label="parts to come">
              {left.slice(1).map(({ part, letter }) => (
                <li key={letter}>
                  <button type="button" className="pressable border border-rule px-3 font-mono" onClick={() => onBegin(part, letter)}>
                    {letter} now
                  </button>
                </li>
              ))}
            </ul>
          )}
        </>
      ) : (
        <p className="pencil">Every part is done. Until it is signed, any of them may be looked at again.</p>
      )}
    </section>
  )
}

interface ConcludeProps {
  readonly letter: string
  readonly claims: readonly { readonly id: string; readonly species: string; readonly claim: (typeof CLAIMS)[number] }[]
  /** Whether the worksheet asks for a conclusion here. */
  readonly asked: boolean
  readonly onConclude: ((species: string, claim: (typeof CLAIMS)[number]) => void) | null
  readonly onStrike: (entry: string) => void
}

/** What follows from one part: an ion, or words, and how sure; it cites the part. */
export function ConcludePart({ letter, claims, asked, onConclude, onStrike }: ConcludeProps) {
  const [species, setSpecies] = useState('')
  const [claim, setClaim] = useState<(typeof CLAIMS)[number]>('may be present')
  const text = species.trim()
  return (
    <>
      {claims.length > 0 && (
        <ul aria-label={`concluded from part ${letter}`}>
          {claims.map((c) => (
            <li key={c.id} className="flex items-baseline gap-2 font-serif leading-snug">
              <span>
                <Formula>{c.species}</Formula> {c.claim}, from {letter}
              </span>
              {onConclude && (
                <button
                  type="button"
                  className="inline-flex min-h-8 items-center"
                  onClick={() => onStrike(c.id)}
                  aria-label={`strike out ${c.species} ${c.claim}`}
                >
                  <X size={12} aria-hidden className="text-russet" />
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
      {asked && onConclude && (
        <form
          aria-label={`conclusion of part ${letter}`}
          className="off-paper mt-1 flex flex-wrap items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            if (text === '') return
            onConclude(text, claim)
            setSpecies('')
          }}
        >
          <label className="grid text-sm text-faint">
            from {letter}
            <input
              className="h-11 w-32 border-b border-ink bg-transparent font-serif text-lg text-ink"
              maxLength={80}
              value={species}
              onChange={(e) => setSpecies(e.target.value)}
            />
          </label>
          <label className="grid text-sm text-faint">
            <span className="sr-only">how sure</span>
            <select
              className="h-11 border-b border-ink bg-transparent text-ink"
              value={claim}
              onChange={(e) => setClaim(CLAIMS.find((c) => c === e.target.value) ?? 'may be present')}
            >
              {CLAIMS.map((c) => (
                <option key={c}>{c}</option>
              ))}
            </select>
          </label>
          <button type="submit" className="pressable" disabled={text === ''}>
            conclude
          </button>
        </form>
      )}
    </>
  )
}
