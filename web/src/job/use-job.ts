import { useEventListener } from '@vueuse/core'
import { JobDetail, type KeptEntry, type MoveJob } from '@yardfrost/contract'
import { hasEnded, jobProgress, type JobEntry, type SignedEntry } from '@yardfrost/core'
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { catalogue } from '../bench/references.ts'
import { keepAnswer } from '../api/kept-answers.ts'
import { useSession } from '../shell/session.ts'
import {
  forgetPhoto,
  keepPhoto,
  keptPhoto,
  newId,
  outboxOnDevice,
  refusedOnDevice,
  type RefusedEntry,
} from './outbox.ts'

/** An entry as it is made: its id and its time are given to it. */
type Made = JobEntry extends infer E ? (E extends JobEntry ? Omit<E, 'id' | 'at'> : never) : never

/** A lost network is tried again after so long, ms. */
const retryMs = 2000

/**
 * One job in hand: what the server has of it, told anew whenever anybody adds to it, and what this device has entered and not
 * sent yet. Entries are sent in their order, once each, however often the network goes.
 */
export function useJob(id: string) {
  const session = useSession()
  // Whoever opened the page: should the session run out, what was entered still waits for that person.
  const owner = { jobId: id, accountId: session.account?.id ?? '' }
  const me = session.account?.name ?? ''
  const job = shallowRef<JobDetail | null>(null)
  const outbox = shallowRef<JobEntry[]>(outboxOnDevice.read(owner))
  const away = ref(false)
  /** What the server would not take, with its reason; it stays on this device until it is read. */
  const refused = shallowRef<RefusedEntry[]>(refusedOnDevice.read(owner))
  let sending = false
  let retry: ReturnType<typeof setTimeout> | undefined

  const entries = computed((): SignedEntry[] => {
    const kept = job.value?.entries ?? []
    const known = new Set(kept.map(({ entry }) => entry.id))
    const mine = outbox.value.filter((entry) => !known.has(entry.id))
    return [...kept.map(({ entry, by }) => ({ ...entry, by })), ...mine.map((entry) => ({ ...entry, by: me }))]
  })
  const progress = computed(() => (job.value ? jobProgress(job.value.steps, entries.value, catalogue) : null))
  const ended = computed(() => job.value !== null && hasEnded(job.value.state))
  const mayWrite = computed(() => session.maySave && !ended.value)

  const take = (fresh: JobDetail) => {
    job.value = fresh
    const known = new Set(fresh.entries.map(({ entry }) => entry.id))
    put(outbox.value.filter((entry) => !known.has(entry.id)))
  }
  /** Takes what the server has just said, and keeps it: without a network the job opens where it was. */
  function hear(fresh: JobDetail): void {
    void keepAnswer(`/jobs/${id}`, fresh)
    take(fresh)
  }
  function put(next: JobEntry[]): void {
    outbox.value = next
    outboxOnDevice.keep(owner, next)
  }
  /** Entries that the server will not take, however often they are sent, leave the outbox with its reason. */
  function refuse(these: readonly RefusedEntry[]): void {
    refused.value = [...refused.value, ...these]
    refusedOnDevice.keep(owner, refused.value)
    const ids = new Set(these.map(({ entry }) => entry.id))
    put(outbox.value.filter((entry) => !ids.has(entry.id)))
  }
  function hideRefused(gone: RefusedEntry): void {
    refused.value = refused.value.filter((one) => one !== gone)
    refusedOnDevice.keep(owner, refused.value)
  }

  async function load(): Promise<void> {
    // The list that leads back to it is read too, so that both are kept on this device.
    const [fresh] = await Promise.all([api.job(id), api.jobs()])
    take(fresh)
    listen()
    void send()
  }

  /** Adds an entry: it counts on this device at once, and is sent when it can be. */
  function add(made: Made): void {
    put([...outbox.value, { ...made, id: newId(), at: new Date().toISOString() } as JobEntry])
    void send()
  }

  async function addPhoto(step: string, file: File): Promise<void> {
    const photo = newId()
    await keepPhoto(photo, file)
    add({ kind: 'photo', step, photo, name: file.name.slice(0, 120) })
  }

  /** Photographs go before the entries that speak of them. */
  async function sendPhotos(entries: readonly JobEntry[]): Promise<void> {
    for (const entry of entries) {
      if (entry.kind !== 'photo') continue
      const photo = await keptPhoto(entry.photo)
      if (!photo) continue
      try {
        await api.addPhoto(id, entry.photo, photo)
        await forgetPhoto(entry.photo)
      } catch (error) {
        // A picture that is none is no reason to hold the readings back.
        if (!(error instanceof ApiFailure) || error.passes || error.status === 401) throw error
        await forgetPhoto(entry.photo)
        refuse([{ entry, message: error.message, fix: error.fix }])
      }
    }
  }

  async function send(): Promise<void> {
    if (sending || outbox.value.length === 0) return
    sending = true
    clearTimeout(retry)
    try {
      await sendPhotos(outbox.value)
      const going = outbox.value.slice(0, 100)
      if (going.length > 0) {
        const answer = await api.addEntries(id, going)
        merge(answer.kept)
        const sent = new Map(going.map((entry) => [entry.id, entry]))
        refuse(
          answer.refused.flatMap(({ id: entryId, message, fix }) => {
            const entry = sent.get(entryId)
            return entry ? [{ entry, message, fix }] : []
          }),
        )
        put(outbox.value.filter((entry) => !sent.has(entry.id)))
      }
      away.value = false
    } catch (error) {
      if (!(error instanceof ApiFailure)) throw error
      if (error.status === 401) session.expire()
      away.value = error.passes
      if (error.passes) retry = setTimeout(() => void send(), retryMs)
      else if (error.status !== 401) {
        refuse(outbox.value.map((entry) => ({ entry, message: error.message, fix: error.fix })))
      }
    } finally {
      sending = false
    }
    if (!away.value && outbox.value.length > 0 && session.account) void send()
  }

  function merge(kept: readonly KeptEntry[]): void {
    const now = job.value
    if (!now) return
    const known = new Set(now.entries.map(({ entry }) => entry.id))
    const fresh = kept.filter(({ entry }) => !known.has(entry.id))
    hear({ ...now, state: now.state === 'planned' ? 'under-way' : now.state, entries: [...now.entries, ...fresh].sort((a, b) => a.seq - b.seq) }) // prettier-ignore
  }

  let stream: EventSource | null = null
  function listen(): void {
    stream?.close()
    stream = new EventSource(`/api/jobs/${id}/events`)
    stream.addEventListener('job', (event: MessageEvent<string>) => {
      hear(JobDetail.parse(JSON.parse(event.data)))
      away.value = false
      void send()
    })
    stream.addEventListener('error', () => {
      away.value = true
      // The browser opens a stream that broke again by itself; one that was refused it gives up.
      if (stream?.readyState === EventSource.CLOSED && !ended.value) setTimeout(listen, retryMs)
    })
  }
  useEventListener(window, 'online', () => void send())
  onScopeDispose(() => {
    stream?.close()
    clearTimeout(retry)
  })

  async function close(): Promise<void> {
    hear(await api.closeJob(id))
  }
  async function move(to: MoveJob): Promise<void> {
    hear(await api.moveJob(id, to))
  }
  async function plan(plannedFor: string | null): Promise<void> {
    hear(await api.planJob(id, { plannedFor }))
  }

  return {
    id, job, outbox, away, refused, entries, progress, ended, mayWrite, load, add, addPhoto, hideRefused, close, move, plan,
  } // prettier-ignore
}

export type Job = ReturnType<typeof useJob>
