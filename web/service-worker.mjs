import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { generateSW } from 'workbox-build'

/** What is worked out ahead for reasoning: without it a bench that is away from the server thinks for minutes. */
const PACKS = ['percepts.jsonl.gz', 'organic-percepts.jsonl.gz']
/** The largest file that is kept, in bytes. */
const LARGEST = 8_000_000

/**
 * Writes the service worker for a folder of built files. It keeps every file that is listed when it is installed, as one version, and gives the page itself from the server as long as that answers. What the server says
 * (/api) is never kept: notebooks are in the page's own database. A new version waits until no page of the one before is open, so that an open page finds its parts though the server has another version.
 * @returns how many files are kept, and their bytes
 * @throws where a file that must be kept is not there, or is too large
 */
export async function writeServiceWorker(folder) {
  for (const pack of PACKS)
    if (!existsSync(join(folder, pack))) throw new Error(`${pack} is not among the built files: run npm run build at the root`)
  const { count, size, warnings } = await generateSW({
    globDirectory: folder,
    globPatterns: ['**/*'],
    globIgnores: ['sw.js'],
    swDest: join(folder, 'sw.js'),
    maximumFileSizeToCacheInBytes: LARGEST,
    // Their names change with their content.
    dontCacheBustURLsMatching: /^assets\//,
    manifestTransforms: [(entries) => ({ manifest: entries.map((entry) => ({ ...entry, url: `/${entry.url}` })) })],
    directoryIndex: null,
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: false,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    runtimeCaching: [
      {
        urlPattern: ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api'),
        handler: 'NetworkOnly',
        options: { precacheFallback: { fallbackURL: '/index.html' } },
      },
    ],
  })
  if (warnings.length > 0) throw new Error(warnings.join('\n'))
  return { count, size }
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const { count, size } = await writeServiceWorker(join(import.meta.dirname, 'dist'))
  console.log(`the service worker keeps ${count} files, ${Math.round(size / 1000)} kB`)
}
