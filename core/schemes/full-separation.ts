import { add, addTo, boil, cool, drops, hold, look, mg, mL, pass, shake, spin, stand, take, THIS, warm, wash, type TestStep } from '../catalogue'
import { anionsSought, removedFrom, silicaOut } from './interfering'
import { aluminiumLake, cobaltLayer, leadByChromate, liquid, on, solid, strontiumByGypsum, until, whole } from './short'
import type { Scheme, Separation } from './types'
import { inGroup } from '../species'

const GROUP_I = inGroup('I')
const COPPER = inGroup('IIA')
const TIN = ['Sn^2+', 'Sn^4+']
const ARSENIC = ['H3AsO3', 'AsO4^3-']
const IRON = ['Fe^3+', 'Fe^2+']

const TIN_STRAYS = 'tin sulfide leaves a little in acid of 0.3 mol/L with much chloride'
const LEAD_STRAYS = 'lead chloride is not insoluble enough: some lead goes on to the second group'

/** Sought first and last, on the untouched sample, since every later tube holds ammonium. */
export const original: Separation = {
  id: 'original',
  title: 'On the untouched sample: ammonium',
  on: 'original',
  steps: [take(mL(0.5), 'sample')],
  keeps: [],
  because: 'Every later tube holds ammonium salts.',
  proofs: [
    whole('original', ['NH4^+'], [add('NaOH 2 M', mL(1)), warm(1), hold('red litmus paper')], { channel: 'paper', values: ['blue', 'violet'] }),
  ],
}

/** The first group, on the sample or on what silica was taken out of. */
const chlorides = (from: string, own: Pick<Separation, 'id' | 'title' | 'when' | 'unless'>): Separation => ({
  ...own,
  on: 'S',
  steps: [
    { do: 'take', into: THIS, from, mL: 1, upTo: true },
    add('HCl 2 M', drops(6)),
    stand(1),
    look('a white precipitate'),
    spin('II'),
    wash(0.5, 'HCl 0.5 M'),
  ],
  liquid: 'II',
  keeps: GROUP_I,
  strays: { 'Pb^2+': LEAD_STRAYS },
  relies: ['cold: lead chloride dissolves hot', 'a little acid in excess, not much: strong chloride takes silver and lead back'],
  because: 'Silver, mercury(I) and most of the lead come down as white chlorides.',
})
const CHLORIDES = ['group-1', 'group-1-without-silica']

/** Chlorides that cold dilute acid leaves: shared by every scheme that separates. */
export const chlorideGroup: readonly Separation[] = [
  ...anionsSought,
  silicaOut,
  chlorides('sample', { id: 'group-1', title: 'Group I: dilute hydrochloric acid', unless: 'silicate-sought' }),
  chlorides('S0-clear', {
    id: 'group-1-without-silica',
    title: 'Group I where silica was taken out: dilute hydrochloric acid',
    when: 'silicate-sought',
  }),
  {
    id: 'lead-in-hot-water',
    title: 'Lead chloride, in hot water',
    on: 'S',
    when: CHLORIDES,
    steps: [add('water', mL(1.5)), boil(1), look('does it dissolve hot'), spin('I-lead')],
    liquid: 'I-lead',
    keeps: ['Ag^+', 'Hg2^2+'],
    strays: { 'Pb^2+': 'what one hot water leaves goes with the next' },
    relies: ['hot, and parted while hot'],
    because: 'Lead chloride dissolves in hot water, the others do not.',
    proofs: [leadByChromate('I-lead', 0.5)],
  },
  {
    id: 'silver-in-ammonia',
    title: 'Silver chloride, in ammonia',
    on: 'S',
    when: CHLORIDES,
    steps: [add('water', mL(2)), boil(1), spin('I-rinse'), add('NH3 2 M', mL(1)), look('does it dissolve; does it turn black'), spin('I-silver')],
    liquid: 'I-silver',
    keeps: ['Hg2^2+', 'Pb^2+'],
    because: 'Ammonia dissolves silver chloride and blackens mercury(I) chloride.',
    proofs: [
      whole('S', ['Hg2^2+'], [look('black')], solid('black', 'grey')),
      on('I-silver', 0.5, ['Ag^+'], [add('HNO3 2 M', mL(1)), look('a white precipitate back')], solid('white')),
    ],
  },
]

