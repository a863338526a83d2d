import { assert } from 'chai'
import { endsOutcome } from '../../src/float/ends/index.ts'
import { assessRolling } from '../../src/kinds/rolling/assess.ts'
import { bearingAsLeft } from '../../src/job/kinds/bearing-change/as-left.ts'
import { jobKinds, jobProgress, type RollingPosition } from '../../src/index.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const machine = { kind: 'pump', duty: 'round-the-clock' } as const
/** A pump with a roller bearing's end made to hold nothing any more: 6319 on a span of 700 mm, 20 to 90 °C. */
const converted = (ends: Partial<RollingPosition['ends']>, float: Partial<RollingPosition['float']> = {}) =>
  positionWith({
    bearing: { designation: '6319-C3' },
    float: { spanMm: 700, assemblyC: 20, hottestC: 90, ...float },
    ends: { holds: 'other', ...ends },
  })
const ends = (position: RollingPosition) => assessRolling(position, machine, catalogue).outcomes.float.ends
const checks = (position: RollingPosition) =>
  assessRolling(position, machine, catalogue).lenses.float.checks.map(({ key, verdict, when }) => `${key} ${verdict} ${when}`) // prettier-ignore
const measured = {
  depthMm: 78,
  spigotMm: 33.1,
  otherDepthMm: 80,
  otherRingMm: 45,
  otherSpacerMm: 5,
  otherSpigotMm: 29.6,
}

describe('which end holds', () => {
  it('is not asked until somebody says so', () => {
    const empty = positionWith({ bearing: { designation: '6319-C3' } })
    assert.isNull(ends(empty))
    assert.isNull(endsOutcome(empty, null, null))
  })

  it('says what to machine from the cap of the floating end, for the growth and its margin', () => {
    // 12.06e-6 · 700 · 70 = 0.591, and 0.25 beside it; 78 − 45 − 33.1 is clamped by 0.1.
    const outcome = ends(converted(measured))
    assert.closeTo(outcome?.leaveMm ?? 0, 0.841, 0.001)
    assert.closeTo(outcome?.ends.this.cap?.roomMm ?? 0, -0.1, 1e-9)
    assert.closeTo(outcome?.ends.this.cap?.cutMm ?? 0, 0.841 + 0.5 + 0.1, 0.001)
    assert.equal(outcome?.ends.this.cap?.fromShoulderMm, 0.5)
    assert.closeTo(outcome?.ends.other.cap?.fillMm ?? 0, 0.35, 1e-9)
    assert.includeMembers(checks(converted(measured)), ['cap-this stop at-fitting', 'cap-other watch at-fitting'])
  })

  it('says at which temperature the room is used up', () => {
    const outcome = ends(converted(measured))
    const grows = (toC: number) => 12.06e-6 * 700 * (toC - 20)
    assert.closeTo(grows(outcome?.usedUpC ?? 0), outcome?.towardMm ?? 0, 1e-9)
  })

  it('sets the ring at the other side where the cap stands inward, or the shaft shrinks', () => {
    assert.closeTo(ends(converted({ ...measured, cap: 'inner' }))?.ends.this.cap?.fromCapMm ?? 0, 0.5, 1e-9)
    assert.closeTo(ends(converted(measured, { hottestC: -20 }))?.ends.this.cap?.fromCapMm ?? 0, 0.5, 1e-9)
  })

  it('machines nothing for a bearing that floats inside itself', () => {
    const roller = { ...converted(measured), bearing: { ...converted(measured).bearing, designation: 'NU319-C3' } }
    assert.isTrue(ends(roller)?.ends.this.floatsInside)
    assert.isFalse(ends(roller)?.ends.this.slides)
    // And it cannot be the end that holds.
    assert.include(checks({ ...roller, ends: { ...roller.ends, holds: 'this' } }), 'holds stop at-fitting')
  })

  const gaps: [why: string, given: Partial<RollingPosition['ends']>, closes: number, check: string | undefined][] = [
    ['away from the coupling', { holds: 'other', coupling: 'other' }, 12.06e-6 * 120 * 70, 'couplingGap go at-fitting'],
    ['toward the coupling', { holds: 'other', coupling: 'this' }, 12.06e-6 * 820 * 70, 'couplingGap go at-fitting'],
    ['with the other shaft', { holds: 'other', coupling: 'this', otherGrowthMm: 0.5 }, 12.06e-6 * 820 * 70 + 0.5, 'couplingGap go at-fitting'],
    ['to less than it needs', { holds: 'other', coupling: 'this', leastGapMm: 2.5 }, 12.06e-6 * 820 * 70, 'couplingGap stop at-fitting'],
  ] // prettier-ignore
  for (const [why, given, closes, check] of gaps)
    it(`grows ${why}, and the gap follows`, () => {
      const position = converted({ overhangMm: 120, couplingGapMm: 3, ...given })
      assert.closeTo(ends(position)?.coupling?.closesMm ?? 0, closes, 1e-6)
      assert.include(checks(position), check)
    })
})

