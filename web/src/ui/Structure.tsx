import { useEffect, useState } from 'react'
import { structures } from '../workers/structures'

const WIDTH = 220
const HEIGHT = 150

/** A compound's structure as a drawing, the atoms of a group marked where one is named. Its lines take the ink of the sheet. */
export function Structure({ name, group = null }: { readonly name: string; readonly group?: string | null }) {
  const [source, setSource] = useState<string | null>(null)
  useEffect(() => {
    let wanted = true
    void structures()
      .drawing(name, WIDTH, HEIGHT, group)
      .then((svg) => {
        if (wanted && svg !== null) setSource(`data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`)
      })
    return () => {
      wanted = false
    }
  }, [name, group])
  // The place is kept while it is drawn, so that nothing below it jumps.
  return (
    <div className="structure grid h-[150px] w-[220px] place-items-center overflow-hidden">
      {source !== null && <img src={source} width={WIDTH} height={HEIGHT} alt={`structure of ${name}${group === null ? '' : `, ${group} marked`}`} />}
    </div>
  )
}
