import { fireEvent, screen, within } from '@testing-library/react';
import { useStore } from '@/state/app-store';
import { change, choose, ended, fill, has, panel, press, settled, started } from '@/places/testing/app';
import { layOut } from '@/ui/testing/lay-out';
import { Curves } from './Curves';

/* The Curves place on a phone, worked without a worker. */

jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => undefined }) }));

layOut(390, 600);
afterEach(ended);

const curves = () => useStore.getState().document.curves;

async function drawn(...texts: readonly string[]): Promise<void> {
  started(<Curves />);
  await change((state) => texts.forEach((text) => state.addFunction(text)));
}
const told = (): string => document.getElementById('graph-text')?.textContent ?? '';
const list = () => screen.getAllByRole('switch').map((one) => one.getAttribute('aria-label'));

test('an empty graph says so, and what is drawn is told in words', async () => {
  await drawn();
  expect(screen.getByText('No function yet.')).toBeTruthy();
  await change((state) => state.addFunction('x^2-4'));
  expect(screen.queryByText('No function yet.')).toBeNull();
  expect(told()).toContain('f: x^2-4');
  expect(told()).toMatch(/x from -6 to 6/);
});

test.each([
  ['x^2+50', 'No part of a curve lies in this view.'],
  ['sqrt(-1-x^2)', 'The functions have no value between these ends of x.'],
])('%s: %s', async (text, reason) => {
  await drawn(text);
  expect(
    screen
      .getAllByRole('status')
      .map((told) => told.textContent)
      .join(),
  ).toContain(reason);
});

test('a function that cannot be drawn says why beside it, and the others stay', async () => {
  await drawn('x', 'k x', 'sin(');
  expect(screen.getByText(/k stands for no number here/)).toBeTruthy();
  expect(list()).toEqual(['Show f', 'Show g', 'Show h']);
  expect(told()).toContain('f: x');
});

test('functions are switched off and on, reordered, copied and removed, each taken back', async () => {
  await drawn('x', '2x');
  fireEvent.click(screen.getByRole('switch', { name: 'Show f' }));
  await settled();
  expect(curves().functions.map(({ on }) => on)).toEqual([false, true]);
  await press(/^f = x/);
  await press('Move down');
  expect(curves().functions.map(({ name }) => name)).toEqual(['g', 'f']);
  await press('Copy');
  expect(curves().functions).toHaveLength(3);
  await press(/^f = x/, 'Remove');
  expect(curves().functions).toHaveLength(2);
  await press('Undo');
  expect(curves().functions).toHaveLength(3);
});

describe('values', () => {
  const row = (name: string | RegExp) => screen.getByRole('row', { name });

  test('stand in rows by their step, exact or rounded, with the reason where there are none', async () => {
    await drawn('1/x');
    await panel('Values');
    expect(row('x −2 f −1/2').getAttribute('aria-rowindex')).toBe('5');
    expect(row('x 0 f This divides by zero.').textContent).toBe('0÷ 0');
    await press('Exact values');
    expect(row(/^x −3 f ≈ −0\.333/)).toBeTruthy();
  });

  test('a row is chosen by a tap or by arrow keys, and is told as chosen', async () => {
    await drawn('1/x');
    await panel('Values');
    const grid = screen.getByRole('grid', { name: 'Values' });
    const chosen = () => document.getElementById(grid.getAttribute('aria-activedescendant') ?? '');
    fireEvent.click(screen.getByRole('gridcell', { name: 'f This divides by zero.' }));
    await settled();
    expect(chosen()).toBe(row('x 0 f This divides by zero.'));
    expect(screen.getByText('f: This divides by zero.')).toBeTruthy();
    fireEvent.keyDown(grid, { key: 'ArrowUp' });
    await settled();
    expect(chosen()).toBe(row('x −1 f −1'));
    for (const [key, index] of [
      ['Home', '2'],
      ['ArrowUp', '2'],
      ['PageDown', '12'],
      ['End', '12'],
      ['ArrowDown', '12'],
    ] as const) {
      fireEvent.keyDown(grid, { key });
      await settled();
      expect(`${key} ${chosen()?.getAttribute('aria-rowindex')}`).toBe(`${key} ${index}`);
    }
    fireEvent.keyDown(grid, { key: 'Escape' });
    await settled();
    expect(chosen()).toBeNull();
  });

  test('follow another step and picked numbers, and what cannot be read changes nothing', async () => {
    await drawn('2x');
    await panel('Values');
    await fill('step', '1/2');
    expect(screen.getByRole('grid', { name: 'Values' }).getAttribute('aria-rowcount')).toBe('22');
    await choose('Values', 'Picked x');
    await fill('x =', 'sqrt(2)', true);
    expect(curves().table.picked).toEqual(['sqrt(2)']);
    expect(has('row', /^x √2/)).toBe(true);
    await fill('x =', '2 +', true);
    expect(screen.getByRole('alert').textContent).toBe('“2 +”: this cannot be read as a number.');
    expect(curves().table.picked).toEqual(['sqrt(2)']);
  });

  test.each([
    ['step', '0', /step/i],
    ['step', '-1', /step/i],
    ['to', '10^9', /too/i],
  ])('%s %s is refused with a sentence', async (name, text, sentence) => {
    await drawn('x');
    await panel('Values');
    await fill(name, text);
    expect(screen.getByRole('alert').textContent).toMatch(sentence);
  });
});

test('points are listed by kind, numbered, and one that is chosen is marked', async () => {
  await drawn('x^2-4');
  await panel('Points');
  const zeros = within(await screen.findByRole('list', { name: 'Zeros' })).getAllByRole('button');
  expect(zeros.map((b) => b.getAttribute('aria-label'))).toEqual(['1: zero of f, x −2, y 0', '2: zero of f, x 2, y 0']);
  fireEvent.click(zeros[1]!);
  await settled();
  expect(told()).toContain('marked');
});

test('the ends of the view are expressions; what cannot be shown is told and changes nothing', async () => {
  await drawn('sin(x)');
  await press('View');
  await fill('x from', '-2pi');
  await fill('x to', '2pi');
  await press('Show this view');
  expect(curves().view?.xTo).toBeCloseTo(2 * Math.PI, 12);
  await press('View');
  for (const [side, text, sentence] of [
    ['x to', '-20', 'The first end must be below the second, and the two not too near or too far apart.'],
    ['x to', '2+', 'x to: this cannot be read as a number.'],
    ['x to', '1/0', 'x to: This divides by zero.'],
  ] as const) {
    await fill(side, text);
    await press('Show this view');
    expect(screen.getByRole('alert').textContent).toBe(sentence);
  }
  expect(curves().view?.xTo).toBeCloseTo(2 * Math.PI, 12);
});

test('the keyboard moves the view, brings it closer, and takes it back', async () => {
  await drawn('x');
  const graph = screen.getByRole('application');
  const strokes = async (...keys: readonly string[]) => {
    for (const key of keys) {
      fireEvent.keyDown(graph, { key });
      await settled();
    }
    return curves().view;
  };
  const before = (await strokes('ArrowRight', 'ArrowLeft'))!;
  expect((await strokes('ArrowRight'))!.xFrom).toBeGreaterThan(before.xFrom);
  const closer = (await strokes('0', '+'))!;
  expect(closer.xTo - closer.xFrom).toBeLessThan(before.xTo - before.xFrom);
  expect(await strokes('0')).toBeNull();
});
