import {
  asks,
  add,
  addTo,
  BESIDE,
  boil,
  cool,
  defineTest,
  dip,
  drops,
  flame,
  FUSION_EXTRACT,
  look,
  mg,
  mL,
  hold,
  lead,
  shake,
  smell,
  spin,
  stand,
  take,
  takeSolid,
  THIS,
  warm,
  type Test,
  type TestStep,
} from '../types'

/** Tests of an organic unknown: on the compound itself, on the extract of its fusion, and those of its groups. */

const from = FUSION_EXTRACT
const iced = (): TestStep => ({ do: 'cool', vessel: THIS, to: 'ice' })

export const organicLook = defineTest({
  id: 'organic-look',
  title: 'Look and smell',
  stage: 'looked',
  on: ['solid'],
  steps: [takeSolid(mg(50)), look('colour and form'), smell()],
  because: 'Colour points to nitro, azo and quinone; the smell of amines, acids and esters to themselves.',
  minutes: 1,
  sources: ['vogel-organic'],
  cautions: ['Waft; do not smell what may be poisonous.'],
})

export const meltingPoint = defineTest({
  id: 'melting-point',
  title: 'Melting point',
  stage: 'constants',
  on: ['solid'],
  steps: [asks({ do: 'melting-point', of: 'sample', for: 'the melting point, °C' }, 'melting-point')],
  because: 'A sharp melting point says pure, and picks out names.',
  minutes: 8,
  sources: ['vogel-organic'],
})

export const boilingPoint = defineTest({
  id: 'boiling-point',
  title: 'Boiling point',
  stage: 'constants',
  on: ['solid'],
  steps: [asks({ do: 'boiling-point', of: 'sample', for: 'the boiling point, °C' }, 'boiling-point')],
  because: 'The boiling point of a liquid picks out names, once it is corrected for pressure.',
  minutes: 8,
  sources: ['vogel-organic'],
})

export const ignition = defineTest({
  id: 'ignition',
  title: 'Ignition',
  stage: 'dry',
  on: ['solid'],
  steps: [{ do: 'ignition', from: 'sample', for: 'flame, soot, and what is left' }],
  because: 'Soot points to an aromatic or highly unsaturated compound; an ash to a metal.',
  minutes: 2,
  sources: ['vogel-organic', 'shriner'],
  cautions: ['A little, on a spatula, shield down: some compounds flash.'],
})

export const copperOxide = defineTest({
  id: 'copper-oxide',
  title: 'Carbon and hydrogen: copper oxide',
  stage: 'elements',
  on: ['solid'],
  steps: [
    takeSolid(mg(20)),
    add('copper(II) oxide', mg(400)),
    { do: 'ignite', vessel: THIS, heat: 'strongly', for: 'drops of water on the cooler part' },
    addTo(BESIDE, 'lime water', mL(2)),
    lead(BESIDE),
    asks(look('the lime water', BESIDE), 'lime-water'),
  ],
  because: 'Hot copper oxide burns carbon to its dioxide, which turns lime water milky, and hydrogen to water, which dews the cooler part.',
  minutes: 10,
  sources: ['vogel-organic'],
  relies: ['oxide that was heated red before, so that it is dry and brings no carbon', 'more of the oxide above the mixture, for what boils off'],
  cautions: [
    'A shield down, and no more than 20 mg: nitro compounds and peroxides flash.',
    'The tube slopes to its mouth, and is taken out of the lime water before the flame goes: it would suck back.',
  ],
})

export const beilstein = defineTest({
  id: 'beilstein',
  title: 'Copper wire in the flame',
  stage: 'dry',
  on: ['solid'],
  steps: [{ do: 'copper-wire', from: 'sample', for: 'the colour of the flame' }],
  because: 'Chlorine, bromine and iodine colour the flame green. Some nitrogen compounds do too, and fluorine does not: a hint, no proof.',
  minutes: 3,
  sources: ['vogel-organic', 'feigl-organic'],
  relies: ['a wire that by itself gives no green'],
  cautions: ['In the hood: halogen compounds burn to poisonous fumes.'],
})

