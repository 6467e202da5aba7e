import {
  alongRing,
  amine,
  aromatic,
  aryl,
  bears,
  bound,
  bridgingOxygen,
  carbon,
  carbonyl,
  carboxyl,
  countNext,
  double,
  drawing,
  halogen,
  hydroxyl,
  is,
  next,
  nitroNitrogen,
  openPlaces,
  oxide,
  saturated,
  single,
  triple,
  vinyl,
  type Atom,
} from './atoms'

export const KINDS = [
  'hydrocarbon',
  'halide',
  'alcohol',
  'phenol',
  'ether',
  'aldehyde',
  'ketone',
  'quinone',
  'carbohydrate',
  'acid',
  'ester',
  'anhydride',
  'acid chloride',
  'amide',
  'nitrile',
  'amine',
  'amino acid',
  'nitro',
  'nitrogen, other',
  'sulfur',
  'phosphorus',
  'salt',
  'surrounding',
] as const
export type Kind = (typeof KINDS)[number]

/**
 * A functional group with its surroundings: how a group reacts hangs on what it is bound to, so a tertiary chloride and an aryl chloride are two groups. It is counted by the one atom of it that `at` is true
 * of. A new one is one entry.
 */
export interface GroupData {
  readonly kind: Kind
  /** What the page says; null for a surrounding that only the rules read. */
  readonly label: string | null
  readonly at: (atom: Atom) => boolean
}

const group = (kind: Kind, label: string, at: GroupData['at']): GroupData => ({ kind, label, at })
/** A surrounding that only the rules read. */
const hint = (at: GroupData['at']): GroupData => ({ kind: 'surrounding', label: null, at })

const HALIDES = ['primary', 'secondary', 'tertiary', 'benzylic', 'activated', 'several', 'vinyl', 'aryl', 'dinitroaryl'] as const
type HalideKind = (typeof HALIDES)[number]
const HALIDE_LABELS: Readonly<Record<HalideKind, (word: string) => string>> = {
  primary: (word) => `alkyl ${word}, primary`,
  secondary: (word) => `alkyl ${word}, secondary`,
  tertiary: (word) => `alkyl ${word}, tertiary`,
  benzylic: (word) => `benzylic or allylic ${word}`,
  activated: (word) => `${word} beside a carbonyl group`,
  several: (word) => `several halogens on one carbon, ${word}`,
  vinyl: (word) => `vinyl ${word}`,
  aryl: (word) => `aryl ${word}`,
  dinitroaryl: (word) => `aryl ${word} with two nitro groups`,
}

/** How the carbon a halogen sits on lets go of it. */
function halideKind(x: Atom): HalideKind | null {
  const c = x.bonds[0]?.to
  if (c?.symbol !== 'C' || carbonyl(c)) return null
  if (aryl(c)) return bears(c, 1, nitroNitrogen) && bears(c, 3, nitroNitrogen) ? 'dinitroaryl' : 'aryl'
  if (vinyl(c)) return 'vinyl'
  if (!saturated(c)) return null
  if (next(c, aromatic) || next(c, vinyl)) return 'benzylic'
  if (countNext(c, halogen) > 1) return 'several'
  if (next(c, carbonyl)) return 'activated'
  return c.hydrogens >= 2 ? 'primary' : c.hydrogens === 1 ? 'secondary' : 'tertiary'
}
const halides = <const X extends 'Cl' | 'Br' | 'I'>(x: X, word: string): Record<`${X}-${HalideKind}`, GroupData> =>
  Object.fromEntries(
    HALIDES.map((kind) => [
      `${x}-${kind}`,
      group('halide', HALIDE_LABELS[kind](word), (a) => a.symbol === x && a.charge === 0 && halideKind(a) === kind),
    ]),
  ) as Record<`${X}-${HalideKind}`, GroupData>

