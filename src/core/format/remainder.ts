import { grouped } from '../language/numerals';
import { floorDivide } from '../number/integer';
import type { FormRecord } from './form';

/** 53 ÷ 8 = 6 remainder 5: of two whole numbers as they were written. Typed it is the check, 8·6 + 5 over 8. */
export const remainder: FormRecord = {
  id: 'remainder',
  write: (_v, { grouping }, _alive, { quotient }) => {
    if (quotient === null || quotient.by <= 1n) return null;
    const { of, by } = quotient;
    const times = floorDivide(of, by);
    const rest = of - times * by;
    if (rest === 0n) return null;
    const shown = (n: bigint): string =>
      (n < 0n ? '−' : '') + (grouping ? grouped(`${n < 0n ? -n : n}`) : `${n < 0n ? -n : n}`);
    return {
      id: 'remainder',
      exact: true,
      settled: true,
      text: `${shown(times)} remainder ${shown(rest)}`,
      typed: `(${by}*(${times})+${rest})/${by}`,
    };
  },
};
