import { appearanceColour } from './appearance-colour'
import { appearanceForm } from './appearance-form'
import { ash } from './ash'
import { beadCold } from './bead-cold'
import { beadHot } from './bead-hot'
import { boilingPoint } from './boiling-point'
import { change } from './change'
import { chars } from './chars'
import { crackles } from './crackles'
import { fades } from './fades'
import { flameColour } from './flame-colour'
import { flameLasts } from './flame-lasts'
import { flameLine } from './flame-line'
import { flameSooty } from './flame-sooty'
import { gasColour } from './gas-colour'
import { gasPresent } from './gas-present'
import { gasSmell } from './gas-smell'
import { gasSpecies } from './gas-species'
import { gasVigour } from './gas-vigour'
import { heat } from './heat'
import { layerColour } from './layer-colour'
import { layerRests } from './layer-rests'
import { layers } from './layers'
import { limeWater } from './lime-water'
import { meltingPoint } from './melting-point'
import { melts } from './melts'
import { precipitateAmount } from './precipitate-amount'
import { precipitateColour } from './precipitate-colour'
import { precipitateDissolves } from './precipitate-dissolves'
import { precipitateHabit } from './precipitate-habit'
import { precipitatePresent } from './precipitate-present'
import { precipitateRests } from './precipitate-rests'
import { residueCold } from './residue-cold'
import { residueHot } from './residue-hot'
import { ringColour } from './ring-colour'
import { rod } from './rod'
import { smell } from './smell'
import { solubility } from './solubility'
import { solutionClarity } from './solution-clarity'
import { solutionColour } from './solution-colour'
import { speed } from './speed'
import { splint } from './splint'
import { sublimate } from './sublimate'
import { water } from './water'
import { papers } from './paper'
import { CHANNEL_IDS, type ChannelId } from '../vocabulary'
import type { Channel, Topic } from './define'

/** Every channel of the vocabulary, each defined in a file of its own. */
const DEFINED: { readonly [Id in ChannelId]: Channel<Id> } = {
  'appearance.colour': appearanceColour,
  'appearance.form': appearanceForm,
  smell,
  'solution.colour': solutionColour,
  'solution.clarity': solutionClarity,
  'precipitate.present': precipitatePresent,
  'precipitate.colour': precipitateColour,
  'precipitate.habit': precipitateHabit,
  'precipitate.amount': precipitateAmount,
  'precipitate.rests': precipitateRests,
  'precipitate.dissolves': precipitateDissolves,
  'gas.present': gasPresent,
  'gas.species': gasSpecies,
  'gas.colour': gasColour,
  'gas.smell': gasSmell,
  'gas.vigour': gasVigour,
  ...papers,
  'lime-water': limeWater,
  splint,
  rod,
  'residue.hot': residueHot,
  'residue.cold': residueCold,
  sublimate,
  water,
  crackles,
  melts,
  chars,
  'flame.colour': flameColour,
  'flame.lasts': flameLasts,
  'flame.sooty': flameSooty,
  'flame.line': flameLine,
  'bead.hot': beadHot,
  'bead.cold': beadCold,
  'layer.colour': layerColour,
  layers,
  'layer.rests': layerRests,
  'ring.colour': ringColour,
  heat,
  speed,
  fades,
  solubility,
  change,
  ash,
  'melting-point': meltingPoint,
  'boiling-point': boilingPoint,
}

/** The channels, in the order of the published vocabulary. */
export const CHANNELS: readonly Channel<ChannelId>[] = CHANNEL_IDS.map((id) => DEFINED[id])
export const CHANNEL_BY_ID: ReadonlyMap<string, Channel<ChannelId>> = new Map(CHANNELS.map((channel) => [channel.id, channel]))

/** Whether a channel is about something. An unknown one is about nothing. */
export const isOf = (channel: string, ...topics: readonly Topic[]): boolean => {
  const of = CHANNEL_BY_ID.get(channel)?.of
  return of !== undefined && topics.includes(of)
}
/** Whether a channel tells a colour, or a smell, of whatever it is about. */
export const tells = (channel: string, property: 'colour' | 'smell'): boolean => CHANNEL_BY_ID.get(channel)?.property === property

export type { ChannelId } from '../vocabulary'
export type { Channel, Expectation, Knowing, Topic } from './define'
export { CONSTANT_RANGE_C, constantUnlisted } from './errors/constant'
