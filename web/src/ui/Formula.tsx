import { Fragment, type ReactNode } from 'react'

/** Chemistry within a line of text: subscripts, superscripts, hydrate dots and arrows set as chemists set them. */
export function Formula({ children }: { readonly children: string }) {
  const parts: ReactNode[] = []
  const pattern = /\^(\d*)([+-])|(?<=[A-Za-z)\]])(\d+)|\.(?=\d*H2O)|->/g
  let from = 0
  for (const match of children.matchAll(pattern)) {
    parts.push(children.slice(from, match.index))
    from = match.index + match[0].length
    if (match[2]) parts.push(<sup>{`${match[1] ?? ''}${match[2] === '-' ? '−' : '+'}`}</sup>)
    else if (match[3]) parts.push(<sub>{match[3]}</sub>)
    else parts.push(match[0] === '->' ? '→' : '·')
  }
  parts.push(children.slice(from))
  return (
    <>
      {parts.map((part, i) => (
        <Fragment key={i}>{part}</Fragment>
      ))}
    </>
  )
}

/** A tube of a scheme, which is no formula. */
const TUBE = /^(?!I2)[XVI]+[A-Z]?\d[,.]?$/

/** Words with formulae among them, such as an inference: only what looks like a formula is set as one. */
export function Chemistry({ children }: { readonly children: string }) {
  const words = children.split(/(\s+)/)
  return (
    <>
      {words.map((word, i) => (
        <Fragment key={i}>{!TUBE.test(word) && /[A-Z][a-z]?[\d(^+]|^[A-Z][a-z]?[A-Z]/.test(word) ? <Formula>{word}</Formula> : word}</Fragment>
      ))}
    </>
  )
}
