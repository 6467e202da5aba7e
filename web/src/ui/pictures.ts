import { COLOUR_NAMES, isOf, LINE_COLOURS, sayTogether, type Asked, type LineColour, type Observation, type SeenLook } from '@foxing/core'

/** What is drawn of one look, from what was seen or from what was written. */
export interface Picture {
  readonly liquid: string | null
  readonly solid: { readonly colour: string; readonly habit: string; readonly amount: string; readonly settled: boolean } | null
  readonly paper: { readonly from: string; readonly to: string } | null
  readonly dry: string | null
  readonly flame: string | null
  /** Lines in a spectroscope, by the colour they stand in. */
  readonly lines?: readonly LineColour[]
  /** What fire left: hot and cold side by side, and what settled above; a glass bead is round. */
  readonly fired?: { readonly hot: string; readonly cold: string; readonly above: string | null; readonly bead: boolean }
  /** Where a heavy liquid lies under another. */
  readonly ring?: string
  /** The same in words, for those who do not see it. */
  readonly says: string
}

export function pictureOfLook(look: SeenLook): Picture {
  const [paper] = look.papers
  return {
    liquid: look.solution?.colour.drawn ?? null,
    solid: look.precipitate && {
      colour: look.precipitate.colour.drawn,
      habit: look.precipitate.habit,
      amount: look.precipitate.amount,
      settled: look.precipitate.rests === 'settled',
    },
    paper: paper ? { from: paper.from.drawn, to: paper.to.drawn } : null,
    dry: look.appearance?.colour.drawn ?? null,
    flame: look.flame?.colour.drawn ?? null,
    ...(look.flame?.lines ? { lines: look.flame.lines } : {}),
    ...firedIn(look),
    ...(look.ring ? { ring: look.ring.colour.drawn } : {}),
    says: wordsOf(look),
  }
}

function firedIn({ bead, residue }: SeenLook): Pick<Picture, 'fired'> {
  if (bead) return { fired: { hot: bead.hot.drawn, cold: bead.cold.drawn, above: null, bead: true } }
  return residue ? { fired: { hot: residue.hot.drawn, cold: residue.cold.drawn, above: residue.sublimate?.drawn ?? null, bead: false } } : {}
}

function residueInWords({ residue, gas, smell }: SeenLook): string {
  if (!residue) return ''
  const { hot, cold, sublimate, water } = residue
  const signs = (['melts', 'crackles', 'chars', 'swells'] as const).filter((sign) => residue[sign])
  return [
    ...(water ? ['drops of water'] : []),
    ...signs,
    ...(gas ? [`gas, ${gas.colour.name}${gas.smell ? `, ${gas.smell}` : ''}`] : []),
    hot.name === cold.name ? `residue ${cold.name}` : `residue ${hot.name} hot, ${cold.name} cold`,
    ...(sublimate ? [`${sublimate.name} sublimate`] : []),
    ...(smell && smell !== 'none' ? [`smell: ${smell}`] : []),
  ].join('; ')
}

/** What is said of a look that asks for one thing alone: a constant, or whether the sample dissolves. */
function answerTo(look: SeenLook, asked: readonly Asked[]): string | null {
  if (asked.includes('melting-point')) return look.constant === null ? 'no melting point' : `melts at ${look.constant} °C`
  if (asked.includes('boiling-point')) return look.constant === null ? 'no boiling point' : `boils at ${look.constant} °C`
  return asked.includes('solubility') && look.soluble
    ? { yes: 'it dissolves', partly: 'part of it dissolves', no: 'it does not dissolve' }[look.soluble]
    : null
}

/**
 * A look in words, as it is also written beside the drawing.
 * @param asked what the look is for, where it asks for one thing
 */
export function wordsOf(look: SeenLook, asked: readonly Asked[] = []): string {
  const answer = answerTo(look, asked)
  if (answer !== null) return answer
  const words: string[] = []
  for (const { paper, from, to } of look.papers)
    words.push(from.family === to.family ? `${paper} stays ${to.family}` : `${paper} turns from ${from.family} to ${to.family}`)
  if (look.papers.length > 0) return words.join('; ')
  if (look.flame?.lines) return look.flame.lines.length > 0 ? `lines: ${look.flame.lines.join(', ')}` : 'no lines'
  if (look.flame)
    return look.flame.colour.family === 'colourless' ? 'the flame is not coloured' : `${look.flame.colour.name} flame, ${look.flame.lasts}`
  if (look.bead)
    return look.bead.hot.name === look.bead.cold.name ? `bead ${look.bead.cold.name}` : `bead ${look.bead.hot.name} hot, ${look.bead.cold.name} cold`
  if (look.residue) return residueInWords(look)
  if (look.ring) words.push(`${look.ring.colour.name} ring`)
  if (look.rod) return look.rod === 'unchanged' ? 'the rod or glass is unchanged' : look.rod
  if (look.splint) return `the splint ${look.splint.replaceAll('-', ' ')}`
  if (look.smell) return look.smell === 'none' ? 'no smell' : `smell: ${look.smell}`
  if (look.appearance) return `${look.appearance.colour.name} ${look.appearance.form}`
  if (look.precipitate) {
    const { amount, colour, habit } = look.precipitate
    words.push(`${amount} ${colour.name} solid, ${habit}`)
    if (look.dissolves) words.push({ yes: 'dissolved', partly: 'partly dissolved', no: 'not dissolved' }[look.dissolves])
  } else words.push(look.dissolves ? 'the solid has dissolved' : 'no precipitate')
  if (look.solution) words.push(`liquid ${look.solution.colour.name}${look.solution.clarity === 'clear' ? '' : `, ${look.solution.clarity}`}`)
  if (look.gas) words.push(`gas, ${look.gas.colour.name}${look.gas.smell ? `, ${look.gas.smell}` : ''}`)
  return words.join('; ')
}

