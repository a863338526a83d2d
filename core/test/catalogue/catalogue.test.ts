import { assert } from 'chai'
import { readCatalogue, searchCatalogue } from '../../src/catalogue/catalogue.ts'
import { estimateInterior, isVerifiedEstimate } from '../../src/catalogue/estimate.ts'
import { findBearing } from '../../src/catalogue/resolve-bearing.ts'
import { seatSizeOf } from '../../src/catalogue/catalogue.ts'
import { decodeDesignation } from '../../src/catalogue/decode-designation.ts'
import { cannotHold, usualHolding } from '../../src/catalogue/holding.ts'
import { match } from '../../src/identify/match.ts'
import { catalogue, catalogueTables } from '../references.ts'

const row = (designation: string) => {
  const found = catalogue.byDesignation.get(designation)
  assert.isDefined(found, designation)
  return found
}

describe('catalogue', () => {
  it('holds every size once', () => {
    assert.lengthOf(catalogue.rows, 1978)
    assert.equal(catalogue.byDesignation.size, catalogue.everyRow.length)
  })

  it('grows steadily: in a series neither outside diameter nor width falls as the bore grows', () => {
    for (const { name } of catalogue.series) {
      const rows = catalogue.rows.filter(({ series }) => series === name).sort((a, b) => a.boreMm - b.boreMm)
      for (const [index, here] of rows.entries()) {
        const before = rows[index - 1]
        if (!before) continue
        assert.isAtLeast(here.odMm, before.odMm, here.designation)
        assert.isAtLeast(here.widthMm, before.widthMm, here.designation)
      }
    }
  })

  it('shares outside diameters between series of one diameter series', () => {
    for (const names of [
      ['62', 'NU2', '72', '222', 'QJ2', '302'],
      ['63', 'NU3', '73', '223', '303'],
      ['60', 'NU10', '70', '230', '320'],
    ])
      for (const bore of [100, 110, 120])
        assert.lengthOf(
          new Set(
            catalogue.rows
              .filter(({ series, boreMm }) => names.includes(series) && boreMm === bore)
              .map(({ odMm }) => odMm),
          ),
          1,
          `${names[0]}, bore ${bore}`,
        )
  })

  it('goes on to bores of 480 mm in the series that do', () => {
    const groups = [['60', 'NU10', 'NJ10', 'N10', '230', '240', 'C30'], ['231', '241', 'C31']] // prettier-ignore
    for (const bore of [320, 340, 360, 380, 400, 420, 440, 460, 480])
      for (const names of groups) {
        const rows = catalogue.rows.filter(({ series, boreMm }) => names.includes(series) && boreMm === bore)
        assert.lengthOf(rows, names.length, `${names.join()} of ${bore}`)
        assert.lengthOf(new Set(rows.map(({ odMm }) => odMm)), 1)
        // One dimension series has one width: 60 and NU10, 230 and C30, 231 and C31.
        const widths = new Map(rows.map(({ series, widthMm }) => [series, widthMm]))
        for (const [one, other] of [
          ['60', 'NU10'],
          ['230', 'C30'],
          ['231', 'C31'],
        ] as const)
          // prettier-ignore
          assert.equal(widths.get(one), widths.get(other), `${one} and ${other} of ${bore}`)
      }
    for (const [number, ...sizes] of [
      ['23080', 400, 600, 148],
      ['6096', 480, 700, 100],
      ['24184', 420, 700, 280],
      ['61964', 320, 440, 56],
      ['23296', 480, 870, 310],
    ] as const) {
      // prettier-ignore
      const { boreMm, odMm, widthMm } = row(number)
      assert.deepEqual([boreMm, odMm, widthMm], sizes)
    }
  })

  it('shares diameters, and widths where the dimension series has one, with the series it goes on from', () => {
    const shares: [series: string, like: string, widths: boolean][] = [
      ['239', '619', false], ['NNU49', '619', false], ['NNU49', 'NA49', true], ['NN30', '60', false], ['NN30', '230', true],
      ['42', '62', false], ['42', '22', true], ['43', '63', false], ['43', '23', true],
      ['249', '619', false], ['249', 'NNU49', true], ['238', '618', false], ['248', '618', false],
      ['NCF30', 'NN30', true], ['NCF29', '619', false], ['NNCF49', 'NNU49', true], ['NNCF50', '60', false],
      ['NNCF50', 'NN30', false],
    ] // prettier-ignore
    for (const [series, like, widths] of shares) {
      const rows = catalogue.everyRow.filter((one) => one.series === series)
      const pairs = rows.flatMap((one) => catalogue.everyRow.filter((other) => other.series === like && other.boreMm === one.boreMm).map((other) => ({ one, other }))) // prettier-ignore
      assert.isAbove(pairs.length, 2, `${series} beside ${like}`)
      for (const { one, other } of pairs) {
        assert.equal(one.odMm, other.odMm, one.designation)
        if (widths) assert.equal(one.widthMm, other.widthMm, one.designation)
      }
    }
  })

  it('rates double rows and light large ones as is generally published, to a sixth', () => {
    for (const [number, kN] of [
      ['23940', 546],
      ['23956', 845],
      ['NN3020 K', 157],
      ['NNU4924', 176],
      ['4206', 26],
      ['4308', 55.9],
      ['NNCF5020', 391],
      ['R8', 5.1],
      ['R16', 10.1],
      ['RNA4905', 24.2],
      ['HK2516', 15.1],
      ['HK3020', 20.1],
    ] as const)
      // prettier-ignore
      assert.closeTo((findBearing(number, catalogue)?.interior.dynamicRatingN ?? 0) / 1000 / kN, 1, 1 / 6, number)
  })

  it('goes on to a bore of 500 mm, written behind a slash', () => {
    for (const [number, ...size] of [
      ['230/500', 500, 720, 167],
      ['238/500', 500, 620, 90],
      ['249/500', 500, 670, 170],
      ['60/500', 500, 720, 100],
      ['NU10/500', 500, 720, 100],
      ['241/500', 500, 830, 325],
    ] as const) {
      const found = findBearing(number, catalogue)?.row
      assert.deepEqual([found?.boreMm, found?.odMm, found?.widthMm], size, number)
    }
  })

  it('never makes a wider ring of a heavier series narrower: 38 is narrower than 48, 39 than 49', () => {
    for (const [narrow, wide] of [
      ['238', '248'],
      ['239', '249'],
      ['NCF29', 'NNCF49'],
      ['NCF30', 'NNCF50'],
    ] as const)
      // prettier-ignore
      for (const { boreMm, widthMm, designation } of catalogue.everyRow.filter(({ series }) => series === narrow))
        for (const other of catalogue.everyRow.filter((one) => one.series === wide && one.boreMm === boreMm))
          assert.isBelow(widthMm, other.widthMm, designation)
  })

  describe('inch balls', () => {
    const size = (number: string) => {
      const found = findBearing(number, catalogue)
      return found && [found.decoded.normal, found.row.boreMm, found.row.odMm, found.row.widthMm]
    }
    it('have a bore of so many sixteenths, and are wider with a shield or a seal', () => {
      assert.deepEqual(size('R8'), ['R8', 12.7, 28.575, 6.35])
      assert.deepEqual(size('R8ZZ'), ['R8-2Z', 12.7, 28.575, 7.9375])
      assert.deepEqual(size('R12-2RS'), ['R12-2RS', 19.05, 41.275, 11.1125])
      for (const { designation, boreMm } of catalogue.everyRow.filter(({ series }) => series === 'R'))
        assert.closeTo(boreMm, (25.4 * Number(/\d+/.exec(designation)?.[0])) / 16, 1e-9, designation)
    })
    it('are known by eighths too, and the wider section by its letter', () => {
      assert.deepEqual(size('EE8'), size('R16'))
      assert.deepEqual(size('EE4 2RS'), size('R8-2RS'))
      assert.deepEqual(size('R4A'), ['R4A', 6.35, 19.05, 5.55625])
    })
    it('leave an R before a metric number unread', () =>
      assert.deepEqual(findBearing('R 6210', catalogue)?.decoded.unknown, ['R']))
    it('are found by measuring at the width they have', () => {
      const measured = (widthMm: number, closedSides: 0 | 2) => match({ boreMm: [12.7], odMm: [28.57], widthMm: [widthMm], rollingElement: 'ball', ringShape: 'flat', closure: closedSides ? 'contact-seal' : 'open', closedSides }, { ...catalogue, rows: catalogue.everyRow }).candidates[0]?.designation // prettier-ignore
      assert.equal(measured(6.33, 0), 'R8')
      assert.equal(measured(7.92, 2), 'R8-2RS')
    })
    it('are searched by either width', () => {
      const found = (widthMm: number) =>
        searchCatalogue(catalogue, { boreMm: 12.7, odMm: 28.575, widthMm }).map(({ designation }) => designation)
      assert.include(found(6.35), 'R8')
      assert.include(found(7.9375), 'R8')
    })
  })

  describe('rollers on the shaft', () => {
    it('have the raceway for their bore, and it goes through the middle of the needles', () => {
      for (const [number, raceway, od] of [
        ['RNA4905', 30, 42],
        ['RNA4910', 58, 72],
        ['HK2516', 25, 32],
        ['HK 1612', 16, 22],
      ] as const) {
        const found = findBearing(number, catalogue)
        assert.equal(found?.row.boreMm, raceway, number)
        assert.equal(found?.row.odMm, od, number)
        assert.closeTo(found?.interior.innerRacewayMm ?? 0, raceway, 1e-9, number)
        assert.isNull(found?.decoded.clearanceClass)
      }
    })
    it('share outside and width with the one that has its inner ring', () => {
      const withRing = catalogue.rows.filter(({ type }) => type === 'needle-roller')
      for (const one of withRing) {
        const bare = catalogue.byDesignation.get(`R${one.designation}`)
        assert.deepEqual([bare?.odMm, bare?.widthMm], [one.odMm, one.widthMm], one.designation)
        assert.isAbove(bare?.boreMm ?? 0, one.boreMm)
      }
    })
    it('run on the shaft whatever is said, and cannot be held by a nut', () => {
      const bearing = findBearing('HK2516', catalogue)
      assert.isNotNull(bearing)
      assert.equal(usualHolding(bearing), 'no-inner-ring')
      assert.equal(cannotHold('shoulder', bearing), 'no-inner-ring')
    })
    it('are refused as a cage alone, with what would be its raceways', () =>
      assert.throws(() => decodeDesignation('K25x30x13', catalogue), /at least one ring/))
  })

  it('reads full complement with and without its letter as one bearing', () => {
    const [bare, lettered] = ['NCF3020', 'NCF 3020 CV'].map((number) => decodeDesignation(number, catalogue))
    assert.equal(lettered?.normal, bare?.normal)
    assert.deepEqual(lettered?.features, ['axial-one-direction', 'full-complement'])
    assert.isEmpty(lettered?.unknown)
  })

  it('knows an insert made for a sleeve by its letters', () => {
    const found = findBearing('UK208', catalogue)
    assert.equal(found?.decoded.boreShape, 'tapered')
    assert.equal(found && usualHolding(found), 'adapter-sleeve')
    assert.equal(found?.interior.elementDiameterMm, findBearing('UC208', catalogue)?.interior.elementDiameterMm)
  })

  it('refuses a file that does not fit', () => {
    assert.throws(() => readCatalogue({ ...catalogueTables, sizes: 'a,b\n1,2' }), /header/)
    const header = 'designation,type,series,boreMm,odMm,widthMm,assemblyWidthMm,chamferMm,outerWidthMm'
    assert.throws(
      () => readCatalogue({ ...catalogueTables, sizes: `${header}\n6214,deep-groove-ball,62,seventy,125,24,,,` }),
      /line 2/,
    )
  })

  describe('search', () => {
    const found = (query: Parameters<typeof searchCatalogue>[1]) =>
      searchCatalogue(catalogue, query).map(({ designation }) => designation)

    it('finds by the start of a number, spaces and case aside', () =>
      assert.deepEqual(found({ text: 'nu 221', limit: 3 }), ['NU221', 'NU2210', 'NU2211']))
    it('finds by size, in the order of the catalogue', () =>
      assert.deepEqual(found({ boreMm: 70, odMm: 125, widthMm: 24 }).slice(0, 4), ['6214', 'NU214', 'NJ214', 'NUP214']))
    it('measures a tapered bearing over the assembly', () =>
      assert.include(found({ boreMm: 70, odMm: 125, widthMm: 33.25 }), '32214'))
    it('forgives half a millimetre of wear', () => assert.include(found({ boreMm: 70.3, odMm: 124.9 }), '6214'))
    it('finds nothing where nothing is', () => assert.isEmpty(found({ boreMm: 490 })))
  })
})

