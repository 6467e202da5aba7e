import { useEffect } from 'react'
import { useSearchParams } from 'react-router'
import type { PageRow } from '../../state/page'

/** A wait that was pressed, here or in another view, opens its row at the look that comes after it. */
export function useWaitOver(rows: readonly PageRow[], lookAgain: (row: PageRow, look: number) => void): void {
  const [search, setSearch] = useSearchParams()
  const id = search.get('row')
  const row = rows.find((r) => r.id === id)
  useEffect(() => {
    if (!row) return
    const step = Number(search.get('step') ?? 0)
    const look = row.looks.findIndex((l) => l.place >= step)
    lookAgain(row, Math.max(0, look))
    setSearch({}, { replace: true })
    // Once for each press.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [row?.id])
}

/** Alt with a letter goes to the line, the next test or the conclusion from wherever one is. */
export function useJumps(): void {
  useEffect(() => {
    const jumps: Readonly<Record<string, string>> = {
      KeyL: '#line',
      KeyN: '[aria-label="next"] button',
      KeyC: '[aria-label="conclusion"] input',
      KeyW: '[data-wait]',
    }
    const onKey = (event: KeyboardEvent): void => {
      const target = event.altKey ? jumps[event.code] : undefined
      if (target === undefined) return
      event.preventDefault()
      const found = document.querySelector<HTMLElement>(target)
      // A wait begins at once: the tube is in the bath already.
      if (event.code === 'KeyW') found?.click()
      else found?.focus()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
