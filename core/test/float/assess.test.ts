import { assert } from 'chai'
import { assess, numberOf } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const fan = { kind: 'fan', duty: 'main-process' } as const
const run = (float: Changes['float'], designation = '22216', changes: Changes = {}) =>
  assess(
    positionWith({
      bearing: { designation },
      load: { radialN: 8600, axialN: 0, speedRpm: 1460, ...changes.load },
      seat: { loadCase: 'inner-turns', slides: 'outer', ...changes.seat },
      float,
    }),
    fan,
    catalogue,
  ).lenses.float
const verdict = (key: string, ...given: Parameters<typeof run>) =>
  run(...given).checks.find((one) => one.key === key)?.verdict

describe('assess: float', () => {
  const grown = { spanMm: 1150, assemblyC: 22, hottestC: 96 }

  it('shows what a shaft held at both ends does to its bearing, and the way out', () => {
    const { figures, checks } = run({ ...grown, locatedEnds: 2, housingStiffnessNPerMm: 5000 })
    // 12.06e-6 · 1150 · 74 = 1.026 mm against 5 kN/mm of housing, the shaft itself hardly giving
    assert.approximately(numberOf(figures['thrust']) ?? 0, 5130, 100)
    assert.isAbove(numberOf(figures['lifeLeft']) ?? 0, 0)
    const growth = checks.find(({ key }) => key === 'growth')
    assert.match(growth?.reason ?? '', /Both ends are located.*pushes with up to \{51\d\d\.?\d* N/)
    assert.match(growth?.wayOut ?? '', /locating rings out of one end/)
  })

  it('says none where the bearing takes no such thrust', () => {
    const { figures } = run({ ...grown, locatedEnds: 2 })
    assert.deepEqual(figures['lifeLeft']?.value, { kind: 'text', text: 'none' })
  })

  it('has no thrust while there is room', () => {
    const { figures } = run({ ...grown, locatedEnds: 1, roomTowardMm: 2, roomAwayMm: 0.5 })
    assert.isUndefined(figures['thrust'])
    assert.approximately(numberOf(figures['room']) ?? 0, 0.974, 0.001)
  })

  const roles: [why: string, float: Changes['float'], designation: string, seat: Changes['seat'], verdict: string | undefined][] = [
    ['a NU holds in no direction', { role: 'locating' }, 'NU216', {}, 'stop'],
    ['a needle roller neither', { role: 'locating' }, 'NA4916', {}, 'stop'],
    ['a spherical roller holds', { role: 'locating' }, '22216', {}, undefined],
    ['a deep groove takes no growth inside', { role: 'floating', floatsIn: 'bearing' }, '6216', {}, 'stop'],
    ['a toroidal does', { role: 'floating', floatsIn: 'bearing' }, 'C2216', {}, 'go'],
    ['a ring that slides', { role: 'floating' }, '22216', { slides: 'outer' }, 'go'],
    ['a float that Seat holds', { role: 'floating' }, '22216', { slides: 'none' }, 'stop'],
  ] // prettier-ignore
  for (const [why, float, designation, seat, expected] of roles)
    it(`${expected ?? 'nothing'}: ${why}`, () => assert.equal(verdict('role', float, designation, { seat }), expected))

  it('follows the clearance fit by fit, never gaining by mounting', () => {
    const { figures } = run({ innerC: 80, outerC: 66 }, '22216-C3')
    const probable = ['initial', 'onShaft', 'mounted', 'operating'].map((name) => {
      const value = figures[name]?.value
      return value?.kind === 'range' ? [value.from, value.to] : []
    })
    for (let step = 1; step < probable.length; step++) {
      assert.isAtMost(probable[step]?.[0] ?? 0, probable[step - 1]?.[0] ?? 0)
      assert.isAtMost(probable[step]?.[1] ?? 0, probable[step - 1]?.[1] ?? 0)
    }
  })

  it('names the first class that keeps clearance, and judges each beside it', () => {
    const { figures } = run({ innerC: 95, outerC: 70 }, '6216', { load: { radialN: 4000 } })
    const classes = figures['rightClass']
    assert.equal(classes?.value?.kind, 'text')
    const words = classes?.givens.map(({ label, from }) => `${label}: ${from}`) ?? []
    assert.include(words, 'CN, in the box: probably preloaded')
    assert.isAbove(words.filter((one) => one.endsWith('keeps clearance')).length, 0)
  })

  it('takes more by the practice of hot elements', () => {
    const givens = run({ innerC: 80, outerC: 60 }, '6216').figures['operating']?.givens ?? []
    const of = (label: string) => {
      const value = givens.find((one) => one.label === label)?.value
      return value?.kind === 'number' ? value.number : NaN
    }
    assert.isBelow(of('probable, elements as hot as the inner ring'), of('probable'))
  })

  const pairs: [why: string, float: Changes['float'], expected: string][] = [
    ['play is left', { endPlayMm: 0.15 }, 'go'],
    ['hardly any is left', { endPlayMm: 0.1 }, 'watch'],
    ['a little preload is left', { endPlayMm: 0.05 }, 'watch'],
    ['play is gone', { endPlayMm: 0.01 }, 'stop'],
  ]
  for (const [why, float, expected] of pairs)
    it(`${expected}: ${why}`, () =>
      assert.equal(
        verdict('endPlay', { innerC: 70, outerC: 60, spanMm: 300, ...float }, '30216', {
          load: { arrangement: 'face-to-face', partnerRadialN: 5000 },
        }),
        expected,
      ))
})
