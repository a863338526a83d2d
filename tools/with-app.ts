import { pathToFileURL } from 'node:url'
import { newDatabase, temporaryApp, temporaryCluster } from './temporary-app.ts'

// Runs a script against the application with its demo data, on a database of its own.
const [script] = process.argv.slice(2)
if (!script) throw new Error('name the script to run')
const { cluster, remove } = await temporaryCluster()
try {
  const database = await newDatabase(cluster, 'app')
  const app = await temporaryApp(database)
  process.env['YARDFROST_URL'] = `http://127.0.0.1:${app.port}`
  process.env['YARDFROST_DATABASE'] = database
  try {
    await import(pathToFileURL(script).href)
  } finally {
    await app.stop()
  }
} finally {
  await remove()
}
