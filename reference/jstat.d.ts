/** What the checks use of jStat, which comes without types. */
declare module 'jstat' {
  type Distribution = Readonly<{
    cdf: (x: number, ...parameters: readonly number[]) => number;
    pdf: (x: number, ...parameters: readonly number[]) => number;
    inv: (share: number, ...parameters: readonly number[]) => number;
  }>;
  type OfColumn = (values: readonly number[], isSample?: boolean) => number;
  type OfPair = (x: readonly number[], y: readonly number[]) => number;
  export const jStat: Readonly<
    Record<'normal' | 'studentt' | 'chisquare' | 'centralF' | 'beta' | 'gamma', Distribution> &
      Record<
        'mean' | 'sum' | 'sumsqrd' | 'variance' | 'stdev' | 'range' | 'skewness' | 'kurtosis' | 'geomean',
        OfColumn
      > &
      Record<'covariance' | 'spearmancoeff', OfPair>
  >;
}
