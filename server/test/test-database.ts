import pg from 'pg'
import { openPool } from '../src/store/database.ts'

export interface TestDatabase {
  pool: pg.Pool
  url: string
  drop: () => Promise<void>
}

/** A new, empty database on the cluster that the test run started. One for each test file. */
export async function testDatabase(name: string): Promise<TestDatabase> {
  const base = process.env['YARDFROST_TEST_POSTGRES']
  if (!base) throw new Error('YARDFROST_TEST_POSTGRES says where the test cluster is; "npm test" sets it')
  const admin = new pg.Client({ connectionString: `${base}/postgres` })
  await admin.connect()
  await admin.query(`create database ${pg.escapeIdentifier(name)}`)
  const pool = openPool(`${base}/${name}`, () => undefined)
  return {
    pool,
    url: `${base}/${name}`,
    drop: async () => {
      await pool.end()
      await admin.query(`drop database ${pg.escapeIdentifier(name)} with (force)`)
      await admin.end()
    },
  }
}
