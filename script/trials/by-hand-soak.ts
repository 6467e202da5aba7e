import { ReasoningSession } from '@foxing/core'
import { NOTEBOOKS, type Written } from '../../cli/golden/__tests__/by-hand'
import { SECOND } from '../../cli/golden/__tests__/by-hand-second'
import { THIRD } from '../../cli/golden/__tests__/by-hand-third'
import { isConcluded, notebookOf } from '../../cli/golden/__tests__/concluded'
import { builtOrganicPercepts, builtPercepts } from './percepts'

/** Notebooks written by hand, and what is concluded from each: script/soak by-hand [first, second, third or all] [a part of the jar's name]. */
const [which = 'all', named = ''] = process.argv.slice(2)
const session = new ReasoningSession()
session.takePercepts(builtPercepts())
session.takePercepts(builtOrganicPercepts())
const SETS: Readonly<Record<string, readonly Written[]>> = { first: NOTEBOOKS, second: SECOND, third: THIRD }
const all: readonly Written[] = SETS[which] ?? Object.values(SETS).flat()
const counts = new Map<string, { right: number; all: number }>()
for (const written of all.filter(({ jar }) => jar.includes(named))) {
  const began = Date.now()
  const deduction = session.deduce(notebookOf(written))
  const isRight = isConcluded(written, deduction)
  const kind = `${written.of}${written.misread === undefined ? '' : ', a line misread'}`
  const { right, all: before } = counts.get(kind) ?? { right: 0, all: 0 }
  counts.set(kind, { right: right + Number(isRight), all: before + 1 })
  const likely = [...deduction.standings].sort((a, b) => b.probability - a.probability).slice(0, 4)
  const said =
    written.of === 'compound'
      ? deduction.formulae.slice(0, 3).map((f) => `${f.formula} ${f.probability.toFixed(2)}`)
      : likely.map((s) => `${s.species} ${s.probability.toFixed(2)}`)
  console.log(`  ${written.jar}: ${isRight ? 'right' : 'not concluded'}; ${said.join(', ')}; ${((Date.now() - began) / 1000).toFixed(1)} s`)
}
for (const [kind, { right, all: count }] of counts) console.log(`${kind}: ${right} of ${count}`)
