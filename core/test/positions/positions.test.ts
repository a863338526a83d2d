import { assert } from 'chai'
import { lenses, lookUpBearing } from '../../src/index.ts'
import { catalogue } from '../references.ts'
import { askAbout, dynamicRatingOf } from './ask.ts'
import { faultyPositions } from './faulty.ts'
import { healthyPositions, type HealthyPosition } from './healthy.ts'

/** Share of the healthy that may be marked at most. */
const mostMarked = 0.05

/** Everything a bench would know of a healthy position. */
function saidOf({ designation, kind, duty, inputs, share, warmerK }: HealthyPosition) {
  const found = lookUpBearing(designation, catalogue)
  const decoded = found.kind === 'found' ? found.bearing.decoded : null
  return askAbout(
    {
      ...inputs,
      bearing: { designation, requiredClearance: decoded?.clearanceClass ?? null, ...inputs.bearing },
      load: { radialN: Math.round(share * dynamicRatingOf(designation)), ...inputs.load },
      seat: { ringRiseC: 30, ...inputs.seat },
      float: { innerC: 62 + warmerK, outerC: 62, ...inputs.float },
      grease: { nu40Cst: (inputs.load?.speedRpm ?? 0) < 200 ? 460 : 150, runningC: 62, cleanliness: 'normal', thickener: 'lithium' }, // prettier-ignore
    },
    kind,
    duty,
  )
}

describe('healthy positions', () => {
  const said = healthyPositions.map((position) => ({ position, ...saidOf(position) }))
  const marked = said.filter(({ findings }) => findings.some(({ verdict }) => verdict !== 'go'))

  it('are two hundred and more, of every kind of machine', () => {
    assert.isAtLeast(said.length, 200)
    assert.isAtLeast(new Set(healthyPositions.map(({ kind }) => kind)).size, 7)
    assert.isAtLeast(new Set(healthyPositions.map(({ designation }) => designation)).size, 40)
  })

  it('are judged: each has a life, a fit and a clearance', () => {
    for (const { position, lenses } of said)
      for (const lens of ['carry', 'seat'] as const)
        assert.isNotEmpty(lenses[lens]?.headline ?? '', `${position.why} ${lens}`)
  })

  it(`say nothing, ${100 * (1 - mostMarked)} % of them and more`, () => {
    const why = marked.map(({ position, findings }) => `${position.designation}, ${position.why}: ${findings.map(({ lens, key, verdict, reason }) => `${lens}.${key} ${verdict}: ${reason}`).join(' ')}`) // prettier-ignore
    assert.isAtMost(marked.length, mostMarked * said.length, why.join('\n'))
  })

  it('are never stopped', () =>
    assert.isEmpty(marked.filter(({ state }) => state === 'stop').map(({ position }) => position.why)))
})

describe('faulty positions', () => {
  it('are sixty and more, of every lens', () => {
    assert.isAtLeast(faultyPositions.length, 60)
    assert.sameMembers([...new Set(faultyPositions.map(({ lens }) => lens))], [...lenses])
  })

  for (const { why, kind, duty, inputs, lens, key, verdict, wayOut, never } of faultyPositions)
    it(`${verdict}: ${why}`, () => {
      const { findings } = askAbout(inputs, kind, duty)
      const found = findings.find((one) => one.lens === lens && one.key === key)
      assert.exists(found, `only ${findings.map((one) => `${one.lens}.${one.key} ${one.verdict}`).join(', ')}`)
      assert.equal(found.verdict, verdict, found.reason)
      assert.match(found.wayOut, wayOut)
      if (never) assert.notMatch(found.wayOut, never)
      for (const { reason, wayOut: out } of findings)
        for (const sentence of [reason, out]) {
          assert.notMatch(sentence, /[{}~]|undefined|NaN|null/)
          assert.match(sentence, /\.$/)
        }
    })
})
