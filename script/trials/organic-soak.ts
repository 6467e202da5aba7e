import {
  caseSchema,
  COMPOUNDS,
  contentOf,
  entrySchema,
  followAdvice,
  FUSION_ELEMENTS,
  notFusable,
  organicUnknowns,
  partsOf,
  Simulations,
  structureOf,
  type Entry,
  type FusionElement,
  type Hypothesis,
  type Reasoning,
  ReasoningSession,
} from '@foxing/core'
import { writeFileSync } from 'node:fs'
import { wilson } from './interval'
import { misreader } from './misread'
import { builtOrganicPercepts } from './percepts'
import { randomFrom } from './random'
import { Reliability } from './reliability'

const session = new ReasoningSession()

/**
 * Every compound of the library worked by following the advice: noise-free, with observations misread, and left out of the library; and every set of elements, fused well, with too little sodium, and into too much water.
 */
const seed = Number(process.argv[2] ?? 1)
/** Only trials whose name holds this. */
const only = process.argv[3] ?? ''
/** One compound in so many; the seed says which. */
const each = Number(process.argv[4] ?? 1)
const settings = caseSchema.parse({ kind: 'organic' })
const pack = builtOrganicPercepts()
session.takePercepts(pack)
const nominal = new Simulations(500)
nominal.use(pack)

const share = (right: number, of: number): string => {
  const [low, high] = wilson(right, of)
  return `${right} of ${of} = ${((100 * right) / of).toFixed(1)} % (${(100 * low).toFixed(1)} to ${(100 * high).toFixed(1)})`
}
const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0
const isElement = (species: string): species is FusionElement => FUSION_ELEMENTS.some((e) => e === species)
/** Elements and groups that are believed where they are not, and those that are there and not believed. */
function partsWrong({ standings }: Reasoning, parts: ReadonlySet<string>): string[] {
  const believed = new Set(standings.flatMap((s) => (s.probability > 0.5 ? [s.species] : [])))
  return [...[...believed].filter((p) => !parts.has(p)).map((p) => `+${p}`), ...[...parts].filter((p) => !believed.has(p)).map((p) => `-${p}`)]
}

/** A compound of the library named with so much confidence is a claim. */
const CLAIMED = 0.9

interface Worked {
  readonly name: string
  readonly wrong: readonly string[]
  /** Place of the compound among those named; −1 for not at all. */
  readonly rank: number
  readonly top: string
  readonly claims: boolean
  readonly tests: number
}

function work(misread: number, leftOut: boolean, reliability: Reliability): Worked[] {
  const random = randomFrom(seed)
  return COMPOUNDS.filter((_, k) => k % each === (seed - 1) % each).map(({ smiles, name }) => {
    const truth = partsOf(structureOf(smiles))
    const content = contentOf(smiles, name)
    const among: readonly Hypothesis[] | undefined = leftOut ? organicUnknowns().filter((h) => h.content.id !== smiles) : undefined
    const worker = { session, content, settings, simulations: nominal, writes: misreader(random, misread, 0), ...(among ? { among } : {}) }
    const { reasoning, tests } = followAdvice(settings, worker, 40, ({ standings }) => {
      if (misread > 0) for (const { species, probability } of standings) reliability.add(probability, truth.has(species))
    })
    const [top] = reasoning.formulae
    return {
      name,
      wrong: partsWrong(reasoning, truth),
      rank: reasoning.formulae.findIndex((f) => f.formula === name),
      top: `${top?.formula ?? ''} ${(top?.probability ?? 0).toFixed(2)}`,
      claims: COMPOUNDS.some((c) => top?.formula === c.name) && (top?.probability ?? 0) > CLAIMED,
      tests: tests.length,
    }
  })
}

function trial(title: string, misread: number, leftOut: boolean): void {
  if (!title.includes(only)) return
  const reliability = new Reliability()
  const worked = work(misread, leftOut, reliability)
  const of = (good: (w: Worked) => boolean): string => share(worked.filter(good).length, worked.length)
  const tests = worked.map((w) => w.tests)
  console.log(
    leftOut
      ? `${title}: groups found and no listed compound claimed ${of((w) => w.wrong.length === 0 && !w.claims)}; groups ${of((w) => w.wrong.length === 0)}; claimed ${of((w) => w.claims)}`
      : `${title}: elements and groups ${of((w) => w.wrong.length === 0)}; first ${of((w) => w.rank === 0)}; in the first three ${of((w) => w.rank >= 0 && w.rank < 3)}`,
  )
  console.log(`  tests: median ${median(tests)}, most ${Math.max(...tests)}`)
  if (misread > 0) {
    console.log(reliability.table().join('\n'))
    writeFileSync('docs/reliability-organic.svg', reliability.plot(title, `every element and group after each test, ${worked.length} compounds`))
  }
  const missed = worked.filter((w) => w.wrong.length > 0 || (leftOut ? w.claims : w.rank !== 0))
  if (missed.length > 0)
    console.log(`  missed: ${missed.map((w) => `${w.name}→${w.top}${w.wrong.length > 0 ? ` (${w.wrong.join(' ')})` : ''}`).join(', ')}`)
}

