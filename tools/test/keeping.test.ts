import { exportSite, importSite, inTransaction, migrate, openPool, pendingMigrations, readPhoto, removeDemo, SiteFilesError } from '@yardfrost/server' // prettier-ignore
import { assert } from 'chai'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type pg from 'pg'
import { backupName, nightsKept, readBackup, writeBackup } from '../backup-file.ts'
import { loadDemoSite } from '../demo/load-plant.ts'
import { references } from './references.ts'
import { backUpIfDue, lastDue } from '../nightly.ts'
import { temporaryCluster, type TemporaryCluster } from '../temporary-app.ts'

const dot = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg=='
const siteName = 'Marram Point Saltworks'

/** Every row of every table, as sums: two databases that hold the same say the same. */
async function sums(pool: pg.Pool, leftOut: readonly string[] = []): Promise<Record<string, string>> {
  const { rows } = await pool.query<{ name: string }>(
    // Months of readings are counted with the table they are parts of.
    `select tablename as name from pg_tables where schemaname = 'public' and tablename !~ '^reading_[0-9]' order by 1`,
  )
  const found: Record<string, string> = {}
  for (const { name } of rows.filter((one) => !leftOut.includes(one.name))) {
    const { rows: sum } = await pool.query<{ sum: string | null; count: string }>(
      `select md5(string_agg(t::text, E'\\n' order by t::text)) as sum, count(*) from ${name} t`,
    )
    found[name] = `${sum[0]?.count} ${sum[0]?.sum}`
  }
  return found
}

