import type { OrganicSolvent, Solution } from '../species'

/** The unknown and the molecules of reagents in a vessel, beside the ledger of what is in the water. */
export interface OrganicMatter {
  /** mol of each compound of the unknown put in, by its SMILES. */
  readonly compounds: ReadonlyMap<string, number>
  /** mol of reagents' molecules, and of what rules made of them and of the unknown: `formula` or `formula|SMILES`. */
  readonly agents: ReadonlyMap<string, number>
  /** mol of places that have reacted, by rule and SMILES. */
  readonly reacted: ReadonlyMap<string, number>
  /** mol that reacted in the last operation, by rule. */
  readonly happened: ReadonlyMap<string, number>
  /** mL of each solvent that is not water. */
  readonly solvents: ReadonlyMap<OrganicSolvent, number>
  /** Share of each compound that is dissolved. */
  readonly dissolved: ReadonlyMap<string, number>
  /** mol driven off as gas in the last operation, that the ledger knows nothing of, by formula. */
  readonly fumes: ReadonlyMap<string, number>
  /** Whether it was heated until it burnt: what is left is ash. */
  readonly ashed: boolean
}

export const NO_ORGANICS: OrganicMatter = {
  compounds: new Map(),
  agents: new Map(),
  reacted: new Map(),
  happened: new Map(),
  solvents: new Map(),
  dissolved: new Map(),
  fumes: new Map(),
  ashed: false,
}

/** Some of the unknown put in. */
export function withCompound(organic: OrganicMatter | null, smiles: string, mol: number): OrganicMatter {
  const { compounds, ...rest } = organic ?? NO_ORGANICS
  return { ...rest, compounds: new Map(compounds).set(smiles, (compounds.get(smiles) ?? 0) + mol) }
}

/** What a reagent brings besides what stands in the ledger. */
export function pourAgents(
  before: OrganicMatter | null,
  { agents, solvent }: Pick<Solution, 'agents' | 'solvent'>,
  volume_mL: number,
): OrganicMatter | null {
  if (!agents && !solvent) return before
  const organic = before ?? NO_ORGANICS
  const all = new Map(organic.agents)
  for (const [id, molar] of Object.entries(agents ?? {})) all.set(id, (all.get(id) ?? 0) + (molar * volume_mL) / 1000)
  const solvents = new Map(organic.solvents)
  if (solvent) solvents.set(solvent, (solvents.get(solvent) ?? 0) + volume_mL)
  return { ...organic, agents: all, solvents }
}

/** The unknown in a vessel shared out: a portion of everything, or what is dissolved of it. */
export function splitOrganic(
  organic: OrganicMatter | null,
  share: number,
  liquidOnly: boolean,
): { readonly portion: OrganicMatter | null; readonly rest: OrganicMatter | null } {
  if (!organic) return { portion: null, rest: null }
  const portion = new Map<string, number>()
  const rest = new Map<string, number>()
  for (const [smiles, mol] of organic.compounds) {
    const some = mol * share * (liquidOnly ? (organic.dissolved.get(smiles) ?? 0) : 1)
    portion.set(smiles, some)
    rest.set(smiles, mol - some)
  }
  const part = (map: ReadonlyMap<string, number>, f: number): Map<string, number> => new Map([...map].map(([k, n]) => [k, n * f]))
  return {
    portion: {
      ...organic,
      compounds: portion,
      agents: part(organic.agents, share),
      reacted: part(organic.reacted, share),
      happened: new Map(),
      solvents: part(organic.solvents, share) as Map<OrganicSolvent, number>,
    },
    rest: {
      ...organic,
      compounds: rest,
      agents: part(organic.agents, 1 - share),
      reacted: part(organic.reacted, 1 - share),
      happened: new Map(),
      solvents: part(organic.solvents, 1 - share) as Map<OrganicSolvent, number>,
    },
  }
}

/** Two portions together. */
export function mergeOrganic(a: OrganicMatter | null, b: OrganicMatter | null): OrganicMatter | null {
  if (!a || !b) return a ?? b
  const sum = <K extends string>(x: ReadonlyMap<K, number>, y: ReadonlyMap<K, number>): Map<K, number> => {
    const all = new Map(x)
    for (const [k, n] of y) all.set(k, (all.get(k) ?? 0) + n)
    return all
  }
  return {
    ...a,
    compounds: sum(a.compounds, b.compounds),
    agents: sum(a.agents, b.agents),
    reacted: sum(a.reacted, b.reacted),
    happened: new Map(),
    solvents: sum(a.solvents, b.solvents),
    dissolved: new Map([...a.dissolved, ...b.dissolved]),
    fumes: new Map(),
    ashed: a.ashed || b.ashed,
  }
}
