import { isTest, type Notebook, type ProcedureContext } from '../../notebook'
import { reagentsOf } from '../../catalogue'
import { everyTest } from '../../schemes'
import { SAMPLE, vesselOf } from '../../tube'
import { liquidOf, traceOf } from './trace'

const isTube = (vessel: string): boolean => /^[A-Z]$/.test(vessel)

/**
 * What a line that is written next may speak of: the tube in hand, tubes in use and what is in them, what was done. "The solution" is the stock solution, or that in acid where only that was made; an organic jar has none.
 * @param at the tube and the test that are open; the last that was worked in, where nothing is said
 * @throws NotebookError for a test that is not in the catalogue
 */
export function inHand(
  notebook: Pick<Notebook, 'case' | 'entries'>,
  at: { readonly vessel?: string; readonly test?: string } = {},
): ProcedureContext {
  const { steps, volumes } = traceOf(notebook)
  const own = steps.flatMap(({ step, index }) => (step && index >= 0 ? [step] : []))
  const vessels = [...new Set(steps.map(({ vessel }) => vessel))].filter((vessel) => vessel !== SAMPLE)
  const last = own.map(vesselOf).findLast(isTube)
  const isSolution = liquidOf(notebook) !== undefined
  const stock =
    notebook.case.kind === 'organic' || (isSolution && !vessels.includes('OS'))
      ? SAMPLE
      : vessels.includes('AS') && !vessels.includes('OS')
        ? 'AS'
        : 'OS'
  const begun = notebook.entries.flatMap((entry) => ('did' in entry && isTest(entry.did) ? [entry.did.on] : []))
  const test = at.test === undefined ? undefined : everyTest.get(at.test)
  return {
    vessel: at.vessel !== undefined && isTube(at.vessel) ? at.vessel : last,
    stock,
    isSolution,
    vessels: [...new Set([...vessels, ...begun])],
    holds: Object.fromEntries(volumes),
    before: own,
    ...(test ? { poured: reagentsOf(test) } : {}),
  }
}
