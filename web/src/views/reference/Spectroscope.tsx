/** What a hand spectroscope shows of a flame: the lines on a scale of wavelengths, told by number as well as drawn. */
const FROM = 390
const TO = 720
const WIDTH = 260
const at = (nm: number): number => ((nm - FROM) / (TO - FROM)) * WIDTH
const SCALE = [400, 450, 500, 550, 600, 650, 700]

export function Spectroscope({ lines }: { readonly lines: readonly number[] }) {
  const says = `lines at ${lines.join(', ')} nm`
  return (
    <span className="mt-1 block">
      <svg role="img" aria-label={says} viewBox={`0 0 ${WIDTH} 42`} width={WIDTH} height={42} className="max-w-full">
        <rect x={0} y={0} width={WIDTH} height={26} fill="#141414" />
        {lines.map((nm) => (
          <rect key={nm} x={at(nm) - 1} y={1} width={2} height={24} fill={colourOf(nm)} />
        ))}
        {SCALE.map((nm) => (
          <g key={nm}>
            <path d={`M${at(nm)} 26v4`} stroke="currentColor" strokeWidth={0.8} />
            <text x={at(nm)} y={40} fontSize={10} textAnchor="middle" fill="currentColor">
              {nm}
            </text>
          </g>
        ))}
      </svg>
      <span className="block font-mono text-sm text-faint">{lines.join(' · ')} nm</span>
    </span>
  )
}

/** Bands of the visible as they are named, for drawing a line: upper limits in nm. */
const HUES: readonly (readonly [below: number, hex: string])[] = [
  [430, '#8a5cff'],
  [470, '#5a7cff'],
  [500, '#3cc8e8'],
  [560, '#58e070'],
  [585, '#d8e84a'],
  [600, '#ffc83c'],
  [625, '#ff8a3c'],
  [TO + 1, '#ff4a3c'],
]
const colourOf = (nm: number): string => HUES.find(([below]) => nm < below)?.[1] ?? '#ff4a3c'
