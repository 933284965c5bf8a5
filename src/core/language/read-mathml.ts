import type { DecimalSign } from './numerals';
import { leaf } from './presentation';
import type { Presentation } from './presentation';
import { readPresentation } from './read-presentation';
import { DEEPEST } from './token-cursor';

/** An element while its children are read, under the name that its end must have. */
type Open = { name: string; tag: string; text: string; kids: Presentation[] };

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

const TEXTS = new Set(['mi', 'mn', 'mo', 'mtext']);
const LAST_CODE_POINT = 0x10ffff;

const decoded = (text: string): string =>
  text.replace(/&(#x[\da-f]+|#\d+|\w+);/gi, (whole, name: string) => {
    if (!name.startsWith('#')) return (Object.hasOwn(entities, name) ? entities[name] : undefined) ?? whole;
    const code = /^#x/i.test(name) ? parseInt(name.slice(2), 16) : Number(name.slice(1));
    return code <= LAST_CODE_POINT ? String.fromCodePoint(code) : whole;
  });

/** The first math element of a document; null when there is none or its tags do not match. */
function parsed(source: string): Presentation | null {
  const start = source.search(/<(?:\w+:)?math[\s>]/);
  if (start < 0) return null;
  const open: Open[] = [];
  for (const [, close, name = '', attributes = '', isEmpty, text] of source
    .slice(start)
    .matchAll(/<(\/?)(?:\w+:)?([A-Za-z-]+)([^<>]*?)(\/?)>|([^<]+)/g)) {
    const now = open.at(-1);
    if (text !== undefined) {
      const content = decoded(text).replace(/\s+/g, ' ').trim();
      if (now !== undefined && TEXTS.has(now.tag)) now.text += content;
      else if (content !== '') now?.kids.push(leaf('mtext', content));
    } else if (close === '/') {
      if (now?.name !== name) return null;
      open.pop();
      const parent = open.at(-1);
      if (parent === undefined) return now;
      parent.kids.push(now);
    } else {
      const isBinomial = name === 'mfrac' && /linethickness\s*=\s*["']0+(?:\.0*)?[a-z%]*["']/.test(attributes);
      const begun: Open = { name, tag: isBinomial ? 'binomial' : name, text: '', kids: [] };
      if (isEmpty === '/') now?.kids.push(begun);
      else open.push(begun);
      if (open.length > DEEPEST) return null;
    }
  }
  return null;
}

/**
 * Typed text (with a decimal point) for presentation MathML of school mathematics: numbers, names, operators, fractions,
 * powers, and all that functions have as their notation. Null for what is beyond it.
 */
export function readMathml(source: string, decimalSign: DecimalSign): string | null {
  const root = parsed(source);
  return root === null ? null : readPresentation(root, decimalSign);
}
