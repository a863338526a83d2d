import { JobEntry } from '@yardfrost/core'
import { assert } from 'chai'
import { readFileSync } from 'node:fs'
import { cutText } from '../../src/field/cut-text.ts'
import { newId } from '../../src/field/new-id.ts'
import type { Refused } from '../../src/field/outbox-machine.ts'
import { outboxOnDevice } from '../../src/field/outbox-store.ts'

const deviceOfBefore = JSON.parse(
  readFileSync(new URL('../fixtures/device-of-schema-1.json', import.meta.url), 'utf8'),
) as { outbox: { id: string }[]; refused: { message: string }[] }

/** What a browser keeps by key, for tests without one. */
class Storage {
  readonly kept = new Map<string, string>()
  getItem = (key: string) => this.kept.get(key) ?? null
  setItem = (key: string, text: string) => void this.kept.set(key, text)
  removeItem = (key: string) => void this.kept.delete(key)
}

describe('what waits on this device', () => {
  const before_ = globalThis.localStorage
  let storage: Storage
  beforeEach(() => {
    storage = new Storage()
    Object.assign(globalThis, { localStorage: storage })
  })
  after(() => Object.assign(globalThis, { localStorage: before_ }))

  const una = { workId: 'job', accountId: 'una' }
  const note = (text: string): JobEntry => ({
    schema: 1,
    id: newId(),
    step: 'lock-out',
    at: '2031-03-01T08:00:00.000Z',
    kind: 'note',
    text,
  })
  const open = (owner = una) => outboxOnDevice(JobEntry, owner)
  const keep = (waiting: JobEntry[], refused: Refused<JobEntry>[] = []) => open().keep({ waiting, refused })

  it('is nothing at first', () => assert.deepEqual(open().waiting, []))

  it('comes back in its order', () => {
    const entries = [note('one'), note('two'), note('three')]
    keep(entries)
    assert.deepEqual(open().waiting, entries)
  })

  it('is of one person and one piece of work alone', () => {
    keep([note('mine')])
    assert.isEmpty(open({ ...una, accountId: 'tobias' }).waiting)
    assert.isEmpty(open({ ...una, workId: 'other' }).waiting)
    assert.isEmpty(open().refused)
  })

  it('leaves nothing behind when all is sent', () => {
    keep([note('mine')])
    keep([])
    assert.equal(storage.kept.size, 0)
  })

  it('keeps what it cannot read for a program that can, and the rest goes on', () => {
    const mine = note('mine')
    keep([mine])
    const [key = ''] = storage.kept.keys()
    storage.kept.set(key, JSON.stringify([{ kind: 'wish' }, mine]))
    const box = open()
    assert.deepEqual(box.waiting, [mine])
    box.keep({ waiting: [], refused: [] })
    assert.deepEqual(JSON.parse(storage.kept.get(key) ?? '[]'), [{ kind: 'wish' }])
  })

  it('keeps what was refused with its reason', () => {
    const refused = [{ entry: note('late'), message: 'Job 7 is done and takes nothing more', fix: 'Make a new job.' }]
    keep([], refused)
    assert.deepEqual(open().refused, refused)
  })

  it('reads what a device kept before entries said a schema', () => {
    const { outbox, refused } = deviceOfBefore
    storage.setItem('yardfrost.outbox.job.una', JSON.stringify(outbox))
    storage.setItem('yardfrost.refused.job.una', JSON.stringify(refused))
    assert.deepEqual(
      open().waiting.map(({ id }) => id),
      outbox.map(({ id }) => id),
    )
    assert.deepEqual(
      open().refused.map(({ message }) => message),
      refused.map(({ message }) => message),
    )
  })
})

describe('a text that is cut', () => {
  it('ends in a whole character', () => {
    assert.equal(cutText('rust 🔧', 6), 'rust ')
    assert.equal(cutText('rust 🔧', 7), 'rust 🔧')
    assert.equal(cutText('rust', 120), 'rust')
  })
})

describe('ids made on the device', () => {
  it('are random ones of version 4, and differ', () => {
    const made = Array.from({ length: 200 }, newId)
    for (const id of made) assert.match(id, /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
    assert.equal(new Set(made).size, made.length)
  })
})
