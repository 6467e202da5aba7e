import { ANIONS, anionSetsFor, canShare, workAnionScheme } from '@foxing/core'

/** All pairs, and so many random triples, of anions that can share a solution, worked by the scheme: `script/soak anions [triples] [seed] [every nth pair, 0 for no singles or pairs]`. */
const triples = Number(process.argv[2] ?? 200)
let state = Number(process.argv[3] ?? 1)
const every = Number(process.argv[4] ?? 1)
const random = (): number => {
  state = (Math.imul(state, 1103515245) + 12345) >>> 0
  return state / 2 ** 32
}
const pairs = ANIONS.flatMap((a, i) => ANIONS.slice(i + 1).map((b) => [a, b])).filter(canShare)
const drawn: string[][] = []
for (let n = 0; drawn.length < triples && n < 100 * triples; n++) {
  const three = [...ANIONS].sort(() => random() - 0.5).slice(0, 3)
  if (new Set(three).size === 3 && canShare(three)) drawn.push(three)
}
const began = Date.now()
let right = 0
let alike = 0
const wrong: string[] = []
const singles = every > 0 ? ANIONS.map((a) => [a]) : []
const cases = [...singles, ...pairs.filter((_, n) => n % every === 0), ...drawn]
for (const anions of cases) {
  const truth = [...anions].sort().join(' ')
  const found = anionSetsFor(workAnionScheme(anions))
  const names = found.map((f) => f.anions.join(' '))
  if (names[0] === truth && names.length === 1) right++
  else if (names.includes(truth)) {
    alike++
    console.error(`alike: ${truth} | ${names.join(' | ')}`)
  } else {
    wrong.push(`${truth} -> ${names.join(' | ')}`)
    console.error(`wrong: ${truth} -> ${names.join(' | ')}`)
  }
}
console.log(
  `anions: ${singles.length} singles, ${cases.length - singles.length - drawn.length} of ${pairs.length} pairs that share a solution, ${drawn.length} triples; right ${right}, right but for sets no test tells apart ${alike}, wrong ${wrong.length}; ${Math.round((Date.now() - began) / 1000)} s`,
)
process.exitCode = wrong.length > 0 ? 1 : 0
