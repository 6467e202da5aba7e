import { asks, BESIDE, THIS, add, addTo, boil, cool, defineTest, drops, look, mL, mg, spin, take, type Test } from '../types'

/** A cation's own reaction, on 1 mL of the solution. */
const proof = (test: Omit<Test, 'stage' | 'on'>): Test =>
  defineTest({ ...test, stage: 'confirmation', on: ['solution'], steps: [take(mL(1)), ...test.steps] })

export const hexacyanoferrateIII = proof({
  id: 'hexacyanoferrate-iii',
  title: 'Potassium hexacyanoferrate(III)',
  steps: [add('K3Fe(CN)6 0.1 M', drops(4)), look('precipitate, its colour; colour of the liquid')],
  because: 'Iron(II) gives deep blue; iron(III) only browns the liquid.',
  relies: ['a fresh reagent, acid rather than alkaline'],
  minutes: 2,
  sources: ['vogel7'],
})

export const chromate = proof({
  id: 'potassium-chromate',
  title: 'Potassium chromate, then alkali',
  steps: [add('K2CrO4 0.1 M', drops(6)), look('precipitate, its colour'), add('NaOH 6 M', drops(15)), look('does it dissolve in alkali')],
  because: 'Barium and lead yellow, silver brown-red, mercury(I) red; alkali dissolves the lead salt.',
  relies: ['no strong acid'],
  minutes: 3,
  sources: ['vogel7'],
})

export const thiocyanate = proof({
  id: 'potassium-thiocyanate',
  title: 'Potassium thiocyanate',
  steps: [add('HCl 2 M', drops(2)), add('KSCN 0.1 M', drops(5)), look('colour of the liquid; precipitate')],
  because: 'Iron(III) turns deep red.',
  relies: ['acid', 'fluoride, phosphate and mercury(II) take the colour away'],
  minutes: 2,
  sources: ['vogel7'],
})

export const cobaltThiocyanate = proof({
  id: 'thiocyanate-and-pentanol',
  title: 'Strong thiocyanate, shaken with pentanol',
  steps: [
    add('NaF 0.5 M', drops(5)),
    add('NH4SCN sat', mL(1)),
    add('pentanol', mL(1)),
    { do: 'shake', vessel: THIS, minutes: 1 },
    look('colour of the upper layer'),
  ],
  because: 'Cobalt makes the upper layer blue; fluoride keeps iron from reddening it.',
  relies: ['strong thiocyanate', 'iron(III) masked with fluoride'],
  minutes: 4,
  sources: ['vogel7', 'feigl'],
})

export const oxalate = proof({
  id: 'ammonium-oxalate',
  title: 'Ammonium oxalate, then acetic acid',
  steps: [
    add('ammonium oxalate', drops(6)),
    look('precipitate, its colour'),
    add('acetic acid 2 M', drops(10)),
    look('does it dissolve in acetic acid'),
  ],
  because: 'Calcium comes down white and stays in acetic acid; strontium and barium more or less; magnesium not.',
  relies: ['barium and strontium out of the way'],
  minutes: 4,
  sources: ['vogel7'],
})

export const magnesiumPhosphate = proof({
  id: 'disodium-hydrogenphosphate',
  title: 'Phosphate with ammonium chloride and ammonia',
  steps: [
    add('ammonium chloride', drops(5)),
    add('NH3 2 M', drops(5)),
    look('precipitate before the phosphate'),
    add('Na2HPO4', drops(6)),
    look('precipitate, its colour and habit'),
  ],
  because: 'Magnesium comes down as white crystals of its ammonium phosphate.',
  relies: ['the earlier groups gone', 'ammonia and ammonium chloride there'],
  minutes: 4,
  sources: ['vogel7'],
})

export const nickelGlyoxime = proof({
  id: 'dimethylglyoxime',
  title: 'Ammonia and dimethylglyoxime',
  steps: [add('NH3 2 M', drops(6)), add('dimethylglyoxime', drops(8)), look('precipitate, its colour')],
  because: 'Nickel gives a red precipitate, by far the surest sign of it.',
  relies: ['ammonia or acetate', 'iron(II) reddens the liquid and iron(III) hides it'],
  minutes: 2,
  sources: ['vogel7', 'feigl'],
})

