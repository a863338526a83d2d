/** Words for the values on a shaft, in the units of the device. */
export interface ShaftWords {
  force: (newton: number) => string
  length: (mm: number, decimals?: number) => string
  mass: (kg: number) => string
}
