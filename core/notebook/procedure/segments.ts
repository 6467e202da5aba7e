/** What stands between two pieces of a line. */
export type Joint = '' | '->' | ':' | ';' | ',' | '.' | 'then' | 'and' | '+'

/** A piece of a line that may be one act, or something seen: where it stands in the text, and what it is joined by. */
export interface Segment {
  readonly text: string
  readonly start: number
  readonly end: number
  readonly before: Joint
  readonly after: Joint
}

/** Ways of writing that are made one before a line is taken apart. */
const ALIKE: readonly (readonly [RegExp, string])[] = [
  [/\s*(?:-+>|=+>|→|⟶)\s*/g, ' -> '],
  [/\b([A-Za-z])\.\s?([A-Za-z])\.(?=\s|$)/g, '$1$2'],
  [/\b([OSFL])\.([SE])(?=\s|$)/g, '$1$2'],
  [/\bw\/\s?b(?:ath)?\b/gi, 'water bath'],
  [/\bw\/(?=\s|\d)/gi, 'with '],
  // The full stop of an abbreviation ends no sentence.
  [
    /\b(sl|v|sol|insol|dil|conc|aq|gel|soln|solns|mins?|hrs?|h|ml|dr|red|ox|approx|ppt|sat|vol|amt|temp|orig|eff|cryst|wh|yel|blk|brn|prob|liq|flam)\.(?=\s|$|,|:)/gi,
    '$1',
  ],
  // "To 1 mL of the solution was added", "test the filtrate with": what goes into what.
  [/\bto (?:the )?([^,;:>]{1,40}?),?\s+(?:(?:was|were|is|are|I)\s+)?add(?:ed)?\s+(?=\S)/gi, '$1 + '],
  [
    /\b(?:test|treat|mix)(?:ed)?\s+(?:the\s+)?(filtrate|centrifugate|supernat\w+|ppt|precipitate|residue|soln|solution|salt|solid|extract|liquid)\s+with\s+/gi,
    '$1 + ',
  ],
  [/\badd(?:ed)?\s+([^,;:>]+?)\s+to\s+(?:the\s+)?(\d[\d.]*\s*(?:mL|drops?|dr|cc|cm3)\s+(?:of\s+)?[^,;:>]+?)(?=\s*(?:[,;:]|->|$))/gi, '$2 + $1'],
  [
    /\b(heat|warm|boil)(?:ed)?\s+(?:the\s+)?([^,;:>]*?\b(?:salt|solid|soln|solution|ppt|sample|residue|compound)\b[^,;:>]*?)\s+with\s+([^,;:>]+?)(?=\s*(?:[,;:]|->|$))/gi,
    '$2 + $3, $1',
  ],
  [/(^|[;.]\s)(?:after|on)\s+(?:about\s+)?(\d+\s?(?:mins?|minutes?|h|hrs?|hours?))(?:\s+of)?(?:\s+standing)?\b[,:]?\s*/gi, '$1stand $2: '],
  // What a paper or a splint does that is held over a tube.
  [/((?:paper|litmus|splint)\b[^,;:]*?\b(?:held|over|mouth)\b[^,;:]*?)\s+(goes|turns|went|turned|becomes|relights|pops)\b/gi, '$1: $2'],
  // Brackets that are no formula's.
  [/(^|\s)\(([^()]*)\)(?=[\s,;:.]|$)/g, '$1$2'],
  // A dash before what was seen.
  [/\s[–—-]\s/g, ': '],
]
const SPLIT = /\s*(?:(->)|(;)|(:)(?=\s|$)|(,)(?!\d)|(\.)(?=\s|$)|\b(then)\b|\b(and)\b|(&)(?=\s)|(?:^|(?<=\s))(\+)(?=\s*\S))\s*/gi

const STRONGER: Readonly<Record<Joint, number>> = { '': 0, and: 1, ',': 2, then: 3, ';': 4, '.': 5, ':': 6, '->': 7, '+': 8 }

export const alike = (line: string): string => ALIKE.reduce((now, [from, to]) => now.replace(from, to), line).trim()

/** Takes a line apart; `text` is the line as `alike` gives it. */
export function segmentsOf(text: string): Segment[] {
  const found: Segment[] = []
  let start = 0
  let before: Joint = ''
  const put = (end: number, after: Joint): void => {
    const piece = text.slice(start, end)
    const said = piece.trim()
    const last = found.at(-1)
    if (said !== '') {
      const from = start + piece.indexOf(said)
      found.push({ text: said, start: from, end: from + said.length, before, after })
      before = after
    } else {
      if (STRONGER[after] > STRONGER[before]) before = after
      if (last && STRONGER[after] > STRONGER[last.after]) found[found.length - 1] = { ...last, after }
    }
  }
  for (const match of text.matchAll(SPLIT)) {
    const joint = (match.slice(1) as (string | undefined)[]).find((part) => part !== undefined)?.toLowerCase() ?? ''
    put(match.index, (joint === '&' ? 'and' : joint) as Joint)
    start = match.index + match[0].length
  }
  put(text.length, '')
  return found
}
