import type { CDPSession } from '@playwright/test'
import { jumped, watchJumps } from '../jumps'
import { expect, test } from '../people'

/** kB that came over the wire for scripts, apart from those of workers. */
async function scriptsOf(session: CDPSession, load: () => Promise<void>): Promise<Map<string, number>> {
  const urls = new Map<string, string>()
  const size = new Map<string, number>()
  await session.send('Network.enable')
  session.on('Network.responseReceived', ({ requestId, response, type }) => {
    if (type === 'Script') urls.set(requestId, new URL(response.url).pathname)
  })
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const url = urls.get(requestId)
    if (url !== undefined) size.set(url, encodedDataLength / 1000)
  })
  await load()
  return size
}

/** Half of 500 lines are tests begun, half what was written at them. */
function long(): string {
  const at = '2026-10-05T09:00:00.000Z'
  const entries = Array.from({ length: 250 }, (_, k) => [
    { id: `d${k}`, at, did: { test: k % 2 === 0 ? 'silver-nitrate' : 'barium-nitrate', on: `T${k}` } },
    { id: `s${k}`, at, saw: { channel: 'precipitate.present', negated: true, of: `d${k}`, step: 3 } },
  ]).flat()
  return JSON.stringify({ format: 'foxing-notebook/1', entries })
}

/** Prints; nothing is asserted of time. */
test('first load, a long notebook, and what jumps', async ({ page, context }) => {
  await watchJumps(page)
  const session = await context.newCDPSession(page)
  const sizes = await scriptsOf(session, async () => {
    await page.goto('/')
    await expect(page.getByRole('link', { name: /F-07/ })).toBeVisible()
  })
  const shelf = [...sizes.values()].reduce((a, b) => a + b, 0)
  await page.getByRole('link', { name: /F-07/ }).click()
  await expect(page.locator('#line')).toBeVisible()
  await expect(page.getByLabel('in contention')).toHaveAttribute('aria-busy', 'false')
  const bench = [...sizes.values()].reduce((a, b) => a + b, 0)
  console.log('the first load, compressed script without workers (aim 230 kB):')
  console.log(`  the shelf ${shelf.toFixed(0)} kB, with the bench ${bench.toFixed(0)} kB`)
  console.log('the layout jumps (aim none; 0.1 is the bound of a good page):')
  console.log(`  shelf, then a bench with 19 lines until its standings stand: ${(await jumped(page)).toFixed(4)}`)

  console.log('the first screen on a machine four times as slow (aim 1.5 s):')
  await session.send('Network.clearBrowserCache')
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 })
  const times: string[] = []
  for (const kept of ['from the network', 'kept by the browser']) {
    const began = Date.now()
    await page.goto('/', { waitUntil: 'commit' })
    await expect(page.getByLabel('code on the jar')).toBeVisible()
    times.push(`the shelf ${Date.now() - began} ms ${kept}`)
  }
  const began = Date.now()
  await page.getByRole('link', { name: /F-07/ }).click()
  await page.locator('#line').fill('w')
  times.push(`the bench takes a line ${Date.now() - began} ms later`)
  console.log(`  ${times.join(', ')}`)
  await session.send('Emulation.setCPUThrottlingRate', { rate: 1 })

  await page.goto('/')
  await page.getByLabel('a notebook from a file').setInputFiles({ name: 'long.json', mimeType: 'application/json', buffer: Buffer.from(long()) })
  await expect(page.getByRole('main', { name: 'notebook page' }).getByRole('heading', { level: 3 })).toHaveCount(250, { timeout: 60_000 })
  await expect(page.getByLabel('in contention')).toHaveAttribute('aria-busy', 'false', { timeout: 60_000 })
  const keys = await page.evaluate(async () => {
    const line = document.querySelector<HTMLInputElement>('#line')
    const value = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')
    const text = 'wh curdy ppt sol xs nh3'
    const taken: number[] = []
    for (let k = 1; k <= text.length; k++) {
      const began = performance.now()
      value?.set?.call(line, text.slice(0, k))
      line?.dispatchEvent(new Event('input', { bubbles: true }))
      await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)))
      taken.push(performance.now() - began)
    }
    return taken.sort((a, b) => a - b)
  })
  console.log('the writing line of a notebook of 500 lines (aim 50 ms):')
  console.log(`  from key to the screen: median ${(keys[keys.length >> 1] ?? 0).toFixed(0)} ms, longest ${(keys.at(-1) ?? 0).toFixed(0)} ms`)
  await page.locator('#line').fill('')
  const began500 = Date.now()
  await page.getByRole('button', { name: /another test|choose a test/ }).click()
  await page
    .getByRole('menuitem', { name: /^Flame, on a clean wire/ })
    .first()
    .click()
  await expect(page.getByRole('main', { name: 'notebook page' }).getByRole('heading', { level: 3 })).toHaveCount(251)
  console.log(`  a test begun, two clicks and its row there: ${Date.now() - began500} ms`)
})
