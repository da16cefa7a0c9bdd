/** The little that is used of jstat, which brings no types of its own. */
declare module 'jstat' {
  const jStat: {
    readonly normal: { inv(p: number, mean: number, sd: number): number; cdf(x: number, mean: number, sd: number): number };
    readonly studentt: { inv(p: number, degrees: number): number };
    /** The natural logarithm of the gamma function. */
    gammaln(x: number): number;
  };
  export default jStat;
}
