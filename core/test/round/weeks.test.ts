import { assert } from 'chai'
import { levelledMoves, mondayOf, standsIn, weekNumber, weeksAhead, type WeekPoint } from '../../src/round/weeks.ts'
import { addDays } from '../../src/records/days.ts'

const asOf = '2026-11-25'
const point = (id: string, change: Partial<WeekPoint> = {}): WeekPoint => ({
  id,
  machine: 'A-1',
  dueOn: '2026-12-09',
  earlyOn: '2026-11-30',
  lateOn: '2026-12-18',
  movedTo: null,
  lastDone: '2026-09-10',
  intervalDays: 90,
  minutes: 5,
  ...change,
})

describe('the weeks ahead', () => {
  it('begin on the Monday of today, and count as the calendar does', () => {
    assert.equal(mondayOf(asOf), '2026-11-23')
    assert.equal(mondayOf('2026-11-23'), '2026-11-23')
    assert.equal(mondayOf('2026-11-29'), '2026-11-23')
    assert.deepEqual([asOf, '2026-12-31', '2027-01-04', '2021-01-03'].map(weekNumber), [48, 53, 1, 53])
  })

  it('have points of one machine in one mark, again every interval', () => {
    const fortnight = { dueOn: '2026-11-24', intervalDays: 15 }
    const { marks, loads } = weeksAhead([point('a', fortnight), point('b', { ...fortnight, minutes: 3 })], asOf, 6)
    assert.deepEqual(
      marks.get('A-1')?.map(({ week, ids, minutes }) => [week, ids.length, minutes]),
      [
        [0, 2, 8],
        [2, 2, 8],
        [4, 2, 8],
      ],
    )
    assert.deepEqual(loads, [8, 0, 8, 0, 8, 0])
  })

  it('have what is overdue in front, and again an interval after it is done', () => {
    const late = point('a', { dueOn: '2026-11-01', earlyOn: '2026-10-30', lateOn: '2026-11-03', intervalDays: 21 })
    const { marks, overdueMinutes, loads } = weeksAhead([late], asOf, 8)
    assert.deepEqual(
      marks.get('A-1')?.map(({ week }) => week),
      [-1, 3, 6],
    )
    assert.equal(overdueMinutes, 5)
    assert.equal(loads[0], 0)
  })

  it('have what was never done in this week, what never comes due nowhere, and what was moved where it was moved to', () => {
    const never = point('a', { dueOn: null, earlyOn: null, lateOn: null, lastDone: null })
    const stands = point('b', { machine: 'B', dueOn: null, earlyOn: null, lateOn: null })
    const moved = point('c', { machine: 'C', movedTo: '2026-12-01' })
    const { marks } = weeksAhead([never, stands, moved], asOf, 4)
    assert.equal(marks.get('A-1')?.[0]?.week, 0)
    assert.isUndefined(marks.get('B'))
    assert.equal(marks.get('C')?.[0]?.week, 1)
  })
})

describe('weeks that are levelled', () => {
  const many = Array.from({ length: 12 }, (_, index) => point(`p${index}`, { machine: `M-${index}` }))

  it('spread what falls together, each within its tolerance', () => {
    const moves = levelledMoves(many, [], asOf, 8)
    assert.isNotEmpty(moves)
    for (const { to } of moves) assert.isTrue(to >= '2026-11-30' && to <= '2026-12-18', to)
    const moved = many.map((one) => ({ ...one, movedTo: moves.find(({ id }) => id === one.id)?.to ?? null }))
    assert.isBelow(Math.max(...weeksAhead(moved, asOf, 8).loads), Math.max(...weeksAhead(many, asOf, 8).loads))
  })

  it('leave a week free in which the plant stands', () => {
    const stops = [{ fromDay: '2026-12-07', toDay: '2026-12-13' }]
    assert.isTrue(standsIn(stops, '2026-12-07'))
    const moves = levelledMoves(many, stops, asOf, 8)
    const moved = many.map((one) => ({ ...one, movedTo: moves.find(({ id }) => id === one.id)?.to ?? null }))
    assert.equal(weeksAhead(moved, asOf, 8).loads[2], 0)
    for (const { to } of moves) assert.isFalse(to >= '2026-12-07' && to <= addDays('2026-12-07', 6), to)
  })

  it('keep what cannot move, and what is overdue', () => {
    const firm = point('a', { earlyOn: '2026-12-09', lateOn: '2026-12-09' })
    const late = point('b', { dueOn: '2026-11-01', earlyOn: '2026-10-30', lateOn: '2026-11-03' })
    assert.isEmpty(levelledMoves([firm, late], [{ fromDay: '2026-12-07', toDay: '2026-12-13' }], asOf, 8))
  })
})
