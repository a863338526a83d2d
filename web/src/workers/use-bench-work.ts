import { wrap, type Remote } from 'comlink'
import { onScopeDispose } from 'vue'
import type { BenchWork } from './protocol.ts'

/**
 * A worker of one's own for heavy work; it is made when it is first asked for and gone with its scope.
 *
 * `stop` ends whatever it is doing at once; the next call starts a new one.
 */
export function useBenchWork(): { work: () => Remote<BenchWork>; stop: () => void } {
  let worker: Worker | null = null
  let remote: Remote<BenchWork> | null = null
  function work(): Remote<BenchWork> {
    if (!remote) {
      worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' })
      remote = wrap<BenchWork>(worker)
    }
    return remote
  }
  function stop(): void {
    worker?.terminate()
    worker = null
    remote = null
  }
  onScopeDispose(stop)
  return { work, stop }
}
