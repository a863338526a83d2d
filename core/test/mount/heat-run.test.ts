import { assert } from 'chai'
import fc from 'fast-check'
import { assess, heatFor, infraredReading, ringBehind } from '../../src/index.ts'
import { differenceLimit, exposedArea } from '../../src/mount/heat-run.ts'
import { mountingMethods } from '../../src/mount/methods.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const bearing = { massKg: 2.1, areaMm2: exposedArea(65, 140, 33), roomC: 20 }
const cold = { innerC: 20, outerC: 20 }

describe('a bearing on the heater', () => {
  it('stores what goes in and does not come out: power · time = m c ΔT, losses apart', () => {
    const { innerC, outerC } = heatFor({ ...bearing, areaMm2: 0 }, cold, 1000, 60)
    const stored = 2.1 * 470 * (0.4 * (innerC - 20) + 0.6 * (outerC - 20))
    assert.approximately(stored, 60_000, 5)
  })

  it('heats the inner ring first, and both come together when the heater is off', () => {
    const hot = heatFor(bearing, cold, 1000, 60)
    assert.isAbove(hot.innerC, hot.outerC + 5)
    const later = heatFor(bearing, hot, 0, 120)
    assert.isBelow(Math.abs(later.innerC - later.outerC), 1)
  })

  it('never cools below the room, and settles there', () => {
    const later = heatFor(bearing, { innerC: 110, outerC: 90 }, 0, 40_000)
    assert.approximately(later.innerC, 20, 0.5)
    assert.isAtLeast(later.outerC, 20 - 1e-9)
  })

  it('comes to the same by one long step or many short ones', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3000 }), fc.integer({ min: 1, max: 200 }), (powerW, seconds) => {
        const once = heatFor(bearing, cold, powerW, seconds)
        let parts = cold
        for (let part = 0; part < seconds; part++) parts = heatFor(bearing, parts, powerW, 1)
        assert.approximately(parts.innerC, once.innerC, 0.01)
      }),
      { numRuns: 30 },
    )
  })

  for (const [name, most] of [
    ['C2', 20],
    ['CN', 35],
    [null, 35],
    ['C3', 50],
    ['C4', 50],
  ] as const)
    // prettier-ignore
    it(`${name ?? 'no class'} bears ${most} K between its rings`, () => assert.equal(differenceLimit(name), most))
})

describe('an infrared thermometer on bright steel', () => {
  // A ring at 110 °C in a room of 20 °C, set to 0.95.
  for (const [emissivity, shown] of [
    [0.15, 40],
    [0.2, 46],
    [0.95, 110],
  ] as const)
    // prettier-ignore
    it(`shows ${shown} °C at an emissivity of ${emissivity}`, () =>
      assert.approximately(infraredReading(110, 20, emissivity), shown, 0.6))
  it('can be read back', () => {
    for (const ringC of [40, 80, 110])
      assert.approximately(ringBehind(infraredReading(ringC, 20, 0.15), 20, 0.15), ringC, 1e-6)
  })
})

describe('the way of mounting', () => {
  const position = (designation: string, mount: object = {}) =>
    positionWith({
      bearing: { designation },
      load: { radialN: 3000, axialN: 0, speedRpm: 1475 },
      seat: { loadCase: 'inner-turns' },
      mount: { roomC: 20, coolingC: 10, ...mount },
    })
  const methods = (designation: string, mount: object = {}) => {
    const inputs = position(designation, mount)
    const { outcomes } = assess(inputs, { kind: 'pump', duty: 'round-the-clock' }, catalogue)
    return mountingMethods(inputs, outcomes.mount)
  }
  const first = (designation: string, mount: object = {}) => methods(designation, mount)[0]?.tool
  for (const [why, designation, mount, tool] of [
    ['a middling ring by induction', '6313-C3', {}, 'induction'],
    ['in the oven where there is no heater', '6313-C3', { tools: ['oven'] }, 'oven'],
    ['a small one pressed', '6204', {}, 'press'],
    ['a taper driven up, whatever the shop has', '22216 EK-C3', { tools: [] }, 'cold'],
  ] as const)
    it(why, () => assert.equal(first(designation, mount), tool))

  it('strikes out what must not be, with its reason', () => {
    const bath = methods('6313-2RS').find(({ tool }) => tool === 'oil-bath')
    assert.deepEqual([bath?.verdict, bath?.reason], ['stop', 'never for a sealed or greased bearing'])
    assert.match(methods('22230').find(({ tool }) => tool === 'press')?.reason ?? '', /bore it is heated/)
    assert.match(methods('22216 EK').find(({ tool }) => tool === 'induction')?.reason ?? '', /driven up/)
  })

  it('is a figure of the lens, with every other way beside it', () => {
    const inputs = positionWith({ bearing: { designation: '6313-C3' }, load: { radialN: 3000, axialN: 0, speedRpm: 1475 }, seat: { loadCase: 'inner-turns' }, mount: { roomC: 20 } }) // prettier-ignore
    const { figures } = assess(inputs, { kind: 'pump', duty: 'round-the-clock' }, catalogue).lenses.mount
    assert.deepEqual(figures['method']?.value, { kind: 'text', text: 'induction heater' })
    assert.lengthOf(figures['method']?.givens ?? [], 8)
    assert.isAbove(figures['press']?.value?.kind === 'number' ? figures['press'].value.number : 0, 5000)
  })
})
