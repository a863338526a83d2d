import { assert } from 'chai'
import { assess } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue, references } from '../references.ts'

const machine = { kind: 'motor', duty: 'round-the-clock' } as const
const stands = { standsIn: 'motor-end-shield', roomC: 25, nu40Cst: 100 } as const
const run = (grease: Changes['grease'], more: Changes = {}) => {
  const { lenses, outcomes } = assess(
    positionWith({
      bearing: { designation: '6214-C3' },
      load: { radialN: 4000, axialN: 0, speedRpm: 1480 },
      ...more,
      grease: { ...stands, ...grease },
    }),
    machine,
    catalogue,
    references.damage,
  )
  const checks = lenses.grease.checks.filter(({ key }) => key === 'warmer' || key === 'willRunWarm')
  return { figures: lenses.grease.figures, checks, warmth: outcomes.grease.warmth?.value ?? null }
}

describe('how warm a position runs', () => {
  it('asks nothing and judges nothing while nobody has said where it stands', () => {
    const { figures, checks } = run({ standsIn: null, runningC: 95 })
    assert.deepEqual(checks, [])
    assert.notProperty(figures, 'expected')
    const asked = run({ roomC: null }).figures['expected']?.missing ?? []
    assert.deepEqual(asked, [{ field: 'grease.roomC', label: 'the temperature of the room' }])
  })

  it('says nothing of a housing within its band, and gives band and friction with their working', () => {
    const { figures, checks, warmth } = run({})
    const high = warmth?.temperature.expected.highC ?? 0
    assert.isAbove(high, 30)
    assert.deepEqual(run({ runningC: high - 1 }).checks, [])
    assert.deepEqual(checks, [])
    assert.equal(figures['expected']?.value?.kind, 'range')
    assert.isAbove(figures['friction']?.givens.length ?? 0, 2)
    assert.notProperty(figures, 'excess')
  })

  it('tells by how much a housing is over what its friction explains, in sentence and figure alike', () => {
    const high = run({}).warmth?.temperature.expected.highC ?? 0
    const { figures, checks } = run({ runningC: Math.round(high) + 20 })
    assert.deepEqual(checks.map(({ key, verdict }) => [key, verdict]), [['warmer', 'watch']]) // prettier-ignore
    const excess = figures['excess']?.value
    assert.closeTo(excess?.kind === 'number' ? excess.number : 0, 20, 0.6)
  })

  it('warns of what it will run at only where nobody has measured', () => {
    const hot = { roomC: 60, hotShaftC: 320, hotShaftMm: 60 }
    assert.deepEqual(run(hot).checks.map(({ key }) => key), ['willRunWarm']) // prettier-ignore
    assert.deepEqual(run({ ...hot, runningC: 70 }).checks, [])
  })

  it('closes the balance of heat, and is cooled by air and warmed by what is too much', () => {
    const { heatW } = run({ hotShaftC: 120, hotShaftMm: 150 }).warmth?.temperature ?? {}
    assert.isDefined(heatW)
    assert.closeTo(heatW.friction + heatW.fromShaft, heatW.housing + heatW.shaft + heatW.oil, 1e-6)
    const still = run({}).warmth
    assert.isBelow(run({ air: 'blown' }).warmth?.temperature.housingC ?? Infinity, still?.temperature.housingC ?? 0)
    assert.isAbove(still?.floodedK ?? 0, 0)
  })

  it('sets friction beside that of one coefficient, which knows no oil', () => {
    const practices = (nu40Cst: number) => run({ nu40Cst }).figures['friction']?.practices ?? []
    const [thin, thick] = [practices(32), practices(220)]
    assert.deepEqual(thin.map(({ key, leads }) => [key, leads]), [['two-term', true], ['coefficient', false]]) // prettier-ignore
    assert.deepEqual(thin[1]?.value, thick[1]?.value)
    assert.notDeepEqual(thin[0]?.value, thick[0]?.value)
    // 0.0015 · 4000 N · 35 mm at 1480 a minute.
    assert.closeTo(run({}).warmth?.byCoefficientW ?? 0, 32.5, 0.5)
  })

  it('runs rollers without a cage warmer than those with one', () => {
    const load = { radialN: 12_000, axialN: 0, speedRpm: 400 }
    const at = (designation: string) => run({}, { bearing: { designation }, load }).warmth?.temperature.housingC ?? NaN
    assert.isAbove(at('NJ2214 V'), at('NJ2214'))
  })

  it('counts rubbing lips, and leaves the thermal speed out where the method has none', () => {
    const sealed = run({}, { bearing: { designation: '6214-2RS-C3' } }).warmth
    assert.isAbove(sealed?.torque.sealTorqueNmm ?? 0, 0)
    const thrust = run({}, { bearing: { designation: '51214' }, load: { radialN: 0, axialN: 4000, speedRpm: 500 } })
    assert.isNotNull(thrust.warmth)
    assert.notProperty(thrust.figures, 'thermal')
  })

  for (const designation of ['NN3014K', '4210', '23940', 'HM88649/10', 'UC212', '22216 EK', 'NA4912', '1212', 'C2216'])
    it(`finds the friction of a ${designation}`, () => {
      const { warmth, figures } = run({}, { bearing: { designation } })
      assert.isAbove(warmth?.torque.powerW ?? 0, 0, JSON.stringify(figures['expected']?.refusal))
    })
})
