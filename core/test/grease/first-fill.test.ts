import { assert } from 'chai'
import { firstFillOf } from '../../src/grease/first-fill.ts'
import { assessRolling } from '../../src/kinds/rolling/assess.ts'
import { emptyPosition, type RollingPosition } from '../../src/kinds/rolling/position.ts'
import { plainSentence } from '../../src/model/sentence.ts'
import { references } from '../references.ts'

type Change = Partial<Record<'seat' | 'mount' | 'grease', object>>
const fill = (designation: string, { seat = {}, mount = {}, grease = {} }: Change = {}) => {
  const empty = emptyPosition()
  const position: RollingPosition = {
    ...empty,
    bearing: { ...empty.bearing, designation },
    load: { ...empty.load, speedRpm: 1480 },
    seat: { ...empty.seat, ...seat },
    mount: { ...empty.mount, ...mount },
    grease: { ...empty.grease, ...grease },
  }
  return firstFillOf(position, assessRolling(position, { kind: 'fan', duty: 'one-shift' }, references.catalogue).outcomes.grease) // prettier-ignore
}

describe('the first fill', () => {
  for (const [how, designation, change, filledIn] of [
    ['a split block', '22216', { seat: { housing: 'split' } }, 'split'],
    ['a solid block', '22216', {}, 'solid'],
    ['a flange', '6212', { mount: { housing: 'flanged' } }, 'flanged'],
    ['an insert unit', 'UC212', {}, 'comes-filled'],
    ['a sealed bearing', '6212-2RS', {}, 'comes-filled'],
    ['an oil bath', '22216', { grease: { lubrication: 'oil-bath' } }, 'oil-bath'],
  ] as const)
    it(`of ${how}`, () => assert.equal(fill(designation, change).filledIn, filledIn))

  it('says how much of the room, as the figure does', () => {
    const { housingPercent, does } = fill('6212')
    assert.equal(housingPercent, 50)
    assert.match(does.join(' '), /50 % of its room/)
  })
  it('is packed from the large end only where the rollers have one, and knows its rows', () => {
    assert.match(fill('32212').does[0] ?? '', /from the large end of the rollers/)
    assert.match(fill('6212').does[0] ?? '', /from one side/)
    assert.deepEqual([fill('6212').rows, fill('22216').rows], [1, 2])
  })
  it('has no share while nobody knows the speed', () => {
    const empty = emptyPosition()
    const found = firstFillOf(empty, { comesFilled: false, fill: null, bearing: null })
    assert.deepInclude(found, { filledIn: 'solid', housingPercent: null })
  })
  it('of oil says how deep, by the pitch of this bearing', () => {
    const { does, housingPercent } = fill('6212', { grease: { lubrication: 'oil-bath' } })
    assert.isNull(housingPercent)
    assert.match(plainSentence(does[0] ?? ''), /43 mm below the shaft centre/)
  })
})
