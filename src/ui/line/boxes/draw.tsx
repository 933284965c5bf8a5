import { itemAt } from '@/core/base/item';
import { cloneElement, createElement, memo } from 'react';
import type { ReactElement, ReactNode } from 'react';
import { STRAY_CLOSE } from '@/core/line/operands';
import { functionNamed } from '@/core/function';
import { EMPTY_ROW, WORD, endsOperand, isDigit, isGlyph, isLetters } from '@/core/line/row';
import type { Box, Item, Row } from '@/core/line/row';
import { standingOfBox } from '@/core/line/standing-box';
import { standingOfGrid } from '@/core/notation/grid';
import { MAIN_BAR, THIN_GAP, fenceAttributes, mathmlOf } from '@/core/notation/mathml';
import type { MathPage } from '@/core/notation/mathml';
import type { Standing } from '@/core/notation/notation';
import type { DecimalSign } from '@/core/language/numerals';
import { literalIn } from './literal';

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
    if (item.kind === 'group') return isTall(itemAt(item.slots, 0));
    return standingOfBox(item)?.isTall === true || item.slots.some(isTall);
  });

/** Whether a bar stands in a row at the size of the row, not raised. */
const holdsFraction = (row: Row): boolean =>
  row.some((item) => item.kind === 'fraction' || (item.kind === 'group' && item.slots.some(holdsFraction)));

const fence = (text: string, tall: boolean): ReactElement => mo(text, fenceAttributes(tall));
const suppliedFence = (text: string, tall: boolean): ReactElement =>
  mo(text, { ...fenceAttributes(tall), className: 'math-supplied' });

/** Whether a row is a sum, so that a big sign before it would not be seen to reach over all of it. */
const isSum = (row: Row): boolean => row.some((item, i) => isGlyph(item, /^[+−]$/) && i > 0 && endsOperand(row[i - 1]));

/** A sign that stands for itself, as those of a unit and the digits of another base do. */
const literalElement = (row: Row, i: number): ReactElement => {
  const { text } = row[i] as { text: string };
  if (text === ' ') return el('mspace', { 'data-i': i, width: '0.25em' });
  const isRecurring = isDigit(row[i]) && text.length > 1;
  return el(
    'mn',
    { 'data-i': i, ...(isRecurring ? { className: 'math-recurring' } : {}) },
    isRecurring ? text[0] : text,
  );
};

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
    return needsGap ? el('mrow', at, el('mi', {}, text), gap(THIN_GAP)) : el('mi', at, text);
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

type Draw = (row: Row, slot: number, name?: string) => ReactElement;

/** What stands in the empty boxes of a function that asks for its values by name, with what stands for one that is left out. */
function boxNames(fn: string): readonly string[] {
  const record = functionNamed(fn);
  if (record?.binds !== 'chance') return [];
  return record.takes.map((name, k) => {
    const absent = record.absents[k - record.least];
    return absent === undefined ? name : `${name} ${absent}`;
  });
}

/** A function's box as its notation tells; what is drawn twice on paper is keyed in its first place. */
function drawnCall({ layout }: Standing, { slots }: Box, i: number, slot: Draw): ReactElement {
  const rowOf = (k: number): Row => slots[k] ?? EMPTY_ROW;
  const page: MathPage<ReactElement> = {
    element: (tag, attributes, kids) => el(tag, attributes, ...kids),
    value: (k) => slot(rowOf(k), k),
    again: () => null,
    fence,
    isTall: (k) => isTall(rowOf(k)),
    isSum: (k) => isSum(rowOf(k)),
  };
  return el('mrow', { 'data-i': i }, ...mathmlOf(layout, page));
}

function boxElement(box: Box, i: number, slot: Draw, style: DrawStyle): ReactElement {
  const at = { 'data-i': i };
  switch (box.kind) {
    case 'fraction':
      return el(
        'mfrac',
        { ...at, ...(box.slots.some(holdsFraction) ? MAIN_BAR : {}) },
        slot(itemAt(box.slots, 0), 0),
        slot(itemAt(box.slots, 1), 1),
      );
    case 'power':
      return el('mrow', at, slot(itemAt(box.slots, 0), 0));
    case 'group': {
      const inner = itemAt(box.slots, 0);
      const close = box.closed ? fence(')', isTall(inner)) : suppliedFence(')', isTall(inner));
      return el('mrow', at, fence('(', isTall(inner)), slot(itemAt(box.slots, 0), 0), close);
    }
    case 'grid':
      return drawnCall(standingOfGrid(box.columns, box.slots.length), box, i, slot);
    case 'call': {
      const standing = standingOfBox(box);
      if (standing !== null) return drawnCall(standing, box, i, slot);
      const tall = box.slots.some(isTall);
      const separator = style.decimalSign === ',' ? ';' : ',';
      const names = boxNames(box.fn);
      const values = box.slots.flatMap((row, k) =>
        k === 0 ? [slot(row, k, names[k])] : [mo(separator), slot(row, k, names[k])],
      );
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
  const literal = literalIn(row, style.decimalSign);
  const gaps = gapsBefore(row, style);
  const names = keysOf(row);
  const slot: Draw = (of, k, name) => <DrawnSlot key={k} row={of} slot={k} style={style} name={name} />;
  const one = (item: Item, i: number): ReactElement =>
    item.kind !== 'glyph'
      ? boxElement(item, i, slot, style)
      : literal.has(i)
        ? literalElement(row, i)
        : glyphElement(row, i, style.decimalSign);
  for (let i = 0; i < row.length; i += 1) {
    const item = itemAt(row, i);
    if (gaps.has(i) && !literal.has(i)) drawn.push(gap(THIN_GAP, `gap${names[i]}`));
    if (item.kind === 'power') {
      const base = drawn.pop() ?? el('mrow', {});
      drawn.push(el('msup', { key: names[i] }, base, one(item, i)));
    } else if (!literal.has(i) && isPowerOfTen(row, i)) {
      const digits: ReactElement[] = [];
      let end = i + 1;
      while (isDigit(row[end]) || (end === i + 1 && isGlyph(row[end], /^−$/))) {
        digits.push(createElement('mrow', { key: end }, one(itemAt(row, end), end)));
        end += 1;
      }
      const ten = el('mrow', { 'data-i': i }, mo('·'), el('mn', {}, '10'));
      drawn.push(el('msup', { key: names[i] }, ten, el('mrow', {}, ...digits)));
      i = end - 1;
    } else drawn.push(cloneElement(one(item, i), { key: names[i] }));
  }
  return drawn;
}

type SlotProps = Readonly<{ row: Row; slot: number; style: DrawStyle; name?: string | undefined }>;

/** A slot; an empty one shows as a box, or as the name of what is asked for. */
const DrawnSlot = memo(function DrawnSlot({ row, slot, style, name = '▯' }: SlotProps) {
  const kids = row.length === 0 ? [el('mi', { key: 'box', className: 'math-box' }, name)] : itemsOf(row, style);
  return el('mrow', { 'data-s': slot }, ...kids);
});

/** The whole line. */
export const DrawnLine = memo(function DrawnLine({ row, style }: Readonly<{ row: Row; style: DrawStyle }>) {
  return el('mrow', { 'data-root': '' }, ...itemsOf(row, style));
});
