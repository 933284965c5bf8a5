import { convertAngle } from '../number/angle';
import { argument, modulus } from '../number/complex';
import { simplified } from '../number/exact-form';
import { isExact, isReal } from '../number/value';
import type { RealValue } from '../number/value';
import { groupTree } from '../language/tree';
import { printText, TYPED } from '../language/print-text';
import { roundedTexts } from './decimal';
import { exactTree } from './exact-tree';
import type { FormRecord } from './form';

const SIGNS = { deg: '°', rad: '', grad: ' grad' } as const;
const TYPED_SIGNS = { deg: '°', rad: ' rad', grad: ' grad' } as const;

/** r∠θ of a complex number, the angle in the unit that is set. Typed it is r(cos θ + i·sin θ), which reads back. */
export const polar: FormRecord = {
  id: 'polar',
  write: (v, settings, shouldContinue, { unit }) => {
    if (isReal(v)) return null;
    const size = modulus(v, shouldContinue);
    const radians = argument(v, shouldContinue);
    const angle = radians.ok ? convertAngle(radians.value, 'rad', unit, shouldContinue) : radians;
    if (!size.ok || !angle.ok) return null;
    const write = (x: RealValue) => {
      const plain = simplified(x, shouldContinue);
      if (!isExact(plain)) return roundedTexts(x, settings, shouldContinue);
      const tree = exactTree(plain);
      const { decimalSign, grouping } = settings;
      const isSum = tree.kind === 'binary' && (tree.op === 'plus' || tree.op === 'minus');
      const shown = isSum ? groupTree(tree) : tree;
      const text = printText(shown, { style: 'reading', decimalSign, impliedFirst: false, grouping });
      return { text, typed: printText(tree, TYPED), exact: true, settled: true };
    };
    const [r, theta] = [write(size.value), write(angle.value)];
    if (typeof r === 'string') return r;
    if (typeof theta === 'string') return theta;
    const turned = `((${theta.typed})${TYPED_SIGNS[unit]})`;
    return {
      id: 'polar',
      exact: r.exact && theta.exact,
      settled: r.settled && theta.settled,
      text: `${r.text}∠${theta.text}${SIGNS[unit]}`,
      typed: `(${r.typed})*(cos(${turned})+i*sin(${turned}))`,
    };
  },
};
