import { z } from 'zod'
import { notebookSchema, type Notebook } from '../notebook'
import type { ReportDocument } from './document'
import { fromBase64, toBytes, toText } from './bytes'
import { toCsv } from './csv'
import { toHtml } from './html'

/** What goes into a crate: paths below its one folder, as text or as bytes. */
export type CrateFiles = Readonly<Record<string, string | Uint8Array>>
/** What a face lends the core: hashes and time are not the core's. */
export interface Stationery {
  /** SHA-256 of the bytes, lower-case hex. */
  readonly sha256: (bytes: Uint8Array) => string | Promise<string>
  /** Now, ISO 8601. */
  readonly now: string
}

const METADATA = 'ro-crate-metadata.json'
const NOTEBOOK = 'notebook.json'

/** A folder's name out of a title: letters and digits, so that every system can unpack it. */
const folderOf = (title: string): string => title.replace(/[^A-Za-z0-9]+/g, '-').replace(/^-|-$/g, '') || 'notebook'

const PICTURE = /^data:(image\/(jpeg|png|webp));base64,(.+)$/
function picturesOf(notebook: Notebook): { path: string; type: string; bytes: Uint8Array; text: string }[] {
  return notebook.entries.flatMap((entry) => {
    const match = 'note' in entry && entry.picture !== undefined ? PICTURE.exec(entry.picture) : null
    if (!match || !('note' in entry)) return []
    const bytes = fromBase64(match[3] ?? '')
    return [{ path: `pictures/${entry.id.replace(/[^A-Za-z0-9-]/g, '-')}.${match[2] ?? 'png'}`, type: match[1] ?? '', bytes, text: entry.note }]
  })
}

/**
 * A notebook as a research-data crate: one folder with its files and their description, to be zipped as `.eln`. Source: RO-Crate 1.1; the ELN file format of the ELN consortium, which is an RO-Crate in a zip.
 */
export async function crateOf(notebook: Notebook, document: ReportDocument, { sha256, now }: Stationery): Promise<CrateFiles> {
  const root = folderOf(document.title)
  const pictures = picturesOf(notebook)
  const parts = [
    { path: NOTEBOOK, type: 'application/json', content: JSON.stringify(notebook, null, 2), name: 'the notebook, foxing-notebook/1' },
    { path: 'report.html', type: 'text/html', content: toHtml(document), name: 'the report, three columns' },
    { path: 'report.csv', type: 'text/csv', content: toCsv(document), name: 'the report as a table' },
    ...pictures.map(({ path, type, bytes, text }) => ({ path, type, content: bytes, name: text })),
  ]
  const files = await Promise.all(
    parts.map(async ({ path, type, content, name }) => {
      const bytes = toBytes(content)
      return { '@id': `./entry/${path}`, '@type': 'File', name, encodingFormat: type, contentSize: bytes.length, sha256: await sha256(bytes) }
    }),
  )
  const dates = notebook.entries.map((e) => e.at).filter((at) => at !== '')
  const metadata = {
    '@context': 'https://w3id.org/ro/crate/1.1/context',
    '@graph': [
      {
        '@id': METADATA,
        '@type': 'CreativeWork',
        about: { '@id': './' },
        conformsTo: { '@id': 'https://w3id.org/ro/crate/1.1' },
        dateCreated: now,
        sdPublisher: { '@id': '#foxing' },
      },
      { '@id': '#foxing', '@type': 'Organization', name: 'Foxing' },
      { '@id': './', '@type': 'Dataset', name: document.title, datePublished: now, hasPart: [{ '@id': './entry/' }] },
      {
        '@id': './entry/',
        '@type': 'Dataset',
        name: document.title,
        dateCreated: dates[0] ?? now,
        dateModified: dates.at(-1) ?? now,
        text: document.conclusions.map((c) => `${c.species} ${c.claim}`).join('; '),
        hasPart: files.map((f) => ({ '@id': f['@id'] })),
      },
      ...files,
    ],
  }
  return {
    [`${root}/${METADATA}`]: JSON.stringify(metadata, null, 2),
    ...Object.fromEntries(parts.map(({ path, content }) => [`${root}/entry/${path}`, content])),
  }
}

/** A crate that holds no notebook of this kind, or one that was changed. */
export class CrateError extends Error {
  constructor(
    readonly path: string,
    readonly expected: string,
  ) {
    super(`${path}: expected ${expected}`)
    this.name = 'CrateError'
  }
}

const metadataSchema = z.looseObject({
  '@graph': z.array(z.looseObject({ '@id': z.string(), sha256: z.string().optional(), encodingFormat: z.string().optional() })),
})

function json(text: string, path: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new CrateError(path, 'JSON')
  }
}

/**
 * The notebook out of an unpacked crate, as it went in.
 * @throws CrateError where there is none, or it does not fit the hash its description gives
 */
export async function notebookFromCrate(files: Readonly<Record<string, Uint8Array>>, sha256: Stationery['sha256']): Promise<Notebook> {
  const at = Object.keys(files).find((path) => path === METADATA || path.endsWith(`/${METADATA}`))
  const metadata = at === undefined ? undefined : files[at]
  if (at === undefined || !metadata) throw new CrateError(METADATA, 'an RO-Crate, with this file in it')
  const root = at.slice(0, -METADATA.length)
  const read = metadataSchema.safeParse(json(toText(metadata), at))
  if (!read.success) throw new CrateError(at, 'a graph of files with their names')
  const file = read.data['@graph'].find((node) => node['@id'].endsWith(`/${NOTEBOOK}`))
  const path = file ? root + file['@id'].replace(/^\.\//, '') : ''
  const bytes = files[path]
  if (!file || !bytes) throw new CrateError(path || at, 'a notebook.json, as Foxing writes it: crates of other notebooks hold no tests to read')
  if (file.sha256 !== undefined && (await sha256(bytes)) !== file.sha256)
    throw new CrateError(path, 'the file its description gives the hash of: it was changed since')
  const notebook = notebookSchema.safeParse(json(toText(bytes), path))
  if (!notebook.success) throw new CrateError(path, notebook.error.issues[0]?.message ?? 'foxing-notebook/1')
  return notebook.data
}
