import { defineConfig } from 'vite'

/** One file that starts at once: everything bundled, Node's own modules left out. */
export default defineConfig({
  ssr: { noExternal: true },
  build: { ssr: 'src/main.ts', outDir: 'dist', target: 'node20', minify: false, emptyOutDir: true },
})
