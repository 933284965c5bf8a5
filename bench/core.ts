import { contextOf } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { formsOf } from '@/core/format';
import { plainNature } from '@/core/format/form';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printMathml } from '@/core/language/print-mathml';
import { rate } from './rate';
import { roundToFigures } from '@/core/number/digits';
import { isReal } from '@/core/number/value';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const shouldContinue = () => true;

function once(text: string, digits: number): void {
  const reading = parse(text, options);
  if (!reading.ok) throw new Error(text);
  const value = evaluate(reading.value.tree, contextOf({ angle: 'deg', shouldContinue }));
  if (value.ok && isReal(value.value)) roundToFigures(value.value, digits, shouldContinue);
}

const lines: readonly (readonly [string, string, number])[] = [
  ['a sum of fractions', '6/84+2/7', 10],
  ['a sum of roots', '1/(1+sqrt(2)+sqrt(3))', 10],
  ['a sine, 10 digits', 'sin(1 rad)', 10],
  ['a sine, 200 digits', 'sin(1 rad)', 200],
  ['a logarithm, 10 digits', 'ln(2)', 10],
  ['a logarithm, 200 digits', 'ln(2)', 200],
  ['an angle of 10^1000', 'sin(10^1000 rad)', 10],
  ['a difference of 60 digits', '10^60+sin(1 rad)-10^60', 10],
  ['never settled', 'asin(acos(atan(tan(cos(sin(9))))))', 10],
  ['95!', '95!', 10],
];

/** Speeds of the core as ratios to the simplest line, so that machines can be compared. */
export function benchCore(): void {
  const base = rate(() => once('1+1', 10));
  const row = (name: string, speed: number) =>
    console.log(`${name.padEnd(28)} ${(base / speed).toFixed(1).padStart(9)} × as long as 1+1`);
  for (const [name, text, digits] of lines)
    row(
      name,
      rate(() => once(text, digits)),
    );
  const formula = parse('(-4^2+2/5)/(sqrt(2)+sin(30))', options);
  if (!formula.ok) return;
  row(
    'laying out a formula',
    rate(() => void printMathml(formula.value.tree, { ...options, grouping: true })),
  );
  const value = evaluate(formula.value.tree, contextOf({ angle: 'deg', shouldContinue }));
  if (!value.ok) return;
  row(
    'all forms of a result',
    rate(
      () =>
        void formsOf(
          value.value,
          { mode: 'auto', digits: 10, grouping: true, decimalSign: '.' },
          shouldContinue,
          plainNature('deg'),
        ),
    ),
  );
}
