import { useEffect, useRef } from 'react'

/** Marks that tell the lines apart without their colour. */
const DASHES = ['solid', 'dash', 'dot', 'dashdot', 'longdash', 'longdashdot'] as const
const INKS = ['#1f1d1a', '#8a3d1c', '#4d5b66', '#6b6250', '#2f5d50', '#7a5a86']

export interface Line {
  readonly name: string
  readonly x: readonly number[]
  readonly y: readonly number[]
  readonly thick?: boolean
}

/** Lines against an axis, drawn by Plotly, which is fetched when a chart is first asked for. `label` says in words what the picture shows. */
export function LineChart({
  lines,
  across,
  up,
  range,
  log = false,
  label,
}: {
  readonly lines: readonly Line[]
  readonly across: string
  readonly up: string
  readonly range?: readonly [number, number]
  readonly log?: boolean
  readonly label: string
}) {
  const place = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const node = place.current
    if (!node) return
    let gone = false
    const family = getComputedStyle(document.body).fontFamily
    void import('plotly.js-basic-dist-min').then(({ default: Plotly }) => {
      if (gone) return
      // Drawn over what is there: taking a chart away while it is still being drawn can leave nothing.
      void Plotly.react(
        node,
        lines.map(({ name, x, y, thick }, i) => ({
          x: [...x],
          y: [...y],
          name,
          mode: 'lines' as const,
          line: { dash: DASHES[i % DASHES.length] ?? 'solid', color: INKS[i % INKS.length] ?? '#000', width: thick ? 3 : 1.6 },
        })),
        {
          height: 320,
          margin: { l: 56, r: 8, t: 8, b: 40 },
          font: { family, size: 14, color: '#1f1d1a' },
          paper_bgcolor: 'rgba(0,0,0,0)',
          plot_bgcolor: 'rgba(0,0,0,0)',
          xaxis: { title: { text: across }, zeroline: false, gridcolor: '#0001' },
          yaxis: {
            title: { text: up },
            zeroline: false,
            gridcolor: '#0001',
            ...(range ? { range: [...range] } : {}),
            ...(log ? { type: 'log' as const } : {}),
          },
          legend: { orientation: 'v' },
          showlegend: lines.length > 1,
          hovermode: 'x unified',
        },
        { displayModeBar: false, responsive: true },
      )
    })
    return () => {
      gone = true
    }
  }, [lines, across, up, range, log])
  useEffect(() => {
    const node = place.current
    return () => {
      if (node) void import('plotly.js-basic-dist-min').then(({ default: Plotly }) => Plotly.purge(node))
    }
  }, [])
  return <div ref={place} role="img" aria-label={label} />
}
