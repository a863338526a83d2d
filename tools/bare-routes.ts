import express from 'express'
import pg from 'pg'

// The least that would answer the same rows: one query, one answer; nobody asks who it is for. To compare with.
const pool = new pg.Pool({ connectionString: process.env['DATABASE_URL'], max: 10 })
const app = express()
const { rows } = await pool.query<{ id: string }>('select id from site limit 1')
const siteId = rows[0]?.id

app.get('/yard', async (_request, response) => {
  const found = await pool.query({
    name: 'yard',
    text: `select a.id as area_id, a.name as area, m.id, m.tag, m.name, m.kind, m.duty, m.positions
           from area a left join machine_in_register m on m.area_id = a.id and m.retired_at is null
           where a.site_id = $1 order by a.walk_order, m.walk_order, m.tag`,
    values: [siteId],
  })
  response.json(found.rows)
})
app.get('/register', async (_request, response) => {
  const found = await pool.query({
    name: 'register',
    text: `select r.* from machine m join area a on a.id = m.area_id join machine_in_register r on r.id = m.id
           where m.site_id = $1 and m.retired_at is null order by a.walk_order, m.walk_order, m.tag limit 60`,
    values: [siteId],
  })
  response.json(found.rows)
})
app.get('/areas', async (_request, response) => {
  const found = await pool.query({
    name: 'areas',
    text: 'select name from area where site_id = $1 order by walk_order',
    values: [siteId],
  })
  response.json(found.rows)
})
app.listen(Number(process.env['PORT']), '127.0.0.1', () => console.log('listening'))
process.on('SIGINT', () => process.exit(0))
