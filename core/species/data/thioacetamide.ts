import type { AqueousData } from '../types'

/** Thioacetamide itself takes no part; warm water takes it apart into hydrogen sulfide and ammonium acetate (rule `thioacetamide-hydrolyses`). */
export const thioacetamideAqueous: readonly AqueousData[] = [{ formula: 'CH3CSNH2', name: 'thioacetamide' }]
