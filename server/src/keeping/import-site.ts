import { SitePractices, SiteSettings } from '@yardfrost/core'
import { parse } from 'csv-parse/sync'
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type pg from 'pg'
import { z } from 'zod'
import { readPhoto } from '../photo/read-photo.ts'
import { makeMonths } from '../store/readings.ts'
import { askJudging } from '../store/sites.ts'
import { filesVersion } from './export-site.ts'
import {
  isFreeText,
  peopleColumns,
  siteFiles,
  SiteFilesError,
  unescaped,
  type FileColumn,
  type SiteFile,
} from './site-files.ts'

type Row = Record<string, string | null>

function read(folder: string, file: string): string {
  const path = join(folder, file)
  if (!existsSync(path)) throw new SiteFilesError(`${file} is missing in ${folder}.`)
  return readFileSync(path, 'utf8')
}

function rowsOf(folder: string, name: string, columns: Readonly<Record<string, FileColumn>>): Row[] {
  const lines = z
    .array(z.record(z.string(), z.string()))
    .parse(parse(read(folder, `${name}.csv`), { columns: true, bom: true, skip_empty_lines: true }))
  // What may be empty may be missing: files of before had fewer columns.
  const missing = Object.keys(columns).filter((name) => lines[0] && !(name in lines[0]) && !columns[name]?.optional)
  if (missing.length > 0) throw new SiteFilesError(`${name}.csv lacks the columns ${missing.join(', ')}.`)
  return lines.map((line) =>
    Object.fromEntries(
      Object.entries(columns).map(([column, how]) => {
        const text = isFreeText(how) ? unescaped(line[column] ?? '') : (line[column] ?? '')
        return [column, text === '' && how.optional ? null : text]
      }),
    ),
  )
}

/** Documents of a table by the key of their line. */
function documentsOf(folder: string, file: SiteFile): Map<string, Record<string, unknown>> {
  if (Object.keys(file.documents).length === 0) return new Map()
  const list = z.array(z.record(z.string(), z.unknown())).parse(JSON.parse(read(folder, `${file.name}.json`)))
  return new Map(list.map((one) => [keyOf(file, one), one]))
}
const keyOf = ({ key }: SiteFile, row: Record<string, unknown>): string =>
  key.map((column) => String(row[column])).join(' ')

const castOf = (cast: string, place: number): string =>
  cast === 'account'
    ? `$${place}::uuid`
    : cast === 'uuid[]'
      ? `array(select jsonb_array_elements_text($${place}::jsonb))::uuid[]`
      : cast === 'text'
        ? `$${place}`
        : `$${place}::${cast}`

/** People come in without passwords; one whose sign-in name is here already is that person. */
async function addPeople(db: pg.PoolClient, siteId: string, folder: string): Promise<Map<string, string>> {
  const here = new Map<string, string>()
  for (const { id, login, name, role, created_at, retired_at } of rowsOf(folder, 'people', peopleColumns)) {
    const { rows: known } = await db.query<{ id: string }>('select id from account where lower(login) = lower($1)', [
      login,
    ])
    const accountId = known[0]?.id ?? id ?? ''
    if (!known[0]) await db.query('insert into account (id, login) values ($1, $2)', [accountId, login])
    here.set(id ?? '', accountId)
    await db.query(
      `insert into membership (site_id, account_id, name, role, created_at, retired_at)
       values ($1, $2, $3, $4, $5::timestamptz, $6::timestamptz)`,
      [siteId, accountId, name, role, created_at, retired_at],
    )
  }
  return here
}

/** A photograph as it was exported; opened once, for it may have been changed since. */
async function photograph(folder: string, id: string): Promise<Buffer> {
  const path = join(folder, 'photographs', `${id}.jpg`)
  if (!existsSync(path)) throw new SiteFilesError(`photographs/${id}.jpg is missing in ${folder}.`)
  const content = readFileSync(path)
  await readPhoto(content)
  return content
}

