/** Of the distributions of jstat, those that are used. */
declare module 'jstat' {
  interface Quantiles<A extends readonly number[]> {
    inv(p: number, ...of: A): number
  }
  const jstat: {
    readonly studentt: Quantiles<[degreesOfFreedom: number]>
    readonly normal: Quantiles<[mean: number, sd: number]> & {
      cdf(x: number, mean: number, sd: number): number
    }
    readonly centralF: Quantiles<[numerator: number, denominator: number]>
  }
  export default jstat
}
