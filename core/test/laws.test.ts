import { assert } from 'chai'
import fc from 'fast-check'
import { z } from 'zod'
import { createCalculations } from '../src/calculations.ts'
import { decodeDesignation } from '../src/catalogue/decode-designation.ts'
import { systemLife } from '../src/carry/system-life.ts'
import { attempt } from '../src/errors/input-error.ts'
import { describeAllowed } from '../src/errors/parse-input.ts'
import { dayOf } from '../src/records/days.ts'
import { reactions } from '../src/shaftline/reactions.ts'
import { seededRandom, simulateFits } from '../src/seat/simulate-fit.ts'
import { interference } from '../src/seat/fit-result.ts'
import { sweep } from '../src/sweep.ts'
import { emptyPosition, RollingPosition } from '../src/kinds/rolling/position.ts'
import { references } from './references.ts'

const { catalogue } = references
const calculations = [...createCalculations(references).values()]

interface Json {
  type?: string
  format?: string
  enum?: unknown[]
  const?: unknown
  anyOf?: Json[]
  minimum?: number
  maximum?: number
  exclusiveMinimum?: number
  exclusiveMaximum?: number
  items?: Json
  prefixItems?: Json[]
  properties?: Record<string, Json>
  required?: string[]
}

/** What no instrument shows is nothing. */
const settle = (value: number): number => (Math.abs(value) < 1e-9 ? 0 : value)

/** Days of two years, so that they fall near one another. */
const days = fc.integer({ min: 20_000, max: 20_730 }).map(dayOf)
const words = fc.constantFrom('6214-C3', 'k5', 'H7', 'rust', 'nothing')

/** Values of a schema: inside what it allows, its bounds among them. */
function arbitraryOf(json: Json): fc.Arbitrary<unknown> {
  if (json.enum) return fc.constantFrom(...json.enum)
  if (json.const !== undefined) return fc.constant(json.const)
  if (json.anyOf) return fc.oneof(...json.anyOf.map(arbitraryOf))
  switch (json.type) {
    case 'boolean':
      return fc.boolean()
    case 'integer': {
      const min = Math.max(json.minimum ?? 0, -1000)
      return fc.integer({ min, max: Math.max(min, Math.min(json.maximum ?? 1000, 1000)) })
    }
    case 'number': {
      const min = json.exclusiveMinimum !== undefined ? json.exclusiveMinimum + 1e-3 : (json.minimum ?? -1000)
      const max = Math.min(json.exclusiveMaximum ?? json.maximum ?? 1e6, 1e6)
      // Sizes met at the bench lie well under the bounds; both are tried.
      return fc.oneof(
        fc.double({ min, max: Math.max(max, min), noNaN: true }).map(settle),
        fc.double({ min, max: Math.max(Math.min(max, 300), min), noNaN: true }).map(settle),
        fc.constantFrom(min, Math.max(max, min)),
      )
    }
    case 'array':
      if (json.prefixItems) return fc.tuple(...json.prefixItems.map(arbitraryOf))
      return fc.array(json.items ? arbitraryOf(json.items) : fc.constant(0), { minLength: 1, maxLength: 4 })
    case 'object':
      return fc.record(
        Object.fromEntries(Object.entries(json.properties ?? {}).map(([key, value]) => [key, arbitraryOf(value)])),
        { requiredKeys: json.required ?? [] },
      )
    case 'string':
      if (json.format === 'date') return days
      if (json.format === 'date-time') return days.map((day) => `${day}T06:30Z`)
      return words
    default:
      return words
  }
}

/** Every number in an answer, wherever it stands. */
function numbersIn(value: unknown): number[] {
  if (typeof value === 'number') return [value]
  if (typeof value !== 'object' || value === null) return []
  return Object.values(value).flatMap(numbersIn)
}

describe('every calculation', () => {
  for (const { name, input, run } of calculations) {
    const json = z.toJSONSchema(input, { io: 'input', unrepresentable: 'any' }) as Json
    it(`${name} answers in finite numbers, or refuses naming a field of its input`, () => {
      fc.assert(
        fc.property(arbitraryOf(json), (given) => {
          const { value, refusal } = attempt(() => run(given))
          if (refusal) {
            assert.isNotEmpty(refusal.fix)
            assert.include(
              [...Object.keys(input.shape), 'input', 'context.vfd'],
              refusal.field.split('.')[0] ?? '',
              refusal.message,
            )
          } else assert.isTrue(numbersIn(value).every(Number.isFinite), JSON.stringify(value))
        }),
        { numRuns: 150 },
      )
    })

    it(`${name} refuses nothing, text and a field it does not have`, () => {
      for (const bad of [null, 'text', 7, { noSuchField: 1 }]) {
        const { refusal } = attempt(() => run(bad))
        assert.isNotNull(refusal, JSON.stringify(bad))
        assert.isNotEmpty(refusal.field)
      }
    })

    it(`${name} says what each field takes`, () => {
      for (const [field, schema] of Object.entries(input.shape))
        assert.isNotEmpty(describeAllowed(schema as z.ZodType), field)
    })
  }
})

