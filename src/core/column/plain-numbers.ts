/** Decimal numbers over one power of ten: number i is `keys[i] / d`, each key told apart by its double. */
export type PlainNumbers = Readonly<{ keys: Float64Array; d: bigint; at: Int32Array }>;

/** Every whole number of so many digits is told apart by its double. */
const MOST_DIGITS = 15;
const [ZERO, NINE, POINT, MINUS] = ['0', '9', '.', '-'].map((sign) => sign.charCodeAt(0)) as [
  number,
  number,
  number,
  number,
];

/** The digits of a numeral as a whole number, and how many of them stand behind the point; null for any other text. */
function digitsOf(text: string): Readonly<{ key: number; decimals: number }> | null {
  const start = text.charCodeAt(0) === MINUS ? 1 : 0;
  const { length } = text;
  if (length - start > MOST_DIGITS + 1) return null;
  let key = 0;
  let point = -1;
  for (let i = start; i < length; i += 1) {
    const code = text.charCodeAt(i);
    if (code === POINT && point < 0) point = i;
    else if (code >= ZERO && code <= NINE) key = key * 10 + code - ZERO;
    else return null;
  }
  const digits = length - start - (point < 0 ? 0 : 1);
  const isNumeral = digits > 0 && digits <= MOST_DIGITS && point !== start && point !== length - 1;
  return isNumeral ? { key: start === 1 ? -key : key, decimals: point < 0 ? 0 : length - 1 - point } : null;
}

/**
 * Cells that all hold decimal numerals (`12`, `-3.25`), read at once and exactly, with the places that they come from;
 * empty cells are passed over. Null when one of them is anything else, or when over one power of ten they need more
 * digits than doubles tell apart: such cells are read one by one.
 */
export function plainNumbers(cells: readonly string[]): PlainNumbers | null {
  const keys = new Float64Array(cells.length);
  const decimals = new Uint8Array(cells.length);
  const at = new Int32Array(cells.length);
  let count = 0;
  let most = 0;
  let largest = 0;
  for (let row = 0; row < cells.length; row += 1) {
    const text = cells[row] ?? '';
    if (text === '') continue;
    const found = digitsOf(text);
    if (found === null) return null;
    keys[count] = found.key;
    decimals[count] = found.decimals;
    at[count] = row;
    count += 1;
    if (found.decimals > most) most = found.decimals;
  }
  for (let i = 0; i < count; i += 1) {
    // Powers of ten up to the fifteenth are doubles, and so is a product that stays within fifteen digits.
    const key = (keys[i] ?? 0) * 10 ** (most - (decimals[i] ?? 0));
    // The sum turns −0 into 0.
    keys[i] = key + 0;
    if (Math.abs(key) > largest) largest = Math.abs(key);
  }
  if (largest >= 10 ** MOST_DIGITS) return null;
  return { keys: keys.subarray(0, count), d: 10n ** BigInt(most), at: at.subarray(0, count) };
}

/** Parts of a key of three times so many bits: products of two of them, counted this often, are exact as doubles. */
const PART_BITS = 17;
const PART = 2 ** PART_BITS;
const MOST_COUNTED = 2 ** 17;

/**
 * Σ count, Σ count·key and Σ count·key², exactly: keys are taken apart into three parts whose products are summed up as
 * doubles, so many at a time that none is rounded. Domain: whole keys of at most 51 bits, whole counts. Null where a key
 * is longer, or counts too often at once.
 */
export function squareSum(keys: Float64Array, counts: Float64Array): readonly [bigint, bigint, bigint] | null {
  let [n, sum, squares] = [0n, 0n, 0n];
  const parts = new Float64Array(5);
  let [counted, above, below] = [0, 0, 0];
  const carry = (): void => {
    n += BigInt(counted);
    sum += BigInt(above) * BigInt(PART) + BigInt(below);
    parts.forEach((part, i) => {
      squares += BigInt(part) << BigInt(i * PART_BITS);
    });
    parts.fill(0);
    [counted, above, below] = [0, 0, 0];
  };
  for (let i = 0; i < keys.length; i += 1) {
    const [key, count] = [keys[i] ?? 0, counts[i] ?? 0];
    if (count > MOST_COUNTED || Math.abs(key) >= PART ** 3) return null;
    if (counted + count > MOST_COUNTED) carry();
    const rest = Math.trunc(key / PART);
    const low = key - rest * PART;
    const high = Math.trunc(rest / PART);
    const middle = rest - high * PART;
    counted += count;
    above += count * rest;
    below += count * low;
    parts[0] = (parts[0] ?? 0) + count * low * low;
    parts[1] = (parts[1] ?? 0) + 2 * count * low * middle;
    parts[2] = (parts[2] ?? 0) + count * (2 * low * high + middle * middle);
    parts[3] = (parts[3] ?? 0) + 2 * count * middle * high;
    parts[4] = (parts[4] ?? 0) + count * high * high;
  }
  carry();
  return [n, sum, squares];
}
