import { assert } from 'chai'
import { findBearing } from '../../src/index.ts'
import { compareNumbers } from '../../src/identify/compare/compare-numbers.ts'
import { replacements, type ReplacementKind } from '../../src/identify/compare/replacements.ts'
import { catalogue } from '../references.ts'

const bearing = (designation: string) => {
  const found = findBearing(designation, catalogue)
  if (!found) throw new Error(`${designation} is not in the tables`)
  return found
}
const found = (designation: string) => replacements(bearing(designation), catalogue)

describe('what may go in the place of a bearing', () => {
  // what is asked for, what may stand in, how, and what is said of it; null for what must not be there
  const cases: [wanted: string, other: string, kind: ReplacementKind | null, minds: RegExp][] = [
    ['6312-C3', '6312-C3', 'exact', /^$/],
    ['6312-C3', '6312-C4', 'change', /C4/],
    ['6312-C3', '6312', null, /^/],
    ['6312-C3', '6312-2RS-C3', null, /^/],
    ['6312-TN', '6312-M', 'change', /brass/],
    ['7210B', '3210B', null, /^/],
    ['22218E-C3', '23218E-C3', null, /^/],
    ['6312-2Z', '6312', null, /^/],
    ['22218E-C3', '22218EK-C3', null, /^/],
    ['22218E', '22218E-W33', null, /^/],
    ['NU210', 'N210', 'change', /other ring/],
    ['NU210', 'NJ210', null, /^/],
    ['NU210', '6210', 'type', /ball/],
    ['22218E-C3', 'NU2218-C3', 'type', /no axial load/],
    ['6312-2RS-C3', 'NU312-C3', 'type', /cylindrical/],
    ['6010', '16010', 'seat-work', /narrower/],
    ['62206', '6206', 'seat-work', /narrower/],
    ['6206', '62206', 'seat-work', /wider/],
    ['16010', '6010', null, /^/],
    ['22218', 'C2218', 'type', /toroidal/i],
  ]
  for (const [wanted, other, kind, minds] of cases)
    it(`${other} for ${wanted}: ${kind ?? 'never'}`, () => {
      const one = found(wanted).find(({ designation }) => designation === other)
      assert.equal(one?.kind ?? null, kind)
      assert.match((one?.minds ?? []).join(' '), minds)
    })

  it('begins with the number itself, says a number once, and hands out none that must not go in', () => {
    const rows = catalogue.rows.filter((_, index) => index % 23 === 0)
    for (const row of rows) {
      const wanted = bearing(row.designation)
      const all = replacements(wanted, catalogue)
      assert.equal(all[0]?.designation, wanted.decoded.normal)
      assert.lengthOf(new Set(all.map(({ designation }) => designation)), all.length)
      for (const { designation, kind, minds } of all) {
        const { likeness, lines } = compareNumbers(bearing(designation), wanted)
        if (kind === 'exact' || kind === 'change')
          assert.notEqual(likeness, 'never', `${designation} for ${row.designation}`)
        const never = lines.filter((line) => line.likeness === 'never').map(({ what }) => what)
        if (kind === 'seat-work') assert.includeMembers(['width'], never)
        if (kind === 'type') assert.include(never, 'type')
        if (kind !== 'exact') assert.isNotEmpty(minds, `${designation} for ${row.designation}: say what to look at`)
      }
    }
  })
})
