import { assert } from 'chai'
import fc from 'fast-check'
import { assess, assessLine, machineKinds, numberOf, ShaftLine, sketchShaft, usualSketch } from '../../src/index.ts'
import { partLoads } from '../../src/shaftline/part-loads.ts'
import { loadCaseOf, lineLoads, meanOfTurning } from '../../src/shaftline/support-loads.ts'
import { insideOf } from '../../src/inside/of-bearing.ts'
import { loadDistribution } from '../../src/inside/load-distribution.ts'
import { bearingOf, positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

/** A thin plain shaft of 1 m on two bearings at 200 and 800 mm, so light that its parts decide. */
const line = (changes: object = {}) =>
  ShaftLine.parse({
    sections: [{ lengthMm: 1000, diameterMm: 1 }],
    supports: [
      { position: 'A', xMm: 200, holds: 'both' },
      { position: 'B', xMm: 800, holds: 'none', roomLeftMm: 0.5, roomRightMm: 1.5 },
    ],
    shockFactor: 1,
    speedRpm: 1480,
    ...changes,
  })
const part = (kind: string, rest: object) => ({ id: 'p', kind, xMm: 500, massKg: 0, ...rest })
const one = (kind: string, rest: object, changes: object = {}, what?: string) => {
  const loads = partLoads(line({ parts: [part(kind, rest)], ...changes })).filter(({ from }) => from === 'p')
  return loads.find((load) => what === undefined || load.what === what)
}

describe('loads of the parts', () => {
  // 19.1e6 · 30 / (200 · 1480) = 1935.8 N
  const drive = { powerKw: 30 }
  const cases: [why: string, kind: string, rest: object, changes: object, what: string, radialN: number, axialN: number][] = [
    ['weight', 'force', { massKg: 100 }, {}, 'weight', 980.67, 0],
    ['weight of a machine leant over by 30°', 'force', { massKg: 100 }, { tiltDeg: 30 }, 'weight', 849.28, -490.33],
    ['a V-belt pulls with twice its force', 'pulley', { diameterMm: 200, drive: 'v-belt' }, drive, 'belt pull', 3871.6, 0],
    ['half as tight again pulls half as much again', 'pulley', { diameterMm: 200, drive: 'v-belt', tension: 1.5 }, drive, 'belt pull', 5807.4, 0],
    ['shock is on the pull', 'pulley', { diameterMm: 200, drive: 'v-belt' }, { ...drive, shockFactor: 1.5 }, 'belt pull', 5807.4, 0],
    ['shock is not on the weight', 'force', { massKg: 100 }, { shockFactor: 2 }, 'weight', 980.67, 0],
    ['a spur gear pushes off by tan 20°', 'gear', { diameterMm: 200 }, drive, 'tooth push', 704.6, 0],
    ['a helical one thrusts by tan β', 'gear', { diameterMm: 200, gear: 'helical', helixDeg: 15, axialWay: 'left' }, drive, 'tooth push', 729.4, -518.7],
    // 120 kg at G 6.3 and 1480 a minute: 117 N, and 0.2 kg stuck at 400 mm another 1921 N.
    ['unbalance by its grade', 'wheel', { massKg: 120, pressurePa: 0 }, {}, 'unbalance', 117.2, 0],
    ['dirt on the wheel', 'wheel', { massKg: 120, pressurePa: 0, gradeMmPerS: 0, stuckG: 200, stuckRadiusMm: 400 }, {}, 'unbalance', 1921.6, 0],
    // 2000 Pa over an inlet of 400 mm
    ['a fan wheel thrusts by pressure and inlet', 'wheel', { pressurePa: 2000, inletMm: 400, thrustWay: 'left' }, {}, 'wheel thrust', 0, -251.3],
    // 0.36 · (1 − 0) · 1000 · 9.80665 · 20 · 0.25 · 0.04
    ['a pump at shut-off', 'impeller', { flowShare: 0, headM: 20, diameterMm: 250, widthMm: 40 }, {}, 'volute', 706.1, 0],
    ['a cut pushes up', 'chuck', { cuttingN: 1500, angleDeg: 180, thrustN: 500 }, {}, 'cut', 1500, 500],
    ['one-sided magnetic pull', 'rotor', { massKg: 100, pullShare: 0.2 }, {}, 'magnetic pull', 196.1, 0],
    ['a coupling out of line', 'coupling', { diameterMm: 200, misalignShare: 0.2 }, drive, 'misalignment', 387.2, 0],
  ] // prettier-ignore
  for (const [why, kind, rest, changes, what, radialN, axialN] of cases)
    it(why, () => {
      const load = one(kind, rest, changes, what)
      assert.approximately(load?.radialN ?? NaN, radialN, Math.max(0.2, radialN * 1e-3))
      assert.approximately(load?.axialN ?? NaN, axialN, 0.3)
    })
})

describe('loads on the bearings', () => {
  it('carry the whole load in both planes, whatever stands on the shaft', () => {
    const forces = fc.array(
      fc.record({
        xMm: fc.integer({ min: 0, max: 1000 }),
        radialN: fc.integer({ min: 0, max: 9000 }),
        angleDeg: fc.integer({ min: -180, max: 180 }),
        axialN: fc.integer({ min: -900, max: 900 }),
      }),
      { maxLength: 5 },
    )
    fc.assert(
      fc.property(forces, fc.constantFrom(2, 3), fc.integer({ min: 0, max: 90 }), (given, count, tiltDeg) => {
        const supports = [
          { position: 'A', xMm: 100 },
          { position: 'B', xMm: 900, holds: 'none' },
          { position: 'C', xMm: 500, holds: 'none' },
        ].slice(0, count)
        const {
          loads,
          supports: carried,
          thrustN,
        } = lineLoads(
          line({
            sections: [{ lengthMm: 1000, diameterMm: 60 }],
            tiltDeg,
            supports,
            parts: given.map((force, index) => ({ id: `f${index}`, kind: 'force', ...force })),
          }),
        )
        const sum = (of: (load: (typeof loads)[number]) => number) => loads.reduce((total, load) => total + of(load), 0)
        const slack = 1e-3 * (1 + sum(({ radialN }) => radialN))
        assert.approximately(
          carried.reduce((total, { downN }) => total + downN, 0),
          sum(({ radialN, angleDeg }) => radialN * Math.cos((angleDeg * Math.PI) / 180)),
          slack,
        )
        assert.approximately(
          carried.reduce((total, { sideN }) => total + sideN, 0),
          sum(({ radialN, angleDeg }) => radialN * Math.sin((angleDeg * Math.PI) / 180)),
          slack,
        )
        assert.approximately(
          carried.reduce((total, { axialN }) => total + axialN, 0),
          thrustN,
          1e-6 * (1 + Math.abs(thrustN)),
        )
      }),
      { numRuns: 150 },
    )
  })

  it('an overhung wheel lifts the far end', () => {
    const { supports } = lineLoads(line({ parts: [part('force', { xMm: 1000, radialN: 3000 })] }))
    assert.approximately(supports[1]?.downN ?? 0, 4000, 1)
    assert.approximately(supports[0]?.downN ?? 0, -1000, 1)
  })

  it('a turning load alone, and beside a standing one, is felt as its mean', () => {
    assert.equal(meanOfTurning(0, 500), 500)
    assert.equal(meanOfTurning(500, 0), 500)
    // Equal ones: (mean of |1 + e^iθ|³)^(1/3) = (32/(3π))^(1/3)
    assert.approximately(meanOfTurning(1, 1), (32 / (3 * Math.PI)) ** (1 / 3), 2e-3)
  })

  it('tells Seat when unbalance decides how the load turns', () => {
    const of = (standingN: number, turningN: number) =>
      loadCaseOf({ standingN, turningN } as Parameters<typeof loadCaseOf>[0])
    assert.deepEqual([of(1000, 100), of(100, 1000), of(1000, 900)], ['inner-turns', 'load-turns', 'both'])
  })
})

describe('who holds the shaft', () => {
  const bearings = new Map([['A', '6214-C3'], ['B', 'NU214-C3']]) // prettier-ignore
  const supports = (a: object, b: object) => [{ position: 'A', xMm: 200, ...a }, { position: 'B', xMm: 800, ...b }] // prettier-ignore
  const thick = { sections: [{ lengthMm: 1000, diameterMm: 90 }], hottestC: 90 }
  const push = { parts: [part('force', { radialN: 2000, axialN: 800 })] }
  const cases: [why: string, changes: object, key: string, verdict: string | undefined, reason: RegExp][] = [
    ['one end held, the other free', { supports: supports({ holds: 'both' }, { holds: 'none', floatsIn: 'bearing' }) }, 'held', undefined, /^$/],
    ['both held', { supports: supports({ holds: 'both' }, { holds: 'both' }) }, 'growth', 'stop', /A and B are both located: .* of growth has nowhere to go, and pushes/],
    ['neither held', { supports: supports({ holds: 'none' }, { holds: 'none' }) }, 'held', 'stop', /wanders/],
    ['cross-located', { supports: supports({ holds: 'left' }, { holds: 'right', floatsIn: 'bearing' }) }, 'held', undefined, /^$/],
    ['open on the side the thrust comes to', { ...push, supports: supports({ holds: 'left' }, { holds: 'none' }) }, 'held', 'stop', /Nothing stops the shaft to the right, and .* pushes it there/],
    ['held by a bearing that carries no thrust', { ...push, supports: supports({ holds: 'none', roomRightMm: 1, roomLeftMm: 1 }, { holds: 'both' }) }, 'thrust-1', 'stop', /carries none/],
    ['leant over, held by a roller bearing', { tiltDeg: 20, parts: [part('force', { massKg: 80 })], supports: supports({ holds: 'none' }, { holds: 'both' }) }, 'thrust-1', 'stop', /leans over by \{20 °/],
    ['leant over, held by balls', { tiltDeg: 20, parts: [part('force', { massKg: 80 })] }, 'tilt', 'go', /A carries .* along the shaft/],
    ['no growth inside a deep groove', { supports: supports({ holds: 'none', floatsIn: 'bearing' }, { holds: 'none', floatsIn: 'bearing' }) }, 'inside-0', 'stop', /no growth inside/],
    ['held away from the coupling', { parts: [part('coupling', { xMm: 950 })] }, 'coupling', 'watch', /toward the coupling/],
    ['room is short', { supports: supports({ holds: 'both' }, { holds: 'none', roomLeftMm: 0.5, roomRightMm: 0.2 }) }, 'growth', 'stop', /short/],
    ['one bearing', { supports: [{ position: 'A', xMm: 200 }] }, 'supports', 'stop', /alone/],
    ['a bearing off the shaft', { supports: supports({}, { xMm: 1300, holds: 'none' }) }, 'off', 'stop', /beyond the shaft/],
  ] // prettier-ignore
  for (const [why, changes, key, verdict, reason] of cases)
    it(`${verdict ?? 'nothing'}: ${why}`, () => {
      const check = assessLine(line({ ...thick, ...changes }), bearings, catalogue).checks.find(
        (found) => found.key === key,
      )
      assert.equal(check?.verdict, verdict)
      assert.match(check?.reason ?? '', reason)
    })

  it('bends more on bearings that give, and is critical sooner', () => {
    const stiff = {
      sections: [{ lengthMm: 1000, diameterMm: 90 }],
      parts: [part('force', { radialN: 9000, massKg: 60 })],
    }
    const rigid = assessLine(line(stiff), new Map(), catalogue).bending
    const giving = assessLine(line(stiff), bearings, catalogue).bending
    assert.deepEqual(rigid?.giveMm, [null, null])
    assert.isAbove(giving?.giveMm[0] ?? NaN, 0.003)
    assert.isAbove(giving?.largestMm ?? NaN, rigid?.largestMm ?? NaN)
    assert.isBelow(giving?.criticalRpm ?? NaN, rigid?.criticalRpm ?? NaN)
  })

  it('gives by the load distribution, and is stiffer about that place than on the way there', () => {
    const loaded = line({
      sections: [{ lengthMm: 1000, diameterMm: 300 }],
      parts: [part('force', { radialN: 30_000 })],
    })
    const { bending, supports } = assessLine(loaded, bearings, catalogue)
    const bearing = bearingOf(bearings.get('A') ?? '')
    const [here] = supports
    const { radialUm, stiffnessNPerUm } = loadDistribution(
      insideOf(bearing, { radialN: here?.radialN ?? 0, axialN: 0 }),
    )
    assert.closeTo(bending?.giveMm[0] ?? NaN, radialUm / 1000, 1e-9)
    assert.isAbove(stiffnessNPerUm, (here?.radialN ?? NaN) / radialUm)
  })

  it('watches a slope that the bearing does not forgive, and a speed near the critical one', () => {
    const thin = line({
      sections: [{ lengthMm: 1000, diameterMm: 40 }],
      parts: [part('force', { radialN: 9000, massKg: 60 })],
    })
    const found = assessLine(thin, bearings, catalogue)
    assert.isDefined(found.checks.find(({ key }) => key.startsWith('slope')))
    const near = assessLine({ ...thin, speedRpm: (found.bending?.criticalRpm ?? 0) * 0.95 }, bearings, catalogue)
    assert.isDefined(near.checks.find(({ key }) => key === 'critical'))
  })
})

describe('the coupling gap', () => {
  // Held at B, 700 mm from the coupling: 0.7 m · 11.9e-6 · 70 K is about 0.58 mm.
  const gap = (changes: object, rest: object = {}) =>
    assessLine(
      line({
        sections: [{ lengthMm: 1000, diameterMm: 60 }],
        hottestC: 90,
        supports: [
          { position: 'A', xMm: 200, holds: 'none', roomLeftMm: 2, roomRightMm: 2 },
          { position: 'B', xMm: 800, holds: 'both' },
        ],
        parts: [part('coupling', { xMm: 100, ...changes })],
        ...rest,
      }),
      new Map(),
      catalogue,
    )

  it('closes by the growth from the end that holds, and by what the other shaft brings', () => {
    const { coupling } = gap({ gapMm: 3 })
    assert.approximately(coupling?.closesMm ?? NaN, 0.59, 0.03)
    assert.approximately(coupling?.hotMm ?? NaN, 2.41, 0.03)
    assert.approximately(gap({ gapMm: 3, otherGrowthMm: 0.4 }).coupling?.closesMm ?? NaN, 0.99, 0.03)
  })

  for (const [why, changes, verdict, reason] of [
    ['enough is left', { gapMm: 3, leastGapMm: 2 }, 'go', /is left when it is hot/],
    ['less than the coupling needs', { gapMm: 3, leastGapMm: 2.8 }, 'stop', /where {2.8 mm[^}]*} is needed/],
    ['the halves touch', { gapMm: 0.4 }, 'stop', /the shafts push each other/],
    ['nobody said what it is', {}, undefined, /^$/],
  ] as const)
    it(`${verdict ?? 'nothing'}: ${why}`, () => {
      const check = gap(changes).checks.find(({ key }) => key === 'gap')
      assert.equal(check?.verdict, verdict)
      assert.match(check?.reason ?? '', reason)
    })

  it('opens on a shaft that runs colder than it was fitted', () => {
    const { checks } = gap({ gapMm: 3 }, { assemblyC: 20, hottestC: -20 })
    assert.match(checks.find(({ key }) => key === 'gap')?.reason ?? '', /opens by/)
  })
})

describe('a duty of several steps', () => {
  const parts = [
    part('pulley', { id: 'chain', drive: 'chain', diameterMm: 200 }),
    part('pulley', { id: 'belt', drive: 'v-belt', diameterMm: 200 }),
    part('wheel', { id: 'wheel', massKg: 100, gradeMmPerS: 6.3, pressurePa: 2000 }),
  ]
  const of = (work: number, speedRpm: number, what: string, from: string) =>
    partLoads(line({ parts, powerKw: 30 }), { work, speedRpm }).find((load) => load.what === what && load.from === from)

  it('half the work halves what comes from it, not the weight or a belt that stays tight', () => {
    const half = (what: string, from: string) =>
      (of(0.5, 1480, what, from)?.radialN ?? NaN) / (of(1, 1480, what, from)?.radialN ?? NaN)
    assert.approximately(half('belt pull', 'chain'), 0.5, 1e-9)
    assert.approximately(half('belt pull', 'belt'), 1, 1e-9)
    assert.approximately(half('weight', 'wheel'), 1, 1e-9)
    const thrust = (work: number) => of(work, 1480, 'wheel thrust', 'wheel')?.axialN ?? NaN
    assert.approximately(thrust(0.5) / thrust(1), 0.5, 1e-9)
  })

  it('half the speed leaves a quarter of the unbalance', () => {
    const at = (speedRpm: number) => of(1, speedRpm, 'unbalance', 'wheel')?.radialN ?? NaN
    assert.approximately(at(740) / at(1480), 0.25, 1e-9)
  })

  it('stops shares that do not make the whole time', () => {
    const steps = [{ share: 0.5, work: 1, speedRpm: 1480 }]
    const check = assessLine(line({ steps }), new Map(), catalogue).checks.find(({ key }) => key === 'duty')
    assert.equal(check?.verdict, 'stop')
    assert.match(check?.reason ?? '', /make \{50 %/)
  })
})

describe('a sketched shaft', () => {
  for (const kind of machineKinds)
    it(`${kind}: stands, is held at one end, and loads both bearings`, () => {
      const sketched = sketchShaft(kind, usualSketch[kind], ['Drive end', 'Far end'])
      const { checks, supports } = assessLine(sketched, new Map(), catalogue)
      assert.isEmpty(checks.filter(({ verdict }) => verdict === 'stop'))
      for (const { radialN } of supports) assert.isAbove(radialN, 0)
    })

  it('hands its loads to the bench, which works with them while it is asked to', () => {
    const shaft = sketchShaft('pump', usualSketch.pump, ['Coupling end', 'Impeller end'])
    const machine = { kind: 'pump', duty: 'round-the-clock', shaft, position: 'Coupling end' } as const
    const position = (from: 'typed' | 'shaft-line') =>
      positionWith({ bearing: { designation: '6312-C3' }, load: { from, radialN: 100, axialN: 0, speedRpm: 50 } })
    const equivalent = (from: 'typed' | 'shaft-line') =>
      assess(position(from), machine, catalogue).lenses.carry.figures['equivalent']?.givens.find(
        ({ symbol }) => symbol === 'F_r',
      )?.value
    assert.deepEqual(equivalent('typed'), { kind: 'number', number: 100 })
    assert.deepEqual(equivalent('shaft-line'), { kind: 'number', number: lineLoads(shaft).supports[0]?.radialN ?? NaN })
    // Without a shaft the typed loads stand.
    const alone = assess(position('shaft-line'), { kind: 'pump', duty: 'round-the-clock' }, catalogue)
    assert.isAbove(numberOf(alone.lenses.carry.figures['life']) ?? 0, 0)
  })
})
