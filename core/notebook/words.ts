import { LINE_COLOURS } from '../vocabulary'
import { CHANNEL_BY_ID } from '../channels'
import { isMessageId, message, say, type Message } from '../messages'
import { messageOf, type Step } from '../tube'
import type { Observation } from './schema'

/** Where a test is done, as a row says it. */
export function placeOf(vessel: string): string {
  const id = `place.${vessel}`
  return say(isMessageId(id) ? message(id) : message('place.tube', { vessel }))
}

/** A step in words, as one would write it in the first column. */
export const sayStep = (step: Step): string => say(messageOf(step))

type Said = Pick<Observation, 'channel' | 'value' | 'negated' | 'degree' | 'after' | 'certainty' | 'when'>

/** What was seen on a channel, before it is said. */
export function seenMessage({ channel, value, negated, degree, after, certainty, when }: Said): Message {
  return message('seen.line-written', {
    what: CHANNEL_BY_ID.get(channel)?.say({ value, negated, degree }) ?? message('seen.as-written', { value }),
    after: after ? message(channel === 'precipitate.dissolves' && after !== 'heating' ? 'seen.after.in' : 'seen.after', { after }) : '',
    doubt: message(`seen.doubt.${certainty}`),
    when: when === undefined ? '' : message('seen.when', { time: when.slice(11, 16) }),
  })
}

/** An observation in words: `white precipitate`, `dissolves in excess ammonia`, `red litmus paper: blue`. */
export const sayObservation = (observation: Said): string => say(seenMessage(observation))

/** Everything written at one look, in words: the lines of a spectroscope together, not one by one. */
export function sayTogether(observations: readonly Parameters<typeof sayObservation>[0][]): string {
  const lines = observations.filter((o) => o.channel === 'flame.line')
  const others = observations.filter((o) => o.channel !== 'flame.line').map(sayObservation)
  if (lines.length < 2) return observations.map(sayObservation).join(', ')
  const seen = lines.filter((o) => !o.negated).map((o) => o.value)
  const denied = lines.filter((o) => o.negated).map((o) => o.value)
  const all = seen.length + denied.length === LINE_COLOURS.length
  const none = all
    ? say(message(seen.length === 0 ? 'seen.lines.none' : 'seen.lines.no-others'))
    : denied.length > 0
      ? say(message('seen.lines.no', { lines: denied.join(', ') }))
      : ''
  return [seen.length > 0 ? say(message('seen.lines', { lines: seen.join(', ') })) : '', none]
    .filter((text) => text !== '')
    .concat(others)
    .join('; ')
}

/** Several observations of one look as one phrase: `precipitate, white, curdy`. */
export const sayObservations = (observations: readonly Parameters<typeof sayObservation>[0][]): string => observations.map(sayObservation).join(', ')
