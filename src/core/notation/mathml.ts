import type { Fence, Layout } from './layout';

export type MathAttributes = Readonly<Record<string, string>>;

export type MathTag =
  | 'mrow'
  | 'mn'
  | 'mi'
  | 'mo'
  | 'mtext'
  | 'mfrac'
  | 'msqrt'
  | 'mroot'
  | 'msup'
  | 'msub'
  | 'msubsup'
  | 'mover'
  | 'munderover'
  | 'mtable'
  | 'mtr'
  | 'mtd'
  | 'mspace';

/** Where a layout is drawn: how an element is made there, and what stands in each of its places. */
export type MathPage<E> = Readonly<{
  element: (tag: MathTag, attributes: MathAttributes, kids: readonly (E | string)[]) => E;
  value: (slot: number) => E;
  /** A value that stands a second time; null where it is left out. */
  again: (slot: number) => E | null;
  /** A bracket: the function's own, or one around a term. */
  fence: (text: Fence, isTall: boolean, of: 'notation' | 'term') => E;
  isTall: (slot: number) => boolean;
  /** Whether a value is a sum, so that a big sign before it would not be seen to reach over all of it. */
  isSum: (slot: number) => boolean;
}>;

export const THIN_GAP = '0.17em';

/** Brackets stay the size of a line around what does not outgrow one. */
export const fenceAttributes = (isTall: boolean): MathAttributes =>
  isTall ? { fence: 'true' } : { stretchy: 'false', fence: 'true' };

/** The parts of a layout as MathML, side by side. */
export function mathmlOf<E>(layout: Layout, page: MathPage<E>): readonly E[] {
  const make = (tag: MathTag, ...kids: readonly (E | string)[]): E => page.element(tag, {}, kids);
  const draw = (part: Layout): readonly E[] => mathmlOf(part, page);
  /** Parts where one element is asked for. */
  const one = (part: Layout): E => {
    const [first, ...others] = draw(part);
    return first !== undefined && others.length === 0 ? first : make('mrow', ...draw(part));
  };

  switch (layout.kind) {
    case 'slot': {
      const value = page.value(layout.slot);
      if (layout.as !== 'term' || !page.isSum(layout.slot)) return [value];
      const tall = page.isTall(layout.slot);
      return [make('mrow', page.fence('(', tall, 'term'), value, page.fence(')', tall, 'term'))];
    }
    case 'again': {
      const value = page.again(layout.slot);
      return value === null ? [] : [value];
    }
    case 'name':
      return [make('mi', layout.text)];
    case 'digits':
      return [make('mn', layout.text)];
    case 'sign':
      return [make('mo', layout.text)];
    case 'word':
      return [make('mtext', layout.text)];
    case 'gap':
      return [page.element('mspace', { width: THIN_GAP }, [])];
    case 'row':
      return layout.parts.flatMap(draw);
    case 'fences': {
      const tall = outgrows(layout.of, page);
      const [open, close] = [page.fence(layout.open, tall, 'notation'), page.fence(layout.close, tall, 'notation')];
      return [open, ...draw(layout.of), close];
    }
    case 'fraction':
      return [make('mfrac', one(layout.above), one(layout.below))];
    case 'root':
      return [layout.index === null ? make('msqrt', one(layout.of)) : make('mroot', one(layout.of), one(layout.index))];
    case 'over':
      return [make('mover', one(layout.of), page.element('mo', { stretchy: 'true' }, ['¯']))];
    case 'big': {
      const [below, above] = [one(layout.below), one(layout.above)];
      if (!layout.isStacked) return [make('msubsup', make('mo', layout.sign), below, above)];
      const sign = page.element('mo', { largeop: 'true', movablelimits: 'false' }, [layout.sign]);
      return [make('munderover', sign, below, above)];
    }
    case 'lowered':
      return [make('msub', one(layout.base), one(layout.by))];
    case 'raised':
      return [make('msup', one(layout.base), one(layout.by))];
    case 'placed':
      return [...draw(layout.of), make('msub', page.element('mo', { fence: 'true' }, ['|']), one(layout.at))];
    case 'grid': {
      const rows = layout.rows.map((cells) => make('mtr', ...cells.map((cell) => make('mtd', ...draw(cell)))));
      return [page.fence('[', true, 'notation'), make('mtable', ...rows), page.fence(']', true, 'notation')];
    }
    case 'branches': {
      const rows = layout.rows.map(({ value, when }) =>
        make('mtr', make('mtd', ...draw(value)), make('mtd', ...draw(when))),
      );
      return [page.fence('{', true, 'notation'), make('mtable', ...rows)];
    }
  }
}

function outgrows<E>(layout: Layout, page: MathPage<E>): boolean {
  switch (layout.kind) {
    case 'slot':
      return page.isTall(layout.slot);
    case 'row':
      return layout.parts.some((part) => outgrows(part, page));
    default:
      return ['fraction', 'big', 'branches', 'grid'].includes(layout.kind);
  }
}

/** The bar of a fraction of fractions is thicker than theirs, and longer by what the page's style adds to it. */
export const MAIN_BAR = { linethickness: '0.13em' } as const;
