import { CONVERSIONS, type Conversion } from '../reactions'
import { COMPONENT_INDEX, inComponents, ionsWith } from '../species'
import type { Contents, Reacting } from './state'
import { holdsTrue } from './when'

interface Prepared {
  readonly conversion: Conversion
  readonly takes: readonly (readonly [component: number, coefficient: number])[]
  /** Net change of each component for one turn. */
  readonly change: readonly (readonly [component: number, coefficient: number])[]
}

const PREPARED: readonly Prepared[] = CONVERSIONS.map((conversion) => {
  const takes = [...inComponents(conversion.takes).terms]
  const change = new Map<number, number>()
  for (const [c, n] of takes) change.set(c, (change.get(c) ?? 0) - n)
  for (const [c, n] of inComponents(conversion.gives).terms) change.set(c, (change.get(c) ?? 0) + n)
  return { conversion, takes, change: [...change].filter(([, n]) => n !== 0) }
})

/** Less than this is not worth turning, mol. */
const LEAST = 1e-10
/** Components a metal in the solution may hold so fast that they do not react: chloride and bromide by mercury, cyanide by silver. */
const HOLDERS = new Set(ionsWith('keeps-halides').map((f) => COMPONENT_INDEX.get(f) ?? -1))

/** Which conversions the components allow at all. */
export const mayConvert = (totals: Float64Array): boolean => PREPARED.some((prepared) => isThere(prepared, totals))
const isThere = ({ takes }: Prepared, totals: Float64Array): boolean => takes.every(([c]) => c === 0 || (totals[c] as number) > LEAST)

/** mol of a component that is dissolved and not held by a metal that keeps it. */
function free(component: number, { chemistry, state }: Contents, volume_mL: number): number {
  let sum = 0
  chemistry.aqueous.forEach((species, i) => {
    if (species.terms.some(([c]) => HOLDERS.has(c))) return
    for (const [c, n] of species.terms) if (c === component && n > 0) sum += n * (state.amounts[i] as number)
  })
  return (sum * volume_mL) / 1000
}

const conversionKey = (id: string): string => `conversion:${id}`

/** Lets every conversion whose conditions hold run once, to its share. Changes `totals`, `inert` and `extents` of the mix; says whether anything went. */
export function convert(mix: Reacting, contents: Contents, volume_mL: number): boolean {
  let any = false
  for (const prepared of PREPARED) {
    const { conversion, takes, change } = prepared
    if (!isThere(prepared, mix.totals)) continue
    if (conversion.over !== undefined && !((mix.inert.get(conversion.over) ?? 0) > LEAST)) continue
    if (conversion.after_min !== undefined && mix.rested_min < conversion.after_min) continue
    if (!conversion.when.some((w) => holdsTrue(w, mix, contents.pH))) continue
    const key = conversionKey(conversion.id)
    // A slow one goes to its share once in an operation.
    if (conversion.share !== undefined && mix.extents.has(key)) continue
    let extent = Infinity
    const solid = conversion.solid ? contents.solids.find((s) => s.solid.id === conversion.solid) : undefined
    if (conversion.solid && !solid) continue
    for (const [c, n] of takes) {
      if (c === 0 || n <= 0) continue
      const inSolid = solid?.solid.terms.find(([j]) => j === c)?.[1]
      const available = inSolid !== undefined ? (solid?.mol ?? 0) * inSolid : Math.min(mix.totals[c] as number, free(c, contents, volume_mL))
      extent = Math.min(extent, available / n)
    }
    extent *= conversion.share ?? 1
    if (!(extent > LEAST) || !Number.isFinite(extent)) continue
    const totals = Float64Array.from(mix.totals)
    for (const [c, n] of change) totals[c] = c === 0 ? (totals[c] as number) + n * extent : Math.max(0, (totals[c] as number) + n * extent)
    mix.totals = totals
    for (const [inert, n] of Object.entries(conversion.inert ?? {})) mix.inert.set(inert, (mix.inert.get(inert) ?? 0) + n * extent)
    mix.extents.set(key, (mix.extents.get(key) ?? 0) + extent)
    any = true
  }
  return any
}
