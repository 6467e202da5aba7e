import { beforeAll, describe, expect, test } from '@jest/globals'
import { builtOrganicPercepts } from '../../../../script/trials/percepts'
import { caseSchema, entrySchema, type Entry } from '../../../notebook'
import { organicTestById } from '../../../catalogue'
import { COMPOUNDS, compoundOf, FUSION_ELEMENTS, readStructuresWith, seenAs, structureOf } from '../../../structure'
import { perceive } from '../../../structure/perceive'
import {
  alike,
  BY_GROUPS,
  commonestAt,
  compoundNamed,
  contentOf,
  drawCompound,
  everyMolecule,
  judgeControls,
  knownsFor,
  EMBODIED,
  organicUnknowns,
  partsOf,
  priorsOf,
  UNLISTED,
  takeForReference,
  ReasoningSession,
} from '../..'

const session = new ReasoningSession()

beforeAll(() => {
  const pack = builtOrganicPercepts()
  session.takePercepts(pack)
  takeForReference(pack)
}, 300_000)

const settings = caseSchema.parse({ kind: 'organic' })
const deduced = (...bodies: readonly object[]) => {
  const entries: Entry[] = bodies.map((body, i) => entrySchema.parse({ id: `e${i}`, at: '', ...body }))
  return session.reason({ case: settings, entries })
}
const did = (test: string, on: string): object => ({ did: { test, on } })
const saw = (channel: string, value: string, more: object = {}): object => ({ saw: { channel, value, ...more } })

