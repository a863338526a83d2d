import type { HeatTarget } from '@yardfrost/core'
import { assert } from 'chai'
import { clockWords, heatSays, isHotEnough, type HeatState } from '../../src/heat/heat-says.ts'

const target: HeatTarget = { slidesC: 70, liftC: 95, aimC: 110, limitC: 120, roomC: 20, differenceK: 35, massKg: 2, areaMm2: 40_000 } // prettier-ignore
const before: HeatState = { target, event: null, running: false, now: null, leftS: null, warned: true, units: 'metric' }
const rings = (innerC: number, outerC = innerC - 10) => ({ innerC, outerC })

describe('what the heat clock says', () => {
  const cases: [why: string, state: Partial<HeatState>, says: RegExp][] = [
    ['before the cautions are read', { warned: false }, /Acknowledge the cautions/],
    ['before it starts', {}, /Probe on the inner ring/],
    ['while it heats', { running: true, now: rings(60) }, /^Heating\.$/],
    ['before the first reading', { running: true }, /^Heating\.$/],
    ['when the rings are too far apart', { running: true, now: rings(80, 47) }, /waits for the outer ring/],
    ['just within that', { running: true, now: rings(80, 48) }, /^Heating\.$/],
    ['from where it may be lifted', { running: true, now: rings(95) }, /Lift it now/],
    ['a hair below, shown as the same', { running: true, now: rings(94.6) }, /Lift it now/],
    ['a degree below', { running: true, now: rings(94.4) }, /^Heating\.$/],
    ['on its limit', { running: true, now: rings(120.4) }, /Lift it now/],
    ['over its limit', { running: true, now: rings(121) }, /Too hot: switch off/],
    ['lifted, with time left', { event: 'lifted', leftS: 40 }, /Slide it home in one move/],
    ['lifted too long ago', { event: 'lifted', leftS: 0 }, /do not force it/],
    ['seated', { event: 'home' }, /It is seated/],
    ['stopped short', { event: 'short' }, /no hammer/],
    ['heated again after it stopped short', { event: 'short', running: true, now: rings(50) }, /^Heating\.$/],
  ]
  for (const [why, state, says] of cases) it(why, () => assert.match(heatSays({ ...before, ...state }), says))

  it('goes by the aim where a job of before named no lift', () => {
    const old = { ...target, liftC: null }
    assert.isFalse(isHotEnough({ target: old, now: rings(109), units: 'metric' }))
    assert.isTrue(isHotEnough({ target: old, now: rings(110), units: 'metric' }))
  })

  it('compares as the display of the reader shows it', () => {
    // 94.8 °C is 202.6 °F, shown as 203; 95 °C is 203.
    assert.isTrue(isHotEnough({ target, now: rings(94.8), units: 'inch' }))
    assert.isFalse(isHotEnough({ target, now: rings(94.6), units: 'inch' }))
  })

  it('writes time as a clock does', () => {
    assert.deepEqual([0, 9.9, 60, 125].map(clockWords), ['0:00', '0:09', '1:00', '2:05'])
  })
})