const hexOf = (value: string, degree?: string): string => {
  if (value === 'colourless') return '#ffffff'
  const named =
    COLOUR_NAMES.find((c) => c.name === `${degree ?? ''} ${value}`.trim()) ??
    COLOUR_NAMES.find((c) => c.name === value) ??
    COLOUR_NAMES.find((c) => c.family === value)
  return named?.hex ?? '#ffffff'
}

/** Whether it tells that a solid that was there has gone. */
const tellsOfDissolving = (o: Observation): boolean => o.channel === 'precipitate.dissolves' && !o.negated && o.value === 'yes'

/**
 * The first and the last of what somebody wrote at one look, where that tells of a change: another colour, or a solid that came and dissolved; null where it tells of none.
 */
export function picturesOfChange(observations: readonly Observation[]): { readonly before: Picture; readonly now: Picture } | null {
  const first = observations.filter((o, k) => !tellsOfDissolving(o) && observations.findIndex((p) => p.channel === o.channel) === k)
  const gone = observations.some(tellsOfDissolving)
  const last = observations.filter((o, k) => {
    if (gone && isOf(o.channel, 'precipitate')) return tellsOfDissolving(o)
    return observations.findLastIndex((p) => p.channel === o.channel) === k
  })
  const before = pictureOfObservations(first, `before: ${sayTogether(first)}`)
  const now = pictureOfObservations(last, `after: ${sayTogether(last)}`)
  if (!before || !now) return null
  return JSON.stringify({ ...before, says: '' }) === JSON.stringify({ ...now, says: '' }) ? null : { before, now }
}

/** A drawing of what somebody wrote; null where nothing written can be drawn. */
export function pictureOfObservations(observations: readonly Observation[], says: string): Picture | null {
  const find = (channel: string): Observation | undefined => observations.find((o) => o.channel === channel && !o.negated)
  const paper = observations.find((o) => isOf(o.channel, 'paper'))
  if (paper) {
    const own = paper.channel.includes('red') ? '#c8484c' : paper.channel.includes('blue') ? '#4a7ac4' : '#f8f8f6'
    const to = paper.value === 'red' ? '#c8484c' : paper.value === 'blue' ? '#4a7ac4' : hexOf(paper.value)
    return { liquid: null, solid: null, dry: null, flame: null, paper: { from: own, to }, says }
  }
  const lines = observations.filter((o) => o.channel === 'flame.line')
  if (lines.length > 0) {
    const seen = LINE_COLOURS.filter((colour) => lines.some((o) => o.value === colour && !o.negated))
    return { liquid: null, solid: null, paper: null, dry: null, flame: null, lines: seen, says }
  }
  const flame = find('flame.colour')
  if (flame) return { liquid: null, solid: null, paper: null, dry: null, flame: hexOf(flame.value), says }
  const dry = find('appearance.colour')
  if (dry) return { liquid: null, solid: null, paper: null, dry: hexOf(dry.value, dry.degree), flame: null, says }
  const liquid = find('solution.colour')
  const colour = find('precipitate.colour')
  const solid = find('precipitate.present') ?? colour
  if (!liquid && !solid && !observations.some((o) => isOf(o.channel, 'precipitate') || o.channel === 'change' || o.channel === 'lime-water'))
    return null
  const milky = find('lime-water')?.value.startsWith('milky') === true
  return {
    liquid: liquid ? hexOf(liquid.value, liquid.degree) : '#ffffff',
    solid:
      solid || milky
        ? {
            colour: colour ? hexOf(colour.value, colour.degree) : '#f4f4f2',
            habit: find('precipitate.habit')?.value ?? 'powdery',
            amount: find('precipitate.amount')?.value ?? 'moderate',
            settled: !milky,
          }
        : null,
    paper: null,
    dry: null,
    flame: null,
    says,
  }
}
