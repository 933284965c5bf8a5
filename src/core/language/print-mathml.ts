import { assertNever } from '../base/never';
import { withBrackets, withReach } from './brackets';
import { element, withAttributes } from './markup';
import type { Markup } from './markup';
import { OVERLINE, grouped } from './numerals';
import type { DecimalSign } from './numerals';
import { operators } from './operators';
import { inside, partsOf, withoutLeadingMinus } from './tree';
import type { ConstantName, Tree } from './tree';

export type FormulaStyle = Readonly<{ decimalSign: DecimalSign; impliedFirst: boolean; grouping: boolean }>;

const row = (...kids: (Markup | string)[]): Markup => element('mrow', ...kids);
const sign = (text: string): Markup => element('mo', text);
const digits = (text: string): Markup => element('mn', text);
const thinSpace = (): Markup => withAttributes(element('mspace'), { width: '0.17em' });

/** A number: a recurring block under one bar, a power of ten written out. */
function numberMarkup(written: string, { decimalSign, grouping }: FormulaStyle): Markup {
  const [mantissa, ten] = written.split('E');
  const local = (grouping ? grouped(mantissa!) : mantissa!).replace('.', decimalSign);
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
  const number = overlined === null ? digits(plain) : row(digits(plain), overlined);
  if (ten === undefined) return number;
  const exponent = ten.startsWith('-') ? row(sign('−'), digits(ten.slice(1))) : digits(ten.replace('+', ''));
  return row(number, sign('×'), element('msup', digits('10'), exponent));
}

/** Brackets that stay the size of a line around what does not outgrow one. */
type Fence = '(' | ')' | '|' | '⌊' | '⌋' | '⌈' | '⌉' | '{';
function bracket(text: Fence, isTall: boolean, isSupplied = false): Markup {
  const made = withAttributes(sign(text), isTall ? { fence: 'true' } : { stretchy: 'false', fence: 'true' });
  return isSupplied ? { ...made, mood: 'supplied' } : made;
}

/** Functions whose signs stand higher than a line. */
const TALL = new Set(['sum', 'prod', 'integral', 'derivative', 'cases']);

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
    case 'call':
      return TALL.has(tree.fn) || tree.args.some(isTall);
    case 'relation':
    case 'logic':
    case 'not':
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

/** Shorter chains keep a row for each of their parts, so that each can be marked. */
const LONG_CHAIN = 40;

function isLongChain(tree: Tree): tree is Chained {
  let [now, length] = [tree, 0];
  while (isChained(now) && length <= LONG_CHAIN) [now, length] = [leftOf(now), length + 1];
  return length > LONG_CHAIN;
}

