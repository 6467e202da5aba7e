import { Clause, type Reading, type Subject } from './clause'
import { constantIn } from './constants'
import type { ObservationInput } from './schema'
import { tokens } from './tokens'

export type { Reading } from './clause'

/** Ways of writing that are made one before the words are looked up. */
const ALIKE: readonly (readonly [RegExp, string])[] = [
  [/(->|→|=>|\?)/g, ' $1 '],
  [/-(like|coloured|colored)\b/gi, ' $1'],
  // Capital letters beside a change are the paper; "bl ppt" is a blue one.
  [/\bBL\b(?=\s*(->|→|turn|went|goes|red|no change|nc\b|unchanged))/g, 'blue litmus'],
  [/\bmilky,?\s+(?:and\s+)?(?:then|and)\s+(?:turns\s+|goes\s+)?clears?(?:\s+again)?\b/gi, 'milkythenclear'],
  [/\bafter (?:about )?\d+ ?(?:min|minutes?|mins)\b/gi, 'after minutes'],
  [/\bafter (?:about )?\d+ ?(?:s|sec|secs|seconds?)\b/gi, 'after seconds'],
  [/\b(excess|xs) of\b/gi, '$1'],
  [/(^|\s)\(([^()]*)\)/g, '$1 $2 '],
  [/\band (?=(?:then|reappears|turns|goes|gives|leaves)\b)/gi, ', '],
  // The full stop of an abbreviation ends no sentence.
  [/\b(sl|v|sol|insol|dil|conc|aq|gel|cryst|temp|approx|lit|wh|yel|blk|brn|prob|liq)\.(?=\s)/gi, '$1'],
]

const TUBE_MARKED = /^(?:(?:in|tube|in tube)\s+)?([A-Z][A-Z0-9]?)(?:\s*[:›>)]\s*|\s*[–-]\s+)(?=\S)(.+)$/
const TUBE_SAID = /^(?:in tube|in|tube)\s+([A-Z])\s+(.+)$/i
/** Tubes are lettered; "A" may be an article and "I" the writer. */
const TUBE_BARE = /^([B-HJ-Z])\s+(.+)$/
const TUBE_LAST = /^(.+)\s+in (?:tube )?([A-Z])$/

/** A clause with the tube it is about, where it names one. */
function ofTube(clause: string, lettered: boolean): { readonly tube?: string; readonly text: string } {
  const first = TUBE_MARKED.exec(clause) ?? TUBE_SAID.exec(clause) ?? TUBE_BARE.exec(clause) ?? (lettered ? /^(A)\s+(.+)$/.exec(clause) : null)
  if (first) return { tube: (first[1] ?? '').toUpperCase(), text: first[2] ?? '' }
  const last = TUBE_LAST.exec(clause)
  return last ? { tube: last[2] ?? '', text: last[1] ?? '' } : { text: clause }
}

/**
 * Reads a line such as `wh curdy ppt, sol xs NH3` into observations. Nothing is lost: what is not understood is in `rest`.
 * A leading `B:` names the tube, for this clause and those after it.
 */
export function readShorthand(line: string): Reading {
  const constant = constantIn(line)
  if (constant) {
    const { observations, rest } = readShorthand(constant.left)
    return { observations: [constant.observation, ...observations], rest }
  }
  const text = ALIKE.reduce((now, [from, to]) => now.replace(from, to), line)
  const clauses = text
    .split(/[,;\n]|\bbut\b|\bthen\b|\.(?=\s|$)/)
    .map((clause) => clause.trim())
    .filter((clause) => clause !== '')
  const lettered = clauses.some((clause) => TUBE_BARE.test(clause))
  const observations: ObservationInput[] = []
  const rest: string[] = []
  let vessel: string | undefined
  let subject: Subject = null
  for (const clause of clauses) {
    const { tube, text: said } = ofTube(clause, lettered)
    if (tube !== undefined) vessel = tube
    const read = new Clause(tokens(said), subject).read()
    subject = read.subject
    for (const o of read.observations.map((seen) => (vessel === undefined ? seen : { ...seen, vessel })))
      // "precipitate, white" says once that there is one, "brisk effervescence" once how brisk.
      if (!observations.some((known) => JSON.stringify(known) === JSON.stringify(o))) observations.push(o)
    rest.push(...read.rest)
  }
  return { observations, rest }
}
