/** Compounds that a first course gives out to be found, over and over. Judged, from what the printed schemes take for their examples. */
const USUAL: ReadonlySet<string> = new Set(
  `
formic acid;acetic acid;oxalic acid dihydrate;succinic acid;tartaric acid;citric acid;lactic acid;benzoic acid;cinnamic acid;phthalic acid;aspirin;anthranilic acid;4-nitrobenzoic acid;sulfanilic acid;salicylic acid
methyl acetate;ethyl acetate;ethyl benzoate;methyl benzoate;methyl salicylate;phenyl salicylate;acetic anhydride;acetyl chloride;benzoyl chloride;acetamide;benzamide;urea;thiourea;acetanilide;benzanilide
acetonitrile;glycine;alanine;sodium acetate;sodium benzoate;diethylamine;triethylamine;pyridine;aniline;2-methylaniline;4-methylaniline;2-nitroaniline;3-nitroaniline;4-nitroaniline;4-chloroaniline;1-naphthylamine
N-methylaniline;N,N-dimethylaniline;diphenylamine;phenylhydrazine;nitrobenzene;1,3-dinitrobenzene;4-nitrotoluene;1-bromobutane;bromoethane;2-chloro-2-methylpropane;benzyl chloride;chloroform;carbon tetrachloride
dichloromethane;iodoform;chlorobenzene;bromobenzene;iodobenzene;1,4-dichlorobenzene;hexane;cyclohexane;cyclohexene;benzene;toluene;1,4-dimethylbenzene;naphthalene;biphenyl;anthracene;phenanthrene
methanol;ethanol;1-propanol;2-propanol;1-butanol;2-butanol;2-methyl-2-propanol;cyclohexanol;benzyl alcohol;ethane-1,2-diol;glycerol;phenol;2-methylphenol;4-methylphenol;catechol;resorcinol;hydroquinone;pyrogallol
1-naphthol;2-naphthol;2-nitrophenol;4-nitrophenol;picric acid;4-aminophenol;vanillin;salicylaldehyde;diethyl ether;anisole;acetaldehyde;propanal;butanal;benzaldehyde;4-methoxybenzaldehyde;cinnamaldehyde;furfural
acetone;2-butanone;3-pentanone;cyclohexanone;acetophenone;benzophenone;benzil;benzoin;camphor;chloral hydrate;glucose;fructose;sucrose;lactose;starch;thioacetamide;saccharin;1,4-benzoquinone;anthraquinone
`
    .trim()
    .split(/[;\n]/),
)

/** Whether a compound of the library is one of those that a first course gives out over and over. */
export const isUsualCompound = ({ name }: { readonly name: string }): boolean => USUAL.has(name)
/** All of their names. */
export const USUAL_COMPOUNDS: readonly string[] = [...USUAL]
