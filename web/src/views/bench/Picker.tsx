import {
  AMOUNTS,
  CERTAINTIES,
  COLOUR_NAMES,
  FAMILIES,
  FORMS,
  HABITS,
  isOf,
  LASTS,
  LINE_COLOURS,
  observationSchema,
  RODS,
  sayObservation,
  SMELLS,
  SPLINTS,
  VIGOURS,
  type Certainty,
  type Commonest,
  type Observation,
  type ObservationInput,
  type Step,
} from '@foxing/core'
import { useEffect, useState } from 'react'
import type { Look, PageRow } from '../../state/page'
import { pictureOfLook } from '../../ui/pictures'
import { Tube } from '../../ui/Tube'
import { reasoner } from '../../workers/useThought'

/** A group of words one of which may be tapped: a channel, and what is written in it. */
interface Group {
  readonly label: string
  readonly channel: string
  readonly words: readonly { readonly says: string; readonly value: string; readonly negated?: boolean; readonly after?: string }[]
}
const plain = (label: string, channel: string, values: readonly string[]): Group => ({
  label,
  channel,
  words: values.map((value) => ({ says: value.replaceAll('-', ' '), value })),
})
const yesOrNo = (label: string, channel: string, yes: string, no: string): Group => ({
  label,
  channel,
  words: [
    { says: no, value: 'yes', negated: true },
    { says: yes, value: 'yes' },
  ],
})

/** What is asked of a look, by what is done there: groups of words, and the channel a colour from the fan goes to. */
function asked(
  doing: Step,
  dry: boolean,
): { readonly groups: readonly Group[]; readonly colours: readonly (readonly [label: string, channel: string])[] } {
  if ((doing.do === 'hold' || doing.do === 'dip') && doing.paper) return { groups: [], colours: [[doing.paper, `paper.${doing.paper}`]] }
  if (doing.do === 'hold' && doing.splint) return { groups: [plain('splint', 'splint', SPLINTS)], colours: [] }
  if (doing.do === 'hold') return { groups: [plain('rod or glass', 'rod', RODS)], colours: [] }
  if (doing.do === 'smell') return { groups: [plain('smell', 'smell', SMELLS)], colours: [] }
  if (doing.do === 'flame' && doing.through === 'spectroscope') return { groups: [plain('lines', 'flame.line', LINE_COLOURS)], colours: [] }
  if (doing.do === 'flame') return { groups: [plain('lasts', 'flame.lasts', LASTS)], colours: [['flame', 'flame.colour']] }
  if (doing.do === 'bead')
    return {
      groups: [],
      colours: [
        ['bead, hot', 'bead.hot'],
        ['bead, cold', 'bead.cold'],
      ],
    }
  if (doing.do === 'ignite' || doing.do === 'charcoal' || doing.do === 'cobalt-nitrate')
    return {
      groups: [
        yesOrNo('water', 'water', 'drops of water', 'no water'),
        yesOrNo('crackling', 'crackles', 'crackles', 'no crackling'),
        yesOrNo('melting', 'melts', 'melts', 'does not melt'),
        yesOrNo('charring', 'chars', 'chars', 'does not char'),
        yesOrNo('gas', 'gas.present', 'gas', 'no gas'),
      ],
      colours: [
        ['residue, hot', 'residue.hot'],
        ['residue, cold', 'residue.cold'],
        ['sublimate', 'sublimate'],
        ['gas', 'gas.colour'],
      ],
    }
  if (dry) return { groups: [plain('form', 'appearance.form', FORMS)], colours: [['sample', 'appearance.colour']] }
  return {
    groups: [
      { ...yesOrNo('at a glance', 'change', 'changes', 'no change') },
      yesOrNo('precipitate', 'precipitate.present', 'precipitate', 'no precipitate'),
      plain('habit', 'precipitate.habit', HABITS),
      plain('amount', 'precipitate.amount', AMOUNTS),
      {
        label: 'dissolves',
        channel: 'precipitate.dissolves',
        words: [
          { says: 'dissolves', value: 'yes' },
          { says: 'partly', value: 'partly' },
          { says: 'does not', value: 'no' },
        ],
      },
      yesOrNo('gas', 'gas.present', 'gas', 'no gas'),
      plain('vigour', 'gas.vigour', VIGOURS),
    ],
    colours: [
      ['precipitate', 'precipitate.colour'],
      ['liquid', 'solution.colour'],
      ['gas', 'gas.colour'],
    ],
  }
}

