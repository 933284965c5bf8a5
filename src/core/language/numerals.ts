export type DecimalSign = '.' | ',';

/** The mark over a digit that recurs: a combining overline after it. */
export const OVERLINE = '\u0305';
/** Spaces between digits that are grouping: no-break, thin and narrow no-break. */
const GROUPING = '[\\u00a0\\u2009\\u202f]';
const ALL_GROUPING = new RegExp(GROUPING, 'g');
const bare = (part: string | undefined): string => (part === undefined ? '' : part.replace(ALL_GROUPING, ''));
/** Digits after the point: any, then none or one block in which each digit carries the mark. */
const WELL_FORMED = new RegExp(`^\\d*(?:\\d${OVERLINE})*$`);

const patterns: { [sign in DecimalSign]: RegExp } = {
  '.': numeral('\\.'),
  ',': numeral(','),
};

function numeral(sign: string): RegExp {
  const digits = `\\d+(?:${GROUPING}\\d+)*`;
  const decimals = `(?:\\d${OVERLINE}?)(?:${GROUPING}?\\d${OVERLINE}?)*`;
  return new RegExp(`(?:(${digits})(?:(${sign})(${decimals})?)?|(${sign})(${decimals}))(?:[eE]([+\\-−]?\\d+))?`, 'y');
}

/** `isWellFormed` is false when a digit follows a recurring block, or a power of ten does. */
export type Numeral = Readonly<{
  length: number;
  written: string;
  isWellFormed: boolean;
  isPlainWhole: boolean;
}>;

const ZERO = 48;
const NINE = 57;

/** Reads the number that begins at `from`, or null. Grouping spaces are dropped, the decimal sign becomes a point. */
export function readNumeral(text: string, from: number, sign: DecimalSign): Numeral | null {
  const first = text.charCodeAt(from);
  if ((first < ZERO || first > NINE) && text[from] !== sign) return null;
  const pattern = patterns[sign];
  pattern.lastIndex = from;
  const match = pattern.exec(text);
  if (match === null) return null;
  const wholePart = bare(match[1]);
  const decimals = bare(match[3] ?? match[5]);
  const exponent = (match[6] ?? '').replace('−', '-').replace('+', '');
  const point = match[2] ?? match[4];
  const written = (wholePart || '0') + (decimals ? `.${decimals}` : '') + (exponent ? `E${exponent}` : '');
  const isPlainWhole = point === undefined && exponent === '';
  const isWellFormed = WELL_FORMED.test(decimals) && !(exponent !== '' && decimals.includes(OVERLINE));
  return { length: match[0].length, written, isWellFormed, isPlainWhole };
}

/** Thin space: groups digits, and is read back as grouping. */
export const GROUP = '\u2009';

/** Threes counted from the end. A pattern that looks ahead to the end would take as long as the square of the digits. */
function byThrees(signed: string): string {
  const [, sign, digits] = /^(\D*)(\d*)$/.exec(signed) ?? ['', signed, ''];
  const first = digits.length % 3;
  const threes = digits.slice(first).match(/\d{3}/g) ?? [];
  return sign + (first === 0 ? threes : [digits.slice(0, first), ...threes]).join(GROUP);
}

/** Groups the digits of a number with a point by threes, from five digits on (ISO 80000-1, 7.3.1); recurring blocks stay together. */
export function grouped(digits: string): string {
  const [whole = '', fraction] = digits.split('.');
  const left = whole.length < 5 ? whole : byThrees(whole);
  if (fraction === undefined) return left;
  const isLong = fraction.length >= 5 && !fraction.includes(OVERLINE);
  return `${left}.${isLong ? fraction.replace(/(\d{3})(?=\d)/g, `$1${GROUP}`) : fraction}`;
}
