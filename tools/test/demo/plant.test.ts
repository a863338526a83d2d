import { assess, assessLine, type RollingAssessment } from '@yardfrost/core'
import { loadReferences } from '@yardfrost/server'
import { assert } from 'chai'
import { demoPlain, demoPositions } from '../../demo/load-plant.ts'

const { catalogue, damage } = loadReferences()
const assessed = new Map(
  demoPositions().map(({ tag, kind, duty, shaft, name, inputs }): [string, RollingAssessment] => [
    `${tag} ${name}`,
    assess(inputs, { kind, duty, shaft, position: name }, catalogue, damage),
  ]),
)

describe('the demo site', () => {
  // What was planted, and where it must show.
  const planted: [where: string, reason: RegExp][] = [
    ['BP-12 Coupling end', /calls for C3, and the designation says none, which is CN/],
    ['BP-12 Impeller end', /carries no axial load/],
    ['BM-12 Drive end', /lithium on polyurea ruin each other/],
    ['DF-41 Coupling end', /Both ends are located.*pushes with up to/],
    ['DF-41 Fan end', /Both ends are located.*pushes with up to/],
    ['DF-42 Fan end', /shaft tapers/],
  ]
  for (const [where, reason] of planted)
    it(`${where} is a stop for the right reason`, () => {
      const [worst] = assessed.get(where)?.findings ?? []
      assert.equal(worst?.verdict, 'stop')
      assert.match(worst?.reason ?? '', reason)
    })

  it('has no other stop', () => {
    const stops = [...assessed].filter(([, { state }]) => state === 'stop').map(([where]) => where)
    assert.sameMembers(
      stops,
      planted.map(([where]) => where),
    )
  })

  // Each of them is one that an engineer would go and look at; nothing else is said of forty positions.
  it('has these watches, and no other', () => {
    const watches = [...assessed].flatMap(([where, { state, findings }]) =>
      state === 'watch' ? findings.map(({ lens, key }) => `${where}: ${lens}.${key}`) : [],
    )
    assert.sameMembers(watches, [
      'BM-12 Non-drive end: identify.unread',
      'CP-32 Thrust end: carry.unloadedRow',
      'CM-31 Drive end: diagnose.cause',
      'CM-31 Non-drive end: grease.warmer',
      'DC-45 Far side: grease.film',
      'WM-90 Non-drive end: carry.minimum',
    ])
  })

  it('remarks on a class too much clearance at 62 turns a minute, and makes no alarm of it', () => {
    const { checks, state } = assessed.get('DC-45 Drive side')!.lenses.identify
    assert.equal(state, 'go')
    assert.match(checks.find(({ key }) => key === 'clearance')?.reason ?? '', /calls for CN.*C3/)
  })

  it('has a ring-oiled motor whose collar may touch, and nothing else to say of its plain bearings', () => {
    const said = demoPlain().flatMap(({ tag, name, kind, duty, inputs }) =>
      assess(inputs, { kind, duty }, catalogue).findings.map(({ lens, key }) => `${tag} ${name}: ${lens}.${key}`),
    )
    assert.deepEqual(said, ['BM-13 Drive end: float.ends'])
    assert.lengthOf(demoPlain(), 4)
  })

  it('names the electric current in the motor that has it', () =>
    assert.match(JSON.stringify(assessed.get('CM-31 Drive end')?.findings), /Electric current/))

  it('has a motor whose housing runs about 20 K over what its own friction explains', () => {
    const excess = assessed.get('CM-31 Non-drive end')?.lenses.grease.figures['excess']?.value
    assert.closeTo(excess?.kind === 'number' ? excess.number : 0, 20, 5)
  })

  it('has a pump whose C3 keeps its life where CN would lose a fifth of it', () => {
    const pump = demoPositions().find(({ tag, name }) => tag === 'BP-11' && name === 'Coupling end')!
    const shareWith = (designation: string) => {
      const inputs = { ...pump.inputs, bearing: { ...pump.inputs.bearing, designation } }
      return assess(inputs, { kind: pump.kind, duty: pump.duty }, catalogue).outcomes.float.clearance?.lifeShare ?? 0
    }
    assert.isAtLeast(shareWith('6313-C3'), 0.9)
    assert.closeTo(shareWith('6313'), 0.8, 0.05)
  })

  it('has a fan whose bearings are tilted by its shaft', () => {
    const fan = demoPositions().filter(({ tag }) => tag === 'DF-42')
    const bearings = new Map(fan.map(({ name, inputs }) => [name, inputs.bearing.designation]))
    const slopes = assessLine(fan[0]!.shaft!, bearings, catalogue).bending?.supportDeg ?? []
    assert.lengthOf(slopes, 2)
    for (const degrees of slopes) assert.isAbove(60 * degrees, 0.7)
  })

  it('names the worn bearing that nobody has put on the bench yet', () => {
    const built = assessed.get('WM-91 Non-drive end')?.lenses.identify.figures['built']?.value
    assert.deepEqual(built, { kind: 'text', text: '6209' })
  })

  it('has about fourteen machines and forty positions', () => {
    assert.isAtLeast(assessed.size, 35)
    assert.isAtLeast(new Set([...assessed.keys()].map((where) => where.split(' ')[0])).size, 14)
  })

  it('has shafts that stand, and only the fan is held at both ends', () => {
    const machines = new Map(demoPositions().map(({ tag, shaft }) => [tag, shaft]))
    const drawn = [...machines].filter(([, shaft]) => shaft !== null)
    assert.isAtLeast(drawn.length, 10)
    for (const [tag, shaft] of drawn) {
      if (!shaft) continue
      const bearings = new Map(
        demoPositions()
          .filter((one) => one.tag === tag)
          .map(({ name, inputs }) => [name, inputs.bearing.designation]),
      )
      for (const { position } of shaft.supports) assert.isTrue(bearings.has(position), `${tag} ${position}`)
      const stops = assessLine(shaft, bearings, catalogue).checks.filter(({ verdict }) => verdict === 'stop')
      assert.deepEqual(
        stops.map(({ key }) => key),
        tag === 'DF-41' ? ['growth'] : [],
        `${tag}: ${stops[0]?.reason}`,
      )
    }
  })
})
