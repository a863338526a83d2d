import { lookUpBearing, readCatalogue, type ResolvedBearing } from '@yardfrost/core'
import { assert } from 'chai'
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { halfSection } from '../../src/drawing/half-section.ts'
import { pathData, type Outline, type Point } from '../../src/drawing/outline.ts'
import { placeLabels } from '../../src/drawing/place-labels.ts'
import { layOut, scaleWords } from '../../src/drawing/sheet.ts'

const csv = createRequire(import.meta.url).resolve('@yardfrost/core/data/dimensions.csv')
const catalogue = readCatalogue(readFileSync(csv, 'utf8'))

function bearing(designation: string): ResolvedBearing {
  const found = lookUpBearing(designation, catalogue)
  if (found.kind !== 'found') throw new Error(`${designation} is not in the tables`)
  return found.bearing
}

const corners = ({ start, segments }: Outline): Point[] => [start, ...segments.map(({ to }) => to)]

describe('half-section', () => {
  it('can be drawn for every size: finite, inside its boundary dimensions, bore and outside met', () => {
    for (const { designation, widthMm, assemblyWidthMm } of catalogue.rows) {
      const one = bearing(designation)
      const section = halfSection(one)
      const points = section.shapes.flatMap(({ outline }) => corners(outline))
      const rings = section.shapes
        .filter(({ part }) => part === 'inner-ring' || part === 'outer-ring')
        .flatMap(({ outline }) => corners(outline))
      const width = Math.max(widthMm, assemblyWidthMm ?? 0)
      for (const [x, y] of points) {
        assert.isTrue(Number.isFinite(x) && Number.isFinite(y), `${designation} ${x} ${y}`)
        assert.isAtMost(Math.abs(x), width / 2 + 1e-6, designation)
        assert.isAtMost(y, one.row.odMm / 2 + 1e-6, designation)
        assert.isAtLeast(y, one.row.boreMm / 2 - 1e-6, designation)
      }
      assert.approximately(Math.min(...rings.map(([, y]) => y)), one.row.boreMm / 2, 1e-6, designation)
      // The outside of an insert bearing is a sphere; its corners lie a little lower.
      const slack = one.row.type === 'insert-ball' ? 0.06 * one.row.odMm : 1e-6
      assert.approximately(Math.max(...rings.map(([, y]) => y)), one.row.odMm / 2, slack, designation)
    }
  })

  it('draws as many rolling elements as there are rows', () => {
    const elements = (designation: string) =>
      halfSection(bearing(designation)).shapes.filter(({ part }) => part === 'element').length
    assert.deepEqual(['6214', '22218', '1214', '3208', 'NU214', 'C2214'].map(elements), [1, 2, 2, 2, 1, 1])
  })

  it('draws a closure only where there is one', () => {
    const closures = (designation: string) =>
      halfSection(bearing(designation)).shapes.filter(({ part }) => part === 'closure').length
    assert.deepEqual(['6214', '6214-Z', '6214-2RS'].map(closures), [0, 1, 2])
  })

  it('tells NU from N by the ring that has the ribs', () => {
    const points = (designation: string, part: string) =>
      corners(halfSection(bearing(designation)).shapes.find((shape) => shape.part === part)!.outline).length
    assert.isAbove(points('NU214', 'outer-ring'), points('NU214', 'inner-ring'))
    assert.isAbove(points('N214', 'inner-ring'), points('N214', 'outer-ring'))
  })

  it('sets cone and cup of a tapered bearing off against each other by T', () => {
    const { inner, outer } = halfSection(bearing('32214'))
    assert.approximately(inner.to - outer.from, 33.25, 1e-9)
    assert.approximately(inner.to - inner.from, 31, 1e-9)
  })
})

describe('sheet', () => {
  const sizes: [string, number, number][] = [
    ['623', 800, 600],
    ['618/8', 520, 420],
    ['6214', 800, 600],
    ['61840', 768, 460],
    ['24060', 800, 600],
    ['23152', 360, 420],
  ]
  for (const [designation, width, height] of sizes)
    it(`holds ${designation} on ${width} × ${height}`, () => {
      const section = halfSection(bearing(designation))
      const sheet = layOut(section, width, height, true)
      const ringMm = section.outer.to - section.outer.from
      assert.isAtLeast(sheet.housingTop, 50)
      assert.isAtLeast(sheet.housingFrom, 0)
      assert.isBelow(sheet.calloutX, width)
      assert.isAbove(sheet.scale.pxPerMm * ringMm, 12)
      assert.isAtMost(sheet.scale.y0, height)
    })

  it('says its scale', () => {
    assert.equal(scaleWords((96 / 25.4) * 2), '2.0 : 1')
    assert.equal(scaleWords(96 / 25.4 / 2), '1 : 2.0')
  })
})

describe('placeLabels', () => {
  const cases: [why: string, wanted: number[], placed: number[]][] = [
    ['leaves labels that are far apart', [100, 200], [100, 200]],
    ['parts two that would touch', [100, 110], [100, 160]],
    ['keeps their order', [110, 100], [160, 100]],
    ['stays on the sheet at the bottom', [395, 399], [340, 400]],
    ['stays on the sheet at the top', [-20, 0], [30, 90]],
  ]
  for (const [why, wanted, placed] of cases) it(why, () => assert.deepEqual(placeLabels(wanted, 60, 30, 400), placed))
})

describe('pathData', () => {
  it('turns millimetres into pixels, upward is up', () => {
    const outline: Outline = { start: [0, 0], segments: [{ to: [10, 0] }, { to: [10, 5], arc: { radius: 5, turns: 'clockwise' } }] } // prettier-ignore
    assert.equal(
      pathData(outline, { pxPerMm: 2, x0: 100, y0: 50 }),
      'M100.00 50.00L120.00 50.00A10.00 10.00 0 0 1 120.00 40.00Z',
    )
  })
})
