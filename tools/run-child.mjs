import { spawn } from 'node:child_process'
import { root } from './bootstrap.mjs'

/**
 * Runs a TypeScript program to its end and passes signals on: the child cleans up, this process waits for it.
 *
 * @returns {Promise<number>} exit code
 */
export function runTypeScript(file, args = [], env = {}) {
  const child = spawn(process.execPath, ['--import', 'tsx', file, ...args], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  })
  // At a terminal Ctrl-C reaches the child by itself; a second signal would cut its clean-up short.
  process.on('SIGINT', () => undefined)
  process.on('SIGTERM', () => child.kill('SIGTERM'))
  process.on('SIGHUP', () => child.kill('SIGTERM'))
  return new Promise((ended) => child.on('exit', (code) => ended(code ?? 1)))
}
