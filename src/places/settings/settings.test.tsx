import { fireEvent, screen, within } from '@testing-library/react';
import { DEFAULT_SETTINGS, settingIds, settingRecord } from '@/core/notebook/settings';
import type { SettingId } from '@/core/notebook/settings';
import { useStore } from '@/state/app-store';
import { settingWords } from '@/text/settings';
import type { SettingWords } from '@/text/settings';
import { change, ended, has, press, settled, started } from '@/places/testing/app';
import { SettingsSheet } from './SettingsSheet';

/* Every setting of the records, by the words beside its control. */

jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);

afterEach(ended);

const settings = () => useStore.getState().settings;
/** The word for a choice; a number stands for itself. */
const nameOf = (value: string | number | null, options: SettingWords['options']): string =>
  options?.[value === null ? 'none' : `${value}`] ?? `${value}`;
const opened = () => started(<SettingsSheet onClose={() => undefined} />);

const kindOf = (id: SettingId): string => settingRecord(id).control.kind;
const choices = settingIds.filter((id) => kindOf(id) === 'choice' && settingRecord(id).onlyWith === undefined);
const switches = settingIds.filter((id) => kindOf(id) === 'switch' && settingRecord(id).device === undefined);

test('each choice of each setting is offered, taken, and told as taken', async () => {
  opened();
  // Asked for once: looking for a role among all that stands there takes long.
  const groups = screen.getAllByRole('radiogroup');
  for (const id of choices) {
    const { title, options }: SettingWords = settingWords[id];
    const group = groups.find((one) => one.getAttribute('aria-label') === title)!;
    const control = settingRecord(id).control;
    if (control.kind !== 'choice') throw new Error('it is no choice');
    const radios = within(group).getAllByRole('radio');
    const names = radios.map((one) => one.getAttribute('aria-label') ?? one.textContent);
    expect(names).toEqual(control.of.map((value) => nameOf(value, options)));
    const last = control.of.at(-1) ?? null;
    const radio = radios.at(-1)!;
    fireEvent.click(radio);
    await settled();
    expect([id, settings()[id], radio.getAttribute('aria-checked')]).toEqual([id, last, 'true']);
  }
});

test('each switch goes there and back', async () => {
  opened();
  const all = screen.getAllByRole('switch');
  for (const id of switches) {
    const one = all.find((node) => node.getAttribute('aria-label') === settingWords[id].title)!;
    const before = settings()[id] === true;
    for (const value of [!before, before]) {
      fireEvent.click(one);
      await settled();
      expect([id, settings()[id], one.getAttribute('aria-checked')]).toEqual([id, value, String(value)]);
    }
  }
});

test('how complex results are shown stands there only with complex numbers', async () => {
  opened();
  const title = settingWords.complexForm.title;
  expect(has('radiogroup', title)).toBe(false);
  fireEvent.click(screen.getByRole('switch', { name: settingWords.complex.title }));
  await settled();
  expect(has('radiogroup', title)).toBe(true);
});

test('what the device cannot do is not offered', () => {
  opened();
  expect([has('switch', settingWords.sound.title), has('switch', settingWords.haptics.title)]).toEqual([false, false]);
});

test('digits go one up or down, and no farther than they can', async () => {
  opened();
  const stepped = async (name: string, from: number) => {
    await change((state) => state.set({ display: { ...state.settings.display, digits: from } }));
    await press(name, name);
    return settings().display.digits;
  };
  expect([await stepped('More digits', 14), await stepped('Fewer digits', 2)]).toEqual([15, 1]);
});

test('an example shows what a setting makes of something, and changes with it', async () => {
  opened();
  const group = screen.getByRole('radiogroup', { name: settingWords.order.title });
  const beside = () => group.parentElement!.parentElement!.textContent;
  expect(beside()).toContain('2 + 3 × 4 = 14');
  fireEvent.click(within(group).getByRole('radio', { name: 'Left to right' }));
  await settled();
  expect(beside()).toContain('2 + 3 × 4 = 20');
});

test('all are reset at once, and put back as they were', async () => {
  opened();
  fireEvent.click(screen.getByRole('switch', { name: settingWords.complex.title }));
  await settled();
  const before = settings();
  await press('Reset all settings');
  expect(settings()).toEqual(DEFAULT_SETTINGS);
  await press('Put mine back');
  expect(settings()).toEqual(before);
});
