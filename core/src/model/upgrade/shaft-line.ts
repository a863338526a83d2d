import type { UpgradeStep } from './document.ts'

export const shaftLineSteps: readonly UpgradeStep[] = []
export const shaftLineSchema = 1
