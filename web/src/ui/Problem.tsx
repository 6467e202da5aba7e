/** What went wrong, what was kept and what to do. */
export const Problem = ({ children }: { readonly children: string | null }) =>
  children === null ? null : (
    <p role="alert" className="basis-full border-l-4 border-ink pl-3 first-letter:uppercase">
      {children}
    </p>
  )
