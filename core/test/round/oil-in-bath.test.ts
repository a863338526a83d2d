import { assert } from 'chai'
import { oilInBath } from '../../src/round/oil-in-bath.ts'
import { pointSteps } from '../../src/round/steps.ts'
import { PointOwn } from '../../src/round/point.ts'

const bath = { boreMm: 65, odMm: 120, pitchDiameterMm: 92.5, elementDiameterMm: 16, elements: 10 }

describe('oil against its mark', () => {
  for (const [over, state, says] of [
    [null, 'go', /^$/],
    [0, 'go', /^$/],
    [4, 'go', /^$/],
    [-4, 'go', /^$/],
    [6, 'watch', /too high/],
    [-6, 'watch', /too low\.$/],
    [-8.5, 'stop', /no element reaches it/],
  ] as const)
    it(`${over} mm: ${state}`, () => {
      const found = oilInBath(bath, over)
      assert.equal(found.state, state)
      assert.match(found.reason, says)
      assert.equal(found.wayOut === '', state === 'go')
    })
  it('has a tolerance that the drawing shows', () => assert.equal(oilInBath(bath, null).toleranceMm, 4))
  it('of a constant-level oiler is filled at its bottle', () => {
    const steps = (own: object) => pointSteps('oil-level', { housing: 'solid' }, PointOwn.parse(own)).steps.join(' ')
    assert.match(steps({ oiler: true }), /fill the bottle, never the housing/)
    assert.match(steps({}), /Top up/)
  })
})