describe('estimated interior', () => {
  // Generally published C and C0, kN, and the deviation of the estimate in per cent.
  const published: [string, number, number, number, number][] = [
    ['6006', 13.2, 8.3, 0.3, 0.3],
    ['6012', 29.5, 23.2, 0.2, 0.2],
    ['6208', 29.1, 17.9, 0.1, 0.1],
    ['6214', 62, 44, 0.4, 0.1],
    ['6306', 26.7, 15, 1.4, 3.5],
    ['6314', 104, 68, 0.2, 0.1],
    ['NU208', 62, 53, 0.3, 10],
    ['NU312', 173, 160, 2.3, 2.8],
    ['NU2210', 90, 88, 0.2, 9.6],
    ['22216', 236, 270, 0.7, 2.2],
    ['22312', 310, 335, 0.1, 3.7],
    ['30208', 61.6, 68, 0.7, 2.6],
    ['32010', 60.5, 88, 0.9, 0.4],
    ['7210', 39, 30.5, 0.1, 0.1],
    ['1209', 22.9, 7.8, 2.5, 5.8],
  ]
  for (const [designation, c, c0, percentC, percentC0] of published)
    it(`${designation} meets published ratings`, () => {
      const estimate = estimateInterior(row(designation))
      // The listed deviations are rounded to a tenth of a per cent.
      assert.isAtMost(Math.abs(estimate.dynamicRatingN / (c * 1000) - 1) * 100, percentC + 0.1)
      assert.isAtMost(Math.abs(estimate.staticRatingN / (c0 * 1000) - 1) * 100, percentC0 + 0.1)
    })

  it('can be built for every size: tracks between bore and outside diameter, elements that fit', () => {
    for (const one of catalogue.rows) {
      const interior = estimateInterior(one, { seatSize: seatSizeOf(one, catalogue) })
      assert.isAbove(interior.innerRacewayMm, one.boreMm, one.designation)
      assert.isBelow(interior.outerRacewayMm, one.odMm, one.designation)
      assert.isAbove(interior.dynamicRatingN, 0, one.designation)
      assert.isAbove(interior.massKg, 0, one.designation)
      assert.isBelow(interior.fatigueLimitN, interior.staticRatingN / 8, one.designation)
    }
  })

  it('says which series were held against published ratings', () => {
    assert.isTrue(isVerifiedEstimate(row('6214')))
    assert.isFalse(isVerifiedEstimate(row('24030')))
  })
})
