import { judgeAllTrends } from '@yardfrost/server'
import { fileURLToPath } from 'node:url'
import pg from 'pg'
import { inLargePlant } from './large-plant.ts'
import { writeBenchmark } from './write-benchmark.ts'

// Ten million readings of 2,000 positions over five years: how long the trend of one of them takes in the API.

const [positions, years, readings] = [2000, 5, 10_000_000]
const asked = 60
const lines: string[] = []
const say = (line: string): void => {
  lines.push(line)
  console.log(line)
}

await inLargePlant('readings', async ({ url, pool, references, serve }) => {
  const began = performance.now()
  await seed(url)
  say(
    `${readings.toLocaleString('en')} readings of 2,000 positions over ${years} years, seeded in ${((performance.now() - began) / 1000).toFixed(0)} s`,
  )
  const { stop, ask } = await serve()
  const { rows } = await pool.query<{ position_id: string }>('select distinct position_id from reading_day limit $1', [
    asked,
  ])
  const times: number[] = []
  for (const { position_id: id } of rows) times.push(await ask(`/positions/${id}/trends`))
  times.sort((a, b) => a - b)
  const shown = (ms: number | undefined) => (ms ?? NaN).toFixed(1)
  say(
    `trend of one position in the API: median ${shown(times[asked >> 1])} ms, worst ${shown(times.at(-1))} ms of ${asked}, under 50 ms asked`,
  )
  await pool.query(
    `insert into reading_trend (site_id, position_id, quantity, verdict, result)
     select distinct site_id, position_id, quantity, 'ok', '{}'::jsonb from reading_day on conflict do nothing`,
  )
  const from = performance.now()
  const judged = await judgeAllTrends(pool, references, new Date().toISOString().slice(0, 10))
  say(
    `all trends of ${judged} positions judged in ${((performance.now() - from) / 1000).toFixed(1)} s, under 60 s asked`,
  )
  await stop()
  writeBenchmark(fileURLToPath(new URL('../docs/benchmarks.md', import.meta.url)), {
    heading: 'Ten million readings',
    command: 'npm run bench:readings',
    lines,
  })
})

/** A reading every day and a few more, so that there are as many as asked, month by month. */
async function seed(url: string): Promise<void> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  // What is made here is right, and ten million looks at the same two tables are most of the time.
  const { rows } = await client.query<{ name: string }>(
    `select conname as name from pg_constraint where conrelid = 'reading'::regclass and contype = 'f'`,
  )
  for (const { name } of rows) await client.query(`alter table reading drop constraint ${name}`)
  const days = 365 * years
  const aDay = Math.round(readings / positions / days)
  for (let from = 0; from < days; from += 30) {
    await client.query(
      `select make_reading_month(d) from generate_series(now() - make_interval(days => $1), now() - make_interval(days => $2), '7 days') d`,
      [days - from, Math.max(0, days - from - 30)],
    )
    await client.query(
      `insert into reading (site_id, position_id, quantity, at, value, source)
       select p.site_id, p.id, 'temperature', now() - make_interval(days => $1 - d, hours => 6 * k),
         55 + 3 * random(), 'bench'
       from (select id, site_id from position where retired_at is null order by id limit $3) p
       cross join generate_series(0, least(29, $1 - 1)) d
       cross join generate_series(1, $2) k`,
      [days - from, aDay, positions],
    )
  }
  await client.query(
    `insert into reading_day (site_id, position_id, quantity, day, count, low, high, total, squares, median, judged_count, judged_median)
     select site_id, position_id, quantity, (at at time zone 'UTC')::date, count(*), min(value), max(value), sum(value),
       sum(value ^ 2), percentile_cont(0.5) within group (order by value), count(*),
       percentile_cont(0.5) within group (order by value)
     from reading
     where source = 'bench'
     group by 1, 2, 3, 4
     on conflict do nothing`,
  )
  await client.query('vacuum analyze')
  await client.end()
}
