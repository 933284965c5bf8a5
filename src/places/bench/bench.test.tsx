import { fireEvent, screen, within } from '@testing-library/react';
import { useStore } from '@/state/app-store';
import { lineText } from '@/state/slices/bench/reading';
import { change, ended, fill, has, press, settled, started } from '@/places/testing/app';
import { layOut } from '@/ui/testing/lay-out';
import { Bench } from './Bench';

/* The Bench on a phone, keyed by the names of its keys and worked without a worker. */

const mockCopied: string[] = [];
jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);
jest.mock('@/platform/clipboard', () => ({
  copyText: (text: string) => Promise.resolve(mockCopied.push(text) > 0),
  readClipboard: () => Promise.resolve(null),
}));
// What is fetched later in the app is there at once.
jest.mock('@/places/frame/Boundary', () => ({
  ...jest.requireActual<typeof import('@/places/frame/Boundary')>('@/places/frame/Boundary'),
  later: (load: () => unknown) => {
    const name = ['ClassView', 'SolvePanel'].find((part) => String(load).includes(part)) ?? 'BenchSheets';
    return (props: object) => {
      const Part = jest.requireActual<Record<string, typeof Bench>>(`./${name}`)[name];
      return Part === undefined ? null : <Part {...props} />;
    };
  },
}));
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => undefined }) }));

layOut(390, 600);
beforeEach(() => (mockCopied.length = 0));
afterEach(ended);

const state = () => useStore.getState();
const tape = () =>
  state().document.tape.map(({ text, forms, chosen }) => [text, forms.find((f) => f.id === chosen)?.text]);
const typed = (text: string) => change(({ press: key }) => [...text].forEach((c) => key({ type: 'type', text: c })));
const answer = () => change(({ press: key }) => key({ type: 'answer' }));
const line = (): string => screen.getByRole<HTMLInputElement>('textbox', { name: 'Line being written' }).value;
const forms = (): readonly (string | null)[] => {
  const group = screen.getAllByRole('group', { name: 'Forms of the result' }).at(-1)!;
  return within(group)
    .getAllByRole('button')
    .map((b) => b.getAttribute('aria-label'));
};

async function lined(...lines: readonly string[]): Promise<void> {
  started(<Bench />);
  for (const text of lines) {
    await typed(text);
    await answer();
  }
}

test('keys write the line, the answer stands beside it while it is keyed, and the key that answers puts it on the tape', async () => {
  started(<Bench />);
  await press('7', 'divided by', '8');
  expect(line()).toBe('7÷8');
  expect(forms()).toEqual(['= 7/8, fraction', '= 0.875, decimal', '= 0 remainder 7, quotient, remainder']);
  await press('answer');
  expect(tape()).toEqual([['7÷8', '7/8']]);
  expect(line()).toBe('');
});

