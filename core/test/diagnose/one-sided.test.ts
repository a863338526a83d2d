import { assert } from 'chai'
import { rankCauses } from '../../src/diagnose/rank-causes.ts'
import { jointSign } from '../../src/diagnose/knowledge.ts'
import { searchSigns } from '../../src/diagnose/search-signs.ts'
import { marksOf, marksText, markWords } from '../../src/job/marks.ts'
import { references } from '../references.ts'

const { damage } = references
const ranked = (...evidence: string[]) => rankCauses({ evidence, absent: [], context: {} }, damage)
const place = (cause: string, ...evidence: string[]) =>
  ranked(...evidence).causes.findIndex((one) => one.cause === cause)

describe('what people see first of a bearing that stood crooked', () => {
  const cases: string[][] = [
    ['track-off-centre', 'cage-broken', 'seal-lip-worn'],
    ['worn-to-one-side', 'cage-broken'],
    ['worn-to-one-side', 'seal-worn-one-side'],
    ['track-off-centre', 'seal-worn-one-side'],
    ['cage-broken', 'seal-worn-one-side'],
  ]
  for (const evidence of cases)
    it(`${evidence.join(', ')}: misalignment leads`, () =>
      assert.isBelow(Math.min(place('misalignment-housing', ...evidence), place('misalignment-shaft', ...evidence)), 2))

  it('counts each of them alone for misalignment, and none of them decides', () => {
    for (const sign of ['worn-to-one-side', 'cage-broken', 'seal-worn-one-side']) {
      const shares = (evidence: string[]) => {
        const { causes } = ranked(...evidence)
        return causes
          .filter(({ cause }) => cause.startsWith('misalignment'))
          .reduce((sum, one) => sum + one.probability, 0)
      }
      assert.isAbove(shares([sign]), shares([]), sign)
      assert.notEqual(ranked(sign).verdict, 'clear', sign)
    }
  })

  it('follows from the others: nobody enters it, and it is never asked for', () => {
    assert.notInclude(
      searchSigns('several parts', damage.signs).map(({ sign }) => sign),
      jointSign,
    )
    assert.notInclude(
      ranked('at-cage').nextQuestions.map(({ sign }) => sign),
      jointSign,
    )
    assert.notInclude(
      ranked('track-off-centre').causes.flatMap(({ because }) => because.map(({ sign }) => sign)),
      jointSign,
    )
  })
})

describe('marks in a job', () => {
  it('are kept by name and shown in words; what was written freely stays', () => {
    assert.deepEqual(marksOf(marksText(['fluting', 'cage-broken'])), ['fluting', 'cage-broken'])
    assert.equal(markWords('fluting; blue all round', damage), 'Washboard fluting; blue all round')
    assert.isEmpty(marksOf(null))
  })
})
