import { defineConfig } from 'vite'
import { DEFINE } from '../script/lib/model-stamp.mjs'

/** One file that starts at once: everything bundled, Node's own modules left out, and the maker of PDFs, which only one form needs. */
export default defineConfig({
  define: DEFINE,
  ssr: { noExternal: true, external: ['pdfmake'] },
  build: { ssr: 'src/main.ts', outDir: 'dist', target: 'node20', minify: false, emptyOutDir: true },
})
