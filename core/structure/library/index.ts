import { acids, aminoAcids, derivatives, esters, salts } from './acids'
import type { Compound } from './define'
import { amines, halides, nitroCompounds, sulfurCompounds } from './nitrogen'
import { alcohols, carbohydrates, carbonyls, ethers, hydrocarbons, phenols } from './oxygen'

export { isUsualCompound, USUAL_COMPOUNDS } from './usual'
export { HAZARDS, ROOM_C, type Compound, type Hazard } from './define'

/** The teaching compounds that are looked among for a name; a new one is one row in its family's file. */
export const COMPOUNDS: readonly Compound[] = [
  hydrocarbons,
  alcohols,
  phenols,
  ethers,
  carbonyls,
  carbohydrates,
  acids,
  esters,
  derivatives,
  aminoAcids,
  salts,
  amines,
  nitroCompounds,
  halides,
  sulfurCompounds,
].flat()
