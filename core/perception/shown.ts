import type { Structure } from '../structure'
import type { EachOperation, Event } from '../tube'
import { beadOf, charcoalOf, cobaltOf } from './fire'
import { flameOf } from './flame'
import { burning, rodOf, smellOf, splintOf } from './mouth'
import { compoundIn, constantsOf, copperWire, ignitedResidue, ignitionOf, organicSmell } from './organic'
import { dipPaper, holdPaper } from './papers'
import type { Sight } from './percept'

/** What is seen, smelt or read of an operation beside what then stands in the vessel. */
type Shown = { readonly [K in 'papers' | 'splint' | 'rod' | 'flame' | 'residue' | 'bead' | 'constant' | 'smell']?: Sight[K] | undefined }

/** The compound that is burnt; none where it burnt in a closed tube with an oxide, since then what dry heating leaves is seen. */
const burntIn = (event: Event): Structure | null => (event.roasted ? null : compoundIn(event.after))
const nothing = (): Shown => ({})

export const SHOWN: EachOperation<Shown, [event: Event]> = {
  take: nothing,
  dissolve: nothing,
  add: nothing,
  shake: nothing,
  stand: nothing,
  warm: nothing,
  boil: nothing,
  ignite: (_, event) => {
    const compound = burntIn(event)
    return compound ? { residue: ignitedResidue(compound) } : {}
  },
  cool: nothing,
  concentrate: nothing,
  pass: nothing,
  bubble: nothing,
  centrifuge: nothing,
  filter: nothing,
  wash: nothing,
  'soda-extract': nothing,
  flame: (step, { after }) => ({ flame: flameOf(after, step) }),
  bead: (step, { after }) => ({ bead: beadOf(after, step) }),
  charcoal: (_, { after }) => {
    const residue = charcoalOf(after)
    return { residue, smell: residue.smell }
  },
  'copper-wire': (step, event) => {
    const compound = burntIn(event)
    return compound ? { flame: copperWire(compound, step.cleaned) } : {}
  },
  ignition: (_, event) => {
    const compound = burntIn(event)
    return compound ? { flame: ignitionOf(compound), residue: ignitedResidue(compound) } : {}
  },
  fuse: nothing,
  'melting-point': (_, event) => {
    const compound = burntIn(event)
    return { constant: compound && constantsOf(compound).melts_C }
  },
  'boiling-point': (_, event) => {
    const compound = burntIn(event)
    return { constant: compound && constantsOf(compound).boils_C }
  },
  'cobalt-nitrate': (_, { after }) => ({ residue: cobaltOf(after) }),
  dip: (step, { after }) => ({ papers: [dipPaper(step.paper, after)] }),
  hold: ({ paper, splint, rod, dry }, event) => ({
    papers: paper ? [holdPaper(paper, event.after, dry)] : [],
    splint: splint && splintOf(splint, event.after),
    rod: rod && rodOf(rod, event.after),
    // A gas that the splint lights burns with a flame of its own; that of an organic compound's vapour is seen when it is lit.
    flame: splint === 'burning' && !burntIn(event) ? burning(event.after) : undefined,
  }),
  smell: (_, { after }) => ({ smell: organicSmell(after) ?? smellOf(after) }),
  look: nothing,
}
