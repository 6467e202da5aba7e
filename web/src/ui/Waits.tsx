import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { clock, useWaits } from '../state/waits'

/** The time, every second, as long as somebody waits. */
export function useNow(running: boolean): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (!running) return
    setNow(Date.now())
    const tick = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(tick)
  }, [running])
  return now
}

/** What boils and what stands, soonest first; what is over says what to look at. */
export function Waits() {
  const { list, more, end } = useWaits()
  const now = useNow(list.length > 0)
  const over = list.filter((w) => w.until <= now)
  const title = over[0] ? `${over[0].tube}: look · ` : ''
  useEffect(() => {
    const plain = document.title.replace(/^.*?: look · /, '')
    document.title = title + plain
    // Every second anew: a view that opens meanwhile names itself.
  }, [title, now])
  if (list.length === 0) return null
  return (
    <section aria-label="waits" className="off-paper flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-rule bg-sheet px-5 py-1">
      {list.map((w) => {
        const done = w.until <= now
        const where = `/jar/${w.jar}?row=${w.row}&step=${w.step}`
        return (
          <div key={w.id} className={`flex min-h-11 items-center gap-3 ${done ? 'border-l-4 border-ink pl-3' : ''}`}>
            <Link to={where} className="flex items-baseline gap-2 hover:underline">
              <span className="font-mono text-lg">{w.tube}</span>
              <span>{w.code}</span>
              {done ? (
                <strong>
                  {w.doing} is over: {w.lookFor}
                </strong>
              ) : (
                <>
                  <span>{w.doing}</span>
                  <span className="font-mono text-lg" role="timer">
                    {clock(w.until - now)}
                  </span>
                </>
              )}
            </Link>
            {done && (
              <button type="button" className="pressable" onClick={() => more(w.id)} aria-label={`one more minute for ${w.tube}`}>
                1 min more
              </button>
            )}
            <button type="button" className="pressable" onClick={() => end(w.id)} aria-label={`${done ? 'looked at' : 'stop the wait of'} ${w.tube}`}>
              {done ? 'looked' : 'stop'}
            </button>
          </div>
        )
      })}
      <p aria-live="assertive" className="sr-only">
        {over.map((w) => `${w.tube}: ${w.doing} is over. Look at ${w.lookFor}.`).join(' ')}
      </p>
    </section>
  )
}
