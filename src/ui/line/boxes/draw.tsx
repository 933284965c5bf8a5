import { cloneElement, createElement, memo } from 'react';
import type { ReactElement, ReactNode } from 'react';
import { STRAY_CLOSE } from '@/core/line/operands';
import { WORD, endsOperand, isDigit, isGlyph, isLetters } from '@/core/line/row';
import type { Box, Item, Row } from '@/core/line/row';
import { shapeOf } from '@/core/line/shapes';
import type { Shape } from '@/core/line/shapes';
import type { DecimalSign } from '@/core/language/numerals';

/*
 * The boxed line as MathML. Every item carries its index (`data-i`) and every slot its number (`data-s`), so that a
 * caret place is found in the drawing, and a point of the drawing among the places (`geometry.ts`).
 */

export type DrawStyle = Readonly<{ decimalSign: DecimalSign; grouping: boolean }>;

type Attributes = Readonly<Record<string, string | number | undefined>>;
const el = (tag: string, attributes: Attributes, ...kids: ReactNode[]): ReactElement =>
  createElement(tag, attributes, ...kids);

const gap = (width: string, key?: string): ReactElement => el('mspace', { width, key });
const mo = (text: string, attributes: Attributes = {}): ReactElement => el('mo', attributes, text);

/** Whether a row outgrows a line, so that its brackets must. */
export const isTall = (row: Row): boolean =>
  row.some((item) => {
    if (item.kind === 'glyph') return false;
    if (item.kind === 'fraction') return true;
    if (item.kind === 'power') return false;
    if (item.kind === 'group') return isTall(item.slots[0]!);
    const shape = shapeOf(item.fn, item.slots.length)?.name;
    return (
      shape === 'bound' || shape === 'integral' || shape === 'slope' || shape === 'cases' || item.slots.some(isTall)
    );
  });

const fence = (text: string, tall: boolean, faint = false): ReactElement =>
  mo(text, { fence: 'true', stretchy: tall ? 'true' : 'false', ...(faint ? { className: 'math-supplied' } : {}) });

/** Whether a row is a sum, so that a big sign before it would not be seen to reach over all of it. */
const isSum = (row: Row): boolean => row.some((item, i) => isGlyph(item, /^[+−]$/) && i > 0 && endsOperand(row[i - 1]));

function glyphElement(row: Row, i: number, decimalSign: DecimalSign): ReactElement {
  const { text } = row[i] as { text: string };
  const at = { 'data-i': i };
  const item = row[i];
  if (isDigit(item)) {
    const isRecurring = text.length > 1;
    return el('mn', { ...at, ...(isRecurring ? { className: 'math-recurring' } : {}) }, text[0]);
  }
  if (text === decimalSign || /^[½-¾⅐-⅞]$/.test(text)) return el('mn', at, text);
  if (WORD.test(text)) return el('mrow', at, gap('0.25em'), el('mtext', {}, text), gap('0.25em'));
  if (isLetters(item)) {
    const isName = text.length > 1;
    const next = row[i + 1];
    const needsGap = isName && next !== undefined && next.kind !== 'power' && next.kind !== 'group';
    return needsGap ? el('mrow', at, el('mi', {}, text), gap('0.17em')) : el('mi', at, text);
  }
  if (/^[°′″∞]$/.test(text)) return el('mi', { ...at, mathvariant: 'normal' }, text);
  if (text === ' ') return el('mspace', { ...at, width: '0.4em' });
  if (/^[!%]$/.test(text)) return mo(text, { ...at, form: 'postfix' });
  if (text === '−' && !endsOperand(row[i - 1])) return mo(text, { ...at, form: 'prefix' });
  return mo(text === STRAY_CLOSE ? ')' : text, { ...at, ...(text === STRAY_CLOSE ? { stretchy: 'false' } : {}) });
}

