import { JobChange, JobDetail, type KeptEntry, type MoveJob } from '@yardfrost/contract'
import { hasEnded, JobEntry, jobProgress, type SignedEntry } from '@yardfrost/core'
import { computed, shallowRef } from 'vue'
import { api } from '../api/client.ts'
import { keepAnswer } from '../api/kept-answers.ts'
import { catalogue } from '../references.ts'
import { newId } from '../field/new-id.ts'
import { keepTaken, sendTaken } from '../field/photos.ts'
import { useOutbox } from '../field/use-outbox.ts'
import { joinedEntries, signedEntries, useWorkStream } from '../field/use-work-stream.ts'
import { useSession } from '../shell/session.ts'

/** An entry as it is made: its id, its time and its schema are given to it. */
type Made = JobEntry extends infer E ? (E extends JobEntry ? Omit<E, 'id' | 'at' | 'schema'> : never) : never

/**
 * One job in hand: what the server has of it, told anew whenever anybody adds to it, and what this device has entered and not
 * sent yet. Entries are sent in their order, once each, however often the network goes.
 */
export function useJob(id: string) {
  const session = useSession()
  const me = session.account?.name ?? ''
  const job = shallowRef<JobDetail | null>(null)
  const outbox = useOutbox({
    // Whoever opened the page: should the session run out, what was entered still waits for that person.
    owner: { workId: id, accountId: session.account?.id ?? '' },
    schema: JobEntry,
    send: async (entries) => {
      const { kept, refused } = await api.addEntries(id, [...entries])
      merge(kept)
      return refused
    },
    // Photographs go before the entries that speak of them.
    prepare: async (entry) => {
      if (entry.kind === 'photo') await sendTaken(entry.photo, (photo) => api.addPhoto(id, entry.photo, photo))
    },
    signedOut: session.expire,
  })

  const entries = computed((): SignedEntry[] => signedEntries(job.value?.entries ?? [], outbox.waiting.value, me))
  const progress = computed(() => (job.value ? jobProgress(job.value.steps, entries.value, catalogue) : null))
  const ended = computed(() => job.value !== null && hasEnded(job.value.state))
  const mayWrite = computed(() => session.maySave && !ended.value)

  const take = (fresh: JobDetail) => {
    job.value = fresh
    outbox.know(new Set(fresh.entries.map(({ entry }) => entry.id)))
  }
  /** Takes what the server has just said, and keeps it: without a network the job opens where it was. */
  function hear(fresh: JobDetail): void {
    void keepAnswer(`/jobs/${id}`, fresh)
    take(fresh)
  }

  async function load(): Promise<void> {
    // The list that leads back to it is read too, so that both are kept on this device.
    const [fresh] = await Promise.all([wholeJob(), api.jobs()])
    take(fresh)
    stream.open()
    outbox.resume()
  }

  /** The job with every page of its entries. */
  async function wholeJob(): Promise<JobDetail> {
    let read = await api.job(id)
    while (read.more) {
      const { entries, more } = await api.entries(id, read.entries.at(-1)?.seq ?? 0)
      read = { ...read, entries: [...read.entries, ...entries], more }
    }
    return read
  }

  /** Adds an entry: it counts on this device at once, and is sent when it can be. */
  const add = (made: Made): void => outbox.add({ ...made, schema: 1, id: newId(), at: new Date().toISOString() })

  async function addPhoto(step: string, file: File): Promise<void> {
    add({ kind: 'photo', step, ...(await keepTaken(file)) })
  }

  function merge(kept: readonly KeptEntry[]): void {
    const now = job.value
    if (!now) return
    const state = now.state === 'planned' ? 'under-way' : now.state
    hear({ ...now, state, entries: joinedEntries(now.entries, kept) })
  }

  const stream = useWorkStream(`/api/jobs/${id}/events`, {
    whole: 'job',
    ended: () => ended.value,
    // What waits may go, whether or not the job has changed.
    back: outbox.resume,
    hear: (told, whole) => {
      const now = job.value
      if (whole) {
        // It comes with its first entries; later ones that are known here already stay.
        const fresh = JobDetail.parse(told)
        hear({ ...fresh, entries: joinedEntries(fresh.entries, now?.entries ?? []), more: false })
      } else if (now) {
        const { entries: added, ...rest } = JobChange.parse(told)
        hear({ ...now, ...rest, entries: joinedEntries(now.entries, added) })
      }
    },
  })
  const away = computed(() => outbox.away.value || (job.value !== null && stream.isBroken()))

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
    id, job, away, entries, progress, ended, mayWrite, load, add, addPhoto, close, move, plan,
    outbox: outbox.waiting,
    refused: outbox.refused,
    hideRefused: ({ entry }: { entry: { id: string } }) => outbox.markRead(entry.id),
  } // prettier-ignore
}

export type Job = ReturnType<typeof useJob>