describe('hypotheses of an organic jar', () => {
  test('the prior is shared out whole, and what is in no library has its part', () => {
    const all = [...organicUnknowns(), ...everyMolecule()]
    // What is like a listed compound in all but its body comes once a body was seen.
    expect(all.reduce((sum, h) => sum + h.prior, EMBODIED)).toBeCloseTo(1, 9)
    expect(all.filter((h) => h.content.label === UNLISTED).reduce((sum, h) => sum + h.prior, EMBODIED)).toBeCloseTo(0.5, 9)
  })
  describe('what was put together of groups', () => {
    const named = organicUnknowns
    const kindOf = (smiles: string): string => {
      const molecule = everyMolecule().find((m) => m.content.id === smiles)
      if (!molecule) throw new Error(`${smiles} was not put together`)
      return molecule.kind
    }
    const ofKind = (priors: ReadonlyMap<string, number>, smiles: string): number => {
      const kind = kindOf(smiles)
      return (priors.get(kind) ?? 0) * everyMolecule().filter((m) => m.kind === kind).length
    }
    test('shares its part of the prior whole, in any body', () => {
      const body = { form: 'liquid', colour: 'colourless', smell: 'fruity', melts_C: null, boils_C: 110 } as const
      for (const like of [[], alike(named(), body)]) {
        const priors = priorsOf(named(), like)
        expect(everyMolecule().reduce((sum, m) => sum + (priors.get(m.kind) ?? 0), 0)).toBeCloseTo(BY_GROUPS, 9)
      }
    })
    test('is the likelier the oftener its groups come in the library, not the oftener it was written', () => {
      const priors = priorsOf(named(), [])
      // A chloride on a double bond is seldom met, one on a ring often.
      expect(ofKind(priors, 'c1c((C=CCl))ccc(c1)(C(C)=O)')).toBeLessThan(0.1 * ofKind(priors, 'c1c((C(C)=O))c(C)cc(c1)(Cl)'))
    })
    test('learns nothing from a compound that is left out', () => {
      const sugar = 'OCC1OC(OC2OC(CO)C(O)C(O)C2O)C(O)C(O)C1O'
      const kind = partsOf(structureOf(sugar))
      const left = named().filter((h) => h.unlisted !== false || [...kind].some((part) => !h.ions.has(part)) || h.ions.size !== kind.size)
      expect(ofKind(priorsOf(left, []), sugar)).toBeLessThan(0.1 * ofKind(priorsOf(named(), []), sugar))
    })
    test('is likelier one group off a listed kind than as the groups come by chance', () => {
      // Sodium benzoate and its like left out: that sodium stands beside carboxylate is known of the acetate, that a ring may be there of acids.
      const salt = 'Cc1ccc(cc1)C(=O)[O-].[Na+]'
      const kind = partsOf(structureOf(salt))
      const left = named().filter((h) => h.unlisted !== false || [...kind].some((part) => !h.ions.has(part)))
      expect(left.length).toBeLessThan(named().length)
      const priors = priorsOf(left, [])
      expect(ofKind(priors, salt)).toBeGreaterThan(0.05 * ofKind(priors, 'CCC(=O)[O-].[Na+]'))
      expect(ofKind(priors, salt)).toBeGreaterThan(20 * ofKind(priors, 'C((N=O))CCC(C=CCl)'))
    })
    test('is unlikely in a colour that none of its kind has', () => {
      const seen = (colour: string) => priorsOf(named(), alike(named(), { form: 'crystals', colour, smell: 'none', melts_C: 70, boils_C: null }))
      const ratio = (smiles: string): number => ofKind(seen('orange'), smiles) / ofKind(seen('white'), smiles)
      // An azo compound and a diphenyl ester.
      expect(ratio('c1c((N=Nc9ccccc9))ccc(c1)(O)')).toBeGreaterThan(2 * ratio('c1ccccc1(C(=O)Oc9ccccc9)'))
    })
    test('is likelier in the body that compounds with its groups have', () => {
      const like = (smell: 'fishy' | 'fruity') =>
        priorsOf(named(), alike(named(), { form: 'liquid', colour: 'colourless', smell, melts_C: null, boils_C: 120 }))
      const amine = 'CCCC(N)'
      expect(ofKind(like('fishy'), amine)).toBeGreaterThan(1.2 * ofKind(like('fruity'), amine))
    })
    const likeIn = (smiles: string, body: Parameters<typeof alike>[1]): number =>
      alike(named(), body).find((m) => m.content.id === smiles)?.prior ?? NaN
    test('smells as those do that share its groups, whatever the one it is like smells of', () => {
      const gain = (smiles: string): number => {
        const smelling = (smell: 'alcohol' | 'fishy') => ({ form: 'liquid', colour: 'colourless', smell, melts_C: null, boils_C: 160 }) as const
        return likeIn(smiles, smelling('alcohol')) / likeIn(smiles, smelling('fishy'))
      }
      // Cyclohexanol smells of camphor, its kind of alcohol; hexylamine of fish.
      expect(compoundOf('OC1CCCCC1')?.smell).not.toBe('alcohol')
      expect(gain('OC1CCCCC1')).toBeGreaterThan(5)
      expect(gain('CCCCCCN')).toBeLessThan(0.2)
      // No compound of the library smells of chlorine.
      expect(COMPOUNDS.some((c) => c.smell === 'choking, chlorine')).toBe(false)
      const odd = { form: 'liquid', colour: 'colourless', smell: 'choking, chlorine', melts_C: null, boils_C: 160 } as const
      expect(alike(named(), odd).reduce((sum, m) => sum + m.prior, 0)).toBeCloseTo(EMBODIED, 9)
    })
    test('is hardly in a body that dissolves, where what it is like does not', () => {
      const body = { form: 'crystals', colour: 'white', smell: 'none', melts_C: 60, boils_C: 136 } as const
      const ratio = (smiles: string): number => likeIn(smiles, { ...body, dissolves: 'yes' }) / likeIn(smiles, { ...body, dissolves: 'no' })
      // Sucrose and naphthalene.
      expect(ratio('OCC1OC(OC2(CO)OC(CO)C(O)C2O)C(O)C(O)C1O')).toBeGreaterThan(20 * ratio('c1ccc2ccccc2c1'))
    })
  })
  test('every set of the six elements is one of them', () => {
    const sets = new Set(organicUnknowns().flatMap((h) => (h.elementsOnly ? [FUSION_ELEMENTS.filter((e) => h.ions.has(e)).join()] : [])))
    expect(sets.size).toBe(64)
  })
  test('a seed draws a compound of the library, and many seeds many', () => {
    const drawn = new Set(Array.from({ length: 200 }, (_, seed) => drawCompound(seed)))
    expect(drawn.size).toBeGreaterThan(100)
    for (const smiles of drawn) expect(COMPOUNDS.some((c) => c.smiles === smiles)).toBe(true)
    expect(compoundNamed(' Salicylic acid ')?.name).toBe('salicylic acid')
  })
})

