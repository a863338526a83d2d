import { assert } from 'chai'
import { createCalculations, runCalculation } from '../../src/calculations.ts'
import { attempt, inputErrorCodes, type InputError } from '../../src/errors/input-error.ts'
import { inputErrorOf, parseInput, type LimitWords } from '../../src/errors/parse-input.ts'
import { RollingPosition } from '../../src/kinds/rolling/position.ts'
import { references } from '../references.ts'
import { z } from 'zod'

const calculations = createCalculations(references)
const refuse = (name: string, input: unknown): InputError => {
  const { refusal } = attempt(() => calculations.get(name)?.run(input))
  assert.isNotNull(refusal, `${name} accepted ${JSON.stringify(input)}`)
  return refusal
}

describe('refused inputs', () => {
  const cases: [why: string, name: string, input: unknown, field: string, code: string, message: RegExp][] = [
    ['missing', 'iso286.limits', { zone: 'k5' }, 'nominalMm', 'MISSING', /nominalMm is missing; it must be a number above 0 to 1250 mm/],
    ['null is missing', 'iso286.limits', { nominalMm: null, zone: 'k5' }, 'nominalMm', 'MISSING', /missing/],
    ['text', 'iso286.limits', { nominalMm: '70', zone: 'k5' }, 'nominalMm', 'WRONG_TYPE', /nominalMm is "70"/],
    ['not a number', 'iso286.limits', { nominalMm: NaN, zone: 'k5' }, 'nominalMm', 'WRONG_TYPE', /NaN/],
    ['infinite', 'iso286.limits', { nominalMm: Infinity, zone: 'k5' }, 'nominalMm', 'WRONG_TYPE', /Infinity/],
    ['too large', 'iso286.limits', { nominalMm: 1e9, zone: 'k5' }, 'nominalMm', 'OUT_OF_RANGE', /1250 mm/],
    ['negative', 'mount.heat', { boreMm: -60, interferenceMaxUm: 20, roomC: 20 }, 'boreMm', 'OUT_OF_RANGE', /from 3 to 2000 mm/],
    ['an unknown word', 'mount.heat', { boreMm: 60, interferenceMaxUm: 20, roomC: 20, closure: 'felt' }, 'closure', 'NOT_ONE_OF', /one of open, shield/],
    ['a misspelt field', 'iso286.limits', { nominalmm: 70, zone: 'k5' }, 'nominalmm', 'UNKNOWN_FIELD', /one of nominalMm, zone/],
    ['no object at all', 'iso286.limits', 'k5', 'input', 'WRONG_TYPE', /input is "k5"/],
    ['no whole number', 'rating.dynamic', { bearingType: 'deep-groove-ball', elements: 8.5, elementDiameterMm: 10, pitchDiameterMm: 60 }, 'elements', 'WRONG_TYPE', /a whole number from 3 to 300/],
  ] // prettier-ignore
  for (const [why, name, input, field, code, message] of cases)
    it(why, () => {
      const error = refuse(name, input)
      assert.equal(error.field, field)
      assert.equal(error.code, code)
      assert.match(error.message, message)
      assert.isNotEmpty(error.fix)
    })

  it('are named by their whole path in a document', () => {
    const { refusal } = attempt(() => parseInput(RollingPosition, { load: { radialN: -5 } }, 'path'))
    assert.equal(refusal?.field, 'load.radialN')
    assert.match(refusal?.message ?? '', /load\.radialN is -5; it must be a number from 0 to 100000000 N/)
  })

  it('are not made of a size in metres, but it is warned of', () => {
    const answer = calculations.get('iso286.limits')?.run({ nominalMm: 0.025, zone: 'H7' })
    assert.deepEqual(answer, {
      lowerUm: 0,
      upperUm: 10,
      warnings: ['nominalMm is 0.025 mm; if metres are meant, write 25.'],
    })
    assert.notProperty(calculations.get('iso286.limits')?.run({ nominalMm: 25, zone: 'H7' }), 'warnings')
  })

  it('leave the rest of a list alone', () => {
    const calculation = calculations.get('iso286.limits')!
    const answers = runCalculation(calculation, [
      { nominalMm: 70, zone: 'm5' },
      { nominalMm: 70, zone: 'q5' },
      7,
    ]) as object[]
    assert.deepEqual(answers[0], { lowerUm: 11, upperUm: 24 })
    assert.nestedPropertyVal(answers[1], 'error.field', 'zone')
    assert.nestedPropertyVal(answers[2], 'error.field', 'input')
    assert.lengthOf(answers, 3)
  })

  it('have codes that are never used twice', () => assert.lengthOf(new Set(inputErrorCodes), inputErrorCodes.length))
})

describe('a limit', () => {
  const schema = z.object({ span: z.number().min(10).max(20_000).meta({ unit: 'mm' }) })
  const allowed = (inUnit?: LimitWords) => {
    const { error } = schema.safeParse({ span: 5 }, { reportInput: true })
    return inputErrorOf(schema, error?.issues ?? [], 'path', inUnit).allowed
  }
  it('stands in the unit of the schema', () => assert.equal(allowed(), 'a number from 10 to 20000 mm'))
  it('stands in the unit of whoever reads it', () =>
    assert.equal(allowed({ limit: (mm) => (mm / 25.4).toFixed(2), unit: 'in' }), 'a number from 0.39 to 787.40 in'))
})
