import { createElement, memo } from 'react';
import type { ReactElement, ReactNode } from 'react';
import type { Span } from '@/core/base/span';
import type { Markup } from '@/core/language/markup';

const moods: { [M in NonNullable<Markup['mood']>]: string } = {
  supplied: 'math-supplied',
  box: 'math-box',
  recurring: 'math-recurring',
};

/** The outermost markup of a part of the text: there the mark is put, and not again inside it. */
const isPart = (of: Markup, part: Span | null): boolean =>
  part !== null && of.span !== undefined && of.span.from === part.from && of.span.to === part.to;

function draw(of: Markup, key: number, marked: Span | null): ReactElement {
  const { tag, kids, attributes, mood } = of;
  if (isPart(of, marked)) return createElement('mrow', { key, className: 'math-marked' }, draw(of, 0, null));
  const children: ReactNode[] = kids.map((kid, i) => (typeof kid === 'string' ? kid : draw(kid, i, marked)));
  // A bar drawn as a border is as long as its digits and as dark as a fraction's; the accent of the font is neither.
  if (mood === 'recurring') return createElement('mrow', { key, className: moods[mood] }, children[0]);
  return createElement(tag, { ...attributes, key, className: mood && moods[mood] }, ...children);
}

type Props = Readonly<{
  markup: Markup;
  size: 'line' | 'tape' | 'small' | 'class';
  /** A part of the text that is set off. */
  marked?: Span;
}>;

/** A formula set by the browser. A screen reader reads its mathematics unless it stands inside something with a name. */
export const Formula = memo(function Formula({ markup, size, marked }: Props) {
  return createElement(
    'math',
    { className: `math math-${size}`, displaystyle: 'true' },
    draw(markup, 0, marked ?? null),
  );
});
