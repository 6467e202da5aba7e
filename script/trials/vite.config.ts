import { readdirSync } from 'node:fs'
import { defineConfig } from 'vite'
import { DEFINE } from '../lib/model-stamp.mjs'

const here = import.meta.dirname

/** Every trial as a module of its own; packages of the registry stay outside, the core is bundled in. */
export default defineConfig({
  define: DEFINE,
  root: here,
  ssr: { noExternal: ['@foxing/api', '@foxing/core', 'culori', 'openchemlib', 'zod'] },
  build: {
    ssr: true,
    outDir: 'dist',
    target: 'node20',
    minify: false,
    emptyOutDir: true,
    rollupOptions: {
      input: Object.fromEntries(
        readdirSync(here).flatMap((f) => (/^[a-z-]+\.ts$/.test(f) && f !== 'vite.config.ts' ? [[f.slice(0, -3), `${here}/${f}`]] : [])),
      ),
    },
  },
})
