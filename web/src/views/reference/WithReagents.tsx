import type { AfterDrops, WithReagent } from '@foxing/core'
import { Link } from 'react-router'
import { Formula } from '../../ui/Formula'
import { pictureOfLook, wordsOf } from '../../ui/pictures'
import { Tube } from '../../ui/Tube'

/** First drops, excess and heat side by side, a row for each reagent, or for each ion. */
export function WithReagents({
  rows,
  by,
  onStrip,
}: {
  readonly rows: readonly WithReagent[]
  readonly by: 'reagent' | 'ion'
  readonly onStrip?: (reagent: string) => void
}) {
  const seen = rows.filter((row) => row.changes)
  const quiet = rows.filter((row) => !row.changes)
  return (
    <>
      <table className="mt-2 w-full border-collapse text-left">
        <thead>
          <tr className="border-b border-ink text-sm text-faint">
            <th className="py-1 pr-4 font-normal">{by}</th>
            <th className="py-1 pr-4 font-normal">first 2 drops</th>
            <th className="py-1 pr-4 font-normal">30 drops</th>
            <th className="py-1 pr-4 font-normal">boiled</th>
          </tr>
        </thead>
        <tbody>
          {seen.map((row) => (
            <tr key={by === 'reagent' ? row.reagent : row.ion} className="break-inside-avoid border-b border-rule align-top">
              <th className="w-44 py-2 pr-4 font-serif font-normal" scope="row">
                {by === 'reagent' ? (
                  onStrip ? (
                    <button type="button" className="pressable text-left" onClick={() => onStrip(row.reagent)}>
                      <Formula>{row.reagent}</Formula>
                    </button>
                  ) : (
                    <Formula>{row.reagent}</Formula>
                  )
                ) : (
                  <Link className="pressable flex items-center hover:underline" to={`/reference/ion/${encodeURIComponent(row.ion)}`}>
                    <span>
                      <Formula>{row.ion}</Formula>
                    </span>
                  </Link>
                )}
              </th>
              <Cell seen={row.first} />
              <Cell seen={row.excess} />
              <Cell seen={row.hot} />
            </tr>
          ))}
        </tbody>
      </table>
      {quiet.length > 0 && (
        <p className="mt-3 leading-relaxed">
          <span className="text-sm text-faint">Nothing is seen with </span>
          {quiet.map((row, i) => (
            <span key={row.reagent + row.ion} className="font-serif">
              {i > 0 && ', '}
              <Formula>{by === 'reagent' ? row.reagent : row.ion}</Formula>
            </span>
          ))}
          .
        </p>
      )}
    </>
  )
}

function Cell({ seen }: { readonly seen: AfterDrops }) {
  return (
    <td className="py-2 pr-4">
      <span className="flex gap-2">
        <Tube picture={pictureOfLook(seen.look)} size={48} />
        <span className="leading-snug">
          {wordsOf(seen.look)}
          {seen.equations[0] && (
            <span className="block font-serif text-sm text-faint">
              <Formula>{seen.equations[0]}</Formula>
            </span>
          )}
        </span>
      </span>
    </td>
  )
}
