import { machineKinds, partFields, partKinds, ShaftPart, sketchShaft, usualSketch } from '@yardfrost/core'
import { assert } from 'chai'
import fc from 'fast-check'
import {
  alongShaft,
  layOutElevation,
  onSheet,
  partOutlines,
  placeInRows,
  roundTimes,
  snapPlace,
  tallest,
} from '../../../src/drawing/shaft/elevation.ts'

const odOf = () => 140
const sheet = (tiltDeg: number, kind: (typeof machineKinds)[number] = 'pump') => {
  const line = { ...sketchShaft(kind, usualSketch[kind], ['A', 'B']), tiltDeg }
  return { line, elevation: layOutElevation(line, tallest(line, odOf), 980, 440) }
}

describe('elevation of a shaft', () => {
  for (const kind of machineKinds)
    for (const tiltDeg of [0, 30, 90])
      it(`${kind} leaning ${tiltDeg}° lies on the sheet, whole`, () => {
        const { line, elevation } = sheet(tiltDeg, kind)
        const places = [
          0,
          elevation.lengthMm,
          ...line.supports.map(({ xMm }) => xMm),
          ...line.parts.map(({ xMm }) => xMm),
        ]
        const high = tallest(line, odOf) * elevation.pxPerMm
        for (const place of places)
          for (const up of [-high, 0, high]) {
            const { x, y } = onSheet(elevation, place, up)
            assert.isTrue(x >= -1 && x <= 981, `x ${x}`)
            assert.isTrue(y >= -1 && y <= 441, `y ${y}`)
          }
      })

  it('is to scale: a millimetre along is a millimetre across', () => {
    const { elevation } = sheet(0)
    const [a, b] = [onSheet(elevation, 0), onSheet(elevation, 100)]
    assert.approximately(b.x - a.x, 100 * elevation.pxPerMm, 1e-9)
    assert.approximately(b.y, a.y, 1e-9)
  })

  it('a drag comes to the place it was drawn at, however it leans', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 90 }), fc.integer({ min: -500, max: 900 }), (tiltDeg, toMm) => {
        const { elevation } = sheet(tiltDeg)
        const [from, to] = [onSheet(elevation, 100), onSheet(elevation, toMm)]
        assert.approximately(alongShaft(elevation, to.x - from.x, to.y - from.y), toMm - 100, 1e-6)
      }),
    )
  })

  it('the right end rises as it leans', () => {
    const { elevation } = sheet(30)
    assert.isBelow(onSheet(elevation, 300).y, onSheet(elevation, 0).y)
  })

  const snaps: [why: string, xMm: number, edges: number[], reachMm: number, gridMm: number, to: number][] = [
    ['to the grid', 103, [], 4, 5, 105],
    ['to an edge within reach', 103, [101], 4, 5, 101],
    ['to the nearer of two edges', 103, [101, 104], 4, 5, 104],
    ['past an edge out of reach', 103, [90], 4, 5, 105],
    ['to a fine grid', 103.4, [], 0, 1, 103],
  ]
  for (const [why, xMm, edges, reachMm, gridMm, to] of snaps)
    it(`snaps ${why}`, () => assert.equal(snapPlace(xMm, edges, reachMm, gridMm), to))

  const times: [truePx: number, wantedPx: number, times: number][] = [
    [0.3, 60, 200],
    [0.5, 60, 100],
    [0.02, 34, 1000],
    [80, 60, 1],
    [0, 60, 1],
  ]
  for (const [truePx, wantedPx, expected] of times)
    it(`draws ${truePx} px about ${wantedPx} px large: ${expected} times`, () =>
      assert.equal(roundTimes(truePx, wantedPx), expected))

  it('puts labels in rows so that none runs into another', () => {
    const labels = fc.array(
      fc.record({ x: fc.integer({ min: 0, max: 900 }), width: fc.integer({ min: 20, max: 260 }) }),
      { maxLength: 12 },
    )
    fc.assert(
      fc.property(labels, (given) => {
        const rows = placeInRows(given)
        given.forEach((one, a) =>
          given.forEach((other, b) => {
            if (a >= b || rows[a] !== rows[b]) return
            assert.isTrue(one.x + one.width <= other.x || other.x + other.width <= one.x)
          }),
        )
      }),
    )
  })

  for (const kind of partKinds)
    it(`${kind}: outlines lie above the centre line and within its size`, () => {
      const part = ShaftPart.parse({ kind, id: kind, xMm: 100 })
      const reach = 'diameterMm' in part ? part.diameterMm : 0
      for (const { points } of partOutlines(part))
        for (const [x, y] of points) {
          assert.isTrue(Number.isFinite(x) && y >= 0 && y <= reach, `${x} ${y}`)
        }
      assert.isAbove(Object.keys(partFields[kind].shape).length, 3)
    })
})
