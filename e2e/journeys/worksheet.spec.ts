import type { Page } from '@playwright/test'
import { accessible } from '../accessible'
import { expect, test } from '../people'

const WORKSHEET = 'docs/examples/worksheet.json'

async function jarWith(page: Page, file: string | { name: string; mimeType: string; buffer: Buffer }): Promise<void> {
  await page.goto('/')
  await page.getByLabel('with a worksheet').setInputFiles(file)
}

async function write(page: Page, line: string): Promise<void> {
  await page.locator('#line').fill(line)
  await page.keyboard.press('Enter')
}

test('a worksheet is worked part by part, overlapping, each conclusion citing its part, and changed late', async ({ page }) => {
  await jarWith(page, WORKSHEET)
  await expect(page.getByText('worksheet.json')).toBeVisible()
  await page.getByRole('button', { name: 'a real jar' }).click()
  const parts = page.getByRole('navigation', { name: 'parts of the worksheet' })
  await expect(parts).toContainText('A mordant from the bindery cupboard')
  await expect(parts.getByText('to do')).toHaveCount(4)

  const next = page.getByRole('region', { name: 'next part' })
  await expect(next).toContainText('asks for observation, conclusion · 4 marks')
  await next.getByRole('button', { name: 'Begin part A' }).click()
  const row = page.locator('li[aria-current="step"]').first()
  await expect(row).toContainText('Try the solution with both litmus papers')
  await write(page, 'dissolves, colourless')
  await write(page, 'turns red')
  await write(page, 'no change')
  // The next in letters is B; C is begun first, and B while it stands.
  await next.getByRole('button', { name: 'C now' }).click()
  await write(page, 'wh ppt')
  await next.getByRole('button', { name: 'Begin part B' }).click()
  // What a part pours decides its cautions and its waste, as of any test.
  await expect(page.locator('li[aria-current="step"]').first()).toContainText('What is left goes to')
  await write(page, 'wh gelatinous ppt')
  await write(page, 'sol xs')
  await write(page, 'stays red')
  await expect(parts.getByText('done', { exact: true })).toHaveCount(3)

  const fromC = page.getByRole('form', { name: 'conclusion of part C' })
  await fromC.getByLabel('from C').fill('SO4^2-')
  await fromC.getByLabel('how sure').selectOption('present')
  await fromC.getByRole('button', { name: 'conclude' }).click()
  const concluded = page.getByRole('list', { name: 'concluded from part C' })
  await expect(concluded).toContainText('present, from C')
  // It ends nothing: the work goes on, and what was concluded may be struck out until the page is signed.
  await expect(next.getByRole('button', { name: 'Begin part D' })).toBeVisible()
  const fromB = page.getByRole('form', { name: 'conclusion of part B' })
  await fromB.getByLabel('from B').fill('Zn^2+')
  await fromB.getByRole('button', { name: 'conclude' }).click()
  await page.getByRole('button', { name: /strike out Zn/ }).click()
  await expect(page.getByRole('list', { name: 'concluded from part B' })).toHaveCount(0)
  await accessible(page)

  await page.getByRole('link', { name: 'report' }).click()
  const report = page.getByRole('main')
  await expect(report).toContainText('C. ')
  await expect(report).toContainText(/present/)
})

test('a worksheet of a simulated jar is looked at step by step; what is no worksheet is refused with the reason', async ({ page }) => {
  await jarWith(page, { name: 'eggs.json', mimeType: 'application/json', buffer: Buffer.from('{"eggs": 6}') })
  await expect(page.getByRole('alert')).toContainText('“eggs.json” is not a worksheet of the open format')
  await jarWith(page, WORKSHEET)
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await page.getByRole('button', { name: 'Begin part A' }).click()
  const line = page.locator('#line')
  const main = page.getByRole('main', { name: 'notebook page' })
  for (let look = 0; look < 3; look++) {
    await expect(line).toHaveAttribute('placeholder', /writes it down as seen/)
    const before = await main.textContent()
    await write(page, '=')
    await expect(main).not.toHaveText(before ?? '')
  }
  await expect(page.getByRole('navigation', { name: 'parts of the worksheet' }).getByText('done')).toHaveCount(1)
  await expect(page.getByRole('button', { name: 'Begin part B' })).toBeVisible()
})
