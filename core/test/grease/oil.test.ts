import { assert } from 'chai'
import { assess } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue, references } from '../references.ts'

const run = (grease: Changes['grease']) => {
  const { lenses } = assess(
    positionWith({
      bearing: { designation: 'NU216' },
      load: { radialN: 6000, axialN: 0, speedRpm: 700 },
      grease: { lubrication: 'oil-bath', nu40Cst: 68, runningC: 65, ...grease },
    }),
    { kind: 'gearbox', duty: 'round-the-clock' },
    catalogue,
    references.damage,
  )
  return { figures: lenses.grease.figures, cold: lenses.grease.checks.find(({ key }) => key === 'coldStart') }
}

describe('the oil of a bath', () => {
  it('has the lowest grade whose film holds, and its hours', () => {
    const { figures } = run({})
    assert.deepEqual(figures['grade']?.value, { kind: 'text', text: 'VG 68' })
    // A year at 50 °C, halved every 25 K: 8760 · 2^(−15/25).
    const hours = figures['oilChange']?.value
    assert.closeTo(hours?.kind === 'number' ? hours.number : 0, 5779, 1)
  })

  it('takes a thicker one where it runs warmer', () => {
    const grade = (runningC: number) => {
      const { value } = run({ runningC }).figures['grade'] ?? {}
      return value?.kind === 'text' ? Number(value.text.slice(3)) : 0
    }
    assert.isAbove(grade(85), grade(65))
  })

  it('says nothing of a start that is warm enough, and of one too cold what to do', () => {
    assert.isUndefined(run({ coldStartC: 0 }).cold)
    const { cold } = run({ nu40Cst: 320, coldStartC: -15 })
    assert.equal(cold?.verdict, 'watch')
    assert.match(cold?.wayOut ?? '', /Warm it before the start/)
  })

  it('is not asked of grease', () => assert.notProperty(run({ lubrication: 'grease' }).figures, 'grade'))
})
