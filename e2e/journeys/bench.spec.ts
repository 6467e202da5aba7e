import type { Locator, Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { accessible } from '../accessible'
import { picture } from '../bitmap'
import { jumped, watchJumps } from '../jumps'
import { expect, test } from '../people'

const main = (page: Page): Locator => page.getByRole('main', { name: 'notebook page' })

/** A jar of one's own, real, with a code nobody else has. */
async function jarNamed(page: Page, code: string): Promise<void> {
  await page.goto('/')
  await page.getByLabel('code on the jar').fill(code)
  await page.getByRole('button', { name: 'a real jar' }).click()
  await expect(page.getByRole('heading', { name: code })).toBeVisible()
}

async function begin(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: /another test|choose a test/ }).click()
  await page.getByRole('menuitem', { name: title, exact: true }).click()
}

test('what is thought of after a bench has opened moves nothing of what is drawn', async ({ page }) => {
  await watchJumps(page)
  await page.goto('/')
  await page.getByRole('link', { name: /F-07/ }).click()
  await expect(page.getByLabel('in contention')).toHaveAttribute('aria-busy', 'false')
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible()
  await expect(page.getByRole('main', { name: 'notebook page' })).toContainText('indicated')
  // A hundredth is a line of text that moves by its own height, once, in a corner.
  expect(await jumped(page)).toBeLessThan(0.01)
})

test('waits: begun by a key, seen from the shelf, kept over a reload, and at their end they lead back to what to look at', async ({ page }) => {
  await jarNamed(page, 'K-21')
  await begin(page, 'Soda extract, made acid with nitric acid')
  await expect(page.getByRole('button', { name: 'boiling: start 1:00' })).toBeVisible()
  await page.keyboard.press('Alt+KeyW')
  const waits = page.getByLabel('waits')
  await expect(waits.getByRole('timer')).toHaveText(/0:5\d|1:00/)
  // Going on with another tube while this one boils.
  await begin(page, 'Litmus, both colours')
  await expect(waits).toContainText('boiling')
  await page.goto('/')
  await expect(waits).toContainText('K-21')
  await page.reload()
  await expect(waits.getByRole('timer')).toBeVisible()
  // A minute passes.
  await page.evaluate(() => {
    const waits = JSON.parse(localStorage.getItem('foxing-waits') ?? '[]') as { from: number; until: number }[]
    localStorage.setItem('foxing-waits', JSON.stringify(waits.map((w) => ({ ...w, from: w.from - 70_000, until: w.until - 70_000 }))))
  })
  await page.reload()
  await expect(waits).toContainText('boiling is over: what the acid dissolves, hot')
  await expect(page).toHaveTitle(/^A: look · /)
  await waits.getByRole('link', { name: /boiling is over/ }).click()
  await expect(main(page).locator('li[aria-current="step"]')).toContainText('Soda extract, made acid with nitric acid')
  await expect(page.locator('#line')).toHaveAttribute('placeholder', /what the acid dissolves, hot/)
  await waits.getByRole('button', { name: 'looked at A' }).click()
  await expect(waits).toHaveCount(0)
})

test('the coach counts drops by key, takes readings, proposes the next dose, and says when it went too far', async ({ page }) => {
  await jarNamed(page, 'K-22')
  await begin(page, 'Soda extract, made acid with nitric acid')
  const coach = page.getByLabel('neutralising A')
  await expect(coach.locator('p[role=status]')).toContainText(/About \d+ to go/)
  for (let k = 0; k < 3; k++) await page.keyboard.press('Alt+KeyD')
  await expect(coach.getByLabel('drops counted')).toHaveText('3')
  const before = await coach.locator('p[role=status]').innerText()
  await page.keyboard.press('Alt+KeyB')
  await expect(coach.locator('p[role=status]')).not.toHaveText(before)
  await page.keyboard.press('Alt+KeyD')
  await page.keyboard.press('Alt+KeyR')
  await expect(coach.locator('p[role=status]')).toContainText('It turned at drop 4')
  await coach.getByRole('button', { name: '+ drop' }).click()
  await expect(coach.locator('p[role=status]')).toContainText('1 beyond the turn: take it back')
  await coach.getByRole('button', { name: '− 1' }).click()
  await coach.getByRole('button', { name: 'write it down' }).click()
  await page.getByRole('button', { name: 'close this test' }).click()
  await expect(main(page)).toContainText('HNO3 2 M: 4 drops, litmus red from drop 4')
})

