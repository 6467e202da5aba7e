import { isOf, tells } from '../../channels'
import { isTest } from '../../notebook'
import { addsReagent, doing, sameVessel, wrote, type Claim, type ClaimRule, type WorkRule, changing } from './work'
import { ionsWith } from '../../species'

const PALE = new Set(['white', 'colourless'])
/** Cations that colour a bead. */
const BEAD_METALS = ionsWith('colours-bead')
/** A chance that a bead could still find something worth it. */
const WORTH_A_BEAD = 0.02
/** More than this on a loop drowns the colour, mg. */
const BEAD_mg = 5

export const DRY_RULES: readonly WorkRule[] = [
  {
    id: 'dry-litmus',
    severity: 'spoils',
    undo: changing((step) => (step.do === 'hold' ? { ...step, dry: false } : step)),
    applies: ({ steps }) =>
      steps.some((step) => {
        const now = doing(step)
        return now?.do === 'hold' && now.dry && now.paper?.includes('litmus') === true
      }),
  },
  {
    id: 'flame-without-cleaning',
    severity: 'weakens',
    undo: changing((step) => (step.do === 'flame' ? { ...step, cleaned: true } : step)),
    applies: ({ steps }) =>
      steps.some((step) => {
        const now = doing(step)
        return now?.do === 'flame' && !now.cleaned
      }),
  },
  {
    id: 'bead-on-colourless-sample',
    severity: 'note',
    applies: ({ steps, entry, page }) =>
      steps.some((step) => doing(step)?.do === 'bead') &&
      page.chance(...BEAD_METALS) < WORTH_A_BEAD &&
      page.seen.some(
        ({ observation: o, steps: of }) => of[0]?.entry !== entry.id && o.channel === 'appearance.colour' && !o.negated && PALE.has(o.value),
      ),
  },
  {
    id: 'bead-overloaded',
    severity: 'spoils',
    undo: changing((step) => (step.do === 'bead' ? { ...step, mg: 1 } : step)),
    applies: ({ steps, saw }) =>
      steps.some((step) => {
        const now = doing(step)
        return now?.do === 'bead' && (now.mg > BEAD_mg || wrote(saw, 'bead.cold', 'black') || wrote(saw, 'bead.hot', 'black'))
      }),
  },
  {
    id: 'cobalt-nitrate-on-coloured-residue',
    severity: 'spoils',
    applies: ({ steps, page }) =>
      steps.some((step) => {
        if (doing(step)?.do !== 'cobalt-nitrate') return false
        const before = page.until(step).slice(0, -1)
        const residue = page.seen.findLast(
          ({ observation: o, steps: of }) =>
            o.channel === 'residue.cold' && !o.negated && of.some((s) => s.entry !== step.entry && before.includes(s)),
        )
        return residue !== undefined && !PALE.has(residue.observation.value)
      }),
  },
  {
    id: 'residue-read-hot-only',
    severity: 'weakens',
    applies: ({ saw, last }) => !last && wrote(saw, 'residue.hot') && !saw.some((o) => o.channel === 'residue.cold'),
  },
  {
    id: 'gas-not-tested',
    severity: 'weakens',
    applies: ({ did, saw, steps, later, last }) => {
      if (isTest(did) || last || !wrote(saw, 'gas.present', 'yes')) return false
      const told = saw.some((o) => o.channel === 'gas.species' || tells(o.channel, 'smell') || isOf(o.channel, 'paper'))
      const tried = [...steps, ...later].some((s) => ['hold', 'bubble', 'smell', 'dip'].includes(doing(s)?.do ?? ''))
      return !told && !tried
    },
  },
]

const SOUGHT_POTASSIUM = ['sodium-cobaltinitrite', 'sodium-tetraphenylborate', 'tartaric-acid', 'sodium-hydrogentartrate']
const isPresent = ({ concluded }: Claim): boolean => concluded.claim === 'present' || concluded.claim === 'confirmed'

export const DRY_CLAIMS: readonly ClaimRule[] = [
  {
    id: 'sodium-read-from-a-flash',
    severity: 'weakens',
    claims: (claim) => {
      if (claim.concluded.species !== 'Na^+' || !isPresent(claim)) return false
      const flames = claim.page.seen.filter(({ observation: o }) => isOf(o.channel, 'flame')).map(({ observation }) => observation)
      const steady = wrote(flames, 'flame.lasts', 'steady')
      const other = claim.page.steps.some((s) => addsReagent(s, 'potassium-hexahydroxoantimonate'))
      return wrote(flames, 'flame.colour', 'yellow', 'orange') && !steady && !other
    },
  },
  {
    id: 'potassium-without-cobalt-glass',
    severity: 'weakens',
    claims: ({ concluded, page }) =>
      concluded.species === 'K^+' &&
      page.steps.some((s) => doing(s)?.do === 'flame') &&
      !page.steps.some((s) => {
        const now = doing(s)
        return (now?.do === 'flame' && now.through !== 'air') || addsReagent(s, ...SOUGHT_POTASSIUM)
      }),
  },
  {
    id: 'carbonate-from-lime-water-alone',
    severity: 'weakens',
    claims: (claim) => {
      const { concluded, page } = claim
      if (!['CO3^2-', 'HCO3^-', 'carbonate', 'hydrogencarbonate'].includes(concluded.species) || !isPresent(claim)) return false
      const all = page.seen.map(({ observation }) => observation)
      const milky = wrote(all, 'lime-water', 'milky', 'milky then clear')
      const excluded = all.some((o) => o.channel === 'paper.acid dichromate paper' || tells(o.channel, 'smell'))
      return milky && !excluded
    },
  },
  {
    id: 'smell-of-the-wrong-tube',
    severity: 'note',
    claims: ({ cited, page }) => {
      const smells = cited.filter(({ observation: o }) => tells(o.channel, 'smell') && !o.negated && o.value !== 'none')
      return smells.some((a) =>
        page.seen.some(
          (b) =>
            tells(b.observation.channel, 'smell') &&
            !b.observation.negated &&
            b.observation.value !== 'none' &&
            b.observation.value !== a.observation.value &&
            a.steps.some((s) => b.steps.some((t) => sameVessel(s, t))),
        ),
      )
    },
  },
]
