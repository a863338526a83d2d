import { fileURLToPath } from 'node:url'
import { inLargePlant } from './large-plant.ts'
import { writeBenchmark } from './write-benchmark.ts'

// A hundred thousand fitted bearings: how long a page of the log takes in the API, and what they say together.

const [bearings, times] = [100_000, 20]
const lines: string[] = []
const say = (line: string): void => {
  lines.push(line)
  console.log(line)
}

await inLargePlant('log', async ({ pool, serve }) => {
  // Bearings of some months each, one after the other, in every position until there are as many as asked.
  await pool.query(
    `with place as (
       select p.id, p.site_id, coalesce(p.bearing_type, 'deep-groove-ball') as type, coalesce(nullif(p.designation, ''), '6313') as name,
         row_number() over (order by p.id) as number, count(*) over () as places
       from position p
       where not exists (select from fitted_bearing f where f.position_id = p.id)
     )
     insert into fitted_bearing (site_id, position_id, designation, bearing_type, fitted_on, out_on, hours, ended, cause, source)
     select site_id, id, name, type, current_date - 60 * (k + 1), current_date - 60 * k, 300 + 12000 * random() ^ 2,
       (array['failed', 'failed', 'warned', 'sound'])[1 + (number + k) % 4],
       (array['lubricant-starvation', 'moisture-corrosion', 'debris-in-service', null])[1 + (number * 7 + k) % 4], 'file'
     from place
     cross join generate_series(1, greatest(1, $1 / places)::integer) k`,
    [bearings],
  )
  await pool.query(
    `insert into fitted_bearing (site_id, position_id, designation, bearing_type, fitted_on, source)
     select p.site_id, p.id, '6313', 'deep-groove-ball', current_date - 60, 'file'
     from position p
     where not exists (select from fitted_bearing f where f.position_id = p.id and f.out_on is null)`,
  )
  await pool.query('analyze')
  const { rows } = await pool.query<{ count: number }>('select count(*)::integer as count from fitted_bearing')
  say(`${(rows[0]?.count ?? 0).toLocaleString('en')} fitted bearings`)
  const { stop, ask } = await serve()
  const asked: [what: string, path: string, wanted: string][] = [
    ['a page of the log', '/log?limit=40', 'under 300 ms asked'],
    ['statistics of all of them', '/log/statistics?groupBy=machine', 'under 100 ms asked'],
    ['statistics of one type', '/log/statistics?type=spherical-roller', 'under 100 ms asked'],
  ]
  for (const [what, path, wanted] of asked) {
    const took: number[] = []
    for (let time = 0; time < times; time++) took.push(await ask(path))
    took.sort((a, b) => a - b)
    say(
      `${what}: median ${(took[times >> 1] ?? NaN).toFixed(0)} ms, worst ${(took.at(-1) ?? NaN).toFixed(0)} ms of ${times}, ${wanted}`,
    )
  }
  await stop()
  writeBenchmark(fileURLToPath(new URL('../docs/benchmarks.md', import.meta.url)), {
    heading: 'A hundred thousand bearings',
    command: 'npm run bench:log',
    lines,
  })
})