test('controls stand beside the sample; a blank that is not blank takes the run away with its reason', async ({ page }) => {
  await jarNamed(page, 'K-23')
  await begin(page, 'Silver nitrate, acidified')
  await page.locator('#line').fill('wh curdy ppt, sol xs NH3')
  await page.keyboard.press('Enter')
  await expect(page.locator('#line')).toHaveAttribute('placeholder', /dissolve in ammonia/)
  await page.locator('#line').fill('clear')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'look again at A, Silver nitrate, acidified' }).click()
  await page.getByRole('button', { name: 'a known that shows it' }).click()
  await page.getByRole('menuitem').first().click()
  await expect(page.getByRole('heading', { name: /^known .*, which shows it, B$/ })).toBeVisible()
  await page.getByRole('button', { name: 'a blank' }).click()
  await expect(page.getByRole('heading', { name: 'blank, C' })).toBeVisible()
  // The known first, then the blank, each in its own tube.
  for (const [k, line] of ['wh curdy ppt', 'clear', 'wh curdy ppt', 'clear'].entries()) {
    await page.locator('#line').fill(line)
    await page.keyboard.press('Enter')
    await expect(page.getByRole('list', { name: 'written' })).toHaveCount(3 + k)
  }
  await accessible(page)
  await page.getByRole('button', { name: 'close this test' }).click()
  const row = page.locator('li').filter({ hasText: 'Spoils this.' })
  await expect(row).toContainText('a reagent, the water or the tube is contaminated', { timeout: 60_000 })
  await expect(row).toContainText('beside it, blank (C): precipitate, white, curdy')
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByText('discarded: the blank showed “precipitate”')).toBeVisible()
})

test('what was written is struck out on looking again, and stays in the notebook that goes out', async ({ page }) => {
  await jarNamed(page, 'K-24')
  await begin(page, 'Litmus, both colours')
  for (let look = 0; look < 2; look++) {
    await page.locator('#line').fill('blue')
    await page.keyboard.press('Enter')
  }
  await page.getByRole('button', { name: /^look again at/ }).click()
  await page.getByRole('button', { name: 'red litmus paper: blue', exact: true }).click()
  await page.getByRole('button', { name: 'strike out red litmus paper: blue' }).click()
  await page.locator('#line').fill('red')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'close this test' }).click()
  await expect(main(page)).toContainText('red litmus paper: red')
  await page.getByRole('link', { name: 'report' }).click()
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'JSON' }).click()])
  expect(readFileSync(await download.path(), 'utf8')).toContain('"withdrawn": true')
})