export const flameOfAsh = defineTest({
  id: 'flame-of-the-ash',
  title: 'Flame of the ash, on a clean wire',
  stage: 'dry',
  on: ['solid'],
  steps: [flame('air', 'colour of the flame, and how long it lasts'), flame('cobalt-glass', 'the flame through cobalt glass')],
  because:
    'The ash of an organic salt is its metal: sodium, potassium, calcium and barium each colour the flame. What has no ash leaves it as it is.',
  minutes: 5,
  sources: ['vogel-organic'],
  relies: ['an ash burnt white, wetted with hydrochloric acid, on a wire that by itself colours nothing'],
  cautions: ['Concentrated acid cleans the wire: goggles on; keep the hot wire away from the bottle.'],
})

export const sodiumFusion = defineTest({
  id: 'sodium-fusion',
  title: 'Sodium fusion',
  stage: 'elements',
  on: ['solid'],
  steps: [
    { do: 'fuse', into: from, with: 'sodium', sodium_mg: 60, sample_mg: 50, tubes: 2, water_mL: 10, toFraction: 0.33, heating: 'red' },
    look('an extract that is clear and colourless', from),
    dip('red litmus paper', from),
  ],
  because: 'Sodium turns nitrogen, sulfur and halogen into ions; every test of elements stands on a good extract.',
  minutes: 20,
  sources: ['vogel-organic'],
  relies: ['dry bright sodium, red heat, a clear, colourless, alkaline extract'],
  cautions: ['Sodium: dry, no water near, goggles, shield and hood. The tube is plunged under a gauze, away from the face.'],
})

export const zincFusion = defineTest({
  id: 'zinc-fusion',
  title: 'Fusion with zinc and sodium carbonate',
  stage: 'elements',
  on: ['solid'],
  steps: [
    { do: 'fuse', into: from, with: 'zinc-carbonate', sample_mg: 80, tubes: 2, water_mL: 10, toFraction: 0.33, heating: 'red' },
    look('an extract that is clear and colourless', from),
    dip('red litmus paper', from),
  ],
  because:
    'Where sodium is not allowed, or would explode: zinc and carbonate make cyanide and halide, and leave sulfur on the filter as zinc sulfide.',
  minutes: 15,
  sources: ['middleton'],
  cautions: ['Red heat: goggles; the tube away from everybody.'],
})

export const sulfurInResidue = defineTest({
  id: 'sulfur-zinc-residue',
  title: 'Sulfur: residue of the zinc fusion',
  stage: 'elements',
  on: ['solid'],
  steps: [
    { do: 'fuse', into: 'ZE', with: 'zinc-carbonate', sample_mg: 50, heating: 'red' },
    { do: 'add', to: 'ZE-residue', reagent: 'HCl dil', mL: 1 },
    { do: 'hold', over: 'ZE-residue', paper: 'lead acetate paper', for: 'the paper' },
  ],
  because: 'Zinc sulfide gives hydrogen sulfide with acid, which blackens lead acetate paper.',
  minutes: 12,
  sources: ['middleton'],
  cautions: ['Hydrogen sulfide: in the hood.'],
})

export const nitrogenByBlue = defineTest({
  id: 'nitrogen-blue',
  title: 'Nitrogen: Prussian blue',
  stage: 'elements',
  on: ['solution'],
  steps: [
    take(mL(0.5), from),
    add('FeSO4.7H2O solid', mg(40)),
    boil(1),
    shake(1),
    cool(),
    add('H2SO4 dil', drops(14)),
    look('blue'),
    boil(1),
    cool(),
    add('FeCl3 0.1 M', drops(16)),
    look('blue'),
  ],
  because:
    'Cyanide takes up iron(II) in the alkaline boil; with the iron(III) that air makes, the acid brings down Prussian blue. Where sulfur is there its hydrogen sulfide eats the iron(III): boiled off, a drop of iron(III) brings the blue.',
  minutes: 5,
  sources: ['vogel-organic'],
  cautions: ['The extract holds cyanide: acid only after the boil with iron, in the hood.'],
})

