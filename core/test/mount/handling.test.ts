import { assert } from 'chai'
import { assess, handlingFor, handlingKeys, handlingOfCause, handlingWords, type HandlingKey } from '../../src/index.ts'
import { handlingAt, type Handled } from '../../src/mount/handling.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue, references } from '../references.ts'

const how = (rest: Partial<Handled> = {}): Handled => ({ innerTight: true, outerTight: false, closed: false, drift: 'mild-steel', ...rest }) // prettier-ignore

describe('how a ring is handled', () => {
  const pushed: [why: string, seats: Partial<Handled>, key: HandlingKey][] = [
    ['tight on the shaft: push its inner ring', {}, 'tube-on-inner'],
    ['tight in the housing: push its outer ring', { innerTight: false, outerTight: true }, 'tube-on-outer'],
    ['tight in both: a plate over both', { outerTight: true }, 'plate-on-both'],
    ['tight in neither', { innerTight: false }, 'tube-on-inner'],
  ]
  for (const [why, seats, key] of pushed)
    it(why, () => {
      const keys = handlingAt('mount', how(seats), true)
      assert.equal(keys[0], key)
      assert.lengthOf(keys.filter((one) => one.startsWith('tube-') || one === 'plate-on-both'), 1) // prettier-ignore
    })

  it('shows both drifts, the one the site goes by first, and neither where nothing is struck', () => {
    const drifts = (keys: HandlingKey[]) => keys.filter((key) => key === 'steel-drift' || key === 'brass-drift')
    assert.deepEqual(drifts(handlingAt('mount', how(), true)), ['steel-drift', 'brass-drift'])
    assert.deepEqual(drifts(handlingAt('mount', how({ drift: 'brass' }), true)), ['brass-drift', 'steel-drift'])
    assert.isEmpty(drifts(handlingAt('mount', how(), false)))
  })

  it('pulls by the tight ring, and warns of the closure only where there is one', () => {
    assert.equal(handlingAt('take-off', how(), false)[0], 'pull-inner')
    assert.equal(handlingAt('take-off', how({ innerTight: false, outerTight: true }), false)[0], 'pull-outer')
    assert.include(handlingAt('mount', how({ closed: true }), true), 'press-on-closure')
    assert.notInclude(handlingAt('mount', how(), true), 'press-on-closure')
  })

  it('follows from the position: a small sealed bearing is pressed, a taper is driven up', () => {
    const at = (designation: string) => {
      const position = positionWith({ bearing: { designation }, mount: { roomC: 20 } })
      return handlingFor('mount', assess(position, { kind: 'fan', duty: 'round-the-clock' }, catalogue).outcomes.mount, null) // prettier-ignore
    }
    assert.include(at('6206-2RS1'), 'press-on-closure')
    assert.notInclude(at('22216 EK'), 'steel-drift')
  })

  it('says of each whether it is right, in a sentence; causes that name some are causes', () => {
    for (const key of handlingKeys) assert.match(handlingWords[key].says, /^[A-Z].*\.$/, key)
    const causes = references.damage.causes.map(({ cause }) => cause)
    const named = causes.filter((cause) => handlingOfCause(cause).length > 0)
    assert.lengthOf(named, 6)
    assert.isEmpty(handlingOfCause('no-float'))
  })
})
