import bolts from '../../../data/bolt-torque.json' with { type: 'json' }

export interface Torque {
  threadMm: number
  torqueNm: number
  /** Into cast iron, which bears less than the bolt does. */
  castNm: number
}

/** Share of its torque that a bolt is given into cast iron. */
const castShare = 0.7

/** Rows of thread and torque, mm and N·m. */
export const torques = (rows: readonly (readonly number[])[]): Torque[] =>
  rows.map(([threadMm = 0, torqueNm = 0]) => ({ threadMm, torqueNm, castNm: castShare * torqueNm }))

/** Bolts of class 8.8, lightly oiled, by their thread. */
export const boltTorques: readonly Torque[] = torques(bolts.rows)
