/**
 * What follows a jar ends a moment after it is closed, when the globals of a test are cleaned up already.
 */
import '../testing/device'
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { jarOf } from '../testing/jars'
import { Server } from '../testing/server'
import { local, NOBODY, openLocal } from './local'
import { useNotebook } from './notebook'
import { useSession } from './session'

const PERSON = { id: 'p-mira', name: 'Mira', role: 'student' as const, institution: 'Foxglove', classes: [] }

beforeEach(async () => {
  const server = new Server()
  server.me = PERSON
  server.jars.set('one', { id: 'one' })
  globalThis.fetch = server.fetch as typeof fetch
  openLocal(NOBODY)
  await openLocal(PERSON.id).jars.put(jarOf('one', PERSON.id, 1))
  useSession.setState({ phase: 'in', me: PERSON })
})
afterEach(() => {
  jest.restoreAllMocks()
  useNotebook.getState().close()
})

test('a line that the device did not keep is said so until one is kept, whatever becomes of the opening meanwhile', async () => {
  const { open, write } = useNotebook.getState()
  const opening = open('one')
  jest.spyOn(console, 'error').mockImplementation(() => undefined)
  const append = jest.spyOn(local(), 'append').mockRejectedValueOnce(new Error('no room'))
  expect(await write([{ note: 'one' }])).toEqual([])
  await opening
  expect(useNotebook.getState().unkept?.message).toContain('did not keep')
  expect(useNotebook.getState().problem).toBeNull()
  append.mockRestore()
  expect(await write([{ note: 'two' }])).toHaveLength(1)
  expect(useNotebook.getState().unkept).toBeNull()
})
