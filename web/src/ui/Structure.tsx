import { useEffect, useState } from 'react'
import { structures } from '../workers/structures'

const WIDTH = 220
const HEIGHT = 130

/** A compound's structure as a drawing. Its lines take the ink of the sheet. */
export function Structure({ name }: { readonly name: string }) {
  const [source, setSource] = useState<string | null>(null)
  useEffect(() => {
    let wanted = true
    void structures()
      .drawing(name, WIDTH, HEIGHT)
      .then((svg) => {
        if (wanted && svg !== null) setSource(`data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`)
      })
    return () => {
      wanted = false
    }
  }, [name])
  // The place is kept while it is drawn, so that nothing below it jumps.
  return (
    <div className="structure grid h-[130px] place-items-center">
      {source !== null && <img src={source} width={WIDTH} height={HEIGHT} alt={`structure of ${name}`} />}
    </div>
  )
}
