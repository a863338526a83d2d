import { assert } from 'chai'
import fc from 'fast-check'
import {
  assess,
  materialByLook,
  plainMaterials,
  plainSteps,
  plainWhatIfs,
  Position,
  type PlainPosition,
} from '../../src/index.ts'
import { bushMaterials } from '../../src/plain/bush-materials.ts'
import { assessPosition } from '../../src/assess-position.ts'
import { references } from '../references.ts'
import { judge, motorWith, pivotWith, running } from './plain-position.ts'

const carry = (position: PlainPosition) => judge(position).outcomes.carry

describe('laws of a plain bearing', () => {
  const times = fc.double({ min: 1.05, max: 3, noNaN: true })
  it('more load, thinner film; hotter room, thinner film; thicker oil, thicker film', () => {
    fc.assert(
      fc.property(times, (more) => {
        const film = (changes: Parameters<typeof motorWith>[0]) => carry(motorWith(changes)).filmUm ?? 0
        const now = film({})
        assert.isBelow(film({ load: { radialN: 7000 * more } }), now)
        assert.isBelow(film({ oil: { roomC: 25 + 10 * more } }), now)
        assert.isAbove(film({ oil: { nu40Cst: 68 * more } }), now)
      }),
      { numRuns: 30 },
    )
  })
  it('more clearance, less heat; more load on a bush, shorter life', () => {
    const heat = (measuredMm: number) => carry(motorWith({ float: { measuredMm } })).balance?.value?.powerW ?? 0
    assert.isBelow(heat(0.2), heat(0.1))
    const life = (radialN: number) => carry(pivotWith({ load: { radialN } })).wear?.lifeH ?? 0
    assert.isBelow(life(12_000), life(6000))
  })
  it('a hotter shaft leaves less clearance, a hotter housing more', () => {
    const hot = (shaftC: number, housingC: number) =>
      judge(motorWith({ float: { shaftC, housingC } })).outcomes.float.hotMm ?? 0
    assert.isBelow(hot(90, 50), hot(70, 50))
    assert.isAbove(hot(70, 60), hot(70, 50))
  })
  it('a swing is as fast as the way it goes', () => {
    // ±45° once a minute is half a turn.
    assert.closeTo(
      carry(pivotWith({ load: { speedRpm: null, swingDeg: 45, swingsPerMin: 1 } })).speedRpm ?? 0,
      0.5,
      1e-9,
    )
  })
  it('never throws, whatever its schema takes', () => {
    const size = fc.option(fc.double({ min: 5, max: 1000, noNaN: true }), { nil: null })
    const some = fc.record({
      bearing: fc.record({ journalMm: size, lengthMm: size, material: fc.constantFrom(null, ...plainMaterials), form: fc.constantFrom('solid', 'split', 'flanged', 'sintered', 'lined') }),
      load: fc.record({ radialN: fc.option(fc.double({ min: 0, max: 1e7, noNaN: true }), { nil: null }), speedRpm: fc.option(fc.double({ min: 0, max: 100_000, noNaN: true }), { nil: null }) }),
      oil: fc.record({ lubrication: fc.constantFrom(null, 'dry', 'grease', 'oil-fed'), supply: fc.constantFrom('ring', 'bath', 'feed', 'wick'), nu40Cst: fc.option(fc.double({ min: 2, max: 5000, noNaN: true }), { nil: null }), roomC: fc.option(fc.double({ min: -40, max: 100, noNaN: true }), { nil: null }), inletC: fc.option(fc.double({ min: -20, max: 120, noNaN: true }), { nil: null }) }),
      float: fc.record({ measuredMm: fc.option(fc.double({ min: -1, max: 20, noNaN: true }), { nil: null }) }),
      seat: fc.record({ housingBoreMm: size, bushOdMm: size, freeBoreMm: size, housingOdMm: fc.option(fc.double({ min: 10, max: 5000, noNaN: true }), { nil: null }) }),
    }) // prettier-ignore
    fc.assert(
      fc.property(some, (groups) => {
        const position = Position.parse({ kind: 'plain', ...groups })
        assert.doesNotThrow(() => assess(position, running, references.catalogue))
      }),
      { numRuns: 400 },
    )
  }).timeout(20_000)
})

