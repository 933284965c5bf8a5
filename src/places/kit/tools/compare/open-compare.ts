import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { partsOf, withParts } from '@/core/language/tree';
import type { Tree } from '@/core/language/tree';
import { useStore } from '@/state/app-store';
import { lineText } from '@/state/slices/bench/reading';
import { ansText, lineSubstitution } from '@/state/slices/bench/substitution';
import type { LineRef } from '@/places/bench/sheets';
import { compareEntries } from './inputs';

/** The tree with what the last answer was in its place. */
function withAns(tree: Tree, ans: Tree): Tree {
  if (tree.kind === 'constant' && tree.name === 'Ans') return { kind: 'group', of: ans, closed: true, span: tree.span };
  return withParts(
    tree,
    partsOf(tree).map((part) => withAns(part, ans)),
  );
}

const asRead = (text: string, decimalSign: '.' | ',', impliedFirst: boolean): Tree | null => {
  const reading = parse(text, { functions: functionNames, decimalSign, impliedFirst });
  return reading.ok ? reading.value.tree : null;
};

/** Puts a line into the tool as it means what it means there: with a point, its last answer written out, in its angle unit. */
export function openCompare(of: LineRef): void {
  const state = useStore.getState();
  const { document, settings, enter } = state;
  const isNow = of === 'now';
  const text = isNow ? lineText(state) : of.text;
  const decimalSign = isNow ? settings.display.decimalSign : of.decimalSign;
  const tree = asRead(text, decimalSign, isNow ? settings.impliedFirst : of.impliedFirst);
  const before = isNow
    ? null
    : document.tape
        .slice(
          0,
          document.tape.findIndex(({ id }) => id === of.id),
        )
        .findLast((l) => l.value !== null);
  const ans = asRead(before == null ? ansText(document) : lineSubstitution(before), '.', false);
  const line = tree === null ? text : printText(ans === null ? tree : withAns(tree, ans), TYPED);
  enter(compareEntries.id, { line, answer: '', angle: isNow ? settings.angle : of.angle });
}
