import { fireEvent, screen } from '@testing-library/react';
import { notice } from '@/state/slices/notice';
import type { NoticeCode } from '@/state/slices/notice';
import { useStore } from '@/state/app-store';
import { change, ended, has, press, settled, started } from '@/places/testing/app';
import { Words } from '@/ui/theme/text';
import { Boundary, later } from './Boundary';
import { Notices } from './Notices';
import { SharedOffer } from './SharedOffer';

/* What the frame says: whether things are kept, what was done, what a link brings, and a part that failed. */

const mockSaved: string[] = [];
const mockWent: string[] = [];
jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);
jest.mock('@/platform/files', () => ({
  ...jest.requireActual<typeof import('@/platform/files')>('@/platform/files'),
  saveFile: (name: string) => mockSaved.push(name),
}));
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: (to: string) => mockWent.push(to) }) }));

beforeEach(() => {
  mockSaved.length = 0;
  mockWent.length = 0;
});
afterEach(ended);

test.each([{ kind: 'refused' }, { kind: 'unreadable' }] as const)(
  'a device that does not keep is told at once, and all can be saved: %j',
  async (keeping) => {
    started(<Notices />);
    expect(screen.queryByRole('alert')).toBeNull();
    await change((state) => state.setKeeping(keeping));
    expect(screen.getByRole('alert').textContent).toMatch(/\.$|Save/);
    await press('Save it as a file');
    expect(mockSaved).toHaveLength(1);
  },
);

test('an old notebook that could not be read can be saved, and the word of it put away', async () => {
  started(<Notices />);
  await change((state) =>
    state.setKeeping({ kind: 'damaged', why: 'not-drawn', raw: '{}', setAsideAs: 'ulkav.old.1' } as never),
  );
  expect(has('button', 'Open its sound parts')).toBe(true);
  await press('Save the old data as a file');
  expect(mockSaved).toHaveLength(1);
  expect(useStore.getState().keeping.kind).toBe('damaged');
  await press('Go on');
  expect(useStore.getState().keeping.kind).toBe('kept');
  expect(screen.queryByRole('alert')).toBeNull();
});

test.each<readonly [NoticeCode, boolean, boolean]>([
  ['copied', false, false],
  ['tape-cleared', true, false],
  ['parts-set-aside', false, true],
  ['tabs-differ', false, true],
])('the notice %s offers Undo: %s, a look at the Shelf: %s', async (code, undo, look) => {
  started(<Notices />);
  await change((state) => state.say(notice(code, '2', undo)));
  expect([has('button', 'Undo'), has('button', 'Look')]).toEqual([undo, look]);
  if (look) await press('Look');
  else await press('Close');
  expect([mockWent, screen.queryByRole('status')]).toEqual([look ? ['/shelf'] : [], null]);
});

const line = {
  kind: 'line',
  text: '2÷(1+√2)',
  angle: 'rad',
  impliedFirst: false,
  complex: false,
  decimalSign: '.',
  own: null,
  keys: [],
} as const;

describe('what a link brings', () => {
  test('a line is shown with its unit and asked for; left, everything is as it was', async () => {
    started(<SharedOffer />);
    const before = useStore.getState();
    await change((state) => state.offer(line as never));
    const dialog = screen.getByRole('dialog');
    expect(dialog.textContent).toContain('radians');
    await press('Leave it');
    expect([useStore.getState().offered, useStore.getState().document]).toEqual([null, before.document]);
  });

  test('a line that is taken stands on the Bench in its unit, and one Undo takes back all of it', async () => {
    started(<SharedOffer />);
    await change((state) => state.offer(line as never));
    await press('Put it on the Bench');
    expect([mockWent, useStore.getState().settings.angle]).toEqual([['/'], 'rad']);
    expect(JSON.stringify(useStore.getState().document.line)).toContain('1');
    await change((state) => state.press({ type: 'undo' }));
    expect(useStore.getState().settings.angle).toBe('deg');
  });

  test('settings are shown, and taken over only when asked', async () => {
    started(<SharedOffer />);
    const { settings } = useStore.getState();
    const offer = { kind: 'settings', settings: { ...settings, angle: 'grad' } } as never;
    await change((state) => state.offer(offer));
    await press('Keep mine');
    expect(useStore.getState().settings.angle).toBe('deg');
    await change((state) => state.offer(offer));
    await press('Take them over');
    expect(useStore.getState().settings.angle).toBe('grad');
  });

  test('a line that is too long for the Bench says so, and cannot be taken', async () => {
    started(<SharedOffer />);
    await change((state) => state.offer({ ...line, text: '1+'.repeat(6000) } as never));
    expect(screen.getByRole('dialog').textContent).toContain('longer than a line may be');
    await press('Put it on the Bench');
    expect([mockWent, useStore.getState().offered]).toEqual([[], expect.anything()]);
  });
});

describe('a part that failed', () => {
  // What failed is printed by the library; the test asks what is shown.
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  afterAll(() => quiet.mockRestore());

  test('is told in its place, the rest stays, and it is tried again', async () => {
    let fails = true;
    const Part = () => {
      if (fails) throw new Error('broken');
      return <Words>whole</Words>;
    };
    started(
      <>
        <Words>beside</Words>
        <Boundary>
          <Part />
        </Boundary>
      </>,
    );
    expect(screen.getByRole('alert').textContent).toContain('This part of Ulkav failed');
    expect(screen.getByText('beside')).toBeTruthy();
    await press('Save it as a file');
    expect(mockSaved).toHaveLength(1);
    fails = false;
    await press('Try again');
    expect(screen.getByText('whole')).toBeTruthy();
  });

  test('that did not come over the network is fetched anew by the next try', async () => {
    let tries = 0;
    const Later = later<object>(() => {
      tries += 1;
      return tries === 1 ? Promise.reject(new Error('no network')) : Promise.resolve(() => <Words>come</Words>);
    });
    started(<Later />);
    await settled();
    expect(screen.getByRole('alert').textContent).not.toContain('failed');
    await press('Try again');
    await settled();
    expect([tries, screen.getByText('come')]).toEqual([2, expect.anything()]);
  });

  test('is left behind when another is opened', async () => {
    function Part({ of }: Readonly<{ of: string }>) {
      if (of === 'a') throw new Error('broken');
      return <Words>{of}</Words>;
    }
    const Switching = () => {
      const drawer = useStore((s) => s.drawer);
      return (
        <Boundary at={drawer}>
          <Part of={drawer === 'pad' ? 'a' : 'b'} />
        </Boundary>
      );
    };
    started(<Switching />);
    expect(screen.queryAllByRole('alert')).toHaveLength(1);
    await change((state) => state.openDrawer('powers'));
    expect(screen.getByText('b')).toBeTruthy();
    fireEvent.click(document.body);
  });
});
