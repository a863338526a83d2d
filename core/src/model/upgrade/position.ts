import type { UpgradeStep } from './document.ts'

/** Schema 2: a position has a kind; what was stored before was a rolling bearing. */
const withKind: UpgradeStep = (document) => ({ ...document, kind: document['kind'] ?? 'rolling' })

export const positionSteps: readonly UpgradeStep[] = [withKind]
export const positionSchema = 2
