import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { temporaryCluster } from './temporary-app.ts'

const root = fileURLToPath(new URL('..', import.meta.url))
const tool = (name: string) => `node_modules/.bin/${name}`
const asked = process.argv.slice(2)

interface Outcome {
  code: number
  passed: number
  failed: number
}
const outcomes: Outcome[] = []

/** Runs a command to its end and shows what it printed, in one piece: two of them run side by side. */
function run(title: string, command: string, args: string[], env: Record<string, string> = {}) {
  const began = Date.now()
  const child = spawn(command, args, {
    cwd: root,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, ...env, FORCE_COLOR: '0' },
  })
  let printed = ''
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk: Buffer) => {
      printed += chunk.toString()
    })
  return new Promise<{ code: number; printed: string }>((ended) =>
    child.on('close', (code) => {
      const seconds = ((Date.now() - began) / 1000).toFixed(1)
      console.log(`\n== ${title}, ${seconds} s\n${printed.trimEnd()}`)
      ended({ code: code ?? 1, printed })
    }),
  )
}

/** A check without counts of its own is one test. */
async function check(title: string, command: string, args: string[]): Promise<void> {
  const { code } = await run(title, tool(command), args)
  outcomes.push({ code, passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 })
}

/** A suite of Mocha, whose counts are read out of what it printed. */
async function suite(
  title: string,
  files: string | readonly string[],
  { args = [], env = {} }: { args?: string[]; env?: Record<string, string> } = {},
): Promise<void> {
  const { code, printed } = await run(title, tool('mocha'), [...args, files].flat(), env)
  const count = (word: string) => Number(new RegExp(`^\\s*(\\d+) ${word}`, 'm').exec(printed)?.[1] ?? 0)
  outcomes.push({ code, passed: count('passing'), failed: count('failing') })
}

async function server(): Promise<void> {
  const { cluster, remove } = await temporaryCluster()
  try {
    await suite('server', 'server/test/**/*.test.ts', {
      env: { YARDFROST_TEST_POSTGRES: cluster.ownerUrl('').replace(/\/$/, '') },
    })
  } finally {
    await remove()
  }
}

async function lint(): Promise<void> {
  await check('format', 'prettier', ['--check', '--log-level=warn', '.'])
  await check('lint', 'eslint', ['.', '--max-warnings=0'])
  await check('import directions', 'depcruise', [
    '--config', '.dependency-cruiser.cjs', 'core', 'contract', 'server', 'web/src', 'e2e', 'tools',
  ]) // prettier-ignore
  await check('types', 'vue-tsc', ['-b'])
}

/** Suites of the browser that go with the other row, so that both end about together. */
const besides = ['log', 'plant', 'register'].map((name) => `e2e/${name}.test.ts`)
const browser = (title: string, files: string | readonly string[], args: readonly string[] = []) =>
  suite(title, files, { args: ['--timeout=120000', ...args] })

/** One after another in each row, the two rows side by side: the browser waits more than it works. */
const rows: [part: string, work: () => Promise<void>][][] = [
  [
    ['core', () => suite('core', 'core/test/**/*.test.ts')],
    ['web', () => suite('drawing, forms and device', 'web/test/**/*.test.ts')],
    ['lint', lint],
    ['server', server],
    ['tools', () => suite('start and command line', 'tools/test/**/*.test.ts')],
    ['e2e', () => browser('in the browser, plant and pages', besides)],
  ],
  [
    [
      'e2e',
      () =>
        browser(
          'in the browser',
          'e2e/**/*.test.ts',
          besides.flatMap((file) => ['--ignore', file]),
        ),
    ],
  ],
]
await Promise.all(
  rows.map(async (row) => {
    for (const [part, work] of row)
      if (asked.includes(part))
        await work().catch((error: unknown) => {
          console.error(`\n== ${part} could not be run`, error)
          outcomes.push({ code: 1, passed: 0, failed: 1 })
        })
  }),
)

const passed = outcomes.reduce((sum, outcome) => sum + outcome.passed, 0)
// A runner that dies before it counts has failed too.
const failed = outcomes.reduce(
  (sum, { code, failed: counted }) => sum + (code !== 0 ? Math.max(counted, 1) : counted),
  0,
)
console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 && passed > 0 ? 0 : 1)
