import { useLayoutEffect, useRef, useState } from 'react'

/** A function that stays the same object from one drawing to the next, and does what the newest one does: for events, not for what is drawn. */
export function useSame<Arguments extends readonly unknown[], Result>(act: (...given: Arguments) => Result): (...given: Arguments) => Result {
  const newest = useRef(act)
  // Before any effect of what is drawn within, which may call it at once.
  useLayoutEffect(() => void (newest.current = act))
  const [same] = useState(
    () =>
      (...given: Arguments): Result =>
        newest.current(...given),
  )
  return same
}
