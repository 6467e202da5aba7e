/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals'
import { STOP_GATES, staysShut, type GateAnswer, type StopGate } from '@foxing/core'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { GateForm } from './GateForm'

const gate = (id: string): StopGate => STOP_GATES.find((g) => g.id === id) as StopGate
const SPECK = gate('concentrated-acid-on-untested-solid')
const SODIUM = gate('sodium-metal')
/** As the page judges, but that nothing here reads structures: chloroform alone is known. */
const judge = (of: StopGate, answer: GateAnswer): Promise<string | null> =>
  Promise.resolve(
    answer.compound === 'chloroform' ? 'it has many halogens' : staysShut(of, answer.compound === undefined ? answer : { noneOfThese: true }),
  )

function stop(...gates: readonly StopGate[]) {
  const onOpen = jest.fn<(answer: GateAnswer) => void>()
  const onLeave = jest.fn()
  render(<GateForm gates={gates} title="Sodium fusion" onOpen={onOpen} onLeave={onLeave} judge={judge} />)
  return { onOpen, onLeave, user: userEvent.setup() }
}

test('the heading has the focus, and every gate says what could happen', () => {
  stop(SPECK, SODIUM)
  expect(document.activeElement?.textContent).toBe('Stop, before: Sodium fusion')
  expect(screen.getByText(/spits/).tagName).toBe('STRONG')
  expect(screen.getByText(/catches fire with water/).tagName).toBe('STRONG')
})

test('it opens by keys alone once it is answered, and says what is needed until then', async () => {
  const { onOpen, user } = stop(SPECK)
  await user.tab()
  await user.tab()
  await user.keyboard('{Enter}')
  expect((await screen.findByRole('alert')).textContent).toBe('Needed first: a speck is tried first.')
  expect(onOpen).not.toHaveBeenCalled()
  await user.click(screen.getByRole('checkbox'))
  await user.click(screen.getByRole('button', { name: 'Begin it' }))
  expect(onOpen).toHaveBeenCalledWith({ speckTried: true })
})

test('a compound that may not be fused stays out, with the reason and another way', async () => {
  const { onOpen, user } = stop(SODIUM)
  await user.type(screen.getByLabelText(/by name or as SMILES/), ' chloroform ')
  await user.click(screen.getByRole('button', { name: 'Begin it' }))
  expect((await screen.findByRole('alert')).textContent).toBe(
    'Not fused with sodium: it has many halogens. Zinc with sodium carbonate serves instead.',
  )
  expect(onOpen).not.toHaveBeenCalled()
  await user.clear(screen.getByLabelText(/by name or as SMILES/))
  await user.click(screen.getByRole('checkbox'))
  await user.click(screen.getByRole('button', { name: 'Begin it' }))
  expect(onOpen).toHaveBeenCalledWith({ noneOfThese: true })
})

test('it can be left', async () => {
  const { onLeave, user } = stop(SODIUM)
  await user.click(screen.getByRole('button', { name: 'leave it' }))
  expect(onLeave).toHaveBeenCalledTimes(1)
})
