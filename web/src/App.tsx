import { lazy, Suspense, useEffect } from 'react'
import { BrowserRouter, Link, Navigate, Route, Routes, useLocation } from 'react-router'
import { useSession } from './state/session'
import { flush } from './state/sync'
import { Frame } from './ui/Frame'
import { Shelf } from './views/shelf/Shelf'

const Account = lazy(() => import('./views/account/Account').then((m) => ({ default: m.Account })))
const Bench = lazy(() => import('./views/bench/Bench').then((m) => ({ default: m.Bench })))
const ClassView = lazy(() => import('./views/class/ClassView').then((m) => ({ default: m.ClassView })))
const Door = lazy(() => import('./views/door/Door').then((m) => ({ default: m.Door })))
const Photo = lazy(() => import('./views/photo/Photo').then((m) => ({ default: m.Photo })))
const Reference = lazy(() => import('./views/reference/Reference').then((m) => ({ default: m.Reference })))
const Sums = lazy(() => import('./views/sums/Sums').then((m) => ({ default: m.Sums })))
const Report = lazy(() => import('./views/report/Report').then((m) => ({ default: m.Report })))

export function App() {
  const { phase, begin } = useSession()
  useEffect(() => void begin(), [begin])
  useEffect(() => {
    if (phase === 'in') void flush()
  }, [phase])
  if (phase === 'asking')
    return (
      <Frame>
        <p className="p-8 text-faint">Opening…</p>
      </Frame>
    )
  return (
    <BrowserRouter>
      <Suspense
        fallback={
          <Frame>
            <p className="p-8 text-faint">Opening…</p>
          </Frame>
        }
      >
        <Routes>
          <Route path="/sign-in" element={<Door way="sign in" />} />
          <Route path="/reset" element={<Door way="reset" />} />
          <Route path="/join" element={<Door way="join" />} />
          <Route path="/reference" element={<Reference />} />
          <Route path="/reference/:kind/:id" element={<Reference />} />
          <Route path="/sums" element={<Sums />} />
          <Route path="/sums/:id" element={<Sums />} />
          <Route path="/" element={<Inside element={<Shelf />} />} />
          <Route path="/jar/:id" element={<Inside element={<Bench />} />} />
          <Route path="/jar/:id/report" element={<Inside element={<Report />} />} />
          <Route path="/jar/:id/photo" element={<Inside element={<Photo />} />} />
          <Route path="/account" element={<Inside element={<Account />} />} />
          <Route path="/class/:id" element={<Inside element={<ClassView />} />} />
          <Route path="*" element={<Lost />} />
        </Routes>
      </Suspense>
    </BrowserRouter>
  )
}

/** What is for people who are in, or who chose to work without an account; others are shown the door, and come back here through it. */
function Inside({ element }: { readonly element: React.ReactElement }) {
  const phase = useSession((s) => s.phase)
  const { pathname } = useLocation()
  return phase === 'out' ? <Navigate to="/sign-in" replace state={{ back: pathname }} /> : element
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
