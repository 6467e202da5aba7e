import { asks, add, BESIDE, boil, cool, defineTest, drops, look, mL, pass, spin, stand, take, warm, wash } from '../types'

const HYDROGEN_SULFIDE = 'Hydrogen sulfide is as poisonous as hydrogen cyanide and dulls the nose: hood, and no smelling.'

export const sulfideInAcid = defineTest({
  id: 'hydrogen-sulfide-in-acid',
  title: 'Hydrogen sulfide in dilute acid',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('HCl 2 M', drops(4)), pass('H2S'), look('precipitate, its colour')],
  because: 'The second group: sulfides so insoluble that they come down from acid.',
  relies: [
    'acid of about 0.3 mol/L: in more, cadmium and lead stay; in less, zinc, cobalt and nickel come too',
    'no nitric acid or other oxidant left: it makes sulfur',
  ],
  minutes: 5,
  sources: ['vogel7', 'swift-butler'],
  cautions: [HYDROGEN_SULFIDE],
})

export const thioacetamideInAcid = defineTest({
  id: 'thioacetamide-in-acid',
  title: 'Thioacetamide in dilute acid, heated',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('HCl 2 M', drops(4)), add('thioacetamide', drops(10)), boil(5), look('precipitate, its colour')],
  because: 'The second group without a generator: thioacetamide gives hydrogen sulfide evenly when heated.',
  relies: ['acid of about 0.3 mol/L', 'heat for some minutes: in the cold it hardly hydrolyses'],
  minutes: 8,
  sources: ['swift-butler', 'vogel7'],
  cautions: [HYDROGEN_SULFIDE],
})

export const sulfideSubgroups = defineTest({
  id: 'sulfides-in-polysulfide',
  title: 'Sulfides of the second group, in ammonium polysulfide',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('HCl 2 M', drops(4)),
    pass('H2S'),
    spin(),
    wash(1),
    add('ammonium polysulfide', mL(1)),
    warm(2),
    look('does the precipitate dissolve'),
    spin('this-c'),
    { do: 'add', to: 'this-c', reagent: 'HCl 2 M', mL: 2 },
    look('does acid bring a coloured sulfide back', 'this-c'),
  ],
  because: 'Arsenic, antimony and tin go into solution as thio-salts and come back with acid; copper, lead, bismuth, cadmium and mercury stay.',
  relies: ['tin as tin(IV), or polysulfide in place of the colourless sulfide', 'a washed precipitate'],
  minutes: 9,
  sources: ['vogel7'],
  cautions: [HYDROGEN_SULFIDE],
})

export const sulfideInNitricAcid = defineTest({
  id: 'sulfide-in-nitric-acid',
  title: 'Sulfide of the second group, boiled with dilute nitric acid',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('HCl 2 M', drops(4)),
    pass('H2S'),
    spin(),
    wash(1),
    wash(1),
    add('HNO3 4 M', mL(1)),
    boil(3),
    look('does the precipitate dissolve; colour of the liquid'),
  ],
  because: 'Mercury(II) sulfide alone of the copper group resists dilute nitric acid.',
  relies: ['chloride washed out: with it nitric acid is aqua regia'],
  minutes: 9,
  sources: ['vogel7'],
  cautions: [HYDROGEN_SULFIDE],
})

export const sulfideInAmmonia = defineTest({
  id: 'hydrogen-sulfide-in-ammonia',
  title: 'Hydrogen sulfide in ammonia',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('ammonium chloride', drops(5)),
    add('NH3 2 M', drops(6)),
    look('precipitate before the sulfide'),
    pass('H2S'),
    look('precipitate, its colour'),
  ],
  because: 'The fourth group: black cobalt and nickel, pink manganese, white zinc.',
  relies: ['ammonium chloride, so that magnesium stays up', 'the earlier groups taken out first: their sulfides come down here too'],
  minutes: 5,
  sources: ['vogel7'],
  cautions: [HYDROGEN_SULFIDE],
})

