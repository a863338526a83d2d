import { assert } from 'chai'
import { assessRolling } from '../../src/kinds/rolling/assess.ts'
import {
  effectivePosition,
  isLeftOpen,
  lookUpBearing,
  SiteGivens,
  SitePractices,
  siteGivens,
  type Machine,
  type RollingPosition,
} from '../../src/index.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const [red, blue, clay] = ['1', '2', '3'].map((last) => `00000000-0000-4000-8000-00000000000${last}`) as [string, string, string] // prettier-ignore
const guns = [{ id: red, name: 'Red gun', gramsPerStroke: 1.4 }]
const lubricants = [
  { id: clay, name: 'Pale 220', kind: 'grease', thickener: 'clay', nu40Cst: 220, viscosityIndex: 95, lowC: -10, highC: 120 },
] as const // prettier-ignore
const machine = (site: object = {}, practices: object = {}): Machine => ({
  kind: 'pump',
  duty: 'round-the-clock',
  site: SiteGivens.parse(site),
  practices: SitePractices.parse(practices),
})
/** A pump bearing that runs well; nothing of grease, tools or life is said. */
const bare = (change: Parameters<typeof positionWith>[0] = {}): RollingPosition => {
  const { load, grease, mount, ...rest } = change
  return positionWith({
    bearing: { designation: '6313-C3' },
    load: { radialN: 6000, speedRpm: 1480, wantedLifeH: null, ...load },
    seat: { loadCase: 'inner-turns' },
    float: { innerC: 75, outerC: 60 },
    grease: { runningC: 62, nu40Cst: null, thickener: null, gramsPerStroke: null, cleanliness: 'normal', ...grease },
    ...(mount ? { mount } : {}),
    ...rest,
  })
}
const judge = (position: RollingPosition, on: Machine) => assessRolling(position, on, catalogue)
const of = (position: RollingPosition, on: Machine, key: string) =>
  Object.values(judge(position, on).lenses).flatMap(({ checks }) => checks).find((check) => check.key === key) // prettier-ignore

