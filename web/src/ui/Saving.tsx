import { useSession } from '../state/session'
import { useSync } from '../state/sync'

/** Where what was written is: acknowledged by the server, on its way, or on this device. */
export function Saving({ unsaved, elsewhere }: { readonly unsaved: number; readonly elsewhere: number }) {
  const phase = useSession((s) => s.phase)
  const sending = useSync((s) => s.sending)
  return (
    <span role="status" className="text-sm text-faint">
      {phase === 'guest'
        ? 'kept on this device'
        : unsaved === 0
          ? elsewhere > 0
            ? 'not all of it is here'
            : 'saved'
          : sending
            ? 'saving'
            : `kept here: ${unsaved} to send`}
    </span>
  )
}
