import { FUSION_EXTRACT, type Test } from '../catalogue'
import { chanceOf, type Believed } from '../deduction'
import { isOfWhatCameDown, type SchemeTest } from '../schemes'
import { notFusable, structureOf, type Structure } from '../structure'
import type { StepInput } from '../tube'

/** Something to stop at before a test: what could happen, with which ions, and what is asked for first. */
export interface StopGate {
  readonly id: string
  readonly says: string
  readonly asks: string
  /** Ions that make it dangerous; the gate stands where one of them may be there. */
  readonly ions: readonly string[]
  /** The same of an organic compound: whether it is one that makes the test dangerous. */
  readonly compound?: (structure: Structure) => boolean
  /** From this probability on the test is not proposed at all; undefined where it may be done guarded. */
  readonly holdsFrom?: number
  readonly applies: (steps: readonly StepInput[]) => boolean
}

const pours = (steps: readonly StepInput[], reagent: RegExp): boolean => steps.some((s) => s.do === 'add' && reagent.test(s.reagent))
const heats = (steps: readonly StepInput[]): boolean => steps.some((s) => s.do === 'warm' || s.do === 'boil')
const onSolid = (steps: readonly StepInput[]): boolean => steps.some((s) => s.do === 'take' && s.mg !== undefined)
const does = (steps: readonly StepInput[], what: StepInput['do']): boolean => steps.some((s) => s.do === what)
const ACIDS = /^(H2SO4|HCl|HNO3|acetic)/
const CONCENTRATED = /^(H2SO4|HCl) conc|^aqua regia/
const ACID = /^(H2SO4|HCl|HNO3)|^aqua regia/
const HOOD = 'Goggles, gloves and the hood; a supervisor where the class says so.'

/** Source: the usual rules of the teaching laboratory; local codes and the supervisor come first. */
export const STOP_GATES: readonly StopGate[] = [
  {
    id: 'never-fused-with-sodium',
    says: 'Nitroalkanes, polynitro compounds, azides, diazo compounds, peroxides, chloroform, carbon tetrachloride and their like explode with sodium.',
    asks: 'Not fused with sodium while one of these is likely: zinc with sodium carbonate serves instead.',
    ions: [],
    compound: (structure) => notFusable(structure) !== null,
    holdsFrom: 0.04,
    applies: (steps) => steps.some((s) => s.do === 'fuse' && s.with !== 'zinc-carbonate'),
  },
  {
    id: 'sodium-metal',
    says: 'Sodium catches fire with water, and the hot tube may burst when it is plunged.',
    asks: `Dry sodium, no water near; the tube plunged under a gauze, away from every face; what is left is destroyed with propan-2-ol when cold. ${HOOD}`,
    ions: [],
    applies: (steps) => steps.some((s) => s.do === 'fuse' && s.with !== 'zinc-carbonate'),
  },
  {
    id: 'fusion-extract-with-acid',
    says: 'The extract of a fusion holds cyanide and sulfide: acid frees their gases.',
    asks: `A portion, never the whole. ${HOOD}`,
    ions: [],
    applies: (steps) => steps.some((s) => s.do === 'take' && s.from === FUSION_EXTRACT) && pours(steps, ACIDS),
  },
  {
    id: 'chlorate-or-permanganate-with-concentrated-acid',
    says: 'A chlorate or permanganate explodes with concentrated acid.',
    asks: 'Not done until both are ruled out: heat a speck dry for oxygen, look at the colour of the solution.',
    ions: ['ClO3^-', 'MnO4^-'],
    holdsFrom: 0.003,
    applies: (steps) => onSolid(steps) && pours(steps, CONCENTRATED),
  },
  {
    id: 'chlorate-or-permanganate-boiled-down-with-concentrated-acid',
    says: 'A solution of chlorate or permanganate, boiled down, goes off with concentrated sulfuric acid.',
    asks: 'Not done while either is likely: look at the colour, seek chlorate after reduction with silver. Drops, goggles, a shield.',
    ions: ['ClO3^-', 'MnO4^-'],
    holdsFrom: 0.1,
    // Not where sulfur dioxide destroys them first.
    applies: (steps) => does(steps, 'concentrate') && pours(steps, /^H2SO4 conc/) && !pours(steps, /^SO2 /),
  },
  {
    id: 'chromate-boiled-down-with-acid-and-alcohol',
    says: 'Chromate, boiled down and made acid with concentrated sulfuric acid, sets alcohol on fire.',
    asks: 'Not done while chromate is likely: a yellow solution that acid turns orange holds it. Reduce it first, or prove the anion another way.',
    ions: ['CrO4^2-'],
    holdsFrom: 0.1,
    applies: (steps) => does(steps, 'concentrate') && pours(steps, /^H2SO4 conc/) && pours(steps, /^(ethanol|methanol)/) && !pours(steps, /^SO2 /),
  },
  {
    id: 'nitrate-fused-with-organic-or-sulfide',
    says: 'Nitrate fused with something that burns can explode.',
    asks: 'Not done while an organic salt, sulfide, thiocyanate or hexacyanoferrate is likely.',
    ions: ['C2O4^2-', 'CH3COO^-', 'C4H4O6^2-', 'C6H5O7^3-', 'HS^-', 'SCN^-', 'Fe(CN)6^4-', 'Fe(CN)6^3-', 'S2O3^2-'],
    holdsFrom: 0.5,
    applies: (steps) => pours(steps, /^KNO3/) && does(steps, 'ignite'),
  },
  {
    id: 'concentrated-acid-on-untested-solid',
    says: 'Concentrated acid on a solid nobody has tried spits.',
    asks: `A speck first, the mouth of the tube away from everybody. ${HOOD}`,
    ions: [],
    applies: (steps) => onSolid(steps) && pours(steps, CONCENTRATED),
  },
  {
    id: 'fluoride-with-acid',
    says: 'Fluoride with acid gives hydrogen fluoride.',
    asks: `A plastic dish, calcium gluconate gel at hand. ${HOOD}`,
    ions: ['F^-'],
    applies: (steps) => pours(steps, ACID),
  },
  {
    id: 'cyanide-from-complexes',
    says: 'Hexacyanoferrate or thiocyanate with warm or concentrated acid gives hydrogen cyanide, carbon monoxide or carbonyl sulfide.',
    asks: `Never smelt. ${HOOD}`,
    ions: ['Fe(CN)6^4-', 'Fe(CN)6^3-', 'SCN^-'],
    applies: (steps) => (pours(steps, ACID) && heats(steps)) || pours(steps, CONCENTRATED),
  },
  {
    id: 'oxalate-with-concentrated-acid',
    says: 'Oxalate with concentrated acid gives carbon monoxide.',
    asks: HOOD,
    ions: ['C2O4^2-'],
    applies: (steps) => pours(steps, /^H2SO4 conc/),
  },
  {
    id: 'nitrate-heated-strongly',
    says: 'Nitrates, ammonium nitrate above all, are heated a speck at a time and never closed.',
    asks: 'Goggles and a shield; no more than the amount given.',
    ions: ['NO3^-', 'ClO3^-', 'MnO4^-'],
    applies: (steps) => steps.some((s) => s.do === 'ignite' && s.heat !== 'gently'),
  },
  {
    id: 'oxidiser-on-charcoal',
    says: 'Nitrates, chlorates and permanganates flare on charcoal.',
    asks: 'Heat the sample dry first; a speck, goggles, face away.',
    ions: ['NO3^-', 'NO2^-', 'ClO3^-', 'MnO4^-'],
    applies: (steps) => does(steps, 'charcoal'),
  },
]

