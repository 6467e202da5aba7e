import base from './playwright.config'

export default { ...base, testDir: 'screenshots', workers: 1 }
