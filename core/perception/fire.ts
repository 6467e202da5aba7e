import { BEADS, CHARCOAL, COBALT, COMPONENT_INDEX, dryPhase, ionsWith, type BeadLook } from '../species'
import type { Event, RoastStage, Step, Vessel } from '../tube'
import { GAS_CONSTANT } from '../units'
import type { Smell } from '../vocabulary'
import { mixedColour } from './appearance'
import { COLOURLESS, colourOfHex, nameColour, type Colour } from './colour'
import type { BeadPercept, ResiduePercept, StagePercept } from './percept'
import { absorptivity, colourThrough, WAVELENGTHS } from './spectrum'

/** mol of each component that dry phases and a wet vessel hold. */
function elementsOf(vessel: Vessel): Map<number, number> {
  const held = new Map<number, number>()
  const count = (component: number, mol: number): void => void held.set(component, (held.get(component) ?? 0) + mol)
  vessel.totals.forEach((mol, component) => mol > 0 && count(component, mol))
  for (const [id, mol] of vessel.dry) for (const [component, n] of dryPhase(id)?.terms ?? []) if (n > 0) count(component, n * mol)
  return held
}

/** Nothing but a change of colour. */
const QUIET = { melts: false, crackles: false, chars: false, swells: false, glows: false }

/** A solid that makes up less of a residue than this goes unnoticed in its colour, mol share. */
const NOTICED_SHARE = 0.01

const hexOf = (id: string, hot: boolean): string => {
  const data = dryPhase(id)?.data
  return (hot ? data?.hot : undefined) ?? data?.colour.hex ?? '#f4f4f1'
}
function mixture(holds: ReadonlyMap<string, number>, hot: boolean): Colour {
  const parts = [...holds].map(([id, mol]) => ({ hex: hexOf(id, hot), share: mol }))
  return parts.length === 0 ? colourOfHex('#ffffff') : mixedColour(parts)
}
const sublimateOf = (sublimed: ReadonlyMap<string, number>): Colour | null => {
  const parts = [...sublimed].map(([id, mol]) => ({ hex: dryPhase(id)?.data.sublimate ?? hexOf(id, false), share: mol }))
  return parts.length === 0 ? null : mixedColour(parts)
}

/** What dry heating left and drove off; null where nothing was heated dry. */
export function residueOf({ roasted }: Event): ResiduePercept | null {
  const last = roasted?.at(-1)
  if (!roasted || !last) return null
  const sublimed = new Map<string, number>()
  for (const { sublimed: of } of roasted) for (const [id, mol] of of) sublimed.set(id, (sublimed.get(id) ?? 0) + mol)
  const colour = sublimateOf(sublimed)
  const total = [...last.holds.values()].reduce((a, b) => a + b, 0)
  const shows = (sign: 'melts' | 'crackles' | 'chars' | 'swells' | 'glows'): boolean => roasted.some((r) => r.signs.has(sign))
  return {
    hot: mixture(last.holds, true),
    cold: mixture(last.holds, false),
    species: [...last.holds].filter(([, mol]) => mol > NOTICED_SHARE * total).map(([id]) => id),
    sublimate: colour && { colour, species: [...sublimed.keys()] },
    melts: shows('melts'),
    crackles: shows('crackles'),
    chars: shows('chars'),
    swells: shows('swells'),
    glows: shows('glows'),
  }
}

export const stagesOf = (roasted: readonly RoastStage[]): StagePercept[] =>
  roasted.map((r) => ({
    stage: r.stage,
    gases: r.evolved.filter((e) => e.gas !== 'H2O').map((e) => e.gas),
    water: r.evolved.some((e) => e.gas === 'H2O'),
    melts: r.signs.has('melts'),
    sublimate: sublimateOf(r.sublimed),
    hot: mixture(r.holds, true),
  }))

/** Glass of a bead, L, and the way of light through it, cm: a loop of 3 mm holds about 30 mg. */
const BEAD_L = 1.25e-5
const BEAD_cm = 0.25
/** mg of sample taken on a vessel's or the jar's own speck of it. */
const SPECK_mg = 5
/** Metal in the glass from which it clouds, mol/L. */
const CLOUDS = 0.02

/** A bead of borax or microcosmic salt in one of the two flames. */
export function beadOf(vessel: Vessel, step: Extract<Step, { do: 'bead' }>): BeadPercept {
  const look = (when: 'hot' | 'cold'): { colour: Colour; clear: boolean } => {
    const absorbance = new Float64Array(WAVELENGTHS.length)
    let clouded: string | undefined
    let most = CLOUDS
    for (const [component, mol] of elementsOf(vessel)) {
      const data = BEADS.get(component)
      if (!data) continue
      const molar = (mol * step.mg) / SPECK_mg / BEAD_L
      const own: BeadLook =
        step.flame === 'oxidising' ? ((step.flux === 'microcosmic' ? data.microcosmic : undefined) ?? data.oxidising)[when] : data.reducing[when]
      if ('clouded' in own) {
        if (molar > most) {
          most = molar
          clouded = own.clouded
        }
        continue
      }
      const bands = absorptivity(own.bands)
      for (let k = 0; k < absorbance.length; k++) absorbance[k] = (absorbance[k] as number) + molar * BEAD_cm * (bands[k] as number)
    }
    if (clouded) return { colour: colourOfHex(clouded), clear: false }
    const lab = colourThrough(absorbance)
    const clear = Math.abs(lab.a) < 2 && Math.abs(lab.b) < 3 && lab.l > 92
    // Silica does not dissolve in microcosmic salt: a skeleton floats in the glass.
    const silica = step.flux === 'microcosmic' && (elementsOf(vessel).get(COMPONENT_INDEX.get('H4SiO4') ?? -1) ?? 0) > 0
    return { colour: clear ? COLOURLESS : nameColour(lab, true), clear: !silica }
  }
  const hot = look('hot')
  const cold = look('cold')
  return { hot: hot.colour, cold: cold.colour, clear: hot.clear && cold.clear }
}

