/** Written procedures for the review: entries in the order done. A spoiled one has one trap in it, named; a sound one has none, however unusual. */
type Body = Readonly<Record<string, unknown>>
export interface Written {
  readonly title: string
  readonly entries: readonly Body[]
  /** Salts that may be in the jar, where the record before the first entry has told so much; a spread of bench salts otherwise. */
  readonly among?: readonly string[]
}
export interface Spoiled extends Written {
  readonly finding: string
}

const did = (step: Body): Body => ({ did: step })
const dissolve = (mg = 100, solvent = 'water', mL = 5): Body => did({ do: 'dissolve', into: 'OS', mg, in: solvent, mL })
const take = (into = 'A', mL = 1, from = 'OS'): Body => did({ do: 'take', from, into, mL })
const solid = (mg: number, into = 'A'): Body => did({ do: 'take', into, mg })
const add = (reagent: string, drops = 5, to = 'A'): Body => did({ do: 'add', to, reagent, drops })
const pour = (reagent: string, mL: number, to = 'A'): Body => did({ do: 'add', to, reagent, mL })
const spoon = (reagent: string, mg: number, to = 'A'): Body => did({ do: 'add', to, reagent, mg })
const until = (reagent: string, sign: string, to = 'A'): Body => did({ do: 'add', to, reagent, until: sign })
const heat = (how: 'warm' | 'boil' | 'shake' | 'stand', vessel = 'A', minutes = 1): Body => did({ do: how, vessel, minutes })
const cool = (vessel = 'A'): Body => did({ do: 'cool', vessel })
const paper = (name: string, over = 'A', dry = false): Body => did({ do: 'hold', over, paper: name, dry })
const smell = (at = 'A'): Body => did({ do: 'smell', at })
const look = (at = 'A'): Body => did({ do: 'look', at })
const spin = (vessel = 'A', liquidInto = 'B'): Body => did({ do: 'centrifuge', vessel, liquidInto })
const wash = (vessel = 'A'): Body => did({ do: 'wash', vessel })
const gas = (through = 'A', minutes = 2): Body => did({ do: 'pass', gas: 'H2S', through, minutes })
const flame = (more: Body = {}): Body => did({ do: 'flame', ...more })
const bead = (mg = 1): Body => did({ do: 'bead', mg })
const ignite = (vessel = 'A'): Body => did({ do: 'ignite', vessel })
const extract = did({ do: 'soda-extract', into: 'SE', mg: 100 })
const test = (id: string, on: string): Body => did({ test: id, on })
const saw = (channel: string, value = 'yes', more: Body = {}): Body => ({ saw: { channel, value, ...more } })
const no = (channel: string): Body => ({ saw: { channel, value: 'yes', negated: true } })
const precipitate = (colour?: string): Body[] => [saw('precipitate.present'), ...(colour === undefined ? [] : [saw('precipitate.colour', colour)])]
/** A conclusion; entries are counted from 0. */
const claims = (species: string, claim: string, ...citing: readonly number[]): Body => ({
  concluded: { species, claim, citing: citing.map((n) => `e${n}`) },
})

const STOCK = [dissolve(), take()]
const ELSEWHERE = take('Z')
const ZINC = ['ZnSO4.7H2O', 'ZnCl2', 'Zn(NO3)2.6H2O']
/** A liquid in 0.3 M hydrochloric acid, ready for hydrogen sulfide. */
const ACID_STOCK = [dissolve(), take(), add('HCl 2 M', 4)]
/** The second group brought down and parted; the liquid, in B, boiled free of sulfide and oxidised. */
const AFTER_SULFIDE = [...ACID_STOCK, gas(), spin()]
const READY_FOR_THIRD = [...AFTER_SULFIDE, heat('boil', 'B', 3), add('HNO3 conc', 2, 'B'), heat('boil', 'B', 1)]
const RING_PORTION = [...STOCK, add('H2SO4 1 M', 2), pour('FeSO4 1 M', 1)]
/** Carbonates of the fifth group in A, washed and taken up in acetic acid. */
const FIFTH = [...STOCK, add('NH4Cl 5 M'), add('NH3 2 M'), add('(NH4)2CO3 1 M', 10), spin(), wash(), add('acetic acid 2 M', 10)]