/** Carbon that carries one hydroxyl and no second oxygen, and is no acid's. */
const carbinol = (a: Atom): boolean => saturated(a) && single(a, hydroxyl) && countNext(a, is('O')) === 1
const activating = (a: Atom): boolean => next(a, aromatic) || next(a, vinyl)
const sugarCarbon = (a: Atom): boolean => saturated(a) && single(a, is('O'))
/** Ring carbon with a hydroxyl and the ring's oxygen on it. */
const hemiacetal = (a: Atom): boolean =>
  saturated(a) && a.inRing && single(a, hydroxyl) && single(a, (o) => bridgingOxygen(o) && o.inRing) && single(a, sugarCarbon)
const glycosidic = (a: Atom): boolean =>
  saturated(a) && a.inRing && single(a, (o) => bridgingOxygen(o) && o.inRing) && single(a, (o) => bridgingOxygen(o) && !o.inRing)

/** –CHO, also of formaldehyde, not of formic acid and its kin. */
const aldehyde = (a: Atom): boolean =>
  carbonyl(a) && a.hydrogens >= 1 && !next(a, (n) => (is('O', 'N')(n) && n.bonds.length + n.hydrogens > 1) || is('Cl', 'S')(n))
/** C=O in a ring with another and double bonds between: no plain ketone. */
const quinonoid = (a: Atom): boolean =>
  carbonyl(a) &&
  a.ringSize === 6 &&
  a.bonds.filter((b) => b.inRing).every((b) => vinyl(b.to) || b.to.aromatic) &&
  a.bonds.some(
    (b) => b.inRing && b.to.bonds.some((c) => c.inRing && c.to !== a && c.to.bonds.some((d) => d.inRing && d.to !== b.to && carbonyl(d.to))),
  )
const ketone = (a: Atom): boolean => carbonyl(a) && countNext(a, carbon) === 2 && !quinonoid(a)
const oxo = (a: Atom): boolean => aldehyde(a) || ketone(a)

const methyl = (a: Atom): boolean => saturated(a) && a.hydrogens === 3
const ester = (a: Atom): boolean =>
  carbonyl(a) &&
  single(a, (o) => bridgingOxygen(o) && o.bonds.every((b) => b.to === a || (b.to.symbol === 'C' && !carbonyl(b.to)))) &&
  !single(a, is('N'))
const amidic = (a: Atom, hydrogens: number): boolean =>
  a.symbol === 'N' &&
  !a.aromatic &&
  a.charge === 0 &&
  a.hydrogens === hydrogens &&
  countNext(a, drawing) === 1 &&
  next(a, (c) => carbonyl(c) && countNext(c, is('N')) === 1) &&
  !next(a, is('N', 'O'))
/** Nitrogen on the carbon beside a free carboxyl group. */
const alphaAmino = (a: Atom): boolean => amine(a) && next(a, (c) => saturated(c) && next(c, carboxyl))
const phenolic = (a: Atom): boolean => hydroxyl(a) && next(a, aryl)
const ipso = (a: Atom): Atom => a.bonds.find((b) => b.to.aromatic)?.to ?? a
const arylamine = (a: Atom): boolean => amine(a) && next(a, aryl)

const any =
  (...tests: readonly GroupData['at'][]): GroupData['at'] =>
  (a) =>
    tests.some((t) => t(a))

