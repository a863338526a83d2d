import { assert } from 'chai'
import { plainSentence } from '../../src/model/sentence.ts'
import { judge, motorWith, pivotWith, type PlainChanges } from './plain-position.ts'

type Base = typeof motorWith
/** Positions with nothing wrong: nothing is said of any of them. */
const healthy: [what: string, of: Base, changes: PlainChanges][] = [
  ['a ring-oiled motor', motorWith, {}],
  ['the same in a bath', motorWith, { oil: { supply: 'bath' } }],
  ['the same fed with cooled oil', motorWith, { oil: { supply: 'feed', inletC: 40 } }],
  ['a fan on its own blocks, started twice a day', motorWith, { load: { speedRpm: 740, startsPerDay: 2 } }],
  ['a motor that is colder outside', motorWith, { oil: { roomC: 5, coldStartC: 0, nu40Cst: 46 } }],
  ['a large journal of 400 mm, fed', motorWith, { bearing: { journalMm: 400, lengthMm: 300 }, load: { radialN: 90_000, speedRpm: 300 }, oil: { supply: 'feed', inletC: 42 } }],
  ['a motor in the middle of its end float', motorWith, { float: { collars: 'both', endFloatMm: 12, centreMm: 6, couplingFloatMm: 4.8 } }],
  ['a bearing measured as it should be', motorWith, { float: { measuredMm: 0.12 } }],
  ['one closed on the strip, both ends alike', motorWith, { mount: { stripMm: [0.115, 0.12], bluePercent: 80, contactDeg: 90, jointMm: 0 } }],
  ['a hand-warm housing', motorWith, { oil: { housingC: 44, metalC: 62 } }],
  ['half shells with their crush', motorWith, { bearing: { wallMm: 4 }, seat: { crushMm: 0.04, journalRaUm: 0.3, journalHb: 220 } }],
  ['a load that turns, with its groove round the middle', pivotWith, { load: { turning: 'turns' }, bearing: { groove: 'circumferential' } }],
  ['a greased bronze bush', pivotWith, {}],
  ['the same, gauged and reamed', pivotWith, { seat: { housingBoreMm: 71.0, bushOdMm: 71.05, fittedBoreMm: 60.09, journalRaUm: 0.6, journalHb: 320 } }],
  ['a pin that swings in dust', pivotWith, { load: { speedRpm: null, swingDeg: 15, swingsPerMin: 6, shock: 'moderate' }, oil: { dirt: 'dusty' } }],
  ['a dry lined bush', pivotWith, { bearing: { form: 'lined', material: null, journalMm: 30, lengthMm: 30 }, load: { radialN: 3000, speedRpm: 20, wantedLifeH: 1000 }, oil: { lubrication: 'dry' } }],
  ['a small sintered bush', pivotWith, { bearing: { form: 'sintered', material: null, journalMm: 12, lengthMm: 16 }, load: { radialN: 90, speedRpm: 900, wantedLifeH: 500 }, oil: { lubrication: 'dry' } }],
  ['a flanged bush under thrust', pivotWith, { bearing: { form: 'flanged', flangeMm: 90 }, load: { axialN: 500 } }],
  ['a nylon bush, lightly loaded', pivotWith, { bearing: { material: 'nylon' }, load: { radialN: 300, speedRpm: 10, wantedLifeH: 2000 } }],
  ['an oil can on a slow bronze bush', pivotWith, { oil: { lubrication: 'oil-fed', supply: 'wick' } }],
] // prettier-ignore

