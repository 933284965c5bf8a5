import type { Span } from '../base/span';
import type { MathTag } from '../notation/mathml';

/**
 * MathML Core as plain data, so that a screen can draw it without parsing text. `mood` marks what a style sheet
 * draws in its own way: brackets that were supplied, boxes that are still empty, and digits that recur (a bar over the first kid).
 */
export type Markup = Readonly<{
  tag: MathTag;
  kids: readonly (Markup | string)[];
  attributes?: Readonly<Record<string, string>>;
  span?: Span;
  mood?: 'supplied' | 'box' | 'recurring';
}>;

export const element = (tag: MathTag, ...kids: readonly (Markup | string)[]): Markup => ({ tag, kids });
export const withAttributes = (of: Markup, attributes: Record<string, string>): Markup => ({ ...of, attributes });

const escapes: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const escaped = (text: string): string => text.replace(/[&<>"]/g, (c) => escapes[c] ?? c);

function inner(of: Markup): string {
  const attributes = Object.entries(of.attributes ?? {})
    .map(([name, value]) => ` ${name}="${escaped(value)}"`)
    .join('');
  const kids = of.kids.map((kid) => (typeof kid === 'string' ? escaped(kid) : inner(kid))).join('');
  return `<${of.tag}${attributes}>${kids}</${of.tag}>`;
}

/** The text of a formula, ready to be pasted into a document. */
export const markupText = (of: Markup): string =>
  `<math xmlns="http://www.w3.org/1998/Math/MathML" display="inline">${inner(of)}</math>`;
