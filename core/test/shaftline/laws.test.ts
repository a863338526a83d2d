import { assert } from 'chai'
import fc from 'fast-check'
import { assessLine, ShaftLine } from '../../src/index.ts'
import { lineGrowth } from '../../src/shaftline/line-growth.ts'
import { lineLoads, type LineLoads } from '../../src/shaftline/support-loads.ts'
import { catalogue } from '../references.ts'

// Laws that hold of any machine: what is the same shaft told otherwise carries the same.

const turned = { left: 'right', right: 'left', both: 'both', none: 'none' } as const

const place = fc.integer({ min: 0, max: 1200 })
const massKg = fc.integer({ min: 0, max: 200 })
const angleDeg = fc.integer({ min: -180, max: 180 })
const way = fc.constantFrom('right', 'left')
const part = fc.oneof(
  fc.record({ kind: fc.constant('force'), xMm: place, massKg, radialN: fc.nat(20_000), angleDeg, axialN: fc.integer({ min: -3000, max: 3000 }) }),
  fc.record({ kind: fc.constant('pulley'), xMm: place, massKg, diameterMm: fc.integer({ min: 80, max: 600 }), angleDeg, tension: fc.constantFrom(0.8, 1, 1.5) }),
  fc.record({ kind: fc.constant('gear'), xMm: place, massKg, diameterMm: fc.integer({ min: 60, max: 400 }), angleDeg, gear: fc.constant('helical'), helixDeg: fc.integer({ min: 0, max: 30 }), axialWay: way }),
  fc.record({ kind: fc.constant('wheel'), xMm: place, massKg, pressurePa: fc.nat(5000), thrustWay: way, stuckG: fc.nat(500), stuckRadiusMm: fc.constant(300) }),
  fc.record({ kind: fc.constant('chuck'), xMm: place, massKg, cuttingN: fc.nat(8000), angleDeg, thrustN: fc.integer({ min: -2000, max: 2000 }) }),
) // prettier-ignore
const sections = fc
  .array(fc.record({ lengthMm: fc.integer({ min: 20, max: 400 }), diameterMm: fc.integer({ min: 30, max: 160 }) }), {
    minLength: 1,
    maxLength: 5,
  })
  // The last one reaches to the end, so that everything stands on the shaft.
  .map((some) => [...some, { lengthMm: 1200, diameterMm: 60 }])

/** A shaft on two or three bearings, at least 200 mm from one another, with up to five parts. */
const anyLine = fc
  .record({
    sections,
    parts: fc.array(part, { maxLength: 5 }),
    first: fc.integer({ min: 0, max: 300 }),
    spans: fc.array(fc.integer({ min: 200, max: 450 }), { minLength: 1, maxLength: 2 }),
    holder: fc.nat(1),
    tiltDeg: fc.constantFrom(0, 15, 90),
    powerKw: fc.nat(90),
  })
  .map(({ first, spans, holder, parts, ...rest }) => {
    const places = spans.reduce((some, span) => [...some, (some.at(-1) ?? 0) + span], [first])
    return ShaftLine.parse({
      ...rest,
      supports: places.map((xMm, index) => ({
        position: `P${index}`,
        xMm,
        holds: index === holder ? 'both' : 'none',
        roomLeftMm: 0.4,
        roomRightMm: 0.9,
      })),
      parts: parts.map((one, index) => ({ id: `part ${index}`, ...one })),
    })
  })

const lengthOf = (line: ShaftLine) => line.sections.reduce((sum, { lengthMm }) => sum + lengthMm, 0)
/** Loads as large as these may differ by so little. */
const slackOf = ({ loads }: LineLoads) => 2e-6 * (1 + loads.reduce((sum, one) => sum + one.radialN, 0)) + 1e-3
const sameLoads = (one: LineLoads, other: LineLoads, axialSign = 1) => {
  for (const [index, support] of one.supports.entries()) {
    const same = other.supports.find(({ position }) => position === support.position)
    for (const key of ['downN', 'sideN', 'turningN', 'radialN'] as const)
      assert.approximately(same?.[key] ?? NaN, support[key], slackOf(one), `${key} of ${index}`)
    assert.approximately(same?.axialN ?? NaN, axialSign * support.axialN, 1e-6 * (1 + Math.abs(support.axialN)))
  }
}
const runs = { numRuns: 60 }

