import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import type { Problem } from '@/core/base/problem';
import sample from '@/core/notebook/sample-line.json';
import type { TapeLine } from '@/core/notebook/schema';
import { StackView } from '../keyed/StackView';
import { TapeRow } from '../tape/TapeRow';
import { onPage } from '../testing/on-page';
import { Completions } from './Completions';
import { ProblemNote } from './ProblemNote';
import { FormValue, ResultForms } from './ResultForms';

/* The parts of the page by role and name: what they tell, and what a tap does. */

afterEach(cleanup);

const shown = { decimalSign: '.', grouping: false } as const;
const nothing = () => undefined;

describe('what is wrong with a line', () => {
  const comma: Problem = {
    code: 'syntax',
    reason: 'comma-outside-call',
    found: '1,234',
    offers: ['1234', '1.234'],
    at: { from: 2, to: 7 },
  };

  test('is a sentence with its place set off, and each way to mend it is a tap', () => {
    const mended: unknown[] = [];
    onPage(
      <ProblemNote problem={comma} sentence={null} text="2+1,234" isReported onRespan={(...all) => mended.push(all)} />,
    );
    const note = screen.getByRole('alert');
    expect(note.textContent).toContain('“1,234” holds a comma. Is it 1234 or 1.234?');
    expect(note.textContent).toContain('2+1,234');
    fireEvent.click(screen.getByRole('button', { name: 'Put 1.234 instead' }));
    expect(mended).toEqual([[2, 7, '1.234']]);
  });

  test('while it is still being written it is a hint: no alert, and nothing to tap', () => {
    onPage(
      <ProblemNote
        problem={comma}
        sentence="The numerator is empty."
        text="2+1,234"
        isReported={false}
        onRespan={nothing}
      />,
    );
    expect([screen.queryByRole('alert'), screen.queryByRole('button')]).toEqual([null, null]);
    expect(screen.getByText('The numerator is empty.')).toBeTruthy();
  });
});

test('names that go on are offered, and the one that is tapped is taken', () => {
  const taken: unknown[] = [];
  const found = [
    { fn: 'sin', typed: 2 },
    { fn: 'sinh', typed: 2 },
  ];
  onPage(<Completions found={found} onTake={(one) => taken.push(one)} />);
  fireEvent.click(screen.getByRole('button', { name: 'sinh' }));
  expect(taken).toEqual([found[1]]);
});

test('a result shows every form that it has, the chosen one pressed, and a tap chooses another', () => {
  const chosen: string[] = [];
  const forms = [
    { id: 'fraction', exact: true, settled: true, text: '7/8', typed: '7/8' },
    { id: 'decimal', exact: false, settled: true, text: '0.88', typed: '0.88' },
    { id: 'solution', exact: true, settled: true, text: 'x = 7', typed: 'x=7' },
  ] as const;
  onPage(<ResultForms forms={forms} chosen="decimal" onChoose={(id) => chosen.push(id)} shown={shown} />);
  const buttons = screen.getAllByRole('button');
  expect(buttons.map((b) => [b.getAttribute('aria-label')?.charAt(0), b.getAttribute('aria-pressed')])).toEqual([
    ['=', 'false'],
    ['≈', 'true'],
    ['→', 'false'],
  ]);
  fireEvent.click(buttons[0]!);
  expect(chosen).toEqual(['fraction']);
});

describe('a line of the tape', () => {
  const line = {
    ...sample,
    text: 'sin(30)',
    usesAngleUnit: true,
    angle: 'deg',
    pinned: true,
    note: 'slipway',
  } as unknown as TapeLine;
  const told: string[] = [];
  const row = (of: Partial<TapeLine> = {}) => {
    told.length = 0;
    onPage(
      <TapeRow
        line={{ ...line, ...of }}
        grouping={false}
        onOpen={(id) => told.push(`open ${id}`)}
        onUseLine={(id) => told.push(`line ${id}`)}
        onUseAnswer={(id) => told.push(`answer ${id}`)}
      />,
    );
  };

  test('has its unit in the margin, its note below, and three things to tap', () => {
    row();
    expect(screen.getByRole('group').textContent).toMatch(/deg.*slipway/);
    for (const name of [/^What to do with sin\(30\)/, /^sin\(30\)/, /^Use the answer/])
      fireEvent.click(screen.getByRole('button', { name }));
    expect(told).toEqual([`open ${line.id}`, `line ${line.id}`, `answer ${line.id}`]);
  });

  test('without a unit, a pin and a note its margin has the sign of what can be done', () => {
    row({ usesAngleUnit: false, pinned: false, note: '', kept: null });
    expect(screen.getByRole('button', { name: /^What to do/ }).textContent).toBe('⋯');
  });

  test('that was worked with values for its letters tells them', () => {
    row({ text: '2k', tried: { k: '5' }, note: '' });
    expect(screen.getByRole('group').textContent).toContain('k = 5');
  });
});

describe('the stack', () => {
  const level = (sourceText: string, text: string) => ({
    operand: { value: null, sourceText, percent: null },
    form: { id: 'exact', exact: true, settled: true, text, typed: text } as const,
  });
  const stack = (entry: string, replaces = false) => {
    const opened: number[] = [];
    onPage(
      <StackView
        levels={[level('4', '4'), level('9-2', '7')]}
        entry={entry}
        replaces={replaces}
        shown={shown}
        onOpen={(n) => opened.push(n)}
      />,
    );
    return opened;
  };
  const names = () => screen.getAllByRole('button').map((b) => b.getAttribute('aria-label'));

  test('numbers its levels from the top, and tells how each was made', () => {
    const opened = stack('');
    expect(names()).toEqual(['Level 2: 4', 'Level 1: 7, made 9-2']);
    fireEvent.click(screen.getByRole('button', { name: 'Level 2: 4' }));
    expect(opened).toEqual([2]);
  });

  test('a number being keyed is level 1, and the others stand one higher', () => {
    stack('12');
    expect(names()).toEqual(['Level 3: 4', 'Level 2: 7, made 9-2']);
    expect(within(screen.getByRole('region')).getByRole('group', { name: 'Number being keyed' }).textContent).toContain(
      '12',
    );
  });

  test('a number that takes the place of the top is seen in it', () => {
    stack('12', true);
    expect(names()).toEqual(['Level 2: 4']);
  });
});

test.each([
  ['x=-2 or x=2', 'x=−2or|x=2'],
  ['x=-2 or x=1 or x=2', 'x=−2or|x=1or|x=2'],
  ['x=2 and y=1', 'x=2and|y=1'],
  ['x=2', ''],
])('each of the solutions %s stands whole, with its word behind it', (typed, parts) => {
  const form = { id: 'solution', exact: true, settled: true, typed, text: typed } as const;
  const { container } = onPage(<FormValue form={form} shown={shown} isChosen />);
  const told = [...container.querySelectorAll('.form-solution')].map((part) => part.textContent.replace(/\s/g, ''));
  expect(told.join('|')).toBe(parts);
});
