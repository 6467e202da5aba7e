/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals'
import { REVIEW_RULES, type Finding, type Undone } from '@foxing/core'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Findings } from './Findings'

const finding = (id: Finding['finding']): Finding => ({ ...(REVIEW_RULES.find((r) => r.finding === id) as Finding), entry: 'e1' })
const UNDONE = {
  work: [],
  steps: ['add HNO3 2 M, until just acidic', 'look'],
  seen: [{ words: ['no precipitate'], salts: ['NaCl', 'KBr', 'KI', 'KCl'], probability: 0.4 }],
}

test('a finding says how grave it is, what it does, and the way back', () => {
  render(<Findings findings={[finding('dry-litmus')]} undo={() => Promise.resolve(null)} />)
  expect(screen.getByText('Spoils this.').tagName).toBe('STRONG')
  expect(screen.getByText(/Dry litmus does not answer/)).not.toBeNull()
  expect(screen.getByText(/^Way back: Moisten a fresh paper/)).not.toBeNull()
})

test('what cannot be undone offers no second try', () => {
  const id = REVIEW_RULES.find((r) => !r.undoable)?.finding as Finding['finding']
  render(<Findings findings={[finding(id)]} undo={() => Promise.resolve(null)} />)
  expect(screen.queryByRole('button')).toBeNull()
})

test('it is worked once more when asked, and says what would have been seen, and with which salts', async () => {
  const undo = jest.fn<(f: Finding) => Promise<Undone | null>>().mockResolvedValue(UNDONE)
  render(<Findings findings={[finding('silver-without-acid')]} undo={undo} />)
  await userEvent.click(screen.getByRole('button', { name: 'What would I have seen?' }))
  expect(undo).toHaveBeenCalledTimes(1)
  expect(await screen.findByText(/no precipitate/)).not.toBeNull()
  expect(screen.getByText(/and 1 more/).textContent).toContain('40 %')
})

test('where it cannot be worked out, that is said', async () => {
  render(<Findings findings={[finding('silver-without-acid')]} undo={() => Promise.reject(new Error('away'))} />)
  await userEvent.click(screen.getByRole('button'))
  expect(await screen.findByText(/cannot be worked out/)).not.toBeNull()
})
