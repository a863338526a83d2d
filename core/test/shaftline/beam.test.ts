import { assert } from 'chai'
import fc from 'fast-check'
import { firstCriticalRpm, solveBeam } from '../../src/shaftline/beam.ts'

const E = 206_000
const d = 60
const I = (Math.PI * d ** 4) / 64
const plain = (lengthMm: number, diameterMm = d) => ({ lengthMm, diameterMm, boreMm: 0 })
const near = (actual: number, expected: number, why = '') =>
  assert.approximately(actual, expected, Math.abs(expected) * 1e-3 + 1e-9, why)

describe('beam against closed forms, to a thousandth', () => {
  it('a load in the middle between two supports: F L³ / 48 E I', () => {
    const beam = solveBeam({
      sections: [plain(1000)],
      supports: [{ xMm: 0 }, { xMm: 1000 }],
      loads: [{ xMm: 500, forceN: 10_000 }],
    })
    const middle = beam.xMm.indexOf(500)
    near(beam.deflectionMm[middle] ?? 0, (10_000 * 1000 ** 3) / (48 * E * I))
    near(beam.supportSlope[0] ?? 0, (10_000 * 1000 ** 2) / (16 * E * I))
    near(beam.supportN[0] ?? 0, 5000)
  })

  it('a load off the middle: F a² b² / 3 E I L under it', () => {
    const beam = solveBeam({
      sections: [plain(1000)],
      supports: [{ xMm: 0 }, { xMm: 1000 }],
      loads: [{ xMm: 300, forceN: 8000 }],
    })
    near(beam.deflectionMm[beam.xMm.indexOf(300)] ?? 0, (8000 * 300 ** 2 * 700 ** 2) / (3 * E * I * 1000))
    near(beam.supportN[1] ?? 0, 2400)
  })

  it('an overhung load: F a² (L + a) / 3 E I at its end, and the far support is lifted', () => {
    const beam = solveBeam({
      sections: [plain(1000)],
      supports: [{ xMm: 0 }, { xMm: 800 }],
      loads: [{ xMm: 1000, forceN: 5000 }],
    })
    near(beam.deflectionMm[beam.deflectionMm.length - 1] ?? 0, (5000 * 200 ** 2 * 1000) / (3 * E * I))
    near(beam.supportN[0] ?? 0, -1250)
  })

  it('three supports, a load in the middle of each span: 5/16, 11/8, 5/16', () => {
    const beam = solveBeam({
      sections: [plain(2000)],
      supports: [{ xMm: 0 }, { xMm: 1000 }, { xMm: 2000 }],
      loads: [
        { xMm: 500, forceN: 1000 },
        { xMm: 1500, forceN: 1000 },
      ],
    })
    near(beam.supportN[0] ?? 0, (1000 * 5) / 16)
    near(beam.supportN[1] ?? 0, (1000 * 11) / 8)
    near(beam.supportN[2] ?? 0, (1000 * 5) / 16)
  })

  it('springy supports sink by F / k besides', () => {
    const beam = solveBeam({
      sections: [plain(1000)],
      supports: [
        { xMm: 0, stiffnessNPerMm: 50_000 },
        { xMm: 1000, stiffnessNPerMm: 50_000 },
      ],
      loads: [{ xMm: 500, forceN: 10_000 }],
    })
    near(beam.deflectionMm[beam.xMm.indexOf(500)] ?? 0, (10_000 * 1000 ** 3) / (48 * E * I) + 5000 / 50_000)
  })

  it('a stepped shaft, thick half and thin half: by the unit-load integral', () => {
    // Middle load on steps of I and 8 I (diameter times 8^¼): δ = F L³/96 E (1/I + 1/8I).
    const thick = d * 8 ** 0.25
    const beam = solveBeam({
      sections: [plain(500), plain(500, thick)],
      supports: [{ xMm: 0 }, { xMm: 1000 }],
      loads: [{ xMm: 500, forceN: 10_000 }],
    })
    near(beam.deflectionMm[beam.xMm.indexOf(500)] ?? 0, ((10_000 * 1000 ** 3) / (96 * E)) * (1 / I + 1 / (8 * I)))
  })

  it('critical speed of a plain shaft: (π/L)² √(E I / ρ A)', () => {
    const n = 100
    const massKg = (7.85e-6 * Math.PI * d ** 2 * 1000) / 4
    const rpm = firstCriticalRpm({
      sections: [plain(1000)],
      supports: [{ xMm: 0 }, { xMm: 1000 }],
      loads: [],
      masses: Array.from({ length: n }, (_, index) => ({ xMm: (1000 * (index + 0.5)) / n, massKg: massKg / n })),
      elements: 100,
    })
    const omega = (Math.PI / 1000) ** 2 * Math.sqrt((E * I * 1000) / (massKg / 1000))
    near(rpm, (omega * 60) / (2 * Math.PI))
  })

  it('critical speed of one mass in the middle of a light shaft: √(48 E I / m L³)', () => {
    const rpm = firstCriticalRpm({
      sections: [plain(1000)],
      supports: [{ xMm: 0 }, { xMm: 1000 }],
      loads: [],
      masses: [{ xMm: 500, massKg: 200 }],
    })
    near(rpm, (Math.sqrt((48 * E * I * 1000) / (200 * 1000 ** 3)) * 60) / (2 * Math.PI))
  })

  it('the supports carry the whole load, however many and wherever they stand', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: 20 }), { minLength: 2, maxLength: 5 }),
        fc.array(fc.record({ xMm: fc.integer({ min: 0, max: 2000 }), forceN: fc.integer({ min: -5000, max: 5000 }) }), {
          minLength: 1,
          maxLength: 6,
        }),
        (places, loads) => {
          const { supportN } = solveBeam({
            sections: [plain(1200), plain(800, 90)],
            supports: places.map((one) => ({ xMm: one * 100 })),
            loads,
          })
          const carried = supportN.reduce((sum, one) => sum + one, 0)
          const put = loads.reduce((sum, { forceN }) => sum + forceN, 0)
          assert.approximately(carried, put, 1e-3 * (1 + loads.reduce((sum, { forceN }) => sum + Math.abs(forceN), 0)))
        },
      ),
      { numRuns: 150 },
    )
  })
})
