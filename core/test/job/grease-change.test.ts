import { assert } from 'chai'
import { composeGreaseChange } from '../../src/job/kinds/grease-change/compose.ts'
import { greaseChange } from '../../src/job/kinds/grease-change/index.ts'
import { greaseWay } from '../../src/job/kinds/grease-change/way.ts'
import type { JobPosition } from '../../src/job/kinds/job-position.ts'
import { emptyPosition } from '../../src/kinds/rolling/position.ts'
import { references } from '../references.ts'

const position = (name: string, grease: object): JobPosition => {
  const empty = emptyPosition()
  return {
    id: `3f0c6a52-6f0b-4a4c-9f53-6a1d0d4d6a0${name.length}`,
    name,
    inputs: { ...empty, bearing: { ...empty.bearing, designation: '6212' }, grease: { ...empty.grease, ...grease } },
    machine: { kind: 'fan', duty: 'one-shift' },
  }
}
const stages = (...positions: JobPosition[]) => composeGreaseChange(positions, references.catalogue).map(({ stage }) => stage) // prettier-ignore
const mixing = position('Drive end', { thickenerBefore: 'lithium', thickener: 'lithium-complex' })
const ruining = position('Far end', { thickenerBefore: 'lithium', thickener: 'polyurea' })

describe('how one grease is changed for another', () => {
  for (const [before, after, way, verdict] of [
    ['lithium', 'lithium', 'purge', 'compatible'],
    ['lithium', 'lithium-complex', 'purge', 'compatible'],
    ['lithium', 'calcium', 'strip', 'borderline'],
    ['lithium', 'polyurea', 'strip', 'incompatible'],
    [null, 'lithium', 'strip', 'unknown'],
    ['lithium', null, 'strip', 'unknown'],
  ] as const)
    it(`${before ?? 'not known'} for ${after ?? 'not known'}: ${way}`, () =>
      assert.deepEqual(greaseWay(before, after), { way, verdict }))
})

describe('a change of grease', () => {
  it('that mixes is pressed through while it runs, and greased twice at half the interval', () => {
    assert.deepEqual(stages(mixing), ['greases', 'purge', 'mark', 'run-up', 'hand-over'])
    const last = composeGreaseChange([mixing], references.catalogue).at(-1)
    assert.match(last?.does.join(' ') ?? '', /half the interval/)
  })
  it('that does not is opened, washed, filled anew and marked, with the machine locked out first', () => {
    assert.deepEqual(stages(ruining), [
      'greases',
      'lock-out',
      'open',
      'wash',
      'fill',
      'close',
      'mark',
      'run-up',
      'hand-over',
    ])
    const steps = composeGreaseChange([ruining], references.catalogue)
    for (const { stage, guard } of steps.filter(({ stage: one }) => ['open', 'wash', 'fill', 'close'].includes(one)))
      assert.equal(guard, 'locked-out', stage)
    assert.match(steps.find(({ stage }) => stage === 'wash')?.cautions.join(' ') ?? '', /compressed air/)
  })
  it('of several positions goes each its own way, and says which', () => {
    const steps = composeGreaseChange([mixing, ruining], references.catalogue)
    assert.equal(steps.find(({ stage }) => stage === 'purge')?.title, 'Press it through, drive end')
    assert.equal(steps.find(({ stage }) => stage === 'open')?.title, 'Open and take it out, far end')
    assert.match(steps[0]?.does.join(' ') ?? '', /Drive end: .*They mix.*Far end: .*They ruin each other/s)
  })
  it('leaves nothing of the grease of before, and all else as it was', () => {
    const progress = { steps: [] } as unknown as Parameters<typeof greaseChange.asLeft>[2]
    const left = greaseChange.asLeft(ruining.inputs, ruining.id, progress)
    assert.isNull(left.grease.thickenerBefore)
    assert.deepEqual({ ...left, grease: { ...left.grease, thickenerBefore: 'lithium' } }, ruining.inputs)
  })
})
