import { dictionary } from '@zxcvbn-ts/language-common'
import { createHash, randomBytes } from 'node:crypto'
import { Piscina } from 'piscina'
import derive from './derive'
import { Refusal } from './http/errors'

export const newSalt = (): Buffer => randomBytes(16)

/** Derives keys from passwords, in threads of its own, so that files, connections and other people do not wait for it. */
export interface Hashing {
  /** The key a password proves itself with, 32 bytes. Derived here, so that neither password nor a hash that could be tried offline passes through the database's log. @throws Refusal while too many wait */
  readonly proofOf: (password: string, salt: Buffer) => Promise<Buffer>
  readonly close: () => Promise<void>
}

/** The most that wait at once: a large class that signs in together, and no flood. */
const MOST_WAITING = 400
const busy = (): Refusal => new Refusal(503, 'very-many-sign-in', {}, 30)

/** @param file the module `derive` as it is built */
export function hashingThreads(file: string, count: number): Hashing {
  const pool = new Piscina({ filename: file, minThreads: 1, maxThreads: count, idleTimeout: 60_000 })
  return {
    proofOf: async (password, salt) => {
      if (pool.queueSize >= MOST_WAITING) throw busy()
      return Buffer.from((await pool.run({ password, salt })) as Uint8Array)
    },
    close: () => pool.destroy(),
  }
}

/** In this very thread. */
export const hashingHere: Hashing = {
  proofOf: (password, salt) => Promise.resolve(Buffer.from(derive({ password, salt }))),
  close: () => Promise.resolve(),
}

export const sha256 = (bytes: Buffer | string): Buffer => createHash('sha256').update(bytes).digest()

/** What the database keeps of a proof. */
export const verifierOf = sha256

const COMMON: ReadonlySet<string> = new Set(dictionary['passwords-common'].map(String))
/** Words that stand before or behind what people take for a password of their own. */
const PADDING = /^[\d\W_]+|[\d\W_]+$/g
/** Whether a password is one that is tried first: among the commonest, one of them with figures round it or written twice, a single sign over and over, or a run of neighbours. */
export function isCommon(password: string): boolean {
  const plain = password.toLowerCase()
  const core = plain.replace(PADDING, '')
  const half = plain.slice(0, plain.length / 2)
  const step = plain.charCodeAt(1) - plain.charCodeAt(0)
  const isRun = Math.abs(step) <= 1 && [...plain].every((_, k) => k === 0 || plain.charCodeAt(k) - plain.charCodeAt(k - 1) === step)
  return COMMON.has(plain) || (core.length <= 10 && COMMON.has(core)) || (plain === half + half && (COMMON.has(half) || half.length < 4)) || isRun
}
