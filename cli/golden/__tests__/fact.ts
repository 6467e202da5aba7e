/** A fact of the books as a procedure and what must be seen at its last step. */
export interface Fact {
  readonly id: string
  readonly source: string
  /** The book's own statement, in our words. */
  readonly says: string
  readonly procedure: Record<string, unknown>
  readonly expect: Expected
}

/** `null` for none; a colour by its family, or several that a careful eye might choose between. */
export interface Expected {
  readonly solid?: string | readonly string[] | null
  readonly species?: string
  readonly habit?: string | readonly string[]
  readonly solution?: string | readonly string[]
  readonly shade?: RegExp
  readonly gas?: string | null
  readonly vigour?: string
  readonly gasColour?: string | readonly string[]
  readonly smell?: string
  readonly paper?: string | readonly string[]
  readonly splint?: string
  readonly rod?: string
  readonly flame?: string | readonly string[]
  readonly lasts?: string
  readonly equation?: string
  /** Colour of a second liquid. */
  readonly layer?: string | readonly string[]
  readonly ring?: string | readonly string[] | null
  readonly residueHot?: string | readonly string[]
  readonly residueCold?: string | readonly string[]
  /** A phase that is left. */
  readonly left?: string
  readonly sublimate?: string | readonly string[] | null
  readonly melts?: boolean
  /** Form of the dry sample. */
  readonly form?: string
  readonly crackles?: boolean
  readonly chars?: boolean
  readonly swells?: boolean
  readonly water?: boolean
  readonly beadHot?: string | readonly string[]
  readonly beadCold?: string | readonly string[]
  /** A wavelength that the flame shows, nm. */
  readonly line?: number
  /** Gases in the order they come. */
  readonly order?: string
  readonly pHBelow?: number
  readonly pHAbove?: number
}

type Work = string | Record<string, unknown>

/**
 * Steps in short: `NH3 2 M x3` adds three drops, `NH3 2 M 2mL` two millilitres, `Na2CO3 solid 50mg` a solid; `warm`, `boil 2`, `shake`, `smell`, `look`; `hold red litmus paper`, `dip …`,
 * `hold burning`. Everything happens in tube A.
 */
function step(work: Work): Record<string, unknown> {
  if (typeof work !== 'string') return work
  const timed = /^(warm|boil|stand|shake)(?: (\d+))?$/.exec(work)
  if (timed) return { do: timed[1], vessel: 'A', minutes: Number(timed[2] ?? 1) }
  if (work === 'smell' || work === 'look') return { do: work, at: 'A' }
  if (work === 'cool') return { do: 'cool', vessel: 'A' }
  const splint = /^hold (burning|glowing)$/.exec(work)
  if (splint) return { do: 'hold', over: 'A', splint: splint[1] }
  const held = /^(hold|dip) (.+ paper)$/.exec(work)
  if (held) return held[1] === 'hold' ? { do: 'hold', over: 'A', paper: held[2] } : { do: 'dip', into: 'A', paper: held[2] }
  const added = /^(.+?) (?:x(\d+)|([\d.]+)mL|([\d.]+)mg)$/.exec(work)
  if (!added) throw new Error(`no such step: ${work}`)
  const amount = added[2] ? { drops: Number(added[2]) } : added[3] ? { mL: Number(added[3]) } : { mg: Number(added[4]) }
  return { do: 'add', to: 'A', reagent: added[1], ...amount }
}

/** What fire does, in short: `heat gently`, `heat`, `bead oxidising`, `microcosmic reducing`, `charcoal`, `cobalt`, `flame`, `flame cobalt-glass`, `flame spectroscope`. */
function fireStep(text: string, vessel: string): Record<string, unknown> | null {
  if (text === 'heat' || text === 'heat gently') return { do: 'ignite', vessel, heat: text === 'heat' ? 'strongly' : 'gently' }
  const bead = /^(bead|microcosmic) (oxidising|reducing)(?: ([\d.]+)mg)?$/.exec(text)
  if (bead)
    return {
      do: 'bead',
      from: 'sample',
      flux: bead[1] === 'bead' ? 'borax' : 'microcosmic',
      flame: bead[2],
      ...(bead[3] ? { mg: Number(bead[3]) } : {}),
    }
  if (text === 'charcoal') return { do: 'charcoal', from: 'sample' }
  if (text === 'cobalt') return { do: 'cobalt-nitrate', on: vessel }
  const flame = /^flame(?: (cobalt-glass|spectroscope|splint|dirty))?$/.exec(text)
  if (flame)
    return {
      do: 'flame',
      from: 'sample',
      ...(flame[1] === 'cobalt-glass' || flame[1] === 'spectroscope' ? { through: flame[1] } : flame[1] === 'splint' ? { support: 'splint' } : {}),
      cleaned: flame[1] !== 'dirty',
    }
  if (text === 'burn') return { do: 'flame', from: vessel }
  const led = /^lead ([A-Z]\d?)$/.exec(text)
  if (led) return { do: 'bubble', from: vessel, through: led[1] }
  const rod = /^rod (NH3|HCl|water|glass)$/.exec(text)
  return rod ? { do: 'hold', over: vessel, rod: /^[NH]/.test(rod[1] ?? '') ? `${rod[1] ?? ''} conc` : rod[1] } : null
}

