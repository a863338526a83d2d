import { assert } from 'chai'
import { rootOf } from '../../src/working/root-of.ts'

describe('root between two ends', () => {
  for (const [name, at, from, to, root] of [
    ['of what rises', (x: number) => x ** 2 - 2, 0, 2, Math.SQRT2],
    ['of what falls', (x: number) => 2 - x ** 2, 0, 2, Math.SQRT2],
    ['from the upper end down', (x: number) => x ** 2 - 2, 2, 0, Math.SQRT2],
    ['far from nought', (x: number) => x - 123_456.789, 0, 1e9, 123_456.789],
    ['always below: the upper end of what rises', (x: number) => x - 5, 0, 1, 1],
  ] as const)
    it(name, () => assert.approximately(rootOf(at, from, to), root, 1e-9 * Math.max(1, root)))
  it('is found with few calls, also of what bends hard, and of what is flat and steep by turns', () => {
    for (const at of [
      (x: number) => Math.exp(x) - 1e6,
      (x: number) => Math.atan(50 * (x - 3)),
      (x: number) => (x - 2) ** 3,
    ]) {
      let calls = 0
      rootOf((x) => (calls++, at(x)), 0, 40)
      assert.isBelow(calls, 70)
    }
  })
  it('stands where the function goes beyond every number', () =>
    assert.approximately(
      rootOf((x) => Math.exp(x) - 1, -5, 1000),
      0,
      1e-9,
    ))
})