/** How hydrogen sulfide is brought in; thioacetamide takes acid up as it gives its sulfide. */
type SulfideSource = 'gas' | 'thioacetamide'
const sulfideBy = (source: SulfideSource, minutes: number): TestStep[] =>
  source === 'gas'
    ? [pass('H2S', minutes)]
    : [
        add('HCl 2 M', drops(2)),
        add('thioacetamide', drops(12)),
        boil(minutes),
        // What has boiled away is put back, and a little more heated with it: cadmium and lead fall from the weaker acid.
        add('water', mL(2)),
        add('thioacetamide', drops(8)),
        boil(1),
        cool(),
      ]

/** Arsenic as this source of sulfide brings it down: with gas, in the cold, arsenic(III) alone. */
const arsenicBy = (source: SulfideSource): readonly string[] => (source === 'gas' ? ['H3AsO3'] : ARSENIC)

const sulfideGroup = (source: SulfideSource): readonly Separation[] => [
  {
    id: 'group-2',
    title: 'Group II: hydrogen sulfide in 0.3 M acid',
    on: 'II',
    steps: [
      until('NH3 2 M', 'just-basic'),
      until('HCl 2 M', 'just-acidic'),
      add('HCl 2 M', drops(6)),
      ...sulfideBy(source, 4),
      look('precipitate, its colour'),
      spin('II-filtrate'),
      wash(1, 'hydrogen sulfide water'),
    ],
    liquid: 'II-filtrate',
    keeps: [...COPPER, ...ARSENIC, 'Sb^3+', ...TIN],
    strays:
      source === 'gas'
        ? { 'AsO4^3-': 'arsenic(V) hardly falls in the cold: where it may be, it is reduced first', 'Sn^2+': TIN_STRAYS }
        : { 'Sn^2+': TIN_STRAYS, 'Sn^4+': TIN_STRAYS },
    relies: [
      'acid of 0.3 mol/L: more leaves cadmium and lead up, less brings zinc down',
      'no oxidant left',
      'arsenic(V) needs heat or reduction first',
    ],
    because: 'The sulfides that even acid lets fall.',
  },
  {
    id: 'polysulfide',
    title: 'Tin, antimony and arsenic, in ammonium polysulfide',
    on: 'II',
    when: 'group-2',
    steps: [add('ammonium polysulfide', mL(1)), warm(3), look('what is left'), spin('IIB'), wash(1), wash(1)],
    liquid: 'IIB',
    keeps: COPPER,
    relies: ['polysulfide, where tin may be tin(II)'],
    because: 'Arsenic, antimony and tin go up as thio-salts.',
  },
  {
    id: 'mercury-sulfide',
    title: 'Mercury sulfide, left by nitric acid',
    on: 'II',
    when: 'polysulfide',
    steps: [add('HNO3 4 M', mL(1)), boil(3), look('black left over'), spin('IIA'), wash(1)],
    liquid: 'IIA',
    keeps: ['Hg^2+'],
    relies: ['chloride washed out'],
    because: 'All but mercury sulfide dissolve in hot dilute nitric acid.',
    proofs: [
      whole(
        'II',
        ['Hg^2+'],
        [
          add('aqua regia', drops(6)),
          boil(4),
          add('water', mL(1)),
          spin('this-liquid'),
          addTo('this-liquid', 'SnCl2', drops(6)),
          look('white, then grey', 'this-liquid'),
        ],
        solid('white', 'grey', 'black'),
      ),
    ],
  },
  {
    id: 'lead-sulfate',
    title: 'Lead, fumed with sulfuric acid',
    on: 'IIA',
    when: 'polysulfide',
    steps: [
      add('H2SO4 conc', drops(2)),
      { do: 'concentrate', vessel: THIS, toFraction: 0.2 },
      cool(),
      add('water', mL(1)),
      look('a white precipitate'),
      spin('IIA2'),
      wash(0.5, 'H2SO4 1 M'),
    ],
    liquid: 'IIA2',
    keeps: ['Pb^2+'],
    relies: ['nitric acid fumed off: it holds lead sulfate'],
    because: 'Lead sulfate alone of these is insoluble.',
    proofs: [
      whole(
        'IIA',
        ['Pb^2+'],
        [
          add('ammonium acetate', mL(0.5)),
          warm(2),
          spin('this-liquid'),
          addTo('this-liquid', 'K2CrO4 0.1 M', drops(4)),
          look('a yellow precipitate', 'this-liquid'),
        ],
        solid('yellow', 'orange'),
      ),
    ],
  },
  {
    id: 'bismuth-hydroxide',
    title: 'Bismuth, from ammonia',
    on: 'IIA2',
    when: 'polysulfide',
    steps: [until('NH3 conc', 'just-basic'), add('NH3 conc', drops(2)), look('a white precipitate; a blue liquid'), spin('IIA3'), wash(1)],
    liquid: 'IIA3',
    keeps: ['Bi^3+'],
    because: 'Copper and cadmium stay as ammines, copper deep blue.',
    proofs: [
      whole('IIA2', ['Bi^3+'], [add('NaOH 2 M', drops(8)), add('sodium stannite', mL(0.5)), look('black at once')], solid('black', 'grey')),
      on(
        'IIA3',
        0.6,
        ['Cu^2+'],
        [until('acetic acid 2 M', 'just-acidic'), add('K4Fe(CN)6 0.1 M', drops(4)), look('a red-brown precipitate')],
        solid('brown', 'red'),
      ),
      on(
        'IIA3',
        1.2,
        ['Cd^2+'],
        [
          until('H2SO4 1 M', 'just-acidic'),
          add('H2SO4 1 M', drops(6)),
          add('iron filings', mg(200)),
          boil(3),
          spin('this-liquid'),
          { do: 'add', to: 'this-liquid', reagent: 'H2SO4 1 M', drops: 4 },
          { do: 'pass', gas: 'H2S', through: 'this-liquid', minutes: 2 },
          look('a yellow precipitate', 'this-liquid'),
        ],
        solid('yellow', 'orange'),
      ),
    ],
  },
  {
    id: 'thio-salts',
    title: 'The thio-salts, made acid',
    on: 'IIB',
    when: 'group-2',
    steps: [
      until('HCl 2 M', 'just-acidic'),
      add('HCl 2 M', drops(1)),
      warm(1),
      look('a coloured precipitate; sulfur alone is white'),
      spin('IIB-waste'),
      wash(1),
    ],
    liquid: 'IIB-waste',
    keeps: [...ARSENIC, 'Sb^3+', ...TIN],
    because: 'Acid brings the sulfides back: yellow arsenic and tin, orange antimony; sulfur, white, always comes with them.',
  },
  {
    id: 'arsenic-sulfide',
    title: 'Arsenic sulfide, left by strong hydrochloric acid',
    on: 'IIB',
    when: 'thio-salts',
    steps: [add('HCl conc', mL(0.8)), boil(3), look('yellow left over'), add('water', mL(0.8)), spin('IIB2'), wash(1)],
    liquid: 'IIB2',
    keeps: ARSENIC,
    relies: ['strong acid, hot, so that hydrogen sulfide leaves'],
    because: 'Antimony and tin sulfides dissolve in strong hydrochloric acid, arsenic sulfide does not.',
    proofs: [
      whole(
        'IIB',
        arsenicBy(source),
        [
          add('HNO3 conc', mL(0.5)),
          boil(3),
          add('water', mL(0.5)),
          spin('this-liquid'),
          addTo('this-liquid', 'ammonium molybdate', mL(1)),
          { do: 'boil', vessel: 'this-liquid', minutes: 2 },
          look('a yellow precipitate', 'this-liquid'),
        ],
        solid('yellow'),
      ),
      on('IIB2', 0.4, ['Sb^3+'], [add('water', mL(0.4)), add('iron wire', mg(15)), boil(2), look('a black powder')], solid('black', 'grey')),
      on(
        'IIB2',
        0.4,
        TIN,
        [
          add('water', mL(0.4)),
          add('iron wire', mg(15)),
          boil(4),
          spin('this-liquid'),
          addTo('this-liquid', 'HgCl2 0.1 M', drops(6)),
          look('white or grey', 'this-liquid'),
        ],
        solid('white', 'grey', 'black'),
      ),
    ],
  },
]