const FUSIONS = {
  'fused well': { sodium_mg: 60, sample_mg: 50, tubes: 2, water_mL: 10, toFraction: 0.33 },
  'too little sodium': { sodium_mg: 12, sample_mg: 50, tubes: 2, water_mL: 10, toFraction: 0.33 },
  'too much water': { sodium_mg: 60, sample_mg: 25, tubes: 1, water_mL: 30, toFraction: 1 },
} as const

/** Compounds that are not of the library, for the sets that no two of the library hold between them. */
const OTHERS: Readonly<Record<string, string>> = {
  '1-bromo-4-iodobenzene': 'Brc1ccc(I)cc1',
  '1-bromo-2-chloro-4-iodobenzene': 'Brc1ccc(I)cc1Cl',
  '1-chloro-4-iodobenzene': 'Clc1ccc(I)cc1',
  '2-bromo-4-iodoaniline': 'Nc1ccc(I)cc1Br',
  '2-iodothiophene': 'Ic1cccs1',
  'triphenylphosphine sulfide': 'S=P(c1ccccc1)(c1ccccc1)c1ccccc1',
  'tris(4-bromophenyl)phosphine': 'Brc1ccc(cc1)P(c1ccc(Br)cc1)c1ccc(Br)cc1',
  'tris(4-chlorophenyl)phosphine': 'Clc1ccc(cc1)P(c1ccc(Cl)cc1)c1ccc(Cl)cc1',
  '(4-iodophenyl)diphenylphosphine oxide': 'Ic1ccc(cc1)P(=O)(c1ccccc1)c1ccccc1',
  bromophos: 'COP(=S)(OC)Oc1cc(Cl)c(Br)cc1Cl',
  iodofenphos: 'COP(=S)(OC)Oc1cc(Cl)c(I)cc1Cl',
}
/** A compound, or two side by side, that hold a set of elements between them: of the library where it has such. */
function bearing(elements: readonly FusionElement[]): string | null {
  const fusable = [...COMPOUNDS.map((c) => c.smiles), ...Object.values(OTHERS)]
    .map(structureOf)
    .filter((s) => notFusable(s) === null && s.fragments === 1)
  const fitting = fusable.filter((s) => s.elements.every((e) => elements.includes(e)))
  const single = fitting.find((s) => s.elements.length === elements.length)
  if (single) return single.smiles
  for (const a of fitting)
    for (const b of fitting) if (new Set([...a.elements, ...b.elements]).size === elements.length) return `${a.smiles}.${b.smiles}`
  return null
}

function elements(): void {
  if (!'elements'.includes(only)) return
  // What the elements are, and nothing else, is asked.
  const among = organicUnknowns().filter((h) => h.elementsOnly)
  const sets = Array.from({ length: 2 ** FUSION_ELEMENTS.length }, (_, bits) => FUSION_ELEMENTS.filter((_, k) => (bits >> k) & 1))
  for (const [name, fusion] of Object.entries(FUSIONS)) {
    const counts = { right: 0, open: 0, wrong: 0, none: 0 }
    const missed: string[] = []
    for (const set of sets) {
      const smiles = bearing(set)
      if (smiles === null) {
        counts.none++
        continue
      }
      const begun: Entry[] = [entrySchema.parse({ id: 'f1', at: '', did: { do: 'fuse', into: 'FE', with: 'sodium', ...fusion } })]
      const worker = { session, content: contentOf(smiles), settings, simulations: nominal, among }
      const { reasoning } = followAdvice(settings, worker, 40, undefined, begun)
      const standings = reasoning.standings.filter((s) => isElement(s.species))
      const holds = (species: string): boolean => set.some((e) => e === species)
      const right = standings.every((s) => s.probability > 0.5 === holds(s.species))
      const sure = standings.some((s) => (holds(s.species) ? s.probability < 0.05 : s.probability > 0.95))
      counts[right ? 'right' : sure ? 'wrong' : 'open']++
      if (!right) missed.push(`${set.join('')} (${smiles}): ${standings.map((s) => `${s.species} ${s.probability.toFixed(2)}`).join(' ')}`)
    }
    console.log(
      `elements, ${name}: of ${64 - counts.none} sets ${counts.right} right, ${counts.open} left open, ${counts.wrong} confidently wrong; ${counts.none} that no one or two compounds hold`,
    )
    if (missed.length > 0) console.log(`  ${missed.join('\n  ')}`)
  }
}

console.log(`organic, seed ${seed}, ${Math.ceil(COMPOUNDS.length / each)} compounds`)
elements()
trial('noise-free', 0, false)
trial('5 % misread', 0.05, false)
trial('left out of the library', 0, true)
