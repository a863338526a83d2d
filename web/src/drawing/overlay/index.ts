import type { Lens } from '@yardfrost/core'
import { carryOverlay } from './carry.ts'
import { floatOverlay } from './float.ts'
import { greaseOverlay } from './grease.ts'
import { identifyOverlay } from './identify.ts'
import { mountOverlay } from './mount.ts'
import type { Overlaid } from './overlaid.ts'
import { emptyOverlay, type Overlay } from './overlay.ts'
import { seatOverlay } from './seat.ts'

/** What each lens lays over the half-section. */
export const overlays: Record<Lens, (over: Overlaid) => Overlay> = {
  identify: identifyOverlay,
  carry: carryOverlay,
  seat: seatOverlay,
  float: floatOverlay,
  mount: mountOverlay,
  grease: greaseOverlay,
  diagnose: ({ name }) => emptyOverlay(`Half-section of ${name}`),
}
