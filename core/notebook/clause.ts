import { CERTAINTIES, type Certainty } from '../vocabulary'
import type { Kind, Meaning } from './lexicon'
import type { ObservationInput } from './schema'
import type { Token } from './tokens'

/** What a line of bench shorthand was read as; every word not understood is in `rest`, in order. */
export interface Reading {
  readonly observations: readonly ObservationInput[]
  readonly rest: readonly string[]
}

/** What the clause before was about: "sol xs NH3, deep blue" speaks of the liquid, "ppt, turns brown" of the solid. */
export type Subject = 'solid' | 'liquid' | 'residue' | 'bead' | 'flame' | null

/** A colour with its shade, where the word has one of its own or one stands before it. */
interface Shaded {
  readonly colour: string
  readonly shade?: string
}

/** Forms as the habit of what comes down. */
const HABIT_OF: Readonly<Record<string, string>> = { crystals: 'crystalline', powder: 'powdery', granules: 'granular', liquid: 'oily' }

/** The smell of what is named beside "smell". */
const SMELL_OF: Readonly<Record<string, string>> = {
  ammonia: 'pungent, ammonia',
  NH3: 'pungent, ammonia',
  'acetic acid': 'vinegar',
  Cl2: 'choking, chlorine',
  Br2: 'choking, bromine',
  I2: 'iodine',
  SO2: 'choking, burning sulfur',
  H2S: 'rotten eggs',
  HCl: 'pungent, acid',
  NO2: 'pungent, nitrous',
}

/** Gases by what is poured or passed of them. */
const PASSED: Readonly<Record<string, string>> = { H2S: 'hydrogen sulfide', CO2: 'carbon dioxide', SO2: 'sulfur dioxide', Cl2: 'chlorine' }

/** Papers that have a colour of their own before anything comes to them. */
const OWN: Readonly<Record<string, string>> = {
  'red litmus paper': 'red',
  'blue litmus paper': 'blue',
  'lead acetate paper': 'white',
  'starch iodide paper': 'white',
  'acid dichromate paper': 'orange',
  'mercury(II) nitrate paper': 'white',
}

/** One clause of a line: each topic it may be about is asked in turn, the most particular first. */
export class Clause {
  private readonly observations: ObservationInput[] = []
  private readonly meanings: readonly Meaning[]
  private readonly denied: boolean
  private readonly nothing: boolean
  private readonly after: string | undefined
  private readonly certainty: Certainty | undefined
  private subject: Subject = null

  constructor(
    private readonly list: readonly Token[],
    private readonly before: Subject,
  ) {
    this.meanings = list.flatMap((t) => (t.meaning && t.meaning.is !== 'filler' ? [t.meaning] : []))
    this.denied = this.has('not')
    // "nil", by itself.
    this.nothing = this.has('nothing') || this.onlyDenies || (this.denied && this.has('changing'))
    this.certainty = CERTAINTIES.find((c) => c === this.values('certainty')[0])
    this.after = this.afterWords()
  }

  read(): Reading & { readonly subject: Subject } {
    // What was there at first is told by what it became.
    if (this.has('earlier') && !this.has('precipitate')) return this.unread()
    const topics = [() => this.paper(), () => this.flame(), () => this.limeWater(), () => this.fire(), () => this.tube()]
    this.direct()
    if (!topics.some((topic) => topic()) && this.observations.length === 0) return this.unread()
    const rest = this.list.filter((t) => !t.meaning).map((t) => t.text)
    return { observations: this.observations, rest, subject: this.subject }
  }

  private unread = (): Reading & { readonly subject: Subject } => ({ observations: [], rest: this.list.map((t) => t.text), subject: this.before })

  private values = (kind: Kind): string[] => this.meanings.filter((m) => m.is === kind).map((m) => m.value)
  private has = (kind: Kind): boolean => this.meanings.some((m) => m.is === kind)

  private say(
    channel: string,
    value: string,
    negated = false,
    more: { degree?: string | undefined; after?: string | undefined } = { after: this.after },
  ): void {
    this.observations.push({
      channel,
      value,
      negated,
      ...(more.degree ? { degree: more.degree } : {}),
      ...(more.after ? { after: more.after } : {}),
      ...(this.certainty ? { certainty: this.certainty } : {}),
    })
  }