interface Props {
  readonly row: PageRow
  readonly look: Look
  /** Whether the commonest results may be offered: a hint, if a small one. */
  readonly offering: boolean
  readonly onWrite: (observations: readonly Observation[]) => void
  readonly onClose: () => void
}

/** For those who would rather touch than type: the commonest results of this look at one tap, and all words there are. */
export function Picker({ row, look, offering, onWrite, onClose }: Props) {
  const { groups, colours } = asked(look.doing, look.dry)
  const [chosen, setChosen] = useState<readonly ObservationInput[]>([])
  const [certainty, setCertainty] = useState<Certainty>('sure')
  const [channel, setChannel] = useState(colours[0]?.[1] ?? '')
  const [common, setCommon] = useState<readonly Commonest[]>([])
  const test = row.test?.id
  const { step } = look
  useEffect(() => {
    setChosen([])
    setChannel(colours[0]?.[1] ?? '')
    setCommon([])
    if (!offering || test === undefined) return
    let current = true
    void reasoner()
      .commonest(test, step)
      .then((found) => {
        if (current) setCommon(found)
      })
    return () => void (current = false)
    // A new look is a new choice.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [row.id, step, offering])
  const vessel = look.doing.do === 'dip' ? look.doing.into : row.vessel
  const put = (o: ObservationInput): Observation => observationSchema.parse({ ...o, vessel, step, of: row.id, certainty })
  const is = (o: ObservationInput): boolean =>
    chosen.some((c) => c.channel === o.channel && c.value === o.value && (c.negated ?? false) === (o.negated ?? false))
  const toggle = (o: ObservationInput): void =>
    setChosen((now) => (is(o) ? now.filter((c) => c.channel !== o.channel) : [...now.filter((c) => c.channel !== o.channel), o]))
  const write = (): void => {
    // A colour or a habit says that there is one.
    const solid = chosen.some((c) => isOf(c.channel, 'precipitate') && c.channel !== 'precipitate.dissolves' && c.channel !== 'precipitate.present')
    const said =
      solid && !chosen.some((c) => c.channel === 'precipitate.present') ? [{ channel: 'precipitate.present', value: 'yes' }, ...chosen] : chosen
    onWrite(said.map(put))
    setChosen([])
  }
  return (
    <section aria-label="pick what you see" className="off-paper max-h-[46vh] overflow-auto border-t border-rule bg-sheet px-5 py-3">
      <div className="flex items-baseline gap-4">
        <h2 className="text-lg">
          {row.vessel} <span className="text-faint">{look.prompt}</span>
        </h2>
        <button type="button" className="pressable ml-auto" onClick={onClose}>
          close
        </button>
      </div>
      {common.length > 0 && (
        <ul className="mt-2 flex gap-2 overflow-x-auto pb-1" aria-label="commonest results">
          {common.map(({ look: shown, observations }, k) => (
            <li key={k} className="shrink-0">
              <button
                type="button"
                className="pressable flex min-h-16 items-center gap-2 border border-rule px-3 py-1 text-left leading-tight text-ink"
                onClick={() => onWrite(observations.map(put))}
              >
                <Tube picture={pictureOfLook(shown)} size={52} />
                <span className="max-w-44">{observations.map((o) => sayObservation(o)).join(', ')}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-3 grid gap-3 md:grid-cols-2">
        <div className="grid content-start gap-2">
          {groups.map(({ label, channel: of, words }) => (
            <div key={of} role="group" aria-label={label} className="flex flex-wrap items-center gap-1">
              <span className="w-20 shrink-0 text-sm text-faint">{label}</span>
              {words.map(({ says, value, negated }) => {
                const o: ObservationInput = { channel: of, value, ...(negated ? { negated } : {}) }
                return (
                  <button
                    key={says}
                    type="button"
                    aria-pressed={is(o)}
                    className={`pressable min-w-11 border px-2 text-ink ${is(o) ? 'border-2 border-ink font-semibold' : 'border-rule'}`}
                    onClick={() => toggle(o)}
                  >
                    {says}
                  </button>
                )
              })}
            </div>
          ))}
        </div>
        {colours.length > 0 && (
          <div>
            <div role="group" aria-label="colour of" className="mb-2 flex flex-wrap items-center gap-1">
              <span className="text-sm text-faint">colour of</span>
              {colours.map(([label, of]) => (
                <button
                  key={of}
                  type="button"
                  aria-pressed={channel === of}
                  className={`pressable border px-3 text-ink ${channel === of ? 'border-2 border-ink font-semibold' : 'border-rule'}`}
                  onClick={() => setChannel(of)}
                >
                  {label}
                </button>
              ))}
            </div>
            <Fan
              is={(value, degree) => chosen.some((c) => c.channel === channel && c.value === value && (c.degree ?? '') === degree)}
              onPick={(value, degree) => toggle({ channel, value, ...(degree === '' ? {} : { degree }) })}
            />
          </div>
        )}
      </div>
      <div className="sticky -bottom-3 mt-3 flex flex-wrap items-center gap-3 border-t border-rule bg-sheet py-2">
        <div role="group" aria-label="how sure" className="flex gap-1">
          {CERTAINTIES.map((c) => (
            <button
              key={c}
              type="button"
              aria-pressed={certainty === c}
              className={`pressable border px-3 text-ink ${certainty === c ? 'border-2 border-ink font-semibold' : 'border-rule'}`}
              onClick={() => setCertainty(c)}
            >
              {c}
            </button>
          ))}
        </div>
        <p className="flex-1" aria-live="polite">
          {chosen.map((o) => sayObservation(put(o))).join(', ')}
        </p>
        <button type="button" className="pressable border border-russet px-6 text-lg" disabled={chosen.length === 0} onClick={write}>
          write it
        </button>
      </div>
    </section>
  )
}

const SHADES = ['pale', '', 'deep'] as const
/** The shade's own colour where it has a name, else the family's made lighter or darker. */
function hexOf(family: string, shade: string): string {
  const named = COLOUR_NAMES.find((c) => c.name === `${shade} ${family}`.trim())?.hex
  const own = COLOUR_NAMES.find((c) => c.name === family)?.hex ?? COLOUR_NAMES.find((c) => c.family === family)?.hex ?? '#ffffff'
  return named ?? (shade === '' ? own : `color-mix(in oklab, ${own}, ${shade === 'pale' ? 'white' : 'black'} 45%)`)
}
/** Families that have no shades to speak of. */
const FLAT: readonly string[] = ['colourless', 'white', 'black']

/** Colours spread like a dyer's cards: each family a blade from pale to deep, its name beside it. */
function Fan({ is, onPick }: { readonly is: (value: string, degree: string) => boolean; readonly onPick: (value: string, degree: string) => void }) {
  return (
    <div className="grid grid-cols-4 gap-x-2 gap-y-2 sm:grid-cols-6">
      {FAMILIES.map((family) => (
        <div key={family} role="group" aria-label={family} className="grid">
          {(FLAT.includes(family) ? ([''] as const) : SHADES).map((shade) => (
            <button
              key={shade}
              type="button"
              aria-label={`${shade} ${family}`.trim()}
              aria-pressed={is(family, shade)}
              className={`min-h-11 border ${is(family, shade) ? 'border-4 border-ink' : 'border-rule'} ${FLAT.includes(family) ? 'min-h-33' : ''}`}
              style={{ background: hexOf(family, shade) }}
              onClick={() => onPick(family, shade)}
            >
              {is(family, shade) && <span className="bg-sheet px-1 text-ink">✓</span>}
            </button>
          ))}
          <span className="text-center text-sm">{family}</span>
        </div>
      ))}
    </div>
  )
}
