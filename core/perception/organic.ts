import { equationOfRule, organicById, type OrganicRule } from '../reactions'
import { agentById } from '../species'
import {
  basesOf,
  boilingPointOf,
  compoundOf,
  densityOf,
  groupOf,
  meltingPointOf,
  NAMED_GROUPS,
  NO_STRUCTURE,
  structureOf,
  waterSolubilityOf,
  type GroupId,
  type Structure,
} from '../structure'
import { concentration, halfLifeOf, strongAcid, unreacted, waterIn, type Event, type Vessel } from '../tube'
import type { Form, Smell, Speed } from '../vocabulary'
import { COLOURLESS, colourOfHex, labOfHex, nameColour, type Colour } from './colour'
import type { FlamePercept } from './flame'
import type { ResiduePercept } from './percept'
import { LOOKS, type Look } from './organic-looks'
import { absorptivity, colourOfLight, WAVELENGTHS } from './spectrum'

/** What an organic unknown looks like by itself. */

/** Shades that a compound's own colour words stand for. */
const SHADES: Readonly<Record<string, string>> = {
  white: '#f6f6f2',
  'pale yellow': '#f3eab0',
  yellow: '#efd23e',
  orange: '#e2812e',
  'pale brown': '#d8c3a0',
}

export function sampleLook(structure: Structure): { colour: Colour; form: Form } {
  const known = compoundOf(structure.smiles)
  const form: Form = known?.form ?? (meltingPointOf(structure) === null ? 'liquid' : 'crystals')
  const hex = SHADES[known?.colour ?? (form === 'liquid' ? 'colourless' : 'white')]
  return { colour: hex === undefined ? COLOURLESS : nameColour(labOfHex(hex)), form }
}

/** Light that the unknown itself takes out of a solution: by the word for its colour, and nitrophenols in alkali. */
function ownBands(structure: Structure, pH: number): Look | null {
  const word = compoundOf(structure.smiles)?.colour
  const bands = (peak_nm: number, absorptivity: number): Look => ({ is: 'dye', bands: [{ peak_nm, absorptivity, width_cm: 3600 }] })
  if ((structure.groups['phenol-nitro'] ?? 0) > 0 && pH > 7.5) return bands(405, 3000)
  if (word === 'orange') return bands(445, 900)
  if (word === 'yellow') return bands(405, 500)
  return word === 'pale yellow' ? bands(385, 25) : null
}

/** Bands of triarylmethyl cations, which strong acid makes of the carbinol. Source: Shriner. */
const TRITYL: Look = { is: 'dye', bands: [{ peak_nm: 430, absorptivity: 4000, width_cm: 4500 }] }

interface Seen {
  readonly formula: string
  readonly look: Look
  readonly mol: number
}

/** What rules made and reagents brought, with how each is seen. */
function* madeIn({ organic, contents }: Vessel): Generator<Seen> {
  for (const [key, mol] of organic?.agents ?? []) {
    if (mol < 1e-10) continue
    const [formula = key, smiles] = key.split('|')
    const spectrum = agentById.get(formula)?.spectrum
    const look: Look | null = spectrum
      ? { is: 'dye', bands: spectrum.bands }
      : (LOOKS[formula]?.(smiles ? structureOf(smiles) : NO_STRUCTURE, contents?.pH ?? 7) ?? null)
    if (look) yield { formula, look, mol }
  }
}