  /** Every colour named, in order, with the shade before it. */
  private colours(from = 0, to = this.meanings.length): Shaded[] {
    const found: Shaded[] = []
    let shade: string | undefined
    for (const { is, value } of this.meanings.slice(from, to)) {
      if (is === 'amount' && value === 'slight' && !this.has('precipitate') && !this.has('gas')) shade = 'pale'
      if (is === 'shade') shade = value === 'faint' ? 'pale' : value
      if (is !== 'colour') continue
      const [colour = '', own] = value.split('/')
      const with_ = shade ?? own
      found.push({ colour, ...(with_ === undefined ? {} : { shade: with_ }) })
      shade = undefined
    }
    // "blue, pale": the shade may come after the only colour.
    const [only] = found
    if (shade !== undefined && found.length === 1 && only && only.shade === undefined) return [{ ...only, shade }]
    return found
  }
  private lastColour = (): Shaded | undefined => this.colours().at(-1)

  /** What it was seen after; of a part of the clause, where another part names something of its own. */
  private afterWords(from = 0, to = this.meanings.length): string | undefined {
    const within = new Set(this.meanings.slice(from, to))
    const values = (kind: Kind): string[] => this.meanings.filter((m) => m.is === kind && within.has(m)).map((m) => m.value)
    const strength = values('strength')[0]
    // "soluble in conc": which acid it was stands with the test.
    if (strength !== undefined && values('reagent').length === 0 && this.has('dissolves')) return `${strength} acid`
    // A gas that brings something down was passed.
    const passed = this.has('precipitate') && !this.has('fizz') ? values('gas').flatMap((gas) => PASSED[gas] ?? []) : []
    const hot = this.has('dissolves') && this.values('when').includes('hot') && !this.has('reagent') && to === this.meanings.length ? ['heating'] : []
    const reagents = [...values('reagent'), ...passed, ...hot].map((reagent, k) =>
      reagent === 'water' && this.values('when').includes('hot')
        ? 'hot water'
        : strength !== undefined && k === 0 && reagent.endsWith('acid')
          ? `${strength} ${reagent}`
          : reagent,
    )
    const excess = values('excess').length > 0
    if (reagents.length === 0) return excess ? 'excess' : undefined
    return `${excess ? 'excess ' : ''}${reagents.join(' and ')}`
  }

  /** Phrases that are whole observations by themselves. */
  private direct(): void {
    this.meanings.forEach(({ is, value: phrase }, at) => {
      if (is !== 'says') return
      // "no mirror" denies the mirror, and not that anything came down.
      const denied = this.meanings[at - 1]?.is === 'not'
      const said = phrase.split(';').map((text) => {
        const [channel = '', value = ''] = text.replace('!', '').split('=')
        return { channel, value, negated: text.startsWith('!') }
      })
      for (const { channel, value, negated } of denied ? said.slice(-1) : said) this.say(channel, value, negated !== denied)
    })
    for (const value of this.values('speed')) if (!this.has('fizz') && !this.has('gas')) this.say('speed', value, false, {})
  }

  private paper(): boolean {
    const [paper] = this.values('paper')
    // "lead acetate" may be the bottle.
    if (paper === undefined || this.has('precipitate')) return false
    const own = OWN[paper]
    const unchanged = this.nothing || this.denied
    const turned = this.lastColour()
    if (paper === 'litmus') {
      const { bleached } = this
      const colour = bleached ? 'white' : turned?.colour
      if (unchanged) for (const own of ['red', 'blue']) this.say(`paper.${own} litmus paper`, own, false, {})
      else if (colour !== undefined) this.say(`paper.${colour === 'blue' ? 'red' : 'blue'} litmus paper`, colour, false, {})
      // A gas may be told of in the same breath.
      return (unchanged || colour !== undefined) && !(this.has('gas') && bleached)
    }
    const litmus = paper.endsWith('litmus paper')
    if (paper !== 'litmus') this.gasBefore('paper')
    if (this.bleached) this.say(`paper.${paper}`, 'white')
    else if (unchanged && own !== undefined) this.say(`paper.${paper}`, own)
    else if (turned) this.say(`paper.${paper}`, turned.colour, false, { degree: turned.shade })
    else if (litmus && own !== undefined) this.say(`paper.${paper}`, own === 'red' ? 'blue' : 'red')
    return true
  }

  /** "colourless gas turning lime water milky": the colour before the word is the gas's. */
  private gasBefore(kind: 'lime' | 'paper'): void {
    const gas = this.meanings.findIndex((m) => m.is === 'gas')
    const tested = this.meanings.findIndex((m) => m.is === kind)
    const [colour] = gas >= 0 && gas < tested ? this.colours(0, gas) : []
    if (colour) this.gas(colour.colour)
  }