export const aluminumLake = proof({
  id: 'aluminon',
  title: 'Aluminon',
  steps: [
    add('ammonium acetate', drops(6)),
    add('aluminon', drops(6)),
    add('NH3 2 M', drops(4)),
    look('precipitate, its colour and whether it floats; the dye colours the liquid'),
  ],
  because: 'Aluminium hydroxide takes the dye up: a red, light lake.',
  relies: ['buffered with acetate, then just basic', 'iron(III) and chromium(III) out of the way'],
  minutes: 4,
  sources: ['feigl', 'vogel7'],
})

export const magnesiumLake = proof({
  id: 'magneson',
  title: 'Magneson',
  steps: [add('magneson', drops(3)), add('NaOH 2 M', drops(8)), look('precipitate, its colour')],
  because: 'Magnesium hydroxide takes the dye up blue.',
  relies: ['alkali', 'ammonium salts driven off'],
  minutes: 3,
  sources: ['feigl', 'vogel7'],
})

export const nitrosoR = proof({
  id: 'nitroso-r',
  title: 'Nitroso-R salt',
  steps: [add('sodium acetate', drops(6)), add('nitroso-R', drops(10)), look('colour of the liquid')],
  because: 'Cobalt turns it deep red.',
  relies: ['acetate buffer', 'iron(III) masked with fluoride'],
  minutes: 3,
  sources: ['feigl'],
})

export const bismuthate = proof({
  id: 'sodium-bismuthate',
  title: 'Sodium bismuthate in nitric acid',
  steps: [add('HNO3 2 M', mL(1)), add('sodium bismuthate', mg(60)), look('colour of the liquid')],
  because: 'Manganese(II) is oxidised in the cold to violet permanganate.',
  relies: ['no chloride', 'little manganese'],
  minutes: 3,
  sources: ['vogel7'],
})

export const leadDioxide = proof({
  id: 'lead-dioxide',
  title: 'Lead dioxide in nitric acid, boiled',
  steps: [
    add('HNO3 conc', mL(1)),
    add('lead dioxide', mg(100)),
    boil(2),
    { do: 'stand', vessel: THIS, minutes: 3 },
    look('colour of the liquid over the brown solid'),
  ],
  because: 'The same oxidation with lead dioxide, hot.',
  relies: ['no chloride', 'little manganese'],
  minutes: 7,
  sources: ['vogel7'],
  cautions: ['Strong nitric acid, boiled: hood and goggles.'],
})

export const perchromate = proof({
  id: 'peroxide-and-ethyl-acetate',
  title: 'Chromate, acid, peroxide under ethyl acetate',
  steps: [
    add('NaOH 2 M', drops(20)),
    add('H2O2 3 %', drops(6)),
    boil(3),
    cool(),
    add('ethyl acetate', mL(1)),
    add('H2SO4 1 M', drops(30)),
    add('H2O2 3 %', drops(4)),
    look('colour of the upper layer'),
  ],
  because: 'Chromium, oxidised to chromate, gives a blue peroxide that the upper layer holds.',
  relies: ['cold, and looked at soon: the blue fades', 'ethyl acetate in place of ether'],
  minutes: 8,
  sources: ['vogel7'],
})

export const stannite = proof({
  id: 'sodium-stannite',
  title: 'Alkali, then stannite',
  steps: [add('NaOH 2 M', drops(12)), look('precipitate'), add('sodium stannite', drops(12)), look('does it turn black at once')],
  because: 'Bismuth hydroxide is reduced to black metal.',
  relies: ['stannite made fresh', 'mercury and silver out of the way'],
  minutes: 3,
  sources: ['vogel7'],
})

export const tinChloride = proof({
  id: 'tin-ii-chloride',
  title: 'Tin(II) chloride, little then much',
  steps: [add('HCl 2 M', drops(2)), add('SnCl2', drops(1)), look('precipitate, its colour'), add('SnCl2', drops(10)), look('does it turn grey')],
  because: 'Mercury(II) gives white mercury(I) chloride, then grey metal.',
  relies: ['acid with chloride', 'tin(II) chloride not gone stale'],
  minutes: 3,
  sources: ['vogel7'],
})

export const iodideThiosulfate = proof({
  id: 'iodide-and-thiosulfate',
  title: 'Iodide, then thiosulfate',
  steps: [
    add('KI 0.1 M', drops(30)),
    look('colour of the liquid; precipitate'),
    add('sodium thiosulfate', drops(16)),
    look('what is left when the iodine is gone'),
  ],
  because: 'Copper(II) frees iodine and leaves white copper(I) iodide.',
  relies: ['no other oxidant'],
  minutes: 3,
  sources: ['vogel7'],
})

