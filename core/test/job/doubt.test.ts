import { assert } from 'chai'
import { doubtOf, type Beside } from '../../src/job/doubt.ts'
import { giving, reading } from '../../src/job/step.ts'
import type { JobReading } from '../../src/model/job.ts'

const runUp = (minutes: number, position = 'a'): JobReading =>
  reading(`after-${minutes}:${position}`, `Housing after ${minutes} min`, { kind: 'number', quantity: 'temperature', high: 85, ...giving({ what: 'run-up', position, minutes }) }) // prettier-ignore
const vibration = (position: string): JobReading =>
  reading(`vibration:${position}`, `Vibration, ${position}`, { kind: 'number', decimals: 1, high: 4.5 })
const seat = reading('shaft-0', 'Shaft', { kind: 'number', quantity: 'length', decimals: 3, low: 65.002, high: 65.015 })
const clearance = (key: string): JobReading => reading(key, key, { kind: 'number', quantity: 'deviation' })
const at = (one: JobReading, value: number): Beside => ({ reading: one, value })

describe('a reading that is asked about before it is judged', () => {
  const cases: [why: string, one: JobReading, value: number, beside: Beside[], asked: RegExp | null][] = [
    ['−5 °F after a quarter of an hour', runUp(15), -20.56, [], /freezing/],
    ['a hot one that is only out of limits', runUp(15), 110, [], null],
    ['one that nobody reads on a housing', runUp(15), 300, [], /unit right/],
    ['48 °C, as housings are', runUp(15), 48, [], null],
    ['70 K above the other bearing', runUp(60), 118, [at(runUp(60, 'b'), 45)], /stands beside/],
    ['9 mm/s beside 0.9', vibration('a'), 9, [at(vibration('b'), 0.9)], /point in its place/],
    ['0.9 beside 9 mm/s', vibration('a'), 0.9, [at(vibration('b'), 9)], /point in its place/],
    ['3 mm/s beside 0.9', vibration('a'), 3, [at(vibration('b'), 0.9)], null],
    ['a vibration less than nothing', vibration('a'), -1, [], /Less than nothing/],
    ['56.02 for a seat of 65', seat, 56.02, [], /slip of the pen/],
    ['a worn seat', seat, 64.9, [], null],
    ['more clearance left than before', clearance('after'), 120, [at(clearance('before'), 105)], /More is left/],
    ['a loss that does not add up', clearance('lost'), 60, [at(clearance('before'), 105), at(clearance('after'), 60)], /Before less left makes/], // prettier-ignore
    ['a loss that does', clearance('lost'), 45, [at(clearance('before'), 105), at(clearance('after'), 60)], null],
    ['words', reading('told', 'Told', { kind: 'text' }), 0, [], null],
  ]
  for (const [why, one, value, beside, asked] of cases)
    it(`${why}: ${asked ?? 'nothing'}`, () => {
      const doubt = doubtOf(one, value, beside)
      if (asked) assert.match(`${doubt}`, asked)
      else assert.isNull(doubt)
    })

  it('leaves preload alone: it is less than nothing', () => {
    const play = reading('end-play', 'End play', { kind: 'number', quantity: 'length', low: -0.06, high: 0, ...giving({ what: 'float.end-play' }) }) // prettier-ignore
    assert.isNull(doubtOf(play, -0.04, []))
  })
})
