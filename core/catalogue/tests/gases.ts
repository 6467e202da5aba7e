import {
  asks,
  add,
  addTo,
  BESIDE,
  defineTest,
  drops,
  hold,
  lead,
  look,
  mg,
  mL,
  smell,
  takeSolid,
  THIS,
  warm,
  type Test,
  type TestStep,
} from '../types'

const FUMES = 'Concentrated sulfuric acid on an unknown: a speck first, in the hood, goggles and gloves; never into water afterwards, let it cool.'
const acid = (test: Omit<Test, 'stage' | 'on' | 'sources'>): Test => defineTest({ ...test, stage: 'acids', on: ['solid'], sources: ['vogel7'] })

export const diluteSulfuricGases = acid({
  id: 'dilute-sulfuric-acid-gases',
  title: 'Dilute sulfuric acid, cold and warmed, three papers',
  steps: [
    takeSolid(mg(60)),
    add('H2SO4 1 M', mL(1)),
    asks(look('gas, its colour; does the liquid cloud'), 'gas'),
    hold('lead acetate paper'),
    hold('acid dichromate paper'),
    hold('starch iodide paper'),
    warm(1),
    asks(look('gas, its colour; does the liquid cloud, warm'), 'gas'),
  ],
  because:
    'Hydrogen sulfide blackens lead acetate, sulfur dioxide greens dichromate, nitrous fumes blue starch iodide; thiosulfate clouds with sulfur.',
  relies: ['moist paper', 'sulfuric acid, unless barium, strontium, lead or calcium is likely'],
  minutes: 5,
  cautions: ['Hydrogen sulfide and nitrous fumes are poisonous: the hood. Not warmed where hexacyanoferrate or thiocyanate may be.'],
})

export const manganeseDioxide = acid({
  id: 'sulfuric-acid-and-manganese-dioxide',
  title: 'Concentrated sulfuric acid and manganese dioxide',
  steps: [
    takeSolid(mg(30)),
    { do: 'add', to: THIS, reagent: 'MnO2', mg: 40 },
    add('H2SO4 conc', mL(0.5)),
    warm(1),
    asks(look('gas and its colour'), 'gas'),
    hold('blue litmus paper'),
    hold('starch iodide paper'),
  ],
  because: 'Chlorides give chlorine, which bleaches litmus, bromides brown bromine, iodides violet iodine.',
  relies: ['chlorate ruled out'],
  minutes: 5,
  cautions: [FUMES],
})

export const chromylChloride = acid({
  id: 'chromyl-chloride',
  title: 'Chromyl chloride, led into alkali',
  steps: [
    takeSolid(mg(30)),
    { do: 'add', to: THIS, reagent: 'K2Cr2O7 solid', mg: 60 },
    add('H2SO4 conc', mL(0.5)),
    addTo(BESIDE, 'NaOH 2 M', mL(1)),
    warm(1),
    asks(look('gas and its colour'), 'gas'),
    lead(BESIDE),
    look('colour of the alkali', BESIDE),
    addTo(BESIDE, 'acetic acid 2 M', mL(2)),
    addTo(BESIDE, 'lead acetate', drops(5)),
    look('yellow precipitate', BESIDE),
  ],
  because: 'Chloride alone gives red chromyl chloride, which brings chromium over into the alkali; bromide and iodide bring none.',
  relies: ['a dry sample', 'no chloride of mercury, silver or lead', 'chlorate ruled out'],
  minutes: 10,
  cautions: [FUMES, 'Chromyl chloride and dichromate cause cancer: gloves, the hood, the waste reduced and collected.'],
})

export const esterSmell = acid({
  id: 'ester-smell',
  title: 'Ethanol and concentrated sulfuric acid, warmed and smelt',
  steps: [takeSolid(mg(60)), add('ethanol', mL(0.5)), add('H2SO4 conc', mL(0.3)), warm(2), add('water', mL(3)), smell()],
  because: 'Acetates give the fruity smell of ethyl acetate.',
  minutes: 6,
  cautions: ['Ethanol burns: a water bath, no flame. Waft.'],
})

