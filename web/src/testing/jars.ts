import { caseSchema } from '@foxing/core'
import type { LocalJar } from '../state/local'

/** A real jar as a device keeps it, which the server has or has not. */
export const jarOf = (id: string, owner: string, saved: 0 | 1 = 1): LocalJar => ({
  ...{ id, code: id, title: `jar ${id}`, kind: 'real', case: caseSchema.parse({}), createdAt: `2026-01-05T09:00:0${id.length % 10}.000Z` },
  ...{ owner, ownerName: null, classId: null, issued: false, reveal: 'on conclusion', revealOn: null, opened: false },
  ...{ saved, seed: null, partners: [], writable: true, people: [], signatures: [], counted: 0, concluded: [] },
})
