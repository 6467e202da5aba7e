import { picture } from '../bitmap'
import { expect, test } from '../people'

test('a colour is read off a picture by a warm lamp, compared with what is in contention, and written with a small copy', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /F-07/ }).click()
  await page.getByRole('link', { name: 'picture' }).click()
  // Light blue times a lamp that has more red than blue in it.
  const buffer = picture(600, 400, [240, 214, 172], [132, 165, 152])
  await page.getByLabel(/picture with a white card/).setInputFiles({ name: 'tube.bmp', mimeType: 'image/bmp', buffer })
  const result = page.getByRole('complementary')
  await expect(result.locator('strong')).toHaveText(/blue/)
  await expect(result.getByRole('row').first()).toBeVisible()

  // The marks are moved by keys as well: the sample's mark on the card reads white or colourless.
  await page.getByLabel('what it is of').check()
  await page.getByRole('img', { name: /the picture/ }).focus()
  for (let n = 0; n < 10; n++) await page.keyboard.press('Shift+ArrowLeft')
  await expect(result.locator('strong')).toHaveText(/colourless|white|pale/)
  for (let n = 0; n < 10; n++) await page.keyboard.press('Shift+ArrowRight')
  await expect(result.locator('strong')).toHaveText(/blue/)

  await result.getByRole('button', { name: 'Write it into the notebook' }).click()
  await expect(result).toContainText('Written, with the picture.')
  await result.getByRole('link', { name: 'Back to the bench' }).click()
  const kept = page.getByRole('main').getByRole('img', { name: /picture of its solution/ })
  await expect(kept).toHaveCount(1)
  expect((await kept.getAttribute('src'))?.length).toBeLessThan(64_000)
  await page.reload()
  await expect(kept).toHaveCount(1)
})

test('what is no picture, and a card in the dark, are refused with what to do', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /F-07/ }).click()
  await page.getByRole('link', { name: 'picture' }).click()
  const file = page.getByLabel(/picture with a white card/)
  await file.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('not a picture') })
  await expect(page.getByRole('alert')).toContainText('no picture that can be read')
  await file.setInputFiles({ name: 'dark.bmp', mimeType: 'image/bmp', buffer: picture(200, 100, [20, 20, 20], [10, 10, 30]) })
  await expect(page.getByRole('alert')).toContainText('more light')
})

test('the reference shows beads, residues and lines of flames', async ({ page }) => {
  await page.goto('/reference/test/borax-bead-oxidising')
  await expect(page.getByText(/bead .*blue/).first()).toBeVisible()
  await page.goto('/reference/test/heat-strongly')
  await expect(page.getByText(/residue yellow hot, white cold/).first()).toBeVisible()
  await page.goto('/reference/test/flame-on-wire')
  await expect(page.getByRole('img', { name: /lines at .*589/ }).first()).toBeVisible()
})
