import { caseSchema, entrySchema, findSalt, NotebookError } from '@foxing/core'
import { randomInt } from 'node:crypto'
import { Router } from 'express'
import { z } from 'zod'
import type { Database, Who } from '../database'
import { addEntries, entriesOf, findJar, listJars, openJar, type Jar } from '../services/jars'
import { secretOf, seenFor } from '../services/secrets'
import { Refusal } from './errors'

const id = z.uuid()
const newJarSchema = z.object({
  id,
  code: z.string().trim().min(1).max(24),
  title: z.string().trim().max(200).default(''),
  kind: z.enum(['real', 'simulated']),
  case: caseSchema.default(() => caseSchema.parse({})),
})
const newEntriesSchema = z.object({
  device: id,
  entries: z
    .array(entrySchema.and(z.object({ id })))
    .min(1)
    .max(200),
})

/** Answers about a secret sample take whole steps of this time, so that how long one took tells nothing, ms. */
const TIME_STEP = 150

const settled = async <T>(work: Promise<T>): Promise<T> => {
  const began = performance.now()
  const result = await work
  const taken = performance.now() - began
  await new Promise((resolve) => setTimeout(resolve, Math.ceil(taken / TIME_STEP) * TIME_STEP - taken))
  return result
}

export function jarRoutes(database: Database, who: Who): Router {
  const router = Router()
  const jarOr404 = (jar: Jar | null): Jar => {
    if (!jar) throw new Refusal(404, 'there is no such jar here', 'Go back to the shelf and choose one.')
    return jar
  }

  router.get('/jars', async (_request, response) => {
    response.json({ jars: await database.as(who, listJars) })
  })

  router.post('/jars', async (request, response) => {
    const jar = newJarSchema.parse(request.body)
    await database.as(who, (client) => openJar(client, who, jar, randomInt(2 ** 40)))
    response.status(201).json({ id: jar.id })
  })

  router.get('/jars/:id', async (request, response) => {
    const jarId = id.parse(request.params.id)
    const [jar, entries] = await database.as(who, async (client) => [await findJar(client, jarId), await entriesOf(client, jarId)] as const)
    response.json({ jar: jarOr404(jar), entries })
  })

  router.post('/jars/:id/entries', async (request, response) => {
    const jarId = id.parse(request.params.id)
    const { device, entries } = newEntriesSchema.parse(request.body)
    const acknowledged = await database.as(who, async (client) => {
      jarOr404(await findJar(client, jarId))
      return addEntries(client, who.institution, jarId, device, entries)
    })
    response.json({ acknowledged })
  })

  router.get('/jars/:id/seen/:entry', async (request, response) => {
    const jarId = id.parse(request.params.id)
    const entryId = id.parse(request.params.entry)
    const seen = await settled(
      (async () => {
        const [jar, entries] = await database.as(who, async (client) => [await findJar(client, jarId), await entriesOf(client, jarId)] as const)
        const secret = await database.as(who, (client) => secretOf(client, jarId), 'foxing_simulator')
        if (jarOr404(jar).kind === 'real' || !secret)
          throw new Refusal(409, 'this jar is real', 'Do the test at the bench and write down what you see.')
        if (!jar || !entries.some((e) => e.id === entryId))
          throw new Refusal(404, 'that entry has not reached the server', 'Wait for the notebook to be saved, then look again.')
        try {
          return seenFor(secret, { case: jar.case, entries }, entryId)
        } catch (error) {
          if (error instanceof NotebookError) throw new Refusal(409, error.message, 'The entry is kept; write an amendment to correct it.')
          throw error
        }
      })(),
    )
    response.json(seen)
  })

  router.get('/jars/:id/answer', async (request, response) => {
    const jarId = id.parse(request.params.id)
    const entries = await database.as(who, async (client) => {
      jarOr404(await findJar(client, jarId))
      return entriesOf(client, jarId)
    })
    const concluded = entries.flatMap((e) => ('concluded' in e && e.concluded.claim !== 'absent' ? [e.concluded.species] : []))
    if (concluded.length === 0) throw new Refusal(409, 'nothing has been concluded yet', 'Write your conclusion first; the jar is opened then.')
    const secret = await database.as(who, (client) => secretOf(client, jarId), 'foxing_simulator')
    if (!secret) throw new Refusal(409, 'this jar is real', 'Only the person who filled it knows.')
    const right = concluded.some((text) => sameSalt(text, secret.salt.id))
    response.json({ formula: secret.salt.id, name: secret.salt.data.name, right })
  })

  return router
}

function sameSalt(text: string, formula: string): boolean {
  try {
    return findSalt(text)?.id === formula
  } catch {
    return false
  }
}