const ironGroup = (source: SulfideSource): readonly Separation[] => [
  {
    id: 'sulfide-boiled-off',
    title: 'Hydrogen sulfide boiled off, iron oxidised',
    on: 'II-filtrate',
    // What thioacetamide is left has to give up its sulfide first.
    steps: [...(source === 'gas' ? [boil(5)] : [add('HCl conc', drops(6)), boil(16)]), add('HNO3 conc', drops(5)), boil(3), cool()],
    keeps: [],
    relies: ['hydrogen sulfide boiled off: left in, it brings the fourth group down', 'iron(II) oxidised with nitric acid'],
    because: 'Ammonia would bring the sulfides of the fourth group down with the third.',
  },
  ...removedFrom('II-filtrate'),
  {
    id: 'phosphate-sought',
    title: 'Is there phosphate? Molybdate on a portion',
    on: 'II-P',
    steps: [take(mL(0.2), 'II-filtrate'), add('HNO3 conc', drops(4)), add('ammonium molybdate', mL(0.5)), warm(2), look('a yellow precipitate')],
    cameDown: solid('yellow'),
    keeps: [],
    relies: ['arsenic went with the second group: arsenate answers too'],
    because: 'Phosphate would bring barium, strontium, calcium and magnesium down with the third group.',
  },
  {
    id: 'phosphate-removed',
    title: 'Phosphate brought down with zirconium',
    on: 'II-filtrate',
    when: 'phosphate-sought',
    steps: [add('zirconyl chloride', drops(20)), boil(3), look('a white jelly'), spin('III')],
    liquid: 'III',
    keeps: [],
    because: 'Zirconium phosphate comes down even from acid, and leaves every cation in the liquid; what zirconium is over stays with the iron.',
  },
  {
    id: 'sulfur-spun-off',
    title: 'Sulfur spun off',
    on: 'II-filtrate',
    unless: 'phosphate-sought',
    steps: [spin('III')],
    liquid: 'III',
    keeps: [],
    because: 'Sulfur from the oxidised sulfide would be read as a precipitate.',
  },
  {
    id: 'group-3',
    title: 'Group III: ammonium chloride and ammonia',
    on: 'III',
    steps: [
      add('ammonium chloride', drops(10)),
      until('NH3 2 M', 'just-basic'),
      add('NH3 2 M', drops(2)),
      look('precipitate, its colour'),
      spin('IV'),
      wash(1, 'NH4Cl 0.5 M'),
    ],
    liquid: 'IV',
    keeps: [...IRON, 'Al^3+', 'Cr^3+'],
    strays: {
      'Sn^2+': 'what the sulfide left',
      'Sn^4+': 'what the sulfide left',
      'AsO4^3-': 'what the sulfide left, with magnesium or iron',
      'Mg^2+': 'arsenate left in takes magnesium down',
    },
    relies: [
      'ammonium chloride before ammonia: without it magnesium and manganese come too',
      'ammonia just in excess',
      'phosphate, oxalate, fluoride, borate, tartrate and citrate removed',
    ],
    because: 'Iron, aluminium and chromium come down as hydroxides.',
  },
  {
    id: 'peroxide-alkali',
    title: 'Aluminium and chromium, in alkali with peroxide',
    on: 'III',
    when: 'group-3',
    steps: [
      add('NaOH 2 M', mL(1.2)),
      add('H2O2 3 %', drops(8)),
      boil(5),
      add('water', mL(1)),
      look('brown left over; colour of the liquid'),
      spin('IIIB'),
      wash(1),
    ],
    liquid: 'IIIB',
    keeps: IRON,
    relies: ['peroxide boiled out'],
    because: 'Chromium goes up as yellow chromate, aluminium as aluminate.',
    proofs: [
      whole('III', IRON, [add('HCl 2 M', mL(1)), warm(1), add('KSCN 0.1 M', drops(4)), look('deep red')], liquid('red', 'brown')),
      on(
        'IIIB',
        0.5,
        ['Cr^3+'],
        [until('acetic acid 2 M', 'just-acidic'), add('Pb(NO3)2 0.1 M', drops(6)), look('a yellow precipitate')],
        solid('yellow', 'orange'),
      ),
      aluminiumLake('IIIB', 0.5),
    ],
  },
]

