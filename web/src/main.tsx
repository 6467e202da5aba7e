import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './App'
import './styles.css'

const root = document.getElementById('root')
if (!root) throw new Error('the page has no root')
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
)

// A part of the interface that the server has in another version only: the page is loaded anew, once.
window.addEventListener('vite:preloadError', (event) => {
  const last = Number(sessionStorage.getItem('foxing-reloaded') ?? 0)
  if (Date.now() - last < 60_000) return
  event.preventDefault()
  sessionStorage.setItem('foxing-reloaded', String(Date.now()))
  window.location.reload()
})

/** When this page was last fetched anew because a part of it was served no more. */
const RENEWED = 'foxing.renewed'
const LEAST_BETWEEN_ms = 60_000
// A part of a version that is served no more: the page of the one that is. Whatever was written is on the device.
window.addEventListener('vite:preloadError', () => {
  if (Date.now() - Number(sessionStorage.getItem(RENEWED)) < LEAST_BETWEEN_ms) return
  sessionStorage.setItem(RENEWED, String(Date.now()))
  location.reload()
})

/** The page's own parts come first: what is kept for when the server is away is fetched once the page has stood for so long. */
const BEFORE_KEEPING_ms = 3000
// The interface opens without the server, too, once it has been there.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  window.addEventListener('load', () => setTimeout(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined), BEFORE_KEEPING_ms))
