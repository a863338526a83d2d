import { mostOfIdentify, TakenPhoto } from '@yardfrost/core'
import { z } from 'zod'
import { PositionSummary } from './site.ts'

const name = z.string().trim().min(1).max(80).meta({ title: 'Name' })

/** A bearing on a bench of its own, with no machine. */
export const LooseBearing = PositionSummary.extend({ savedAt: z.iso.datetime(), savedBy: z.string().nullable() })
export type LooseBearing = z.infer<typeof LooseBearing>
export const LooseBearings = z.array(LooseBearing)

/** A bearing is put on a bench of its own, with its number as far as it is known. */
export const AddLoose = z.strictObject({
  name,
  designation: z.string().trim().max(60).default('').meta({ title: 'Bearing' }),
  /** Photographs of it that will be sent. */
  photos: z.array(TakenPhoto).max(mostOfIdentify).default([]).meta({ title: 'Photographs of it' }),
})
export type AddLoose = z.input<typeof AddLoose>

export const RenameLoose = z.strictObject({ name })
export type RenameLoose = z.infer<typeof RenameLoose>

/** A loose bearing goes on a machine, as a position of its own. */
export const PlaceLoose = z.strictObject({ machineId: z.uuid(), name: name.meta({ title: 'Position' }) })
export type PlaceLoose = z.infer<typeof PlaceLoose>

/** Base number, without prefixes in front or suffixes behind. */
export const FittedWhereQuery = z.object({ number: z.string().trim().min(1).max(40) })
/** Positions where a number is fitted. */
export const FittedWhere = z.array(
  z.object({ id: z.uuid(), tag: z.string(), position: z.string(), designation: z.string() }),
)
export type FittedWhere = z.infer<typeof FittedWhere>
