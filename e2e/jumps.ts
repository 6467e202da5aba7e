import type { Page } from '@playwright/test'

/** Takes down, from the next page loaded on, every jump of what is drawn that nobody's doing brought about. */
export async function watchJumps(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const jumps: number[] = []
    Object.assign(window, { jumps })
    new PerformanceObserver((list) => {
      for (const shift of list.getEntries() as (PerformanceEntry & { value: number; hadRecentInput: boolean })[])
        if (!shift.hadRecentInput) jumps.push(shift.value)
    }).observe({ type: 'layout-shift', buffered: true })
  })
}

/** How much what is drawn has jumped since the page was loaded, as shares of the screen. */
export const jumped = (page: Page): Promise<number> =>
  page.evaluate(() => (window as unknown as { jumps: number[] }).jumps.reduce((a, b) => a + b, 0))
