import { FULL_SEPARATION, FULL_SEPARATION_THIOACETAMIDE } from './full-separation'
import { PORTIONS } from './portions'
import { SCHOOL } from './school'
import { SULFIDE_FREE } from './sulfide-free'
import type { Scheme } from './types'

export type * from './types'
export * from './follow'
export * from './judge'
export * from './mixtures'
export * from './work'
export { FULL_SEPARATION, FULL_SEPARATION_THIOACETAMIDE, PORTIONS, SCHOOL, SULFIDE_FREE }

export const SCHEMES: readonly Scheme[] = [PORTIONS, FULL_SEPARATION, FULL_SEPARATION_THIOACETAMIDE, SCHOOL, SULFIDE_FREE]
