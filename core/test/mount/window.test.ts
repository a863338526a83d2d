import { assert } from 'chai'
import fc from 'fast-check'
import { attempt, cooledFor, transferWindow } from '../../src/index.ts'

const ring = { ringMassKg: 0.8, ringAreaMm2: 23_500, startC: 110, neededC: 90, roomC: 20 }

describe('the time from heater to seat', () => {
  it('ends where the ring would grab, whatever the ring', () => {
    const kelvins = fc.integer({ min: 5, max: 60 })
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 5, max: 500 }), kelvins, kelvins, (kg, area, above, more) => {
        const roomC = 20
        const neededC = roomC + above
        const startC = neededC + more
        const body = { massKg: kg / 10, areaMm2: area * 1000, roomC }
        const { windowS } = transferWindow({ ringMassKg: body.massKg, ringAreaMm2: body.areaMm2, startC, neededC, roomC })
        assert.approximately(cooledFor(body, startC, windowS), neededC, 1e-6)
        assert.isAbove(cooledFor(body, startC, windowS / 2), neededC)
      }),
    ) // prettier-ignore
  })

  it('is nothing for a ring that is no hotter than it needs to be', () =>
    assert.equal(transferWindow({ ...ring, startC: 90 }).windowS, 0))

  it('is twice as long for twice the mass, and shorter in a colder room', () => {
    const { windowS } = transferWindow(ring)
    assert.approximately(transferWindow({ ...ring, ringMassKg: 1.6 }).windowS, 2 * windowS, 1e-9)
    assert.isBelow(transferWindow({ ...ring, roomC: 5 }).windowS, windowS)
  })

  it('begins with the rate at which it cools then', () => {
    const { coolingRateCPerS } = transferWindow(ring)
    const second = cooledFor({ massKg: 0.8, areaMm2: 23_500, roomC: 20 }, 110, 1)
    assert.approximately(110 - second, coolingRateCPerS, 0.001)
  })

  const refused: [why: string, changes: object, field: string, message: RegExp][] = [
    ['a ring that needs no heat', { neededC: 20 }, 'neededC', /above roomC \(20 °C\)/],
    ['one that needs less than the room has', { neededC: 10 }, 'neededC', /above roomC/],
    ['one that is too cold already', { startC: 80 }, 'startC', /at least neededC \(90 °C\)/],
  ]
  for (const [why, changes, field, message] of refused)
    it(`refuses ${why}`, () => {
      const { refusal } = attempt(() => transferWindow({ ...ring, ...changes }))
      assert.equal(refusal?.field, field)
      assert.match(refusal?.message ?? '', message)
    })
})
