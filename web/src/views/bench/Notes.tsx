import type { Note } from '../../state/page'

/** What was written of a row and is no observation, with the pictures taken of it. */
export function Notes({ notes }: { readonly notes: readonly Note[] }) {
  return notes.map((note, i) => (
    <p key={i} className="text-faint">
      note: {note.text}
      {note.picture !== undefined && <img src={note.picture} alt={note.text} className="mt-1 max-h-24 border border-rule" />}
    </p>
  ))
}
