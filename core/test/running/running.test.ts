import { assert } from 'chai'
import fc from 'fast-check'
import { FrictionInput } from '../../src/running/friction.schema.ts'
import { frictionTorque } from '../../src/running/friction.ts'
import { greaseLife, GreaseLifeInput } from '../../src/running/grease-life.ts'
import { TemperatureInput } from '../../src/running/temperature.schema.ts'
import { runningTemperature } from '../../src/running/temperature.ts'
import { speedThermal, SpeedThermalInput } from '../../src/running/speed-thermal.ts'
import { chooseViscosity, ViscosityChooseInput } from '../../src/lubrication/choose.ts'

const ball = { bearingType: 'deep-groove-ball', radialN: 1500, staticRatingN: 29_000, lubrication: 'grease' } as const
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true })

describe('friction', () => {
  const total = (change: object) => frictionTorque(FrictionInput.parse({ ...ball, pitchDiameterMm: 77.5, speedRpm: 1480, viscosityCst: 40, ...change })).totalTorqueNmm // prettier-ignore
  it('never falls with load, speed, viscosity or size', () => {
    fc.assert(
      fc.property(between(1, 3), (more) => {
        const base = total({})
        for (const change of [
          { radialN: 1500 * more },
          { speedRpm: 1480 * more },
          { viscosityCst: 40 * more },
          { pitchDiameterMm: 77.5 * more },
          { axialN: 300 * more },
        ])
          // prettier-ignore
          assert.isAtLeast(total(change), base - 1e-9)
      }),
    )
  })
  it('lies within the spread it states', () => {
    const { totalMinNmm, totalTorqueNmm, totalMaxNmm } = frictionTorque(FrictionInput.parse({ ...ball, pitchDiameterMm: 77.5, speedRpm: 1480, viscosityCst: 40, seals: 'contact' })) // prettier-ignore
    assert.isTrue(totalMinNmm < totalTorqueNmm && totalTorqueNmm < totalMaxNmm)
  })
})

describe('how warm it runs', () => {
  const size = { boreMm: 55, odMm: 100, widthMm: 21, ambientC: 25 }
  const warm = (change: object) => runningTemperature(TemperatureInput.parse({ ...size, ...ball, speedRpm: 1480, nu40Cst: 100, ...change })) // prettier-ignore
  const ways = fc.record({
    speedRpm: between(50, 6000),
    radialN: between(100, 9000),
    ambientC: between(-20, 60),
    airSpeedMPerS: between(0, 12),
    shaftC: between(-20, 300),
    shaftDistanceMm: between(20, 800),
    oilFlowLPerMin: between(0, 8),
    oilInletC: between(10, 70),
    housing: fc.constantFrom('pillow-block', 'flanged', 'motor-end-shield', 'machine-wall'),
  })
  it('leaves with as much heat as it makes', () => {
    fc.assert(
      fc.property(ways, (change) => {
        const { friction, fromShaft, housing, shaft, oil } = warm(change).heatW
        assert.approximately(friction + fromShaft, housing + shaft + oil, 1e-6 * Math.max(1, friction, Math.abs(fromShaft), Math.abs(oil))) // prettier-ignore
      }),
      { numRuns: 60 },
    )
  })
  it('is cooled by air, and warmed by load and a hot shaft', () => {
    const { housingC } = warm({})
    assert.isBelow(warm({ airSpeedMPerS: 5 }).housingC, housingC)
    assert.isAbove(warm({ radialN: 6000 }).housingC, housingC)
    const hot = warm({ shaftC: 120, shaftDistanceMm: 130 })
    assert.isAbove(hot.innerRingC - hot.outerRingC, warm({}).innerRingC - warm({}).outerRingC)
  })
  it('makes the heat that a measurement implies', () => {
    const { impliedPowerW = NaN, verdict } = warm({ measuredC: 72 })
    assert.equal(verdict, 'hot')
    const again = runningTemperature(TemperatureInput.parse({ ...size, speedRpm: 1480, powerW: impliedPowerW }))
    assert.approximately(again.housingC, 72, 1e-9)
  })
})

describe('the thermal speed', () => {
  it('is where friction makes the heat that leaves', () => {
    const size = { boreMm: 55, odMm: 100, widthMm: 21 }
    const { referenceSpeedRpm, referenceHeatW } = speedThermal(SpeedThermalInput.parse({ bearingType: 'deep-groove-ball', ...size, staticRatingN: 29_000 })) // prettier-ignore
    const { powerW } = frictionTorque(FrictionInput.parse({ ...ball, lubrication: 'oil-bath', radialN: 0.05 * 29_000, pitchDiameterMm: 77.5, speedRpm: referenceSpeedRpm, viscosityCst: 12 })) // prettier-ignore
    assert.approximately(powerW, referenceHeatW, 1e-6 * referenceHeatW)
  })
})

describe('the grease of a closed bearing', () => {
  const hours = (change: object) => greaseLife(GreaseLifeInput.parse({ bearingType: 'deep-groove-ball', boreMm: 40, odMm: 80, speedRpm: 2950, temperatureC: 80, ...change })).hoursH // prettier-ignore
  it('lasts shorter the hotter, faster, wetter and heavier it runs, and longer when made for it', () => {
    const base = hours({})
    for (const change of [
      { temperatureC: 95 },
      { speedRpm: 3600 },
      { moisture: 'wet' },
      { loadRatio: 0.2 },
      { orientation: 'vertical' },
    ])
      assert.isBelow(hours(change), base)
    assert.isAbove(hours({ grease: 'long-life' }), base)
    assert.isAtMost(hours({ moisture: 'wet', closure: 'shield' }), hours({ moisture: 'wet', closure: 'contact-seal' }))
  })
})

describe('the oil grade', () => {
  it('holds a film with a supplied oil a tenth thin, and no grade below it does', () => {
    fc.assert(
      fc.property(between(30, 400), between(60, 3000), between(30, 90), (pitchDiameterMm, speedRpm, temperatureC) => {
        const found = chooseViscosity(ViscosityChooseInput.parse({ pitchDiameterMm, speedRpm, temperatureC }))
        if (found.verdict !== 'thin') assert.isAtLeast(found.kappaLow, 1)
        for (const { vg, kappa } of found.grades) if (vg < found.recommendedVg) assert.isBelow(kappa, 1.15)
      }),
    )
  })
})