/** Whether a glyph is the E of a number with a power of ten. */
const isPowerOfTen = (row: Row, i: number): boolean =>
  isGlyph(row[i], /^[Ee]$/) &&
  isDigit(row[i - 1]) &&
  (isDigit(row[i + 1]) || (isGlyph(row[i + 1], /^−$/) && isDigit(row[i + 2])));

/** Before which digits a thin gap groups them: from five on, by threes, away from the point. */
function gapsBefore(row: Row, { decimalSign, grouping }: DrawStyle): ReadonlySet<number> {
  const gaps = new Set<number>();
  if (!grouping) return gaps;
  for (let start = 0; start < row.length; start += 1) {
    if (!isDigit(row[start])) continue;
    let end = start;
    while (isDigit(row[end])) end += 1;
    const length = end - start;
    const isFraction = isGlyph(row[start - 1], decimalSign === ',' ? /^,$/ : /^\.$/);
    const isRecurring = row.slice(start, end).some((item) => (item as { text: string }).text.length > 1);
    if (length >= 5 && !isRecurring)
      for (let k = 1; k < length; k += 1) if ((isFraction ? k : length - k) % 3 === 0) gaps.add(start + k);
    start = end;
  }
  return gaps;
}

type Draw = (row: Row, slot: number) => ReactElement;

function shaped(shape: Shape, box: Box & { kind: 'call' }, i: number, slot: Draw): ReactElement {
  const at = { 'data-i': i };
  const s = (k: number): ReactElement => slot(box.slots[k]!, k);
  const body = (k: number): ReactNode[] => {
    const row = box.slots[k]!;
    return isSum(row) ? [fence('(', isTall(row)), s(k), fence(')', isTall(row))] : [s(k)];
  };
  const fenced = (open: string, close: string): ReactElement => {
    const tall = isTall(box.slots[0]!);
    return el('mrow', at, fence(open, tall), s(0), fence(close, tall));
  };
  switch (shape.name) {
    case 'root':
      if (box.fn === 'sqrt') return el('msqrt', at, s(0));
      return box.fn === 'cbrt' ? el('mroot', at, s(0), el('mn', {}, '3')) : el('mroot', at, s(1), s(0));
    case 'bars':
      return fenced('|', '|');
    case 'floor':
      return fenced('⌊', '⌋');
    case 'ceil':
      return fenced('⌈', '⌉');
    case 'over':
      return el('mover', at, s(0), mo('¯', { stretchy: 'true' }));
    case 'based': {
      const tall = isTall(box.slots[0]!);
      const name = el('msub', {}, el('mi', {}, 'log'), s(1));
      return el('mrow', at, name, fence('(', tall), s(0), fence(')', tall));
    }
    case 'bound': {
      const sign = mo(box.fn === 'sum' ? '∑' : '∏', { largeop: 'true', movablelimits: 'false' });
      return el('mrow', at, el('munderover', {}, sign, el('mrow', {}, s(1), mo('='), s(2)), s(3)), ...body(0));
    }
    case 'integral':
      return el('mrow', at, el('msubsup', {}, mo('∫'), s(2), s(3)), ...body(0), gap('0.17em'), el('mi', {}, 'd'), s(1));
    case 'slope': {
      const by = el('mrow', {}, el('mi', {}, 'd'), s(1));
      const where = el('msub', {}, mo('|', { fence: 'true' }), el('mrow', {}, mo('='), s(2)));
      return el('mrow', at, el('mfrac', {}, el('mi', {}, 'd'), by), ...body(0), where);
    }
    case 'cases': {
      const rows: ReactElement[] = [];
      const cells = (...kids: ReactElement[]): ReactElement => el('mtr', {}, ...kids.map((kid) => el('mtd', {}, kid)));
      for (let k = 0; k + 1 < box.slots.length; k += 2) rows.push(cells(s(k + 1), s(k)));
      rows.push(cells(s(box.slots.length - 1), el('mtext', {}, 'otherwise')));
      return el('mrow', at, fence('{', true), el('mtable', {}, ...rows));
    }
  }
}