const ammoniumSulfideGroup = (source: SulfideSource): readonly Separation[] => [
  {
    id: 'group-4',
    title: 'Group IV: hydrogen sulfide in ammonia',
    on: 'IV',
    steps: [
      add('NH3 conc', drops(source === 'gas' ? 6 : 2)),
      // Boiled with thioacetamide the ammonia would leave: from the bottle, then.
      source === 'gas' ? pass('H2S', 3) : add('(NH4)2S 3 M', mL(1.2)),
      look('precipitate, its colour'),
      stand(5),
      spin('V'),
      wash(1, '(NH4)2S 0.1 M'),
    ],
    liquid: 'V',
    keeps: ['Co^2+', 'Ni^2+', 'Mn^2+', 'Zn^2+'],
    strays: { 'Mn^2+': 'much ammonia and ammonium chloride hold some manganese up' },
    relies: ['ammonium chloride, so that magnesium stays up', 'some minutes of standing'],
    because: 'The sulfides that only ammonia lets fall.',
  },
  {
    id: 'cold-acid',
    title: 'Manganese and zinc, in cold dilute acid',
    on: 'IV',
    when: 'group-4',
    steps: [add('HCl 1 M', mL(1)), shake(1), look('black left over'), spin('IVB'), wash(1)],
    liquid: 'IVB',
    keeps: ['Co^2+', 'Ni^2+'],
    strays: { 'Ni^2+': 'fresh nickel sulfide still dissolves a little', 'Co^2+': 'fresh cobalt sulfide still dissolves a little' },
    relies: ['sulfides a few minutes old', 'cold acid, no stronger than 1 mol/L'],
    because: 'Aged cobalt and nickel sulfides no longer dissolve in cold dilute acid.',
  },
  {
    id: 'cobalt-nickel',
    title: 'Cobalt and nickel, dissolved',
    on: 'IV',
    when: 'cold-acid',
    steps: [add('aqua regia', drops(6)), boil(3), add('water', mL(1)), spin('IVA')],
    liquid: 'IVA',
    keeps: [],
    because: 'Aqua regia dissolves both; each has a test of its own.',
    proofs: [
      on(
        'IVA',
        0.4,
        ['Ni^2+'],
        [until('NH3 2 M', 'just-basic'), add('NH3 2 M', drops(4)), add('dimethylglyoxime', drops(10)), look('a red precipitate')],
        solid('red', 'pink'),
      ),
      cobaltLayer('IVA', 0.4, 4),
    ],
  },
  {
    id: 'manganese-zinc',
    title: 'Manganese from zinc, by alkali and peroxide',
    on: 'IVB',
    when: 'group-4',
    steps: [
      boil(4),
      until('NaOH 2 M', 'just-basic'),
      add('NaOH 2 M', drops(16)),
      add('H2O2 3 %', drops(4)),
      boil(3),
      look('brown left over'),
      spin('IVB2'),
      wash(1),
      wash(1),
    ],
    liquid: 'IVB2',
    keeps: ['Mn^2+', 'Ni^2+', 'Co^2+'],
    because: 'Manganese comes down as brown dioxide, zinc stays as zincate.',
    proofs: [
      whole(
        'IVB',
        ['Mn^2+'],
        [add('HNO3 2 M', mL(1)), add('H2O2 3 %', drops(3)), boil(3), cool(), add('sodium bismuthate', mg(100)), look('violet')],
        liquid('violet', 'pink', 'red'),
      ),
      on(
        'IVB2',
        0.6,
        ['Zn^2+'],
        [until('acetic acid 2 M', 'just-acidic'), add('K4Fe(CN)6 0.1 M', drops(5)), look('a white precipitate')],
        solid('white', 'green', 'blue', 'yellow'),
      ),
    ],
  },
]

