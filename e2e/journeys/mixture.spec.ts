import { accessible } from '../accessible'
import { followProposals, loadDice } from '../follow'
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
  await accessible(page)
  await next.getByRole('button', { name: 'Begin' }).click()
  await expect(page.getByText('tube II', { exact: false }).last()).toBeVisible()
  await page.locator('#line').fill('black ppt, liquid orange')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('main')).toContainText('liquid orange')
  // The tubes are folded up by key, and are then not drawn; unfolded they are all there again.
  const tubes = page.getByRole('list', { name: 'tubes, as they were split' })
  const fold = page.locator('summary').filter({ hasText: 'tubes, as they were split' })
  await expect(tubes).toContainText('may hold')
  const before = await tubes.getByRole('listitem').count()
  await fold.press('Enter')
  await expect(tubes).toHaveCount(0)
  await fold.press('Enter')
  await expect(tubes.getByRole('listitem')).toHaveCount(before)
  await accessible(page)
})

test('a simulated mixture: begun, seen, concluded ion by ion, opened', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('a mixture')
  await loadDice(page, 0.4321)
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible({ timeout: 60_000 })
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.locator('#line')).toHaveAttribute('placeholder', /writes it down as seen/)
  const rows = page.getByRole('main').getByRole('listitem')
  await expect(rows.first()).toContainText('Litmus')
  // Asked for before the look is there, it is written when it is.
  for (const paper of ['red litmus paper', 'blue litmus paper']) {
    await page.locator('#line').fill('=')
    await page.keyboard.press('Enter')
    await expect(rows.first()).toContainText(new RegExp(`${paper}: (red|blue|violet)`))
  }
  await expect(rows.first()).not.toContainText('note')
  const form = page.getByRole('form', { name: 'conclusion' })
  await form.getByLabel('the jar holds').fill('Cu^2+ Xx')
  await form.getByRole('button', { name: 'Conclude' }).click()
  await expect(form.getByRole('alert')).toContainText('“Xx” is not an ion in scope')
  await form.getByLabel('the jar holds').fill('Cu^2+ SO4^2-')
  await form.getByRole('button', { name: 'Conclude' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'The jar held a solution' })).toBeVisible()
  await expect(page.getByRole('heading', { name: /The jar holds/ })).toHaveCount(2)
})

test('five ions from the first look to the marked conclusion, taken apart by the scheme, following what is proposed', async ({ page }) => {
  test.setTimeout(480_000)
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('a mixture')
  // Ammonium, Ni, Hg(II), thiocyanate and borate.
  await loadDice(page, 0.2224)
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible({ timeout: 60_000 })
  const tests = await followProposals(page, 80)
  expect(tests).toBeGreaterThan(20)
  // Every portion that was split off has its name and what may be in it.
  await expect(page.getByRole('main')).toContainText('tube II')
  // What would be left was thought through once more before a conclusion was asked for.
  await expect(page.getByLabel('next')).toContainText('all of it was thought through once more')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: 'The jar held a solution' })).toContainText('Right.')
  for (const ion of ['NH4+', 'Ni2+', 'Hg2+']) await expect(page.getByRole('heading', { name: `The jar holds ${ion}` })).toHaveCount(1)
})

test('a solid mixture: looked at, dissolved, and its ions concluded', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('a solid mixture')
  await loadDice(page, 0.4321)
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible({ timeout: 60_000 })
  const sheet = page.getByRole('main')
  for (const title of ['Look at the sample', 'Into water']) {
    await page.getByRole('button', { name: 'Begin' }).click()
    await expect(sheet).toContainText(title)
    await expect(page.locator('#line')).toHaveAttribute('placeholder', /writes it down as seen/)
    await page.locator('#line').fill('=')
    await page.keyboard.press('Enter')
    await expect(page.locator('#line')).toHaveValue('')
  }
  await expect(sheet).toContainText('crystals')
  const form = page.getByRole('form', { name: 'conclusion' })
  await form.getByLabel('the jar holds').fill('Cu^2+ SO4^2-')
  await form.getByRole('button', { name: 'Conclude' }).click()
  // Salts by their formulae, with one another.
  await expect(page.getByRole('status').filter({ hasText: /The jar held .+ with .+/ })).toBeVisible()
})
