import { functionNames } from '@/core/function';
import { treeOf } from '@/core/keyed/entry';
import type { Operand } from '@/core/keyed/operand';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { nodesOf, partsOf, withParts } from '@/core/language/tree';
import type { Tree } from '@/core/language/tree';
import { toldText } from '@/core/keyed/operand';
import { kindOf, registerText } from '@/core/memory/shelf';
import type { Kept } from '@/core/memory/shelf';
import type { SavedForm, TapeLine } from '@/core/notebook/schema';
import type { SavedValue } from '@/core/notebook/value-codec';
import type { Document } from '@/state/slices/parts';

/*
 * Text that stands for a value wherever it is put: exact where the value is, else the expression that it came from,
 * and only where that leans on something that can change, its digits.
 */

/** Longer texts are put in as digits. */
const LONGEST = 1000;

const isLeaning = (node: Tree): boolean =>
  node.kind === 'letter' ||
  node.kind === 'box' ||
  (node.kind === 'constant' && (node.name === 'Ans' || node.name === 'total')) ||
  (node.kind === 'call' && ['slot', 'random', 'randint'].includes(node.fn));

/** The expression when nothing in it can stand for something else later on, such as a letter. */
export function closedText(text: string): string | null {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  if (!reading.ok || text.length > LONGEST) return null;
  return [...nodesOf(reading.value.tree)].some(isLeaning) ? null : printText(reading.value.tree, TYPED);
}

type Source = Readonly<{ exact: string | null; from: string; full: string }>;

const textFor = ({ exact, from, full }: Source): string =>
  (exact !== null && exact.length <= LONGEST ? exact : null) ?? closedText(from) ?? full;

/** What stands for the value that a place keeps. */
export const keptText = ({ exact, typed, from, full }: Kept<SavedValue>): string =>
  textFor({ exact: exact ? closedText(typed) : null, from, full });

/** The exact form of an answer that can be put into a line; null when it has none. */
export const exactText = (forms: readonly SavedForm[]): string | null =>
  forms.find((f) => f.exact && f.id !== 'mixed' && f.id !== 'recurring' && f.id !== 'truth' && f.id !== 'polar')
    ?.typed ?? null;

/** A short text for a value whose making is too long to be told: exact, else its digits. */
export function shortText({ forms, full }: Readonly<{ forms: readonly SavedForm[]; full: string }>): string {
  const [first] = forms;
  // True and false have no names that could be read.
  if (first?.id === 'truth') return first.text === 'true' ? '0=0' : '0=1';
  return textFor({
    exact: exactText(forms),
    from: '',
    full: full.length <= LONGEST ? full : (forms.at(-1)?.typed ?? full),
  });
}

/** What stands for the answer of a line. */
export function lineSubstitution({ forms, text, full, decimalSign, impliedFirst }: TapeLine): string {
  const from = decimalSign === '.' && !impliedFirst ? text : '';
  return textFor({ exact: exactText(forms), from, full });
}

/** What stands for the last answer. */
export function ansText({ tape, ans }: Document): string {
  const line = tape.findLast((l) => l.value === ans);
  return line === undefined ? 'Ans' : lineSubstitution(line);
}

/** The expression with another in the place of everything that stands for a place of the Shelf. */
function replaced(tree: Tree, name: string, instead: Tree): Tree {
  const isMeant =
    (tree.kind === 'letter' && tree.name === name) ||
    (tree.kind === 'constant' && tree.name === name) ||
    (tree.kind === 'call' && kindOf(name) === 'slot' && printText(tree, TYPED) === registerText(name));
  return isMeant
    ? instead
    : withParts(
        tree,
        partsOf(tree).map((part) => replaced(part, name, instead)),
      );
}

/** How something was made, told without a place that is about to hold something else. */
export function inlined<O extends Operand<SavedValue>>(operand: O, name: string, kept: Kept<SavedValue>): O {
  const freeze = (text: string): string => {
    if (!text.includes(kindOf(name) === 'slot' ? 'slot' : name)) return text;
    const tree = treeOf(text);
    // Where the expression grows too long to be told, its digits may not.
    for (const instead of [keptText(kept), kept.full]) {
      const told = toldText(replaced(tree, name, treeOf(instead)));
      if (told.ok) return told.value;
    }
    return text;
  };
  const sourceText = freeze(operand.sourceText);
  const percent = operand.percent && { ...operand.percent, sourceText: freeze(operand.percent.sourceText) };
  const isSame = sourceText === operand.sourceText && percent?.sourceText === operand.percent?.sourceText;
  return isSame ? operand : { ...operand, sourceText, percent };
}
