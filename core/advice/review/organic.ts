import { FUSION_EXTRACT } from '../../catalogue'
import { adding, addsReagent, changing, doing, history, isAcid, isBase, reagentId, type Work, type WorkRule, wrote } from './work'
import { FUSION_FAULTS, type Step } from '../../tube'

const isIron = (reagent: string): boolean => /FeSO4|ferrous|iron\(II\)/i.test(reagent)

/** Traps of a fusion, of the tests of elements, and of organic groups. */

type Fuse = Extract<Step, { do: 'fuse' }>
const fusing = ({ steps }: Work): Fuse | undefined => {
  for (const step of steps) {
    const now = doing(step)
    if (now?.do === 'fuse' && step.index >= 0) return now
  }
  return undefined
}
const fused =
  (how: (fuse: Fuse) => boolean) =>
  (work: Work): boolean => {
    const fuse = fusing(work)
    return fuse !== undefined && how(fuse)
  }
const fuseBetter = (better: Partial<Fuse>): ((steps: readonly Step[]) => readonly Step[]) =>
  changing((step) => (step.do === 'fuse' ? { ...step, ...better } : step))

/** Sodium that is hard to be rid of safely, mg in one tube. */
const MUCH_SODIUM_mg = 150

/** What was written of the extract that a test is done on: the last one made before it. */
function extractSeen({ steps, page }: Work, channel: string, ...values: readonly string[]): boolean {
  const place = (entry: string): number => page.entries.findIndex((e) => e.id === entry)
  const here = place(steps[0]?.entry ?? '')
  const made = Math.max(-1, ...page.steps.flatMap((s) => (doing(s)?.do === 'fuse' && place(s.entry) < here ? [place(s.entry)] : [])))
  return page.seen.some(
    ({ observation, steps: of }) =>
      observation.channel === channel &&
      !observation.negated &&
      values.includes(observation.value) &&
      of.some((s) => s.vessel === FUSION_EXTRACT && place(s.entry) >= made && place(s.entry) < here),
  )
}
const usesExtract = ({ steps }: Work): boolean => steps.some((s) => s.step?.do === 'take' && s.step.from === FUSION_EXTRACT)
const fromExtract = (steps: readonly Step[]): boolean =>
  steps.some((s) => s.do === 'take' && s.from !== 'sample') && steps.some((s) => s.do === 'fuse')

const COLOURED = ['yellow', 'orange', 'brown', 'black', 'red'] as const
const boils = (s: Step): boolean => s.do === 'boil' || s.do === 'concentrate'

