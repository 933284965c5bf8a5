import { assertNever } from '../base/never';
import { withBrackets, withReach } from './brackets';
import { OVERLINE } from './numerals';
import { operators } from './operators';
import { inside, withoutLeadingMinus } from './tree';
import type { ConstantName, Tree } from './tree';

/** Function names that LaTeX sets by themselves; the others are set upright by \operatorname. */
const KNOWN = new Set([
  'sin',
  'cos',
  'tan',
  'sec',
  'csc',
  'cot',
  'ln',
  'lg',
  'log',
  'exp',
  'sinh',
  'cosh',
  'tanh',
  'min',
  'max',
  'gcd',
  'arg',
]);

function number(written: string): string {
  const [mantissa, ten] = written.split('E');
  const first = mantissa!.indexOf(OVERLINE);
  const shown =
    first < 0
      ? mantissa!
      : `${mantissa!.slice(0, first - 1)}\\overline{${mantissa!.slice(first - 1).replaceAll(OVERLINE, '')}}`;
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

const leastArguments: Readonly<Partial<Record<string, number>>> = {
  sum: 4,
  prod: 4,
  integral: 4,
  derivative: 3,
  cases: 3,
};

function call(tree: Tree & { kind: 'call' }): string {
  const args = tree.args.map(printLatex);
  const [first, second] = args;
  // What is unfinished is written as a plain call.
  const isWhole = tree.args.length >= (leastArguments[tree.fn] ?? 0);
  switch (isWhole ? tree.fn : '') {
    case 'sqrt':
      return `\\sqrt{${first}}`;
    case 'cbrt':
      return `\\sqrt[3]{${first}}`;
    case 'root':
      return `\\sqrt[${first}]{${second}}`;
    case 'abs':
      return `\\left|${first}\\right|`;
    case 'exp':
      return `e^{${first}}`;
    case 'log':
      return second === undefined ? `\\log\\left(${first}\\right)` : `\\log_{${second}}\\left(${first}\\right)`;
    case 'floor':
      return `\\left\\lfloor ${first}\\right\\rfloor `;
    case 'ceil':
      return `\\left\\lceil ${first}\\right\\rceil `;
    case 'conj':
      // A bar over digits would mark what recurs.
      return tree.args[0]?.kind === 'number' ? `\\operatorname{conj}\\left(${first}\\right)` : `\\overline{${first}}`;
    case 'sum':
    case 'prod':
      return `\\${tree.fn}_{${second}=${args[2]}}^{${args[3]}} ${term(tree.args[0]!)}`;
    case 'integral':
      return `\\int_{${args[2]}}^{${args[3]}} ${term(tree.args[0]!)}\\,\\mathrm{d}${second}`;
    case 'derivative':
      return `\\left.\\frac{\\mathrm{d}}{\\mathrm{d}${second}}${term(tree.args[0]!)}\\right|_{${second}=${args[2]}}`;
    case 'cases':
      return casesText(tree.args);
    default: {
      const name = KNOWN.has(tree.fn) ? `\\${tree.fn}` : `\\operatorname{${tree.fn}}`;
      return `${name}\\left(${args.join(', ')}\\right)`;
    }
  }
}

/** What stands after a sum, an integral or a derivative sign: in brackets when it is itself a sum. */
const term = (tree: Tree): string =>
  tree.kind === 'binary' && (tree.op === 'plus' || tree.op === 'minus')
    ? `\\left(${printLatex(tree)}\\right)`
    : printLatex(tree);

function casesText(args: readonly Tree[]): string {
  const rows: string[] = [];
  for (let i = 0; i + 1 < args.length; i += 2) rows.push(`${printLatex(args[i + 1]!)} & ${printLatex(args[i]!)}`);
  return `\\begin{cases}${[...rows, `${printLatex(args.at(-1)!)} & \\text{otherwise}`].join(' \\\\ ')}\\end{cases}`;
}

const unwrapped = (tree: Tree): string => printLatex(tree.kind === 'group' ? inside(tree) : tree);

/** The expression in LaTeX's mathematics (amsmath). */
export function printLatex(tree: Tree): string {
  const node = withReach(withBrackets(tree, false));
  switch (node.kind) {
    case 'number':
      return number(node.written);
    case 'constant':
      return constants[node.name];
    case 'letter':
      return node.name;
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
    case 'relation':
      return (
        printLatex(node.first) + node.rest.map((part) => operators[part.op].latex + printLatex(part.right)).join('')
      );
    case 'logic':
      return `${printLatex(node.left)} ${operators[node.op].latex}${printLatex(node.right)}`;
    case 'not':
      return operators.not.latex + printLatex(node.of);
    case 'box':
      return '\\square ';
    default:
      return assertNever(node);
  }
}
