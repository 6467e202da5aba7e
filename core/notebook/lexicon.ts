import { REAGENTS } from '../species'
import { HABITS, LINE_COLOURS } from '../vocabulary'

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
  | 'solid'
  | 'appears'
  | 'colourword'
  | 'faded'
  | 'fizz'
  | 'smelling'
  | 'held'
  | 'glass'
  | 'rests'
  | 'speed'
  | 'sooty'
  | 'strength'
  | 'says'
  | 'changing'
  | 'earlier'
  | 'filler'
export interface Meaning {
  readonly is: Kind
  /** The vocabulary's word, of a colour perhaps with its shade (`brown/pale`); empty where the kind says it all. Of `says`, whole observations: `channel=value;channel=value`. */
  readonly value: string
}

/** The bench's own words, spellings and abbreviations, lower case. */
export const words = new Map<string, Meaning>()
const define = ({ is, value = '' }: { is: Kind; value?: string }, ...spellings: string[]): void => {
  for (const spelling of spellings) words.set(spelling, { is, value })
}

define(
  { is: 'colour', value: 'white' },
  'white',
  'wh',
  'wht',
  'whitish',
  'milky white',
  'snow white',
  'chalky',
  'creamy white',
  'cream white',
  'off white',
  'off-white',
  'dirty white',
)
define(
  { is: 'colour', value: 'colourless' },
  'colourless',
  'colorless',
  'clless',
  'cless',
  'col less',
  'no colour',
  'no color',
  'water white',
  'decolourised',
  'decolorised',
  'decolourized',
  'decolorized',
  'decolourises',
  'decolorizes',

  'discharged',
  'colourless again',
)
define({ is: 'colour', value: 'grey' }, 'grey', 'gray', 'gry', 'greyish', 'grayish', 'greyish white', 'grayish white')
define({ is: 'colour', value: 'black' }, 'black', 'blk', 'blackish', 'jet black', 'blackened', 'blackens')
define(
  { is: 'colour', value: 'red' },
  'red',
  'brick red',
  'brick-red',
  'reddish',
  'crimson',
  'scarlet',
  'cherry red',
  'rosy red',
  'ruby red',
  'carmine',
)
define({ is: 'colour', value: 'red/deep' }, 'blood red', 'blood-red', 'wine red', 'maroon')
define({ is: 'colour', value: 'orange' }, 'orange', 'orangish')
define(
  { is: 'colour', value: 'yellow' },
  'yellow',
  'yel',
  'yell',
  'ylw',
  'yellowish',
  'ye',
  'yw',
  'canary',
  'canary yellow',
  'lemon',
  'lemon yellow',
  'yl',
)
define(
  { is: 'colour', value: 'yellow/pale' },
  'cream',
  'creamy',
  'cream coloured',
  'cream colored',
  'straw',
  'straw coloured',
  'straw colored',
  'straw yellow',
)
define({ is: 'colour', value: 'yellow/greenish' }, 'greenish yellow', 'greenish-yellow')
define({ is: 'colour', value: 'green/yellowish' }, 'green yellow', 'yellow-green', 'yellowish green', 'yellowish-green', 'yellow green')
define(
  { is: 'colour', value: 'green' },
  'green',
  'grn',
  'gn',
  'greenish',
  'apple green',
  'dirty green',
  'pea green',
  'grass green',
  'grassy green',
  'sea green',
  'emerald',
)
define({ is: 'colour', value: 'blue' }, 'blue', 'bl', 'blu', 'bluish', 'blueish', 'azure')
define({ is: 'colour', value: 'blue/pale' }, 'sky blue')
define(
  { is: 'colour', value: 'blue/deep' },
  'royal blue',
  'inky blue',
  'navy',
  'navy blue',
  'prussian blue',
  'blue black',
  'blue-black',
  'bluish black',
)
define({ is: 'colour', value: 'violet' }, 'violet', 'purple', 'mauve', 'vio', 'purplish', 'amethyst', 'violet coloured')
define({ is: 'colour', value: 'pink' }, 'pink', 'pinkish', 'rose', 'rose pink', 'rosy')
define({ is: 'colour', value: 'pink/pale' }, 'flesh', 'flesh coloured', 'flesh colored', 'flesh pink', 'salmon')
define({ is: 'colour', value: 'brown' }, 'brown', 'brn', 'br', 'brownish', 'browns')
define({ is: 'colour', value: 'brown/pale' }, 'buff', 'tan', 'fawn', 'buff coloured')
define({ is: 'colour', value: 'brown/deep' }, 'chocolate', 'chocolate brown', 'choc brown', 'choc')
define({ is: 'colour', value: 'green/bluish' }, 'blue green', 'blue-green', 'bluish green', 'bluish-green', 'blueish green', 'turquoise')
define({ is: 'colour', value: 'blue/greenish' }, 'greenish blue', 'greenish-blue', 'green blue', 'green-blue')
define({ is: 'shade', value: 'pale' }, 'pale', 'pl', 'lt', 'light', 'v pale', 'very pale', 'v. pale', 'v lt')
/** Of a colour it is pale; of a precipitate there is hardly any. */
define({ is: 'shade', value: 'faint' }, 'faint', 'faintly', 'v faint', 'v. faint', 'very faint')
define({ is: 'shade', value: 'deep' }, 'deep', 'dk', 'dark', 'intense', 'bright', 'strong', 'v deep', 'very deep', 'intensely')
for (const habit of HABITS) define({ is: 'habit', value: habit }, habit)
define({ is: 'habit', value: 'gelatinous' }, 'gel', 'gelat', 'gelatin', 'jelly', 'jelly-like', 'jelly like', 'gelly', 'gelatinuous', 'slimy')
define({ is: 'habit', value: 'crystalline' }, 'cryst', 'xtal', 'xtalline', 'needles', 'crystalline needles', 'needle shaped', 'spangles', 'plates')
define({ is: 'habit', value: 'curdy' }, 'curds', 'cheesy', 'curdled')
define({ is: 'habit', value: 'flocculent' }, 'floc', 'flocks', 'flaky', 'fluffy')
define({ is: 'habit', value: 'powdery' }, 'powd', 'fine', 'finely divided')
define({ is: 'habit', value: 'granular' }, 'grainy', 'gritty', 'specks')
define(
  { is: 'amount', value: 'trace' },
  'trace',
  'tr',
  'traces',
  'hardly any',
  'barely any',
  'tiny',
  'tiny bit',
  'tiny bit of',
  'trace of',
  'v little',
  'very little',
)
define({ is: 'amount', value: 'slight' }, 'slight', 'sl', 'a little', 'little', 'some', 'slightly', 'scanty', 'thin', 'small', 'a bit of', 'few')
define({ is: 'amount', value: 'moderate' }, 'moderate', 'mod', 'fair')
define({ is: 'amount', value: 'heavy' }, 'heavy', 'thick', 'dense', 'much', 'lots', 'copious', 'lots of', 'bulky', 'large', 'voluminous')
define(
  { is: 'precipitate' },
  'ppt',
  'ppts',
  'pptn',
  'pcpt',
  'precip',
  'precipitate',
  'precipitation',
  'pptate',
  'lake',
  'ppte',
  'pptates',
  'pt',
  'precipitates',
  'precipitated',
  'deposit',
  'reappears',
  'reprecipitates',
  'reprecipitated',
  'reppt',
  'ppt forms',
  'ppt formed',
  'sediment',
)
define({ is: 'liquid' }, 'soln', 'solution', 'liquid', 'liq', 'filtrate', 'supernatant', 'supernate', 'sn', 'sol n', "sol'n", 'solutions', 'mixture')
define({ is: 'colourword' }, 'colour', 'color', 'coloration', 'colouration', 'tint')
define({ is: 'clarity', value: 'clear' }, 'clear', 'stays clear', 'remains clear', 'still clear')
define(
  { is: 'clarity', value: 'cloudy' },
  'milkythenclear',
  'cloudy',
  'turbid',
  'turbidity',
  'hazy',
  'milky',
  'milkiness',
  'opalescent',
  'opalescence',
  'cloudiness',
  'haze',
)
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
  'redissolve',
  'dissolution',
  'vanishes',
  'vanished',
  'vanish',
  'gone',
  'solubilises',
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
  'sparingly soluble',
  'slightly sol',
  'partly diss',
  'mostly dissolves',
  'mostly sol',
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
  'dont dissolve',
  'did not dissolve',
  "didn't dissolve",
  'insol.',
  'remained',
  'stayed',
  'still there',
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
  ['heating', 'warming', 'heating', 'boiling', 'on warming', 'on heating', 'on boiling', 'heat', 'boil', 'on warming', 'warmed', 'heated', 'boiled'],
  [
    'standing',
    'standing',
    'on standing',
    'on keeping',
    'keeping',
    'in air',
    'on exposure',
    'in light',
    'in sunlight',
    'overnight',
    'with time',
    'after a while',
    'after some time',
  ],
  ['cooling', 'on cooling', 'when cooled'],
  ['ammonium polysulfide', 'yellow ammonium sulphide', 'yellow ammonium sulfide', 'yas'],
  ['ammonium chloride', 'nh4cl', 'ammonium chloride'],
] as const)
  define({ is: 'reagent', value }, ...spellings)