/** The same with what is dissolved of the unknown itself. */
function* looksIn(vessel: Vessel): Generator<Seen> {
  yield* madeIn(vessel)
  const { organic, contents } = vessel
  const acid = strongAcid(vessel.totals, Math.max(vessel.volume_mL, 1e-9))
  for (const [smiles, mol] of organic?.compounds ?? []) {
    const structure = structureOf(smiles)
    const there = mol * (organic?.dissolved.get(smiles) ?? 0)
    const cation = acid > 12 && (structure.groups['alcohol-benzylic-tertiary'] ?? 0) > 0 && (structure.groups.arene ?? 0) > 1
    const look = cation ? TRITYL : ownBands(structure, contents?.pH ?? 7)
    if (look && there > 0) yield { formula: structure.formula, look, mol: there }
  }
}
const spectra = new Map<string, Float64Array>()
/** Light taken out, for each mol/L and cm, added to what the water's own species take. */
export function organicAbsorbance(vessel: Vessel, path_cm: number): Float64Array | null {
  let sum: Float64Array | null = null
  for (const { look, mol } of looksIn(vessel)) {
    if (look.is !== 'dye') continue
    const molar = mol / (vessel.volume_mL / 1000)
    if (molar < 1e-7) continue
    const key = JSON.stringify(look.bands)
    let bands = spectra.get(key)
    if (!bands) spectra.set(key, (bands = absorptivity(look.bands)))
    sum ??= new Float64Array(WAVELENGTHS.length)
    for (let k = 0; k < sum.length; k++) sum[k] = (sum[k] as number) + molar * path_cm * (bands[k] as number)
  }
  return sum
}

/** Solids that organic rules made, and what is undissolved of a solid unknown. */
export function organicSolids(
  vessel: Vessel,
): { species: string; colour: Colour; habit: Extract<Look, { is: 'solid' }>['habit']; mgPerMl: number }[] {
  const { organic } = vessel
  if (!organic || vessel.volume_mL <= 0) return []
  const made = [...madeIn(vessel)].flatMap(({ formula, look, mol }) =>
    look.is === 'solid' && !hasParted(look, vessel)
      ? [
          {
            species: formula,
            colour: nameColour(labOfHex(look.hex)),
            habit: look.habit,
            mgPerMl: Math.max(0, (mol * look.grams * 1000) / vessel.volume_mL - (look.kept ?? 0)),
          },
        ]
      : [],
  )
  const left = [...organic.compounds].flatMap(([smiles, mol]) => {
    const structure = structureOf(smiles)
    const { colour, form } = sampleLook(structure)
    const share = (1 - (organic.dissolved.get(smiles) ?? 0)) * unreacted(vessel, smiles)
    if (form === 'liquid' || share < 0.02) return []
    return [
      {
        species: structure.formula,
        colour,
        habit: form === 'powder' ? ('powdery' as const) : ('crystalline' as const),
        mgPerMl: (mol * share * structure.molarMass * 1000) / vessel.volume_mL,
      },
    ]
  })
  return [...made, ...left]
}

/** Whether drops have had the time to run together. */
const hasParted = ({ parts_min }: Extract<Look, { is: 'solid' }>, { settled, rested_min }: Vessel): boolean =>
  parts_min !== undefined && settled && rested_min >= parts_min

/** Oils beside the water: an unknown that does not dissolve, a reagent that is its own solvent, or what a rule made. */
export function organicLayers(vessel: Vessel): { rests: 'upper' | 'lower'; colour: Colour; solvent: string }[] {
  const { organic } = vessel
  if (!organic || vessel.volume_mL <= 0) return []
  const layers: { rests: 'upper' | 'lower'; colour: Colour; solvent: string }[] = []
  const heavier = strongAcid(vessel.totals, vessel.volume_mL) > 12 ? 1.84 : waterIn(vessel) > 0.05 ? 1 : 0.8
  for (const { look, mol } of madeIn(vessel)) {
    if (look.is === 'solid' && hasParted(look, vessel) && (mol * look.grams * 1000) / vessel.volume_mL > (look.kept ?? 0))
      layers.push({ rests: 'upper', colour: nameColour(labOfHex(look.hex)), solvent: 'oil' })
    // Without water all of it is one liquid.
    if (look.is === 'oil' && waterIn(vessel) > 0.05)
      layers.push({ rests: look.heavy ? 'lower' : 'upper', colour: nameColour(labOfHex(look.hex)), solvent: 'oil' })
  }
  for (const [smiles] of organic.compounds) {
    const structure = structureOf(smiles)
    if (sampleLook(structure).form !== 'liquid' || (organic.dissolved.get(smiles) ?? 0) > 0.95 || unreacted(vessel, smiles) < 0.1) continue
    layers.push({ rests: densityOf(structure) > heavier ? 'lower' : 'upper', colour: sampleLook(structure).colour, solvent: 'the sample' })
  }
  return layers
}

