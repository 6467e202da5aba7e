import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { CHANNELS } from '../channels'
import { DOINGS, stepSchema, type StepInput } from '../tube'
import { sayObservation, sayStep } from './words'

/** Steps, and how one would write them in the first column. */
const WRITTEN: readonly (readonly [StepInput, string])[] = [
  [{ do: 'take', into: 'A', mL: 1 }, 'take 1 mL of the sample'],
  [{ do: 'take', into: 'A', from: 'OS', drops: 1 }, 'take 1 drop of the solution'],
  [{ do: 'take', into: 'A', from: 'B', drops: 0.5 }, 'take 0.5 drops of B'],
  [{ do: 'take', into: 'A', mg: 250 }, 'take 0.25 g of the sample'],
  [{ do: 'take', into: 'A', mg: 20 }, 'take 20 mg of the sample'],
  [{ do: 'take', into: 'A' }, 'take  of the sample'],
  [{ do: 'take', into: 'A', from: 'AS', mL: 2 }, 'take 2 mL of the solution in nitric acid'],
  [{ do: 'take', into: 'A', from: 'SE', mL: 2 }, 'take 2 mL of the soda extract'],
  [{ do: 'take', into: 'A', from: 'FE', mL: 2 }, 'take 2 mL of the fusion extract'],
  [{ do: 'take', into: 'A', from: 'X1', mL: 2 }, 'take 2 mL of the extract, made acid'],
  [{ do: 'dissolve', into: 'OS', mL: 5 }, 'dissolve all in 5 mL of water'],
  [{ do: 'dissolve', into: 'OS', mg: 100, mL: 5, hot: true, in: 'HCl dil' }, 'dissolve 0.1 g in 5 mL of hot HCl dil'],
  [{ do: 'add', to: 'A', reagent: 'NH3 2 M', drops: 3 }, 'add NH3 2 M, 3 drops'],
  [{ do: 'add', to: 'A', reagent: 'NH3 2 M', until: 'just-basic' }, 'add NH3 2 M, until just basic'],
  [{ do: 'add', to: 'A', reagent: 'NaCl solid', mg: 50 }, 'add NaCl solid, 50 mg'],
  [{ do: 'add', to: 'A', reagent: 'x', until: 'no-more-gas' }, 'add x, until no more gas'],
  [{ do: 'add', to: 'A', reagent: 'x', until: 'no-more-precipitate' }, 'add x, until no more precipitate'],
  [{ do: 'add', to: 'A', reagent: 'x', until: 'dissolved' }, 'add x, until dissolved'],
  [{ do: 'add', to: 'A', reagent: 'x', until: 'excess' }, 'add x, until excess'],
  [{ do: 'add', to: 'A', reagent: 'x', until: 'just-acidic' }, 'add x, until just acidic'],
  [{ do: 'shake', vessel: 'A' }, 'shake'],
  [{ do: 'stand', vessel: 'A', minutes: 5 }, 'let stand 5 minutes'],
  [{ do: 'warm', vessel: 'A' }, 'warm in the bath 1 minute'],
  [{ do: 'boil', vessel: 'A', minutes: 2 }, 'boil 2 minutes'],
  [{ do: 'ignite', vessel: 'A' }, 'heat to dryness, gently, then strongly'],
  [{ do: 'ignite', vessel: 'A', heat: 'gently' }, 'heat gently, dry'],
  [{ do: 'cool', vessel: 'A' }, 'cool'],
  [{ do: 'cool', vessel: 'A', to: 'ice' }, 'cool in ice'],
  [{ do: 'concentrate', vessel: 'A', toFraction: 0.333 }, 'boil down to 33 %'],
  [{ do: 'pass', gas: 'H2S', through: 'A' }, 'pass H2S 2 minutes'],
  [{ do: 'pass', gas: 'CO2', through: 'A', minutes: 1 }, 'pass CO2 1 minute'],
  [{ do: 'bubble', from: 'A', through: 'B' }, 'lead the gas through B'],
  [{ do: 'centrifuge', vessel: 'A', liquidInto: 'B' }, 'centrifuge, the liquid into B'],
  [{ do: 'filter', vessel: 'A', liquidInto: 'B' }, 'filter, the liquid into B'],
  [{ do: 'wash', vessel: 'A' }, 'wash with 1 mL of water'],
  [{ do: 'wash', vessel: 'A', with: 'HCl dil', mL: 2 }, 'wash with 2 mL of HCl dil'],
  [{ do: 'soda-extract', into: 'SE' }, 'boil all with three times as much sodium carbonate and water, filter'],
  [{ do: 'soda-extract', into: 'SE', mg: 100 }, 'boil 0.1 g with three times as much sodium carbonate and water, filter'],
  [{ do: 'soda-extract', into: 'SE', mL: 5 }, 'boil 5 mL of the sample with 0.45 g of sodium carbonate, filter'],
  [{ do: 'flame' }, 'hold on a clean wire in the flame'],
  [{ do: 'flame', support: 'mouth', from: 'A' }, 'light the vapour at the mouth'],
  [{ do: 'flame', support: 'splint', cleaned: false, through: 'cobalt-glass' }, 'hold on a splint in the flame, through cobalt glass'],
  [{ do: 'flame', through: 'spectroscope' }, 'hold on a clean wire in the flame, through a spectroscope'],
  [{ do: 'bead' }, 'borax bead with a speck, oxidising flame'],
  [{ do: 'bead', flux: 'microcosmic', flame: 'reducing', mg: 5 }, 'microcosmic salt bead with 5 mg, reducing flame'],
  [{ do: 'charcoal' }, 'on charcoal with Na2CO3, in the reducing flame'],
  [{ do: 'copper-wire' }, 'on a copper wire heated till it gives no green, in the flame'],
  [{ do: 'ignition' }, 'a little on a spatula, into the flame, then heat strongly'],
  [{ do: 'fuse', into: 'FE' }, 'fuse 50 mg with 60 mg of sodium, to redness, 1 tube into 10 mL of water; boil down to 33 %, filter'],
  [
    { do: 'fuse', into: 'FE', with: 'zinc-carbonate', heating: 'poor', tubes: 2, sample_mg: 120, toFraction: 0.5 },
    'fuse 0.12 g with zinc dust and sodium carbonate, gently, 2 tubes into 10 mL of water; boil down to 50 %, filter',
  ],
  [{ do: 'fuse', into: 'FE', sodium_mg: 80 }, 'fuse 50 mg with 80 mg of sodium, to redness, 1 tube into 10 mL of water; boil down to 33 %, filter'],
  [{ do: 'melting-point' }, 'melting point, in a capillary'],
  [{ do: 'boiling-point' }, 'boiling point, a few drops in a tube'],
  [{ do: 'cobalt-nitrate' }, 'moisten the residue with cobalt nitrate, heat strongly'],
  [{ do: 'dip', paper: 'red litmus paper', into: 'A' }, 'dip red litmus paper into it'],
  [{ do: 'dip', paper: 'red litmus paper', into: 'OS' }, 'dip red litmus paper into the solution'],
  [{ do: 'hold', over: 'A', paper: 'lead acetate paper' }, 'hold moist lead acetate paper over it'],
  [{ do: 'hold', over: 'A', paper: 'lead acetate paper', dry: true }, 'hold dry lead acetate paper over it'],
  [{ do: 'hold', over: 'A', splint: 'glowing' }, 'hold moist glowing splint over it'],
  [{ do: 'hold', over: 'A', rod: 'glass' }, 'lay a slip of glass over it'],
  [{ do: 'hold', over: 'A', rod: 'NH3 conc' }, 'hold a rod wet with NH3 conc over it'],
  [{ do: 'smell', at: 'A' }, 'smell, wafting'],
  [{ do: 'look', at: 'A' }, 'look'],
]

test.each(WRITTEN)('%j is written as "%s"', (step, words) => expect(sayStep(stepSchema.parse(step))).toBe(words))

test('every operation is written in some way', () => expect(new Set(WRITTEN.map(([step]) => step.do))).toEqual(new Set(DOINGS)))

test('whatever is written is said with its doubt', () =>
  fc.assert(
    fc.property(fc.constantFrom(...CHANNELS), fc.boolean(), fc.constantFrom('sure', 'fairly', 'unsure' as const), (channel, negated, certainty) => {
      const said = sayObservation({ channel: channel.id, value: channel.values?.[0] ?? '98', negated, certainty: certainty })
      expect(said.includes('(?)')).toBe(certainty === 'unsure')
      expect(said.includes('fairly')).toBe(certainty === 'fairly')
    }),
  ))
