import { Piscina } from 'piscina'
import type { Proved } from './database'
import { Turns } from './services/turns'
import simulate, { draw, type Drawing, type Simulated, type Simulation } from './simulate'

/** Simulates for people who have proved who they are, and answers in whole steps of time. What is not begun is dropped once its asker is gone. */
export interface Simulator {
  readonly run: (by: Proved, simulation: Simulation, gone?: AbortSignal) => Promise<Simulated>
  /** What is drawn for a jar of some kind, as it is sealed. */
  readonly draw: (by: Proved, drawing: Drawing, gone?: AbortSignal) => Promise<string>
  readonly close: () => Promise<void>
}

/** Answers about a secret sample take whole steps of this time, so that how long one took tells nothing, ms. */
export const TIME_STEP = 250

/** Waits until a whole number of time steps has passed since `began`. */
export async function wholeSteps<T>(work: Promise<T>): Promise<T> {
  const began = performance.now()
  const result = await work.then(
    (value) => () => value,
    (error: unknown) => () => {
      throw error
    },
  )
  const taken = performance.now() - began
  await new Promise((resolve) => setTimeout(resolve, Math.ceil(taken / TIME_STEP) * TIME_STEP - taken))
  return result()
}

/** A thread that does not answer for this long is ended, ms; a question ends itself well before. */
const LOST_MS = 30_000

/** Simulates in threads of its own, so that nobody else's request waits for it. One jar goes to one thread, which keeps its states; people take turns at each. */
export function threads(file: string, count: number): Simulator {
  const all = Array.from({ length: count }, () => ({
    pool: new Piscina({ filename: file, minThreads: 0, maxThreads: 1, idleTimeout: 300_000 }),
    turns: new Turns(1),
  }))
  let next = 0
  const threadOf = (jar: string | undefined): (typeof all)[number] => {
    const place = jar === undefined ? next++ : parseInt(jar.slice(0, 8), 16)
    return all[place % count] as (typeof all)[number]
  }
  const within = (): { signal: AbortSignal } => ({ signal: AbortSignal.timeout(LOST_MS) })
  return {
    run: (by, simulation, gone) => {
      const { pool, turns } = threadOf(simulation.jar)
      return wholeSteps(turns.run(by.person, () => pool.run(simulation, within()) as Promise<Simulated>, gone))
    },
    draw: (by, drawing, gone) => {
      const { pool, turns } = threadOf(undefined)
      return turns.run(by.person, () => pool.run(drawing, { name: 'draw', ...within() }) as Promise<string>, gone)
    },
    close: async () => {
      await Promise.all(all.map(({ pool }) => pool.destroy()))
    },
  }
}

/** Simulates in this very thread. */
export const here: Simulator = {
  run: (_by, simulation) => Promise.resolve({ ...simulate(simulation) }),
  draw: (_by, drawing) => Promise.resolve(draw(drawing)),
  close: () => Promise.resolve(),
}
