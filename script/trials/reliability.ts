import { wilson } from './interval'

/** Claims of probability put beside what was in the jar: in each bin the mean claim, the share that was right, and how many there were. */
export class Reliability {
  private static readonly EDGES = [0, 0.01, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.99, 1]
  /** A bin with fewer claims says nothing. */
  private static readonly ENOUGH = 200
  private readonly bins = Reliability.EDGES.slice(1).map((high, k) => ({ low: Reliability.EDGES[k] ?? 0, high, right: 0, of: 0, claimed: 0 }))

  add(probability: number, right: boolean): void {
    const bin = this.bins.find((b) => probability <= b.high)
    if (!bin) return
    bin.of++
    bin.claimed += probability
    if (right) bin.right++
  }

  table(): string[] {
    return this.bins.map(({ low, high, right, of, claimed }) => {
      const name = `  ${low.toFixed(2)} to ${high.toFixed(2)}`
      if (of < Reliability.ENOUGH) return `${name}: ${of} claims, too few`
      const [least, most] = wilson(right, of)
      const meets = most >= low && least <= high
      return `${name}: ${of} claims, mean ${(claimed / of).toFixed(3)}, right ${(right / of).toFixed(3)} (${least.toFixed(3)} to ${most.toFixed(3)}) ${meets ? 'meets' : 'MISSES'}`
    })
  }

  /** The same as a plot, claimed against right: a bar for each interval, the number of claims beside it, the diagonal where claims are just right. */
  plot(title: string, about: string): string {
    const size = 420
    const margin = 60
    const at = (p: number): number => margin + p * size
    const up = (p: number): number => margin + (1 - p) * size
    const marks = this.bins
      .filter(({ of }) => of > 0)
      .map(({ low, high, right, of, claimed }) => {
        const [least, most] = wilson(right, of)
        const x = at(claimed / of)
        const few = of < Reliability.ENOUGH
        const meets = most >= low && least <= high
        return `<g stroke="#22211f" opacity="${few ? 0.35 : 1}"><path d="M${x.toFixed(1)} ${up(least).toFixed(1)}V${up(most).toFixed(1)}" stroke-width="2"/><circle cx="${x.toFixed(1)}" cy="${up(right / of).toFixed(1)}" r="4" fill="${meets ? '#fbfbf9' : '#22211f'}"/></g><text x="${(x + 8).toFixed(1)}" y="${(up(right / of) + 4).toFixed(1)}" font-size="10">${of}</text>`
      })
    const ticks = [0, 0.25, 0.5, 0.75, 1].map(
      (p) =>
        `<text x="${at(p)}" y="${up(0) + 18}" text-anchor="middle" font-size="12">${p}</text><text x="${margin - 10}" y="${up(p) + 4}" text-anchor="end" font-size="12">${p}</text>`,
    )
    const whole = size + 2 * margin
    return [
      `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${whole} ${whole}" font-family="serif" fill="#22211f" role="img" aria-label="${title}">`,
      `<rect width="${whole}" height="${whole}" fill="#fbfbf9"/><text x="${margin}" y="26" font-size="15">${title}</text><text x="${margin}" y="44" font-size="12">${about}</text>`,
      `<path d="M${at(0)} ${up(0)}H${at(1)}M${at(0)} ${up(0)}V${up(1)}M${at(0)} ${up(0)}L${at(1)} ${up(1)}" stroke="#cfcfcb" fill="none"/>`,
      ...ticks,
      `<text x="${at(0.5)}" y="${whole - 14}" text-anchor="middle" font-size="13">probability claimed</text>`,
      `<text transform="translate(18 ${up(0.5)}) rotate(-90)" text-anchor="middle" font-size="13">share that was in the jar</text>`,
      ...marks,
      '</svg>',
      '',
    ].join('\n')
  }
}
