import type { Entry } from '@foxing/core'
import { z } from 'zod'
import type { Database, Who } from '../database'
import { SignedOut } from '../signed-out'
import { Refusal } from '../http/errors'
import { noJar } from './jars'

export interface NewEntry {
  readonly order: number
  readonly body: Entry
}
export interface Acknowledged {
  readonly id: string
  readonly position: number
  /** Its place among those of its device: after all that had come before, whatever it was sent as. */
  readonly order: number
}

const answersSchema = z.array(
  z.union([
    z.object({ acknowledged: z.array(z.object({ id: z.string(), position: z.number(), order: z.number() })) }),
    z.object({ refused: z.literal('room'), which: z.string() }),
    z.object({ refused: z.enum(['session', 'jar']) }),
  ]),
)
type Answer = z.infer<typeof answersSchema>[number]

interface Sending {
  readonly who: Who
  readonly jar: string
  readonly device: string
  readonly entries: readonly NewEntry[]
  readonly answer: (answer: Answer) => void
  readonly fail: (error: unknown) => void
}

/** Commits under way at once, and the most sendings that share one. */
const COMMITS = 3
const MOST = 64

/**
 * Adds entries to notebooks. What arrives while earlier commits are under way waits for the next one and shares it with others of its institution: a disk can be asked only so
 * often to make sure.
 */
export class Appending {
  private waiting: Sending[] = []
  private underWay = 0

  /** @param count told how many entries were acknowledged */
  constructor(
    private readonly database: Database,
    private readonly count: (entries: number) => void = () => undefined,
  ) {}

  /**
   * Adds entries in the order given; one that is there already is acknowledged and left as it is. Once this answers, they are on the disk.
   * @throws SignedOut, Refusal
   */
  async append(who: Who, jar: string, device: string, entries: readonly NewEntry[]): Promise<readonly Acknowledged[]> {
    const answer = await new Promise<Answer>((resolve, reject) => {
      this.waiting.push({ who, jar, device, entries, answer: resolve, fail: reject })
      this.next()
    })
    if ('acknowledged' in answer) {
      this.count(answer.acknowledged.length)
      return answer.acknowledged
    }
    if (answer.refused === 'room') throw new Refusal(413, 'notebook-full', { which: answer.which })
    throw answer.refused === 'session' ? new SignedOut() : noJar()
  }

  private next(): void {
    while (this.underWay < COMMITS && this.waiting.length > 0) {
      const institution = this.waiting[0]?.who.institution ?? ''
      const together: Sending[] = []
      const others: Sending[] = []
      for (const sending of this.waiting) (sending.who.institution === institution && together.length < MOST ? together : others).push(sending)
      this.waiting = others
      this.underWay++
      void this.commit(institution, together).finally(() => {
        this.underWay--
        this.next()
      })
    }
  }

  private async commit(institution: string, sendings: readonly Sending[]): Promise<void> {
    try {
      // In the order of the jars, so that no two commits wait for each other.
      const inTurn = sendings.toSorted((a, b) => (a.jar < b.jar ? -1 : a.jar > b.jar ? 1 : 0))
      const { rows } = await this.database.pool.query<{ answers: unknown }>({
        name: 'append',
        text: 'select append_all($1, $2) as answers',
        values: [
          institution,
          JSON.stringify(
            inTurn.map(({ who, jar, device, entries }) => ({ person: who.person, token: who.tokenHash.toString('hex'), jar, device, entries })),
          ),
        ],
      })
      const answers = answersSchema.parse(rows[0]?.answers)
      inTurn.forEach((sending, k) => {
        const answer = answers[k]
        if (answer) sending.answer(answer)
        else sending.fail(new Error('a sending was not answered'))
      })
    } catch (error) {
      // One that cannot be kept must not take the others with it: each by itself.
      const [only, ...more] = sendings
      if (only && more.length === 0) only.fail(error)
      else for (const sending of sendings) await this.commit(institution, [sending])
    }
  }
}
