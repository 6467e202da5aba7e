import { HABITS } from '../vocabulary'

/** What a word or phrase stands for. Several may make one observation: "white" and "curdy" describe the precipitate they stand beside. */
export type Kind =
  | 'colour'
  | 'shade'
  | 'habit'
  | 'amount'
  | 'precipitate'
  | 'liquid'
  | 'clarity'
  | 'dissolves'
  | 'excess'
  | 'reagent'
  | 'gas'
  | 'vigour'
  | 'smell'
  | 'paper'
  | 'heat'
  | 'form'
  | 'nothing'
  | 'not'
  | 'certainty'
  | 'arrow'
  | 'flame'
  | 'lasts'
  | 'lime'
  | 'splint'
  | 'rod'
  | 'residue'
  | 'sublimate'
  | 'bead'
  | 'ring'
  | 'layer'
  | 'when'
  | 'dry'
  | 'filler'
export interface Meaning {
  readonly is: Kind
  /** The vocabulary's word; empty where the kind says it all. */
  readonly value: string
}

/** The bench's own words, spellings and abbreviations, lower case. */
export const words = new Map<string, Meaning>()
const define = ({ is, value = '' }: { is: Kind; value?: string }, ...spellings: string[]): void => {
  for (const spelling of spellings) words.set(spelling, { is, value })
}

