import { assert } from 'chai'
import fc from 'fast-check'
import { assess, ShaftLine, sketchShaft, usualSketch } from '../../src/index.ts'
import { lineGrowth } from '../../src/shaftline/line-growth.ts'
import { spanDiameterMm } from '../../src/float/span-diameter.ts'
import { positionWith } from '../bench-position.ts'
import { references } from '../references.ts'

type Section = [lengthMm: number, diameterMm: number, boreMm?: number]
const shaft = (sections: Section[], places: number[]) =>
  ShaftLine.parse({
    sections: sections.map(([lengthMm, diameterMm, boreMm = 0]) => ({ lengthMm, diameterMm, boreMm })),
    supports: places.map((xMm, index) => ({ position: `P${index}`, xMm })),
  })

describe('thickness of a shaft between its bearings', () => {
  const cases: [why: string, sections: Section[], places: number[], expected: number | null][] = [
    ['one diameter', [[1000, 70]], [100, 900], 70],
    // 1000 / (500/3600 + 500/6400) = 4608, root 67.88
    ['two halves', [[500, 60], [500, 80]], [0, 1000], 67.882],
    ['what hangs over does not count', [[200, 20], [600, 70], [200, 20]], [200, 800], 70],
    ['hollow: the ring that is left', [[1000, 100, 60]], [0, 1000], 80],
    ['three bearings: between the outer two', [[400, 60], [400, 60], [200, 10]], [0, 400, 800], 60],
    ['bearings in one place', [[1000, 70]], [500, 500], null],
  ] // prettier-ignore
  for (const [why, sections, places, expected] of cases)
    it(why, () => {
      const found = spanDiameterMm(shaft(sections, places))
      if (expected === null) assert.isNull(found)
      else assert.closeTo(found ?? 0, expected, 0.001)
    })

  it('is not asked of a shaft that is bored away', () => {
    const { error } = ShaftLine.safeParse({ sections: [{ lengthMm: 100, diameterMm: 60, boreMm: 60 }], supports: [{ position: 'A', xMm: 10 }] }) // prettier-ignore
    assert.deepEqual(error?.issues[0]?.path, ['sections', 0, 'boreMm'])
    assert.match(error?.issues[0]?.message ?? '', /smaller than the diameter/)
  })

  it('lies between the thinnest and the thickest section, whatever the steps', () => {
    const section = fc.tuple(fc.integer({ min: 10, max: 800 }), fc.integer({ min: 5, max: 400 }))
    fc.assert(
      fc.property(fc.array(section, { minLength: 1, maxLength: 8 }), (sections) => {
        const length = sections.reduce((sum, [lengthMm]) => sum + lengthMm, 0)
        const found = spanDiameterMm(shaft(sections, [0, length])) ?? NaN
        const diameters = sections.map(([, diameterMm]) => diameterMm)
        return found >= Math.min(...diameters) - 1e-9 && found <= Math.max(...diameters) + 1e-9
      }),
    )
  })

  it('makes the bench and the shaft line say the same of a shaft held at both ends', () => {
    const names = ['Coupling end', 'Fan end']
    const sketched = sketchShaft('fan', usualSketch.fan, names)
    const held = ShaftLine.parse({
      ...sketched,
      supports: sketched.supports.map((one) => ({ ...one, holds: 'both' })),
      assemblyC: 22,
      hottestC: 96,
      housingStiffnessNPerMm: 90_000,
    })
    const { catalogue, damage } = references
    const inputs = positionWith({ bearing: { designation: '22216-C3' }, load: { from: 'shaft-line' } })
    const machine = { kind: 'fan', duty: 'round-the-clock', shaft: held, position: 'Fan end' } as const
    const value = assess(inputs, machine, catalogue, damage).lenses.float.figures['thrust']?.value
    assert.equal(value?.kind, 'number')
    if (value?.kind === 'number') assert.closeTo(value.number, lineGrowth(held)?.thrustN ?? NaN, 1e-6)
  })
})