/** What is wrong, which rule says so, and how loud. */
const faulty: [what: string, of: Base, changes: PlainChanges, rule: string, verdict: 'watch' | 'stop', when?: string][] = [
  ['thin oil under a heavy load', motorWith, { load: { radialN: 45_000 }, oil: { nu40Cst: 10 } }, 'carry.film', 'watch'],
  ['no film on white metal', motorWith, { load: { radialN: 60_000, speedRpm: 110 }, oil: { nu40Cst: 10, roomC: 40 } }, 'carry.film', 'stop'],
  ['a groove in the loaded part', motorWith, { bearing: { feedDeg: 180 }, load: { radialN: 18_000 }, oil: { nu40Cst: 22 } }, 'carry.feed', 'watch'],
  ['a groove round the middle under a load that stands', motorWith, { bearing: { groove: 'circumferential' }, load: { radialN: 30_000 }, oil: { nu40Cst: 22 } }, 'carry.film', 'watch'],
  ['a journal running hot', motorWith, { load: { speedRpm: 1480 }, oil: { roomC: 35, nu40Cst: 46 } }, 'carry.hot', 'watch'],
  ['metal at its alarm', motorWith, { oil: { metalC: 95 } }, 'carry.metal', 'watch'],
  ['metal at its trip', motorWith, { oil: { metalC: 112 } }, 'carry.metal', 'stop'],
  ['a housing warmer than its film makes it', motorWith, { oil: { housingC: 88 } }, 'carry.warm', 'watch'],
  ['too little feed', motorWith, { oil: { supply: 'feed', inletC: 40, feedLPerMin: 0.1 } }, 'carry.starved', 'watch'],
  ['white metal pressed hard at every start', motorWith, { load: { radialN: 30_000 }, oil: { nu40Cst: 220 } }, 'carry.rest', 'watch'],
  ['thrust and nothing to take it', pivotWith, { load: { axialN: 500 } }, 'carry.thrust', 'stop'],
  ['nylon where it burns', pivotWith, { bearing: { material: 'nylon' }, load: { speedRpm: 90 } }, 'carry.limits', 'stop'],
  ['white metal with grease', pivotWith, { bearing: { material: 'white-metal' } }, 'carry.material', 'stop'],
  ['sintered bronze under heavy blows', pivotWith, { bearing: { material: 'sintered-bronze', form: 'sintered' }, load: { shock: 'heavy' }, oil: { lubrication: 'dry' } }, 'carry.material', 'stop'],
  ['a bush worn out long before its year', pivotWith, { load: { radialN: 25_000, speedRpm: 60 }, oil: { dirt: 'abrasive' } }, 'carry.life', 'watch'],
  ['a clearance that closes when hot', motorWith, { float: { measuredMm: 0.04, shaftC: 95, housingC: 45 } }, 'float.clearance', 'stop'],
  ['a clearance no practice makes', motorWith, { float: { measuredMm: 0.062 } }, 'float.clearance', 'watch'],
  ['a worn bearing', motorWith, { float: { measuredMm: 0.3 } }, 'float.worn', 'watch'],
  ['a motor off its magnetic centre', motorWith, { float: { endFloatMm: 10, centreMm: 1, couplingFloatMm: 4 } }, 'float.ends', 'stop'],
  ['a coupling that limits nothing', motorWith, { float: { endFloatMm: 8, centreMm: 4, couplingFloatMm: 12 } }, 'float.coupling', 'stop'],
  ['a bush loose in its housing', pivotWith, { seat: { housingBoreMm: 71.05, bushOdMm: 71.04 } }, 'seat.press', 'stop', 'at-fitting'],
  ['a bush far too tight', pivotWith, { seat: { housingBoreMm: 71.0, bushOdMm: 71.15 } }, 'seat.press', 'watch', 'at-fitting'],
  ['a bore that was not reamed', pivotWith, { seat: { fittedBoreMm: 59.99 } }, 'seat.bore', 'stop', 'at-fitting'],
  ['a rough journal', motorWith, { seat: { journalRaUm: 1.2 } }, 'seat.finish', 'watch', 'at-fitting'],
  ['a soft journal under tin bronze', pivotWith, { seat: { journalHb: 180 } }, 'seat.hardness', 'watch', 'at-fitting'],
  ['shells without crush', motorWith, { seat: { crushMm: 0 } }, 'seat.crush', 'stop', 'at-fitting'],
  ['a strip that differs from end to end', motorWith, { mount: { stripMm: [0.07, 0.15] } }, 'mount.strip', 'watch', 'at-fitting'],
  ['blue at the ends only', motorWith, { mount: { bluePercent: 35 } }, 'mount.blue', 'watch', 'at-fitting'],
  ['a cap that gapes', motorWith, { mount: { jointMm: 0.08 } }, 'mount.joint', 'watch', 'at-fitting'],
  ['a ring that stands', motorWith, { oil: { ringTurns: 'stands' } }, 'oil.ring', 'stop'],
  ['a ring that hardly dips', motorWith, { oil: { dipMm: 4 } }, 'oil.level', 'watch'],
  ['oil up to the shaft', motorWith, { oil: { dipMm: 90 } }, 'oil.level', 'watch'],
  ['a ring on a fast journal', motorWith, { load: { speedRpm: 2960 }, oil: { nu40Cst: 32 } }, 'oil.ring-speed', 'watch'],
  ['thick oil in the frost', motorWith, { oil: { coldStartC: -25 } }, 'oil.cold', 'watch'],
  ['a sintered bush said to be nylon', pivotWith, { bearing: { form: 'sintered', material: 'nylon' }, load: { radialN: 200, speedRpm: 10 } }, 'identify.material', 'watch'],
  ['a look that is not its material', pivotWith, { bearing: { looks: ['silver-grey-lining', 'nail-marks', 'steel-back'] } }, 'identify.looks', 'watch'],
] // prettier-ignore

