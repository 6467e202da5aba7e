import type { LineColour } from '@foxing/core'
import type { Picture } from './pictures'

const HEIGHT: Readonly<Record<string, number>> = { trace: 3, slight: 7, moderate: 14, heavy: 24 }

/** A pattern of its own for each habit, so that texture is told without colour. */
function Solid({ solid }: { readonly solid: NonNullable<Picture['solid']> }) {
  const height = HEIGHT[solid.habit === 'gelatinous' ? 'heavy' : solid.amount] ?? 12
  const top = 70 - height - 2
  const marks: readonly (readonly [number, number])[] = [
    [12, 0.2],
    [20, 0.35],
    [28, 0.15],
    [15, 0.6],
    [24, 0.65],
    [19, 0.85],
    [29, 0.5],
    [11, 0.42],
  ]
  const at = (f: number): number => top + f * height
  const mark = ([x, f]: readonly [number, number], i: number) => {
    switch (solid.habit) {
      case 'curdy':
        return <circle key={i} cx={x} cy={at(f)} r={3.4} fill={solid.colour} stroke="#0006" strokeWidth={0.6} />
      case 'gelatinous':
        return <path key={i} d={`M${x - 5} ${at(f)}q3 -3 6 0t6 0`} fill="none" stroke="#0004" strokeWidth={0.7} />
      case 'crystalline':
        return <path key={i} d={`M${x} ${at(f) - 2.6}l2 2.6l-2 2.6l-2 -2.6z`} fill={solid.colour} stroke="#0008" strokeWidth={0.5} />
      case 'flocculent':
        return <path key={i} d={`M${x - 3} ${at(f)}c1 -3 5 -3 6 0c-1 3 -5 3 -6 0z`} fill={solid.colour} stroke="#0005" strokeWidth={0.5} />
      default:
        return <circle key={i} cx={x} cy={at(f)} r={0.9} fill="#0005" />
    }
  }
  return (
    <g className="settles">
      {!solid.settled && <rect x={7.5} y={22} width={25} height={50} fill={solid.colour} opacity={0.45} />}
      <rect x={7.5} y={top} width={25} height={80} fill={solid.colour} opacity={solid.habit === 'gelatinous' ? 0.8 : 1} />
      {marks.map(mark)}
    </g>
  )
}

/** A bead, or a residue in its hard-glass tube: the left half as it is hot, the right as it is cold; what went up and settled stands above. */
function Fired({ fired }: { readonly fired: NonNullable<Picture['fired']> }) {
  if (fired.bead)
    return (
      <>
        <path d="M20 2v22" stroke="#555450" strokeWidth={1.2} />
        <path d="M20 24a14 14 0 0 0 0 28z" fill={fired.hot} stroke="#0007" strokeWidth={0.8} />
        <path d="M20 24a14 14 0 0 1 0 28z" fill={fired.cold} stroke="#0007" strokeWidth={0.8} />
        <Halves />
      </>
    )
  return (
    <>
      {fired.above !== null && <path d="M9 18h22v9q-11 3 -22 0z" fill={fired.above} stroke="#0005" strokeWidth={0.5} />}
      <path d="M9.5 60q5 -8 10.5 -9v21q-9 0 -10.5 -12z" fill={fired.hot} stroke="#0007" strokeWidth={0.6} />
      <path d="M30.5 60q-5 -8 -10.5 -9v21q9 0 10.5 -12z" fill={fired.cold} stroke="#0007" strokeWidth={0.6} />
      <path d="M6 5h28M8 5V60a12 12 0 0 0 24 0V5" fill="none" stroke="#555450" strokeWidth={1.2} />
    </>
  )
}
const Halves = () => (
  <g fontSize={7} fill="#333" textAnchor="middle">
    <text x={11} y={66}>
      hot
    </text>
    <text x={29} y={66}>
      cold
    </text>
  </g>
)

/** What a hand spectroscope shows, red at the left as it is held: where each line stands, not how wide it is. */
const LINE_HEX: Readonly<Record<LineColour, string>> = {
  'far red': '#c03a2c',
  crimson: '#e03a34',
  red: '#ff4a3c',
  orange: '#ff8a3c',
  yellow: '#ffc83c',
  green: '#58e070',
  blue: '#5a9cff',
  violet: '#8a5cff',
}
function Spectrum({ lines }: { readonly lines: readonly LineColour[] }) {
  const all = Object.keys(LINE_HEX) as LineColour[]
  return (
    <>
      <rect x={2} y={16} width={36} height={48} fill="#141414" />
      {all.map((colour, k) => lines.includes(colour) && <rect key={colour} x={4 + k * 4.4} y={18} width={1.6} height={44} fill={LINE_HEX[colour]} />)}
    </>
  )
}

/** A test tube, a dry heap or a strip of paper, drawn from a picture. Sits on a neutral ground in either sheet, so that colours compare. */
export function Tube({ picture, size = 64 }: { readonly picture: Picture; readonly size?: number }) {
  return (
    <svg role="img" aria-label={picture.says} viewBox="0 0 40 80" width={size / 2} height={size} className="shrink-0">
      <rect x={0} y={0} width={40} height={80} rx={2} fill="#dededc" />
      {picture.paper ? (
        <g stroke="#0005" strokeWidth={0.6}>
          <rect x={13} y={8} width={14} height={36} fill={picture.paper.from} />
          <rect x={13} y={44} width={14} height={28} fill={picture.paper.to} />
        </g>
      ) : picture.fired ? (
        <Fired fired={picture.fired} />
      ) : picture.lines ? (
        <Spectrum lines={picture.lines} />
      ) : picture.flame !== null ? (
        <>
          <rect x={0} y={0} width={40} height={80} rx={2} fill="#1c1c1c" />
          <path
            d="M20 8C28 26 31 38 27 52c-2 7-12 7-14 0C9 38 12 26 20 8z"
            fill={picture.flame === '#ffffff' ? '#31506e' : picture.flame}
            opacity={0.9}
          />
          <path d="M20 30c4 9 5 15 3 21-1 3-5 3-6 0-2-6-1-12 3-21z" fill="#5b86b8" opacity={0.75} />
          <path d="M14 60h12v18H14z" fill="#8d8d8a" />
        </>
      ) : picture.dry !== null ? (
        <path d="M5 66c4 -3 7 -14 15 -15s12 12 15 15z" fill={picture.dry} stroke="#0007" strokeWidth={0.8} />
      ) : (
        <>
          <clipPath id="tube-inside">
            <path d="M7.5 6V61a12.5 12.5 0 0 0 25 0V6z" />
          </clipPath>
          <g clipPath="url(#tube-inside)">
            <rect x={7} y={5} width={26} height={70} fill="#f6f6f5" />
            {picture.liquid !== null && (
              <rect x={7} y={22} width={26} height={54} fill={picture.liquid} opacity={picture.liquid === '#ffffff' ? 0.75 : 0.92} />
            )}
            {picture.solid && <Solid solid={picture.solid} />}
            {picture.ring !== undefined && <rect x={7} y={44} width={26} height={7} fill={picture.ring} stroke="#0004" strokeWidth={0.4} />}
            {picture.liquid !== null && <path d="M7 22q13 3.5 26 0" fill="none" stroke="#0006" strokeWidth={0.8} />}
          </g>
          <path d="M5 5h30M7.5 5V61a12.5 12.5 0 0 0 25 0V5" fill="none" stroke="#555450" strokeWidth={1.2} />
        </>
      )}
    </svg>
  )
}
