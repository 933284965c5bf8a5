import { createElement, memo } from 'react';
import type { ReactElement, ReactNode } from 'react';
import type { Markup } from '@/core/language/markup';

const moods: { [M in NonNullable<Markup['mood']>]: string } = {
  supplied: 'math-supplied',
  box: 'math-box',
  recurring: 'math-recurring',
};

function draw(of: Markup, key: number): ReactElement {
  const { tag, kids, attributes, mood } = of;
  const children: ReactNode[] = kids.map((kid, i) => (typeof kid === 'string' ? kid : draw(kid, i)));
  // A bar drawn as a border is as long as its digits and as dark as a fraction's; the accent of the font is neither.
  if (mood === 'recurring') return createElement('mrow', { key, className: moods[mood] }, children[0]);
  return createElement(tag, { ...attributes, key, className: mood && moods[mood] }, ...children);
}

type Props = Readonly<{ markup: Markup; size: 'line' | 'tape' | 'small' }>;

/** A formula set by the browser. A screen reader reads its mathematics unless it stands inside something with a name. */
export const Formula = memo(function Formula({ markup, size }: Props) {
  return createElement('math', { className: `math math-${size}`, displaystyle: 'true' }, draw(markup, 0));
});
