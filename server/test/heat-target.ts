import type { HeatTarget } from '@yardfrost/core'

/** A ring of 2 kg that slides at 85 °C, is heated to 95 and never over 120. */
export const heatTarget: HeatTarget = {
  liftC: 90,
  slidesC: 85,
  aimC: 95,
  limitC: 120,
  roomC: 20,
  differenceK: 50,
  massKg: 2,
  areaMm2: 45_000,
}
