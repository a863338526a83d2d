import { assert } from 'chai'
import { attempt } from '../../src/errors/input-error.ts'
import { decodeDesignation } from '../../src/catalogue/decode-designation.ts'
import { readInchTapered } from '../../src/catalogue/inch-tapered.ts'
import { overallWidth, searchCatalogue } from '../../src/catalogue/catalogue.ts'
import { findBearing } from '../../src/catalogue/resolve-bearing.ts'
import { match } from '../../src/identify/match.ts'
import { catalogue } from '../references.ts'

const sets = catalogue.everyRow.filter(({ inch }) => inch !== null)
const numberOf = (row: (typeof sets)[number], ring: 'cone' | 'cup') => row.inch?.[ring] ?? ''

describe('inch tapered sets', () => {
  it('hold at least 120 cones, each set once', () => {
    assert.isAtLeast(new Set(sets.map((row) => numberOf(row, 'cone'))).size, 120)
    assert.lengthOf(new Set(sets.map(({ designation }) => designation)), sets.length)
  })

  it('give a cone one bore and width and a cup one outside, width and angle, in whatever it sits', () => {
    const dimensions = {
      cone: ({ boreMm, widthMm }: (typeof sets)[number]) => [boreMm, widthMm],
      cup: ({ odMm, outerWidthMm, inch }: (typeof sets)[number]) => [odMm, outerWidthMm, inch?.contactAngleDeg],
    }
    for (const ring of ['cone', 'cup'] as const)
      for (const row of sets) {
        const [first] = sets.filter((one) => numberOf(one, ring) === numberOf(row, ring))
        assert.deepEqual(dimensions[ring](row), first && dimensions[ring](first), row.designation)
      }
  })

  it('have every dimension on a ten-thousandth of an inch, or a whole or half millimetre', () => {
    for (const row of sets)
      for (const mm of [row.boreMm, row.odMm, row.widthMm, row.outerWidthMm ?? 0, overallWidth(row)]) {
        const onInch = Math.abs((Math.round((mm / 25.4) * 10_000) / 10_000) * 25.4 - mm) <= 0.00101
        assert.isTrue(onInch || Number.isInteger(2 * mm), `${row.designation}: ${mm}`)
      }
  })

  it('agree: the cone stands out of the cup by what assembly and cup leave, and the rings overlap', () => {
    for (const row of sets) {
      const [cone, cup, whole] = [row.widthMm, row.outerWidthMm ?? 0, overallWidth(row)]
      assert.isAbove(row.odMm, row.boreMm + 10, row.designation)
      assert.isAbove(whole, cup + 1, row.designation)
      assert.isBelow(whole, cone + cup, row.designation)
      assert.isBelow(Math.abs(whole - cone), 0.15 * whole, row.designation)
    }
  })

  it('are refused where a dimension is missing', () =>
    assert.throws(
      () => readInchTapered('cone,cup,boreMm,odMm,coneWidthMm,cupWidthMm,assemblyWidthMm,contactAngleDeg\nA,B,20,50,,12,14,15'),
      /line 2/,
    )) // prettier-ignore

  it('rate as is generally published, to a sixth', () => {
    const published: [string, number][] = [['LM11949/LM11910', 28], ['L44643/L44610', 27], ['LM48548/LM48510', 46], ['25580/25520', 80], ['HM88649/HM88610', 72], ['3780/3720', 108], ['387A/382A', 73], ['15101/15245', 48]] // prettier-ignore
    for (const [number, kN] of published) {
      const rated = (findBearing(number, catalogue)?.interior.dynamicRatingN ?? 0) / 1000
      assert.closeTo(rated / kN, 1, 1 / 6, `${number}: ${rated}`)
    }
  })
})

describe('designation.decode: cone and cup', () => {
  const spellings = [
    'LM11949/LM11910', 'LM11949/10', 'lm11949-lm11910', 'LM11949 LM11910', 'cone LM11949 cup LM11910', 'LM11910/LM11949',
  ] // prettier-ignore
  for (const text of spellings)
    it(`reads ${text}`, () => {
      const { normal, bearingType, boreMm, features, unknown } = decodeDesignation(text, catalogue)
      assert.deepEqual(
        { normal, bearingType, boreMm, features, unknown },
        {
          normal: 'LM11949/LM11910',
          bearingType: 'tapered-roller',
          boreMm: 19.05,
          features: ['inch-size'],
          unknown: [],
        },
      )
    })

  it('says what goes with a cone, or with a cup, that came alone', () => {
    const cone = attempt(() => decodeDesignation('LM67048', catalogue)).refusal
    assert.match(cone?.allowed ?? '', /^a cone with its cup: LM67048\/LM67010$/)
    const cup = attempt(() => decodeDesignation('25520', catalogue)).refusal
    assert.match(cup?.allowed ?? '', /^a cup with its cone: .*25577\/25520/)
  })

  it('leaves a metric number alone that could be the digits of a cup', () => {
    assert.equal(decodeDesignation('6320', catalogue).bearingType, 'deep-groove-ball')
  })

  it('refuses a cone in a cup that it is not made for', () =>
    assert.isNotNull(attempt(() => decodeDesignation('LM11949/LM67010', catalogue)).refusal))
})

describe('inch tapered sets: found', () => {
  it('by cone, by cup and by size', () => {
    const found = (query: Parameters<typeof searchCatalogue>[1]) =>
      searchCatalogue(catalogue, query).map(({ designation }) => designation)
    assert.include(found({ text: 'hm8864' }), 'HM88649/HM88610')
    assert.include(found({ text: 'HM88610' }), 'HM88649/HM88610')
    assert.include(found({ boreMm: 44.45, odMm: 82.931 }), '25580/25520')
  })

  it('among the candidates of a measured bearing only where inch sizes are looked for', () => {
    const readings = {
      boreMm: [26.99],
      odMm: [50.29],
      widthMm: [14.2],
      rollingElement: 'taper',
      ringShape: 'cone-and-cup',
      closure: 'open',
      closedSides: 0,
    } as const
    const of = (rows: typeof catalogue.rows) =>
      match({ ...readings, boreMm: [...readings.boreMm], odMm: [...readings.odMm], widthMm: [...readings.widthMm] }, { rows, series: catalogue.series }) // prettier-ignore
    assert.deepInclude(of(catalogue.rows), { candidates: [], inchSuspected: true })
    assert.equal(of(catalogue.everyRow).candidates[0]?.designation, 'L44649/L44610')
    assert.isFalse(of(catalogue.everyRow).inchSuspected)
  })
})