/** An expression as it stands on paper. Every node's markup carries its span, but within chains of more than forty signs. */
export function printMathml(tree: Tree, style: FormulaStyle): Markup {
  const print = (t: Tree): Markup => ({ ...draw(t), span: t.span });
  const fenced = (of: Tree, closed = true): Markup =>
    row(bracket('(', isTall(of)), print(of), bracket(')', isTall(of), !closed));
  const list = (args: readonly Tree[], closed: boolean): Markup => {
    const tall = args.some(isTall);
    const kids = args.flatMap((arg, i) =>
      i === 0 ? [print(arg)] : [sign(style.decimalSign === ',' ? ';' : ','), print(arg)],
    );
    return row(bracket('(', tall), ...kids, bracket(')', tall, !closed));
  };

  /** What stands after a sum sign: in brackets when it is itself a sum. */
  const term = (of: Tree): Markup =>
    of.kind === 'binary' && (of.op === 'plus' || of.op === 'minus') ? fenced(of) : print(of);

  const bound = (fn: string, [of, letter, from, to]: readonly Tree[]): Markup => {
    const differential = row(element('mi', 'd'), print(letter!));
    if (fn === 'integral')
      return row(element('msubsup', sign('∫'), print(from!), print(to!)), term(of!), thinSpace(), differential);
    const start = row(print(letter!), sign('='), print(from!));
    if (fn === 'derivative') {
      const slope = row(element('mfrac', element('mi', 'd'), differential), term(of!));
      return row(slope, element('msub', withAttributes(sign('|'), { fence: 'true' }), start));
    }
    const big = withAttributes(sign(fn === 'sum' ? '∑' : '∏'), { largeop: 'true', movablelimits: 'false' });
    return row(element('munderover', big, start, print(to!)), term(of!));
  };

  const cases = (args: readonly Tree[]): Markup => {
    const line = (value: Tree, when: Markup): Markup =>
      element('mtr', element('mtd', print(value)), element('mtd', when));
    const rows: Markup[] = [];
    for (let i = 0; i + 1 < args.length; i += 2) rows.push(line(args[i + 1]!, print(args[i]!)));
    // An unfinished one may still lack what holds otherwise.
    if (args.length % 2 === 1) rows.push(line(args.at(-1)!, element('mtext', 'otherwise')));
    return row(bracket('{', true), element('mtable', ...rows));
  };

  const call = (tree: Tree & { kind: 'call' }): Markup => {
    const [first, second] = tree.args;
    switch (tree.fn) {
      case 'sqrt':
        if (first) return element('msqrt', print(first));
        break;
      case 'cbrt':
        if (first) return element('mroot', print(first), digits('3'));
        break;
      case 'root':
        if (first && second) return element('mroot', print(second), print(first));
        break;
      case 'abs':
        if (first) return row(bracket('|', isTall(first)), print(first), bracket('|', isTall(first)));
        break;
      case 'log':
        if (first && second)
          return row(element('msub', element('mi', 'log'), print(second)), list([first], tree.closed));
        break;
      case 'floor':
      case 'ceil': {
        const [open, close] = tree.fn === 'floor' ? (['⌊', '⌋'] as const) : (['⌈', '⌉'] as const);
        if (first) return row(bracket(open, isTall(first)), print(first), bracket(close, isTall(first)));
        break;
      }
      case 'conj':
        // A bar over digits would mark what recurs.
        if (first && first.kind !== 'number')
          return element('mover', print(first), withAttributes(sign('¯'), { stretchy: 'true' }));
        break;
      case 'sum':
      case 'prod':
      case 'integral':
      case 'derivative':
        if (tree.args.length === (tree.fn === 'derivative' ? 3 : 4)) return bound(tree.fn, tree.args);
        break;
      case 'cases':
        if (tree.args.length >= 3) return cases(tree.args);
        break;
      case 'exp':
        if (first) return element('msup', element('mi', 'e'), print(first));
        break;
    }
    const name = element('mi', tree.fn);
    if (tree.bracketed) return row(name, sign('\u2061'), list(tree.args, tree.closed));
    return row(name, sign('\u2061'), thinSpace(), ...tree.args.map(print));
  };

  const bracketed = (tree: Tree): Tree => withReach(withBrackets(tree, style.impliedFirst));

  /** What follows the operand at the left. */
  const after = (node: Chained): Markup[] => {
    switch (node.kind) {
      case 'binary':
        return [sign(operators[node.op].math), print(node.right)];
      case 'logic':
        return [element('mtext', operators[node.op].typed), print(node.right)];
      case 'postfix':
        return [withAttributes(sign(operators[node.op].math), { form: 'postfix' })];
      case 'mark':
        return node.by === 'sign'
          ? [withAttributes(element('mi', '°'), { mathvariant: 'normal' })]
          : [withAttributes(element('mspace'), { width: '0.25em' }), element('mtext', node.unit)];
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
          const fraction = element('mfrac', print(unwrapped(positive ?? node.left)), print(unwrapped(node.right)));
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
      case 'relation':
        return row(
          print(node.first),
          ...node.rest.flatMap((part) => [sign(operators[part.op].math), print(part.right)]),
        );
      case 'not':
        return row(element('mtext', operators.not.typed), print(node.of));
      case 'box':
        return { ...element('mi', '▯'), mood: 'box' };
      default:
        return assertNever(node);
    }
  };
  return print(tree);
}

/** A fraction bar or a raised place does the work of closed brackets. */
const unwrapped = (tree: Tree): Tree => (tree.kind === 'group' && tree.closed ? inside(tree) : tree);
