import { functionNames } from '@/core/function';
import { emptyLine, insertText, textOf, withCaretAt } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import { keys } from './catalogue';
import { entryOf, keyedOf, logged } from './log';
import { isLineAction, pressed } from './press';
import { actionOfStroke } from './shortcuts';

const options = { functions: functionNames, decimalSign: '.', impliedFirst: false } as const;

/** The line that a log makes. */
function replayed(log: readonly string[]): string {
  let line: Line = emptyLine('boxed');
  for (const entry of log) {
    const known = keyedOf(entry);
    if (known === null) throw new Error(entry);
    if (known.kind === 'put') line = insertText(line, known.text, options);
    else if (known.kind === 'caret') line = withCaretAt(line, known.offset, options);
    else {
      const action = known.kind === 'key' ? keys[known.id].does : ({ type: 'type', text: known.char } as const);
      if (isLineAction(action)) line = pressed(line, action, options) ?? line;
    }
  }
  return textOf(line, '.');
}

test.each([
  [['d1', 'd2', 'fraction', 'd5', 'moveRight', 'plus', 'sqrt', 'd2'], '12/5+sqrt(2)'],
  [["'1", "'/", "'2", "'+", "'1"], '1/2+1'],
  [['"2+3', '@1', 'd7'], '27+3'],
  [['sum', 'd1', 'moveRight', 'd6', 'moveRight', 'k', 'cube'], 'sum(k^3,k,1,6)'],
])('%j makes %s', (log, text) => expect(replayed(log)).toBe(text));

test('what is pressed and typed is logged so that it can be replayed', () => {
  const entries = [keys.d1.does, keys.fraction.does, keys.d2.does].map(entryOf);
  expect(entries).toEqual(['d1', 'fraction', 'd2']);
  const stroke = actionOfStroke({ key: 'x', control: false, alt: false, shift: false });
  expect(stroke && entryOf(stroke)).toBe("'x");
  expect(entryOf(keys.undo.does)).toBeNull();
});

test('a caret put twice is put once, and a log that grew too long is given up', () => {
  expect(logged(logged(['d1'], '@1'), '@2')).toEqual(['d1', '@2']);
  expect(
    logged(
      Array.from({ length: 2000 }, () => 'd1'),
      'd1',
    ),
  ).toBeNull();
  expect(logged(null, 'd1')).toBeNull();
});

test.each(['?', '@x', "'", 'nothing'])('%s is not an entry', (entry) => expect(keyedOf(entry)).toBeNull());