async function addRows(
  db: pg.PoolClient,
  { siteId, folder, people }: { siteId: string; folder: string; people: ReadonlyMap<string, string> },
  file: SiteFile,
): Promise<number> {
  const documents = documentsOf(folder, file)
  const rows = rowsOf(folder, file.name, file.columns)
  const [columns, papers] = [Object.entries(file.columns), Object.entries(file.documents)]
  const photographs = file.name === 'photographs'
  const names = [
    'site_id',
    ...columns.map(([name]) => name),
    ...papers.map(([name]) => name),
    ...(photographs ? ['content'] : []),
  ]
  const values = [
    '$1::uuid',
    ...columns.map(([name, { cast }], at) => (name === 'detail' ? `$${at + 2}::jsonb` : castOf(cast, at + 2))),
    ...papers.map(([, { cast }], at) => castOf(cast, columns.length + at + 2)),
    ...(photographs ? [`$${columns.length + papers.length + 2}::bytea`] : []),
  ]
  // Readings lie by months, each made as its first one comes.
  if (file.table === 'reading') await makeMonths(db, rows.map((row) => row['at'] ?? '')) // prettier-ignore
  const text = `insert into ${file.table} (${names.join(', ')}) values (${values.join(', ')})`
  for (const [index, row] of rows.entries()) {
    const paper = documents.get(keyOf(file, row))
    if (papers.length > 0 && !paper)
      throw new SiteFilesError(`${file.name}.json has nothing for line ${index + 2} of ${file.name}.csv.`)
    const given = [
      siteId,
      ...columns.map(([name, { cast }]) =>
        cast === 'account' && row[name] ? (people.get(row[name]) ?? null) : row[name],
      ),
      // A document that is null is none.
      ...papers.map(([name]) =>
        paper?.[name] === null || paper?.[name] === undefined ? null : JSON.stringify(paper[name]),
      ),
      ...(photographs ? [await photograph(folder, row['id'] ?? '')] : []),
    ]
    await db.query(text, given)
  }
  return rows.length
}

const SiteJson = z.object({
  files: z.int().min(1).max(filesVersion),
  name: z.string().min(1),
  practices: SitePractices,
  settings: SiteSettings.omit({ practices: true }).partial(),
})

/**
 * Reads a site that was exported: all of it, or nothing. Its positions are to be judged anew.
 *
 * @param as - another name for the site; its own where left out
 * @returns lines of each file
 * @throws SiteFilesError
 */
export async function importSite(
  db: pg.PoolClient,
  folder: string,
  as: string | null = null,
): Promise<{ name: string; counts: Record<string, number> }> {
  const given = z.record(z.string(), z.unknown()).parse(JSON.parse(read(folder, 'site.json')))
  const site = SiteJson.safeParse(given)
  if (!site.success)
    throw new SiteFilesError(`site.json in ${folder} is not one this version reads: ${z.prettifyError(site.error)}`)
  const name = as ?? site.data.name
  const { rows } = await db.query<{ id: string }>(
    'insert into site (name, practices, settings) values ($1, $2, $3) on conflict do nothing returning id',
    // As they were, and not with what this version fills in.
    [name, JSON.stringify(given['practices']), JSON.stringify(given['settings'])],
  )
  if (!rows[0]) throw new SiteFilesError(`There is a site ${name} already. Name this one otherwise with --as.`)
  const siteId = rows[0].id
  const people = await addPeople(db, siteId, folder)
  const counts: Record<string, number> = { people: people.size }
  try {
    for (const file of siteFiles.filter(({ since = 1 }) => since <= site.data.files))
      counts[file.name] = await addRows(db, { siteId, folder, people }, file)
  } catch (error) {
    if (error instanceof Error && 'code' in error && error.code === '23505')
      throw new SiteFilesError(
        'Machines, jobs or people of this export are here already: it was imported before, or never left.',
      )
    throw error
  }
  // Days of before knew no usual load: all of each is judged.
  if (site.data.files < 3)
    await db.query('update reading_day set judged_count = count, judged_median = median where site_id = $1', [siteId])
  await askJudging(db, siteId)
  return { name, counts }
}
