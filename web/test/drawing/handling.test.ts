import { handlingKeys } from '@yardfrost/core'
import { assert } from 'chai'
import { handlingDrawings } from '../../src/drawing/handling/index.ts'

describe('drawings of handling', () => {
  it('are there for each, whole, and no two alike', () => {
    const all = handlingKeys.map((key) => {
      const drawn = handlingDrawings[key].map(({ look, d }) => look + d).join(' ')
      assert.notMatch(drawn, /NaN|undefined/, key)
      assert.isAtLeast(handlingDrawings[key].length, 3, key)
      return drawn
    })
    assert.lengthOf(new Set(all), handlingKeys.length)
  })

  it('show the force or the harm in ember', () => {
    const looks = (key: (typeof handlingKeys)[number]) => handlingDrawings[key].map(({ look }) => look)
    // A clean bench does nothing to the bearing.
    for (const key of handlingKeys) if (key !== 'clean-bench') assert.include(looks(key), 'mark', key)
  })
})
