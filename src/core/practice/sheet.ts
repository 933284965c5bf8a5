import { itemAt } from '../base/item';
import { numeralValue } from '../evaluate/numeral';
import { functionNames } from '../function';
import { parse } from '../language/parse';
import { printText, TYPED } from '../language/print-text';
import { groupTree, negateTree, numberTree, partsOf, withParts } from '../language/tree';
import type { Tree } from '../language/tree';
import * as q from '../number/rational';
import { decimalText } from '../slips/decimal-text';
import { askedFormOf } from './asked-form';
import type { AskedForm } from './asked-form';
import type { Below } from './draw';
import type { DrawnLetter, Sheet } from './sheet-schema';

/** A question as one pupil has it. `key`: the line that works the answer; `curve`, `tolerance`: '' for none. */
export type PupilQuestion = Readonly<{
  words: string;
  shown: string;
  key: string;
  form: AskedForm;
  tolerance: string;
  curve: string;
}>;

export type PupilItem = Readonly<{ kind: 'text'; text: string }> | (PupilQuestion & Readonly<{ kind: 'question' }>);

const valueOf = (text: string): q.Rational => {
  const value = numeralValue(text.replace('-', '')) ?? q.ZERO;
  return text.startsWith('-') ? q.negate(value) : value;
};

/** The most numbers that one is drawn from. */
const MOST_STEPS = 1_000_000n;

/** A number from a range, by its steps; its first where the range holds no other. */
function drawnNumber({ from, to, step }: DrawnLetter, below: Below): q.Rational {
  const [low, high, by] = [from, to, step].map(valueOf) as [q.Rational, q.Rational, q.Rational];
  if (q.sign(by) <= 0 || q.compare(high, low) <= 0) return low;
  const { n, d } = q.divide(q.subtract(high, low), by);
  const most = n / d < MOST_STEPS ? n / d : MOST_STEPS;
  return q.add(low, q.multiply(by, q.whole(below(Number(most) + 1))));
}

const writtenOf = (value: q.Rational): string =>
  (q.sign(value) < 0 ? '-' : '') + (decimalText(q.magnitude(value)) ?? '0');

function numberNode(text: string): Tree {
  return text.startsWith('-') ? groupTree(negateTree(numberTree(text.slice(1)))) : numberTree(text);
}

/** A tree with numbers in the place of letters; a number behind another is multiplied with its sign. */
function filledTree(tree: Tree, numbers: ReadonlyMap<string, string>): Tree {
  if (tree.kind === 'letter') {
    const text = numbers.get(tree.name);
    return text === undefined ? tree : numberNode(text);
  }
  const parts = partsOf(tree).map((part) => filledTree(part, numbers));
  if (parts.every((part, i) => part === partsOf(tree)[i])) return tree;
  const next = withParts(tree, parts);
  const isImplied = tree.kind === 'binary' && next.kind === 'binary' && tree.op === 'implied';
  return isImplied && next.right !== tree.right ? { ...next, op: 'times' } : next;
}

/** A typed line with numbers in the place of letters; as it is where it cannot be read. */
export function filledLine(line: string, numbers: ReadonlyMap<string, string>): string {
  if (line === '' || numbers.size === 0) return line;
  const reading = parse(line, { functions: functionNames, decimalSign: '.', impliedFirst: false });
  return reading.ok ? printText(filledTree(reading.value.tree, numbers), TYPED) : line;
}

/** Words in which {a} stands for the number of the letter a. */
const filledWords = (text: string, numbers: ReadonlyMap<string, string>): string =>
  text.replace(/\{([a-zA-Z])\}/g, (whole, letter: string) => numbers.get(letter) ?? whole);

/** The numbers of a pupil, by their letters, in the order of the sheet. */
export const numbersOf = ({ drawn }: Sheet, below: Below): ReadonlyMap<string, string> =>
  new Map(drawn.map((one) => [one.letter, writtenOf(drawnNumber(one, below))]));

/** A sheet as one pupil has it, its numbers drawn. */
export function sheetFor(sheet: Sheet, below: Below): readonly PupilItem[] {
  const numbers = numbersOf(sheet, below);
  return sheet.items.map((item) => {
    if (item.kind === 'text') return { kind: 'text', text: filledWords(item.text, numbers) };
    const { words, line, answer, form, tolerance, curve } = item;
    return {
      kind: 'question',
      words: filledWords(words, numbers),
      shown: filledLine(line, numbers),
      key: filledLine(answer === '' ? line : answer, numbers),
      form: askedFormOf(form) ?? 'any',
      tolerance,
      curve: filledLine(curve, numbers),
    };
  });
}

/** The questions of a pupil, in order. */
export const questionsOf = (items: readonly PupilItem[]): readonly PupilQuestion[] =>
  items.flatMap((item) => (item.kind === 'question' ? [item] : []));

/** What the numbers of a pupil are drawn from. */
export const seedFor = (sheet: Sheet, pupil: string): string => `${sheet.seed} ${pupil.trim()}`;

/** The text that stands before a question: the words of the items right before it. */
export function wordsBefore(items: readonly PupilItem[], question: number): string {
  const at = items.findIndex(
    (item, i) => item.kind === 'question' && questionsOf(items.slice(0, i + 1)).length === question + 1,
  );
  const before: string[] = [];
  for (let i = at - 1; i >= 0; i -= 1) {
    const item = itemAt(items, i);
    if (item.kind !== 'text') break;
    before.unshift(item.text);
  }
  return before.join('\n');
}
