import type { Observation } from '../../notebook'
import { anchorsFor, asSeenBy, colourDifference, degreeOf, dissolvedSince, labOfHex, lineColour, type Colour, type Lab } from '../../perception'
import { AMOUNTS, CHANNEL_BY_ID, FAMILIES, HABITS, RESTS, type Eyes, type Family } from '../../vocabulary'
import type { Expectation } from '../simulation/simulations'
import { isConstant, attributedSteps } from './attribution'
import { NOTICED, noticed, ofAmount, ofHabit, ofHabits, ofMass, type Share } from './precipitate-errors'
import type { TraceObservation, TraceStep } from './trace'

/**
 * The error model: how likely a careful but fallible person is to write a value when the percept is known. Each channel gives a share to every value it
 * has words for; the person's stated certainty mixes that with chance, so that no one observation makes anything impossible.
 */
const CHANCE: Readonly<Record<Observation['certainty'], number>> = { sure: 0.02, fairly: 0.08, unsure: 0.3 }
/** A difference (CIEDE2000) at which two colours are confused about one time in three. */
const CONFUSED_AT = 9
/** The same of a coloured liquid where it is not known how much there is of what colours it: what is seen may lie between that of two amounts. */
const CONFUSED_IN_ANY_AMOUNT = 14
/** What is known of how much there is of everything: it is as supposed, or about so much, or nothing is known of it. */
export type Knowing = 'amounts' | 'nearly' | 'nothing'
type Channel = (seen: Expectation, eyes: Eyes, knowing: Knowing) => Share | null

const table =
  (shares: Readonly<Record<string, number>>, other: number): Share =>
  (value) =>
    shares[value] ?? other

const familyShares = new Map<string, ReadonlyMap<string, number>>()

/** How the families share the naming of a colour. */
function colourShares(colour: Colour, eyes: Eyes, confusedAt: number): ReadonlyMap<string, number> {
  // The same light is named otherwise in a liquid than on a solid, so the hex alone does not tell.
  const key = `${eyes}${confusedAt}${colour.family}${colour.hex}`
  const known = familyShares.get(key)
  if (known) return known
  const lab = asSeenBy(labOfHex(colour.hex), eyes)
  const distanceTo = (other: Lab): number => colourDifference(lab, asSeenBy(other, eyes))
  const raw = new Map<string, number>()
  for (const family of FAMILIES) {
    const nearest = family === 'colourless' ? distanceTo(WATER) : Math.min(...anchorsFor(family).map(distanceTo))
    // The name the model gives is the likeliest; the others by how near their nearest shade is.
    const distance = family === colour.family ? 0 : Math.max(4, nearest)
    raw.set(family, Math.exp(-((distance / confusedAt) ** 2)) + 0.002)
  }
  const sum = [...raw.values()].reduce((a, b) => a + b, 0)
  const shares = new Map([...raw].map(([family, share]) => [family, share / sum] as const))
  familyShares.set(key, shares)
  return shares
}

const WATER = labOfHex('#ffffff')

const ofColour = (colour: Colour, eyes: Eyes, alike: readonly Family[] = []): Share => {
  const shares = colourShares(colour, eyes, CONFUSED_AT)
  return (value) => {
    const family = FAMILIES.find((f) => f === value)
    if (!family) return 1 / FAMILIES.length
    const own = shares.get(family) ?? 0
    // Words that mean the same thing to many (a colourless crystal, a white one) share what they have.
    return alike.includes(family) ? alike.reduce((sum, f) => sum + (shares.get(f) ?? 0), 0) / alike.length : own
  }
}

/** A liquid's colour; where its amounts are not known, what is colourless still is, and what is coloured may be more or less so. */
const ofLiquid = (colour: Colour, eyes: Eyes, knowing: Knowing): Share => {
  const known = ofColour(colour, eyes)
  if (knowing !== 'nothing' || colour.family === 'colourless') return known
  const shares = colourShares(colour, eyes, CONFUSED_IN_ANY_AMOUNT)
  return (value) => shares.get(value) ?? known(value)
}

/** How often sodium that is not the sample's colours a flame, whatever care was taken. */
const FOREIGN_SODIUM = 0.12
/** How often a line in the spectroscope is noticed, and how often one is written that is not there: a neighbour's colour, or sodium, whose line nearly every flame has. */
const LINE_NOTICED = 0.88
const LINE_IMAGINED = 0.05
const SODIUM_LINE_ANYWAY = 0.5
const FLAME_KIN: readonly (readonly Family[])[] = [
  ['yellow', 'orange'],
  ['orange', 'red'],
  ['violet', 'pink'],
  ['green', 'blue'],
]

