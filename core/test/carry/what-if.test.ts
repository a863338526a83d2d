import { assert } from 'chai'
import fc from 'fast-check'
import { lookUpBearing, whatIfs } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { judgedLife, workOutCarry } from '../../src/carry/work-out.ts'
import { catalogue } from '../references.ts'

const pump = { kind: 'pump', duty: 'round-the-clock' } as const
const cases = (designation: string, changes: Changes = {}) =>
  whatIfs(
    positionWith({ load: { radialN: 5000, axialN: 0, speedRpm: 1480 }, ...changes }),
    pump,
    lookUpBearing(designation, catalogue),
  )
const film = { nu40Cst: 100, runningC: 70, cleanliness: 'slight' } as const

describe('what if', () => {
  it('twice the load leaves an eighth of the life to balls and a tenth to rollers', () => {
    const ratio = (designation: string) => cases(designation).find(({ key }) => key === 'double')?.ratio
    assert.approximately(ratio('6214') ?? 0, 1 / 8, 1e-9)
    assert.approximately(ratio('NU214') ?? 0, 2 ** (-10 / 3), 1e-9)
  })

  it('asks of dirt, heat and oil once the film is known, and each costs life', () => {
    assert.deepEqual(
      cases('6214').map(({ key }) => key),
      ['double', 'belt'],
    )
    const known = cases('6214', { grease: film })
    assert.deepEqual(
      known.map(({ key }) => key),
      ['double', 'belt', 'dirtier', 'hotter', 'thinner'],
    )
    for (const { key, ratio } of known) assert.isBelow(ratio ?? 0, 1, key)
  })

  it('does not ask what is dirtier than the dirtiest', () =>
    assert.notInclude(
      cases('6214', { grease: { ...film, cleanliness: 'very-severe' } }).map(({ key }) => key),
      'dirtier',
    ))

  it('says so when the bearing cannot take it at all', () => {
    const double = cases('6214', { load: { radialN: 40_000, axialN: 0, speedRpm: 1480 } }).find(
      ({ key }) => key === 'double',
    )
    assert.isNull(double?.lifeH)
  })

  it('has nothing to compare while there is no life', () => assert.isEmpty(cases('6214', { load: { speedRpm: null } })))

  it('never gains life by a mishap', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('6214', 'NU2214', '22214', '32214'),
        fc.double({ min: 2000, max: 20_000, noNaN: true }),
        fc.double({ min: 50, max: 3000, noNaN: true }),
        (designation, radialN, speedRpm) => {
          for (const { ratio } of cases(designation, { load: { radialN, axialN: 0, speedRpm }, grease: film }))
            assert.isAtMost(ratio ?? 0, 1 + 1e-9)
        },
      ),
      { numRuns: 60 },
    )
  })
})

describe('what each mishap is', () => {
  const position = { load: { radialN: 5000, axialN: 800, speedRpm: 1480 }, grease: film }
  const lifeOf = (changes: Changes) =>
    judgedLife(workOutCarry(positionWith({ ...position, ...changes }), pump, lookUpBearing('6214', catalogue)))
  const found = (key: string) => cases('6214', position).find((one) => one.key === key)?.lifeH
  for (const [key, changes] of [
    ['double', { load: { ...position.load, radialN: 10_000, axialN: 1600 } }],
    ['belt', { load: { ...position.load, radialN: 7500 } }],
    ['hotter', { grease: { ...film, runningC: 85 } }],
    ['thinner', { grease: { ...film, nu40Cst: 100 / 1.5 } }],
    ['dirtier', { grease: { ...film, cleanliness: 'severe' } }],
  ] as const)
    it(`${key} is ${JSON.stringify(changes)}`, () => assert.approximately(found(key) ?? NaN, lifeOf(changes) ?? 0, 1e-6)) // prettier-ignore
})
