import { fireEvent, screen, within } from '@testing-library/react';
import { z } from 'zod/mini';
import { fromFragment, toFragment } from '@/core/notebook/shared';
import { handedOnSchema, settingIds, DEFAULT_SETTINGS } from '@/core/notebook/settings';
import { useStore } from '@/state/app-store';
import { EMPTY_KEPT } from '@/state/slices/parts';
import { readNotebook, toNotebook, writeNotebook } from '@/state/slices/notebook';
import { SettingsSheet } from '@/places/settings/SettingsSheet';
import { onPage } from '@/ui/testing/on-page';

/* What CONTRIBUTING says of a setting: a record and its words are all it takes. */

jest.mock('@/core/notebook/setting-records', () => {
  const actual = jest.requireActual<typeof import('@/core/notebook/setting-records')>(
    '@/core/notebook/setting-records',
  );
  const { defineSetting } = jest.requireActual<typeof import('@/core/notebook/setting')>('@/core/notebook/setting');
  const margin = defineSetting({
    schema: jest.requireActual<typeof import('zod/mini')>('zod/mini').z.enum(['left', 'right']),
    control: { kind: 'choice', of: ['left', 'right'] },
    first: 'left',
    group: 'look',
    handedOn: 'maybe',
  });
  return { ...actual, settings: { ...actual.settings, margin } };
});
jest.mock('@/text/settings', () => {
  const actual = jest.requireActual<typeof import('@/text/settings')>('@/text/settings');
  const margin = {
    title: 'Margin',
    note: 'Where it is ruled',
    options: { left: 'On the left', right: 'On the right' },
  };
  return { ...actual, settingWords: { ...actual.settingWords, margin } };
});
jest.mock('@/state/tasks', () => ({ tasks: { run: () => Promise.resolve('superseded'), stop: () => undefined } }));

const settings = () => useStore.getState().settings as Record<string, unknown>;

test('it stands on the sheet with its words, is set there, and reset with the others', () => {
  onPage(<SettingsSheet onClose={() => undefined} />);
  const look = within(screen.getByRole('group', { name: 'Keys and looks' }));
  const margin = within(look.getByRole('radiogroup', { name: 'Margin' }));
  expect(look.getByText('Where it is ruled')).toBeTruthy();
  expect(margin.getByRole('radio', { name: 'On the left' }).getAttribute('aria-checked')).toBe('true');
  fireEvent.click(margin.getByRole('radio', { name: 'On the right' }));
  expect(settings().margin).toBe('right');
  fireEvent.click(screen.getByRole('button', { name: 'Reset all settings' }));
  expect(settings().margin).toBe('left');
});

test('the notebook keeps it, one of before has it as a fresh app does, and one in which it is damaged too', () => {
  const written = writeNotebook(
    toNotebook({ ...EMPTY_KEPT, settings: { ...DEFAULT_SETTINGS, margin: 'right' } as typeof DEFAULT_SETTINGS }),
  );
  const read = (text: string): unknown => {
    const made = readNotebook(text);
    return made.kind === 'ok' ? (made.notebook.settings as Record<string, unknown>).margin : made.kind;
  };
  expect(read(written)).toBe('right');
  expect(read(written.replace('"margin":"right"', '"margin":"middle"'))).toBe('left');
  expect(read(written.replace(',"margin":"right"', ''))).toBe('left');
});

test('it is handed on with the others, and may be missing in what was handed on before it was there', () => {
  expect(settingIds).toContain('margin');
  const handed = { kind: 'settings', settings: { ...DEFAULT_SETTINGS, margin: 'right' } } as never;
  expect(fromFragment(toFragment(handed))).toMatchObject({ settings: { margin: 'right' } });
  expect(z.toJSONSchema(handedOnSchema, { io: 'input' }).required).not.toContain('margin');
});
