import { onIons, type Expected, type Fact } from './fact'

const V = 'A. I. Vogel, G. Svehla, Qualitative Inorganic Analysis, 7th ed.'
const T = 'F. P. Treadwell, W. T. Hall, Analytical Chemistry, vol. I, 9th ed.'
const S = 'C. H. Sorum, Introduction to Semimicro Qualitative Analysis, 4th ed.'
const M = 'G. Charlot, L’analyse qualitative et les réactions en solution, 4th ed.'

type Row = readonly [id: string, source: string, says: string, ions: string, works: string, expect: Expected]
const rows = (...list: readonly Row[]): Fact[] => list.map(([id, source, says, ions, works, expect]) => onIons(id, source, says, ions, works, expect))

/** Mixtures taken apart: what stays, what goes with the liquid, and what then shows in each. */
export const separationFacts: readonly Fact[] = rows(
  // Group I
  ['sep-ag-cu-solid', V, 'Hydrochloric acid takes silver from copper.', 'Ag^+ 0.05, Cu^2+ 0.05', 'HCl 2 M x4; centrifuge B; look', { solid: 'white', species: 'AgCl' }],
  ['sep-ag-cu-liquid', V, 'Copper stays in the liquid.', 'Ag^+ 0.05, Cu^2+ 0.05', 'HCl 2 M x4; centrifuge B; B: NH3 2 M x30; B: look', { solid: null, solution: 'blue' }],
  ['sep-ag-pb-hot', V, 'Hot water takes lead chloride from silver chloride.', 'Ag^+ 0.05, Pb^2+ 0.05', 'HCl 2 M x4; centrifuge B; wash HCl 0.5 M 1mL; water 3mL; boil 1; centrifuge C; C: K2CrO4 0.1 M x4; C: look', { solid: ['yellow', 'orange'], species: 'PbCrO4' }],
  ['sep-ag-pb-nh3', V, 'Ammonia then dissolves the silver chloride that is left.', 'Ag^+ 0.05, Pb^2+ 0.05', 'HCl 2 M x4; centrifuge B; water 4mL; boil 1; centrifuge C; water 3mL; boil 1; centrifuge D; NH3 2 M 1mL; look', { solid: null }],
  ['sep-ag-hg1-nh3', V, 'Ammonia on silver and mercury(I) chlorides: black stays.', 'Ag^+ 0.05, Hg2^2+ 0.05', 'HCl 2 M x5; centrifuge B; wash 1mL; NH3 2 M 1mL; look', { solid: ['black', 'grey'], species: 'Hg' }],
  ['sep-ag-hg1-hno3', V, 'Nitric acid brings silver chloride down again from the ammonia.', 'Ag^+ 0.1, Hg2^2+ 0.02', 'HCl 2 M x5; centrifuge B; wash 1mL; NH3 2 M 1mL; centrifuge C; C: HNO3 2 M 2mL; C: look', { solid: 'white', species: 'AgCl' }],
  ['sep-pb-strays', V, 'Lead is not wholly taken by hydrochloric acid: hydrogen sulfide finds it in the liquid.', 'Pb^2+ 0.1', 'HCl 2 M x4; centrifuge B; B: pass H2S; B: look', { solid: 'black', species: 'PbS' }],
  ['sep-pb-dilute', V, 'From dilute solution lead does not fall with group I at all.', 'Pb^2+ 0.005', 'HCl 2 M x4; look', { solid: null }],
  // Group I from II
  ['sep-ag-bi', S, 'Hydrochloric acid takes silver from bismuth, which stays in the acid.', 'Ag^+ 0.05, Bi^3+ 0.02, H^+ 1', 'HCl 2 M x6; centrifuge B; B: pass H2S; B: look', { solid: ['brown', 'black'], species: 'Bi2S3' }],
  ['sep-hg1-hg2', V, 'Hydrochloric acid parts mercury(I) from mercury(II).', 'Hg2^2+ 0.03, Hg^2+ 0.03, H^+ 0.1', 'HCl 2 M x4; centrifuge B; B: SnCl2 x1; B: look', { solid: ['white', 'grey'], species: 'Hg2Cl2' }],
  // Group II from III and IV
  ['sep-cu-ni-solid', V, 'Hydrogen sulfide in 0.3 M acid takes copper from nickel.', 'Cu^2+ 0.03, Ni^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; centrifuge B; wash 1mL; look', { solid: 'black', species: 'CuS' }],
  ['sep-cu-ni-liquid', V, 'Nickel stays and shows with dimethylglyoxime.', 'Cu^2+ 0.03, Ni^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; centrifuge B; B: boil 2; B: NH3 2 M x12; B: dimethylglyoxime x6; B: look', { solid: ['red', 'pink'], species: 'Ni(C4H7N2O2)2' }],
  ['sep-cd-zn-solid', V, 'It takes cadmium from zinc.', 'Cd^2+ 0.03, Zn^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; centrifuge B; wash 1mL; look', { solid: 'yellow', species: 'CdS' }],
  ['sep-cd-zn-liquid', V, 'Zinc stays, and falls once acetate has made the liquid weakly acid.', 'Cd^2+ 0.03, Zn^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; centrifuge B; B: sodium acetate 1mL; B: pass H2S; B: look', { solid: 'white', species: 'ZnS' }],
  ['sep-bi-fe-liquid', V, 'It takes bismuth from iron, which it reduces.', 'Bi^3+ 0.03, Fe^3+ 0.03, H^+ 0.5 | Cl^-', 'pass H2S; centrifuge B; B: boil 2; B: K3Fe(CN)6 0.1 M x3; B: look', { solid: 'blue' }],
  ['sep-pb-mn', S, 'It takes lead from manganese.', 'Pb^2+ 0.01, Mn^2+ 0.03, H^+ 0.3', 'pass H2S; centrifuge B; B: boil 2; B: NaOH 2 M x8; B: look', { solid: ['white', 'brown'] }],
  ['sep-hg-co', S, 'It takes mercury(II) from cobalt.', 'Hg^2+ 0.03, Co^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; centrifuge B; B: look', { solution: ['pink', 'red'], solid: null }],
  ['sep-sb-al', V, 'It takes antimony from aluminium.', 'Sb^3+ 0.02, Al^3+ 0.03, H^+ 0.6 | Cl^-', 'pass H2S; centrifuge B; B: boil 2; B: NH3 2 M x10; B: look', { solid: 'white', species: 'Al(OH)3' }],
  ['sep-thioacetamide', S, 'Thioacetamide does the same when heated.', 'Cu^2+ 0.02, Zn^2+ 0.02, H^+ 0.3 | Cl^-', 'thioacetamide x6; boil 5; centrifuge B; wash 1mL; look', { solid: 'black', species: 'CuS' }],
  ['sep-thioacetamide-cold', S, 'In the cold it shows nothing at first.', 'Cd^2+ 0.02, H^+ 0.3 | Cl^-', 'thioacetamide x6; look', { solid: null }],
  // IIA from IIB
  ['sep-cu-as-solid', V, 'Polysulfide takes arsenic from copper.', 'Cu^2+ 0.02, As(III) 0.02, H^+ 0.3 | Cl^-', 'pass H2S 4; centrifuge B; wash 1mL; ammonium polysulfide 2mL; warm 2; centrifuge C; wash 1mL; look', { solid: 'black', species: 'CuS' }],
  ['sep-cu-as-liquid', V, 'Acid throws arsenic sulfide down from it.', 'Cu^2+ 0.02, As(III) 0.02, H^+ 0.3 | Cl^-', 'pass H2S 4; centrifuge B; wash 1mL; ammonium polysulfide 2mL; warm 2; centrifuge C; C: HCl 2 M 4mL; C: look', { solid: ['yellow', 'white'], species: 'As2S3' }],
  ['sep-bi-sb', V, 'It takes antimony from bismuth.', 'Bi^3+ 0.02, Sb^3+ 0.02, H^+ 0.6 | Cl^-', 'pass H2S 4; centrifuge B; wash 1mL; ammonium polysulfide 2mL; warm 2; centrifuge C; C: HCl 2 M 4mL; C: look', { solid: ['orange', 'yellow'], species: 'Sb2S3' }],
  ['sep-cd-sn', V, 'It takes tin from cadmium, and tin(IV) sulfide comes back yellow.', 'Cd^2+ 0.02, Sn^2+ 0.02, H^+ 0.3 | Cl^-', 'pass H2S 4; centrifuge B; wash 1mL; ammonium polysulfide 2mL; warm 2; centrifuge C; C: HCl 2 M 4mL; C: look', { solid: ['yellow', 'white'], species: 'SnS2' }],
  ['sep-pb-as', V, 'Lead sulfide stays black behind.', 'Pb^2+ 0.01, As(III) 0.02, H^+ 0.3', 'pass H2S 4; centrifuge B; wash 1mL; ammonium polysulfide 2mL; warm 2; centrifuge C; wash 1mL; look', { solid: 'black', species: 'PbS' }],
  // Within IIA
  ['sep-hg-cu-hno3', V, 'Hot dilute nitric acid dissolves copper sulfide and leaves that of mercury.', 'Hg^2+ 0.02, Cu^2+ 0.02, H^+ 0.3', 'pass H2S 4; centrifuge B; wash 1mL; HNO3 4 M 2mL; boil 3; centrifuge C; look', { species: 'HgS' }],
  ['sep-hg-cu-liquid', V, 'Copper is in the acid.', 'Hg^2+ 0.02, Cu^2+ 0.02, H^+ 0.3', 'pass H2S 4; centrifuge B; wash 1mL; HNO3 4 M 2mL; boil 3; centrifuge C; C: NH3 conc 1mL; C: look', { solution: 'blue' }],
  ['sep-hgs-aqua-regia', V, 'Aqua regia dissolves the sulfide of mercury.', 'Hg^2+ 0.02, H^+ 0.3 | Cl^-', 'pass H2S; centrifuge B; wash 1mL; aqua regia 1mL; boil 2; centrifuge C; C: water 2mL; C: SnCl2 x30; C: look', { solid: ['white', 'grey', 'black'] }],
  ['sep-pb-by-sulfate', V, 'Sulfuric acid takes lead from bismuth, copper and cadmium.', 'Pb^2+ 0.02, Cu^2+ 0.02, Cd^2+ 0.02, H^+ 0.5', 'H2SO4 1 M x10; stand 2; centrifuge B; look', { solid: 'white', species: 'PbSO4' }],
  ['sep-pbso4-acetate', V, 'Ammonium acetate dissolves it, and chromate then shows it.', 'Pb^2+ 0.02, Bi^3+ 0.02, H^+ 1', 'H2SO4 1 M x10; stand 2; centrifuge B; wash H2SO4 0.1 M 1mL; ammonium acetate 3mL; K2CrO4 0.1 M x4; look', { solid: ['yellow', 'orange'], species: 'PbCrO4' }],
  ['sep-bi-cu-nh3', V, 'Ammonia in excess leaves bismuth and takes copper.', 'Bi^3+ 0.03, Cu^2+ 0.03, H^+ 0.5', 'NH3 2 M 1mL; centrifuge B; look', { solid: 'white' }],
  ['sep-bi-cu-liquid', V, 'The liquid is deep blue.', 'Bi^3+ 0.03, Cu^2+ 0.03, H^+ 0.5', 'NH3 2 M 1mL; centrifuge B; B: look', { solid: null, solution: 'blue' }],
  ['sep-cu-cd-iron', S, 'Iron takes copper out, and cadmium then shows yellow.', 'Cu^2+ 0.02, Cd^2+ 0.02, H^+ 0.2 | SO4^2-', 'iron wire 100mg; stand 3; centrifuge B; B: pass H2S; B: look', { solid: 'yellow', species: 'CdS' }],
  ['sep-bi-cd-nh3', V, 'Ammonia parts bismuth from cadmium.', 'Bi^3+ 0.02, Cd^2+ 0.02, H^+ 0.5', 'NH3 2 M 1mL; centrifuge B; B: (NH4)2S 1 M x4; B: look', { solid: 'yellow', species: 'CdS' }],
  // Within IIB
  ['sep-as-sb-hcl', V, 'Strong hydrochloric acid dissolves antimony sulfide and leaves that of arsenic.', 'As(III) 0.02, Sb^3+ 0.02, H^+ 0.6 | Cl^-', 'pass H2S 4; centrifuge B; wash 1mL; HCl conc 2mL; boil 3; look', { solid: 'yellow', species: 'As2S3' }],
  ['sep-as-sb-liquid', V, 'Diluted and given hydrogen sulfide, the liquid shows antimony orange.', 'As(III) 0.02, Sb^3+ 0.02, H^+ 0.6 | Cl^-', 'pass H2S 4; centrifuge B; wash 1mL; HCl conc 2mL; boil 3; centrifuge C; C: water 8mL; C: pass H2S 3; C: look', { solid: ['orange', 'red'], species: 'Sb2S3' }],
  ['sep-sb-sn-iron', V, 'Iron throws antimony down and leaves tin(II) for mercury(II) chloride.', 'Sb^3+ 0.02, Sn^4+ 0.02, H^+ 3 | Cl^-', 'iron wire 60mg; boil 3; centrifuge B; B: HgCl2 0.1 M x10; B: look', { solid: ['white', 'grey', 'black'] }],
  // Group III from IV and later
  ['sep-fe-mn-nh3', V, 'Ammonia with ammonium chloride takes iron(III) from manganese.', 'Fe^3+ 0.03, Mn^2+ 0.03, H^+ 0.2 | Cl^-', 'NH4Cl 5 M x10; NH3 2 M x10; look', { solid: 'brown', species: 'Fe(OH)3' }],
  ['sep-al-zn-nh3', V, 'It takes aluminium from zinc.', 'Al^3+ 0.03, Zn^2+ 0.03 | Cl^-', 'NH4Cl 5 M x10; NH3 2 M x8; centrifuge B; B: (NH4)2S 1 M x4; B: look', { solid: 'white', species: 'ZnS' }],
  ['sep-fe-ni-nh3', V, 'It takes iron from nickel.', 'Fe^3+ 0.02, Ni^2+ 0.02, H^+ 0.1 | Cl^-', 'NH4Cl 5 M x10; NH3 2 M x10; centrifuge B; B: dimethylglyoxime x6; B: look', { solid: ['red', 'pink'], species: 'Ni(C4H7N2O2)2' }],
  ['sep-cr-mg-nh3', V, 'It takes chromium from magnesium.', 'Cr^3+ 0.03, Mg^2+ 0.03 | Cl^-', 'NH4Cl 5 M x10; NH3 2 M x6; centrifuge B; B: Na2HPO4 x6; B: look', { solid: 'white', species: 'MgNH4PO4.6H2O' }],
  ['sep-fe-al-naoh', V, 'Sodium hydroxide in excess leaves iron and takes aluminium.', 'Fe^3+ 0.03, Al^3+ 0.03 | Cl^-', 'NaOH 2 M x25; centrifuge B; look', { solid: 'brown', species: 'Fe(OH)3' }],
  ['sep-fe-al-liquid', V, 'Ammonium chloride brings aluminium down from the liquid.', 'Fe^3+ 0.03, Al^3+ 0.03 | Cl^-', 'NaOH 2 M x25; centrifuge B; B: NH4Cl 5 M 1mL; B: warm 1; B: look', { solid: 'white', species: 'Al(OH)3' }],
  ['sep-fe-cr-peroxide', V, 'Alkali and peroxide, boiled, take chromium as chromate from iron.', 'Fe^3+ 0.02, Cr^3+ 0.02 | Cl^-', 'NaOH 2 M x25; H2O2 3 % x10; boil 3; centrifuge B; B: look', { solution: 'yellow', solid: null }],
  ['sep-al-cr-peroxide', V, 'Then ammonium chloride parts aluminium from chromate.', 'Al^3+ 0.02, Cr^3+ 0.02 | Cl^-', 'NaOH 2 M x25; H2O2 3 % x10; boil 3; NH4Cl 5 M 1mL; warm 2; look', { species: 'Al(OH)3', solution: 'yellow' }],
  ['sep-mn-al-peroxide', V, 'Manganese stays brown as dioxide when alkali and peroxide take aluminium.', 'Mn^2+ 0.02, Al^3+ 0.02 | Cl^-', 'NaOH 2 M x25; H2O2 3 % x10; boil 2; centrifuge B; look', { solid: ['brown', 'black'] }],
  // Group IV
  ['sep-ni-zn-hcl', V, 'Dilute hydrochloric acid dissolves zinc sulfide and leaves that of nickel once it has stood.', 'Ni^2+ 0.03, Zn^2+ 0.03 | Cl^-', 'NH4Cl 5 M x4; NH3 2 M x6; pass H2S; warm 3; centrifuge B; HCl 1 M 2mL; look', { solid: 'black', species: 'NiS' }],
  ['sep-ni-zn-liquid', V, 'The acid holds the zinc.', 'Ni^2+ 0.03, Zn^2+ 0.03 | Cl^-', 'NH4Cl 5 M x4; NH3 2 M x6; pass H2S; warm 3; centrifuge B; HCl 1 M 2mL; centrifuge C; C: boil 2; C: sodium acetate 2mL; C: pass H2S; C: look', { solid: ['white', 'grey'], species: 'ZnS' }],
  ['sep-co-mn-hcl', V, 'It dissolves manganese sulfide and leaves that of cobalt.', 'Co^2+ 0.03, Mn^2+ 0.03 | Cl^-', 'NH4Cl 5 M x4; NH3 2 M x6; pass H2S; warm 3; centrifuge B; HCl 1 M 2mL; look', { solid: 'black', species: 'CoS' }],
  ['sep-mn-zn-naoh', V, 'Sodium hydroxide in excess parts manganese from zinc.', 'Mn^2+ 0.03, Zn^2+ 0.03 | Cl^-', 'NaOH 2 M x20; centrifuge B; B: (NH4)2S 1 M x3; B: look', { solid: 'white', species: 'ZnS' }],
  ['sep-ni-co-kno2', T, 'Nitrite and acetic acid part cobalt from nickel.', 'Ni^2+ 0.03, Co^2+ 0.03 | Cl^-', 'acetic acid 2 M x12; KNO2 8 M x12; stand 10; look', { solid: ['yellow', 'orange'] }],
  ['sep-ni-co-dmg', V, 'Dimethylglyoxime shows nickel beside cobalt.', 'Ni^2+ 0.01, Co^2+ 0.01 | Cl^-', 'NH4Cl 5 M x4; NH3 2 M x6; dimethylglyoxime 1mL; look', { solid: ['red', 'pink', 'brown'], species: 'Ni(C4H7N2O2)2' }],
  ['sep-co-fe-fluoride', V, 'Fluoride masks iron in the thiocyanate test for cobalt.', 'Co^2+ 0.02, Fe^3+ 0.005 | Cl^-', 'NaF 0.5 M 1mL; NH4SCN sat 1mL; pentanol 1mL; look', { layer: ['blue', 'green'] }],
  // Group V
  ['sep-ba-ca-cro4', V, 'Chromate in acetic acid takes barium from calcium.', 'Ba^2+ 0.05, Ca^2+ 0.05 | Cl^-', 'acetic acid 2 M x10; sodium acetate x6; K2CrO4 0.1 M 1mL; centrifuge B; B: ammonium oxalate x6; B: look', { solid: 'white', species: 'CaC2O4.H2O' }],
  ['sep-ba-sr-cro4', V, 'It takes barium from strontium.', 'Ba^2+ 0.05, Sr^2+ 0.05 | Cl^-', 'acetic acid 2 M x10; sodium acetate x6; K2CrO4 0.1 M 1mL; look', { solid: 'yellow', species: 'BaCrO4' }],
  ['sep-sr-ca-so4', V, 'Ammonium sulfate takes strontium from calcium.', 'Sr^2+ 0.05, Ca^2+ 0.02 | Cl^-', '(NH4)2SO4 1 M x8; warm 2; centrifuge B; B: ammonium oxalate x6; B: look', { solid: 'white', species: 'CaC2O4.H2O' }],
  ['sep-ba-mg-co3', V, 'Ammonium carbonate takes barium from magnesium.', 'Ba^2+ 0.05, Mg^2+ 0.05 | Cl^-', 'NH4Cl 5 M x10; NH3 2 M x4; (NH4)2CO3 1 M x6; centrifuge B; look', { solid: 'white', species: 'BaCO3' }],
  ['sep-ca-mg-liquid', V, 'Magnesium stays and shows with phosphate.', 'Ca^2+ 0.05, Mg^2+ 0.05 | Cl^-', 'NH4Cl 5 M x10; NH3 2 M x4; (NH4)2CO3 1 M x8; centrifuge B; B: ammonium oxalate x4; B: stand 2; B: centrifuge C; C: Na2HPO4 x6; C: look', { solid: 'white', species: 'MgNH4PO4.6H2O' }],
  ['sep-zn-ca', S, 'Ammonium sulfide takes zinc from calcium.', 'Zn^2+ 0.03, Ca^2+ 0.05 | Cl^-', 'NH4Cl 5 M x8; NH3 2 M x4; (NH4)2S 1 M x4; centrifuge B; B: (NH4)2CO3 1 M x6; B: look', { solid: 'white', species: 'CaCO3' }],
  // Group VI
  ['sep-nh4-k', V, 'Ammonium driven off, cobaltinitrite shows potassium.', 'NH4^+ 0.2, K^+ 0.1 | Cl^-', 'ignite; water 1mL; acetic acid 2 M x1; sodium cobaltinitrite x8; look', { solid: ['yellow', 'orange'] }],
  ['sep-nh4-alone', V, 'Ammonium alone leaves nothing for it.', 'NH4^+ 0.2, Na^+ 0.1 | Cl^-', 'ignite; water 1mL; acetic acid 2 M x1; sodium cobaltinitrite x8; look', { solid: null }],
  ['sep-nh4-tpb', M, 'Nor for tetraphenylborate.', 'NH4^+ 0.2, Na^+ 0.1 | Cl^-', 'ignite; water 1mL; sodium tetraphenylborate x6; look', { solid: null }],
  // Six at once
  ['sep-six-group1', S, 'Of silver, copper, iron, nickel, barium and potassium hydrochloric acid takes silver alone.', 'Ag^+ 0.02, Cu^2+ 0.02, Fe^3+ 0.02, Ni^2+ 0.02, Ba^2+ 0.02, K^+ 0.02, H^+ 0.1', 'HCl 2 M x4; look', { solid: 'white', species: 'AgCl' }],
  ['sep-six-group2', S, 'Hydrogen sulfide then takes copper.', 'Ag^+ 0.02, Cu^2+ 0.02, Fe^3+ 0.02, Ni^2+ 0.02, Ba^2+ 0.02, K^+ 0.02, H^+ 0.1', 'HCl 2 M x4; centrifuge B; B: pass H2S; B: look', { solid: ['black', 'grey'], species: 'CuS' }],
  ['sep-six-group3', S, 'Boiled, oxidised, with ammonium chloride and ammonia, iron.', 'Ag^+ 0.02, Cu^2+ 0.02, Fe^3+ 0.02, Ni^2+ 0.02, Ba^2+ 0.02, K^+ 0.02, H^+ 0.1', 'HCl 2 M x4; centrifuge B; B: pass H2S; B: centrifuge C; C: boil 2; C: HNO3 conc x4; C: boil 2; C: NH4Cl 5 M x8; C: NH3 conc x12; C: look', { solid: 'brown', species: 'Fe(OH)3' }],
  ['sep-six-group4', S, 'Hydrogen sulfide in ammonia, nickel.', 'Ag^+ 0.02, Cu^2+ 0.02, Fe^3+ 0.02, Ni^2+ 0.02, Ba^2+ 0.02, K^+ 0.02, H^+ 0.1', 'HCl 2 M x4; centrifuge B; B: pass H2S; B: centrifuge C; C: boil 2; C: HNO3 conc x4; C: boil 2; C: NH4Cl 5 M x8; C: NH3 conc x12; C: centrifuge D; D: pass H2S; D: look', { solid: 'black', species: 'NiS' }],
  ['sep-six-group5', S, 'Ammonium carbonate, barium.', 'Ag^+ 0.02, Cu^2+ 0.02, Fe^3+ 0.02, Ni^2+ 0.02, Ba^2+ 0.02, K^+ 0.02, H^+ 0.1', 'HCl 2 M x4; centrifuge B; B: pass H2S; B: centrifuge C; C: boil 2; C: HNO3 conc x4; C: boil 2; C: NH4Cl 5 M x8; C: NH3 conc x12; C: centrifuge D; D: pass H2S; D: warm 3; D: centrifuge E; E: (NH4)2CO3 1 M x10; E: look', { solid: 'white', species: 'BaCO3' }],
)