export const copperFoil = proof({
  id: 'copper-foil',
  title: 'A strip of copper foil',
  steps: [add('copper foil', mg(200)), { do: 'stand', vessel: THIS, minutes: 2 }, look('does a grey coat form')],
  because: 'Nobler metals come out on copper: silver and mercury.',
  relies: ['no nitric acid strong enough to eat the foil'],
  minutes: 4,
  sources: ['vogel7'],
})

export const arsenomolybdate = proof({
  id: 'molybdate-boiled',
  title: 'Nitric acid and molybdate, cold then boiled',
  steps: [add('HNO3 conc', drops(6)), add('ammonium molybdate', mL(2)), look('precipitate in the cold'), boil(2), look('precipitate, its colour')],
  because: 'Arsenate gives a yellow precipitate only when hot; phosphate already in the cold.',
  relies: ['strong nitric acid', 'phosphate excluded'],
  minutes: 6,
  sources: ['vogel7'],
})

export const magnesiaMixture = proof({
  id: 'magnesia-mixture',
  title: 'Magnesia mixture',
  steps: [add('magnesia mixture', drops(10)), look('precipitate, its colour and habit')],
  because: 'Arsenate, like phosphate, gives white crystals; arsenite does not.',
  relies: ['ammonia and ammonium chloride, as in the mixture'],
  minutes: 3,
  sources: ['vogel7'],
})

export const cobaltinitrite = proof({
  id: 'sodium-cobaltinitrite',
  title: 'Sodium cobaltinitrite',
  steps: [
    add('acetic acid 2 M', drops(1)),
    add('sodium cobaltinitrite', drops(8)),
    { do: 'stand', vessel: THIS, minutes: 3 },
    look('precipitate, its colour'),
  ],
  because: 'Potassium gives a yellow precipitate; so does ammonium.',
  relies: ['ammonium salts driven off', 'acetic, not mineral acid'],
  minutes: 6,
  sources: ['vogel7'],
})

export const antimonate = proof({
  id: 'potassium-antimonate',
  title: 'Potassium hexahydroxoantimonate(V)',
  steps: [add('potassium hexahydroxoantimonate', mL(1)), { do: 'stand', vessel: THIS, minutes: 5 }, look('precipitate, its habit')],
  because: 'Sodium comes down slowly as white crystals.',
  relies: ['neutral or weakly alkaline', 'only the alkalis left'],
  minutes: 8,
  sources: ['vogel7'],
})

export const tetraphenylborate = proof({
  id: 'sodium-tetraphenylborate',
  title: 'Sodium tetraphenylborate',
  steps: [add('acetic acid 2 M', drops(2)), add('sodium tetraphenylborate', drops(6)), look('precipitate, its colour')],
  because: 'Potassium gives white at once; so do ammonium, silver and mercury.',
  relies: ['ammonium salts driven off'],
  minutes: 2,
  sources: ['feigl'],
})

export const nessler = proof({
  id: 'nessler',
  title: 'Nessler’s reagent',
  steps: [add('NaOH 2 M', drops(2)), add('Nessler', drops(6)), look('precipitate or colour')],
  because: 'A trace of ammonia gives brown.',
  relies: ['metals that alkali brings down removed'],
  minutes: 2,
  sources: ['vogel7'],
})

export const dithizoneLead = proof({
  id: 'dithizone-neutral',
  title: 'Dithizone, shaken with dichloromethane',
  steps: [
    add('ammonium acetate', drops(4)),
    add('dithizone', mL(1)),
    add('dichloromethane', mL(1)),
    { do: 'shake', vessel: THIS, minutes: 1 },
    look('colour of the lower layer'),
  ],
  because: 'Lead turns the green dye red in the lower layer.',
  relies: ['a drop or two of sample: many metals answer in strong solution'],
  minutes: 3,
  sources: ['feigl'],
})

