import { assert } from 'chai'
import { emptyPosition, swapBearing, type Machine } from '../src/index.ts'
import { references } from './references.ts'

const machine: Machine = { kind: 'pump', duty: 'round-the-clock' }
/** A pump that calls for C3, with a load that a medium bearing carries for years. */
const pump = () => {
  const base = emptyPosition()
  return {
    ...base,
    bearing: { ...base.bearing, designation: '6312-C3', requiredClearance: 'C3' as const },
    load: { ...base.load, radialN: 4000, speedRpm: 1480 },
  }
}
const swapped = (designation: string, position = pump()) => swapBearing(position, machine, designation, references) // prettier-ignore

describe('another bearing in a position', () => {
  it('changes nothing where it says the same', () => {
    const { worse, mended } = swapped('6312 C3')
    assert.deepEqual([worse, mended], [[], []])
  })

  it('is found out where the machine calls for another clearance', () => {
    const { state, worse } = swapped('6312')
    assert.equal(state, 'stop')
    assert.include(worse.map(({ key }) => key), 'clearance') // prettier-ignore
  })

  it('mends what the present one does wrong, and says what', () => {
    const wrong = pump()
    wrong.bearing.designation = '6312'
    const { mended, worse } = swapped('6312-C3', wrong)
    assert.include(mended.map(({ key }) => key), 'clearance') // prettier-ignore
    assert.isEmpty(worse)
  })

  it('calls for what lies there where nobody wrote down what the place is for', () => {
    const silent = pump()
    silent.bearing = { ...silent.bearing, designation: '22218E-C3', requiredClearance: null as unknown as 'C3' }
    assert.includeMembers(
      swapped('22218EK', silent).worse.map(({ key }) => key),
      ['clearance', 'bore'],
    )
    assert.isEmpty(swapped('22218 E C3', silent).worse)
  })

  it('does not carry what the maker said of the bearing that is there', () => {
    const rated = pump()
    rated.bearing = { ...rated.bearing, makerDynamicN: 500_000, makerStaticN: 400_000 }
    rated.load.radialN = 16000
    assert.isNotEmpty(swapped('6012-C3', rated).worse.filter(({ lens }) => lens === 'carry'))
    assert.isEmpty(swapped('6312-C3', rated).worse)
  })

  it('carries less, and says so for this load', () => {
    const heavy = pump()
    heavy.load.radialN = 16000
    const { worse } = swapped('6012-C3', heavy)
    assert.isNotEmpty(worse.filter(({ lens }) => lens === 'carry'))
  })
})
