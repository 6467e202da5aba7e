import { lazy, Suspense } from 'react'
import { BrowserRouter, Link, Route, Routes } from 'react-router'
import { Frame } from './ui/Frame'
import { Shelf } from './views/shelf/Shelf'

const Bench = lazy(() => import('./views/bench/Bench').then((m) => ({ default: m.Bench })))
const Reference = lazy(() => import('./views/reference/Reference').then((m) => ({ default: m.Reference })))
const Report = lazy(() => import('./views/report/Report').then((m) => ({ default: m.Report })))

export function App() {
  return (
    <BrowserRouter>
      <Suspense fallback={<Frame>{<p className="p-8 text-faint">Opening…</p>}</Frame>}>
        <Routes>
          <Route path="/" element={<Shelf />} />
          <Route path="/jar/:id" element={<Bench />} />
          <Route path="/jar/:id/report" element={<Report />} />
          <Route path="/reference" element={<Reference />} />
          <Route path="/reference/:kind/:id" element={<Reference />} />
          <Route path="*" element={<Lost />} />
        </Routes>
      </Suspense>
    </BrowserRouter>
  )
}

function Lost() {
  return (
    <Frame>
      <main className="p-8">
        <h1 className="text-2xl">There is no such page.</h1>
        <p className="mt-2">
          Nothing was lost.{' '}
          <Link className="pressable" to="/">
            Back to the shelf
          </Link>
        </p>
      </main>
    </Frame>
  )
}
