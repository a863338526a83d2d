import { assert } from 'chai'
import { assess, numberOf } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

type Given = Changes['load'] & { makerStaticN?: number; oil?: true; sleeve?: true; screws?: true; collar?: true }
const fast = { radialN: 20_000, speedRpm: 3000 }

const takes = (designation: string, { makerStaticN, oil, sleeve, screws, collar, ...load }: Given = {}) => {
  const holding = sleeve ? 'adapter-sleeve' : screws ? 'set-screws' : collar ? 'eccentric-collar' : null
  const inputs = positionWith({
    bearing: { designation, makerStaticN: makerStaticN ?? null },
    load: { radialN: 5000, axialN: 0, speedRpm: 1000, ...load },
    mount: { holding },
    grease: { lubrication: oil ? 'oil-bath' : 'grease' },
  })
  const { figures } = assess(inputs, { kind: 'pump', duty: 'round-the-clock' }, catalogue).lenses.carry
  return numberOf(figures['axialCapacity']) ?? NaN
}

describe('axial load a bearing takes', () => {
  const cases: [why: string, designation: string, load: Given, from: number, to: number][] = [
    ['a NU takes none', 'NU214', {}, 0, 0],
    ['nor does a needle', 'NA4914', {}, 0, 0],
    ['the ribs of a light NUP take 0.4 of the radial load', 'NUP214', {}, 2000, 2000],
    ['the ribs of a heavier one half of it', 'NUP314', {}, 2490, 2500],
    // k1 C0 10⁴/(n (d + D)) − k2 Fr = 222 · 10⁴/(3000 · 220) − 0.1 · 20 kN
    ['ribs in grease for long', 'NUP314', { ...fast, makerStaticN: 222_000 }, 1363, 1364.5],
    ['ribs in an oil bath for long', 'NUP314', { ...fast, makerStaticN: 222_000, oil: true }, 2045, 2046],
    // 3 · B · d
    ['a sleeve without abutment', '22216 EK', { sleeve: true }, 7919, 7921],
    ['a wider one', '22220 EK', { sleeve: true }, 13_799, 13_801],
    ['wider still', '22224 EK', { sleeve: true }, 20_879, 20_881],
    ['set screws hold a fifth of C0', 'UC208', { screws: true, makerStaticN: 20_000 }, 4000, 4000],
    ['a collar a little less', 'UC208', { collar: true, makerStaticN: 20_000 }, 3399, 3401],
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
