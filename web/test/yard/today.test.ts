import type { JobSummary, MachineSummary, PlantPoint, RoundSummary, Yard } from '@yardfrost/contract'
import { PointOwn, PointWork } from '@yardfrost/core'
import { assert } from 'chai'
import { todayOf } from '../../src/yard/today.ts'

const machine = (
  tag: string,
  positions: [name: string, state: 'go' | 'watch' | 'stop', finding?: string][],
): MachineSummary => ({
  id: tag,
  tag,
  name: 'Pump',
  kind: 'pump',
  duty: 'round-the-clock',
  positions: positions.map(([name, state, finding = null]) => ({ id: `${tag} ${name}`, name, kind: 'rolling' as const, state, designation: null, finding })), // prettier-ignore
})
const yard: Yard = {
  site: 'Plant',
  areas: [
    { id: '1', name: 'Far hall', machines: [machine('B-2', [['Drive end', 'stop', 'Held twice.'], ['Free end', 'stop', 'Held twice.']])] },
    { id: '2', name: 'Near hall', machines: [machine('A-1', [['Drive end', 'watch', 'Thin film.'], ['Free end', 'go', 'Fine.']])] },
  ],
} // prettier-ignore
const job = (change: Partial<JobSummary>): JobSummary => ({
  ...{ id: 'j', kind: 'bearing-change', number: 104, title: 'Change the bearing, drive end', state: 'under-way', reason: null },
  ...{ machine: { id: 'A-1', tag: 'A-1', name: 'Pump', area: 'Near hall' }, plannedFor: null, createdAt: '', endedAt: null },
  ...{ stage: 'Heat and mount', doneSteps: 6, steps: 14, who: 'Una' },
  ...change,
}) // prettier-ignore
const round: RoundSummary = { id: 'r', number: 3, title: 'Week 48', day: '2026-11-23', state: 'open', walkedBy: 'Una', points: 4, done: 1, skipped: 1, minutes: 20, areas: ['Near hall'] } // prettier-ignore
const late = (dueOn: string): PlantPoint => ({
  ...{ id: 'p', kind: 'grease', position: { id: 'x', name: 'Drive end' }, machine: { id: 'A-1', tag: 'A-1', name: '', area: '', hoursSource: 'clock' } },
  work: PointWork.parse({ quantityG: 12, gun: { name: 'Brass gun', gramsPerStroke: 1.2 } }),
  own: PointOwn.parse({}),
  ...{ lastDone: '2026-01-01', dueOn, earlyOn: dueOn, lateOn: dueOn, intervalDays: 30, movedTo: null, version: 1 },
}) // prettier-ignore

const today = (jobs: JobSummary[] = [], rounds: RoundSummary[] = [], overdue: PlantPoint[] = []) =>
  todayOf(yard, jobs, rounds, overdue, (text) => text)
const lines = (...given: Parameters<typeof today>) =>
  today(...given).flatMap((area) => area.lines.map(({ mark, place, door }) => [area.name, mark, place, door.label]))

describe('today', () => {
  it('goes in walking order, and tells both ends of a machine once', () =>
    assert.deepEqual(lines(), [
      ['Far hall', 'stop', 'B-2 both ends', 'Look'],
      ['Near hall', 'watch', 'A-1 drive end', 'Look'],
    ]))

  it('tells a position once, with the job that is open for it, how far and who', () => {
    const [, near] = today([job({})])
    assert.lengthOf(near?.lines ?? [], 1)
    assert.deepInclude(near?.lines[0], { mark: 'watch', job: 104 })
    assert.match(near?.lines[0]?.reason ?? '', /^At heat and mount, 6 of 14 steps, Una\. Thin film\.$/)
  })

  it('tells a job of a position that says go by itself, and leaves out what is only planned or over', () => {
    const other = { title: 'Change the bearing, free end' }
    assert.deepInclude(lines([job(other)]), ['Near hall', 'job', 'A-1', 'Job 104'])
    assert.lengthOf(lines([job({ ...other, state: 'planned' })]), 2)
    assert.lengthOf(lines([job({ ...other, state: 'done' })]), 2)
  })

  it('tells what is overdue with its strokes, and a round that somebody has begun', () => {
    const day = new Date(Date.now() - 9.5 * 86_400_000).toISOString().slice(0, 10)
    const near = today([], [round], [late(day)]).find(({ name }) => name === 'Near hall')
    assert.match(near?.lines[1]?.reason ?? '', /^Overdue by (9|10) days: 10 strokes, Brass gun\.$/)
    assert.deepInclude(near?.lines[2], { mark: 'round', place: 'Week 48', share: 0.5 })
    assert.lengthOf(lines([], [{ ...round, done: 0, skipped: 0 }]), 2)
  })

  it('says nothing of a plant where all is quiet', () =>
    assert.isEmpty(todayOf({ site: '', areas: [{ id: '1', name: 'Hall', machines: [machine('A', [['End', 'go']])] }] }, [], [], [], String))) // prettier-ignore
})