const WORDS = (share: number): 'yes' | 'partly' | 'no' => (share > 0.95 ? 'yes' : share > 0.35 ? 'partly' : 'no')
/** Share of the unknown that is dissolved, all its compounds together; null where there is none. */
function dissolvedShare({ organic, volume_mL }: Vessel): number | null {
  const whole = [...(organic?.compounds.values() ?? [])].reduce((sum, mol) => sum + mol, 0)
  if (!organic || whole <= 0 || volume_mL <= 0) return null
  return [...organic.compounds].reduce((sum, [smiles, mol]) => sum + mol * (organic.dissolved.get(smiles) ?? 0), 0) / whole
}
export function organicSoluble(vessel: Vessel): 'yes' | 'partly' | 'no' | null {
  const share = dissolvedShare(vessel)
  return share === null ? null : WORDS(share)
}

/** Whether the unknown itself has gone into what was poured on it in this operation. */
export function organicDissolved({ before, after }: Event): 'yes' | 'partly' | 'no' | null {
  const share = dissolvedShare(after)
  if (share === null || (dissolvedShare(before) ?? 0) > 0.95) return null
  return WORDS(share)
}

/** What is smelt over it: what a rule made before the unknown itself. */
export function organicSmell(vessel: Vessel): Smell | null {
  const { organic } = vessel
  if (!organic) return null
  for (const { look, mol } of looksIn(vessel)) if (look.is === 'smell' && mol > 1e-6) return look.word
  for (const [smiles] of organic.compounds) {
    const word = compoundOf(smiles)?.smell
    if (word && word !== 'none') return word
  }
  return organic.compounds.size > 0 ? 'none' : null
}

const SPEEDS: readonly (readonly [upTo_min: number, Speed])[] = [
  [0.06, 'at-once'],
  [1, 'seconds'],
  [15, 'minutes'],
  [Infinity, 'slow'],
]
/** Extents below this are not seen, mol. */
const WORTH_SEEING = 5e-7

/** Rules that did something worth seeing in an operation. */
const happenedIn = ({ after }: Event): OrganicRule[] =>
  [...(after.organic?.happened ?? [])].filter(([, mol]) => mol > WORTH_SEEING).flatMap(([id]) => organicById.get(id) ?? [])

export function organicSpeed(event: Event): Speed | null {
  const rules = happenedIn(event)
  const { after } = event
  let slowest = 0
  for (const rule of rules) {
    if (!rule.sites) continue
    for (const [smiles] of after.organic?.compounds ?? []) {
      const structure = structureOf(smiles)
      if (rule.sites(structure) > 0) slowest = Math.max(slowest, halfLifeOf(rule, structure, after.temperature))
    }
  }
  return rules.length === 0 ? null : (SPEEDS.find(([upTo]) => slowest <= upTo)?.[1] ?? 'slow')
}

export const organicEquations = (event: Event): string[] => happenedIn(event).map((rule) => rule.equation)

const labelled = (ids: readonly GroupId[], { groups }: Structure): string[] =>
  ids.flatMap((id) => (groups[id] === undefined ? [] : (groupOf(id).label ?? [])))

/** Groups that alkali, and those that acid, takes a compound into solution by. */
const ACIDIC: readonly GroupId[] = ['carboxylic-acid', 'acid-sulfonic', 'amino-acid', 'phenol', 'thiol', 'imide', 'sulfonamide', 'enediol', 'oxime']
const BASIC: readonly GroupId[] = [
  'amine-primary',
  'amine-secondary',
  'amine-tertiary',
  'arylamine-primary',
  'arylamine-secondary',
  'arylamine-tertiary',
  'pyridine',
  'hydrazine',
  'amino-acid',
]
/** A compound dissolves by itself from here on, mol/L; below, what takes it up is its acid or its base. */
const DISSOLVES_ALONE = 0.15