  private get bleached(): boolean {
    return this.list.some((t) => /^bleach/i.test(t.text))
  }

  private flame(): boolean {
    const alone = this.has('lasts') && (this.has('colour') || this.before === 'flame')
    if (!this.has('flame') && !this.has('sooty') && !alone) return false
    this.subject = 'flame'
    const colour = this.flameColour() ?? (this.nothing || this.denied ? { colour: 'colourless' } : undefined)
    if (this.has('sooty')) this.say('flame.sooty', 'yes', this.denied)
    // "not green" denies the green alone; a flame without colour is "no colour".
    if (colour && !(this.denied && this.has('sooty')))
      this.say('flame.colour', colour.colour, this.denied && colour.colour !== 'colourless', { degree: colour.shade })
    for (const lasts of this.values('lasts')) this.say('flame.lasts', lasts)
    return this.observations.length > 0
  }

  /** A flame's colour with the shade that flames are told by: brick red is calcium's, crimson strontium's and lithium's; how strong a yellow is tells whose it is. */
  private flameColour(): Shaded | undefined {
    const last = this.lastColour()
    if (last?.colour === 'red' && this.list.some((t) => /^brick[ -]red$/i.test(t.text))) return { colour: 'red', shade: 'brick' }
    if (last?.colour === 'red' && this.list.some((t) => /^(crimson|carmine)$/i.test(t.text))) return { colour: 'red', shade: 'crimson' }
    if (last?.colour === 'yellow' && this.list.some((t) => /^golden\b/i.test(t.text))) return { colour: 'yellow', shade: 'golden' }
    return last && { colour: last.colour, ...(last.colour === 'yellow' && last.shade === 'deep' ? { shade: 'deep' } : {}) }
  }

  private limeWater(): boolean {
    if (!this.has('lime')) return false
    this.gasBefore('lime')
    const milky = this.list.some((t) => t.text.toLowerCase() === 'milkythenclear')
    const turned = this.values('clarity').includes('cloudy') || this.values('colour').includes('white')
    if (milky) this.say('lime-water', 'milky then clear', false, {})
    else if (this.nothing || this.denied || turned || this.has('clarity'))
      this.say('lime-water', turned && !this.denied ? 'milky' : 'clear', false, {})
    else return false
    return true
  }

  /** Words about what dry heating, a bead, a ring or a layer showed; whether they were the clause's whole business. */
  private fire(): boolean {
    for (const value of this.values('dry')) this.say(value, 'yes', this.denied, {})
    const [what] = (['bead', 'sublimate', 'ring', 'layer', 'residue'] as const).filter((kind) => this.has(kind))
    if (what === 'layer') for (const rests of this.values('layer')) if (rests !== '') this.say('layer.rests', rests)
    const timed = this.hotAndCold()
    const last = this.lastColour()
    // "yellow when hot" is said of what is left in the fire.
    const matter = (['precipitate', 'liquid', 'gas', 'dissolves', 'form'] as const).some(this.has)
    if (!what && (timed.length === 0 || matter || !this.has('when'))) return this.has('dry') && last === undefined
    if (what === undefined || what === 'residue' || what === 'bead') {
      const channel = what ?? (this.before === 'bead' ? 'bead' : 'residue')
      this.subject = channel
      for (const { colour, shade, when } of timed) this.say(`${channel}.${when}`, colour, this.denied, { degree: shade })
      return timed.length > 0
    }
    const channel = { sublimate: 'sublimate', ring: 'ring.colour', layer: 'layer.colour' }[what]
    if (this.denied || this.nothing) this.say(channel, 'colourless')
    else if (last) this.say(channel, last.colour, false, { degree: last.shade })
    // It is there, in a colour that was not written.
    else if (what !== 'layer') this.say(channel, 'colourless', true)
    else return false
    return true
  }

  /** "yellow hot white cold", "blue hot and cold"; a colour with neither is of the cold. */
  private hotAndCold(): (Shaded & { readonly when: 'hot' | 'cold' })[] {
    const found: (Shaded & { readonly when: 'hot' | 'cold' })[] = []
    const colours = this.colours()
    let at = -1
    let used = true
    for (const { is, value } of this.meanings) {
      if (is === 'colour') {
        at++
        used = false
      }
      const when = is === 'when' ? value : is === 'reagent' && value === 'cooling' ? 'cold' : null
      const colour = colours[at]
      if (when === null || !colour) continue
      found.push({ ...colour, when: when === 'hot' ? 'hot' : 'cold' })
      used = true
    }
    const left = colours[at]
    if (left && !used && found.length === 0) found.push({ ...left, when: 'cold' })
    return found
  }