export const GROUPS = {
  alkene: group(
    'hydrocarbon',
    'carbon–carbon double bond',
    (a) => vinyl(a) && !hasLaterTwin(a) && !enediolic(a) && !a.bonds.some((b) => b.order === 2 && quinoneEdge(a, b.to)),
  ),
  'alkene-poor': hint((a) => vinyl(a) && next(a, carbonyl)),
  'alkene-hindered': hint((a) => vinyl(a) && next(a, aryl) && next(a, (b) => vinyl(b) && next(b, aryl))),
  'alkene-halogenated': hint((a) => vinyl(a) && next(a, halogen)),
  alkyne: group(
    'hydrocarbon',
    'carbon–carbon triple bond',
    (a) => a.symbol === 'C' && triple(a, 'C') && a.bonds.every((b) => b.order !== 3 || b.to.index > a.index),
  ),
  'alkyne-terminal': hint((a) => a.symbol === 'C' && triple(a, 'C') && a.hydrogens === 1),
  arene: group('hydrocarbon', 'aromatic ring', (a) => aryl(a) && firstOfRing(a)),
  'arene-fused': hint((a) => aryl(a) && a.bonds.filter((b) => b.aromatic).length > 2),
  biaryl: hint((a) => aryl(a) && a.bonds.some((b) => !b.aromatic && aryl(b.to))),
  heteroarene: hint((a) => a.aromatic && is('O', 'N', 'S')(a)),
  furan: group('ether', 'furan ring', (a) => a.aromatic && a.symbol === 'O'),
  // An open place beside the oxygen, and nothing that draws electrons from the ring.
  'furan-open': hint(
    (a) => a.aromatic && a.symbol === 'O' && next(a, (c) => c.hydrogens === 1) && !next(a, (c) => next(c, any(drawing, nitroNitrogen))),
  ),
  'carbon-benzylic': hint((a) => saturated(a) && a.hydrogens > 0 && next(a, aryl) && !next(a, (n) => n.symbol !== 'C')),
  ...halides('Cl', 'chloride'),
  ...halides('Br', 'bromide'),
  ...halides('I', 'iodide'),
  fluoride: group('halide', 'fluoride', (a) => a.symbol === 'F' && a.charge === 0),
  'vicinal-dihalide': hint((a) => saturated(a) && single(a, is('Br', 'I')) && single(a, (c) => saturated(c) && single(c, is('Br', 'I')))),
  'alcohol-primary': group('alcohol', 'alcohol, primary', (a) => carbinol(a) && a.hydrogens >= 2 && !activating(a)),
  'alcohol-secondary': group(
    'alcohol',
    'alcohol, secondary',
    (a) => carbinol(a) && a.hydrogens === 1 && !activating(a) && !next(a, (c) => carbonyl(c) && !carboxyl(c)),
  ),
  'alcohol-tertiary': group('alcohol', 'alcohol, tertiary', (a) => carbinol(a) && a.hydrogens === 0 && !activating(a)),
  'alcohol-benzylic': group(
    'alcohol',
    'alcohol, benzylic or allylic',
    (a) => carbinol(a) && a.hydrogens > 0 && activating(a) && !next(a, (c) => carbonyl(c) && !carboxyl(c)),
  ),
  'alcohol-benzylic-tertiary': group('alcohol', 'alcohol, tertiary and benzylic', (a) => carbinol(a) && a.hydrogens === 0 && activating(a)),
  'alcohol-alpha-acid': hint((a) => carbinol(a) && next(a, carboxyl)),
  'methyl-carbinol': hint((a) => carbinol(a) && a.hydrogens >= 1 && (single(a, methyl) || false)),
  polyol: hint((a) => carbinol(a) && next(a, carbinol)),
  phenol: group('phenol', 'phenol', phenolic),
  'phenol-hydroquinone': hint((a) => phenolic(a) && bears(ipso(a), 3, (n) => hydroxyl(n) || (n.symbol === 'N' && n.hydrogens === 2))),
  'phenol-catechol': hint((a) => phenolic(a) && bears(ipso(a), 1, hydroxyl)),
  'phenol-resorcinol': hint((a) => phenolic(a) && bears(ipso(a), 2, hydroxyl)),
  'phenol-nitro': hint((a) => phenolic(a) && (bears(ipso(a), 1, nitroNitrogen) || bears(ipso(a), 3, nitroNitrogen))),
  'phenol-dinitro': hint((a) => phenolic(a) && bears(ipso(a), 1, nitroNitrogen) && bears(ipso(a), 3, nitroNitrogen)),
  'phenol-chelated': hint((a) => phenolic(a) && bears(ipso(a), 1, carbonyl)),
  'phenol-para-carbonyl': hint((a) => phenolic(a) && bears(ipso(a), 3, carbonyl)),
  'phenol-hindered': hint((a) => phenolic(a) && alongRing(ipso(a), 1).every((o) => o.bonds.some((b) => !b.aromatic))),
  'phenol-open': hint((a) => phenolic(a) && openPlaces(ipso(a)) > 0),
  'phenol-fused': hint((a) => phenolic(a) && alongRing(ipso(a), 1).some((o) => o.bonds.filter((b) => b.aromatic).length === 3)),
  'activated-place': hint(
    (a) =>
      aryl(a) &&
      a.hydrogens === 1 &&
      [...alongRing(a, 1), ...alongRing(a, 3)].some((r) => r.bonds.some((b) => !b.aromatic && (hydroxyl(b.to) || amine(b.to)))),
  ),
  ether: group(
    'ether',
    'ether',
    (a) => bridgingOxygen(a) && a.bonds.every((b) => b.to.symbol === 'C' && !drawing(b.to) && countNext(b.to, is('O')) === 1),
  ),
  // On an oxygen, whatever else that bears; a methyl or ethyl iodide boils off in time.
  alkoxyl: hint((a) => next(a, any(bridgingOxygen, hydroxyl)) && (methyl(a) || (saturated(a) && a.hydrogens === 2 && single(a, methyl)))),
  'ether-aryl': hint((a) => bridgingOxygen(a) && next(a, aryl) && next(a, saturated)),
  acetal: group('ether', 'acetal', (a) => saturated(a) && bound(a, 1, bridgingOxygen).length === 2 && !single(a, hydroxyl) && !glycosidic(a)),
  aldehyde: group('aldehyde', 'aldehyde', aldehyde),
  'aldehyde-aromatic': hint((a) => aldehyde(a) && next(a, aromatic)),
  'aldehyde-hydrate': group('aldehyde', 'aldehyde hydrate', (a) => saturated(a) && a.hydrogens === 1 && bound(a, 1, hydroxyl).length === 2),
  'aldehyde-acetyl': hint((a) => aldehyde(a) && single(a, methyl)),
  'aldehyde-no-alpha-hydrogen': hint((a) => aldehyde(a) && !next(a, (c) => (saturated(c) && c.hydrogens > 0) || vinyl(c))),
  ketone: group('ketone', 'ketone', ketone),
  'ketone-methyl': hint((a) => ketone(a) && single(a, methyl)),
  'ketone-cyclic': hint((a) => ketone(a) && a.inRing && a.bonds.filter((b) => b.inRing).every((b) => saturated(b.to))),
  'ketone-crowded': hint((a) => ketone(a) && a.bonds.filter((b) => b.order === 1).every((b) => b.to.hydrogens < 2 && !methyl(b.to))),
  'ketone-diaryl': hint((a) => ketone(a) && countNext(a, aryl) === 2),
  'ketone-aryl': hint((a) => ketone(a) && countNext(a, aryl) === 1),
  'carbonyl-conjugated': hint((a) => oxo(a) && next(a, any(aromatic, vinyl))),
  'carbonyl-extended': hint((a) => oxo(a) && next(a, (c) => vinyl(c) && next(c, (d) => vinyl(d) && next(d, aryl)))),
  'dicarbonyl-1-2': hint((a) => ketone(a) && next(a, oxo)),
  'dicarbonyl-1-3': group(
    'ketone',
    '1,3-dicarbonyl with an enol',
    (a) => saturated(a) && a.hydrogens > 0 && countNext(a, carbonyl) >= 2 && next(a, oxo),
  ),
  acyloin: group('ketone', 'hydroxy ketone', (a) => saturated(a) && single(a, hydroxyl) && a.hydrogens > 0 && next(a, oxo)),
  quinone: group('quinone', 'quinone', quinonoid),
  'quinone-reactive': hint((a) => quinonoid(a) && next(a, (c) => vinyl(c) && c.hydrogens === 1)),
  enediol: group('carbohydrate', 'enediol', enediolic),
  hemiacetal: group('carbohydrate', 'reducing sugar', hemiacetal),
  ketose: hint((a) => hemiacetal(a) && a.hydrogens === 0),
  'sugar-ring': hint((a) => a.symbol === 'O' && a.inRing && !a.aromatic && next(a, any(hemiacetal, glycosidic))),
  glycoside: group('carbohydrate', 'glycoside link between sugars', (a) => glycosidic(a)),
  'carboxylic-acid': group(
    'acid',
    'carboxylic acid',
    (a) => carboxyl(a) && single(a, hydroxyl) && !next(a, (c) => saturated(c) && next(c, alphaAmino)),
  ),
  'acid-formic': hint((a) => carboxyl(a) && a.hydrogens === 1),
  'acid-aromatic': hint((a) => carboxyl(a) && single(a, hydroxyl) && next(a, aromatic)),
  'acid-strengthened': hint(
    (a) => carboxyl(a) && next(a, (c) => saturated(c) && next(c, (d) => d !== a && (halogen(d) || hydroxyl(d) || carboxyl(d)))),
  ),
  'acid-trihalo': hint((a) => carboxyl(a) && next(a, (c) => countNext(c, halogen) === 3)),
  'acid-oxalic': hint((a) => carboxyl(a) && next(a, carboxyl)),
  'acid-sulfonic': group('acid', 'sulfonic acid', (a) => a.symbol === 'S' && bound(a, 2, is('O')).length === 2 && single(a, hydroxyl)),
  ester: group('ester', 'ester', (a) => ester(a) && !(a.hydrogens === 0 && !next(a, carbon))),
  lactone: hint((a) => ester(a) && a.inRing),
  'ester-phenyl': hint((a) => ester(a) && single(a, (o) => bridgingOxygen(o) && next(o, aryl))),
  'ester-vinyl': hint((a) => ester(a) && single(a, (o) => bridgingOxygen(o) && next(o, vinyl))),
  'ester-formate': hint((a) => ester(a) && a.hydrogens === 1),
  'ester-crowded': hint((a) => ester(a) && next(a, aryl)),
  anhydride: group('anhydride', 'acid anhydride', (a) => bridgingOxygen(a) && countNext(a, carbonyl) === 2),
  'acid-chloride': group('acid chloride', 'acid chloride', (a) => carbonyl(a) && single(a, is('Cl'))),
  'sulfonyl-chloride': group('acid chloride', 'sulfonyl chloride', (a) => a.symbol === 'S' && double(a, 'O') && single(a, is('Cl'))),
  'amide-primary': group('amide', 'amide, unsubstituted', (a) => amidic(a, 2)),
  'amide-secondary': group('amide', 'amide of a primary amine', (a) => amidic(a, 1)),
  'amide-tertiary': group('amide', 'amide of a secondary amine', (a) => amidic(a, 0)),
  imide: group(
    'amide',
    'imide',
    (a) =>
      a.symbol === 'N' &&
      a.charge === 0 &&
      a.hydrogens === 1 &&
      countNext(
        a,
        any(carbonyl, (s) => s.symbol === 'S' && double(s, 'O')),
      ) === 2 &&
      a.inRing,
  ),
  urea: group('amide', 'urea', (a) => carbonyl(a) && countNext(a, is('N')) === 2),
  thiourea: group('amide', 'thiourea', (a) => a.symbol === 'C' && double(a, 'S') && countNext(a, is('N')) === 2),
  thioamide: group('amide', 'thioamide', (a) => a.symbol === 'C' && double(a, 'S') && countNext(a, is('N')) === 1),
  sulfonamide: group('amide', 'sulfonamide', (a) => a.symbol === 'S' && double(a, 'O') && single(a, (n) => n.symbol === 'N' && !next(n, carbonyl))),
  'amide-anilide': hint((a) => amidic(a, 1) && next(a, aryl)),
  biuret: hint((a) => a.symbol === 'N' && a.hydrogens === 1 && countNext(a, (c) => carbonyl(c) && countNext(c, is('N')) === 2) === 2),
  nitrile: group('nitrile', 'nitrile', (a) => a.symbol === 'C' && triple(a, 'N')),
  'amine-primary': group('amine', 'amine, primary aliphatic', (a) => amine(a) && a.hydrogens === 2 && next(a, saturated) && !alphaAmino(a)),
  'amine-secondary': group('amine', 'amine, secondary aliphatic', (a) => amine(a) && a.hydrogens === 1 && !next(a, aromatic) && !alphaAmino(a)),
  'amine-tertiary': group('amine', 'amine, tertiary aliphatic', (a) => amine(a) && a.hydrogens === 0 && !next(a, aromatic)),
  'amine-tert-alkyl': hint((a) => amine(a) && a.hydrogens === 2 && next(a, (c) => saturated(c) && c.hydrogens === 0)),
  'arylamine-primary': group('amine', 'amine, primary aromatic', (a) => arylamine(a) && a.hydrogens === 2),
  'arylamine-secondary': group('amine', 'amine, secondary aromatic', (a) => arylamine(a) && a.hydrogens === 1),
  'arylamine-tertiary': group('amine', 'amine, tertiary aromatic', (a) => arylamine(a) && a.hydrogens === 0),
  'arylamine-poor': hint((a) => arylamine(a) && bears(ipso(a), 3, any(nitroNitrogen, drawing))),
  'arylamine-poor-ortho': hint((a) => arylamine(a) && bears(ipso(a), 1, any(nitroNitrogen, drawing))),
  'arylamine-halogenated': hint((a) => arylamine(a) && (bears(ipso(a), 1, halogen) || bears(ipso(a), 3, halogen))),
  'arylamine-open': hint((a) => arylamine(a) && openPlaces(ipso(a)) > 0),
  'arylamine-diaryl': hint((a) => arylamine(a) && countNext(a, aryl) === 2),
  'arylamine-diamine': hint((a) => arylamine(a) && (bears(ipso(a), 1, amine) || bears(ipso(a), 3, amine))),
  pyridine: group('amine', 'pyridine ring', (a) => a.symbol === 'N' && a.aromatic && a.hydrogens === 0 && a.bonds.length === 2 && a.ringSize === 6),
  pyrrole: group('nitrogen, other', 'pyrrole ring', (a) => a.symbol === 'N' && a.aromatic && a.hydrogens === 1),
  // An open place of the five-membered ring: carbazole has none.
  'pyrrole-open': hint(
    (a) =>
      a.symbol === 'N' &&
      a.aromatic &&
      a.hydrogens === 1 &&
      next(a, (c) => c.hydrogens === 1 || next(c, (d) => d.aromatic && d.symbol === 'C' && d.ringSize === 5 && d.hydrogens === 1)),
  ),
  'amino-acid': group('amino acid', 'amino acid', alphaAmino),
  'amino-acid-secondary': hint((a) => alphaAmino(a) && a.hydrogens === 1),
  ammonium: group(
    'salt',
    'salt of an amine',
    (a) => a.symbol === 'N' && a.charge === 1 && a.hydrogens > 0 && next(a, carbon) && a.bonds.every((b) => b.order === 1),
  ),
  'ammonium-ion': group('salt', 'ammonium salt', (a) => a.symbol === 'N' && a.charge === 1 && a.bonds.length === 0),
  guanidinium: group('salt', 'guanidinium salt', (a) => a.symbol === 'N' && a.charge === 1 && double(a, 'C')),
  carboxylate: group('salt', 'salt of a carboxylic acid', (a) => carbonyl(a) && single(a, oxide)),
  'chloride-ion': group('salt', 'chloride of an amine', (a) => a.symbol === 'Cl' && a.charge === -1),
  'nitrate-ion': hint((a) => nitroNitrogen(a) && !next(a, carbon)),
  nitro: group('nitro', 'nitro group', (a) => nitroNitrogen(a) && next(a, carbon)),
  'nitro-aliphatic': hint((a) => nitroNitrogen(a) && next(a, saturated)),
  nitroso: group('nitrogen, other', 'nitroso group', (a) => a.symbol === 'N' && a.charge === 0 && double(a, 'O') && next(a, carbon)),
  azo: group(
    'nitrogen, other',
    'azo group',
    (a) => a.symbol === 'N' && !a.aromatic && double(a, 'N') && a.bonds.every((b) => b.order !== 2 || b.to.index > a.index) && next(a, carbon),
  ),
  hydrazine: group('nitrogen, other', 'hydrazine', (a) => a.symbol === 'N' && a.hydrogens === 2 && single(a, is('N')) && !next(a, drawing)),
  oxime: group('nitrogen, other', 'oxime', (a) => a.symbol === 'N' && double(a, 'C') && single(a, hydroxyl)),
  azide: group('nitrogen, other', 'azide', (a) => a.symbol === 'N' && a.charge === 1 && countNext(a, is('N')) === 2),
  diazonium: group(
    'nitrogen, other',
    'diazonium or diazo compound',
    (a) => a.symbol === 'N' && a.charge === 1 && (triple(a, 'N') || (double(a, 'N') && double(a, 'C'))),
  ),
  peroxide: group('ether', 'peroxide', (a) => a.symbol === 'O' && single(a, is('O'))),
  thiol: group('sulfur', 'thiol', (a) => a.symbol === 'S' && a.hydrogens === 1),
  sulfide: group('sulfur', 'sulfide', (a) => a.symbol === 'S' && !a.aromatic && a.bonds.length === 2 && a.bonds.every((b) => b.to.symbol === 'C')),
  disulfide: group('sulfur', 'disulfide', (a) => a.symbol === 'S' && single(a, is('S'))),
  sulfoxide: group('sulfur', 'sulfoxide', (a) => a.symbol === 'S' && bound(a, 2, is('O')).length === 1 && countNext(a, carbon) === 2),
  sulfone: group('sulfur', 'sulfone', (a) => a.symbol === 'S' && bound(a, 2, is('O')).length === 2 && countNext(a, carbon) === 2),
  thiophene: group(
    'sulfur',
    'thiophene ring',
    (a) => a.symbol === 'S' && a.aromatic && [...alongRing(a, 1), ...alongRing(a, 2)].every((r) => r.symbol === 'C'),
  ),
  'phosphate-ester': group('phosphorus', 'phosphate ester', (a) => a.symbol === 'P' && double(a, 'O')),
  phosphine: group('phosphorus', 'phosphine', (a) => a.symbol === 'P' && !double(a, 'O')),
} satisfies Record<string, GroupData>

