import {
  asks,
  add,
  addTo,
  BESIDE,
  boil,
  cool,
  defineTest,
  drops,
  hold,
  lead,
  look,
  mL,
  shake,
  stand,
  take,
  THIS,
  warm,
  type Test,
  type TestStep,
} from '../types'

/** An anion's reaction, on 1 mL of the solution. */
const anion = (test: Omit<Test, 'stage' | 'on' | 'sources'>): Test =>
  defineTest({ ...test, stage: 'anion tests', on: ['solution'], sources: ['vogel7'], steps: [take(mL(1)), ...test.steps] })
const strew = (reagent: string, amount: number): TestStep => ({ do: 'add', to: THIS, reagent, mg: amount })

export const bariumNeutral = anion({
  id: 'barium-chloride-neutral',
  title: 'Barium chloride, then hydrochloric acid',
  steps: [add('BaCl2 0.1 M', drops(6)), look('precipitate, its colour'), add('HCl 2 M', drops(15)), look('does it dissolve in acid')],
  because: 'Sulfite, carbonate, phosphate, oxalate and fluoride come down and dissolve in acid; chromate comes down yellow; sulfate stays.',
  minutes: 3,
})

export const permanganateCold = anion({
  id: 'permanganate-in-acid',
  title: 'Permanganate in dilute sulfuric acid, cold, then warm',
  steps: [
    add('H2SO4 1 M', drops(10)),
    add('KMnO4 0.02 M', drops(2)),
    look('is the violet bleached, cold'),
    warm(2),
    look('is the violet bleached, warm'),
  ],
  because: 'Sulfite, sulfide, thiosulfate, nitrite, iodide, bromide and hexacyanoferrate(II) bleach it cold; oxalate only warm.',
  relies: ['acid'],
  minutes: 4,
})

export const iodineBleached = anion({
  id: 'iodine-bleached',
  title: 'Dilute iodine solution',
  steps: [add('iodine solution 0.005 M', drops(4)), look('is the brown bleached')],
  because: 'Sulfite, sulfide, thiosulfate and arsenite take the colour.',
  relies: ['neutral solution: alkali bleaches iodine by itself'],
  minutes: 2,
})

export const acidIodide = anion({
  id: 'iodide-in-acid',
  title: 'Potassium iodide in dilute sulfuric acid, shaken with dichloromethane',
  steps: [add('H2SO4 1 M', drops(6)), add('KI 0.1 M', drops(5)), add('dichloromethane', mL(0.5)), shake(1), look('colour of the layer below')],
  because:
    'Nitrite, chromate, permanganate, bromate, iodate, hexacyanoferrate(III), arsenate and copper set iodine free; nitrate and chlorate do not in the cold.',
  relies: ['a blank: old iodide is yellow by itself'],
  minutes: 4,
})

export const layerTest = anion({
  id: 'layer-test',
  title: 'Chlorine water and dichloromethane',
  steps: [
    add('H2SO4 1 M', drops(4)),
    add('dichloromethane', mL(1)),
    add('chlorine water', drops(3)),
    shake(1),
    look('colour of the layer below'),
    add('chlorine water', mL(3)),
    shake(1),
    look('colour of the layer below after more'),
  ],
  because: 'Iodine is violet in the layer and goes with more chlorine; bromine is brown and stays. A colourless layer proves nothing.',
  relies: ['chlorine water drop by drop', 'acid'],
  minutes: 5,
})

export const brownRing = anion({
  id: 'brown-ring',
  title: 'Brown ring: iron(II) sulfate, concentrated sulfuric acid let down the wall',
  steps: [
    add('FeSO4 sat', mL(1)),
    look('colour of the liquid before the acid'),
    add('H2SO4 conc', mL(1)),
    asks(look('ring where the liquids meet'), 'ring'),
  ],
  because: 'Nitrate gives a brown ring; nitrite browns the liquid before the acid.',
  relies: ['fresh iron(II) sulfate', 'not shaken, and cold', 'nitrite, iodide, bromide, chromate and thiocyanate ruled out'],
  minutes: 5,
  cautions: ['Concentrated sulfuric acid down the wall of a slanted tube, goggles on: the tube gets hot.'],
})