  /** What a tube holds: precipitate, liquid, gas, smell. */
  private tube(): boolean {
    const before = this.observations.length
    for (const value of this.values('splint')) this.say('splint', value, this.denied && value !== 'unchanged')
    this.rod()
    this.smell()
    if (this.nothing) {
      if (this.before === 'solid' && this.has('excess')) this.say('precipitate.dissolves', 'no')
      else if (this.before === 'solid' && this.onlyDenies) this.say('precipitate.present', 'yes', true)
      else if (!this.has('smelling') && !this.has('says')) this.say('change', 'no')
    }
    this.matter()
    for (const heat of this.values('heat')) this.say('heat', heat, this.denied)
    if (this.has('changing') && !this.denied && this.observations.length === before) this.say('change', 'yes')
    return this.observations.length > before
  }

  private rod(): void {
    for (const value of this.values('rod')) this.say('rod', value, this.denied && value !== 'unchanged', {})
    if (this.has('held') && this.has('gas') && !this.has('rod')) this.say('rod', this.denied ? 'unchanged' : 'white smoke', false, {})
  }

  private get onlyDenies(): boolean {
    return this.meanings.length > 0 && this.meanings.every((m) => m.is === 'not')
  }

  private smell(): void {
    const smells = this.values('smell')
    if (smells.length === 0 && this.has('smelling'))
      for (const named of [...this.values('reagent'), ...this.values('gas')]) smells.push(...[SMELL_OF[named]].flatMap((s) => s ?? []))
    if (smells.length === 0 && this.has('smelling') && (this.denied || this.nothing)) smells.push('none')
    // "no smell of almonds": what is named is denied, and not every smell.
    const denied = this.denied || (smells.length > 1 && smells[0] === 'none')
    for (const smell of smells.filter((s) => s !== 'none' || smells.length === 1)) this.say('smell', smell, denied && smell !== 'none', {})
  }

  private matter(): void {
    const named = this.values('gas').some((gas) => (gas === '' || !this.has('smelling')) && (PASSED[gas] === undefined || !this.has('precipitate')))
    const gas = (named || this.has('fizz') || this.has('vigour')) && !this.has('held') && this.halogenTested === undefined
    const habit = this.habit()
    const form = !this.comesDown && (this.has('form') || (this.has('solid') && (habit === 'crystalline' || habit === 'powdery')))
    const dissolves = this.dissolution()
    const verb =
      dissolves === undefined ? this.meanings.length : this.meanings.findIndex((m) => m.is === (this.has('dissolves') ? 'dissolves' : 'arrow'))
    const solid = this.colours(0, verb)
    const liquid = this.has('liquid') || this.has('colourword')
    if (this.halogenTested !== undefined) this.bleaching(this.halogenTested)
    else if (gas) this.gas(this.lastColour()?.colour)
    else if (form) this.sample(this.lastColour())
    else if (this.isOfSolid(solid, habit, liquid)) {
      // Of what dissolves, only what was written before the word is said of it.
      const described =
        (solid.length > 0 && !(this.has('liquid') && dissolves === undefined)) || habit !== undefined || this.has('amount') || this.faint
      // "the black precipitate dissolves": it was there before, and is told by its colour; "white, soluble in ammonia" tells of both.
      if (dissolves === undefined || (described && !this.goneByItself))
        this.solid(this.has('liquid') && dissolves === undefined ? [] : solid, habit, dissolves === undefined ? undefined : verb)
      if (dissolves === undefined && this.has('liquid')) this.liquid(this.lastColour(), undefined)
    } else if (dissolves === undefined && !this.has('held')) this.liquid(this.lastColour(), this.values('dissolves')[0])
    if (dissolves !== undefined)
      this.dissolving(dissolves, verb, gas ? undefined : (this.colours(verb).at(-1) ?? (liquid ? this.lastColour() : undefined)))
    this.clarity(solid, dissolves)
  }

  /** A halogen that was poured in and watched: "decolourises bromine", "iodine colour persists". Nobody says so of one that comes off. */
  private get halogenTested(): string | undefined {
    const [halogen] = this.values('gas').filter((gas) => gas === 'Br2' || gas === 'I2' || gas === 'Cl2')
    const watched = this.list.some((t) => /^(decolou?ri[sz]|discharg|bleach)/i.test(t.text)) || this.has('colourword')
    return watched && !this.has('smelling') && !this.has('fizz') && !this.has('vigour') ? halogen : undefined
  }