describe('what a site settles', () => {
  it('changes nothing where nothing is settled', () => {
    const { site: _site, practices: _practices, ...plain } = machine()
    assert.deepEqual(judge(bare(), machine()), judge(bare(), plain))
  })

  it('begins no lens that nobody has begun: a gun, tools, a wall and a life alone say nothing of a position', () => {
    const untouched = bare({ grease: { runningC: null, cleanliness: null }, float: { innerC: null, outerC: null } })
    const states = (on: Machine) => Object.values(judge(untouched, on).lenses).map(({ lens, state }) => [lens, state])
    const settled = machine({
      guns,
      lubricants,
      tools: ['induction'],
      walls: { pump: 20 },
      lives: { 'round-the-clock': 40_000 },
      limits: { warmC: 70, hotC: 90 },
    })
    assert.deepEqual(states(settled), states(machine()))
    assert.equal(judge(untouched, settled).state, judge(untouched, machine()).state)
  })

  it('gives the strokes of the only gun, and the oil of the grease that was chosen', () => {
    const { grease, carry } = judge(bare({ grease: { product: clay } }), machine({ guns, lubricants })).outcomes
    assert.equal(grease.quantity?.strokes, Math.floor((grease.quantity?.quantityG ?? NaN) / 1.4 + 0.5))
    assert.isNotNull(carry.film.value)
    assert.deepEqual(
      siteGivens(bare({ grease: { product: clay } }), machine({ guns, lubricants })).map(({ path, from }) => [
        path,
        from,
      ]),
      [
        ['grease.gramsPerStroke', 'the gun Red gun'],
        ['grease.lubrication', 'Pale 220'],
        ['grease.nu40Cst', 'Pale 220'],
        ['grease.viscosityIndex', 'Pale 220'],
        ['grease.thickener', 'Pale 220'],
      ],
    )
  })

  it('names itself where a figure shows its working', () => {
    const on = machine({ guns, lubricants, lives: { 'round-the-clock': 40_000 } })
    const { grease, carry } = judge(bare({ grease: { product: clay } }), on).lenses
    const from = (figure: string, label: string) =>
      grease.figures[figure]?.givens.find((given) => given.label === label)?.from
    assert.equal(from('kappa', 'viscosity index'), 'Pale 220')
    assert.equal(from('quantity', 'output per stroke'), 'the gun Red gun')
    assert.match(carry.figures['wanted']?.source ?? '', /^The life the site wants/)
    const own = judge(bare({ grease: { gramsPerStroke: 2, viscosityIndex: 110, nu40Cst: 100 } }), on).lenses.grease
    const typed = ['kappa', 'quantity'].flatMap((name) => own.figures[name]?.givens.map((given) => given.from) ?? [])
    assert.equal(typed.filter((one) => one === 'typed').length, 2)
  })

  it('of several guns gives none until one is chosen, and none that is gone', () => {
    const two = machine({ guns: [...guns, { id: blue, name: 'Blue gun', gramsPerStroke: 0.8 }] })
    const strokes = (gun: string | null) =>
      judge(bare({ grease: { gun } }), two).outcomes.grease.quantity?.strokes ?? null
    assert.isNull(strokes(null))
    assert.isAbove(strokes(blue) ?? 0, strokes(red) ?? NaN)
    assert.isNull(strokes('00000000-0000-4000-8000-000000000009'))
  })

  it('gives way to what the position says itself', () => {
    const own = bare({ load: { wantedLifeH: 9000 }, grease: { product: clay, nu40Cst: 100 } })
    const on = machine({ lives: { 'round-the-clock': 60_000 }, lubricants })
    assert.equal(judge(own, on).outcomes.carry.wantedH, 9000)
    assert.equal(judge(bare(), on).outcomes.carry.wantedH, 60_000)
    assert.isFalse(isLeftOpen(own, 'grease.nu40Cst'))
    assert.isTrue(isLeftOpen(own, 'grease.thickener'))
  })

  it('gives the tools of the shop where the position has what it came with', () => {
    const tools = (own?: RollingPosition['mount']['tools']) =>
      effectivePosition(
        bare(own && { mount: { tools: own } }),
        machine({ tools: ['oil-bath', 'press'] }),
        lookUpBearing('6313-C3', catalogue),
      ).mount.tools
    assert.deepEqual(tools(), ['oil-bath', 'press'])
    assert.deepEqual(tools(['hot-plate']), ['hot-plate'])
  })

  describe('as limits of temperature', () => {
    const on = machine({ limits: { warmC: 70, hotC: 90 }, lubricants })
    const at = (runningC: number) => of(bare({ grease: { runningC } }), on, 'siteTemperature')?.verdict ?? null
    for (const [runningC, verdict] of [
      [69, null],
      [70, 'watch'],
      [89, 'watch'],
      [90, 'stop'],
      [120, 'stop'],
    ] as const)
      // prettier-ignore
      it(`says ${verdict ?? 'nothing'} at ${runningC} °C`, () => assert.equal(at(runningC), verdict))

    it('says nothing while nobody has measured, and none where the site has none', () => {
      assert.isUndefined(of(bare({ grease: { runningC: null } }), on, 'siteTemperature'))
      assert.isUndefined(of(bare({ grease: { runningC: 150 } }), machine(), 'siteTemperature'))
    })

    for (const [runningC, seen] of [
      [-11, true],
      [-10, false],
      [120, false],
      [121, true],
    ] as const)
      // prettier-ignore
      it(`${seen ? 'says' : 'does not say'} at ${runningC} °C that the grease is not good for it`, () =>
        assert.equal(Boolean(of(bare({ grease: { product: clay, runningC } }), on, 'lubricantRange')), seen))
  })

  describe('as practices', () => {
    it('aims at 95, 110 or 120 °C, never over the limit of the closure', () => {
      const aim = (heating: string | null, designation = '6313-C3') =>
        judge(bare({ bearing: { designation }, mount: { roomC: 20, coolingC: 10 } }), machine({}, { heating })).outcomes.mount.hot // prettier-ignore
      assert.deepEqual(
        [null, 'near-95', 'up-to-110', 'up-to-120'].map((one) => aim(one)?.aimC),
        [110, 95, 110, 120],
      )
      const sealed = aim('up-to-120', '6313-2RS-C3')
      assert.isAtMost(sealed?.aimC ?? NaN, sealed?.limitC ?? NaN)
    })

    it('takes the elements for as hot as the inner ring: less clearance, by 10 to 20 % of what heat takes', () => {
      const steps = (clearance: string | null) => judge(bare(), machine({}, { clearance })).outcomes.float.steps
      const [usual, hot] = [steps(null), steps('as-inner-ring')]
      const lost = (usual?.operating?.probable ?? NaN) - (hot?.operating?.probable ?? NaN)
      assert.closeTo(lost, usual?.hotElementsUm ?? NaN, 1e-9)
      assert.closeTo(hot?.hotElementsUm ?? NaN, -lost, 1e-9)
      const heat = (usual?.mounted.probable ?? NaN) - (usual?.operating?.probable ?? NaN)
      assert.isTrue(lost / heat > 0.1 && lost / heat < 0.35, `${lost} of ${heat}`)
    })

    it('lets heavy load begin earlier', () => {
      const zone = (fits: string | null, radialN: number) =>
        judge(bare({ bearing: { designation: '22316' }, load: { radialN } }), machine({}, { fits })).outcomes.seat.shaft.chosen // prettier-ignore
      const capacity =
        judge(bare({ bearing: { designation: '22316' } }), machine()).outcomes.carry.ratings?.dynamicN ?? NaN
      const [usual, early] = [zone(null, 0.12 * capacity), zone('cuts-5-10', 0.12 * capacity)]
      assert.isNotNull(usual)
      assert.notDeepEqual(usual, early)
      assert.deepEqual(zone(null, 0.2 * capacity), zone('cuts-5-10', 0.2 * capacity))
    })
  })
})
