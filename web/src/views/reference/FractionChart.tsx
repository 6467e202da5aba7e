import type { Fractions } from '@foxing/core'
import { useMemo } from 'react'
import { LineChart } from '../../ui/LineChart'

/** A formula for a chart's legend: figures lowered, charges raised. */
const marked = (formula: string): string => {
  const [, body = formula, size = '', sign] = /^(.*?)(?:\^(\d*)([+-]))?( \(.*\))?$/.exec(formula) ?? []
  const charge = sign === undefined ? '' : `<sup>${size}${sign === '-' ? '−' : '+'}</sup>`
  return body.replace(/(?<=[A-Za-z)])(\d+)/g, '<sub>$1</sub>') + charge
}
const PER_CENT = [0, 102] as const

/** The share of each form of an ion along an axis. */
export function FractionChart({ fractions, of }: { readonly fractions: Fractions; readonly of: string }) {
  const lines = useMemo(
    () =>
      fractions.forms.map(({ form, solid, share }) => ({
        name: marked(form) + (solid ? ' (solid)' : ''),
        x: fractions.at,
        y: share.map((s) => 100 * s),
        thick: solid,
      })),
    [fractions],
  )
  const most = fractions.forms.map(({ form, share }) => {
    const k = share.indexOf(Math.max(...share))
    return `${form} most, ${(100 * (share[k] ?? 0)).toFixed(0)} %, at ${(fractions.at[k] ?? 0).toFixed(1)}`
  })
  return (
    <LineChart
      lines={lines}
      across={fractions.axis}
      up="% of the ion"
      range={PER_CENT}
      label={`Forms of ${of} against ${fractions.axis}: ${most.join('; ')}`}
    />
  )
}