describe('a compound of one’s own', () => {
  beforeAll(() => {
    readStructuresWith(perceive)
  })
  const compounds = [{ name: 'bindery wax acid', smiles: 'CCCCCCCCCCCCCCCCCCCCCC(O)=O', melts_C: 80 }]
  test('is weighed beside those of the library, with its own constant', () => {
    const entries = [did('melting-point', 'A'), saw('melting-point', '80'), did('organic-in-water', 'B'), saw('solubility', 'no')].map((body, i) =>
      entrySchema.parse({ id: `e${i}`, at: '', ...body }),
    )
    const chance = (of: object): number => {
      const { formulae } = session.reason({ case: caseSchema.parse({ kind: 'organic', ...of }), entries })
      return formulae.find((f) => f.formula === 'bindery wax acid')?.probability ?? 0
    }
    expect(chance({})).toBe(0)
    expect(chance({ compounds })).toBeGreaterThan(0.02)
  })
  test('that is no structure is refused with what was expected', () => {
    expect(() => session.reason({ case: caseSchema.parse({ kind: 'organic', compounds: [{ name: 'x', smiles: 'not one' }] }), entries: [] })).toThrow(
      /SMILES/,
    )
  })
})

describe('what the evidence of an organic jar comes to', () => {
  test('no element is called excluded before a fusion or the copper wire', () => {
    const { standings } = deduced(
      did('organic-in-hydrogencarbonate', 'A'),
      saw('gas.present', 'yes'),
      did('melting-point', 'B'),
      saw('melting-point', '159'),
    )
    for (const s of standings) if (FUSION_ELEMENTS.some((e) => e === s.species)) expect([s.species, s.status]).not.toEqual([s.species, 'excluded'])
  })
  test('a blue and a violet say nitrogen and sulfur, and a clear silver test that there is no halogen', () => {
    const { standings } = deduced(
      did('sodium-fusion', 'FE'),
      saw('solution.colour', 'colourless'),
      did('nitrogen-blue', 'A'),
      saw('precipitate.colour', 'yellow', { step: 7 }),
      saw('precipitate.colour', 'blue', { step: 11 }),
      did('sulfur-nitroprusside', 'B'),
      saw('solution.colour', 'violet'),
      did('halogen-layer', 'C'),
      saw('layer.colour', 'colourless'),
    )
    const chance = (species: string): number => standings.find((s) => s.species === species)?.probability ?? 0
    expect(chance('N')).toBeGreaterThan(0.8)
    expect(chance('S')).toBeGreaterThan(0.9)
    expect(Math.max(chance('Br'), chance('I'))).toBeLessThan(0.1)
  })
  test('a melting point no compound of the library has speaks for one that is in none', () => {
    const before = deduced().formulae.find((f) => f.formula === UNLISTED)?.probability ?? 0
    const after = deduced(did('melting-point', 'A'), saw('melting-point', '365')).formulae[0]
    expect(after?.formula).toBe(UNLISTED)
    expect(after?.probability).toBeGreaterThan(before)
  })
  test('after a fusion with too little sodium, a test that shows nothing excludes nothing; after a good one it does', () => {
    const silent = (sodium_mg: number): number => {
      const { standings } = deduced(
        { did: { do: 'fuse', into: 'FE', with: 'sodium', sodium_mg, sample_mg: 50, tubes: 2, water_mL: 10, toFraction: 0.33 } },
        did('nitrogen-blue', 'A'),
        saw('precipitate.present', 'yes', { step: 7, negated: true }),
        saw('precipitate.present', 'yes', { step: 11, negated: true }),
      )
      return standings.find((s) => s.species === 'N')?.probability ?? 0
    }
    expect(silent(60)).toBeLessThan(0.05)
    expect(silent(12)).toBeGreaterThan(2 * silent(60))
    expect(silent(12)).toBeGreaterThan(0.1)
  })
  test('white silver chloride in the liquid cleared of bromine says that chlorine is there beside it', () => {
    const { standings } = deduced(
      did('sodium-fusion', 'FE'),
      did('halogen-layer', 'A'),
      saw('layer.colour', 'orange'),
      did('chlorine-beside', 'B'),
      saw('precipitate.colour', 'white'),
    )
    expect(standings.find((s) => s.species === 'Cl')?.probability).toBeGreaterThan(0.7)
  })
  test('with the iodine boiled off a coloured layer says that bromine is there beside it, and a colourless one that it is not', () => {
    const bromine = (layer: string): number =>
      deduced(
        did('sodium-fusion', 'FE'),
        did('halogen-layer', 'A'),
        saw('layer.colour', 'violet'),
        did('bromine-beside', 'B'),
        saw('layer.colour', layer),
      ).standings.find((s) => s.species === 'Br')?.probability ?? NaN
    expect(bromine('brown')).toBeGreaterThan(0.6)
    expect(bromine('colourless')).toBeLessThan(0.05)
  })
  test('one plain misreading leaves the truth possible', () => {
    const { formulae } = deduced(
      did('melting-point', 'A'),
      saw('melting-point', '159'),
      did('ferric-chloride-phenol', 'B'),
      saw('solution.colour', 'violet'),
      did('organic-in-hydrogencarbonate', 'C'),
      saw('gas.present', 'yes', { negated: true }),
    )
    expect(formulae.find((f) => f.formula === 'salicylic acid')?.probability).toBeGreaterThan(0.02)
  })
})

