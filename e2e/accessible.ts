import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'

/** WCAG 2.2 up to AA, and what is good practice besides. */
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

/** The page, as it stands, has no fault that the accessibility checker finds. */
export async function accessible(page: Page): Promise<void> {
  // What passes is not listed: on a page of a thousand nodes the list takes longer than the check.
  const { violations } = await new AxeBuilder({ page })
    .withTags(RULES)
    .options({ resultTypes: ['violations'] })
    .analyze()
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`)).toEqual([])
}