export const nitriteIron = anion({
  id: 'nitrite-by-iron',
  title: 'Acetic acid and iron(II) sulfate',
  steps: [add('acetic acid 2 M', drops(6)), add('FeSO4 sat', drops(6)), look('colour of the liquid')],
  because: 'Nitrite browns with weak acid; nitrate does not.',
  minutes: 2,
})

export const devarda = anion({
  id: 'devarda',
  title: 'Devarda’s alloy and strong alkali, warmed, red litmus',
  steps: [
    add('NaOH 6 M', mL(1)),
    boil(2),
    hold('red litmus paper'),
    strew('Devarda alloy', 30),
    warm(2),
    { do: 'hold', over: THIS, paper: 'red litmus paper', for: 'the paper, with the alloy' },
  ],
  because: 'Nitrate and nitrite are reduced to ammonia; ammonium salts give theirs without the alloy, and are boiled out first.',
  relies: ['ammonium boiled out first', 'the paper not touched by spray'],
  minutes: 8,
})

export const nitroprusside = anion({
  id: 'nitroprusside',
  title: 'Sodium nitroprusside in alkali',
  steps: [add('NaOH 2 M', drops(3)), add('nitroprusside', drops(3)), look('colour of the liquid')],
  because: 'Sulfide gives a violet that fades.',
  relies: ['alkaline: acid gives nothing'],
  minutes: 2,
})

export const leadAcetate = anion({
  id: 'lead-acetate',
  title: 'Lead acetate, then acetic acid',
  steps: [add('lead acetate', drops(5)), look('precipitate, its colour'), add('acetic acid 2 M', drops(15)), look('does it dissolve in acetic acid')],
  because: 'Sulfide black, chromate yellow, iodide yellow; white ones part by acetic acid.',
  minutes: 3,
})

export const cadmiumCarbonate = anion({
  id: 'cadmium-carbonate',
  title: 'Shaken with cadmium carbonate',
  steps: [strew('CdCO3', 60), shake(2), look('colour of the solid')],
  because: 'Sulfide alone turns it yellow; sulfite and thiosulfate stay in the liquid and are tested there.',
  minutes: 4,
})

export const dichromateForSulfite = anion({
  id: 'dichromate-in-acid',
  title: 'Dichromate in dilute sulfuric acid',
  steps: [add('H2SO4 1 M', drops(12)), add('K2Cr2O7 0.1 M', drops(2)), look('colour of the liquid')],
  because: 'Sulfite, thiosulfate, sulfide and nitrite turn the orange green; oxalate does not in the cold.',
  minutes: 2,
})

export const thiosulfateAcid = anion({
  id: 'acid-and-standing',
  title: 'Dilute hydrochloric acid, left to stand',
  steps: [add('HCl 2 M', drops(10)), asks(look('does it cloud; gas'), 'gas'), stand(2), look('does it cloud by now')],
  because: 'Thiosulfate clouds with sulfur within half a minute; sulfite does not; silicate gels.',
  minutes: 4,
})

export const silverStanding = anion({
  id: 'silver-nitrate-standing',
  title: 'Silver nitrate, then left to stand',
  steps: [add('AgNO3 0.1 M', drops(15)), look('precipitate, its colour'), stand(2), look('does its colour change')],
  because: 'Thiosulfate comes down white and goes yellow, brown, black; sulfide is black at once.',
  minutes: 4,
})

export const oxalateByPermanganate = anion({
  id: 'oxalate-by-permanganate',
  title: 'Calcium chloride and acetic acid, the precipitate with acid permanganate',
  steps: [
    add('acetic acid 2 M', drops(10)),
    add('CaCl2 0.5 M', drops(6)),
    look('precipitate in acetic acid'),
    add('H2SO4 1 M', mL(1)),
    add('KMnO4 0.02 M', drops(3)),
    look('colour, cold'),
    warm(2),
    look('colour, warm'),
  ],
  because: 'Calcium oxalate comes down from acetic acid and bleaches warm permanganate; fluoride comes down and does not.',
  minutes: 6,
})

