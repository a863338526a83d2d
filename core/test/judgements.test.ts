import { assert } from 'chai'
import { assess, jobKinds, numberOf, type JobPosition, type Machine } from '../src/index.ts'
import { loadLoss } from '../src/seat/fit-result.ts'
import { positionWith, type Changes } from './bench-position.ts'
import { catalogue, references } from './references.ts'

// Single judgements, each worked out beside the program.

const pump: Machine = { kind: 'pump', duty: 'round-the-clock' }
const on = (designation: string, changes: Changes = {}, machine = pump) =>
  assess(
    positionWith({
      seat: { loadCase: 'inner-turns', slides: 'outer' },
      ...changes,
      bearing: { designation, ...changes.bearing },
      load: { radialN: 4000, axialN: 0, speedRpm: 1480, ...changes.load },
    }),
    machine,
    catalogue,
    references.damage,
  )
const rangeOf = (value: unknown): [number, number] => {
  const range = value as { kind: string; from: number; to: number }
  assert.equal(range.kind, 'range')
  return [range.from, range.to]
}
const gauged = (nominalMm: number, um: number): Changes['seat'] => ({
  loadCase: 'inner-turns',
  shaftReadingsMm: Array.from({ length: 2 }, () => [nominalMm + um / 1000, nominalMm + um / 1000]),
})

describe('the shaft under a sleeve', () => {
  // h9 at the bore of the sleeve: IT9 is 74 µm at 70 mm, 87 at 90, 100 at 135.
  for (const [designation, from, to] of [
    ['22216 EK', 69.926, 70],
    ['22220 EK', 89.913, 90],
    ['22230 K', 134.9, 135],
  ] as const)
    it(`of ${designation} is ${from} … ${to} mm, on the bench and in the job`, () => {
      const changes: Changes = { mount: { holding: 'adapter-sleeve' }, load: { radialN: 9000 } }
      const { outcomes, lenses } = on(designation, changes)
      const [low, high] = rangeOf(lenses.seat.figures['shaftLimits']?.value)
      assert.approximately(low, from, 1e-6)
      assert.approximately(high, to, 1e-6)
      assert.equal(outcomes.seat.shaft.bare?.nominalMm, to)
      const gauge = stepsOf(designation, changes).find(({ key }) => key.startsWith('gauge'))
      const reading = gauge?.readings.find(({ key }) => key === 'shaft-0')
      assert.approximately(reading?.low ?? NaN, from, 1e-6)
      assert.approximately(reading?.high ?? NaN, to, 1e-6)
    })

  it('is asked for where a withdrawal sleeve has it from the drawing', () => {
    const { lenses } = on('22216 K', { mount: { holding: 'withdrawal-sleeve' } })
    assert.include(
      lenses.seat.missing.map(({ field }) => field),
      'seat.sleeveShaftMm',
    )
  })

  it('has no cylindrical zone where the taper is ground on the shaft', () => {
    const { lenses } = on('22216 K', { mount: { holding: 'nut' } })
    assert.notEqual(lenses.seat.figures['shaftLimits']?.value?.kind, 'range')
  })
})

function stepsOf(designation: string, changes: Changes) {
  const position: JobPosition = {
    id: '00000000-0000-4000-8000-000000000001',
    name: 'Drive end',
    machine: { ...pump, position: 'Drive end' },
    inputs: positionWith({
      seat: { loadCase: 'inner-turns', slides: 'outer' },
      ...changes,
      bearing: { designation, ...changes.bearing },
      load: { radialN: 4000, axialN: 0, speedRpm: 1480, ...changes.load },
    }),
  }
  return jobKinds['bearing-change'].compose([position], catalogue)
}

