/**
 * What a person entered on this device and the server may not have yet, as a pure machine: events in, the next state out.
 *
 * Entries go in their order, each until it is answered. One that is refused leaves with its reason and holds up no other; when
 * a whole request is refused, its entries go one by one until the one at fault is found.
 */
export interface Outbox<E extends { id: string }> {
  /** Not answered yet, oldest first. */
  waiting: readonly E[]
  /** What the server would not take, until a person has read why. */
  refused: readonly Refused<E>[]
  /** How many of `waiting` are on their way now. */
  sending: number
  /** Most that go together. */
  batch: number
  /** How often the first one alone has brought the server down. */
  strikes: number
  /** Why nothing is sent: no answer, to be tried again; or nobody signed in. */
  held: 'no-answer' | 'signed-out' | null
}

export interface Refused<E> {
  entry: E
  message: string
  fix: string
}

/** A request that came back without an answer. `status` 0: no server. */
export interface SendFailure {
  status: number
  /** It may go better by itself. */
  passes: boolean
  message: string
  fix: string
}

export type OutboxEvent<E extends { id: string }> =
  | { kind: 'made'; entry: E }
  /** The server is known to have these: it has told so elsewhere. */
  | { kind: 'known'; ids: ReadonlySet<string> }
  /** The next batch has gone. */
  | { kind: 'sent' }
  | { kind: 'answered'; refused: readonly { id: string; message: string; fix: string }[] }
  | { kind: 'failed'; failure: SendFailure }
  /** One cannot be sent at all, a photograph that is none. */
  | { kind: 'spoiled'; id: string; message: string; fix: string }
  /** Time to try again: the wait is over, the network is back, somebody has signed in. */
  | { kind: 'retry' }
  /** A person has read why one was refused. */
  | { kind: 'read'; id: string }

/** Entries that go together while all is well. */
export const wholeBatch = 100
/** An entry that alone makes the server fail so often is at fault itself. */
export const mostStrikes = 3

export const newOutbox = <E extends { id: string }>(
  waiting: readonly E[] = [],
  refused: readonly Refused<E>[] = [],
): Outbox<E> => ({ waiting, refused, sending: 0, batch: wholeBatch, strikes: 0, held: null })

/** What to send now, in order; nothing while a batch is on its way or something holds it. */
export const nextBatch = <E extends { id: string }>({ waiting, sending, batch, held }: Outbox<E>): readonly E[] =>
  sending > 0 || held !== null ? [] : waiting.slice(0, batch)

/** The next state. */
export function outboxAfter<E extends { id: string }>(box: Outbox<E>, event: OutboxEvent<E>): Outbox<E> {
  switch (event.kind) {
    case 'made':
      return { ...box, waiting: [...box.waiting, event.entry] }
    case 'known':
      return without(box, (entry) => event.ids.has(entry.id))
    case 'sent':
      return { ...box, sending: nextBatch(box).length }
    case 'answered': {
      const going = box.waiting.slice(0, box.sending)
      const reasons = new Map(event.refused.map((one) => [one.id, one]))
      const refused = going.flatMap((entry) => {
        const reason = reasons.get(entry.id)
        return reason ? [{ entry, message: reason.message, fix: reason.fix }] : []
      })
      const ids = new Set(going.map(({ id }) => id))
      const rest = without({ ...box, sending: 0 }, ({ id }) => ids.has(id))
      return { ...rest, refused: [...rest.refused, ...refused], batch: wholeBatch, strikes: 0, held: null }
    }
    case 'failed':
      return afterFailure({ ...box, sending: 0 }, Math.max(1, box.sending), event.failure)
    case 'spoiled': {
      const entry = box.waiting.find(({ id }) => id === event.id)
      if (!entry) return box
      const { message, fix } = event
      const rest = without(box, ({ id }) => id === event.id)
      return { ...rest, refused: [...rest.refused, { entry, message, fix }] }
    }
    case 'retry':
      return { ...box, held: null }
    case 'read':
      return { ...box, refused: box.refused.filter(({ entry }) => entry.id !== event.id) }
    default:
      return event satisfies never
  }
}

/** Takes entries out of those that wait; what is on its way keeps its count. */
function without<E extends { id: string }>(box: Outbox<E>, gone: (entry: E) => boolean): Outbox<E> {
  const going = box.waiting.slice(0, box.sending)
  return {
    ...box,
    waiting: box.waiting.filter((entry) => !gone(entry)),
    sending: going.filter((entry) => !gone(entry)).length,
  }
}

/** Statuses that speak of all that could be sent, not of one entry: not allowed, not there, ended. */
const aboutAll = new Set([403, 404, 409])

function afterFailure<E extends { id: string }>(box: Outbox<E>, went: number, failure: SendFailure): Outbox<E> {
  const { status, passes, message, fix } = failure
  if (status === 401) return { ...box, held: 'signed-out' }
  const [first] = box.waiting
  // 500: something in it brings the server down. It is looked for one by one, and given up after some strikes.
  const strikes = status === 500 && went === 1 ? box.strikes + 1 : box.strikes
  if (passes && !(status === 500 && (went > 1 || strikes >= mostStrikes))) return { ...box, strikes, held: 'no-answer' }
  if (aboutAll.has(status))
    return {
      ...box,
      waiting: [],
      refused: [...box.refused, ...box.waiting.map((entry) => ({ entry, message, fix }))],
    }
  if (went > 1) return { ...box, batch: 1, held: null }
  if (!first) return box
  return {
    ...box,
    waiting: box.waiting.slice(1),
    refused: [...box.refused, { entry: first, message, fix }],
    strikes: 0,
    held: null,
  }
}