export const ammoniumSulfide = defineTest({
  id: 'ammonium-sulfide',
  title: 'Ammonium chloride, ammonia, ammonium sulfide',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('ammonium chloride', drops(5)), add('NH3 2 M', drops(4)), add('(NH4)2S 1 M', drops(4)), look('precipitate, its colour')],
  because: 'Sulfides that water and ammonia let fall; aluminium and chromium as hydroxides.',
  relies: ['ammonium chloride before ammonia'],
  minutes: 3,
  sources: ['vogel7'],
  cautions: [HYDROGEN_SULFIDE],
})

export const sodiumSulfide = defineTest({
  id: 'sodium-sulfide',
  title: 'Sodium sulfide',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [take(mL(1)), add('Na2S 0.1 M', drops(6)), look('precipitate, its colour')],
  because: 'Every heavy cation answers, each with its own colour; the alkalis and alkaline earths do not.',
  minutes: 2,
  sources: ['vogel7'],
  cautions: [HYDROGEN_SULFIDE],
})

export const agedSulfides = defineTest({
  id: 'sulfides-in-cold-dilute-hydrochloric-acid',
  title: 'Sulfides of the fourth group, in cold dilute hydrochloric acid',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('ammonium chloride', drops(5)),
    add('NH3 2 M', drops(4)),
    add('(NH4)2S 1 M', drops(4)),
    stand(5),
    spin(),
    add('HCl 1 M', mL(1)),
    look('does the precipitate dissolve'),
  ],
  because: 'Manganese and zinc sulfides dissolve at once; those of cobalt and nickel have aged and stay.',
  relies: ['a few minutes of standing before the acid', 'cold acid of 1 mol/L, and no oxidant'],
  minutes: 8,
  sources: ['vogel7'],
  cautions: [HYDROGEN_SULFIDE],
})

export const peroxideAndAlkali = defineTest({
  id: 'alkali-and-peroxide',
  title: 'Sodium hydroxide and hydrogen peroxide, boiled',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('NaOH 2 M', drops(20)),
    add('H2O2 3 %', drops(6)),
    boil(3),
    look('precipitate, its colour; colour of the liquid'),
    spin(),
    look('colour of the liquid alone', BESIDE),
  ],
  because: 'Chromium goes up as yellow chromate, aluminium and zinc colourless; iron and manganese stay brown.',
  relies: ['alkali in excess', 'peroxide boiled out before anything is made acid: with acid it takes chromate back to chromium(III)'],
  minutes: 6,
  sources: ['vogel7'],
})

export const oxidisedThenAmmonia = defineTest({
  id: 'nitric-acid-then-ammonia',
  title: 'Boiled with nitric acid, then ammonium chloride and ammonia',
  stage: 'cation reactions',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('HNO3 conc', drops(3)),
    boil(2),
    cool(),
    add('ammonium chloride', drops(8)),
    { do: 'add', to: 'this', reagent: 'NH3 2 M', until: 'just-basic' },
    look('precipitate, its colour and habit'),
  ],
  because: 'Iron(II), oxidised first, comes down whole as brown iron(III) hydroxide.',
  relies: ['oxidation before ammonia: iron(II) is only partly brought down', 'ammonia just in excess'],
  minutes: 7,
  sources: ['vogel7'],
})

export const carbonateInAcetic = defineTest({
  id: 'carbonate-acetic-acid-chromate',
  title: 'Carbonate, dissolved in acetic acid, then chromate',
  stage: 'confirmation',
  on: ['solution'],
  steps: [
    take(mL(1)),
    add('ammonium chloride', drops(5)),
    add('NH3 2 M', drops(3)),
    add('(NH4)2CO3 1 M', drops(8)),
    spin(),
    wash(1),
    add('acetic acid 2 M', mL(1)),
    asks(look('does it dissolve with bubbles'), 'gas'),
    add('ammonium acetate', drops(4)),
    add('K2CrO4 0.1 M', drops(6)),
    look('precipitate, its colour'),
  ],
  because: 'Of the calcium group barium alone gives a yellow chromate from acetic acid.',
  relies: ['acetic acid: from neutral solution strontium comes too'],
  minutes: 9,
  sources: ['vogel7'],
})