test('a line that cannot be read is told with its place, and stays as it is', async () => {
  await lined('2+*3');
  expect(screen.getByRole('alert').textContent).toContain('A number is missing before');
  expect([line(), tape()]).toEqual(['2+×3', []]);
  await press('clear line');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('another form is chosen for the line, and for a line of the tape', async () => {
  await lined('7/8');
  await change((s) => s.chooseTapeForm(s.document.tape[0]!.id, 'decimal'));
  expect(tape()).toEqual([['7/8', '0.875']]);
  await press('undo');
  expect(tape()).toEqual([['7/8', '7/8']]);
});

test('a line of the tape is brought back, its answer taken, it is pinned, noted, and removed', async () => {
  await lined('2+3', '4×5');
  await press('What to do with 2+3', 'Pin');
  await fill('Note', 'harbour dues', true);
  expect(state().document.tape[0]).toMatchObject({ pinned: true, note: 'harbour dues' });
  await press('What to do with 2+3', 'Use line');
  expect(line()).toBe('2+3');
  await press('clear line', 'What to do with 4×5', 'Use answer');
  expect(line()).toBe('20');
  await press('clear line', 'What to do with 2+3', 'Remove');
  expect(tape()).toEqual([['4×5', '20']]);
  await press('undo');
  expect(tape()).toHaveLength(2);
});

test('the tape is searched by what stands in it, and taken along as text', async () => {
  await lined('2+3', '1/3', 'sin(30)');
  await press(/^Search the tape/);
  await fill('Search the tape', '1/3');
  const dialog = screen.getByRole('dialog', { name: 'Tape' });
  expect(dialog.textContent).toContain('1 line');
  await fill('Search the tape', 'no such thing');
  expect(dialog.textContent).toContain('No line holds this.');
  await press('Copy as text');
  expect(mockCopied[0]).toMatch(/2\+3 = 5[\s\S]*1\/3 = 1\/3[\s\S]*sin\(30\)/);
});

test.each([
  ['8−6/2', 'Steps', 'Steps', [/8−6\/2|divide/, /subtract/]],
  ['sin(212°)', 'Angle', 'Angle view', [/Quadrant III/, /212/]],
] as const)('%s has its %s', async (text, tool, title, told) => {
  started(<Bench />);
  await typed(text);
  await press(tool);
  const dialog = await screen.findByRole('dialog', { name: title });
  for (const part of told) expect(dialog.textContent).toMatch(part);
});

test('one line has its own digits, and the others stay as they are', async () => {
  started(<Bench />);
  await typed('2/3');
  await press('Digits');
  fireEvent.click(await screen.findByRole('radio', { name: 'Decimal places' }));
  await settled();
  for (let i = 0; i < 8; i += 1) await press('Fewer digits');
  await press('Close');
  expect(forms()).toContain('≈ 0.67, decimal');
  await answer();
  await typed('1/3');
  expect(forms().join()).toMatch(/0\.333\s?333\s?333\s?3/);
});

test('keys are found by plain words, told, and put in; those that mean nothing are not', async () => {
  started(<Bench />);
  await press('Find a key or a function');
  await fill('Find a key or a function', 'cube root');
  const found = screen.getByRole('dialog');
  expect(within(found).getAllByRole('button')[1]?.getAttribute('aria-label')).toMatch(/^cube root:/);
  await fill('Find a key or a function', 'zzzz');
  expect(found.textContent).toContain('Nothing by these words.');
  await fill('Find a key or a function', 'cube root', true);
  expect(line()).toBe('cbrt(▯)');
});

test('a line shown large for a class is left by Escape, and stays as it is', async () => {
  started(<Bench />);
  await typed('7/8');
  await press('More for this line', 'For the class');
  expect(has('button', 'answer')).toBe(false);
  fireEvent.keyDown(screen.getByRole('textbox', { name: 'Line being written' }), { key: 'Escape' });
  await settled();
  expect([has('button', 'answer'), lineText(state())]).toEqual([true, '7/8']);
});

test('a letter that holds nothing is asked for, one value or several, and the line is worked with it', async () => {
  started(<Bench />);
  await typed('2k+1');
  await fill('k =', '5');
  expect(forms()[0]).toBe('= 11, exact');
  await fill('k =', '1; 2; x+');
  const rows = within(screen.getByRole('list', { name: 'Try values' })).getAllByRole('listitem');
  expect(rows.map(({ textContent }) => textContent)).toEqual([
    expect.stringContaining('k = 1'),
    expect.stringContaining('k = 2'),
    expect.stringContaining('k = x+'),
  ]);
});

test.each([
  ['3x−4=17', ['7'], 'check: 17 = 17'],
  ['5=2x+2', ['1.5'], 'check: 5 = 5'],
])('%s is solved and checked', async (text, solutions, check) => {
  started(<Bench />);
  await typed(text);
  const list = await screen.findByRole('list', { name: /^Solve for x/ });
  expect(
    within(list)
      .getAllByRole('listitem')
      .map(({ textContent }) => textContent),
  ).toEqual(solutions.map((solution) => expect.stringContaining(solution) as unknown));
  expect(list.textContent).toContain(check);
});

describe('Running', () => {
  const running = async (...keys: readonly string[]) => {
    started(<Bench />);
    await change((s) => s.set({ style: 'running' }));
    await press(...keys);
  };
  const shown = (): string | null => screen.getByRole('group', { name: 'Number shown' }).textContent;

  test('each key acts at once, and what waits is written out', async () => {
    await running('2', 'plus', '3', 'times', '4');
    expect(screen.getByRole('group', { name: 'Pending' }).textContent).toContain('2+3×4');
    await press('equals');
    expect(shown()).toContain('14');
  });

  test('in the other order it is worked from left to right, and brackets that are open are counted', async () => {
    await running();
    await press(/^Order of work/);
    await press('2', 'plus', '3', 'times', '4', 'equals');
    expect(shown()).toContain('20');
    await press('open bracket', 'open bracket');
    expect(document.body.textContent).toContain('2 brackets open');
  });
});

describe('Stack', () => {
  test('operands come first, levels are told by number, copied, and taken to the line', async () => {
    started(<Bench />);
    await change((s) => s.set({ style: 'stack' }));
    expect(document.body.textContent).toContain('Key a number, then Push.');
    await press('4', 'push', '9', 'push');
    expect(screen.getByRole('list', { name: 'Stack' }).textContent).toMatch(/^2.*4.*1.*9/);
    await press('minus');
    expect(screen.getByRole('list', { name: 'Stack' }).textContent).toContain('−5');
    await press(/^Level 1/, 'Copy to the top');
    expect(state().document.stack.levels).toHaveLength(2);
    await press(/^Level 1/, 'To the line');
    expect([state().settings.style, state().document.stack.levels.length]).toEqual(['written', 2]);
  });

  test('an operation that lacks a level says how many it wants, and nothing is lost', async () => {
    started(<Bench />);
    await change((s) => s.set({ style: 'stack' }));
    await press('4', 'plus');
    expect(screen.getByRole('alert').textContent).toMatch(/2/);
    expect(has('button', /^Level 1: 4/) || state().document.stack.entry === '4').toBe(true);
  });
});

test('keep asks where, and what is kept is told; recall puts it in', async () => {
  await lined('18.4');
  await press('Keep');
  expect(await screen.findByRole('group', { name: 'Slots' })).toBeTruthy();
  await press(/^Keep A/);
  expect(state().document.shelf['A']?.full).toBe('18.4');
  await press('Recall', /^Recall A/);
  expect(line()).toBe('A');
});
