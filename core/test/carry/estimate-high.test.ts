import { assert } from 'chai'
import { assess, emptyPosition } from '../../src/index.ts'
import { references } from '../references.ts'

const { catalogue, damage } = references
/** Carry of a fan that wants 40 000 h of a bearing under so much of its rating. */
const carry = (designation: string, radialN: number, makerDynamicN: number | null = null) => {
  const base = emptyPosition()
  const position = {
    ...base,
    bearing: { ...base.bearing, designation, makerDynamicN },
    load: { ...base.load, radialN, speedRpm: 980, wantedLifeH: 40_000 },
  }
  const { lenses } = assess(position, { kind: 'fan', duty: 'round-the-clock' }, catalogue, damage)
  return lenses.carry
}
const asks = (...given: Parameters<typeof carry>) => carry(...given).checks.find(({ key }) => key === 'ratingHigh')

describe('an estimate that may be too high', () => {
  it('is marked where the rating stands, with how far', () => {
    assert.match(carry('6230', 10_000).figures['dynamicRating']?.label ?? '', /may be 16 % high/)
    assert.match(carry('6324', 10_000).figures['dynamicRating']?.label ?? '', /may be 9 % high/)
    assert.match(carry('6080', 10_000).figures['dynamicRating']?.label ?? '', /may be 50 % high/)
    assert.match(carry('23080', 10_000).figures['dynamicRating']?.label ?? '', /may be 25 % high/)
    for (const right of ['6210', '6220', '6314', '22230'])
      assert.notMatch(carry(right, 10_000).figures['dynamicRating']?.label ?? '', /high/)
    assert.notMatch(carry('6230', 10_000, 174_000).figures['dynamicRating']?.label ?? '', /high/)
  })

  it('asks for the maker’s rating only where that would change the verdict', () => {
    assert.isUndefined(asks('6230', 5000), 'lives long either way')
    const near = asks('6230', 14_000)
    assert.equal(near?.when, 'unknown')
    assert.match(near?.reason ?? '', /too high/)
    assert.isUndefined(asks('6230', 14_000, 195_000), 'the maker said it')
    assert.isUndefined(asks('6220', 9000), 'of another size')
  })
})
