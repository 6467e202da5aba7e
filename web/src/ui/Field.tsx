import type { ComponentProps } from 'react'

/** A line to fill in, with what it is for above it. `face` is the type it is written in. */
export function Field({ label, className = '', face = '', ...input }: { readonly label: string; readonly face?: string } & ComponentProps<'input'>) {
  return (
    <label className={`grid gap-1 text-sm text-faint ${className}`}>
      {label}
      <input className={`h-11 w-full min-w-0 border-b border-ink bg-transparent text-lg text-ink ${face}`} {...input} />
    </label>
  )
}

/** One of a few words to choose. */
export function Choice<T extends string>({
  label,
  of,
  value,
  onChoose,
}: {
  readonly label: string
  readonly of: readonly T[]
  readonly value: T
  readonly onChoose: (value: T) => void
}) {
  return (
    <label className="grid gap-1 text-sm text-faint">
      {label}
      <select
        className="h-11 border-b border-ink bg-transparent text-lg text-ink"
        value={value}
        onChange={(e) => onChoose(of.find((o) => o === e.target.value) ?? value)}
      >
        {of.map((o) => (
          <option key={o}>{o}</option>
        ))}
      </select>
    </label>
  )
}
