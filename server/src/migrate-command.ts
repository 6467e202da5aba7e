import { migrate } from './migrate'

/** Usage: DATABASE_URL=<the owner's> [FOXING_APP_PASSWORD=…] node server/dist/migrate.js [FOLDER] */
const url = process.env['DATABASE_URL']
if (!url) throw new Error('DATABASE_URL is needed')
const ran = await migrate(url, process.argv[2] ?? 'server/migrations', process.env['FOXING_APP_PASSWORD'])
process.stdout.write(ran.length > 0 ? `migrated: ${ran.join(', ')}\n` : 'nothing to migrate\n')