export const zirconiumAlizarin = anion({
  id: 'zirconium-alizarin',
  title: 'Zirconium-alizarin',
  steps: [add('HCl 2 M', drops(5)), add('zirconium-alizarin', drops(6)), look('colour of the liquid')],
  because: 'Fluoride takes the zirconium from the red lake, which goes yellow.',
  relies: ['strong acid', 'oxalate, phosphate, sulfate in plenty and arsenate do likewise'],
  minutes: 2,
})

export const silicateGel = anion({
  id: 'ammonium-chloride-gel',
  title: 'Ammonium chloride, then warmed',
  steps: [add('NH4Cl 5 M', drops(15)), look('precipitate, its habit'), warm(2), look('precipitate, its habit, warm')],
  because: 'Silicate comes down as a jelly.',
  minutes: 4,
})

export const molybdateWarm = anion({
  id: 'molybdate-warm',
  title: 'Nitric acid and ammonium molybdate, just warm',
  steps: [
    add('HNO3 conc', drops(10)),
    add('NH4NO3 1 M', drops(10)),
    add('ammonium molybdate', mL(1)),
    warm(2),
    look('yellow precipitate, or yellow liquid'),
  ],
  because: 'Phosphate gives a yellow precipitate when just warm, arsenate only when boiled, silicate a yellow liquid.',
  minutes: 5,
})

export const chlorateReduced = anion({
  id: 'chlorate-reduced',
  title: 'Silver nitrate, then sulfur dioxide water',
  steps: [
    add('HNO3 2 M', drops(5)),
    add('AgNO3 0.1 M', drops(5)),
    look('precipitate at first'),
    add('SO2 water sat', drops(15)),
    warm(2),
    look('curdy precipitate after reduction'),
  ],
  because: 'Chlorate gives nothing with silver until it is reduced to chloride.',
  relies: ['chloride, bromide, iodide and thiocyanate removed first'],
  minutes: 6,
})

export const citrateHot = anion({
  id: 'calcium-chloride-boiled',
  title: 'Calcium chloride, cold, then boiled',
  steps: [add('NaOH 0.1 M', drops(2)), add('CaCl2 0.5 M', drops(10)), look('precipitate, cold'), boil(2), look('precipitate, hot'), cool()],
  because: 'Tartrate comes down in the cold on standing, citrate only when boiled.',
  minutes: 6,
})

export const thiocyanateIron = anion({
  id: 'iron-iii-and-acid',
  title: 'Iron(III) chloride with hydrochloric acid',
  steps: [add('HCl 2 M', drops(5)), add('FeCl3 0.1 M', drops(4)), look('colour of the liquid; precipitate')],
  because: 'Thiocyanate deep red, hexacyanoferrate(II) deep blue, hexacyanoferrate(III) brown; the acid keeps acetate and phosphate from answering.',
  minutes: 2,
})

export const thiocyanateBesideIodide = defineTest({
  id: 'thiocyanate-beside-iodide',
  title: 'Iron(III) chloride to spare, shaken with dichloromethane',
  stage: 'anion tests',
  on: ['solution'],
  sources: ['vogel7'],
  steps: [
    take(drops(3)),
    add('HCl 2 M', drops(5)),
    add('water', mL(2)),
    add('FeCl3 0.1 M', mL(1)),
    add('dichloromethane', mL(1)),
    shake(1),
    look('colour of the water, and of the layer below'),
  ],
  because:
    'Iodide uses up a little iron(III) and is oxidised to iodine, which hides the red of thiocyanate: with iron to spare the iodine goes into the layer, and the water above it stays red where there is thiocyanate.',
  relies: ['iron(III) in excess of the iodide', 'fluoride, phosphate and oxalate hold iron(III) and pale the red'],
  minutes: 4,
})

export const ironSulfate = anion({
  id: 'iron-ii-sulfate-test',
  title: 'Iron(II) sulfate',
  steps: [add('HCl 2 M', drops(2)), add('FeSO4 0.1 M', drops(5)), look('colour of the liquid; precipitate')],
  because: 'Hexacyanoferrate(III) deep blue, hexacyanoferrate(II) white going blue.',
  minutes: 2,
})

