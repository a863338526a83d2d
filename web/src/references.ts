import { readCatalogue, readDamageKnowledge, type Cause, type Sign } from '@yardfrost/core'
import causes from '@yardfrost/core/data/damage-causes.csv?raw'
import signs from '@yardfrost/core/data/damage-signs.csv?raw'
import weights from '@yardfrost/core/data/damage-weights.csv?raw'
import sizes from '@yardfrost/core/data/dimensions.csv?raw'
import furtherSizes from '@yardfrost/core/data/further-dimensions.csv?raw'
import inchBalls from '@yardfrost/core/data/inch-balls.csv?raw'
import inchTapered from '@yardfrost/core/data/inch-tapered.csv?raw'
import { parse } from 'csv-parse/browser/esm/sync'

const rows = (csv: string): unknown[] => parse(csv, { columns: true, skip_empty_lines: true })

/** The catalogue of standard sizes; it comes with the bench, not with the first page. */
export const catalogue = readCatalogue({ sizes, furtherSizes, inchBalls, inchTapered })

/** The knowledge base of damage. */
export const damage = readDamageKnowledge({ causes: rows(causes), signs: rows(signs), weights: rows(weights) })

const signsByName = new Map(damage.signs.map((sign) => [sign.sign, sign]))
const causesByName = new Map(damage.causes.map((cause) => [cause.cause, cause]))
/** A sign of the knowledge base by its name; none for one that it does not know. */
export const signNamed = (name: string): Sign | null => signsByName.get(name) ?? null
/** What a sign is called; what somebody wrote of his own stands as it is. */
export const signLabel = (name: string): string => signNamed(name)?.label ?? name
/** A cause of the knowledge base by its name. */
export const causeNamed = (name: string): Cause | null => causesByName.get(name) ?? null