const fact = (
  id: string,
  source: string,
  says: string,
  formula: string,
  start: Record<string, unknown>[],
  works: readonly Work[],
  expect: Expected,
): Fact => ({
  id,
  source,
  says,
  procedure: { format: 'foxing-procedure/1', id, sample: { solids: [{ formula, mg: 500 }] }, steps: [...start, ...works.map(step)] },
  expect,
})

/** On 1 mL of a solution of 20 mg in each mL of water. */
export const inWater = (id: string, source: string, says: string, formula: string, works: readonly Work[], expect: Expected): Fact =>
  fact(
    id,
    source,
    says,
    formula,
    [
      { do: 'dissolve', into: 'OS', mg: 100, in: 'water', mL: 5 },
      { do: 'take', from: 'OS', into: 'A', mL: 1 },
    ],
    works,
    expect,
  )

/** On some of the solid. */
export const onSolid = (id: string, source: string, says: string, formula: string, mg: number, works: readonly Work[], expect: Expected): Fact =>
  fact(id, source, says, formula, [{ do: 'take', into: 'A', from: 'sample', mg }], works, expect)

export const inFlame = (id: string, source: string, says: string, formula: string, more: Record<string, unknown>, expect: Expected): Fact =>
  fact(id, source, says, formula, [], [{ do: 'flame', from: 'sample', ...more }], expect)

const CHARGE = /\^(\d*)([+-])$/
const chargeOf = (ion: string): number => {
  const match = CHARGE.exec(ion)
  return match ? Number(match[1] || 1) * (match[2] === '-' ? -1 : 1) : 0
}

/** `Ag^+ 0.05, Pb^2+ 0.05 | NO3^-`: ions in mmol per mL, and the one that balances their charge. */
function solution(text: string, mL: number): Record<string, unknown> {
  const [listed = '', balance = 'NO3^-'] = text.split('|').map((part) => part.trim())
  const ions: Record<string, number> = {}
  for (const part of listed.split(',')) {
    const [ion = '', amount = ''] = part.trim().split(/\s+/)
    ions[ion] = Number(amount)
  }
  const charge = Object.entries(ions).reduce((sum, [ion, n]) => sum + n * chargeOf(ion), 0)
  ions[balance] = (ions[balance] ?? 0) - charge / chargeOf(balance)
  return { solution: { ions, mL } }
}

/** Steps that move things between tubes; the tube meant is A unless one is named before a colon. */
function rackStep(work: string): Record<string, unknown> {
  const named = /^([A-Z]\d?): (.+)$/.exec(work)
  const vessel = named?.[1] ?? 'A'
  const text = named?.[2] ?? work
  const fire = fireStep(text, vessel)
  if (fire) return fire
  const parted = /^(?:centrifuge|filter) ([A-Z]\d?)$/.exec(text)
  if (parted) return { do: 'centrifuge', vessel, liquidInto: parted[1] }
  const washed = /^wash(?: (.+?))? ([\d.]+)mL$/.exec(text)
  if (washed) return { do: 'wash', vessel, with: washed[1] ?? 'water', mL: Number(washed[2]) }
  const passed = /^pass (\w+)(?: (\d+))?$/.exec(text)
  if (passed) return { do: 'pass', gas: passed[1], through: vessel, minutes: Number(passed[2] ?? 2) }
  const taken = /^take ([\d.]+)mL from ([A-Z]\d?)$/.exec(text)
  if (taken) return { do: 'take', into: vessel, from: taken[2], mL: Number(taken[1]) }
  const less = /^concentrate ([\d.]+)$/.exec(text)
  if (less) return { do: 'concentrate', vessel, toFraction: Number(less[1]) }
  if (text === 'ignite') return { do: 'ignite', vessel }
  if (text === 'soda extract') return { do: 'soda-extract', into: vessel, mL: 5 }
  const until = /^(.+?) until ([\w-]+)$/.exec(text)
  if (until) return { do: 'add', to: vessel, reagent: until[1], until: until[2] }
  const plain = step(text)
  return Object.fromEntries(Object.entries(plain).map(([key, value]) => [key, value === 'A' ? vessel : value]))
}

/** On 1 mL (or another volume) of a solution of given ions in tube A; steps in short, parted by semicolons. */
export const onIons = (id: string, source: string, says: string, ions: string, works: string, expect: Expected, mL = 1): Fact => ({
  id,
  source,
  says,
  procedure: {
    format: 'foxing-procedure/1',
    id,
    sample: solution(ions, 20),
    steps: [{ do: 'take', into: 'A', from: 'sample', mL }, ...works.split(';').map((w) => rackStep(w.trim()))],
  },
  expect,
})

/** On so many mg of a solid, or of several ground together (`NH4Cl 50, Ca(OH)2 50`), in tube A; steps in short, parted by semicolons. */
export const onGround = (id: string, source: string, says: string, sample: string, works: string, expect: Expected): Fact => {
  const solids = sample.split(',').map((part) => {
    const [formula = '', mg = '100'] = part.trim().split(/\s+/)
    return { formula, mg: Number(mg) }
  })
  const whole = solids.reduce((sum, s) => sum + s.mg, 0)
  return {
    id,
    source,
    says,
    procedure: {
      format: 'foxing-procedure/1',
      id,
      sample: { solids },
      steps: [{ do: 'take', into: 'A', from: 'sample', mg: whole }, ...works.split(';').map((w) => rackStep(w.trim()))],
    },
    expect,
  }
}
