import { USUAL } from './data/usual'
import type { Salt } from './registry'

const usual: ReadonlySet<string> = new Set(USUAL)

/** Whether a salt is one of those that a first course gives out over and over. */
export const isUsual = ({ id }: Pick<Salt, 'id'>): boolean => usual.has(id)
