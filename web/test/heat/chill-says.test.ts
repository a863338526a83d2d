import { assert } from 'chai'
import { chillSays, leftS, type ChillEvent } from '../../src/heat/chill-says.ts'

const times = { lowS: 200, highS: 420, windowS: 800 }
const at = 1_000_000

describe('the chill clock', () => {
  const cases: [what: ChillEvent['what'] | null, seconds: number, says: RegExp][] = [
    [null, 0, /put it in/],
    ['in', 10, /^Cooling.*3\.2 min/],
    ['in', 300, /read the probe/],
    ['in', 500, /take it out/],
    ['out', 10, /push it home/],
    ['out', 500, /More than half/],
    ['out', 801, /do not force it/],
    ['home', 5, /oil it/],
    ['stuck', 5, /no hammer/],
  ]
  for (const [what, seconds, says] of cases)
    it(`${what ?? 'nothing yet'}, ${seconds} s: ${says}`, () =>
      assert.match(chillSays(what && { what, at }, times, at + seconds * 1000), says))

  it('counts down to nothing and no further', () => {
    assert.equal(leftS({ what: 'out', at }, times, at + 300_000), 500)
    assert.equal(leftS({ what: 'out', at }, times, at + 900_000), 0)
    assert.isNull(leftS({ what: 'in', at }, times, at))
  })
})