describe('the worked examples of practice', () => {
  it('a bush of 65 by 70 closes by 44 µm and is reamed to 65.098', () => {
    const { seat } = judge(
      pivotWith({ bearing: { journalMm: 65, lengthMm: 70 }, load: { radialN: 8000, speedRpm: 45 } }),
    ).outcomes
    assert.closeTo(seat.boreAfterMm ?? 0, 65.0975, 0.001)
    assert.closeTo(1000 * (seat.closingMm ?? 0), 44, 1)
    assert.closeTo(1000 * (seat.sized?.value?.interferenceMm ?? 0), 51, 1)
  })
  it('goes by its own sizes where they were gauged', () => {
    const { gauged } = judge(pivotWith({ seat: { housingBoreMm: 71.0, bushOdMm: 71.03 } })).outcomes.seat
    assert.closeTo(gauged?.interferenceMm ?? 0, 0.03, 1e-9)
    assert.isBelow(gauged?.closingMm ?? 1, 0.03)
  })
  it('a groove in the loaded part costs two fifths of the film', () => {
    const { halvedUm, balance } = carry(
      motorWith({ bearing: { groove: 'circumferential' }, load: { radialN: 20_000 } }),
    )
    assert.isBelow(halvedUm ?? Infinity, 0.65 * (balance?.value?.minFilmUm ?? 0))
  })
  it('the grade that is taken makes half as much film again as is wanted', () => {
    const { oil, carry: carried } = judge(motorWith()).outcomes
    assert.isAtLeast(oil.chosen?.filmUm ?? 0, 1.5 * (carried.balance?.value?.designMinimumUm ?? Infinity))
    assert.isBelow(oil.chosen?.vg ?? 999, 68)
  })
  it('the practice of the site leads', () => {
    const machine = {
      ...running,
      practices: {
        greaseInterval: null,
        growth: null,
        heating: null,
        clearance: null,
        fits: null,
        drift: null,
        causes: null,
        plainClearance: 'fast' as const,
      },
    }
    const { clearance } = judge(motorWith(), machine).outcomes.float
    assert.closeTo(clearance?.newMm ?? 0, 0.00135 * 90, 1e-9)
  })
})

describe('a material by its look', () => {
  const told: [looks: Parameters<typeof materialByLook>[0], material: string][] = [
    [['silver-grey-lining', 'nail-marks', 'steel-back'], 'white-metal'],
    [['dull-brown', 'oil-sweats'], 'sintered-bronze'],
    [['dark-grey-lining', 'magnet-holds', 'steel-back'], 'ptfe-lined'],
    [['pale-gold', 'file-slips'], 'aluminium-bronze'],
    [['yellow-red', 'grey-streak'], 'leaded-bronze'],
    [['white-cream', 'floats', 'light'], 'uhmwpe'],
    [['yellow-red', 'plugs'], 'graphite-plugged-bronze'],
    [['black', 'light', 'grey-streak'], 'carbon-graphite'],
  ]
  for (const [looks, material] of told)
    it(`${looks.join(', ')}: ${material}`, () => assert.equal(materialByLook(looks)[0]?.material, material))
  it('knows the materials of the table, in its order', () =>
    assert.deepEqual([...plainMaterials] as string[], bushMaterials.map(({ name }) => name))) // prettier-ignore
})

describe('what the usual mishaps cost', () => {
  it('begins with how it stands, and changes one thing at a time', () => {
    const cases = plainWhatIfs(motorWith(), running)
    assert.equal(cases[0]?.key, 'now')
    const film = new Map(cases.map(({ key, filmUm }) => [key, filmUm ?? 0]))
    assert.isBelow(film.get('load') ?? 0, film.get('now') ?? 0)
    assert.isBelow(film.get('thinner') ?? 0, film.get('thicker') ?? 0)
    assert.includeMembers(plainWhatIfs(pivotWith(), running).map(({ key }) => key), ['now', 'load', 'dirtier']) // prettier-ignore
    assert.isEmpty(plainWhatIfs(pivotWith({ load: { radialN: null } }), running))
  })
})

describe('the steps of mounting', () => {
  const stages = (position: PlainPosition) => plainSteps(position, judge(position).outcomes).map(({ stage }) => stage)
  it('lay shells in, blue and scrape them, and close them on the strip', () =>
    assert.deepEqual(stages(motorWith()), ['take-out', 'clean', 'journal', 'put-in', 'finish', 'blue', 'close', 'oil']))
  it('press a bush in, ream it, and leave a lined one uncut', () => {
    const does = (changes: Parameters<typeof pivotWith>[0]) => {
      const position = pivotWith(changes)
      return (
        plainSteps(position, judge(position).outcomes)
          .find(({ stage }) => stage === 'finish')
          ?.does.join(' ') ?? ''
      )
    }
    assert.match(does({}), /ream to \{60\.09/)
    assert.match(does({ bearing: { form: 'lined', material: null }, oil: { lubrication: 'dry' } }), /not cut/)
  })
  it('have cautions that defer to the site', () => {
    const position = motorWith()
    for (const { cautions, stage } of plainSteps(position, judge(position).outcomes))
      if (stage === 'take-out' || stage === 'put-in') assert.match(cautions.join(' '), /Site rules, the maker’s manual/)
  })
  it('chill what is too large to press', () =>
    assert.equal(judge(pivotWith({ bearing: { journalMm: 160, lengthMm: 160 } })).outcomes.mount.way, 'chilled'))
})

describe('a plain bearing as another program asks for it', () => {
  it('is judged with what holds in most workshops, in plain sentences', () => {
    const inputs = Position.parse({ kind: 'plain', bearing: { material: 'tin-bronze', journalMm: 60, lengthMm: 60 }, load: { radialN: 6000, speedRpm: 40 }, oil: { lubrication: 'grease' } }) // prettier-ignore
    const { state, findings, lenses } = assessPosition({ inputs, machine: { kind: 'conveyor', duty: 'one-shift' } }, references.catalogue, references.damage) // prettier-ignore
    assert.deepEqual({ state, findings }, { state: 'go', findings: [] })
    assert.equal(lenses['identify']?.headline, 'Solid bush 60 × 60, tin bronze')
    assert.match(lenses['seat']?.headline ?? '', /^60\.09/)
  })
})