export const zincAndAcidOnSolid = acid({
  id: 'zinc-and-acid-on-solid',
  title: 'Zinc and hydrochloric acid, lead acetate paper',
  steps: [takeSolid(mg(30)), { do: 'add', to: THIS, reagent: 'zinc dust', mg: 40 }, add('HCl 2 M', mL(1)), hold('lead acetate paper')],
  because: 'Sulfites and thiosulfates are reduced to hydrogen sulfide.',
  minutes: 4,
})

const rod = (wet: 'NH3 conc' | 'HCl conc' | 'water' | 'glass', what: string): TestStep => ({ do: 'hold', over: THIS, rod: wet, for: what })

export const hydrogenChlorideByRod = acid({
  id: 'hydrogen-chloride-by-rod',
  title: 'Concentrated sulfuric acid, a rod wet with ammonia',
  steps: [takeSolid(mg(30)), add('H2SO4 conc', mL(0.5)), warm(1), rod('NH3 conc', 'white smoke')],
  because: 'Hydrogen chloride smokes white with ammonia.',
  relies: ['nitric acid and sulfur dioxide smoke a little too'],
  minutes: 3,
  cautions: [FUMES],
})

export const ammoniaByRod = acid({
  id: 'ammonia-by-rod',
  title: 'Sodium hydroxide on the solid, warmed, a rod wet with hydrochloric acid',
  steps: [takeSolid(mg(30)), add('NaOH 2 M', mL(1)), warm(1), rod('HCl conc', 'white smoke')],
  because: 'Ammonia smokes white with hydrogen chloride: a second sign besides litmus.',
  minutes: 3,
})

export const etching = acid({
  id: 'etching',
  title: 'Fluoride: concentrated sulfuric acid, a drop of water and a slip of glass over it',
  steps: [
    takeSolid(mg(60)),
    add('H2SO4 conc', mL(0.5)),
    warm(3),
    rod('water', 'does the drop go milky'),
    rod('glass', 'is the glass, dried, dulled'),
  ],
  because: 'Hydrogen fluoride takes silica from the glass; silicon fluoride leaves jelly of silica in a drop of water.',
  relies: ['little borate and silicate: they keep the fluoride as boron or silicon fluoride'],
  minutes: 8,
  cautions: [FUMES, 'Hydrogen fluoride burns deep: lead or plastic dish, the hood, gloves, calcium gluconate gel at hand.'],
})

const ladder = (id: string, title: string, acidic: string, because: string, spoils: string, more: Partial<Test> = {}): Test =>
  defineTest({
    id,
    title,
    stage: 'dissolved',
    on: ['solid'],
    steps: [
      takeSolid(mg(20)),
      add(acidic, mL(2)),
      asks(look('does it dissolve, cold; does it fizz'), 'gas'),
      warm(2),
      look('does it dissolve, warm'),
    ],
    because,
    relies: [spoils],
    minutes: 5,
    sources: ['vogel7'],
    onlyIfInsoluble: true,
    ...more,
  })

export const intoDiluteHydrochloric = ladder(
  'solubility-in-hydrochloric-acid',
  'Into dilute hydrochloric acid, cold, then warm',
  'HCl 2 M',
  'Carbonates, phosphates, borates and most oxides dissolve.',
  'spoils the search for silver, lead and mercury(I), which it brings down, and for chloride',
)
export const intoConcentratedHydrochloric = ladder(
  'solubility-in-concentrated-hydrochloric-acid',
  'Into concentrated hydrochloric acid, warm',
  'HCl conc',
  'Many sulfides, lead chloride and the oxides of antimony and tin dissolve.',
  'must be diluted before hydrogen sulfide is passed',
)
export const intoAquaRegia = ladder(
  'solubility-in-aqua-regia',
  'Into aqua regia, warm',
  'aqua regia',
  'Mercury(II) sulfide and whatever else acids alone leave dissolves; silver chloride, the sulfates of barium and lead, and silica stay.',
  'oxidises sulfide to sulfate and must be boiled off before hydrogen sulfide is passed',
  { cautions: ['Aqua regia: made in the hood when wanted, never kept, never closed.'] },
)
