import { expect, test } from '../people'

/** Relative to where the script runs Playwright from. */
const shots = 'docs/screenshots'

test('shelf', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('link', { name: /F-07/ })).toBeVisible()
  await page.screenshot({ path: `${shots}/shelf.png` })
})

test('bench', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /F-07/ }).click()
  await expect(page.getByRole('button', { name: 'Begin' }).or(page.getByLabel('the jar holds'))).toBeVisible()
  await page.waitForTimeout(1200)
  await page.screenshot({ path: `${shots}/bench.png` })
})

test('report', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /B-03/ }).click()
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByRole('heading', { name: 'Conclusion' })).toBeVisible()
  await page.screenshot({ path: `${shots}/report.png` })
})

test('reference', async ({ page }) => {
  await page.goto('/reference/ion/Pb%5E2%2B')
  await expect(page.getByRole('heading', { name: 'Constants' })).toBeVisible()
  await page.screenshot({ path: `${shots}/reference.png` })
})

test('contradiction', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /W-21/ }).click()
  await expect(page.getByRole('alert')).toContainText('Does not fit', { timeout: 20_000 })
  await page.waitForTimeout(800)
  await page.screenshot({ path: `${shots}/contradiction.png` })
})

test('no hints', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /C-02/ }).click()
  await expect(page.getByText('standings and proposals are hidden')).toBeVisible()
  await page.screenshot({ path: `${shots}/bench-without-hints.png` })
})

test.describe('nobody', () => {
  test.use({ login: '' })
  test('door', async ({ page }) => {
    await page.goto('/')
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
    await page.screenshot({ path: `${shots}/door.png` })
  })
})

test.describe('instructor', () => {
  test.use({ login: 'ansel' })
  test('class', async ({ page }) => {
    await page.goto('/')
    await page.getByRole('link', { name: 'Materials of paper' }).click()
    await expect(page.getByRole('heading', { name: 'People' })).toBeVisible()
    await page.screenshot({ path: `${shots}/class.png` })
  })
  test('account', async ({ page }) => {
    await page.goto('/account')
    await expect(page.getByRole('heading', { name: 'Ansel Quillby' })).toBeVisible()
    await page.screenshot({ path: `${shots}/account.png` })
  })
})
