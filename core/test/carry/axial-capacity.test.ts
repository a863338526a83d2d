import { assert } from 'chai'
import { assess, numberOf } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const takes = (designation: string, load: Changes['load'] = {}) =>
  numberOf(
    assess(
      positionWith({ bearing: { designation }, load: { radialN: 5000, axialN: 0, speedRpm: 1000, ...load } }),
      { kind: 'pump', duty: 'round-the-clock' },
      catalogue,
    ).lenses.carry.figures['axialCapacity'],
  ) ?? NaN

describe('axial load a bearing takes', () => {
  const cases: [why: string, designation: string, load: Changes['load'], from: number, to: number][] = [
    ['a NU takes none', 'NU214', {}, 0, 0],
    ['nor does a needle', 'NA4914', {}, 0, 0],
    // Ribs: half the radial load.
    ['the ribs of a NUP take half the radial load', 'NUP214', {}, 2490, 2510],
    // Factors end at f0 Fa/C0 = 6.89: 6.89 · 44 000 / 14.4 = 21 kN; P ≤ C/2 comes first.
    ['a deep groove is held by half its dynamic rating', '6214', {}, 12_000, 22_000],
    ['a steep angular contact takes more', '7214 B', {}, 22_000, 60_000],
    // 0.56 · 25 + 1.03 Fa = 62.2 / 2 kN
    ['half of C is reached sooner beside a heavy radial load', '6214', { radialN: 25_000 }, 16_000, 17_000],
    // 0.6 · 40 + 0.5 Fa = 44 / 1.5 kN, where half of C is passed already
    ['nothing is left where the radial load alone is over half of C', '6214', { running: 'shock', radialN: 40_000 }, 0, 0],
  ] // prettier-ignore
  for (const [why, designation, load, from, to] of cases)
    it(why, () => {
      const newton = takes(designation, load)
      assert.isAtLeast(newton, from)
      assert.isAtMost(newton, to)
    })

  it('is less beside more radial load', () => {
    for (const designation of ['6214', '32214', '22214', '7214 B'])
      assert.isBelow(takes(designation, { radialN: 20_000 }), takes(designation, { radialN: 1000 }), designation)
  })
})