/** Flames that other eyes take for each other besides. */
const FLAME_KIN_OF: Readonly<Record<Eyes, readonly (readonly Family[])[]>> = {
  usual: [],
  protan: [['red', 'orange', 'yellow', 'green']],
  deutan: [['red', 'orange', 'yellow', 'green']],
  tritan: [
    ['blue', 'green'],
    ['violet', 'red', 'pink'],
  ],
}

/** The colour of a flame: fleeting, faint, and yellow more often than it should be. */
const ofFlame = ({ family }: Colour, eyes: Eyes): Share => {
  const kin = [...new Set([...FLAME_KIN, ...FLAME_KIN_OF[eyes]].filter((k) => k.includes(family)).flatMap((k) => k.filter((f) => f !== family)))]
  const usual = eyes === 'usual' ? 0.76 : 0.85 - 0.09 * kin.length
  return (value) => {
    const own = value === family ? usual : kin.some((f) => f === value) ? 0.09 : value === 'colourless' ? 0.05 : 0.01
    return (1 - FOREIGN_SODIUM) * own + (value === 'yellow' ? FOREIGN_SODIUM : 0)
  }
}

/**
 * Words about a precipitate where there is none: to name its colour is to say that it is there. Each of several such words counts less than the statement itself, since they are one mistake.
 */
const DESCRIBED_THOUGH_NONE = 0.25
const ofNothing = ({ solution }: Expectation['percept'], words: readonly string[]): Share | null =>
  solution && table({}, DESCRIBED_THOUGH_NONE / words.length)

const yes = (chance: number): Share => table({ yes: chance, partly: 0.02, no: 1 - chance }, 0.01)

