/**
 * A formula as it stands on the page, from MathML or made from LaTeX: an element's name, the text of one that holds text,
 * its children. Groups (`mrow`) and what is invisible say nothing by themselves.
 */
export type Presentation = Readonly<{ tag: string; text: string; kids: readonly Presentation[] }>;

export const leaf = (tag: 'mi' | 'mn' | 'mo' | 'mtext', text: string): Presentation => ({ tag, text, kids: [] });
export const part = (tag: string, ...kids: readonly Presentation[]): Presentation => ({ tag, text: '', kids });

/** A formula that is beyond what is read. */
export class Unreadable extends Error {}

/** A child that an element must have. */
export function kidAt({ kids }: Presentation, at: number): Presentation {
  const found = kids[at];
  if (found === undefined) throw new Unreadable();
  return found;
}

const GROUPS = new Set(['mrow', 'math', 'mstyle', 'mpadded', 'semantics', 'menclose', 'mtd']);
const SILENT = new Set(['mspace', 'mphantom', 'annotation', 'annotation-xml', 'none', 'mprescripts']);
/** Signs that are not seen: of a function's application, of products, and a blank. */
const UNSEEN = /^[\s\u2061\u2062\u2064\u200b]*$/;

export const isGroup = ({ tag }: Presentation): boolean => GROUPS.has(tag);

/** The text of an element that holds only text. */
export const leafText = ({ tag, text }: Presentation): string | null =>
  ['mi', 'mn', 'mo', 'mtext'].includes(tag) ? text : null;

/** What is seen of some children: groups of one child opened, a differential and its letter apart. */
export const seenOf = (kids: readonly Presentation[]): readonly Presentation[] => kids.flatMap(seen);

function seen(node: Presentation): readonly Presentation[] {
  if (SILENT.has(node.tag)) return [];
  const text = leafText(node);
  if (text === null) {
    if (!isGroup(node)) return [node];
    const kids = seenOf(node.kids);
    return kids.length <= 1 ? kids : [{ ...node, kids }];
  }
  if (UNSEEN.test(text)) return [];
  const [, letter] = node.tag === 'mi' ? (/^[dⅆ]([A-Za-z])$/.exec(text) ?? []) : [];
  return letter === undefined ? [node] : [leaf('mi', 'd'), leaf('mi', letter)];
}

/** The children of a group, or the one thing that stands alone. */
export const rowOf = (node: Presentation): readonly Presentation[] => {
  const [only, ...others] = seenOf([node]);
  return only === undefined ? [] : others.length === 0 && isGroup(only) ? only.kids : [only, ...others];
};
