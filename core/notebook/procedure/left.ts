/** A piece of a line while its words are taken out one after another. */
export class Left {
  constructor(private text: string) {}

  /** Takes the first match out; null where there is none. */
  take(pattern: RegExp): RegExpExecArray | null {
    const match = pattern.exec(this.text)
    if (match) this.text = `${this.text.slice(0, match.index)} ${this.text.slice(match.index + match[0].length)}`.replace(/\s+/g, ' ').trim()
    return match
  }

  /** The same again, to be taken apart in another way. */
  copy(): Left {
    return new Left(this.text)
  }

  /** Where a pattern first matches; −1 where it does not. */
  find(pattern: RegExp): number {
    return pattern.exec(this.text)?.index ?? -1
  }

  has(pattern: RegExp): boolean {
    return pattern.test(this.text)
  }

  /** What is left, without the words that only join. */
  get words(): string {
    return this.text
      .replace(JOINING, ' ')
      .replace(/^[\s,.:]+|[\s,.:]+$/g, '')
      .replace(/\s+/g, ' ')
  }
}

const JOINING =
  /(?<![\w(])(?:the|an?|of|it|this|that|is|was|were|be|with|w|in|into|to|on|onto|over|for|about|approx|ca|some|clean|off|up|down the sides?(?: of the tube)?|down|further|again|now|by|well|gently|gentle|slowly|carefully|vigorously|dropwise|drop by drop|allowed|allow|let|left|still|only|my|test|tubes?|tt|more|from|at|each|time|its?)(?![\w)])/gi
