import type { Structure } from '../../structure'
import { count, defineOrganic, has } from './types'

/** Additions and substitutions of halogen, and what halides do. */

type X = 'Cl' | 'Br' | 'I'
const XS = ['Cl', 'Br', 'I'] as const

/** Minutes to half with silver ions in ethanol at 25 °C. Iodides go before bromides, bromides before chlorides. */
const SILVER: Readonly<Record<X, { quick: number; secondary: number; primary: number; slow: number }>> = {
  I: { quick: 0.02, secondary: 20, primary: 60, slow: 300_000 },
  Br: { quick: 0.05, secondary: 1200, primary: 2500, slow: 3_000_000 },
  Cl: { quick: 0.1, secondary: 40_000, primary: 50_000, slow: 10_000_000 },
}
/** Minutes to half with iodide in acetone at 25 °C. */
const IODIDE: Readonly<Record<'Cl' | 'Br', { quick: number; primary: number; secondary: number; tertiary: number }>> = {
  Br: { quick: 0.1, primary: 0.8, secondary: 4000, tertiary: 20_000 },
  Cl: { quick: 0.6, primary: 2000, secondary: 300_000, tertiary: 1_000_000 },
}

const silverRules = XS.flatMap((x) => {
  const rule = (kind: string, groups: readonly (keyof Structure['groups'])[], minutes: number, says: string) =>
    defineOrganic({
      id: `silver-${x}-${kind}`,
      says,
      equation: `R${x} + H2O -> ROH + ${x}^- + H^+`,
      sites: (s: Structure) => count(s, ...groups),
      halfLife_min: () => minutes,
      per10K: 3.3,
      when: { beside: 'Ag^+' },
      source: 'shriner',
    })
  return [
    rule(
      'quick',
      [`${x}-tertiary`, `${x}-benzylic`],
      SILVER[x].quick,
      'Tertiary, allylic and benzylic halides give silver halide at once: the cation is stable.',
    ),
    rule('secondary', [`${x}-secondary`], SILVER[x].secondary, 'Secondary halides give silver halide slowly, when warmed within minutes.'),
    rule('primary', [`${x}-primary`], SILVER[x].primary, 'Primary halides give silver halide slowly, when warmed within minutes.'),
    rule(
      'activated',
      [`${x}-activated`],
      SILVER[x].primary * 3,
      'Halogen beside a carbonyl group gives silver halide slowly: the cation is unstable.',
    ),
    rule('slow', [`${x}-several`, `${x}-dinitroaryl`], SILVER[x].slow, 'Several halogens on one carbon hold each other: silver halide hardly comes.'),
  ]
})

const iodideRules = (['Cl', 'Br'] as const).flatMap((x) => {
  const rule = (kind: string, groups: readonly (keyof Structure['groups'])[], minutes: number, says: string) =>
    defineOrganic({
      id: `iodide-${x}-${kind}`,
      says,
      equation: `R${x} + NaI -> RI + Na${x}`,
      sites: (s: Structure) => (has(s, 'vicinal-dihalide') ? 0 : count(s, ...groups)),
      halfLife_min: () => minutes,
      per10K: 3.3,
      when: { without: 'H2O' },
      source: 'shriner',
    })
  return [
    rule(
      'quick',
      [`${x}-benzylic`, `${x}-activated`],
      IODIDE[x].quick,
      'Benzylic and allylic halides, and those beside a carbonyl group, give sodium halide with iodide in acetone at once.',
    ),
    rule(
      'primary',
      [`${x}-primary`],
      IODIDE[x].primary,
      'Primary bromides give sodium bromide with iodide in acetone within three minutes, chlorides at 50 °C.',
    ),
    rule(
      'secondary',
      [`${x}-secondary`],
      IODIDE[x].secondary,
      'Secondary bromides give sodium bromide with iodide in acetone at 50 °C only, chlorides hardly.',
    ),
    rule('tertiary', [`${x}-tertiary`], IODIDE[x].tertiary, 'Tertiary halides are slow with iodide in acetone.'),
  ]
})

/** Nothing that draws electrons from a ring or holds aluminium chloride fast: no nitrogen or sulfur, and no oxygen but that of phenols and aryl ethers. */
const donorless = (s: Structure): boolean =>
  (s.atoms['N'] ?? 0) + (s.atoms['S'] ?? 0) + (s.atoms['P'] ?? 0) === 0 && (s.atoms['O'] ?? 0) === count(s, 'phenol', 'ether-aryl')

