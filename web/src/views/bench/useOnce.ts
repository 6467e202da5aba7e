import { useEffect, useRef } from 'react'

/**
 * Lets one act through until what it wrote is on the page: what is pressed again before that was pressed once.
 * @param page what grows by the act; anything else that it grows by ends the waiting too
 * @returns what runs an act; one that wrote nothing ends the waiting as well
 */
export function useOnce(page: unknown): (act: () => Promise<readonly unknown[]>) => void {
  const busy = useRef(false)
  useEffect(() => void (busy.current = false), [page])
  return (act) => {
    if (busy.current) return
    busy.current = true
    void act().then((written) => {
      if (written.length === 0) busy.current = false
    })
  }
}