/** What fire, and acid and alkali as solvents, show of a compound. */
export function partsShown({ step, after }: Event, structure: Structure | null): string[] {
  if (!structure) return []
  if (step.do === 'copper-wire') return structure.elements.filter((e) => e === 'Cl' || e === 'Br' || e === 'I')
  if (step.do === 'ignition') return [...(sooty(structure) ? labelled(['arene'], structure) : []), ...structure.metals]
  const pH = after.contents?.pH
  if (step.do !== 'look' || pH === undefined || waterSolubilityOf(structure) > DISSOLVES_ALONE || organicSoluble(after) !== 'yes') return []
  return pH > 7.5 ? labelled(ACIDIC, structure) : pH < 3 ? labelled(BASIC, structure) : []
}

/** Named groups without which what happened would not have happened, as the page calls them. */
export function groupsShown(event: Event): string[] {
  const shown = new Set<string>()
  for (const rule of happenedIn(event)) {
    for (const [smiles] of event.after.organic?.compounds ?? []) {
      const structure = structureOf(smiles)
      const sites = rule.sites?.(structure) ?? 0
      if (sites <= 0) continue
      for (const id of NAMED_GROUPS) {
        if (!(id in structure.groups)) continue
        const without = { ...structure, groups: Object.fromEntries(Object.entries(structure.groups).filter(([g]) => g !== id)) }
        if ((rule.sites?.(without) ?? 0) < sites) shown.add(groupOf(id).label ?? id)
      }
    }
  }
  return [...shown]
}

/** Fumes that the ledger knows nothing of. */
export const organicFumes = ({ after }: Event): string[] => [...(after.organic?.fumes ?? [])].filter(([, mol]) => mol > 1e-6).map(([id]) => id)

/** Lines of copper halides in a flame, nm. Source: R. W. B. Pearse, A. G. Gaydon. */
const COPPER_LINES = [510, 515, 538].map((nm) => ({ nm, power: 1 }))
const GREEN = nameColour(colourOfLight(COPPER_LINES))
/** Nitrogen compounds whose copper cyanide or like colours the flame as halides do. Sources: Vogel; Feigl, organic spot tests. */
const FAKES: readonly GroupId[] = ['urea', 'thiourea', 'guanidinium', 'pyridine', 'nitrile', 'imide', 'amide-primary']

/** The flame round a copper wire with the compound on it. */
export function copperWire(structure: Structure, cleaned: boolean): FlamePercept {
  const { groups, elements } = structure
  const halide = elements.some((e) => e === 'Cl' || e === 'Br' || e === 'I')
  const fake = FAKES.some((g) => (groups[g] ?? 0) > 0)
  const lasts = halide ? 'steady' : fake ? 'brief' : 'flash'
  if (halide || fake || !cleaned) return { colour: GREEN, lines: COPPER_LINES.map((l) => l.nm), lasts, sooty: false }
  return { colour: COLOURLESS, lines: [], lasts: 'brief', sooty: sooty(structure) }
}

/** A flame soots where there are few hydrogens and little oxygen for the carbon, and little nitrogen that thins it; the oxygen that sulfur holds burns none of it, and of a nitro group's one. How much each counts is judged, by which compounds the manuals call sooty. */
function sooty({ atoms, groups }: Structure): boolean {
  const carbon = atoms['C'] ?? 0
  const hydrogen = (atoms['H'] ?? 0) + 0.7 * (atoms['N'] ?? 0)
  const onSulfur = 2 * ((groups.sulfonamide ?? 0) + (groups.sulfone ?? 0) + (groups['acid-sulfonic'] ?? 0) + (groups['sulfonyl-chloride'] ?? 0))
  const oxygen = Math.max(0, (atoms['O'] ?? 0) - onSulfur - (groups.nitro ?? 0))
  const halogen = (atoms['Cl'] ?? 0) + (atoms['Br'] ?? 0) + (atoms['I'] ?? 0)
  return carbon >= 4 && (hydrogen + 1.2 * oxygen) / carbon < 1.55 && halogen < carbon
}

