import { act, fireEvent, screen, within } from '@testing-library/react';
import { useStore } from '@/state/app-store';
import { FindSheet } from '@/places/bench/FindSheet';
import { Kit } from '@/places/kit/Kit';
import { onPage } from '@/ui/testing/on-page';

/* What CONTRIBUTING says of a tool: its folder and its line in the index are all it takes. */

let mockAsked: string | undefined;
const mockWent: string[] = [];
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ tool: mockAsked }),
  useRouter: () => ({ navigate: (to: string) => mockWent.push(to) }),
}));
jest.mock('@/state/tasks', () => ({ tasks: { run: () => new Promise(() => undefined), stop: () => undefined } }));
jest.mock('@/places/kit/tools', () => {
  const actual = jest.requireActual<typeof import('@/places/kit/tools')>('@/places/kit/tools');
  const { defineTool } = jest.requireActual<typeof import('@/places/kit/tool')>('@/places/kit/tool');
  const { useEntries } = jest.requireActual<typeof import('@/places/kit/parts/use-entries')>(
    '@/places/kit/parts/use-entries',
  );
  const { createElement } = jest.requireActual<typeof import('react')>('react');
  const { z } = jest.requireActual<typeof import('zod/mini')>('zod/mini');
  const entered = { id: 'knots', inputs: z.object({ boat: z.catch(z.string(), 'dinghy') }) };
  function Knots() {
    const [{ boat }, enter] = useEntries(entered);
    return createElement('button', { onClick: () => enter({ boat: 'punt' }, 'boat') }, `The boat is a ${boat}`);
  }
  const knots = defineTool({
    ...entered,
    name: 'Knots',
    answers: 'How fast a boat goes.',
    words: 'speed nautical mile an hour',
    icon: actual.tools[0]!.icon,
    screen: Knots,
  });
  const tools = [...actual.tools, knots];
  return { tools, toolOf: (id?: string | null) => tools.find((tool) => tool.id === id) ?? null };
});

test('the list has it, and opens it at its address', () => {
  mockAsked = undefined;
  onPage(<Kit />);
  const list = within(screen.getByRole('list', { name: 'Tools' }));
  expect(list.getAllByRole('button').map((item) => item.getAttribute('aria-label'))).toContain(
    'Knots: How fast a boat goes.',
  );
  fireEvent.click(list.getByRole('button', { name: /^Knots/ }));
  expect(mockWent.pop()).toBe('/kit?tool=knots');
});

test('its screen stands there, what is entered is kept in the notebook, and undo takes it back', () => {
  mockAsked = 'knots';
  onPage(<Kit />);
  fireEvent.click(screen.getByRole('button', { name: 'The boat is a dinghy' }));
  expect(screen.getByRole('button', { name: 'The boat is a punt' })).toBeTruthy();
  expect(useStore.getState().document.kit).toEqual({ knots: { boat: 'punt' } });
  act(() => useStore.getState().press({ type: 'undo' }));
  expect(screen.getByRole('button', { name: 'The boat is a dinghy' })).toBeTruthy();
});

test('Find on the Bench finds it by its words', () => {
  onPage(<FindSheet onPress={() => undefined} onClose={() => undefined} />);
  fireEvent.change(screen.getByRole('textbox'), { target: { value: 'nautical speed' } });
  fireEvent.click(screen.getByRole('button', { name: /^Knots: / }));
  expect(mockWent.pop()).toBe('/kit?tool=knots');
});
