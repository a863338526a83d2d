import { assert } from 'chai'
import { assess, numberOf, remedies, lookUpBearing } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const pump = { kind: 'pump', duty: 'round-the-clock' } as const
const position = (seat: Changes['seat'], designation = '6214-C3', load: Changes['load'] = {}) =>
  positionWith({
    bearing: { designation },
    load: { radialN: 5000, axialN: 0, speedRpm: 1480, ...load },
    seat: { loadCase: 'inner-turns', ...seat },
    float: { innerC: 70, outerC: 60 },
  })
const run = (...given: Parameters<typeof position>) => assess(position(...given), pump, catalogue)
const check = (seat: Changes['seat'], key: string, designation?: string) =>
  run(seat, designation).lenses.seat.checks.find((one) => one.key === key)

/** Three planes of four directions about 70 mm, off nominal in µm. */
const sheet = (...planesUm: number[][]) => planesUm.map((plane) => plane.map((um) => 70 + um / 1000))

describe('assess: gauged seats', () => {
  // k5 at 70 mm is +2 … +15 µm; form limit IT5/2 = 6.5 µm.
  const cases: [why: string, planes: number[][], verdict: string, reason: RegExp][] = [
    ['in the zone, round and parallel', [[8, 9, 8, 9], [7, 8, 7, 8]], 'go', /within k5/],
    ['a little tapered', [[13, 14, 13, 14], [5, 6, 5, 6]], 'watch', /tapers \{8 µm\}, allowed \{6\.5 µm\}/],
    ['out of taper', [[14, 15, 14, 15], [2, 1, 2, 1], [-4, -5, -4, -5]], 'stop', /tapers \{19 µm\}.*never over \{13 µm\}/],
    ['oval', [[2, 15, 2, 15], [2, 15, 2, 15]], 'watch', /oval by \{13 µm\}/],
    ['worn all round', [[-20, -21, -20, -21], [-20, -21, -20, -21]], 'stop', /outside k5/],
  ] // prettier-ignore
  for (const [why, planes, verdict, reason] of cases)
    it(`${verdict}: ${why}`, () => {
      const found = check({ shaftReadingsMm: sheet(...planes) }, 'shaftGauge')
      assert.equal(found?.verdict, verdict)
      assert.match(found?.reason ?? '', reason)
    })

  it('leaves a plane with one reading out, and waits for a second', () => {
    assert.isUndefined(check({ shaftReadingsMm: [[70.008, null, null, null]] }, 'shaftGauge'))
    assert.equal(
      check(
        {
          shaftReadingsMm: [
            [70.008, 70.009, null, null],
            [70.1, null, null, null],
          ],
        },
        'shaftGauge',
      )?.verdict,
      'go',
    )
  })

  it('names a slipped digit', () => {
    const found = check({ shaftReadingsMm: [[70.008, 700.09]] }, 'shaftGauge')
    assert.equal(found?.verdict, 'stop')
    assert.match(found?.reason ?? '', /within 1 mm of nominal/)
  })

  it('hands the seat that is there on to clearance and heat, in place of the zone', () => {
    const asked = run({})
    // 70.030 is far tighter than k5: more clearance is lost, and the hot ring has less room.
    const there = run({ shaftReadingsMm: sheet([30, 30, 30, 30], [30, 30, 30, 30]) })
    const probable = (one: typeof asked) =>
      one.lenses.float.figures['operating']?.givens.find(({ label }) => label === 'probable')?.value
    const [before, after] = [probable(asked), probable(there)]
    assert.isBelow(after?.kind === 'number' ? after.number : 0, before?.kind === 'number' ? before.number : 0)
    assert.isBelow(there.outcomes.mount.hot?.leftUm ?? NaN, asked.outcomes.mount.hot?.leftUm ?? NaN)
  })

  it('works with the ring as measured', () => {
    const { figures } = run({ shaftReadingsMm: sheet([10, 10], [10, 10]), boreDeviationUm: -8 }).lenses.seat
    assert.approximately(numberOf(figures['shaftActual']) ?? 0, 18, 1e-6)
  })

  it('stops for a loose ring under a turning load, and not under a standing one', () => {
    const worn = sheet([-12, -12], [-12, -12])
    assert.equal(check({ shaftReadingsMm: worn, boreDeviationUm: -2 }, 'shaftCreep')?.verdict, 'stop')
    assert.isUndefined(
      check({ shaftReadingsMm: worn, boreDeviationUm: -2, loadCase: 'outer-turns', slides: 'inner' }, 'shaftCreep'),
    )
  })

  it('gives the remedies of a gauged seat, and none before', () => {
    const lookup = lookUpBearing('6214-C3', catalogue)
    assert.isEmpty(remedies('shaft', position({}), pump, lookup))
    const ways = remedies('shaft', position({ shaftReadingsMm: sheet([-20, -20], [-20, -20]) }), pump, lookup)
    assert.deepEqual([ways[0]?.key, ways.find(({ key }) => key === 'fit')?.barred], ['rework', 'The seat is rejected.'])
  })
})

