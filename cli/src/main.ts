import { readFileSync, writeFileSync } from 'node:fs'
import { createInterface } from 'node:readline'
import { parseArgs } from 'node:util'
import { fromCrate } from './files'
import { BadInput, COMMANDS, problemOf, type Command } from './commands'

const USAGE = `foxing COMMAND [NAME] [--in FILE] [--out FILE] [--lines] [--as FORM]
${[...COMMANDS.values()].map((c) => `  ${c.name.padEnd(10)} ${c.summary}`).join('\n')}
One JSON document on standard input, JSON on standard output. With --lines, one document a line, one answer a line.`

class Usage extends Error {}

function readOptions(): { command: Command; options: Record<string, string>; lines: boolean } {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { in: { type: 'string' }, out: { type: 'string' }, lines: { type: 'boolean', default: false }, as: { type: 'string' } },
    })
    const command = COMMANDS.get(positionals[0] ?? '')
    const named = command?.named === true ? 2 : 1
    if (!command || positionals.length > named)
      throw new Usage(positionals[0] ? `there is no command "${positionals.join(' ')}"` : 'a command is needed')
    if (command.named && positionals[1] === undefined) throw new Usage(`${command.name} wants a name: ${command.summary}`)
    const { lines, ...rest } = { ...values, name: positionals[1] }
    return { command, lines, options: Object.fromEntries(Object.entries(rest).flatMap(([k, v]) => (typeof v === 'string' ? [[k, v]] : []))) }
  } catch (error) {
    throw error instanceof Usage ? error : new Usage(error instanceof Error ? error.message : String(error))
  }
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch (error) {
    throw new BadInput('', `one JSON document (${error instanceof Error ? error.message : 'not JSON'})`)
  }
}

const idOf = (document: unknown): unknown => (typeof document === 'object' && document !== null && 'id' in document ? document.id : undefined)

async function answerLines(command: Command, options: Record<string, string>): Promise<void> {
  const lines = createInterface({ input: process.stdin, crlfDelay: Infinity })
  for await (const line of lines) {
    if (line.trim() === '') continue
    let id: unknown
    try {
      const document = parseJson(line)
      id = idOf(document)
      const answer = await command.run(document, options)
      if (answer instanceof Uint8Array) throw new BadInput('--as', 'a form that is text, with --lines')
      const body = typeof answer === 'object' && answer !== null ? answer : { text: answer }
      process.stdout.write(`${JSON.stringify(id === undefined ? body : { id, ...body })}\n`)
    } catch (error) {
      process.stdout.write(`${JSON.stringify({ id: id ?? null, error: problemOf(error) })}\n`)
    }
  }
}

async function documentIn(file: string | undefined): Promise<unknown> {
  const bytes = readFileSync(file ?? 0)
  return (await fromCrate(bytes)) ?? parseJson(bytes.toString('utf8'))
}

async function answerOne(command: Command, options: Record<string, string>): Promise<void> {
  const answer = await command.run(command.reads ? await documentIn(options['in']) : undefined, options)
  const body = answer instanceof Uint8Array || typeof answer === 'string' ? answer : `${JSON.stringify(answer, null, 2)}\n`
  if (options['out'] !== undefined) writeFileSync(options['out'], body)
  else if (answer instanceof Uint8Array && process.stdout.isTTY) throw new BadInput('--out', 'a file to write it to: it is no text')
  else process.stdout.write(body)
}

async function main(): Promise<number> {
  try {
    const { command, options, lines } = readOptions()
    if (lines && command.reads) await answerLines(command, options)
    else await answerOne(command, options)
    return 0
  } catch (error) {
    if (error instanceof Usage) {
      process.stderr.write(`${error.message}\n${USAGE}\n`)
      return 2
    }
    const { path, expected } = problemOf(error)
    process.stderr.write(`${path ? `at ${path}: ` : ''}expected ${expected}\n`)
    return 1
  }
}

process.exitCode = await main()
