import { assert } from 'chai'
import { assessRolling } from '../../src/kinds/rolling/assess.ts'
import { loadsApart, sketchShaft, usualSketch, type RollingPosition } from '../../src/index.ts'
import { supportOf } from '../../src/shaftline/apply-loads.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const shaft = sketchShaft('pump', usualSketch.pump, ['Drive end', 'Non-drive end'])
const machine = { kind: 'pump', duty: 'round-the-clock', shaft, position: 'Drive end' } as const
const line = supportOf(machine)?.load ?? assert.fail('no support')
const typed = (load: Partial<RollingPosition['load']>) =>
  positionWith({
    bearing: { designation: '6313' },
    load: { radialN: line.radialN, axialN: Math.abs(line.axialN), speedRpm: shaft.speedRpm, ...load },
  })
const asked = (position: RollingPosition) =>
  assessRolling(position, machine, catalogue).questions.some(({ key }) => key === 'loadsApart')

describe('loads of a bench and its shaft line', () => {
  const cases: [why: string, load: Partial<RollingPosition['load']>, told: boolean][] = [
    ['agree', {}, false],
    ['agree to a tenth', { radialN: line.radialN * 1.08 }, false],
    ['differ in the radial load', { radialN: line.radialN * 2 }, true],
    ['differ in the axial load', { axialN: Math.abs(line.axialN) + line.radialN }, true],
    ['differ in the speed', { speedRpm: shaft.speedRpm / 2 }, true],
    ['are the line’s', { from: 'shaft-line', radialN: 1 }, false],
    ['are not typed', { radialN: null }, false],
    ['differ, and what is typed stands', { radialN: line.radialN * 2, typedStands: true }, false],
  ]
  for (const [why, load, told] of cases)
    it(`${why}: ${told ? 'asked' : 'quiet'}`, () => assert.equal(asked(typed(load)), told))

  it('is a question with both figures, and no alarm', () => {
    const found = assessRolling(typed({ radialN: line.radialN * 2 }), machine, catalogue)
    const question = found.questions.find(({ key }) => key === 'loadsApart')
    assert.deepEqual(question?.values, { typedN: line.radialN * 2, lineN: line.radialN })
    assert.isEmpty(found.findings.filter(({ key }) => key === 'loadsApart'))
    assert.closeTo(loadsApart(typed({ radialN: line.radialN * 2 }), machine)?.line.radialN ?? 0, line.radialN, 1e-9)
  })

  it('is nothing on a machine without a shaft line', () =>
    assert.isNull(loadsApart(typed({ radialN: 1e5 }), { kind: 'pump', duty: 'round-the-clock' })))
})
