import { assert } from 'chai'
import { speedCheck } from '../../src/carry/speed-check.ts'
import { greaseInterval } from '../../src/grease/interval.ts'

describe('rollers without a cage rub on one another', () => {
  it('stand half the speed', () => {
    const turning = { bearingType: 'cylindrical-roller', pitchDiameterMm: 120, speedRpm: 1000 } as const
    const full = speedCheck({ ...turning, fullComplement: true })
    assert.closeTo(full.ratio / speedCheck(turning).ratio, 2, 1e-9)
  })

  it('use up their grease sooner by either practice, and the sooner the faster', () => {
    const share = (method: 'formula' | 'speed-factor', speedRpm: number) => {
      const running = { method, bearingType: 'cylindrical-roller', boreMm: 100, odMm: 150, speedRpm, temperatureC: 60 } as const // prettier-ignore
      return greaseInterval({ ...running, fullComplement: true }).hoursH / greaseInterval(running).hoursH
    }
    assert.closeTo(share('formula', 900), 0.4, 1e-9)
    assert.isBelow(share('speed-factor', 300), 1)
    assert.isBelow(share('speed-factor', 900), share('speed-factor', 300))
  })
})
