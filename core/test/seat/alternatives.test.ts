import { assert } from 'chai'
import { assessRolling } from '../../src/kinds/rolling/assess.ts'
import { lookUpBearing, seatAlternatives, type MachineKind, type RollingPosition } from '../../src/index.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const machineOf = (kind: MachineKind) => ({ kind, duty: 'round-the-clock' }) as const
const seated = (seat: Partial<RollingPosition['seat']>, load = {}) =>
  positionWith({ bearing: { designation: '6312' }, load, seat: { loadCase: 'inner-turns', slides: 'outer', ...seat } })
const zone = (position: RollingPosition, kind: MachineKind = 'pump') =>
  assessRolling(position, machineOf(kind), catalogue).outcomes.seat.shaft.chosen?.zone ?? null
const rows = (position: RollingPosition, kind: MachineKind = 'pump') =>
  seatAlternatives(position, machineOf(kind), lookUpBearing(position.bearing.designation, catalogue))

describe('a seat without a load', () => {
  it('is settled by light, normal or heavy, the heavier the tighter', () => {
    assert.isNull(zone(seated({})))
    assert.deepEqual(
      (['light', 'normal', 'heavy'] as const).map((loadClass) => zone(seated({ loadClass }))),
      ['j6', 'k5', 'm5'],
    )
  })

  it('goes by the load once that is known', () => {
    const load = { radialN: 3000, speedRpm: 1480 }
    assert.equal(zone(seated({ loadClass: 'heavy' }, load)), zone(seated({}, load)))
  })

  it('says in its working that the load was only said', () => {
    const { figures } = assessRolling(seated({ loadClass: 'normal' }), machineOf('pump'), catalogue).lenses.seat
    assert.include(
      (figures['shaftZone']?.givens ?? []).map(({ from }) => from),
      'said to be normal',
    )
  })

  it('takes the kind of machine by its own, until somebody says otherwise', () => {
    assert.notEqual(zone(seated({ loadClass: 'light' }), 'pump'), zone(seated({ loadClass: 'light', application: 'machine-tool' }), 'pump')) // prettier-ignore
    assert.equal(zone(seated({ loadClass: 'light' }), 'motor'), zone(seated({ loadClass: 'light', application: 'electric-motor' }), 'pump')) // prettier-ignore
  })

  it('shows what each load and each machine would change, and what is taken now', () => {
    const all = rows(seated({ loadClass: 'normal' }), 'motor')
    assert.lengthOf(all, 6)
    assert.deepEqual(
      all.filter(({ here }) => here).map(({ changes }) => changes),
      [{ load: 'normal' }, { application: 'electric-motor' }],
    )
    // A load that is known leaves nothing to say of it.
    assert.lengthOf(rows(seated({}, { radialN: 3000, speedRpm: 1480 })), 3)
    assert.isEmpty(rows(positionWith({})))
  })
})