export const ORGANIC_WORK_RULES: readonly WorkRule[] = [
  {
    id: 'fusion-too-little-sodium',
    severity: 'spoils',
    undo: fuseBetter({ sodium_mg: 60, sample_mg: 50 }),
    applies: fused(FUSION_FAULTS['little sodium']),
  },
  {
    id: 'fusion-too-much-sodium',
    severity: 'spoils',
    applies: fused((f) => f.with === 'sodium' && (f.sodium_mg ?? 60) > MUCH_SODIUM_mg),
  },
  {
    id: 'fusion-not-red',
    severity: 'spoils',
    undo: fuseBetter({ heating: 'red' }),
    applies: fused(FUSION_FAULTS['not red']),
  },
  {
    id: 'fusion-extract-weak',
    severity: 'weakens',
    undo: fuseBetter({ tubes: 2, water_mL: 10, toFraction: 0.33 }),
    applies: fused(FUSION_FAULTS['weak extract']),
  },
  {
    id: 'extract-coloured-but-used',
    severity: 'spoils',
    applies: (work) => usesExtract(work) && extractSeen(work, 'solution.colour', ...COLOURED),
  },
  {
    id: 'extract-cloudy-but-used',
    severity: 'weakens',
    applies: (work) => usesExtract(work) && extractSeen(work, 'solution.clarity', 'cloudy', 'opaque'),
  },
  {
    id: 'extract-not-alkaline-but-used',
    severity: 'spoils',
    applies: (work) => usesExtract(work) && extractSeen(work, 'paper.red litmus paper', 'red'),
  },
  {
    id: 'nitrogen-acid-before-the-boil',
    severity: 'spoils',
    applies: ({ steps }) =>
      steps.some((step) => {
        const before = history(step)
        const added = adding(step)
        if (added === undefined || !fromExtract(before)) return false
        const iron = before.findLastIndex((s) => s.do === 'add' && isIron(s.reagent))
        const acid = before.findLastIndex((s) => s.do === 'add' && isAcid(s.reagent))
        const acidAfter = isAcid(added.reagent) && iron >= 0 && !before.slice(iron).some(boils)
        // Into an extract that is acid already the iron comes too late.
        return acidAfter || (isIron(added.reagent) && acid >= 0 && iron < 0 && !before.slice(acid).some((s) => s.do === 'add' && isBase(s.reagent)))
      }),
  },
  {
    id: 'nitric-acid-in-the-nitrogen-test',
    severity: 'spoils',
    undo: changing((step) => (step.do === 'add' && reagentId(step.reagent) === 'nitric-acid' ? { ...step, reagent: 'H2SO4 dil' } : step)),
    applies: ({ steps }) =>
      steps.some(
        (step) =>
          addsReagent(step, 'nitric-acid') &&
          fromExtract(history(step)) &&
          history(step).some((s) => s.do === 'add' && /FeSO4|ferrous/i.test(s.reagent)),
      ),
  },
  {
    id: 'silver-on-unboiled-extract',
    severity: 'spoils',
    applies: ({ steps }) =>
      steps.some((step) => {
        const before = history(step)
        const acid = before.findIndex((s) => s.do === 'add' && reagentId(s.reagent) === 'nitric-acid')
        // More acid may follow the boiling.
        const boiledOut = acid >= 0 && before.slice(acid + 1).some(boils)
        return addsReagent(step, 'silver-nitrate') && fromExtract(before) && !boiledOut
      }),
  },
  {
    id: 'lead-without-acetic-acid',
    severity: 'weakens',
    applies: ({ steps }) =>
      steps.some(
        (step) => addsReagent(step, 'lead-acetate') && fromExtract(history(step)) && !history(step).some((s) => s.do === 'add' && isAcid(s.reagent)),
      ),
  },
  {
    id: 'nitroprusside-in-acid',
    severity: 'spoils',
    applies: ({ steps }) =>
      steps.some((step) => addsReagent(step, 'sodium-nitroprusside') && history(step).some((s) => s.do === 'add' && isAcid(s.reagent))),
  },
  {
    id: 'layer-test-flooded-with-oxidant',
    severity: 'weakens',
    applies: ({ steps }) =>
      steps.some((step) => {
        const added = adding(step)
        return (
          added !== undefined &&
          reagentId(added.reagent) === 'chlorine-water' &&
          (added.drops ?? 20 * (added.mL ?? 0)) > 10 &&
          fromExtract(history(step)) &&
          !history(step).some((s) => s.do === 'look')
        )
      }),
  },
  {
    id: 'copper-wire-not-clean',
    severity: 'spoils',
    undo: changing((step) => (step.do === 'copper-wire' ? { ...step, cleaned: true } : step)),
    applies: ({ steps }) =>
      steps.some((step) => {
        const now = doing(step)
        return now?.do === 'copper-wire' && !now.cleaned
      }),
  },
  {
    id: 'ammoniacal-silver-left-standing',
    severity: 'spoils',
    applies: ({ steps, later }) =>
      [...steps, ...later].some((step) => {
        const now = doing(step)
        return (
          now?.do === 'stand' && (now.minutes ?? 1) > 20 && history(step).some((s) => s.do === 'add' && reagentId(s.reagent) === 'tollens-reagent')
        )
      }),
  },
  {
    id: 'nitro-test-read-late',
    severity: 'spoils',
    applies: ({ steps }) =>
      steps.some((step) => {
        const now = doing(step)
        const before = history(step)
        const iron = before.some((s) => s.do === 'add' && reagentId(s.reagent) === 'iron-ii-sulfate')
        const alkali = before.some((s) => s.do === 'add' && /^(sodium|potassium)-hydroxide$/.test(reagentId(s.reagent)))
        return now?.do === 'stand' && (now.minutes ?? 1) >= 3 && iron && alkali && !fromExtract(before)
      }),
  },
  {
    id: 'hydroxamate-without-plain-iron',
    severity: 'weakens',
    applies: ({ steps, saw, page }) =>
      steps.some((s) => s.test === 'hydroxamate') &&
      wrote(saw, 'solution.colour', 'violet', 'red', 'pink') &&
      !page.reasoning.trace.tests.includes('ferric-chloride-phenol'),
  },
  {
    id: 'permanganate-with-easy-groups',
    severity: 'note',
    applies: ({ steps, saw, page }) =>
      steps.some((s) => s.test === 'permanganate-baeyer') &&
      wrote(saw, 'precipitate.colour', 'brown') &&
      page.chance('aldehyde', 'phenol', 'amine, primary aromatic', 'thiol') > 0.5,
  },
]
