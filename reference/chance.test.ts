import { jStat } from 'jstat';
import fc from 'fast-check';
import { answerBatchLine } from '../batch/answer';

/*
 * Shares of distributions against jStat, a statistics library of the registry, where its doubles are right: in the body,
 * to eight digits.
 */
const SEED = 20261128;

const cases = [
  ['normal', jStat.normal, ['mean', 'sd']],
  ['t', jStat.studentt, ['df']],
  ['chi2', jStat.chisquare, ['df']],
  ['F', jStat.centralF, ['df1', 'df2']],
  ['beta', jStat.beta, ['a', 'b']],
  ['gamma', jStat.gamma, ['shape', 'scale']],
] as const;

const ask = (dist: string, params: object, rest: object): number => {
  const line = JSON.stringify({ id: 1, do: 'distribution', dist, params, digits: 15, ...rest });
  const answer = answerBatchLine(line, 60_000) as { ok: boolean; value?: string };
  if (!answer.ok) throw new Error(JSON.stringify(answer));
  return Number(answer.value);
};

test.each(cases)(`shares of %s as another library has them (seed ${SEED})`, (dist, other, names) =>
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 2, max: 60 }), { minLength: 2, maxLength: 2 }),
      fc.integer({ min: 3, max: 97 }),
      (numbers, hundredths) => {
        const values = names.map((_, i) => numbers[i] ?? 1);
        const params = Object.fromEntries(names.map((name, i) => [name, values[i]]));
        const p = hundredths / 100;
        const x = ask(dist, params, { what: 'inverse', p: String(p) });
        expect(Math.abs(other.cdf(x, ...values) - p)).toBeLessThan(1e-8);
        expect(ask(dist, params, { what: 'cdf', x: String(x) })).toBeCloseTo(p, 12);
      },
    ),
    { seed: SEED, numRuns: 8 },
  ),
);
