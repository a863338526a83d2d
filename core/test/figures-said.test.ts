import { assert } from 'chai'
import { assess, formatQuantity, renderSentence } from '../src/index.ts'
import { quantities, roundings } from '../src/model/units.ts'
import { positionWith } from './bench-position.ts'
import { faultyPositions } from './positions/faulty.ts'
import { healthyPositions } from './positions/healthy.ts'
import { references } from './references.ts'

/** Quantities of a sentence, with the words they stand in. */
const quantitiesIn = (sentence: string) =>
  [...sentence.matchAll(/\{(-?[\d.]+(?:e[+-]?\d+)?) ([^}~]*)(?:~[fd]\d+)?\}/g)].map(([marker, digits, symbol]) => ({
    marker,
    value: Number(digits),
    symbol,
  }))

const positions = [
  ...healthyPositions.map(({ kind, duty, inputs, designation }) => ({
    kind,
    duty,
    inputs: { ...inputs, bearing: { designation, ...inputs.bearing } },
  })),
  ...faultyPositions,
  // Ratings of a maker's own give a life of three figures.
  ...healthyPositions.slice(0, 40).map(({ kind, duty, inputs, designation }) => ({
    kind,
    duty,
    inputs: { ...inputs, bearing: { designation, ...inputs.bearing, makerDynamicN: 61_234, makerStaticN: 41_234 } },
  })),
].map(({ kind, duty, inputs }) => ({
  inputs: positionWith({ ...inputs, grease: { nu40Cst: 110, runningC: 62, cleanliness: 'normal', ...inputs.grease } }),
  machine: { kind, duty },
}))

/** Every sentence that names the value of a figure of its lens, with other digits than the figure is shown with. */
function saidOtherwise(rounding: (typeof roundings)[number]): string[] {
  return positions.flatMap(({ inputs, machine }) => {
    const { lenses } = assess(inputs, machine, references.catalogue, references.damage)
    return Object.values(lenses).flatMap(({ lens, figures, checks }) => {
      const shown = Object.entries(figures).flatMap(([name, { value, quantity, precision, most }]) =>
        value?.kind === 'number' && (most === undefined || value.number <= most)
          ? [{ name, number: value.number, quantity: quantity, text: formatQuantity(value.number, quantity, 'metric', precision, rounding) }] // prettier-ignore
          : [],
      )
      return checks.flatMap(({ key, reason, wayOut }) =>
        quantitiesIn(`${reason} ${wayOut}`).flatMap(({ marker, value, symbol }) =>
          shown
            .filter(
              ({ number, quantity }) =>
                quantities[quantity].metric === symbol && Math.abs(number - value) <= 1e-11 * Math.abs(number),
            )
            .filter(({ text }) => renderSentence(marker, 'metric', rounding).split('\u00a0')[0] !== text)
            .map(({ name, text }) => `${lens}.${key}: ${renderSentence(marker, 'metric', rounding)}, ${name} ${text}`),
        ),
      )
    })
  })
}

describe('a figure in a sentence', () => {
  for (const rounding of roundings)
    it(`has the digits it has by itself, rounded ${rounding}`, () =>
      assert.deepEqual([...new Set(saidOtherwise(rounding))], []))
})
