import { Piscina } from 'piscina'
import simulate, { draw, type Drawing, type Simulated, type Simulation } from './simulate'

/** Simulates, and answers in whole steps of time. */
export interface Simulator {
  readonly run: (simulation: Simulation) => Promise<Simulated>
  /** What a seed puts into a jar of some kind, as it is sealed. */
  readonly draw: (drawing: Drawing) => Promise<string>
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

/** Simulates in threads of its own, so that nobody else's request waits for it. */
export function threads(file: string, count: number): Simulator {
  const pool = new Piscina({ filename: file, minThreads: 1, maxThreads: count, idleTimeout: 60_000 })
  return {
    run: (simulation) => wholeSteps(pool.run(simulation) as Promise<Simulated>),
    draw: (drawing) => pool.run(drawing, { name: 'draw' }) as Promise<string>,
    close: () => pool.destroy(),
  }
}

/** Simulates in this very thread. */
export const here: Simulator = {
  run: (simulation) => Promise.resolve({ ...simulate(simulation) }),
  draw: (drawing) => Promise.resolve(draw(drawing)),
  close: () => Promise.resolve(),
}
