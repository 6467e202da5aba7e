import { CircleHelp, X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { useEffect, useState } from 'react'

const KEYS: readonly (readonly [string, string])[] = [
  ['Enter', 'on Begin: start the proposed test; in the line: save what it reads'],
  ['=', 'in the line, on a simulated jar: write the look down as seen'],
  ['Enter on an empty line', 'go on to the next look'],
  ['↑ ↓', 'on Begin: choose among the tests proposed'],
  ['Esc', 'clear the line'],
  ['Alt L', 'to the writing line'],
  ['Alt N', 'to the next test proposed'],
  ['Alt C', 'to the conclusion'],
  ['Alt W', 'begin the next wait of the open test'],
  ['Alt D · Alt R · Alt B', 'neutralising: a drop more; litmus is red; litmus is blue'],
  ['?', 'this sheet'],
]

const SHORTHAND: readonly (readonly [string, string])[] = [
  ['wh curdy ppt', 'white, curdy precipitate'],
  ['sol xs NH3', 'dissolves in excess ammonia'],
  ['insol', 'does not dissolve'],
  ['no ppt', 'no precipitate'],
  ['lt blue soln', 'pale blue liquid'],
  ['red litmus -> blue', 'the paper turned'],
  ['nc', 'no change'],
  ['wh ppt ?', 'the same, unsure'],
]

/** The shortcut sheet, on `?`. */
export function Shortcuts() {
  const [open, setOpen] = useState(false)
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing = event.target instanceof HTMLInputElement && event.target.type !== 'radio' && event.target.value !== ''
      if (event.key === '?' && !typing && !event.ctrlKey) {
        event.preventDefault()
        setOpen((o) => !o)
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  return (
    <Dialog.Root open={open} onOpenChange={setOpen} modal={false}>
      <Dialog.Trigger className="pressable grid w-11 place-items-center" aria-label="keys and shorthand">
        <CircleHelp size={20} aria-hidden />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          className="fixed right-6 top-16 z-20 w-[34rem] max-w-[95vw] border border-ink bg-sheet p-6 shadow-md"
          aria-describedby={undefined}
        >
          <Dialog.Title className="text-xl">Keys and shorthand</Dialog.Title>
          <Dialog.Close className="pressable absolute right-3 top-3 grid w-11 place-items-center" aria-label="close">
            <X size={20} aria-hidden />
          </Dialog.Close>
          <dl className="mt-3 grid grid-cols-[12rem_1fr] gap-x-4 gap-y-1">
            {[...KEYS, ...SHORTHAND].map(([key, what]) => (
              <div key={key} className="contents">
                <dt className="font-mono">{key}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
