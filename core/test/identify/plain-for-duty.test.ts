import { assert } from 'chai'
import { plainForDuty, ruleWords } from '../../src/index.ts'
import { plainRules } from '../../src/plain/compare.ts'
import { bearingOf, positionWith, type Changes } from '../bench-position.ts'

const bearing = bearingOf('22218')
const ask = (changes: Changes) => plainForDuty(positionWith(changes), bearing)
const slow: Changes = { load: { radialN: 90_000, speedRpm: 8 } }

describe('a plain bearing in the room of a rolling one', () => {
  it('is asked of the load and speed of the position, and not without them', () => {
    assert.isNull(ask({ load: { radialN: 9000 } }))
    assert.isNull(ask({ load: { speedRpm: 900 } }))
    assert.equal(ask({ load: { radialN: 9000, speedRpm: 1480 } })?.recommendation, 'rolling')
  })

  it('suits what is slow and heavy, the more with blows and grinding dirt', () => {
    const heavy = ask(slow)
    const worse = ask({
      ...slow,
      load: { ...slow.load, running: 'shock' },
      grease: { contamination: 'heavy-abrasive' },
    })
    assert.deepInclude(heavy?.reasons ?? [], { rule: 'slow-heavy', points: 2 })
    assert.isAbove(worse?.score ?? NaN, heavy?.score ?? NaN)
    assert.equal(worse?.recommendation, 'plain')
  })

  it('takes the heaviest of a duty in steps', () => {
    const steps = [{ radialN: 5000, axialN: 0, speedRpm: 8, share: 0.9 }, { radialN: 90_000, axialN: 0, speedRpm: 8, share: 0.1 }] // prettier-ignore
    assert.equal(ask({ load: { steps } })?.score, ask(slow)?.score)
  })

  it('has words for every rule, each a reason and no sentence', () => {
    for (const rule of plainRules) assert.match(ruleWords(rule, 1), /^[a-z].*[a-z]$/, rule)
  })
})
