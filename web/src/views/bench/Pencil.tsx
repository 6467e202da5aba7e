import { compoundNamed, everyTest, findIon, findSalt, planOf, type Case, type Proposal } from '@foxing/core'
import { DropdownMenu } from 'radix-ui'
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type RefObject } from 'react'
import { Chemistry } from '../../ui/Formula'
import { testsByStage } from './way'
import type { Through } from '../../workers/useThought'

/** Whether somebody is in the middle of a line, or has a menu open: what is thought out meanwhile must not take the focus from under their fingers. */
const writing = (): boolean => {
  const at = document.activeElement
  return (at instanceof HTMLInputElement && at.value !== '') || document.querySelector('[role="menu"]') !== null
}

/** Puts the focus on what is asked for next; who is writing is left alone until they are done with their line. */
function useFocusNext(target: RefObject<HTMLElement | null>, wanted: boolean, asked: unknown): void {
  useEffect(() => {
    if (!wanted) return
    if (!writing()) {
      target.current?.focus()
      return
    }
    const whenDone = (event: globalThis.KeyboardEvent): void => {
      if ((event.key !== 'Enter' && event.key !== 'Escape') || writing()) return
      document.removeEventListener('keyup', whenDone)
      target.current?.focus()
    }
    document.addEventListener('keyup', whenDone)
    return () => document.removeEventListener('keyup', whenDone)
  }, [target, wanted, asked])
}

const COMPLETE: Readonly<Record<Through, string>> = {
  'not yet': 'No test of this scope would tell more. Write your conclusion below.',
  meanwhile:
    'No test of this scope would tell more. All of it is being thought through once more, a minute or a few, and what it is taken to hold may change; then the conclusion is asked for. Write one below if you know better.',
  done: 'No test of this scope would tell more, and all of it was thought through once more. Write your conclusion below.',
}

interface Props {
  readonly proposals: readonly Proposal[]
  readonly complete: boolean
  /** The proposals are being worked out. */
  readonly thinking: boolean
  /** A mixture that would be left: whether it was thought through once more. */
  readonly through: Through
  readonly of: Case
  readonly done: ReadonlySet<string>
  readonly focus: boolean
  readonly onBegin: (test: string) => void
}

/** What might be done next, in pencil: the one worth most first, the others a key away. */
export function Pencil({ proposals, complete, thinking, through, of, done, focus, onBegin }: Props) {
  const [at, setAt] = useState(0)
  const begin = useRef<HTMLButtonElement>(null)
  const chosen = proposals[Math.min(at, proposals.length - 1)]
  useEffect(() => setAt(0), [proposals])
  useFocusNext(begin, focus && chosen !== undefined, chosen)
  const onKey = (event: KeyboardEvent): void => {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return
    event.preventDefault()
    setAt((k) => Math.max(0, Math.min(proposals.length - 1, k + (event.key === 'ArrowDown' ? 1 : -1))))
  }
  return (
    // Room for a proposal, so that what is thought of later moves nothing.
    <section aria-label="next" className={`off-paper px-5 py-4 ${chosen || thinking ? 'md:min-h-43' : ''}`}>
      {/* One menu throughout: advice that arrives while it is open must not shut it. */}
      <div className={`flex gap-4 ${chosen ? 'items-start' : 'items-center'}`}>
        <div className="md:ml-8 min-w-0 flex-1">
          {chosen ? (
            <>
              <h3 className="pencil text-xl">{chosen.title}</h3>
              <p className="pencil max-w-[60ch] leading-snug">
                <Chemistry>{chosen.because}</Chemistry>
              </p>
              <p className="mt-1 font-mono text-sm text-faint">
                {chosen.minutes} min · {chosen.bits >= 0.005 ? `worth ${chosen.bits.toFixed(1)} bits` : 'for proof'}
                {proposals.length > 1 && ` · ${Math.min(at, proposals.length - 1) + 1} of ${proposals.length}, ↑ ↓ for others`}
              </p>
            </>
          ) : (
            <p className="pencil">{complete ? COMPLETE[through] : thinking ? 'Working out what to do next…' : 'Choose the next test yourself.'}</p>
          )}
        </div>
        {chosen && (
          <button
            ref={begin}
            type="button"
            className="pressable shrink-0 border border-russet px-5 text-lg"
            onClick={() => onBegin(chosen.test)}
            onKeyDown={onKey}
          >
            Begin
          </button>
        )}
        <OtherTests of={of} done={done} onBegin={onBegin} label={chosen || complete ? 'another test' : 'choose a test'} />
      </div>
      {proposals.length > 1 && <Ahead proposals={proposals} />}
    </section>
  )
}

