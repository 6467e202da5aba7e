import type { Page } from '@playwright/test'
import { accessible } from '../accessible'
import { followProposals } from '../follow'
import { watchHeld } from '../held'
import { expect, test } from '../people'
import { SPOILED_NOTEBOOK } from '../spoiled'
import { readFileSync } from 'node:fs'

/** Tabs until the element that has focus answers to a name: what somebody without a mouse does. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let k = 0; k < 60; k++) {
    await page.keyboard.press('Tab')
    // The page as a whole, which has the focus where nothing else has, holds every name there is.
    const text = await page.evaluate(() => {
      const at = document.activeElement
      return at === null || at === document.body ? '' : (at.getAttribute('aria-label') ?? '') + at.textContent
    })
    if (name.test(text)) return
  }
  throw new Error(`nothing that answers to ${String(name)} takes the focus`)
}

test('a simulated unknown is worked by keyboard alone, concluded rightly, reported and kept', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('link', { name: /M-12/ })).toBeVisible()
  await tabTo(page, /M-12/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'M-12' })).toBeVisible()
  const tests = await followProposals(page)
  expect(tests).toBeGreaterThan(3)
  await page.keyboard.press('Enter')
  await expect(page.getByText('Right.')).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: 'saved' })).toBeVisible()
  await expect(page.getByLabel('in contention')).toHaveAttribute('aria-busy', 'false')
  const bench = await page.getByRole('main').innerText()

  await page.reload()
  await expect(page.getByText('Right.')).toBeVisible()
  await expect.poll(() => page.getByRole('main').innerText()).toBe(bench)

  await tabTo(page, /^report$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Conclusion' })).toBeVisible()
  await tabTo(page, /Markdown/)
  const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')])
  const text = readFileSync(await download.path(), 'utf8')
  expect(text).toContain('| test | observation | inference |')
  expect(text).toContain('NH₄Al(SO₄)₂·12H₂O')
  expect(text).toContain('## Equations')
})

test('whoever writes faster than a line is kept writes once at each look', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await page.getByRole('button', { name: /another test|choose a test/ }).click()
  await page.getByRole('menuitem', { name: 'Litmus, both colours' }).click()
  const line = page.locator('#line')
  await expect(line).toHaveAttribute('placeholder', /writes it down as seen/)
  // Eight times within a few milliseconds, at a test with two looks.
  await line.evaluate(async (input: HTMLInputElement) => {
    const value = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')
    for (let k = 0; k < 8; k++) {
      value?.set?.call(input, '=')
      input.dispatchEvent(new Event('input', { bubbles: true }))
      input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }))
      await new Promise((resolve) => setTimeout(resolve))
    }
  })
  const row = page.getByRole('main').getByRole('listitem').first()
  for (const paper of ['red litmus paper', 'blue litmus paper']) {
    await expect(row).toContainText(`${paper}: `)
    await expect(row).not.toContainText(new RegExp(`${paper}: .*${paper}: `))
  }
  const begin = page.getByRole('button', { name: 'Begin' })
  await expect(begin).toBeVisible()
  await expect(row).not.toContainText(/litmus paper: .*litmus paper: .*litmus paper: /)
  // Pressed twice before it is there, a test is begun once.
  const tests = page.getByRole('main').getByRole('heading', { level: 3 }).and(page.locator('li h3'))
  await expect(tests).toHaveCount(1)
  await begin.evaluate((button: HTMLButtonElement) => {
    button.click()
    button.click()
  })
  await expect(tests).toHaveCount(2)
  await page.getByRole('button', { name: 'close this test' }).click()
  const form = page.getByRole('form', { name: 'conclusion' })
  await form.getByLabel('the jar holds').fill('NaCl')
  await form.getByRole('button', { name: 'Conclude' }).evaluate((button: HTMLButtonElement) => {
    button.click()
    button.click()
  })
  await expect(page.getByRole('status').filter({ hasText: 'The jar held' })).toBeVisible()
  await expect(tests).toHaveCount(2)
  await expect(page.getByRole('heading', { name: 'The jar holds NaCl' })).toHaveCount(1)
})

test('a jar whose notebook contradicts itself says which line does not fit', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /W-21/ }).click()
  const contention = page.getByLabel('in contention')
  await expect(contention.getByRole('alert')).toContainText('Does not fit')
  await expect(contention.getByRole('alert')).toContainText(/row 5/)
})

test('a claim as good as made is told which test would best try to refute it', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /^B-03/ }).click()
  await expect(page.getByLabel('in contention')).toContainText('to prove it wrong')
})

test('hints: hidden where the class shows none, in the report too', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /C-02/ }).click()
  await expect(page.getByText('standings and proposals are hidden')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Begin' })).toHaveCount(0)
  await page.getByRole('button', { name: 'choose a test' }).click()
  await page.getByRole('menuitem', { name: 'Silver nitrate, acidified' }).click()
  for (let look = 0; look < 2; look++) {
    await expect(page.locator('#line')).toHaveAttribute('placeholder', /writes it down as seen/)
    await page.locator('#line').fill('=')
    await page.keyboard.press('Enter')
  }
  await expect(page.getByRole('main')).toContainText('yellow')
  await expect(page.getByText(/indicated|perhaps/)).toHaveCount(0)
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByRole('heading', { name: 'Conclusion' })).toBeVisible()
  await expect(page.getByText(/indicated|%/)).toHaveCount(0)
})

test('hints: on request, each counted in the notebook', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /L-18/ }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Ask for a hint' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: 'saved' })).toBeVisible()
  await page.reload()
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.getByText('1 asked so far')).toBeVisible()
})

test('the reference: a titration is gone through by key, the forms are charted, a reagent shows every ion', async ({ page }) => {
  await page.goto('/reference/ion/Zn%5E2%2B')
  const slider = page.getByRole('slider', { name: 'drops' })
  await slider.focus()
  await expect(page.getByText('0 drops of')).toBeVisible()
  for (let n = 0; n < 3; n++) await slider.press('ArrowRight')
  await expect(slider).toHaveAttribute('aria-valuetext', /3 drops: .*white solid/)
  await slider.press('End')
  await expect(slider).toHaveAttribute('aria-valuetext', /30 drops: .*colourless/)
  await expect(
    page
      .getByRole('img', { name: /Forms of Zn/ })
      .locator('.main-svg')
      .first(),
  ).toBeVisible()
  await page.getByRole('combobox', { name: 'against' }).selectOption('NH3')
  await expect(page.getByRole('img', { name: /Forms of Zn.* NH3/ })).toBeVisible()
  await page.getByRole('textbox', { name: 'find' }).fill('dimethylgly')
  // It is a compound of the library, too.
  await page.getByRole('region', { name: 'reagents' }).getByRole('link', { name: 'dimethylglyoxime', exact: true }).click()
  await expect(page.getByRole('row', { name: /Ni.*red/ })).toBeVisible()
  await page.goto('/reference/scheme/full-separation')
  await expect(page.getByText('Group IV: hydrogen sulfide in ammonia')).toBeVisible()
})

test('the reference: an ion is found, its tests are drawn, its constants have sources', async ({ page }) => {
  await page.goto('/reference')
  await page.getByRole('textbox', { name: 'find' }).fill('Pb')
  await page.getByRole('link', { name: 'Pb2+' }).click()
  await expect(page.getByRole('heading', { name: 'Potassium iodide to excess' })).toBeVisible()
  await expect(page.getByText('Critical Stability Constants').first()).toBeVisible()
  await page.getByRole('link', { name: 'Potassium iodide to excess' }).first().click()
  await expect(page.getByRole('main')).toContainText('Pb(NO3)2')
  await page.goto('/reference/ion/unobtainium')
  await expect(page.getByText('There is no such page.')).toBeVisible()
})

test('while it reasons, the page is never held up for a second', async ({ page }) => {
  const takeHeld = await watchHeld(page)
  await page.goto('/')
  await page.getByRole('link', { name: /F-07/ }).click()
  await expect(page.getByLabel('in contention')).toHaveAttribute('aria-busy', 'false', { timeout: 20_000 })
  await takeHeld()
  await page.getByRole('button', { name: 'another test' }).click()
  await page.getByRole('menuitem', { name: 'Litmus, both colours' }).click()
  await page.locator('#line').fill('blue litmus paper red')
  await page.keyboard.press('Enter')
  await page.waitForTimeout(1500)
  const held = await takeHeld()
  test.info().annotations.push({ type: 'long tasks, ms', description: held.map((ms) => ms.toFixed(0)).join(' ') || 'none' })
  // How long is a matter for script/bench; what is tested is that no reasoning runs on the page's own thread.
  expect(held.filter((ms) => ms > 1000)).toEqual([])
})

for (const [name, path, there] of [
  ['the shelf', '', 'Shelf'],
  ['a bench in the middle of the work', 'F-07', 'F-07'],
  ['a report', 'B-03', /^Jar B-03/],
  ['the reference', 'reference', 'Potassium iodide to excess'],
] as const) {
  test(`${name} has no fault that the accessibility checker finds`, async ({ page }) => {
    await page.goto('/')
    if (path !== '') await page.getByRole('link', { name: new RegExp(`^${path}`) }).click()
    if (path === 'reference') await page.getByRole('link', { name: 'Potassium iodide to excess' }).click()
    if (path === 'B-03') await page.getByRole('link', { name: 'report' }).click()
    await expect(page.getByRole('heading', { name: there })).toBeVisible()
    if (path === 'F-07') await expect(page.getByLabel('in contention')).toHaveAttribute('aria-busy', 'false')
    await accessible(page)
  })
}

test('a line of shorthand becomes observations, and what is not understood is kept', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('code on the jar').fill('K-01')
  await page.getByRole('button', { name: 'a real jar' }).click()
  await page.getByRole('button', { name: 'another test' }).click()
  await page.getByRole('menuitem', { name: 'Silver nitrate, acidified' }).click()
  await page.locator('#line').fill('wh curdy ppt wobbly')
  await expect(page.getByText('kept as a note: wobbly')).toBeVisible()
  await page.keyboard.press('Enter')
  await page.locator('#line').fill('sol xs NH3')
  await page.keyboard.press('Enter')
  // Strong sulfite and oxalate come down with silver as well; permanganate tells them from chloride.
  await page
    .getByRole('button', { name: 'another test' })
    .or(page.getByRole('button', { name: 'choose a test' }))
    .first()
    .click()
  await page.getByRole('menuitem', { name: /^Permanganate in dilute sulfuric acid/ }).click()
  for (let look = 0; look < 2; look++) {
    await page.locator('#line').fill('soln violet')
    await page.keyboard.press('Enter')
  }
  await expect(page.getByRole('main')).toContainText('white')
  await expect(page.getByRole('main')).toContainText('wobbly')
  await expect(page.getByRole('main')).toContainText('dissolves in excess ammonia')
  // What was read is weighed: an anion that gives no white precipitate with silver is out, and chloride is in, if not alone (iodate does the same).
  await expect(page.getByRole('button', { name: /^NO3 -, (unlikely|excluded)/ })).toBeVisible({ timeout: 60_000 })
  await expect(page.getByRole('button', { name: /^Cl -, (open|likely|confirmed)/ })).toBeVisible()
})

test('an address that leads nowhere says so and leads back', async ({ page }) => {
  await page.goto('/nowhere')
  await page.getByRole('link', { name: 'Back to the shelf' }).click()
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible()
})

test('a spoiled step says what it does and the way back, and shows what would have been seen without it', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('a notebook from a file').setInputFiles(SPOILED_NOTEBOOK)
  const spoiled = page.locator('#row-s3, li').filter({ hasText: 'Spoils this.' })
  await expect(spoiled).toContainText('Hydrochloric acid brings silver down as the chloride by itself', { timeout: 30_000 })
  await expect(spoiled).toContainText('Way back: Take a fresh portion and acidify it with nitric acid.')
  await spoiled.getByRole('button', { name: 'What would I have seen?' }).click()
  await expect(spoiled).toContainText('With the mistake undone:', { timeout: 30_000 })
  await expect(spoiled).toContainText(/HNO3 2 M/)
  await accessible(page)
})

test('a line that the device does not keep is said not to be kept, until one is', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /F-07/ }).click()
  const line = page.locator('#line')
  const write = async (text: string): Promise<void> => {
    await line.fill(text)
    await page.keyboard.press('Enter')
  }
  const main = page.getByRole('main', { name: 'notebook page' })
  await expect(line).toBeVisible()
  // A device with no room left, for one line.
  await page.evaluate(() => {
    const { add, put } = Object.getOwnPropertyDescriptors(IDBObjectStore.prototype)
    const full = (): never => {
      throw new DOMException('no room', 'QuotaExceededError')
    }
    IDBObjectStore.prototype.add = IDBObjectStore.prototype.put = full
    Object.assign(window, { roomAgain: () => Object.defineProperties(IDBObjectStore.prototype, { add, put }) })
  })
  await write('flurb one')
  await expect(page.getByRole('alert').filter({ hasText: 'did not keep what was written last' })).toBeVisible()
  await expect(main).not.toContainText('flurb one')
  // It stands in the line again.
  await expect(line).toHaveValue('flurb one')
  await page.evaluate(() => (window as unknown as { roomAgain: () => void }).roomAgain())
  await write('flurb two')
  await expect(main).toContainText('flurb two')
  await expect(page.getByRole('alert').filter({ hasText: 'did not keep' })).toHaveCount(0)
})
