import AxeBuilder from '@axe-core/playwright'
import { mixtureUntil } from '../mixture'
import { expect, test } from '../people'

test('a mixture half taken apart: what is in it ion by ion, and the separation that comes next, in its own tube', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('a notebook from a file').setInputFiles(mixtureUntil('full-separation-thioacetamide/polysulfide'))
  const standings = page.getByLabel('in contention')
  await expect(standings).toHaveAttribute('aria-busy', 'false', { timeout: 60_000 })
  const next = page.getByLabel('next')
  // A notebook that comes in whole is thought through once more before what comes next stands firm.
  await expect(next).toContainText('ammonium polysulfide', { timeout: 100_000 })
  await standings.getByRole('button', { name: /^Cu 2\+/ }).click()
  await expect(standings).toContainText(/is (likely|confirmed)/)
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations.map((v) => v.id)).toEqual([])
  await next.getByRole('button', { name: 'Begin' }).click()
  await expect(page.getByText('tube II', { exact: false }).last()).toBeVisible()
  await page.locator('#line').fill('black ppt, liquid orange')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('main')).toContainText('liquid orange')
})

test('a simulated mixture: begun, seen, concluded ion by ion, opened', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('a mixture')
  // The seed of a jar drawn here is the device's own dice, loaded for this one throw.
  await page.evaluate(() => {
    const dice = Math.random
    Math.random = () => {
      Math.random = dice
      return 0.4321
    }
  })
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible({ timeout: 60_000 })
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.locator('#line')).toHaveAttribute('placeholder', /writes it down as seen/)
  const rows = page.getByRole('main').getByRole('listitem')
  await expect(rows.first()).toContainText('Litmus')
  for (const paper of ['red litmus paper', 'blue litmus paper']) {
    await expect(page.locator('#line')).toHaveAttribute('placeholder', /writes it down as seen/)
    await page.locator('#line').fill('=')
    await page.keyboard.press('Enter')
    await expect(rows.first()).toContainText(new RegExp(`${paper}: (red|blue|violet)`))
  }
  const form = page.getByRole('form', { name: 'conclusion' })
  await form.getByLabel('the jar holds').fill('Cu^2+ Xx')
  await form.getByRole('button', { name: 'Conclude' }).click()
  await expect(form.getByRole('alert')).toContainText('“Xx” is not an ion in scope')
  await form.getByLabel('the jar holds').fill('Cu^2+ SO4^2-')
  await form.getByRole('button', { name: 'Conclude' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'The jar held a solution' })).toBeVisible()
  await expect(page.getByRole('heading', { name: /The jar holds/ })).toHaveCount(2)
})
