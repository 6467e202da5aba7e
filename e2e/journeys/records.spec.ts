import type { Browser, BrowserContext, Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { accessible } from '../accessible'
import { followProposals, loadDice } from '../follow'
import { expect, signIn, test } from '../people'

const line = (page: Page) => page.locator('#line')
const saved = (page: Page): Promise<void> => expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()

/** Puts a real jar on the shelf and opens it; its address tells it apart. */
async function newJar(page: Page, code: string): Promise<string> {
  await page.goto('/')
  await page.getByLabel('code on the jar').fill(code)
  await page.getByRole('button', { name: 'a real jar' }).click()
  await expect(page.getByRole('heading', { name: code })).toBeVisible()
  return new URL(page.url()).pathname
}

async function note(page: Page, text: string): Promise<void> {
  await line(page).fill(text)
  await page.keyboard.press('Enter')
}

/** What the server has of a jar's notes, in its order. */
async function notesAtServer(context: BrowserContext, path: string): Promise<string[]> {
  const answer = await context.request.get(`/api/jars/${path.split('/')[2] ?? ''}`)
  const { entries } = (await answer.json()) as { entries: { body: { note?: string } }[] }
  return entries.flatMap((e) => e.body.note ?? [])
}

async function another(browser: Browser, login: string): Promise<{ context: BrowserContext; page: Page }> {
  const context = await browser.newContext()
  await signIn(context, login)
  return { context, page: await context.newPage() }
}

test.beforeEach(({ page }) => page.setDefaultTimeout(20_000))

test.use({ serviceWorkers: 'allow' })

test('the connection goes in the middle of the work: ten lines later it is back, and nothing is lost or doubled', async ({ page, context }) => {
  const path = await newJar(page, 'R-01')
  await page.getByRole('button', { name: 'another test' }).click()
  await page.getByRole('menuitem', { name: 'Barium nitrate, acidified' }).click()
  await saved(page)
  await context.setOffline(true)
  for (let k = 1; k <= 10; k++) await note(page, `wh ppt line${k}`)
  await expect(page.getByRole('status').filter({ hasText: /kept here: \d+ to send/ })).toBeVisible()
  expect(await notesAtServer(context, path)).toEqual([])
  await context.setOffline(false)
  await saved(page)
  const wanted = Array.from({ length: 10 }, (_, k) => `line${k + 1}`)
  const notes = await notesAtServer(context, path)
  expect(notes.map((n) => /line\d+/.exec(n)?.[0])).toEqual(wanted)
  await page.reload()
  for (const text of wanted) await expect(page.getByText(new RegExp(`\\b${text}\\b`))).toHaveCount(1)
})

test('an answer that never came back: the line is sent again and is there once', async ({ page, context }) => {
  const path = await newJar(page, 'R-02')
  let lost = 0
  // Nor is it told otherwise: not live, and not by what is read when the page opens, which is over before the line is written.
  await page.route('**/live', (route) => route.abort())
  const opened = page.waitForResponse((answer) => /\/jars\/[^/]+$/.test(answer.url()))
  await page.reload()
  await opened
  await page.route('**/entries', async (route) => {
    if (lost++ > 0) return route.continue()
    // The server has it; the page never hears of that.
    await route.fetch()
    return route.abort()
  })
  await note(page, 'only once')
  await expect(page.getByText('only once')).toBeVisible()
  await saved(page)
  expect(lost).toBeGreaterThan(1)
  expect(await notesAtServer(context, path)).toEqual(['only once'])
})

test('two tabs of one device write in one notebook, and each shows both', async ({ page, context }) => {
  const path = await newJar(page, 'R-03')
  const other = await context.newPage()
  await other.goto(path)
  for (let k = 0; k < 4; k++) {
    await note(page, `left ${k}`)
    await note(other, `right ${k}`)
  }
  const all = [0, 1, 2, 3].flatMap((k) => [`left ${k}`, `right ${k}`])
  await saved(page)
  await saved(other)
  await expect.poll(async () => (await notesAtServer(context, path)).toSorted()).toEqual(all.toSorted())
  await page.getByRole('link', { name: 'report' }).click()
  for (const text of all) await expect(page.getByText(text, { exact: true })).toHaveCount(1)
  await other.getByRole('link', { name: 'report' }).click()
  for (const text of all) await expect(other.getByText(text, { exact: true })).toHaveCount(1)
  const order = await notesAtServer(context, path)
  expect(order.filter((n) => n.startsWith('left'))).toEqual(all.filter((n) => n.startsWith('left')))
})

test('two partners write at once: each sees the other’s rows while they are written, and is left in their own', async ({
  page,
  context,
  browser,
}) => {
  const path = await newJar(page, 'R-04')
  await saved(page)
  await page.getByRole('button', { name: 'share' }).click()
  await page.getByRole('button', { name: 'make a code for a partner' }).click()
  const code = await page.locator('output').innerText()
  await page.keyboard.press('Escape')

  const partner = await another(browser, 'teodor')
  await partner.page.goto('/')
  await partner.page.getByLabel('a code from a partner or a class').fill(code)
  await partner.page.getByRole('button', { name: 'use it' }).click()
  await expect(partner.page.getByRole('heading', { name: 'R-04' })).toBeVisible()

  const begin = async (who: Page, title: string): Promise<void> => {
    await who.getByRole('button', { name: /another test|choose a test/ }).click()
    await who.getByRole('menuitem', { name: title }).click()
    await expect(line(who)).toBeFocused()
  }
  await begin(page, 'Silver nitrate, acidified')
  await begin(partner.page, 'Flame, on a clean wire')
  await Promise.all([note(page, 'wh curdy ppt'), note(partner.page, 'green flame')])
  await note(page, 'sol xs NH3')
  for (const who of [page, partner.page]) {
    await saved(who)
    const main = who.getByRole('main')
    await expect(main).toContainText('curdy')
    await expect(main).toContainText('dissolves in excess ammonia')
    await expect(main).toContainText('green')
  }
  await expect(page.getByText('by Teodor Lisle')).toBeVisible()
  // What each saw stands with what each did.
  const answer = await context.request.get(`/api/jars/${path.split('/')[2] ?? ''}`)
  const { entries } = (await answer.json()) as { entries: { author: string; body: { id: string; did?: object; saw?: { of: string } } }[] }
  const author = new Map(entries.map((e) => [e.body.id, e.author]))
  const seen = entries.filter((e) => e.body.saw)
  expect(seen.length).toBeGreaterThanOrEqual(3)
  for (const { author: by, body } of seen) expect(author.get(body.saw?.of ?? '')).toBe(by)
  await partner.context.close()
})

test.describe('somebody whose sessions nobody else needs', () => {
  test.use({ login: 'wren' })

  test('the session ends while a line is being written: it is kept, and sent after signing in again', async ({ page, context, browser }) => {
    const path = await newJar(page, 'R-05')
    await note(page, 'before')
    await expect(page.getByText('before')).toBeVisible()
    await saved(page)
    await line(page).pressSequentially('half a li')
    // Signed out everywhere, from another device.
    const elsewhere = await another(browser, 'wren')
    await elsewhere.page.goto('/account')
    await elsewhere.page.getByRole('button', { name: 'sign out everywhere' }).click()
    await expect(elsewhere.page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
    await elsewhere.context.close()

    await page.keyboard.type('ne')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('alert').filter({ hasText: 'Your session has ended' })).toBeVisible()
    await note(page, 'and another')
    await expect(page.getByRole('status').filter({ hasText: 'kept here: 2 to send' })).toBeVisible()
    await page.getByLabel('login').fill('wren@sallowfield.example')
    await page.getByLabel('password').fill('blotting paper')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await saved(page)
    expect(await notesAtServer(context, path)).toEqual(['before', 'half a line', 'and another'])
  })
})

test.describe('without an account', () => {
  test.use({ login: '' })

  test('a notebook is begun, a practice jar is simulated with the connection gone, and both come along at sign-in', async ({ page, context }) => {
    await page.goto('/')
    await page.getByRole('button', { name: 'Try without an account' }).click()
    await page.getByRole('link', { name: 'reference' }).waitFor()
    await newJar(page, 'G-90')
    await note(page, 'mine, without a name')
    await page.goto('/')
    await page.getByLabel('code on the jar').fill('G-91')
    await page.getByRole('button', { name: 'a simulated unknown' }).click()
    await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible()
    await context.setOffline(true)
    await page.getByRole('button', { name: 'Begin' }).click()
    await page.getByRole('button', { name: 'write it down as seen' }).first().click()
    await expect(page.getByRole('status').filter({ hasText: 'kept on this device' })).toBeVisible()
    const title = await page.getByRole('main').locator('li h3').first().innerText()
    await context.setOffline(false)

    await page.getByRole('link', { name: 'sign in' }).click()
    await page.getByLabel('login').fill('wren@sallowfield.example')
    await page.getByLabel('password').fill('blotting paper')
    await page.getByRole('button', { name: 'Sign in' }).click()
    // Whose they are is asked: another may have written them on this device.
    await expect(page.getByText('2 notebooks were written on this device without an account', { exact: false })).toBeVisible()
    await expect(page.getByRole('link', { name: /G-91/ })).toHaveCount(0)
    await page.getByRole('button', { name: 'they are mine: take them along' }).click()
    await expect(page.getByText('The 2 notebooks you kept on this device came along.')).toBeVisible()
    await page.getByRole('link', { name: /G-91/ }).click()
    await saved(page)
    await expect(page.getByRole('main').locator('li h3').first()).toHaveText(title)
    const jars = (await (await context.request.get('/api/jars')).json()) as { jars: { code: string; entries: number }[] }
    expect(jars.jars.filter((j) => j.code.startsWith('G-9')).map((j) => [j.code, j.entries > (j.code === 'G-91' ? 1 : 0)])).toEqual([
      ['G-90', true],
      ['G-91', true],
    ])
  })

  test('somebody joins by a code, and is asked for what is missing', async ({ page, browser }) => {
    const instructor = await another(browser, 'ansel')
    await instructor.page.goto('/')
    await instructor.page.getByRole('link', { name: 'Materials of paper' }).click()
    await instructor.page.getByRole('button', { name: 'make a code' }).click()
    const code = await instructor.page.locator('output').innerText()
    await instructor.context.close()
    await page.goto('/join')
    await page.getByLabel('code from your instructor').fill('AAAA-AAAA-AAAA')
    await page.getByLabel('your name').fill('Linus Fray')
    await page.getByLabel('a login').fill(`linus.${Date.now()}@sallowfield.example`)
    await page.getByLabel('a password').fill('marbled endpaper')
    await page.getByRole('button', { name: 'Join' }).click()
    await expect(page.getByRole('alert')).toContainText('Code and login do not go together', { ignoreCase: true })
    await page.getByLabel('code from your instructor').fill(code.toLowerCase())
    await page.getByRole('button', { name: 'Join' }).click()
    await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible()
    await expect(page.getByRole('link', { name: 'Linus Fray' })).toBeVisible()
  })
})

test('the page itself opens with the connection gone, with the jar as it was', async ({ page, context }) => {
  const path = await newJar(page, 'R-06')
  await note(page, 'still here')
  await expect(page.getByText('still here')).toBeVisible()
  await saved(page)
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  // What the page needs is kept as it is used: once more, now that there is somebody to keep it.
  await page.reload()
  await expect(page.getByText('still here')).toBeVisible()
  await context.setOffline(true)
  await page.goto(path)
  await expect(page.getByText('still here')).toBeVisible()
  await note(page, 'written without the server')
  await expect(page.getByRole('status').filter({ hasText: 'kept here: 1 to send' })).toBeVisible()
  await context.setOffline(false)
  await saved(page)
  expect(await notesAtServer(context, path)).toEqual(['still here', 'written without the server'])
})

test('a jar whose lines are not on this device, with the connection gone, is no empty notebook: what is missing is said, and comes by itself', async ({
  page,
  context,
}) => {
  await page.goto('/')
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await page.reload()
  await expect(page.getByRole('link', { name: /^W-21/ })).toBeVisible()
  // The parts of the bench are here, of another jar; the lines of this one are not.
  await newJar(page, 'R-08')
  await saved(page)
  await page.goto('/')
  await expect(page.getByRole('link', { name: /^W-21/ })).toBeVisible()
  await context.setOffline(true)
  await page.getByRole('link', { name: /^W-21/ }).click()
  await expect(page.getByText('lines of this notebook are on the server, which is not reached', { exact: false })).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: 'not all of it is here' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Begin' })).toHaveCount(0)
  await context.setOffline(false)
  await saved(page)
  await expect(page.getByRole('main').locator('li h3').first()).toBeVisible()
})

test('a whole practical with the connection gone: begun, worked, concluded, reported, and at the server afterwards', async ({ page, context }) => {
  await page.goto('/')
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  // What the page needs is kept as it is used: once more, now that there is somebody to keep it.
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible()
  await page.getByRole('link', { name: /^B-03/ }).click()
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByRole('heading', { name: 'Conclusion' })).toBeVisible()
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible()
  await context.setOffline(true)
  await page.getByLabel('code on the jar').fill('R-07')
  await loadDice(page, 0.3)
  await page.getByRole('button', { name: 'a simulated unknown' }).click()
  await followProposals(page)
  await page.keyboard.press('Enter')
  await expect(page.getByText('Right.')).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /kept here: \d+ to send/ })).toBeVisible()
  const path = new URL(page.url()).pathname
  await page.getByRole('link', { name: 'report' }).click()
  await expect(page.getByRole('heading', { name: 'Conclusion' })).toBeVisible()
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'JSON' }).click()])
  const kept = JSON.parse(readFileSync(await download.path(), 'utf8')) as { entries: { id: string }[] }
  await context.setOffline(false)
  await page.goto(path)
  await saved(page)
  const answer = await context.request.get(`/api${path.replace('/jar/', '/jars/')}`)
  const { entries } = (await answer.json()) as { entries: { body: { id: string } }[] }
  expect(entries.map((e) => e.body.id)).toEqual(kept.entries.map((e) => e.id))
})

