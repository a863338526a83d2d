import { assert } from 'chai'
import { assess } from '../../src/index.ts'
import { firstEnd } from '../../src/carry/what-ends.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue, references } from '../references.ts'

const run = (designation: string, grease: Changes['grease'] = {}, load: Changes['load'] = {}) =>
  assess(
    positionWith({
      bearing: { designation },
      load: { radialN: 1000, axialN: 0, speedRpm: 1475, ...load },
      grease: { nu40Cst: 110, runningC: 70, cleanliness: 'normal', ...grease },
    }),
    { kind: 'motor', duty: 'round-the-clock' },
    catalogue,
    references.damage,
  ).lenses.carry
const shown = (lens: ReturnType<typeof run>) => {
  const { value } = lens.figures[lens.headline] ?? {}
  return value?.kind === 'number' ? value.number : null
}

describe('what ends it', () => {
  it('is the shorter of the two, by its name', () => {
    assert.deepEqual(firstEnd(20_000, 30_000), { end: 'fatigue', hoursH: 20_000 })
    assert.deepEqual(firstEnd(20_000, 9000), { end: 'grease', hoursH: 9000 })
    assert.deepEqual(firstEnd(20_000, null), { end: 'fatigue', hoursH: 20_000 })
  })

  it('is its grease in a sealed bearing that is lightly loaded, and the headline says so', () => {
    const carry = run('6312-2RS-C3')
    assert.equal(carry.headline, 'ends')
    assert.equal(carry.figures['ends']?.label, 'Ended by its grease')
    assert.isBelow(shown(carry) ?? Infinity, 60_000)
    assert.deepEqual(carry.checks.filter(({ verdict }) => verdict !== 'go'), []) // prettier-ignore
    assert.match(carry.checks.find(({ key }) => key === 'life')?.reason ?? '', /^Its grease is done after/)
  })

  it('is fatigue where the load is heavy, and the life by ISO 281 stays the headline', () => {
    const carry = run('6312-2RS-C3', {}, { radialN: 24_000 })
    assert.equal(carry.headline, 'life')
    assert.equal(carry.figures['ends']?.label, 'Ended by fatigue')
  })

  it('halves with every 15 K above 70 °C', () => {
    const [cool, warm] = [70, 85].map((runningC) => shown(run('6312-2RS-C3', { runningC })))
    assert.closeTo((cool ?? 0) / (warm ?? 1), 2, 0.01)
  })

  it('is not asked of a bearing that is greased again, nor while nobody knows how warm it is', () => {
    assert.notProperty(run('6312-C3').figures, 'ends')
    assert.notProperty(run('UC210').figures, 'ends')
    assert.notProperty(run('6312-2RS-C3', { runningC: null }).figures, 'ends')
  })

  it('names dirt that grinds without hours for it', () => {
    const dirty = run('6312-2RS-C3', { contamination: 'heavy-abrasive' }).figures['ends']?.givens ?? []
    assert.include(dirty.map(({ label }) => label), 'wear by dirt') // prettier-ignore
  })
})