export const sulfurByNitroprusside = defineTest({
  id: 'sulfur-nitroprusside',
  title: 'Sulfur: nitroprusside',
  stage: 'elements',
  on: ['solution'],
  steps: [take(mL(0.2), from), add('water', mL(0.5)), add('sodium nitroprusside', drops(2)), look('violet')],
  because: 'Sulfide turns nitroprusside violet, in alkali only.',
  minutes: 2,
  sources: ['vogel-organic', 'feigl'],
})

export const sulfurByLead = defineTest({
  id: 'sulfur-lead',
  title: 'Sulfur: lead acetate',
  stage: 'elements',
  on: ['solution'],
  steps: [take(mL(0.3), from), add('acetic acid 2 M', drops(10)), add('lead acetate', drops(3)), look('black')],
  because: 'Sulfide blackens lead in acetic acid, which keeps the hydroxide from falling.',
  minutes: 2,
  sources: ['vogel-organic'],
  cautions: ['Acid frees hydrogen cyanide and hydrogen sulfide: in the hood.'],
})

export const nitrogenWithSulfur = defineTest({
  id: 'nitrogen-with-sulfur',
  title: 'Nitrogen with sulfur: iron(III)',
  stage: 'elements',
  on: ['solution'],
  steps: [take(mL(0.3), from), add('HCl dil', drops(10)), add('FeCl3 0.1 M', drops(2)), look('red')],
  because: 'Where sodium ran short nitrogen and sulfur stay together as thiocyanate: red. No red excludes nothing.',
  minutes: 2,
  sources: ['vogel-organic'],
  cautions: ['Acid frees hydrogen cyanide and hydrogen sulfide: in the hood.'],
})

export const halogenBySilver = defineTest({
  id: 'halogen-silver',
  title: 'Halogens: silver nitrate',
  stage: 'elements',
  on: ['solution'],
  steps: [
    take(mL(0.5), from),
    add('HNO3 dil', drops(11)),
    boil(3),
    add('silver nitrate', drops(4)),
    look('precipitate'),
    add('NH3 2 M', drops(20)),
    asks(look('whether it dissolves'), 'solubility'),
  ],
  because: 'Boiling with nitric acid drives out cyanide and sulfide, which silver would answer too; colour and ammonia tell the halides apart.',
  minutes: 6,
  sources: ['vogel-organic'],
  relies: ['cyanide and sulfide boiled out'],
  cautions: ['Hydrogen cyanide and hydrogen sulfide boil off: in the hood.'],
})

export const halogenByLayer = defineTest({
  id: 'halogen-layer',
  title: 'Bromine or iodine: a layer',
  stage: 'elements',
  on: ['solution'],
  steps: [
    take(mL(0.5), from),
    add('H2SO4 dil', drops(14)),
    boil(3),
    cool(),
    add('dichloromethane', mL(0.5)),
    add('chlorine water', drops(3)),
    shake(0.5),
    look('the layer'),
    add('chlorine water', drops(16)),
    shake(0.5),
    look('the layer'),
  ],
  because: 'Chlorine frees iodine, violet in the lower layer, then bromine, brown. Too much takes iodine on to colourless iodate.',
  minutes: 8,
  sources: ['vogel-organic'],
  relies: ['cyanide and sulfide boiled out'],
  cautions: ['Chlorine water in measured drops, in the hood.'],
})

export const chlorineBeside = defineTest({
  id: 'chlorine-beside',
  title: 'Chlorine beside bromine or iodine',
  stage: 'elements',
  on: ['solution'],
  steps: [
    take(mL(0.5), from),
    add('HNO3 dil', drops(14)),
    add('NaNO2 1 M', drops(6)),
    boil(4),
    add('KMnO4 0.1 M', drops(18)),
    boil(6),
    add('H2O2 3 %', drops(16)),
    add('HNO3 dil', drops(12)),
    spin(),
    addTo(BESIDE, 'silver nitrate', drops(3)),
    look('precipitate', BESIDE),
  ],
  because:
    'Nitrite frees iodine, which permanganate would take on to iodate, and permanganate bromine; both boil off. In little acid chloride stays, and silver then shows it by itself, in the clear liquid: sulfur that sulfide left is spun off first.',
  minutes: 15,
  sources: ['vogel-organic'],
  cautions: ['Bromine and iodine boil off: in the hood.'],
})