test('a notebook goes out as a file and comes back in; a file that is none is refused with the reason', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: /^B-03/ }).click()
  await page.getByRole('link', { name: 'report' }).click()
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'JSON' }).click()])
  const file = await download.path()
  await page.goto('/')
  const choose = page.getByLabel('a notebook from a file')
  await choose.setInputFiles({ name: 'shopping.json', mimeType: 'application/json', buffer: Buffer.from('{"eggs": 6}') })
  await expect(page.getByRole('alert')).toContainText('is not a notebook of the open format')
  await choose.setInputFiles({ name: 'from-elsewhere.json', mimeType: 'application/json', buffer: readFileSync(file) })
  await expect(page.getByText('The jar holds AgNO3, confirmed.')).toBeVisible()
})

test.describe('an instructor', () => {
  test.use({ login: 'ansel' })

  test('gives a student who has forgotten the password a code, and takes back a code of the class', async ({ page, browser }) => {
    await page.goto('/')
    await page.getByRole('link', { name: 'Materials of paper' }).click()
    const row = page.getByRole('listitem').filter({ hasText: 'Teodor Lisle' }).filter({ hasText: 'student' })
    await row.getByRole('button', { name: 'a code for a new password' }).click()
    const code = await row.locator('output').innerText()
    // The list is asked for anew once the code is made: what it shows before may be that of the page as it opened.
    const answered = (method: string): ReturnType<Page['waitForResponse']> =>
      page.waitForResponse((r) => r.url().endsWith('/invitations') && r.request().method() === method)
    const listed = answered('POST').then(() => answered('GET'))
    await page.getByRole('button', { name: 'make a code' }).click()
    const { codes } = (await (await listed).json()) as { codes: unknown[] }
    const open = page.getByRole('region', { name: 'open codes' })
    const before = codes.length
    await expect(open.getByRole('listitem')).toHaveCount(before)
    await open.getByRole('button', { name: 'take it back' }).first().click()
    await expect(open.getByRole('listitem')).toHaveCount(before - 1)

    const forgetful = await browser.newContext()
    const door = await forgetful.newPage()
    await door.goto('/sign-in')
    await door.getByRole('link', { name: 'I have forgotten my password' }).click()
    await door.getByLabel('code from your instructor').fill(code)
    await door.getByLabel('a new password').fill('password123')
    await door.getByRole('button', { name: 'Set it' }).click()
    await expect(door.getByRole('alert')).toContainText('tried first')
    // The same again, so that the other journeys find it.
    await door.getByLabel('a new password').fill('blotting paper')
    await door.getByRole('button', { name: 'Set it' }).click()
    await expect(door.getByText('Your password is changed', { exact: false })).toBeVisible()
    await forgetful.close()
  })

  test('gives out a secret unknown; the student works it and learns what it was when the instructor opens it', async ({ page, browser }) => {
    await page.goto('/')
    await page.getByRole('link', { name: 'Materials of paper' }).click()
    const form = page.getByRole('form', { name: 'give out' })
    await form.getByRole('combobox', { name: 'to', exact: true }).selectOption('Wren Abara')
    await form.getByLabel('code on the jar').fill('Q-44')
    await form.getByLabel('the salt').fill('not a salt')
    await form.getByRole('button', { name: 'Give out' }).click()
    await expect(form.getByRole('alert')).toContainText('a bench salt by formula')
    await form.getByLabel('the salt').fill('KI')
    await form.getByRole('button', { name: 'Give out' }).click()
    const given = page.getByRole('listitem').filter({ hasText: 'Q-44' })
    await expect(given).toContainText('not begun')

    const student = await another(browser, 'wren')
    const sent: string[] = []
    student.page.on('response', (response) => {
      if (response.url().includes('/api/'))
        void response.text().then(
          (text) => sent.push(text),
          () => undefined,
        )
    })
    await student.page.goto('/')
    await student.page.getByRole('link', { name: /Q-44/ }).click()
    await student.page.getByRole('button', { name: 'choose a test' }).click()
    await student.page.getByRole('menuitem', { name: 'Silver nitrate, acidified' }).click()
    await student.page.getByRole('button', { name: 'write it down as seen' }).click()
    await expect(student.page.getByRole('main')).toContainText('yellow')
    await student.page.getByRole('button', { name: 'close this test' }).click()
    await student.page.getByLabel('the jar holds').fill('KI')
    await student.page.getByRole('button', { name: 'Conclude' }).click()
    await expect(student.page.getByText('this jar is opened by your instructor', { exact: false })).toBeVisible()
    await saved(student.page)
    expect(sent.join('\n')).not.toMatch(/potassium iodide/i)
    await given.getByRole('button', { name: 'what it holds' }).click()
    await expect(given).toContainText('potassium iodide')
    await given.getByRole('button', { name: 'open it to Wren' }).click()
    await expect(given).toContainText('opened')
    await expect(student.page.getByText('Right.')).toBeVisible()
    await student.context.close()
  })

  test('gives out an organic compound and a mixture, with a worksheet; what no such jar can hold is refused', async ({ page, browser }) => {
    await page.goto('/')
    await page.getByRole('link', { name: 'Materials of paper' }).click()
    const form = page.getByRole('form', { name: 'give out' })
    await form.getByRole('combobox', { name: 'to', exact: true }).selectOption('Wren Abara')
    await form.getByLabel('it holds').selectOption('an organic compound')
    await form.getByLabel('code on the jar').fill('Q-45')
    await form.getByLabel('the compound').fill('beeswax')
    await form.getByRole('button', { name: 'Give out' }).click()
    await expect(form.getByRole('alert')).toContainText('a compound of the library by name')
    await form.getByLabel('the compound').fill('benzoic acid')
    await form.getByRole('button', { name: 'Give out' }).click()
    const given = page.getByRole('listitem').filter({ hasText: 'Q-45' })
    await given.getByRole('button', { name: 'what it holds' }).click()
    await expect(given).toContainText('holds benzoic acid')
    await form.getByLabel('it holds').selectOption('a mixture')
    await form.getByLabel('with a worksheet').setInputFiles('docs/examples/worksheet.json')
    await form.getByLabel('code on the jar').fill('Q-46')
    await form.getByRole('button', { name: 'Give out' }).click()
    const mixed = page.getByRole('listitem').filter({ hasText: 'Q-46' })
    await mixed.getByRole('button', { name: 'what it holds' }).click()
    await expect(mixed).toContainText('holds a solution')

    const student = await another(browser, 'wren')
    await student.page.goto('/')
    await student.page.getByRole('link', { name: /Q-46/ }).click()
    await student.page
      .getByRole('button', { name: /^begin/i })
      .first()
      .click()
    await expect(student.page.getByRole('heading', { name: /Dissolve 0.1 g/ })).toBeVisible()
    await student.page.goto('/')
    await student.page.getByRole('link', { name: /Q-45/ }).click()
    await student.page.getByRole('button', { name: 'choose a test' }).click()
    await student.page.getByRole('menuitem', { name: 'Melting point' }).click()
    await expect(student.page.getByRole('main')).toContainText('122', { timeout: 60_000 })
    await student.context.close()
  })
})

for (const [name, login, path, heading] of [
  ['the door', '', '/sign-in', 'What does the jar hold?'],
  ['a code being entered', '', '/join', 'Join by a code'],
  ['a password being set anew', '', '/reset', 'A new password'],
  ['an account', 'ansel', '/account', 'Ansel Quillby'],
  ['a class', 'ansel', 'Materials of paper', 'People'],
] as const)
  test.describe(name, () => {
    test.use({ login })
    test('has no fault that the accessibility checker finds', async ({ page }) => {
      await page.goto(path.startsWith('/') ? path : '/')
      if (!path.startsWith('/')) await page.getByRole('link', { name: path }).click()
      await expect(page.getByRole('heading', { name: heading })).toBeVisible()
      await accessible(page)
    })
  })