export const dithizoneZinc = proof({
  id: 'dithizone-alkaline',
  title: 'Alkali and dithizone, shaken with dichloromethane',
  steps: [
    add('NaOH 2 M', drops(8)),
    add('dithizone', mL(1)),
    add('dichloromethane', mL(1)),
    { do: 'shake', vessel: THIS, minutes: 1 },
    look('colour of the lower layer'),
  ],
  because: 'Zinc turns it raspberry red even in strong alkali.',
  relies: ['strong alkali'],
  minutes: 3,
  sources: ['feigl'],
})

export const rhodamineB = proof({
  id: 'rhodamine-b',
  title: 'Oxidised in strong acid, then rhodamine B',
  steps: [
    add('HCl conc', mL(1)),
    add('sodium nitrite', drops(2)),
    boil(1),
    cool(),
    add('rhodamine B', drops(8)),
    look('colour of the solid or liquid'),
  ],
  because: 'Antimony(V) turns the dye violet.',
  relies: ['antimony oxidised to antimony(V) first', 'strong hydrochloric acid'],
  minutes: 5,
  sources: ['feigl'],
  cautions: ['Strong hydrochloric acid and nitrite: brown fumes, hood.'],
})

export const ironWire = proof({
  id: 'iron-wire',
  title: 'Iron wire in hydrochloric acid',
  steps: [add('HCl conc', drops(10)), add('iron wire', mg(50)), boil(2), look('does a black powder form')],
  because: 'Antimony comes out black; tin goes to tin(II) and stays dissolved.',
  relies: ['strong acid'],
  minutes: 5,
  sources: ['vogel7'],
})

export const ironThenMercury = proof({
  id: 'iron-wire-then-mercury-chloride',
  title: 'Iron wire, then mercury(II) chloride',
  steps: [
    add('HCl conc', drops(10)),
    add('iron wire', mg(50)),
    boil(3),
    spin(),
    addTo(BESIDE, 'HgCl2 0.1 M', drops(4)),
    look('precipitate, its colour', BESIDE),
  ],
  because: 'Tin, reduced to tin(II) by iron, makes white or grey of mercury(II) chloride.',
  relies: ['all of the tin reduced first', 'no mercury in the sample'],
  minutes: 7,
  sources: ['vogel7'],
})

export const mercuryChloride = proof({
  id: 'mercury-ii-chloride',
  title: 'Mercury(II) chloride',
  steps: [add('HCl 2 M', drops(2)), add('HgCl2 0.1 M', drops(6)), look('precipitate, its colour')],
  because: 'Tin(II) gives white silky mercury(I) chloride; tin(IV) nothing.',
  relies: ['acid'],
  minutes: 2,
  sources: ['vogel7'],
})

export const thiourea = proof({
  id: 'thiourea',
  title: 'Nitric acid and thiourea',
  steps: [add('HNO3 2 M', drops(10)), add('thiourea', drops(10)), look('colour of the liquid')],
  because: 'Bismuth turns deep yellow.',
  relies: ['dilute nitric acid, no chloride in excess'],
  minutes: 2,
  sources: ['feigl'],
})

export const rhodizonate = proof({
  id: 'sodium-rhodizonate',
  title: 'Sodium rhodizonate',
  steps: [add('sodium rhodizonate', drops(6)), look('precipitate, its colour')],
  because: 'Barium and strontium give red-brown; calcium does not.',
  relies: ['neutral, and the reagent fresh'],
  minutes: 2,
  sources: ['feigl'],
})

export const strontiumSulfateWater = proof({
  id: 'strontium-sulfate-water',
  title: 'Strontium sulfate water',
  steps: [add('strontium sulfate water', mL(1)), { do: 'stand', vessel: THIS, minutes: 2 }, look('precipitate')],
  because: 'So little sulfate brings down barium alone.',
  relies: ['lead out of the way'],
  minutes: 4,
  sources: ['vogel7'],
})

export const silverArsenic = proof({
  id: 'silver-nitrate-neutral',
  title: 'Silver nitrate, just neutral',
  steps: [add('sodium acetate', drops(4)), add('AgNO3 0.1 M', drops(6)), look('precipitate, its colour')],
  because: 'Arsenite gives yellow, arsenate chocolate brown; chromate brown-red.',
  relies: ['neutral', 'no halide'],
  minutes: 2,
  sources: ['vogel7'],
})

