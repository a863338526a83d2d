import { assert } from 'chai'
import fc from 'fast-check'
import { InputError } from '../../src/errors/input-error.ts'
import { inSentence, renderSentence } from '../../src/model/sentence.ts'
import {
  formatInput,
  formatNumber,
  formatQuantity,
  fromShown,
  parseQuantity,
  quantities,
  thinSpace,
  toShown,
  unitSpace,
  type Quantity,
  type UnitSystem,
} from '../../src/model/units.ts'

describe('parseQuantity', () => {
  const read: [text: string, quantity: Quantity, system: UnitSystem, base: number | null][] = [
    ['70', 'length', 'metric', 70],
    ['3 in', 'length', 'metric', 76.2],
    ['3in', 'length', 'metric', 76.2],
    ['2 1/2 in', 'length', 'metric', 63.5],
    ['1/2"', 'length', 'metric', 12.7],
    ['2.5', 'length', 'inch', 63.5],
    ['70 mm', 'length', 'inch', 70],
    ['3 thou', 'deviation', 'metric', 76.2],
    ['12,5', 'length', 'metric', 12.5],
    ['1 480', 'speed', 'metric', 1480],
    [`41${thinSpace}200`, 'force', 'metric', 41_200],
    ['1e3', 'force', 'metric', 1000],
    ['.5', 'length', 'metric', 0.5],
    ['210 F', 'temperature', 'metric', 98.88888888888889],
    ['98.9 °C', 'temperature', 'inch', 98.9],
    ['-20', 'temperature', 'metric', -20],
    ['−20', 'temperature', 'metric', -20],
    ['18 F', 'temperatureRise', 'metric', 10],
    ['900 lbf', 'force', 'metric', 4003.39945373445],
    ['2 kN', 'force', 'metric', 2000],
    ['  ', 'force', 'metric', null],
  ]
  for (const [text, quantity, system, base] of read)
    it(`reads ${text} as ${quantity}`, () => {
      const value = parseQuantity(text, quantity, system, 'field')
      if (base === null) assert.isNull(value)
      else assert.approximately(value ?? NaN, base, 1e-9)
    })

  const refused: [why: string, text: string, quantity: Quantity, message: RegExp][] = [
    ['letters', 'heavy', 'force', /field is "heavy"; it must be a number, alone \(N\) or with one of the units N, kN/],
    ['a unit of something else', '3 kg', 'length', /must be a number/],
    ['a comma that may part thousands', '1,480', 'speed', /cannot be taken two ways/],
    ['two points', '1.2.3', 'length', /must be a number/],
    ['a sign alone', '-', 'length', /must be a number/],
    ['a fraction by nothing', '1/0', 'length', /must be a number/],
  ]
  for (const [why, text, quantity, message] of refused)
    it(`refuses ${why}`, () =>
      assert.throws(() => parseQuantity(text, quantity, 'metric', 'field'), InputError, message))

  it('says how to write an ambiguous comma', () => {
    try {
      parseQuantity('1,480', 'speed', 'metric', 'Speed')
      assert.fail()
    } catch (error) {
      assert.equal((error as InputError).fix, 'Write 1480 or 1.480.')
    }
  })

  it('reads back what it shows, in either system', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Quantity>('length', 'temperature', 'force', 'deviation', 'temperatureRise'),
        fc.constantFrom<UnitSystem>('metric', 'inch'),
        fc.double({ min: -500, max: 50_000, noNaN: true }),
        (quantity, system, value) => {
          const back = parseQuantity(formatInput(value, quantity, system), quantity, system, 'field') ?? NaN
          // Inch fields show five figures; 0 °F lies at −17.8 °C.
          assert.approximately(back, value, Math.max(Math.abs(value), 20) * 2e-4)
        },
      ),
    )
  })
})

