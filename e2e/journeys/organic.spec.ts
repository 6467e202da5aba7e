import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, test } from '../people'

/** An organic jar; the seed of a practice jar is the device's own dice, loaded for one throw. */
async function organicJar(page: Page, button: 'a real jar' | 'a simulated unknown', dice = 0.4): Promise<void> {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('an organic compound')
  await page.evaluate((thrown) => {
    const random = Math.random
    Math.random = () => {
      Math.random = random
      return thrown
    }
  }, dice)
  await page.getByRole('button', { name: button }).click()
}

async function begin(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: /another test|choose a test/ }).click()
  await page.getByRole('menuitem', { name: new RegExp(`^${title}( done)?$`) }).click()
}

async function write(page: Page, line: string): Promise<void> {
  await page.locator('#line').fill(line)
  await page.keyboard.press('Enter')
}

async function accessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`)).toEqual([])
}

test('an organic unknown, from crystals to the signed report', async ({ page }) => {
  await organicJar(page, 'a simulated unknown')
  const main = page.getByRole('main', { name: 'notebook page' })
  const next = page.getByLabel('next')
  const standings = page.getByLabel('in contention')
  await expect(standings.getByRole('group', { name: 'elements' }).getByRole('button')).toHaveCount(6, { timeout: 60_000 })
  // The first proposal, and the next, each written down as seen, until no test would tell more, or enough are done.
  for (let tests = 0; tests < 14; tests++) {
    const more = next.getByRole('button', { name: 'Begin' })
    await expect(more.or(next.getByText('No test of this scope would tell more'))).toBeVisible({ timeout: 60_000 })
    if ((await more.count()) === 0) break
    await more.click()
    // A look that is foretold is written down with one key.
    const line = page.locator('#line')
    await expect(line).toHaveAttribute('placeholder', /writes it down as seen/)
    const foretold = page.locator('#line[placeholder*="writes it down as seen"]')
    for (let looks = 0; looks < 9; looks++) {
      await expect(foretold.or(next)).toBeVisible()
      if (await next.isVisible()) break
      const before = await main.textContent()
      await write(page, '=')
      await expect(main).not.toHaveText(before ?? '')
    }
  }
  await expect(standings.getByRole('img', { name: /^structure of / })).toBeVisible()
  await accessible(page)
  const form = page.getByRole('form', { name: 'conclusion' })
  const likeliest = standings.getByRole('listitem').first().getByRole('button')
  await form.getByLabel('the jar holds').fill((await likeliest.textContent()) ?? '')
  await form.getByRole('button', { name: 'Conclude' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Right. The jar held' })).toBeVisible()
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByRole('heading', { name: /Notebook|P-/ }).first()).toBeVisible({ timeout: 30_000 })
  await page.getByRole('button', { name: /sign/i }).first().click()
  await expect(page.getByText(/signed/i).first()).toBeVisible()
  await accessible(page)
})

test('a fusion that must be repeated: the brown extract is spoken up about, and the next is sound', async ({ page }) => {
  await organicJar(page, 'a real jar')
  await begin(page, 'Sodium fusion')
  const main = page.getByRole('main', { name: 'notebook page' })
  await expect(main).toContainText('fuse 50 mg with 60 mg of sodium, to redness')
  await write(page, 'brown liquid')
  await write(page, 'blue')
  await begin(page, 'Sulfur: nitroprusside')
  await write(page, 'yellow')
  await expect(main).toContainText('The extract was coloured: the fusion failed', { timeout: 60_000 })
  await expect(main).toContainText('Fuse a fresh portion, red hot with sodium enough')
  // A second fusion, and the same test on its extract: what was said stays with the first.
  await begin(page, 'Sodium fusion')
  await write(page, 'colourless liquid')
  await write(page, 'blue')
  await begin(page, 'Sulfur: nitroprusside')
  await write(page, 'liquid violet')
  await expect(main.getByText('The extract was coloured: the fusion failed')).toHaveCount(1)
  await accessible(page)
})
