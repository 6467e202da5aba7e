import type { Entry } from '@foxing/core'
import { useEffect, useState } from 'react'
import { api, ApiError } from '../../state/api'
import type { LocalJar } from '../../state/local'
import { Formula } from '../../ui/Formula'
import { reasoner } from '../../workers/useThought'

/** A simulated jar is opened once a conclusion is on the page, or when its instructor says. */
export function Answer({ jar, entries, saved }: { readonly jar: LocalJar; readonly entries: readonly Entry[]; readonly saved: boolean }) {
  const [answer, setAnswer] = useState<{ formula: string; name: string; right: boolean | null } | null>(null)
  const [waiting, setWaiting] = useState('')
  const { id, seed, case: settings, opened } = jar
  useEffect(() => {
    if (seed !== null)
      void reasoner()
        .answer({ case: settings, entries: [...entries] }, seed)
        .then(setAnswer)
    else if (saved)
      api.answer(id).then(setAnswer, (error: unknown) => {
        setAnswer(null)
        setWaiting(error instanceof ApiError && error.status === 409 ? `${error.message}. ${error.todo}` : '')
      })
  }, [id, seed, settings, entries, saved, opened])
  if (!answer)
    return waiting === '' ? null : (
      <p role="status" className="border-b border-rule px-5 py-3 md:pl-13 text-faint first-letter:uppercase">
        {waiting}
      </p>
    )
  return (
    <p role="status" className="border-b border-rule px-5 py-3 md:pl-13 text-lg">
      {answer.right !== null && <strong>{answer.right ? 'Right. ' : 'Not so. '}</strong>}The jar held {answer.name},{' '}
      <Formula>{answer.formula}</Formula>.
    </p>
  )
}
