import { afterEach, beforeEach, describe, expect, test } from '@jest/globals'
import { PACK_FILES } from '@foxing/core'
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { writeServiceWorker } from '../../service-worker.mjs'

let folder = ''
const put = (name: string, bytes: number): void => {
  mkdirSync(join(folder, name, '..'), { recursive: true })
  writeFileSync(join(folder, name), 'x'.repeat(bytes))
}
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'foxing-sw-'))
  put('index.html', 10)
  put('mark.svg', 10)
  put('assets/part-1.js', 10)
  for (const pack of Object.values(PACK_FILES)) put(pack, 10)
})
afterEach(() => rmSync(folder, { recursive: true }))

const kept = (): string[] => [...readFileSync(join(folder, 'sw.js'), 'utf8').matchAll(/url:\s*"([^"]+)"/g)].map(([, url]) => url ?? '').sort()

describe('the service worker', () => {
  test('keeps every file that was built, both packs of percepts among them, and not itself', async () => {
    expect(await writeServiceWorker(folder)).toEqual({ count: 5, size: 50 })
    expect(kept()).toEqual(['/assets/part-1.js', '/index.html', '/mark.svg', ...Object.values(PACK_FILES).map((pack) => `/${pack}`)].sort())
    // Made again over itself, it is the same.
    const before = readFileSync(join(folder, 'sw.js'), 'utf8')
    await writeServiceWorker(folder)
    expect(readFileSync(join(folder, 'sw.js'), 'utf8')).toBe(before)
  })
  test('is another one when a file is another one', async () => {
    await writeServiceWorker(folder)
    const before = readFileSync(join(folder, 'sw.js'), 'utf8')
    put(PACK_FILES.salts, 11)
    await writeServiceWorker(folder)
    expect(readFileSync(join(folder, 'sw.js'), 'utf8')).not.toBe(before)
  })
  test('is not made without what a bench needs when it is away from the server', async () => {
    rmSync(join(folder, PACK_FILES.organic))
    await expect(writeServiceWorker(folder)).rejects.toThrow(/organic-percepts/)
  })
  test('is not made where a file is too large to be kept', async () => {
    put('assets/too-large.js', 8_000_001)
    await expect(writeServiceWorker(folder)).rejects.toThrow(/too-large/)
  })
})