/** How hot the assay is on charcoal, K. */
const ASSAY_K = 1173
/** Free energy of 2 C + O2 = 2 CO there, kJ, from −221 kJ and +179 J/K. Source: CRC. */
const CARBON_kJ = -221 - (ASSAY_K * 179) / 1000
/** A metal that boils below this leaves as vapour, whose thin pressure helps its reduction along; one above no longer makes a crust, °C. */
const VAPOUR_C = 1300
const CRUST_C = 2700
const VAPOUR_atm = 0.01

/** Oxides that stay on the coal and are not of one metal to one oxygen. */
const OXIDES: Readonly<Record<string, string>> = { Mn: 'Mn3O4', Cr: 'Cr2O3', Al: 'Al2O3' }

export interface CharcoalPercept extends ResiduePercept {
  readonly smell: Smell | null
  readonly deflagrates: boolean
}

/** Oxidisers that make charcoal flare. */
const FLARES = new Set(ionsWith('flares-on-charcoal').map((f) => COMPONENT_INDEX.get(f) ?? -1))
const SULFUR = ionsWith('holds-sulfur').map((f) => COMPONENT_INDEX.get(f) ?? -1)

/** Reduced on charcoal with soda: whether carbon takes the oxygen is reckoned from the free energies of the oxides. */
export function charcoalOf(vessel: Vessel): CharcoalPercept {
  const elements = elementsOf(vessel)
  const left: { hex: string; share: number; id: string }[] = []
  const crust: { hot: string; cold: string; share: number; id: string }[] = []
  let smell: Smell | null = null
  let melts = false
  for (const [component, mol] of elements) {
    const data = CHARCOAL.get(component)
    if (!data) continue
    const oxide = data.oxide_kJ - (ASSAY_K * data.oxide_J) / 1000
    const vapour = data.boils_C < VAPOUR_C ? (2 * GAS_CONSTANT * ASSAY_K * Math.log(VAPOUR_atm)) / 1000 : 0
    const reduced = CARBON_kJ + vapour < oxide
    const boilsOff = reduced && data.boils_C < VAPOUR_C
    if (data.crust && reduced && data.boils_C < CRUST_C) crust.push({ ...data.crust, share: mol, id: data.metal })
    if (reduced && data.smell) smell = data.smell
    if (boilsOff) continue
    if (reduced && data.melts_C < ASSAY_K - 273) melts = true
    left.push({ hex: data.colour.hex, share: mol, id: reduced ? data.metal : (OXIDES[data.metal] ?? `${data.metal}O`) })
  }
  const hepar = SULFUR.some((c) => (elements.get(c) ?? 0) > 0)
  if (left.length === 0) left.push({ hex: '#efe9d6', share: 1, id: 'Na2CO3' })
  const cold = mixedColour(left)
  return {
    hot: cold,
    cold,
    species: [...left.map((l) => l.id), ...(hepar ? ['Na2S'] : [])],
    sublimate:
      crust.length > 0 ? { colour: mixedColour(crust.map((c) => ({ hex: c.cold, share: c.share }))), species: crust.map((c) => c.id) } : null,
    ...QUIET,
    melts,
    smell,
    deflagrates: [...FLARES].some((c) => (elements.get(c) ?? 0) > 0),
  }
}

/** Cobalt oxide by itself. */
const COBALT_GREY = '#3a3a3c'

/** The residue moistened with cobalt nitrate and made red hot again; a coloured residue hides it. */
export function cobaltOf(vessel: Vessel): ResiduePercept {
  const before = mixture(vessel.dry, false)
  const plain = ['white', 'colourless', 'grey'].includes(before.family)
  const elements = elementsOf(vessel)
  const found = plain
    ? [...elements].flatMap(([component, mol]) => {
        const data = COBALT.get(component)
        return data && mol > 0 ? [{ data, mol }] : []
      })
    : []
  // A glass-forming anion decides before an earth that only greys.
  const glassy = found.filter(({ data }) => !data.colour.words.includes('grey'))
  const of = glassy.length > 0 ? glassy : found
  const colour =
    of.length > 0 ? mixedColour(of.map(({ data, mol }) => ({ hex: data.colour.hex, share: mol }))) : plain ? colourOfHex(COBALT_GREY) : before
  return {
    hot: colour,
    cold: colour,
    species: of.map(({ data }) => data.product),
    sublimate: null,
    ...QUIET,
  }
}
