import { all, create } from 'mathjs';
import { unhurried } from '@/core/base/should-continue';
import { contextOf } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { exactTree } from '@/core/format/exact-tree';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import type { Tree } from '@/core/language/tree';
import { toDouble } from '@/core/number/to-double';
import { isExact, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { decimalText } from '@/core/slips/decimal-text';
import { countOf } from '@/core/practice/asked-form';
import { drawn } from '@/core/practice/draw';
import { levels } from '@/core/practice/exercise';
import type { Exercise } from '@/core/practice/exercise';
import { mark } from '@/core/practice/mark';
import { seriesRecords } from '@/core/practice/series/records';
import * as q from '@/core/number/rational';
import { generatorOf } from '@/workers/kit/generator';

/*
 * The exercises of every series, solved by the core and by mathjs 15, a general library of the registry. PRACTICE is how
 * many of each level; ten thousand of each series were tried when it was written.
 */

const math = create(all!);
const COUNT = Number(process.env['PRACTICE'] ?? 120);
const context = contextOf({ angle: 'deg', shouldContinue: unhurried });

function treeOf(text: string): Tree {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok) throw new Error(`not read: ${text}`);
  return reading.value.tree;
}

function valueOf(text: string): RealValue {
  const value = evaluate(treeOf(text), context);
  if (!value.ok || !isReal(value.value)) throw new Error(`no value: ${text}`);
  return value.value;
}

/** The line as mathjs writes it. */
const elsewhere = (text: string): string =>
  text
    .replace(/÷/g, '/')
    .replace(/(-?\d+)°/g, '($1 deg)')
    .replace(/log\(([^,()]+(?:\([^()]*\))?)\)/g, 'log10($1)');

const at = (text: string, x: number): number => Number(math.evaluate(elsewhere(text), { x }));
const inTurn = (degrees: number): number => ((degrees % 360) + 360) % 360;

/** Whether a number is the one answer to an exercise, told by the other library. */
function holds({ ask, shown, curve = '', at: place = '' }: Exercise, x: number, form: Exercise['form']): boolean {
  const near = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a), Math.abs(b));
  const sides = (): readonly [string, string] => shown.split('=') as [string, string];
  const off = (z: number): number => at(sides()[0], z) - at(sides()[1], z);
  switch (ask) {
    case 'solve':
      // A line meets zero once where it is not level.
      return near(off(x), 0) && !near(off(x + 1), 0);
    case 'larger-solution':
    case 'smaller-solution': {
      const slope = (off(x + 1e-3) - off(x - 1e-3)) / 2e-3;
      return near(off(x), 0) && (ask === 'larger-solution' ? slope > 0.01 : slope < -0.01);
    }
    case 'round':
      return near(Number(math.round(math.bignumber(shown), countOf(form)?.count ?? 0)), x);
    case 'same-direction':
      return x >= 0 && x < 360 && near(inTurn(parseFloat(shown)), x);
    case 'reference-angle': {
      const turned = (parseFloat(shown) * Math.PI) / 180;
      return x > 0 && x < 90 && near(Math.abs(Math.cos(turned)), Math.cos((x * Math.PI) / 180));
    }
    case 'graph-value':
      return near(at(curve, Number(place)), x);
    case 'graph-zero':
      return near(at(curve, x), 0) && !near(at(curve, x + 1), 0);
    case 'graph-slope':
      return near(at(curve, 1) - at(curve, 0), x);
    case 'graph-lowest':
      return near(Number(math.derivative(curve, 'x').evaluate({ x })), 0) && at(curve, x + 1) > at(curve, x);
    default:
      if (/^\d+%$|%/.test(shown) && ask !== 'work') return near(parseFloat(shown) / 100, x);
      return near(Number(math.evaluate(percented(elsewhere(shown)))), x);
  }
}

/** What is added or taken off in percent, and a share of a value, told by products. */
const percented = (text: string): string =>
  text.replace(/\*(\d+)%/g, '*($1/100)').replace(/([-+])(\d+)%/g, '*(1$1$2/100)');

