import { assert } from 'chai'
import { contactsOf, type ContactKind } from '../../src/inside/contact-kinds.ts'
import { bearingOf } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const { row } = bearingOf('6214')
const loadN = 8000
const run = (radialN = loadN, tiltArcmin = 0) => contactsOf(row, { radialN, tiltArcmin }, catalogue, loadN)
const of = (kind: ContactKind, found: ReturnType<typeof run>) => found.find((one) => one.kind === kind)!

describe('point, line and barrel', () => {
  it('are three bearings of one bore, the one on the bench among them', () => {
    const found = run()
    assert.deepEqual(found.map(({ kind }) => kind), ['point', 'line', 'barrel']) // prettier-ignore
    assert.equal(of('point', found).bearing.decoded.size, '6214')
    for (const { bearing } of found) assert.equal(bearing.row.boreMm, row.boreMm)
  })

  it('press a point hardest, and all alike where the load is as usual', () => {
    const found = run()
    const pressure = (kind: ContactKind) => of(kind, found).distribution.inner.maxPressureMPa
    assert.isAbove(pressure('point'), pressure('line'))
    for (const { pressureTimes } of found) assert.closeTo(pressureTimes, 1, 1e-9)
  })

  it('grow with twice the load as the cube root in a point, and faster in a line', () => {
    const found = run(2 * loadN)
    assert.closeTo(of('point', found).pressureTimes, 2 ** (1 / 3), 0.01)
    // A profiled roller carries on more of its length as the load grows.
    assert.isAbove(of('line', found).pressureTimes, 2 ** (1 / 3))
    assert.isBelow(of('line', found).pressureTimes, Math.SQRT2)
  })

  it('tilted, leave a barrel alone and load one end of a roller', () => {
    const tilted = run(loadN, 4)
    assert.closeTo(of('barrel', tilted).pressureTimes, 1, 1e-6)
    const line = of('line', tilted)
    assert.isAbove(line.pressureTimes, 1.02)
    assert.isAbove(Math.abs((line.outline[2]?.halfMm ?? 0) - (line.outline.at(-3)?.halfMm ?? 0)), 0)
  })

  it('draw a footprint as wide and as long as it is said to be', () => {
    for (const { kind, outline, distribution } of run()) {
      const most = Math.max(...outline.map(({ halfMm }) => halfMm))
      assert.closeTo(2 * most, distribution.inner.footprintAlongMm, 1e-6, kind)
    }
  })

  it('are fewer where no bearing of a kind has that bore', () =>
    assert.isBelow(contactsOf(bearingOf('625').row, { radialN: 100, tiltArcmin: 0 }, catalogue, 100).length, 3))
})
