import autocannon from 'autocannon'
import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync, chmodSync } from 'node:fs'
import { cpus, tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { fileURLToPath } from 'node:url'
import pg from 'pg'
import { seedLargeSite } from './demo/large-site.ts'
import { freePort } from './free-port.ts'
import { Cluster } from './postgres.ts'
import { writeBenchmark } from './write-benchmark.ts'

// How the server bears a plant: fifty people who read and save on 2,000 machines for a minute, by one process and by three;
// and how its routes stand beside the least that would answer the same rows, measured in turns in one run.

const root = fileURLToPath(new URL('..', import.meta.url))
const [people, seconds, roundSeconds] = [50, 60, 4]
/** How long a person thinks between two requests, about, ms. */
const thinkMs = 600

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
    child.once('exit', () => failed(new Error(`${args[0] ?? 'a program'} did not come up`)))
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

async function signIn(port: number): Promise<string> {
  const answer = await fetch(`http://127.0.0.1:${port}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login: 'technician', password: 'brine-and-grease' }),
  })
  return answer.headers.getSetCookie()[0]?.split(';')[0] ?? ''
}

/** What one person does: looks, thinks, looks, saves. Each has positions of their own, so that nobody saves over another. */
async function person(
  { base, cookie }: { base: string; cookie: string },
  mine: { positions: { id: string; version: number; inputs: unknown }[]; machines: { id: string }[] },
  until: number,
  answered: (ms: number, status: number, saves: boolean) => void,
): Promise<void> {
  // Each comes at a moment of their own: fifty in one millisecond are no fifty people.
  await pause(thinkMs * Math.random())
  for (let turn = 0; Date.now() < until; turn++) {
    const position = mine.positions[turn % mine.positions.length]
    const machine = mine.machines[turn % mine.machines.length]
    if (!position || !machine) return
    const paths = [
      '/register',
      `/machines/${machine.id}`,
      `/positions/${position.id}`,
      `/machines/${machine.id}/shaft`,
      '/register?q=fan',
      '/jobs',
      `/positions/${position.id}/history`,
    ]
    const saves = turn % 4 === 3
    const began = performance.now()
    const answer = await fetch(`${base}${saves ? `/positions/${position.id}` : (paths[turn % paths.length] ?? '')}`, {
      headers: { cookie, ...(saves ? { 'content-type': 'application/json' } : {}) },
      ...(saves ? { method: 'PUT', body: JSON.stringify({ version: position.version, inputs: position.inputs }) } : {}),
    })
    await answer.text()
    answered(performance.now() - began, answer.status, saves)
    if (saves && answer.ok) position.version++
    await pause(thinkMs * (0.5 + Math.random()))
  }
}

async function load(port: number, url: string): Promise<string> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  const { rows: positions } = await client.query<{ id: string; version: number; inputs: unknown }>(
    'select id, version, inputs from position where retired_at is null order by random() limit $1',
    [people * 12],
  )
  const { rows: machines } = await client.query<{ id: string }>('select id from machine order by random() limit $1', [
    people * 4,
  ])
  await client.end()
  const times: number[] = []
  const saved: number[] = []
  const statuses = new Map<number, number>()
  const cookies: string[] = []
  // One after another: so many at once of one name are taken for guesses.
  for (let one = 0; one < people; one++) cookies.push(await signIn(port))
  const until = Date.now() + seconds * 1000
  await Promise.all(
    Array.from({ length: people }, (_, index) =>
      person(
        { base: `http://127.0.0.1:${port}/api`, cookie: cookies[index] ?? '' },
        { positions: positions.slice(index * 12, index * 12 + 12), machines: machines.slice(index * 4, index * 4 + 4) },
        until,
        (ms, status, saves) => {
          times.push(ms)
          if (saves) saved.push(ms)
          statuses.set(status, (statuses.get(status) ?? 0) + 1)
        },
      ),
    ),
  )
  times.sort((a, b) => a - b)
  saved.sort((a, b) => a - b)
  const at = (share: number, of = times) => Math.round(of[Math.floor(share * of.length)] ?? NaN)
  const told = [...statuses].map(([status, count]) => `${count} × ${status}`).join(', ')
  return `${(times.length / seconds).toFixed(0)} requests a second, p50 ${at(0.5)} ms, p99 ${at(0.99)} ms (saves alone ${at(0.99, saved)} ms), worst ${Math.round(times.at(-1) ?? NaN)} ms, answered ${told}` // prettier-ignore
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
  writeBenchmark(join(root, 'docs/benchmarks.md'), {
    heading: 'Under load',
    command: 'npm run bench:load',
    lines: [report],
  })
} finally {
  await cluster.stop()
  rmSync(folder, { recursive: true, force: true })
}
