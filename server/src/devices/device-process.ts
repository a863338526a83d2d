import { fork, type ChildProcess } from 'node:child_process'
import { fileURLToPath } from 'node:url'

/** A process that ends is started again after so long, ms. */
const againMs = 1000

export interface DeviceProcess {
  port: () => number
  /** Whether a process is there that has not ended. */
  running: () => boolean
  /** Ends the process without warning, as a pulled plug does; another one follows. */
  kill: () => void
  stop: () => Promise<void>
}

/**
 * Starts a simulated instrument as a process of its own, and again whenever it ends.
 *
 * @param name - file beside this one, which prints its port
 */
export async function startDeviceProcess(
  name: 'simulated-heater' | 'simulated-collector' | 'simulated-analyser',
): Promise<DeviceProcess> {
  const program = fileURLToPath(new URL(`./${name}.ts`, import.meta.url))
  let port = 0
  let stopped = false
  let child: ChildProcess
  let again: ReturnType<typeof setTimeout> | undefined
  const start = (): Promise<void> =>
    new Promise((listening) => {
      child = fork(program, { execArgv: ['--import', 'tsx'], stdio: ['ignore', 'pipe', 'inherit', 'ipc'] })
      child.stdout?.on('data', (chunk: Buffer) => {
        port = Number(chunk.toString().trim())
        listening()
      })
      child.once('exit', () => {
        if (!stopped) again = setTimeout(() => void start(), againMs)
      })
    })
  await start()
  const running = () => child.exitCode === null && child.signalCode === null
  return {
    port: () => port,
    running,
    kill: () => child.kill('SIGKILL'),
    stop: async () => {
      stopped = true
      clearTimeout(again)
      // One that died a moment ago, and has no follower yet, does not exit twice.
      if (!running()) return
      const gone = new Promise<void>((exited) => child.once('exit', () => exited()))
      child.kill()
      await gone
    },
  }
}