export const SPOILED: readonly Spoiled[] = [
  // Sample and glassware.
  {
    finding: 'ammonium-sought-too-late',
    title: 'litmus over ammonium chloride and alkali',
    entries: [...STOCK, add('NH4Cl 5 M'), add('NaOH 2 M', 20), heat('warm'), paper('red litmus paper')],
  },
  {
    finding: 'ammonium-sought-too-late',
    title: 'smelt after ammonia and alkali',
    entries: [...STOCK, add('NH3 2 M'), add('NaOH 2 M', 20), heat('warm'), smell()],
  },
  {
    finding: 'ammonium-sought-too-late',
    title: 'Nessler’s reagent in the liquid of the fifth group',
    entries: [...STOCK, add('NH4Cl 5 M'), add('(NH4)2CO3 1 M', 6), spin(), add('Nessler', 2, 'B')],
  },
  {
    finding: 'potassium-sought-with-ammonium',
    title: 'cobaltinitrite after the group reagents',
    entries: [...STOCK, add('NH4Cl 5 M'), add('acetic acid 2 M', 4), add('sodium cobaltinitrite', 4)],
  },
  {
    finding: 'potassium-sought-with-ammonium',
    title: 'cobaltinitrite after an ammonium reagent that was boiled without alkali',
    entries: [...STOCK, add('NH4Cl 5 M'), heat('boil', 'A', 3), add('acetic acid 2 M', 4), add('sodium cobaltinitrite', 4)],
  },
  {
    finding: 'potassium-sought-with-ammonium',
    title: 'tetraphenylborate in a tube with ammonia',
    entries: [...STOCK, add('NH3 2 M', 4), add('sodium tetraphenylborate', 3)],
  },
  {
    finding: 'alkali-metal-sought-after-its-reagent',
    title: 'flame of a tube that held sodium hydroxide',
    entries: [...STOCK, add('NaOH 2 M', 10), flame({ from: 'A' }), saw('flame.colour', 'yellow'), saw('flame.lasts', 'steady')],
  },
  {
    finding: 'alkali-metal-sought-after-its-reagent',
    title: 'cobaltinitrite after potassium chromate',
    entries: [...STOCK, add('K2CrO4 0.5 M', 3), add('acetic acid 2 M', 3), spin(), add('sodium cobaltinitrite', 4, 'B')],
  },
  {
    finding: 'tube-in-use',
    title: 'a second test in the tube of the first',
    entries: [dissolve(), test('barium-nitrate', 'A'), no('precipitate.present'), test('silver-nitrate', 'A'), ...precipitate('white')],
  },
  {
    finding: 'tube-in-use',
    title: 'a group brought down in a tube that a portion had',
    entries: [
      dissolve(),
      test('sodium-hydroxide-to-excess', 'S'),
      test('full-separation/original', 'original'),
      test('full-separation/group-1', 'S'),
    ],
  },
  { finding: 'whole-sample-used', title: 'all half gram dissolved', entries: [dissolve(500, 'water', 25), take()] },
  { finding: 'whole-sample-used', title: 'portion after portion of the solid', entries: [solid(200), solid(200, 'B'), solid(100, 'C')] },
  {
    finding: 'tap-water-with-silver',
    title: 'dissolved in tap water, then silver nitrate',
    entries: [dissolve(100, 'tap water'), take(), add('HNO3 2 M', 3), add('AgNO3 0.1 M', 3), ...precipitate('white')],
  },
  // Dry tests.
  {
    finding: 'dry-litmus',
    title: 'dry paper over alkali',
    entries: [...STOCK, add('NaOH 2 M', 20), heat('warm'), paper('red litmus paper', 'A', true)],
  },
  { finding: 'dry-litmus', title: 'dry blue paper over a heated salt', entries: [solid(50), ignite(), paper('blue litmus paper', 'A', true)] },
  { finding: 'flame-without-cleaning', title: 'wire as it lay there', entries: [flame({ cleaned: false })] },
  {
    finding: 'flame-without-cleaning',
    title: 'second sample on the wire of the first',
    entries: [flame(), flame({ cleaned: false }), saw('flame.colour', 'green')],
  },
  { finding: 'bead-overloaded', title: 'a spatula full on the loop', entries: [bead(20)] },
  { finding: 'bead-overloaded', title: 'a bead black as pitch', entries: [bead(3), saw('bead.cold', 'black')] },
  {
    finding: 'cobalt-nitrate-on-coloured-residue',
    title: 'on the yellow residue of lead',
    entries: [solid(50), ignite(), saw('residue.hot', 'brown'), saw('residue.cold', 'yellow'), did({ do: 'cobalt-nitrate', on: 'A' })],
  },
  {
    finding: 'residue-read-hot-only',
    title: 'yellow hot, and on with the next',
    entries: [solid(50), ignite(), saw('residue.hot', 'yellow'), ELSEWHERE],
  },
  {
    finding: 'gas-not-tested',
    title: 'bubbles with acid, and on with the next',
    entries: [solid(50), add('HCl 2 M', 10), saw('gas.present'), dissolve()],
  },
  {
    finding: 'gas-not-tested',
    title: 'brown fumes on heating, no paper',
    entries: [solid(50), ignite(), saw('gas.present'), saw('gas.colour', 'brown'), dissolve()],
  },
  {
    finding: 'sodium-read-from-a-flash',
    title: 'a yellow flash called sodium',
    entries: [flame(), saw('flame.colour', 'yellow'), saw('flame.lasts', 'flash'), claims('Na^+', 'present', 1)],
  },
  {
    finding: 'potassium-without-cobalt-glass',
    title: 'potassium denied by a yellow flame',
    entries: [flame(), saw('flame.colour', 'yellow'), saw('flame.lasts', 'steady'), claims('K^+', 'absent', 1)],
  },
  {
    finding: 'carbonate-from-lime-water-alone',
    title: 'milky lime water called carbonate',
    entries: [test('dilute-acid-on-solid', 'A'), saw('lime-water', 'milky'), claims('CO3^2-', 'present', 1)],
    among: ['Na2CO3', 'Na2SO3.7H2O'],
  },
  // Acids and extracts.
  { finding: 'silver-without-acid', title: 'silver nitrate on the bare solution', entries: [...STOCK, add('AgNO3 0.1 M'), ...precipitate('white')] },
  { finding: 'silver-without-acid', title: 'by its common name', entries: [...STOCK, add('silver nitrate'), ...precipitate()] },
  {
    finding: 'extract-not-acidified',
    title: 'barium nitrate straight into the extract',
    entries: [extract, take('A', 1, 'SE'), add('Ba(NO3)2 0.1 M'), ...precipitate('white')],
  },
  {
    finding: 'wrong-acid-before-silver',
    title: 'hydrochloric acid, then silver',
    entries: [...STOCK, add('HCl 2 M'), add('AgNO3 0.1 M'), ...precipitate('white')],
  },
  {
    finding: 'wrong-acid-before-silver',
    title: 'extract acidified with hydrochloric acid',
    entries: [extract, take('A', 1, 'SE'), until('HCl 2 M', 'just-acidic'), heat('boil'), add('AgNO3 0.1 M'), ...precipitate('white')],
  },
  {
    finding: 'wrong-acid-before-barium',
    title: 'sulfuric acid, then barium',
    entries: [...STOCK, add('H2SO4 1 M'), add('BaCl2 0.1 M'), ...precipitate('white')],
  },
  {
    finding: 'wrong-acid-before-barium',
    title: 'extract acidified with sulfuric acid',
    entries: [extract, take('A', 1, 'SE'), until('H2SO4 1 M', 'just-acidic'), heat('boil'), add('Ba(NO3)2 0.1 M')],
  },
  {
    finding: 'barium-chloride-with-silver-group',
    title: 'barium chloride on what may be lead or silver',
    entries: [...STOCK, add('HNO3 2 M'), add('BaCl2 0.1 M')],
    among: ['Pb(NO3)2', 'AgNO3', 'Na2SO4.10H2O'],
  },
  {
    finding: 'nitric-acid-makes-sulfate',
    title: 'sulfite acidified with nitric acid',
    entries: [...STOCK, add('HNO3 2 M'), heat('warm'), add('Ba(NO3)2 0.1 M')],
    among: ['Na2SO3.7H2O', 'Na2SO4.10H2O'],
  },
  { finding: 'concentrated-acid-untried', title: 'a spoonful under sulfuric acid', entries: [solid(300), pour('H2SO4 conc', 1)] },
  {
    finding: 'concentrated-acid-on-oxidiser',
    title: 'on a sample that gave oxygen',
    entries: [solid(30), add('H2SO4 conc', 3)],
    among: ['KClO3', 'KMnO4', 'KNO3'],
  },
  {
    finding: 'gas-counted-twice',
    title: 'carbon dioxide again with concentrated acid',
    entries: [
      solid(30),
      add('H2SO4 1 M', 5),
      smell(),
      saw('gas.species', 'CO2'),
      solid(30, 'B'),
      add('H2SO4 conc', 5, 'B'),
      smell('B'),
      saw('gas.species', 'CO2'),
    ],
    among: ['Na2CO3', 'K2CO3', 'NaHCO3'],
  },
  { finding: 'hydrochloric-acid-as-solvent', title: 'what water left, in hydrochloric acid', entries: [dissolve(100, 'HCl 2 M'), take()] },
  { finding: 'sulfuric-acid-as-solvent', title: 'what water left, in sulfuric acid', entries: [dissolve(100, 'H2SO4 1 M'), take()] },
  {
    finding: 'acid-and-alkali-swamp-the-tube',
    title: 'to and fro past neutral',
    entries: [...STOCK, pour('NaOH 2 M', 2), pour('HNO3 2 M', 2.2), add('AgNO3 0.1 M', 3)],
  },
  {
    finding: 'oxidant-with-warm-hydrochloric-acid',
    title: 'permanganate in hot hydrochloric acid',
    entries: [...STOCK, add('HCl 2 M', 10), heat('boil'), add('KMnO4 0.02 M', 3), saw('solution.colour', 'colourless')],
  },
  // Groups.
  {
    finding: 'nitric-acid-before-sulfide',
    title: 'dissolved in nitric acid, then hydrogen sulfide',
    entries: [dissolve(100, 'HNO3 0.5 M'), take(), gas()],
  },
  { finding: 'too-acid-for-sulfide', title: 'hydrogen sulfide in 4 M acid', entries: [...STOCK, pour('HCl 6 M', 2), gas()] },
  { finding: 'too-weakly-acid-for-sulfide', title: 'a drop of acid in much water', entries: [...STOCK, add('HCl 2 M', 1), pour('water', 4), gas()] },
  {
    finding: 'sulfide-not-boiled-off',
    title: 'ammonia into the liquid that smells',
    entries: [...AFTER_SULFIDE, add('NH4Cl 5 M', 5, 'B'), until('NH3 2 M', 'just-basic', 'B')],
  },
  {
    finding: 'iron-not-oxidised',
    title: 'boiled, but no nitric acid',
    entries: [...AFTER_SULFIDE, heat('boil', 'B', 3), add('NH4Cl 5 M', 5, 'B'), until('NH3 2 M', 'just-basic', 'B')],
  },
  {
    finding: 'ammonium-chloride-left-out',
    title: 'ammonia alone, after the acid was boiled away',
    entries: [
      ...AFTER_SULFIDE,
      heat('boil', 'B', 3),
      add('hydrogen peroxide', 2, 'B'),
      heat('boil', 'B', 2),
      pour('water', 12, 'B'),
      add('NH3 2 M', 2, 'B'),
    ],
  },
  {
    finding: 'ammonia-in-great-excess',
    title: 'concentrated ammonia by the millilitre',
    entries: [...READY_FOR_THIRD, add('NH4Cl 5 M', 5, 'B'), pour('NH3 conc', 2, 'B')],
  },
  {
    finding: 'interfering-anion-left',
    title: 'phosphate in the third group',
    entries: [...READY_FOR_THIRD, add('NH4Cl 5 M', 5, 'B'), until('NH3 2 M', 'just-basic', 'B')],
    among: ['Ca3(PO4)2', 'Na2HPO4.12H2O', 'CaCO3'],
  },
  {
    finding: 'chromate-without-acetic-acid',
    title: 'chromate on carbonates in hydrochloric acid',
    entries: [...STOCK, add('NH4Cl 5 M'), add('(NH4)2CO3 1 M', 10), spin(), wash(), add('HCl 2 M', 6), add('K2CrO4 0.5 M', 3)],
  },
  {
    finding: 'barium-not-removed',
    title: 'oxalate on barium and calcium together',
    entries: [...FIFTH, add('(NH4)2C2O4 0.25 M', 5), ...precipitate('white')],
  },
  {
    finding: 'iron-masks-cobalt',
    title: 'thiocyanate and pentanol beside iron',
    entries: [...STOCK, add('NH4SCN 1 M', 5), pour('pentanol', 1)],
    among: ['FeCl3.6H2O', 'CoCl2.6H2O'],
  },
  {
    finding: 'chloride-in-bismuthate-test',
    title: 'bismuthate after hydrochloric acid',
    entries: [...STOCK, add('HCl 2 M'), add('HNO3 4 M', 10), spoon('NaBiO3', 50)],
  },
  {
    finding: 'iron-ii-with-dimethylglyoxime',
    title: 'dimethylglyoxime on what may be iron(II)',
    entries: [...STOCK, add('NH3 2 M', 5), add('dimethylglyoxime', 5)],
    among: ['FeSO4.7H2O', 'NiSO4.6H2O'],
  },
  // Reading.
  {
    finding: 'no-excess-step',
    title: 'three drops of alkali and on',
    entries: [...STOCK, add('NaOH 2 M', 3), ...precipitate('white'), take('B')],
    among: ZINC,
  },
  {
    finding: 'no-excess-step',
    title: 'two drops of ammonia and on',
    entries: [...STOCK, add('NH3 2 M', 2), ...precipitate('white'), take('B')],
    among: ZINC,
  },
  {
    finding: 'excess-at-once',
    title: 'a millilitre of alkali: clear',
    entries: [...STOCK, pour('NaOH 2 M', 1), no('precipitate.present'), take('B')],
    among: ZINC,
  },
  {
    finding: 'read-too-soon',
    title: 'antimonate: nothing at once',
    entries: [...STOCK, add('KSb(OH)6', 5), no('precipitate.present'), take('B')],
    among: ['KCl', 'NaCl', 'KNO3'],
  },
  {
    finding: 'amount-without-precipitate',
    title: 'no precipitate, a gelatinous one',
    entries: [...STOCK, add('K4Fe(CN)6 0.1 M', 3), no('precipitate.present'), saw('precipitate.habit', 'gelatinous')],
    among: ['Al(NO3)3.9H2O', ...ZINC],
  },
  // Anions.
  { finding: 'brown-ring-disturbed', title: 'shaken before it was looked at', entries: [...RING_PORTION, pour('H2SO4 conc', 1), heat('shake')] },
  { finding: 'brown-ring-while-hot', title: 'acid into the hot tube', entries: [...RING_PORTION, heat('boil'), pour('H2SO4 conc', 1), look()] },
  {
    finding: 'nitrite-not-destroyed',
    title: 'a ring where nitrite may be',
    entries: [...RING_PORTION, pour('H2SO4 conc', 1), look()],
    among: ['NaNO2', 'NaNO3'],
  },
  {
    finding: 'ring-with-coloured-anions',
    title: 'a ring over an iodide',
    entries: [...RING_PORTION, pour('H2SO4 conc', 1), look()],
    among: ['KI', 'KNO3', 'KBr'],
  },
  { finding: 'chromyl-chloride-wet', title: 'on the solution', entries: [...STOCK, spoon('K2Cr2O7', 100), pour('H2SO4 conc', 1)] },
  {
    finding: 'chromyl-chloride-of-heavy-metals',
    title: 'on what may be mercury chloride',
    entries: [solid(50), spoon('K2Cr2O7', 100), pour('H2SO4 conc', 1)],
    among: ['HgCl2', 'PbCl2', 'NaCl'],
  },
  {
    finding: 'oxidant-in-excess-for-layer',
    title: 'chlorine water by the millilitre',
    entries: [
      ...STOCK,
      add('H2SO4 1 M', 2),
      pour('cyclohexane', 1),
      pour('chlorine water', 3),
      heat('shake'),
      saw('layer.colour', 'colourless', { vessel: 'A' }),
      saw('layer.colour', 'colourless'),
    ],
    among: ['KI', 'NaCl'],
  },
  {
    finding: 'halide-by-silver-alone',
    title: 'a pale precipitate called bromide',
    entries: [...STOCK, add('HNO3 2 M'), add('AgNO3 0.1 M'), saw('precipitate.colour', 'white'), claims('Br^-', 'present', 4)],
    among: ['KBr', 'KCl', 'KI', 'NaCl'],
  },
  // Concluding.
  {
    finding: 'conclusion-without-step',
    title: 'copper, and no line cited',
    entries: [test('ammonia-to-excess', 'A'), saw('solution.colour', 'blue'), claims('Cu^2+', 'present')],
    among: ['CuSO4.5H2O', 'NiSO4.6H2O'],
  },
  {
    finding: 'confirmed-without-confirmation',
    title: 'confirmed by the look of the crystals',
    entries: [test('appearance', 'A'), saw('appearance.colour', 'blue'), claims('Cu^2+', 'confirmed', 1)],
    among: ['CuSO4.5H2O', 'NaCl', 'NiSO4.6H2O'],
  },
  {
    finding: 'absent-but-untested',
    title: 'no cadmium, and nobody looked',
    entries: [flame(), saw('flame.lasts', 'flash', { certainty: 'unsure' }), claims('Cd^2+', 'absent', 0)],
    among: ['CdSO4', 'NaCl', 'KCl', 'ZnSO4.7H2O'],
  },
  {
    finding: 'claimed-against-a-test',
    title: 'barium, with a flame that was violet',
    entries: [
      test('dilute-sulfuric-acid', 'A'),
      { saw: { channel: 'precipitate.present', value: 'yes', negated: true } },
      claims('Ba^2+', 'present', 1),
    ],
    among: ['BaCl2.2H2O', 'KCl', 'NaCl', 'NH4Cl'],
  },
  {
    finding: 'pair-cannot-share',
    title: 'silver and chloride in a clear solution',
    entries: [test('solubility-in-water', 'OS'), saw('solubility', 'yes'), claims('Ag^+', 'may be present', 1), claims('Cl^-', 'present', 1)],
  },
]