export const mercuryThiocyanate = proof({
  id: 'mercury-thiocyanate',
  title: 'Mercury(II) chloride and ammonium thiocyanate',
  steps: [add('HgCl2 0.1 M', drops(6)), add('NH4SCN 1 M', drops(6)), look('precipitate, its colour and habit')],
  because: 'Zinc gives white crystals, cobalt deep blue ones.',
  relies: ['weakly acid'],
  minutes: 3,
  sources: ['feigl'],
})

export const zincAndAcid = proof({
  id: 'zinc-and-acid',
  title: 'Zinc and dilute acid',
  steps: [add('HCl 2 M', drops(10)), add('zinc', mg(100)), asks(look('gas, and what comes out on the zinc'), 'gas')],
  because: 'Zinc sets free the metals nobler than itself; arsenic and antimony leave as poisonous gases.',
  relies: ['acid'],
  minutes: 4,
  sources: ['vogel7'],
  cautions: ['Arsenic and antimony leave as arsine and stibine, both deadly: hood, and never as a matter of course.'],
})

export const lithiumCarbonate = proof({
  id: 'sodium-carbonate-boiled',
  title: 'Sodium carbonate, boiled',
  steps: [add('Na2CO3 1 M', mL(1)), boil(2), look('precipitate')],
  because: 'Lithium carbonate comes down from hot strong solution.',
  relies: ['the earlier groups gone'],
  minutes: 4,
  sources: ['vogel7'],
})

export const lithiumPhosphate = proof({
  id: 'phosphate-and-alkali',
  title: 'Phosphate and alkali, boiled',
  steps: [add('Na2HPO4', mL(1)), add('NaOH 2 M', drops(6)), boil(2), look('precipitate')],
  because: 'Lithium comes down as its phosphate; sodium and potassium do not.',
  relies: ['the earlier groups gone'],
  minutes: 5,
  sources: ['vogel7'],
})

export const cobaltNitrite = proof({
  id: 'potassium-nitrite',
  title: 'Acetic acid and potassium nitrite',
  steps: [add('acetic acid 2 M', drops(10)), add('KNO2 8 M', drops(10)), { do: 'stand', vessel: THIS, minutes: 5 }, look('precipitate, its colour')],
  because: 'Cobalt comes down yellow as its potassium hexanitrite.',
  relies: ['acetic acid', 'nickel gives nothing'],
  minutes: 7,
  sources: ['vogel7'],
})

export const ammoniumSulfate = proof({
  id: 'ammonium-sulfate-boiled',
  title: 'Ammonium sulfate, boiled',
  steps: [add('ammonium sulfate sat', mL(1)), boil(2), look('precipitate')],
  because: 'Strontium comes down; calcium stays as its double sulfate.',
  relies: ['barium out of the way'],
  minutes: 4,
  sources: ['vogel7'],
})

export const tartrate = proof({
  id: 'tartrate',
  title: 'Sodium hydrogentartrate',
  steps: [add('sodium hydrogentartrate', mL(1)), { do: 'stand', vessel: THIS, minutes: 5 }, look('precipitate, its habit')],
  because: 'Potassium, and ammonium, come down from strong solution as white crystals.',
  relies: ['strong, nearly neutral solution'],
  minutes: 7,
  sources: ['vogel7'],
})

export const fluoride = proof({
  id: 'sodium-fluoride',
  title: 'Sodium fluoride',
  steps: [add('NaF 0.5 M', drops(8)), look('precipitate; colour of the liquid')],
  because: 'Calcium, strontium and magnesium give white; iron(III) pales.',
  relies: ['no strong acid'],
  minutes: 2,
  sources: ['vogel7'],
})

export const cadmiumBesideCopper = proof({
  id: 'cadmium-beside-copper',
  title: 'Iron, then hydrogen sulfide: cadmium beside copper',
  steps: [
    add('H2SO4 1 M', drops(6)),
    add('iron filings', mg(200)),
    boil(2),
    spin(),
    addTo(BESIDE, 'sodium acetate', drops(2)),
    { do: 'pass', gas: 'H2S', through: BESIDE, minutes: 2 },
    look('precipitate, its colour', BESIDE),
  ],
  because: 'Iron takes copper out as metal; cadmium stays and shows its own yellow, without cyanide.',
  relies: ['all of the copper taken out', 'weakly acid before the sulfide'],
  minutes: 9,
  sources: ['vogel7'],
  cautions: ['Hydrogen sulfide is as poisonous as hydrogen cyanide and dulls the nose: hood, and no smelling.'],
})
