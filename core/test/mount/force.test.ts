import { assert } from 'chai'
import { assessRolling } from '../../src/kinds/rolling/assess.ts'
import { offSteps, pressSteps, type RollingPosition } from '../../src/index.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const machine = { kind: 'pump', duty: 'round-the-clock' } as const
const seated = (designation: string, mount: Partial<RollingPosition['mount']> = {}) =>
  positionWith({
    bearing: { designation },
    load: { radialN: 3000, speedRpm: 1480 },
    seat: { loadCase: 'inner-turns', slides: 'outer' },
    mount: { roomC: 20, ...mount },
  })
const force = (position: RollingPosition) => assessRolling(position, machine, catalogue).outcomes.mount.force

describe('pressing, tightening, pulling off', () => {
  it('gives the force from oiled to dry, twice as much at twice the friction', () => {
    const { pressN } = force(seated('6206')) ?? assert.fail()
    assert.closeTo((pressN?.high ?? 0) / (pressN?.low ?? 1), 2, 1e-9)
  })

  it('takes a press that works at four fifths at most, and a puller over what it may take', () => {
    const outcome = force(seated('6206')) ?? assert.fail()
    assert.isAtLeast((outcome.pressKn ?? 0) * 800, outcome.pressN?.high ?? Infinity)
    assert.isAbove((outcome.offN?.low ?? 0) / (outcome.pressN?.low ?? 1), 1.49)
    assert.isAbove(outcome.puller?.spreadMm ?? 0, 62)
  })

  it('has tubes that stand on one ring alone', () => {
    const { sleeve, housingSleeve } = force(seated('6206')) ?? assert.fail()
    assert.isAbove(sleeve.insideMm, 30)
    assert.isBelow(sleeve.outsideMm, housingSleeve.insideMm)
    assert.isBelow(housingSleeve.outsideMm, 62)
  })

  it('gives the nut where a nut holds it, and nothing else a torque of its own', () => {
    assert.isAbove(force(seated('6313', { holding: 'nut' }))?.nut?.high ?? 0, 50)
    assert.isNull(force(seated('6313', { holding: 'end-plate' }))?.nut)
  })

  it('presses nothing that is driven up, and heats what is too large', () => {
    const taper = force(seated('22216K')) ?? assert.fail()
    assert.isNull(taper.pressN)
    assert.isEmpty([...pressSteps(taper), ...offSteps(taper)])
    assert.isTrue(force(seated('6324'))?.mustHeat)
    assert.match(pressSteps(force(seated('6324')) ?? assert.fail())[0] ?? '', /heat it/)
  })
})
