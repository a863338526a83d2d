import { assert } from 'chai'
import { assessRolling } from '../../src/kinds/rolling/assess.ts'
import { coldSteps, type Coolant, type RollingPosition } from '../../src/index.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const machine = { kind: 'pump', duty: 'round-the-clock' } as const
type Mount = Partial<RollingPosition['mount']>
const bush = (mount: Mount = {}) =>
  positionWith({
    mount: {
      roomC: 22,
      chillPart: 'bush',
      chillOdMm: 90,
      chillBoreMm: 75,
      chillLengthMm: 60,
      chillTightUm: 80,
      ...mount,
    },
  })
const mountOf = (position: RollingPosition) => assessRolling(position, machine, catalogue)
const cold = (position: RollingPosition) => mountOf(position).outcomes.mount.cold
const verdict = (position: RollingPosition) =>
  mountOf(position).lenses.mount.checks.find(({ key }) => key === 'cold')?.verdict

describe('going in cold', () => {
  it('is not judged until a coolant is chosen', () => {
    assert.isUndefined(verdict(bush()))
    assert.lengthOf(cold(bush()).by, 3)
  })

  const cases: [why: string, position: RollingPosition, expected: string][] = [
    ['a bush in nitrogen goes in with room', bush({ coolant: 'liquid-nitrogen' }), 'go'],
    ['in dry ice it goes in with too little', bush({ coolant: 'dry-ice' }), 'watch'],
    ['in a freezer it does not', bush({ coolant: 'freezer' }), 'stop'],
    ['a loose one needs none', bush({ coolant: 'freezer', chillTightUm: -5 }), 'go'],
    [
      'a whole bearing is not taken to nitrogen',
      positionWith({
        bearing: { designation: '6313' },
        mount: { roomC: 20, coolant: 'liquid-nitrogen', chillTightUm: 10 },
      }),
      'stop',
    ],
  ]
  for (const [why, position, expected] of cases)
    it(`${why}: ${expected}`, () => assert.equal(verdict(position), expected))

  it('offers the housing warmed as well, where that makes it up', () => {
    const way = mountOf(bush({ coolant: 'dry-ice' })).lenses.mount.checks.find(({ key }) => key === 'cold')?.wayOut
    assert.match(`${way}`, /Warm the housing/)
    // 80 µm over, 27 wanted, the shrinkage of dry ice less; cast iron 10.5e-6 on 90 mm.
    const { chosen } = cold(bush({ coolant: 'dry-ice' }))
    assert.closeTo(chosen?.warmC ?? 0, 22 + (107 - (chosen?.chill.shrinkUm ?? 0)) / (0.0105 * 90), 0.01)
  })

  it('never stays cold longer than it lasts: the tighter the fit, the shorter', () => {
    const window = (chillTightUm: number) =>
      cold(bush({ coolant: 'liquid-nitrogen', chillTightUm })).chosen?.thaw.windowS ?? 0
    assert.isAbove(window(60), window(90))
    assert.equal(window(400), 0)
  })

  it('takes a shaft at the bore of its bearing, and the bearing at its outside', () => {
    const bearing = { designation: '6313' }
    const shaft = positionWith({
      bearing,
      mount: { roomC: 20, chillPart: 'shaft', chillLengthMm: 200, chillTightUm: 30 },
    })
    assert.equal(cold(shaft).piece?.odMm, 65)
    const whole = positionWith({ bearing, mount: { roomC: 20, chillTightUm: 30 } })
    assert.equal(cold(whole).piece?.odMm, 140)
  })

  it('says what it still needs, by its field', () => {
    const fields = cold(positionWith({ mount: { chillPart: 'bush', coolant: 'dry-ice', roomC: null } })).missing.map(({ field }) => field) // prettier-ignore
    assert.includeMembers(fields, ['mount.roomC', 'mount.chillOdMm', 'mount.chillLengthMm', 'mount.chillBoreMm', 'mount.chillTightUm']) // prettier-ignore
  })

  it('has cautions of the coolant that is chosen, and its steps', () => {
    const cautions = (coolant: Coolant) => mountOf(bush({ coolant })).lenses.mount.cautions.join(' ')
    assert.match(cautions('dry-ice'), /Carbon dioxide/)
    assert.match(cautions('liquid-nitrogen'), /oxygen alarm/)
    assert.notMatch(cautions('freezer'), /oxygen/)
    const { chosen } = cold(bush({ coolant: 'liquid-nitrogen' }))
    assert.match(coldSteps('bush', chosen ?? assert.fail()).join(' '), /boiling has died down/)
  })
})
