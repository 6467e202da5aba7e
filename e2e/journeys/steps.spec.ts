import type { Page } from '@playwright/test'
import { accessible } from '../accessible'
import { loadDice } from '../follow'
import { expect, test } from '../people'

/** A simulated salt dissolved: ammonium chloride, 0.06 mol/L. */
async function dissolvedJar(page: Page): Promise<void> {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('one salt, dissolved')
  await loadDice(page, 0.5)
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible()
}
const line = (page: Page) => page.getByLabel(/write what you do and see/)
async function type(page: Page, text: string): Promise<void> {
  await line(page).fill(text)
  await line(page).press('Enter')
}

test('a solution is worked by typed lines alone: steps are done, the jar answers, what was seen is written, the tubes stand in the rack', async ({
  page,
}) => {
  await dissolvedJar(page)
  // What is read of it stands beside the line while it is typed, and what was left open is marked.
  await line(page).fill('1 mL soln + dil HNO3 + 3 dr AgNO3')
  const steps = page.locator('[data-step]')
  await expect(steps).toHaveCount(3)
  await expect(steps.nth(1)).toContainText('taken so')
  await line(page).press('ArrowUp')
  await expect(steps.nth(1)).toContainText('4 drops')
  await line(page).press('Enter')
  const own = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'own steps' }) })
  await expect(own).toContainText('add HNO3 dil, 4 drops')
  await expect(own).toContainText(/white solid, curdy/)
  await type(page, 'wh curdy ppt')
  await expect(own.getByText('curdy', { exact: true })).toBeVisible()
  await type(page, '+ excess NH3 -> dissolves')
  await expect(own).toContainText('dissolves')
  const rack = page.getByRole('region', { name: 'rack' })
  await expect(rack.getByRole('button', { name: /^tube A, .* in hand/ })).toBeVisible()
  // A second portion, warmed with alkali.
  await type(page, 'another 1 mL soln + 10 dr NaOH, warm; red litmus over mouth: blue')
  await expect(rack.getByRole('button', { name: /^tube B/ })).toBeVisible()
  await expect(page.locator('main')).toContainText('red litmus paper')
  // A row that is closed still says what was done in it.
  await expect(page.locator('main')).toContainText('add HNO3 dil, 4 drops')
  await accessible(page)
})

test('what would spoil a step is said before it is done, and can be passed over', async ({ page }) => {
  await dissolvedJar(page)
  await line(page).fill('1 mL soln + 1 mL H2S water')
  const warned = page.getByText(/This would spoil it/)
  await expect(warned).toBeVisible()
  await line(page).press('Enter')
  await expect(warned).toHaveCount(0)
  await expect(page.getByRole('heading', { name: 'own steps' })).toBeVisible()
})

test.describe('by touch', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } })
  test('a portion is taken, a reagent added and added again in excess, without a key', async ({ page }) => {
    await dissolvedJar(page)
    await page.getByRole('button', { name: 'do', exact: true }).tap()
    const tray = page.getByRole('region', { name: 'what is done' })
    await tray.getByRole('button', { name: 'take', exact: true }).tap()
    await tray.getByRole('button', { name: '1 mL', exact: true }).tap()
    await tray.getByPlaceholder('a reagent').fill('sodium hydroxide')
    await tray.getByRole('button', { name: 'sodium hydroxide', exact: true }).tap()
    await tray.getByRole('button', { name: '3 drops', exact: true }).tap()
    // Two taps and fewer for what is done most.
    await tray.getByRole('button', { name: 'again in excess' }).tap()
    await tray.getByRole('button', { name: 'warm it' }).tap()
    await tray.getByRole('button', { name: 'close' }).tap()
    await expect(page.getByRole('heading', { name: 'own steps' })).toBeVisible()
    await expect(page.locator('main')).toContainText('until excess')
  })
})
