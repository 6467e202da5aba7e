import { z, type ZodType } from 'zod'

/** One address of the API: what has to be sent, and what is answered. The server answers it, the page asks it, and neither writes its shape again. */
export interface Endpoint<Path extends string = string, Body extends ZodType = ZodType, Answer extends ZodType = ZodType> {
  readonly method: 'get' | 'post' | 'delete'
  /** With `:name` where an id stands. */
  readonly path: Path
  /** Of an answer that is not empty; 200 unless said. */
  readonly status?: number
  readonly body: Body
  readonly answer: Answer
}

/** The names of the ids in a path: `jar` of `/jars/:jar/seen`. */
export type IdsIn<Path extends string> = Path extends `${string}:${infer Rest}`
  ? Rest extends `${infer Name}/${infer More}`
    ? Name | IdsIn<More>
    : Rest
  : never
/** The path of an endpoint. */
export type PathOf<E> = E extends Endpoint<infer Path> ? Path : never

/** What is sent, before and after it was read. */
export type Sent<E extends Endpoint> = z.input<E['body']>
export type Read<E extends Endpoint> = z.output<E['body']>
/** What the server gives, and the page gets. */
export type Given<E extends Endpoint> = z.input<E['answer']>
export type Answered<E extends Endpoint> = z.output<E['answer']>

/** Nothing is sent, or nothing answered. */
export const nothing = z.undefined()
export type Nothing = typeof nothing

interface Answers<Answer extends ZodType> {
  readonly status?: number
  readonly answer: Answer
}

export const get = <Path extends string, Answer extends ZodType>(path: Path, { answer }: Answers<Answer>): Endpoint<Path, Nothing, Answer> => ({
  method: 'get',
  path,
  body: nothing,
  answer,
})
export const post = <Path extends string, Body extends ZodType, Answer extends ZodType>(
  path: Path,
  { body, answer, status }: Answers<Answer> & { readonly body: Body },
): Endpoint<Path, Body, Answer> => ({ method: 'post', path, body, answer, ...(status === undefined ? {} : { status }) })
export const remove = <Path extends string>(path: Path): Endpoint<Path, Nothing, Nothing> => ({
  method: 'delete',
  path,
  body: nothing,
  answer: nothing,
})

/**
 * The address itself, with its ids put in.
 * @throws RangeError where an id is missing
 */
export function addressOf(path: string, ids: Readonly<Record<string, string | number>> = {}): string {
  return path.replace(/:([A-Za-z]+)/g, (_, name: string) => {
    const id = ids[name]
    if (id === undefined) throw new RangeError(`${path} wants ${name}`)
    return encodeURIComponent(id)
  })
}
