import { closeSync, existsSync, mkdirSync, openSync, readFileSync, rmSync, writeSync } from 'node:fs'
import { dirname } from 'node:path'
import { z } from 'zod'

const Holder = z.object({ pid: z.int(), port: z.int() })

/** Says that another Yardfrost uses the same data. */
export class AlreadyRunning extends Error {
  override readonly name = 'AlreadyRunning'
  readonly port: number

  constructor({ pid, port }: { pid: number; port: number }) {
    super(`Yardfrost is already running on this data: process ${pid}, http://localhost:${port}`)
    this.port = port
  }
}

/**
 * Takes a lock file that tells which process uses a data folder.
 *
 * @returns a function that gives it back
 * @throws AlreadyRunning while its holder lives; the file of a dead one is taken over
 */
export function takeLock(file: string, port: number): () => void {
  mkdirSync(dirname(file), { recursive: true })
  const holder = readHolder(file)
  if (holder && isYardfrost(holder.pid)) throw new AlreadyRunning(holder)
  rmSync(file, { force: true })
  // Made only if absent, so that of two that start together one fails here.
  const handle = openSync(file, 'wx')
  writeSync(handle, JSON.stringify({ pid: process.pid, port }))
  closeSync(handle)
  return () => rmSync(file, { force: true })
}

function readHolder(file: string): z.infer<typeof Holder> | null {
  if (!existsSync(file)) return null
  try {
    return Holder.parse(JSON.parse(readFileSync(file, 'utf8')))
  } catch (error) {
    // A file cut short by a crash names nobody.
    if (error instanceof SyntaxError || error instanceof z.ZodError) return null
    throw error
  }
}

/** Process numbers are used again, so the name is looked at too. */
function isYardfrost(pid: number): boolean {
  const file = `/proc/${pid}/cmdline`
  return existsSync(file) && readFileSync(file, 'utf8').includes('tools/serve.ts')
}