export const substitutions = [
  defineOrganic({
    id: 'bromine-adds',
    says: 'Bromine adds to a double bond and its colour goes, with no acid fumes.',
    equation: 'RCHCHR + Br2 -> RCHBrCHBrR',
    sites: (s) => count(s, 'alkene') + 2 * count(s, 'alkyne'),
    halfLife_min: (s) =>
      has(s, 'alkene-halogenated')
        ? 600
        : has(s, 'alkene-poor')
          ? has(s, 'carboxylic-acid', 'anhydride', 'quinone')
            ? 120
            : 4
          : has(s, 'alkene-hindered')
            ? 1.5
            : has(s, 'alkyne')
              ? 0.6
              : 0.02,
    source: 'vogel-organic',
  }),
  defineOrganic({
    id: 'bromine-substitutes-ring',
    says: 'Bromine water substitutes phenols and aromatic amines at every open ortho and para place: the colour goes and a white or pale precipitate falls; acid is left.',
    equation: 'RH + Br2 -> RBr + H^+ + Br^-',
    sites: (s) => count(s, 'activated-place'),
    halfLife_min: (s) => (has(s, 'phenol-dinitro', 'arylamine-poor', 'arylamine-poor-ortho') ? 0.5 : 0.01),
    when: { dry: false },
    source: 'vogel-organic',
  }),
  defineOrganic({
    id: 'bromine-substitutes-in-solvent',
    says: 'In a solvent bromine is lost to phenols, aromatic amines and enolisable ketones by substitution: hydrogen bromide fumes, which addition does not give.',
    equation: 'RH + Br2 -> BrR + HBr',
    sites: (s) =>
      count(s, 'activated-place') + (has(s, 'dicarbonyl-1-3') ? 1 : 0) + (has(s, 'ketone', 'aldehyde') && !has(s, 'ketone-diaryl') ? 1 : 0),
    halfLife_min: (s) =>
      has(s, 'activated-place') || has(s, 'dicarbonyl-1-3') ? 0.1 : has(s, 'ketone-aryl') ? 8 : has(s, 'aldehyde-aromatic') ? 500 : 6,
    when: { dry: true },
    source: 'shriner',
  }),
  defineOrganic({
    id: 'bromine-oxidises',
    says: 'Aldehydes, thiols, hydrazines, hydroquinones and enediols use bromine water up by being oxidised.',
    equation: 'R(OH)2 + Br2 -> RO2 + 2 H^+ + 2 Br^-',
    sites: (s) =>
      count(s, 'thiol', 'hydrazine', 'enediol', 'thiourea', 'sulfide', 'phosphine') +
      (has(s, 'phenol-hydroquinone') ? 1 : 0) +
      (count(s, 'aldehyde') - count(s, 'aldehyde-aromatic')),
    halfLife_min: (s) => (has(s, 'aldehyde') && !has(s, 'thiol', 'hydrazine', 'enediol') ? 3 : 0.02),
    source: 'shriner',
  }),
  defineOrganic({
    id: 'friedel-crafts-colour',
    says: 'Aromatic hydrocarbons, aryl halides and aryl ethers give triarylmethyl cations with chloroform and aluminium chloride, orange to blue. Groups that draw electrons, or hold the aluminium chloride, keep the ring from it.',
    equation: '3 RH + 2 CHCl3 + AlCl3 -> R3C^+ + AlCl4^- + CH2Cl2 + 3 HCl',
    sites: (s) => (donorless(s) ? count(s, 'arene') : 0),
    halfLife_min: () => 0.02,
    when: { dry: true },
    source: 'shriner',
  }),
  ...silverRules,
  defineOrganic({
    id: 'silver-acyl',
    says: 'Acid chlorides give silver chloride with silver ions in ethanol at once.',
    equation: 'RCOCl + H2O -> RCOOH + Cl^- + H^+',
    sites: (s) => count(s, 'acid-chloride'),
    halfLife_min: () => 0.05,
    when: { beside: 'Ag^+', dry: true },
    source: 'shriner',
  }),
  defineOrganic({
    id: 'acid-chloride-and-water',
    says: 'Acid chlorides are taken apart by water and alcohol, aliphatic ones violently, aromatic ones slowly: hydrogen chloride, and silver chloride with silver ions.',
    equation: 'RCOCl + H2O -> RCOOH + H^+ + Cl^-',
    sites: (s) => count(s, 'acid-chloride', 'sulfonyl-chloride'),
    halfLife_min: (s) => (has(s, 'sulfonyl-chloride') ? 400 : (s.atoms['C'] ?? 0) > 4 ? 4 : 0.02),
    when: { dry: false },
    source: 'vogel-organic',
  }),
  defineOrganic({
    id: 'anhydride-and-water',
    says: 'Acid anhydrides are taken apart by water, slowly in the cold and quickly in alkali.',
    equation: 'R2C2O3 + H2O -> 2 RCOOH',
    sites: (s) => count(s, 'anhydride'),
    halfLife_min: () => 8,
    when: { dry: false },
    source: 'vogel-organic',
  }),
  ...iodideRules,
  defineOrganic({
    id: 'iodide-and-acid-chloride',
    says: 'Acid chlorides give sodium chloride with iodide in acetone at once.',
    equation: 'RCOCl + NaI -> RCOI + NaCl',
    sites: (s) => count(s, 'acid-chloride', 'sulfonyl-chloride'),
    halfLife_min: (s) => (has(s, 'sulfonyl-chloride') ? 0.5 : 0.1),
    when: { without: 'H2O' },
    source: 'shriner',
  }),
  defineOrganic({
    id: 'iodide-and-vicinal-dibromide',
    says: 'Dibromides on neighbouring carbons free iodine from iodide in acetone: the liquid goes red-brown.',
    equation: 'R2Br2 + 2 NaI -> R2 + I2 + 2 NaBr',
    sites: (s) => count(s, 'vicinal-dihalide') / 2,
    halfLife_min: () => 1,
    when: { without: 'H2O' },
    source: 'shriner',
  }),
  defineOrganic({
    id: 'silver-acetylide',
    says: 'A triple bond at the end of a chain gives diamminesilver a white silver acetylide, which explodes when dry: it is destroyed with acid at once.',
    equation: 'RCCH + Ag(NH3)2^+ -> RCCAg + NH3 + NH4^+',
    sites: (s) => count(s, 'alkyne-terminal'),
    halfLife_min: () => 0.05,
    when: { pHFrom: 8, beside: 'NH3' },
    source: 'vogel-organic',
  }),
  defineOrganic({
    id: 'lucas',
    says: 'Zinc chloride in concentrated hydrochloric acid clouds with tertiary, allylic and benzylic alcohols at once, with secondary ones in some five minutes, with primary ones not at all in the cold.',
    equation: 'ROH + H^+ + Cl^- -> RCl + H2O',
    sites: (s) => count(s, 'alcohol-primary', 'alcohol-secondary', 'alcohol-tertiary', 'alcohol-benzylic', 'alcohol-benzylic-tertiary'),
    halfLife_min: (s) =>
      has(s, 'alcohol-tertiary', 'alcohol-benzylic', 'alcohol-benzylic-tertiary')
        ? has(s, 'alcohol-alpha-acid')
          ? 500
          : 0.1
        : has(s, 'alcohol-secondary')
          ? has(s, 'polyol')
            ? 5000
            : 5
          : 60_000,
    when: { acidFrom: 6, beside: 'Zn^2+' },
    source: 'vogel-organic',
  }),
  defineOrganic({
    id: 'iodoform-ketone',
    says: 'Iodine in alkali takes methyl ketones and acetaldehyde apart to yellow iodoform.',
    equation: 'RCOCH3 + 3 IO^- -> RCOO^- + CHI3 + 2 OH^-',
    sites: (s) => count(s, 'ketone-methyl') + (has(s, 'aldehyde-acetyl') ? 1 : 0),
    halfLife_min: (s) => (has(s, 'ketone-aryl') ? 3 : 0.5),
    when: { pHFrom: 9.5 },
    source: 'vogel-organic',
  }),
  defineOrganic({
    id: 'iodoform-carbinol',
    says: 'Ethanol and secondary alcohols with a methyl group beside the hydroxyl are oxidised by iodine in alkali, and give iodoform on warming.',
    equation: 'RCHOHCH3 + 4 IO^- -> RCOO^- + CHI3 + I^- + 2 OH^- + H2O',
    sites: (s) => (has(s, 'polyol', 'carboxylic-acid') ? 0 : count(s, 'methyl-carbinol')),
    halfLife_min: () => 8,
    when: { pHFrom: 9.5 },
    source: 'vogel-organic',
  }),
  defineOrganic({
    id: 'iodine-lost-to-phenol',
    says: 'Phenols and aromatic amines use iodine in alkali up by substitution and give no iodoform.',
    equation: 'RH + IO^- -> RI + OH^-',
    sites: (s) => count(s, 'activated-place'),
    halfLife_min: () => 0.5,
    when: { pHFrom: 9.5 },
    source: 'shriner',
  }),
]