test('one line is made less sure, timed, and given a picture; what changed at a look is drawn before and after', async ({ page }) => {
  await jarNamed(page, 'K-25')
  await begin(page, 'Barium nitrate, acidified')
  await page.locator('#line').fill('wh ppt, sol in acid')
  await page.keyboard.press('Enter')
  await expect(main(page)).toContainText('dissolves in acid')
  await page.getByRole('button', { name: /^look again at/ }).click()
  await page.getByRole('button', { name: 'precipitate', exact: true }).click()
  const about = page.getByRole('group', { name: 'about precipitate' })
  await about.getByRole('button', { name: 'unsure', exact: true }).click()
  await expect(page.getByRole('button', { name: 'precipitate (?)', exact: true })).toBeVisible()
  await page.getByLabel('seen at').fill('00:01')
  await page.getByLabel('seen at').blur()
  await expect(main(page)).toContainText('precipitate (?), seen at 00:01')
  await expect(page.getByRole('img', { name: /^before: / })).toHaveCount(1)
  await expect(page.getByRole('img', { name: /^after: / })).toHaveCount(1)
  await accessible(page)
  await page.getByRole('link', { name: 'picture of it' }).click()
  await expect(page.getByRole('main')).toContainText('Goes with what was written: precipitate (?)')
  await page
    .getByLabel(/picture with a white card/)
    .setInputFiles({ name: 'tube.bmp', mimeType: 'image/bmp', buffer: picture(60, 40, [240, 240, 240], [230, 230, 235]) })
  await page.getByRole('button', { name: 'Keep the picture alone' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Written, with the picture.' })).toBeVisible()
  await page.getByRole('link', { name: 'Back to the bench' }).click()
  await expect(main(page).getByRole('img', { name: 'picture of its solution' })).toHaveCount(1)
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByRole('main')).toContainText('row 1: picture of its solution')
  await expect(page.getByRole('main')).toContainText('seen at 00:01')
})

test('a report goes out as PDF and as a crate, and the crate comes back in', async ({ page }, info) => {
  await page.goto('/')
  await page.getByRole('link', { name: /^B-03/ }).click()
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByRole('heading', { name: 'Conclusion' })).toBeVisible()
  const [pdf] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'PDF' }).click()])
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-')
  const [crate] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'crate' }).click()])
  const file = info.outputPath('B-03.eln')
  await crate.saveAs(file)
  await page.goto('/')
  await page.getByLabel('a notebook from a file').setInputFiles(file)
  await expect(page).toHaveURL(/\/jar\//)
  await expect(main(page)).toContainText('Silver nitrate')
  await expect(main(page)).toContainText('The jar holds AgNO3')
})

test.describe('by touch', () => {
  test.use({ hasTouch: true, viewport: { width: 1024, height: 768 } })
  test('a test is begun, looked at and written with taps alone, the commonest result at one', async ({ page }) => {
    await jarNamed(page, 'K-25')
    await page.getByRole('button', { name: /another test|choose a test/ }).tap()
    await page.getByRole('menuitem', { name: 'Silver nitrate, acidified', exact: true }).tap()
    // With a finger for a pointer the picker is there at once.
    const picker = page.getByLabel('pick what you see')
    await picker.getByLabel('commonest results').getByRole('button').filter({ hasText: 'curdy' }).first().tap({ timeout: 60_000 })
    await expect(main(page)).toContainText('curdy')
    await picker.getByRole('button', { name: 'dissolves', exact: true }).tap()
    await picker.getByRole('button', { name: 'liquid', exact: true }).tap()
    await picker.getByRole('button', { name: 'colourless', exact: true }).tap()
    await picker.getByRole('button', { name: 'fairly', exact: true }).tap()
    await picker.getByRole('button', { name: 'write it' }).tap()
    await expect(main(page)).toContainText('dissolves (fairly sure)')
    await accessible(page)
  })
})

test.describe('on a phone', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } })
  test('a line is written, a result is picked, the standings are a page of their own; nothing runs out at the side', async ({ page }) => {
    await page.goto('/')
    await page
      .getByRole('link', { name: /I-09/ })
      .or(page.getByRole('link', { name: /F-07/ }))
      .first()
      .tap()
    await page.getByRole('button', { name: /another test|choose a test/ }).tap()
    await page.getByRole('menuitem', { name: 'Litmus, both colours', exact: true }).tap()
    await page.locator('#line').fill('nc')
    await page.keyboard.press('Enter')
    await page.getByLabel('pick what you see').getByRole('button', { name: 'red', exact: true }).tap()
    await page.getByRole('button', { name: 'write it' }).tap()
    await expect(main(page)).toContainText('blue litmus paper: red')
    await page.getByRole('button', { name: 'in contention' }).tap()
    await expect(page.getByLabel('in contention')).toBeVisible()
    await accessible(page)
    await page.getByRole('button', { name: 'back to the page' }).tap()
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
    expect(wider).toBeLessThanOrEqual(0)
    await page.goto('/')
    await expect(page.getByRole('main')).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0)
    // One bar alone: the page within scrolls, not the document round it as well.
    expect(await page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight)).toBeLessThanOrEqual(0)
  })
})
