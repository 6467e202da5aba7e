import { describe, expect, test } from '@jest/globals'
import { imbalance } from '../reactions'
import { findReagent, saltById } from '../species'
import { stepSchema, type Sample, type Step } from '../tube'
import { WRITTEN } from './__tests__/written'
import { run } from './simulate'

/** `2 Ag^+ + S^2- -> Ag2S` as coefficients, those used up negative. */
function coefficientsOf(equation: string): Map<string, number> {
  const sum = new Map<string, number>()
  equation.split('->').forEach((side, k) => {
    for (const term of side.trim().split(' + ')) {
      const [, count = '1', formula = ''] = /^(?:(\d+) )?(\S+)$/.exec(term.trim()) ?? []
      sum.set(formula, (sum.get(formula) ?? 0) + (k === 0 ? -1 : 1) * Number(count))
    }
  })
  return sum
}
const inOrder = (equation: string): string =>
  [...coefficientsOf(equation)]
    .map(([formula, n]) => `${n} ${formula}`)
    .sort()
    .join(', ')

/** `HCl 2 M 3mL`, `boil`, `pass H2S`, `ignite gently` as a step on vessel A. */
function stepOf(text: string): Step {
  const [word = '', more] = text.split(' ')
  const minutes = 2
  if (word === 'warm' || word === 'boil' || word === 'shake') return stepSchema.parse({ do: word, vessel: 'A', minutes })
  if (word === 'ignite') return stepSchema.parse({ do: 'ignite', vessel: 'A', heat: more ?? 'strongly' })
  if (word === 'pass') return stepSchema.parse({ do: 'pass', gas: more, through: 'A', minutes })
  const [, reagent, amount, unit = ''] = /^(.+) (\d+)(dr|mL|mg)$/.exec(text) ?? []
  return stepSchema.parse({ do: 'add', to: 'A', reagent, [unit === 'dr' ? 'drops' : unit]: Number(amount) })
}

/** The jar, and how what is worked on comes into the tube. */
function begin(text: string): { sample: Sample; first: Step[] } {
  const [what = '', solvent] = text.replace(/^dry /, '').split(' in ')
  if (!saltById.has(what)) {
    findReagent(what)
    return { sample: { solids: [{ formula: 'NaCl', mg: 1 }] }, first: [stepOf(`${what} 3mL`)] }
  }
  const first = text.startsWith('dry ')
    ? { do: 'take', into: 'A', mg: 50 }
    : { do: 'dissolve', into: 'A', mg: 100, mL: 5, ...(solvent ? { in: solvent } : {}) }
  return { sample: { solids: [{ formula: what, mg: 500 }] }, first: [stepSchema.parse(first)] }
}

describe('the first equation of a step is what a chemist writes for it', () => {
  test.each(WRITTEN)('%s', (line) => {
    const [doing = '', written = ''] = line.split(' => ')
    const ways = written.split(' | ')
    for (const way of ways) expect([way, Object.fromEntries(imbalance(coefficientsOf(way)))]).toEqual([way, {}])
    const [sample = '', ...steps] = doing.split('; ')
    const jar = begin(sample)
    const { equations } = run(jar.sample, [...jar.first, ...steps.map(stepOf)]).at(-1) ?? { equations: [] }
    const [first = ''] = equations
    if (!ways.some((way) => inOrder(way) === inOrder(first))) expect(equations.join('; ')).toBe(ways[0])
  })
})
