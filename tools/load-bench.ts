import autocannon from 'autocannon'
import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync, chmodSync } from 'node:fs'
import { cpus, tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import pg from 'pg'
import { say } from './command.ts'
import { seedLargeSite } from './demo/large-site.ts'
import { freePort } from './free-port.ts'
import { Cluster } from './postgres.ts'

// How the server bears a plant: fifty people who read and save on 2,000 machines for a minute, by one process and by three;
// and how its routes stand beside the least that would answer the same rows, measured in turns in one run.

const root = fileURLToPath(new URL('..', import.meta.url))
const [people, seconds, roundSeconds] = [50, 60, 4]
/** Requests a second of all of them together: each does something three times in two seconds. */
const pace = 75

interface Served {
  port: number
  stop: () => Promise<void>
}

async function program(args: readonly string[], env: Record<string, string>, ready: RegExp): Promise<Served> {
  const port = await freePort()
  const child: ChildProcess = spawn(process.execPath, ['--import', 'tsx', ...args], {
    cwd: root,
    env: { ...process.env, ...env, PORT: String(port) },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  await new Promise<void>((up, failed) => {
    child.once('exit', () => failed(new Error(`${args[0]} did not come up`)))
    child.stdout?.on('data', (text: Buffer) => {
      if (ready.test(text.toString())) up()
    })
  })
  return {
    port,
    stop: () =>
      new Promise((ended) => {
        child.once('exit', () => ended())
        child.kill('SIGINT')
      }),
  }
}

/** Whoever asks is one of the demo: each of the fifty has a session of their own. */
async function signIn(port: number): Promise<string> {
  const answer = await fetch(`http://127.0.0.1:${port}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login: 'technician', password: 'brine-and-grease' }),
  })
  return answer.headers.getSetCookie()[0]?.split(';')[0] ?? ''
}

async function load(port: number, url: string): Promise<string> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  const { rows } = await client.query<{ id: string; version: number; inputs: unknown }>(
    'select id, version, inputs from position where retired_at is null order by random() limit 800',
  )
  const { rows: machines } = await client.query<{ id: string }>('select id from machine order by random() limit 200')
  await client.end()
  const cookie = await signIn(port)
  // A minute of one person is limited; fifty of them are fifty accounts in life, and one here.
  const version = new Map(rows.map((row) => [row.id, row.version]))
  let at = 0
  const next = <T>(list: readonly T[]): T => list[at++ % list.length] as T
  const get = (path: () => string) => ({
    method: 'GET',
    setupRequest: (request: object) => ({ ...request, path: path() }),
  })
  const save = {
    method: 'PUT',
    setupRequest: (request: object) => {
      const one = next(rows)
      const was = version.get(one.id) ?? 1
      version.set(one.id, was + 1)
      return {
        ...request,
        path: `/api/positions/${one.id}`,
        headers: { cookie, 'content-type': 'application/json' },
        body: JSON.stringify({ version: was, inputs: one.inputs }),
      }
    },
  }
  const reads = [
    get(() => '/api/register'),
    get(() => `/api/positions/${next(rows).id}`),
    get(() => `/api/machines/${next(machines).id}`),
    get(() => '/api/register?q=fan'),
    get(() => `/api/positions/${next(rows).id}/history`),
    get(() => `/api/machines/${next(machines).id}/shaft`),
    get(() => '/api/jobs'),
  ]
  const result = await autocannon({
    url: `http://127.0.0.1:${port}`,
    connections: people,
    duration: seconds,
    overallRate: pace,
    headers: { cookie },
    requests: [...reads, save, ...reads, save],
  })
  const { requests, latency, non2xx, errors, timeouts } = result
  const others = Object.entries(result.statusCodeStats).map(([status, { count }]) => `${count} × ${status}`)
  return `${requests.total} requests, p50 ${latency.p50} ms, p99 ${latency.p99} ms, worst ${latency.max} ms, not answered ${errors + timeouts}, refused ${non2xx} (${others.join(', ')})` // prettier-ignore
}

/** Requests a second that a route answers, flat out, by ten connections. */
const flatOut = async (url: string, cookie: string): Promise<number> =>
  (await autocannon({ url, connections: 10, duration: roundSeconds, headers: { cookie } })).requests.average

async function beside(served: Served, bare: Served): Promise<string[]> {
  const cookie = await signIn(served.port)
  const lines: string[] = []
  for (const route of ['yard', 'register', 'areas']) {
    const [ours, least] = [`http://127.0.0.1:${served.port}/api/${route}`, `http://127.0.0.1:${bare.port}/${route}`]
    const ratios: number[] = []
    // In turns, so that a busy moment of the machine meets both.
    for (let round = 0; round < 3; round++) ratios.push((await flatOut(ours, cookie)) / (await flatOut(least, '')))
    const [, median = NaN] = ratios.sort((a, b) => a - b)
    lines.push(`${route.padEnd(10)} ${median.toFixed(2)} × as many requests a second as the bare route`)
  }
  return lines
}

const folder = mkdtempSync(join(tmpdir(), 'yardfrost-load-'))
chmodSync(folder, 0o755)
const cluster = new Cluster(join(folder, 'postgres'), await freePort())
try {
  await cluster.create()
  await cluster.start()
  const url = await cluster.makeDatabase('load')
  const env = {
    DATABASE_URL: url,
    YARDFROST_DEMO: 'yes',
    YARDFROST_BACKUP_AT: 'off',
    YARDFROST_REQUESTS_A_MINUTE: '1000000',
  }
  const lines: string[] = []
  for (const processes of [1, 3]) {
    const served = await program(['tools/serve.ts', '--processes', String(processes)], env, /sign in as viewer/)
    if (processes === 1) {
      await seedLargeSite(url)
      const bare = await program(['tools/bare-routes.ts'], env, /listening/)
      lines.push(...(await beside(served, bare)))
      await bare.stop()
    }
    lines.push(
      `${people} people for ${seconds} s, ${processes} ${processes === 1 ? 'process ' : 'processes'}: ${await load(served.port, url)}`,
    )
    await served.stop()
  }
  const report = [
    `node ${process.versions.node}, ${cpus().length} cores; 2,000 machines and some 6,000 positions`,
    ...lines,
  ].join('\n')
  console.log(report)
  if (process.argv.includes('--write')) {
    const file = join(root, 'docs/benchmarks.md')
    const head = '## Under load'
    const [before = ''] = readFileSync(file, 'utf8').split(`\n${head}`)
    writeFileSync(
      file,
      `${before.trimEnd()}\n\n${head}\n\nThe last run of \`npm run bench:load -- --write\`.\n\n\`\`\`\n${report}\n\`\`\`\n`,
    )
    say('wrote docs/benchmarks.md')
  }
} finally {
  await cluster.stop()
  rmSync(folder, { recursive: true, force: true })
}