/** Tests that a plan looks ahead to. */
const AHEAD = 5
const WORKING = { hands: 'hands', burner: 'on the burner', wait: 'stands' } as const

/** The next proposals laid out on one pair of hands, waits overlapped, with the burners there are. */
function Ahead({ proposals }: { readonly proposals: readonly Proposal[] }) {
  const [burners, setBurners] = useState(1)
  const tests = useMemo(() => proposals.slice(0, AHEAD).flatMap(({ test }) => everyTest.get(test) ?? []), [proposals])
  const plan = useMemo(() => planOf(tests, { hands: 1, burners }), [tests, burners])
  return (
    <details className="mt-3 md:ml-8">
      <summary className="min-h-8 cursor-pointer text-sm text-faint">
        the next {tests.length} together: {Math.round(plan.finish_min)} min
        {Math.round(plan.finish_min) < Math.round(plan.inTurn_min) && `, waits overlapped; ${Math.round(plan.inTurn_min)} one after another`}
      </summary>
      <label className="flex items-center gap-2 text-sm">
        burners
        <input
          type="number"
          min={1}
          max={6}
          value={burners}
          className="h-11 w-16 border-b border-ink bg-transparent font-mono"
          onChange={(e) => setBurners(Math.max(1, Math.min(6, Math.round(Number(e.target.value)) || 1)))}
        />
      </label>
      <ol className="text-sm">
        {plan.timeline.map((t, k) => (
          <li key={k} className="flex gap-3 leading-6">
            <span className="w-24 shrink-0 text-right font-mono">
              {t.from_min.toFixed(1)}–{t.to_min.toFixed(1)}
            </span>
            <span className="w-24 shrink-0 text-faint">{WORKING[t.what]}</span>
            <span>{everyTest.get(t.test)?.title}</span>
          </li>
        ))}
      </ol>
    </details>
  )
}