export const bromineBeside = defineTest({
  id: 'bromine-beside',
  title: 'Bromine beside iodine',
  stage: 'elements',
  on: ['solution'],
  steps: [
    take(mL(0.5), from),
    add('H2SO4 dil', drops(14)),
    add('NaNO2 1 M', drops(6)),
    boil(5),
    cool(),
    add('dichloromethane', mL(0.5)),
    add('chlorine water', drops(10)),
    shake(0.5),
    look('the layer'),
  ],
  because: 'Nitrite frees iodine and leaves bromide. With the iodine boiled off, chlorine colours the layer by bromine alone.',
  minutes: 10,
  sources: ['vogel-organic'],
  relies: ['iodine, cyanide and sulfide boiled out'],
  cautions: ['Iodine and brown fumes boil off, and chlorine water is poured: in the hood.'],
})

export const phosphorus = defineTest({
  id: 'phosphorus-molybdate',
  title: 'Phosphorus: molybdate',
  stage: 'elements',
  on: ['solution'],
  steps: [take(mL(0.4), from), add('HNO3 conc', mL(0.4)), boil(2), add('ammonium molybdate', mL(0.6)), warm(2), look('yellow')],
  because: 'Nitric acid takes phosphorus in the extract to phosphate: a yellow molybdate.',
  minutes: 6,
  sources: ['vogel-organic'],
  cautions: ['Concentrated nitric acid on the extract: in the hood.'],
})

export const fluorine = defineTest({
  id: 'fluorine-zirconium',
  title: 'Fluorine: zirconium-alizarin',
  stage: 'elements',
  on: ['solution'],
  steps: [
    take(mL(0.4), from),
    add('acetic acid 2 M', drops(12)),
    boil(3),
    add('HCl 2 M', drops(6)),
    add('zirconium-alizarin', drops(4)),
    look('red, or yellow'),
  ],
  because: 'Fluoride takes zirconium from its red lake and leaves the yellow dye. Copper shows no fluorine in the flame, silver none in the extract.',
  minutes: 6,
  sources: ['feigl-organic'],
  relies: ['cyanide and sulfide boiled out', 'no phosphorus: phosphate takes zirconium too'],
  cautions: ['Acid on the extract frees hydrogen cyanide and hydrogen sulfide: in the hood.'],
})

const solubility = (id: string, title: string, reagent: string, because: string, more: Partial<Test> = {}): Test =>
  defineTest({
    id,
    title,
    stage: 'solubility class',
    on: ['solid'],
    steps: [takeSolid(mg(30)), add(reagent, mL(1)), shake(1), asks(look('whether it dissolves'), 'solubility')],
    because,
    minutes: 2,
    sources: ['shriner'],
    ...more,
  })

export const inWater = solubility(
  'organic-in-water',
  'Solubility in water, and litmus',
  'water',
  'Few carbons and a polar group, or a salt; litmus tells acid from base.',
  {
    steps: [
      takeSolid(mg(30)),
      add('water', mL(1)),
      shake(1),
      asks(look('whether it dissolves'), 'solubility'),
      dip('blue litmus paper', THIS),
      dip('red litmus paper', THIS),
    ],
  },
)
export const inAlkali = solubility('organic-in-alkali', 'Solubility in 5 % sodium hydroxide', 'NaOH 5 %', 'Alkali takes up acids and phenols.')
export const inHydrogencarbonate = defineTest({
  ...solubility(
    'organic-in-hydrogencarbonate',
    'Sodium hydrogencarbonate',
    'NaHCO3 5 %',
    'Hydrogencarbonate takes up acids, with a fizz, and leaves plain phenols.',
  ),
  steps: [takeSolid(mg(30)), add('NaHCO3 5 %', mL(1)), asks(look('fizz'), 'gas'), shake(1), asks(look('whether it dissolves'), 'solubility')],
})
export const inAcid = solubility('organic-in-acid', 'Solubility in 5 % hydrochloric acid', 'HCl 5 %', 'Acid takes up amines.')
export const inEther = solubility(
  'organic-in-ether',
  'Solubility in ethyl acetate',
  'ethyl acetate',
  'What water takes and an organic solvent does not is a salt, a sugar or a zwitterion. Ethyl acetate serves for ether.',
)
export const inSulfuricAcid = solubility(
  'organic-in-sulfuric-acid',
  'Cold concentrated sulfuric acid',
  'H2SO4 conc',
  'It takes up all that has oxygen, nitrogen or a double bond: what stays out is a saturated or aromatic hydrocarbon, or its halide. A colour is not solubility.',
  {
    cautions: ['A drop first: some compounds react violently.'],
  },
)

