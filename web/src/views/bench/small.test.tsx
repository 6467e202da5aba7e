/** @jest-environment jsdom */
import { describe, expect, jest, test } from '@jest/globals'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Concluded } from './Concluded'
import { NoHints } from './NoHints'
import { Notes } from './Notes'

describe('where hints are shown on request', () => {
  test('one asks for them, and sees how many were asked for', async () => {
    const onAsk = jest.fn()
    render(<NoHints asking asked={2} onAsk={onAsk} />)
    await userEvent.click(screen.getByRole('button', { name: 'Ask for a hint' }))
    expect(onAsk).toHaveBeenCalledTimes(1)
    expect(screen.getByText('2 asked so far')).not.toBeNull()
  })
  test('where there are none, none can be asked for', () => {
    render(<NoHints asking={false} asked={0} onAsk={() => undefined} />)
    expect(screen.queryByRole('button')).toBeNull()
    expect(screen.getByText(/hidden/)).not.toBeNull()
  })
})

describe('what was concluded', () => {
  const claim = { id: 'c', species: 'NH4^+', claim: 'confirmed' as const, citing: ['e1', 'e1', 'e2'] }
  test('cites each row once', () => {
    render(<Concluded claim={claim} where={(entry) => `row ${entry === 'e1' ? 1 : 2}`} findings={[]} undo={() => Promise.resolve(null)} />)
    expect(screen.getByRole('heading').textContent).toBe('The jar holds NH4+, confirmed.')
    expect(screen.getByText('Citing row 1, row 2.')).not.toBeNull()
  })
  test('says where it cites none', () => {
    render(<Concluded claim={{ ...claim, citing: [] }} where={() => ''} findings={[]} undo={() => Promise.resolve(null)} />)
    expect(screen.getByText('No row cited.')).not.toBeNull()
  })
})

test('a picture stands with its note, and has words for whoever does not see it', () => {
  render(<Notes notes={[{ text: 'picture of A' }, { text: 'the bead', picture: 'data:image/png;base64,AAAA' }]} />)
  expect(screen.getByText(/picture of A/)).not.toBeNull()
  expect(screen.getByRole('img', { name: 'the bead' }).getAttribute('src')).toContain('data:image/png')
})
