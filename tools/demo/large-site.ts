import pg from 'pg'

const machines = 2000

/** Copies the demo site's machines, with their positions, until there are 2,000 machines and some 6,000 positions. */
export async function seedLargeSite(connectionString: string): Promise<void> {
  const client = new pg.Client({ connectionString })
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
