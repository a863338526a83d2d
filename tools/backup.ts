import { resolve } from 'node:path'
import { backupName, writeBackup } from './backup-file.ts'
import { command, say } from './command.ts'
import { withDatabase } from './own-database.ts'
import { options, settings } from './settings.ts'

// Writes the whole database into one file; it may be used meanwhile.
await command(async () => {
  const set = settings()
  const { positionals } = options({}, 'npm run backup -- [FILE]')
  const file = resolve(positionals[0] ?? `${set.backups}/${backupName(new Date())}`)
  const bytes = await withDatabase(set, say, (url) => writeBackup(url, file))
  say(`wrote ${file}, ${(bytes / 1e6).toFixed(1)} MB`)
})
