import { scryptSync } from 'node:crypto'

/** Cost of one derivation: 32 MiB and about a quarter of a second. Source: OWASP Password Storage Cheat Sheet, scrypt with N = 2^15, r = 8, p = 3. */
const COST = { N: 2 ** 15, r: 8, p: 3, maxmem: 64 * 2 ** 20 }

/** What a password and its salt make, 32 bytes. A thread's whole task. */
export default function derive({ password, salt }: { readonly password: string; readonly salt: Uint8Array }): Uint8Array {
  return scryptSync(password.normalize('NFKC'), salt, 32, COST)
}
