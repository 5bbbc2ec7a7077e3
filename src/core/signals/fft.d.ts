declare module 'fft.js' {
  /** Fourier transform of one size, a power of two. */
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    /** Fills the lower half of `out` with real and imaginary parts in turn. */
    realTransform(out: number[], data: ArrayLike<number>): void;
  }
}
