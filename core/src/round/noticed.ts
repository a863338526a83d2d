/** What a person may notice at a point, besides what came out of it: a few big choices. */
export const noticeable = [
  'leaks',
  'dry',
  'two-colours',
  'gritty',
  'seal',
  'play',
  'shakes',
  'washed',
  'guard',
] as const
export type Noticed = (typeof noticeable)[number]

/** Sign of Diagnose that each of them is; null for what says nothing of the bearing. */
export const noticedSign: Record<Noticed, string | null> = {
  leaks: 'grease-leaked',
  dry: 'grease-absent',
  'two-colours': 'grease-colours-mixed',
  gritty: 'grease-gritty',
  seal: 'seal-lip-worn',
  play: 'axial-play-felt',
  shakes: 'vibration-high-running',
  washed: 'wash-down',
  guard: null,
}
