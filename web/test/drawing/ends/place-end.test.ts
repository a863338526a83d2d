import { assert } from 'chai'
import type { CapEnd } from '@yardfrost/core'
import { halfRing } from '../../../src/drawing/ends/end-frame.ts'
import { gapScale, placeEnd, unmeasured } from '../../../src/drawing/ends/place-end.ts'

const floating: CapEnd = { roomMm: 0.2, cutMm: 1.1, fillMm: 0, afterMm: 1.3, fromShoulderMm: 0.5, fromCapMm: 0.8, verdict: 'short' } // prettier-ignore
const held: CapEnd = { roomMm: -0.1, cutMm: 0.15, fillMm: 0, afterMm: 0.05, fromShoulderMm: 0, fromCapMm: 0, verdict: 'clamps' } // prettier-ignore

describe('an end on the sheet', () => {
  it('draws both ends to one scale, the widest gap as wide as it may be', () => {
    assert.closeTo(gapScale([floating, held]) * 1.3, 44, 1e-9)
    assert.isFinite(gapScale([null, null]))
  })

  it('places shoulder, spigot and what is machined off it', () => {
    const placed = placeEnd(floating, 1, 20, false)
    assert.deepInclude(placed, { shoulder: -halfRing - 10, tip: halfRing + 16, shoulderGap: 10, capGap: 16 })
    assert.closeTo(placed.tip - placed.tipBefore, 22, 1e-9)
  })

  it('turns round with the cap, and makes room for a spacer', () => {
    const placed = placeEnd(floating, -1, 20, true)
    assert.isBelow(placed.tip, 0)
    assert.equal(placed.shoulder, halfRing + placed.spacer + 10)
  })

  it('keeps a held ring at its shoulder', () => assert.equal(placeEnd(held, 1, 20, false).shoulder, -halfRing))

  it('lets a cap nobody measured just touch', () => assert.equal(unmeasured(-1).tip, -halfRing))
})
