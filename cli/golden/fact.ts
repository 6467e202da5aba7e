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
  readonly gasColour?: string
  readonly smell?: string
  readonly paper?: string
  readonly splint?: string
  readonly flame?: string | readonly string[]
  readonly lasts?: string
  readonly equation?: string
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
