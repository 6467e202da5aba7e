import { migrate } from './migrate'
import { rotateSecrets } from './rotate'

/** Usage: DATABASE_URL=<the owner's> [FOXING_APP_PASSWORD=…] node server/dist/migrate.js [FOLDER] */
const url = process.env['DATABASE_URL']
if (!url) throw new Error('DATABASE_URL is needed')
const ran = await migrate(url, process.argv[2] ?? 'server/migrations', process.env['FOXING_APP_PASSWORD'])
process.stdout.write(ran.length > 0 ? `migrated: ${ran.join(', ')}\n` : 'nothing to migrate\n')
const rotated = await rotateSecrets(url)
if (rotated > 0) process.stdout.write(`drawn anew: ${rotated} unknowns that had been drawn by a common seed and not begun\n`)
