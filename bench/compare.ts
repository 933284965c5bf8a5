import { itemAt } from '@/core/base/item';
import { all, create } from 'mathjs';
import { contextOf } from '@/core/evaluate/context';
import { compileDoubles } from '@/core/evaluate/doubles';
import { evaluate } from '@/core/evaluate/evaluate';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { roundToFigures } from '@/core/number/digits';
import { isReal } from '@/core/number/value';
import { curves, forLibrary, mix } from './mix';
import { medians } from './rate';

const shouldContinue = () => true;
const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const DIGITS = 30;

/** One line of a table: what was measured, and the ratio. */
export type Row = readonly [what: string, ratio: number];

function treeOf(text: string) {
  const reading = parse(text, options);
  if (!reading.ok) throw new Error(`${text}: ${reading.problem.code}`);
  return reading.value.tree;
}

function answered(text: string): void {
  const value = evaluate(treeOf(text), contextOf({ digits: DIGITS, shouldContinue }));
  if (!value.ok || !isReal(value.value)) throw new Error(text);
  roundToFigures(value.value, DIGITS, shouldContinue);
}

/** The mix at 30 digits: read, worked and rounded by the core, proved; read and worked by the library, not proved. */
export function compareMix(): readonly Row[] {
  const library = create(all ?? {}, { number: 'BigNumber', precision: DIGITS });
  const theirs = mix.map(forLibrary);
  const [own, other] = medians([
    () => mix.forEach(answered),
    () => theirs.forEach((text) => void library.evaluate(text)),
  ]) as [number, number];
  return [['speed of the core over that of the library, 200 expressions at 30 digits', own / other]];
}

/** Curves in doubles: 1000 points each, against the library's compiled form and against functions written by hand. */
export function compareDoubles(): readonly Row[] {
  const library = create(all ?? {}, {});
  const xs = Float64Array.from({ length: 1000 }, (_, i) => -5 + i / 100 + 0.003);
  let sink = 0;
  const ratios = curves.map(([typed, byHand]) => {
    const own = compileDoubles(treeOf(typed), 'x', contextOf({ shouldContinue }));
    if (own === null) throw new Error(`${typed} is not compiled`);
    const compiled = library.compile(forLibrary(typed));
    const scope = { x: 0 };
    const run = (f: (x: number) => number) => () => {
      for (const x of xs) sink += f(x);
    };
    const theirs = (x: number): number => {
      scope.x = x;
      return compiled.evaluate(scope) as number;
    };
    const [a, b, c] = medians([run(own), run(theirs), run(byHand)], 5, 60) as [number, number, number];
    return { typed, overLibrary: a / b, underHand: c / a };
  });
  if (Number.isNaN(sink)) throw new Error('a curve of the bench has no value');
  const mean = (all: readonly number[]) => Math.exp(all.reduce((s, r) => s + Math.log(r), 0) / all.length);
  return [
    ...ratios.map(({ typed, overLibrary }): Row => [`speed over the library’s compiled form: ${typed}`, overLibrary]),
    ['speed over the library’s compiled form, geometric mean', mean(ratios.map((r) => r.overLibrary))],
    ...ratios.map(({ typed, underHand }): Row => [`time over that of hand-written JavaScript: ${typed}`, underHand]),
    ['time over that of hand-written JavaScript, geometric mean', mean(ratios.map((r) => r.underHand))],
  ];
}

/** Reading time a term against that of ten terms: linear when it stays near 1. */
export function compareParsing(): readonly Row[] {
  const lengths = [10, 100, 1000, 10_000];
  const works = lengths.map((n) => {
    const text = Array.from({ length: n }, (_, i) => `${(i % 9) + 1}x^2`).join('+');
    const whole = { ...options, mostNodes: Infinity };
    if (!parse(text, whole).ok) throw new Error(`${n} terms`);
    return () => void parse(text, whole);
  });
  const rates = medians(works, 5, 150);
  const perTerm = lengths.map((n, i) => 1 / (itemAt(rates, i) * n));
  return lengths.map((n, i): Row => [
    `reading time a term, ${n} terms, over that at 10 terms`,
    itemAt(perTerm, i) / itemAt(perTerm, 0),
  ]);
}
