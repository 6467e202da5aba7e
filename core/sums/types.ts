import { z } from 'zod'

/** A sum of the bench: what it takes and gives, with units in the names of its fields, and the working in words. */
export interface Sum {
  readonly id: string
  readonly title: string
  readonly input: z.ZodType
  readonly output: z.ZodType
  /**
   * @throws SumError where what is asked cannot be
   * @throws z.ZodError for input of another shape
   */
  readonly run: (input: unknown) => unknown
}

/** What is asked cannot be had: where in the input, and what could. */
export class SumError extends Error {
  constructor(
    readonly path: string,
    readonly expected: string,
  ) {
    super(`${path}: ${expected}`)
    this.name = 'SumError'
  }
}

/** Every sum shows how it came to its result. */
const working = { working: z.array(z.string()) }

export function defineSum<In extends z.ZodType, Out extends z.ZodRawShape>(
  id: string,
  title: string,
  input: In,
  output: Out,
  work: (given: z.output<In>) => z.output<z.ZodObject<Out>> & { readonly working: readonly string[] },
): Sum {
  return { id, title, input, output: z.looseObject({ ...output, ...working }), run: (given) => work(input.parse(given)) }
}

/** Rounded to significant digits: no more than went in. */
export const digits = (value: number, n = 3): number => (value === 0 || !Number.isFinite(value) ? value : Number(value.toPrecision(n)))

export const positive = z.number().positive()
export const DROPS_IN_ONE_mL = 20
