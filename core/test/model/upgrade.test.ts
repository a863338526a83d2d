import { assert } from 'chai'
import { readFileSync } from 'node:fs'
import {
  assess,
  emptyPosition,
  JobEntry,
  jobKinds,
  JobStep,
  Position,
  RollingPosition,
  ShaftLine,
} from '../../src/index.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

/** Documents as they were stored before they said a schema; kept for good. */
const stored = JSON.parse(readFileSync(new URL('../fixtures/documents-of-schema-1.json', import.meta.url), 'utf8')) as {
  position: Record<string, unknown>
  shaftLine: Record<string, unknown>
  jobSteps: Record<string, unknown>[]
  jobEntries: Record<string, unknown>[]
}

describe('documents of before', () => {
  it('a position without kind and schema is a rolling bearing, and loses nothing', () => {
    const read = Position.parse(stored.position)
    const { schema, kind, ends, differs, ...groups } = RollingPosition.parse(read)
    assert.deepEqual([schema, kind], [3, 'rolling'])
    // Nobody had asked yet which end holds.
    assert.deepEqual([ends, differs], [emptyPosition().ends, {}])
    // What was asked later stands beside it, unanswered.
    for (const [group, fields] of Object.entries(groups)) {
      const { adjust, ...before } = stored.position[group] as Record<string, unknown>
      assert.deepInclude(fields, before)
      if (group === 'seat') assert.deepInclude(fields as object, { coneAdjust: adjust, cupAdjust: adjust })
    }
  })

  it('what was said of both inch rings is said of each; floating, of the one that the load stands on', () => {
    const of = (adjust: string, loadCase: string) => {
      const { coneAdjust, cupAdjust } = RollingPosition.parse(Position.parse({ seat: { adjust, loadCase } })).seat
      return [coneAdjust, cupAdjust]
    }
    assert.deepEqual(of('adjustable', 'inner-turns'), ['adjustable', 'adjustable'])
    assert.deepEqual(of('floating', 'inner-turns'), ['non-adjustable', 'floating'])
    assert.deepEqual(of('floating', 'outer-turns'), ['floating', 'non-adjustable'])
  })

  it('reads a document of today as it is, and once more', () => {
    const today = Position.parse(stored.position)
    assert.deepEqual(Position.parse(JSON.parse(JSON.stringify(today))), today)
  })

  it('a shaft line loses nothing', () =>
    assert.deepEqual(ShaftLine.parse(stored.shaftLine), { schema: 1, ...stored.shaftLine } as unknown as ShaftLine))

  it('job steps say what their keys meant, and lose nothing else', () => {
    const steps = stored.jobSteps.map((step) => JobStep.parse(step))
    for (const [index, { stage, schema, readings, ...step }] of steps.entries()) {
      const { readings: before, ...rest } = stored.jobSteps[index] as { readings: object[] }
      assert.deepEqual(step, rest)
      assert.equal(schema, 2)
      assert.equal(stage, step.key.split(':')[0])
      assert.deepEqual(
        readings.map(({ gives, ...one }) => one),
        before,
      )
    }
  })

  it('job steps give what they would if they were made today', () => {
    const gives = (steps: readonly JobStep[]) =>
      new Set(steps.flatMap(({ readings }) => readings.flatMap((one) => (one.gives ? [one.gives.what] : []))))
    const today = jobKinds['bearing-change'].compose(
      [
        {
          id: '00000000-0000-4000-8000-000000000001',
          name: 'Drive end',
          inputs: positionWith({
            bearing: { designation: '6314-C3' },
            load: { radialN: 4000, axialN: 0, speedRpm: 1480 },
            seat: { loadCase: 'inner-turns' },
            float: { role: 'floating' },
          }),
          machine: { kind: 'pump', duty: 'one-shift' },
        },
      ],
      catalogue,
    )
    assert.deepEqual(gives(today), new Set(['seat.shaft', 'seat.housing', 'bearing.designation', 'lifted', 'float.room', 'run-up'])) // prettier-ignore
    const old = gives(stored.jobSteps.map((step) => JobStep.parse(step)))
    assert.includeMembers([...old], ['seat.shaft', 'seat.housing', 'bearing.designation', 'run-up'])
  })

  it('job entries lose nothing', () => {
    for (const entry of stored.jobEntries)
      assert.deepEqual<unknown>(JobEntry.parse(entry), { schema: 1, ...(entry as object) })
  })

  it('a document of a newer program is refused with what to do', () => {
    const { error } = Position.safeParse({ ...stored.position, schema: 99 })
    assert.equal(error?.issues[0]?.path.join('.'), 'schema')
    assert.match(error?.issues[0]?.message ?? '', /at most 3: .*newer program; load the page anew/)
  })

  it('names the field of an older document that does not fit', () => {
    const { error } = Position.safeParse({ ...stored.position, load: { radialN: -1 } })
    assert.equal(error?.issues[0]?.path.join('.'), 'load.radialN')
  })

  it('a plain bearing is a kind of its own: no lens of the rolling one looks at it', () => {
    const plain = Position.parse({ schema: 2, kind: 'plain' })
    const { kind, lenses, state, findings } = assess(plain, { kind: 'pump', duty: 'one-shift' }, catalogue)
    assert.deepEqual({ kind, state, findings }, { kind: 'plain', state: 'open', findings: [] })
    assert.notProperty(lenses, 'grease')
  })
})
