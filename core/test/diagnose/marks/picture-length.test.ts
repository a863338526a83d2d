import { assert } from 'chai'
import fc from 'fast-check'
import { pictureLength } from '../../../src/diagnose/marks/picture-length.ts'
import type { PicturePoint } from '../../../src/model/painted.ts'

const line = (fromX: number, fromY: number, toX: number, toY: number) => ({
  from: [fromX, fromY] as PicturePoint,
  to: [toX, toY] as PicturePoint,
})

describe('a length in a picture', () => {
  const cases: [why: string, own: number[], known: number[], knownMm: number, mm: number][] = [
    ['half as long as the known one', [0.2, 0.3, 0.4, 0.3], [0.1, 0.6, 0.5, 0.6], 20, 10],
    ['upright against level', [0.5, 0.1, 0.5, 0.7], [0, 0, 0.3, 0], 23.25, 46.5],
    ['across the corner: 3, 4, 5', [0.1, 0.1, 0.4, 0.5], [0, 0, 0.1, 0], 10, 50],
  ]
  for (const [why, own, known, knownMm, mm] of cases)
    it(why, () => {
      const [a = 0, b = 0, c = 0, d = 0] = own
      const [e = 0, f = 0, g = 0, h = 0] = known
      const measured = pictureLength(line(a, b, c, d), { ...line(e, f, g, h), lengthMm: knownMm })
      assert.closeTo(measured?.lengthMm ?? NaN, mm, 1e-9)
    })

  it('is said to within 3 % at best, and less well where a line is short', () => {
    const known = { ...line(0, 0, 1, 0), lengthMm: 100 }
    const within = (share: number) => {
      const measured = pictureLength(line(0, 0, share, 0), known)
      return measured ? measured.withinMm / measured.lengthMm : NaN
    }
    // √(0.03² + 2 · 0.00566²) for a line as long as the known one.
    assert.closeTo(within(1), 0.0310, 0.0002) // prettier-ignore
    assert.closeTo(within(0.05), Math.hypot(0.03, 0.00566, 0.1131), 0.0005)
    assert.isAbove(within(0.1), within(0.2))
  })

  it('is not said by a known length that is hardly one, nor of a point', () => {
    assert.isNull(pictureLength(line(0, 0, 1, 0), { ...line(0.5, 0.5, 0.51, 0.5), lengthMm: 23 }))
    assert.isNull(pictureLength(line(0.3, 0.3, 0.3, 0.3), { ...line(0, 0, 1, 0), lengthMm: 23 }))
  })

  it('does not care how large the picture is shown, nor how it is turned', () => {
    const share = fc.double({ min: 0.05, max: 0.45, noNaN: true })
    fc.assert(
      fc.property(share, share, fc.double({ min: 0.2, max: 1, noNaN: true }), (x, y, scale) => {
        const known = { ...line(0, 0, 0.5, 0), lengthMm: 30 }
        const usual = pictureLength(line(0, 0, x, y), known)
        const turned = pictureLength(line(0, 0, y, x), { ...line(0, 0, 0, 0.5), lengthMm: 30 })
        const small = pictureLength(line(0, 0, x * scale, y * scale), { ...line(0, 0, 0.5 * scale, 0), lengthMm: 30 })
        assert.closeTo(turned?.lengthMm ?? NaN, usual?.lengthMm ?? 0, 1e-9)
        assert.closeTo(small?.lengthMm ?? NaN, usual?.lengthMm ?? 0, 1e-9)
      }),
    )
  })
})
