import { useState } from 'react'
import { useOwnCompounds } from '../../state/compounds'
import { reasoner } from '../../workers/useThought'

const asNumber = (text: string): number | null => (text.trim() === '' || !Number.isFinite(Number(text)) ? null : Number(text))

/** Compounds of one's own that an organic jar may hold: a name, its structure, and a constant where it is known. */
export function OwnCompounds() {
  const { list, add, remove } = useOwnCompounds()
  const [name, setName] = useState('')
  const [smiles, setSmiles] = useState('')
  const [melts, setMelts] = useState('')
  const [boils, setBoils] = useState('')
  const [problem, setProblem] = useState('')
  const [reading, setReading] = useState(false)
  const take = async (): Promise<void> => {
    setReading(true)
    const wrong = await reasoner()
      .readable(smiles.trim())
      .then((wanted) => wanted && `it cannot be read. Wanted is ${wanted}`)
      .catch(() => 'what reads structures could not be loaded; try again when the connection is back')
    setReading(false)
    if (wrong !== null) {
      setProblem(`“${smiles}” was not added: ${wrong}.`)
      return
    }
    add({ name: name.trim(), smiles: smiles.trim(), melts_C: asNumber(melts), boils_C: asNumber(boils) })
    for (const clear of [setName, setSmiles, setMelts, setBoils, setProblem]) clear('')
  }
  const fields = [
    ['name', name, setName, 'w-full'],
    ['structure, as SMILES', smiles, setSmiles, 'w-full font-mono'],
    ['melts, °C', melts, setMelts, 'w-20 font-mono'],
    ['boils, °C', boils, setBoils, 'w-20 font-mono'],
  ] as const
  return (
    <details className="mt-4 px-1">
      <summary className="min-h-8 cursor-pointer text-sm text-faint">compounds of your own{list.length > 0 && `: ${list.length}`}</summary>
      <ul>
        {list.map((c) => (
          <li key={c.name} className="flex items-baseline justify-between gap-2">
            <span className="font-serif">{c.name}</span>
            <button type="button" className="pressable text-sm" onClick={() => remove(c.name)} aria-label={`take ${c.name} off the list`}>
              take off
            </button>
          </li>
        ))}
      </ul>
      <form
        aria-label="a compound of your own"
        className="mt-1 flex flex-wrap gap-x-4 gap-y-1"
        onSubmit={(e) => {
          e.preventDefault()
          void take()
        }}
      >
        {fields.map(([label, value, set, width]) => (
          <label key={label} className={`grid text-sm text-faint ${width.startsWith('w-full') ? 'w-full' : ''}`}>
            {label}
            <input
              className={`h-11 border-b border-ink bg-transparent text-base text-ink ${width}`}
              value={value}
              maxLength={400}
              onChange={(e) => set(e.target.value)}
            />
          </label>
        ))}
        <button type="submit" className="pressable" disabled={reading || name.trim() === '' || smiles.trim() === ''}>
          {reading ? 'reading it…' : 'may be in the jar'}
        </button>
        {problem !== '' && (
          <p role="alert" className="basis-full">
            {problem}
          </p>
        )}
      </form>
    </details>
  )
}
