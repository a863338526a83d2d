import { emptyPosition, type RollingPosition } from '@yardfrost/core'
import { assert } from 'chai'
import { usualChoice } from '../../src/figures/conflict.ts'
import { conflictLines, mergeChosen } from '../../src/figures/conflict-lines.ts'

const withLoad = (
  load: Partial<RollingPosition['load']>,
  bearing: Partial<RollingPosition['bearing']> = {},
): RollingPosition => {
  const empty = emptyPosition()
  return { ...empty, load: { ...empty.load, ...load }, bearing: { ...empty.bearing, ...bearing } }
}
const base = withLoad({ radialN: 1000, speedRpm: 2960 })
const mine = withLoad({ radialN: 1200, speedRpm: 2960, axialN: 50 })
const theirs = withLoad({ radialN: 1300, speedRpm: 1450, axialN: 0 }, { designation: '6313' })

describe('two versions of a position', () => {
  it('are compared line by line, with who changed what', () => {
    assert.deepEqual(
      conflictLines(base, mine, theirs).map(({ path, changedBy }) => [path, changedBy]),
      [
        ['bearing.designation', 'them'],
        ['load.radialN', 'both'],
        ['load.axialN', 'me'],
        ['load.speedRpm', 'them'],
      ],
    )
  })

  it('never list as mine what I did not touch: theirs stands', () => {
    const [speed] = conflictLines(base, mine, theirs).filter(({ path }) => path === 'load.speedRpm')
    assert.equal(speed && usualChoice(speed), 'theirs')
  })

  it('ask only where both changed it, and everywhere while nobody knows where both began', () => {
    const asked = (from: RollingPosition | null) =>
      conflictLines(from, mine, theirs).filter((line) => usualChoice(line) === null)
    assert.deepEqual(
      asked(base).map(({ path }) => path),
      ['load.radialN'],
    )
    assert.lengthOf(asked(null), 4)
  })

  it('are put together as it was chosen, and nothing else changes', () => {
    const merged = mergeChosen(mine, theirs, new Map([['load.radialN', 'mine'], ['load.axialN', 'mine'], ['load.speedRpm', 'theirs']])) // prettier-ignore
    assert.deepEqual(merged, withLoad({ radialN: 1200, axialN: 50, speedRpm: 1450 }, { designation: '6313' }))
  })

  it('say nothing where both say the same', () => assert.isEmpty(conflictLines(base, mine, mine)))
})