describe('the way of mounting', () => {
  // Room left at the aim: 12e-6 · d · (110 − 10 − 20) K less the tightest fit.
  const cases: [why: string, designation: string, changes: Changes, way: string, leftUm: number | null, title: RegExp][] = [
    ['a bore of 150 mm, 93 µm tight', '22230', { seat: gauged(150, 68) }, 'heated', 51, /^Heat and mount$/],
    ['a 6308 on k5', '6308-C3', { load: { radialN: 6000 } }, 'heated', 13, /^Heat and mount$/],
    ['a small bore, 21 µm tight', '6204', { seat: gauged(20, 11) }, 'pressed', -1.8, /^Press it home$/],
    ['a loose sealed ring', '6305-2RS', { seat: { loadCase: 'outer-turns', slides: 'inner' } }, 'by-hand', null, /^Slide it on$/],
    ['a bore over 80 mm beyond all heat', '6330', { seat: gauged(150, 170) }, 'heated-shaft-chilled', null, /^Heat it, chill the shaft/],
  ] // prettier-ignore
  for (const [why, designation, changes, way, leftUm, title] of cases)
    it(`${way}: ${why}; figure, verdict and job say the same`, () => {
      const { outcomes, lenses } = on(designation, changes)
      const { mount } = outcomes
      assert.equal(mount.way, way)
      if (leftUm !== null) assert.approximately(mount.hot?.leftUm ?? NaN, leftUm, 0.6)
      assert.notEqual(lenses.mount.checks.find(({ key }) => key === 'way')?.verdict, 'stop')
      assert.match(stepsOf(designation, changes).find(({ key }) => key.startsWith('mount'))?.title ?? '', title)
    })

  it('presses a small bore with about 5 kN', () =>
    assert.approximately(on('6204', { seat: gauged(20, 11) }).outcomes.mount.pressN ?? NaN, 5000, 700))

  it('is never a press over 80 mm or 50 kN, and a job heats nothing over its limit', () => {
    for (const row of catalogue.rows.filter((_, index) => index % 25 === 0))
      for (const tightUm of [0, 40, 90, 200, 400]) {
        const changes: Changes = { seat: gauged(row.boreMm, tightUm), mount: { roomC: 25, coolingC: 15 } }
        const { way, pressN } = on(row.designation, changes).outcomes.mount
        const mount = stepsOf(row.designation, changes).find(({ key }) => key.startsWith('mount:'))
        if (way === 'pressed') {
          assert.isAtMost(row.boreMm, 80, row.designation)
          assert.isAtMost(pressN ?? 0, 50_000, row.designation)
        } else assert.notMatch(mount?.title ?? '', /Press/, row.designation)
        if (mount?.heat) assert.isAtMost(mount.heat.aimC, mount.heat.limitC, row.designation)
        else assert.notMatch(mount?.title ?? '', /Heat/, row.designation)
      }
  })

  it('heats no sealed ring whose closure does not bear what its fit asks', () => {
    const { mount } = on('6314-2RS', { seat: gauged(70, 60) }).outcomes
    assert.isAtMost(mount.hot?.aimC ?? 0, mount.hot?.limitC ?? 0)
    assert.equal(mount.hot?.aimC, 80)
  })

  for (const [roomC, shown] of [
    [-11, false],
    [-10, true],
    [50, true],
    [51, false],
  ] as const)
    // prettier-ignore
    it(`works out no chilling from a room of ${roomC} °C${shown ? '' : ', which its rule does not cover'}`.replace('no chilling', shown ? 'the chilling' : 'no chilling'), () => {
      const { chilled } = on('6212', { seat: { loadCase: 'outer-turns', slides: 'inner' }, mount: { roomC } }).outcomes.mount
      assert.equal(chilled.length > 0, shown)
    })
})

describe('a closed bearing', () => {
  const grease: Changes['grease'] = { nu40Cst: 110, runningC: 60, cleanliness: 'normal' }
  const has = (designation: string, name: string) => {
    const value = on(designation, { grease, load: { radialN: 600 } }).lenses.grease.figures[name]?.value
    return value?.kind === 'number' || value?.kind === 'range'
  }
  // An insert bearing comes filled, and is fed through its nipple.
  for (const [designation, fed, filled] of [
    ['6204-2Z', false, false],
    ['6308-2RS', false, false],
    ['6308', true, true],
    ['UC208', true, false],
  ] as const)
    it(`${designation} is ${fed ? '' : 'not '}fed with grease and ${filled ? '' : 'not '}filled, by lens and by job`, () => {
      assert.equal(has(designation, 'quantity'), fed)
      assert.equal(has(designation, 'fill'), filled)
      const steps = stepsOf(designation, { grease, load: { radialN: 600 } })
      assert.equal(steps.some(({ key }) => key.startsWith('fill:')), filled) // prettier-ignore
    })
})

