import type { Span } from '../base/span';
import { isUnitText } from '../unit/read';

/* A line of its own that tells a measure in another unit: 5 acre to ha, 5 ft 3 in to cm; or a number in another base: 25 to base 7. */

/** Where in a line a value stands, and the unit right behind it. */
export type WrittenMeasure = Readonly<{ value: Span; unit: Span | null }>;

/** The parts of such a line; `base` in place of a unit where a number is told in another base. */
export type WrittenConversion = Readonly<{ measures: readonly WrittenMeasure[]; to: Span; base: number | null }>;

const TO = /\sto\s+/g;
const TARGET = /^\s*[A-Z]\s*:=/;
const BASE = /^base\s+(\d+)\s*$/;
/** A number or a fraction, and the unit behind it. */
const MEASURE = /\s*((?:\d[\d.,\u2009\u202f]*(?:\s+\d+\/\d+)?)|(?:\d+\/\d+))\s*([^\d\s/][^\d]*)/y;

const trimmed = (text: string, from: number, to: number): Span => {
  const part = text.slice(from, to);
  return { from: from + (part.length - part.trimStart().length), to: to - (part.length - part.trimEnd().length) };
};

/** Several measures side by side, all with plain numbers: 2 h 15 min; null where it is none. */
function sideBySide(text: string, from: number, end: number): readonly WrittenMeasure[] | null {
  const measures: WrittenMeasure[] = [];
  let at = from;
  while (at < end) {
    MEASURE.lastIndex = at;
    const found = MEASURE.exec(text.slice(0, end));
    if (found === null) return null;
    const [all, value = '', unit = ''] = found;
    const start = at + all.length - unit.length;
    const place = trimmed(text, start, at + all.length);
    if (!isUnitText(text.slice(place.from, place.to))) return null;
    const begin = at + all.indexOf(value);
    measures.push({ value: { from: begin, to: begin + value.length }, unit: place });
    at += all.length;
  }
  return measures.length > 1 ? measures : null;
}

/** No unit is longer, so that a long line is not tried from every place on. */
const LONGEST_UNIT = 100;

/** Where the unit begins that ends the text: the first place at which all that follows is one. */
function unitStart(text: string, from: number, end: number): number | null {
  for (let at = Math.max(from + 1, end - LONGEST_UNIT); at < end; at += 1) {
    const [before, char] = [text.charAt(at - 1), text.charAt(at)];
    const mayBegin = /[\p{L}°′″'"]/u.test(char) && !/\p{L}/u.test(before) && text.slice(from, at).trim() !== '';
    if (mayBegin && isUnitText(text.slice(at, end))) return at;
  }
  return null;
}

const conversions = new Map<string, WrittenConversion | null>();
const MOST_KEPT = 200;

/** The parts of a line that tells a measure in another unit, or a number in another base; null for any other line. */
export function conversionIn(text: string): WrittenConversion | null {
  if (!text.includes('to')) return null;
  const known = conversions.get(text);
  if (known !== undefined) return known;
  if (conversions.size > MOST_KEPT) conversions.clear();
  const found = read(text);
  conversions.set(text, found);
  return found;
}

function read(text: string): WrittenConversion | null {
  const last = [...text.matchAll(TO)].at(-1);
  if (last === undefined) return null;
  const to = trimmed(text, last.index + last[0].length, text.length);
  const asked = text.slice(to.from, to.to);
  const start = TARGET.exec(text)?.[0].length ?? 0;
  const base = BASE.exec(asked)?.[1];
  if (base !== undefined)
    return { measures: [{ value: { from: 0, to: last.index }, unit: null }], to, base: Number(base) };
  const several = start === 0 ? sideBySide(text, start, last.index) : null;
  if (several !== null) return { measures: several, to, base: null };
  // A unit that is not known is told as such where the other one is: the line can mean nothing else.
  const word = /^.*?[\d)\s](?=[^\d\s()]+$)/.exec(text.slice(start, last.index))?.[0].length;
  const at = unitStart(text, start, last.index) ?? (isUnitText(asked) && word !== undefined ? start + word : null);
  if (at === null) return null;
  return { measures: [{ value: { from: 0, to: at }, unit: trimmed(text, at, last.index) }], to, base: null };
}
