import { assert } from 'chai'
import { assess, growthPractices, intervalPractices, SitePractices, type Machine } from '../src/index.ts'
import { InputError } from '../src/errors/input-error.ts'
import { growthPracticeList } from '../src/float/practices/index.ts'
import { intervalPracticeList } from '../src/grease/practices/index.ts'
import { practise, type Practice } from '../src/working/practice.ts'
import { positionWith } from './bench-position.ts'
import { catalogue } from './references.ts'

const motor = positionWith({
  bearing: { designation: '6316-C3' },
  load: { radialN: 4000, axialN: 0, speedRpm: 1480 },
  grease: { runningC: 65, nu40Cst: 110 },
  float: { spanMm: 900, assemblyC: 20, hottestC: 90, locatedEnds: 1, roomTowardMm: 2, roomAwayMm: 1 },
})
const by = (practices: Partial<SitePractices> | undefined, kind: Machine['kind'] = 'motor') =>
  assess(motor, { kind, duty: 'one-shift', ...(practices ? { practices: SitePractices.parse(practices) } : {}) }, catalogue) // prettier-ignore

describe('practices of the trade', () => {
  it('are each named once, with source, formula and what they are good for', () => {
    assert.sameMembers(intervalPracticeList.map(({ key }) => key), [...intervalPractices])
    assert.sameMembers(growthPracticeList.map(({ key }) => key), [...growthPractices])
    for (const { name, source, formula, validity } of [...intervalPracticeList, ...growthPracticeList]) {
      assert.isNotEmpty(name + source + formula)
      assert.match(validity, /\.$/)
    }
  }) // prettier-ignore

  describe('the one that leads', () => {
    const practice = (key: string, work: (x: number) => number): Practice<string, number, number> => ({ key, name: key, source: 's', formula: 'f', validity: 'v.', work }) // prettier-ignore
    const refuses = practice('refuses', () => {
      throw new InputError({ code: 'OUT_OF_RANGE', field: 'type', value: 1, allowed: 'another', fix: 'Take another.' })
    })
    const all = [practice('double', (x) => 2 * x), refuses, practice('half', (x) => x / 2)]
    const cases: [why: string, lead: string, knows: boolean, order: string[]][] = [
      ['is the one wanted, and comes first', 'half', false, ['half', 'double', 'refuses']],
      ['may be one that refuses', 'refuses', false, ['refuses', 'double', 'half']],
      [
        'is the first that knows the case where the wanted one does not',
        'refuses',
        true,
        ['double', 'refuses', 'half'],
      ],
    ]
    for (const [why, lead, knows, order] of cases)
      it(why, () => {
        const practised = practise(all, 6, lead, ({ value }) => !knows || value !== null)
        assert.deepEqual(practised.map(({ key }) => key), order)
        assert.deepEqual(practised.map(({ leads }) => leads), [true, false, false])
      }) // prettier-ignore
  })

  it('lead by the kind of machine until the site has chosen', () => {
    const lead = (practices: Partial<SitePractices> | undefined, kind?: Machine['kind']) =>
      by(practices, kind).outcomes.grease.intervals?.find(({ leads }) => leads)?.key
    assert.equal(lead(undefined, 'motor'), 'speed-factor')
    assert.equal(lead(undefined, 'fan'), 'formula')
    assert.equal(lead({ greaseInterval: 'formula' }, 'motor'), 'formula')
    assert.equal(lead({ greaseInterval: null }, 'motor'), 'speed-factor')
  })

  it('change figure, sentence and job together', () => {
    const { outcomes, lenses } = by({ growth: 'whole-temperature' })
    const room = outcomes.float.growth
    assert.equal(room?.leaveMm, room?.practices[0]?.outcome.value)
    assert.deepEqual(lenses.float.figures['leave']?.value, { kind: 'number', number: room?.leaveMm ?? NaN })
    assert.equal(lenses.float.figures['leave']?.practice, 'whole temperature')
    assert.isAbove(room?.leaveMm ?? 0, by(undefined).outcomes.float.growth?.leaveMm ?? Infinity)
  })

  it('stand side by side on the figure, the leading one first', () => {
    const { practices } = by({ growth: 'inches-per-foot' }).lenses.float.figures['growth'] ?? {}
    assert.deepEqual(
      practices?.filter(({ leads }) => leads).map(({ key }) => key),
      ['inches-per-foot'],
    )
    assert.equal(practices?.[0]?.key, 'inches-per-foot')
    assert.sameMembers(practices?.map(({ key }) => key) ?? [], [...growthPractices])
  })
})