describe('plain bearings that are in order', () => {
  for (const [what, of, changes] of healthy)
    it(`${what}: nothing is said`, () => {
      const { findings, state } = judge(of(changes))
      assert.deepEqual(
        findings.map(({ lens, key, reason }) => `${lens}.${key}: ${plainSentence(reason)}`),
        [],
      )
      assert.equal(state, 'go')
    })
})

describe('plain bearings with something wrong', () => {
  for (const [what, of, changes, rule, verdict, when = 'now'] of faulty)
    it(`${what}: ${rule} says ${verdict}`, () => {
      const { findings } = judge(of(changes))
      const found = findings.find(({ lens, key }) => `${lens}.${key}` === rule)
      assert.isDefined(found, findings.map(({ lens, key }) => `${lens}.${key}`).join(', ') || 'nothing is said')
      assert.deepEqual({ verdict: found.verdict, when: found.when }, { verdict, when: when as 'now' })
      assert.isNotEmpty(found.wayOut)
      assert.isNotEmpty(found.field)
    })
})

describe('a figure of a plain bearing', () => {
  it('has formula and source, and its label where it is an estimate', () => {
    for (const [, of, changes] of [...healthy, ...faulty])
      for (const { lens, figures } of Object.values(judge(of(changes)).lenses))
        for (const [name, figure] of Object.entries(figures)) {
          assert.isNotEmpty(figure.formula, `${lens}.${name}`)
          assert.isNotEmpty(figure.source, `${lens}.${name}`)
        }
  })

  it('is the one in the sentence', () => {
    const { lenses } = judge(motorWith())
    const film = lenses.carry.figures['film']?.value
    const said = plainSentence(lenses.carry.checks.find(({ key }) => key === 'film')?.reason ?? '')
    assert.include(said, `${film?.kind === 'number' ? Math.round(film.number) : 0} µm`)
  })

  it('asks for what is missing, and never guesses', () => {
    const { lenses, state, findings } = judge(motorWith({ oil: { nu40Cst: null } }))
    assert.equal(state, 'open')
    assert.isEmpty(findings)
    assert.deepEqual(lenses.carry.missing.map(({ field }) => field), ['oil.nu40Cst']) // prettier-ignore
    assert.deepEqual(
      judge(pivotWith({ bearing: { journalMm: null } })).lenses.identify.missing.map(({ field }) => field),
      ['bearing.journalMm'],
    )
  })

  it('names a refused size by its field, with what is allowed', () => {
    const [refused] = judge(motorWith({ bearing: { lengthMm: 300 } })).findings.filter(({ key }) => key === 'refused')
    assert.equal(refused?.field, 'bearing.lengthMm')
    assert.match(refused?.reason ?? '', /length must be from 22.5 to 180 mm/)
  })
})
