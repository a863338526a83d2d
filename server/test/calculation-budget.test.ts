import { assert } from 'chai'
import request from 'supertest'
import { listening } from './listening.ts'
import { testApp, type TestApp } from './test-app.ts'

/** A list that takes a while and answers a lot. */
const many = (count: number) => Array.from({ length: count }, () => ({ evidence: ['fluting', 'rust'] }))

describe('calculations in bulk', () => {
  const apps: TestApp[] = []
  const within = async (name: string, budget: { mostMs: number; mostText: number }) => {
    const test = await testApp(name, undefined, budget)
    apps.push(test)
    return test.app
  }
  after(async () => {
    for (const app of apps) await app.stop()
  })

  it('answer in the order they were asked, each its own', async () => {
    const app = await within('calc_order', { mostMs: 20_000, mostText: 1e6 })
    const inputs = [50, 60, 70].map((nominalMm) => ({ nominalMm, zone: 'k5' }))
    const { body } = await request(app).post('/api/calc/iso286.limits').send(inputs).expect(200)
    const each = await Promise.all(inputs.map((one) => request(app).post('/api/calc/iso286.limits').send(one)))
    assert.deepEqual(
      body,
      each.map(({ body: one }) => one),
    )
  })

  it('are refused over their budget of output, with how many would go', async () => {
    const app = await within('calc_output', { mostMs: 20_000, mostText: 120_000 })
    const { body } = await request(app).post('/api/calc/damage.rank').send(many(200)).expect(413)
    assert.equal(body.error.code, 'OVER_BUDGET')
    assert.match(body.error.fix, /Send at most \d+ at once/)
    const most = Number(/(\d+)/.exec(body.error.fix)?.[1])
    await request(app).post('/api/calc/damage.rank').send(many(most)).expect(200)
  })

  it('are refused over their budget of time, and the server answers others meanwhile', async () => {
    const app = await within('calc_time', { mostMs: 1500, mostText: 1e9 })
    const site = await listening(app, 'viewer@north')
    try {
      const bulk = fetch(`${site.base}/calc/damage.rank`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(many(5000)),
      })
      const health: number[] = []
      for (let time = 0; time < 5; time++) health.push((await fetch(`${site.base}/health`)).status)
      const answer = await bulk
      assert.deepEqual(health, [200, 200, 200, 200, 200])
      assert.equal(answer.status, 413)
      assert.match(
        ((await answer.json()) as { error: { message: string } }).error.message,
        /take longer than the 1.5 s/,
      )
    } finally {
      await site.stop()
    }
  })
})
