import pg from 'pg'
import type { Page } from './page.ts'
import type { Timed } from './timed.ts'

const machines = 2000

/** Copies the demo site's machines, with their positions, until there are 2,000 machines and some 6,000 positions. */
async function seedLargeSite(): Promise<void> {
  const client = new pg.Client({ connectionString: process.env['YARDFROST_DATABASE'] })
  await client.connect()
  try {
    await client.query(
      `with pattern as (
         select m.*, row_number() over (order by m.tag) - 1 as turn, count(*) over () as patterns
         from machine m
       ), made as (
         insert into machine (site_id, area_id, tag, name, kind, duty, walk_order)
         select p.site_id, p.area_id, p.tag || '-' || n, p.name || ' ' || n, p.kind, p.duty, 100 + n
         from generate_series(1, $1 - (select count(*)::int from machine)) n
         join pattern p on p.turn = n % p.patterns
         returning id, site_id, tag
       )
       insert into position (site_id, machine_id, name, walk_order, inputs, result, state, designation, finding)
       select m.site_id, m.id, 'Bearing ' || k, k, o.inputs, o.result, o.state, o.designation, o.finding
       from made m
       cross join generate_series(1, 3) k
       join machine pattern on pattern.tag = regexp_replace(m.tag, '-[0-9]+$', '') and pattern.site_id = m.site_id
       join lateral (
         select * from position where machine_id = pattern.id order by walk_order offset (k - 1) % 2 limit 1
       ) o on true`,
      [machines],
    )
    // What the database does by itself within a minute or so.
    await client.query('vacuum analyze')
  } finally {
    await client.end()
  }
}

/** Times the register of a large site: the API alone, and on the page from the keystroke to the rows. */
export async function timeRegister(page: Page): Promise<Timed[]> {
  await seedLargeSite()
  await page.go('/register')
  await page.see('[data-test="register-count"]')
  const timed: Timed[] = []
  for (const [field, path] of [
    ['areas API, to compare with', '/areas'],
    ['register API, first page', '/register'],
    ['register API, two words', '/register?q=fan%206311'],
    ['register API, last page', '/register?offset=1940'],
    ['register API, nothing found', '/register?q=zzz'],
  ] as const) {
    const times = await page.driver.executeAsyncScript<number[]>(
      `const [path, done] = arguments
       const run = async () => {
         const times = []
         for (let round = 0; round < 30; round++) {
           const began = performance.now()
           await (await fetch('/api' + path)).text()
           times.push(performance.now() - began)
         }
         return times
       }
       run().then(done)`,
      path,
    )
    timed.push({ field, times: times.slice(5), limitMs: 30 })
  }
  const typed = await page.driver.executeAsyncScript<number[]>(
    `const done = arguments[arguments.length - 1]
     const input = document.querySelector('[data-test="register-search"]')
     const count = document.querySelector('[data-test="register-count"]')
     const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
     // The pause in which more letters may come is not work; it is taken off.
     const pauseMs = 100
     const search = (text) => new Promise((found) => {
       const before = count.textContent
       const began = performance.now()
       const look = new MutationObserver(() => {
         if (count.textContent === before) return
         look.disconnect()
         setTimeout(() => {
           void document.body.offsetHeight
           found(performance.now() - began - pauseMs)
         }, 0)
       })
       look.observe(count, { characterData: true, childList: true, subtree: true })
       set.call(input, text)
       input.dispatchEvent(new Event('input', { bubbles: true }))
     })
     const run = async () => {
       const times = []
       for (let round = 0; round < 8; round++)
         for (const text of ['pump', 'pump 6313', 'fan', '']) times.push(await search(text))
       return times
     }
     run().then(done)`,
  )
  timed.push({ field: 'register, typed to rows', times: typed.slice(4), limitMs: 100 })
  return timed
}
