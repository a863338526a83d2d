import { assert } from 'chai'
import type { RoundEntry } from '../../src/round/entry.ts'
import type { Noticed } from '../../src/round/noticed.ts'
import { seenAt, type ReadAround } from '../../src/round/observed.ts'
import { reportedSigns } from '../../src/round/reported.ts'
import { judgeTrend } from '../../src/records/trend/judge-trend.ts'
import type { Trend } from '../../src/records/trend/schema.ts'
import { TrendInput } from '../../src/records/trend/schema.ts'
import { emptyPosition, nothingSeen } from '../../src/kinds/rolling/position.ts'
import { reportedOf, withReported } from '../../src/diagnose/reported.ts'
import type { Purged } from '../../src/records/adapt-interval.ts'

const around: ReadAround = { settledC: () => null, baselineDb: null }
let made = 0
const entry = (kind: string, at: string, rest: object = {}) =>
  ({ kind, id: `e${++made}`, point: 'p', at, came: null, noticed: [], note: '', ...rest }) as unknown as RoundEntry
const visit = (day: string, came: Purged | null, noticed: Noticed[] = []) => entry('done', `${day}T08:00:00.000Z`, { came, noticed }) // prettier-ignore
const signs = (...points: RoundEntry[][]) => reportedSigns(points, around, []).map(({ sign, day }) => `${sign} ${day}`)

describe('signs that rounds tell', () => {
  it('are what came out and what was noticed, with their day', () => {
    assert.deepEqual(signs([visit('2026-11-02', 'water', ['shakes', 'guard'])]), [
      'grease-milky 2026-11-02',
      'vibration-high-running 2026-11-02',
    ])
  })
  it('are none of a sound bearing', () =>
    assert.isEmpty(
      signs([visit('2026-11-02', 'fresh'), visit('2026-11-09', 'darkened'), visit('2026-11-16', 'nothing')]),
    ))
  it('are answered by the visit after, and gone when it is taken back', () => {
    assert.isEmpty(signs([visit('2026-11-02', 'water'), visit('2026-11-09', 'fresh')]))
    const back = [
      visit('2026-11-02', 'metal'),
      visit('2026-11-09', 'fresh'),
      entry('undone', '2026-11-09T09:00:00.000Z'),
    ]
    assert.deepEqual(signs(back), ['grease-metal 2026-11-02'])
  })
  it('stand where the visit after says nothing', () =>
    assert.deepEqual(signs([visit('2026-11-02', 'hard'), visit('2026-11-09', null)]), ['grease-dry-black 2026-11-02']))
  it('come from every point of the position, one of each', () =>
    assert.deepEqual(signs([visit('2026-11-02', null, ['leaks'])], [visit('2026-11-05', 'metal', ['leaks'])]), [
      'grease-leaked 2026-11-05',
      'grease-metal 2026-11-05',
    ]))
})

describe('what was read around a greasing', () => {
  const read = (what: string, time: string, value: number) =>
    entry('read', `2026-11-02T${time}:00.000Z`, { what, value })
  const greased = entry('done', '2026-11-02T08:00:00.000Z')
  it('belongs to it within half a day, and the hottest is the peak', () => {
    const all = [read('before', '07:55', 61), greased, read('after', '08:30', 74), entry('read', '2026-11-04T08:00:00.000Z', { what: 'after', value: 95 })] // prettier-ignore
    const [seen] = seenAt(all, { settledC: () => 58, baselineDb: null })
    assert.deepEqual(seen?.temperature, { beforeC: 61, peakC: 74, settledC: 58 })
  })
  it('says nothing until somebody has read it a day later, or knows its quiet', () => {
    const all = [read('before', '07:55', 61), greased, read('sound', '07:55', 30), read('soundAfter', '08:05', 22)]
    assert.isEmpty(seenAt(all, around))
    assert.deepEqual(seenAt(all, { ...around, baselineDb: 18 })[0]?.ultrasound, { baselineDb: 18, beforeDb: 30, afterDb: 22 }) // prettier-ignore
  })
})

describe('signs that readings tell', () => {
  const trend = (values: number[]): Trend =>
    judgeTrend(TrendInput.parse({ quantity: 'velocity', daily: values.map((median, at) => ({ date: `2026-11-${String(at + 1).padStart(2, '0')}`, median })) })) // prettier-ignore
  const told = (values: number[]) => reportedSigns([], around, [{ quantity: 'velocity', trend: trend(values), day: '2026-11-12' }]) // prettier-ignore
  it('are those over a limit, and no others', () => {
    const quiet = [1.1, 1.2, 1.1, 1.2, 1.1, 1.2, 1.1, 1.2, 1.1, 1.2, 1.1]
    assert.isEmpty(told([...quiet, 1.2]))
    assert.deepEqual(told([...quiet, 4.8]), [{ sign: 'vibration-high-running', day: '2026-11-12', from: 'readings' }])
  })
})

describe('a reported sign on the bench', () => {
  const water = { sign: 'grease-milky', day: '2026-11-02', from: 'round' as const }
  const machine = { kind: 'pump' as const, duty: 'one-shift' as const, reported: [water] }
  const on = (diagnose: object) => ({
    ...emptyPosition(),
    diagnose: { ...nothingSeen(), ...diagnose },
  })
  it('counts as seen', () => assert.deepEqual(withReported(on({}), machine).diagnose.seen, ['grease-milky']))
  it('is out once it is struck out or answered, and in again when it is told of another day', () => {
    for (const diagnose of [
      { struckOut: ['grease-milky 2026-11-02'] },
      { notSeen: ['grease-milky'] },
      { seen: ['grease-milky'] },
    ])
      assert.isEmpty(reportedOf(on(diagnose), machine))
    const later = { ...machine, reported: [{ ...water, day: '2026-11-09' }] }
    assert.lengthOf(reportedOf(on({ struckOut: ['grease-milky 2026-11-02'] }), later), 1)
  })
})