/** Every test of the case, under the stages of its course; a letter typed goes to the next that begins with it. */
function OtherTests({
  of,
  done,
  onBegin,
  label,
}: {
  readonly of: Case
  readonly done: ReadonlySet<string>
  readonly onBegin: (test: string) => void
  readonly label?: string
}) {
  const stages = useMemo(() => testsByStage(of), [of])
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="pressable shrink-0">{label}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          className="z-10 max-h-(--radix-dropdown-menu-content-available-height) w-96 overflow-auto border border-ink bg-sheet pb-1 shadow-md"
        >
          {stages.map(({ title, tests }) => (
            <DropdownMenu.Group key={title}>
              <DropdownMenu.Label className="sticky top-0 border-b border-rule bg-sheet px-4 py-1 font-serif text-sm text-faint">
                {title}
              </DropdownMenu.Label>
              {tests.map((test) => (
                <DropdownMenu.Item
                  key={test.id}
                  className="flex min-h-11 cursor-pointer items-center gap-3 px-4 outline-none data-[highlighted]:bg-press"
                  onSelect={() => onBegin(test.id)}
                >
                  <span className="flex-1">{test.title}</span>
                  {done.has(test.id) && <span className="text-sm text-faint">done</span>}
                </DropdownMenu.Item>
              ))}
            </DropdownMenu.Group>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

interface ConcludeProps {
  /** A salt is concluded by its formula, a mixture ion by ion, an organic compound by name. */
  readonly kind: Case['kind']
  readonly suggested: string | undefined
  readonly focus: boolean
  readonly onConclude: (claims: readonly string[], claim: 'present' | 'confirmed') => void
}

/** What is claimed in a line: a salt, or ions one beside another; null with what could not be read. */
function claimsIn(text: string, kind: Case['kind']): { readonly claims: readonly string[] } | { readonly unknown: string } {
  const known = (find: () => string | undefined): string | undefined => {
    try {
      return find()
    } catch {
      return undefined
    }
  }
  // A compound that is in no library is claimed in its own words.
  if (kind === 'organic') return text === '' ? { unknown: text } : { claims: [compoundNamed(text)?.name ?? text] }
  if (kind === 'salt') {
    const salt = known(() => findSalt(text)?.id)
    return salt === undefined ? { unknown: text } : { claims: [salt] }
  }
  const words = text.split(/[\s,;]+/).filter((word) => word !== '')
  const ions = words.map((word) => known(() => findIon(word)))
  const unknown = words.find((_, k) => ions[k] === undefined)
  return unknown === undefined && ions.length > 0 ? { claims: ions.flatMap((ion) => ion ?? []) } : { unknown: unknown ?? text }
}

/** The last row: the salt by its formula, or the ions of a mixture, and how sure. */
const WRONG: Readonly<Record<Case['kind'], (text: string) => string>> = {
  salt: (text) => `“${text}” is not a salt in scope. Write its formula, with the water: Na2SO4.10H2O.`,
  mixture: (text) => `“${text}” is not an ion in scope. Write the ions one beside another: Cu^2+ Fe^3+ SO4^2-.`,
  organic: () => 'Write the name of the compound, or what groups it holds.',
}
const WANTED: Readonly<Record<Case['kind'], string>> = { salt: 'formula', mixture: 'ions', organic: 'name' }

export function Conclude({ kind, suggested, focus, onConclude }: ConcludeProps) {
  const [formula, setFormula] = useState('')
  const [claim, setClaim] = useState<'present' | 'confirmed'>('present')
  const [problem, setProblem] = useState<string | null>(null)
  const input = useRef<HTMLInputElement>(null)
  useFocusNext(input, focus, null)
  const conclude = (): void => {
    const text = formula.trim() || suggested || ''
    const read = claimsIn(text, kind)
    if ('unknown' in read) {
      setProblem(WRONG[kind](read.unknown))
      return
    }
    setProblem(null)
    onConclude(read.claims, claim)
  }
  return (
    <form
      aria-label="conclusion"
      className="off-paper flex flex-wrap items-end gap-x-5 gap-y-1 border-t border-rule px-5 py-4 md:pl-13"
      onSubmit={(e) => {
        e.preventDefault()
        conclude()
      }}
    >
      <label className="grid gap-1 text-sm text-faint">
        the jar holds
        <input
          ref={input}
          className={`h-11 ${kind === 'salt' ? 'w-60' : 'w-96'} border-b border-ink bg-transparent font-serif text-xl text-ink`}
          value={formula}
          placeholder={suggested ?? WANTED[kind]}
          onChange={(e) => setFormula(e.target.value)}
        />
      </label>
      <fieldset className="flex gap-4">
        <legend className="text-sm text-faint">claim</legend>
        {(['present', 'confirmed'] as const).map((c) => (
          <label key={c} className="flex min-h-11 items-center gap-2">
            <input type="radio" name="claim" className="size-4 accent-russet" checked={claim === c} onChange={() => setClaim(c)} /> {c}
          </label>
        ))}
      </fieldset>
      <button type="submit" className="pressable border border-russet px-5">
        Conclude
      </button>
      {problem && (
        <p role="alert" className="basis-full">
          {problem}
        </p>
      )}
    </form>
  )
}