/** Carbonates and what is left after them. */
const carbonateGroup: readonly Separation[] = [
  {
    id: 'sulfide-out',
    title: 'Hydrogen sulfide boiled off before the carbonates',
    on: 'V',
    steps: [until('HCl 2 M', 'just-acidic'), add('HCl 2 M', drops(4)), boil(5), spin('V1')],
    liquid: 'V1',
    keeps: [],
    relies: ['boiled off before air makes sulfate of it, which takes barium away'],
    because: 'Sulfide left in turns to sulfur and sulfate.',
  },
  {
    id: 'group-5',
    title: 'Group V: ammonium carbonate',
    on: 'V1',
    steps: [
      until('NH3 2 M', 'just-basic'),
      add('NH3 2 M', drops(2)),
      add('(NH4)2CO3 1 M', drops(8)),
      warm(2),
      look('a white precipitate'),
      spin('VI'),
      wash(1),
    ],
    liquid: 'VI',
    keeps: ['Ba^2+', 'Sr^2+', 'Ca^2+'],
    strays: { 'Mn^2+': 'what the sulfide left comes as carbonate', 'Ca^2+': 'much ammonium salt holds a little calcium up' },
    relies: ['ammonium chloride enough to keep magnesium up, not so much that carbonate fails'],
    because: 'Barium, strontium and calcium come down as carbonates; ammonium salts keep magnesium up.',
  },
  {
    id: 'barium-chromate',
    title: 'Barium, as chromate from acetic acid',
    on: 'V1',
    when: 'group-5',
    steps: [
      add('acetic acid 2 M', mL(0.6)),
      add('ammonium acetate', drops(4)),
      add('K2CrO4 0.1 M', drops(14)),
      look('a yellow precipitate'),
      spin('V2'),
    ],
    liquid: 'V2',
    keeps: ['Ba^2+'],
    relies: ['acetic acid: from neutral solution strontium comes too'],
    because: 'Barium chromate alone stays down in acetic acid.',
    proofs: [whole('V1', ['Ba^2+'], [look('yellow')], solid('yellow', 'orange'))],
  },
  {
    id: 'chromate-out',
    title: 'Strontium and calcium, as carbonates again',
    on: 'V2',
    when: 'group-5',
    steps: [
      until('NH3 2 M', 'just-basic'),
      add('(NH4)2CO3 1 M', drops(10)),
      warm(2),
      look('a white precipitate'),
      spin('V-waste'),
      wash(1),
      add('acetic acid 2 M', mL(0.5)),
      boil(1),
    ],
    liquid: 'V-waste',
    keeps: ['Sr^2+', 'Ca^2+'],
    because: 'The chromate goes with the liquid.',
    proofs: [strontiumByGypsum('V2', 0.2)],
  },
  {
    id: 'strontium-sulfate',
    title: 'Strontium out, as sulfate, before calcium',
    on: 'V2',
    when: 'chromate-out',
    steps: [add('ammonium sulfate sat', mL(0.5)), boil(2), add('water', mL(0.4)), spin('V3')],
    liquid: 'V3',
    keeps: ['Sr^2+'],
    strays: { 'Ca^2+': 'much calcium comes down as gypsum too' },
    relies: ['much ammonium sulfate: it keeps calcium up'],
    because: 'Calcium stays in strong ammonium sulfate, strontium does not.',
    proofs: [
      on('V3', 0.4, ['Ca^2+'], [until('NH3 2 M', 'just-basic'), add('ammonium oxalate', drops(6)), look('a white precipitate')], solid('white')),
    ],
  },
  {
    id: 'last-traces',
    title: 'The last traces of barium and calcium, before magnesium',
    on: 'VI',
    steps: [add('ammonium sulfate', drops(1)), add('ammonium oxalate', drops(1)), warm(1), spin('VI1')],
    liquid: 'VI1',
    keeps: [],
    because: 'What the carbonate left would pass for magnesium.',
    proofs: [on('VI1', 1, ['Mg^2+'], [add('NH3 2 M', drops(6)), add('(NH4)2HPO4', drops(6)), stand(3), look('white crystals')], solid('white'))],
  },
  {
    id: 'ammonium-out',
    title: 'Ammonium salts driven off, then lithium, sodium and potassium',
    on: 'VI1',
    steps: [{ do: 'ignite', vessel: THIS }, add('water', mL(0.8)), spin('VI2')],
    liquid: 'VI2',
    keeps: [],
    relies: ['ammonium driven off: it passes for potassium'],
    because: 'Only the alkalis and magnesium are left.',
    proofs: [
      // What the carbonate left of strontium has a red line beside the crimson ones.
      whole('VI2', ['Li^+'], [{ do: 'flame', from: THIS, through: 'spectroscope', for: 'a crimson line' }], {
        channel: 'flame.line',
        values: ['crimson'],
        without: ['red'],
      }),
      on('VI2', 0.3, ['Na^+'], [add('potassium hexahydroxoantimonate', mL(0.6)), stand(10), look('slow white crystals')], solid('white')),
      on(
        'VI2',
        0.4,
        ['K^+'],
        [add('acetic acid 2 M', drops(2)), add('sodium cobaltinitrite', drops(8)), stand(3), look('a yellow precipitate')],
        solid('yellow', 'orange'),
      ),
    ],
  },
]

const full = (source: SulfideSource): Scheme => ({
  id: source === 'gas' ? 'full-separation' : 'full-separation-thioacetamide',
  title: source === 'gas' ? 'full separation, semimicro, hydrogen sulfide gas' : 'full separation, semimicro, thioacetamide',
  stages: [],
  separations: [original, ...chlorideGroup, ...sulfideGroup(source), ...ironGroup(source), ...ammoniumSulfideGroup(source), ...carbonateGroup],
  confirmations: 2,
  because:
    'A mixture is taken apart by group reagents in their order, each group shown to be complete before the next; then each group within itself.',
  sources: ['vogel7', 'swift-butler'],
})

export const FULL_SEPARATION = full('gas')
export const FULL_SEPARATION_THIOACETAMIDE = full('thioacetamide')
