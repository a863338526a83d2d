import { assert } from 'chai'
import { readSizes } from '../../src/identify/compare/read-sizes.ts'

describe('sizes said in one breath', () => {
  const cases: [why: string, said: string, units: 'metric' | 'inch', sizes: [number, number | null, number | null] | null][] = [
    ['all three', '30x62x16', 'metric', [30, 62, 16]],
    ['with times signs and room', '30 × 62 × 16', 'metric', [30, 62, 16]],
    ['a comma', '31,75 x 62', 'metric', [31.75, 62, null]],
    ['two of them', '30*62', 'metric', [30, 62, null]],
    ['an inch and a quarter', '1 1/4 in', 'metric', [31.75, null, null]],
    ['inches by their sign', '1 1/2"', 'metric', [38.1, null, null]],
    ['the unit behind holds for all', '1.5 x 3 in', 'metric', [38.1, 76.2, null]],
    ['fractions are of an inch', '1/2 x 1 1/8 x 5/16', 'metric', [12.7, 28.575, 7.9375]],
    ['each its own', '1.25 in x 62 mm', 'metric', [31.75, 62, null]],
    ['in inches by the device', '1.25 x 2.5', 'inch', [31.75, 63.5, null]],
    ['a number of a bearing', '6312', 'metric', null],
    ['a number with its clearance', '6312-C3', 'metric', null],
    ['a series with an x in it is no size', '6312 X', 'metric', null],
    ['four of them', '1x2x3x4', 'metric', null],
    ['nothing', '', 'metric', null],
    ['larger than any', '3000x4000', 'metric', null],
    ['below nothing', '-3x5', 'metric', null],
  ] // prettier-ignore
  for (const [why, said, units, sizes] of cases)
    it(`${why}: “${said}”`, () => {
      const read = readSizes(said, units)
      if (sizes === null) assert.isNull(read)
      else {
        assert.closeTo(read?.boreMm ?? NaN, sizes[0], 1e-9)
        assert.deepEqual([read?.odMm === null, read?.widthMm === null], [sizes[1] === null, sizes[2] === null])
        if (sizes[1] !== null) assert.closeTo(read?.odMm ?? NaN, sizes[1], 1e-9)
        if (sizes[2] !== null) assert.closeTo(read?.widthMm ?? NaN, sizes[2], 1e-9)
      }
    })
})
