import { RoundChange, RoundDetail, type KeptRoundEntry, type SaveRound } from '@yardfrost/contract'
import { openPoint, pointPlan, RoundEntry, roundProgress, type SignedRoundEntry } from '@yardfrost/core'
import { computed, shallowRef } from 'vue'
import { api } from '../api/client.ts'
import { keepAnswer } from '../api/kept-answers.ts'
import { newId } from '../field/new-id.ts'
import { keepTaken, sendTaken } from '../field/photos.ts'
import { useOutbox } from '../field/use-outbox.ts'
import { joinedEntries, signedEntries, useWorkStream } from '../field/use-work-stream.ts'
import { useSession } from '../shell/session.ts'

/** An entry as it is made: its id and its time are given to it. */
type Made = RoundEntry extends infer E ? (E extends RoundEntry ? Omit<E, 'id' | 'at'> : never) : never

/** A round in hand: what the server has of it, told anew whenever anybody adds to it, and what this device has not sent yet. */
export function useRound(id: string) {
  const session = useSession()
  const me = session.account?.name ?? ''
  const round = shallowRef<RoundDetail | null>(null)
  const outbox = useOutbox({
    owner: { workId: id, accountId: session.account?.id ?? '' },
    schema: RoundEntry,
    send: async (entries) => {
      const { kept, refused } = await api.addRoundEntries(id, [...entries])
      merge(kept)
      return refused
    },
    prepare: async (entry) => {
      if (entry.kind === 'photo') await sendTaken(entry.photo, (photo) => api.addRoundPhoto(id, entry.photo, photo))
    },
    signedOut: session.expire,
  })
  const entries = computed((): SignedRoundEntry[] =>
    signedEntries(round.value?.entries ?? [], outbox.waiting.value, me),
  )
  const progress = computed(() => {
    const points = roundProgress(entries.value)
    return (round.value?.points ?? []).map((point) => ({
      point,
      plan: pointPlan(point.kind, point.work, point.own),
      progress: points.get(point.id) ?? openPoint,
    }))
  })
  const closed = computed(() => round.value?.state === 'closed')

  /** Takes what the server has just said, and keeps it: without a network the round opens where it was. */
  function hear(fresh: RoundDetail): void {
    void keepAnswer(`/rounds/${id}`, fresh)
    round.value = fresh
    outbox.know(new Set(fresh.entries.map(({ entry }) => entry.id)))
  }
  function merge(kept: readonly KeptRoundEntry[]): void {
    if (round.value) hear({ ...round.value, entries: joinedEntries(round.value.entries, kept) })
  }
  const stream = useWorkStream(`/api/rounds/${id}/events`, {
    whole: 'round',
    ended: () => closed.value,
    back: outbox.resume,
    hear: (told, whole) => {
      const now = round.value
      if (whole) hear(RoundDetail.parse(told))
      else if (now) {
        const { entries: added, ...rest } = RoundChange.parse(told)
        hear({ ...now, ...rest, entries: joinedEntries(now.entries, added) })
        // Its points or its walker are others now.
        if (rest.version !== now.version) void api.round(id).then(hear, () => undefined)
      }
    },
  })

  async function load(): Promise<void> {
    round.value = await api.round(id)
    outbox.know(new Set(round.value.entries.map(({ entry }) => entry.id)))
    stream.open()
    outbox.resume()
  }
  async function change(to: Omit<SaveRound, 'version'>): Promise<void> {
    const now = round.value
    if (now) hear(await api.saveRound(id, { ...to, version: now.version }))
  }
  async function close(): Promise<void> {
    hear(await api.closeRound(id))
  }

  const add = (made: Made): void => outbox.add({ ...made, id: newId(), at: new Date().toISOString() })

  return {
    round,
    progress,
    /** Points of which something was said. */
    spoken: computed(() => entries.value.map(({ point }) => point)),
    closed,
    mayWrite: computed(() => session.maySave && !closed.value),
    away: computed(() => outbox.away.value || (round.value !== null && stream.isBroken())),
    waiting: outbox.waiting,
    refused: outbox.refused,
    hideRefused: outbox.markRead,
    load,
    change,
    close,
    add,
    addPhoto: async (point: string, file: File): Promise<void> =>
      add({ kind: 'photo', point, ...(await keepTaken(file)) }),
  }
}
export type PointInHand = ReturnType<typeof useRound>['progress']['value'][number]