describe('what lies undissolved', () => {
  const body = { form: 'powder', colour: 'white', smell: 'none', melts_C: 120, boils_C: null, dissolves: 'no' } as const
  const smiles = 'Cc1ccc(cc1)c1ccc(C)cc1'
  /** How much likelier a molecule put together makes what was written than the same molecule weighed like any other. */
  const spared = (...bodies: readonly object[]): number => {
    readStructuresWith(perceive)
    const content = contentOf(seenAs(smiles, body), UNLISTED)
    const plain = { content, ions: partsOf(structureOf(smiles)), prior: 0.5, unlisted: true }
    const entries = bodies.map((b, i) => entrySchema.parse({ id: `e${i}`, at: '', ...b }))
    const { posterior } = session.reason({ case: settings, entries }, { hypotheses: [plain, { ...plain, byGroups: true }] })
    return (posterior[1] ?? NaN) / (posterior[0] ?? NaN)
  }
  test('is not held against a molecule nobody has met: how little of it dissolves is not known', () => {
    expect(spared(did('ninhydrin', 'A'), saw('precipitate.present', 'yes', { negated: true }))).toBeGreaterThan(3)
  })
  test('where it lies as foretold, or something else is seen, both are weighed alike', () => {
    expect(spared(did('ninhydrin', 'A'), saw('precipitate.present', 'yes'))).toBeCloseTo(1, 6)
    expect(spared(did('ninhydrin', 'A'), saw('solution.colour', 'violet'))).toBeCloseTo(1, 6)
  })
})

describe('beside a test of an organic jar', () => {
  test('known compounds are named that show it and that do not, and the commonest results', () => {
    const { positive, negative } = knownsFor('ferric-chloride-phenol')
    const groupsOfNamed = (names: readonly string[]): string[] =>
      names.flatMap((name) => {
        const compound = compoundNamed(name)
        return compound ? Object.keys(structureOf(compound.smiles).groups) : []
      })
    expect(positive.length).toBeGreaterThan(0)
    expect(negative.length).toBeGreaterThan(0)
    expect(groupsOfNamed(positive)).toEqual(expect.arrayContaining([expect.stringMatching(/phenol|enol|acid/)]))
    const step = (organicTestById.get('ferric-chloride-phenol')?.steps ?? []).findLastIndex((s) => s.for !== undefined)
    const common = commonestAt('ferric-chloride-phenol', step, 6)
    expect(common.length).toBeGreaterThan(1)
    for (const { observations } of common) for (const o of observations) expect(o.step).toBe(step)
  })
  test('a known that does not show what it must takes the run away', () => {
    const run = { id: 'run', at: '', did: { test: 'ferric-chloride-phenol', on: 'A' } }
    const control = { id: 'known', at: '', did: { test: 'ferric-chloride-phenol', on: 'B', control: 'positive', beside: 'run', holding: 'phenol' } }
    const judged = (colour: string): boolean | undefined => {
      const saw = { id: 'saw', at: '', saw: { of: 'known', channel: 'solution.colour', value: colour } }
      return judgeControls({ case: settings, entries: [run, control, saw].map((e) => entrySchema.parse(e)) })[0]?.good
    }
    expect(judged('violet')).toBe(true)
    expect(judged('colourless')).toBe(false)
  })
})
