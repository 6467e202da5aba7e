import { createHash } from 'node:crypto'
import { createRequire } from 'node:module'
import type { Notebook } from '@foxing/core'
import { crateOf, notebookFromCrate, PDF_ARROW_FONT, PDF_FONT, type PdfContent, type ReportDocument } from '@foxing/core/report'
import { unzipSync, zipSync } from 'fflate'

/** Forms that are bytes, and packages only they need. */

const sha256 = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex')

/** The notebook and its report as a zipped crate. */
export async function packed(notebook: Notebook, report: ReportDocument): Promise<Uint8Array> {
  const files = await crateOf(notebook, report, { sha256, now: new Date().toISOString() })
  return zipSync(
    Object.fromEntries(Object.entries(files).map(([path, content]) => [path, typeof content === 'string' ? Buffer.from(content) : content])),
  )
}

const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b
/** The document in a file: JSON as it stands, or the notebook out of a crate. Null where it is no crate. */
export async function fromCrate(bytes: Uint8Array): Promise<Notebook | null> {
  return isZip(bytes) ? notebookFromCrate(unzipSync(bytes), sha256) : null
}

/** Pictures of a notebook that a page can hold. */
export const picturesIn = ({ entries }: Notebook): { text: string; image: string }[] =>
  entries.flatMap((e) =>
    'note' in e && e.picture !== undefined && !e.picture.startsWith('data:image/webp') ? [{ text: e.note, image: e.picture }] : [],
  )

/** A page description as a PDF. */
export async function pdfOf(content: PdfContent): Promise<Uint8Array> {
  const { default: pdfmake } = await import('pdfmake')
  const { resolve } = createRequire(import.meta.url)
  const serif = (face: string): string => resolve(`@fontsource/source-serif-4/files/source-serif-4-latin-${face}.woff`)
  const arrows = resolve('@fontsource/noto-sans-math/files/noto-sans-math-latin-400-normal.woff')
  pdfmake.setUrlAccessPolicy(() => false)
  pdfmake.setLocalAccessPolicy((path) => path.endsWith('.woff'))
  pdfmake.setFonts({
    [PDF_FONT]: { normal: serif('400-normal'), bold: serif('600-normal'), italics: serif('400-italic'), bolditalics: serif('600-italic') },
    [PDF_ARROW_FONT]: { normal: arrows, bold: arrows, italics: arrows, bolditalics: arrows },
  })
  return pdfmake.createPdf(content as unknown as Parameters<typeof pdfmake.createPdf>[0]).getBuffer()
}
