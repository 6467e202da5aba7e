import { STOCK, THIS } from '../catalogue'
import { apartFromControls, asAmended, isTest, type Did, type Entry, type Observation } from '../notebook'
import { everyTest } from './every'
import { isSign, someSolid, type SchemeTest } from './tests'

/** A part of the sample as it was parted: nothing is lost track of, since every tube that is filled from another stands under it. */
export interface Fraction {
  readonly id: string
  readonly vessel: string
  readonly form: 'sample' | 'portion' | 'solid' | 'liquid'
  /** The fraction it was parted from; null for the sample. */
  readonly from: string | null
  /** What parted it, in words, and the entry it was done in. */
  readonly by: string
  readonly entry: string | null
  /** Ions that may still be in it, by the scheme's word on what stays and what goes. */
  readonly mayHold: readonly string[]
  /** Whether it was seen that nothing came down. */
  readonly empty: boolean
  /** Whether it was parted further. */
  readonly parted: boolean
  /** Ions shown in it by a proof. */
  readonly shown: readonly string[]
}

type Growing = { -readonly [K in keyof Fraction]: Fraction[K] }

const schemeTestOf = (did: Did): SchemeTest | null => {
  const test = isTest(did) ? everyTest.get(did.test) : undefined
  return test && 'separation' in test ? (test as SchemeTest) : null
}

/**
 * The tubes of a mixture as they were split, each named by what it is, what made it and what may be in it.
 * @param ions cations in question
 */
export function fractionsOfWork(entries: readonly Entry[], ions: readonly string[]): Fraction[] {
  const { own } = apartFromControls(asAmended({ entries: [...entries] }))
  const standing = own.flatMap(({ entry, withdrawn }) => (withdrawn ? [] : [entry]))
  const told = toldOf(standing)
  const all: Growing[] = []
  const at = new Map<string, Growing>()
  const put = (fraction: Omit<Fraction, 'id' | 'parted' | 'shown' | 'empty'> & { empty?: boolean }): Growing => {
    const made: Growing = { empty: false, parted: false, shown: [], ...fraction, id: `${fraction.vessel}-${all.length}` }
    all.push(made)
    at.set(made.vessel, made)
    return made
  }
  const sample = put({ vessel: 'sample', form: 'sample', from: null, by: '', entry: null, mayHold: ions })
  // The sample's own solution is the sample.
  at.set(STOCK, sample)
  const part = (
    source: Growing,
    liquid: string,
    by: string,
    entry: string,
    keeps: { solid: readonly string[]; liquid: readonly string[] },
    empty: boolean,
  ): void => {
    source.parted = true
    put({ vessel: source.vessel, form: 'solid', from: source.id, by, entry, mayHold: keeps.solid, empty })
    put({ vessel: liquid, form: 'liquid', from: source.id, by, entry, mayHold: keeps.liquid })
  }
  for (const entry of standing) {
    if (!('did' in entry)) continue
    const { did } = entry
    const test = schemeTestOf(did)
    if (!test) {
      if (isTest(did)) continue
      if (did.do === 'take' && did.into !== STOCK && !at.has(did.into)) {
        const source = at.get(did.from) ?? sample
        put({ vessel: did.into, form: 'portion', from: source.id, by: 'a portion', entry: entry.id, mayHold: source.mayHold })
      }
      if (did.do === 'centrifuge' || did.do === 'filter') {
        const source = at.get(did.vessel) ?? sample
        part(
          source,
          did.liquidInto,
          did.do === 'filter' ? 'filtered' : 'centrifuged',
          entry.id,
          { solid: source.mayHold, liquid: source.mayHold },
          false,
        )
      }
      continue
    }
    const { separation, proof } = test
    const seen = told.get(entry.id) ?? []
    if (proof) {
      const source = at.get(proof.from)
      if (source && isSign(seen, proof.sign)) source.shown = [...new Set([...source.shown, ...proof.ions])]
      continue
    }
    const taken = separation.steps.find((step) => step.do === 'take' && step.into === THIS)
    const parent = at.get(separation.on)
    const source =
      parent && !taken
        ? parent
        : put({
            vessel: separation.on,
            form: 'portion',
            from: (at.get(taken && 'from' in taken ? (taken.from ?? 'sample') : 'sample') ?? sample).id,
            by: 'a portion',
            entry: entry.id,
            mayHold: (at.get(taken && 'from' in taken ? (taken.from ?? 'sample') : 'sample') ?? sample).mayHold,
          })
    if (separation.liquid === undefined) continue
    const looked = seen.length > 0
    const empty = looked && separation.steps.some((step) => step.do === 'look' && step.at === THIS) && !someSolid(seen, separation)
    const stays = new Set([...separation.keeps, ...Object.keys(separation.strays ?? {})])
    part(
      source,
      separation.liquid,
      separation.title,
      entry.id,
      {
        solid: empty ? [] : source.mayHold.filter((ion) => stays.has(ion)),
        // Whether its ions came down or were not there, they are not in the liquid, once somebody has looked.
        liquid: looked ? source.mayHold.filter((ion) => !separation.keeps.includes(ion)) : source.mayHold,
      },
      empty,
    )
  }
  return all
}

function toldOf(entries: readonly Entry[]): Map<string, Observation[]> {
  const told = new Map<string, Observation[]>()
  let last = ''
  for (const entry of entries) {
    if ('did' in entry) last = entry.id
    if (!('saw' in entry)) continue
    const of = entry.saw.of ?? last
    told.set(of, [...(told.get(of) ?? []), entry.saw])
  }
  return told
}
