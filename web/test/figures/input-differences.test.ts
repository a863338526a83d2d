import { emptyPosition, RollingPosition } from '@yardfrost/core'
import { assert } from 'chai'
import { inputDifferences } from '../../src/figures/input-differences.ts'

const changed = (changes: object) => RollingPosition.parse({ ...emptyPosition(), ...changes })
const empty = emptyPosition()

describe('what differs between two versions', () => {
  it('is nothing between a position and its copy, lists included', () =>
    assert.isEmpty(inputDifferences(empty, JSON.parse(JSON.stringify(empty)) as RollingPosition)))

  it('names the input as the form does, with its quantity and both values', () => {
    const [one, ...rest] = inputDifferences(empty, changed({ load: { ...empty.load, radialN: 900 } }))
    assert.isEmpty(rest)
    assert.deepEqual({ ...one }, { path: 'load.radialN', title: 'Radial load', quantity: 'force', from: null, to: 900 })
  })

  it('sees a list that changed inside', () => {
    const marks = (...seen: string[]) => changed({ diagnose: { ...empty.diagnose, seen } })
    assert.lengthOf(inputDifferences(marks('rust'), marks('rust')), 0)
    assert.equal(inputDifferences(marks('rust'), marks('fluting'))[0]?.title, 'Signs seen')
  })

  it('goes in working order', () => {
    const both = changed({
      seat: { ...empty.seat, loadCase: 'both' },
      bearing: { ...empty.bearing, designation: '6214' },
    })
    assert.deepEqual(
      inputDifferences(empty, both).map(({ path }) => path),
      ['bearing.designation', 'seat.loadCase'],
    )
  })
})
