import { sendBadInput } from '../../server/src/testing/bad-input'
import { World } from '../../server/src/testing/world'
import { randomFrom } from './random'

/** Wrong requests by the thousand, to every address. TEST_DATABASE_URL is the owner's. Usage: requests-soak [count] [seed] */
const count = Number(process.argv[2] ?? 10_000)
const seed = Number(process.argv[3] ?? 1)
const began = performance.now()
const world = await World.make()
const { wrong, byStatus } = await sendBadInput(world, count, randomFrom(seed))
await world.end()
const statuses = Object.entries(byStatus).map(([status, times]) => `${status} ${times}`)
console.log(
  `bad input, seed ${seed}: ${count} requests (${statuses.join(', ')}), ${wrong.length} not answered as they should be; ${((performance.now() - began) / 1000).toFixed(0)} s`,
)
for (const line of wrong.slice(0, 20)) console.log(`  ${line}`)
process.exit(wrong.length === 0 ? 0 : 1)
