import { itemAt } from '../base/item';
import { assertNever } from '../base/never';
import { standingOfGrid } from '../notation/grid';
import { MAIN_BAR, THIN_GAP, fenceAttributes, mathmlOf } from '../notation/mathml';
import type { MathPage } from '../notation/mathml';
import { shownUnit } from '../unit/read';
import { withBrackets, withReach } from './brackets';
import { element, withAttributes } from './markup';
import type { Markup } from './markup';
import { groupedDigits } from '../radix/digits';
import { GROUP, OVERLINE, grouped } from './numerals';
import type { DecimalSign } from './numerals';
import { operators } from './operators';
import { isSum, standingOfTree } from './standing';
import type { Call } from './standing';
import { inside, partsOf, withoutLeadingMinus } from './tree';
import type { ConstantName, Tree } from './tree';

export type FormulaStyle = Readonly<{ decimalSign: DecimalSign; impliedFirst: boolean; grouping: boolean }>;

const row = (...kids: (Markup | string)[]): Markup => element('mrow', ...kids);
const sign = (text: string): Markup => element('mo', text);
const digits = (text: string): Markup => element('mn', text);
/** What stands beside a word in a line. */
const wordGap = (): Markup => withAttributes(element('mspace'), { width: '0.3em' });
const thinSpace = (): Markup => withAttributes(element('mspace'), { width: THIN_GAP });

/** Digits with what recurs under one bar. */
function digitsMarkup(shown: string, decimalSign: DecimalSign): Markup {
  const local = shown.replace('.', decimalSign);
  const first = local.indexOf(OVERLINE);
  const plain = first < 0 ? local : local.slice(0, first - 1);
  const bar = first < 0 ? null : local.slice(first - 1).replaceAll(OVERLINE, '');
  const overlined: Markup | null =
    bar === null
      ? null
      : {
          ...element('mover', digits(bar), withAttributes(sign('¯'), { stretchy: 'true' })),
          mood: 'recurring',
        };
  return overlined === null ? digits(plain) : row(digits(plain), overlined);
}

/** A number: a recurring block under one bar, a power of ten written out. */
function numberMarkup(written: string, { decimalSign, grouping }: FormulaStyle): Markup {
  const [mantissa = '', ten] = written.split('E');
  const number = digitsMarkup(grouping ? grouped(mantissa) : mantissa, decimalSign);
  if (ten === undefined) return number;
  const exponent = ten.startsWith('-') ? row(sign('−'), digits(ten.slice(1))) : digits(ten.replace('+', ''));
  return row(number, sign('×'), element('msup', digits('10'), exponent));
}

const bracket = (text: string, isTall: boolean, isSupplied = false): Markup => {
  const drawn = withAttributes(sign(text), fenceAttributes(isTall));
  return isSupplied ? { ...drawn, mood: 'supplied' } : drawn;
};

function isTall(tree: Tree): boolean {
  switch (tree.kind) {
    case 'binary':
      return tree.op === 'over' || isTall(tree.left) || isTall(tree.right);
    case 'mixed':
      return true;
    case 'power':
      return isTall(tree.base);
    case 'negate':
    case 'postfix':
    case 'mark':
    case 'group':
      return isTall(tree.of);
    case 'matrix':
      return true;
    case 'entry':
      return isTall(tree.of);
    case 'call':
      return standingOfTree(tree)?.isTall === true || tree.args.some(isTall);
    case 'relation':
    case 'logic':
    case 'not':
    case 'conversion':
      return partsOf(tree).some(isTall);
    default:
      return false;
  }
}

const constantSigns: Readonly<Partial<Record<ConstantName, string>>> = { pi: 'π', inf: '∞' };

/** What goes on, on the line, after an operand at its left: with a sign and another operand, or with a sign alone. */
type Chained = Tree & { kind: 'binary' | 'logic' | 'postfix' | 'mark' };
const isChained = (tree: Tree): tree is Chained =>
  tree.kind === 'binary'
    ? tree.op !== 'over'
    : tree.kind === 'logic' || tree.kind === 'postfix' || tree.kind === 'mark';
const leftOf = (tree: Chained): Tree => ('left' in tree ? tree.left : tree.of);

/** The matrix whose determinant is asked for, where bars around its entries say it all; null for all else. */
function matrixOfDeterminant({ fn, args, closed }: Call): Tree | null {
  const [only] = args;
  return fn === 'det' && closed && only?.kind === 'matrix' && only.entries.length <= LARGEST_DRAWN ** 2 ? only : null;
}