describe('any shaft line', () => {
  it('seen from its other side carries the same, and thrusts the other way', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        const length = lengthOf(line)
        const flat = { ...line, tiltDeg: 0 }
        const mirrored = ShaftLine.parse({
          ...flat,
          sections: [...line.sections].reverse(),
          supports: line.supports.map((one) => ({
            ...one,
            xMm: length - one.xMm,
            holds: turned[one.holds],
            roomLeftMm: one.roomRightMm,
            roomRightMm: one.roomLeftMm,
          })),
          parts: line.parts.map((one) => ({
            ...one,
            xMm: length - one.xMm,
            ...('axialN' in one ? { axialN: -one.axialN } : {}),
            ...('thrustN' in one ? { thrustN: -one.thrustN } : {}),
            ...('axialWay' in one ? { axialWay: turned[one.axialWay] } : {}),
            ...('thrustWay' in one ? { thrustWay: turned[one.thrustWay] } : {}),
          })),
        })
        sameLoads(lineLoads(flat), lineLoads(mirrored), -1)
        const [grown, other] = [lineGrowth(flat), lineGrowth(mirrored)]
        assert.approximately(other?.growthMm ?? NaN, grown?.growthMm ?? NaN, 1e-9)
        assert.approximately(other?.residualMm ?? NaN, grown?.residualMm ?? NaN, 1e-9)
      }),
      runs,
    )
  })

  it('carries the same in whatever order it was told', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        const told = { ...line, parts: [...line.parts].reverse(), supports: [...line.supports].reverse() }
        sameLoads(lineLoads(line), lineLoads(told))
      }),
      runs,
    )
  })

  it('is the same shaft when one of its sections is told as two', () => {
    fc.assert(
      fc.property(anyLine, fc.nat(4), fc.double({ min: 0.1, max: 0.9, noNaN: true }), (line, nth, where) => {
        const cut = nth % line.sections.length
        const split = line.sections.flatMap((section, index) =>
          index !== cut
            ? [section]
            : [
                { ...section, lengthMm: section.lengthMm * where },
                { ...section, lengthMm: section.lengthMm * (1 - where) },
              ],
        )
        const told = { ...line, sections: split }
        sameLoads(lineLoads(line), lineLoads(told))
        const names = new Map(line.supports.map(({ position }) => [position, '22212']))
        const [one, other] = [assessLine(line, names, catalogue), assessLine(told, names, catalogue)]
        const bends = one.bending?.largestMm ?? 0
        assert.approximately(other.bending?.largestMm ?? NaN, bends, 0.02 * bends + 1e-6)
      }),
      { numRuns: 30 },
    )
  })

  it('is stood upright: what weighed on the bearings hangs in the one that holds', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        const weights = line.parts.map((one) => ({ id: one.id, kind: 'force', xMm: one.xMm, massKg: one.massKg }))
        const bare = ShaftLine.parse({ ...line, parts: weights })
        const lying = lineLoads({ ...bare, tiltDeg: 0 })
        const standing = lineLoads({ ...bare, tiltDeg: 90 })
        const weightN = lying.supports.reduce((sum, { downN }) => sum + downN, 0)
        const holder = standing.supports[line.supports.findIndex(({ holds }) => holds === 'both')]
        // The right end is up: the weight acts toward the left.
        assert.approximately(holder?.axialN ?? NaN, -weightN, slackOf(lying))
        for (const { radialN } of standing.supports) assert.isBelow(radialN, slackOf(lying))
        const leant = lineLoads({ ...bare, tiltDeg: 30 })
        assert.approximately(leant.thrustN, -weightN / 2, slackOf(lying))
      }),
      runs,
    )
  })

  it('carries twice as much of everything under twice the loads', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        const forces = (times: number) =>
          ShaftLine.parse({
            ...line,
            // So light that only the forces count.
            sections: line.sections.map((section) => ({ ...section, diameterMm: 1 })),
            parts: line.parts.flatMap((one) =>
              one.kind === 'force'
                ? [{ ...one, massKg: 0, radialN: one.radialN * times, axialN: one.axialN * times }]
                : [],
            ),
          })
        const [once, twice] = [lineLoads(forces(1)), lineLoads(forces(2))]
        const slack = slackOf(twice) + 60
        for (const [index, { downN, sideN }] of once.supports.entries()) {
          assert.approximately(twice.supports[index]?.downN ?? NaN, 2 * downN, slack)
          assert.approximately(twice.supports[index]?.sideN ?? NaN, 2 * sideN, slack)
        }
      }),
      runs,
    )
  })

  it('grows with its span and its heat, and never asks for less room than it grows', () => {
    fc.assert(
      fc.property(anyLine, fc.integer({ min: 0, max: 100 }), (line, hotter) => {
        const warm = lineGrowth({ ...line, assemblyC: 20, hottestC: 60 })
        const hot = lineGrowth({ ...line, assemblyC: 20, hottestC: 60 + hotter })
        assert.approximately(hot?.growthMm ?? NaN, ((warm?.growthMm ?? NaN) * (40 + hotter)) / 40, 1e-9 * (1 + hotter))
        assert.isAtLeast(hot?.leaveMm ?? NaN, hot?.growthMm ?? NaN)
      }),
      runs,
    )
  })

  it('is judged whole, with a reason and a way out for every check', () => {
    fc.assert(
      fc.property(anyLine, fc.constantFrom('6312', 'NU312', '22312', '7312', '30312', ''), (line, designation) => {
        const names = new Map(line.supports.map(({ position }) => [position, designation]))
        const { checks, supports, bending } = assessLine(line, names, catalogue)
        assert.lengthOf(supports, line.supports.length)
        for (const { reason, wayOut, verdict } of checks) {
          assert.match(reason, /\.$/)
          assert.notMatch(reason + wayOut, /NaN|undefined|null|Infinity/)
          assert.isNotEmpty(wayOut)
          assert.include(['go', 'watch', 'stop'], verdict)
        }
        for (const mm of bending?.deflectionMm ?? []) assert.isTrue(Number.isFinite(mm))
      }),
      { numRuns: 40 },
    )
  })
})
