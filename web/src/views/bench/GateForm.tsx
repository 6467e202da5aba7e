import { NEVER_FUSED, say, type GateAnswer, type StopGate } from '@foxing/core'
import { useEffect, useRef, useState, type SyntheticEvent } from 'react'
import { Field } from '../../ui/Field'
import { Problem } from '../../ui/Problem'

interface Props {
  readonly gates: readonly StopGate[]
  readonly title: string
  readonly onOpen: (answer: GateAnswer) => void
  readonly onLeave: () => void
  /** Whether a compound may be fused, by its structure or name; the reason where it may not. */
  readonly judge: (gate: StopGate, answer: GateAnswer) => Promise<string | null>
}

/** Something to stop at: what could happen, and what has to be answered before the test is begun. */
export function GateForm({ gates, title, onOpen, onLeave, judge }: Props) {
  const [compound, setCompound] = useState('')
  const [noneOfThese, setNone] = useState(false)
  const [speckTried, setSpeck] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const heading = useRef<HTMLHeadingElement>(null)
  useEffect(() => heading.current?.focus(), [])
  const answer: GateAnswer = {
    ...(compound.trim() === '' ? {} : { compound: compound.trim() }),
    ...(noneOfThese ? { noneOfThese: true } : {}),
    ...(speckTried ? { speckTried: true } : {}),
  }
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault()
    void (async () => {
      for (const gate of gates) {
        const why = await judge(gate, answer)
        if (why !== null) {
          setProblem(
            gate.wants === 'compound' && compound.trim() !== ''
              ? `Not fused with sodium: ${why}. Zinc with sodium carbonate serves instead.`
              : `Needed first: ${why}.`,
          )
          return
        }
      }
      onOpen(answer)
    })()
  }
  return (
    <form aria-label="stop" className="off-paper mx-5 my-4 grid max-w-[75ch] gap-3 border-l-8 border-ink bg-sheet py-2 pl-5" onSubmit={submit}>
      <h3 ref={heading} tabIndex={-1} className="text-xl">
        Stop, before: {title}
      </h3>
      {gates.map((gate) => (
        <p key={gate.id}>
          <strong>{say(gate.says)}</strong> {say(gate.asks)}
        </p>
      ))}
      {gates.some((gate) => gate.wants === 'speck') && (
        <label className="flex min-h-11 items-center gap-3">
          <input type="checkbox" className="size-5" checked={speckTried} onChange={(e) => setSpeck(e.target.checked)} />I have tried a speck of it so,
          and it did nothing violent.
        </label>
      )}
      {gates.some((gate) => gate.wants === 'compound') && (
        <>
          <p>Never melted with sodium: {NEVER_FUSED.join('; ')}.</p>
          <Field
            label="the compound, by name or as SMILES, where you know it"
            value={compound}
            maxLength={400}
            onChange={(e) => setCompound(e.target.value)}
          />
          <label className="flex min-h-11 items-center gap-3">
            <input type="checkbox" className="size-5" checked={noneOfThese} onChange={(e) => setNone(e.target.checked)} />
            My instructor or the jar’s history says that it is none of these.
          </label>
        </>
      )}
      <p className="flex gap-6">
        <button type="submit" className="pressable border border-russet px-5">
          Begin it
        </button>
        <button type="button" className="pressable" onClick={onLeave}>
          leave it
        </button>
      </p>
      <Problem>{problem}</Problem>
    </form>
  )
}
