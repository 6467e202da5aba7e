import { Refusal } from '../http/errors'

interface Waiting {
  readonly start: () => Promise<void>
  readonly leave: (why: Error) => void
}

/** Thrown for work whose asker has gone. */
export class Gone extends Error {}

/**
 * Lets people take turns at something of which little can be done at once: whoever has waited longest without a turn is next, one piece of work each, so that nobody's many pieces keep another's
 * one waiting. What is asked for and not begun is dropped once its asker is gone.
 */
export class Turns {
  private readonly waiting = new Map<string, Waiting[]>()
  private underWay = 0

  /**
   * @param atOnce how much is done at once
   * @param each how much one person may have waiting
   * @param all how much may wait in all
   */
  constructor(
    private readonly atOnce: number,
    private readonly each = 24,
    private readonly all = 1200,
  ) {}

  get length(): number {
    let sum = 0
    for (const mine of this.waiting.values()) sum += mine.length
    return sum
  }

  /** @throws Refusal where one person, or everybody together, has too much waiting; Gone */
  run<T>(person: string, work: () => Promise<T>, signal?: AbortSignal): Promise<T> {
    const mine = this.waiting.get(person) ?? []
    if (mine.length >= this.each) return Promise.reject(new Refusal(429, 'asked-much', {}, 5))
    if (this.length >= this.all) return Promise.reject(new Refusal(503, 'much-to-work-out', {}, 10))
    return new Promise<T>((resolve, reject) => {
      if (signal?.aborted) {
        reject(new Gone())
        return
      }
      const one: Waiting = { start: () => work().then(resolve, reject), leave: reject }
      signal?.addEventListener('abort', () => this.drop(person, one), { once: true })
      mine.push(one)
      this.waiting.set(person, mine)
      this.next()
    })
  }

  private drop(person: string, one: Waiting): void {
    const mine = this.waiting.get(person)
    const at = mine?.indexOf(one) ?? -1
    if (!mine || at < 0) return
    mine.splice(at, 1)
    if (mine.length === 0) this.waiting.delete(person)
    one.leave(new Gone())
  }

  private next(): void {
    while (this.underWay < this.atOnce) {
      const [turn] = this.waiting
      if (!turn) return
      const [person, mine] = turn
      const one = mine.shift()
      // Behind everybody else, with what is left.
      this.waiting.delete(person)
      if (mine.length > 0) this.waiting.set(person, mine)
      if (!one) continue
      this.underWay++
      void one.start().finally(() => {
        this.underWay--
        this.next()
      })
    }
  }
}
