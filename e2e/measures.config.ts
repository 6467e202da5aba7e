import { defineConfig } from '@playwright/test'
import journeys from './playwright.config'

/** Figures that only a browser can give, for script/bench. */
export default defineConfig(journeys, { testDir: 'measures', reporter: 'line', workers: 1 })
