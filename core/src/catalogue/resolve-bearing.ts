import { attempt, InputError } from '../errors/input-error.ts'
import { seatSizeOf, type Catalogue, type CatalogueRow } from './catalogue.ts'
import { decodeDesignation, type Decoded } from './decode-designation.ts'
import { estimateInterior, type InteriorEstimate } from './estimate.ts'

/** A bearing that is in the tables: what its number says, its size and its estimated inside. */
export interface ResolvedBearing {
  decoded: Decoded
  row: CatalogueRow
  interior: InteriorEstimate
}

export type BearingLookup =
  | { kind: 'none' }
  | { kind: 'refused'; refusal: InputError; decoded: Decoded | null }
  | { kind: 'found'; bearing: ResolvedBearing }

// A number says the same every time it is asked, and a bench asks for the same one at every keystroke.
const lookedUp = new WeakMap<Catalogue, Map<string, BearingLookup>>()
/** Numbers that are remembered before all are forgotten: more than any bench or sweep holds against one another. */
const mostRemembered = 500

/** Looks a designation up: not given, refused (unreadable, or a size that is not in the tables), or found. */
export function lookUpBearing(designation: string, catalogue: Catalogue): BearingLookup {
  const known = lookedUp.get(catalogue) ?? new Map<string, BearingLookup>()
  lookedUp.set(catalogue, known)
  const found = known.get(designation) ?? resolve(designation, catalogue)
  if (known.size >= mostRemembered) known.clear()
  known.set(designation, found)
  return found
}

/** The bearing a designation stands for; null where it is not given, cannot be read, or is not in the tables. */
export function findBearing(designation: string, catalogue: Catalogue): ResolvedBearing | null {
  const lookup = lookUpBearing(designation, catalogue)
  return lookup.kind === 'found' ? lookup.bearing : null
}

function resolve(designation: string, catalogue: Catalogue): BearingLookup {
  if (designation.trim() === '') return { kind: 'none' }
  const { value: decoded, refusal } = attempt(() => decodeDesignation(designation, catalogue))
  if (refusal) return { kind: 'refused', refusal, decoded: null }
  const row = catalogue.byDesignation.get(decoded.size)
  if (!row) return { kind: 'refused', refusal: notInTables(designation), decoded }
  const interior = estimateInterior(row, {
    contactAngleDeg: decoded.contactAngleDeg ?? undefined,
    seatSize: seatSizeOf(row, catalogue),
  })
  // A suffix may give an insert bearing another bore, and an inch ball another width, than the size in the tables.
  const made = { ...row, boreMm: decoded.boreMm, widthMm: decoded.widthMm ?? row.widthMm }
  return { kind: 'found', bearing: { decoded, row: made, interior } }
}

/** Estimated interior of the size a designation stands for. @throws InputError on `designation` */
export function estimateByDesignation(designation: string, catalogue: Catalogue): InteriorEstimate {
  const lookup = lookUpBearing(designation, catalogue)
  if (lookup.kind === 'found') return lookup.bearing.interior
  throw lookup.kind === 'refused' ? lookup.refusal : notInTables(designation)
}

function notInTables(designation: string): InputError {
  return new InputError({
    code: 'NOT_ONE_OF',
    field: 'designation',
    value: designation,
    allowed: 'a size in the catalogue',
    fix: 'Look the size up by bore, outside diameter and width; sizes outside the tables need the maker’s drawing.',
  })
}
