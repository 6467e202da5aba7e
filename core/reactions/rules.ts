import { SOLIDS, type SourceId } from '../species'
import { CONVERSIONS } from './conversions'
import { COUPLES } from './couples'

/** A named departure from equilibrium, with the balanced equation of what it does and where that is known from. */
export interface Rule {
  readonly id: string
  readonly says: string
  readonly equation: string
  readonly source: SourceId
}

const RULES: readonly Rule[] = [
  {
    id: 'a-hydroxide-wants-supersaturation',
    says: 'A hydroxide or basic salt begins only from a liquid well past saturation: solutions of iron(III) and copper(II) salts, hydrolysed as they are, stay clear.',
    equation: 'Fe^3+ + 3 H2O -> Fe(OH)3 + 3 H^+',
    source: 'kolthoff',
  },
  {
    id: 'oxide-as-it-was-put-in',
    says: 'An oxide from the jar stays what it is in cold water, though its hydroxide forms from solution.',
    equation: 'PbO + 2 H^+ -> Pb^2+ + H2O',
    source: 'vogel7',
  },
  {
    id: 'mercury-i-keeps',
    says: 'Mercury(I) in nitric acid keeps clear: the hundredth part of it that could fall apart forms no drop of metal.',
    equation: 'Hg2^2+ -> Hg + Hg^2+',
    source: 'smith-martell',
  },
  {
    id: 'nickel-to-black-oxide-only-in-alkali',
    says: 'Nickel hydroxide is blackened by hypobromite and hypochlorite in alkali, not by peroxide or air.',
    equation: '2 Ni(OH)2 + BrO^- -> 2 NiOOH + Br^- + H2O',
    source: 'vogel7',
  },
  {
    id: 'manganese-dioxide-takes-peroxide-apart',
    says: 'Manganese dioxide takes hydrogen peroxide apart in water, and is there afterwards as before.',
    equation: '2 H2O2 -> 2 H2O + O2',
    source: 'cotton',
  },
  {
    id: 'iron-ii-ferrocyanide-blues-in-air',
    says: 'The white precipitate of iron(II) with hexacyanoferrate(II) turns blue as air oxidises it.',
    equation: '4 K2FeFe(CN)6 + O2 + 4 H^+ -> 4 KFeFe(CN)6 + 4 K^+ + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'acid-dichromate-oxidises-alcohol',
    says: 'Warm acid dichromate oxidises ethanol, and turns from orange to green.',
    equation: '4 CrO4^2- + 3 C2H5OH + 20 H^+ -> 4 Cr^3+ + 3 CH3COOH + 13 H2O',
    source: 'vogel-organic',
  },
  {
    id: 'copper-hydroxide-dehydrates-hot',
    says: 'Blue copper(II) hydroxide is the less stable solid, but turns into black oxide only when its liquid is hot.',
    equation: 'Cu(OH)2 -> CuO + H2O',
    source: 'clark',
  },
  {
    id: 'nitrate-slow-in-dilute-acid',
    says: 'Nitrate oxidises copper and iodide only in strong acid; in dilute acid at room temperature nothing is seen.',
    equation: 'Cu + 2 NO3^- + 4 H^+ -> Cu^2+ + 2 NO2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'nitrite-made-only-in-weak-acid',
    says: 'In strong acid nitrous and nitric acid make nitrogen dioxide, so that this is what leaves.',
    equation: 'NO2^- + NO3^- + 2 H^+ -> 2 NO2 + H2O',
    source: 'cotton',
  },
  {
    id: 'sulfate-oxidises-only-concentrated',
    says: 'Sulfuric acid oxidises iodide, and some bromide, only when it is concentrated and has hardly any water; copper it leaves alone until it is heated far beyond a water bath.',
    equation: '2 I^- + SO4^2- + 4 H^+ -> I2 + SO2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'dichromate-by-sulfur-dioxide',
    says: 'Acid dichromate paper turns green in sulfur dioxide.',
    equation: 'Cr2O7^2- + 3 SO2 + 2 H^+ -> 2 Cr^3+ + 3 SO4^2- + H2O',
    source: 'vogel7',
  },
  {
    id: 'iodine-leaves',
    says: 'Copper(II) and iron(III) free iodine from iodide for good: boiled off, the iodine leaves copper(I) iodide or iron(II) behind and does not oxidise them again as it goes.',
    equation: '2 Cu^2+ + 4 I^- -> 2 CuI + I2',
    source: 'vogel7',
  },
  {
    id: 'iron-iii-keeps-its-partners',
    says: 'Iron(III) and hexacyanoferrate(II) come down as Prussian blue, iron(III) and thiocyanate stay a red liquid: it does not oxidise them.',
    equation: 'K^+ + Fe^3+ + Fe(CN)6^4- -> KFeFe(CN)6',
    source: 'vogel7',
  },
  {
    id: 'bismuth-iodide-turns-orange',
    says: 'Iodide brings bismuth down as the black iodide, out of acid too; water then turns that to the orange oxide iodide.',
    equation: 'BiI3 + H2O -> BiOI + 2 H^+ + 2 I^-',
    source: 'vogel7',
  },
  {
    id: 'tin-iv-hydrolyses-late',
    says: 'Tin(IV) stays clear in weak acid well past the point where its hydrated oxide could come down; alkali, ammonia and boiling bring it down.',
    equation: 'Sn^4+ + 4 H2O -> SnO2.2H2O + 4 H^+',
    source: 'brown-ekberg',
  },
  {
    id: 'a-new-metal-wants-force',
    says: 'A metal comes out of solution only when something pushes harder than equilibrium asks: its first crystals cost energy.',
    equation: 'Cu^2+ + Fe -> Cu + Fe^2+',
    source: 'kolthoff',
  },
  {
    id: 'cyanide-takes-up-iron',
    says: 'Iron(II) hydroxide boiled with cyanide in alkali gives hexacyanoferrate(II).',
    equation: 'Fe(OH)2 + 6 CN^- -> Fe(CN)6^4- + 2 OH^-',
    source: 'vogel-organic',
  },
  {
    id: 'iron-stops-at-tin-ii',
    says: 'Iron takes tin(IV) to tin(II) and no further in hydrochloric acid; zinc, aluminium and magnesium throw the metal down.',
    equation: 'Sn^2+ + Zn -> Sn + Zn^2+',
    source: 'vogel7',
  },
  {
    id: 'nitrite-only-in-acid',
    says: 'Nitrite oxidises as nitrous acid: in neutral or alkaline solution nothing is seen.',
    equation: 'Fe^2+ + NO2^- + 2 H^+ -> Fe^3+ + NO + H2O',
    source: 'vogel7',
  },
  {
    id: 'sulfur-is-slow',
    says: 'Sulfur once formed stays: only hot concentrated nitric acid turns it to sulfate, and sulfide solutions take it up as polysulfide.',
    equation: 'S + 6 NO3^- + 4 H^+ -> SO4^2- + 6 NO2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'tetrathionate-is-slow',
    says: 'Thiosulfate is oxidised at once by iodine, and no further.',
    equation: 'I2 + 2 S2O3^2- -> 2 I^- + S4O6^2-',
    source: 'vogel7',
  },
  {
    id: 'oxalate-oxidised-only-warm',
    says: 'Oxalate is oxidised by strong oxidants from about 60 °C on.',
    equation: '2 MnO4^- + 5 C2O4^2- + 16 H^+ -> 2 Mn^2+ + 10 CO2 + 8 H2O',
    source: 'vogel7',
  },
  {
    id: 'chloride-oxidised-only-in-strong-acid',
    says: 'Chloride gives chlorine with strong oxidants in strong hydrochloric acid, or in more dilute acid when warmed.',
    equation: 'MnO2 + 2 Cl^- + 4 H^+ -> Mn^2+ + Cl2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'peroxide-falls-apart-hot-and-alkaline',
    says: 'Peroxide keeps in the cold; boiled with alkali it gives oxygen, which is how an excess is got rid of.',
    equation: '2 H2O2 -> 2 H2O + O2',
    source: 'vogel7',
  },
  {
    id: 'peroxide-gives-way-to-strong-oxidants',
    says: 'Peroxide is itself oxidised only by strong oxidants: permanganate in the cold, dichromate when warmed.',
    equation: '2 MnO4^- + 5 H2O2 + 6 H^+ -> 2 Mn^2+ + 5 O2 + 8 H2O',
    source: 'cotton',
  },
  {
    id: 'air-oxidises-in-alkali',
    says: 'Air browns the hydroxides of iron(II), manganese(II) and cobalt(II) within minutes; in acid it does nothing that is seen. Water itself gives way, as oxygen, only to the strongest: cobalt(III) in acid.',
    equation: '4 Fe(OH)2 + O2 + 2 H2O -> 4 Fe(OH)3',
    source: 'vogel7',
  },
  {
    id: 'chromium-iii-oxidised-in-alkali',
    says: 'Chromium(III) exchanges its water slowly: peroxide takes it to chromate in warm alkali, not in acid; chromate oxidises in acid, not in alkali.',
    equation: '2 Cr(OH)4^- + 3 H2O2 + 2 OH^- -> 2 CrO4^2- + 8 H2O',
    source: 'vogel7',
  },
  {
    id: 'permanganate-to-dioxide-unless-acid',
    says: 'Permanganate goes to manganese(II) in acid and to the brown dioxide in neutral and alkaline solution.',
    equation: 'MnO4^- + 5 Fe^2+ + 8 H^+ -> Mn^2+ + 5 Fe^3+ + 4 H2O',
    source: 'cotton',
  },
  {
    id: 'manganese-ii-to-dioxide-only-in-alkali',
    says: 'Manganese(II) is oxidised to the dioxide in neutral and alkaline solution; in acid strong oxidants pass it by and make permanganate.',
    equation: 'Mn(OH)2 + H2O2 -> MnO2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'bismuthate-wants-acid',
    says: 'Bismuthate oxidises in the cold, from dilute nitric or sulfuric acid on.',
    equation: '2 Mn^2+ + 5 NaBiO3 + 14 H^+ -> 2 MnO4^- + 5 Bi^3+ + 5 Na^+ + 7 H2O',
    source: 'vogel7',
  },
  {
    id: 'lead-dioxide-wants-hot-acid',
    says: 'Lead dioxide oxidises manganese(II) only when boiled with nitric acid.',
    equation: '2 Mn^2+ + 5 PbO2 + 4 H^+ -> 2 MnO4^- + 5 Pb^2+ + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'arsenic-v-slow-to-be-reduced',
    says: 'Arsenic(V) is reduced at once only in strong acid, or in hot dilute acid: hydrogen sulfide in the cold seems to find no arsenic.',
    equation: 'H3AsO4 + H2S -> H3AsO3 + S + H2O',
    source: 'vogel7',
  },
  {
    id: 'arsine-by-nascent-hydrogen',
    says: 'Zinc and acid take arsenic on to arsine.',
    equation: 'H3AsO3 + 3 Zn + 6 H^+ -> AsH3 + 3 Zn^2+ + 3 H2O',
    source: 'vogel7',
  },
  {
    id: 'antimony-v-slow-to-be-reduced',
    says: 'Antimony(V) is reduced in strong acid only.',
    equation: 'Sb(OH)6^- + 2 I^- + 6 H^+ -> Sb^3+ + I2 + 6 H2O',
    source: 'vogel7',
  },
  {
    id: 'tin-iv-slow-to-be-reduced',
    says: 'Tin(IV) is reduced by metals in acid; hydrogen sulfide precipitates it and does not reduce it.',
    equation: 'SnCl6^2- + Fe -> Sn^2+ + Fe^2+ + 6 Cl^-',
    source: 'vogel7',
  },
  {
    id: 'aluminium-is-skinned-with-oxide',
    says: 'Aluminium foil is covered by its oxide: acid or alkali must take that off before it reacts.',
    equation: '2 Al + 2 OH^- + 6 H2O -> 2 Al(OH)4^- + 3 H2',
    source: 'cotton',
  },
  {
    id: 'magnesium-slow-in-cold-water',
    says: 'Magnesium reacts with acids at once, with cold water hardly, with boiling water slowly.',
    equation: 'Mg + 2 H2O -> Mg(OH)2 + H2',
    source: 'cotton',
  },
  {
    id: 'hydrogen-wants-force',
    says: 'Hydrogen bubbles only when the metal pushes some tenths of a volt harder than equilibrium asks: tin, lead and nickel hardly move in dilute acid.',
    equation: 'Zn + 2 H^+ -> Zn^2+ + H2',
    source: 'kolthoff',
  },
  {
    id: 'cobalt-hydroxide-turns-pink',
    says: 'The blue hydroxide of cobalt is the first to fall; it turns pink on standing, at once when warmed.',
    equation: 'Co^2+ + 2 OH^- -> Co(OH)2',
    source: 'vogel7',
  },
  {
    id: 'nickel-and-cobalt-sulfides-age',
    says: 'Fresh sulfides of nickel and cobalt dissolve in dilute acid; within minutes they turn into forms that 1 mol/L hydrochloric acid hardly touches.',
    equation: 'Ni^2+ + HS^- -> NiS + H^+',
    source: 'kolthoff',
  },
  {
    id: 'oxalate-comes-slowly',
    says: 'The oxalates of magnesium, manganese, cobalt and nickel stay supersaturated for minutes to hours.',
    equation: 'Mg^2+ + C2O4^2- + 2 H2O -> MgC2O4.2H2O',
    source: 'vogel7',
  },
  {
    id: 'lithium-salts-come-slowly',
    says: 'Lithium carbonate and phosphate come down on standing or heating.',
    equation: '3 Li^+ + PO4^3- -> Li3PO4',
    source: 'vogel7',
  },
  {
    id: 'tartrate-comes-slowly',
    says: 'Potassium hydrogentartrate crystallises on standing, quicker when the glass is scratched.',
    equation: 'K^+ + HC4H4O6^- -> KHC4H4O6',
    source: 'vogel7',
  },
  {
    id: 'antimonate-comes-slowly',
    says: 'Sodium hexahydroxoantimonate(V) crystallises on standing, quicker when the glass is scratched.',
    equation: 'Na^+ + Sb(OH)6^- -> NaSb(OH)6',
    source: 'vogel7',
  },
  {
    id: 'arsenomolybdate-only-hot',
    says: 'Arsenate gives its yellow molybdate on boiling; phosphate gives one when just warm.',
    equation: 'AsO4^3- + 12 MoO4^2- + 3 NH4^+ + 24 H^+ -> (NH4)3AsMo12O40 + 12 H2O',
    source: 'vogel7',
  },
  {
    id: 'thioacetamide-hydrolyses',
    says: 'Thioacetamide gives hydrogen sulfide within minutes in a boiling water bath, quicker in acid and in alkali than in between; in the cold it waits.',
    equation: 'CH3CSNH2 + 2 H2O -> CH3COO^- + NH4^+ + H2S',
    source: 'swift-butler',
  },
  {
    id: 'ammonium-salts-leave-when-ignited',
    says: 'Evaporated to dryness and ignited, ammonium salts of volatile acids go off as white smoke; nitrate takes ammonium with it as gas.',
    equation: 'NH4^+ + Cl^- -> NH3 + HCl',
    source: 'vogel7',
  },
  {
    id: 'calomel-resists-mild-oxidants',
    says: 'Mercury(I) chloride is taken up by chlorine and aqua regia, not by copper(II) or iron(III) in the cold.',
    equation: 'Hg2Cl2 + Cl2 -> 2 Hg^2+ + 4 Cl^-',
    source: 'vogel7',
  },
  {
    id: 'bromide-oxidised-in-acid',
    says: 'Bromide gives bromine in acid and neutral solution; in alkali bromine does not last.',
    equation: '2 Br^- + Cl2 -> Br2 + 2 Cl^-',
    source: 'vogel7',
  },
  {
    id: 'iodine-goes-on-to-iodate',
    says: 'Much chlorine takes iodine on to colourless iodate: the violet of the layer goes, and bromine may show.',
    equation: 'I2 + 5 Cl2 + 6 H2O -> 2 IO3^- + 10 Cl^- + 12 H^+',
    source: 'vogel7',
  },
  {
    id: 'chlorate-is-slow',
    says: 'Chlorate oxidises slowly and in strong acid only; sulfur dioxide, nitrous acid and iron(II) reduce it to chloride, zinc and alkali likewise when warmed.',
    equation: 'ClO3^- + 3 SO2 + 3 H2O -> Cl^- + 3 SO4^2- + 6 H^+',
    source: 'vogel7',
  },
  {
    id: 'nitrite-taken-up-to-nitrate-in-acid',
    says: 'In acid nitrite is oxidised to nitrate by permanganate, which it bleaches.',
    equation: '2 MnO4^- + 5 NO2^- + 6 H^+ -> 2 Mn^2+ + 5 NO3^- + 3 H2O',
    source: 'vogel7',
  },
  {
    id: 'metals-in-alkali-make-ammonia',
    says: 'Zinc, aluminium or Devarda’s alloy in hot alkali reduces nitrate and nitrite to ammonia.',
    equation: 'NO3^- + 4 Zn + 7 OH^- + 6 H2O -> NH3 + 4 Zn(OH)4^2-',
    source: 'vogel7',
  },
  {
    id: 'metals-in-acid-make-hydrogen-sulfide',
    says: 'Zinc and acid reduce sulfite and thiosulfate to hydrogen sulfide.',
    equation: 'SO2 + 3 Zn + 6 H^+ -> H2S + 3 Zn^2+ + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'strong-oxidants-take-thiosulfate-to-sulfate',
    says: 'Chlorine, bromine and permanganate take thiosulfate to sulfate; iodine stops at tetrathionate.',
    equation: 'S2O3^2- + 4 Cl2 + 5 H2O -> 2 SO4^2- + 8 Cl^- + 10 H^+',
    source: 'vogel7',
  },
  {
    id: 'thiocyanate-oxidised-by-strong-oxidants',
    says: 'Permanganate and nitric acid take thiocyanate to sulfate and hydrogen cyanide.',
    equation: '5 SCN^- + 6 MnO4^- + 13 H^+ -> 5 SO4^2- + 5 HCN + 6 Mn^2+ + 4 H2O',
    source: 'vogel7',
  },
  {
    id: 'citrate-comes-hot',
    says: 'Calcium citrate stays in solution in the cold and comes down when boiled.',
    equation: '3 Ca^2+ + 2 C6H5O7^3- + 4 H2O -> Ca3(C6H5O7)2.4H2O',
    source: 'vogel7',
  },
  {
    id: 'thiosulfate-falls-apart-in-acid',
    says: 'Acid takes thiosulfate apart within half a minute: sulfur clouds the liquid and sulfur dioxide is smelt.',
    equation: 'S2O3^2- + 2 H^+ -> S + SO2 + H2O',
    source: 'vogel7',
  },
  {
    id: 'silver-thiosulfate-darkens',
    says: 'White silver thiosulfate goes yellow, brown and black as it turns into sulfide; that of lead does so when boiled.',
    equation: 'Ag2S2O3 + H2O -> Ag2S + SO4^2- + 2 H^+',
    source: 'vogel7',
  },
  {
    id: 'nitrous-acid-gives-brown-fumes',
    says: 'Nitrous acid falls apart in strong acid: nitric oxide browns in air, the liquid is pale blue for a moment.',
    equation: '2 HNO2 -> NO + NO2 + H2O',
    source: 'vogel7',
  },
  {
    id: 'nitrite-destroyed',
    says: 'Nitrite is got rid of by boiling with ammonium chloride, or by sulfamic acid, urea or thiourea in acid: nitrogen leaves; thiourea becomes thiocyanate.',
    equation: 'NH4^+ + NO2^- -> N2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'nitric-acid-browns-hot',
    says: 'Nitric acid set free by hot sulfuric acid loses a little brown nitrogen dioxide.',
    equation: '4 NO3^- + 4 H^+ -> 4 NO2 + O2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'concentrated-acid-takes-oxalate-apart',
    says: 'Warm concentrated sulfuric acid takes the water out of oxalic acid: carbon monoxide and carbon dioxide leave.',
    equation: 'H2C2O4 -> CO + CO2 + H2O',
    source: 'vogel7',
  },
  {
    id: 'nitric-acid-burns-organic-acids',
    says: 'Boiled down with concentrated nitric acid, oxalate, tartrate and citrate are burnt to carbon dioxide; dilute acid leaves them.',
    equation: 'H2C2O4 + 2 HNO3 -> 2 CO2 + 2 NO2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'phosphate-is-never-reduced',
    says: 'Nothing in a test tube takes phosphate back to phosphine; phosphine from phosphides is oxidised by silver and copper salts, and blackens them.',
    equation: 'PH3 + 8 Ag^+ + 4 H2O -> H3PO4 + 8 Ag + 8 H^+',
    source: 'cotton',
  },
  {
    id: 'hydrogen-fluoride-etches-glass',
    says: 'Hydrogen fluoride takes silica out of glass, which looks dulled when it is dry; the silicon fluoride leaves jelly of silica in a drop of water.',
    equation: '4 HF + SiO2 -> SiF4 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'concentrated-acid-chars',
    says: 'Tartrate chars at once in hot concentrated sulfuric acid; citrate only yellows and chars slowly.',
    equation: 'H2C4H4O6 -> 2 C + CO + CO2 + 3 H2O',
    source: 'vogel7',
  },
  {
    id: 'hexacyanoferrate-gives-hydrogen-cyanide',
    says: 'Hexacyanoferrates boiled with dilute acid lose hydrogen cyanide, a deadly poison.',
    equation: 'Fe(CN)6^4- + 6 H^+ -> Fe^2+ + 6 HCN',
    source: 'vogel7',
  },
  {
    id: 'hexacyanoferrate-gives-carbon-monoxide',
    says: 'In hot concentrated sulfuric acid hexacyanoferrates give carbon monoxide.',
    equation: 'Fe(CN)6^4- + 12 H^+ + 6 H2O -> Fe^2+ + 6 CO + 6 NH4^+',
    source: 'vogel7',
  },
  {
    id: 'thiocyanate-gives-carbonyl-sulfide',
    says: 'Strong sulfuric acid takes thiocyanate apart: carbonyl sulfide, which burns blue.',
    equation: 'SCN^- + 2 H^+ + H2O -> COS + NH4^+',
    source: 'vogel7',
  },
  {
    id: 'chlorate-explodes-in-concentrated-acid',
    says: 'Concentrated sulfuric acid makes yellow chlorine dioxide of a chlorate, which explodes when warmed: never done.',
    equation: '3 ClO3^- + 2 H^+ -> 2 ClO2 + ClO4^- + H2O',
    source: 'vogel7',
  },
  {
    id: 'chlorate-gives-yellow-gas-with-hydrochloric-acid',
    says: 'Concentrated hydrochloric acid makes chlorine and chlorine dioxide of a chlorate.',
    equation: '2 ClO3^- + 2 Cl^- + 4 H^+ -> 2 ClO2 + Cl2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'chromyl-chloride-distils',
    says: 'A solid chloride with dichromate and hot concentrated sulfuric acid gives red chromyl chloride, which alkali turns into yellow chromate; chlorides of mercury, silver and lead do not.',
    equation: 'CrO4^2- + 2 Cl^- + 4 H^+ -> CrO2Cl2 + 2 H2O',
    source: 'vogel7',
  },
  {
    id: 'halogens-fall-apart-in-alkali',
    says: 'Chlorine, bromine and iodine lose their colour in alkali as hypohalites, and come back with acid; in water alone chlorine does so in part.',
    equation: 'Cl2 + 2 OH^- -> ClO^- + Cl^- + H2O',
    source: 'cotton',
  },
  {
    id: 'esters-form-in-concentrated-acid',
    says: 'Warmed with an alcohol and concentrated sulfuric acid acetates give a fruity ester, borates one that burns with a green edge.',
    equation: 'CH3COOH + C2H5OH -> C4H8O2 + H2O',
    source: 'vogel7',
  },
  {
    id: 'volatile-acids-distil',
    says: 'Boiled down, hydrochloric acid stronger than 6 M and nitric acid stronger than 15 M lose acid rather than water; sulfuric acid drives both out before it fumes.',
    equation: 'H^+ + Cl^- -> HCl',
    source: 'crc',
  },
]

export const ruleById: ReadonlyMap<string, Rule> = new Map(RULES.map((rule) => [rule.id, rule]))

/** Every rule that a gate names, so that a gate without a rule is found by a test. */
export const gateRules = (): readonly string[] => [
  ...SOLIDS.flatMap((s) => s.data.gate?.rule ?? []),
  ...COUPLES.flatMap((c) => c.gate?.rule ?? []),
  ...CONVERSIONS.map((c) => c.rule),
]
export { RULES }