/** What each channel gives its words, seen from one percept; null where the channel says nothing there. */
const CHANNELS: Readonly<Record<string, Channel>> = {
  'appearance.colour': ({ percept }, eyes) => percept.appearance && ofColour(percept.appearance.colour, eyes, ['white', 'colourless']),
  'appearance.form': ({ percept }) => percept.appearance && table({ [percept.appearance.form]: 0.82 }, 0.06),
  'solution.colour': ({ percept }, eyes, knowing) => percept.solution && ofLiquid(percept.solution.colour, eyes, knowing),
  'solution.clarity': ({ percept }) =>
    percept.solution &&
    table(
      {
        clear: { clear: 0.93, cloudy: 0.2, opaque: 0.03 }[percept.solution.clarity],
        cloudy: { clear: 0.06, cloudy: 0.65, opaque: 0.4 }[percept.solution.clarity],
        opaque: { clear: 0.01, cloudy: 0.15, opaque: 0.57 }[percept.solution.clarity],
      },
      0.01,
    ),
  'precipitate.present': ({ percept, bulk }, _, knowing) =>
    percept.solution && yes(bulk && knowing === 'nearly' ? noticed(bulk) : NOTICED[percept.deposit?.amount ?? 'none']),
  'precipitate.colour': ({ percept, bulk }, eyes, knowing) => {
    const deposit = percept.deposit ?? (knowing === 'nearly' ? bulk : null)
    return deposit ? ofColour(deposit.colour, eyes) : ofNothing(percept, FAMILIES)
  },
  'precipitate.habit': ({ percept, bulk }, _, knowing) =>
    bulk && knowing === 'nearly' ? ofHabits(bulk) : percept.deposit ? ofHabit(percept.deposit.habit) : ofNothing(percept, HABITS),
  'precipitate.amount': ({ percept, bulk }, _, knowing) =>
    bulk && knowing === 'nearly' ? ofMass(bulk) : percept.deposit ? ofAmount(percept.deposit.amount) : ofNothing(percept, AMOUNTS),
  'precipitate.rests': ({ percept }) => (percept.deposit ? table({ [percept.deposit.rests]: 0.7 }, 0.1) : ofNothing(percept, RESTS)),
  'precipitate.dissolves': ({ percept, before }) => {
    const state = dissolvedSince(percept, before)
    return (
      state &&
      table(
        {
          yes: { yes: 0.85, partly: 0.3, no: 0.02 }[state],
          partly: { yes: 0.12, partly: 0.55, no: 0.08 }[state],
          no: { yes: 0.03, partly: 0.15, no: 0.9 }[state],
        },
        0.01,
      )
    )
  },
  'gas.present': ({ percept }) => yes(noticedGas(percept)),
  'gas.colour': ({ percept }, eyes) => {
    const coloured = percept.gases.find((g) => g.colour.family !== 'colourless') ?? percept.gases[0]
    return coloured ? ofColour(coloured.colour, eyes) : table({ colourless: 0.9 }, 0.01)
  },
  'gas.vigour': ({ percept }) => (percept.gases[0] ? table({ [percept.gases[0].vigour]: 0.7 }, 0.15) : null),
  'flame.colour': ({ percept }, eyes) => (percept.flame ? ofFlame(percept.flame.colour, eyes) : null),
  'flame.line': ({ percept: { flame } }) =>
    flame?.spread
      ? (value) => (flame.lines.some((nm) => lineColour(nm) === value) ? LINE_NOTICED : value === 'yellow' ? SODIUM_LINE_ANYWAY : LINE_IMAGINED)
      : null,
  'flame.lasts': ({ percept }) => (percept.flame ? table({ [percept.flame.lasts]: 0.7 }, 0.15) : null),
  'residue.hot': ({ percept }, eyes) => (percept.residue ? ofColour(percept.residue.hot, eyes, ['white', 'colourless']) : null),
  'residue.cold': ({ percept }, eyes) => (percept.residue ? ofColour(percept.residue.cold, eyes, ['white', 'colourless']) : null),
  sublimate: ({ percept }, eyes) =>
    percept.residue === undefined
      ? null
      : percept.residue.sublimate
        ? ofColour(percept.residue.sublimate.colour, eyes)
        : table({ colourless: 0.95 }, 0.005),
  water: ({ percept }) => (percept.water === undefined ? null : yes(percept.water ? 0.93 : 0.06)),
  crackles: ({ percept }) => (percept.residue ? yes(percept.residue.crackles ? 0.85 : 0.04) : null),
  melts: ({ percept }) => (percept.residue ? yes(percept.residue.melts ? 0.88 : 0.06) : null),
  chars: ({ percept }) => (percept.residue ? yes(percept.residue.chars ? 0.88 : 0.04) : null),
  'bead.hot': ({ percept }, eyes) => (percept.bead ? ofColour(percept.bead.hot, eyes) : null),
  'bead.cold': ({ percept }, eyes) => (percept.bead ? ofColour(percept.bead.cold, eyes) : null),
  'ring.colour': ({ percept }, eyes) => (percept.ring ? ofColour(percept.ring.colour, eyes) : table({ colourless: 0.95 }, 0.005)),
  'layer.colour': ({ percept }, eyes, knowing) =>
    percept.layers[0] ? ofLiquid(percept.layers[0].colour, eyes, knowing) : percept.soluble ? table({}, NO_LAYER) : null,
  layers: ({ percept }) => table({ [percept.layers[0] ? 'two' : 'one']: 0.95 }, 0.05),
  'layer.rests': ({ percept }) =>
    percept.layers[0]
      ? table({ [percept.layers[0].rests]: percept.soluble ? 0.88 : 0.97 }, percept.soluble ? 0.12 : 0.03)
      : percept.soluble
        ? table({}, NO_LAYER)
        : null,
  splint: ({ percept }) => (percept.splint ? table({ [percept.splint]: 0.9 }, 0.03) : null),
  rod: ({ percept }) => (percept.rod ? table({ [percept.rod]: 0.9 }, 0.03) : null),
  'lime-water': ({ percept }) =>
    percept.solution &&
    (percept.deposit
      ? table({ milky: percept.deposit.amount === 'trace' ? 0.5 : 0.92, 'milky then clear': 0.04 }, 0.04)
      : percept.clouded
        ? table({ 'milky then clear': 0.6, clear: 0.2, milky: 0.15 }, 0.05)
        : table({ clear: 0.94 }, 0.03)),
  'gas.species':
    ({ percept }) =>
    (value) =>
      // Of several that come, one is named.
      percept.gases.some((g) => g.species === value) ? 0.9 / percept.gases.length : 0.008,
  'gas.smell': ({ percept }) => smell(percept.gases.find((g) => g.smell)?.smell ?? percept.smell ?? 'none'),
  smell: ({ percept }) => smell(percept.smell ?? percept.gases.find((g) => g.smell)?.smell ?? 'none'),
  heat: ({ percept }) => table({ [percept.heat]: 0.8 }, 0.1),
  'flame.sooty': ({ percept }) => (percept.flame ? yes(percept.flame.sooty ? 0.9 : 0.06) : null),
  ash: ({ percept }) => (percept.residue ? yes(percept.residue.species.length > 0 ? 0.95 : 0.03) : null),
  'melting-point': ({ percept }) => ofConstant(percept.constant, MELTING_SPREAD_C),
  'boiling-point': ({ percept }) => ofConstant(percept.constant, BOILING_SPREAD_C),
  solubility: ({ percept }) =>
    percept.soluble
      ? table(
          { yes: { yes: 0.9, partly: 0.08, no: 0.02 }, partly: { yes: 0.25, partly: 0.5, no: 0.25 }, no: { yes: 0.03, partly: 0.12, no: 0.85 } }[
            percept.soluble
          ],
          0.01,
        )
      : percept.solution &&
        table(
          percept.deposit
            ? percept.deposit.amount === 'heavy'
              ? { no: 0.85, partly: 0.13, yes: 0.02 }
              : { no: 0.3, partly: 0.6, yes: 0.1 }
            : { yes: 0.95, partly: 0.04, no: 0.01 },
          0.01,
        ),
  change: ({ percept, before }) => (before ? yes(changed(percept, before) ? 0.95 : 0.05) : null),
}

