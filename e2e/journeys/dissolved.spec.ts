import { accessible } from '../accessible'
import { followProposals, loadDice } from '../follow'
import { expect, test } from '../people'

test('one salt in solution: nothing that wants a solid is listed, and what is proposed leads to both its ions', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('one salt, dissolved')
  // Ammonium chloride, 0.06 mol/L.
  await loadDice(page, 0.5)
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible()
  await page.getByRole('button', { name: /another test|choose a test/ }).click()
  await expect(page.getByRole('menuitem', { name: 'Flame, on a clean wire', exact: true })).toBeVisible()
  await expect(page.getByRole('menuitem', { name: /dry tube/ })).toHaveCount(0)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Begin' }).focus()
  const tests = await followProposals(page)
  expect(tests).toBeLessThan(15)
  await expect(page.getByRole('form', { name: 'conclusion' }).getByLabel('the jar holds')).toHaveAttribute('placeholder', 'NH4Cl')
  await accessible(page)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: 'The jar held ammonium chloride' })).toContainText('Right.')
})
