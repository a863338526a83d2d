import { assert } from 'chai'
import { assessRolling } from '../../src/kinds/rolling/assess.ts'
import { jobKinds, padSteps, type RollingPosition } from '../../src/index.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const machine = { kind: 'pump', duty: 'round-the-clock' } as const
const seated = (mount: Partial<RollingPosition['mount']> = {}) =>
  positionWith({
    bearing: { designation: '6313-C3' },
    load: { radialN: 5000, speedRpm: 1480 },
    seat: { loadCase: 'inner-turns', slides: 'outer' },
    mount: { roomC: 20, ...mount },
  })
const padOf = (position: RollingPosition) => assessRolling(position, machine, catalogue).outcomes.mount.pad

describe('heated lying flat', () => {
  it('takes longer on a plate than on a pad, and longer with less power', () => {
    const low = (mount: Partial<RollingPosition['mount']>) => padOf(seated(mount))?.time.lowS ?? 0
    assert.isAbove(low({ padTool: 'hot-plate', padW: 1000 }), low({ padTool: 'pad', padW: 1000 }))
    assert.closeTo(low({ padW: 500 }) / low({ padW: 1000 }), 2, 0.1)
    assert.isTrue(padOf(seated())?.assumed)
  })

  it('shows far too little of bright steel at the aim, and the truth of tape', () => {
    const shows = padOf(seated())?.shows
    assert.isBelow(shows?.bright.highC ?? 999, 50)
    assert.closeTo(((shows?.taped.lowC ?? 0) + (shows?.taped.highC ?? 0)) / 2, padOf(seated())?.aimC ?? 0, 2)
  })

  it('is to be home within half the time until it seizes', () => {
    const pad = padOf(seated())
    assert.equal(pad?.homeS, (pad?.windowS ?? 0) / 2)
    assert.isAbove(pad?.homeS ?? 0, 0)
  })

  it('is not asked where nothing is heated', () => {
    assert.isNull(padOf(seated({ holding: 'no-inner-ring' })))
    assert.isNull(padOf(positionWith({ bearing: { designation: '22216K' } })))
  })

  it('says where it is too heavy', () => {
    const heavy = { ...seated(), bearing: { ...seated().bearing, designation: '6324-C3' } }
    assert.isTrue(padOf(heavy)?.tooHeavy)
    assert.isFalse(padOf({ ...heavy, mount: { ...heavy.mount, padTool: 'hot-plate' } })?.tooHeavy)
  })

  it('has steps of its own: a plate wants a spacer, a pad a demagnetising', () => {
    const steps = (padTool: 'pad' | 'hot-plate') => padSteps(padOf(seated({ padTool })) ?? assert.fail()).join(' ')
    assert.match(steps('hot-plate'), /Spacer ring/)
    assert.match(steps('pad'), /Demagnetise/)
    assert.notMatch(steps('hot-plate'), /Demagnetise/)
    for (const line of padSteps(padOf(seated()) ?? assert.fail())) assert.isAtMost(line.length, 300)
  })

  it('are what a job does where the shop has nothing better', () => {
    const at = { id: '4f4e8f3e-6a0e-4c6c-9a53-0c7d7e0b1a11', name: 'Drive end', machine }
    const mountOf = (tools: RollingPosition['mount']['tools']) =>
      jobKinds['bearing-change'].compose([{ ...at, inputs: seated({ tools }) }], catalogue).find(({ stage }) => stage === 'mount') // prettier-ignore
    assert.match(mountOf(['hot-plate'])?.does.join(' ') ?? '', /thermostat/)
    assert.match(mountOf(['hot-plate'])?.cautions.join(' ') ?? '', /Hot plate/)
    assert.notMatch(mountOf(['induction'])?.does.join(' ') ?? '', /thermostat/)
  })
})
