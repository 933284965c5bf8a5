import { present } from '../base/item';
import { Refusal } from '../chance/refusal';
import { real } from '../number/arithmetic';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { toDouble } from '../number/to-double';
import { fromRational } from '../number/value';
import type { RealValue } from '../number/value';
import { tooFew, valuesOf } from './sample';
import { FEWEST_FOR_W, MOST_FOR_W, shapiroWilk } from './shapiro';
import { defineTest } from './test-record';

/** How near a number that is worked in doubles is told to be. */
const NEAR: Rational = { n: 1n, d: 10n ** 13n };
const SCALE = 2n ** 60n;

const estimated = (v: number): RealValue =>
  real('estimate', fromRational(q.rational(BigInt(Math.round(v * 2 ** 60)), SCALE)), fromRational(NEAR));

export const normality = defineTest({
  id: 'normality',
  needs: ['x'],
  source: 'S. S. Shapiro, M. B. Wilk, 1965; P. Royston, 1995',
  work: (w, { x }) => {
    const values = valuesOf(present(x), 'normality');
    if (values.length < FEWEST_FOR_W) throw tooFew(FEWEST_FOR_W, values.length);
    if (values.length > MOST_FOR_W) throw new Refusal({ code: 'too-large' });
    const found = shapiroWilk(values.map((v) => toDouble(v, () => true)));
    if (found === null) throw new Refusal({ code: 'domain', reason: 'no-variance' });
    return {
      outcomes: [{ letter: 'W', statistic: estimated(found.w), df: [], p: estimated(found.p), against: null }],
      estimate: null,
      interval: [null, null],
      effect: null,
      isApproximate: true,
    };
  },
});