/** How it burns on the spatula. */
export function ignitionOf(structure: Structure): FlamePercept {
  const { atoms, groups, metals } = structure
  const carbon = atoms['C'] ?? 0
  const halogen = (atoms['Cl'] ?? 0) + (atoms['Br'] ?? 0) + (atoms['I'] ?? 0)
  if (halogen > carbon || (halogen === carbon && carbon < 3)) return { colour: COLOURLESS, lines: [], lasts: 'brief', sooty: false }
  const soot = sooty(structure)
  const blue = !soot && carbon <= 3 && (atoms['O'] ?? 0) >= 1 && metals.length === 0
  return {
    colour: colourOfHex(blue ? '#6a8af0' : '#f4c84a'),
    lines: [],
    lasts: (groups['sugar-ring'] ?? 0) > 0 || metals.length > 0 ? 'brief' : 'steady',
    sooty: soot,
  }
}

/** Chars before it burns: sugars, hydroxy acids and what boils too high to leave. */
const CHARRING: readonly GroupId[] = ['sugar-ring', 'amino-acid', 'carboxylate', 'alcohol-alpha-acid', 'acid-sulfonic', 'polyol', 'thiourea', 'azo']

/** What is left on the spatula. */
export function ignitedResidue(structure: Structure): ResiduePercept {
  const { metals, groups } = structure
  const ash = metals.length > 0
  const white = nameColour(labOfHex('#f2f2ee'))
  return {
    hot: ash ? white : COLOURLESS,
    cold: ash ? white : COLOURLESS,
    species: metals,
    sublimate: null,
    melts: (meltingPointOf(structure) ?? 0) > 0 && !ash,
    crackles: false,
    chars: CHARRING.some((g) => (groups[g] ?? 0) > 0),
    swells: (groups['sugar-ring'] ?? 0) > 0,
    glows: false,
  }
}

/** The compound in a vessel, where it holds one. */
export const compoundIn = (vessel: Vessel): Structure | null => {
  const [smiles] = vessel.organic?.compounds.keys() ?? []
  return smiles === undefined ? null : structureOf(smiles)
}

export const constantsOf = (structure: Structure): { melts_C: number | null; boils_C: number | null } => ({
  melts_C: compoundOf(structure.smiles)?.melts_C ?? null,
  boils_C: boilingPointOf(structure),
})

/** Heat that is felt: acid chlorides and anhydrides with water, amines with acid. */
export const organicHeat = (event: Event): boolean => {
  const hot = happenedIn(event).some((rule) => rule.id === 'acid-chloride-and-water' && equationOfRule(rule).takes.length > 0)
  return hot && organicSpeed(event) === 'at-once' && concentration(event.after, 'H^+') > 0.3
}

/** The violet where concentrated acid lies under a carbohydrate with naphthol. */
export function organicRing(event: Event): { ring?: { colour: Colour } } {
  return happenedIn(event).some((rule) => rule.id === 'molisch') ? { ring: { colour: nameColour(labOfHex('#7a3a9a')) } } : {}
}

/** Amines that boil below this, °C, are over their alkaline solutions as vapour. */
const VOLATILE_AMINE_C = 150
/** Iodomethane from which on its vapour colours a paper, mol. Source: Shriner, a few milligrams of an alkoxyl are found. */
const IODIDE_SEEN = 5e-6
/** mol of an alkyl iodide over a hot vessel that has made some. */
export function alkylIodideOver({ organic, temperature }: Vessel): number {
  const made = organic?.agents.get('CH3I') ?? 0
  return temperature > 40 && made > IODIDE_SEEN ? made : 0
}

/** mol of vapour in the mouth of the tube: a little is enough for a paper. */
const AMINE_VAPOUR = 1e-5
/** mol of amine vapour over a vessel that holds one, or that has made one of an amide. */
export function amineOver({ organic, contents, volume_mL }: Vessel): number {
  if (!organic || (volume_mL > 0 && (contents?.pH ?? 7) < 8)) return 0
  const own = [...organic.compounds.keys()].some((smiles) => {
    const structure = structureOf(smiles)
    const boils = boilingPointOf(structure) ?? (structure.molarMass < 110 ? 100 : 300)
    return boils < VOLATILE_AMINE_C && (basesOf(structure)[0]?.pKa ?? 0) > 8
  })
  const made = [...organic.agents].some(
    ([key, mol]) => key.startsWith('RNH2|') && mol > 1e-6 && structureOf(key.slice('RNH2|'.length)).molarMass < 110,
  )
  return own || made ? AMINE_VAPOUR : 0
}
