import { createCalculations, InputError, runCalculation } from '@yardfrost/core'
import { loadReferences } from '@yardfrost/server'
import { text } from 'node:stream/consumers'

const calculations = createCalculations(loadReferences())
const [name] = process.argv.slice(2)

function fail(body: object): never {
  console.log(JSON.stringify(body))
  process.exit(1)
}

if (name === '--list') {
  for (const { name: calc, title, input } of calculations.values())
    console.log(`${calc.padEnd(20)} ${title}: ${Object.keys(input.shape).join(', ')}`)
  process.exit(0)
}
const calculation = calculations.get(name ?? '')
if (!calculation) {
  const message = `${name ? `"${name}" is not a calculation` : 'name a calculation'}; there are ${[...calculations.keys()].join(', ')}`
  fail({ error: { code: 'NOT_FOUND', field: 'name', message, fix: 'Run with --list to see them.' } })
}
let input: unknown
try {
  input = JSON.parse(await text(process.stdin))
} catch (error) {
  if (!(error instanceof SyntaxError)) throw error
  fail({
    error: {
      code: 'UNREADABLE',
      field: 'input',
      message: `standard input is not JSON: ${error.message}`,
      fix: 'Send one input object, or a list of them.',
    },
  })
}
try {
  console.log(JSON.stringify(runCalculation(calculation, input)))
} catch (error) {
  if (!(error instanceof InputError)) throw error
  const { code, field, message, fix } = error
  fail({ error: { code, field, message, fix } })
}