define({ is: 'colour', value: 'white' }, 'white', 'wh', 'wht', 'milky white', 'snow white', 'chalky')
define({ is: 'colour', value: 'colourless' }, 'colourless', 'colorless', 'clless', 'cless', 'col less', 'no colour', 'no color', 'water white')
define({ is: 'colour', value: 'grey' }, 'grey', 'gray', 'gry')
define({ is: 'colour', value: 'black' }, 'black', 'blk', 'blackish')
define({ is: 'colour', value: 'red' }, 'red', 'brick red', 'brick-red', 'reddish', 'crimson', 'scarlet')
define({ is: 'colour', value: 'orange' }, 'orange', 'or')
define({ is: 'colour', value: 'yellow' }, 'yellow', 'yel', 'yell', 'ylw', 'yellowish', 'canary', 'cream', 'creamy', 'straw')
define({ is: 'colour', value: 'green' }, 'green', 'grn', 'gn', 'greenish', 'apple green')
define({ is: 'colour', value: 'blue' }, 'blue', 'bl', 'blu', 'bluish', 'blueish', 'azure', 'sky blue', 'royal blue', 'inky blue')
define({ is: 'colour', value: 'violet' }, 'violet', 'purple', 'mauve', 'vio')
define({ is: 'colour', value: 'pink' }, 'pink', 'pinkish', 'rose')
define({ is: 'colour', value: 'brown' }, 'brown', 'brn', 'br', 'brownish', 'buff', 'tan', 'chocolate')
define({ is: 'colour', value: 'green' }, 'blue green', 'blue-green', 'bluish green', 'turquoise')
define({ is: 'shade', value: 'pale' }, 'pale', 'lt', 'light', 'faint', 'faintly', 'v pale', 'very pale')
define({ is: 'shade', value: 'deep' }, 'deep', 'dk', 'dark', 'intense', 'bright', 'strong')
for (const habit of HABITS) define({ is: 'habit', value: habit }, habit)
define({ is: 'habit', value: 'gelatinous' }, 'gel', 'gelat', 'gelatin', 'jelly', 'jelly-like', 'jelly like', 'slimy')
define({ is: 'habit', value: 'crystalline' }, 'cryst', 'xtal', 'xtalline', 'needles', 'crystalline needles')
define({ is: 'habit', value: 'curdy' }, 'curds', 'cheesy', 'curdled')
define({ is: 'habit', value: 'flocculent' }, 'floc', 'flocks', 'flaky', 'fluffy')
define({ is: 'habit', value: 'powdery' }, 'powd', 'fine', 'finely divided')
define({ is: 'habit', value: 'granular' }, 'grainy', 'gritty', 'specks')
define({ is: 'amount', value: 'trace' }, 'trace', 'tr', 'traces')
define({ is: 'amount', value: 'slight' }, 'slight', 'sl', 'a little', 'little', 'some', 'slightly')
define({ is: 'amount', value: 'moderate' }, 'moderate', 'mod', 'fair')
define({ is: 'amount', value: 'heavy' }, 'heavy', 'thick', 'dense', 'much', 'lots', 'copious', 'lots of', 'bulky')
define(
  { is: 'precipitate' },
  'ppt',
  'ppts',
  'pptn',
  'pcpt',
  'precip',
  'precipitate',
  'precipitation',
  'solid',
  'deposit',
  'ppt forms',
  'ppt formed',
  'sediment',
)
define({ is: 'liquid' }, 'soln', 'solution', 'liquid', 'liq', 'filtrate', 'supernatant', 'sn')
define({ is: 'clarity', value: 'clear' }, 'clear')
define({ is: 'clarity', value: 'cloudy' }, 'cloudy', 'turbid', 'turbidity', 'hazy', 'milky', 'opalescent', 'cloudiness')
define({ is: 'clarity', value: 'opaque' }, 'opaque')
define(
  { is: 'dissolves', value: 'yes' },
  'sol',
  'soluble',
  'dissolves',
  'dissolved',
  'dissolve',
  'goes',
  'disappears',
  'clears',
  'redissolves',
  'diss',
  'dissolving',
)
define(
  { is: 'dissolves', value: 'partly' },
  'partly sol',
  'partly soluble',
  'partially sol',
  'partially soluble',
  'sparingly sol',
  'sl sol',
  'slightly soluble',
  'partly dissolves',
  'partially dissolves',
  'dissolves partly',
  'part sol',
)
define(
  { is: 'dissolves', value: 'no' },
  'insol',
  'insoluble',
  'does not dissolve',
  "doesn't dissolve",
  'doesnt dissolve',
  'not sol',
  'not soluble',
  'undissolved',
  'stays',
  'remains',
  'persists',
  'ins',
)
define({ is: 'excess' }, 'xs', 'excess', 'in xs', 'in excess', 'ex', 'exc')
for (const [value, ...spellings] of [
  ['ammonia', 'nh3', 'ammonia', 'nh4oh', 'amm', 'ammonium hydroxide'],
  ['sodium hydroxide', 'naoh', 'sodium hydroxide', 'alkali', 'caustic soda', 'caustic'],
  ['hydrochloric acid', 'hcl', 'hydrochloric acid'],
  ['nitric acid', 'hno3', 'nitric acid'],
  ['sulfuric acid', 'h2so4', 'sulfuric acid', 'sulphuric acid'],
  ['acid', 'acid', 'acids'],
  ['water', 'water', 'h2o', 'aq'],
  ['silver nitrate', 'agno3', 'silver nitrate'],
  ['barium nitrate', 'ba(no3)2', 'barium nitrate'],
  ['barium chloride', 'bacl2', 'barium chloride'],
  ['acetic acid', 'acetic acid', 'hoac', 'ch3cooh'],
  ['potassium iodide', 'ki', 'potassium iodide'],
  ['lead nitrate', 'pb(no3)2', 'lead nitrate'],
  ['sodium carbonate', 'na2co3', 'sodium carbonate', 'soda'],
  ['ammonium carbonate', '(nh4)2co3', 'ammonium carbonate'],
  ['potassium hexacyanoferrate ii', 'k4fe(cn)6', 'ferrocyanide'],
  ['heating', 'warming', 'heating', 'boiling', 'on warming', 'on heating', 'on boiling', 'when hot', 'heat', 'boil'],
  ['ammonium chloride', 'nh4cl', 'ammonium chloride'],
] as const)
  define({ is: 'reagent', value }, ...spellings)
