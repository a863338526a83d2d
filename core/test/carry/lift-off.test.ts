import { assert } from 'chai'
import { assess, numberOf, type MachineKind } from '../../src/index.ts'
import { liftOffForce, preloadForce } from '../../src/carry/preload.ts'
import { bearingOf, positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const spindle = (axialN: number, endPlayMm: number, kind: MachineKind = 'spindle') =>
  assess(
    positionWith({
      bearing: { designation: '7012 C-P4', requiredPrecision: 'P4' },
      load: { arrangement: 'back-to-back', radialN: 700, partnerRadialN: 500, axialN, speedRpm: 2400 },
      float: { endPlayMm },
    }),
    { kind, duty: 'spindle' },
    catalogue,
  ).lenses.carry
const letsGo = (lens: ReturnType<typeof spindle>) => lens.checks.find(({ key }) => key === 'liftOff')

describe('a preloaded pair', () => {
  it('lets one bearing go at 2.8 times its preload with balls, at 2.2 with rollers', () => {
    assert.closeTo(liftOffForce(bearingOf('7012 C'), 100), 283, 1)
    assert.closeTo(liftOffForce(bearingOf('32212'), 100), 216, 1)
  })

  it('says so on a spindle whose pull is over that, with the figure of the sentence', () => {
    const preloadN = preloadForce(bearingOf('7012 C-P4'), 0.01)
    const most = liftOffForce(bearingOf('7012 C-P4'), preloadN)
    assert.isUndefined(letsGo(spindle(0.9 * most, -0.01)))
    const over = spindle(1.2 * most, -0.01)
    assert.equal(letsGo(over)?.verdict, 'watch')
    assert.closeTo(numberOf(over.figures['liftOff']) ?? 0, most, 1e-6)
  })

  it('asks for more preload, which is what helps', () => {
    const most = liftOffForce(bearingOf('7012 C-P4'), preloadForce(bearingOf('7012 C-P4'), 0.01))
    assert.isUndefined(letsGo(spindle(1.2 * most, -0.014)))
  })

  it('is let go in silence where it does not guide, or has play', () => {
    assert.isUndefined(letsGo(spindle(9000, -0.002, 'pump')))
    assert.isUndefined(letsGo(spindle(2000, 0.01)))
  })
})
