import type { Page } from '@playwright/test'
import { watchHeld } from '../held'
import { expect, test } from '../people'

const settled = async (page: Page): Promise<void> => {
  await expect(page.getByLabel('in contention')).toHaveAttribute('aria-busy', 'false')
  await page.waitForTimeout(600)
}

/** Prints; nothing is asserted of time. */
test('how long the page is held while it reasons', async ({ page }) => {
  const takeHeld = await watchHeld(page)
  const say = async (what: string): Promise<void> => {
    const held = await takeHeld()
    console.log(`  ${what}: ${held.map((ms) => `${ms.toFixed(0)} ms`).join(', ') || 'none'}`)
  }
  console.log('the page held for over 50 ms (aim: never while it reasons):')
  await page.goto('/')
  await page.getByRole('link', { name: /F-07/ }).click()
  await settled(page)
  await say('opening the shelf and a bench with 19 lines, cold')
  for (const [title, ...lines] of [
    ['Litmus, both colours', 'blue litmus paper red', 'no change'],
    ['Barium nitrate, acidified', 'wh ppt', 'no change'],
    ['Silver nitrate, acidified', 'no ppt', 'no change'],
  ] as const) {
    await page.getByRole('button', { name: 'another test' }).click()
    await page.waitForTimeout(300)
    await say('opening the list of tests')
    await page.getByRole('menuitem', { name: title }).click()
    await settled(page)
    await say(`beginning “${title}”`)
    for (const line of lines) {
      await page.locator('#line').pressSequentially(line, { delay: 20 })
      await page.keyboard.press('Enter')
      await settled(page)
      await say(`writing “${line}”, with standings and ranking made anew`)
    }
  }
})