/** How often a layer is described where there is none. */
const NO_LAYER = 0.06
/** How far a melting and a boiling point are read from the true one, °C: the first for impurity and haste, the second for pressure and the thermometer's stem. */
const MELTING_SPREAD_C = 2
const BOILING_SPREAD_C = 3
/** A constant that is plainly off: a sample not dry, a bath heated too fast. */
const CONSTANT_OFF = 0.08
/** °C over which constants of all compounds spread, and those of compounds with the same groups. */
const CONSTANT_RANGE_C = 300
const ALIKE_RANGE_C = 150

/** How likely a constant is to be read, for each degree. Undefined: the step was not such a reading. */
function ofConstant(constant: number | null | undefined, spread: number): Share | null {
  if (constant === undefined) return null
  return (value) => {
    const read = Number(value)
    if (value === 'none' || !Number.isFinite(read)) return constant === null ? 0.95 : 0.03
    if (constant === null) return 0.05 / CONSTANT_RANGE_C
    const off = (read - constant) / spread
    return (1 - CONSTANT_OFF) * (Math.exp(-(off * off) / 2) / (spread * Math.sqrt(2 * Math.PI))) + CONSTANT_OFF / CONSTANT_RANGE_C
  }
}
/** The same of a compound in no library, of which it is known only whether it is a solid. */
export const constantUnlisted = (value: string, hasOne: boolean): number =>
  value === 'none' ? (hasOne ? 0.03 : 0.95) : (hasOne ? 0.95 : 0.05) / ALIKE_RANGE_C

/** Bubbles are seen by nearly everybody, fumes without colour by some. */
const noticedGas = ({ gases }: Expectation['percept']): number => {
  if (gases.length === 0) return 0.03
  if (gases.some((g) => g.vigour !== 'slight')) return 0.97
  return gases.some((g) => g.colour.family !== 'colourless') ? 0.9 : 0.5
}

/** Smells that many call no more than pungent. */
const SHARP = /^(pungent|choking|vinegar)/
const smell = (word: string): Share =>
  table(word === 'none' ? { none: 0.95 } : SHARP.test(word) ? { [word]: 0.72, pungent: 0.16, none: 0.1 } : { [word]: 0.88, none: 0.1 }, 0.02)

const changed = (now: Expectation['percept'], before: NonNullable<Expectation['before']>): boolean =>
  now.solution?.colour.family !== before.solution?.colour.family ||
  (now.deposit === null) !== (before.deposit === null) ||
  now.deposit?.colour.family !== before.deposit?.colour.family ||
  now.gases.length > 0

function channelOf(id: string): Channel | undefined {
  if (!id.startsWith('paper.')) return CHANNELS[id]
  const paper = id.slice('paper.'.length)
  return ({ percept }, eyes) => {
    const reading = percept.papers.find((p) => p.paper === paper)
    return reading ? ofColour(reading.to, eyes) : null
  }
}

