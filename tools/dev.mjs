import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { checkNode, ensureDebianPackages, ensureNpmPackages, root, say } from './bootstrap.mjs'

// Server and page both follow what is edited; nothing is built.
checkNode()
if (!process.env.DATABASE_URL) ensureDebianPackages(['postgresql'])
ensureNpmPackages()
const running = [
  spawn('node_modules/.bin/tsx', ['watch', '--clear-screen=false', 'tools/serve.ts', '--without-page'], {
    cwd: root,
    stdio: 'inherit',
  }),
  spawn('../node_modules/.bin/vite', { cwd: join(root, 'web'), stdio: 'inherit' }),
]
say('the page that follows your edits is at http://localhost:5173')
let stopping = false
const stop = () => {
  // Told twice, the watcher would kill the server in the middle of its cleaning up.
  if (stopping) return
  stopping = true
  for (const one of running) one.kill('SIGTERM')
}
// At a terminal Ctrl-C reaches both by itself; the server cleans up, and this waits for it.
process.on('SIGINT', () => undefined)
process.on('SIGTERM', stop)
await Promise.all(running.map((one) => new Promise((ended) => one.on('exit', ended)).then(stop)))
