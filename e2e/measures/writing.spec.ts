import { readFileSync } from 'node:fs'
import { expect, test } from '../people'

/** The twenty commonest lines, as the docs have them. */
const LINES = readFileSync('docs/at-the-bench.md', 'utf8')
  .split('\n')
  .flatMap((row) => /^\| `(.+?)`/.exec(row)?.[1] ?? [])

/** So many tests, each with what was written of it. */
function notebook(tests: number): string {
  const at = '2026-10-05T09:00:00.000Z'
  const entries = Array.from({ length: tests }, (_, k) => [
    { id: `d${k}`, at, did: { test: k % 2 === 0 ? 'silver-nitrate' : 'barium-nitrate', on: `T${k}` } },
    { id: `s${k}`, at, saw: { channel: 'precipitate.present', negated: true, of: `d${k}`, step: 3 } },
  ]).flat()
  return JSON.stringify({ format: 'foxing-notebook/1', entries })
}
const file = (name: string, text: string): { name: string; mimeType: string; buffer: Buffer } => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(text),
})

/** Prints; nothing is asserted of time. */
test('from a result seen to the entry kept, and a long report as PDF', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'a real jar' }).click()
  const main = page.getByRole('main', { name: 'notebook page' })
  const taken: number[] = []
  for (const line of LINES) {
    // A look of its own, so that every line is written at an open one.
    await expect(page.getByLabel('in contention')).toHaveAttribute('aria-busy', 'false', { timeout: 60_000 })
    await page.getByRole('button', { name: /another test|choose a test/ }).click()
    await page.getByRole('menuitem').first().click()
    await expect(page.getByRole('button', { name: 'close this test' })).toBeVisible()
    await page.locator('#line').fill(line)
    taken.push(
      await page.evaluate(async () => {
        const drawn = (): string => document.querySelector('main')?.textContent ?? ''
        const before = drawn()
        const began = performance.now()
        document.querySelector('#line')?.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
        while (drawn() === before && performance.now() - began < 5000)
          await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)))
        return performance.now() - began
      }),
    )
    // A line that speaks of nothing to be seen here leaves the look open.
    const close = page.getByRole('button', { name: 'close this test' })
    await page.waitForTimeout(200)
    if (await close.isVisible()) await close.click()
  }
  taken.sort((a, b) => a - b)
  console.log('from Enter to what was written drawn, the twenty commonest lines:')
  console.log(`  median ${(taken[taken.length >> 1] ?? 0).toFixed(0)} ms, longest ${(taken.at(-1) ?? 0).toFixed(0)} ms`)

  await page.goto('/')
  await page.getByLabel('a notebook from a file').setInputFiles(file('long.json', notebook(150)))
  await expect(main.getByRole('heading', { level: 3 })).toHaveCount(150, { timeout: 60_000 })
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByRole('heading', { name: 'Conclusion' })).toBeVisible({ timeout: 60_000 })
  const pdf: number[] = []
  for (let k = 0; k < 2; k++) {
    const began = Date.now()
    await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'PDF' }).click()])
    pdf.push(Date.now() - began)
  }
  console.log('a report of 300 entries as PDF (aim 2 s):')
  console.log(`  from click to file ${pdf.join(' ms, then ')} ms`)
})
