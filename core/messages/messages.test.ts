import { describe, expect, test } from '@jest/globals'
import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser'
import { isMessageId, message, MESSAGE_TEXTS, say, sayValue, type MessageId } from '.'

/** The values a message has places for, with one that fits each. */
function valuesOf(elements: readonly MessageFormatElement[], found: Record<string, string | number> = {}): Record<string, string | number> {
  for (const element of elements) {
    if (element.type === TYPE.plural) found[element.value] = 2
    if (element.type === TYPE.select) found[element.value] ??= Object.keys(element.options)[0] ?? 'other'
    if (element.type === TYPE.argument) found[element.value] ??= 'VALUE'
    if (element.type === TYPE.plural || element.type === TYPE.select) for (const { value } of Object.values(element.options)) valuesOf(value, found)
  }
  return found
}
const IDS = Object.keys(MESSAGE_TEXTS) as MessageId[]

describe('the catalogue of messages', () => {
  test.each(IDS)('%s is said with all that stands in it', (id) => {
    const text = MESSAGE_TEXTS[id]
    const values = valuesOf(parse(text, { ignoreTag: true }))
    const said = say(message(id, values))
    expect(said).not.toMatch(/[{}]/)
    // What is not in a branch of its own must be heard.
    for (const [name, value] of Object.entries(values))
      if (value === 'VALUE' && text.includes(`{${name}}`) && !text.includes(', select,')) expect(said).toContain('VALUE')
  })
  test('counts by the rules of the language', () => {
    expect(say(message('amount.drops', { n: 1 }))).toBe('1 drop')
    expect(say(message('amount.drops', { n: 3 }))).toBe('3 drops')
  })
  test('a value may be a message', () =>
    expect(say(message('step.take', { amount: message('amount.mL', { n: 2 }), from: message('vessel.OS') }))).toBe('take 2 mL of the solution'))
  test('a message without one of its values is an error, and no half sentence', () => expect(() => say(message('amount.mL'))).toThrow(/n/))
  test('an unknown word is said as it was written', () => {
    expect(isMessageId('word.nonesuch')).toBe(false)
    expect(sayValue('nonesuch')).toBe('nonesuch')
    // Names of an object's own making are no messages.
    expect(isMessageId('toString')).toBe(false)
  })
})
