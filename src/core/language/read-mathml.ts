import { DEEPEST } from './token-cursor';

/** An element of MathML as it was read: its name, its text, its children. */
type Node = Readonly<{ tag: string; text: string; kids: Node[] }>;

const entities: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  times: '×',
  divide: '÷',
  minus: '−',
  pi: 'π',
  infin: '∞',
  deg: '°',
  le: '≤',
  ge: '≥',
  ne: '≠',
  sum: '∑',
  int: '∫',
  InvisibleTimes: '\u2062',
  ApplyFunction: '\u2061',
};

const LAST_CODE_POINT = 0x10ffff;

const decoded = (text: string): string =>
  text.replace(/&(#x[\da-f]+|#\d+|\w+);/gi, (whole, name: string) => {
    if (!name.startsWith('#')) return Object.hasOwn(entities, name) ? entities[name]! : whole;
    const code = /^#x/i.test(name) ? parseInt(name.slice(2), 16) : Number(name.slice(1));
    return code <= LAST_CODE_POINT ? String.fromCodePoint(code) : whole;
  });

/** The first math element of a document, as a tree; null when there is none or its tags do not match. */
function parsed(source: string): Node | null {
  const start = source.search(/<(?:\w+:)?math[\s>]/);
  if (start < 0) return null;
  const root: Node = { tag: 'root', text: '', kids: [] };
  const open: Node[] = [root];
  for (const [, close, name, , isEmpty, text] of source
    .slice(start)
    .matchAll(/<(\/?)(?:\w+:)?([A-Za-z]+)([^<>]*?)(\/?)>|([^<]+)/g)) {
    const now = open.at(-1)!;
    if (text !== undefined) {
      const content = decoded(text).replace(/\s+/g, ' ');
      if (content.trim() !== '') now.kids.push({ tag: '#text', text: content.trim(), kids: [] });
    } else if (close === '/') {
      if (open.length < 2 || now.tag !== name) return null;
      open.pop();
      if (open.length === 1) return now;
    } else {
      const node: Node = { tag: name!, text: '', kids: [] };
      now.kids.push(node);
      if (isEmpty !== '/') open.push(node);
      if (open.length > DEEPEST) return null;
    }
  }
  return null;
}

class Unreadable extends Error {}

/** A part that an element must have. */
function part(node: Node, at: number): Node {
  const found = node.kids[at];
  if (found === undefined) throw new Unreadable();
  return found;
}

const textOf = (node: Node): string => (node.tag === '#text' ? node.text : node.kids.map(textOf).join(''));

const GROUPS = new Set(['mrow', 'math', 'mstyle', 'mpadded', 'semantics', 'menclose', 'mtd', 'mtr']);

/** Signs of operators in typed text. */
const signs: Readonly<Record<string, string>> = {
  '\u2061': '',
  '\u2062': '',
  '\u2063': ',',
  '⋅': '*',
  '−': '-',
  '′': "'",
  '″': '"',
};

const simple = (text: string): string => (/^(?:\d+(?:\.\d+)?|[A-Za-z])$/.test(text) ? text : `(${text})`);

function row(kids: readonly Node[]): string {
  let made = '';
  for (let i = 0; i < kids.length; i += 1) {
    const kid = kids[i]!;
    const big = bigSign(kid);
    if (big !== null) {
      const rest = kids.slice(i + 1);
      return made + overRest(big, kid, rest);
    }
    const next = kids[i + 1];
    if (kid.tag === 'msub' && textOf(part(kid, 0)) === 'log' && next !== undefined) {
      i += next.tag === 'mo' && textOf(next) === '\u2061' ? 2 : 1;
      const of = kids[i];
      if (of === undefined) throw new Unreadable();
      made += `log(${written(of)},${written(part(kid, 1))})`;
      continue;
    }
    const text = written(kid);
    const gap =
      /[A-Za-z]$/.test(made) && /^[A-Za-z]/.test(text) && (/[A-Za-z]{2,}$/.test(made) || text.length > 1) ? ' ' : '';
    made += gap + text;
  }
  return made;
}

/** ∑, ∏ or ∫ with its limits. */
function bigSign(node: Node): 'sum' | 'prod' | 'integral' | null {
  if (!['munderover', 'msubsup'].includes(node.tag)) return null;
  const sign = textOf(part(node, 0));
  return sign === '∑' ? 'sum' : sign === '∏' ? 'prod' : sign === '∫' ? 'integral' : null;
}

