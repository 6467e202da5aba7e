import { defineConfig } from 'vite'
import { DEFINE } from '../script/lib/model-stamp.mjs'

/** The server and its one-off tasks as plain modules; packages of the registry stay outside, the core is bundled in. */
export default defineConfig({
  define: DEFINE,
  ssr: { noExternal: ['@foxing/api', '@foxing/core', 'culori', 'zod'] },
  build: {
    ssr: true,
    outDir: 'dist',
    target: 'node20',
    minify: false,
    emptyOutDir: true,
    rollupOptions: {
      input: {
        main: 'src/main.ts',
        migrate: 'src/migrate-command.ts',
        demo: 'src/demo.ts',
        percepts: 'src/percepts.ts',
        simulate: 'src/simulate.ts',
        derive: 'src/derive.ts',
        admin: 'src/admin.ts',
      },
    },
  },
})
