import { assert } from 'chai'
import fc from 'fast-check'
import { compareTypes, decodeDesignation } from '../../src/index.ts'
import { proposals } from '../../src/identify/proposals.ts'
import { bearingOf, positionWith, type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const all = (designation: string, bearing: Changes['bearing'] = {}) =>
  proposals(positionWith({ bearing: { designation, ...bearing } }), bearingOf(designation), catalogue)

describe('what to order', () => {
  const cases: [why: string, designation: string, bearing: Changes['bearing'], order: string][] = [
    ['nothing else is called for', '6214-C3', {}, '6214-C3'],
    ['another clearance', '6214', { requiredClearance: 'C3' }, '6214-C3'],
    ['normal clearance after all', '6214-C3', { requiredClearance: 'CN' }, '6214'],
    ['shields and clearance', '6214', { requiredClearance: 'C3', requiredClosure: 'shield' }, '6214-2Z-C3'],
    ['a taper', '22220', { requiredBore: 'tapered' }, '22220K'],
    ['the rollers stay reinforced', 'NU2218 E', { requiredClearance: 'C3' }, 'NU2218E-C3'],
    ['the angle stays', '7214 B', { requiredPrecision: 'P5' }, '7214B-P5'],
    ['a seal that this type does not have is left off', '32214', { requiredClosure: 'contact-seal' }, '32214'],
    ['a class on a type that is set on mounting is left off', '32214', { requiredClearance: 'C3' }, '32214'],
    ['a class on washers is left off', '81210', { requiredClearance: 'C3' }, '81210'],
    ['a class on angular contact is left off', '7214 B', { requiredClearance: 'C3' }, '7214B'],
    ['rings for the heat', '22220', { hottestRingC: 170 }, '22220-S1'],
  ] // prettier-ignore
  for (const [why, designation, bearing, order] of cases)
    it(why, () => assert.equal(all(designation, bearing)[0]?.designation, order))

  it('is always a number that reads without a rest, of the same size', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...catalogue.rows),
        fc.constantFrom('CN', 'C3', 'C4', null),
        fc.constantFrom('open', 'shield', 'contact-seal', 'low-friction-seal', null),
        fc.constantFrom('cylindrical', 'tapered', null),
        fc.constantFrom('brass', 'polyamide', null),
        ({ designation }, requiredClearance, requiredClosure, requiredBore, requiredCage) => {
          const [direct] = all(designation, {
            requiredClearance,
            requiredClosure,
            requiredBore,
            requiredCage,
          })
          const read = decodeDesignation(direct?.designation ?? '', catalogue)
          assert.isEmpty(read.unknown)
          assert.equal(read.size, designation)
        },
      ),
      { numRuns: 300 },
    )
  })

  it('offers other types of the same size with what changes', () => {
    const others = all('6214').filter(({ kind }) => kind === 'alternative')
    const nu = others.find(({ designation }) => designation === 'NU214')
    assert.match(nu?.changes ?? '', /cylindrical roller bearing: no axial load/)
    for (const { designation } of others) {
      const row = catalogue.byDesignation.get(designation)
      assert.deepEqual([row?.boreMm, row?.odMm], [70, 125])
    }
  })
})

describe('types for a duty', () => {
  const barred = (changes: Changes, pitchMm: number | null = 100) =>
    compareTypes(positionWith(changes), pitchMm).flatMap(({ type, barred }) => (barred ? [type] : []))

  const cases: [why: string, changes: Changes, out: string, in_: string][] = [
    ['axial load', { load: { axialN: 500 } }, 'cylindrical-roller', 'deep-groove-ball'],
    ['axial load both ways', { load: { axialN: 500, axialWay: 'both' } }, 'tapered-roller', 'spherical-roller'],
    ['radial load', { load: { radialN: 500 } }, 'thrust-ball', 'needle-roller'],
    ['misalignment', { load: { misalignDeg: 1 } }, 'deep-groove-ball', 'self-aligning-ball'],
    ['growth inside the bearing', { float: { role: 'floating', floatsIn: 'bearing' } }, 'spherical-roller', 'toroidal-roller'],
    ['speed', { load: { speedRpm: 4500 } }, 'spherical-roller', 'deep-groove-ball'],
    ['thrust on a bush', { load: { axialN: 500 } }, 'plain', 'deep-groove-ball'],
    ['edges of a bush', { load: { misalignDeg: 0.08 } }, 'plain', 'deep-groove-ball'],
  ] // prettier-ignore
  for (const [why, changes, out, in_] of cases)
    it(`strikes out by ${why}`, () => {
      assert.include(barred(changes), out)
      assert.notInclude(barred(changes), in_)
    })

  it('keeps a pair that is set against each other', () =>
    assert.notInclude(
      barred({ load: { axialN: 500, axialWay: 'both', arrangement: 'back-to-back' } }),
      'tapered-roller',
    ))

  it('has a plain bearing among them, that takes growth and blows', () => {
    const [plain] = compareTypes(positionWith({}), null).filter(({ type }) => type === 'plain')
    assert.isNull(plain?.barred)
    assert.deepInclude(plain.abilities, { growthInside: 3, shock: 3 })
  })

  it('puts the fit ones first', () => {
    const order = compareTypes(positionWith({ load: { axialN: 500 } }), null).map(({ barred }) => barred !== null)
    assert.deepEqual(
      order,
      [...order].sort((a, b) => Number(a) - Number(b)),
    )
  })
})
