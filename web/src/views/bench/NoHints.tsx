/** What stands in the place of the standings where the class shows none, or only on request. */
export function NoHints({ asking, asked, onAsk }: { readonly asking: boolean; readonly asked: number; readonly onAsk: () => void }) {
  return (
    <aside aria-label="in contention" className="w-full shrink-0 border-l md:w-72 border-rule px-5 py-5">
      <h2 className="text-sm text-faint">in contention</h2>
      <p className="mt-2 leading-snug">
        {asking
          ? 'In this case standings and proposals are shown on request, and each request is counted in the notebook.'
          : 'In this case standings and proposals are hidden.'}
      </p>
      {asking && (
        <button type="button" className="pressable mt-3 border border-russet px-4" onClick={onAsk}>
          Ask for a hint
        </button>
      )}
      {asked > 0 && <p className="mt-2 font-mono text-sm text-faint">{asked} asked so far</p>}
    </aside>
  )
}
