import type { AngleUnit } from '../base/angle';
import { functionNamed } from '../function';
import { OVERLINE } from '../language/numerals';
import { inside, nodesOf, partsOf, withParts } from '../language/tree';
import type { Tree } from '../language/tree';

const holds = (tree: Tree, kinds: (node: Tree) => boolean): boolean => {
  for (const node of nodesOf(tree)) if (kinds(node)) return true;
  return false;
};

const isMarked = (node: Tree): boolean => node.kind === 'mark' || node.kind === 'dms';
const isPi = (node: Tree): boolean => node.kind === 'constant' && node.name === 'pi';

/** Arguments of trigonometric functions that carry no unit of their own, so that the setting decides. */
export function unmarkedAngles(tree: Tree): readonly Tree[] {
  return [...nodesOf(tree)].flatMap((node) =>
    node.kind === 'call' && functionNamed(node.fn)?.angleIn === true
      ? node.args.filter((arg) => !holds(arg, isMarked))
      : [],
  );
}

/**
 * The expression with `rad` written after every angle that holds π and no unit of its own: with degrees set, such an
 * angle is most likely a slip. Null where there is none.
 */
export function withRadians(tree: Tree): Tree | null {
  const angles = new Set(unmarkedAngles(tree).filter((arg) => holds(arg, isPi)));
  if (angles.size === 0) return null;
  const marked = (node: Tree): Tree => {
    const inner = withParts(node, partsOf(node).map(marked));
    return angles.has(node) ? { kind: 'mark', unit: 'rad', by: 'word', of: inner, span: node.span } : inner;
  };
  return marked(tree);
}

/**
 * The unit that an expression says of itself: that of its marks, where every angle in it is marked alike and what it
 * comes to is no angle. Null where the unit that is set has a say in it.
 */
export function unitByMarks(tree: Tree): AngleUnit | null {
  const nodes = [...nodesOf(tree)];
  const isOpen = nodes.some((node) => node.kind === 'call' && functionNamed(node.fn)?.angleOut === true);
  if (isOpen || isAngle(tree) || unmarkedAngles(tree).length > 0) return null;
  const units = nodes.flatMap((node) =>
    node.kind === 'mark' ? [node.unit] : node.kind === 'dms' ? ['deg' as const] : [],
  );
  const [first] = units;
  return first !== undefined && units.every((unit) => unit === first) ? first : null;
}

/** Whether the line's value depends on the angle unit at all: by an angle that goes in or comes out, or a mark. */
export const usesAngleUnit = (tree: Tree): boolean =>
  holds(tree, (node) => {
    if (isMarked(node)) return true;
    const record = node.kind === 'call' ? functionNamed(node.fn) : undefined;
    return record !== undefined && (record.angleIn || record.angleOut);
  });

/** Whether a line's value is itself an angle: an inverse function, a marked number, or what sums, halves and multiples make of them. */
export function isAngle(tree: Tree): boolean {
  const node = inside(tree);
  switch (node.kind) {
    case 'mark':
    case 'dms':
      return true;
    case 'call':
      return functionNamed(node.fn)?.angleOut === true;
    case 'negate':
      return isAngle(node.of);
    case 'binary': {
      const [left, right] = [isAngle(node.left), isAngle(node.right)];
      if (node.op === 'plus' || node.op === 'minus' || node.op === 'mod') return left || right;
      return node.op === 'over' || node.op === 'divide' ? left && !right : left !== right;
    }
    default:
      return false;
  }
}

/**
 * The bases besides ten that an expression makes one look for: those that its numbers are written in; and with any of
 * them, or a function of bits, those that are usual.
 */
export function basesOf(tree: Tree, usual: readonly number[]): readonly number[] {
  if (tree.kind === 'conversion' && tree.base !== null) return [tree.base, ...usual];
  const nodes = [...nodesOf(tree)];
  const written = nodes.flatMap((node) => (node.kind === 'based' ? [node.base] : []));
  const isOfBits = nodes.some((node) => {
    const record = node.kind === 'call' ? functionNamed(node.fn) : undefined;
    return record?.binds === undefined && record?.usesWord === true;
  });
  return written.length === 0 && !isOfBits ? [] : [...new Set([...usual, ...written])];
}

const isRecurring = ({ written }: Tree & { kind: 'number' }): boolean => written.includes(OVERLINE);

/** Whether an expression is written in decimals: it has one, and none that recurs, which stands for a fraction. Measures come in decimals. */
export function isInDecimals(tree: Tree): boolean {
  if (tree.kind === 'conversion') return tree.base === null;
  const numbers = [...nodesOf(tree)].filter((node) => node.kind === 'number');
  return numbers.some(({ written }) => isDecimalText(written)) && !numbers.some(isRecurring);
}

/** Whether a number is written as a decimal: with digits after the point, or a negative power of ten. */
export const isDecimalText = (written: string): boolean => /^-?\d*(?:\.\d|\d[eE][-−])/.test(written);

/** The whole numbers that a line divides, when that is all it does. */
export function quotientOf(tree: Tree): Readonly<{ of: bigint; by: bigint }> | null {
  const node = inside(tree);
  if (node.kind !== 'binary' || (node.op !== 'over' && node.op !== 'divide')) return null;
  const [of, by] = partsOf(node).map(wholeOf);
  return of === null || by === null || of === undefined || by === undefined ? null : { of, by };
}

function wholeOf(tree: Tree): bigint | null {
  const node = inside(tree);
  if (node.kind === 'negate') {
    const size = wholeOf(node.of);
    return size === null ? null : -size;
  }
  return node.kind === 'number' && /^\d{1,60}$/.test(node.written) ? BigInt(node.written) : null;
}
