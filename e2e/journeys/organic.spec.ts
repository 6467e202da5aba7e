import type { Page } from '@playwright/test'
import { accessible } from '../accessible'
import { loadDice } from '../follow'
import { expect, test } from '../people'

/** An organic jar; the seed of a practice jar is the device's own dice, loaded for one throw. */
async function organicJar(page: Page, button: 'a real jar' | 'a simulated unknown', dice = 0.4): Promise<void> {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('an organic compound')
  await loadDice(page, dice)
  await page.getByRole('button', { name: button }).click()
}

async function begin(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: /another test|choose a test/ }).click()
  await page.getByRole('menuitem', { name: new RegExp(`^${title}( done)?$`) }).click()
}

/** Where a test is stopped before, what it asks is answered: that a speck was tried, and that the jar is known to hold nothing that sodium makes explode. */
async function throughTheGate(page: Page): Promise<void> {
  const gate = page.getByRole('form', { name: 'stop' })
  await expect(gate.or(page.locator('li[aria-current="step"]')).first()).toBeVisible()
  if (!(await gate.isVisible())) return
  for (const box of await gate.getByRole('checkbox').all()) await box.check()
  await gate.getByRole('button', { name: 'Begin it' }).click()
}

async function write(page: Page, line: string): Promise<void> {
  await page.locator('#line').fill(line)
  await page.keyboard.press('Enter')
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
    // What stands there while it thinks is the advice of before the last line.
    await expect(standings).toHaveAttribute('aria-busy', 'false', { timeout: 60_000 })
    await expect(more.or(next.getByText('No test of this scope would tell more'))).toBeVisible({ timeout: 60_000 })
    if ((await more.count()) === 0) break
    await more.click()
    await throughTheGate(page)
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
  await throughTheGate(page)
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
  await throughTheGate(page)
  await write(page, 'colourless liquid')
  await write(page, 'blue')
  await begin(page, 'Sulfur: nitroprusside')
  await write(page, 'liquid violet')
  await expect(main.getByText('The extract was coloured: the fusion failed')).toHaveCount(1)
  await accessible(page)
})

test('a compound of one’s own joins those left; what is no structure is refused with the reason', async ({ page }) => {
  await organicJar(page, 'a real jar')
  const standings = page.getByRole('complementary', { name: 'in contention' })
  await standings.getByText('compounds of your own').click({ timeout: 60_000 })
  const form = page.getByRole('form', { name: 'a compound of your own' })
  await form.getByLabel('name').fill('bindery vat blue')
  await form.getByLabel('structure, as SMILES').fill('C1CC')
  await form.getByRole('button', { name: 'may be in the jar' }).click()
  await expect(form.getByRole('alert')).toContainText('“C1CC” was not added')
  await form.getByLabel('structure, as SMILES').fill('O=C1C(Nc2ccccc12)=C1Nc2ccccc2C1=O')
  await form.getByLabel('melts, °C').fill('390')
  await form.getByRole('button', { name: 'may be in the jar' }).click()
  await expect(standings.getByRole('button', { name: 'take bindery vat blue off the list' })).toBeVisible()
  await begin(page, 'Melting point')
  await write(page, '389-391')
  await begin(page, 'Solubility in water, and litmus')
  await write(page, 'insoluble')
  await expect(standings.getByRole('button', { name: 'bindery vat blue', exact: true })).toBeVisible({ timeout: 60_000 })
  await accessible(page)
  // It is kept on the device, and goes out with the notebook.
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByRole('main')).toContainText('bindery vat blue', { timeout: 60_000 })
})

test('where what reads structures does not come, that is said, and what was written is kept', async ({ page, context }) => {
  await context.route('**/organic-percepts.jsonl.gz', (route) => route.abort())
  await context.route('**/assets/perceive*', (route) => route.abort())
  await organicJar(page, 'a real jar')
  await begin(page, 'Iron\\(III\\) chloride')
  await write(page, 'liquid violet')
  await expect(page.getByRole('alert')).toContainText('could not be thought through', { timeout: 60_000 })
  await expect(page.getByRole('main', { name: 'notebook page' })).toContainText('liquid violet')
  await accessible(page)
})

test('a page of the reference shows a compound, its groups to be marked, and the tests of organic compounds', async ({ page }) => {
  await page.goto('/reference')
  await page.getByRole('textbox', { name: 'find' }).fill('vanillin')
  await page.getByRole('region', { name: 'compounds' }).getByRole('link', { name: 'vanillin', exact: true }).click()
  await expect(page.getByText('152.1')).toBeVisible({ timeout: 60_000 })
  await page.getByRole('button', { name: 'phenol', exact: true }).click()
  await expect(page.getByRole('img', { name: 'structure of vanillin, phenol marked' })).toBeVisible()
  await accessible(page)
  await page.goto('/reference/test/ferric-chloride-phenol')
  await expect(page.getByRole('link', { name: 'salicylic acid', exact: true })).toBeVisible({ timeout: 60_000 })
  await accessible(page)
})
