import type { HeaterRun, HeaterSample } from '@yardfrost/contract'
import type { HeatTarget } from '@yardfrost/core'
import { randomUUID } from 'node:crypto'
import { DeviceError } from '../errors/device-error.ts'
import { JobError } from '../errors/job-error.ts'
import type { Heater } from './heater.ts'

/** What somebody who watches a run hears. */
export interface RunWatcher {
  sample: (sample: HeaterSample) => void
  trouble: (error: DeviceError) => void
  ended: () => void
}

interface Run {
  accountId: string
  off: AbortController
  watchers: Set<RunWatcher>
  last: HeaterSample | null
  /** Why it broke off; kept for whoever begins to watch a moment later. */
  broke: DeviceError | null
  ended: boolean
}

/** A run nobody watches is switched off after so long, ms: the page that asked for it is gone. */
const unwatchedMs = 5000
/** Heaters one person may have on at once. */
const mostAtOnce = 4

const isOn = ({ ended, off }: Run): boolean => !ended && !off.signal.aborted

/** The heaters that are on. One nobody watches goes off, and all go off when the server stops. */
export class HeaterRuns {
  readonly #heater: Heater
  readonly #runs = new Map<string, Run>()

  constructor(heater: Heater) {
    this.#heater = heater
  }

  /**
   * Switches the heater on.
   *
   * @param target - worked out by the server, never by whoever asks
   * @throws JobError when this person has too many on already
   */
  start(accountId: string, piece: string, target: HeatTarget): HeaterRun {
    const on = this.countOn(accountId)
    if (on >= mostAtOnce)
      throw new JobError('HEATER_BUSY', `You have ${on} heaters on already`, 'Switch one of them off first.')
    const id = randomUUID()
    const run: Run = {
      accountId,
      off: new AbortController(),
      watchers: new Set(),
      last: null,
      broke: null,
      ended: false,
    }
    this.#runs.set(id, run)
    void this.#heat(id, run, piece, target)
    this.#offUnlessWatched(run)
    return { id, piece, target }
  }

  /** How many heaters a person has on. */
  countOn(accountId: string): number {
    return [...this.#runs.values()].filter((run) => run.accountId === accountId && isOn(run)).length
  }

  async #heat(id: string, run: Run, piece: string, target: HeatTarget): Promise<void> {
    try {
      await this.#heater.run(
        piece,
        target,
        (sample) => {
          run.last = sample
          for (const { sample: tell } of run.watchers) tell(sample)
        },
        run.off.signal,
      )
    } catch (error) {
      run.broke = error instanceof DeviceError ? error : new DeviceError('The heater has failed: switch it off by hand')
      for (const { trouble } of run.watchers) trouble(run.broke)
    }
    run.ended = true
    for (const { ended } of run.watchers) ended()
    // Somebody who asked for it a moment ago still hears that it ended.
    setTimeout(() => this.#runs.delete(id), unwatchedMs).unref()
  }

  #offUnlessWatched(run: Run): void {
    setTimeout(() => {
      if (run.watchers.size === 0) run.off.abort()
    }, unwatchedMs).unref()
  }

  /** Hears of a run of one's own; returns how to stop, or why it is not on. The last to stop switches it off. */
  watch(accountId: string, id: string, watcher: RunWatcher): (() => void) | DeviceError {
    const run = this.#runs.get(id)
    if (!run || run.accountId !== accountId || !isOn(run))
      return run?.broke ?? new DeviceError('This heater is off', 'Switch it on again.')
    run.watchers.add(watcher)
    if (run.last) watcher.sample(run.last)
    return () => {
      run.watchers.delete(watcher)
      if (run.watchers.size === 0) run.off.abort()
    }
  }

  /** Switches every heater off at once. */
  stop(): void {
    for (const { off } of this.#runs.values()) off.abort()
  }
}
