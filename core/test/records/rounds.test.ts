import { assert } from 'chai'
import fc from 'fast-check'
import { addDays, dayOf } from '../../src/records/days.ts'
import { RoundDueInput, roundDue } from '../../src/records/round-due.ts'
import { RoundLevelInput, roundLevel } from '../../src/records/round-level.ts'

const asOf = '2026-11-23'
const meters = fc
  .array(fc.tuple(fc.integer({ min: 1, max: 60 }), fc.double({ min: 0, max: 24, noNaN: true })), {
    minLength: 2,
    maxLength: 12,
  })
  .map((steps) => {
    let [day, hours] = [0, 100]
    return steps.map(([days, perDay]) => {
      ;[day, hours] = [day + days, hours + days * perDay]
      return { day, hours }
    })
  })
  .map((corners) =>
    corners.map(({ day, hours }) => ({ date: addDays(asOf, day - (corners.at(-1)?.day ?? 0) - 1), hours })),
  )

describe('a due date', () => {
  it('is the first day on which the interval is used up', () =>
    fc.assert(
      fc.property(
        meters,
        fc.double({ min: 50, max: 5000, noNaN: true }),
        fc.integer({ min: 0, max: 90 }),
        (readings, intervalH, ago) => {
          const input = RoundDueInput.parse({
            asOf,
            intervalH,
            hoursSource: 'meter',
            readings,
            lastDone: { date: addDays(asOf, -ago) },
          })
          const { dueDate, notBeforeDate, notAfterDate } = roundDue(input)
          if (dueDate === null) return
          if (dueDate >= asOf) {
            const usedOn = (day: string) => roundDue({ ...input, asOf: day }).usedPercent ?? NaN
            assert.isAtLeast(usedOn(dueDate), 100 - 1e-6)
            if (dueDate > asOf) assert.isBelow(usedOn(addDays(dueDate, -1)), 100 + 1e-6)
          }
          assert.isTrue((notBeforeDate ?? '') <= dueDate && (notAfterDate === null || notAfterDate >= dueDate))
        },
      ),
    ))

  it('of a machine that stands comes by the calendar or never', () => {
    const stands = { asOf, intervalH: 500, hoursSource: 'weekly', hoursPerWeek: 0, lastDone: { date: '2026-10-01' } }
    assert.isNull(roundDue(RoundDueInput.parse(stands)).dueDate)
    const damp = roundDue(RoundDueInput.parse({ ...stands, maxDays: 90 }))
    assert.deepInclude(damp, { dueDate: '2026-12-30', limitedBy: 'calendar', remarks: ['standing'] })
  })
})

describe('even weeks', () => {
  const points = fc.array(
    fc.record({
      due: fc.integer({ min: -20, max: 150 }),
      intervalDays: fc.constantFrom(7, 14, 30, 84, 180, 365),
      machine: fc.constantFrom('a', 'b', 'c', undefined),
      minutes: fc.integer({ min: 1, max: 40 }),
    }),
    { minLength: 1, maxLength: 40 },
  )

  it('are never worse, lose no point, keep to tolerance, and do not hang on the order of the list', () =>
    fc.assert(
      fc.property(points, (given) => {
        const input = RoundLevelInput.parse({
          asOf,
          weeks: 12,
          points: given.map(({ due, machine, ...rest }, index) => ({
            id: `p${index}`,
            dueDate: addDays(asOf, due),
            ...(machine ? { machine } : {}),
            ...rest,
          })),
        })
        const levelled = roundLevel(input)
        assert.isAtMost(levelled.squares, levelled.squaresBefore + 1e-6)
        const placed = new Set(levelled.plan.flatMap(({ ids }) => ids))
        assert.equal(placed.size + levelled.beyond.length, input.points.length)
        for (const { id, toWeek } of levelled.moves) {
          const { dueDate, intervalDays } = input.points.find((one) => one.id === id) ?? assert.fail(id)
          const tolerance = Math.floor(0.1 * intervalDays)
          const day = addDays(asOf, 7 * toWeek)
          assert.isTrue(day >= addDays(dueDate, -tolerance) && day <= addDays(dueDate, tolerance), id)
          assert.isTrue(dueDate >= asOf, 'what is overdue is not put off')
        }
        assert.deepEqual(roundLevel({ ...input, points: [...input.points].reverse() }), levelled)
      }),
      { numRuns: 60 },
    ))
})

describe('days', () => {
  it('count over leap years and centuries', () => {
    assert.equal(addDays('2028-02-28', 1), '2028-02-29')
    assert.equal(addDays('2100-02-28', 1), '2100-03-01')
    assert.equal(dayOf(0), '1970-01-01')
  })
})
