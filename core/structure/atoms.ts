/** An atom of a structure with what it is bound to: what groups are recognised by. Hydrogen is counted, not listed. */
export interface Atom {
  readonly index: number
  readonly symbol: string
  readonly aromatic: boolean
  readonly charge: number
  readonly hydrogens: number
  readonly inRing: boolean
  /** Size of the smallest ring it is in; 0 in none. */
  readonly ringSize: number
  readonly bonds: readonly Bond[]
}
export interface Bond {
  readonly order: 1 | 2 | 3
  readonly aromatic: boolean
  readonly inRing: boolean
  readonly to: Atom
}

type Test = (atom: Atom) => boolean

export const is =
  (...symbols: readonly string[]): Test =>
  (a) =>
    symbols.includes(a.symbol)
/** Neighbours by a plain bond of some order; bonds of an aromatic ring have none. */
export const bound = (a: Atom, order: 1 | 2 | 3, test: Test): readonly Atom[] =>
  a.bonds.filter((b) => b.order === order && !b.aromatic && test(b.to)).map((b) => b.to)
// Asked by nearly every group of nearly every atom, so in plain loops without lists of their own.
function binds(a: Atom, order: 2 | 3, symbols: readonly string[]): boolean {
  for (const b of a.bonds) if (b.order === order && !b.aromatic && symbols.includes(b.to.symbol)) return true
  return false
}
export function single(a: Atom, test: Test): boolean {
  for (const b of a.bonds) if (b.order === 1 && !b.aromatic && test(b.to)) return true
  return false
}
function onlySingle(a: Atom): boolean {
  for (const b of a.bonds) if (b.order !== 1) return false
  return true
}
export const double = (a: Atom, ...symbols: readonly string[]): boolean => binds(a, 2, symbols)
export const triple = (a: Atom, ...symbols: readonly string[]): boolean => binds(a, 3, symbols)
export function next(a: Atom, test: Test): boolean {
  for (const b of a.bonds) if (test(b.to)) return true
  return false
}
export function countNext(a: Atom, test: Test): number {
  let n = 0
  for (const b of a.bonds) if (test(b.to)) n++
  return n
}

export const carbon: Test = is('C')
export const halogen: Test = is('F', 'Cl', 'Br', 'I')
/** Carbon, nitrogen or another atom of an aromatic ring. */
export const aromatic: Test = (a) => a.aromatic
export const aryl: Test = (a) => a.symbol === 'C' && a.aromatic
/** Tetrahedral carbon. */
export const saturated: Test = (a) => a.symbol === 'C' && !a.aromatic && onlySingle(a)
/** Carbon of a C=C. */
export const vinyl: Test = (a) => a.symbol === 'C' && !a.aromatic && double(a, 'C')
export const carbonyl: Test = (a) => a.symbol === 'C' && !a.aromatic && double(a, 'O')
/** C=O, C=S, S=O, P=O, C=N: what takes the base out of a nitrogen. */
export const drawing: Test = (a) =>
  (a.symbol === 'C' && double(a, 'O', 'S', 'N')) || (is('S', 'P')(a) && double(a, 'O', 'S')) || (a.symbol === 'C' && triple(a, 'N'))
export const hydroxyl: Test = (a) => a.symbol === 'O' && a.hydrogens === 1 && a.bonds.length === 1
export const bridgingOxygen: Test = (a) => a.symbol === 'O' && a.bonds.length === 2 && !a.aromatic
export const oxide: Test = (a) => a.symbol === 'O' && a.charge === -1
/** –NO2 as it is written with its charges. */
export const nitroNitrogen: Test = (a) => a.symbol === 'N' && a.charge === 1 && double(a, 'O') && single(a, oxide)
/** Carbon of a carboxyl group, whose proton is on or off. */
export const carboxyl: Test = (a) => carbonyl(a) && single(a, (o) => hydroxyl(o) || oxide(o))
/** sp3 nitrogen with no charge, nor a neighbour that takes its base away. */
export const amine: Test = (a) =>
  a.symbol === 'N' && !a.aromatic && a.charge === 0 && onlySingle(a) && !next(a, drawing) && !next(a, is('N', 'O', 'S', 'P')) && next(a, carbon)

/** Atoms of the aromatic six-ring an atom stands in, by how far they are along it: 1 ortho, 2 meta, 3 para; of a bicycle the nearer way. */
export function alongRing(start: Atom, distance: 1 | 2 | 3): readonly Atom[] {
  return around(start)[distance]
}
type Around = readonly [self: readonly Atom[], ortho: readonly Atom[], meta: readonly Atom[], para: readonly Atom[]]
const rings = new WeakMap<Atom, Around>()
function around(start: Atom): Around {
  let found = rings.get(start)
  if (!found) {
    const seen = [start]
    const outwards = (edge: readonly Atom[]): readonly Atom[] => {
      const further: Atom[] = []
      for (const a of edge) for (const b of a.bonds) if (b.aromatic && !seen.includes(b.to)) further.push(b.to)
      seen.push(...further)
      return further
    }
    const ortho = outwards([start])
    const meta = outwards(ortho)
    found = [[start], ortho, meta, outwards(meta)]
    rings.set(start, found)
  }
  return found
}
/** Whether a ring atom at some distance bears a substituent of a kind. */
export const bears = (start: Atom, distance: 1 | 2 | 3, test: Test): boolean =>
  alongRing(start, distance).some((a) => a.bonds.some((b) => !b.aromatic && test(b.to)))
/** Ring positions ortho and para to an atom that bear hydrogen. */
export const openPlaces = (start: Atom): number =>
  [...alongRing(start, 1), ...alongRing(start, 3)].filter((a) => a.symbol === 'C' && a.hydrogens === 1).length
