import { assert } from 'chai'
import { mock } from 'node:test'
import { showsKept, shownFrom } from '../../src/api/network.ts'

const turn = async (ms: number) => {
  mock.timers.tick(ms)
  // Answers are promises: what follows them runs before the next look.
  for (let round = 0; round < 5; round++) await Promise.resolve()
}

describe('a screen that shows what was kept', () => {
  beforeEach(() => mock.timers.enable({ apis: ['setTimeout'] }))
  afterEach(() => mock.timers.reset())

  it('tells the oldest of it, asks until the server answers, and then no more', async () => {
    const answers = [false, false, true]
    let asked = 0
    const ask = () => Promise.resolve(answers[asked++] ?? true)
    showsKept('2031-03-01T10:00:00.000Z', ask)
    showsKept('2031-03-01T08:00:00.000Z', ask)
    showsKept('2031-03-01T09:00:00.000Z', ask)
    assert.equal(shownFrom.value, '2031-03-01T08:00:00.000Z')
    for (const expected of [1, 2]) {
      await turn(3000)
      assert.equal(asked, expected)
      assert.isNotNull(shownFrom.value)
    }
    await turn(3000)
    assert.isNull(shownFrom.value)
    await turn(60_000)
    assert.equal(asked, 3)
  })

  it('begins anew when the server goes again', async () => {
    showsKept('2031-03-02T08:00:00.000Z', () => Promise.resolve(true))
    assert.equal(shownFrom.value, '2031-03-02T08:00:00.000Z')
    await turn(3000)
    assert.isNull(shownFrom.value)
  })
})
