import type { Catalogue } from '../catalogue/catalogue.ts'
import { decodeDesignation, type Decoded } from '../catalogue/decode-designation.ts'
import { attempt } from '../errors/input-error.ts'

/** Suffixes that make another bearing of it, where the number that is called for has them. */
const telling = (features: readonly string[]) =>
  features.filter((one) => one.endsWith('-cage') || one.startsWith('precision-') || one.startsWith('heat-stabilised-'))

const says = ({ size, clearanceClass, closure, closedSides, boreShape, contactAngleDeg }: Decoded) =>
  [size, clearanceClass, closure, closedSides, boreShape, contactAngleDeg].join()

/**
 * Whether a number that was read says what the one that is called for says: size, clearance, closure, bore and angle alike, and
 * every cage, class and heat treatment that is called for there. How it is written does not matter, nor does what it says besides.
 *
 * @returns false where either cannot be read, or where a part that is not read leaves the rest unconfirmed
 */
export function saysTheSame(read: string, calledFor: string, catalogue: Catalogue): boolean {
  const [found, wanted] = [read, calledFor].map((one) => attempt(() => decodeDesignation(one, catalogue)).value)
  if (!found || !wanted) return read.trim().toUpperCase() === calledFor.trim().toUpperCase()
  const confirmed = found.unknown.length === 0 || found.unknown.every((part) => wanted.unknown.includes(part))
  return (
    confirmed &&
    says(found) === says(wanted) &&
    telling(wanted.features).every((feature) => found.features.includes(feature))
  )
}
