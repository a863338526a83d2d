declare module 'fft.js' {
  /** Radix-4 transform of a size that is a power of two. Complex numbers lie as pairs. */
  export default class FFT {
    constructor(size: number)
    createComplexArray(): number[]
    /** Fills the first half of `out`. */
    realTransform(out: number[], input: ArrayLike<number>): void
    inverseTransform(out: number[], input: ArrayLike<number>): void
  }
}
