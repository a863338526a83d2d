import { assert } from 'chai'
import { plainDamage } from '../../src/index.ts'
import { judge, motorWith, pivotWith, type PlainChanges } from './plain-position.ts'

const ranked = (seen: string[], notSeen: string[] = [], changes: PlainChanges = {}, of = motorWith) =>
  judge(of({ ...changes, diagnose: { seen, notSeen } })).outcomes.diagnose

describe('the knowledge of damage to plain bearings', () => {
  const { causes, signs } = plainDamage

  it('has eighteen causes and forty signs at the least, each with its words', () => {
    assert.isAtLeast(causes.length, 18)
    assert.isAtLeast(signs.length, 40)
    assert.lengthOf(new Set(signs.map(({ sign }) => sign)), signs.length)
    for (const { sign, label, question } of signs) assert.isTrue(label !== '' && question.endsWith('?'), sign)
    for (const { cause, fix } of causes) for (const { do: does } of fix) assert.isNotEmpty(does, cause)
  })

  it('has shares that make one, and chances between nothing and certainty', () => {
    assert.closeTo(causes.reduce((sum, { prior }) => sum + prior, 0), 1, 0.01) // prettier-ignore
    const known = new Set(causes.map(({ cause }) => cause))
    for (const { sign, given, background } of signs) {
      assert.isTrue(background > 0 && background < 0.5, sign)
      for (const [cause, chance] of given) {
        assert.isTrue(known.has(cause), `${sign} ${cause}`)
        assert.isTrue(chance > 0 && chance < 1, `${sign} ${cause}`)
      }
    }
  })

  it('tells every cause from the others by what speaks for it', () => {
    for (const { cause } of causes) {
      const speak = signs
        .filter(({ given, background }) => (given.get(cause) ?? 0) > 2 * background)
        .sort((a, b) => (b.given.get(cause) ?? 0) / b.background - (a.given.get(cause) ?? 0) / a.background)
        .slice(0, 4)
        .map(({ sign }) => sign)
      const of = cause === 'no-grease' || cause === 'loose-bush' || cause === 'wrong-material' ? pivotWith : motorWith
      const { ranking } = ranked(speak, [], {}, of)
      assert.equal(ranking?.causes[0]?.cause, cause, `${cause}: ${speak.join(', ')}`)
    }
  })
})

describe('why a plain bearing wore', () => {
  const cases: [what: string, seen: string[], notSeen: string[], cause: string][] = [
    [
      'wiped within minutes, the ring stood, the level low',
      ['wiped', 'hot-sudden', 'ring-stands', 'oil-low'],
      [],
      'starvation',
    ],
    ['grains and scores all round', ['grains', 'fine-scores', 'halo'], ['wiped'], 'dirt'],
    ['worn crosswise at the edges', ['crosswise', 'at-edges', 'hot-new'], [], 'misalignment'],
    ['a net of cracks, pieces out', ['mosaic', 'pieces-out', 'at-loaded-side'], ['bare-back'], 'fatigue'],
    ['down to a smooth back', ['bare-back', 'hollow'], [], 'bond'],
    ['a frosted band, beads under the glass', ['frosted', 'bead-pits', 'converter'], [], 'current'],
    ['rust, milky oil, black scale', ['rust', 'oil-milky', 'black-scale'], [], 'water'],
    ['shakes at half its speed', ['half-speed'], ['knocks'], 'whirl'],
    ['worm tracks behind the groove', ['worm-pits', 'at-groove'], [], 'cavitation'],
    ['rubbed beside the joint', ['joint-rubbed', 'at-joint'], [], 'pinched'],
  ]
  for (const [what, seen, notSeen, cause] of cases)
    it(`${what}: ${cause}`, () => assert.equal(ranked(seen, notSeen).ranking?.causes[0]?.cause, cause))

  it('says nothing before anybody has looked, and asks next what tells most', () => {
    assert.isNull(ranked([]).ranking)
    assert.isNotEmpty(ranked(['wiped']).ranking?.nextQuestions)
  })

  it('takes what the other lenses know: a ring that stands makes starvation likelier', () => {
    const chance = (changes: PlainChanges) =>
      ranked(['wiped'], [], changes).ranking?.causes.find(({ cause }) => cause === 'starvation')?.probability ?? 0
    assert.isAbove(chance({ oil: { ringTurns: 'stands' } }), chance({}))
  })

  it('leaves out what a bearing like this cannot have, and says why', () => {
    const { impossible, ranking } = ranked(['oil-milky', 'journal-scored'], [], {}, pivotWith)
    assert.deepEqual(impossible, [{ sign: 'oil-milky', why: 'no oil runs in it' }])
    assert.notEqual(ranking?.causes[0]?.cause, 'water')
    assert.isTrue(ranking?.nextQuestions.every(({ sign }) => sign !== 'oil-milky' && sign !== 'ring-stands'))
  })
})