define(
  { is: 'gas' },
  'gas',
  'fumes',
  'misty fumes',
  'steamy fumes',
  'fuming',
  'fume',
  'vapour',
  'vapours',
  'vapor',
  'vapors',
  'gas evolved',
  'gas given off',
  'gas comes off',
)
define({ is: 'gas', value: 'NH3' }, 'ammonia gas', 'nh3 gas', 'ammonia evolved', 'nh3 evolved', 'nh3 given off', 'ammonia given off')
define({ is: 'vigour', value: 'slight' }, 'slow bubbles', 'few bubbles', 'a few bubbles', 'slow fizz', 'slow effervescence')
define({ is: 'vigour', value: 'brisk' }, 'brisk', 'briskly', 'rapid', 'rapidly')
define(
  { is: 'fizz' },
  'effervescence',
  'effervesence',
  'eff',
  'effv',
  'efferv',
  'effervesces',
  'effervescing',
  'fizz',
  'fizzes',
  'fizzing',
  'bubbling',
)
define({ is: 'fizz', value: 'quiet' }, 'bubbles', 'bubble', 'gas bubbles', 'bubbles of gas')
define({ is: 'vigour', value: 'violent' }, 'violent', 'vigorous', 'violently', 'vigorously')
define(
  { is: 'smell', value: 'pungent, ammonia' },
  'smells of ammonia',
  'smell of ammonia',
  'ammonia smell',
  'ammoniacal smell',
  'smells of nh3',
  'smell of nh3',
  'nh3 smell',
  'ammoniacal',
  'ammoniacal odour',
)
define(
  { is: 'smell', value: 'pungent' },
  'pungent',
  'pungent smell',
  'pungent odour',
  'pungent odor',
  'choking',
  'choking smell',
  'suffocating',
  'suffocating smell',
  'irritating',
  'sharp smell',
)
define(
  { is: 'smelling' },
  'smell',
  'smells',
  'smelling',
  'odour',
  'odor',
  'smells of',
  'smell of',
  'smells like',
  'smell like',
  'smelt',
  'smelled',
  'smelt of',
  'smelled of',
  'smelling of',
)
define({ is: 'smell', value: 'none' }, 'no smell', 'odourless', 'odorless', 'no odour', 'no odor')
define(
  { is: 'paper', value: 'red litmus paper' },
  'red litmus',
  'red litmus paper',
  'rl',
  'moist red litmus',
  'damp red litmus',
  'wet red litmus',
  'r litmus',
  'red lit',
)
define(
  { is: 'paper', value: 'blue litmus paper' },
  'blue litmus',
  'blue litmus paper',
  'moist blue litmus',
  'damp blue litmus',
  'wet blue litmus',
  'b litmus',
  'blue lit',
)
define({ is: 'paper', value: 'universal indicator paper' }, 'ui paper', 'universal indicator', 'universal indicator paper', 'ph paper')
define(
  { is: 'smell', value: 'vinegar' },
  'vinegar',
  'vinegary',
  'smells like vinegar',
  'smells of vinegar',
  'smell of vinegar',
  'vinegar smell',
  'acetic smell',
)
define({ is: 'smell', value: 'pungent, acid' }, 'acid fumes', 'choking acid', 'pungent acid', 'acrid')
define(
  { is: 'smell', value: 'choking, burning sulfur' },
  'burning sulfur',
  'burning sulphur',
  'burnt sulfur',
  'burnt sulphur',
  'smells of burning sulfur',
)
define({ is: 'smell', value: 'bitter almonds' }, 'bitter almonds', 'almonds', 'almond')
define({ is: 'smell', value: 'pungent, nitrous' }, 'nitrous fumes', 'nitrous')
define(
  { is: 'flame' },
  'flame',
  'flm',
  'flame test',
  'thru blue glass',
  'through blue glass',
  'through cobalt glass',
  'thru cobalt glass',
  'cobalt glass',
  'blue glass',
  'through co glass',
)
define({ is: 'sooty' }, 'sooty', 'smoky', 'sooty flame', 'smoky flame', 'soot', 'black smoke')
define({ is: 'lasts', value: 'flash' }, 'flash', 'flashes', 'flashing')
define({ is: 'lasts', value: 'brief' }, 'brief', 'briefly', 'short', 'fleeting', 'transient')
define(
  { is: 'lasts', value: 'steady' },
  'steady',
  'lasting',
  'lasts',
  'persistent',
  'persisting',
  'long lasting',
  'masks everything',
  'masks all else',
)
define({ is: 'lime' }, 'lime water', 'limewater', 'lw', 'lime')
define(
  { is: 'splint', value: 'goes-out' },
  'splint out',
  'splint goes out',
  'puts out splint',
  'extinguished',
  'splint extinguished',
  'goes out',
  'puts out',
  'put out',
  'puts it out',
)
define({ is: 'splint', value: 'relights' }, 'splint relights', 'relights', 'rekindles', 'relit', 'glows brighter')
define({ is: 'splint', value: 'pops' }, 'pops', 'pop', 'squeaky pop', 'popped')
define({ is: 'rod', value: 'white smoke' }, 'white smoke', 'white fumes with ammonia', 'white fumes with hcl', 'smokes', 'dense white fumes')
define({ is: 'rod', value: 'milky drop' }, 'drop turns milky', 'drop milky', 'milky drop', 'drop goes white', 'white film on drop')
define({ is: 'rod', value: 'etched' }, 'etched', 'glass etched', 'etches glass', 'etches the glass', 'glass dulled')
define({ is: 'rod', value: 'unchanged' }, 'no smoke', 'no white smoke', 'drop stays clear', 'not etched', 'glass not etched')
define(
  { is: 'splint', value: 'burns-on' },
  'splint burns on',
  'burns on',
  'splint burns',
  'splint keeps burning',
  'keeps burning',
  'splint keeps on burning',
  'keeps on burning',
  'splint continues to burn',
  'continues to burn',
  'splint stays alight',
  'stays alight',
  'goes on burning',
)
define(
  { is: 'filler' },
  'splint',
  'glowing splint',
  'burning splint',
  'lighted splint',
  'lit splint',
  'a glowing splint',
  'a burning splint',
  'wooden splint',
)
define({ is: 'held' }, 'rod', 'glass rod', 'nh3 rod', 'ammonia rod', 'hcl rod')
define({ is: 'glass' }, 'dipped')
define({ is: 'paper', value: 'mercury(II) nitrate paper' }, 'mercury paper', 'mercuric nitrate paper', 'mercury nitrate paper', 'hg paper')
define(
  { is: 'paper', value: 'starch iodide paper' },
  'starch iodide',
  'starch iodide paper',
  'starch-iodide',
  'starch-iodide paper',
  'ki-starch paper',
  'starch ki paper',
  'ki starch paper',
  'ski paper',
  'ki starch',
)
define(
  { is: 'paper', value: 'acid dichromate paper' },
  'dichromate paper',
  'acid dichromate paper',
  'acidified dichromate paper',
  'acidified dichromate',
  'k2cr2o7 paper',
  'acid dichromate',
  'acidified k2cr2o7 paper',
  'acid k2cr2o7 paper',
)
define(
  { is: 'paper', value: 'lead acetate paper' },
  'lead acetate paper',
  'lead acetate',
  'pb acetate paper',
  'pb acetate',
  'pb ac paper',
  'pbac paper',
  'pb(oac)2 paper',
  'pb(oac)2',
  'pb(ch3coo)2 paper',
  'lead ac paper',
)
define({ is: 'gas', value: 'CO2' }, 'co2', 'carbon dioxide')
define({ is: 'gas', value: 'NO2' }, 'no2', 'nitrogen dioxide')
define({ is: 'colour', value: 'violet' }, 'lilac', 'crimson violet')
define({ is: 'colour', value: 'yellow' }, 'golden yellow', 'golden')
define({ is: 'colour', value: 'orange' }, 'orange red', 'orange-red')
define(
  { is: 'colour', value: 'brown' },
  'red brown',
  'red-brown',
  'red-brn',
  'reddish brown',
  'reddish-brown',
  'redish brown',
  'rusty',
  'rust',
  'rust coloured',
  'rust brown',
)
define({ is: 'heat', value: 'warm' }, 'gets warm', 'got warm', 'feels warm', 'warms', 'becomes warm', 'tube warm')
define({ is: 'heat', value: 'hot' }, 'gets hot', 'got hot', 'becomes hot', 'became hot', 'feels hot', 'tube hot')
define({ is: 'form', value: 'crystals' }, 'crystals', 'xtals')
define({ is: 'form', value: 'powder' }, 'powder', 'powdered', 'amorphous powder', 'amorphous', 'amorphous solid')
define({ is: 'form', value: 'lumps' }, 'lumps', 'lumpy')
define({ is: 'form', value: 'granules' }, 'granules')
define({ is: 'solid' }, 'solid')
define({ is: 'form' }, 'salt', 'substance')
define({ is: 'appears' }, 'separates', 'separate', 'separated', 'appears', 'appeared', 'comes down', 'came down', 'settles out', 'falls')
define(
  { is: 'form', value: 'liquid' },
  'oily liquid',
  'viscous liquid',
  'viscous oil',
  'mobile liquid',
  'volatile liquid',
  'syrup',
  'syrupy liquid',
  'thick liquid',
  'oil',
)
define(
  { is: 'form', value: 'moist' },
  'moist',
  'wet',
  'goes wet',
  'gets wet',
  'deliquesces',
  'deliquescent',
  'deliquesced',
  'sticky',
  'turns wet',
  'runs wet',
)
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
  'n/c',
  'n.c.',
  'nil',
  'no obs change',
  'no colour change',
  'no color change',
  'nothing seen',
  'same as before',
  'unaffected',
  'not affected',
  'did not change',
  'no obs',
)
define(
  { is: 'not' },
  'no',
  'not',
  'none',
  'without',
  'never',
  'nil',
  "didn't",
  'didnt',
  "doesn't",
  'doesnt',
  'did not',
  'does not',
  'no sign of',
  'absence of',
)
define(
  { is: 'certainty', value: 'unsure' },
  '?',
  'perhaps',
  'maybe',
  'may be',
  'possibly',
  'not sure',
  'not sure if',
  'unsure',
  'might be',
  'looks like',
)
define({ is: 'certainty', value: 'fairly' }, 'probably', 'prob', 'i think', 'fairly sure', 'almost certainly')
define(
  { is: 'arrow' },
  '->',
  '→',
  'turns',
  'going',
  'to',
  'turned',
  'becomes',
  'goes to',
  'changes to',
  'darkening to',
  'darkens to',
  'darkened to',
  'changed to',
  'turning',
  'turn',
  'becoming',
  'became',
  'went',
  'which goes',
  'goes from',
  'from',
  'into',
  '>',
)
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
  'even',
  'if',
  'that',
  'which',
  'this',
  'were',
  'are',
  'has',
  'had',
  'been',
  'very',
  'observed',
  'noticed',
  'produced',
  'left',
  'comes',
  'came',
  'forming',
  'develops',
  'for',
  'from the',
  'walls',
  'wall',
  'sides',
  'side',
  'cooler',
  'cooler part',
  'cold part',
  'part',
  'tube',
  'test tube',
  'like',
  'sound',
  'burns',
  'burnt',
  'burn',
  'drops',
  'drop',
  'on scratching',
  'scratching',
  'liquor',
  'its',
  'two',
  'layers',
  'bleaches',
  'bleached',
  'again',
  'absolutely',
  'strongly',
  'metallic',
  'dull',
  'got',
  'slightest',
  'coloured',
  'colored',
  'w',
  'w/',
  'by',
  'visible',
  'observable',
  'further',
  'apparent',
  'noticeable',
  'obvious',
  'characteristic',
  'particular',
  'distinct',
  'completely',
  'totally',
  'readily',
  'freely',
  'easily',
  'quickly',
  'all',
  'noise',
  'both',
  'flames',
  'surface',
  'up',
  'be',
  'as',
  'well',
  'just',
  'now',
  'only',
  'also',
  'does',
  'do',
)
define({ is: 'speed', value: 'at-once' }, 'at once', 'immediately', 'immed', 'instantly', 'straight away', 'instant', 'at-once')
define({ is: 'speed', value: 'slow' }, 'slowly', 'gradually', 'slow')
define({ is: 'speed', value: 'minutes' }, 'after some minutes', 'after a few minutes', 'after a few min', 'after minutes')
define({ is: 'speed', value: 'seconds' }, 'after some seconds', 'after a few seconds', 'after seconds', 'within seconds')
define({ is: 'rests', value: 'settled' }, 'settles', 'settled', 'sinks')
define({ is: 'rests', value: 'floating' }, 'floats', 'floating')
define({ is: 'rests', value: 'suspended' }, 'suspended', 'hangs', 'stays suspended')
define({ is: 'faded', value: 'yes' }, 'fades', 'faded', 'fade', 'fading', 'fades away')
define({ is: 'strength', value: 'dilute' }, 'dil', 'dilute')
define({ is: 'strength', value: 'concentrated' }, 'conc', 'concentrated', 'conc acid', 'concentrated acid')
define({ is: 'reagent', value: 'potassium permanganate' }, 'permanganate')
define({ is: 'changing' }, 'change', 'changes', 'reaction', 'rxn', 'reacts', 'reaction occurs', 'action')
define({ is: 'earlier' }, 'at first', 'first', 'initially', 'to begin with', 'originally')
define({ is: 'paper', value: 'litmus' }, 'litmus', 'litmus paper', 'moist litmus', 'damp litmus', 'moist litmus paper')
define({ is: 'says', value: 'paper.blue litmus paper=red' }, 'acidic to litmus', 'acid to litmus', 'acid to litmus paper')
define({ is: 'says', value: 'paper.red litmus paper=blue' }, 'alkaline to litmus', 'basic to litmus', 'alkaline to litmus paper')
define({ is: 'says', value: 'paper.red litmus paper=red;paper.blue litmus paper=blue' }, 'neutral to litmus', 'neutral to litmus paper')
for (const colour of LINE_COLOURS) {
  const spellings = [`${colour} line`, `${colour} lines`, `${colour} band`, `${colour} bands`]
  define({ is: 'says', value: `flame.line=${colour}` }, ...spellings)
  define({ is: 'says', value: `!flame.line=${colour}` }, ...spellings.map((spelling) => `no ${spelling}`))
}
define({ is: 'says', value: 'flame.line=yellow' }, 'sodium line', 'na line')
define({ is: 'says', value: 'heat=warm' }, 'exothermic', 'heat evolved')
define({ is: 'says', value: 'heat=none' }, 'no heat', 'not warm', 'no heating')
define({ is: 'says', value: 'precipitate.present=yes;precipitate.habit=mirror' }, 'silver mirror', 'mirror')
define({ is: 'says', value: 'ash=yes' }, 'ash', 'ash left', 'leaves ash', 'leaves an ash', 'ash remains', 'ash remaining')
define({ is: 'says', value: '!flame.sooty=yes' }, 'clean flame', 'burns clean', 'burns cleanly', 'not sooty', 'non-sooty', 'non sooty', 'smokeless')
define({ is: 'says', value: 'precipitate.dissolves=no' }, 'immiscible', 'does not mix', 'not miscible')
define({ is: 'says', value: 'precipitate.dissolves=yes' }, 'miscible', 'one layer', 'single layer', 'homogeneous', 'mixes')
define({ is: 'colour', value: 'violet' }, 'magenta', 'fuchsia')
define({ is: 'says', value: 'residue.cold=colourless' }, 'no residue', 'nothing left', 'no residue left')
define({ is: 'residue' }, 'residue', 'resd', 'mass', 'incrustation', 'encrustation', 'what is left', 'left behind', 'residue left')
define({ is: 'sublimate' }, 'sublimate', 'subl', 'sublimes', 'ring of sublimate')
define({ is: 'bead' }, 'bead', 'borax bead', 'microcosmic bead')
define({ is: 'ring' }, 'ring', 'ring at junction', 'ring at the junction', 'ring at interface', 'ring at the interface')
define({ is: 'layer' }, 'layer', 'organic layer', 'org layer', 'dcm layer', 'hexane layer', 'ccl4 layer', 'chcl3 layer', 'chloroform layer')
define({ is: 'layer', value: 'lower' }, 'lower layer', 'bottom layer', 'layer below')
define({ is: 'layer', value: 'upper' }, 'upper layer', 'top layer', 'layer above', 'upper')
define(
  { is: 'says', value: 'layers=two' },
  'two layers form',
  'forms two layers',
  '2 layers form',
  'separates into two layers',
  'layers separate',
  'parts into two layers',
  'two liquid layers',
)
define({ is: 'when', value: 'hot' }, 'hot', 'when hot', 'while hot')
define({ is: 'when', value: 'cold' }, 'cold', 'when cold', 'cooled', 'after cooling')
define({ is: 'dry', value: 'crackles' }, 'crackles', 'cracks', 'crackling', 'decrepitates', 'decrepitation', 'decrep')
define({ is: 'dry', value: 'melts' }, 'melts', 'melt', 'melted', 'melting', 'fuses', 'liquefies')
define({ is: 'dry', value: 'chars' }, 'chars', 'char', 'charring', 'charred', 'blackens and chars', 'turns black and chars')
define(
  { is: 'dry', value: 'water' },
  'water drops',
  'drops of water',
  'steam',
  'condensation',
  'water droplets',
  'misting',
  'moisture',
  'condenses',
  'condensed',
  'condense',
  'collects',
  'collected',
  'water given off',
  'water vapour',
  'water vapor',
  'water condenses',
  'water of crystallisation',
)
define({ is: 'says', value: '!water=yes' }, 'no water', 'no water drops')
/** Smells called after a substance: the name alone is the substance. */
export const NOUN_SMELLS = ['alcohol', 'phenol', 'acetone', 'camphor', 'iodine'] as const
for (const noun of NOUN_SMELLS)
  define(
    { is: 'smell', value: noun },
    ...['smell of', 'smells of', 'smells like', 'odour of'].map((of) => `${of} ${noun}`),
    `${noun} smell`,
    `${noun} odour`,
  )
