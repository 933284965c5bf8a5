import { withSpan } from '../base/problem';
import type { Problem } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { NOWHERE } from '../language/tree';
import type { Tree } from '../language/tree';

/*
 * A number while it is keyed, in the Running and Stack styles: typed text with a point, a minus in front where its sign
 * was changed, E before a power of ten; or an angle, `73°24'36"`. The empty text stands for nothing keyed yet.
 */
export type Entry = string;

/** Far more digits than are keyed, and few enough to be read at once. */
const MOST_KEYED = 200;

const SPELLING = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

const parts = (entry: Entry) => {
  const [mantissa = '', exponent] = entry.split('E');
  return { mantissa, exponent };
};

/** The part that digits go to: after E, or after the last mark of an angle. */
const tail = (entry: Entry): string => /[^E°']*$/.exec(entry)?.[0] ?? '';

const grown = (entry: Entry, more: string): Entry | null => (entry.length >= MOST_KEYED ? null : entry + more);

/** One more digit; null when the entry takes none. A zero in front is not kept. */
export function withDigit(entry: Entry, digit: string): Entry | null {
  if (entry.endsWith('"')) return null;
  const part = tail(entry);
  if (part === '0' || part === '-0') return entry.slice(0, -1) + digit;
  return grown(entry, digit);
}

/** The point; null when there is one, or behind a power of ten. */
export function withPoint(entry: Entry): Entry | null {
  const part = tail(entry);
  if (entry.includes('E') || entry.endsWith('"') || part.includes('.')) return null;
  return grown(entry, /\d$/.test(part) ? '.' : '0.');
}

/** Goes on with a power of ten; of nothing keyed, with 1 times it. */
export function withExponent(entry: Entry): Entry | null {
  if (/[E°]/.test(entry)) return null;
  return /\d/.test(entry) ? grown(entry, 'E') : `${entry}1E`;
}

/** A mark of an angle: degrees, then minutes, then seconds; null when it is not its turn. */
export function withMark(entry: Entry, mark: '°' | "'" | '"'): Entry | null {
  if (entry.includes('E') || !/\d$/.test(entry)) return null;
  const done = entry.replace(/[^°'"]/g, '');
  const isTurn = mark === '°' ? done === '' : mark === "'" ? done === '°' : done === "°'";
  return isTurn ? grown(entry, mark) : null;
}

/** The other sign: of the power of ten while that is keyed, else of the number. */
export function withOtherSign(entry: Entry): Entry {
  const { mantissa, exponent } = parts(entry);
  const other = (text: string): string => (text.startsWith('-') ? text.slice(1) : `-${text}`);
  return exponent === undefined ? other(entry) : `${mantissa}E${other(exponent)}`;
}

/** Without its last stroke; empty when nothing of it is left. */
export function withoutLast(entry: Entry): Entry {
  const shorter = entry.slice(0, -1);
  return /\d/.test(shorter) ? shorter.replace(/E-$/, 'E') : '';
}

/** The number as it is read: a point or an E that nothing follows is left out, a last mark of an angle is supplied. */
export function finishedEntry(entry: Entry): string {
  const bare = entry
    .replace(/E-?$/, '')
    .replace(/\.$/, '')
    .replace(/\.(?=[°'"E])/, '');
  const marks = bare.replace(/[^°'"]/g, '');
  if (/[°']\d+(\.\d+)?$/.test(bare)) return bare + (marks === '°' ? "'" : '"');
  return bare === '' || bare === '-' ? '0' : bare;
}

/** A text of the core's own spelling, read as an expression. Problems: those of reading; `not-a-letter` for one that is to be kept. */
export function readTold(typed: string): Result<Tree, Problem> {
  const reading = parse(typed, SPELLING);
  if (!reading.ok) return reading;
  const { target, tree } = reading.value;
  return target === null ? succeed(tree) : fail(withSpan({ code: 'syntax', reason: 'not-a-letter' }, tree.span));
}

export const isReadable = (typed: string): boolean => readTold(typed).ok;

/** The expression that a text of the core's own spelling stands for; an empty box where it stands for none, which no operation takes. */
export function treeOf(typed: string): Tree {
  const told = readTold(typed);
  return told.ok ? told.value : { kind: 'box', span: NOWHERE };
}
