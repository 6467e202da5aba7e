import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'
import { DEFINE } from '../script/lib/model-stamp.mjs'

export default defineConfig({
  define: DEFINE,
  plugins: [react(), tailwindcss()],
  // Fonts as files, not as data: the content policy lets in nothing else.
  build: { modulePreload: { polyfill: false }, assetsInlineLimit: 0, target: 'es2022', chunkSizeWarningLimit: 900 },
  worker: { format: 'es' },
})
