import { inTransaction, linkForLogin } from '@yardfrost/server'
import { command, say } from './command.ts'
import { withPool } from './own-database.ts'
import { options, SettingError, settings } from './settings.ts'

// A link to set a password by, for somebody no planner can help: the last planner, or a person of several sites.
await command(async () => {
  const usage = 'npm run password-link -- LOGIN'
  const set = settings()
  const [login] = options({}, usage).positionals
  if (!login) throw new SettingError(`For whom? usage: ${usage}`)
  await withPool(set, say, async (pool) => {
    const word = await inTransaction(pool, (db) => linkForLogin(db, login))
    if (word === null) throw new SettingError(`Nobody signs in as "${login}".`)
    say(`${login} sets a password at http://localhost:${set.port}/welcome#${word} (good once, for three days)`)
  })
})
