import type { Structure } from './types'

/**
 * Why a compound must not be melted with sodium; null where it may. Source: the usual rules of the teaching laboratory (Vogel; Shriner): these explode.
 */
export function notFusable({ groups, atoms }: Structure): string | null {
  const n = (id: keyof Structure['groups']): number => groups[id] ?? 0
  if (n('azide') > 0) return 'an azide explodes with sodium'
  if (n('diazonium') > 0) return 'a diazo or diazonium compound explodes with sodium'
  if (n('peroxide') > 0) return 'a peroxide explodes with sodium'
  if (n('nitro-aliphatic') > 0) return 'a nitroalkane explodes with sodium'
  if (n('nitro') > 1) return 'a polynitro compound explodes with sodium'
  if (n('nitrate-ion') > 0) return 'a nitrate with an organic base explodes with sodium'
  const halogens = (atoms['Cl'] ?? 0) + (atoms['Br'] ?? 0) + (atoms['I'] ?? 0)
  const carbons = atoms['C'] ?? 0
  if (halogens >= 3 && carbons <= 2 && n('carboxylic-acid') === 0) return 'chloroform, carbon tetrachloride and their like explode with sodium'
  if (halogens >= 2 && carbons === 1) return 'a dihalomethane reacts violently with sodium'
  return null
}
