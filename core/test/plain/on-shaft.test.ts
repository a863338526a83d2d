import { assert } from 'chai'
import { assessLine, journalSupport, onShaftLine, sketchShaft, ShaftLine } from '../../src/index.ts'
import { references } from '../references.ts'
import { judge, motorWith, pivotWith, running } from './plain-position.ts'

const names = ['Drive end', 'Non-drive end']
const line = ShaftLine.parse(sketchShaft('motor', { boreMm: 90, spanMm: 900, speedRpm: 980, powerKw: 160 }, names))
const machine = { ...running, shaft: line, position: 'Drive end' }

describe('a plain bearing on a shaft line', () => {
  it('takes load, speed and side from it, where it says so', () => {
    const typed = motorWith()
    assert.deepEqual(onShaftLine(typed, machine), typed)
    const fed = onShaftLine(motorWith({ load: { from: 'shaft-line' } }), machine)
    assert.equal(fed.load.speedRpm, 980)
    assert.isAbove(fed.load.radialN ?? 0, 0)
    assert.equal(fed.load.towards, 'down')
    assert.deepEqual(onShaftLine(motorWith({ load: { from: 'shaft-line' } }), running).load.radialN, 7000)
  })

  it('is judged by what the line makes of it', () => {
    const at = (from: 'typed' | 'shaft-line') =>
      judge(motorWith({ load: { from } }), machine).outcomes.carry.slides?.pressureMPa
    assert.notEqual(at('typed'), at('shaft-line'))
  })

  it('holds the shaft on its film: the shaft sinks further and its critical speed falls', () => {
    const journals = new Map(names.map((name) => [name, journalSupport(motorWith(), machine)]))
    const rigid = assessLine(line, new Map(), references.catalogue)
    const floats = assessLine(line, new Map(), references.catalogue, undefined, journals)
    assert.isBelow(floats.bending?.criticalRpm ?? Infinity, rigid.bending?.criticalRpm ?? 0)
    for (const give of floats.bending?.giveMm ?? []) assert.isAbove(give ?? 0, 0)
    assert.match(floats.supports[0]?.designation ?? '', /^Half shells 90 × 80/)
    assert.isTrue(floats.supports.every(({ slides }) => slides))
  })

  it('is stiffer under more load, and as good as rigid where no film is worked out', () => {
    const { give } = journalSupport(motorWith(), machine)
    assert.isAbove(give(14_000)?.nPerMm ?? 0, give(7000)?.nPerMm ?? Infinity)
    assert.isNull(journalSupport(pivotWith(), machine).give(5000))
  })
})
