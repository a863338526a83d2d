import { assert } from 'chai'
import { assess } from '../../src/index.ts'
import { bearingOf, positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const machine = { kind: 'other', duty: 'one-shift' } as const
const designation = 'NU2212-C3'
const values = {
  number: 'NU2212',
  list: 'shop',
  dynamicN: null,
  staticN: null,
  limitingRpm: 3000,
  massKg: 1.06,
  clearanceMinUm: null,
  clearanceMaxUm: null,
}
const at = (speedRpm: number, maker: Partial<typeof values> | object | null) =>
  assess(
    positionWith({ bearing: { designation }, load: { speedRpm, radialN: 9000 } }),
    { ...machine, maker: maker && { designation, values: { ...values, ...maker } } },
    catalogue,
  )
const speedOf = (said: ReturnType<typeof at>) =>
  said.lenses.carry.checks.find(({ key }) => key === 'speed')?.verdict ?? 'go'

describe('what a maker’s list says judges', () => {
  it('the speed, in place of the limit of the type, both ways', () => {
    assert.equal(speedOf(at(2600, null)), 'go')
    assert.equal(speedOf(at(2600, {})), 'watch')
    assert.equal(speedOf(at(3100, {})), 'stop')
    assert.equal(speedOf(at(5600, null)), 'stop')
    assert.equal(speedOf(at(5600, { limitingRpm: 9000 })), 'go')
  })

  it('the speed of the figure is that of the sentence', () => {
    const said = at(3300, {})
    assert.include(said.lenses.carry.checks.find(({ key }) => key === 'speed')?.reason, '{1.1 ~f2} times')
    assert.deepInclude(said.lenses.carry.figures['speed']?.value, { kind: 'number', number: 1.1 })
  })

  it('the mass', () => {
    const mass = (maker: object | null) => at(900, maker).lenses.identify.figures['mass']
    assert.deepInclude(mass({})?.value, { number: 1.06 })
    assert.isFalse(mass({})?.estimate)
    assert.deepInclude(mass({ massKg: null })?.value, { number: bearingOf(designation).interior.massKg })
  })

  it('the clearance, of its own class and bore only', () => {
    const list = { clearanceMinUm: 46, clearanceMaxUm: 71 }
    const seat = { loadCase: 'inner-turns', slides: 'outer' } as const
    const initial = (number: string) => {
      const said = assess(
        positionWith({ bearing: { designation }, seat, load: { speedRpm: 900, radialN: 9000 } }),
        { ...machine, maker: { designation, values: { ...values, ...list, number } } },
        catalogue,
      )
      const { float, identify } = said.lenses
      assert.deepEqual(float.figures['initial']?.value, identify.figures['clearance']?.value)
      return said.outcomes.float.steps?.initial
    }
    assert.deepInclude(initial('NU2212-C3'), { min: 46, max: 71 })
    for (const other of ['NU2212', 'NU2212-C4', 'NU2212E-C3']) assert.deepInclude(initial(other), { min: 60, max: 90 })
  })

  it('nothing where it is of another bearing, or silent', () => {
    assert.equal(speedOf(at(2600, { limitingRpm: null })), 'go')
    const other = assess(
      positionWith({ bearing: { designation: 'NU2213-C3' }, load: { speedRpm: 3100, radialN: 9000 } }),
      { ...machine, maker: { designation, values } },
      catalogue,
    )
    assert.equal(speedOf(other), 'go')
  })
})
