import { assert } from 'chai'
import fc from 'fast-check'
import {
  assess,
  emptyPosition,
  lenses,
  numberOf,
  RollingPosition,
  type RollingAssessment,
  type RollingGroups,
  type Machine,
} from '../src/index.ts'
import { catalogue, references } from './references.ts'

const pump: Machine = { kind: 'pump', duty: 'round-the-clock' }

/** A filled-in position with some groups changed. */
function position(changes: { [G in keyof RollingGroups]?: Partial<RollingGroups[G]> } = {}): RollingPosition {
  const base = {
    bearing: { designation: '6314-C3', requiredClearance: 'C3' },
    load: { radialN: 9000, axialN: 0, speedRpm: 1480 },
    seat: { loadCase: 'inner-turns', slides: 'outer' },
  } as const
  const { schema: _schema, kind: _kind, ...empty } = emptyPosition()
  return RollingPosition.parse(
    Object.fromEntries(
      (Object.keys(empty) as (keyof RollingGroups)[]).map((group) => [
        group,
        { ...empty[group], ...(base as Record<string, object>)[group], ...changes[group] },
      ]),
    ),
  )
}

const run = (changes: Parameters<typeof position>[0] = {}, machine = pump) =>
  assess(position(changes), machine, catalogue, references.damage)
/** Verdict of a check; `key@lens` where two lenses have one of that name. */
const verdictOf = (assessment: RollingAssessment, name: string) => {
  const [key, only] = name.split('@')
  return lenses
    .filter((lens) => !only || lens === only)
    .flatMap((lens) => assessment.lenses[lens].checks)
    .find((check) => check.key === key)?.verdict
}