describe('formatNumber', () => {
  const cases: [number, Parameters<typeof formatNumber>[1], string][] = [
    [41_234, { figures: 3 }, `41${thinSpace}200`],
    [1234, { figures: 3 }, '1230'],
    [1_234_567, { decimals: 0 }, `1${thinSpace}234${thinSpace}567`],
    [-0.4, { decimals: 0 }, '0'],
    [-12, { decimals: 0 }, '−12'],
    [0.0456, { figures: 2 }, '0.046'],
    [0, { figures: 3 }, '0'],
    [70.0026, { decimals: 3 }, '70.003'],
  ]
  for (const [value, precision, text] of cases)
    it(`${value} as ${text}`, () => assert.equal(formatNumber(value, precision), text))
})

describe('formatQuantity', () => {
  it('shows whole micrometres and tenths of a thou', () => {
    assert.equal(formatQuantity(25.4, 'deviation', 'metric'), '25')
    assert.equal(formatQuantity(25.4, 'deviation', 'inch'), '1.0')
  })
  it('shows a rise of 10 K as 18 °F, not as 50', () => {
    assert.equal(formatQuantity(10, 'temperatureRise', 'inch'), '18')
    assert.equal(formatQuantity(10, 'temperature', 'inch'), '50')
  })
})

describe('a value as it is shown', () => {
  it('comes back as it was, in every unit there is', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(quantities) as Quantity[])),
        fc.constantFrom<UnitSystem>('metric', 'inch'),
        fc.double({ min: -1e6, max: 1e6, noNaN: true }),
        (quantity, system, value) => {
          const back = fromShown(toShown(value, quantity, system), quantity, system)
          assert.closeTo(back, value, 1e-9 * Math.max(1, Math.abs(value)))
        },
      ),
    )
  })

  it('is in the unit of the system', () => {
    assert.closeTo(fromShown(212, 'temperature', 'inch'), 100, 1e-9)
    assert.closeTo(fromShown(2.5, 'length', 'inch'), 63.5, 1e-9)
    assert.equal(fromShown(63.5, 'length', 'metric'), 63.5)
  })
})

describe('sentences', () => {
  const sentence = `${inSentence(113.3, 'temperature')} is close to ${inSentence(120, 'temperature')}.`
  it('read as they stand', () => assert.equal(sentence, '{113.3 °C} is close to {120 °C}.'))
  it('are shown in the reader’s units', () => {
    assert.equal(renderSentence(sentence, 'metric'), `113${unitSpace}°C is close to 120${unitSpace}°C.`)
    assert.equal(renderSentence(sentence, 'inch'), `236${unitSpace}°F is close to 248${unitSpace}°F.`)
  })
  it('keep the digits of a length', () =>
    assert.equal(renderSentence(inSentence(1.0299, 'length'), 'metric'), `1.03${unitSpace}mm`))
  it('keep tenths of a thou in inches, and of whole millimetres hundredths of an inch', () => {
    assert.equal(renderSentence(inSentence(49.2, 'length', { decimals: 1 }), 'inch'), `1.9370${unitSpace}in`)
    assert.equal(renderSentence(inSentence(49.2, 'length', { decimals: 0 }), 'inch'), `1.94${unitSpace}in`)
  })
  it('keep a number without a unit, and the sign of a degree at its number', () => {
    assert.equal(renderSentence(inSentence(1.2345, 'ratio', { decimals: 2 }), 'metric'), '1.23')
    assert.equal(renderSentence(inSentence(0.0512, 'angle', 2), 'inch'), '0.051°')
  })
  it('have one digit more where a site rounds finely, in either system', () => {
    assert.equal(renderSentence(sentence, 'metric', 'fine'), `113.3${unitSpace}°C is close to 120.0${unitSpace}°C.`)
    assert.equal(renderSentence(sentence, 'inch', 'fine'), `235.9${unitSpace}°F is close to 248.0${unitSpace}°F.`)
    assert.equal(renderSentence(inSentence(12_345, 'duration', 2), 'metric', 'fine'), renderSentence(inSentence(12_300, 'duration', 3), 'metric')) // prettier-ignore
  })
  it('keep braces that are none of theirs', () =>
    assert.equal(renderSentence('{a b} {1 furlong}', 'inch'), '{a b} {1 furlong}'))
})
