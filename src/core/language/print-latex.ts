import { itemAt } from '../base/item';
import { assertNever } from '../base/never';
import { functionNamed } from '../function';
import { standingOfGrid } from '../notation/grid';
import { latexOf } from '../notation/latex';
import { shownUnit } from '../unit/read';
import { withBrackets, withReach } from './brackets';
import { OVERLINE } from './numerals';
import { operators } from './operators';
import { isSum, standingOfTree } from './standing';
import type { Call } from './standing';
import { inside, withoutLeadingMinus } from './tree';
import type { ConstantName, Tree } from './tree';

/** Digits with what recurs under one bar. */
function digits(written: string): string {
  const first = written.indexOf(OVERLINE);
  return first < 0
    ? written
    : `${written.slice(0, first - 1)}\\overline{${written.slice(first - 1).replaceAll(OVERLINE, '')}}`;
}

function number(written: string): string {
  const [mantissa = '', ten] = written.split('E');
  const shown = digits(mantissa);
  return ten === undefined ? shown : `${shown} \\times 10^{${ten}}`;
}

const constants: Readonly<Record<ConstantName, string>> = {
  pi: '\\pi ',
  e: 'e',
  i: '\\mathrm{i}',
  inf: '\\infty ',
  Ans: '\\mathrm{Ans}',
  total: '\\mathrm{total}',
};

function call(tree: Call): string {
  const { fn, args } = tree;
  const [only] = args;
  if (fn === 'det' && only?.kind === 'matrix')
    return printLatex(only).replace(/bmatrix(?=\}$)|(?<=^\\begin\{)bmatrix/g, 'vmatrix');
  const standing = standingOfTree(tree);
  if (standing !== null)
    return latexOf(standing.layout, {
      value: (slot) => printLatex(itemAt(args, slot)),
      isSum: (slot) => isSum(itemAt(args, slot)),
    });
  const name = functionNamed(fn)?.isLatexCommand === true ? `\\${fn}` : `\\operatorname{${fn}}`;
  return `${name}\\left(${args.map(printLatex).join(', ')}\\right)`;
}

const unwrapped = (tree: Tree): string => printLatex(tree.kind === 'group' ? inside(tree) : tree);

/** The expression in LaTeX's mathematics (amsmath). */
export function printLatex(tree: Tree): string {
  const node = withReach(withBrackets(tree, false));
  switch (node.kind) {
    case 'number':
      return number(node.written);
    case 'based':
      return `\\mathrm{${digits(node.digits)}}_{${node.base}}`;
    case 'constant':
      return constants[node.name];
    case 'letter':
      return node.name.length === 1 ? node.name : `\\mathrm{${node.name.replaceAll('_', '\\_')}}`;
    case 'group':
      return `\\left(${printLatex(node.of)}\\right)`;
    case 'negate':
      return `-${printLatex(node.of)}`;
    case 'binary':
      if (node.op === 'over') {
        const positive = withoutLeadingMinus(node.left);
        const fraction = `\\frac{${unwrapped(positive ?? node.left)}}{${unwrapped(node.right)}}`;
        return positive === null ? fraction : `-${fraction}`;
      }
      return printLatex(node.left) + operators[node.op].latex + printLatex(node.right);
    case 'power':
      return `{${printLatex(node.base)}}^{${unwrapped(node.exponent)}}`;
    case 'postfix':
      return printLatex(node.of) + operators[node.op].latex;
    case 'mark':
      return printLatex(node.of) + (node.by === 'sign' ? '^{\\circ}' : `\\,\\mathrm{${node.unit}}`);
    case 'dms': {
      const seconds = node.seconds === null ? '' : `${node.seconds}''`;
      return `${node.degrees}^{\\circ}${node.minutes}'${seconds}`;
    }
    case 'mixed':
      return `${node.whole ?? ''}\\tfrac{${node.n}}{${node.d}}`;
    case 'call':
      return call(node);
    case 'matrix':
      return latexOf(standingOfGrid(node.columns, node.entries.length).layout, {
        value: (slot) => printLatex(itemAt(node.entries, slot)),
        isSum: () => false,
      });
    case 'entry':
      return `{${printLatex(node.of)}}_{${node.at.map(printLatex).join(', ')}}`;
    case 'relation':
      return (
        printLatex(node.first) + node.rest.map((part) => operators[part.op].latex + printLatex(part.right)).join('')
      );
    case 'logic':
      return `${printLatex(node.left)} ${operators[node.op].latex}${printLatex(node.right)}`;
    case 'not':
      return operators.not.latex + printLatex(node.of);
    case 'conversion': {
      const measures = node.measures.map(
        ({ of, unit }) => printLatex(of) + (unit === null ? '' : `\\,\\text{${shownUnit(unit.text)}}`),
      );
      return `${measures.join('\\;')}\\;\\text{to}\\;\\text{${shownUnit(node.to.text)}}`;
    }
    case 'box':
      return '\\square ';
    default:
      return assertNever(node);
  }
}