const functional = (id: string, title: string, steps: readonly TestStep[], because: string, minutes: number, more: Partial<Test> = {}): Test =>
  defineTest({ id, title, stage: 'functional groups', on: ['solid'], steps, because, minutes, sources: ['vogel-organic', 'shriner'], ...more })

export const bromine = functional(
  'bromine-addition',
  'Bromine in dichloromethane',
  [
    takeSolid(mg(50)),
    add('dichloromethane', mL(1)),
    add('bromine in dichloromethane', drops(3)),
    shake(0.5),
    asks(look('colour, and fumes'), 'gas'),
    stand(2),
    asks(look('colour, and fumes'), 'gas'),
  ],
  'A double or triple bond takes the colour without fumes; acid fumes mean substitution.',
  4,
)
export const friedelCrafts = functional(
  'aluminium-chloride',
  'Aluminium chloride in chloroform',
  [takeSolid(mg(20)), add('aluminium chloride in chloroform', mL(0.5)), shake(0.5), look('colour')],
  'Aromatic hydrocarbons, their halides and ethers colour it at once: orange to red by a benzene ring, blue by naphthalene, purple by biphenyl. What is not aromatic hardly does, nor do rings with a group that draws electrons.',
  3,
  {
    relies: ['aluminium chloride sublimed fresh, and everything dry', 'a compound that concentrated sulfuric acid does not take up'],
    cautions: ['Hydrogen chloride comes off; what is left is destroyed in ice water, drop by drop.'],
    sources: ['shriner'],
  },
)
export const permanganate = functional(
  'permanganate-baeyer',
  'Cold dilute permanganate',
  [takeSolid(mg(30)), add('water', mL(1)), add('acetone', drops(8)), add('potassium permanganate', drops(5)), shake(1), look('violet or brown')],
  'Double and triple bonds, and all that is easily oxidised, turn violet to brown.',
  3,
  { relies: ['no aldehyde, phenol or alcohol as solvent'] },
)
export const silverInEthanol = functional(
  'silver-nitrate-in-ethanol',
  'Silver nitrate in ethanol',
  [
    takeSolid(mg(30)),
    add('silver nitrate in ethanol', mL(1)),
    shake(1),
    look('precipitate'),
    stand(5),
    look('precipitate'),
    boil(3),
    look('precipitate'),
  ],
  'Tertiary, allylic and benzylic halides answer in the cold, primary and secondary ones when warm, aryl and vinyl halides never.',
  10,
)
export const iodideInAcetone = functional(
  'sodium-iodide-in-acetone',
  'Sodium iodide in acetone',
  [takeSolid(mg(50)), add('sodium iodide in acetone', mL(1)), shake(0.5), stand(3), look('precipitate'), warm(6), look('precipitate')],
  'Primary bromides answer in the cold, primary chlorides at 50 °C, aryl halides never.',
  11,
  { relies: ['dry acetone'] },
)
export const lucas = functional(
  'lucas',
  'Lucas test',
  [takeSolid(mg(50)), add('Lucas reagent', mL(1)), shake(0.3), look('clouding'), stand(6), look('clouding')],
  'For alcohols that dissolve in it: tertiary cloud at once, secondary in minutes, primary not.',
  8,
)
export const chromicAcid = functional(
  'chromic-acid',
  'Chromic acid',
  [
    takeSolid(mg(30)),
    add('acetone', mL(1)),
    add('chromic acid reagent', drops(1)),
    shake(0.1),
    look('orange or green'),
    stand(1),
    look('orange or green'),
  ],
  'Primary and secondary alcohols turn it blue-green within seconds, aldehydes within a minute; tertiary alcohols and ketones do not.',
  3,
)
export const ceric = functional(
  'ceric-nitrate',
  'Ceric ammonium nitrate',
  [takeSolid(mg(50)), add('water', mL(0.5)), add('ceric ammonium nitrate', mL(0.5)), shake(0.3), look('red or brown')],
  'Alcohols of up to ten carbons turn it from yellow to red, phenols brown.',
  3,
)
export const ferricChloride = functional(
  'ferric-chloride-phenol',
  'Iron(III) chloride',
  [takeSolid(mg(20)), add('ethanol', mL(0.5)), add('water', mL(1)), add('FeCl3 0.1 M', drops(2)), look('violet, blue, green or red')],
  'Most phenols and enols give a colour.',
  2,
)
export const dinitrophenylhydrazine = functional(
  'dinitrophenylhydrazine',
  '2,4-Dinitrophenylhydrazine',
  [takeSolid(mg(20)), add('2,4-dinitrophenylhydrazine', mL(1)), shake(1), look('precipitate'), stand(10), look('precipitate')],
  'Aldehydes and ketones give a yellow to red precipitate: redder where they are conjugated.',
  12,
)
export const tollens = functional(
  'tollens',
  'Ammoniacal silver',
  [takeSolid(mg(20)), add('Tollens reagent', mL(1)), shake(0.3), stand(1), look('mirror or grey'), warm(4), look('mirror or grey')],
  'Aldehydes, and whatever reduces easily, give a mirror.',
  7,
  { cautions: ['Make it acid at once afterwards and pour it away: on standing it may explode.'] },
)
export const fehling = functional(
  'fehling',
  'Fehling’s solution',
  [takeSolid(mg(30)), add('Fehling solution', mL(1)), boil(4), look('red precipitate')],
  'Aliphatic aldehydes and reducing sugars give red copper(I) oxide; aromatic aldehydes do not.',
  6,
)
export const benedict = functional(
  'benedict',
  'Benedict’s solution',
  [takeSolid(mg(30)), add('Benedict solution', mL(1)), boil(5), look('red precipitate')],
  'Reducing sugars and hydroxy ketones give red copper(I) oxide.',
  7,
)
export const barfoed = functional(
  'barfoed',
  'Barfoed’s reagent',
  [takeSolid(mg(30)), add('Barfoed reagent', mL(1)), boil(2), look('red precipitate'), boil(10), look('red precipitate')],
  'Monosaccharides reduce copper acetate within two minutes, disaccharides late.',
  14,
)
export const schiff = functional(
  'schiff',
  'Schiff’s reagent',
  [takeSolid(mg(10)), add('Schiff reagent', mL(1)), shake(0.5), stand(3), look('magenta')],
  'Aldehydes bring the magenta back; it must not be warmed.',
  5,
)
export const bisulfite = functional(
  'bisulfite',
  'Saturated hydrogensulfite',
  [takeSolid(mg(100)), add('saturated sodium hydrogensulfite', mL(1)), shake(2), look('crystals')],
  'Aldehydes, methyl ketones and small ring ketones give crystals.',
  4,
)
export const iodoform = functional(
  'iodoform',
  'Iodoform',
  [takeSolid(mg(20)), add('NaOH 5 %', mL(1)), add('iodine solution', mL(2)), shake(1), look('yellow'), warm(4), look('yellow')],
  'Methyl ketones, ethanol and secondary methyl carbinols give yellow iodoform.',
  8,
)
export const hydroxamate = functional(
  'hydroxamate',
  'Iron hydroxamate',
  [
    takeSolid(mg(40)),
    add('hydroxylamine hydrochloride', mL(1)),
    add('NaOH 6 M', drops(6)),
    boil(2),
    cool(),
    add('HCl dil', drops(24)),
    add('FeCl3 0.1 M', drops(3)),
    look('magenta'),
  ],
  'Esters, anhydrides and acid chlorides give magenta; phenols must be excluded first by iron(III) alone.',
  7,
  { relies: ['no colour with plain iron(III) chloride'] },
)
export const amideByAlkali = functional(
  'amide-alkali',
  'Boiling with alkali',
  [takeSolid(mg(50)), add('NaOH 6 M', mL(1)), boil(3), hold('red litmus paper'), smell(), boil(12), hold('red litmus paper')],
  'Ammonium salts, amides and imides give off ammonia, nitriles only after long boiling; substituted amides their amine.',
  17,
)
export const nitrousAcid = functional(
  'nitrous-acid',
  'Nitrous acid, then 2-naphthol',
  [
    takeSolid(mg(50)),
    add('HCl dil', mL(1.5)),
    iced(),
    add('sodium nitrite', drops(12)),
    shake(1),
    asks(look('gas, oil or colour'), 'gas'),
    add('alkaline 2-naphthol', mL(1)),
    look('red dye'),
  ],
  'Aromatic primary amines couple to a red dye, aliphatic ones give off nitrogen, secondary ones a yellow oil.',
  8,
  { cautions: ['Nitrosamines cause cancer: gloves, hood, small amounts.'] },
)
export const hinsberg = functional(
  'hinsberg',
  'Benzenesulfonyl chloride',
  [
    takeSolid(mg(50)),
    add('NaOH 2 M', mL(2)),
    add('benzenesulfonyl chloride', drops(2)),
    shake(5),
    warm(6),
    cool(),
    look('solid or oil'),
    add('HCl dil', mL(2.5)),
    look('solid'),
  ],
  'Primary amines dissolve in the alkali and fall with acid, secondary ones stay out, tertiary ones do not react.',
  14,
)
export const carbylamine = functional(
  'carbylamine',
  'Isocyanide test',
  [takeSolid(mg(20)), add('chloroform', drops(2)), add('ethanol', mL(0.5)), add('NaOH 6 M', mL(0.5)), warm(2), smell()],
  'Primary amines give an isocyanide whose stink cannot be mistaken. Other tests serve as well and are less foul.',
  4,
  { cautions: ['Isocyanides are poisonous: a trace, in the hood, destroyed with acid.'] },
)
export const bromineWater = functional(
  'bromine-water',
  'Bromine water',
  [takeSolid(mg(15)), add('water', mL(1)), shake(0.5), add('bromine water', drops(14)), shake(0.3), look('colour and precipitate')],
  'Phenols and aromatic amines take the colour and give a white precipitate.',
  3,
)
export const ferrousHydroxide = functional(
  'ferrous-hydroxide',
  'Iron(II) hydroxide',
  [takeSolid(mg(10)), add('FeSO4 0.5 M', mL(0.7)), add('KOH conc', drops(8)), shake(0.3), look('green or red-brown')],
  'Nitro compounds turn the green hydroxide red-brown within a minute; later it is air.',
  3,
  { relies: ['fresh iron(II), read within a minute beside a blank'] },
)
export const mullikenBarker = functional(
  'mulliken-barker',
  'Zinc and ammonium chloride, then silver',
  [
    takeSolid(mg(30)),
    add('ethanol', mL(0.5)),
    add('ammonium chloride 1 M', mL(1)),
    add('Zn', mg(60)),
    boil(4),
    spin(),
    { do: 'add', to: `${THIS}-b`, reagent: 'Tollens reagent', mL: 1 },
    look('grey or black', `${THIS}-b`),
  ],
  'Zinc takes nitro to hydroxylamine, which reduces silver in the cold.',
  9,
)
export const phthalein = functional(
  'phthalein',
  'Phthalein melt',
  [takeSolid(mg(30)), add('phthalic anhydride', mg(40)), add('H2SO4 conc', drops(2)), boil(2), cool(), add('NaOH 2 M', mL(3)), look('colour')],
  'Phenols give indicators whose colour in alkali tells them apart.',
  7,
)
export const molisch = functional(
  'molisch',
  'Molisch’s test',
  [takeSolid(mg(20)), add('water', mL(1)), add('1-naphthol in ethanol', drops(2)), shake(0.2), add('H2SO4 conc', mL(1)), asks(look('ring'), 'ring')],
  'Carbohydrates give a violet ring.',
  4,
)
export const osazone = functional(
  'osazone',
  'Osazone',
  [takeSolid(mg(50)), add('water', mL(1)), add('phenylhydrazine hydrochloride', mL(1)), boil(6), look('crystals'), boil(20), look('crystals')],
  'Reducing sugars give yellow crystals; how soon tells them apart.',
  29,
)
export const starchIodine = functional(
  'starch-iodine',
  'Iodine',
  [takeSolid(mg(10)), add('water', mL(2)), shake(0.5), add('iodine solution', drops(1)), look('blue')],
  'Starch goes blue-black.',
  2,
)
export const biuret = functional(
  'biuret',
  'Biuret test',
  [takeSolid(mg(50)), add('NaOH 2 M', mL(2)), add('CuSO4 0.1 M', drops(2)), shake(0.3), look('violet')],
  'Two amide links near each other give violet.',
  3,
)
export const ninhydrin = functional(
  'ninhydrin',
  'Ninhydrin',
  [takeSolid(mg(5)), add('water', mL(1)), add('ninhydrin', mL(0.5)), boil(2), look('blue-violet')],
  'Amino acids go blue-violet, proline yellow.',
  4,
)
export const ehrlich = functional(
  'ehrlich',
  '4-Dimethylaminobenzaldehyde in acid',
  [takeSolid(mg(5)), add('4-dimethylaminobenzaldehyde', mL(1)), shake(0.3), look('colour, cold'), warm(3), look('colour, warm')],
  'Pyrroles and indoles turn it violet-red, furans orange-red when warmed; aromatic amines and urea only yellow or orange.',
  5,
  { relies: ['a blank beside it, warmed as long'], sources: ['feigl-organic'] },
)
export const amideByAcid = functional(
  'amide-acid',
  'Boiled with concentrated hydrochloric acid; nitrous acid, then 2-naphthol',
  [
    takeSolid(mg(50)),
    add('HCl conc', mL(0.5)),
    boil(10),
    // Much of the acid has boiled off.
    add('HCl dil', mL(1)),
    iced(),
    add('sodium nitrite', drops(12)),
    shake(1),
    add('alkaline 2-naphthol', mL(2)),
    look('red dye'),
  ],
  'An anilide gives up its aromatic amine, which then couples to a red dye; amides of other amines do not.',
  18,
  {
    relies: ['no red dye without the boiling: an aromatic amine answers by itself'],
    cautions: ['Hydrochloric acid boiled: in the hood. Nitrosamines may form and cause cancer: gloves, small amounts.'],
  },
)
export const oxidisedThenHydrazine = functional(
  'oxidised-then-hydrazine',
  'A little chromic acid, then 2,4-dinitrophenylhydrazine',
  [
    takeSolid(mg(30)),
    add('acetic acid conc', mL(0.5)),
    add('chromic acid reagent', drops(3)),
    shake(1),
    warm(2),
    add('water', mL(0.5)),
    add('2,4-dinitrophenylhydrazine', mL(1)),
    stand(3),
    look('precipitate'),
  ],
  'A secondary alcohol is taken to its ketone, which gives the yellow hydrazone; a primary one goes on to the acid and gives none, a tertiary one is left. It serves where the alcohol does not dissolve in Lucas’s reagent.',
  8,
  { relies: ['no precipitate without the oxidation', 'the orange used up before the hydrazine is added'] },
)
export const alkoxyl = functional(
  'alkoxyl',
  'Hydriodic acid, the vapour on mercury paper',
  [takeSolid(mg(100)), add('acetic acid conc', mL(0.5)), add('hydriodic acid', mL(1)), boil(8), hold('mercury(II) nitrate paper')],
  'Methyl and ethyl on oxygen go off as iodides, which turn the paper orange: of ethers, and of esters too; the hydroxamate test tells those.',
  12,
  {
    relies: ['a plug of wool wet with lead acetate in the mouth of the tube, which holds back hydrogen iodide and hydrogen sulfide'],
    cautions: ['Iodomethane and mercury salts are poisonous: in the hood, gloves.'],
    sources: ['shriner'],
  },
)
export const leadMercaptide = functional(
  'lead-mercaptide',
  'Lead acetate in ethanol',
  [takeSolid(mg(20)), add('lead acetate in ethanol', mL(1)), shake(0.3), look('yellow')],
  'Thiols give a yellow precipitate.',
  2,
)
