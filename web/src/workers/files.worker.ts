import { PDF_ARROW_FONT, PDF_FONT, type CrateFiles, type PdfContent } from '@foxing/core/report'
import arrows from '@fontsource/noto-sans-math/files/noto-sans-math-latin-400-normal.woff?url'
import italics from '@fontsource/source-serif-4/files/source-serif-4-latin-400-italic.woff?url'
import normal from '@fontsource/source-serif-4/files/source-serif-4-latin-400-normal.woff?url'
import bolditalics from '@fontsource/source-serif-4/files/source-serif-4-latin-600-italic.woff?url'
import bold from '@fontsource/source-serif-4/files/source-serif-4-latin-600-normal.woff?url'
import { expose, transfer } from 'comlink'
import { unzipSync, zipSync } from 'fflate'
import pdfmake from 'pdfmake/build/pdfmake'

/** Fonts of the page, as files the maker finds by their names. */
const FACES = { normal, bold, italics, bolditalics, arrows }
const ready: Promise<void> = Promise.all(
  Object.entries(FACES).map(async ([face, url]) => {
    const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer())
    let binary = ''
    for (const byte of bytes) binary += String.fromCharCode(byte)
    return [`${face}.woff`, btoa(binary)] as const
  }),
).then((files) => {
  pdfmake.addVirtualFileSystem(Object.fromEntries(files))
  const face = (name: keyof typeof FACES): string => `${name}.woff`
  pdfmake.addFonts({
    [PDF_FONT]: { normal: face('normal'), bold: face('bold'), italics: face('italics'), bolditalics: face('bolditalics') },
    [PDF_ARROW_FONT]: { normal: face('arrows'), bold: face('arrows'), italics: face('arrows'), bolditalics: face('arrows') },
  })
})

/** Forms of a report that are bytes: made aside, since a page of three hundred rows takes a second. */
const worker = {
  async pdf(content: PdfContent): Promise<Uint8Array> {
    await ready
    const made = new Uint8Array(await pdfmake.createPdf(content as unknown as Parameters<typeof pdfmake.createPdf>[0]).getBuffer())
    return transfer(made, [made.buffer])
  },
  zip(files: CrateFiles): Uint8Array {
    const encode = new TextEncoder()
    const made = zipSync(
      Object.fromEntries(Object.entries(files).map(([path, content]) => [path, typeof content === 'string' ? encode.encode(content) : content])),
    )
    return transfer(made, [made.buffer])
  },
  unzip: (bytes: Uint8Array): Record<string, Uint8Array> => unzipSync(bytes),
}
export type FilesWorker = typeof worker

expose(worker)
