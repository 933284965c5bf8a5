import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { AppFrame } from '@/places/frame/AppFrame';
import { PlaceScreen } from '@/places/PlaceScreen';

/* What CONTRIBUTING says of a place: its record and its line in the index are all it takes. */

let mockPath = '/';
const mockHeard = new Set<() => void>();
jest.mock('expo-router', () => {
  const { useSyncExternalStore } = jest.requireActual<typeof import('react')>('react');
  const go = (to: string) => {
    mockPath = to;
    for (const call of [...mockHeard]) call();
  };
  return {
    usePathname: () =>
      useSyncExternalStore(
        (call) => {
          mockHeard.add(call);
          return () => mockHeard.delete(call);
        },
        () => mockPath,
      ),
    useRouter: () => ({ navigate: go, replace: go }),
  };
});
jest.mock('@/places/index', () => {
  const actual = jest.requireActual<typeof import('@/places')>('@/places');
  const { definePlace } = jest.requireActual<typeof import('@/places/frame/place')>('@/places/frame/place');
  const { createElement } = jest.requireActual<typeof import('react')>('react');
  const [bench] = actual.places;
  const locker = definePlace({
    id: 'locker',
    path: '/locker',
    name: 'Locker',
    icon: bench!.icon,
    screen: () => createElement('p', null, 'All that was stowed'),
  });
  const places = [...actual.places, locker];
  return { places, placeAt: (path: string) => places.find((place) => place.path === path) ?? null };
});
jest.mock('@/state/tasks', () => ({ tasks: { run: () => Promise.resolve('superseded'), stop: () => undefined } }));

const opened = async (path: string): Promise<void> => {
  mockPath = path;
  render(
    <AppFrame>
      <PlaceScreen />
    </AppFrame>,
  );
  // The store is brought back first.
  await act(() => new Promise((resolve) => setTimeout(resolve, 50)));
};
afterEach(cleanup);

test('the bar has a link to it, which leads to its screen and its title, and to those of the others', async () => {
  await opened('/shelf');
  const bar = within(screen.getByRole('navigation'));
  expect(bar.getAllByRole('link').map(({ textContent }) => textContent)).toEqual([
    'Bench',
    'Curves',
    'Columns',
    'Kit',
    'Shelf',
    'Locker',
  ]);
  fireEvent.click(bar.getByRole('link', { name: 'Locker' }));
  expect(screen.getByText('All that was stowed')).toBeTruthy();
  expect(document.title).toBe('Locker · Ulkav');
  expect(bar.getByRole('link', { name: 'Locker' }).getAttribute('aria-current')).toBe('page');
  expect(bar.getByRole('link', { name: 'Shelf' }).getAttribute('aria-current')).toBeNull();
});

test('its address opens it, and one at which nothing stands leads back', async () => {
  await opened('/locker');
  expect(screen.getByText('All that was stowed')).toBeTruthy();
  cleanup();
  await opened('/lockers');
  expect(screen.getByRole('alert').textContent).toContain('Nothing stands at this address.');
  expect(document.title).toBe('Ulkav');
});
