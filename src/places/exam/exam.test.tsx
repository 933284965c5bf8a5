import { screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Help } from '@/core/notebook/exam';
import { keys } from '@/keys/catalogue';
import { LineTools } from '@/places/bench/LineTools';
import { MenuSheet } from '@/places/bench/MenuSheet';
import { StatusStrip } from '@/places/bench/StatusStrip';
import { Curves } from '@/places/curves/Curves';
import { HelpButton } from '@/places/frame/HelpButton';
import { ToolList } from '@/places/kit/ToolList';
import { change, ended, settled, started } from '@/places/testing/app';
import { ExamSheet } from './ExamSheet';

/* What an examination has off is not there, and nothing else goes with it. */

jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: () => undefined }) }));

afterEach(ended);

const nothing = (): void => undefined;
const SINE = ['sin', 'd3', 'd0', 'close'] as const;

const seen: Readonly<Record<string, ReactNode>> = {
  strip: <StatusStrip onSettings={nothing} onTape={nothing} onFind={nothing} onStyle={nothing} />,
  help: <HelpButton />,
  line: <LineTools onOpen={nothing} onDraw={nothing} />,
  menu: <MenuSheet onPress={nothing} onOpen={nothing} onClose={nothing} />,
  curves: <Curves />,
  tools: <ToolList open={null} onOpen={nothing} />,
};

// What goes with a help, and what stands beside it and stays.
test.each<[Help, string, 'button' | 'tab', RegExp, RegExp]>([
  ['search', 'strip', 'button', /^Find a key/, /^Search the tape/],
  ['search', 'help', 'button', /^Help$/, /./],
  ['steps', 'line', 'button', /^(Steps|Angle)$/, /^Digits$/],
  ['kit', 'menu', 'button', /^The book says …$/, /^Large for a class$/],
  ['solve', 'curves', 'tab', /^Points$/, /^Values$/],
  ['solve', 'tools', 'button', /^Equations: /, /^Matrices: /],
])('with %s off, what is it goes from %s', async (help, where, role, goes, stays) => {
  started(seen[where]);
  await change((state) => SINE.forEach((id) => state.press(keys[id].does)));
  const names = (): readonly string[] =>
    screen.queryAllByRole(role).map((node) => node.getAttribute('aria-label') ?? node.textContent);
  const [all, gone] = [names(), names().filter((name) => goes.test(name))];
  expect(gone.length).toBeGreaterThan(0);
  await change((state) => state.startExam({ off: [help], settings: null }));
  await change((state) => SINE.forEach((id) => state.press(keys[id].does)));
  expect(names().filter((name) => goes.test(name))).toEqual([]);
  expect(names().filter((name) => stays.test(name))).toEqual(
    all.filter((name) => stays.test(name) && !goes.test(name)),
  );
});

test('the code follows what is off, and is not asked for where there is no examination', async () => {
  started(<ExamSheet onClose={nothing} />);
  const code = () => screen.getByRole('group', { name: 'Code' }).textContent;
  const before = code();
  screen.getByRole('switch', { name: 'Columns' }).click();
  await settled();
  expect(code()).not.toBe(before);
  expect(screen.queryByRole('button', { name: 'End the examination' })).toBeNull();
});
