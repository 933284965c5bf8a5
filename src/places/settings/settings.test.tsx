import { fireEvent, screen, within } from '@testing-library/react';
import { DEFAULT_SETTINGS, settingIds, settingRecord } from '@/core/notebook/settings';
import type { SettingId } from '@/core/notebook/settings';
import { useStore } from '@/state/app-store';
import { settingWords } from '@/text/settings';
import type { SettingWords } from '@/text/settings';
import { ended, has, press, settled, started } from '@/places/testing/app';
import { SettingsSheet } from './SettingsSheet';

/* Every setting of the records, by the words beside its control. */

jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);

jest.setTimeout(30_000);
afterEach(ended);

const settings = () => useStore.getState().settings;
/** The word for a choice; a number stands for itself. */
const nameOf = (value: string | number | null, options: SettingWords['options']): string =>
  options?.[value === null ? 'none' : `${value}`] ?? `${value}`;
const opened = () => started(<SettingsSheet onClose={() => undefined} />);

const kindOf = (id: SettingId): string => settingRecord(id).control.kind;
const choices = settingIds.filter((id) => kindOf(id) === 'choice' && settingRecord(id).onlyWith === undefined);
const switches = settingIds.filter((id) => kindOf(id) === 'switch' && settingRecord(id).device === undefined);

test.each(choices)('each choice of %s is offered, taken, and told as taken', async (id) => {
  opened();
  const { title, options }: SettingWords = settingWords[id];
  const group = within(screen.getByRole('radiogroup', { name: title }));
  const control = settingRecord(id).control;
  if (control.kind !== 'choice') throw new Error('it is no choice');
  expect(group.getAllByRole('radio')).toHaveLength(control.of.length);
  for (const value of control.of) {
    const radio = group.getByRole('radio', { name: nameOf(value, options) });
    fireEvent.click(radio);
    await settled();
    expect([settings()[id], radio.getAttribute('aria-checked')]).toEqual([value, 'true']);
  }
});

test.each(switches)('%s is switched there and back', async (id) => {
  opened();
  const one = screen.getByRole('switch', { name: settingWords[id].title });
  const before = settings()[id] === true;
  for (const value of [!before, before]) {
    fireEvent.click(one);
    await settled();
    expect([settings()[id], one.getAttribute('aria-checked')]).toEqual([value, String(value)]);
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
  const stepped = async (name: string, times: number) => {
    for (let i = 0; i < times; i += 1) {
      const button = screen.getByRole('button', { name });
      if (button.hasAttribute('disabled')) break;
      fireEvent.click(button);
      await settled();
    }
    return settings().display.digits;
  };
  expect(await stepped('More digits', 30)).toBe(15);
  expect(await stepped('Fewer digits', 30)).toBe(1);
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