define({ is: 'gas' }, 'gas', 'fumes', 'bubbles', 'gas evolved', 'gas given off')
define({ is: 'gas', value: 'NH3' }, 'ammonia gas', 'nh3 gas', 'ammonia evolved', 'nh3 evolved', 'nh3 given off', 'ammonia given off')
define({ is: 'vigour', value: 'slight' }, 'slow bubbles', 'few bubbles')
define({ is: 'vigour', value: 'brisk' }, 'effervescence', 'eff', 'effv', 'effervesces', 'fizz', 'fizzes', 'fizzing', 'brisk')
define({ is: 'vigour', value: 'violent' }, 'violent', 'vigorous')
define(
  { is: 'smell', value: 'pungent, ammonia' },
  'smells of ammonia',
  'smell of ammonia',
  'ammonia smell',
  'ammoniacal smell',
  'smells of nh3',
  'smell of nh3',
  'nh3 smell',
  'pungent',
  'pungent smell',
  'pungent odour',
  'ammoniacal',
  'ammoniacal odour',
)
define({ is: 'smell', value: 'none' }, 'no smell', 'odourless', 'odorless', 'no odour', 'no odor')
define({ is: 'paper', value: 'red litmus paper' }, 'red litmus', 'red litmus paper', 'rl', 'moist red litmus', 'damp red litmus')
define({ is: 'paper', value: 'blue litmus paper' }, 'blue litmus', 'blue litmus paper', 'moist blue litmus', 'damp blue litmus')
define({ is: 'paper', value: 'universal indicator paper' }, 'ui paper', 'universal indicator', 'universal indicator paper', 'ph paper')
define({ is: 'smell', value: 'vinegar' }, 'vinegar', 'vinegary', 'smells of vinegar', 'smell of vinegar', 'vinegar smell', 'acetic smell')
define({ is: 'smell', value: 'pungent, acid' }, 'acid fumes', 'choking acid', 'pungent acid', 'acrid')
define({ is: 'smell', value: 'choking, burning sulfur' }, 'burning sulfur', 'burning sulphur', 'smells of burning sulfur')
define({ is: 'smell', value: 'pungent, nitrous' }, 'nitrous fumes', 'nitrous')
define({ is: 'flame' }, 'flame', 'flm', 'flame test')
define({ is: 'lasts', value: 'flash' }, 'flash', 'flashes', 'flashing')
define({ is: 'lasts', value: 'brief' }, 'brief', 'briefly', 'short', 'fleeting', 'transient')
define({ is: 'lasts', value: 'steady' }, 'steady', 'lasting', 'persistent')
define({ is: 'lime' }, 'lime water', 'limewater', 'lw', 'lime')
define({ is: 'splint', value: 'goes-out' }, 'splint out', 'splint goes out', 'puts out splint', 'extinguished', 'splint extinguished', 'goes out')
define({ is: 'splint', value: 'relights' }, 'splint relights', 'relights')
define({ is: 'splint', value: 'pops' }, 'pops', 'pop', 'squeaky pop')
define({ is: 'rod', value: 'white smoke' }, 'white smoke', 'white fumes with ammonia', 'white fumes with hcl', 'smokes', 'dense white fumes')
define({ is: 'rod', value: 'milky drop' }, 'drop turns milky', 'drop milky', 'milky drop', 'drop goes white', 'white film on drop')
define({ is: 'rod', value: 'etched' }, 'etched', 'glass etched', 'etches glass', 'etches the glass', 'glass dulled')
define({ is: 'rod', value: 'unchanged' }, 'no smoke', 'no white smoke', 'drop stays clear', 'not etched', 'glass not etched')
define({ is: 'splint', value: 'burns-on' }, 'splint burns on', 'burns on', 'splint burns')
define({ is: 'paper', value: 'starch iodide paper' }, 'starch iodide', 'starch iodide paper', 'starch-iodide', 'ski paper', 'ki starch')
define({ is: 'paper', value: 'acid dichromate paper' }, 'dichromate paper', 'acid dichromate paper')
define({ is: 'paper', value: 'lead acetate paper' }, 'lead acetate paper', 'pbac paper')
define({ is: 'gas', value: 'CO2' }, 'co2', 'carbon dioxide')
define({ is: 'gas', value: 'NO2' }, 'no2', 'nitrogen dioxide')
define({ is: 'colour', value: 'violet' }, 'lilac', 'crimson violet')
define({ is: 'colour', value: 'yellow' }, 'golden yellow', 'golden')
define({ is: 'colour', value: 'orange' }, 'orange red', 'orange-red')
define({ is: 'colour', value: 'brown' }, 'red brown', 'red-brown', 'reddish brown', 'reddish-brown', 'rusty')
define({ is: 'heat', value: 'warm' }, 'gets warm', 'warms', 'becomes warm', 'tube warm')
define({ is: 'heat', value: 'hot' }, 'gets hot', 'becomes hot', 'tube hot')
define({ is: 'form', value: 'crystals' }, 'crystals', 'xtals')
define({ is: 'form', value: 'powder' }, 'powder')
define({ is: 'form', value: 'moist' }, 'moist', 'deliquesces', 'deliquescent', 'deliquesced', 'sticky', 'turns wet', 'runs wet')
define({ is: 'form', value: 'bloom' }, 'bloom', 'white bloom', 'effloresces', 'efflorescent', 'effloresced', 'weathered')
define(
  { is: 'nothing' },
  'no change',
  'nc',
  'no rxn',
  'no reaction',
  'nothing',
  'nothing happens',
  'no visible change',
  'unchanged',
  'no observable change',
  'n c',
  'no effect',
)
define({ is: 'not' }, 'no', 'not', 'none', 'without', 'never')
define({ is: 'certainty', value: 'unsure' }, '?', 'perhaps', 'maybe', 'possibly', 'not sure', 'unsure')
define({ is: 'certainty', value: 'fairly' }, 'probably', 'i think', 'fairly sure')
define({ is: 'arrow' }, '->', '→', 'turns', 'to', 'turned', 'becomes', 'goes to', 'changes to', 'turning', 'turn')
define(
  { is: 'filler' },
  'giving',
  'gives',
  'a',
  'an',
  'the',
  'of',
  'in',
  'with',
  'and',
  'is',
  'was',
  'forms',
  'formed',
  'form',
  'seen',
  'given',
  'on',
  'at',
  'once',
  'then',
  'it',
  'paper',
  'adding',
  'obtained',
  'obs',
  'there',
  'evolved',
  'off',
  '&',
  'when',
  'added',
  'more',
  'stays the same',
  'still',
  'immediately',
  'immed',
)
define({ is: 'residue' }, 'residue', 'what is left', 'left behind', 'residue left')
define({ is: 'sublimate' }, 'sublimate', 'subl', 'sublimes', 'ring of sublimate', 'white sublimate')
define({ is: 'bead' }, 'bead', 'borax bead', 'microcosmic bead')
define({ is: 'ring' }, 'ring', 'ring at junction', 'ring at the junction', 'ring at interface')
define({ is: 'layer' }, 'layer', 'organic layer', 'lower layer', 'upper layer', 'dcm layer', 'hexane layer')
define({ is: 'when', value: 'hot' }, 'hot', 'when hot', 'while hot')
define({ is: 'when', value: 'cold' }, 'cold', 'when cold', 'on cooling', 'cooled')
define({ is: 'dry', value: 'crackles' }, 'crackles', 'crackling', 'decrepitates', 'decrepitation', 'decrep')
define({ is: 'dry', value: 'melts' }, 'melts', 'melted', 'melting', 'fuses', 'liquefies')
define({ is: 'dry', value: 'chars' }, 'chars', 'charring', 'charred', 'blackens')
define({ is: 'dry', value: 'swells' }, 'swells', 'swelling', 'intumesces', 'puffs up')
define({ is: 'dry', value: 'water' }, 'water drops', 'drops of water', 'steam', 'condensation', 'water droplets', 'misting')
for (const [value, ...spellings] of [
  ['rotten eggs', 'rotten eggs', 'smells of rotten eggs', 'rotten egg smell', 'bad eggs'],
  ['choking, chlorine', 'chlorine smell', 'smells of chlorine', 'swimming pool smell'],
  ['choking, bromine', 'bromine smell', 'smells of bromine'],
  ['garlic', 'garlic', 'garlic smell', 'smells of garlic'],
  ['fruity', 'fruity', 'fruity smell', 'pear drops'],
  ['acetone', 'acetone', 'smells of acetone', 'nail varnish'],
  ['burnt sugar', 'burnt sugar', 'smells of burnt sugar', 'caramel'],
] as const)
  define({ is: 'smell', value }, ...spellings)
for (const [value, ...spellings] of [
  ['SO2', 'so2', 'sulfur dioxide', 'sulphur dioxide'],
  ['H2S', 'h2s', 'hydrogen sulfide', 'hydrogen sulphide'],
  ['Cl2', 'cl2', 'chlorine'],
  ['Br2', 'br2', 'bromine', 'bromine vapour'],
  ['I2', 'i2 vapour', 'iodine vapour'],
  ['HCl', 'hcl gas', 'hydrogen chloride'],
  ['O2', 'o2', 'oxygen'],
  ['H2', 'h2', 'hydrogen'],
] as const)
  define({ is: 'gas', value }, ...spellings)
