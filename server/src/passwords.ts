import { createHash, randomBytes, scrypt } from 'node:crypto'

/** Cost of one derivation: 32 MiB and about a quarter of a second. Source: OWASP Password Storage Cheat Sheet, scrypt with N = 2^15, r = 8, p = 3. */
const COST = { N: 2 ** 15, r: 8, p: 3, maxmem: 64 * 2 ** 20 }

export const newSalt = (): Buffer => randomBytes(16)

/** The key a password proves itself with, 32 bytes. Derived here, so that neither password nor a hash that could be tried offline passes through the database's log. */
export const proofOf = (password: string, salt: Buffer): Promise<Buffer> =>
  new Promise((resolve, reject) => {
    scrypt(password.normalize('NFKC'), salt, 32, COST, (error, key) => (error ? reject(error) : resolve(key)))
  })

export const sha256 = (bytes: Buffer | string): Buffer => createHash('sha256').update(bytes).digest()

/** What the database keeps of a proof. */
export const verifierOf = sha256
