import { ShaftPart } from '@yardfrost/core'
import { assert } from 'chai'
import { canPull, pulledPart } from '../../src/shaftline/pulled-part.ts'

const part = (kind: string, rest: object) => ShaftPart.parse({ kind, id: 'p', xMm: 100, ...rest })

describe('a load arrow drawn out', () => {
  for (const [why, made, times, changes] of [
    ['a force by what it points out', part('force', { radialN: 3000 }), 1.5, { radialN: 4500 }],
    ['rounded to what a hand can mean', part('force', { radialN: 3000 }), 1.2345, { radialN: 3700 }],
    ['not through nothing', part('chuck', { cuttingN: 1500 }), -2, { cuttingN: 0 }],
    ['a belt by its tension', part('pulley', { tension: 1 }), 1.5, { tension: 1.5 }],
    ['a belt no tighter than it can be', part('pulley', { tension: 2 }), 9, { tension: 4 }],
    ['a belt no slacker than it runs', part('pulley', { tension: 1 }), 0, { tension: 0.5 }],
    ['a gear not at all: its power makes its load', part('gear', {}), 2, {}],
  ] as const)
    it(why, () => assert.deepEqual(pulledPart(made, times), changes))

  it('says which can be taken hold of', () => {
    assert.isTrue(canPull(part('pulley', {})))
    assert.isFalse(canPull(part('wheel', {})))
  })
})
