import type { Fractions } from '@foxing/core'
import { useEffect, useRef } from 'react'

/** Marks that tell the lines apart without their colour. */
const DASHES = ['solid', 'dash', 'dot', 'dashdot', 'longdash', 'longdashdot'] as const
const INKS = ['#1f1d1a', '#8a3d1c', '#4d5b66', '#6b6250', '#2f5d50', '#7a5a86']

/** A formula for a chart's legend: figures lowered, charges raised. */
const marked = (formula: string): string => {
  const [, body = formula, size = '', sign] = /^(.*?)(?:\^(\d*)([+-]))?( \(.*\))?$/.exec(formula) ?? []
  const charge = sign === undefined ? '' : `<sup>${size}${sign === '-' ? '−' : '+'}</sup>`
  return body.replace(/(?<=[A-Za-z)])(\d+)/g, '<sub>$1</sub>') + charge
}

/** The share of each form of an ion along an axis; drawn by Plotly, which is fetched when a chart is first asked for. */
export function FractionChart({ fractions, of }: { readonly fractions: Fractions; readonly of: string }) {
  const place = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const node = place.current
    if (!node) return
    let gone = false
    const family = getComputedStyle(document.body).fontFamily
    void import('plotly.js-basic-dist-min').then(({ default: Plotly }) => {
      if (gone) return
      void Plotly.newPlot(
        node,
        fractions.forms.map(({ form, solid, share }, i) => ({
          x: [...fractions.at],
          y: share.map((s) => 100 * s),
          name: marked(form) + (solid ? ' (solid)' : ''),
          mode: 'lines' as const,
          line: { dash: DASHES[i % DASHES.length] ?? 'solid', color: INKS[i % INKS.length] ?? '#000', width: solid ? 3 : 1.6 },
        })),
        {
          height: 320,
          margin: { l: 48, r: 8, t: 8, b: 40 },
          font: { family, size: 14, color: '#1f1d1a' },
          paper_bgcolor: 'rgba(0,0,0,0)',
          plot_bgcolor: 'rgba(0,0,0,0)',
          xaxis: { title: { text: fractions.axis }, zeroline: false, gridcolor: '#0001' },
          yaxis: { title: { text: '% of the ion' }, range: [0, 102], zeroline: false, gridcolor: '#0001' },
          legend: { orientation: 'v' },
          hovermode: 'x unified',
        },
        { displayModeBar: false, responsive: true },
      )
    })
    return () => {
      gone = true
      void import('plotly.js-basic-dist-min').then(({ default: Plotly }) => Plotly.purge(node))
    }
  }, [fractions])
  const most = fractions.forms.map(({ form, share }) => {
    const k = share.indexOf(Math.max(...share))
    return `${form} most, ${(100 * (share[k] ?? 0)).toFixed(0)} %, at ${(fractions.at[k] ?? 0).toFixed(1)}`
  })
  return <div ref={place} role="img" aria-label={`Forms of ${of} against ${fractions.axis}: ${most.join('; ')}`} />
}
