import { accessible } from '../accessible'
import { expect, test } from '../people'

test('sums: litmus narrows the drops, nonsense is said and kept, waits are overlapped, all of it by key', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'sums' }).click()
  const result = page.getByRole('region', { name: 'result' })
  await expect(result).toContainText('About 21 to go')
  await page.getByLabel(/litmus so far/).fill('12 red\n19 red')
  await expect(result).toContainText('Near: one drop')
  await page.getByLabel(/litmus so far/).fill('12 red\n19 red\n22 blue')
  await expect(result).toContainText('somewhere from 20 to 22')
  // Filled in key by key, faster than it is drawn, the curve is still there at the end.
  await page.getByLabel('drop, mL').fill('')
  await page.getByLabel('drop, mL').pressSequentially('0.045')
  await expect(page.locator('.main-svg').first()).toBeVisible()
  await page.getByLabel(/litmus so far/).fill('about nine')
  await expect(result).toContainText('not “about nine”')
  await expect(result).toContainText('kept')
  await expect(page.getByLabel(/litmus so far/)).toHaveValue('about nine')

  await page.getByRole('link', { name: 'Bench time: waits overlapped' }).focus()
  await page.keyboard.press('Enter')
  await expect(result).toContainText('one after another, min')
  const tests = page.getByRole('group', { name: 'tests' })
  await expect(tests.getByRole('listitem')).toHaveCount(4)
  await tests.getByRole('combobox').selectOption({ label: 'Sodium tetraphenylborate' })
  await expect(tests.getByRole('listitem')).toHaveCount(5)
  await tests.getByRole('button', { name: /take out Silver nitrate/ }).click()
  await expect(tests.getByRole('listitem')).toHaveCount(4)
  await expect(result.getByRole('table')).toContainText('Sodium tetraphenylborate')

  await page.getByRole('link', { name: 'Dilution from stock' }).click()
  await page.getByLabel('wanted, mol/L').fill('20')
  await expect(result).toContainText('no more than the stock')
})

test('sums hold up without violations of the accessibility rules, on paper and on the dark sheet', async ({ page }) => {
  for (const id of ['neutralise', 'class-totals', 'nothing']) {
    await page.goto(`/sums/${id}`)
    await expect(page.getByRole('main')).toContainText(id === 'nothing' ? 'There is no such sum' : 'working')
    await accessible(page)
  }
  await page.getByRole('button', { name: 'dark sheet' }).click()
  await page.goto('/sums/bench-time')
  await expect(page.getByRole('main')).toContainText('working')
  await accessible(page)
})
