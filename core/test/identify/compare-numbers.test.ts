import { assert } from 'chai'
import { lookUpBearing } from '../../src/index.ts'
import { compareNumbers, type ComparedThing, type Likeness } from '../../src/identify/compare/compare-numbers.ts'
import { catalogue } from '../references.ts'

const bearing = (designation: string) => {
  const found = lookUpBearing(designation, catalogue)
  if (found.kind !== 'found') throw new Error(`${designation} is not in the tables`)
  return found.bearing
}
const compared = (here: string, wanted: string) => compareNumbers(bearing(here), bearing(wanted))

describe('two numbers side by side', () => {
  // what lies here, whose place it is to take, and the first thing that stands between them
  const cases: [why: string, here: string, wanted: string, likeness: Likeness, what: ComparedThing | null, reason: RegExp | null][] = [
    ['the same number', '6312-C3', '6312 C3', 'same', null, null],
    ['the same base, and normal clearance where C3 is called for', '6312', '6312-C3', 'never', 'clearance', /C3/],
    ['one class roomier', '6312-C4', '6312-C3', 'goes', 'clearance', /C4/],
    ['a seal where it is open', '6312-2RS1', '6312', 'never', 'closure', /seal/],
    ['a shield where a seal is called for', '6312-2Z', '6312-2RS1', 'never', 'closure', /shield/i],
    ['a tapered bore on a straight seat', '22218 EK', '22218 E', 'never', 'bore', /taper|bore/i],
    ['a straight bore on a taper', '22218 E', '22218 EK', 'never', 'bore', /taper|bore/i],
    ['wider by the next series', '6212', '6312', 'never', 'outside', /outside is .*housing is for/],
    ['another type in one envelope', '7312 B', '6312', 'never', 'type', /angular contact.*not a deep groove/],
    ['ribs that hold where it floated', 'NJ210', 'NU210', 'never', 'guidance', /floated inside/],
    ['ribs that no longer hold', 'NU210', 'NUP210', 'never', 'guidance', /hold the shaft less/],
    ['ribs on the other ring', 'N210', 'NU210', 'goes', 'guidance', /other ring/],
    ['another contact angle', '7210 B', '7210 AC', 'never', 'angle', /contact angle/],
    ['the same angle, said', '7210 B', '7210 B', 'same', null, null],
    ['matched the other way', '7210 B-DF', '7210 B-DB', 'never', 'pair', /matched/],
    ['brass where polyamide is called for', '6312-M', '6312-TN', 'goes', 'cage', /brass/],
    ['polyamide where brass is called for', '6312-TN', '6312-M', 'never', 'cage', /polyamide/],
    ['a cage that the number does not say', '6312', '6312-M', 'goes', 'cage', /./],
    ['a class that is too coarse', '7210 B', '7210 B-P5', 'never', 'precision', /P5/],
    ['a class that is finer', '7210 B-P4', '7210 B-P5', 'same', null, null],
    ['rings that are not stabilised so far', '22218 E-S1', '22218 E-S2', 'never', 'heat', /250/],
    ['no groove for its snap ring', '6212', '6212-NR', 'never', 'snap-ring', /snap ring/],
    ['a groove that nobody needs', '6212-N', '6212', 'same', null, null],
    ['no lubrication groove', '22218 E', '22218 E-W33', 'goes', 'lubrication', /groove/],
    ['narrower', '16010', '6010', 'goes', 'width', /narrower.*place beside it/],
    ['wider', '6010', '16010', 'never', 'width', /wider/],
    ['a letter that is not read', '6312 DDU', '6312-C3', 'look', 'clearance', /./],
    ['an inch bore of an insert', 'UC206-20', 'UC206', 'never', 'bore-size', /shaft is for/],
  ] // prettier-ignore
  for (const [why, here, wanted, likeness, what, reason] of cases)
    it(`${why}: ${here} for ${wanted}`, () => {
      const comparison = compared(here, wanted)
      assert.equal(comparison.likeness, likeness)
      const apart = comparison.lines.filter((line) => line.likeness !== 'same')
      if (what === null) assert.isEmpty(apart)
      else {
        const line = apart.find((one) => one.what === what)
        assert.equal(line?.likeness, likeness, `${what} of ${apart.map((one) => one.what).join(', ')}`)
        assert.match(line?.saying?.reason ?? '', reason ?? /./)
        assert.isNotEmpty(line?.saying?.wayOut)
      }
    })

  it('finds every bearing like itself, and says nothing', () => {
    for (const { designation } of catalogue.rows) {
      const { likeness, lines } = compared(designation, designation)
      assert.equal(likeness, 'same', designation)
      for (const { saying } of lines) assert.isNull(saying)
    }
  })

  it('shows size with numbers, and the clearance in the box with its class', () => {
    const { lines } = compared('6312', '6312-C3')
    const of = (what: ComparedThing) => lines.find((line) => line.what === what)
    assert.deepInclude(of('bore-size'), { here: { kind: 'number', number: 60 }, quantity: 'length' })
    assert.match(JSON.stringify(of('clearance')?.here), /CN, /)
    assert.match(JSON.stringify(of('clearance')?.wanted), /C3, /)
  })
})
