import pg from 'pg'
import { openPool } from '../src/store/database.ts'

export interface TestDatabase {
  pool: pg.Pool
  url: string
  drop: () => Promise<void>
}

function clusterUrl(): string {
  const url = process.env['YARDFROST_TEST_POSTGRES']
  if (!url) throw new Error('YARDFROST_TEST_POSTGRES says where the test cluster is; "npm test" sets it')
  return url
}

async function connectToCluster(): Promise<pg.Client> {
  const admin = new pg.Client({ connectionString: `${clusterUrl()}/postgres`, connectionTimeoutMillis: 5000 })
  await admin.connect()
  return admin
}

// One failure for all of them, and at once, where there is no cluster.
before('a cluster to test on', async () => {
  await (await connectToCluster()).end()
})

/** A new, empty database on the cluster that the test run started. One for each test file. */
export async function testDatabase(name: string): Promise<TestDatabase> {
  const base = clusterUrl()
  const admin = await connectToCluster()
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
