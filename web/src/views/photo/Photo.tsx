import {
  asAmended,
  cardProblem,
  correctedColour,
  farApart,
  patchOf,
  PICTURES,
  sayObservation,
  type CandidateColour,
  type Pictured,
  type Pixel,
} from '@foxing/core'
import { useEffect, useRef, useState, type KeyboardEvent } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { useNotebook } from '../../state/notebook'
import { Formula } from '../../ui/Formula'
import { Frame } from '../../ui/Frame'
import { reasoner } from '../../workers/useThought'
import { asSmallPicture, MOST_PIXELS } from './picture'

/** Half the side of a patch, pixels of the drawn picture. */
const HALF = 6
const MARKS = ['white card', 'what it is of'] as const
type Mark = (typeof MARKS)[number]
interface Place {
  readonly x: number
  readonly y: number
}
const START: Readonly<Record<Mark, Place>> = { 'white card': { x: 0.2, y: 0.5 }, 'what it is of': { x: 0.6, y: 0.5 } }

/** A picture of a tube, bead, residue or flame: a white card and the sample are marked on it, and the colour is read off as by daylight. Works without the server. */
export function Photo() {
  const { id = '' } = useParams()
  // The observation it is a picture of, where one was pointed at.
  const [query] = useSearchParams()
  const about = query.get('of')
  const { jar, entries, unkept, open, close, write } = useNotebook()
  useEffect(() => void open(id), [id, open])
  useEffect(() => close, [close])
  useEffect(() => {
    document.title = 'Colour from a picture · Foxing'
  }, [])
  const canvas = useRef<HTMLCanvasElement>(null)
  const [size, setSize] = useState<{ width: number; height: number } | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const [places, setPlaces] = useState(START)
  const [active, setActive] = useState<Mark>('white card')
  const [of, setOf] = useState<Pictured>('its solution')
  const [read, setRead] = useState<{ white: Pixel; sample: Pixel } | null>(null)
  const [kept, setKept] = useState<string | null>(null)
  const hinted = jar?.case.hints === 'open'

  const take = async (file: File | undefined): Promise<void> => {
    const target = canvas.current
    if (!file || !target) return
    setKept(null)
    try {
      const bitmap = await createImageBitmap(file)
      const scale = Math.min(1, Math.sqrt(MOST_PIXELS / (bitmap.width * bitmap.height)))
      target.width = Math.max(1, Math.round(bitmap.width * scale))
      target.height = Math.max(1, Math.round(bitmap.height * scale))
      target.getContext('2d', { willReadFrequently: true })?.drawImage(bitmap, 0, 0, target.width, target.height)
      bitmap.close()
      setSize({ width: target.width, height: target.height })
      setProblem(null)
    } catch {
      setProblem('This file is no picture that can be read here. Choose a JPEG, PNG or WebP; what was written is kept.')
    }
  }
  useEffect(() => {
    const context = canvas.current?.getContext('2d', { willReadFrequently: true })
    if (!context || !size) return
    const patch = ({ x, y }: Place): Pixel => {
      const left = Math.round(Math.min(size.width - 1, Math.max(0, x * size.width - HALF)))
      const top = Math.round(Math.min(size.height - 1, Math.max(0, y * size.height - HALF)))
      const { data } = context.getImageData(left, top, Math.min(2 * HALF, size.width - left), Math.min(2 * HALF, size.height - top))
      return patchOf(Array.from({ length: data.length / 4 }, (_, n): Pixel => [data[4 * n] ?? 0, data[4 * n + 1] ?? 0, data[4 * n + 2] ?? 0]))
    }
    setRead({ white: patch(places['white card']), sample: patch(places['what it is of']) })
  }, [size, places])

  const cardFault = read ? cardProblem(read.white) : null
  const found = read && !cardFault ? correctedColour(read.sample, read.white, of === 'its solution') : null
  const candidates = useCandidates(hinted && found ? of : null, jar?.case, entries)

  const put = (x: number, y: number): void => setPlaces({ ...places, [active]: { x: Math.min(1, Math.max(0, x)), y: Math.min(1, Math.max(0, y)) } })
  const move = (e: KeyboardEvent): void => {
    const step = e.shiftKey ? 0.05 : 0.01
    const { x, y } = places[active]
    const to = { ArrowLeft: [x - step, y], ArrowRight: [x + step, y], ArrowUp: [x, y - step], ArrowDown: [x, y + step] }[e.key]
    if (!to) return
    e.preventDefault()
    put(to[0] ?? x, to[1] ?? y)
  }
  const keep = (says: string): void => {
    const target = canvas.current
    if (!target) return
    const picture = asSmallPicture(target)
    void write([{ note: `picture of ${of}${says}`, ...(about === null ? {} : { about }), ...(picture ? { picture } : {}) }]).then((written) => {
      if (written.length > 0) setKept(picture ? 'Written, with the picture.' : 'Written; the picture itself is too large to keep.')
    })
  }
  const seen = asAmended({ entries: [...entries] }).find(({ entry }) => entry.id === about)?.entry
  return (
    <Frame about={<h1 className="text-xl">Colour from a picture{jar ? ` · ${jar.code}` : ''}</h1>}>
      <main className="flex min-h-0 flex-1 flex-wrap gap-8 overflow-auto bg-sheet px-8 py-6">
        <section className="min-w-80 flex-1">
          {seen && 'saw' in seen && <p className="mb-3">Goes with what was written: {sayObservation(seen.saw)}.</p>}
          <label className="grid gap-1 text-sm text-faint">
            picture with a white card in it, taken or chosen
            <input
              type="file"
              accept="image/*"
              capture="environment"
              className="h-11 text-base text-ink"
              onChange={(e) => void take(e.target.files?.[0])}
            />
          </label>
          {[problem, unkept && `${unkept.message}. ${unkept.todo}`].map(
            (wrong) =>
              wrong && (
                <p key={wrong} role="alert" className="mt-2">
                  {wrong}
                </p>
              ),
          )}
          <fieldset className={`mt-3 flex flex-wrap gap-x-6 ${size ? '' : 'hidden'}`}>
            <legend className="text-sm text-faint">the mark that a touch, a click or the arrow keys move</legend>
            {MARKS.map((mark) => (
              <label key={mark} className="flex h-11 items-center gap-2">
                <input type="radio" name="mark" checked={active === mark} onChange={() => setActive(mark)} />
                {mark}
              </label>
            ))}
          </fieldset>
          <div className={`relative mt-2 max-w-full ${size ? 'inline-block' : 'hidden'}`}>
            <canvas
              ref={canvas}
              role="img"
              tabIndex={0}
              aria-label={`the picture; arrow keys move the mark on ${active}`}
              className="max-h-[60vh] max-w-full touch-none"
              onKeyDown={move}
              onPointerDown={(e) => {
                const box = e.currentTarget.getBoundingClientRect()
                put((e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height)
              }}
            />
            {MARKS.map((mark) => (
              <span
                key={mark}
                aria-hidden
                className="pointer-events-none absolute grid h-6 w-6 -translate-x-1/2 -translate-y-1/2 place-items-center border-2 border-black bg-white/60 text-sm text-black"
                style={{ left: `${100 * places[mark].x}%`, top: `${100 * places[mark].y}%` }}
              >
                {mark === 'white card' ? 'w' : 's'}
              </span>
            ))}
          </div>
          {!size && (
            <p className="mt-4 max-w-[60ch] leading-relaxed text-faint">
              Lay a white card beside the tube, in the same light, and take both into the picture. Nothing leaves this device until it is written into
              the notebook, and then only a small copy without place or time in it.
            </p>
          )}
        </section>
        <aside className="w-96 shrink-0" aria-live="polite">
          <label className="grid gap-1 text-sm text-faint">
            it is a picture of
            <select
              className="h-11 border-b border-ink bg-transparent text-base text-ink"
              value={of}
              onChange={(e) => {
                const chosen = PICTURES.find((p) => p === e.target.value)
                if (chosen) setOf(chosen)
              }}
            >
              {PICTURES.map((p) => (
                <option key={p}>{p}</option>
              ))}
            </select>
          </label>
          {cardFault && (
            <p role="alert" className="mt-4">
              {cardFault}
            </p>
          )}
          {found && (
            <>
              <p className="mt-4 flex items-center gap-4">
                <span className="h-16 w-16 border border-rule" style={{ background: found.hex }} />
                <span>
                  <strong className="block text-2xl">{found.name}</strong>
                  <span className="font-mono text-sm text-faint">{found.hex}, as by daylight</span>
                </span>
              </p>
              <button className="pressable mt-3" onClick={() => keep(`: ${found.name} (${found.hex}), corrected on a white card`)}>
                Write it into the notebook
              </button>
              {candidates.length > 0 && <Distances candidates={candidates} hex={found.hex} of={of} />}
            </>
          )}
          {read && (
            <p>
              <button className="pressable" onClick={() => keep('')}>
                Keep the picture alone, without its colour
              </button>
            </p>
          )}
          {kept && (
            <p role="status" className="text-sm text-faint">
              {kept}
            </p>
          )}
          <p className="mt-6">
            <Link className="pressable" to={`/jar/${id}`}>
              Back to the bench
            </Link>
          </p>
        </aside>
      </main>
    </Frame>
  )
}

function Distances({ candidates, hex, of }: { readonly candidates: readonly CandidateColour[]; readonly hex: string; readonly of: string }) {
  const ranked = candidates.map((c) => ({ ...c, far: farApart(hex, c.colour.hex) })).sort((a, b) => a.far.difference - b.far.difference)
  return (
    <table className="mt-5 w-full border-collapse text-left">
      <caption className="pb-1 text-left text-sm text-faint">
        how far from what each salt in contention would show ({of}); difference as eyes see it, CIEDE2000
      </caption>
      <tbody>
        {ranked.map((c) => (
          <tr key={c.formula} className="border-t border-rule">
            <td className="py-1 font-serif">
              <Formula>{c.formula}</Formula>
            </td>
            <td className="py-1">
              <span className="mr-2 inline-block h-4 w-4 border border-rule align-middle" style={{ background: c.colour.hex }} />
              {c.colour.name}
            </td>
            <td className="py-1 text-right font-mono">{c.far.difference.toFixed(0)}</td>
            <td className="py-1 pl-3">{c.far.says}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

type Asked = Parameters<ReturnType<typeof reasoner>['candidateColours']>[0]
function useCandidates(
  of: Pictured | null,
  notebookCase: Asked['case'] | undefined,
  entries: Asked['entries'] | readonly Asked['entries'][number][],
): readonly CandidateColour[] {
  const [found, setFound] = useState<readonly CandidateColour[]>([])
  useEffect(() => {
    let stale = false
    if (of && notebookCase)
      void reasoner()
        .candidateColours({ case: notebookCase, entries: [...entries] }, of)
        .then((given) => {
          if (!stale) setFound(given)
        })
    else setFound([])
    return () => {
      stale = true
    }
  }, [of, notebookCase, entries])
  return found
}