  /** Whether the colour of what was poured in goes or stays. */
  private bleaching(halogen: string): void {
    const water = { Br2: 'bromine water', I2: 'iodine solution', Cl2: 'chlorine water' }[halogen] ?? halogen
    this.subject = 'liquid'
    const stays = this.values('dissolves')[0] === 'no' || this.denied
    if (stays) this.say('fades', 'no', false, { after: water })
    else this.say('solution.colour', 'colourless', false, { after: water })
  }

  /** A solid that goes by the verb, and nothing is named that came down or took it up but heat. */
  private get goneByItself(): boolean {
    const verb = this.list.some((t) => /^(re)?dissol(ves|ved)$|^(disappears|vanishes|disappeared|clears)$/i.test(t.text))
    return (
      verb &&
      !this.list.some((t) => /^(again|immediately|once)$/i.test(t.text)) &&
      !this.has('excess') &&
      !this.has('reagent') &&
      !this.has('appears') &&
      !this.has('arrow')
    )
  }

  /** "purple of permanganate persists": what stays is the reagent's colour. */
  private get colourOfReagent(): boolean {
    return this.has('reagent') && this.has('colour') && this.before !== 'solid' && !this.has('precipitate') && this.values('dissolves')[0] === 'no'
  }

  private get faint(): boolean {
    return this.values('shade').includes('faint')
  }
  /** Crystals that come down are a habit, those in the jar a form. */
  private get comesDown(): boolean {
    return this.has('appears') || this.has('rests')
  }
  private habit = (): string | undefined => this.values('habit')[0] ?? (this.comesDown ? HABIT_OF[this.values('form')[0] ?? ''] : undefined)

  /** What became of a solid, where the word is said of one: "soln goes deep blue" and "pink colour persists" are not. */
  private dissolution(): string | undefined {
    const [value] = this.values('dissolves')
    // "blue ppt -> deep blue soln in xs": the solid went into it.
    const arrow = this.meanings.findIndex((m) => m.is === 'arrow')
    const into =
      arrow > 0 && this.meanings.slice(0, arrow).some((m) => m.is === 'precipitate') && this.meanings.slice(arrow).some((m) => m.is === 'liquid')
    if (value === undefined && into && this.after !== undefined) return 'yes'
    if (value === undefined || this.goesTo()) return undefined
    const ofColour = this.has('colourword') || this.colourOfReagent || (this.has('liquid') && this.has('colour') && value !== 'yes')
    return ofColour && !this.has('precipitate') ? undefined : value
  }

  /** White that makes the liquid cloudy is a solid, however little of it. */
  private get turbid(): boolean {
    return this.values('clarity').includes('cloudy') && this.lastColour()?.colour === 'white'
  }

  private isOfSolid(colours: readonly Shaded[], habit: string | undefined, liquid: boolean): boolean {
    if (this.has('says')) return false
    if (this.has('precipitate') || this.has('solid') || this.has('rests') || habit !== undefined || this.turbid) return true
    const last = colours.at(-1)
    if (last === undefined || liquid || this.has('held')) return false
    // No clear liquid is white, black or grey: such a colour without a noun is a solid's.
    return ['white', 'black', 'grey'].includes(last.colour) || this.carried
  }
  /** The clause goes on about a precipitate that was written of before: "ppt, turns brown". */
  private get carried(): boolean {
    return this.before === 'solid' && (this.has('arrow') || this.goesTo() || /standing|heating|cooling/.test(this.after ?? ''))
  }

  private clarity(solid: readonly Shaded[], dissolves: string | undefined): void {
    if (this.turbid || this.has('gas')) return
    const aboutSolid = this.subject === 'solid'
    for (const clarity of this.values('clarity')) {
      if (clarity === 'clear' && dissolves !== undefined && solid.length + this.colours().length > 0) continue
      if (aboutSolid && clarity !== 'clear') continue
      this.say('solution.clarity', clarity, this.denied && !aboutSolid)
    }
  }

  /** Whether "goes", "stays" or "clears" is followed by what it goes to. */
  private goesTo(): boolean {
    const at = this.meanings.findIndex((m) => m.is === 'dissolves')
    const verb = this.list.find((t) => t.meaning?.is === 'dissolves')?.text.toLowerCase() ?? ''
    return /^(goes|stays|remains|remained)$/.test(verb) && this.meanings.slice(at + 1).some((m) => m.is === 'colour' || m.is === 'clarity')
  }

