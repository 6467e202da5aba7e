import { defineConfig } from 'vite'

/** One file that starts at once: everything bundled, Node's own modules left out, and the maker of PDFs, which only one form needs. */
export default defineConfig({
  ssr: { noExternal: true, external: ['pdfmake'] },
  build: { ssr: 'src/main.ts', outDir: 'dist', target: 'node20', minify: false, emptyOutDir: true },
})
