import { functionNames } from '@/core/function';
import { emptyLine, textOf } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import type { Value } from '@/core/number/value';
import { problemText } from '@/text/problems';
import { answerLine } from '@/workers/answer';
import { isKeyId, keyIds, keys } from './catalogue';
import type { KeyId } from './catalogue';
import { drawers, lineKeys, numberBlock, rareLineKeys } from './decks';
import { isLineAction, pressed } from './press';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;
const display = { mode: 'auto', digits: 10, grouping: true, decimalSign: '.' } as const;

/** Presses keys one after another and answers what the line comes to at the end. */
function show(ids: readonly string[]): string {
  let line: Line = emptyLine('boxed');
  const past: Line[] = [];
  const future: Line[] = [];
  let ans: Value | null = null;
  const answer = () =>
    answerLine(
      {
        text: textOf(line, '.'),
        angle: 'deg',
        impliedFirst: false,
        complex: true,
        display,
        ans,
        letters: new Map(),
        tries: {},
      },
      () => true,
      () => 0n,
    );
  for (const id of ids) {
    if (!isKeyId(id)) throw new Error(`no key ${id}`);
    const action = keys[id].does;
    if (isLineAction(action)) {
      past.push(line);
      line = pressed(line, action, options) ?? line;
    } else if (action.type === 'undo') {
      future.push(line);
      line = past.pop() ?? line;
    } else if (action.type === 'redo') line = future.pop() ?? line;
    else {
      const made = answer();
      if (!made.ok) return problemText(made.problem);
      ans = made.value.value;
      if (id !== ids.at(-1)) line = emptyLine('boxed');
    }
  }
  const made = answer();
  return made.ok ? made.value.forms[0]!.text : problemText(made.problem);
}

test.each(keyIds.map((id) => [id, keys[id].example] as const))(
  '%s does what its example says',
  (_id, { keys: ids, shows }) => {
    expect(show(ids)).toBe(shows);
  },
);

test('every key can be reached, from a drawer, the number block or beside the line', () => {
  const reachable = new Set<KeyId>([
    ...Object.values(drawers).flatMap((d) => d.ids),
    ...numberBlock.flat(),
    ...lineKeys,
    ...rareLineKeys,
  ]);
  expect(keyIds.filter((id) => !reachable.has(id))).toEqual([]);
});