describe('single figures', () => {
  it('takes the larger of both rules for what the load takes of a fit', () => {
    // 0.08 √(70 · 17 100 / 35) against 0.02 · 17 100 / 35; and no step where the rules meet.
    assert.approximately(loadLoss(70, 35, 17_100, 68_000), 14.79, 0.01)
    assert.isAtLeast(loadLoss(70, 35, 17_010, 68_000), loadLoss(70, 35, 16_990, 68_000))
  })

  it('rates a four-point bearing on two rows', () => {
    const { figures } = on('QJ312', { load: { radialN: 0, axialN: 9000, speedRpm: 2980 } }).lenses.carry
    assert.approximately(numberOf(figures['dynamicRating']) ?? NaN, 163_000, 1500)
    assert.approximately(numberOf(figures['staticRating']) ?? NaN, 146_000, 1500)
    assert.approximately(numberOf(figures['life']) ?? NaN, 27_000, 1500)
  })

  it('gives 40° ball bearings the axial force of their half zone: 1020 N at 1000 N', () => {
    const { figures } = on('7214 B', { load: { radialN: 1000, arrangement: 'back-to-back', partnerRadialN: 1000 } }).lenses.carry // prettier-ignore
    const own = JSON.stringify(figures['inducedOwn'] ?? figures['induced'] ?? figures)
    assert.match(own, /102[34]\.\d+/)
  })

  it('loosens a tight ring in a hot light-alloy hub: N7 on 110 mm at 100 °C is 51 to 101 µm loose', () => {
    const { seat } = on('6212-C3', {
      load: { speedRpm: 600 },
      seat: { loadCase: 'outer-turns', slides: 'inner' },
      float: { housingMaterial: 'aluminium', innerC: 100, outerC: 100 },
    }).lenses
    const found = seat.checks.find(({ key }) => key === 'housingComesLoose')
    assert.equal(found?.verdict, 'stop')
    assert.deepEqual(seat.figures['housingZone']?.value, { kind: 'text', text: 'N7' })
    assert.match(found?.reason ?? '', /\{-101\.?\d* µm\} to \{-51\.?\d* µm\}/)
  })

  it('shows a life over 200 000 h as such', () => {
    const life = on('6324-C3', { load: { radialN: 4000, speedRpm: 300 } }).lenses.carry.figures['life']
    assert.equal(life?.most, 200_000)
  })

  for (const [designation, speedRpm, verdict] of [
    ['6316-2RS', 2950, 'stop'],
    ['6308-2RS', 4000, 'watch'],
    ['6204-2RS', 2950, undefined],
    ['6316', 2950, undefined],
  ] as const)
    it(`${designation} at ${speedRpm} r/min: ${verdict ?? 'nothing'}`, () =>
      assert.equal(on(designation, { load: { radialN: 900, speedRpm } }).lenses.carry.checks.find(({ key }) => key === 'speed')?.verdict, verdict)) // prettier-ignore

  it('asks of spherical rings over 120 °C what they are stabilised to, and stops none', () => {
    const { findings, questions } = on('22216-C3', { bearing: { hottestRingC: 130 }, load: { radialN: 9000 } })
    assert.isUndefined(findings.find(({ key }) => key === 'heat'))
    assert.exists(questions.find(({ key }) => key === 'heat'))
  })

  it('reads the precision class of the number, and tightens no pair', () => {
    const { seat } = on('7014 C-P4', { load: { arrangement: 'back-to-back', partnerRadialN: 3000, radialN: 1500, speedRpm: 4000 } }).lenses // prettier-ignore
    // Bore of class 4 at 70 mm: −7 … 0 µm.
    assert.approximately(rangeOf(seat.figures['shaftFit']?.value)[1], 9, 6)
    assert.isUndefined(seat.checks.find(({ key }) => key === 'holds'))
  })
})

describe('the least play when hot', () => {
  // Face to face over 200 mm, the inner rings 1 K warmer: what is lost is the same for each.
  const hot = (endPlayMm: number) =>
    on('32214', {
      load: { arrangement: 'face-to-face', partnerRadialN: 5000, radialN: 8600, speedRpm: 960 },
      float: { endPlayMm, innerC: 61, outerC: 60, spanMm: 200 },
    })
  const lostMm = 0.1 - (hot(0.1).outcomes.float.pair?.hotMm ?? NaN)
  for (const [leftMm, verdict] of [
    [0.015, 'watch'],
    [0.019, 'watch'],
    [0.021, 'go'],
    [0.1, 'go'],
  ] as const)
    it(`${verdict} at ${leftMm} mm`, () => {
      const found = hot(lostMm + leftMm).lenses.float.checks.find(({ key }) => key === 'endPlay')
      assert.equal(found?.verdict, verdict)
    })
})

describe('the load of a greased bearing', () => {
  const intervalAt = (radialN: number) =>
    on('6314-C3', { load: { radialN }, grease: { nu40Cst: 110, runningC: 60, cleanliness: 'normal' } }).outcomes.grease
      .intervalH ?? NaN

  it('shortens its interval up to 0.35 of the rating, and no further', () => {
    const ratingN = numberOf(on('6314-C3').lenses.carry.figures['dynamicRating']) ?? NaN
    assert.isBelow(intervalAt(0.3 * ratingN), intervalAt(0.2 * ratingN))
    assert.isBelow(intervalAt(0.34 * ratingN), intervalAt(0.3 * ratingN))
    assert.approximately(intervalAt(0.4 * ratingN), intervalAt(0.36 * ratingN), 1e-6)
  })
})

describe('the limit of a run-up', () => {
  for (const [why, runningC, highC] of [
    ['fifteen over what it runs at', 62, 77],
    ['never under sixty', 30, 60],
    ['eighty-five where nobody knows', null, 85],
  ] as const)
    it(why, () => {
      const steps = stepsOf('6314-C3', { grease: { runningC } })
      const readings = steps.find(({ key }) => key === 'run-up')?.readings ?? []
      assert.deepEqual([...new Set(readings.filter(({ key }) => key.startsWith('after-')).map(({ high }) => high))], [highC]) // prettier-ignore
    })
})
