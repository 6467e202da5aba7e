import type { Page } from '@playwright/test'
import { followProposals, loadDice } from '../follow'
import { watchHeld } from '../held'
import { watchWorkers } from '../memory'
import { expect, test } from '../people'

/** Memory is looked at so often, ms. */
const OFTEN = 1000

const most = (figures: readonly number[]): number => figures.reduce((a, b) => Math.max(a, b), 0)

/** Prints; nothing is asserted of time or memory. */
test('a mixture with six cations and four anions open: how long the page is held, and what its workers take', async ({ page, context }) => {
  test.setTimeout(900_000)
  const takeHeld = await watchHeld(page)
  const workers = await watchWorkers(await context.newCDPSession(page))
  await begin(page)
  const seen: Awaited<ReturnType<typeof workers.now>>[] = []
  const watching = setInterval(() => void workers.now().then((now) => seen.push(now)), OFTEN)
  await takeHeld()
  const began = Date.now()
  const tests = await followProposals(page, 90)
  clearInterval(watching)
  const held = await takeHeld()
  console.log('a mixture, six cations and four anions open, by keys from the first look to the conclusion:')
  console.log(`  ${tests} tests in ${((Date.now() - began) / 60_000).toFixed(1)} min, thinking it through at the end included`)
  console.log(`  the page held for over 50 ms (aim: never while it reasons): ${held.length} times, longest ${most(held).toFixed(0)} ms`)
  const [used, taken] = [seen.flat().map((w) => w.used_MB), seen.flat().map((w) => w.taken_MB)]
  const together = seen.map((now) => now.reduce((sum, w) => sum + w.taken_MB, 0))
  console.log(
    `  most memory of a worker (aim 300 MB): in use ${most(used).toFixed(0)} MB, taken of the system ${most(taken).toFixed(0)} MB; of all at once ${most(together).toFixed(0)} MB`,
  )
})

async function begin(page: Page): Promise<void> {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('a mixture')
  await loadDice(page, 0.2224)
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible({ timeout: 60_000 })
}