describe('laws', () => {
  it('a designation in its normal spelling says the same again', () => {
    const suffixes = ['', '-C3', '-2RS', 'K', '-M', ' E', '-2Z-C3', '-P63', ' W33', 'ECP', '-S1']
    fc.assert(
      fc.property(fc.constantFrom(...catalogue.rows), fc.constantFrom(...suffixes), ({ designation }, suffix) => {
        const { value: first } = attempt(() => decodeDesignation(designation + suffix, catalogue))
        if (!first) return
        const again = decodeDesignation(first.normal, catalogue)
        assert.deepEqual({ ...again, unknown: [], assumed: [] }, { ...first, unknown: [], assumed: [] })
        assert.equal(again.normal, first.normal)
      }),
      { numRuns: 600 },
    )
  })

  it('every size of the catalogue is read from its own number', () => {
    for (const row of catalogue.rows) {
      const { boreMm, odMm, widthMm, bearingType, size } = decodeDesignation(row.designation, catalogue)
      assert.deepEqual(
        [size, bearingType, boreMm, odMm, widthMm],
        [row.designation, row.type, row.boreMm, row.odMm, row.widthMm],
      )
    }
  })

  it('a machine mirrored has its reactions mirrored, and they carry the whole load', () => {
    const load = fc.record({
      xMm: fc.integer({ min: -2000, max: 2000 }),
      radialN: fc.integer({ min: 0, max: 50_000 }),
      angleDeg: fc.integer({ min: -180, max: 180 }),
    })
    fc.assert(
      fc.property(fc.array(load, { minLength: 1, maxLength: 5 }), fc.integer({ min: 50, max: 3000 }), (loads, span) => {
        const straight = reactions({ supportsMm: [0, span], locating: 0, loads }).supports
        const mirrored = reactions({
          supportsMm: [0, span],
          locating: 0,
          loads: loads.map((one) => ({ ...one, xMm: span - one.xMm })),
        }).supports
        const near = (a: number, b: number) => assert.approximately(a, b, 1e-6 * (1 + Math.abs(a)))
        near(straight[0].radialN, mirrored[1].radialN)
        near(straight[1].radialN, mirrored[0].radialN)
        const down = loads.reduce(
          (sum, { radialN, angleDeg }) => sum + radialN * Math.cos((angleDeg * Math.PI) / 180),
          0,
        )
        near(straight[0].downN + straight[1].downN, down)
      }),
    )
  })

  it('many bearings live no longer than the shortest-lived of them', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 10, max: 1e6, noNaN: true }), { minLength: 1, maxLength: 6 }), (livesH) => {
        const bearingTypes = livesH.map((_, index) =>
          index % 2 ? ('spherical-roller' as const) : ('deep-groove-ball' as const),
        )
        const { systemH } = systemLife({ livesH, bearingTypes })
        assert.isAtMost(systemH, Math.min(...livesH) * (1 + 1e-9))
        assert.isAbove(systemH, 0)
      }),
    )
  })

  it('simulated fits lie between loosest and tightest, with the mean in the middle, and repeat with their seed', () => {
    const [seat, ring] = [
      { lowerUm: 2, upperUm: 15 },
      { lowerUm: -15, upperUm: 0 },
    ]
    const { interferenceMinUm, interferenceMaxUm, interferenceMeanUm } = interference('shaft', seat, ring)
    const fits = simulateFits('shaft', seat, ring, 20_000, seededRandom(7))
    assert.isAtLeast(Math.min(...fits), interferenceMinUm)
    assert.isAtMost(Math.max(...fits), interferenceMaxUm)
    assert.approximately(fits.reduce((sum, fit) => sum + fit, 0) / fits.length, interferenceMeanUm, 0.15)
    assert.deepEqual(fits, simulateFits('shaft', seat, ring, 20_000, seededRandom(7)))
  })

  describe('a sweep of the catalogue', () => {
    const position = RollingPosition.parse({
      ...emptyPosition(),
      load: { radialN: 6000, axialN: 500, speedRpm: 1480 },
      seat: { loadCase: 'inner-turns' },
    })
    const limits = { boreMm: 70, largestOdMm: 130, largestWidthMm: null, types: null }
    const all = () => sweep(position, { kind: 'pump', duty: 'round-the-clock' }, catalogue, limits)
    const finished = () => {
      const work = all()
      for (;;) {
        const step = work.next()
        if (step.done) return step.value
      }
    }

    it('keeps the limits and says why a type is out', () => {
      const results = finished()
      assert.isAbove(results.length, 20)
      for (const { designation } of results) {
        const row = catalogue.byDesignation.get(designation)
        assert.equal(row?.boreMm, 70)
        assert.isAtMost(row?.odMm ?? 999, 130)
      }
      const plain = results.find(({ designation }) => designation === 'NU214')
      assert.equal(plain?.state, 'stop')
      assert.isNull(plain?.lifeH)
      assert.match(plain.reason ?? '', /carries no axial load/)
    })

    it('can be stopped after any batch', () => {
      const work = sweep(position, { kind: 'pump', duty: 'round-the-clock' }, catalogue, {
        ...limits,
        boreMm: null,
        largestOdMm: null,
      })
      assert.deepEqual(work.next(), { done: false, value: { done: 64, of: catalogue.rows.length } })
      assert.isTrue(work.return([]).done)
    })
  })
})
