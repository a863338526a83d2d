import { stringify } from 'csv-stringify/sync'
import { mkdirSync, readdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type pg from 'pg'
import { z } from 'zod'
import {
  escaped,
  isFreeText,
  peopleColumns,
  readmeOf,
  siteFiles,
  SiteFilesError,
  type FileColumn,
  type SiteFile,
} from './site-files.ts'

/** Version of these files; one that reads them looks at it first. */
export const filesVersion = 5

type Row = Record<string, string | null>

const csvOf = (columns: Readonly<Record<string, FileColumn>>, rows: readonly Row[]): string =>
  stringify(
    rows.map((row) =>
      Object.entries(columns).map(([name, column]) => {
        const text = row[name] ?? ''
        return isFreeText(column) ? escaped(text) : text
      }),
    ),
    { header: true, columns: Object.keys(columns) },
  )

/** A list as JSON with each item on a line of its own, so that two exports can be compared. */
const listOf = (items: readonly string[]): string => (items.length === 0 ? '[]\n' : `[\n${items.join(',\n')}\n]\n`)

async function writeTable(db: pg.PoolClient, siteId: string, folder: string, file: SiteFile): Promise<number> {
  const columns = Object.keys(file.columns).map((name) => `${name}::text as ${name}`)
  const { rows } = await db.query<Row>(
    `select ${columns.join(', ')} from ${file.table} where site_id = $1 order by ${file.order}`,
    [siteId],
  )
  writeFileSync(join(folder, `${file.name}.csv`), csvOf(file.columns, rows))
  const documents = [...file.key, ...Object.keys(file.documents)]
  if (Object.keys(file.documents).length > 0) {
    const { rows: found } = await db.query<{ item: string }>(
      `select row_to_json(d)::text as item
       from (select ${documents.join(', ')} from ${file.table} where site_id = $1 order by ${file.order}) d`,
      [siteId],
    )
    writeFileSync(join(folder, `${file.name}.json`), listOf(found.map(({ item }) => item)))
  }
  return rows.length
}

async function writePhotographs(db: pg.PoolClient, siteId: string, folder: string): Promise<void> {
  mkdirSync(join(folder, 'photographs'))
  const { rows } = await db.query<{ id: string }>('select id from photo where site_id = $1', [siteId])
  // One at a time: together they may be larger than the memory.
  for (const { id } of rows) {
    const { rows: found } = await db.query<{ content: Buffer }>('select content from photo where id = $1', [id])
    if (found[0]) writeFileSync(join(folder, 'photographs', `${id}.jpg`), found[0].content)
  }
}

/**
 * Writes a whole site as open files into an empty folder, as it stands at one moment.
 *
 * @param db - inside a transaction of repeatable reads
 * @returns lines of each file; null where there is no such site
 * @throws SiteFilesError where the folder is not empty
 */
export async function exportSite(
  db: pg.PoolClient,
  siteName: string,
  folder: string,
  version: string,
): Promise<Record<string, number> | null> {
  const { rows } = await db.query('select id, name, practices, settings from site where lower(name) = lower($1)', [
    siteName,
  ])
  const SiteRow = z.object({ id: z.uuid(), name: z.string(), practices: z.unknown(), settings: z.unknown() })
  if (!rows[0]) return null
  const { id: siteId, name, ...rest } = SiteRow.parse(rows[0])
  mkdirSync(folder, { recursive: true })
  if (readdirSync(folder).length > 0) throw new SiteFilesError(`${folder} is not empty; name a new folder.`)
  writeFileSync(join(folder, 'site.json'), `${JSON.stringify({ files: filesVersion, name, ...rest }, null, 2)}\n`)
  const { rows: people } = await db.query<Row>(
    `select a.id::text, a.login, m.name, m.role, m.created_at::text, m.retired_at::text
     from membership m join account a on a.id = m.account_id where m.site_id = $1 order by a.login`,
    [siteId],
  )
  writeFileSync(join(folder, 'people.csv'), csvOf(peopleColumns, people))
  const counts: Record<string, number> = { people: people.length }
  for (const file of siteFiles) counts[file.name] = await writeTable(db, siteId, folder, file)
  await writePhotographs(db, siteId, folder)
  writeFileSync(join(folder, 'README.md'), readmeOf(name, version, new Date()))
  return counts
}