/** The same traps met otherwise: other strengths and amounts, the reagent by its plain name, sooner or later in the work, no separation before. */
export const MET_OTHERWISE: readonly Spoiled[] = [
  {
    finding: 'barium-without-acid',
    title: 'barium chloride on the bare solution',
    entries: [...STOCK, add('BaCl2 0.1 M', 4), ...precipitate('white')],
  },
  {
    finding: 'barium-without-acid',
    title: 'barium nitrate by its name, nothing done after',
    entries: [dissolve(50, 'water', 3), take('B', 2), add('barium nitrate', 6, 'B'), ...precipitate('white')],
  },
  {
    finding: 'silver-without-acid',
    title: 'silver nitrate by its name, from a weaker bottle',
    entries: [dissolve(50, 'water', 10), take('C', 2), add('AgNO3 0.05 M', 2, 'C'), ...precipitate('white')],
  },
  {
    finding: 'silver-without-acid',
    title: 'silver nitrate into a boiled solution',
    entries: [...STOCK, heat('boil'), add('silver nitrate', 4), ...precipitate()],
  },
  {
    finding: 'ammonium-chloride-left-out',
    title: 'nothing came with sulfide, so nothing was parted',
    entries: [
      ...ACID_STOCK,
      gas(),
      no('precipitate.present'),
      heat('boil', 'A', 5),
      add('hydrogen peroxide', 3),
      heat('boil', 'A', 1),
      until('NH3 2 M', 'just-basic'),
    ],
  },
  { finding: 'sulfide-without-acid', title: 'hydrogen sulfide into the bare solution', entries: [...STOCK, gas(), ...precipitate('black')] },
  {
    finding: 'sulfide-without-acid',
    title: 'hydrogen sulfide water, no acid before',
    entries: [dissolve(50, 'water', 4), take('B', 1), add('H2S 0.1 M', 10, 'B'), ...precipitate('black')],
  },
  {
    finding: 'chromate-without-acetic-acid',
    title: 'chromate on the bare solution, strontium likely',
    entries: [...STOCK, add('K2CrO4 0.5 M', 3), ...precipitate('yellow')],
    among: ['BaCl2.2H2O', 'SrCl2.6H2O'],
  },
  {
    finding: 'chromate-without-acetic-acid',
    title: 'chromate of the other strength by its name, more of it',
    entries: [dissolve(200, 'water', 4), take('B', 2), add('K2CrO4 0.1 M', 15, 'B'), ...precipitate('yellow')],
    among: ['BaCl2.2H2O', 'SrCl2.6H2O', 'Sr(NO3)2'],
  },
  {
    finding: 'no-excess-step',
    title: 'three drops of ammonia, a precipitate, and to another tube',
    entries: [...STOCK, add('NH3 2 M', 3), ...precipitate('white'), take('B'), add('HNO3 2 M', 3, 'B'), add('AgNO3 0.1 M', 3, 'B')],
    among: ZINC,
  },
  {
    finding: 'no-excess-step',
    title: 'two drops of strong alkali, then a flame',
    entries: [...STOCK, add('NaOH 6 M', 2), saw('precipitate.colour', 'white'), flame()],
    among: ZINC,
  },
  {
    finding: 'excess-at-once',
    title: 'two millilitres of stronger alkali: clear',
    entries: [...STOCK, pour('NaOH 4 M', 2), no('precipitate.present'), take('B')],
    among: ZINC,
  },
  {
    finding: 'excess-at-once',
    title: 'ammonia at once, said to be colourless',
    entries: [...STOCK, pour('NH3 2 M', 2), saw('solution.colour', 'colourless'), take('B')],
    among: ZINC,
  },
  {
    finding: 'brown-ring-while-hot',
    title: 'warmed in the bath, then iron and acid',
    entries: [...STOCK, add('H2SO4 1 M', 2), heat('warm', 'A', 3), add('FeSO4 1 M', 5), pour('H2SO4 conc', 1), look()],
  },
  {
    finding: 'brown-ring-while-hot',
    title: 'the stock boiled and used hot',
    entries: [dissolve(), heat('boil', 'OS', 2), take(), pour('FeSO4 1 M', 0.5), pour('H2SO4 conc', 1), look()],
  },
  { finding: 'concentrated-acid-untried', title: 'the whole portion under sulfuric acid', entries: [solid(100), add('H2SO4 conc', 10)] },
  { finding: 'concentrated-acid-untried', title: 'nitric acid on a quarter gram', entries: [solid(250, 'C'), add('HNO3 conc', 10, 'C')] },
]

