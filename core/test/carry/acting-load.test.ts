import { assert } from 'chai'
import { actingLoads } from '../../src/carry/acting-load.ts'
import { InputError } from '../../src/errors/input-error.ts'
import { bearingOf, positionWith, type Changes } from '../bench-position.ts'

const loads = (designation: string, load: Changes['load'], float: Changes['float'] = {}) =>
  actingLoads(
    positionWith({ load: { radialN: 4000, axialN: 1000, speedRpm: 1000, ...load }, float }),
    bearingOf(designation),
  )

describe('acting load', () => {
  // 30214: contact angle 15° in the tables, so Y = 0.4 cot 15° = 1.493 and S = Fr / 2Y = 0.335 Fr.
  const cases: [why: string, designation: string, load: Changes['load'], radialN: number, axialN: number][] = [
    ['as typed', '6214', {}, 4000, 1000],
    ['shock on both loads', '6214', { shockFactor: 1.5 }, 6000, 1500],
    ['a level machine puts no weight along the shaft', '6214', { tiltDeg: 0, rotorKg: 100 }, 4000, 1000],
    // 100 kg · 9.80665 · sin 30° = 490.33 N
    ['a machine leant over by 30°', '6214', { tiltDeg: 30, rotorKg: 100 }, 4000, 1490.3],
    ['shock is not put on the weight', '6214', { tiltDeg: 90, rotorKg: 100, shockFactor: 2 }, 8000, 2980.7],
    // Back to back, toward the partner: this one takes it. S_B + K = 0.335 · 2000 + 1000.
    ['of a pair back to back, pushed toward the other', '30214', { arrangement: 'back-to-back', partnerRadialN: 2000 }, 4000, 1669.9],
    // Away from it the partner takes it; this one is left with its own S or S_B less K: max(1339.7, …).
    ['of a pair back to back, pushed away', '30214', { arrangement: 'back-to-back', axialWay: 'left', partnerRadialN: 2000 }, 4000, 1339.7],
    ['of a pair face to face, pushed away', '30214', { arrangement: 'face-to-face', axialWay: 'left', partnerRadialN: 2000 }, 4000, 1669.9],
    ['both ways: the worse', '30214', { arrangement: 'face-to-face', axialWay: 'both', partnerRadialN: 2000 }, 4000, 1669.9],
  ] // prettier-ignore
  for (const [why, designation, load, radialN, axialN] of cases)
    it(why, () => {
      const [one] = loads(designation, load)
      assert.approximately(one?.radialN ?? 0, radialN, 0.5)
      assert.approximately(one?.axialN ?? 0, axialN, 0.5)
    })

  it('hangs the weight on the end that locates, not on the one that floats', () => {
    const [one] = loads('6214', { tiltDeg: 45, rotorKg: 200 }, { role: 'floating' })
    assert.equal(one?.axialN, 1000)
  })

  it('gives one load a step', () => {
    const step = { radialN: 1000, axialN: 0, speedRpm: 500, share: 0.5 }
    const both = loads('6214', { steps: [step, { ...step, radialN: 3000 }], shockFactor: 2 })
    assert.deepEqual(
      both.map(({ radialN, speedRpm, share }) => [radialN, speedRpm, share]),
      [
        [2000, 500, 0.5],
        [6000, 500, 0.5],
      ],
    )
  })

  const refusals: [why: string, designation: string, load: Changes['load'], field: string][] = [
    ['a deep groove bearing is set in no pair', '6214', { arrangement: 'back-to-back', partnerRadialN: 100 }, 'arrangement'],
    ['a double row is a pair by itself', '3214', { arrangement: 'back-to-back', partnerRadialN: 100 }, 'arrangement'],
    ['the other of the pair is not loaded', '30214', { arrangement: 'back-to-back' }, 'partnerRadialN'],
  ] // prettier-ignore
  for (const [why, designation, load, field] of refusals)
    it(`refuses: ${why}`, () => {
      try {
        loads(designation, load)
        assert.fail('it answered')
      } catch (error) {
        assert.instanceOf(error, InputError)
        assert.equal(error.field, field)
      }
    })
})
