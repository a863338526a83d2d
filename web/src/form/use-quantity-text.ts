import {
  attempt,
  formatInput,
  parseQuantity,
  toShown,
  unitSymbol,
  type InputError,
  type LimitWords,
  type Quantity,
} from '@yardfrost/core'
import { ref, watch } from 'vue'
import { useSettings } from '../shell/settings.ts'

/** Digits of a limit in another unit than the one it was set in. */
const limitFigures = 5

/**
 * The text of a field that holds a quantity: what a person types is theirs while they type it; otherwise it follows the value
 * and the units of the device.
 *
 * @param field.check - refuses a number that can be read but is not allowed; throws InputError, its limits as `inUnit` writes them
 * @param field.take - hands on what was read; while the text cannot be read, what the field held before this edit
 * @param field.complain - told what is wrong once the person has moved on; null when it is right again
 */
export function useQuantityText(field: {
  title: string
  quantity: Quantity
  value: () => number | null
  check: (value: number | null, inUnit: LimitWords) => void
  take: (value: number | null) => void
  refusal: () => string | null
  complain: (message: string | null) => void
}) {
  const settings = useSettings()
  const { title, quantity } = field
  const shown = () => {
    const value = field.value()
    return value === null ? '' : formatInput(value, quantity, settings.units)
  }
  const inUnit = (): LimitWords => ({
    limit: (value) =>
      String(Number(toShown(value, quantity, settings.units).toPrecision(limitFigures))).replace('-', '−'),
    unit: unitSymbol(quantity, settings.units),
  })
  const text = ref(shown())
  const typing = ref(false)
  let textAtFocus = text.value
  let valueAtFocus = field.value()

  watch([field.value, () => settings.units], () => {
    if (!typing.value && !field.refusal()) text.value = shown()
  })

  function begin(): void {
    typing.value = true
    textAtFocus = text.value
    if (!field.refusal()) valueAtFocus = field.value()
  }

  function read(): number | null {
    const parsed = parseQuantity(text.value, quantity, settings.units, title)
    field.check(parsed, inUnit())
    return parsed
  }

  function take(complain: boolean): void {
    const { value: parsed, refusal: error } = attempt(read)
    if (!error) {
      field.complain(null)
      field.take(parsed)
    } else {
      field.take(valueAtFocus)
      if (complain) field.complain(sentence(error))
    }
  }

  const sentence = (error: InputError) =>
    `${title} is “${text.value.trim()}”; it must be ${error.allowed}. ${error.code === 'UNREADABLE' ? error.fix : ''}`.trim()

  function leave(): void {
    typing.value = false
    // Text nobody touched is a rounded value; reading it back would change the input.
    if (text.value !== textAtFocus) take(true)
    if (!field.refusal()) text.value = shown()
  }

  return { text, begin, take, leave }
}
