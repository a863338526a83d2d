import { assert } from 'chai'
import { pairPlay } from '../../src/carry/pair-play.ts'
import { bearingOf, positionWith, type Changes } from '../bench-position.ts'

const play = (load: Changes['load'], float: Changes['float'] = {}, designation = '30214') =>
  pairPlay(
    positionWith({ load, float: { endPlayMm: 0.1, innerC: 70, outerC: 60, spanMm: 400, ...float } }),
    bearingOf(designation),
  )

describe('end play of a pair', () => {
  const backed = { arrangement: 'back-to-back' } as const
  const facing = { arrangement: 'face-to-face' } as const

  it('face to face a warmer shaft tightens by its growth and by its rings', () => {
    const found = play(facing)
    // 12.06e-6 · 10 · 400 = 0.0482 mm along; twice the apex distance across.
    assert.approximately(found?.alongMm ?? 0, -0.0482, 1e-4)
    assert.approximately(found?.acrossMm ?? 0, -12.06e-6 * 10 * 2 * (found?.apexMm ?? 0), 1e-9)
    assert.isBelow(found?.hotMm ?? 1, 0.1 - 0.0482)
  })

  it('back to back it stays as it was where the cones meet in one point, slackens beyond and tightens within', () => {
    const apexMm = play(backed)?.apexMm ?? 0
    assert.approximately(play(backed, { spanMm: 2 * apexMm })?.hotMm ?? 0, 0.1, 1e-9)
    assert.isAbove(play(backed, { spanMm: 2 * apexMm + 200 })?.hotMm ?? 0, 0.1)
    assert.isBelow(play(backed, { spanMm: 2 * apexMm - 50 })?.hotMm ?? 1, 0.1)
  })

  it('a colder shaft does the opposite', () => {
    const warm = play(facing)?.hotMm ?? 0
    const cold = play(facing, { innerC: 60, outerC: 70 })?.hotMm ?? 0
    assert.approximately(warm + cold, 0.2, 1e-9)
  })

  it('is not asked of a single bearing, of another type, or while an input is missing', () => {
    assert.isNull(play({}))
    assert.isNull(play(facing, {}, '6214'))
    assert.isNull(play(facing, { innerC: null }))
  })
})
