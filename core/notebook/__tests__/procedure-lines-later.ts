import type { ProcedureLine } from './procedure-lines'

/** Forty lines written when the reader stood, to see how it reads what it was not made for. */
const line = (line: string, means: string, context?: ProcedureLine['context']): ProcedureLine => ({ line, means, ...(context && { context }) })
const THREE = { vessel: 'B', vessels: ['A', 'B', 'C', 'OS'] } as const
const FRESH = { stock: 'OS', vessels: ['OS'] } as const

export const LINES_LATER: readonly ProcedureLine[] = [
  line('took 2 mL of soln, made it acid with 3 drops of dil HCl, passed H2S', 'take B OS 2mL · add B [HCl dil] until:just-acidic · pass B H2S'),
  line(
    '2mL OS + 2mL 2M HCl, cool in ice 2 min -> white crystalline ppt',
    'take B OS 2mL · add B [HCl 2 M] 2mL · cool B ice · ppt=yes · ppt.colour=white · ppt.habit=crystalline',
  ),
  line('ppt + 3 dr conc NH3 -> blackens', 'add A [NH3 conc] 3dr · ppt=yes · ppt.colour=black'),
  line('centrifuge, pour off liquid into C, wash the ppt once with 1 ml water', 'spin A>C · wash A water 1mL'),
  line('add 1 mL water to ppt, boil, filter hot', 'add A [water] 1mL · boil A · filter A>B'),
  line('filtrate + 2 dr K2CrO4 -> yellow', 'add B [K2CrO4] 2dr · sol.colour=yellow', { vessel: 'A', vessels: ['A', 'B', 'OS'] }),
  line('B + 10 drops 3% H2O2, warm', 'add B [H2O2 3 %] 10dr · warm B', THREE),
  line('C: boil 2 mins, cool, add NH4Cl & excess NH3', 'boil C 2min · cool C room · add C [NH4Cl] · add C [NH3] until:excess', THREE),
  line('A: + Na2S 2 drops: black ppt', 'add A [Na2S] 2dr · ppt=yes · ppt.colour=black', THREE),
  line('transfer 1 mL of C to D', 'take D C 1mL', THREE),
  line(
    'soln + (NH4)2CO3, heat -> white ppt; ppt + acetic acid -> sol',
    'take B OS · add B [(NH4)2CO3] · warm B · ppt=yes · ppt.colour=white · add B [acetic acid] · ppt.dissolves=yes',
  ),
  line('1 mL salt soln + 1 mL Fehlings A', 'take B OS 1mL · ?Fehlings A'),
  line(
    'salt soln + dil HNO3 + AgNO3 - curdy white ppt soluble in NH4OH',
    'take B OS · add B [HNO3 dil] · add B [AgNO3] · ppt=yes · ppt.colour=white · ppt.habit=curdy · ppt.dissolves=yes',
  ),
  line('heated a pinch of the salt with NaOH soln - smell of ammonia', 'take B sample 50mg · add B [NaOH] · warm B · smell=pungent, ammonia'),
  line('paste of salt + conc HCl on Pt wire: brick red flame', 'flame sample wire · flame.colour=brick red'),
  line(
    'dry test tube, salt heated: colourless gas turns lw milky, residue black',
    'take B sample · ignite B · gas=yes · lime-water=milky · residue.cold=black',
  ),
  line('MgCl2 + NaOH', 'add A [MgCl2] · add A [NaOH]'),
  line(
    '+ 5 dr. 6 M acetic acid, then 2 dr. K2CrO4, then let stand 2 min: yellow ppt',
    'add A [acetic acid 6 M] 5dr · add A [K2CrO4] 2dr · stand A 2min · ppt=yes · ppt.colour=yellow',
  ),
  line('add the acid slowly until the fizzing stops', '?acid'),
  line('add dil HNO3 slowly until the fizzing stops', 'add A [HNO3 dil] until:no-more-gas'),
  line('dil HCl (2 mL): effervesces briskly', 'take A OS · add A [HCl dil] 2mL · gas=yes · gas.vigour=brisk', FRESH),
  line('KI, 1 drop: yellow; more KI: no change', 'take A OS · add A [KI] 1dr · sol.colour=yellow · add A [KI] · change=no', FRESH),
  line('K4Fe(CN)6 (fresh): no ppt', 'take A OS · add A [K4Fe(CN)6] · !ppt=yes', FRESH),
  line('fresh portion, 1 mL; + 2 dr K3Fe(CN)6; dark blue ppt', 'take B OS 1mL · add B [K3Fe(CN)6] 2dr · ppt=yes · ppt.colour=deep blue'),
  line(
    '+ 1 cc ether + few drops H2O2, shaken, blue upper layer',
    'add A [ether] 1mL · add A [H2O2] 3dr · shake A · layer.colour=blue · layer.rests=upper',
  ),
  line('acidify w/ dil. H2SO4, + KMnO4 dropwise: decolourised', 'add A [H2SO4 dil] until:just-acidic · add A [KMnO4] · sol.colour=colourless'),
  line('evap. filtrate to small bulk', '?small bulk'),
  line('ignited residue + Co(NO3)2, heated: green', 'cobalt-nitrate sample · residue.cold=green'),
  line('borax bead: ox hot green cold blue', 'bead sample borax oxidising · bead.hot=green · bead.cold=blue'),
  line('lit splint into tube: gas burns, pop', 'hold A burning splint · splint=pops'),
  line('damp blue litmus at the mouth -> red', 'hold A blue litmus paper · paper.blue litmus paper=red'),
  line('fused 1 tube only, sodium 50 mg', 'fuse FE sodium tubes:1 sodium:50', { stock: 'sample', vessels: [] }),
  line(
    '2 mL of Lassaigne extract + FeSO4 + NaOH, boil, cool, + dil H2SO4: prussian blue',
    'take B FE 2mL · add B [FeSO4] · add B [NaOH] · boil B · cool B room · add B [H2SO4 dil] · sol.colour=deep blue',
    { vessels: ['A', 'FE'] },
  ),
  line('tried heating again: still nothing', 'warm A · change=no'),
  line('should add acetic acid before the chromate', '?should add acetic acid before the chromate'),
  line('spilt half of B', '?spilt half of B', THREE),
  line('ppt from A looks grey', 'ppt=yes · ppt.colour=grey', THREE),
  line('A and B look the same', '?A and B look the same', THREE),
  line('wash with water till washings are clear', 'wash A water'),
  line('kept B for Mg', '?kept B for Mg', THREE),
]
