import { asks, add, addTo, BESIDE, defineTest, hold, lead, look, mg, mL, takeSolid, THIS, type Test, type TestStep } from '../types'

/** Something done to the dry sample in a flame. */
const dry = (test: Omit<Test, 'stage' | 'on' | 'sources'>): Test => defineTest({ ...test, stage: 'dry', on: ['solid'], sources: ['vogel7'] })
const heat = (how: 'gently' | 'strongly', what: string): TestStep => ({ do: 'ignite', vessel: THIS, heat: how, for: what })
const glowing = (): TestStep => ({ do: 'hold', over: THIS, splint: 'glowing', for: 'the glowing splint' })

export const smellOfSolid = defineTest({
  id: 'smell-of-the-sample',
  title: 'Smell of the sample, wafted',
  stage: 'looked',
  on: ['solid'],
  steps: [takeSolid(mg(100)), { do: 'smell', at: THIS, for: 'the smell, wafted' }],
  because: 'Ammonium carbonate smells of ammonia, sulfides of hydrogen sulfide, acid sulfites of burning sulfur; most salts have no smell.',
  minutes: 1,
  sources: ['vogel7'],
  cautions: ['Waft, never inhale; not at all where cyanide may be there.'],
})

export const leftInAir = defineTest({
  id: 'left-in-the-air',
  title: 'A little on a watch glass, left in the air',
  stage: 'looked',
  on: ['solid'],
  steps: [takeSolid(mg(50)), { do: 'stand', vessel: THIS, minutes: 20 }, look('moist, or a white bloom; or as it was')],
  because: 'Chlorides of zinc, iron(III), magnesium and calcium draw water from the air; soda crystals and Glauber’s salt lose theirs and whiten.',
  relies: ['the air of a room, at half its moisture'],
  minutes: 21,
  sources: ['vogel7'],
})

export const heatGently = dry({
  id: 'heat-gently',
  title: 'Heat a little in a dry tube, gently',
  steps: [
    takeSolid(mg(50)),
    heat('gently', 'water, crackling, melting, charring, sublimate; gas'),
    hold('red litmus paper'),
    hold('blue litmus paper'),
  ],
  because: 'Hydrates give water, ammonium salts a sublimate or ammonia, organic anions char; what comes off first tells the most.',
  relies: ['a dry tube', 'moist paper'],
  minutes: 5,
  cautions: ['Point the mouth of the tube away from everybody.'],
})

export const heatStrongly = dry({
  id: 'heat-strongly',
  title: 'Heat a little in a dry tube, strongly',
  steps: [takeSolid(mg(50)), heat('strongly', 'gas and its colour; residue hot, then cold; sublimate'), glowing(), hold('starch iodide paper')],
  because: 'Nitrates brown the tube or relight a splint, zinc oxide is yellow hot and white cold, copper salts end black.',
  relies: ['the colour read hot and again cold'],
  minutes: 7,
  cautions: ['Point the mouth of the tube away from everybody; ammonium nitrate is never heated strongly.'],
})

export const heatIntoLimeWater = dry({
  id: 'heat-gas-into-lime-water',
  title: 'Heat strongly, the gas into lime water',
  steps: [
    takeSolid(mg(80)),
    heat('strongly', 'gas'),
    addTo(BESIDE, 'lime water', mL(2)),
    lead(BESIDE),
    asks(look('the lime water', BESIDE), 'lime-water'),
  ],
  because: 'Carbonates other than those of sodium, potassium and barium, and most organic salts, give carbon dioxide.',
  relies: ['sulfur dioxide ruled out by dichromate paper'],
  minutes: 7,
})

export const heatAndDichromate = dry({
  id: 'heat-gas-and-dichromate',
  title: 'Heat strongly, dichromate and lead acetate paper over it',
  steps: [takeSolid(mg(60)), heat('strongly', 'gas'), hold('acid dichromate paper'), hold('lead acetate paper')],
  because: 'Heated sulfites, and sulfates of heavy metals, give sulfur dioxide, which turns dichromate green.',
  minutes: 6,
})

const bead = (flux: 'borax' | 'microcosmic', flame: 'oxidising' | 'reducing'): Test =>
  dry({
    id: `${flux}-bead-${flame}`,
    title: `${flux === 'borax' ? 'Borax' : 'Microcosmic salt'} bead, ${flame} flame`,
    steps: [{ do: 'bead', from: 'sample', flux, flame, for: 'colour of the bead hot, then cold' }],
    because: 'Copper, iron, cobalt, nickel, chromium and manganese colour the glass, each in its own way in the two flames.',
    relies: ['a clear bead before the sample', 'a speck only, or the bead is black', 'a coloured sample'],
    minutes: 5,
  })
export const boraxOxidising = bead('borax', 'oxidising')
export const boraxReducing = bead('borax', 'reducing')
export const microcosmicOxidising = bead('microcosmic', 'oxidising')

export const charcoalCavity = dry({
  id: 'charcoal-cavity',
  title: 'On charcoal with sodium carbonate, reducing flame',
  steps: [{ do: 'charcoal', from: 'sample', with: 'Na2CO3', for: 'bead of metal, crust hot and cold, smell' }],
  because: 'Lead, bismuth, antimony, tin, silver and copper give metal; lead, bismuth, zinc, cadmium and antimony a crust of their own colour.',
  minutes: 8,
  cautions: ['Charcoal flares with nitrates, chlorates and permanganates; arsenic fumes are poisonous: in the hood.'],
})

export const cobaltNitrate = dry({
  id: 'cobalt-nitrate-on-residue',
  title: 'White residue moistened with cobalt nitrate, heated strongly',
  steps: [takeSolid(mg(30)), heat('strongly', 'residue, is it white'), { do: 'cobalt-nitrate', on: THIS, for: 'colour of the mass' }],
  because: 'Aluminium turns blue, zinc green, magnesium pink; phosphates, silicates and borates give a blue glass.',
  relies: ['a white residue', 'one drop of dilute cobalt nitrate'],
  minutes: 8,
})

export const oxidisingFusion = dry({
  id: 'oxidising-fusion',
  title: 'Fused with potassium nitrate and sodium carbonate, then water',
  steps: [
    takeSolid(mg(15)),
    { do: 'add', to: THIS, reagent: 'KNO3 solid', mg: 60 },
    { do: 'add', to: THIS, reagent: 'Na2CO3 solid', mg: 100 },
    heat('strongly', 'colour of the melt, cold'),
    add('water', mL(2)),
    look('colour of the liquid'),
  ],
  because: 'Manganese gives green manganate, chromium yellow chromate.',
  minutes: 8,
  cautions: ['Not with organic salts, sulfides, thiocyanates or hexacyanoferrates: nitrate with them explodes.'],
})

export const borateFlame = dry({
  id: 'borate-flame',
  title: 'Methanol and concentrated sulfuric acid, the vapour lit',
  steps: [
    takeSolid(mg(60)),
    add('methanol', mL(1)),
    add('H2SO4 conc', mL(0.3)),
    { do: 'flame', from: THIS, support: 'mouth', for: 'edge of the flame at the mouth' },
  ],
  because: 'Borates burn with a green edge as the methyl ester; copper and barium stay in the tube and do not.',
  relies: ['the vapour lit, not the liquid'],
  minutes: 5,
  cautions: ['Methanol burns: a small tube, the bottle closed and away from the flame.'],
})
