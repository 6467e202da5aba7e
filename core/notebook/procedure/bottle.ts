import { findReagent, findSolid, findSolvent, gasById } from '../../species'

/** What is poured or strewn, by the name a step gives it. */
export interface Bottle {
  readonly reagent: string
  readonly form: 'liquid' | 'solid' | 'gas'
}

const known = <Found>(find: () => Found): Found | undefined => {
  try {
    return find()
  } catch {
    return undefined
  }
}

const STRENGTH_FIRST = /^(conc(?:entrated)?|dil(?:ute[d]?)?|sat(?:urated)?|\d+(?:\.\d+)?\s*(?:M|mol\/L|%))\.?\s+(.+)$/i
const STRENGTH_LAST = /^(.+?)\s+(conc(?:entrated)?|dil(?:ute[d]?)?|sat(?:urated)?|\d+(?:\.\d+)?\s*(?:M|mol\/L|%))\.?$/i
const SOLID_WORD = /[\s,]+(?:solid|s|powder(?:ed)?|crystals?|turnings?|chips?|foil|dust|ribbon|filings|pellets?|granules?|wire)$/i
const GAS_NAMES: Readonly<Record<string, string>> = {
  'hydrogen sulfide': 'H2S',
  'hydrogen sulphide': 'H2S',
  'carbon dioxide': 'CO2',
  'sulfur dioxide': 'SO2',
  'sulphur dioxide': 'SO2',
  chlorine: 'Cl2',
}

/** The gas a phrase names; undefined where it names none. */
export function gasIn(phrase: string): string | undefined {
  const name = phrase.replace(/\s+gas$/i, '').trim()
  return [...gasById.keys()].find((id) => id.toLowerCase() === name.toLowerCase()) ?? GAS_NAMES[name.toLowerCase()]
}

/** `2M`, `dil`, as a strength is written after a name. */
const strength = (said: string): string =>
  said.replace(/^(\d+(?:\.\d+)?)\s*/, '$1 ').replace(/^(conc|dil|sat)\w*$/i, (_, short: string) => short.toLowerCase())

/**
 * The bottle or jar a phrase names, its strength after the name; null where the shelf has nothing of that name.
 * @param asSolid whether the amount, or a word, says that it comes on a spatula
 */
export function bottleIn(phrase: string, asSolid = false): Bottle | null {
  const said = phrase
    .replace(/\s+/g, ' ')
    .replace(/\bfresh(?:ly)?(?: made| prepared)?\s+/i, '')
    .replace(/\s+fresh(?:ly made)?$/i, '')
    .replace(/\.$/, '')
    .trim()
  if (said === '') return null
  const gas = asSolid ? undefined : gasIn(said)
  if (gas !== undefined && (/\bgas$/i.test(said) || gas === 'H2S')) return { reagent: gas, form: 'gas' }
  const first = STRENGTH_FIRST.exec(said)
  const last = STRENGTH_LAST.exec(said)
  const name = (first?.[2] ?? last?.[1] ?? said).replace(/\s+(?:solutions?|solns?)$/i, '')
  const written = `${name}${first || last ? ` ${strength(first?.[1] ?? last?.[2] ?? '')}` : ''}`
  const solid = asSolid || SOLID_WORD.test(said)
  if (solid) {
    const bare = name.replace(SOLID_WORD, '')
    const powder = bare.length > 1 ? known(() => findSolid(bare)) : undefined
    if (powder) return { reagent: bare, form: 'solid' }
  }
  for (const text of [written, said])
    if (findSolvent(text) !== undefined || known(() => findReagent(text)) !== undefined) return { reagent: text, form: 'liquid' }
  // Gold leaf would not be poured either: what is kept only as a solid comes on a spatula.
  const powder = first || last || /^[a-z]{1,3}$/.test(said) ? undefined : known(() => findSolid(said))
  return powder ? { reagent: said, form: 'solid' } : null
}

/** What the shelf calls a bottle, whatever a line calls it; an unknown name stands for itself. */
export const shelfId = (name: string): string => known(() => findReagent(name).reagent) ?? name.toLowerCase()
