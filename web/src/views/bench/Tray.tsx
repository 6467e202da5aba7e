import {
  findSolvent,
  INERT_SOLIDS,
  PAPERS,
  REAGENTS,
  sayStep,
  SOLVENTS,
  stepSchema,
  type ProcedureContext,
  type Step,
  type StepInput,
} from '@foxing/core'
import { useMemo, useState } from 'react'
import { freeTube } from './useOwnSteps'

interface Props {
  readonly hand: ProcedureContext
  /** Does a step. */
  readonly onDo: (step: Step) => void
  readonly onClose: () => void
}

/** An amount that may be tapped. */
type Amount =
  | { readonly drops: number }
  | { readonly mL: number }
  | { readonly mg: number }
  | { readonly until: NonNullable<Extract<StepInput, { do: 'add' }>['until']> }
const LIQUID_AMOUNTS: readonly (readonly [string, Amount])[] = [
  ['1 drop', { drops: 1 }],
  ['3 drops', { drops: 3 }],
  ['5 drops', { drops: 5 }],
  ['10 drops', { drops: 10 }],
  ['1 mL', { mL: 1 }],
  ['2 mL', { mL: 2 }],
  ['to excess', { until: 'excess' }],
  ['until just basic', { until: 'just-basic' }],
  ['until just acid', { until: 'just-acidic' }],
  ['until it dissolves', { until: 'dissolved' }],
  ['until no more gas', { until: 'no-more-gas' }],
  ['until nothing more comes down', { until: 'no-more-precipitate' }],
]
const SOLID_AMOUNTS: readonly (readonly [string, Amount])[] = [
  ['a speck', { mg: 10 }],
  ['a pinch', { mg: 50 }],
  ['0.1 g', { mg: 100 }],
]

/** What hands do besides pouring, each with the choices it has. */
function doings(
  tube: string,
  half: number,
  free: string,
  stock: string,
  isDry: boolean,
): readonly { readonly label: string; readonly choices: readonly (readonly [string, StepInput])[] }[] {
  const timed = (doing: 'warm' | 'boil' | 'stand' | 'shake', ...minutes: number[]): (readonly [string, StepInput])[] =>
    minutes.map((n) => [`${n} min`, { do: doing, vessel: tube, minutes: n }])
  return [
    {
      label: 'take',
      choices: [
        ['0.5 mL', { do: 'take', into: free, from: stock, mL: 0.5 }],
        ['1 mL', { do: 'take', into: free, from: stock, mL: 1 }],
        ['2 mL', { do: 'take', into: free, from: stock, mL: 2 }],
        ...(isDry
          ? ([
              ['a speck of the solid', { do: 'take', into: free, mg: 10 }],
              ['a pinch of the solid', { do: 'take', into: free, mg: 50 }],
            ] as const)
          : []),
      ],
    },
    { label: 'warm', choices: timed('warm', 1, 3, 10) },
    { label: 'boil', choices: timed('boil', 1, 3, 5) },
    { label: 'shake', choices: timed('shake', 1) },
    { label: 'stand', choices: timed('stand', 2, 5, 15) },
    {
      label: 'cool',
      choices: [
        ['under the tap', { do: 'cool', vessel: tube, to: 'room' }],
        ['in ice', { do: 'cool', vessel: tube, to: 'ice' }],
      ],
    },
    {
      label: 'part',
      choices: [
        [`spin, liquid to ${free}`, { do: 'centrifuge', vessel: tube, liquidInto: free }],
        [`filter, filtrate to ${free}`, { do: 'filter', vessel: tube, liquidInto: free }],
      ],
    },
    {
      label: 'wash',
      choices: [
        ['1 mL water', { do: 'wash', vessel: tube }],
        ['1 mL hot water', { do: 'wash', vessel: tube, hot: true }],
      ],
    },
    { label: 'split', choices: [[`half to ${free}`, { do: 'take', into: free, from: tube, mL: half, upTo: true }]] },
    {
      label: 'boil down',
      choices: [
        ['to half', { do: 'concentrate', vessel: tube, toFraction: 0.5 }],
        ['to a third', { do: 'concentrate', vessel: tube, toFraction: 0.33 }],
        ['to dryness', { do: 'concentrate', vessel: tube, toFraction: 0.05 }],
      ],
    },
    { label: 'pass a gas', choices: ['H2S', 'CO2', 'SO2', 'Cl2'].map((gas) => [gas, { do: 'pass', gas, through: tube }]) },
    {
      label: 'hold over it',
      choices: [
        ...PAPERS.map((paper) => [paper, { do: 'hold', over: tube, paper }] as const),
        ['glowing splint', { do: 'hold', over: tube, splint: 'glowing' }],
        ['burning splint', { do: 'hold', over: tube, splint: 'burning' }],
        ['rod with ammonia', { do: 'hold', over: tube, rod: 'NH3 conc' }],
        ['rod with HCl', { do: 'hold', over: tube, rod: 'HCl conc' }],
      ],
    },
    { label: 'dip', choices: PAPERS.slice(0, 3).map((paper) => [paper, { do: 'dip', paper, into: tube }]) },
    { label: 'smell', choices: [['wafted', { do: 'smell', at: tube }]] },
    {
      label: 'flame',
      choices: [
        ['wire', { do: 'flame' }],
        ['wire, through cobalt glass', { do: 'flame', through: 'cobalt-glass' }],
        ['splint', { do: 'flame', support: 'splint' }],
      ],
    },
    {
      label: 'bead',
      choices: [
        ['borax, oxidising', { do: 'bead' }],
        ['borax, reducing', { do: 'bead', flame: 'reducing' }],
      ],
    },
    { label: 'charcoal', choices: [['with sodium carbonate', { do: 'charcoal' }]] },
    {
      label: 'heat dry',
      choices: [
        ['gently', { do: 'ignite', vessel: tube, heat: 'gently' }],
        ['strongly', { do: 'ignite', vessel: tube }],
      ],
    },
    { label: 'look', choices: [['as it is', { do: 'look', at: tube }]] },
  ]
}

