import { astray, claims, drawMixture, followScheme, SCHEMES } from '@foxing/core'
import { randomFrom } from './random'

/** Random mixtures of two to six cations taken apart by each scheme's own steps: script/soak schemes [count] [seed] [scheme]. */
const [count = '400', seed = '1', only = ''] = process.argv.slice(2)
for (const scheme of SCHEMES) {
  if (scheme.separations.length === 0 || (only && scheme.id !== only)) continue
  const random = randomFrom(Number(seed))
  const cations = [...new Set(scheme.separations.flatMap((s) => s.proofs ?? []).flatMap((p) => p.ions))]
  let whole = 0
  let right = 0
  const faults = new Map<string, string[]>()
  for (let n = 0; n < Number(count); n++) {
    const mixture = drawMixture(cations, 2 + Math.floor(random() * 5), random)
    const said = mixture.cations.join(' ')
    const note = (fault: string): void => void faults.set(fault, [...(faults.get(fault) ?? []), said])
    try {
      const run = followScheme(scheme, mixture.sample)
      const { ions } = (mixture.sample as { solution: { ions: Record<string, number> } }).solution
      const lost = astray(scheme, run, mixture.cations, (ion) => (ions[ion] ?? 0) * 1e-3)
      const { missed, wrong } = claims(scheme, run, mixture.cations)
      for (const { ion, separation, inSolid } of lost)
        note(`astray ${ion} at ${separation} (${(100 * inSolid).toFixed(0)} % solid)`.replace(/\d+ %/, '…'))
      for (const ion of missed) note(`missed ${ion}`)
      for (const ion of wrong) note(`wrong ${ion}`)
      if (lost.length === 0) whole++
      if (missed.length + wrong.length === 0) right++
    } catch (error) {
      note(`failed: ${String(error).slice(0, 100)}`)
      if (process.env['SHOW']) console.log(JSON.stringify(mixture.sample), error)
    }
  }
  console.log(`${scheme.id}: of ${count} mixtures (seed ${seed}) ${whole} with every cation in its fraction, ${right} with every proof right`)
  for (const [fault, where] of [...faults].sort((a, b) => b[1].length - a[1].length))
    console.log(`  ${where.length}  ${fault}   e.g. ${where[0] ?? ''}`)
}