function boxElement(box: Box, i: number, slot: Draw, style: DrawStyle): ReactElement {
  const at = { 'data-i': i };
  const [first] = box.slots;
  switch (box.kind) {
    case 'fraction':
      return el('mfrac', at, slot(box.slots[0]!, 0), slot(box.slots[1]!, 1));
    case 'power':
      return el('mrow', at, slot(first!, 0));
    case 'group':
      return el('mrow', at, fence('(', isTall(first!)), slot(first!, 0), fence(')', isTall(first!), !box.closed));
    case 'call': {
      const shape = shapeOf(box.fn, box.slots.length);
      if (shape !== null) return shaped(shape, box, i, slot);
      const tall = box.slots.some(isTall);
      const separator = style.decimalSign === ',' ? ';' : ',';
      const values = box.slots.flatMap((row, k) => (k === 0 ? [slot(row, k)] : [mo(separator), slot(row, k)]));
      return el('mrow', at, el('mi', {}, box.fn), mo('\u2061'), fence('(', tall), ...values, fence(')', tall));
    }
  }
}

const ids = new WeakMap<Item, number>();
let lastId = 0;

/** Keys of a row's items: an item that only moved along the row keeps its element. */
function keysOf(row: Row): readonly string[] {
  const seen = new Map<number, number>();
  return row.map((item) => {
    let id = ids.get(item);
    if (id === undefined) ids.set(item, (id = lastId += 1));
    const again = seen.get(id) ?? 0;
    seen.set(id, again + 1);
    return again === 0 ? String(id) : `${id}.${again}`;
  });
}

/** The items of a row, each under its index; a power is raised upon what stands before it. */
function itemsOf(row: Row, style: DrawStyle): ReactElement[] {
  const drawn: ReactElement[] = [];
  const gaps = gapsBefore(row, style);
  const names = keysOf(row);
  const slot: Draw = (of, k) => <DrawnSlot key={k} row={of} slot={k} style={style} />;
  const one = (item: Item, i: number): ReactElement =>
    item.kind === 'glyph' ? glyphElement(row, i, style.decimalSign) : boxElement(item, i, slot, style);
  for (let i = 0; i < row.length; i += 1) {
    const item = row[i]!;
    if (gaps.has(i)) drawn.push(gap('0.17em', `gap${names[i]}`));
    if (item.kind === 'power') {
      const base = drawn.pop() ?? el('mrow', {});
      drawn.push(el('msup', { key: names[i] }, base, one(item, i)));
    } else if (isPowerOfTen(row, i)) {
      const digits: ReactElement[] = [];
      let end = i + 1;
      while (isDigit(row[end]) || (end === i + 1 && isGlyph(row[end], /^−$/))) {
        digits.push(createElement('mrow', { key: end }, one(row[end]!, end)));
        end += 1;
      }
      const ten = el('mrow', { 'data-i': i }, mo('·'), el('mn', {}, '10'));
      drawn.push(el('msup', { key: names[i] }, ten, el('mrow', {}, ...digits)));
      i = end - 1;
    } else drawn.push(cloneElement(one(item, i), { key: names[i] }));
  }
  return drawn;
}

type SlotProps = Readonly<{ row: Row; slot: number; style: DrawStyle }>;

/** A slot; an empty one shows as a box. */
const DrawnSlot = memo(function DrawnSlot({ row, slot, style }: SlotProps) {
  const kids = row.length === 0 ? [el('mi', { key: 'box', className: 'math-box' }, '▯')] : itemsOf(row, style);
  return el('mrow', { 'data-s': slot }, ...kids);
});

/** The whole line. */
export const DrawnLine = memo(function DrawnLine({ row, style }: Readonly<{ row: Row; style: DrawStyle }>) {
  return el('mrow', { 'data-root': '' }, ...itemsOf(row, style));
});