const SHELF = [...REAGENTS.map((r) => r.name), ...SOLVENTS.map((s) => s.name), ...INERT_SOLIDS.map((s) => s.name)]
const SOLIDS = new Set(INERT_SOLIDS.map((s) => s.name))
/** As many bottles as are shown at once. */
const SHOWN = 12

/** What hands do, by touch: a bottle and how much of it, or something done to the tube in hand. */
export function Tray({ hand, onDo, onClose }: Props) {
  const tube = hand.vessel ?? 'A'
  const used = hand.vessels ?? []
  const free = freeTube([...used, tube])
  const isEmpty = hand.vessel === undefined
  const [wanted, setWanted] = useState('')
  const [bottle, setBottle] = useState<string | null>(null)
  const [doing, setDoing] = useState<string | null>(null)
  // Last used first.
  const recent = useMemo(() => [...new Set((hand.before ?? []).flatMap((step) => (step.do === 'add' ? [step.reagent] : [])).reverse())], [hand])
  const poured = (hand.before ?? []).findLast((step) => step.do === 'add' && step.to === tube && step.mg === undefined)
  const last = poured?.do === 'add' ? poured.reagent : null
  const found =
    wanted.trim() === '' ? recent.slice(0, SHOWN) : SHELF.filter((name) => name.toLowerCase().includes(wanted.trim().toLowerCase())).slice(0, SHOWN)
  const act = (step: StepInput): void => {
    setBottle(null)
    setDoing(null)
    setWanted('')
    onDo(stepSchema.parse(step))
  }
  const all = doings(tube, Math.max(0.1, (hand.holds?.[tube] ?? 1) / 2), isEmpty ? tube : free, hand.stock ?? 'OS', hand.isSolution !== true)
  const chosen = all.find(({ label }) => label === doing)
  return (
    <section aria-label="what is done" className="off-paper max-h-[45vh] shrink-0 overflow-y-auto border-t border-ink bg-sheet px-5 py-2">
      <div className="flex flex-wrap items-center gap-2">
        <strong className="font-mono text-lg">{isEmpty ? 'no tube' : tube}</strong>
        {last !== null && (
          <>
            <Tap onTap={() => act({ do: 'add', to: tube, reagent: last, drops: 3 })}>3 drops more of {last}</Tap>
            <Tap onTap={() => act({ do: 'add', to: tube, reagent: last, until: 'excess' })}>again in excess</Tap>
          </>
        )}
        {!isEmpty && <Tap onTap={() => act({ do: 'warm', vessel: tube, minutes: 1 })}>warm it</Tap>}
        <button type="button" className="pressable ml-auto" onClick={onClose}>
          close
        </button>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2" role="group" aria-label="bottles">
        <label className="flex items-center gap-2">
          <span className="text-faint">add</span>
          <input
            type="search"
            className="h-11 w-52 border border-rule bg-sheet px-2"
            placeholder="a reagent"
            value={wanted}
            onChange={(e) => {
              setWanted(e.target.value)
              setBottle(null)
            }}
          />
        </label>
        {found.map((name) => (
          <Tap key={name} pressed={name === bottle} onTap={() => setBottle(name === bottle ? null : name)}>
            {name}
          </Tap>
        ))}
      </div>
      {bottle !== null && (
        <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label={`how much ${bottle}`}>
          {(SOLIDS.has(bottle)
            ? SOLID_AMOUNTS
            : findSolvent(bottle)
              ? LIQUID_AMOUNTS.filter(([, amount]) => 'mL' in amount || 'drops' in amount)
              : LIQUID_AMOUNTS
          ).map(([label, amount]) => (
            <Tap key={label} onTap={() => act({ do: 'add', to: tube, reagent: bottle, ...amount })}>
              {label}
            </Tap>
          ))}
        </div>
      )}
      <div className="mt-2 flex flex-wrap gap-2 border-t border-rule pt-2" role="group" aria-label="done to the tube">
        {all.map(({ label }) => (
          <Tap key={label} pressed={label === doing} onTap={() => setDoing(label === doing ? null : label)}>
            {label}
          </Tap>
        ))}
      </div>
      {chosen && (
        <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label={`${chosen.label}: how`}>
          {chosen.choices.map(([label, step]) => (
            <Tap key={label} title={sayStep(stepSchema.parse(step))} onTap={() => act(step)}>
              {label}
            </Tap>
          ))}
        </div>
      )}
    </section>
  )
}

const Tap = ({
  onTap,
  pressed,
  title,
  children,
}: {
  readonly onTap: () => void
  readonly pressed?: boolean
  readonly title?: string
  readonly children: React.ReactNode
}) => (
  <button
    type="button"
    className={`min-h-11 border px-3 ${pressed ? 'border-ink bg-press font-semibold' : 'border-rule hover:bg-press'}`}
    {...(pressed === undefined ? {} : { 'aria-pressed': pressed })}
    title={title}
    onClick={onTap}
  >
    {children}
  </button>
)
