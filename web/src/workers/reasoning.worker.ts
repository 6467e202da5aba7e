import {
  candidateColours,
  compoundNamed,
  groupOf,
  NAMED_GROUPS,
  structureOf,
  type Structure,
  compoundOf,
  drawCompound,
  commonestAt,
  organicTestById,
  testById,
  type CandidateColour,
  type Commonest,
  type Pictured,
  adviseAtOnce,
  adviseFrom,
  constantsOf,
  drawSalt,
  findSalt,
  foresee,
  fractionsOf,
  heldCompound,
  heldDissolved,
  heldSalt,
  heldMixture,
  holdsIon,
  ionInTests,
  knownsFor,
  outcomesOfTest,
  practiceDissolved,
  practiceMixture,
  readStructuresWith,
  PACK_FILES,
  packFromLines,
  SHARPENING,
  saidOfJar,
  REFERENCE_IONS,
  seenIn,
  sumById,
  SumError,
  titration,
  undone,
  USUAL_REAGENTS,
  takeForReference,
  thoughtThrough,
  staysShut,
  wasteOfWork,
  withReagent,
  type WorkWaste,
  type Advice,
  type AfterDrops,
  type Axis,
  type Case,
  type Conflict,
  type Drawn,
  type Entry,
  type Fractions,
  type InJar,
  type Outcome,
  type PackKind,
  type Parts,
  type PerceptPack,
  type ReadStep,
  type Reasoning,
  type Refutation,
  type Salt,
  type Seen,
  type Standing,
  type Undone,
  type Warning,
  type WithReagent,
  ReasoningSession,
} from '@foxing/core'
import { documentFrom, inferencesFrom, sayInferencesInShort, type ReportDocument } from '@foxing/core/report'
import { expose } from 'comlink'

const session = new ReasoningSession()

/** What the evidence of a notebook comes to: standings with reasons, and the inference each test has earned. */
export interface Weighed {
  readonly standings: readonly Standing[]
  readonly formulae: readonly { readonly formula: string; readonly probability: number }[]
  readonly conflicts: readonly Conflict[]
  /** Inference by `did` entry. */
  readonly inferences: Readonly<Record<string, readonly string[]>>
}
/** What the bench shows of a notebook: what the evidence comes to, and what to do next. */
export interface Thought extends Weighed {
  readonly advice: Advice
  readonly refutation: Refutation | null
  /** Of a mixture, what it is taken to hold: what thinking it through elsewhere goes on from. */
  readonly parts: Parts | null
}

interface Asked {
  readonly case: Case
  readonly entries: Entry[]
}

/** Percepts worked out when the app was built. Without them everything is simulated here: slower, but the same. */
async function percepts(kind: PackKind, take: (pack: PerceptPack) => boolean): Promise<boolean> {
  try {
    const response = await fetch(`/${PACK_FILES[kind]}`)
    if (!response.ok || !response.body) return false
    const unpacked = new Response(response.body.pipeThrough(new DecompressionStream('gzip')))
    // The file is this very program's own, and one of another model is refused by its mark.
    return take(packFromLines(await unpacked.text()))
  } catch {
    // Worked out as it is asked for.
    return false
  }
}
function takePack(pack: PerceptPack): boolean {
  const own = session.takePercepts(pack)
  if (own) takeForReference(pack)
  return own
}
const ready = percepts('salts', takePack)
const isKnownTest = (test: string): boolean => testById.has(test) || organicTestById.has(test)
let organic: Promise<void> | null = null
/** Without what was worked out ahead, what reads structures comes instead: it is as large, and everything takes longer. */
async function loadOrganic(): Promise<void> {
  if (await percepts('organic', takePack)) return
  await reader()
}
let reading: Promise<void> | null = null
/** What reads structures, for those that nobody worked out ahead. */
function reader(): Promise<void> {
  reading ??= import('@foxing/core/structure/perceive').then(
    ({ perceive }) => readStructuresWith(perceive),
    (error: unknown) => {
      // Asked for again with the next line.
      reading = null
      throw error
    },
  )
  return reading
}
/** What a case needs before it can be thought about; that of organic compounds is only loaded for one. */
async function readyFor({ kind, compounds = [] }: Pick<Case, 'kind' | 'compounds'>): Promise<unknown> {
  if (kind !== 'organic') return ready
  organic ??= loadOrganic().catch((error: unknown) => {
    organic = null
    throw error
  })
  await organic
  if (compounds.length > 0) await reader()
}