for (const [value, ...spellings] of [
  ['fishy', 'fishy', 'rotting fish', 'smell of fish', 'smells of fish', 'fish smell'],
  ['foul', 'foul', 'foul smell', 'carbylamine smell', 'isocyanide smell', 'nauseating', 'disgusting', 'offensive', 'stench'],
  ['iodine', 'iodoform smell', 'smell of iodoform', 'smells of iodoform', 'antiseptic smell', 'hospital smell'],
  ['phenol', 'phenolic smell', 'carbolic smell', 'smells of disinfectant'],
  ['sweet', 'sweet', 'sweetish', 'sweet smell', 'ethereal'],
  ['rancid', 'rancid', 'rancid butter'],
  ['alcohol', 'alcoholic smell', 'smells of spirit'],
  ['aromatic', 'aromatic smell', 'smells aromatic'],
  ['camphor', 'mothballs', 'moth balls', 'minty'],
  ['burnt, unpleasant', 'burnt hair', 'burning hair', 'burnt smell'],
  ['rotten eggs', 'rotten eggs', 'rotten egg', 'smells of rotten eggs', 'rotten egg smell', 'bad eggs', 'bad egg'],
  ['choking, chlorine', 'chlorine smell', 'smells of chlorine', 'swimming pool smell', 'bleach', 'swimming pool'],
  ['choking, bromine', 'bromine smell', 'smells of bromine'],
  ['garlic', 'garlic', 'garlic smell', 'smells of garlic'],
  ['fruity', 'fruity', 'fruity smell', 'pear drops'],
  ['acetone', 'nail varnish'],
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

// Bottles by their names, where no word of the bench's own is the same.
for (const { id, name, formula, aliases } of REAGENTS)
  for (const spelling of [name, formula, ...aliases])
    if (!words.has(spelling.toLowerCase())) define({ is: 'reagent', value: id.replaceAll('-', ' ') }, spelling.toLowerCase())
