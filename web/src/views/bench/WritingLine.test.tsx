/** @jest-environment jsdom */
import { beforeEach, expect, jest, test } from '@jest/globals'
import { readWritten, type ReadStep, type Warning } from '@foxing/core'
import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { ComponentProps } from 'react'
import { WritingLine, type LineReading } from './WritingLine'

const read = (line: string): LineReading => {
  const { lines, rest } = readWritten(line, { vessel: 'A', stock: 'OS', vessels: ['A', 'OS'] })
  return { lines, rest }
}

function line(props: Partial<ComponentProps<typeof WritingLine>> = {}) {
  const onWrite = jest.fn<(line: string, reading: LineReading) => Promise<boolean>>().mockResolvedValue(true)
  const onSkip = jest.fn()
  const onAsSeen = jest.fn()
  const shown = (more: Partial<ComponentProps<typeof WritingLine>>) => (
    <WritingLine
      draft="j1"
      prompt={{ tube: 'A', look: 'white precipitate?' }}
      focusKey="look 1"
      canCopy={false}
      read={read}
      onWrite={onWrite}
      onSkip={onSkip}
      onAsSeen={onAsSeen}
      doing={false}
      onDo={() => undefined}
      picking={false}
      onPick={null}
      {...props}
      {...more}
    />
  )
  const { rerender, unmount } = render(shown({}))
  return { onWrite, onSkip, onAsSeen, unmount, again: (more: typeof props) => rerender(shown(more)), user: userEvent.setup() }
}
const input = (): HTMLInputElement => screen.getByRole('textbox')
beforeEach(() => sessionStorage.clear())

test('what is typed is read as it is typed, and what is not understood is kept as a note', async () => {
  const { onWrite, user } = line()
  expect(document.activeElement).toBe(input())
  await user.type(input(), 'wh curdy ppt, brolly')
  expect(screen.getByText('curdy')).not.toBeNull()
  expect(screen.getByText('kept as a note: brolly')).not.toBeNull()
  await user.keyboard('{Enter}')
  expect(onWrite.mock.calls[0]?.[0]).toBe('wh curdy ppt, brolly')
  expect(input().value).toBe('')
})

test('what was not kept stands in the line again, unless something new does', async () => {
  const { onWrite, user } = line()
  onWrite.mockResolvedValueOnce(false)
  await user.type(input(), 'bl ppt{Enter}')
  expect(input().value).toBe('bl ppt')
  let refuse: (kept: boolean) => void = () => undefined
  onWrite.mockReturnValueOnce(new Promise((end) => (refuse = end)))
  await user.type(input(), '{Enter}')
  await user.type(input(), 'wh')
  await act(() => {
    refuse(false)
    return Promise.resolve()
  })
  expect(input().value).toBe('wh')
})

test('an empty line goes on to the next look; escape takes back what was typed', async () => {
  const { onWrite, onSkip, user } = line()
  await user.type(input(), 'wh ppt{Escape}{Enter}')
  expect(onWrite).not.toHaveBeenCalled()
  expect(onSkip).toHaveBeenCalledTimes(1)
})

test('a half-written line is there again when the page comes back', async () => {
  const { unmount, user } = line()
  await user.type(input(), 'pale bl')
  unmount()
  line()
  expect(input().value).toBe('pale bl')
})

test('asked for a moment too early, what there is to see is written when it is there', async () => {
  const { onAsSeen, onWrite, again, user } = line()
  await user.type(input(), '={Enter}')
  expect(onAsSeen).not.toHaveBeenCalled()
  again({ canCopy: true })
  expect(onAsSeen).toHaveBeenCalledTimes(1)
  expect(onWrite).not.toHaveBeenCalled()
})

test('asked for at a look that has gone by, it is not written at the next one', async () => {
  const { onAsSeen, again, user } = line()
  await user.type(input(), '={Enter}')
  again({ canCopy: true, focusKey: 'look 2' })
  expect(onAsSeen).not.toHaveBeenCalled()
})

test('with no test open the line takes notes', () => {
  line({ prompt: null })
  expect(input().placeholder).toBe('what you do, as 1 mL soln + 3 dr NaOH -> blue ppt, or a note')
  expect(screen.getByLabelText(/^note ›/)).toBe(input())
})

test('steps are chips of their own shape, and an amount that was filled in is changed by one key or a tap', async () => {
  const { onWrite, user } = line()
  await user.type(input(), '+ AgNO3 -> wh ppt')
  expect(document.querySelectorAll('[data-step]')).toHaveLength(1)
  expect(screen.getByText(/AgNO3, 3 drops/)).not.toBeNull()
  expect(screen.getByText('taken so')).not.toBeNull()
  await user.keyboard('{ArrowUp}{ArrowUp}')
  expect(screen.getByText(/AgNO3, 5 drops/)).not.toBeNull()
  expect(screen.queryByText('taken so')).toBeNull()
  await user.click(screen.getByRole('button', { name: /^less: / }))
  await user.click(input())
  await user.keyboard('{Enter}')
  const [first] = onWrite.mock.calls[0]?.[1].lines ?? []
  expect(first).toMatchObject({ did: { do: 'add', to: 'A', reagent: 'AgNO3', drops: 4, assumed: [] } })
})

test('what speaks against a step is said before it is done, and goes with it', async () => {
  const said: Warning = { id: 'silver-without-acid', isDanger: false, severity: 'weakens', says: 'Carbonate answers too.', wayBack: 'add acid first' }
  const foresee = jest.fn<(steps: readonly ReadStep[]) => Promise<readonly Warning[]>>().mockResolvedValue([said])
  const { user } = line({ foresee })
  await user.type(input(), '+ 3 dr AgNO3')
  expect(await screen.findByText(/Carbonate answers too/)).not.toBeNull()
  await user.keyboard('{Escape}')
  expect(screen.queryByText(/Carbonate answers too/)).toBeNull()
  expect(foresee).toHaveBeenCalledTimes(1)
})
