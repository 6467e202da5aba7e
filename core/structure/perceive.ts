import { Molecule, MoleculeProperties } from 'openchemlib'
import type { Atom, Bond } from './atoms'
import { GROUP_IDS, groupOf, type GroupId } from './groups'
import { FUSION_ELEMENTS, type Structure } from './types'

/** Thrown for a text that is no structure. */
export class NoStructure extends Error {
  constructor(
    readonly text: string,
    readonly expected: string,
  ) {
    super(expected)
    this.name = 'NoStructure'
  }
}

const METALS: Readonly<Record<string, string>> = {
  Na: 'Na^+',
  K: 'K^+',
  Li: 'Li^+',
  Ca: 'Ca^2+',
  Mg: 'Mg^2+',
  Ba: 'Ba^2+',
  Zn: 'Zn^2+',
  Cu: 'Cu^2+',
  Pb: 'Pb^2+',
  Al: 'Al^3+',
  Fe: 'Fe^3+',
  Ag: 'Ag^+',
}

function parsed(text: string): Molecule {
  try {
    const molecule = text.includes('\n') ? Molecule.fromMolfile(text) : Molecule.fromSmiles(text.trim(), { noCoordinates: true, noStereo: true })
    if (molecule.getAllAtoms() > 0) return molecule
  } catch {
    // Told below.
  }
  throw new NoStructure(text, 'a structure as SMILES, such as CC(=O)Oc1ccccc1C(O)=O, or a Molfile')
}

const ORDERS = [1, 2, 3] as const
const EACH_GROUP = GROUP_IDS.map((id) => [id, groupOf(id).at] as const)

/** The molecule as atoms that know their neighbours. */
function atomsOf(molecule: Molecule): readonly Atom[] {
  const bonds: Bond[][] = []
  const atoms = Array.from({ length: molecule.getAllAtoms() }, (_, index): Atom => {
    const own: Bond[] = []
    bonds.push(own)
    const inRing = molecule.isRingAtom(index)
    return {
      index,
      symbol: molecule.getAtomLabel(index),
      aromatic: molecule.isAromaticAtom(index),
      charge: molecule.getAtomCharge(index),
      hydrogens: molecule.getImplicitHydrogens(index),
      inRing,
      ringSize: inRing ? molecule.getAtomRingSize(index) : 0,
      bonds: own,
    }
  })
  for (let b = 0; b < molecule.getAllBonds(); b++) {
    const ends = [molecule.getBondAtom(0, b), molecule.getBondAtom(1, b)] as const
    const shared = { order: ORDERS[molecule.getBondOrder(b) - 1] ?? 1, aromatic: molecule.isAromaticBond(b), inRing: molecule.isRingBond(b) }
    for (const [from, to] of [ends, [ends[1], ends[0]] as const]) {
      const other = atoms[to]
      if (other) bonds[from]?.push({ ...shared, to: other })
    }
  }
  return atoms
}

/**
 * Reads a structure and perceives what it is made of. Its canonical code, which takes four times as long as all the rest, and its partition coefficient are worked out when they are first asked for.
 * @param text SMILES, or a Molfile
 * @throws NoStructure where it is neither
 */
export function perceive(text: string): Structure {
  const molecule = parsed(text)
  const drawn = text.includes('\n')
  if (drawn) molecule.stripStereoInformation()
  molecule.ensureHelperArrays(Molecule.cHelperRings)
  // Written anew only where there is none yet: to find the canonical one takes three times as long as all the rest.
  const smiles = drawn ? molecule.toIsomericSmiles() : text.trim()
  const atoms = atomsOf(molecule)
  const counts: Record<string, number> = {}
  const count = (symbol: string, n: number): void => void (counts[symbol] = (counts[symbol] ?? 0) + n)
  for (const { symbol, hydrogens } of atoms) {
    count(symbol, 1)
    count('H', hydrogens)
  }
  if (counts['C'] === undefined) throw new NoStructure(text, 'an organic compound: it holds no carbon')
  const groups: Partial<Record<GroupId, number>> = {}
  for (const [id, at] of EACH_GROUP) {
    let n = 0
    for (const atom of atoms) if (at(atom)) n++
    if (n > 0) groups[id] = n
  }
  const parts = drawn || smiles.includes('.') ? molecule.getFragments() : [molecule]
  const largest = parts.reduce((a, b) => (b.getAllAtoms() > a.getAllAtoms() ? b : a), parts[0] ?? molecule)
  const { formula, relativeWeight } = molecule.getMolecularFormula()
  let code: string | undefined
  let logP: number | undefined
  return {
    smiles,
    get code() {
      if (code === undefined) {
        // A double bond of which nothing is said would be one of unknown geometry.
        molecule.stripStereoInformation()
        code = molecule.getIDCode()
      }
      return code
    },
    formula,
    atoms: counts,
    molarMass: relativeWeight,
    elements: FUSION_ELEMENTS.filter((e) => (counts[e] ?? 0) > 0),
    groups,
    fragments: parts.length,
    get logP() {
      return (logP ??= Math.round(new MoleculeProperties(largest).logP * 100) / 100)
    },
    rings: largest.getRingSet().getSize(),
    metals: [...new Set(atoms.flatMap(({ symbol }) => METALS[symbol] ?? []))],
  }
}

/**
 * A drawing of the structure as SVG, the atoms of some groups marked.
 * @throws NoStructure
 */
export function draw(text: string, width: number, height: number, marked: readonly GroupId[] = []): string {
  const molecule = parsed(text)
  molecule.inventCoordinates()
  for (const atom of atomsOf(molecule)) if (marked.some((id) => groupOf(id).at(atom))) molecule.setAtomColor(atom.index, Molecule.cAtomColorRed)
  return molecule.toSVG(width, height, undefined, { autoCrop: true, autoCropMargin: 6, suppressChiralText: true })
}
