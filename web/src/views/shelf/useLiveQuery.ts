import { liveQuery } from 'dexie'
import { useEffect, useState } from 'react'

/** What a query of the device's database finds, kept up with every change in this tab or another. `of` names what the query depends on besides. */
export function useLiveQuery<T>(query: () => Promise<T>, of: string): T | null {
  const [found, setFound] = useState<T | null>(null)
  useEffect(() => {
    const subscription = liveQuery(query).subscribe(setFound)
    return () => subscription.unsubscribe()
    // The query is the same function for the same `of`.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [of])
  return found
}
