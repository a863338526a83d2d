import type { PictureLength } from '@yardfrost/core'
import type { useFormat } from '../figures/use-format.ts'

/** A length from a picture with what it is true to: a tenth of a millimetre is shown where that says anything. */
export function measuredWords({ lengthMm, withinMm }: PictureLength, format: ReturnType<typeof useFormat>): string {
  const decimals = withinMm < 1 ? 1 : 0
  const shown = (mm: number) => format.inline({ kind: 'number', number: mm }, 'length', { decimals })
  return `${shown(lengthMm)} within ${shown(withinMm)}`
}
