/** What tests ask of the reference library. */
declare module 'jstat' {
  export const jStat: {
    gammaln(x: number): number;
    stdev(of: readonly number[]): number;
    readonly gamma: { inv(quantile: number, shape: number, scale: number): number };
    readonly poisson: { cdf(count: number, mean: number): number };
    readonly beta: { inv(quantile: number, a: number, b: number): number };
    readonly binomial: { cdf(hits: number, of: number, share: number): number };
    readonly studentt: {
      inv(quantile: number, degrees: number): number;
      cdf(t: number, degrees: number): number;
    };
    readonly normal: {
      cdf(x: number, mean: number, sd: number): number;
      inv(quantile: number, mean: number, sd: number): number;
    };
  };
}