  private solid(colours: readonly Shaded[], habit: string | undefined, verb: number | undefined): void {
    const dissolved = verb !== undefined
    const first = colours[0]
    const last = colours.at(-1)
    const changes = this.has('arrow') || /standing|heating|cooling/.test(this.after ?? '')
    const turned = changes && first !== undefined && last !== undefined && first.colour !== last.colour
    const again = this.before === 'solid' && !this.has('precipitate')
    // "white ppt with AgNO3 sol in xs NH3": the ammonia belongs to the dissolving, not to the precipitate.
    const brought = dissolved && this.afterWords(verb) !== undefined ? this.afterWords(0, verb) : undefined
    const after = dissolved ? brought : turned ? undefined : this.after
    const denied = this.denied && !dissolved
    // "ppt turned black on heating": it was there before.
    if (!again) this.say('precipitate.present', 'yes', denied, { after: this.has('arrow') ? undefined : after })
    this.subject = denied ? null : 'solid'
    if (denied) return
    const shadeOf = (c: Shaded): string | undefined => (this.faint ? undefined : c.shade)
    if (turned) this.say('precipitate.colour', first.colour, false, { degree: shadeOf(first) })
    if (last) this.say('precipitate.colour', last.colour, false, { degree: shadeOf(last), after: turned ? (this.after ?? 'standing') : after })
    if (this.turbid) this.say('precipitate.habit', 'turbid', false, { after })
    else if (habit !== undefined) this.say('precipitate.habit', habit, false, { after })
    for (const amount of this.has('amount') ? this.values('amount').slice(0, 1) : this.faint ? ['trace'] : [])
      this.say('precipitate.amount', amount, false, { after })
    for (const rests of this.values('rests')) this.say('precipitate.rests', rests, false, { after })
  }

  private dissolving(dissolves: string, verb: number, colour: Shaded | undefined): void {
    const value = this.denied ? (dissolves === 'no' ? 'yes' : 'no') : dissolves
    this.say('precipitate.dissolves', value, false, { after: this.afterWords(verb) ?? this.after })
    this.subject = value === 'yes' ? 'liquid' : 'solid'
    if (colour) this.say('solution.colour', colour.colour, false, { degree: colour.shade })
  }

  private sample(colour: Shaded | undefined): void {
    const arrow = this.meanings.findLastIndex((m) => m.is === 'arrow')
    const forms = this.meanings.filter((m, k) => m.is === 'form' && k > arrow).map((m) => m.value)
    const habit = this.values('habit')[0]
    if (forms.length === 0 && this.has('solid') && habit !== undefined) forms.push(habit === 'powdery' ? 'powder' : 'crystals')
    for (const form of forms) if (form !== '') this.say('appearance.form', form)
    if (colour) this.say('appearance.colour', colour.colour, false, { degree: colour.shade })
  }

  private gas(colour: string | undefined): void {
    this.say('gas.present', 'yes', this.denied)
    if (this.denied) return
    for (const gas of this.values('gas')) if (gas !== '') this.say('gas.species', gas)
    const gently =
      this.values('amount').some((amount) => amount === 'slight' || amount === 'trace') ||
      this.values('speed').includes('slow') ||
      this.values('shade').includes('faint')
    const vigours = this.values('vigour')
    if (vigours.length > 0) for (const vigour of vigours) this.say('gas.vigour', vigour)
    else if (this.has('fizz') && (gently || this.has('amount') || this.values('fizz').includes('')))
      this.say('gas.vigour', gently ? 'slight' : 'brisk')
    if (colour !== undefined) this.say('gas.colour', colour)
  }

  private liquid(colour: Shaded | undefined, stays: string | undefined): void {
    const gone = this.has('colourword') && stays === 'yes'
    const faded = this.has('faded') || gone
    this.subject = 'liquid'
    if (gone) this.say('solution.colour', 'colourless')
    else if (colour?.colour === 'white') this.say('solution.clarity', 'cloudy', this.denied)
    else if (colour && colour.colour !== 'colourless')
      this.say('solution.colour', colour.colour, this.denied && !faded, { degree: colour.shade, after: faded ? undefined : this.after })
    else if (colour) this.say('solution.colour', 'colourless', this.denied)
    if (this.has('faded')) this.say('fades', 'yes', this.denied)
    else if (colour && (this.has('colourword') || this.colourOfReagent) && stays === 'no') this.say('fades', 'no')
    if (!colour && !this.has('faded') && !faded) this.subject = this.before
  }
}