/** What a condition left out or overdone changes. */
export const conditionFacts: readonly Fact[] = rows(
  // Acidity before hydrogen sulfide
  ['con-zn-low-acid', V, 'With too little acid zinc comes down with group II.', 'Zn^2+ 0.03, H^+ 0.01 | Cl^-', 'pass H2S; look', { solid: 'white', species: 'ZnS' }],
  ['con-zn-right-acid', V, 'In 0.3 M acid it does not.', 'Zn^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; look', { solid: null }],
  ['con-co-low-acid', V, 'Cobalt too comes down from a solution without mineral acid.', 'Co^2+ 0.05', 'sodium acetate x10; pass H2S; look', { solid: 'black', species: 'CoS' }],
  ['con-co-acid', V, 'In acid it does not.', 'Co^2+ 0.05, H^+ 0.3 | Cl^-', 'pass H2S; look', { solid: null }],
  ['con-cd-strong-acid', V, 'In too much acid cadmium stays in solution.', 'Cd^2+ 0.02, H^+ 3 | Cl^-', 'pass H2S; look', { solid: null }],
  ['con-cd-diluted', V, 'Diluted, it falls.', 'Cd^2+ 0.02, H^+ 3 | Cl^-', 'water 9mL; pass H2S 4; look', { solid: 'yellow', species: 'CdS' }],
  ['con-pb-strong-acid', V, 'Lead stays in strong hydrochloric acid.', 'Pb^2+ 0.005, H^+ 4 | Cl^-', 'pass H2S; look', { solid: null }],
  ['con-pb-diluted', V, 'Diluted, it falls.', 'Pb^2+ 0.005, H^+ 4 | Cl^-', 'water 9mL; pass H2S 4; look', { solid: 'black', species: 'PbS' }],
  ['con-sn4-strong-acid', V, 'Tin(IV) sulfide does not fall from strong hydrochloric acid.', 'Sn^4+ 0.02, H^+ 6 | Cl^-', 'pass H2S; look', { solid: null }],
  ['con-as-strong-acid', V, 'Arsenic falls even there.', 'As(III) 0.02, H^+ 6 | Cl^-', 'pass H2S; look', { solid: 'yellow', species: 'As2S3' }],
  // Ammonium chloride
  ['con-mg-no-nh4cl', V, 'Without ammonium chloride ammonia brings magnesium down.', 'Mg^2+ 0.1 | Cl^-', 'NH3 2 M x10; look', { solid: 'white', species: 'Mg(OH)2' }],
  ['con-mg-nh4cl', V, 'With it, it does not.', 'Mg^2+ 0.1 | Cl^-', 'NH4Cl 5 M x10; NH3 2 M x10; look', { solid: null }],
  ['con-mn-no-nh4cl', V, 'Without it manganese comes down.', 'Mn^2+ 0.05 | Cl^-', 'NH3 2 M x6; look', { solid: ['white', 'brown'], species: 'Mn(OH)2' }],
  ['con-mn-nh4cl', V, 'With it, it stays.', 'Mn^2+ 0.05 | Cl^-', 'NH4Cl 5 M x10; NH3 2 M x6; look', { solid: null }],
  ['con-ni-little-nh3', V, 'Nickel falls with a little ammonia and stays with ammonium chloride.', 'Ni^2+ 0.05 | Cl^-', 'NH4Cl 5 M x10; NH3 2 M x3; look', { solid: null }],
  ['con-mg-co3-no-nh4cl', V, 'Ammonium carbonate brings magnesium down when no ammonium chloride is there.', 'Mg^2+ 0.2 | Cl^-', '(NH4)2CO3 1 M x15; boil 1; look', { solid: 'white' }],
  ['con-mg-co3-nh4cl', V, 'With it, it does not.', 'Mg^2+ 0.05 | Cl^-', 'NH4Cl 5 M x15; NH3 2 M x2; (NH4)2CO3 1 M x6; look', { solid: null }],
  // Oxidation
  ['con-fe2-not-oxidised', V, 'Iron left as iron(II) is not wholly brought down by ammonia and ammonium chloride.', 'Fe^2+ 0.02, H^+ 0.1 | Cl^-', 'NH4Cl 5 M x12; NH3 2 M x3; centrifuge B; B: (NH4)2S 1 M x3; B: look', { solid: 'black', species: 'FeS' }],
  ['con-fe2-oxidised', V, 'Oxidised with nitric acid it is.', 'Fe^2+ 0.02, H^+ 0.1 | Cl^-', 'HNO3 conc x4; boil 2; NH4Cl 5 M x12; NH3 conc x8; centrifuge B; B: (NH4)2S 1 M x3; B: look', { solid: null }],
  ['con-sn2-not-oxidised', V, 'Tin(II) sulfide does not follow into colourless sulfide.', 'Sn^2+ 0.02, H^+ 0.3 | Cl^-', 'pass H2S; centrifuge B; wash 1mL; (NH4)2S 1 M 2mL; warm 1; look', { solid: 'brown' }],
  ['con-sn2-oxidised', V, 'Oxidised first with peroxide, tin does.', 'Sn^2+ 0.02, H^+ 0.3 | Cl^-', 'H2O2 3 % x1; pass H2S; centrifuge B; wash 1mL; (NH4)2S 1 M 2mL; warm 1; look', { solid: null }],
  ['con-as5-not-reduced', V, 'Arsenate seems to be missing from group II in the cold.', 'AsO4^3- 0.03, Na^+ 0.06, H^+ 0.33 | Cl^-', 'pass H2S; look', { solid: null }],
  ['con-as5-reduced', V, 'Reduced with iodide in strong acid, it comes down.', 'AsO4^3- 0.03, Na^+ 0.06, H^+ 0.33 | Cl^-', 'HCl conc 1mL; KI 1 M x3; water 5mL; pass H2S 4; look', { species: 'As2S3' }],
  // Boiling off hydrogen sulfide
  ['con-h2s-left', V, 'Hydrogen sulfide left in, ammonia brings nickel down in group III.', 'Ni^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; NH4Cl 5 M x6; NH3 2 M x12; look', { solid: 'black', species: 'NiS' }],
  ['con-h2s-boiled-off', V, 'Boiled off, it does not.', 'Ni^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; boil 4; NH4Cl 5 M x6; NH3 2 M x12; look', { solid: null }],
  ['con-h2s-left-zn', V, 'Zinc likewise.', 'Zn^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; NH4Cl 5 M x6; NH3 2 M x12; look', { solid: 'white', species: 'ZnS' }],
  ['con-h2s-boiled-zn', V, 'Boiled off, it stays.', 'Zn^2+ 0.03, H^+ 0.3 | Cl^-', 'pass H2S; boil 4; NH4Cl 5 M x6; NH3 2 M x12; look', { solid: null }],
  // Washing
  ['con-pbcl2-not-washed', T, 'Lead chloride not washed out with hot water leaves white behind in ammonia.', 'Ag^+ 0.05, Pb^2+ 0.1', 'HCl 2 M x6; centrifuge B; NH3 2 M 1mL; look', { solid: 'white' }],
  ['con-pbcl2-washed', T, 'Washed out, nothing is left.', 'Ag^+ 0.05, Pb^2+ 0.1', 'HCl 2 M x6; centrifuge B; water 5mL; boil 1; centrifuge C; water 5mL; boil 1; centrifuge D; NH3 2 M 1mL; look', { solid: null }],
  // Excess, dilution, heat
  ['con-al-nh3-great-excess', V, 'Aluminium hydroxide dissolves a little in much strong ammonia.', 'Al^3+ 0.02 | Cl^-', 'NH3 2 M x4; look', { solid: 'white' }],
  ['con-zn-nh3-first', V, 'Zinc: a little ammonia precipitates.', 'Zn^2+ 0.1 | SO4^2-', 'NH3 2 M x2; look', { solid: 'white' }],
  ['con-zn-nh3-excess', V, 'Excess dissolves.', 'Zn^2+ 0.1 | SO4^2-', 'NH3 2 M 2mL; look', { solid: null }],
  ['con-ca-sulfate-strong', V, 'Sulfuric acid precipitates calcium from strong solution.', 'Ca^2+ 0.3 | Cl^-', 'H2SO4 1 M x8; look', { solid: 'white' }],
  ['con-ca-sulfate-dilute', V, 'Not from dilute.', 'Ca^2+ 0.01 | Cl^-', 'H2SO4 1 M x2; look', { solid: null }],
  ['con-cro4-ba-hcl', V, 'Mineral acid dissolves barium chromate.', 'Ba^2+ 0.03 | Cl^-', 'K2CrO4 0.1 M x6; HCl 2 M 1mL; look', { solid: null }],
  ['con-cro4-sr-neutral', V, 'Neutral chromate brings strontium down from strong solution.', 'Sr^2+ 0.3 | Cl^-', 'K2CrO4 0.5 M 1mL; look', { solid: 'yellow' }],
  ['con-bi-acid', V, 'Enough acid keeps bismuth chloride clear.', 'Bi^3+ 0.05, H^+ 2 | Cl^-', 'look', { solid: null }],
  ['con-bi-dilute', V, 'Diluted, it clouds.', 'Bi^3+ 0.05, H^+ 0.5 | Cl^-', 'water 10mL; look', { solid: 'white' }],
  ['con-po4-group3', V, 'Phosphate left in, ammonia brings calcium down in group III.', 'Ca^2+ 0.03, PO4^3- 0.03, H^+ 0.2 | Cl^-', 'NH4Cl 5 M x6; NH3 2 M x8; look', { solid: 'white' }],
  ['con-no-po4-group3', V, 'Without it, it does not.', 'Ca^2+ 0.03, H^+ 0.2 | Cl^-', 'NH4Cl 5 M x6; NH3 2 M x8; look', { solid: null }],
  ['con-oxalate-group3', V, 'Oxalate does the same.', 'Ca^2+ 0.03, C2O4^2- 0.03, H^+ 0.3 | Cl^-', 'NH4Cl 5 M x6; NH3 2 M x8; look', { solid: 'white', species: 'CaC2O4.H2O' }],
  ['con-tartrate-fe', V, 'Tartrate keeps iron(III) in solution against ammonia.', 'Fe^3+ 0.005 | Cl^-', 'tartaric acid 1mL; look', { solid: null }],
  ['con-cu-cd-h2s', V, 'Copper hides cadmium yellow with its black.', 'Cu^2+ 0.02, Cd^2+ 0.02, H^+ 0.3 | Cl^-', 'pass H2S 3; look', { solid: ['black', 'brown', 'grey'] }],
  ['con-k4-zn-cu', V, 'Copper colours the zinc ferrocyanide test.', 'Zn^2+ 0.03, Cu^2+ 0.01 | Cl^-', 'K4Fe(CN)6 0.1 M x6; look', { solid: ['brown', 'red', 'violet'] }],
)
