import { existsSync } from 'node:fs'
import { readBackup } from './backup-file.ts'
import { command, say } from './command.ts'
import { withDatabase } from './own-database.ts'
import { withClient } from './postgres.ts'
import { options, SettingError, settings } from './settings.ts'

const usage = 'npm run restore -- FILE [--into NAME]'

/** @throws SettingError where anything is in it: nothing is ever written over */
const refuseFull = (url: string): Promise<void> =>
  withClient(url, async (client) => {
    const { rowCount } = await client.query(`select 1 from pg_tables where schemaname = 'public' limit 1`)
    if (rowCount)
      throw new SettingError(
        'This database is not empty, and nothing is written over. Name another with --into, or start on a new data folder.',
      )
  })

// Brings a backup into the database of this machine, which has to be empty, or into one beside it that is made for it.
await command(async () => {
  const { values, positionals } = options({ into: { type: 'string' } }, usage)
  const [file] = positionals
  if (!file) throw new SettingError(`Which file? usage: ${usage}`)
  if (!existsSync(file)) throw new SettingError(`There is no file ${file}.`)
  const { into } = values
  if (into !== undefined && !/^[a-z][a-z0-9_]{0,50}$/.test(into))
    throw new SettingError(`--into is "${into}"; it must be small letters, digits and underscores.`)
  await withDatabase(settings(), say, async (own, make) => {
    const url = into === undefined ? own : await make(into)
    await refuseFull(url)
    await readBackup(url, file)
    const name = new URL(url).pathname.slice(1)
    say(`restored ${file} into the database ${name}${into === undefined ? '; npm start serves it' : ''}`)
  })
})
