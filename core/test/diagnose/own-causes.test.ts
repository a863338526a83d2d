import { assert } from 'chai'
import fc from 'fast-check'
import { assess, SitePractices } from '../../src/index.ts'
import { fewestFindings, ownCauses } from '../../src/diagnose/own-causes.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue, references } from '../references.ts'

const { damage } = references
const shareOf = (found: Record<string, number>, cause: string) =>
  ownCauses(found, damage.causes)?.priors[damage.causes.findIndex((one) => one.cause === cause)]
const tradeShare = (cause: string) => damage.causes.find((one) => one.cause === cause)?.prior ?? NaN

describe('how often each cause is the one here', () => {
  const cases: [why: string, found: Record<string, number>, findings: number | null][] = [
    ['nothing decided yet', {}, null],
    ['one too few', { 'current-leakage': 20, 'no-float': 9 }, null],
    ['enough of them', { 'current-leakage': 20, 'no-float': 10 }, 30],
    ['a cause that the knowledge base no longer has does not count', { 'current-leakage': 29, gremlins: 40 }, null],
  ]
  for (const [why, found, findings] of cases)
    it(why, () => assert.equal(ownCauses(found, damage.causes)?.findings ?? null, findings))

  it('counts the trade as thirty findings more', () => {
    const found = { 'current-leakage': 30 }
    assert.closeTo(shareOf(found, 'current-leakage') ?? NaN, (30 + 30 * tradeShare('current-leakage')) / 60, 1e-12)
    assert.closeTo(shareOf(found, 'no-float') ?? NaN, tradeShare('no-float') / 2, 1e-12)
  })

  it('always sums to one, leaves every cause possible, and rises with what is found', () => {
    const names = damage.causes.map(({ cause }) => cause)
    const found = fc.dictionary(fc.constantFrom(...names), fc.integer({ min: 0, max: 500 }))
    fc.assert(
      fc.property(found, fc.constantFrom(...names), (counts, cause) => {
        const all = { ...counts, [cause]: (counts[cause] ?? 0) + fewestFindings }
        const { priors = [] } = ownCauses(all, damage.causes) ?? {}
        assert.closeTo(priors.reduce((sum, share) => sum + share, 0), 1, 1e-9) // prettier-ignore
        assert.isTrue(priors.every((share) => share > 0))
        const more = shareOf({ ...all, [cause]: (all[cause] ?? 0) + 1 }, cause) ?? NaN
        assert.isAbove(more, shareOf(all, cause) ?? NaN)
      }),
    )
  })

  it('stands beside the trade’s, and leads only where the site goes by it', () => {
    const position = positionWith({ bearing: { designation: '6312-C3' }, diagnose: { seen: ['track-off-centre'] } })
    const machine = { kind: 'fan', duty: 'round-the-clock', causesFound: { 'unbalance-vibration': 60 } } as const
    const by = (causes: 'plant' | 'trade' | null) =>
      assess(position, { ...machine, practices: SitePractices.parse({ causes }) }, catalogue, damage).outcomes.diagnose
    const [usual, plant] = [by(null), by('plant')]
    const chance = ({ ranking }: typeof usual, cause: string) =>
      ranking?.causes.find((one) => one.cause === cause)?.probability
    assert.deepInclude(usual.beside, { by: 'plant', findings: 60 })
    assert.deepInclude(plant.beside, { by: 'trade', findings: 60 })
    assert.closeTo(
      usual.beside?.chances['unbalance-vibration'] ?? NaN,
      chance(plant, 'unbalance-vibration') ?? NaN,
      1e-12,
    )
    assert.closeTo(
      plant.beside?.chances['unbalance-vibration'] ?? NaN,
      chance(usual, 'unbalance-vibration') ?? NaN,
      1e-12,
    )
    assert.isAbove(chance(plant, 'unbalance-vibration') ?? NaN, chance(usual, 'unbalance-vibration') ?? NaN)
    const few = assess(position, { ...machine, causesFound: { 'unbalance-vibration': 29 } }, catalogue, damage).outcomes
      .diagnose
    assert.isNull(few.beside)
    assert.deepEqual(few.ranking, usual.ranking)
  })
})
