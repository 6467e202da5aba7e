import '../testing/device'
import { expect, test } from '@jest/globals'
import { entrySchema } from '@foxing/core'
import Dexie from 'dexie'
import { LocalDatabase } from './local'

const line = (id: string): object => ({ jar: 'one', id, device: 'd', author: null, body: entrySchema.parse({ id, at: '', note: id }) })

test('what an earlier version of the page kept and did not send still waits, in the order written; what was sent does not', async () => {
  const earlier = new Dexie('foxing-p-earlier')
  earlier.version(1).stores({ entries: '[jar+id], jar, [jar+device+order]', jars: 'id, saved' })
  await earlier.table('entries').bulkPut([
    { ...line('a'), order: 1, position: 1 },
    { ...line('c'), order: 2, position: null },
    { ...line('b'), order: 3, position: null },
  ])
  earlier.close()
  const now = new LocalDatabase('p-earlier')
  expect((await now.waiting().toArray()).map((e) => e.id)).toEqual(['b', 'c'])
  expect((await now.entriesOf('one')).map((e) => e.id)).toEqual(['a', 'c', 'b'])
  await now.acknowledge('one', 'c', 2)
  expect([await now.unsent(), (await now.entries.get(['one', 'c']))?.position]).toEqual([1, 2])
  now.close()
})
