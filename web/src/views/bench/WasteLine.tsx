import { WASTE_CARES, type WorkWaste } from '@foxing/core'
import { useEffect, useState } from 'react'
import type { PageRow } from '../../state/page'

/** Where what is left of a row goes, and what is done with it first. */
export function WasteLine({ row, wasteOf }: { readonly row: PageRow; readonly wasteOf: (entries: readonly string[]) => Promise<WorkWaste | null> }) {
  const [waste, setWaste] = useState<WorkWaste | null>(null)
  const entries = row.entries.join(' ')
  useEffect(() => {
    let here = true
    wasteOf(entries.split(' ')).then(
      (told) => {
        if (here) setWaste(told)
      },
      () => undefined,
    )
    return () => {
      here = false
    }
  }, [entries, wasteOf])
  // The line has its place before it is known, so that nothing moves when it comes.
  return (
    <p className="md:ml-8 mt-3 min-h-5 text-sm text-faint">
      {waste &&
        (waste.jar === 'nothing' ? (
          'Nothing is left that needs a jar.'
        ) : (
          <>
            What is left goes to: <strong className="font-semibold">{waste.jar}</strong>
            {waste.perhaps && ', for what the sample may hold'}.{waste.first.map((care) => ` ${sentence(WASTE_CARES[care])}`)}
            {waste.noAcid && ' No acid to it.'}
          </>
        ))}
    </p>
  )
}

const sentence = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`
