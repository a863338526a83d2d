import type { JobEntry } from '@yardfrost/core'
import { assert } from 'chai'
import { newId, outboxOnDevice, refusedOnDevice } from '../../src/job/outbox.ts'

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

  const una = { jobId: 'job', accountId: 'una' }
  const note = (text: string): JobEntry => ({
    id: newId(),
    step: 'lock-out',
    at: '2031-03-01T08:00:00.000Z',
    kind: 'note',
    text,
  })

  it('is nothing at first', () => assert.deepEqual(outboxOnDevice.read(una), []))

  it('comes back in its order', () => {
    const entries = [note('one'), note('two'), note('three')]
    outboxOnDevice.keep(una, entries)
    assert.deepEqual(outboxOnDevice.read(una), entries)
  })

  it('is of one person and one job alone', () => {
    outboxOnDevice.keep(una, [note('mine')])
    assert.isEmpty(outboxOnDevice.read({ ...una, accountId: 'tobias' }))
    assert.isEmpty(outboxOnDevice.read({ ...una, jobId: 'other' }))
    assert.isEmpty(refusedOnDevice.read(una))
  })

  it('leaves nothing behind when all is sent', () => {
    outboxOnDevice.keep(una, [note('mine')])
    outboxOnDevice.keep(una, [])
    assert.equal(storage.kept.size, 0)
  })

  it('is not trusted when another program wrote it', () => {
    outboxOnDevice.keep(una, [note('mine')])
    const [key = ''] = storage.kept.keys()
    storage.kept.set(key, JSON.stringify([{ kind: 'wish' }]))
    assert.deepEqual(outboxOnDevice.read(una), [])
  })

  it('keeps what was refused with its reason', () => {
    const refused = [{ entry: note('late'), message: 'Job 7 is done and takes nothing more', fix: 'Make a new job.' }]
    refusedOnDevice.keep(una, refused)
    assert.deepEqual(refusedOnDevice.read(una), refused)
  })
})

describe('ids made on the device', () => {
  it('are random ones of version 4, and differ', () => {
    const made = Array.from({ length: 200 }, newId)
    for (const id of made) assert.match(id, /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
    assert.equal(new Set(made).size, made.length)
  })
})
