import type { AfterDrops } from '@foxing/core'
import { useState } from 'react'
import { Formula } from '../../ui/Formula'
import { pictureOfLook, wordsOf } from '../../ui/pictures'
import { Tube } from '../../ui/Tube'

/** A titration as a row of tubes: drag, or use the arrow keys, to go through it drop by drop. */
export function Strip({ reagent, seen }: { readonly reagent: string; readonly seen: readonly AfterDrops[] }) {
  const [at, setAt] = useState(0)
  const now = seen[Math.min(at, seen.length - 1)]
  if (!now) return null
  const shown = seen.filter((s) => s.drops % 3 === 0)
  return (
    <div className="mt-2">
      <div className="flex items-start gap-6">
        <Tube picture={pictureOfLook(now.look)} size={120} />
        <div className="min-h-32 flex-1 leading-snug">
          <p className="font-mono text-sm text-faint">
            {now.drops} drops of <Formula>{reagent}</Formula>
            {now.pH !== null && `, pH ${now.pH.toFixed(1)}`}
          </p>
          <p className="text-lg">{wordsOf(now.look)}</p>
          {now.equations.map((equation) => (
            <p key={equation} className="font-serif">
              <Formula>{equation}</Formula>
            </p>
          ))}
        </div>
      </div>
      <label className="mt-2 block text-sm text-faint">
        drops
        <input
          type="range"
          className="block h-11 w-full accent-(--color-russet)"
          min={0}
          max={seen.length - 1}
          value={at}
          aria-valuetext={`${now.drops} drops: ${wordsOf(now.look)}`}
          onChange={(e) => setAt(Number(e.target.value))}
        />
      </label>
      <ol className="flex justify-between" aria-hidden="true">
        {shown.map((s) => (
          <li key={s.drops} className={s.drops === now.drops ? 'border-b-2 border-ink' : 'border-b-2 border-transparent'}>
            <Tube picture={pictureOfLook(s.look)} size={40} />
            <span className="block text-center font-mono text-xs text-faint">{s.drops}</span>
          </li>
        ))}
      </ol>
    </div>
  )
}
