/**
 * The works the constants are recalled from. No page numbers are given, because none was checked at the page;
 * what earns a constant trust is that its consequences agree with the golden facts (see docs/chemistry.md).
 */
export const SOURCES = {
  own: 'as the person who added it says',
  judged: 'judged from what is nearest to it, with no source of its own',
  'smith-martell': 'R. M. Smith, A. E. Martell, Critical Stability Constants, vols 4–6, Plenum, 1976–1989 (and its NIST database 46)',
  'baes-mesmer': 'C. F. Baes, R. E. Mesmer, The Hydrolysis of Cations, Wiley, 1976',
  'brown-ekberg': 'P. L. Brown, C. Ekberg, Hydrolysis of Metal Ions, Wiley-VCH, 2016',
  'nordstrom-may': 'D. K. Nordstrom, H. M. May, in The Environmental Chemistry of Aluminum, 2nd ed., CRC, 1996',
  sander: 'R. Sander, Compilation of Henry’s law constants, Atmos. Chem. Phys. 15 (2015) 4399',
  brugger: 'J. Brugger et al., spectrophotometric study of copper(II) chloride complexes, Geochim. Cosmochim. Acta 65 (2001) 2691',
  wateq4f: 'J. W. Ball, D. K. Nordstrom, WATEQ4F thermodynamic data base, US Geological Survey OFR 91-183, 1991',
  crc: 'CRC Handbook of Chemistry and Physics, 95th ed., CRC Press, 2014',
  vogel7: 'A. I. Vogel, G. Svehla, Vogel’s Qualitative Inorganic Analysis, 7th ed., Longman, 1996',
  'vogel-organic': 'A. I. Vogel et al., Vogel’s Textbook of Practical Organic Chemistry, 5th ed., Longman, 1989',
  shriner: 'R. L. Shriner et al., The Systematic Identification of Organic Compounds, 8th ed., Wiley, 2004',
  'feigl-organic': 'F. Feigl, V. Anger, Spot Tests in Organic Analysis, 7th ed., Elsevier, 1966',
  girolami:
    'G. S. Girolami, A simple back of the envelope method for estimating the densities and molecular volumes of liquids and solids, J. Chem. Educ. 71 (1994) 962',
  yalkowsky: 'Y. Ran, S. H. Yalkowsky, Prediction of drug solubility by the general solubility equation, J. Chem. Inf. Comput. Sci. 41 (2001) 354',
  perrin: 'D. D. Perrin, B. Dempsey, E. P. Serjeant, pKa Prediction for Organic Acids and Bases, Chapman and Hall, 1981',
  middleton: 'H. Middleton, Analyst 60 (1935) 154, fusion with zinc and sodium carbonate',
  feigl: 'F. Feigl, V. Anger, Spot Tests in Inorganic Analysis, 6th ed., Elsevier, 1972',
  cotton: 'F. A. Cotton, G. Wilkinson, Advanced Inorganic Chemistry, 5th ed., Wiley, 1988',
  jorgensen: 'C. K. Jørgensen, Absorption Spectra and Chemical Bonding in Complexes, Pergamon, 1962',
  bjerrum: 'J. Bjerrum, Metal Ammine Formation in Aqueous Solution, Haase, 1941',
  merck: 'The Merck Index, 13th ed., Merck, 2001',
  kolthoff: 'I. M. Kolthoff et al., Quantitative Chemical Analysis, 4th ed., Macmillan, 1969',
  davies: 'C. W. Davies, Ion Association, Butterworths, 1962',
  niosh: 'NIOSH Pocket Guide to Chemical Hazards, DHHS 2005-149, 2007',
  myers:
    'R. J. Myers, The new low value for the second dissociation constant of H2S, J. Chem. Educ. 63 (1986) 687, and the table of acid dissolution constants in the CRC Handbook',
  'swift-butler': 'E. H. Swift, E. A. Butler, Precipitation of sulfides from homogeneous solutions by thioacetamide, Anal. Chem. 28 (1956) 146',
  clark: 'J. B. Clark, G. R. Clark, Proc. R. Soc. A 146 (1934) 651, ageing and dehydration of copper hydroxide',
} as const

export type SourceId = keyof typeof SOURCES
