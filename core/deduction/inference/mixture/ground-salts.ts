import { dryPhase, inComponents, molarMass, SALTS, seeded } from '../../../species'
import type { Step } from '../../../tube'
import type { Content } from '../../simulation/content'

/** Ways of standing in salts that are tried for the ions of a powder. */
const WAYS = 24
/** A way that leaves more than this share of the ions without a salt is none. */
const LEFT_OVER = 0.35
/** Seeds this far apart begin with numbers that have nothing to do with each other. */
const APART = 0x9e3779b1
/** Less than this share of all is no salt of its own. */
const LEAST = 0.02

const DRY_WORK: ReadonlySet<Step['do']> = new Set<Step['do']>(['take', 'look', 'ignite', 'warm', 'boil', 'hold', 'smell'])
/** Whether what is seen hangs on the salts of a solid, and not on its ions alone: how it looks dry, and what fire does to it. */
export const hangsOnSalts = (steps: readonly Step[]): boolean =>
  steps.some((step) => step.do === 'ignite' || step.do === 'cobalt-nitrate') || steps.every((step) => DRY_WORK.has(step.do))

/** Bench salts by what they bring into water, hydrogen apart: acid salts stand beside the others. */
const BRINGING = SALTS.flatMap((salt) => {
  const brings = (dryPhase(salt.id)?.terms ?? []).filter(([component, n]) => component !== 0 && n > 0)
  return brings.length > 0 ? [{ salt, brings }] : []
})
const IN_SALTS: ReadonlySet<number> = new Set(BRINGING.flatMap(({ brings }) => brings.map(([component]) => component)))

const known = new WeakMap<Content, readonly Content[]>()
/** A powder of which the ions alone are supposed, as salts that it may be ground of: several ways, each as good as another; none where it is no such powder, or the bench has no such salts. */
export function groundOf(content: Content): readonly Content[] {
  let states = known.get(content)
  if (!states) known.set(content, (states = content.jar && 'powder' in content.jar ? waysOf(content.jar.powder.ions) : []))
  return states
}

function waysOf(ions: Readonly<Record<string, number>>): readonly Content[] {
  const held = new Map([...inComponents(ions).terms].filter(([component, n]) => IN_SALTS.has(component) && n > 0))
  const all = [...held.values()].reduce((a, b) => a + b, 0)
  const states = new Map<string, Content>()
  for (let state = 0; state < WAYS && all > 0; state++) {
    const random = seeded(state * APART)
    const left = new Map(held)
    const solids: { formula: string; mg: number }[] = []
    for (;;) {
      const extentOf = ({ brings }: (typeof BRINGING)[number]): number => Math.min(...brings.map(([component, n]) => (left.get(component) ?? 0) / n))
      const fitting = BRINGING.filter((one) => extentOf(one) > LEAST * all)
      // What has no anion left to stand with is an oxide.
      const salts = fitting.filter(({ brings }) => brings.length > 1)
      const among = salts.length > 0 ? salts : fitting
      const next = among[Math.floor(random() * among.length)]
      if (!next) break
      const extent = extentOf(next)
      for (const [component, n] of next.brings) left.set(component, (left.get(component) ?? 0) - n * extent)
      solids.push({ formula: next.salt.id, mg: extent * molarMass(next.salt.formula) })
    }
    const over = [...left.values()].reduce((a, b) => a + b, 0)
    if (over > LEFT_OVER * all) continue
    const id = `ground ${solids
      .map(({ formula, mg }) => `${formula} ${mg.toPrecision(3)}`)
      .sort()
      .join(', ')}`
    states.set(id, { id, jar: { solids } })
  }
  return [...states.values()]
}
