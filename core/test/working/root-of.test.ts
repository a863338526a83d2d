import { assert } from 'chai'
import { rootOf } from '../../src/working/root-of.ts'

describe('root by halving', () => {
  for (const [name, at, from, to, root] of [
    ['of what rises', (x: number) => x ** 2 - 2, 0, 2, Math.SQRT2],
    ['of what falls', (x: number) => 2 - x ** 2, 0, 2, Math.SQRT2],
    ['from the upper end down', (x: number) => x ** 2 - 2, 2, 0, Math.SQRT2],
    ['far from nought', (x: number) => x - 123_456.789, 0, 1e9, 123_456.789],
    ['always below: the upper end of what rises', (x: number) => x - 5, 0, 1, 1],
  ] as const)
    it(name, () => assert.approximately(rootOf(at, from, to), root, 1e-9 * Math.max(1, root)))
})