export const nitrateBesideNitrite = anion({
  id: 'sulfamic-acid-then-brown-ring',
  title: 'Sulfamic acid to destroy nitrite, then the brown ring',
  steps: [
    add('sulfamic acid', mL(1)),
    asks(look('gas'), 'gas'),
    warm(2),
    cool(),
    add('KI 0.1 M', drops(1)),
    look('colour: is nitrite gone'),
    add('FeSO4 sat', mL(1)),
    add('H2SO4 conc', mL(1)),
    asks(look('ring where the liquids meet'), 'ring'),
  ],
  because: 'Nitrite answers the brown ring too; once it is gone the ring is nitrate’s.',
  minutes: 8,
})

export const acidGasFromSolution = anion({
  id: 'acid-gas-from-solution',
  title: 'Peroxide, then acid; the gas into lime water',
  steps: [
    add('H2O2 3 %', drops(8)),
    add('H2SO4 1 M', drops(16)),
    asks(look('gas'), 'gas'),
    addTo(BESIDE, 'lime water', mL(1)),
    { do: 'boil', vessel: THIS, minutes: 1 },
    lead(BESIDE),
    asks(look('the lime water', BESIDE), 'lime-water'),
  ],
  because: 'Peroxide keeps sulfite, sulfide and thiosulfate back as sulfate, so that only carbonate milks the lime water.',
  relies: ['enough peroxide'],
  minutes: 5,
})

export const vinegarFromSolution = anion({
  id: 'vinegar-from-solution',
  title: 'Peroxide, sulfuric acid, warmed and smelt',
  steps: [
    add('H2O2 3 %', drops(14)),
    add('H2SO4 1 M', drops(20)),
    { do: 'boil', vessel: THIS, minutes: 1 },
    { do: 'smell', at: THIS, for: 'the smell, wafted' },
  ],
  because: 'Acetate smells of vinegar; peroxide keeps sulfur dioxide from hiding it.',
  minutes: 5,
  cautions: ['Not beside thiocyanate or hexacyanoferrate: hot acid and peroxide set hydrogen cyanide free. They are taken out with silver first.'],
})

export const vinegarBesideHalides = anion({
  id: 'vinegar-beside-halides',
  title: 'Acid, silver nitrate in excess; the clear liquid with peroxide, boiled and smelt',
  steps: [
    take(mL(2)),
    add('H2SO4 1 M', drops(20)),
    add('sulfamic acid', drops(16)),
    add('AgNO3 0.5 M', mL(2.5)),
    { do: 'centrifuge', vessel: THIS, liquidInto: BESIDE },
    addTo(BESIDE, 'H2O2 3 %', drops(14)),
    { do: 'boil', vessel: BESIDE, minutes: 1 },
    { do: 'smell', at: BESIDE, for: 'the smell, wafted' },
  ],
  because:
    'Bromine, iodine and prussic acid hide the smell of vinegar: with bromide, iodide and thiocyanate out as silver salts, nitrite destroyed and sulfite made to sulfate, acetate is smelt.',
  relies: ['silver enough: no more comes down from the clear liquid', 'acid before silver, or silver acetate comes down too'],
  minutes: 7,
  cautions: [
    'No ethanol and no ammonia to what silver is left in: silver fulminate and fulminating silver explode. The waste goes to the silver residues, acid.',
  ],
})

export const esterFromSolution = anion({
  id: 'ester-from-solution',
  title: 'Soda, boiled down; ethanol and concentrated sulfuric acid, warmed and smelt',
  steps: [
    take(mL(2)),
    add('Na2CO3 0.5 M', mL(5)),
    { do: 'concentrate', vessel: THIS, toFraction: 0.07 },
    add('ethanol', mL(0.6)),
    add('H2SO4 conc', mL(0.5)),
    warm(3),
    add('water', mL(1.5)),
    { do: 'smell', at: THIS, for: 'the smell, wafted' },
  ],
  because: 'A dilute solution does not smell of vinegar: boiled down alkaline, acetate stays, and gives the fruity smell of its ester.',
  relies: ['soda enough that acetic acid does not boil off'],
  minutes: 9,
  cautions: [
    'Not beside chlorate, permanganate or chromate: concentrated acid with them and ethanol may explode.',
    'Ethanol burns: a water bath, no flame. Concentrated acid on a wet residue spits: drops. Waft.',
    'Nitrate and nitrite give brown fumes, which are poisonous, the harm hours later: in the hood.',
  ],
})

