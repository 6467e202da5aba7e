import { caseSchema, compoundNamed, contentOf, findSalt, followAdvice, mixtureOf, Simulations, type Content, ReasoningSession } from '@foxing/core'
import { mkdirSync, writeFileSync } from 'node:fs'
import { builtOrganicPercepts, builtPercepts } from './percepts'

const session = new ReasoningSession()

/** Writes the worked notebooks of the handbook, or those named: a salt, a mixture and an organic compound, by following the advice and writing down what there is to see. */
session.takePercepts(builtPercepts())
const wanted = process.argv.slice(2)
const minutes = (n: number): string => new Date(Date.UTC(2026, 9, 5, 9, 0) + n * 40_000).toISOString()
const write = (
  name: string,
  settings: ReturnType<typeof caseSchema.parse>,
  content: Content,
  simulations: Simulations,
  concluded: readonly string[],
): void => {
  if (wanted.length > 0 && !wanted.includes(name)) return
  const { entries, reasoning } = followAdvice(settings, { session, content, simulations }, 60)
  const lines = entries.map((entry, n) => ({ ...entry, at: minutes(n) }))
  const citing = (species: string): string[] => {
    const signs = reasoning.signs.get(species) ?? new Set<string>()
    return entries.flatMap((e) => ('did' in e && 'test' in e.did && signs.has(e.did.test) ? [e.id] : [])).slice(-4)
  }
  const claims = concluded.map((species, k) => ({
    id: `c${k}`,
    at: minutes(lines.length + k),
    concluded: {
      species,
      claim: 'confirmed',
      citing: [
        ...new Set(
          reasoning.standings.some((s) => s.species === species)
            ? citing(species)
            : reasoning.standings.filter((s) => s.probability > 0.5).flatMap((s) => citing(s.species)),
        ),
      ],
    },
  }))
  writeFileSync(
    `docs/notebooks/${name}.json`,
    `${JSON.stringify({ format: 'foxing-notebook/1', id: name, case: settings, entries: [...lines, ...claims] }, null, 1)}\n`,
  )
  console.log(
    name,
    reasoning.trace.tests.length,
    reasoning.formulae[0]?.formula,
    reasoning.standings
      .filter((s) => s.probability > 0.5)
      .map((s) => `${s.species} ${s.status}`)
      .join(', '),
  )
}
mkdirSync('docs/notebooks', { recursive: true })
const alum = findSalt('KAl(SO4)2.12H2O')
if (!alum) throw new Error('alum is a bench salt')
write('a-salt', caseSchema.parse({}), alum, new Simulations(500), ['KAl(SO4)2.12H2O'])
const ink = new Map([
  ['Fe^3+', 'middling'],
  ['Cu^2+', 'minor'],
  ['Al^3+', 'middling'],
  ['K^+', 'middling'],
  ['SO4^2-', 'major'],
  ['Cl^-', 'middling'],
  ['acid', 'minor'],
] as const)
write('a-mixture', caseSchema.parse({ kind: 'mixture', sample: { mL: 20 } }), mixtureOf(ink, 20), new Simulations(0, {}, 20), [
  'Fe^3+',
  'Cu^2+',
  'Al^3+',
  'K^+',
  'SO4^2-',
  'Cl^-',
])
if (wanted.length === 0 || wanted.includes('a-compound')) {
  const pack = builtOrganicPercepts()
  session.takePercepts(pack)
  const vanillin = compoundNamed('vanillin')
  if (!vanillin) throw new Error('vanillin is in the library')
  const simulations = new Simulations(500)
  simulations.use(pack)
  write('a-compound', caseSchema.parse({ kind: 'organic' }), contentOf(vanillin.smiles, vanillin.name), simulations, ['vanillin'])
}
