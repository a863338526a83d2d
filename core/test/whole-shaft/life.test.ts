import { assert } from 'chai'
import {
  assess,
  referenceSystemH,
  shaftLevers,
  shaftLife,
  sketchShaft,
  usualSketch,
  type RollingPosition,
  type ShaftLine,
} from '../../src/index.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const machine = { kind: 'fan', duty: 'round-the-clock' } as const
const grease = { nu40Cst: 100, runningC: 70, cleanliness: 'slight' } as const
const inputs = (designation: string): RollingPosition => positionWith({ bearing: { designation }, grease })
const whole = (changes: Partial<ShaftLine> = {}) => ({
  line: { ...sketchShaft('fan', usualSketch.fan, ['Coupling end', 'Fan end']), ...changes },
  positions: [
    { name: 'Coupling end', inputs: inputs('6316-C3') },
    { name: 'Fan end', inputs: inputs('6316-C3') },
  ],
  machine,
})

describe('the life of a whole shaft', () => {
  it('has one with clearance and tilt as they run: less on a shaft that bends far, and none that is not known', () => {
    const known = { seat: { loadCase: 'inner-turns', slides: 'outer' }, float: { innerC: 62, outerC: 58 } } as const
    const on = (diameterMm: number) => {
      const { line, ...rest } = whole()
      const sections = line.sections.map((one) => (one.lengthMm > 300 ? { ...one, diameterMm } : one))
      const positions = ['6316-C3', 'NU316-C3'].map((designation, index) => ({ name: rest.positions[index]?.name ?? '', inputs: positionWith({ bearing: { designation }, grease, ...known }) })) // prettier-ignore
      return { ...rest, line: { ...line, sections }, positions }
    }
    const share = (diameterMm: number) => {
      const shaft = on(diameterMm)
      const life = shaftLife(shaft, catalogue)
      return (referenceSystemH(shaft, life, catalogue) ?? NaN) / (life.systemH ?? NaN)
    }
    assert.isBelow(share(30), 0.7 * share(50))
    assert.approximately(share(120), 1, 0.25)
    const open = whole()
    assert.isNull(referenceSystemH(open, shaftLife(open, catalogue), catalogue))
  })

  it('is shorter than that of its weakest bearing, and each is what its bench says', () => {
    const { line, positions } = whole()
    const { lives, systemH, weakest } = shaftLife(whole(), catalogue)
    const least = Math.min(...lives.map(({ lifeH }) => lifeH ?? Infinity))
    assert.isBelow(systemH ?? NaN, least)
    assert.equal(lives.find(({ lifeH }) => lifeH === least)?.position, weakest)
    for (const { name, inputs: position } of positions) {
      const fed = { ...position, load: { ...position.load, from: 'shaft-line' as const } }
      const { figures } = assess(fed, { ...machine, shaft: line, position: name }, catalogue).lenses.carry
      const value = figures['modified']?.value
      assert.approximately(lives.find(({ position: at }) => at === name)?.lifeH ?? NaN, value?.kind === 'number' ? value.number : NaN, 1e-6) // prettier-ignore
    }
  })

  it('leaves out a support nobody has entered a bearing for', () => {
    const { lives, systemH } = shaftLife({ ...whole(), positions: whole().positions.slice(0, 1) }, catalogue)
    assert.isNull(lives[1]?.lifeH)
    assert.isNull(systemH)
  })

  it('falls when the shaft is held at both ends and grows hot, and not when one end floats', () => {
    const { line } = whole()
    const held = line.supports.map((support) => ({ ...support, holds: 'both' as const }))
    const bound = shaftLife(whole({ supports: held, hottestC: 110, housingStiffnessNPerMm: 60_000 }), catalogue)
    for (const { lifeH, boundH } of bound.lives) assert.isBelow(boundH ?? NaN, lifeH ?? NaN)
    assert.isNull(shaftLife(whole(), catalogue).lives[0]?.boundH)
  })

  it('weighs the steps of the duty by their time', () => {
    const step = (share: number, work: number) => ({ share, work, speedRpm: usualSketch.fan.speedRpm })
    const life = (steps: ShaftLine['steps']) => shaftLife(whole({ steps }), catalogue).systemH ?? NaN
    assert.approximately(life([step(1, 1)]) / life([]), 1, 1e-6)
    assert.isAbove(life([step(0.5, 1), step(0.5, 0.2)]), life([step(1, 1)]))
  })
})

describe('what buys most life', () => {
  const dirty = whole()
  dirty.line = {
    ...dirty.line,
    parts: dirty.line.parts.map((part) =>
      part.kind === 'wheel' ? { ...part, stuckG: 900, stuckRadiusMm: 300 } : part,
    ),
  }

  it('names what was done to a dirty wheel first, and every change is longer than what stands', () => {
    const levers = shaftLevers(dirty, catalogue)
    assert.match(levers[0]?.label ?? '', /900 g} cleaned off the wheel/)
    const { systemH } = shaftLife(dirty, catalogue)
    for (const { ratio, systemH: then } of levers) {
      assert.isAtLeast(ratio, 1.02)
      assert.approximately(then / (systemH ?? NaN), ratio, 1e-9)
    }
    assert.deepEqual(
      levers.map(({ ratio }) => ratio),
      levers.map(({ ratio }) => ratio).sort((a, b) => b - a),
    )
  })

  it('knows a belt that is too tight, and a heavier bearing on the same shaft', () => {
    const { line } = whole()
    const belt = { kind: 'pulley', id: 'belt', xMm: 60, massKg: 8, drive: 'v-belt', diameterMm: 200, angleDeg: 90, tension: 2, gradeMmPerS: 6.3, stuckG: 0, stuckRadiusMm: 0 } as const // prettier-ignore
    const tight = whole({ parts: [belt, ...line.parts.filter(({ kind }) => kind !== 'coupling')] })
    const labels = shaftLevers(tight, catalogue).map(({ label }) => label)
    assert.include(labels, 'belt at its right tension')
    assert.isTrue(labels.some((label) => /Coupling end: a 6416, housing bored to \{200 mm/.test(label)))
  })

  it('tries the next heavier size, not the heaviest, and a fifth of an overhang', () => {
    const light = { ...whole(), positions: whole().positions.map((one) => ({ ...one, inputs: inputs('6216-C3') })) }
    const labels = shaftLevers(light, catalogue).map(({ label }) => label)
    assert.isTrue(
      labels.some((label) => /Fan end: a 6316,/.test(label)),
      labels.join('; '),
    )
    assert.isFalse(labels.some((label) => /6416/.test(label)))
    const wheel = light.line.parts.find(({ kind }) => kind === 'wheel')
    const overhangMm = (wheel?.xMm ?? 0) - Math.max(...light.line.supports.map(({ xMm }) => xMm))
    const nearer = labels.find((label) => /^wheel .* nearer to its bearing$/.test(label))
    assert.approximately(Number(/\{([\d.]+) mm/.exec(nearer ?? '')?.[1]), 0.2 * overhangMm, 0.01)
  })

  it('has nothing to say of a shaft without bearings', () => {
    assert.isEmpty(shaftLevers({ ...whole(), positions: [] }, catalogue))
  })
})