function hasLaterTwin(a: Atom): boolean {
  return a.bonds.some((b) => b.order === 2 && !b.aromatic && b.to.symbol === 'C' && b.to.index < a.index)
}
function enediolic(a: Atom): boolean {
  return vinyl(a) && single(a, hydroxyl) && next(a, (c) => vinyl(c) && single(c, hydroxyl)) && !hasLaterTwin(a)
}
function quinoneEdge(a: Atom, b: Atom): boolean {
  return next(a, quinonoid) && next(b, (c) => quinonoid(c) || c.aromatic)
}
/** Whether no atom of its aromatic ring of six comes before it, by which the ring is counted once; of fused rings all are one system. No atom of a ring of five is. */
function firstOfRing(a: Atom): boolean {
  const others = [alongRing(a, 1), alongRing(a, 2), alongRing(a, 3)]
  return others.every((at) => at.every((r) => r.index > a.index)) && others.reduce((n, at) => n + at.length, 0) >= 5
}

export type GroupId = keyof typeof GROUPS
const data: Readonly<Record<GroupId, GroupData>> = GROUPS
export function isGroup(id: string): id is GroupId {
  return id in GROUPS
}
export const GROUP_IDS: readonly GroupId[] = Object.keys(data).filter(isGroup)
export const groupOf = (id: GroupId): GroupData => data[id]
/** Groups the page speaks of. */
export const NAMED_GROUPS: readonly GroupId[] = GROUP_IDS.filter((id) => data[id].label !== null)