export const SOUND: readonly Written[] = [
  {
    title: 'ammonia to excess on copper',
    entries: [
      ...STOCK,
      add('NH3 2 M', 4),
      ...precipitate('blue'),
      pour('NH3 2 M', 2),
      saw('precipitate.dissolves'),
      saw('solution.colour', 'blue', { degree: 'deep' }),
      take('B'),
    ],
    among: ['CuSO4.5H2O', 'CuCl2.2H2O'],
  },
  {
    title: 'strong ammonia to excess on copper, at once',
    entries: [...STOCK, pour('NH3 conc', 1), no('precipitate.present'), saw('solution.colour', 'blue', { degree: 'deep' }), take('B')],
    among: ['CuSO4.5H2O', 'CuCl2.2H2O'],
  },
  {
    title: 'ammonia by its sign on copper, only the colour written',
    entries: [...STOCK, until('NH3 2 M', 'excess'), saw('solution.colour', 'blue', { degree: 'deep' }), take('B')],
    among: ['CuSO4.5H2O', 'NiSO4.6H2O'],
  },
  { title: 'barium nitrate in acetic acid', entries: [...STOCK, add('acetic acid 2 M', 4), add('Ba(NO3)2 0.1 M', 4), ...precipitate('white')] },
  {
    title: 'acid poured on the barium precipitate afterwards',
    entries: [...STOCK, add('BaCl2 0.1 M', 4), ...precipitate('white'), add('HCl 2 M', 8), ...precipitate('white')],
  },
  { title: 'silver nitrate after nitric acid', entries: [...STOCK, add('HNO3 2 M'), add('AgNO3 0.1 M'), ...precipitate('white')] },
  {
    title: 'acid poured on the silver precipitate afterwards',
    entries: [...STOCK, add('AgNO3 0.1 M'), ...precipitate(), add('HNO3 2 M'), ...precipitate()],
  },
  {
    title: 'silver in acetate on purpose',
    entries: [...STOCK, add('sodium acetate 1 M', 5), add('AgNO3 0.1 M', 3), ...precipitate('yellow')],
    among: ['Na2HPO4.12H2O', 'K2CrO4'],
  },
  {
    title: 'barium chloride after hydrochloric acid',
    entries: [...STOCK, add('HCl 2 M'), no('precipitate.present'), add('BaCl2 0.1 M'), ...precipitate('white')],
  },
  {
    title: 'barium nitrate after nitric acid, lead likely',
    entries: [...STOCK, add('HNO3 2 M'), add('Ba(NO3)2 0.1 M')],
    among: ['Pb(NO3)2', 'Na2SO4.10H2O'],
  },
  {
    title: 'sulfite acidified with hydrochloric acid before barium chloride',
    entries: [...STOCK, add('HCl 2 M'), heat('boil'), add('BaCl2 0.1 M')],
    among: ['Na2SO3.7H2O', 'Na2SO4.10H2O'],
  },
  {
    title: 'extract neutralised and boiled before barium',
    entries: [extract, take('A', 1, 'SE'), until('HNO3 2 M', 'just-acidic'), heat('boil'), add('Ba(NO3)2 0.1 M')],
  },
  {
    title: 'extract neutralised before silver',
    entries: [extract, take('A', 1, 'SE'), until('HNO3 2 M', 'just-acidic'), heat('boil'), add('AgNO3 0.1 M'), ...precipitate('white')],
  },
  {
    title: 'alkali to excess, and then on',
    entries: [...STOCK, add('NaOH 2 M', 2), ...precipitate(), add('NaOH 2 M', 20), ...precipitate(), take('B')],
    among: ZINC,
  },
  { title: 'excess asked for by its sign', entries: [...STOCK, until('NH3 2 M', 'excess'), ...precipitate(), take('B')], among: ZINC },
  { title: 'a first drop, more still to come', entries: [...STOCK, add('NaOH 2 M', 1), ...precipitate()], among: ZINC },
  {
    title: 'much alkali at once, to seek ammonia',
    entries: [...STOCK, pour('NaOH 2 M', 1), no('precipitate.present'), heat('warm'), paper('red litmus paper')],
    among: ['NH4Cl', 'KCl'],
  },
  { title: 'ammonium on the untouched solid', entries: [solid(50), add('NaOH 2 M', 20), heat('warm'), paper('red litmus paper')] },
  {
    title: 'ammonium on a fresh portion, after ammonia went into another',
    entries: [...STOCK, add('NH3 2 M', 4), take('B'), add('NaOH 2 M', 20, 'B'), heat('warm', 'B'), paper('red litmus paper', 'B')],
  },
  { title: 'an ammine warmed, nothing sought', entries: [...STOCK, add('NH3 2 M', 20), heat('warm')] },
  { title: 'Nessler’s reagent on the sample', entries: [...STOCK, add('Nessler', 3)] },
  {
    title: 'cobaltinitrite on a fresh portion',
    entries: [...STOCK, add('acetic acid 2 M', 3), add('sodium cobaltinitrite', 4), heat('stand', 'A', 5), ...precipitate('yellow')],
    among: ['KCl', 'NaCl'],
  },
  {
    title: 'ammonium driven off with soda before cobaltinitrite',
    entries: [...STOCK, add('Na2CO3 1 M', 10), heat('boil', 'A', 5), until('acetic acid 2 M', 'just-acidic'), add('sodium cobaltinitrite', 4)],
  },
  {
    title: 'the flame of a tube with nothing but ammonia in it',
    entries: [...STOCK, add('NH3 2 M', 4), flame({ from: 'A' }), saw('flame.colour', 'yellow'), saw('flame.lasts', 'steady')],
  },
  { title: 'a clean wire', entries: [flame(), saw('flame.colour', 'green')] },
  { title: 'a clean wire, looked at through cobalt glass', entries: [flame(), flame({ through: 'cobalt-glass' }), saw('flame.colour', 'violet')] },
  { title: 'a splint where there is no wire', entries: [flame({ support: 'splint' }), saw('flame.colour', 'red')] },
  { title: 'a fifth of the sample in solution', entries: [dissolve(100), take(), take('B'), take('C')] },
  { title: 'four tenths dissolved, the rest kept', entries: [dissolve(200, 'water', 10), solid(50), take('B')] },
  { title: 'tap water where no silver follows', entries: [dissolve(100, 'tap water'), take(), add('NaOH 2 M', 2), until('NaOH 2 M', 'excess')] },
  { title: 'moist paper over alkali', entries: [...STOCK, add('NaOH 2 M', 20), heat('warm'), paper('red litmus paper')] },
  { title: 'a dry starch iodide paper kept for later', entries: [solid(50), ignite(), paper('starch iodide paper')] },
  { title: 'one grain on the bead', entries: [bead(1), saw('bead.hot', 'green'), saw('bead.cold', 'blue')] },
  {
    title: 'cobalt nitrate on a residue white when cold',
    entries: [solid(50), ignite(), saw('residue.hot', 'yellow'), saw('residue.cold', 'white'), did({ do: 'cobalt-nitrate', on: 'A' })],
  },
  { title: 'a residue read hot, still cooling', entries: [solid(50), ignite(), saw('residue.hot', 'yellow')] },
  { title: 'a residue read hot and cold', entries: [solid(50), ignite(), saw('residue.hot', 'yellow'), saw('residue.cold', 'white'), dissolve()] },
  {
    title: 'gas led into lime water at once',
    entries: [
      solid(50),
      add('HCl 2 M', 10),
      saw('gas.present'),
      pour('lime water', 1, 'B'),
      did({ do: 'bubble', from: 'A', through: 'B' }),
      dissolve(),
    ],
  },
  {
    title: 'gas known by its smell',
    entries: [solid(50), add('HCl 2 M', 10), saw('gas.present'), saw('gas.smell', 'rotten eggs'), dissolve()],
    among: ['ZnS', 'Na2S.9H2O', 'FeS'],
  },
  {
    title: 'a steady yellow, beside a blank wire',
    entries: [flame(), saw('flame.colour', 'yellow'), saw('flame.lasts', 'steady'), claims('Na^+', 'present', 1, 2)],
    among: ['NaCl', 'KCl', 'NaNO3'],
  },
  {
    title: 'potassium through cobalt glass',
    entries: [flame({ through: 'cobalt-glass' }), saw('flame.colour', 'violet'), claims('K^+', 'present', 1)],
    among: ['NaCl', 'KCl', 'KNO3'],
  },
  {
    title: 'carbonate, with dichromate paper unchanged',
    entries: [
      test('dilute-acid-on-solid', 'A'),
      saw('lime-water', 'milky'),
      paper('acid dichromate paper'),
      saw('paper.acid dichromate paper', 'orange'),
      claims('CO3^2-', 'present', 1, 3),
    ],
    among: ['Na2CO3', 'K2CO3'],
  },
  { title: 'a speck first, then concentrated acid on more', entries: [solid(20), add('H2SO4 conc', 2), solid(150, 'B'), pour('H2SO4 conc', 1, 'B')] },
  { title: 'concentrated acid on a speck of nitrate', entries: [solid(30), add('H2SO4 conc', 3)], among: ['KNO3', 'NaNO3'] },
  {
    title: 'two gases, one with each acid',
    entries: [
      solid(30),
      add('H2SO4 1 M', 5),
      smell(),
      saw('gas.species', 'CO2'),
      solid(30, 'B'),
      add('H2SO4 conc', 5, 'B'),
      smell('B'),
      saw('gas.species', 'HCl'),
    ],
    among: ['Na2CO3', 'NaCl'],
  },
  { title: 'dissolved in nitric acid', entries: [dissolve(100, 'HNO3 2 M'), take(), add('AgNO3 0.1 M', 2)] },
  {
    title: 'dissolved in hydrochloric acid, the silver group ruled out',
    entries: [dissolve(100, 'HCl 2 M'), take()],
    among: ['CaCO3', 'MgO', 'ZnO'],
  },
  { title: 'neutralised with few drops of strong acid', entries: [...STOCK, add('NaOH 6 M', 4), add('HNO3 4 M', 7), add('AgNO3 0.1 M', 3)] },
  {
    title: 'concentrated after much acid and alkali',
    entries: [...STOCK, pour('NaOH 2 M', 2), pour('HNO3 2 M', 2.2), did({ do: 'concentrate', vessel: 'A', toFraction: 0.3 }), add('AgNO3 0.1 M', 3)],
  },
  {
    title: 'permanganate in dilute sulfuric acid',
    entries: [...STOCK, add('H2SO4 1 M', 10), heat('warm'), add('KMnO4 0.02 M', 3), saw('solution.colour', 'colourless')],
    among: ['Na2C2O4', 'NaCl'],
  },
  { title: 'hydrogen sulfide in 0.3 M acid', entries: [...ACID_STOCK, gas()] },
  {
    title: 'nitric acid boiled away before hydrogen sulfide',
    entries: [
      dissolve(100, 'HNO3 0.5 M'),
      take(),
      did({ do: 'concentrate', vessel: 'A', toFraction: 0.1 }),
      pour('water', 1),
      add('HCl 2 M', 4),
      gas(),
    ],
  },
  { title: 'thioacetamide, warmed, in 0.3 M acid', entries: [...ACID_STOCK, add('thioacetamide', 10), heat('boil', 'A', 3)] },
  {
    title: 'sulfide of ammonium in ammonia, for the fourth group',
    entries: [...STOCK, add('NH4Cl 5 M', 4), add('NH3 2 M', 6), add('ammonium sulfide', 5)],
  },
  { title: 'hydrogen sulfide in acetate for zinc', entries: [...STOCK, add('HCl 2 M', 1), add('sodium acetate 1 M', 10), gas()] },
  {
    title: 'sulfur boiled off and iron oxidised before ammonia',
    entries: [...READY_FOR_THIRD, add('NH4Cl 5 M', 5, 'B'), until('NH3 2 M', 'just-basic', 'B')],
  },
  {
    title: 'peroxide in place of nitric acid',
    entries: [
      ...AFTER_SULFIDE,
      heat('boil', 'B', 3),
      add('hydrogen peroxide', 3, 'B'),
      heat('boil', 'B', 1),
      add('NH4Cl 5 M', 5, 'B'),
      until('NH3 2 M', 'just-basic', 'B'),
    ],
  },
  { title: 'ammonia to excess on the original, no ammonium chloride', entries: [...STOCK, add('NH3 2 M', 2), until('NH3 2 M', 'excess')] },
  {
    title: 'barium brought down as chromate in acetic acid',
    entries: [...FIFTH, add('sodium acetate 1 M', 5), add('K2CrO4 0.5 M', 4), ...precipitate('yellow')],
    among: ['BaCl2.2H2O', 'SrCl2.6H2O'],
  },
  {
    title: 'oxalate after barium is gone',
    entries: [
      ...FIFTH,
      add('sodium acetate 1 M', 5),
      add('K2CrO4 0.5 M', 4),
      spin('A', 'C'),
      until('NH3 2 M', 'just-basic', 'C'),
      add('(NH4)2C2O4 0.25 M', 5, 'C'),
    ],
  },
  { title: 'chromate on lead, straight', entries: [...STOCK, add('K2CrO4 0.5 M', 3), ...precipitate('yellow')], among: ['Pb(NO3)2', 'BaCl2.2H2O'] },
  {
    title: 'iron held by fluoride before thiocyanate and pentanol',
    entries: [...STOCK, add('NaF 0.5 M', 10), add('NH4SCN 1 M', 5), pour('pentanol', 1)],
    among: ['FeCl3.6H2O', 'CoCl2.6H2O'],
  },
  { title: 'bismuthate in nitric acid', entries: [...STOCK, add('HNO3 4 M', 10), spoon('NaBiO3', 50)] },
  {
    title: 'dimethylglyoxime where iron is ruled out',
    entries: [...STOCK, add('NH3 2 M', 5), add('dimethylglyoxime', 5)],
    among: ['NiSO4.6H2O', 'CoCl2.6H2O'],
  },
  { title: 'the ring left alone', entries: [...RING_PORTION, pour('H2SO4 conc', 1), look(), saw('ring.colour', 'brown')], among: ['NaNO3', 'KNO3'] },
  { title: 'the ring looked at, then shaken', entries: [...RING_PORTION, pour('H2SO4 conc', 1), look(), heat('shake')] },
  {
    title: 'nitrite destroyed with sulfamic acid before the ring',
    entries: [...STOCK, add('H2SO4 1 M', 4), add('sulfamic acid', 10), heat('boil'), cool(), pour('FeSO4 1 M', 1), pour('H2SO4 conc', 1), look()],
    among: ['NaNO2', 'NaNO3'],
  },
  { title: 'chromyl chloride on the dry sample', entries: [solid(50), spoon('K2Cr2O7', 100), pour('H2SO4 conc', 1)], among: ['NaCl', 'KCl'] },
  {
    title: 'chlorine water by drops',
    entries: [...STOCK, add('H2SO4 1 M', 2), pour('cyclohexane', 1), add('chlorine water', 3), heat('shake'), saw('layer.colour', 'violet')],
    among: ['KI', 'NaCl'],
  },
  {
    title: 'calcium read after standing',
    entries: [...STOCK, add('H2SO4 1 M', 4), no('precipitate.present'), heat('stand', 'A', 10), ...precipitate('white')],
    among: ['CaCl2.6H2O', 'NaCl'],
  },
  {
    title: 'copper by ammonia, cited',
    entries: [test('ammonia-to-excess', 'A'), saw('solution.colour', 'blue', { step: 4 }), claims('Cu^2+', 'present', 1)],
    among: ['CuSO4.5H2O', 'ZnSO4.7H2O'],
  },
  {
    title: 'cobaltinitrite once the ammonium salts were driven off',
    entries: [...STOCK, add('NH4Cl 5 M'), ignite(), pour('water', 1), add('acetic acid 2 M', 4), add('sodium cobaltinitrite', 4)],
  },
  {
    title: 'cobaltinitrite once the ammonia of a reagent was boiled off with alkali',
    entries: [
      ...STOCK,
      add('NH4Cl 5 M'),
      add('NaOH 2 M', 10),
      heat('boil', 'A', 3),
      until('acetic acid 2 M', 'just-acidic'),
      add('sodium cobaltinitrite', 4),
    ],
  },
  {
    title: 'a test in a tube that has only the sample in it, and water',
    entries: [dissolve(), take(), pour('water', 1), test('sodium-hydroxide-to-excess', 'A'), ...precipitate('white')],
  },
  { title: 'a hint called a hint', entries: [test('appearance', 'A'), saw('appearance.colour', 'blue'), claims('Cu^2+', 'may be present', 1)] },
]
