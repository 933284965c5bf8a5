import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { roundToFigures } from '@/core/number/digits';
import { isReal } from '@/core/number/value';
import { contextOf } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

/** Numbers with more bits before or after the point than the engine takes, and what lies next to a number by as little. */
const tiny = '0.5^(2^33)';
const irrational = '0.5^(2^33+√2)';
const extremes = [tiny, `-${irrational}`, `1-${tiny}`, `√2+${irrational}`];
const besides = [...extremes, '2', '-√3'];

const lines = [
  ...[...functionNames.keys()].flatMap((name) =>
    extremes.flatMap((of) => [`${name}(${of})`, `${name}(${of}, 2)`, `${name}(2, ${of})`]),
  ),
  ...['+', '-', '*', '/', '^', ' mod '].flatMap((sign) =>
    extremes.flatMap((of) => besides.flatMap((other) => [`(${of})${sign}(${other})`, `(${other})${sign}(${of})`])),
  ),
  ...extremes.flatMap((of) => [`(${of})!`, `|${of}|`, `(${of})%`]),
];

// What the engine itself would refuse is caught at the edge of the work; rounding stands outside of that edge.
test(`each of ${lines.length} lines with numbers beyond all sizes is answered or told, and no size is left to the engine`, () => {
  let answered = 0;
  for (const line of lines) {
    const reading = parse(line, options);
    if (!reading.ok) continue;
    const end = performance.now() + 300;
    const shouldContinue = () => performance.now() < end;
    const value = evaluate(reading.value.tree, contextOf({ angle: 'rad', digits: 20, shouldContinue }));
    if (!value.ok || !isReal(value.value)) continue;
    const { value: of } = value;
    try {
      roundToFigures(of, 20, shouldContinue);
    } catch (error) {
      throw new Error(line, { cause: error });
    }
    answered += 1;
  }
  expect(answered).toBeGreaterThan(lines.length / 5);
});