function drawn(seed: number): Salt {
  const salt = findSalt(drawSalt(seed))
  if (!salt) throw new RangeError('a seed that draws nothing')
  return salt
}

let mixture: { readonly of: string; readonly drawn: Drawn } | null = null
/** A mixture drawn by a seed; kept, since drawing one tries many. */
function drawnMixture(seed: number, settings: Case): Drawn {
  const of = JSON.stringify([seed, settings.maxCations, settings.maxAnions, settings.sample])
  if (mixture?.of !== of) mixture = { of, drawn: practiceMixture(seed, settings) }
  return mixture.drawn
}
function heldBy(seed: number, settings: Case): InJar {
  if (settings.kind === 'mixture') {
    const { content, cations, anions } = drawnMixture(seed, settings)
    return heldMixture(content, [...cations, ...anions])
  }
  const { mL } = settings.sample
  if (settings.kind === 'salt') return mL === undefined ? heldSalt(drawn(seed)) : heldDissolved(practiceDissolved(seed, mL))
  const smiles = drawCompound(seed)
  return heldCompound({ smiles, name: compoundOf(smiles)?.name ?? smiles })
}

interface Reasoned {
  readonly asked: string
  readonly reasoning: Reasoning
  thought?: Thought
  /** Whether tests were passed over in its advice for want of time. */
  isHurried?: boolean
}
let last: Reasoned | null = null
/** The deduction from a notebook, made anew only where what was done or seen has changed. */
function reasoned(notebook: Asked): Reasoned {
  const asked = evidenceOf(notebook)
  if (last?.asked !== asked) last = { asked, reasoning: session.reason(notebook) }
  return last
}
/** What a deduction hangs on: what was done and seen. */
const evidenceOf = ({ case: settings, entries }: Asked): string =>
  JSON.stringify([settings, entries.filter((e) => 'did' in e || 'saw' in e || 'amended' in e)])

/** Ions that a row of the bench names of each kind; the report names them all. */
const MOST_NAMED = 2

function weighed(reasoning: Reasoning): Weighed {
  const { standings, formulae, conflicts, trace } = reasoning
  const earned = new Map<string, Set<string>>()
  for (const { entry, steps } of trace.observations) {
    const did = steps[0]?.entry
    if (did !== undefined) earned.set(did, (earned.get(did) ?? new Set()).add(entry))
  }
  const inferences = Object.fromEntries([...earned].map(([did, saws]) => [did, sayInferencesInShort(inferencesFrom(saws, reasoning), MOST_NAMED)]))
  return { standings, formulae: formulae.slice(0, 8), conflicts, inferences }
}

/** The notebook that was asked about last: the long half of an older question is left for it. The quick half and the long of one notebook may come in either order. */
let newest = ''
const nameOf = ({ case: settings, entries }: Asked): string => JSON.stringify([settings, entries])
/** A question that is on its way already when the long half of an older one is begun goes first, ms. */
const LET_PASS = 25

/** Thinking again begins when nothing was written for so long, ms: who writes on has the next line read at once. */
const AFTER_THOUGHT = 1200

/** A probability that moved by less is not worth a second answer. */
const MOVED = 0.02
/** Whether thinking again has come to something else. */
function saysMore(now: Reasoning, before: Reasoning): boolean {
  if (now.each) return now.hypotheses[0]?.content.id !== before.hypotheses[0]?.content.id
  const held = new Map(before.standings.map((s) => [s.species, s.probability]))
  return now.standings.some((s) => Math.abs(s.probability - (held.get(s.species) ?? 0)) > MOVED)
}

/** Results of a look that are offered to be tapped. */
const MOST_COMMON = 6

const thoughtWith = (reasoning: Reasoning, advice: Advice): Thought => ({
  ...weighed(reasoning),
  advice,
  refutation: advice.refutation,
  parts: reasoning.hypotheses[0]?.parts ?? null,
})

