import { fireEvent, screen, within } from '@testing-library/react';
import { asidePart } from '@/core/notebook/set-aside';
import { useStore } from '@/state/app-store';
import { change, ended, fill, has, press, settled, started } from '@/places/testing/app';
import { Shelf } from './Shelf';

/* The Shelf: what it tells of what is kept, and what can be done with it. */

const mockWent: string[] = [];
jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: (to: string) => mockWent.push(to) }) }));

afterEach(() => {
  ended();
  mockWent.length = 0;
});

const kept = () => useStore.getState().document.shelf;
const rowOf = (name: string): string =>
  screen
    .getAllByRole('button')
    .find((b) => b.getAttribute('aria-label')?.startsWith(`${name}:`))!
    .getAttribute('aria-label')!;

/** Keeps what an expression comes to in a place, as it is typed there. */
async function keep(open: string | RegExp, text: string): Promise<void> {
  await press(open);
  await fill('Keep a number here', text);
  await press('Keep it');
}

test('every place stands there, the slots in order and empty letters as tiles', () => {
  started(<Shelf />);
  const slots = within(screen.getByRole('list', { name: 'Slots' }));
  expect(slots.getAllByRole('listitem')).toHaveLength(10);
  expect(rowOf('Slot 0')).toBe('Slot 0: holds nothing');
  expect(within(screen.getByRole('group', { name: 'Empty letters' })).getAllByRole('button')).toHaveLength(26);
  expect(within(screen.getByRole('list', { name: 'Letters' })).queryAllByRole('listitem')).toHaveLength(0);
});

test.each([
  ['1/3+1/6', 'Slot 4: 1/2, from 1/3+1/6'],
  ['sqrt(50)', 'Slot 4: 5√2, from sqrt(50)'],
  ['2,5', 'Slot 4: 2.5, from 2.5'],
])('an expression is kept with its value: %s', async (text, told) => {
  started(<Shelf />);
  if (text.includes(','))
    await change((state) => state.set({ display: { ...state.settings.display, decimalSign: ',' } }));
  await keep(/^Slot 4:/, text);
  await settled();
  expect(rowOf('Slot 4').replace(',5', '.5')).toBe(told);
});

test('what cannot be read is told where it stands, stays to be mended, and keeps nothing', async () => {
  started(<Shelf />);
  await keep(/^Slot 4:/, '2+*3');
  expect(screen.getByRole('alert').textContent).toContain('A number is missing before “*”');
  expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('2+*3');
  expect(kept()['4']).toBeUndefined();
  await fill('Keep a number here', '2+3');
  expect(screen.queryByRole('alert')).toBeNull();
  await press('Keep it');
  expect(kept()['4']?.full).toBe('5');
});

test('a place is recalled to the Bench as a reference or a value, and cleared', async () => {
  started(<Shelf />);
  await keep(/^Slot 2:/, '12');
  await press(/^Slot 2:/, 'Recall as a reference');
  expect([mockWent, JSON.stringify(useStore.getState().document.line).includes('slot')]).toEqual([['/'], true]);
  await press(/^Slot 2:/, 'Clear');
  expect(kept()['2']).toBeUndefined();
  await press('Undo');
  expect(kept()['2']?.full).toBe('12');
});

test('all slots are cleared together and come back together, and letters stay', async () => {
  started(<Shelf />);
  await keep(/^Slot 2:/, '12');
  await keep(/^Slot 3:/, '13');
  await keep(/^Keep A/, '7');
  expect(has('button', /^A: 7/)).toBe(true);
  await press('Clear all slots');
  expect(Object.keys(kept())).toEqual(['A']);
  await press('Undo');
  expect(Object.keys(kept()).sort()).toEqual(['2', '3', 'A']);
});

test('what was set aside is told with its reason, put into the line, or removed; many are shown on request', async () => {
  started(<Shelf />);
  const parts = Array.from({ length: 8 }, (_, i) =>
    asidePart(`a${i}`, 'place', i === 0 ? 'other-tab' : 'unreadable', `Slot ${i}`, `${i}+`, { text: `${i}+` }),
  );
  await change(() => useStore.setState(({ document }) => ({ document: { ...document, setAside: parts } })));
  const aside = () => within(screen.getByRole('group', { name: 'Set aside' }));
  expect(aside().getAllByRole('listitem')).toHaveLength(5);
  const first = within(aside().getAllByRole('listitem')[0]!);
  expect(first.getByText(/other tab/i)).toBeTruthy();
  await press(/^Show all/);
  expect(aside().getAllByRole('listitem')).toHaveLength(8);
  fireEvent.click(first.getByRole('button', { name: 'Put into the line' }));
  await settled();
  expect(mockWent).toEqual(['/']);
  fireEvent.click(within(aside().getAllByRole('listitem')[1]!).getByRole('button', { name: 'Remove' }));
  await settled();
  expect(useStore.getState().document.setAside.map(({ id }) => id)).not.toContain('a1');
});
