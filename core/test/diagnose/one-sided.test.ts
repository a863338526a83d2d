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
    assert.isEmpty(searchSigns('several parts', damage.signs))
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

describe('signs by what they are called at the bench', () => {
  const words = ['misalign', 'misaligned', 'flak', 'flaking', 'squeez', 'squeezed', 'path', 'gall', 'galled', 'skid', 'skidded', 'noise', 'noisy', 'preload', 'balls', 'false brinell'] // prettier-ignore
  for (const word of words) it(`${word} finds some`, () => assert.isNotEmpty(searchSigns(word, damage.signs)))

  it('puts what is called so itself first', () =>
    assert.equal(searchSigns('fluting', damage.signs)[0]?.sign, 'fluting'))

  it('finds nothing for nothing, and nothing for nonsense', () => {
    assert.isEmpty(searchSigns('  ', damage.signs))
    assert.isEmpty(searchSigns('xyzzy', damage.signs))
  })

  it('leads to signs that are there', () => {
    const known = new Set(damage.signs.map(({ sign }) => sign))
    for (const word of words) for (const { sign } of searchSigns(word, damage.signs)) assert.isTrue(known.has(sign))
  })
})

describe('marks in a job', () => {
  it('are kept by name and shown in words; what was written freely stays', () => {
    assert.deepEqual(marksOf(marksText(['fluting', 'cage-broken'])), ['fluting', 'cage-broken'])
    assert.equal(markWords('fluting; blue all round', damage), 'Washboard fluting; blue all round')
    assert.isEmpty(marksOf(null))
  })
})
