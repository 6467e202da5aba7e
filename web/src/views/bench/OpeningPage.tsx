import { Link } from 'react-router'
import { Frame } from '../../ui/Frame'

/** While the notebook comes, or where it does not. */
export function OpeningPage({ problem }: { readonly problem: { readonly message: string; readonly todo: string } | null }) {
  return (
    <Frame>
      <main className="p-8">
        {problem ? (
          <p role="alert">
            <strong className="inline-block first-letter:uppercase">{problem.message}.</strong> {problem.todo}{' '}
            <Link className="pressable" to="/">
              Back to the shelf
            </Link>
          </p>
        ) : (
          <h1 className="text-faint">Opening the notebook…</h1>
        )}
      </main>
    </Frame>
  )
}