describe('assess', () => {
  describe('a whole position, worked out by hand', () => {
    const whole = run()

    it('names the bearing', () =>
      assert.deepEqual(whole.lenses.identify.figures['designation']?.value, { kind: 'text', text: '6314-C3' }))

    it('gives the life of 6314 under 9000 N: (104.157/9)³ million turns at 1480 a minute', () =>
      assert.approximately(numberOf(whole.lenses.carry.figures['life']) ?? 0, 17_455, 30))

    it('takes k5 and H7: P/C 0.086, inner ring turning, outer ring free to slide', () =>
      assert.deepEqual(whole.lenses.seat.figures['zones']?.value, { kind: 'text', text: 'k5 / H7' }))

    // k5 at 70 mm is +2 … +15, the bore −15 … 0.
    it('gets 2 … 30 µm tight on the shaft', () =>
      assert.deepEqual(whole.lenses.seat.figures['shaftFit']?.value, { kind: 'range', from: 2, to: 30 }))

    // 12e-6 · 70 mm · (110 − 10 − 20) K = 67.2 µm of growth over 30 µm
    it('heats the ring to 110 °C, which leaves 37 µm of room', () => {
      assert.equal(numberOf(whole.lenses.mount.figures['ring']), 110)
      assert.approximately(whole.outcomes.mount.hot?.leftUm ?? NaN, 37.2, 0.01)
    })
  })

  describe('verdicts', () => {
    const cases: [why: string, key: string, verdict: string, changes: Parameters<typeof position>[0]][] = [
      ['the class called for is in the box', 'clearance', 'go', {}],
      ['no suffix means normal, not any', 'clearance', 'stop', { bearing: { designation: '6314' } }],
      ['a class more clearance than called for', 'clearance', 'watch', { bearing: { designation: '6314-C4' } }],
      ['nobody said what is called for: a question', 'clearance', 'go', { bearing: { requiredClearance: null } }],
      ['a tapered roller bearing has no class', 'clearance', 'go', { bearing: { designation: '32214', requiredClearance: null } }],
      ['a maker’s letters are not read', 'unread', 'watch', { bearing: { designation: '6314 DDU C3' } }],
      ['no such number', 'designation', 'stop', { bearing: { designation: 'fan' } }],
      ['a bore beyond the tables', 'designation', 'stop', { bearing: { designation: '230/530' } }],
      ['thrust on a bearing without ribs', 'refused', 'stop', { bearing: { designation: 'NU314-C3' }, load: { axialN: 200 } }],
      ['thrust on one rib: a question which way', 'oneWay', 'go', { bearing: { designation: 'NJ314-C3' }, load: { axialN: 200 } }],
      ['too much thrust on ribs', 'refused', 'stop', { bearing: { designation: 'NUP314-C3' }, load: { axialN: 5000 } }],
      ['long enough', 'life', 'go', { load: { wantedLifeH: 17_000 } }],
      ['too short', 'life', 'watch', { load: { wantedLifeH: 30_000 } }],
      ['less than half of what is wanted', 'life', 'stop', { load: { wantedLifeH: 40_000 } }],
      ['a load above the rating', 'life', 'stop', { load: { radialN: 120_000 } }],
      ['more than half of the rating', 'heavy', 'watch', { load: { radialN: 60_000 } }],
      ['hardly any load', 'minimum', 'watch', { load: { radialN: 500 } }],
      ['a shock at standstill', 'staticSafety', 'stop', { load: { radialN: 68_000, running: 'shock' } }],
      ['one row unloaded', 'unloadedRow', 'watch', { bearing: { designation: '22214-C3' }, load: { axialN: 4000 } }],
      ['the wrong ring slides', 'shaftRefused', 'stop', { seat: { slides: 'inner' } }],
      ['a split housing under a turning load', 'splitRotating', 'stop', { seat: { loadCase: 'outer-turns', slides: 'none', housing: 'split' } }],
      ['a sealed bearing with room at its 80 °C', 'way', 'go', { bearing: { designation: '6314-2RS-C3' } }],
      ['hardly any room at 110 °C', 'way', 'watch', { seat: { shaftReadingsMm: [[70.05, 70.05], [70.05, 70.05]] } }],
      ['no room at all, but a press does it', 'way', 'go', { seat: { shaftReadingsMm: [[70.06, 70.06], [70.06, 70.06]] } }],
      ['a loose inner ring slides on cold', 'way', 'go', { seat: { loadCase: 'outer-turns', slides: 'inner' } }],
      ['a tapered bore is driven up', 'way', 'go', { bearing: { designation: '22214 K-C3' } }],
      ['clearance is left at the tight end', 'clearance@float', 'go', { float: { innerC: 45, outerC: 40 }, bearing: { designation: '6314-C4', requiredClearance: 'C4' } }],
      ['a touch of preload costs a ball bearing nothing', 'clearance@float', 'go', { bearing: { designation: '6314', requiredClearance: 'CN' }, float: { innerC: 95, outerC: 75 } }],
      ['a hot shaft preloads it out of half its life', 'clearance@float', 'stop', { bearing: { designation: '6314', requiredClearance: 'CN' }, float: { innerC: 100, outerC: 60 } }],
      ['the growth has room', 'growth', 'go', { float: { locatedEnds: 1, spanMm: 600, assemblyC: 20, hottestC: 70, roomTowardMm: 1, roomAwayMm: 0.5 } }],
      ['hardly any room', 'growth', 'watch', { float: { locatedEnds: 1, spanMm: 600, assemblyC: 20, hottestC: 70, roomTowardMm: 0.5, roomAwayMm: 0.5 } }],
      ['both ends held', 'growth', 'stop', { float: { locatedEnds: 2, spanMm: 600, assemblyC: 20, hottestC: 70 } }],
      ['neither end held', 'growth', 'watch', { float: { locatedEnds: 0, spanMm: 600, assemblyC: 20, hottestC: 70, roomTowardMm: 1, roomAwayMm: 1 } }],
      ['the film holds', 'film@grease', 'go', { grease: { nu40Cst: 110, runningC: 60 } }],
      ['the surfaces touch', 'film@grease', 'watch', { grease: { nu40Cst: 15, runningC: 80 } }],
      ['too hot to grease', 'interval', 'stop', { grease: { nu40Cst: 110, runningC: 130 } }],
      ['greases that ruin each other', 'mix', 'stop', { grease: { thickener: 'lithium', thickenerBefore: 'polyurea' } }],
      ['greases that may mix', 'mix', 'go', { grease: { thickener: 'lithium', thickenerBefore: 'lithium-complex' } }],
      ['faster than the type stands', 'speed', 'stop', { load: { speedRpm: 6000 } }],
      ['near the speed limit', 'speed', 'watch', { load: { speedRpm: 4000 } }],
      ['marks name a cause', 'cause', 'watch', { diagnose: { seen: ['fluting', 'vfd-fed'] } }],
      ['no drive-up table for a class it does not hold', 'way', 'watch', { bearing: { designation: '22216 EK-C2' } }],
      ['a self-aligning ball bearing goes up by its nut', 'way', 'go', { bearing: { designation: '1214 K-C3' } }],
    ] // prettier-ignore
    for (const [why, key, verdict, changes] of cases)
      it(`${verdict}: ${why}`, () => assert.equal(verdictOf(run(changes), key), verdict))
  })

  it('shows no life for a load the type cannot take', () => {
    const { figures } = run({ bearing: { designation: 'NU314-C3' }, load: { axialN: 200 } }).lenses.carry
    assert.isNull(figures['life']?.value)
    assert.match(figures['life'].refusal?.message ?? '', /axial load must be 0 N/)
  })

  it('judges life with film and dirt once they are known', () => {
    const dirty = run({
      load: { wantedLifeH: 17_000 },
      grease: { nu40Cst: 46, runningC: 75, cleanliness: 'very-severe' },
    })
    const { figures, checks } = dirty.lenses.carry
    assert.isBelow(numberOf(figures['modified']) ?? NaN, numberOf(figures['life']) ?? NaN)
    assert.equal(checks.find(({ key }) => key === 'life')?.verdict, 'stop')
  })

  it('hands the facts of the other lenses to the ranking', () => {
    const { figures } = run({ float: { locatedEnds: 2 }, diagnose: { seen: ['track-all-round-stationary'] } }).lenses
      .diagnose
    assert.match(JSON.stringify(figures['cause']?.givens), /both ends located/)
  })

  it('leaves a lens nobody has begun out of the state', () => {
    const { lenses: all, state } = run({ load: { wantedLifeH: 17_000 } })
    assert.deepEqual([all.float.state, all.diagnose.state, state], ['idle', 'idle', 'go'])
  })

  it('puts the maker’s rating in place of the estimate, and the label goes', () => {
    const { figures } = run({ bearing: { makerDynamicN: 111_000 } }).lenses.carry
    assert.equal(numberOf(figures['dynamicRating']), 111_000)
    assert.isFalse(figures['dynamicRating']?.estimate)
    assert.isFalse(figures['life']?.estimate)
  })

  it('chooses a quieter motor seat and a finer grade for a precise bearing', () => {
    const motor = run({}, { kind: 'motor', duty: 'one-shift' })
    assert.deepEqual(motor.lenses.seat.figures['housingZone']?.value, { kind: 'text', text: 'H6' })
    const spindle = run({ seat: { toleranceClass: 'P4' } }, { kind: 'spindle', duty: 'spindle' })
    assert.deepEqual(spindle.lenses.seat.figures['shaftZone']?.value, { kind: 'text', text: 'js4' })
  })

  it('names what is missing instead of guessing', () => {
    const empty = assess(emptyPosition(), pump, catalogue)
    assert.equal(empty.state, 'open')
    assert.deepEqual(
      empty.lenses.carry.missing.map(({ field }) => field),
      ['bearing.designation', 'load.radialN', 'load.speedRpm'],
    )
    for (const lens of lenses) assert.isNull(empty.lenses[lens].figures[empty.lenses[lens].headline]?.value)
  })

  it('lists what matters now first, worst first, in working order; then what matters at the next fitting', () => {
    const { findings, state } = run({
      bearing: { designation: '6314', requiredClearance: 'C3' },
      seat: {
        shaftReadingsMm: [
          [70.05, 70.05],
          [70.05, 70.05],
        ],
      },
      grease: { nu40Cst: 15, runningC: 80 },
    })
    assert.equal(state, 'stop')
    assert.deepEqual(
      findings.map(({ lens, verdict }) => `${lens} ${verdict}`),
      ['identify stop', 'carry stop', 'seat stop', 'seat watch', 'grease watch', 'mount watch'],
    )
  })

  it('gives every finding a reason and a way out', () => {
    for (const { designation } of catalogue.rows.filter((_, index) => index % 40 === 0)) {
      for (const { reason, wayOut } of run({ bearing: { designation } }).findings) {
        assert.match(reason, /\.$/)
        assert.match(wayOut, /\.$/)
      }
    }
  })

  it('gives every figure its formula and source', () => {
    const { lenses: all } = run()
    for (const lens of lenses)
      for (const [name, figure] of Object.entries(all[lens].figures)) {
        assert.isNotEmpty(figure.formula, name)
        assert.isNotEmpty(figure.source, name)
      }
  })

  const designations = catalogue.everyRow.map((row) => row.designation)
  const anyPosition = fc.record({
    designation: fc.constantFrom(...designations),
    suffix: fc.constantFrom('', '-C3', 'K', '-2RS', ' XYZ'),
    radialN: fc.option(fc.double({ min: 0, max: 1e6, noNaN: true })),
    axialN: fc.option(fc.double({ min: 0, max: 1e6, noNaN: true })),
    speedRpm: fc.option(fc.double({ min: 0.1, max: 50_000, noNaN: true })),
    loadCase: fc.constantFrom('inner-turns', 'outer-turns', 'load-turns', 'both', null),
    housing: fc.constantFrom('solid', 'split', 'thin-wall', 'light-alloy'),
    slides: fc.constantFrom('none', 'outer', 'inner'),
    toleranceClass: fc.constantFrom('normal', 'P6', 'P5', 'P4'),
    roomC: fc.option(fc.double({ min: -20, max: 60, noNaN: true })),
    hotC: fc.option(fc.double({ min: -20, max: 200, noNaN: true })),
    nu40Cst: fc.option(fc.double({ min: 2, max: 5000, noNaN: true })),
    locatedEnds: fc.constantFrom(0, 1, 2, null),
    thickener: fc.constantFrom('lithium', 'polyurea', 'sodium', null),
    arrangement: fc.constantFrom('single', 'back-to-back', 'face-to-face'),
    axialWay: fc.constantFrom('right', 'left', 'both'),
    partnerRadialN: fc.option(fc.double({ min: 0, max: 1e6, noNaN: true })),
    tiltDeg: fc.option(fc.double({ min: 0, max: 90, noNaN: true })),
    shockFactor: fc.option(fc.double({ min: 1, max: 5, noNaN: true })),
    steps: fc.array(
      fc.record({
        radialN: fc.double({ min: 0, max: 1e5, noNaN: true }),
        axialN: fc.double({ min: 0, max: 1e5, noNaN: true }),
        speedRpm: fc.double({ min: 0, max: 5000, noNaN: true }),
        share: fc.double({ min: 0, max: 1, noNaN: true }),
      }),
      { maxLength: 3 },
    ),
    system: fc.constantFrom('metric', 'inch-tapered'),
    coneAdjust: fc.constantFrom('adjustable', 'non-adjustable', 'floating', null),
    cupAdjust: fc.constantFrom('adjustable', 'non-adjustable', 'floating', null),
    readings: fc.array(fc.array(fc.option(fc.double({ min: 1, max: 300, noNaN: true })), { maxLength: 4 }), {
      maxLength: 3,
    }),
    role: fc.constantFrom('locating', 'floating', null),
    floatsIn: fc.constantFrom('housing', 'bearing'),
    endPlayMm: fc.option(fc.double({ min: -0.5, max: 5, noNaN: true })),
    measured: fc.array(fc.double({ min: 1, max: 300, noNaN: true }), { maxLength: 3 }),
    closure: fc.constantFrom('open', 'shield', 'contact-seal', 'low-friction-seal', null),
    hottestRingC: fc.option(fc.double({ min: 0, max: 300, noNaN: true })),
    seen: fc.subarray(['fluting', 'rust', 'at-inner-raceway', 'no such sign'], { maxLength: 3 }),
  })

  it('never throws and never shows a number that is none, whatever the schema lets in', () => {
    fc.assert(
      fc.property(anyPosition, (given) => {
        const {
          designation,
          suffix,
          radialN,
          axialN,
          speedRpm,
          roomC,
          loadCase,
          housing,
          slides,
          toleranceClass,
          ...rest
        } = given
        const { hotC, nu40Cst, locatedEnds, thickener, seen, readings, measured, closure, hottestRingC, ...more } = rest
        const {
          arrangement,
          axialWay,
          partnerRadialN,
          tiltDeg,
          shockFactor,
          steps,
          system,
          coneAdjust,
          cupAdjust,
          ...ends
        } = more
        const assessment = run({
          bearing: { designation: designation + suffix, requiredClosure: closure, hottestRingC },
          identify: { boreMm: measured, odMm: measured, widthMm: measured, leftClosure: closure },
          load: {
            radialN,
            axialN,
            speedRpm,
            arrangement,
            axialWay,
            partnerRadialN,
            tiltDeg,
            rotorKg: 100,
            shockFactor,
            steps,
          },
          seat: {
            loadCase,
            housing,
            slides,
            toleranceClass,
            system,
            coneAdjust,
            cupAdjust,
            shaftReadingsMm: readings,
            housingReadingsMm: readings,
          },
          mount: { roomC },
          float: {
            innerC: hotC,
            outerC: roomC,
            locatedEnds,
            spanMm: 600,
            assemblyC: 20,
            hottestC: hotC,
            ...ends,
          },
          grease: { nu40Cst, runningC: hotC, cleanliness: 'slight', thickener, thickenerBefore: 'clay' },
          diagnose: { seen },
        })
        for (const lens of lenses)
          for (const [name, { value }] of Object.entries(assessment.lenses[lens].figures)) {
            if (value?.kind === 'number') assert.isTrue(Number.isFinite(value.number), name)
            if (value?.kind === 'range') assert.isTrue(value.from <= value.to, name)
          }
      }),
      { numRuns: 400 },
    )
  })

  it('gives less life for more load', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('6214', 'NU214', '22214', '32214', '7214 B'),
        fc.double({ min: 500, max: 20_000, noNaN: true }),
        fc.double({ min: 1.01, max: 2, noNaN: true }),
        (designation, radialN, times) => {
          const life = (load: number) =>
            numberOf(run({ bearing: { designation }, load: { radialN: load } }).lenses.carry.figures['life']) ?? NaN
          assert.isAbove(life(radialN), life(radialN * times))
        },
      ),
    )
  })
})
