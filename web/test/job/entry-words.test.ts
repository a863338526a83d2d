import type { JobEntry, JobStep, UnitSystem } from '@yardfrost/core'
import { assert } from 'chai'
import { entryWords } from '../../src/job/entry-words.ts'

const reading = (key: string, label: string, kind: 'number' | 'text' | 'yes'): JobStep['readings'][number] => ({
  key,
  label,
  kind,
  quantity: 'length',
  decimals: 3,
  low: null,
  high: null,
  expected: null,
  needed: true,
  gives: null,
})
const step: JobStep = {
  schema: 2,
  stage: 'gauge',
  key: 'gauge:Drive end',
  title: 'Gauge the seats',
  position: null,
  does: [],
  cautions: ['Lock out.'],
  readings: [reading('shaft-0', 'Shaft, plane 1', 'number'), reading('number', 'Number on the box', 'text')],
  lens: null,
  heat: null,
  guard: 'none',
}
type Part = JobEntry extends infer E ? (E extends JobEntry ? Omit<E, 'id' | 'at' | 'step' | 'schema'> : never) : never
const entry = (part: Part, of = step.key) =>
  ({ id: '6c84fb90-12c4-4f13-9a6c-2d5d1f0b9e11', at: '2031-03-01T08:00:00.000Z', step: of, ...part }) as JobEntry

describe('an entry in words', () => {
  const cases: [why: string, part: Part, units: UnitSystem, words: string][] = [
    ['a number, with its unit', { kind: 'reading', reading: 'shaft-0', value: 65.02, text: null, reason: null }, 'metric', 'Shaft, plane 1 65.02 mm'],
    ['a number, in inches', { kind: 'reading', reading: 'shaft-0', value: 63.5, text: null, reason: null }, 'inch', 'Shaft, plane 1 2.5 in'],
    ['with the reason it was kept for', { kind: 'reading', reading: 'shaft-0', value: 65.03, text: null, reason: 'sleeve on order' }, 'metric', 'Shaft, plane 1 65.03 mm (sleeve on order)'],
    ['words', { kind: 'reading', reading: 'number', value: null, text: '6313-C3', reason: null }, 'metric', 'Number on the box 6313-C3'],
    ['a reading that the step no longer has', { kind: 'reading', reading: 'gone', value: null, text: 'x', reason: null }, 'metric', 'gone x'],
    ['a note', { kind: 'note', text: 'Cover rubs' }, 'metric', 'note “Cover rubs”'],
    ['a photograph', { kind: 'photo', photo: '6c84fb90-12c4-4f13-9a6c-2d5d1f0b9e12', name: 'cap.jpg' }, 'metric', 'photograph cap.jpg'],
    ['a caution', { kind: 'acknowledged', caution: 0 }, 'metric', 'caution acknowledged'],
    ['a ring that is lifted', { kind: 'heat', event: 'lifted', innerC: 105, outerC: 80, seconds: 90 }, 'metric', 'ring lifted'],
    ['a ring that grabbed', { kind: 'heat', event: 'short', innerC: 80, outerC: 70, seconds: 140 }, 'metric', 'ring stopped short'],
    ['a step done', { kind: 'done' }, 'metric', 'step done'],
    ['a step opened again', { kind: 'reopened', reason: 'wrong side' }, 'metric', 'opened again (wrong side)'],
  ] // prettier-ignore
  for (const [why, part, units, words] of cases)
    it(why, () => {
      const plain = entryWords(entry(part), [step], units).replace(/\u2009|\u00a0/g, ' ')
      assert.equal(plain, `Gauge the seats: ${words}`)
    })

  it('names a step that the job does not have by its key', () =>
    assert.equal(entryWords(entry({ kind: 'done' }, 'polish'), [step], 'metric'), 'polish: step done'))
})
