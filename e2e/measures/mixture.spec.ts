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
  const known = new Map<string, number>()
  const took: number[] = []
  const watching = setInterval(
    () =>
      void workers.now().then((now) => {
        took.push(now.reduce((sum, { MB }) => sum + MB, 0))
        for (const { worker, MB } of now) known.set(worker, Math.max(known.get(worker) ?? 0, MB))
      }),
    OFTEN,
  )
  await takeHeld()
  const began = Date.now()
  const tests = await followProposals(page, 90)
  clearInterval(watching)
  const held = await takeHeld()
  console.log('a mixture, six cations and four anions open, by keys from the first look to the conclusion:')
  console.log(`  ${tests} tests in ${((Date.now() - began) / 60_000).toFixed(1)} min, thinking it through at the end included`)
  console.log(`  the page held for over 50 ms (aim: never while it reasons): ${held.length} times, longest ${most(held).toFixed(0)} ms`)
  const each = [...known].map(([worker, MB]) => `${worker} ${MB.toFixed(0)} MB`).join(', ')
  console.log(`  most memory of a worker (aim 300 MB): ${each}; of all at once ${most(took).toFixed(0)} MB`)
})

async function begin(page: Page): Promise<void> {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('a mixture')
  await loadDice(page, 0.2224)
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible({ timeout: 60_000 })
}
