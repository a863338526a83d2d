/** Deviations of a size from nominal, µm. */
export interface Limits {
  lowerUm: number
  upperUm: number
}
