import { picture } from '../bitmap'
import { expect, test } from '../people'
import { mixtureUntil } from '../mixture'
import { SPOILED_NOTEBOOK } from '../spoiled'

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
  await expect(page.getByText('Working out what to do next…')).toHaveCount(0)
  await page.screenshot({ path: `${shots}/bench.png` })
})

test('a mixture', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('a notebook from a file').setInputFiles(mixtureUntil('full-separation-thioacetamide/polysulfide'))
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible({ timeout: 60_000 })
  // The first answer stands until the notebook has been thought through once more.
  await expect(page.getByLabel('next')).toContainText('ammonium polysulfide', { timeout: 100_000 })
  await page.screenshot({ path: `${shots}/mixture.png` })
})

test('an organic compound', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('it holds').selectOption('an organic compound')
  await page.getByLabel('where it is from, what it looks like').fill('white crystals, from the drawer of sizing')
  await page.getByRole('button', { name: 'a real jar' }).click()
  const line = page.locator('#line')
  for (const [title, seen] of [
    ['Look and smell', ['white crystals', 'no smell']],
    ['Sodium hydrogencarbonate', ['gas', 'dissolves']],
    ['Iron(III) chloride', ['liquid deep violet']],
  ] as const) {
    await page.getByRole('button', { name: /another test|choose a test/ }).click()
    await page.getByRole('menuitem', { name: title, exact: true }).click()
    for (const words of seen) {
      await line.fill(words)
      await line.press('Enter')
    }
  }
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible({ timeout: 60_000 })
  await expect(page.getByText('Working out what to do next…')).toHaveCount(0)
  await page.screenshot({ path: `${shots}/organic.png` })
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
  await expect(page.locator('.main-svg').first()).toBeVisible()
  for (let n = 0; n < 12; n++) await page.getByRole('slider', { name: 'drops' }).press('ArrowRight')
  await page.screenshot({ path: `${shots}/reference.png` })
})

test('a reagent, and a scheme', async ({ page }) => {
  await page.goto('/reference/reagent/potassium-iodide')
  await expect(page.getByRole('row', { name: /Pb/ })).toBeVisible()
  await page.screenshot({ path: `${shots}/reagent.png` })
  await page.goto('/reference/scheme/full-separation')
  await expect(page.getByText('Group I: dilute hydrochloric acid', { exact: true })).toBeVisible()
  await page.screenshot({ path: `${shots}/scheme.png` })
})

test('sums', async ({ page }) => {
  await page.goto('/sums/neutralise')
  await page.getByLabel(/litmus so far/).fill('12 red')
  await expect(page.getByRole('region', { name: 'result' })).toContainText('to go')
  await expect(page.locator('.main-svg').first()).toBeVisible()
  await page.screenshot({ path: `${shots}/sums.png` })
})

test('dry ways', async ({ page }) => {
  await page.goto('/reference/test/heat-strongly')
  await expect(page.getByText(/residue yellow hot, white cold/).first()).toBeVisible()
  await page.screenshot({ path: `${shots}/dry.png` })
})

test('a picture', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /F-07/ }).click()
  await page.getByRole('link', { name: 'picture' }).click()
  const buffer = picture(600, 400, [240, 214, 172], [132, 165, 152])
  await page.getByLabel(/picture with a white card/).setInputFiles({ name: 'tube.bmp', mimeType: 'image/bmp', buffer })
  await expect(page.getByRole('complementary').getByRole('row').first()).toBeVisible()
  await page.screenshot({ path: `${shots}/picture.png` })
})

test('contradiction', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /W-21/ }).click()
  await expect(page.getByRole('alert')).toContainText('Does not fit', { timeout: 20_000 })
  await page.waitForTimeout(800)
  await page.screenshot({ path: `${shots}/contradiction.png` })
})

test('a spoiled step', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('a notebook from a file').setInputFiles(SPOILED_NOTEBOOK)
  await page.getByRole('button', { name: 'What would I have seen?' }).click()
  await expect(page.getByText('With the mistake undone:')).toBeVisible()
  await page.screenshot({ path: `${shots}/spoiled.png` })
})

test('no hints', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /C-02/ }).click()
  await expect(page.getByText('standings and proposals are hidden')).toBeVisible()
  await expect(page.getByRole('button', { name: 'choose a test' })).toBeVisible()
  await page.screenshot({ path: `${shots}/bench-without-hints.png` })
})

test('controls and a wait, then the picker', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /M-12/ }).click()
  const begin = async (title: string): Promise<void> => {
    await page.getByRole('button', { name: /another test|choose a test/ }).click()
    await page.getByRole('menuitem', { name: title, exact: true }).click()
  }
  await begin('Soda extract, made acid with nitric acid')
  await page.getByRole('button', { name: /boiling: start/ }).click()
  await begin('Silver nitrate, acidified')
  await page.getByRole('button', { name: 'a blank' }).click()
  await expect(page.getByRole('heading', { name: /^blank/ })).toBeVisible()
  await page.getByRole('button', { name: 'a known that shows it' }).click()
  await page.getByRole('menuitem').first().click()
  await expect(page.getByText('curdy')).toBeVisible()
  for (let look = 0; look < 3; look++) {
    await page.locator('#line').fill('=')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('list', { name: 'written' })).toHaveCount(look + 1)
  }
  await expect(page.getByText('Working out what to do next…')).toHaveCount(0)
  await expect(page.getByText('Working it out…')).toHaveCount(0, { timeout: 60_000 })
  await page.screenshot({ path: `${shots}/controls.png` })
  await page.getByRole('button', { name: 'pick', exact: true }).click()
  await expect(page.getByRole('list', { name: 'commonest results' }).getByRole('button').first()).toBeVisible({ timeout: 60_000 })
  await page.screenshot({ path: `${shots}/picker.png` })
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