/** An answer as a pupil would write it in the form that is asked for. */
function written(value: RealValue, form: Exercise['form']): string {
  const exact = isExact(value) ? printText(exactTree(value), TYPED) : '';
  const rational = value.kind === 'rational' ? value.value : null;
  const size = rational === null ? null : q.magnitude(rational);
  const sign = rational !== null && rational.n < 0n ? '-' : '';
  if (size === null) return exact;
  const count = countOf(form);
  if (count !== null) return sign + q.roughly(size).toFixed(count.count);
  if (form === 'decimal') return sign + (decimalText(size) ?? '');
  if (form === 'percent') return `${sign}${decimalText(q.multiply(size, q.whole(100))) ?? ''}%`;
  if (form === 'mixed' && size.d > 1n && size.n > size.d)
    return `${sign}${size.n / size.d} ${size.n % size.d}/${size.d}`;
  if (form === 'scientific') {
    const [digits, exponent] = q.roughly(size).toExponential().split('e');
    return `${sign}${digits}*10^${Number(exponent)}`;
  }
  return exact;
}

const outcome = (exercise: Exercise, answer: string): string => {
  const result = mark(valueOf(exercise.key), treeOf(answer), exercise.form, context);
  return result.ok ? result.value.mark : result.problem.code;
};

describe.each(seriesRecords.map((series) => [series.id, series] as const))('%s', (_, series) => {
  test.each(levels)(
    'level %i: one answer, the same as another library finds; accepted in the form asked for',
    (level) => {
      const generator = generatorOf(`${series.id} ${level}`);
      const exercises = drawn(series, level, COUNT, generator.below);
      const wrong = exercises.filter(
        (exercise) => !holds(exercise, toDouble(valueOf(exercise.key), unhurried), exercise.form),
      );
      expect(wrong).toEqual([]);
      const refused = exercises.filter((e) => outcome(e, written(valueOf(e.key), e.form)) !== 'right');
      expect(refused).toEqual([]);
      // A unit more is wrong.
      expect(exercises.filter((e) => outcome(e, `(${e.key})+1`) !== 'wrong')).toEqual([]);
    },
  );
});

// Invented answers: what is told of them.
test.each<[key: string, form: Exercise['form'], answer: string, told: string]>([
  ['2/3+1/6', 'lowest', '5/6', 'right'],
  ['2/3+1/6', 'lowest', '10/12', 'other-form'],
  ['2/3+1/6', 'lowest', '0.83', 'rounded'],
  ['2/3+1/6', 'lowest', '1/2', 'wrong'],
  ['17/6', 'mixed', '2 5/6', 'right'],
  ['17/6', 'mixed', '17/6', 'other-form'],
  ['17/6', 'mixed', '2 10/12', 'other-form'],
  ['sqrt(12)', 'exact', '2sqrt(3)', 'right'],
  ['sqrt(12)', 'exact', 'sqrt(12)', 'other-form'],
  ['sqrt(12)', 'exact', '3.46', 'rounded'],
  ['1/sqrt(2)', 'exact', 'sqrt(2)/2', 'right'],
  ['1/sqrt(2)', 'exact', '1/sqrt(2)', 'other-form'],
  ['pi/4', 'places 2', '0.79', 'right'],
  ['pi/4', 'places 2', '0.785', 'other-form'],
  ['pi/4', 'places 2', '0.78', 'rounded'],
  ['pi*1000', 'figures 3', '3.14E3', 'right'],
  ['0.35', 'percent', '35%', 'right'],
  ['0.35', 'percent', '0.35', 'other-form'],
  ['420000', 'scientific', '4.2*10^5', 'right'],
  ['420000', 'scientific', '42*10^4', 'other-form'],
  ['420000', 'scientific', '420000', 'other-form'],
])('%s as %s, answered %s: %s', (key, form, answer, told) => {
  expect(outcome({ ask: 'work', shown: key, key, form }, answer)).toBe(told);
});