describe('keeping it', function () {
  this.timeout(120_000)
  let temporary: TemporaryCluster
  let url: string
  let pool: pg.Pool
  let folder: string
  const undo: (() => Promise<unknown>)[] = []
  const fresh = async (name: string) => {
    const address = await temporary.cluster.makeDatabase(name)
    const opened = openPool(address, () => undefined)
    undo.push(() => opened.end())
    return { address, opened }
  }

  before(async () => {
    temporary = await temporaryCluster()
    folder = mkdtempSync(join(tmpdir(), 'yardfrost-keep-'))
    ;({ address: url, opened: pool } = await fresh('plant'))
    await migrate(pool)
    await loadDemoSite(pool, references)
    // A photograph that no camera took, so that one is there.
    const { content } = await readPhoto(Buffer.from(dot, 'base64'))
    await pool.query(
      `insert into photo (id, site_id, job_id, type, content, account_id)
       select gen_random_uuid(), j.site_id, j.id, 'image/jpeg', $1, j.created_by from job j where j.created_by is not null limit 1`,
      [content],
    )
  })
  after(async () => {
    for (const end of undo) await end()
    await temporary.remove()
    rmSync(folder, { recursive: true, force: true })
  })

  describe('a backup', () => {
    it('restored into a fresh database holds the same, row by row', async () => {
      const file = join(folder, 'whole.backup')
      assert.isAbove(await writeBackup(url, file), 10_000)
      const { address, opened } = await fresh('restored')
      await readBackup(address, file)
      assert.deepEqual(await sums(opened), await sums(pool))
      assert.isEmpty(await migrate(opened))
    })

    it('that cannot be written leaves no file, and says why', async () => {
      const file = join(folder, 'none.backup')
      const failed = await writeBackup(url.replace(/\/plant$/, '/no_such'), file).then(() => '', String)
      assert.match(failed, /pg_dump failed: .*no_such/)
      assert.isFalse(existsSync(file))
      assert.notInclude(failed, new URL(url).password)
    })

    it('that is broken off restores nothing at all', async () => {
      const whole = join(folder, 'half.backup')
      await writeBackup(url, whole)
      writeFileSync(whole, readFileSync(whole).subarray(0, 20_000))
      const { address, opened } = await fresh('half')
      assert.match(await readBackup(address, whole).then(() => '', String), /pg_restore failed/)
      assert.isEmpty(await sums(opened))
    })
  })

  describe('each night', () => {
    const nights = () => ({ backups: join(folder, 'nights'), backupAt: 150 })
    const at = (day: number, hour = 3) => new Date(2031, 4, day, hour)

    it('is due at its minute, by the clock of the machine', () => {
      assert.deepEqual(lastDue(new Date(2031, 4, 7, 3), 150), new Date(2031, 4, 7, 2, 30))
      assert.deepEqual(lastDue(new Date(2031, 4, 7, 1), 150), new Date(2031, 4, 6, 2, 30))
    })

    it('is not made of the made-up plant, nor where it is switched off', async () => {
      assert.isFalse(await backUpIfDue(pool, url, nights(), at(1)))
      await pool.query('update site set demo = false')
      assert.isFalse(await backUpIfDue(pool, url, { ...nights(), backupAt: null }, at(1)))
    })

    it('is made once, though several servers ask, and the last fourteen are kept', async () => {
      await pool.query('delete from backup_run')
      const made = await Promise.all([1, 2, 3].map(() => backUpIfDue(pool, url, nights(), new Date())))
      assert.lengthOf(made.filter(Boolean), 1)
      for (let day = 1; day <= nightsKept; day++) writeFileSync(join(nights().backups, backupName(at(day))), 'old')
      writeFileSync(join(nights().backups, 'mine.backup'), 'kept')
      await pool.query('delete from backup_run')
      assert.isTrue(await backUpIfDue(pool, url, nights(), new Date()))
      const names = readdirSync(nights().backups)
      assert.lengthOf(names, nightsKept + 1)
      assert.include(names, 'mine.backup')
      assert.notInclude(names, backupName(new Date()))
    })

    it('that fails is told, and the one before with its day', async () => {
      await pool.query('delete from backup_run')
      await backUpIfDue(pool, url, nights(), new Date())
      await pool.query(`update backup_run set began_at = now() - interval '2 days'`)
      const wrong = { ...nights(), backups: join(folder, 'whole.backup', 'nights') }
      assert.match(await backUpIfDue(pool, url, wrong, new Date()).then(() => '', String), /ENOTDIR|EEXIST/)
      const { rows } = await pool.query(`select trouble is not null as failed from backup_run order by id`)
      assert.deepEqual(rows, [{ failed: false }, { failed: true }])
    })
  })

  describe('open files', () => {
    let written: string
    const exported = async (from: pg.Pool, name: string) => {
      const to = join(folder, name)
      const db = await from.connect()
      try {
        assert.isNotNull(await exportSite(db, siteName, to, '1.2.3'))
      } finally {
        db.release()
      }
      return to
    }
    before(async () => {
      written = await exported(pool, 'open')
    })

    it('tell every column of every file in their README', () => {
      const readme = readFileSync(join(written, 'README.md'), 'utf8')
      for (const name of readdirSync(written).filter((one) => one.endsWith('.csv')))
        for (const column of (readFileSync(join(written, name), 'utf8').split('\n')[0] ?? '').split(','))
          assert.include(readme, `| ${column} |`, name)
    })

    it('hold no password, no session and no link', () => {
      for (const name of readdirSync(written).filter((one) => /\.(csv|json|md)$/.test(one)))
        assert.notMatch(readFileSync(join(written, name), 'utf8'), /argon2|word_hash|"sid"/, name)
    })

    it('read into a fresh database give the same files again', async () => {
      const { opened } = await fresh('read')
      await migrate(opened)
      const { counts } = await inTransaction(opened, (db) => importSite(db, written))
      assert.isAbove(counts['positions'] ?? 0, 20)
      const again = await exported(opened, 'again')
      const files = readdirSync(written).filter((one) => one !== 'README.md' && one !== 'photographs')
      assert.sameMembers(
        readdirSync(again).filter((one) => one !== 'README.md' && one !== 'photographs'),
        files,
      )
      for (const name of files)
        assert.equal(readFileSync(join(again, name), 'utf8'), readFileSync(join(written, name), 'utf8'), name)
      for (const name of readdirSync(join(written, 'photographs')))
        assert.isTrue(
          readFileSync(join(again, 'photographs', name)).equals(readFileSync(join(written, 'photographs', name))),
        )
    })

    it('are not read over a site that is here', async () => {
      const before = await sums(pool)
      for (const [as, why] of [
        [null, /There is a site/],
        ['Another', /here already/],
      ] as const) {
        const failed = await inTransaction(pool, (db) => importSite(db, written, as)).then(() => null, (error: unknown) => error) // prettier-ignore
        assert.instanceOf(failed, SiteFilesError)
        assert.match(String(failed), why)
      }
      assert.deepEqual(await sums(pool), before)
    })

    it('of an older version lack what it did not have, and are read', async () => {
      const older = await exported(pool, 'older')
      for (const name of [
        'points',
        'meters',
        'stops',
        'rounds',
        'visits',
        'readings',
        'reading-days',
        'reading-basis',
        'trends',
        'findings',
        'bearings',
        'shelf',
        'shelf-moves',
        'maker-values',
      ])
        for (const ending of ['csv', 'json']) rmSync(join(older, `${name}.${ending}`), { force: true })
      const site = join(older, 'site.json')
      writeFileSync(site, readFileSync(site, 'utf8').replace(/"files": \d+/, '"files": 1'))
      const { opened } = await fresh('older')
      await migrate(opened)
      const { counts } = await inTransaction(opened, (db) => importSite(db, older))
      assert.isAbove(counts['positions'] ?? 0, 20)
      assert.notProperty(counts, 'points')
    })

    it('of a version with fewer columns are read, where what lacks may be empty', async () => {
      const older = await exported(pool, 'fewer')
      const path = join(older, 'photographs.csv')
      const lines = readFileSync(path, 'utf8').split('\n')
      const place = (lines[0] ?? '').split(',').indexOf('round_id')
      const without = lines.map((line) => line.split(',').filter((_, at) => at !== place).join(',')) // prettier-ignore
      writeFileSync(path, without.join('\n'))
      const { opened } = await fresh('fewer')
      await migrate(opened)
      const { counts } = await inTransaction(opened, (db) => importSite(db, older))
      assert.isAbove(counts['photographs'] ?? 0, 0)
    })

    it('of which one is missing are not read at all, and it is named', async () => {
      const lacking = await exported(pool, 'lacking')
      rmSync(join(lacking, 'jobs.json'))
      const { opened } = await fresh('lacking')
      await migrate(opened)
      const failed = await inTransaction(opened, (db) => importSite(db, lacking)).then(() => '', String)
      assert.match(failed, /jobs\.json is missing/)
      assert.equal((await opened.query('select count(*)::int as sites from site')).rows[0].sites, 0)
    })
  })

  it('says what a new version would migrate, in the words of each migration', async () => {
    const { opened } = await fresh('empty')
    const all = await pendingMigrations(opened)
    assert.isAbove(all.length, 10)
    for (const { name, about } of all) assert.match(about, /^[A-Z].{10,}/, name)
    await migrate(opened)
    assert.isEmpty(await pendingMigrations(opened))
  })

  it('removes the demo whole: nothing of it is left in any table', async () => {
    const { opened } = await fresh('demo')
    await migrate(opened)
    const before = await sums(opened)
    await loadDemoSite(opened, references)
    assert.isTrue(await inTransaction(opened, removeDemo))
    assert.deepEqual(await sums(opened), before)
    assert.isFalse(await inTransaction(opened, removeDemo))
  })
})
