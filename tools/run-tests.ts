import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { temporaryCluster } from './temporary-app.ts'

const root = fileURLToPath(new URL('..', import.meta.url))

interface Outcome {
  code: number
  passed: number
  failed: number
}

/** Runs a command to its end, shows what it prints, and reads the counts of a test runner out of it. */
function run(title: string, command: string, args: string[], env: Record<string, string> = {}): Promise<Outcome> {
  console.log(`\n== ${title}`)
  const began = Date.now()
  const child = spawn(command, args, {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, ...env, FORCE_COLOR: '0' },
  })
  let printed = ''
  child.stdout.on('data', (chunk: Buffer) => {
    process.stdout.write(chunk)
    printed += chunk.toString()
  })
  const count = (word: string) => Number(new RegExp(`^\\s*(\\d+) ${word}`, 'm').exec(printed)?.[1] ?? 0)
  return new Promise((ended) =>
    child.on('close', (code) => {
      console.log(`   ${((Date.now() - began) / 1000).toFixed(1)} s`)
      ended({ code: code ?? 1, passed: count('passing'), failed: count('failing') })
    }),
  )
}

const tool = (name: string) => `node_modules/.bin/${name}`
const only = process.argv.slice(2)
const wanted = (name: string) => only.length === 0 || only.includes(name)

const outcomes: Outcome[] = []
/** A check without counts of its own is one test. */
async function check(title: string, command: string, args: string[]): Promise<void> {
  const { code } = await run(title, command, args)
  outcomes.push({ code, passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 })
}

if (wanted('lint')) {
  await check('format', tool('prettier'), ['--check', '--log-level=warn', '.'])
  await check('lint', tool('eslint'), ['.', '--max-warnings=0'])
  await check('import directions', tool('depcruise'), [
    '--config', '.dependency-cruiser.cjs', 'core', 'contract', 'server', 'web/src', 'e2e', 'tools',
  ]) // prettier-ignore
  await check('types', tool('vue-tsc'), ['--noEmit', '-p', 'tsconfig.json'])
}
if (wanted('core')) outcomes.push(await run('core', tool('mocha'), ['core/test/**/*.test.ts']))
if (wanted('web')) outcomes.push(await run('drawing', tool('mocha'), ['web/test/**/*.test.ts']))
if (wanted('server')) {
  const { cluster, remove } = await temporaryCluster()
  try {
    const base = cluster.url('').replace(/\/$/, '')
    outcomes.push(await run('server', tool('mocha'), ['server/test/**/*.test.ts'], { YARDFROST_TEST_POSTGRES: base }))
  } finally {
    await remove()
  }
}
if (wanted('tools')) outcomes.push(await run('start and command line', tool('mocha'), ['tools/test/**/*.test.ts']))
if (wanted('e2e')) outcomes.push(await run('in the browser', tool('mocha'), ['--timeout=60000', 'e2e/**/*.test.ts']))

const passed = outcomes.reduce((sum, outcome) => sum + outcome.passed, 0)
// A runner that dies before it counts has failed too.
const failed = outcomes.reduce(
  (sum, { code, failed: counted }) => sum + (code !== 0 ? Math.max(counted, 1) : counted),
  0,
)
console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 && passed > 0 ? 0 : 1)
