import { binaryTree, callTree, constantTree, inside, numberTree, powerTree } from '../../language/tree';
import type { Tree } from '../../language/tree';
import { byRewriting } from '../slip';
import type { SlipRecord } from '../slip';

type Call = Tree & { kind: 'call' };

/** Functions with an inverse that is written with a raised −1 or an a before the name. */
const circular = ['sin', 'cos', 'tan', 'sec', 'csc', 'cot', 'sinh', 'cosh', 'tanh'];
const inverses = new Set(circular.map((name) => `a${name}`));
const direct = new Set(circular);
/** 1/sin has a name of its own, and so on. */
const reciprocals: Readonly<Record<string, string>> = { csc: 'sin', sec: 'cos', cot: 'tan' };

/** Functions whose value at a power is the power of their value. */
const multiplicative = new Set(['sqrt', 'cbrt', 'abs', 'sign', 're', 'im', 'conj', 'arg']);

const isOne = (tree: Tree): boolean => tree.kind === 'number' && tree.written === '1';
const single = (tree: Tree): (Call & { args: readonly [Tree] }) | null =>
  tree.kind === 'call' && tree.args.length === 1 ? (tree as Call & { args: readonly [Tree] }) : null;

/** The power of a function beside the power of its argument. */
export const functionPower: SlipRecord = {
  name: 'function-power',
  cost: 1,
  variants: byRewriting(function* (node) {
    if (node.kind === 'power') {
      const call = single(inside(node.base));
      if (call === null || multiplicative.has(call.fn)) return;
      const [of] = call.args;
      yield [callTree(call.fn, powerTree(of, node.exponent)), 0];
      if (of.kind === 'binary') yield [callTree(call.fn, { ...of, right: powerTree(of.right, node.exponent) }), 0.3];
      return;
    }
    const call = single(node);
    const of = call === null ? null : inside(call.args[0]);
    if (call === null || of === null || multiplicative.has(call.fn)) return;
    if (of.kind === 'power') yield [powerTree(callTree(call.fn, of.base), of.exponent), 0];
    if (of.kind === 'binary' && of.right.kind === 'power')
      yield [powerTree(callTree(call.fn, { ...of, right: of.right.base }), of.right.exponent), 0.3];
  }),
};

/** One over a function beside its inverse. */
export const reciprocalInverse: SlipRecord = {
  name: 'reciprocal-inverse',
  cost: 1,
  variants: byRewriting(function* (node) {
    const over = (fn: string, of: Tree): Tree => binaryTree('over', numberTree('1'), callTree(fn, of));
    const call = single(node);
    if (call !== null) {
      const [of] = call.args;
      if (inverses.has(call.fn)) {
        yield [over(call.fn.slice(1), of), 0];
        yield [callTree(call.fn.slice(1), of), 1];
      }
      if (direct.has(call.fn)) yield [callTree(`a${call.fn}`, of), 1.2];
      const base = reciprocals[call.fn];
      if (base !== undefined) {
        yield [callTree(`a${base}`, of), 0];
        yield [callTree(base, of), 1];
      }
    }
    const below =
      node.kind === 'binary' && (node.op === 'over' || node.op === 'divide') && isOne(node.left)
        ? inside(node.right)
        : node.kind === 'power' && inside(node.exponent).kind === 'negate'
          ? inside(node.base)
          : null;
    const isOver = node.kind === 'binary' || (node.kind === 'power' && isOne(negatedIn(node.exponent)));
    const under = below === null || !isOver ? null : single(below);
    if (under !== null && direct.has(under.fn)) {
      yield [callTree(`a${under.fn}`, under.args[0]), 0];
      yield [callTree(under.fn, binaryTree('over', numberTree('1'), under.args[0])), 1];
    }
  }),
};

const negatedIn = (tree: Tree): Tree => {
  const of = inside(tree);
  return of.kind === 'negate' ? of.of : of;
};

/** Logarithms to base ten, e and two, and their powers, taken for each other. */
export const logBase: SlipRecord = {
  name: 'log-base',
  cost: 1,
  variants: byRewriting(function* (node) {
    if (node.kind === 'call' && ['log', 'ln', 'lg'].includes(node.fn)) {
      const [of, base] = node.args;
      if (of === undefined) return;
      if (node.fn !== 'ln') yield [callTree('ln', of), 0];
      if (node.fn === 'ln' || base !== undefined) yield [callTree('log', of), 0];
      yield [callTree('log', of, numberTree('2')), 0.3];
      if (base !== undefined) yield [callTree('log', base, of), 0.5];
    }
    const exponent =
      node.kind === 'call' && node.fn === 'exp'
        ? node.args[0]
        : node.kind === 'power' && node.base.kind === 'constant' && node.base.name === 'e'
          ? node.exponent
          : undefined;
    if (exponent !== undefined) {
      yield [powerTree(numberTree('10'), exponent), 0.4];
      yield [powerTree(numberTree('2'), exponent), 1];
    }
    if (node.kind === 'power' && node.base.kind === 'number' && ['10', '2'].includes(node.base.written))
      yield [powerTree(constantTree('e'), node.exponent), 0.8];
  }),
};

/** Choices without regard to order beside arrangements. */
export const choices: SlipRecord = {
  name: 'ncr-npr',
  cost: 0.9,
  variants: byRewriting(function* (node) {
    if (node.kind !== 'call') return;
    if (node.fn === 'nCr' || node.fn === 'nPr') yield [{ ...node, fn: node.fn === 'nCr' ? 'nPr' : 'nCr' }, 0];
  }),
};

/** The deviation that divides by n − 1 beside the one that divides by n. */
export const deviations: SlipRecord = {
  name: 's-sigma',
  cost: 0.9,
  variants: byRewriting(function* (node) {
    if (node.kind !== 'call') return;
    if (node.fn === 'sd' || node.fn === 'sigma') yield [{ ...node, fn: node.fn === 'sd' ? 'sigma' : 'sd' }, 0];
  }),
};

/** A root taken as a division by its index. */
export const rootDivision: SlipRecord = {
  name: 'root-division',
  cost: 1.2,
  variants: byRewriting(function* (node) {
    const divided = (of: Tree, by: Tree): Tree => binaryTree('over', of, by);
    if (node.kind === 'call') {
      const [first, second] = node.args;
      if (first === undefined) return;
      if (node.fn === 'sqrt') yield [divided(first, numberTree('2')), 0];
      if (node.fn === 'cbrt') yield [divided(first, numberTree('3')), 0];
      if (node.fn === 'root' && second !== undefined) {
        yield [divided(second, first), 0];
        yield [callTree('root', second, first), 0.8];
      }
    }
    if (node.kind === 'power') {
      const exponent = inside(node.exponent);
      if (exponent.kind === 'binary' && (exponent.op === 'over' || exponent.op === 'divide') && isOne(exponent.left))
        yield [divided(node.base, exponent.right), 0.3];
    }
  }),
};

/** A power taken as a product with its exponent. */
export const powerProduct: SlipRecord = {
  name: 'power-product',
  cost: 1.5,
  variants: byRewriting(function* (node) {
    if (node.kind !== 'power') return;
    const exponent = inside(node.exponent);
    if (exponent.kind === 'number') yield [binaryTree('times', node.base, exponent), 0];
  }),
};
