/** Words for what is seen. Every list is closed, ordered where order means something, and part of the published formats. */
export const FAMILIES = ['colourless', 'white', 'grey', 'black', 'red', 'orange', 'yellow', 'green', 'blue', 'violet', 'pink', 'brown'] as const
export type Family = (typeof FAMILIES)[number]

export const HABITS = ['curdy', 'gelatinous', 'flocculent', 'crystalline', 'granular', 'powdery', 'silky', 'oily', 'mirror', 'turbid'] as const
export type HabitWord = (typeof HABITS)[number]

export const AMOUNTS = ['trace', 'slight', 'moderate', 'heavy'] as const
export type Amount = (typeof AMOUNTS)[number]

export const RESTS = ['settled', 'suspended', 'floating', 'on-wall'] as const
export type Rests = (typeof RESTS)[number]

export const CLARITIES = ['clear', 'cloudy', 'opaque'] as const
export type Clarity = (typeof CLARITIES)[number]

export const VIGOURS = ['slight', 'brisk', 'violent'] as const
export type Vigour = (typeof VIGOURS)[number]

export const HEATS = ['none', 'warm', 'hot'] as const
export type Heat = (typeof HEATS)[number]

export const SPEEDS = ['at-once', 'seconds', 'minutes', 'slow'] as const
export type Speed = (typeof SPEEDS)[number]

/** Forms of a sample as it comes; `moist` and `bloom` are what moist or dry air makes of some. */
export const FORMS = ['crystals', 'powder', 'granules', 'lumps', 'moist', 'bloom', 'liquid'] as const
export type Form = (typeof FORMS)[number]

export const SPLINTS = ['pops', 'relights', 'goes-out', 'burns-on'] as const
export type Splint = (typeof SPLINTS)[number]
/** What a rod or a glass held over a tube shows. */
export const RODS = ['white smoke', 'milky drop', 'etched', 'unchanged'] as const
export type Rod = (typeof RODS)[number]

export const CERTAINTIES = ['sure', 'fairly', 'unsure'] as const
export type Certainty = (typeof CERTAINTIES)[number]

export const PAPERS = [
  'red litmus paper',
  'blue litmus paper',
  'universal indicator paper',
  'lead acetate paper',
  'acid dichromate paper',
  'starch iodide paper',
  'mercury(II) nitrate paper',
] as const
export type Paper = (typeof PAPERS)[number]

export const LASTS = ['flash', 'brief', 'steady'] as const
export type Lasts = (typeof LASTS)[number]

/** What an observation can be of, a channel or a few of them: the liquid stands for all that is seen by looking into the tube. A paper is evidence of its own. */
export type EvidenceKind =
  'sample' | 'liquid' | 'gas' | 'smell' | 'fire' | 'flame' | 'bead' | 'ring' | 'splint' | 'rod' | 'melting-point' | 'boiling-point' | Paper

/** Gases somebody may name. */
export const GASES_NAMED = [
  'H2',
  'O2',
  'CO2',
  'CO',
  'SO2',
  'SO3',
  'H2S',
  'HCl',
  'HBr',
  'HI',
  'Cl2',
  'ClO2',
  'Br2',
  'I2',
  'NO2',
  'NO',
  'N2O',
  'N2',
  'NH3',
  'HCN',
  'COS',
  'HF',
  'SiF4',
  'PH3',
  'AsH3',
  'SbH3',
  'CrO2Cl2',
  'CH3COOH',
  'C3H6O',
  'C4H8O2',
  'H2O',
] as const
export const SMELLS = [
  'none',
  'pungent, ammonia',
  'vinegar',
  'pungent, acid',
  'choking, burning sulfur',
  'iodine',
  'pungent, nitrous',
  'rotten eggs',
  'choking, chlorine',
  'garlic',
  'choking, bromine',
  'sweet',
  'bitter almonds',
  'burnt, unpleasant',
  'fruity',
  'acetone',
  'alcohol',
  'burnt sugar',
  'fishy',
  'phenol',
  'rancid',
  'camphor',
  'aromatic',
  'foul',
] as const
export type Smell = (typeof SMELLS)[number]
/** As somebody may write it who does not say of what. */
export const SMELLS_WRITTEN = [...SMELLS, 'pungent'] as const

/** Lines of a flame through a hand spectroscope, by the colour they stand in, and the wavelength each colour begins at, nm: potassium's in the far red, lithium's in the crimson. */
export const LINE_COLOURS = ['violet', 'blue', 'green', 'yellow', 'orange', 'red', 'crimson', 'far red'] as const
export type LineColour = (typeof LINE_COLOURS)[number]

const PAPER_CHANNELS = PAPERS.map((paper) => `paper.${paper}` as const)
/** Channels of observation, as the published formats name them: each is one thing to look at, and defined in `core/channels`. */
export const CHANNEL_IDS = [
  'appearance.colour',
  'appearance.form',
  'smell',
  'solution.colour',
  'solution.clarity',
  'precipitate.present',
  'precipitate.colour',
  'precipitate.habit',
  'precipitate.amount',
  'precipitate.rests',
  'precipitate.dissolves',
  'gas.present',
  'gas.species',
  'gas.colour',
  'gas.smell',
  'gas.vigour',
  ...PAPER_CHANNELS,
  'lime-water',
  'splint',
  'rod',
  'residue.hot',
  'residue.cold',
  'sublimate',
  'water',
  'crackles',
  'melts',
  'chars',
  'flame.colour',
  'flame.lasts',
  'flame.sooty',
  'flame.line',
  'bead.hot',
  'bead.cold',
  'layer.colour',
  'layers',
  'layer.rests',
  'ring.colour',
  'heat',
  'speed',
  'fades',
  'solubility',
  'change',
  'ash',
  'melting-point',
  'boiling-point',
] as const
export type ChannelId = (typeof CHANNEL_IDS)[number]
const KNOWN_CHANNELS: ReadonlySet<string> = new Set(CHANNEL_IDS)
export const isChannel = (id: string): id is ChannelId => KNOWN_CHANNELS.has(id)

/** How somebody sees colours: the red-green kinds, the rare blue-yellow one, or as most do. */
export const EYES = ['usual', 'protan', 'deutan', 'tritan'] as const
export type Eyes = (typeof EYES)[number]

/** What a look asks for beyond what is there to be seen: that there was none is written too. */
export const ASKED = ['gas', 'ring', 'lime-water', 'solubility', 'melting-point', 'boiling-point'] as const
export type Asked = (typeof ASKED)[number]
