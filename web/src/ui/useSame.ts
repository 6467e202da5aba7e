import { useEffect, useRef, useState } from 'react'

/** A function that stays the same object from one drawing to the next, and does what the newest one does: for events, not for what is drawn. */
export function useSame<Arguments extends readonly unknown[], Result>(act: (...given: Arguments) => Result): (...given: Arguments) => Result {
  const newest = useRef(act)
  useEffect(() => void (newest.current = act))
  const [same] = useState(
    () =>
      (...given: Arguments): Result =>
        newest.current(...given),
  )
  return same
}