function overRest(fn: 'sum' | 'prod' | 'integral', sign: Node, rest: readonly Node[]): string {
  const [, low, high] = sign.kids;
  if (low === undefined || high === undefined) throw new Unreadable();
  if (fn === 'integral') {
    const at = rest.findIndex((node, i) => /^[dⅆ]$/.test(textOf(node)) && i + 1 < rest.length);
    const joined = rest.findIndex((node) => /^[dⅆ][A-Za-z]$/.test(textOf(node)));
    if (at >= 0)
      return `integral(${row(rest.slice(0, at))},${textOf(rest[at + 1]!)},${written(low)},${written(high)})${row(rest.slice(at + 2))}`;
    if (joined < 0) throw new Unreadable();
    const letter = textOf(rest[joined]!).slice(1);
    return `integral(${row(rest.slice(0, joined))},${letter},${written(low)},${written(high)})${row(rest.slice(joined + 1))}`;
  }
  const start = /^([A-Za-z])=(.+)$/.exec(written(low));
  if (start === null) throw new Unreadable();
  const end = rest.findIndex((node) => node.tag === 'mo' && /^[+\-−=<>≤≥]$/.test(textOf(node)));
  const term = end < 0 ? rest : rest.slice(0, end);
  return `${fn}(${row(term)},${start[1]},${start[2]},${written(high)})${end < 0 ? '' : row(rest.slice(end))}`;
}

/** Values and their conditions, row by row; the last value holds otherwise. */
function cases(table: Node): string {
  const args = table.kids.flatMap((line) => {
    const [value, when] = [written(part(line, 0)), written(part(line, 1))];
    return when === 'otherwise' ? [value] : [when, value];
  });
  if (args.length % 2 === 0) throw new Unreadable();
  return `cases(${args.join(',')})`;
}

/** A slope at a place: a fraction of differentials with what it is of, then a bar with the place; null for anything else. */
function derivative(kids: readonly Node[]): string | null {
  const [slope, bar] = kids;
  if (kids.length !== 2 || slope?.tag !== 'mrow' || bar?.tag !== 'msub' || textOf(part(bar, 0)) !== '|') return null;
  const [fraction, ...of] = slope.kids;
  if (fraction?.tag !== 'mfrac' || textOf(part(fraction, 0)) !== 'd') return null;
  const letter = /^d([A-Za-z])$/.exec(textOf(part(fraction, 1)))?.[1];
  const at = /^([A-Za-z])=(.+)$/.exec(written(part(bar, 1)));
  return letter !== undefined && at?.[1] === letter ? `derivative(${row(of)},${letter},${at[2]})` : null;
}

function written(node: Node): string {
  const { tag, kids } = node;
  if (GROUPS.has(tag)) {
    const seen = kids.filter((kid) => kid.tag !== 'annotation');
    const [first, last] = [seen[0], seen.at(-1)];
    if (seen.length > 2 && first?.tag === 'mo' && last?.tag === 'mo' && textOf(first) === '|' && textOf(last) === '|')
      return `abs(${row(seen.slice(1, -1))})`;
    const fence = `${first === undefined ? '' : textOf(first)}${last === undefined ? '' : textOf(last)}`;
    if (seen.length > 2 && fence === '⌊⌋') return `floor(${row(seen.slice(1, -1))})`;
    if (seen.length > 2 && fence === '⌈⌉') return `ceil(${row(seen.slice(1, -1))})`;
    if (seen.length === 2 && first?.tag === 'mo' && textOf(first) === '{' && last?.tag === 'mtable') return cases(last);
    return derivative(seen) ?? row(seen);
  }
  switch (tag) {
    case '#text':
      return node.text;
    case 'mn':
      return textOf(node).replaceAll(' ', '');
    case 'mi':
    case 'mo':
    case 'mtext': {
      const text = textOf(node).trim();
      return signs[text] ?? text;
    }
    case 'mspace':
      return '';
    case 'mfrac':
      return `((${written(part(node, 0))})/(${written(part(node, 1))}))`;
    case 'msqrt':
      return `sqrt(${row(kids)})`;
    case 'mroot':
      return `root(${written(part(node, 1))},${written(part(node, 0))})`;
    case 'msup': {
      const exponent = written(part(node, 1));
      if (exponent === '°' || exponent === '∘') return `${written(part(node, 0))}°`;
      return `${written(part(node, 0))}^${simple(exponent)}`;
    }
    case 'mover': {
      if (!/^[¯‾_]$/.test(textOf(part(node, 1)))) throw new Unreadable();
      const under = written(part(node, 0));
      return /^\d+$/.test(under) ? [...under].map((digit) => `${digit}\u0305`).join('') : `conj(${under})`;
    }
    default:
      throw new Unreadable();
  }
}

/**
 * Typed text (with a decimal point) for presentation MathML of school mathematics: numbers, names, operators, fractions,
 * powers, roots, bars, sums, products and integrals. Null for what is beyond it.
 */
export function readMathml(source: string): string | null {
  const root = parsed(source);
  if (root === null) return null;
  try {
    return written(root).replace(/\s+/g, ' ').trim();
  } catch (error) {
    if (error instanceof Unreadable) return null;
    throw error;
  }
}