const worker = {
  /** What the evidence comes to: the quick half, asked before `think`. */
  async weigh(notebook: Asked): Promise<Weighed> {
    newest = nameOf(notebook)
    await readyFor(notebook.case)
    // A mixture is thought through in seconds: what the last line makes of it at once is shown first.
    const isNew = notebook.case.kind === 'mixture' && last?.asked !== evidenceOf(notebook)
    return weighed(isNew ? session.reason(notebook, { atOnce: true }) : reasoned(notebook).reasoning)
  },
  /** All of it; null where the bench has asked anew meanwhile. */
  async think(notebook: Asked): Promise<Thought | null> {
    const asked = nameOf(notebook)
    newest = asked
    await readyFor(notebook.case)
    await new Promise((resolve) => setTimeout(resolve, LET_PASS))
    if (asked !== newest) return null
    const known = reasoned(notebook)
    if (!known.thought) {
      const { advice, isWhole } = adviseAtOnce(known.reasoning, notebook)
      known.thought = thoughtWith(known.reasoning, advice)
      known.isHurried = !isWhole
    }
    return known.thought
  },
  /**
   * A mixture thought through again where something stays puzzling, and an organic jar with what is in no library, a second or so at a time; null where nothing came of it, or the bench has asked anew meanwhile.
   */
  async sharpen(notebook: Asked): Promise<Thought | null> {
    const { kind } = notebook.case
    if (kind === 'salt') return null
    const asked = nameOf(notebook)
    newest = asked
    await readyFor(notebook.case)
    const { rounds, steps } = SHARPENING[kind]
    for (let round = 0; round < rounds; round++) {
      await new Promise((resolve) => setTimeout(resolve, round === 0 ? AFTER_THOUGHT : 0))
      if (asked !== newest) return null
      const known = reasoned(notebook)
      // An organic jar is gone through from the beginning each time: what was asked before costs nothing, and more molecules are.
      const times = kind === 'organic' ? round + 1 : 1
      const reasoning = session.reason(notebook, { deep: steps * times })
      if (!saysMore(reasoning, known.reasoning)) continue
      last = { asked: known.asked, reasoning, isHurried: true }
      break
    }
    const known = reasoned(notebook)
    if (!known.isHurried) return null
    // What comes later is ranked to the end.
    known.isHurried = false
    return (known.thought = thoughtWith(known.reasoning, adviseFrom(known.reasoning, notebook)))
  },
  /** A mixture thought through before it is left, a minute or a few in one go: to be asked of a worker of its own, which is ended where the page grows meanwhile. */
  async through(notebook: Asked, from: Parts): Promise<Parts> {
    await readyFor(notebook.case)
    return thoughtThrough(session, notebook, from).hypotheses[0]?.parts ?? from
  },
  /** What such thinking came to, weighed here, and gone on from; null where the bench has asked anew meanwhile. */
  async takeUp(notebook: Asked, parts: Parts): Promise<Thought | null> {
    const asked = nameOf(notebook)
    await readyFor(notebook.case)
    if (asked !== newest) return null
    const reasoning = session.reason(notebook, { from: parts })
    const thought = thoughtWith(reasoning, adviseFrom(reasoning, notebook))
    last = { asked: evidenceOf(notebook), reasoning, thought }
    return thought
  },
  /** What speaks against steps that are being written, before they are done. */
  async foresee(notebook: Asked, steps: readonly ReadStep[], informed: boolean): Promise<Warning[]> {
    await readyFor(notebook.case)
    return foresee(notebook, steps, session, informed)
  },
  /** What an entry of work shows in a practice jar that was drawn by a seed of this device's own. */
  async seen(notebook: Asked, entry: string, seed: number): Promise<Seen> {
    if (notebook.case.kind === 'organic') await readyFor(notebook.case)
    return seenIn(notebook, entry, heldBy(seed, notebook.case).content, [0, 0, 0])
  },
  /** What is in such a jar. */
  answer(notebook: Asked, seed: number): { formula: string; name: string; right: boolean } {
    const concluded = notebook.entries.flatMap((e) => {
      const said = saidOfJar(e)
      return said && said.claim !== 'absent' ? [said.species] : []
    })
    const { formula, name, isSaid } = heldBy(seed, notebook.case)
    return { formula, name, right: isSaid(concluded) }
  },
  /** Everything the model says of an ion: what it shows, and the constants behind it. */
  async ion(ion: string): Promise<{ shown: ReturnType<typeof ionInTests>; constants: ReturnType<typeof constantsOf> }> {
    await ready
    return { shown: ionInTests(ion), constants: constantsOf(ion) }
  },
  /** An ion with each of the usual reagents, and the axes its forms are counted along. */
  ionWithReagents: (ion: string): WithReagent[] =>
    USUAL_REAGENTS.filter((reagent) => !holdsIon(reagent, ion)).flatMap((reagent) => withReagent(ion, reagent) ?? []),
  /** A reagent with each ion there is a page for. */
  reagentWithIons: (reagent: string): WithReagent[] =>
    [...REFERENCE_IONS]
      .sort((a, b) => Number(b.endsWith('+')) - Number(a.endsWith('+')))
      .filter((ion) => !holdsIon(reagent, ion))
      .flatMap((ion) => withReagent(ion, reagent) ?? []),
  titration: (ion: string, reagent: string): AfterDrops[] => titration(ion, reagent),
  fractions: (ion: string, axis: Axis): Fractions => fractionsOf(ion, axis),
  /** What the salts in contention would show where a picture was taken. */
  async candidateColours(notebook: Asked, of: Pictured): Promise<CandidateColour[]> {
    await readyFor(notebook.case)
    return candidateColours(reasoned(notebook).reasoning, of)
  },
  /** Why a compound may not be fused with sodium, by its name or structure; null where it may. */
  async mayFuse(compound: string): Promise<string | null> {
    await reader()
    try {
      return staysShut({ wants: 'compound' }, { compound })
    } catch {
      return 'the structure cannot be read; give the name of a compound of the library, or SMILES'
    }
  },
  /** Where what is left of some entries goes; by what was known beforehand alone, where what the record says is not shown. */
  async waste(notebook: Asked, entries: readonly string[], informed: boolean): Promise<WorkWaste | null> {
    await readyFor(notebook.case)
    return wasteOfWork(reasoned(notebook).reasoning, new Set(entries), informed)
  },
  /** What an entry would have shown with the mistake of a finding undone. */
  async undone(notebook: Asked, finding: string, entry: string, seed: number | null): Promise<Undone | null> {
    await readyFor(notebook.case)
    return undone(notebook, reasoned(notebook).reasoning, finding, entry, seed === null ? undefined : heldBy(seed, notebook.case).content)
  },
  /** Whether a structure can be read, as SMILES; why not, where it cannot. */
  async readable(smiles: string): Promise<string | null> {
    await reader()
    try {
      structureOf(smiles)
      return null
    } catch (error) {
      return error instanceof Error ? error.message : 'a structure as SMILES'
    }
  },
  /** What is perceived of a compound of the library, and its groups by name; null for a name that is not in it. */
  async structure(name: string): Promise<{ structure: Structure; groups: readonly string[] } | null> {
    const compound = compoundNamed(name)
    if (!compound) return null
    await readyFor({ kind: 'organic' })
    const structure = structureOf(compound.smiles)
    return { structure, groups: NAMED_GROUPS.flatMap((id) => (structure.groups[id] === undefined ? [] : [groupOf(id).label ?? id])) }
  },
  /** Every way a test comes out among the bench salts. */
  async test(test: string): Promise<Outcome[]> {
    await readyFor({ kind: organicTestById.has(test) ? 'organic' : 'salt' })
    return outcomesOfTest(test)
  },
  /** What is written most often at a look of a catalogue test. */
  async commonest(test: string, step: number): Promise<Commonest[]> {
    await readyFor({ kind: organicTestById.has(test) ? 'organic' : 'salt' })
    return isKnownTest(test) ? commonestAt(test, step, MOST_COMMON) : []
  },
  /** What may stand beside a run of a test as controls. */
  async knowns(test: string): Promise<ReturnType<typeof knownsFor>> {
    await readyFor({ kind: organicTestById.has(test) ? 'organic' : 'salt' })
    return isKnownTest(test) ? knownsFor(test) : { positive: [], negative: [] }
  },
  /** A sum of the bench; what cannot be is said by its place in the input. */
  sum(id: string, input: Readonly<Record<string, unknown>>): { result: Readonly<Record<string, unknown>> } | { path: string; expected: string } {
    const sum = sumById.get(id)
    const given = sum?.input.safeParse(input)
    if (!sum || !given) return { path: '', expected: 'a sum there is' }
    if (!given.success) return { path: given.error.issues[0]?.path.join('.') ?? '', expected: given.error.issues[0]?.message ?? 'another input' }
    try {
      return { result: sum.run(input) as Readonly<Record<string, unknown>> }
    } catch (error) {
      if (error instanceof SumError) return { path: error.path, expected: error.expected }
      throw error
    }
  },
  /** The notebook as a report's document; the shape is given out by whoever asked. */
  async report(notebook: Asked, title: string): Promise<ReportDocument> {
    await readyFor(notebook.case)
    return documentFrom(reasoned(notebook).reasoning, notebook, title)
  },
}
export type ReasoningWorker = typeof worker

expose(worker)
