import { expect, type Page } from '@playwright/test'

/** Where the focus has been put, so that one key goes on: on Begin, on a look that can be written down as seen, or on the conclusion. */
const focus = (page: Page): Promise<'begin' | 'look' | 'conclusion' | 'gate' | null> =>
  page.evaluate(() => {
    const node = document.activeElement
    if (node?.closest('form')?.ariaLabel === 'stop') return 'gate'
    if (node instanceof HTMLButtonElement && node.textContent === 'Begin') return 'begin'
    if (!(node instanceof HTMLInputElement)) return null
    if (node.id === 'line') return node.placeholder.includes('writes it down as seen') ? 'look' : null
    return node.closest('form')?.ariaLabel === 'conclusion' ? 'conclusion' : null
  })

/** Looked again after so long, ms: a page that is followed for a hundred lines is waited for at each of them. */
const SOON = [50, 100, 150, 200]

/** A mixture that would be left is thought through first, ms at most: minutes on a machine that has more to do. */
const THOUGHT_THROUGH = 300_000

/** Follows the proposals on an open bench by keys until a conclusion is asked for; returns how many tests that took. */
export async function followProposals(page: Page, most = 30): Promise<number> {
  const main = page.getByRole('main')
  for (let tests = 0; tests < most;) {
    await expect.poll(() => focus(page), { intervals: SOON, timeout: THOUGHT_THROUGH }).not.toBeNull()
    const at = await focus(page)
    if (at === 'conclusion') return tests
    if (at === 'gate') {
      // Each box is ticked, and the test begun, by keys.
      const boxes = await page.getByRole('form', { name: 'stop' }).getByRole('checkbox').all()
      for (const box of boxes) await box.press(' ')
      await page.getByRole('button', { name: 'Begin it' }).press('Enter')
      await expect.poll(() => focus(page), { intervals: SOON }).not.toBe('gate')
      continue
    }
    const before = await main.textContent()
    if (at === 'look') await page.keyboard.type('=')
    else tests++
    await page.keyboard.press('Enter')
    await expect.poll(() => main.textContent(), { intervals: SOON }).not.toBe(before)
  }
  throw new Error('the proposals did not come to an end')
}

/** A simulated unknown begun on the shelf, whose seed is the device's own dice, loaded for this one throw. */
export async function loadDice(page: Page, throws: number): Promise<void> {
  await page.evaluate((thrown) => {
    const dice = Math.random
    Math.random = () => {
      Math.random = dice
      return thrown
    }
  }, throws)
}
