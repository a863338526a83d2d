import { assert } from 'chai'
import fc from 'fast-check'
import { placeReactions, type Obstacle } from '../../../src/drawing/shaft/place-reactions.ts'

const words = (...places: number[]) => places.map((x) => ({ x, top: 60, text: '4370 N' }))
const wheel = (x: number, reach = 120): Obstacle => ({ from: x - 8, to: x + 8, reach })

describe('the loads written under a shaft', () => {
  const cases: [why: string, places: number[], obstacles: Obstacle[], expected: [left: boolean, row: number][]][] = [
    ['stand to the right', [100, 500], [], [[false, 0], [false, 0]]],
    ['go left of a wheel', [100, 500], [wheel(520)], [[false, 0], [true, 0]]],
    ['stay where the wheel is short', [100, 500], [wheel(520, 80)], [[false, 0], [false, 0]]],
    ['go below wheels on both sides', [100, 500], [wheel(520), wheel(480)], [[false, 0], [false, 1]]],
    ['as far as the wheels are deep', [100, 500], [wheel(520, 190), wheel(480)], [[false, 0], [false, 4]]],
    ['go left of the next arrow', [300, 400, 700], [], [[true, 0], [false, 0], [false, 0]]],
    ['go a row down where there is no side left', [300, 380, 460], [], [[true, 0], [false, 0], [false, 1]]],
  ] // prettier-ignore
  for (const [why, places, obstacles, expected] of cases)
    it(why, () =>
      assert.deepEqual(
        placeReactions(words(...places), obstacles).map(({ left, row }) => [left, row]),
        expected,
      ),
    )

  it('never run into one another, however close the bearings stand', () => {
    const places = fc.uniqueArray(fc.integer({ min: 60, max: 1200 }), { minLength: 1, maxLength: 6 })
    fc.assert(
      fc.property(places, (some) => {
        const placed = placeReactions(words(...some), [])
        // Six signs of 9.4 px beside the arrow.
        const spans = placed.map(({ left, row }, index) => {
          const x = some[index] ?? 0
          return { row, from: left ? x - 12 - 56.4 : x + 12, to: left ? x - 12 : x + 12 + 56.4 }
        })
        for (const [index, one] of spans.entries())
          for (const other of spans.slice(index + 1))
            if (one.row === other.row) assert.isTrue(one.to < other.from || other.to < one.from)
      }),
    )
  })
})
