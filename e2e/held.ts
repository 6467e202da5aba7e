import type { Page } from '@playwright/test'

/** Watches tasks of the page's own thread that hold it for over 50 ms; to be begun before the page is opened. What is returned takes those since it was last asked, ms each. */
export async function watchHeld(page: Page): Promise<() => Promise<number[]>> {
  await page.addInitScript(() => {
    const held: number[] = []
    Object.assign(window, { held })
    new PerformanceObserver((list) => {
      for (const task of list.getEntries()) held.push(task.duration)
    }).observe({ type: 'longtask' })
  })
  return () => page.evaluate(() => (window as unknown as { held: number[] }).held.splice(0))
}