export const fluorideFromSolution = anion({
  id: 'fluoride-from-solution',
  title: 'Fluoride: soda, boiled down; concentrated sulfuric acid, a drop of water over it',
  steps: [
    take(mL(2)),
    add('Na2CO3 0.5 M', mL(5)),
    { do: 'concentrate', vessel: THIS, toFraction: 0.07 },
    add('H2SO4 conc', mL(1)),
    warm(3),
    { do: 'hold', over: THIS, rod: 'water', for: 'does the drop go milky' },
  ],
  because: 'Metals and phosphate hide fluoride in water, not in hot acid: the silicon fluoride it takes from the glass clouds a drop of water.',
  relies: ['little borate and silicate: they keep the fluoride as boron or silicon fluoride'],
  minutes: 11,
  cautions: [
    'Not beside chlorate or permanganate: concentrated acid with them may explode.',
    'The soda that is left fizzes hard, and the wet residue heats and spits, when concentrated acid comes to it: cooled first, drop by drop, the mouth of the tube away from faces, in the hood.',
    'Hydrogen fluoride burns deep: gloves, calcium gluconate gel at hand.',
  ],
})

export const borateFromSolution = anion({
  id: 'borate-from-solution',
  title: 'Boiled down, methanol and concentrated sulfuric acid, the vapour lit',
  steps: [
    { do: 'concentrate', vessel: THIS, toFraction: 0.2 },
    add('methanol', mL(1)),
    add('H2SO4 conc', mL(0.4)),
    { do: 'flame', from: THIS, support: 'mouth', for: 'edge of the flame at the mouth' },
  ],
  because: 'Borate burns with a green edge.',
  minutes: 8,
  cautions: ['Methanol burns: a small tube, the bottle closed and away from the flame.'],
})

export const borateAfterReduction = anion({
  id: 'borate-after-reduction',
  title: 'Sulfur dioxide until reduced, boiled down, methanol and concentrated sulfuric acid, the vapour lit',
  steps: [
    add('SO2 water', mL(2)),
    boil(2),
    { do: 'concentrate', vessel: THIS, toFraction: 0.2 },
    add('methanol', mL(1)),
    add('H2SO4 conc', mL(0.4)),
    { do: 'flame', from: THIS, support: 'mouth', for: 'edge of the flame at the mouth' },
  ],
  because:
    'Chlorate, permanganate and chromate are destroyed first, beside which concentrated acid must not be used: borate then burns with a green edge.',
  minutes: 10,
  cautions: [
    'Methanol burns: a small tube, the bottle closed and away from the flame.',
    'Not until the colour of permanganate or chromate is quite gone; sulfur dioxide is boiled off in the hood.',
  ],
})

export const chlorateBesideChloride = anion({
  id: 'chlorate-beside-chloride',
  title: 'Silver nitrate in excess, the clear liquid reduced',
  steps: [
    add('HNO3 2 M', drops(10)),
    boil(2),
    add('AgNO3 0.5 M', drops(16)),
    { do: 'centrifuge', vessel: THIS, liquidInto: BESIDE },
    addTo(BESIDE, 'SO2 water', drops(16)),
    { do: 'warm', vessel: BESIDE, minutes: 2 },
    addTo(BESIDE, 'HNO3 2 M', drops(10)),
    look('curdy precipitate after reduction', BESIDE),
  ],
  because: 'With the halides out as silver salts, what comes down after reduction was chlorate.',
  minutes: 8,
})

export const chlorideBesideOthers = anion({
  id: 'chloride-beside-bromide-and-iodide',
  title: 'Boiled with permanganate and nitric acid, peroxide, then silver nitrate',
  steps: [
    add('HNO3 2 M', drops(20)),
    add('KMnO4 0.1 M', drops(18)),
    boil(6),
    add('H2O2 3 %', drops(16)),
    look('is the violet gone'),
    add('AgNO3 0.1 M', drops(8)),
    look('precipitate, its colour'),
  ],
  because: 'Bromide and iodide leave as bromine and iodate or iodine, thiocyanate as sulfate; chloride stays and is found.',
  relies: ['dilute acid, or chloride goes too'],
  minutes: 10,
})