/** A value no percept speaks for: as likely as any other the channel has. */
const neutral = (channel: string): number =>
  isConstant(channel) ? 1 / CONSTANT_RANGE_C : 1 / Math.max(2, CHANNEL_BY_ID.get(channel)?.values?.length ?? 10)

/** How the three shades a writer may name share out when the colour has one of them: neighbours are often taken for each other. */
const SHADES = ['pale', '', 'deep']
const SHADE_SHARE = [0.62, 0.26, 0.06]

/** For a colour written with its shade: how likely that shade is; 1 where none was written, which says nothing. */
function shadeShare({ channel, degree }: Observation, { percept }: Expectation): number {
  if (degree === undefined || !SHADES.includes(degree)) return 1
  const colour = { 'solution.colour': percept.solution, 'precipitate.colour': percept.deposit, 'appearance.colour': percept.appearance }[channel]
    ?.colour
  const written = SHADES.indexOf(degree)
  if (!colour || written < 0) return 1
  return SHADE_SHARE[Math.abs(written - SHADES.indexOf(degreeOf(colour.name) ?? ''))] ?? 0.06
}

/** Probability of one observation given one percept, by eyes of some kind; `knowing`: how well it is known how much there is of everything. */
export function likelihoodAt(observation: Observation, expectation: Expectation | null, eyes: Eyes = 'usual', knowing: Knowing = 'amounts'): number {
  const chance = CHANCE[observation.certainty]
  const flat = neutral(observation.channel)
  const share = expectation && channelOf(observation.channel)?.(expectation, eyes, knowing)
  const fitting = share ? share(observation.value) : flat
  const p = Math.min(1, fitting * (expectation ? shadeShare(observation, expectation) : 1))
  return (1 - chance) * (observation.negated ? 1 - p : p) + chance * (observation.negated ? 1 - flat : flat)
}

/** Probability of an observation by somebody, or of something, that nothing is known about. */
export const unknowing = ({ channel, negated }: Observation): number => (negated ? 1 - neutral(channel) : neutral(channel))

/** How often a whole test shows something else than the model says: a constant off, a bottle gone stale, a step not done as written. */
const MODEL_WRONG = 0.03

/**
 * The observations of one test together, by hypothesis: each by itself where the model holds, and where, for the whole test, it does not, as another sample at random would have it. What one cause spoils
 * then counts once, however many words were written about it. Each observation keeps its share of what the test says.
 * @param rows natural logarithms of the probability of each observation, by hypothesis; changed in place
 * @param otherwise natural logarithm of the probability of all of them where the model does not hold; their mean over the hypotheses, unless given
 * @param wrong how often the model does not hold
 * @returns `otherwise`, for hypotheses that are weighed later
 */
export function togetherInOneTest(rows: readonly Float64Array[], otherwise?: number, wrong = MODEL_WRONG): number {
  const said = Float64Array.from(rows[0] ?? [], (_, h) => rows.reduce((sum, row) => sum + (row[h] as number), 0))
  const without = otherwise ?? logOfMean(said)
  const astray = Math.log(wrong) + without
  said.forEach((log, h) => {
    const top = Math.max(log, astray)
    const both = top + Math.log(Math.exp(log + Math.log(1 - wrong) - top) + Math.exp(astray - top))
    const factor = log < 0 ? both / log : 1
    for (const row of rows) row[h] = (row[h] as number) * factor
  })
  return without
}

/** Natural logarithm of a sum, and of a mean, of which logarithms are given. */
export function logOfSum(logs: Float64Array | readonly number[]): number {
  const top = Math.max(...logs)
  let sum = 0
  for (const log of logs) sum += Math.exp(log - top)
  return top + Math.log(sum)
}
export const logOfMean = (logs: Float64Array | readonly number[]): number => logOfSum(logs) - Math.log(logs.length)

/**
 * Probability of an observation under a hypothesis: the mean over the looks it may speak of.
 * @param expect what the hypothesis shows at a step
 */
export function likelihood(traced: TraceObservation, expect: (step: TraceStep) => Expectation | null, knowing: Knowing = 'amounts'): number {
  const meant = attributedSteps(traced)
  if (meant.length === 0) return neutral(traced.observation.channel)
  return meant.reduce((sum, step) => sum + likelihoodAt(traced.observation, expect(step), traced.eyes, knowing), 0) / meant.length
}
