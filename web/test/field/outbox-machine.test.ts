import { assert } from 'chai'
import fc from 'fast-check'
import {
  mostStrikes,
  newOutbox,
  nextBatch,
  outboxAfter,
  wholeBatch,
  type Outbox,
  type OutboxEvent,
  type SendFailure,
} from '../../src/field/outbox-machine.ts'

type Entry = { id: string }
type Event = OutboxEvent<Entry>
const entry = (id: string): Entry => ({ id })
const made = (...ids: string[]): Event[] => ids.map((id) => ({ kind: 'made', entry: entry(id) }))
const sent: Event = { kind: 'sent' }
const retry: Event = { kind: 'retry' }
const answered = (...refused: string[]): Event => ({
  kind: 'answered',
  refused: refused.map((id) => ({ id, message: `${id} cannot be`, fix: 'Enter it again.' })),
})
const failed = (status: number): Event => {
  const failure: SendFailure = { status, passes: status === 0 || status === 429 || status >= 500, message: `${status}`, fix: 'Fix.' } // prettier-ignore
  return { kind: 'failed', failure }
}
const after = (events: readonly Event[], from: Outbox<Entry> = newOutbox()) => events.reduce(outboxAfter<Entry>, from)
const ids = (entries: readonly Entry[]) => entries.map(({ id }) => id).join('')
const said = (box: Outbox<Entry>) => ({
  waiting: ids(box.waiting),
  refused: ids(box.refused.map((one) => one.entry)),
  next: ids(nextBatch(box)),
  held: box.held,
})

describe('the outbox of a device', () => {
  const cases: [why: string, events: Event[], waiting: string, refused: string, next: string, held: Outbox<Entry>['held']][] = [
    ['nothing waits at first', [], '', '', '', null],
    ['what is made waits and goes in its order', made('a', 'b'), 'ab', '', 'ab', null],
    ['one batch at a time', [...made('a'), sent, ...made('b')], 'ab', '', '', null],
    ['what is answered is gone, and the next goes', [...made('a'), sent, ...made('b'), answered()], 'b', '', 'b', null],
    ['a refused entry leaves with its reason and holds up no other', [...made('a', 'b', 'c'), sent, answered('b')], '', 'b', '', null],
    ['no network: all wait, and are tried again', [...made('a', 'b'), sent, failed(0)], 'ab', '', '', 'no-answer'],
    ['when the wait is over they go again', [...made('a', 'b'), sent, failed(0), retry], 'ab', '', 'ab', null],
    ['a busy server is no refusal', [...made('a'), sent, failed(429)], 'a', '', '', 'no-answer'],
    ['a database that is away is no refusal', [...made('a', 'b'), sent, failed(503)], 'ab', '', '', 'no-answer'],
    ['signed out: all wait for that person', [...made('a'), sent, failed(401)], 'a', '', '', 'signed-out'],
    ['signed in again', [...made('a'), sent, failed(401), retry], 'a', '', 'a', null],
    ['a job that has ended takes none of them', [...made('a', 'b'), sent, ...made('c'), failed(409)], '', 'abc', '', null],
    ['a request refused whole goes one by one', [...made('a', 'b', 'c'), sent, failed(400)], 'abc', '', 'a', null],
    ['and only the one at fault is refused', [...made('a', 'b', 'c'), sent, failed(400), sent, failed(400)], 'bc', 'a', 'b', null],
    ['the others then go as before', [...made('a', 'b', 'c'), sent, failed(400), sent, failed(400), sent, answered()], 'c', 'a', 'c', null],
    ['a fault of the server is looked for one by one', [...made('a', 'b'), sent, failed(500)], 'ab', '', 'a', null],
    ['the first strike is tried again', [...made('a', 'b'), sent, failed(500), sent, failed(500)], 'ab', '', '', 'no-answer'],
    ['known from elsewhere: gone', [...made('a', 'b'), { kind: 'known', ids: new Set(['a']) }], 'b', '', 'b', null],
    ['a photograph that is none spoils its entry alone', [...made('a', 'b'), { kind: 'spoiled', id: 'a', message: 'No picture', fix: 'Take it again.' }], 'b', 'a', 'b', null],
    ['a reason that was read is gone', [...made('a'), sent, answered('a'), { kind: 'read', id: 'a' }], '', '', '', null],
  ] // prettier-ignore
  for (const [why, events, waiting, refused, next, held] of cases)
    it(why, () => assert.deepEqual(said(after(events)), { waiting, refused, next, held }))

  it('gives an entry up that alone brings the server down, and goes on with the rest', () => {
    const strike: Event[] = [sent, failed(500), retry]
    const box = after([
      ...made('a', 'b'),
      sent,
      failed(500),
      ...Array.from({ length: mostStrikes }, () => strike).flat(),
    ])
    assert.deepEqual(said(box), { waiting: 'b', refused: 'a', next: 'b', held: null })
    assert.equal(box.strikes, 0)
  })

  it('counts no strike for a server that is merely away', () => {
    const away: Event[] = [sent, failed(0), retry]
    const box = after([...made('a'), ...Array.from({ length: 20 }, () => away).flat()])
    assert.deepEqual(said(box), { waiting: 'a', refused: '', next: 'a', held: null })
  })

  it('goes back to whole batches once one went well', () => {
    const box = after([...made('a', 'b', 'c'), sent, failed(400), sent, answered()])
    assert.equal(box.batch, wholeBatch)
  })

  it('sends no more than a batch', () => {
    const many = Array.from({ length: wholeBatch + 7 }, (_, index) => `${index} `)
    assert.lengthOf(nextBatch(after(made(...many))), wholeBatch)
  })

  it('keeps what was known while it was on its way out of the answer', () => {
    const box = after([...made('a', 'b'), sent, { kind: 'known', ids: new Set(['a']) }, ...made('c'), answered()])
    assert.equal(ids(box.waiting), 'c')
  })

  it('never loses an entry: it waits, was answered, was known, or stands refused', () => {
    const event: fc.Arbitrary<'make' | 'send' | 'answer' | 'refuse' | 'retry' | number> = fc.oneof(
      fc.constantFrom('make' as const, 'send' as const, 'answer' as const, 'refuse' as const, 'retry' as const),
      fc.constantFrom(0, 400, 401, 409, 413, 429, 500, 503),
    )
    fc.assert(
      fc.property(fc.array(event, { maxLength: 60 }), (events) => {
        let box = newOutbox<Entry>()
        const taken = new Set<string>()
        let count = 0
        for (const one of events) {
          const going = box.waiting.slice(0, box.sending)
          if (one === 'make') box = outboxAfter(box, { kind: 'made', entry: entry(`${count++}`) })
          else if (one === 'send') box = outboxAfter(box, sent)
          else if (one === 'retry') box = outboxAfter(box, retry)
          else if (going.length === 0) continue
          else if (typeof one === 'number') box = outboxAfter(box, failed(one))
          else {
            const bad = one === 'refuse' ? going.slice(0, 1) : []
            for (const { id } of going.slice(bad.length)) taken.add(id)
            box = outboxAfter(box, answered(...bad.map(({ id }) => id)))
          }
        }
        const all = [...taken, ...box.waiting.map(({ id }) => id), ...box.refused.map((one) => one.entry.id)]
        assert.lengthOf(all, count)
        assert.equal(new Set(all).size, count)
        // And their order is kept.
        const waiting = box.waiting.map(({ id }) => Number(id))
        assert.deepEqual(
          waiting,
          [...waiting].sort((a, b) => a - b),
        )
      }),
    )
  })
})