describe('split blocks', () => {
  const blocks = (rings: 0 | 1 | 2 | null, otherRings: 0 | 1 | 2, more: Partial<RollingPosition['ends']> = {}) =>
    converted({ kind: 'blocks', holds: null, seatMm: 66, rings, ringWidthMm: 10.4, otherSeatMm: 66, otherRingMm: 45, otherRings, otherRingWidthMm: 10.4, ...more }) // prettier-ignore
  const without = (position: RollingPosition): RollingPosition => ({ ...position, float: { ...position.float, hottestC: null } }) // prettier-ignore

  const cases: [why: string, position: RollingPosition, check: string][] = [
    ['rings in both are a stop', blocks(2, 2), 'growth stop now'],
    ['and so while nobody knows how warm it gets', without(blocks(2, 2)), 'rings stop now'],
    ['rings in neither let it wander', blocks(0, 0), 'growth watch now'],
    ['and so while nobody knows how warm it gets', without(blocks(0, 0)), 'rings watch now'],
    ['rings in one are as it should be', blocks(2, 0), 'growth go now'],
    ['a ring left in the floating block comes out', blocks(2, 1), 'rings watch at-fitting'],
    ['rings too wide do not go in', blocks(2, 0, { ringWidthMm: 11 }), 'rings-this stop now'],
    ['rings in the wrong block are moved', blocks(2, 0, { holds: 'other' }), 'rings watch at-fitting'],
  ]
  for (const [why, position, check] of cases) it(`${why}: ${check}`, () => assert.include(checks(position), check))

  it('keeps quiet while one block is not known', () => {
    assert.isEmpty(checks(blocks(null, 2)).filter((check) => /^(rings|growth)/.test(check)))
  })

  it('sets the floating bearing off the middle only where half the room is not enough', () => {
    assert.deepEqual(ends(blocks(2, 0))?.offset, { leastMm: 0, mostMm: 10 })
    const narrow = ends(blocks(2, 0, { otherSeatMm: 46.4 }))?.offset
    assert.closeTo(narrow?.leastMm ?? 0, 0.841 - 0.7, 0.001)
    assert.closeTo(narrow?.mostMm ?? 0, 0.2, 1e-9)
  })

  it('says what happens in weeks', () => {
    const [found] = assessRolling(blocks(2, 2), machine, catalogue).lenses.float.checks.filter(({ key }) => key === 'growth') // prettier-ignore
    const loaded = { ...blocks(2, 2), load: { ...blocks(2, 2).load, radialN: 8000, speedRpm: 1480 } }
    const reason = assessRolling(loaded, machine, catalogue).findings.find(({ key }) => key === 'growth')?.reason
    assert.match(`${reason}`, /within weeks/)
    assert.match(`${found?.wayOut}`, /locating rings out of one end/)
  })
})

describe('a change of the end that holds, as a job', () => {
  const position = converted({ ...measured, coupling: 'other', overhangMm: 120, couplingGapMm: 3 })
  const at = { id: '4f4e8f3e-6a0e-4c6c-9a53-0c7d7e0b1a11', name: 'Drive end', inputs: position, machine }
  const steps = jobKinds['bearing-change'].compose([at], catalogue)
  const caps = steps.find(({ stage }) => stage === 'ends')

  it('has a step that measures and machines, with limits', () => {
    assert.match(caps?.does.join(' ') ?? '', /1\.44.* off the spigot/)
    const limit = caps?.readings.find(({ key }) => key === 'machined-this')
    assert.deepEqual([limit?.low, limit?.high], [31.16, 31.66])
    assert.match(steps.find(({ stage }) => stage === 'float')?.does.join(' ') ?? '', /0\.5.* from the shoulder/)
  })

  it('leaves the position as it was measured: this end floats, the other holds', () => {
    const read = (step: string, reading: string, value: number, index: number) => ({
      schema: 1 as const,
      id: `4f4e8f3e-6a0e-4c6c-9a53-0c7d7e0b1b${10 + index}`,
      step,
      at: '2026-05-05T10:00:00.000Z',
      kind: 'reading' as const,
      by: 'Una Varga',
      reading,
      value,
      text: null,
      reason: null,
    })
    const entries = [read(caps?.key ?? '', 'machined-this', 31.6, 0), read(caps?.key ?? '', 'depth-this', 78.02, 1)]
    const left = bearingAsLeft(position, at.id, jobProgress(steps, entries, catalogue))
    assert.deepInclude(left.ends, { spigotMm: 31.6, depthMm: 78.02, otherDepthMm: 80 })
    assert.deepInclude(left.float, { role: 'floating', locatedEnds: 1 })
  })
})
