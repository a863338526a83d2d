import { assert } from 'chai'
import { judgeShelf, StockEntry, type FittedNumber, type WantedBearing } from '../../src/index.ts'
import { catalogue } from '../references.ts'

const asOf = '2026-11-29'
const line = (designation: string, count: number, more: Partial<StockEntry> = {}) =>
  StockEntry.parse({ designation, place: 'A1', count, ...more })
const wanted = (designation: string, plannedFor: string | null = null, taken = false): WantedBearing => ({
  designation,
  plannedFor,
  taken,
})
const says = (parts: { lines?: StockEntry[]; wanted?: WantedBearing[]; fitted?: FittedNumber[] }) =>
  judgeShelf({ lines: [], wanted: [], fitted: [], ...parts }, asOf, catalogue)

describe('the shelf', () => {
  // what is held, what a job wants, and how many are missing
  const cases: [why: string, held: string, count: number, wanted: string, missing: number][] = [
    ['the very number', '22218E-C3', 1, '22218 E/C3', 0],
    ['written another way', '6314/C3', 1, '6314-C3', 0],
    ['another clearance', '22218E', 3, '22218E-C3', 1],
    ['a brass cage where none is called for', '6314-M-C3', 1, '6314-C3', 0],
    ['no brass cage where one is', '6314-C3', 1, '6314-M-C3', 1],
    ['letters that are not read', '6314 DDU C3', 1, '6314-C3', 1],
    ['none left', '6314-C3', 0, '6314-C3', 1],
  ]
  for (const [why, held, count, number, missing] of cases)
    it(`${missing ? 'lacks' : 'has'} it: ${why}`, () =>
      assert.lengthOf(says({ lines: [line(held, count)], wanted: [wanted(number)] }).missing, missing))

  it('counts what two jobs want of one number, the soonest first, and not what was taken', () => {
    const jobs = [wanted('6314-C3', '2026-12-20'), wanted('6314-C3', '2026-12-02'), wanted('6314-C3', null, true)]
    const { missing } = says({ lines: [line('6314-C3', 1)], wanted: jobs })
    assert.deepInclude(missing[0], { held: 1, wanted: 2 })
    assert.deepEqual(
      missing[0]?.jobs.map(({ plannedFor }) => plannedFor),
      ['2026-12-02', '2026-12-20'],
    )
  })

  it('is low under the least number, over all places, unless a job misses it already', () => {
    const lines = [line('6008-P5', 1, { least: 3 }), line('6008-P5', 1, { place: 'B2' }), line('6314', 0, { least: 1 })]
    const { low } = says({ lines, wanted: [wanted('6314')] })
    assert.deepEqual(
      low.map(({ designation, held, wanted: least }) => [designation, held, least]),
      [['6008-P5', 2, 3]],
    )
  })

  it('is old three years after it was filled, and not the day before', () => {
    const lines = [
      line('6206-2RS', 1, { greasedOn: '2023-11-30' }),
      line('6207-2RS', 1, { greasedOn: '2023-11-20' }),
      line('6208-2RS', 0, { greasedOn: '2020-01-01' }),
    ]
    assert.deepEqual(
      says({ lines }).old.map(({ line: { designation } }) => designation),
      ['6207-2RS'],
    )
  })

  it('says what is held and fitted nowhere, fitted and not held, and what would cover the most', () => {
    const fitted = ['6314-C3', '22218E-C3', 'NU313', 'UC212', '6319', '6008'].map((designation, index) => ({
      designation,
      positions: 10 - index,
    }))
    const { nowhere, notHeld, cover } = says({ lines: [line('6314-C3', 1), line('6314', 2)], fitted })
    assert.deepEqual(
      nowhere.map(({ designation }) => designation),
      ['6314'],
    )
    assert.equal(notHeld[0]?.designation, '22218E-C3')
    assert.lengthOf(notHeld, 5)
    assert.lengthOf(cover.numbers, 5)
    assert.closeTo(cover.share, 40 / 45, 1e-9)
  })

  it('says nothing of an empty one', () => {
    const { missing, low, old, nowhere, notHeld, cover } = says({})
    assert.deepEqual([missing, low, old, nowhere, notHeld, cover.numbers, cover.share], [[], [], [], [], [], [], 0])
  })
})
