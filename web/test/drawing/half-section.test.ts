import { holdings, lookUpBearing, type ResolvedBearing } from '@yardfrost/core'
import { catalogue } from '@yardfrost/core/test/references.ts'
import { assert } from 'chai'
import { boreAt, halfSection } from '../../src/drawing/half-section.ts'
import { pathData, type Outline, type Point } from '../../src/drawing/outline.ts'
import { placeLabels } from '../../src/drawing/place-labels.ts'
import { layOut, scaleWords } from '../../src/drawing/sheet.ts'

function bearing(designation: string): ResolvedBearing {
  const found = lookUpBearing(designation, catalogue)
  if (found.kind !== 'found') throw new Error(`${designation} is not in the tables`)
  return found.bearing
}

const corners = ({ start, segments }: Outline): Point[] => [start, ...segments.map(({ to }) => to)]

describe('half-section', () => {
  it('can be drawn for every size: finite, inside its boundary dimensions, bore and outside met', () => {
    for (const { designation, widthMm, assemblyWidthMm } of catalogue.everyRow) {
      const one = bearing(designation)
      const section = halfSection(one)
      const points = section.shapes.flatMap(({ outline }) => corners(outline))
      const rings = section.shapes
        .filter(({ part }) => part === 'inner-ring' || part === 'outer-ring')
        .flatMap(({ outline }) => corners(outline))
      // The cone of some inch sets stands out over the cup.
      const over = Math.max(widthMm, assemblyWidthMm ?? 0, 2 * widthMm - (assemblyWidthMm ?? widthMm))
      for (const [x, y] of points) {
        assert.isTrue(Number.isFinite(x) && Number.isFinite(y), `${designation} ${x} ${y}`)
        assert.isAtMost(Math.abs(x), over / 2 + 1e-6, designation)
        assert.isAtMost(y, one.row.odMm / 2 + 1e-6, designation)
        assert.isAtLeast(y, one.row.boreMm / 2 - 1e-6, designation)
      }
      // Without an inner ring the rollers stand at the bore.
      const lowest = one.decoded.features.includes('no-inner-ring') ? points : rings
      assert.approximately(Math.min(...lowest.map(([, y]) => y)), one.row.boreMm / 2, 1e-6, designation)
      // The outside of an insert bearing is a sphere; its corners lie a little lower.
      const slack = one.row.type === 'insert-ball' ? 0.06 * one.row.odMm : 1e-6
      assert.approximately(Math.max(...rings.map(([, y]) => y)), one.row.odMm / 2, slack, designation)
    }
  })

  describe('held on its shaft', () => {
    const sizes = ['623', '6214', '61840', '22220-K', '24060-K30', 'UC212', 'NU214', '32214', '7210', '1214-K']
    for (const holding of holdings)
      it(`by ${holding.replace(/-/g, ' ')}: nothing reaches into what rolls, and the shaft steps one way along`, () => {
        for (const designation of sizes) {
          const one = bearing(designation)
          const section = halfSection(one, holding)
          const { edge, ends, parts, threads, hidden, hasInnerRing } = section.held
          const why = `${designation} ${holding}`
          const places = edge.map(([x]) => x)
          assert.deepEqual(
            places,
            [...places].sort((a, b) => a - b),
            why,
          )
          assert.equal(edge.at(-1)?.[0] === Infinity, !ends, why)
          for (const [, y] of edge) assert.isTrue(y >= 0 && y < one.row.odMm / 2, why)
          for (const { outline } of parts) {
            const points = corners(outline)
            for (const [x, y] of points) {
              assert.isTrue(Number.isFinite(x) && Number.isFinite(y), why)
              assert.isAtLeast(y, 0, why)
              // A nut may stand as high as the middle of what rolls, beside the bearing; never into the outer ring.
              assert.isBelow(y, one.row.odMm / 2, why)
            }
            assert.isAbove(Math.max(...points.map(([, y]) => y)), Math.min(...points.map(([, y]) => y)), why)
          }
          for (const [from, to] of [...threads, ...hidden]) assert.isBelow(from[0], to[0], why)
          assert.equal(hasInnerRing, holding !== 'no-inner-ring', why)
        }
      })

    it('by no inner ring: the rollers run on the shaft', () => {
      const section = halfSection(bearing('NU214'), 'no-inner-ring')
      assert.isEmpty(section.shapes.filter(({ part }) => part === 'inner-ring'))
      const [{ at, radiusMm } = { at: [0, 0] as const, radiusMm: 0 }] = section.contacts
      assert.approximately(section.boreMm / 2, at[1] - radiusMm, 1e-9)
      assert.approximately(Math.max(...section.held.edge.map(([, y]) => y)), section.boreMm / 2, 1e-9)
    })

    it('by an end plate: the shaft ends short of the ring, so that the plate clamps the ring', () => {
      const section = halfSection(bearing('6214'), 'end-plate')
      const end = Math.max(...section.held.edge.map(([x]) => x))
      assert.isBelow(end, section.inner.to)
      const [plate] = section.held.parts
      assert.approximately(Math.min(...corners(plate!.outline).map(([x]) => x)), section.inner.to, 1e-9)
    })

    it('by a sleeve: wide end of the bore away from the nut that drives it, or toward the one that pushes it in', () => {
      const adapter = halfSection(bearing('22220-K'), 'adapter-sleeve')
      const withdrawal = halfSection(bearing('22220-K'), 'withdrawal-sleeve')
      const width = adapter.inner.to - adapter.inner.from
      for (const [wide, narrow] of [
        [adapter.bore.left, adapter.bore.right],
        [withdrawal.bore.right, withdrawal.bore.left],
      ] as const) {
        assert.approximately(narrow, 50, 1e-9)
        assert.approximately(wide - narrow, width / 24, 1e-9)
      }
      const steep = halfSection(bearing('24060-K30'), 'adapter-sleeve')
      assert.approximately(steep.bore.left - steep.bore.right, (steep.inner.to - steep.inner.from) / 60, 1e-9)
      assert.approximately(boreAt(adapter, adapter.inner.from), adapter.bore.left, 1e-9)
      assert.approximately(boreAt(adapter, adapter.inner.to), adapter.bore.right, 1e-9)
    })

    it('by nothing that anybody stated: a shoulder, and nothing more', () =>
      assert.isEmpty(halfSection(bearing('6214')).held.parts))
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
