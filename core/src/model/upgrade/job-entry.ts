import type { UpgradeStep } from './document.ts'

export const jobEntrySteps: readonly UpgradeStep[] = []
export const jobEntrySchema = 1