describe('assess: zones beside the chosen one', () => {
  it('names the letter on either side with its fit and its reason', () => {
    const { figures } = run({}).lenses.seat
    assert.deepEqual(
      figures['shaftOthers']?.givens.map(({ label }) => label),
      ['j5', 'm5'],
    )
    for (const { from } of figures['shaftOthers']?.givens ?? []) assert.isNotEmpty(from)
  })

  it('a looser zone is looser and a tighter one tighter', () => {
    for (const designation of ['6214', 'NU2218', '22316', '30212']) {
      const { figures } = run({}, designation).lenses.seat
      for (const seat of ['shaft', 'housing']) {
        const chosen = figures[`${seat}Fit`]?.value
        const [looser, tighter] = (figures[`${seat}Others`]?.givens ?? []).map(({ value }) => value)
        if (chosen?.kind !== 'range' || looser?.kind !== 'range' || tighter?.kind !== 'range') continue
        assert.isBelow(looser.to, chosen.to, designation)
        assert.isAbove(tighter.to, chosen.to, designation)
      }
    }
  })
})

describe('assess: inch seats', () => {
  const inch = { system: 'inch-tapered', coneAdjust: 'non-adjustable', cupAdjust: 'adjustable' } as const

  it('gives limits in place of a zone for a cone', () => {
    const { figures } = run(inch, '32214').lenses.seat
    assert.deepEqual(figures['zones']?.value, { kind: 'text', text: 'inch seat / inch seat' })
    // Bore class 4 up to 76.2 mm: 0 … +13 µm; the moderate row +38 … +25 gives 12 … 38 µm tight.
    assert.deepEqual(figures['shaftFit']?.value?.kind, 'range')
  })

  it('asks of cone and cup, each for itself, whether it is moved', () => {
    const asked = (seat: Changes['seat']) => run(seat, '32214').lenses.seat.missing.map(({ field }) => field)
    assert.includeMembers(asked({ system: 'inch-tapered' }), ['seat.coneAdjust', 'seat.cupAdjust'])
    const cupOnly = asked({ system: 'inch-tapered', coneAdjust: 'non-adjustable' })
    assert.notInclude(cupOnly, 'seat.coneAdjust')
    assert.include(cupOnly, 'seat.cupAdjust')
  })

  it('takes the inch tables where the number is an inch one, whatever is said of the system', () => {
    const { figures } = run({ coneAdjust: 'non-adjustable', cupAdjust: 'adjustable' }, 'HM88649/10').lenses.seat
    assert.deepEqual(figures['zones']?.value, { kind: 'text', text: 'inch seat / inch seat' })
    // Bore 0 … +12.7 µm, seat +25.4 … +38.1; cup 0 … +25.4, housing 0 … +25.4.
    assert.deepInclude(figures['shaftFit']?.value, { kind: 'range', from: 12.7, to: 38.1 })
    assert.deepInclude(figures['housingFit']?.value, { kind: 'range', from: -25.4, to: 25.4 })
  })

  it('refuses a cup that floats under a load that turns on it', () => {
    const turning = run({ loadCase: 'outer-turns', coneAdjust: 'adjustable', cupAdjust: 'floating' }, 'HM88649/10')
    assert.include(turning.lenses.seat.checks.map(({ verdict }) => verdict), 'stop') // prettier-ignore
  })

  it('is for tapered roller bearings alone', () =>
    assert.deepEqual(run(inch).lenses.seat.figures['zones'], run({}).lenses.seat.figures['zones']))
})

describe('assess: no inner ring', () => {
  const bare = (holding: Changes['mount']) =>
    assess(
      positionWith({
        bearing: { designation: 'NU214' },
        load: { radialN: 20_000, axialN: 0, speedRpm: 1480 },
        seat: { loadCase: 'inner-turns' },
        mount: { roomC: 20, ...holding },
      }),
      pump,
      catalogue,
    ).lenses

  it('judges no shaft seat, for the shaft is the raceway, and the housing as ever', () => {
    const { seat, mount } = bare({ holding: 'no-inner-ring' })
    // The rollers run on 80 mm: h5 there is −13 … 0 µm.
    assert.deepEqual(seat.figures['shaftLimits']?.value, { kind: 'range', from: 79.987, to: 80 })
    assert.isNotNull(seat.figures['housingLimits']?.value ?? null)
    assert.match(mount.checks[0]?.reason ?? '', /no inner ring to heat/)
  })

  it('judges it as soon as there is one', () => {
    const { seat, mount } = bare({ holding: 'shoulder' })
    assert.isNotNull(seat.figures['shaftLimits']?.value ?? null)
    assert.notMatch(mount.checks[0]?.reason ?? '', /no inner ring/)
  })
})
