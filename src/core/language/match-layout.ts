import type { Layout } from '../notation/layout';
import { Unreadable, isGroup, kidAt, leafText, rowOf, seenOf } from './presentation';
import type { Presentation } from './presentation';

/** How the values in the places of a layout are read. */
export type ValueReader = Readonly<{
  /** What stands at an index of a row and belongs together, as typed text, and where the next begins. */
  unit: (row: readonly Presentation[], at: number) => Readonly<{ text: string; end: number }>;
  /** Several of them, joined. */
  join: (texts: readonly string[]) => string;
  /** Whether a term ends before what stands there. */
  endsTerm: (node: Presentation) => boolean;
  raised: (exponent: Presentation) => string;
  /** What the layouts around are still to find in a row, innermost last: a term that nothing else ends stops before it. */
  awaited: ((row: readonly Presentation[], at: number) => boolean)[];
}>;

/** What was found: the values by their index, where the row goes on, and a power that stands on the whole. */
export type Found = Readonly<{ values: ReadonlyMap<number, string>; end: number; power: string }>;

/** The parts of a layout side by side, without what only spaces them. */
function flat(layout: Layout): readonly Layout[] {
  switch (layout.kind) {
    case 'row':
      return layout.parts.flatMap(flat);
    case 'gap':
      return [];
    case 'branches':
      return [{ kind: 'sign', text: '{' }, layout];
    case 'placed':
      return [...flat(layout.of), { kind: 'lowered', base: { kind: 'sign', text: '|' }, by: layout.at }];
    default:
      return [layout];
  }
}

const BARS = /^[¯‾_―ˉ]$/;
const sameSign = (text: string, sign: string): boolean => (sign === '|' ? /^[|∣❘]$/.test(text) : text === sign);
const sameWord = (text: string, word: string): boolean =>
  text.trim() === word || (word === 'otherwise' && text.trim() === 'else');

/**
 * Finds a layout at an index of a row; null when it does not begin there. One that begins and does not go on as it should is unreadable,
 * so that a sign is never read as something else.
 */
