import { sayObservation, type Observation } from '@foxing/core'
import { useEffect, useRef, useState, type KeyboardEvent } from 'react'

interface Props {
  /** What the half-written line is kept under while the page is away. */
  readonly draft: string
  /** The tube written about, and what to look for; null when no test is open. */
  readonly prompt: { readonly tube: string; readonly look: string } | null
  readonly focusKey: string
  readonly canCopy: boolean
  readonly read: (line: string) => { observations: Observation[]; rest: readonly string[] }
  /** Resolves to whether it was kept: if not, it is given back to be written once more. */
  readonly onWrite: (line: string) => Promise<boolean>
  readonly onSkip: () => void
  readonly onAsSeen: () => void
  readonly picking: boolean
  /** Opens and shuts the picker; null when there is nothing to look at. */
  readonly onPick: (() => void) | null
}

/** One line to write in, read as it is typed. What is not understood is kept as a note. */
export function WritingLine({ draft, prompt, focusKey, canCopy, read, onWrite, onSkip, onAsSeen, picking, onPick }: Props) {
  const [line, setText] = useState(() => sessionStorage.getItem(`draft ${draft}`) ?? '')
  const setLine = (text: string): void => {
    setText(text)
    sessionStorage.setItem(`draft ${draft}`, text)
  }
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    // A finger would only call up the keyboard; an open menu would be shut by it.
    const choosing = document.activeElement?.closest('[role="menu"]') ?? null
    if (prompt && !picking && choosing === null) input.current?.focus()
    // Focus follows the look that is open, not every keystroke.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [focusKey])
  // Asked for a moment before the look is there, it is written when it is.
  const [awaited, setAwaited] = useState<string | null>(null)
  useEffect(() => {
    if (awaited === null || !canCopy) return
    setAwaited(null)
    if (awaited === focusKey) onAsSeen()
  }, [awaited, canCopy, focusKey, onAsSeen])
  const reading = line.trim() === '' || line.trim() === '=' ? null : read(line)
  const onKey = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.key === 'Escape') setLine('')
    if (event.key !== 'Enter') return
    event.preventDefault()
    const text = line.trim()
    setLine('')
    setAwaited(text === '=' && !canCopy ? focusKey : null)
    if (text === '=') {
      if (canCopy) onAsSeen()
    } else if (text !== '')
      void onWrite(text).then((kept) => {
        if (!kept) setLine(input.current?.value || text)
      })
    else if (prompt) onSkip()
  }
  return (
    <footer className="off-paper border-t border-ink bg-sheet px-5 py-2">
      <div className="flex flex-wrap items-center gap-x-3">
        <label htmlFor="line" className="shrink-0 font-mono text-lg text-russet">
          {prompt ? prompt.tube : 'note'} ›<span className="sr-only"> write what you see</span>
        </label>
        <input
          id="line"
          ref={input}
          value={line}
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          maxLength={400}
          onChange={(e) => setLine(e.target.value)}
          onKeyDown={onKey}
          placeholder={prompt ? `${prompt.look}${canCopy ? '   (= writes it down as seen)' : ''}` : 'a note, or begin a test first'}
          className="h-11 min-w-0 flex-1 basis-40 bg-transparent font-mono text-lg outline-none"
        />
        <div aria-live="polite" className="flex flex-wrap gap-2 max-md:order-first max-md:w-full md:max-w-[55%] md:justify-end">
          {reading?.observations.map((o, i) => (
            <span key={i} className="border border-ink px-2 py-0.5">
              {sayObservation(o)}
            </span>
          ))}
          {reading && reading.rest.length > 0 && (
            <span className="border border-dashed border-faint px-2 py-0.5 text-faint">kept as a note: {reading.rest.join(' ')}</span>
          )}
        </div>
        {onPick && (
          <button type="button" className="pressable shrink-0 border border-rule px-3" aria-pressed={picking} onClick={onPick}>
            pick
          </button>
        )}
      </div>
    </footer>
  )
}
