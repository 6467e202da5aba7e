import type { ProcedureLine } from './procedure-lines'

/** Sixty lines more, from other hands, written with the first and before the reader, and not looked at while it was made. */
const line = (line: string, means: string, context?: ProcedureLine['context']): ProcedureLine => ({ line, means, ...(context && { context }) })
const TWO = { vessel: 'A', vessels: ['A', 'B', 'OS'] } as const
const FRESH = { stock: 'OS', vessels: ['OS'] } as const

export const LINES_APART: readonly ProcedureLine[] = [
  line(
    'To 1 mL of the solution was added 5 drops of dilute hydrochloric acid: a white precipitate formed',
    'take B OS 1mL · add B [HCl dil] 5dr · ppt=yes · ppt.colour=white',
  ),
  line('1ml O.S + 1ml dil HCl + H2S gas --> black ppt', 'take B OS 1mL · add B [HCl dil] 1mL · pass B H2S · ppt=yes · ppt.colour=black'),
  line(
    'Salt soln. + NH4Cl (s) + NH4OH (xs) - gelatinous white ppt',
    'take B OS · add B [NH4Cl solid] · add B [NH3] until:excess · ppt=yes · ppt.colour=white · ppt.habit=gelatinous',
  ),
  line('O.S. + NaOH soln, heat: smell of ammonia', 'take B OS · add B [NaOH] · warm B · smell=ammonia'),
  line('pinch salt + 2ml conc. H2SO4 -> reddish brown vapours', 'take B sample 50mg · add B [H2SO4 conc] 2mL · gas=yes · gas.colour=reddish brown'),
  line('above + Cu chips, heat -> dense brown fumes', 'add A [Cu solid] · warm A · gas=yes · gas.colour=brown'),
  line('S.E. + dil. CH3COOH + (CH3COO)2Pb -> white ppt', 'take B SE · add B [acetic acid] · add B [lead acetate] · ppt=yes · ppt.colour=white', {
    vessels: ['A', 'SE'],
  }),
  line('dissolve ppt in min. amt of dil HNO3', 'add A [HNO3 dil] until:dissolved'),
  line('+ 4 gtt 6 M HCl; ctfg; supernate to tube B', 'add A [HCl 6 M] 4dr · spin A>B'),
  line('add 6M NH3 dropwise till basic, then 1 drop xs', 'add A [NH3 6 M] until:just-basic · add A [NH3 6 M] 1dr'),
  line('heat in hot water bath 3 min, ppt dissolves', 'warm A 3min · ppt.dissolves=yes'),
  line('Wash solid with 10 drops hot H2O, twice', 'wash A hot-water · wash A hot-water'),
  line('test the supernatant w/ 1 drop HCl: no more ppt', 'add B [HCl] 1dr · !ppt=yes', TWO),
  line('ppt of A + 5 dr NH3, stir: dissolves', 'add A [NH3] 5dr · shake A · ppt.dissolves=yes', TWO),
  line('B + 6M HNO3 to acid: white ppt', 'add B [HNO3 6 M] until:just-acidic · B/ppt=yes · B/ppt.colour=white', TWO),
  line('A, 3 dr + 1 dr K2CrO4: yellow ppt', 'take C A 3dr · add C [K2CrO4] 1dr · ppt=yes · ppt.colour=yellow', TWO),
  line('remove half of B to C', 'take C B', TWO),
  line('C: add NaOH pellets till alkaline', 'add C [NaOH solid] until:just-basic', { vessel: 'A', vessels: ['A', 'B', 'C'] }),
  line('reheat: blackens', 'warm A · ppt.colour=black'),
  line('simmer 5 mins', 'boil A 5min'),
  line('chill in ice-salt', 'cool A ice'),
  line('left overnight, colourless needles', 'stand A 600min · ppt=yes · ppt.colour=colourless · ppt.habit=crystalline'),
  line('after 10 min standing pale yellow turbidity', 'stand A 10min · sol.clarity=cloudy · sol.colour=pale yellow'),
  line('agitate', 'shake A'),
  line('scratch sides w/ rod', '?scratch sides w/ rod'),
  line('evaporate 2/3 off', 'concentrate A 0.33'),
  line('20 drops stock, 20 drops Na2CO3 -> white ppt', 'take A OS 20dr · add A [Na2CO3] 20dr · ppt=yes · ppt.colour=white', FRESH),
  line('2 mL stk + 1 mL 0.1M KI', 'take A OS 2mL · add A [KI 0.1 M] 1mL', FRESH),
  line(
    'NaOH dropwise then in excess -> white ppt, then clear',
    'take A OS · add A [NaOH] · add A [NaOH] until:excess · ppt=yes · ppt.colour=white · sol.clarity=clear',
    FRESH,
  ),
  line('ammonia soln: green ppt insol in xs', 'take A OS · add A [NH3] · ppt=yes · ppt.colour=green · ppt.dissolves=no', FRESH),
  line('add starch', 'add A [starch]'),
  line('three drops of iodine soln added, decolourised', 'add A [iodine] 3dr · sol.colour=colourless'),
  line('put in Zn granule: fizz, glowing splint nothing', 'add A [Zn solid] · gas=yes'),
  line('add bleach', '?add bleach'),
  line('pour in 2 cm3 of ethanol, light it: green edged flame', 'add A [ethanol] 2mL · flame A mouth · flame.colour=green'),
  line('flame (Ni-Cr wire, conc HCl) -> lilac', 'flame sample wire · flame.colour=lilac'),
  line('flame again thru blue glass - crimson', 'flame sample wire cobalt-glass · flame.colour=crimson'),
  line('bead in reducing flame, cold: green', 'bead sample borax reducing · bead.cold=green'),
  line('heated on charcoal with soda: no bead, white incrustation', 'charcoal sample · ?no bead, white incrustation'),
  line('roasted 0.1 g in ignition tube -> black', 'take B sample 100mg · ignite B · residue.cold=black'),
  line('heat gently: steam; strongly: brown gas', 'ignite A · water=yes · ignite A · gas=yes · gas.colour=brown', DRYTUBE()),
  line('gas led into lime water - milky', 'add B [lime water] · bubble A>B · lime-water=milky'),
  line('moist K2Cr2O7 paper held over the mouth goes green', 'hold A acid dichromate paper · paper.acid dichromate paper=green'),
  line('litmus red', 'paper.blue litmus paper=red'),
  line('checked with red litmus - blue', 'dip A red litmus paper · paper.red litmus paper=blue'),
  line('sniffed: vinegar', 'smell A · smell=vinegar'),
  line('repeat with 6 drops', '?repeat with 6 drops'),
  line('tried BaCl2 instead: nil', 'take B OS · add B [BaCl2] · change=no'),
  line('as above with Pb(OAc)2 -> yellow', '?as above', TWO),
  line('HCl (dil) - eff.', 'take A OS · add A [HCl dil] · gas=yes', FRESH),
  line('H2SO4 conc., gentle heat: violet vapour', 'add A [H2SO4 conc] · warm A · gas=yes · gas.colour=violet'),
  line('add 3 drops dil. HCl, 3 drops BaCl2 solution and observe', 'add A [HCl dil] 3dr · add A [BaCl2] 3dr · ?observe'),
  line('filtered hot, filtrate cooled -> white needles', 'filter A>B · cool B room · ppt=yes · ppt.colour=white · ppt.habit=crystalline'),
  line('collect ppt, wash, dissolve in 5 dr HAc', '?collect ppt · wash A water · add A [acetic acid] 5dr'),
  line('bring to the boil, + 1 mL BaCl2', 'boil A · add A [BaCl2] 1mL'),
  line('make it acid again (HNO3)', 'add A [HNO3] until:just-acidic'),
  line('basify with ammonia', 'add A [NH3] until:just-basic'),
  line('ran out of time, boiled only 1 min', '?ran out of time · boil A 1min'),
  line('I think I added 6 drops not 3', '?I think I added 6 drops not 3'),
  line('will boil tomorrow', '?will boil tomorrow'),
]
function DRYTUBE() {
  return { vessel: 'A', stock: 'sample', vessels: ['A'] }
}
