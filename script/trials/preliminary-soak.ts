import { BEADS, cautionsFor, expand, gasById, ionsOf, Runner, SALTS, Simulations, testById, TESTS } from '@foxing/core'

/** Every bench salt through every preliminary test: no failure, and every gas that comes has its caution. */
const tests = TESTS.filter((t) => ['looked', 'dry', 'flame', 'acids', 'dissolved'].includes(t.stage))
const simulations = new Simulations(500)
const began = Date.now()
let steps = 0
let gases = 0
let failed = 0
for (const salt of SALTS)
  for (const test of tests) {
    const said = cautionsFor(test, {
      hypotheses: [{ content: salt, ions: ionsOf(salt), prior: 1 }],
      posterior: Float64Array.of(1),
      simulations,
    }).join('\n')
    const on = test.steps.some((s) => Object.values(s).includes('this')) ? 'A' : 'OS'
    try {
      const runner = new Runner({ solids: [{ formula: salt.id, mg: 1000 }] })
      for (const { step } of expand({ test: test.id, on }, new Map(), testById)) {
        steps++
        for (const { species } of runner.step(step).gases) {
          gases++
          if (!said.includes(gasById.get(species)?.data.caution ?? '')) throw new Error(`${species} comes without its caution`)
        }
      }
    } catch (error) {
      failed++
      console.error(salt.id, test.id, String(error))
    }
  }
console.log(
  `preliminary: ${SALTS.length} salts, ${tests.length} tests, ${steps} steps, ${gases} gases, ${BEADS.size} beads known; failed ${failed}; ${Math.round((Date.now() - began) / 1000)} s`,
)
process.exitCode = failed > 0 ? 1 : 0
