import { createCalculations, describeAllowed } from '@yardfrost/core'
import { loadReferences } from '@yardfrost/server'
import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { z } from 'zod'

/** Where the generated page lies. */
export const calculationsDoc = fileURLToPath(new URL('../docs/calculations.md', import.meta.url))

const cell = (text: string) => text.replace(/\|/g, '\\|')

/** docs/calculations.md as the register has it now. */
export function renderCalculations(): string {
  const calculations = [...createCalculations(loadReferences()).values()]
  const parts = calculations.map(({ name, title, source, input }) => {
    const rows = Object.entries(input.shape as Record<string, z.ZodType>).map(([field, schema]) => {
      const optional = schema.safeParse(undefined).success
      const description = schema.meta()?.description ?? ''
      return `| \`${field}\`${optional ? ' (optional)' : ''} | ${cell(describeAllowed(schema))} | ${cell(description)} |`
    })
    return [
      `## \`${name}\``,
      '',
      `${title}. Source: ${source}.`,
      '',
      '| field | allowed | meaning |',
      '|---|---|---|',
      ...rows,
    ].join('\n')
  })
  return `# The calculations

Generated from the register in \`core/src/calculations.ts\` by \`npm run docs\`; a test keeps it current.

Each has one input object and one output object, over HTTP (\`POST /api/calc/NAME\`) and on the command line
(\`npm run --silent calc -- NAME\`, JSON on standard input). Units are in the names: \`Mm\` millimetre, \`Um\` micrometre, \`N\`
newton, \`Rpm\` revolutions a minute, \`C\` degree Celsius, \`H\` hour, \`G\` gram, \`Kg\` kilogram, \`MPa\` megapascal, \`Hz\` hertz,
\`Deg\` degree, \`Cst\` mm²/s. Interference is positive when tight. A refused input is answered by an error that names the field,
the value and what is allowed; in a list it stands in its place.

${parts.join('\n\n')}
`
}

if (process.argv[1] === fileURLToPath(import.meta.url)) writeFileSync(calculationsDoc, renderCalculations())