/** Matrices of more rows or columns are drawn by their corners. */
const LARGEST_DRAWN = 8;

/** Shorter chains keep a row for each of their parts, so that each can be marked. */
const LONG_CHAIN = 40;

function isLongChain(tree: Tree): tree is Chained {
  let [now, length] = [tree, 0];
  while (isChained(now) && length <= LONG_CHAIN) [now, length] = [leftOf(now), length + 1];
  return length > LONG_CHAIN;
}

/** An expression as it stands on paper. Every node's markup carries its span, but within chains of more than forty signs. */
export function printMathml(tree: Tree, style: FormulaStyle): Markup {
  const separator = style.decimalSign === ',' ? ';' : ',';
  const print = (t: Tree): Markup => ({ ...draw(t), span: t.span });
  const fenced = (of: Tree, closed = true): Markup =>
    row(bracket('(', isTall(of)), print(of), bracket(')', isTall(of), !closed));
  const list = (args: readonly Tree[], closed: boolean): Markup => {
    const tall = args.some(isTall);
    const kids = args.flatMap((arg, i) => (i === 0 ? [print(arg)] : [sign(separator), print(arg)]));
    return row(bracket('(', tall), ...kids, bracket(')', tall, !closed));
  };

  const call = (tree: Call): Markup => {
    const { args } = tree;
    const matrix = matrixOfDeterminant(tree);
    if (matrix !== null) return row(bracket('|', true), print(matrix).kids[1] ?? '', bracket('|', true));
    const found = standingOfTree(tree);
    if (found !== null) {
      const page: MathPage<Markup> = {
        element: (tag, attributes, kids) => withAttributes(element(tag, ...kids), attributes),
        value: (slot) => print(itemAt(args, slot)),
        again: (slot) => print(itemAt(args, slot)),
        fence: (text, tall, of) => bracket(text, tall, of === 'notation' && text === ')' && !tree.closed),
        isTall: (slot) => isTall(itemAt(args, slot)),
        isSum: (slot) => isSum(itemAt(args, slot)),
      };
      const [first, ...others] = mathmlOf(found.layout, page);
      return first !== undefined && others.length === 0
        ? first
        : row(...(first === undefined ? [] : [first]), ...others);
    }
    const name = element('mi', tree.fn);
    if (tree.bracketed) return row(name, sign('\u2061'), list(args, tree.closed));
    return row(name, sign('\u2061'), thinSpace(), ...args.map(print));
  };

  /** A large matrix by its corners and its size; all of it is in what is copied. */
  const abbreviated = ({ columns, entries }: Tree & { kind: 'matrix' }): Markup => {
    const rows = entries.length / columns;
    const shown = (count: number): readonly (number | null)[] =>
      count > LARGEST_DRAWN ? [0, 1, 2, null, count - 1] : Array.from({ length: count }, (_, i) => i);
    const cell = (i: number | null, j: number | null): Markup =>
      i === null || j === null
        ? sign(i === null ? (j === null ? '⋱' : '⋮') : '⋯')
        : print(itemAt(entries, i * columns + j));
    const table = shown(rows).map((i) => element('mtr', ...shown(columns).map((j) => element('mtd', cell(i, j)))));
    return row(
      bracket('[', true),
      element('mtable', ...table),
      bracket(']', true),
      wordGap(),
      element('mtext', `${rows} × ${columns}`),
    );
  };

  const bracketed = (tree: Tree): Tree => withReach(withBrackets(tree, style.impliedFirst));

  /** What follows the operand at the left. */
  const after = (node: Chained): Markup[] => {
    switch (node.kind) {
      case 'binary':
        return [sign(operators[node.op].math), print(node.right)];
      case 'logic':
        return [wordGap(), element('mtext', operators[node.op].typed.trim()), wordGap(), print(node.right)];
      case 'postfix':
        return [withAttributes(sign(operators[node.op].math), { form: 'postfix' })];
      case 'mark':
        return node.by === 'sign'
          ? [withAttributes(element('mi', '°'), { mathvariant: 'normal' })]
          : [wordGap(), element('mtext', node.unit)];
    }
  };

  /** A long chain side by side: browsers take seconds to lay out some hundred rows inside each other. */
  const chain = (long: Chained): Markup[] => {
    const parts: Markup[][] = [];
    let now = long;
    for (;;) {
      parts.push(after(now));
      const left = bracketed(leftOf(now));
      if (!isChained(left)) return [print(leftOf(now)), ...parts.reverse().flat()];
      now = left;
    }
  };

  const chained = (node: Chained): Markup =>
    row(...(isLongChain(node) ? chain(node) : [print(leftOf(node)), ...after(node)]));

  const draw = (original: Tree): Markup => {
    const node = bracketed(original);
    switch (node.kind) {
      case 'number':
        return numberMarkup(node.written, style);
      case 'based': {
        const shown = style.grouping ? groupedDigits(node.digits, node.base, GROUP) : node.digits;
        return element('msub', digitsMarkup(shown, style.decimalSign), digits(`${node.base}`));
      }
      case 'constant':
        return element('mi', constantSigns[node.name] ?? node.name);
      case 'letter':
        return element('mi', node.name);
      case 'group':
        return fenced(node.of, node.closed);
      case 'negate':
        return row(withAttributes(sign('−'), { form: 'prefix' }), print(node.of));
      case 'binary':
        if (node.op === 'over') {
          // A minus that begins the numerator stands before the bar; the value is the same.
          const positive = withoutLeadingMinus(node.left);
          const plain = element('mfrac', print(unwrapped(positive ?? node.left)), print(unwrapped(node.right)));
          const fraction = partsOf(node).some(holdsFraction) ? withAttributes(plain, MAIN_BAR) : plain;
          return positive === null ? fraction : row(withAttributes(sign('−'), { form: 'prefix' }), fraction);
        }
        return chained(node);
      case 'power':
        return element('msup', print(node.base), print(unwrapped(node.exponent)));
      case 'logic':
      case 'postfix':
      case 'mark':
        return chained(node);
      case 'dms': {
        const parts: [string, string][] = [
          [node.degrees, '°'],
          [node.minutes, '′'],
        ];
        if (node.seconds !== null) parts.push([node.seconds, '″']);
        return row(...parts.flatMap(([n, mark]) => [numberMarkup(n, style), element('mtext', mark)]));
      }
      case 'mixed': {
        const part = element('mfrac', numberMarkup(`${node.n}`, style), numberMarkup(`${node.d}`, style));
        return node.whole === null ? part : row(numberMarkup(node.whole.toString(), style), part);
      }
      case 'call':
        return call(node);
      case 'matrix': {
        const { entries, columns } = node;
        if (Math.max(columns, entries.length / columns) > LARGEST_DRAWN) return abbreviated(node);
        const page: MathPage<Markup> = {
          element: (tag, attributes, kids) => withAttributes(element(tag, ...kids), attributes),
          value: (slot) => print(itemAt(entries, slot)),
          again: () => null,
          fence: (text, tall) => bracket(text, tall),
          isTall: (slot) => isTall(itemAt(entries, slot)),
          isSum: () => false,
        };
        return row(...mathmlOf(standingOfGrid(columns, entries.length).layout, page));
      }
      case 'entry': {
        const places = node.at.flatMap((at, i) => [...(i === 0 ? [] : [sign(separator)]), print(at)]);
        return element('msub', print(node.of), row(...places));
      }
      case 'relation':
        return row(
          print(node.first),
          ...node.rest.flatMap((part) => [sign(operators[part.op].math), print(part.right)]),
        );
      case 'not':
        return row(element('mtext', operators.not.typed.trim()), wordGap(), print(node.of));
      case 'conversion': {
        const unit = (text: string): Markup => element('mtext', shownUnit(text));
        const measures = node.measures.map((measure) =>
          measure.unit === null ? print(measure.of) : row(print(measure.of), thinSpace(), unit(measure.unit.text)),
        );
        const apart = measures.flatMap((measure, i) => (i === 0 ? [measure] : [wordGap(), measure]));
        return row(...apart, wordGap(), element('mtext', 'to'), wordGap(), unit(node.to.text));
      }
      case 'box':
        return { ...element('mi', '▯'), mood: 'box' };
      default:
        return assertNever(node);
    }
  };
  return print(tree);
}

/** Whether a bar stands in an expression at its own size, not raised. Sums are long and lean to the left, so that nothing is nested here. */
function holdsFraction(tree: Tree): boolean {
  const open = [tree];
  for (let node = open.pop(); node !== undefined; node = open.pop()) {
    if (node.kind === 'mixed' || (node.kind === 'binary' && node.op === 'over')) return true;
    if (['binary', 'group', 'negate', 'mark', 'postfix'].includes(node.kind)) open.push(...partsOf(node));
  }
  return false;
}

/** A fraction bar or a raised place does the work of closed brackets. */
const unwrapped = (tree: Tree): Tree => (tree.kind === 'group' && tree.closed ? inside(tree) : tree);
