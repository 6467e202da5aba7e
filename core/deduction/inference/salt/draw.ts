import { SALTS, streamOf, type Chance, type Salt } from '../../../species'
import type { Content } from '../../simulation/content'
import { keeps } from '../mixture/together'
import { staysDissolved } from './solubility'

/** A salt dissolved, to work on. */
export interface Dissolved {
  readonly salt: Salt
  /** mol/L */
  readonly molar: number
  readonly content: Content
}

/** As strong as a solution is given out, mol/L; judged. */
const BETWEEN = [0.05, 0.2] as const
const TRIES = 1000

/**
 * A solution of one bench salt to practise on, in which nothing comes down, leaves or is oxidised; the same for the same seed.
 * @throws RangeError when none is found
 */
export function practiceDissolved(by: Chance, mL: number): Dissolved {
  const random = streamOf(by)
  for (let k = 0; k < TRIES; k++) {
    const salt = SALTS[Math.floor(random() * SALTS.length)]
    const molar = Math.round(1000 * BETWEEN[0] * (BETWEEN[1] / BETWEEN[0]) ** random()) / 1000
    const ions = Object.entries(salt?.data.ions ?? {})
    if (!salt || ions.some(([, n]) => n <= 0) || !staysDissolved(salt.data.ions, molar)) continue
    const content: Content = {
      id: `${salt.id}, ${molar} mol/L`,
      jar: { solution: { ions: Object.fromEntries(ions.map(([ion, n]) => [ion, n * molar])), mL } },
    }
    if (keeps(content)) return { salt, molar, content }
  }
  throw new RangeError('no salt that dissolves found')
}
