import { assert } from 'chai'
import fc from 'fast-check'
import { balance } from '../../src/plain/balance.ts'
import { BalanceInput } from '../../src/plain/balance.schema.ts'
import { bush, BushInput } from '../../src/plain/bush.ts'
import { plainOrRolling, PlainOrRollingInput, plainRules } from '../../src/plain/compare.ts'

const journal = { journalDiameterMm: 90, lengthMm: 80, diametralClearanceMm: 0.13, loadN: 7000, speedRpm: 980, nu40Cst: 46, supply: 'ring' } // prettier-ignore
const solve = (changes: object = {}) => balance(BalanceInput.parse({ ...journal, ...changes }))

describe('a journal on its film', () => {
  it('closes its balance of heat, however the oil comes', () => {
    fc.assert(
      fc.property(
        fc.record({
          loadN: fc.double({ min: 200, max: 40_000, noNaN: true }),
          speedRpm: fc.double({ min: 30, max: 3000, noNaN: true }),
          nu40Cst: fc.double({ min: 10, max: 320, noNaN: true }),
          lengthMm: fc.double({ min: 30, max: 160, noNaN: true }),
          ambientC: fc.double({ min: -10, max: 45, noNaN: true }),
          way: fc.constantFrom({ supply: 'ring' }, { supply: 'bath' }, { supply: 'feed', inletC: 40 }, { supply: 'feed', inletC: 70 }), // prettier-ignore
        }),
        ({ way, ...changes }) => {
          const { heatW } = solve({ ...changes, ...way })
          assert.closeTo(heatW.housing + heatW.shaft + heatW.oil, heatW.friction, 1e-6 * Math.max(1, heatW.friction))
        },
      ),
    )
  })

  it('thins with load and with heat, and runs cooler with more clearance', () => {
    assert.isBelow(solve({ loadN: 14_000 }).minFilmUm, solve().minFilmUm)
    assert.isBelow(solve({ ambientC: 45 }).minFilmUm, solve().minFilmUm)
    assert.isBelow(solve({ diametralClearanceMm: 0.2 }).powerW, solve().powerW)
    assert.isBelow(solve({ nu40Cst: 22 }).minFilmUm, solve().minFilmUm)
  })

  it('is warmer than its housing, and its housing than the room', () => {
    const { filmC, housingC } = solve({ ambientC: 20 })
    assert.isAbove(filmC, housingC)
    assert.isAbove(housingC, 20)
  })

  it('asks for the oil as it comes where it is fed', () =>
    assert.throws(() => solve({ supply: 'feed' }), /inletC|oil is fed/))
  it('is starved by a feed below its side leakage', () => {
    const fed = solve({ supply: 'feed', inletC: 40 })
    assert.isFalse(fed.starved)
    assert.isTrue(solve({ supply: 'feed', inletC: 40, feedFlowLPerMin: fed.sideFlowLPerMin / 3 }).starved)
  })
})

const pin = { journalDiameterMm: 55, lengthMm: 60, loadN: 6500, speedRpm: 40, lubrication: 'grease' }
const size = (changes: object = {}) => bush(BushInput.parse({ ...pin, ...changes }))

describe('a bush', () => {
  it('wears with what it carries and how far it slides, and lives the shorter', () => {
    const [here, harder, faster] = [size(), size({ loadN: 13_000 }), size({ speedRpm: 80 })].map(({ ranked }) => ranked[0]) // prettier-ignore
    for (const worse of [harder, faster]) assert.isBelow(worse?.lifeH ?? NaN, here?.lifeH ?? NaN)
  })

  it('closes in when it is pressed, so it is bored larger before than after', () => {
    for (const material of ['tin-bronze', 'nylon', 'ptfe-lined', 'carbon-graphite'] as const) {
      const { bush: made } = size({ material, lubrication: 'oil-fed' })
      assert.isAbove(made?.boreBeforeMm ?? NaN, made?.boreAfterMm ?? NaN)
      assert.isBelow(made?.closingInMm ?? NaN, 1.2 * (made?.interferenceMm ?? NaN))
    }
  })

  it('ranks nothing that it excludes, and leaves no material out', () => {
    for (const shock of ['none', 'heavy']) {
      const { ranked, excluded } = size({ shock, dirt: 'abrasive', temperatureC: 85 })
      const names = [...ranked, ...excluded].map(({ material }) => material)
      assert.lengthOf(new Set(names), 11)
      assert.lengthOf(names, 11)
    }
  })

  it('is none where nothing bears it, unless a material is asked for', () => {
    const heavy = { loadN: 3_000_000, lubrication: 'dry' }
    assert.isNull(size(heavy).bush)
    assert.equal(size({ ...heavy, material: 'acetal' }).bush?.material, 'acetal')
  })
})

describe('plain or rolling', () => {
  const duty = { journalDiameterMm: 70, speedRpm: 200, loadN: 9000, lubrication: 'grease' }
  const ask = (changes: object = {}) => plainOrRolling(PlainOrRollingInput.parse({ ...duty, ...changes }))
  it('adds up to its score, in the order of its rules', () => {
    const { score, reasons } = ask({ shock: 'heavy', oscillating: true, radialSpace: 'tight', lowFriction: true })
    assert.equal(score, reasons.reduce((sum, { points }) => sum + points, 0)) // prettier-ignore
    const places = reasons.map(({ rule }) => plainRules.indexOf(rule))
    assert.deepEqual(places, [...places].sort((a, b) => a - b)) // prettier-ignore
  })
  it('leans to plain by what wears raceways, to rolling by what wears a bush', () => {
    for (const changes of [{ shock: 'heavy' }, { oscillating: true }, { splitNeeded: true }, { wet: true }])
      assert.isAbove(ask(changes).score, ask().score)
    for (const changes of [{ lowFriction: true }, { axialN: 5000 }, { failureCost: 'high' }])
      assert.isBelow(ask(changes).score, ask().score)
  })
})
