import { contextOf } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { exactTree } from '../format/exact-tree';
import { batchText } from '../format/layout';
import { parse } from '../language/parse';
import { printText, TYPED } from '../language/print-text';
import { roundToFigures } from '../number/digits';
import { isExact, isReal } from '../number/value';
import { functionNames } from '.';
import type { FunctionRecord } from './record';
import { records } from './records';

const shouldContinue = () => true;
const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

// Those of distributions are checked together, in core/chance.
const functions: readonly FunctionRecord[] = records;
const described = functions.filter((f) => f.binds !== 'chance');

describe.each(described.map((f) => [f.name, f] as const))('%s', (_name, record) => {
  test.each(record.examples)('$typed', ({ typed, angle = 'rad', complex = false, exact, decimal, problem }) => {
    const reading = parse(typed, options);
    if (!reading.ok) throw new Error(reading.problem.code);
    const value = evaluate(reading.value.tree, contextOf({ angle, complex, shouldContinue }));
    if (problem !== undefined) {
      expect(value.ok ? 'a value' : value.problem.code).toBe(problem);
      return;
    }
    if (!value.ok) throw new Error(value.problem.code);
    if (exact !== undefined)
      expect(isExact(value.value) ? printText(exactTree(value.value), TYPED) : 'a real').toBe(exact);
    if (decimal !== undefined) {
      if (!isReal(value.value)) throw new Error('complex');
      const rounded = roundToFigures(value.value, decimal.replace(/^0\.|\D/g, '').length, shouldContinue);
      expect(typeof rounded === 'string' ? rounded : batchText(rounded)).toBe(decimal);
    }
  });
});
