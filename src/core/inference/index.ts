import type { ProblemData } from '../base/problem';
import type { Result } from '../base/result';
import type { ShouldContinue } from '../base/should-continue';
import { compare } from '../chance/algebra';
import { exactAlgebra } from '../chance/exact-algebra';
import { Refusal, attempt } from '../chance/refusal';
import { anova } from './analysis';
import { fit, independence } from './counts';
import { meanT, meanZ, meansPaired, meansT, meansWelch, meansZ } from './means';
import { normality } from './normality';
import { correlation, slope } from './pairs';
import { share, shares } from './proportions';
import { kruskalWallis, mannWhitney, sign, wilcoxon } from './ranks';
import type { TestData, TestOptions, TestRecord, Tested } from './test-record';
import { anovaTwoWay } from './two-factors';
import { variance, variances } from './variances';

/** Every test with its interval. */
const tests: readonly TestRecord[] = [
  meanT,
  meanZ,
  meansWelch,
  meansT,
  meansPaired,
  meansZ,
  share,
  shares,
  fit,
  independence,
  variance,
  variances,
  correlation,
  slope,
  anova,
  anovaTwoWay,
  sign,
  wilcoxon,
  mannWhitney,
  kruskalWallis,
  normality,
];

const byId = new Map<string, TestRecord>(tests.map((test) => [test.id, test]));
export const testNamed = (id: string): TestRecord | undefined => byId.get(id);

/**
 * What a test says of data: its statistics with their degrees of freedom and chances, what is estimated with its
 * interval, and the size of the effect. Everything is exact or a recipe, so that any digit can be asked for.
 * Problems: parameter; dimension (too few values, unequal lengths); domain (nothing varies, an expected count of zero);
 * what working the distributions says.
 */
export const tested = (
  test: TestRecord,
  data: TestData,
  options: TestOptions,
  shouldContinue: ShouldContinue,
): Result<Tested, ProblemData> =>
  attempt(() => {
    const w = exactAlgebra(shouldContinue);
    const { level } = options;
    if (w.sign(level) <= 0 || compare(w, level, w.of(1)) >= 0)
      throw new Refusal({ code: 'parameter', fn: test.id, name: 'level', must: 'share-inside' });
    return test.work(w, data, options);
  });
