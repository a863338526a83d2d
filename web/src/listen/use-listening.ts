import type { Heard } from '@yardfrost/core'
import { wrap, type Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef } from 'vue'
import type { ListenTask, ListenWork } from './protocol.ts'

/** A record that was heard through, and how it was taken. */
export interface Record {
  name: string
  heard: Heard
}

/** Hears records through beside the page; the one before stays, to be laid over. */
export function useListening() {
  let worker: Worker | null = null
  let remote: Remote<ListenWork> | null = null
  const now = shallowRef<Record | null>(null)
  const before = shallowRef<Record | null>(null)
  const refusal = shallowRef<{ message: string; fix: string; field: string } | null>(null)
  const busy = ref(false)

  async function listen(name: string, task: ListenTask): Promise<void> {
    if (!remote) {
      worker = new Worker(new URL('./listen.worker.ts', import.meta.url), { type: 'module' })
      remote = wrap<ListenWork>(worker)
    }
    busy.value = true
    refusal.value = null
    try {
      const answer = await remote.hear(task)
      if ('refused' in answer) refusal.value = answer.refused
      else {
        before.value = now.value
        now.value = { name, heard: answer.heard }
      }
    } finally {
      busy.value = false
    }
  }
  onScopeDispose(() => worker?.terminate())
  return { now, before, refusal, busy, listen }
}