export function matchLayout(
  layout: Layout,
  row: readonly Presentation[],
  at: number,
  reader: ValueReader,
): Found | null {
  const values = new Map<number, string>();
  let power = '';

  const whole = (part: Layout, node: Presentation): boolean => {
    const kids = rowOf(node);
    return sequence(flat(part), kids, 0, true) === kids.length;
  };

  /** Whether one part that is no value stands there. */
  const one = (part: Layout, node: Presentation): boolean => {
    const text = leafText(node);
    switch (part.kind) {
      case 'name':
        return text !== null && (text === part.text || (part.text === 'd' && text === 'ⅆ'));
      case 'digits':
        return text === part.text;
      case 'sign':
        return text !== null && sameSign(text, part.text);
      case 'word':
        return text !== null && sameWord(text, part.text);
      case 'fraction':
        return node.tag === 'mfrac' && whole(part.above, kidAt(node, 0)) && whole(part.below, kidAt(node, 1));
      case 'root':
        return part.index === null
          ? node.tag === 'msqrt' && whole(part.of, { ...node, tag: 'mrow' })
          : node.tag === 'mroot' && whole(part.index, kidAt(node, 1)) && whole(part.of, kidAt(node, 0));
      case 'over':
        return node.tag === 'mover' && BARS.test(leafText(kidAt(node, 1)) ?? '') && whole(part.of, kidAt(node, 0));
      case 'big': {
        const isSign = ['munderover', 'msubsup'].includes(node.tag) && leafText(kidAt(node, 0)) === part.sign;
        if (isSign && !(whole(part.below, kidAt(node, 1)) && whole(part.above, kidAt(node, 2)))) throw new Unreadable();
        return isSign;
      }
      case 'raised':
        return node.tag === 'msup' && whole(part.base, kidAt(node, 0)) && whole(part.by, kidAt(node, 1));
      case 'lowered': {
        const isBased = ['msub', 'munder', 'msubsup'].includes(node.tag) && whole(part.base, kidAt(node, 0));
        if (!isBased || !whole(part.by, kidAt(node, 1))) return false;
        if (node.tag === 'msubsup') power = reader.raised(kidAt(node, 2));
        return true;
      }
      case 'branches': {
        const lines = seenOf(node.kids);
        return (
          node.tag === 'mtable' &&
          lines.length === part.rows.length &&
          part.rows.every(({ value, when }, i) => {
            const line = lines[i];
            return line !== undefined && whole(value, kidAt(line, 0)) && whole(when, withoutIf(kidAt(line, 1)));
          })
        );
      }
      default:
        return false;
    }
  };

  /** Values up to where the rest of the parts goes on, or to the end of the row or of a term. */
  const captured = (
    slot: Layout & { kind: 'slot' },
    rest: readonly Layout[],
    kids: readonly Presentation[],
    from: number,
    isWhole: boolean,
  ): number | null => {
    if (rest.length > 0)
      reader.awaited.push((other, next) => other === kids && sequence(rest, kids, next, isWhole) !== null);
    const end = capturing(slot, rest, kids, from, isWhole);
    if (rest.length > 0) reader.awaited.pop();
    return end;
  };

  function capturing(
    slot: Layout & { kind: 'slot' },
    rest: readonly Layout[],
    kids: readonly Presentation[],
    from: number,
    isWhole: boolean,
  ): number | null {
    const texts: string[] = [];
    const isOpen = rest.length === 0 && !isWhole;
    const isEnd = (node: Presentation, next: number): boolean =>
      reader.endsTerm(node) || reader.awaited.some((isThere) => isThere(kids, next));
    let now = from;
    for (let node = kids[now]; node !== undefined; node = kids[now]) {
      const found = texts.length === 0 || rest.length === 0 ? null : sequence(rest, kids, now, isWhole);
      if (found !== null) return taken(slot, texts, found);
      if (isOpen && texts.length > 0 && isEnd(node, now)) break;
      const { text, end } = reader.unit(kids, now);
      texts.push(text);
      now = end;
    }
    return rest.length === 0 && texts.length > 0 ? taken(slot, texts, now) : null;
  }

  const taken = ({ slot }: Layout & { kind: 'slot' }, texts: readonly string[], end: number): number => {
    values.set(slot, reader.join(texts));
    return end;
  };

  /** Goes on with what a group holds in the place of the group; a power upon it must stand at the end of the whole. */
  function inOpened(
    parts: readonly Layout[],
    kids: readonly Presentation[],
    from: number,
    isWhole: boolean,
    { inner, raise }: Opened,
  ): number | null {
    const opened = [...kids.slice(0, from), ...inner, ...kids.slice(from + 1)];
    const found = sequence(parts, opened, from, isWhole);
    const end = found === null ? null : found - inner.length + 1;
    if (end === null || end <= from || (raise !== null && end !== from + 1)) return null;
    if (raise !== null) power = reader.raised(raise);
    return end;
  }

  function sequence(
    parts: readonly Layout[],
    kids: readonly Presentation[],
    from: number,
    isWhole: boolean,
  ): number | null {
    const [first, ...rest] = parts;
    if (first === undefined) return from;
    const node = kids[from];
    if (node === undefined) return null;
    if (first.kind !== 'slot' && first.kind !== 'again') {
      const opened = opensAt(node);
      if (opened !== null) return inOpened(parts, kids, from, isWhole, opened);
    }
    switch (first.kind) {
      case 'slot': {
        if (first.as !== 'letter') return captured(first, rest, kids, from, isWhole);
        const text = leafText(node);
        if (text === null || !/^[A-Za-z]$/.test(text)) return null;
        values.set(first.slot, text);
        return sequence(rest, kids, from + 1, isWhole);
      }
      case 'again':
        return leafText(node) === values.get(first.slot) ? sequence(rest, kids, from + 1, isWhole) : null;
      case 'fences': {
        const inside = flat(first.of);
        if (first.open === '(' && !sameSign(leafText(node) ?? '', '(')) {
          // Without brackets the value is the one thing that follows.
          const [slot, ...others] = inside;
          if (slot?.kind !== 'slot' || others.length > 0) return null;
          const { text, end } = reader.unit(kids, from);
          return sequence(rest, kids, taken(slot, [text], end), isWhole);
        }
        const signs = [{ kind: 'sign', text: first.open }, ...inside, { kind: 'sign', text: first.close }] as const;
        return sequence([...signs, ...rest], kids, from, isWhole);
      }
      default: {
        const last = rest.length === 0 && first.kind === 'sign' && node.tag === 'msup' ? kidAt(node, 0) : null;
        if (last !== null && one(first, last)) {
          power = reader.raised(kidAt(node, 1));
          return from + 1;
        }
        return one(first, node) ? sequence(rest, kids, from + 1, isWhole) : null;
      }
    }
  }

  const [head, ...rest] = headed(flat(layout));
  const node = row[at];
  if (head === undefined || node === undefined || !one(head, node)) return null;
  const end = sequence(rest, row, at + 1, false);
  if (end === null) throw new Unreadable();
  return { values, end, power };
}

/** A group, perhaps with a power upon it. */
type Opened = Readonly<{ inner: readonly Presentation[]; raise: Presentation | null }>;

function opensAt(node: Presentation): Opened | null {
  if (isGroup(node)) return { inner: rowOf(node), raise: null };
  const base = node.tag === 'msup' ? kidAt(node, 0) : null;
  return base !== null && isGroup(base) && rowOf(base).length > 1
    ? { inner: rowOf(base), raise: kidAt(node, 1) }
    : null;
}

/** The parts with a pair of signs at their begin opened, so that the first sign stands first. */
function headed(parts: readonly Layout[]): readonly Layout[] {
  const [first, ...rest] = parts;
  return first?.kind === 'fences'
    ? [{ kind: 'sign', text: first.open }, ...flat(first.of), { kind: 'sign', text: first.close }, ...rest]
    : parts;
}

/** A condition without the word that begins it. */
function withoutIf(cell: Presentation): Presentation {
  const kids = rowOf(cell);
  const isIf = kids[0] !== undefined && /^(?:if|for)$/.test((leafText(kids[0]) ?? '').trim());
  return { tag: 'mrow', text: '', kids: isIf ? kids.slice(1) : kids };
}