/** From this probability of a dangerous ion on a gate stands. */
export const WORTH_A_GATE = 0.003

/** Anions whose normal salts all dissolve in water (Vogel, solubilities; silver nitrite and acetate do not): none of them is in what came down and was washed. */
const ALWAYS_DISSOLVED: ReadonlySet<string> = new Set(['ClO3^-', 'MnO4^-', 'NO3^-'])
/** A gate as it stands before a test: of what is feared, what can be where the test is done. */
function gateAt(gate: StopGate, test: Test): StopGate {
  if (!('separation' in test) || !isOfWhatCameDown(test as SchemeTest)) return gate
  return { ...gate, ions: gate.ions.filter((ion) => !ALWAYS_DISSOLVED.has(ion)) }
}

const standsAlways = (gate: StopGate): boolean => gate.ions.length === 0 && !gate.compound
/** Probability that the jar holds what a gate is there for. */
function chanceAt({ ions, compound }: StopGate, reasoning: Believed): number {
  if (!compound) return chanceOf(ions, reasoning)
  return reasoning.hypotheses.reduce((sum, { content: { jar } }, h) => {
    const smiles = jar && 'organic' in jar ? jar.organic.smiles : undefined
    return sum + (smiles !== undefined && compound(structureOf(smiles)) ? (reasoning.posterior[h] as number) : 0)
  }, 0)
}

/** The gates in front of a test, given what may be in the jar. */
export const gatesOf = (test: Test, reasoning: Believed): readonly StopGate[] =>
  STOP_GATES.filter((gate) => gate.applies(test.steps) && (standsAlways(gate) || chanceAt(gateAt(gate, test), reasoning) >= WORTH_A_GATE))

/** The gate that keeps a test from being proposed at all; undefined where none does. */
export const heldBy = (test: Test, reasoning: Believed): StopGate | undefined =>
  STOP_GATES.find((gate) => gate.holdsFrom !== undefined && gate.applies(test.steps) && chanceAt(gateAt(gate, test), reasoning) >= gate.holdsFrom)
