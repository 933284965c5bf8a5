import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterPaint } from '@/platform/paint';
import { useStore } from '@/state/app-store';
import { followForms, followLine, followRules, followWork } from '@/state/follow';
import { tasks } from '@/state/tasks';
import { onPage } from '@/ui/testing/on-page';

const FRESH = useStore.getState();

/** Renders a part of the app over a fresh notebook, which is worked as in the app. */
export function started(children: ReactNode): void {
  useStore.setState(FRESH, true);
  const ends = [
    followLine(useStore, tasks),
    followWork(useStore, tasks),
    followForms(useStore, tasks),
    followRules(useStore, tasks),
  ];
  onPage(children);
  stop = () => ends.forEach((end) => end());
}
let stop = (): void => undefined;

/** Takes the page and what follows the notebook apart again. */
export function ended(): void {
  stop();
  cleanup();
}

/** Whether something of the line, or of what keys wait for, is still being worked out. */
function isWorking(): boolean {
  const { live, work, waiting } = useStore.getState();
  return live.kind === 'working' || work !== null || waiting !== null;
}

const ROUNDS = 8;
const MOST_ROUNDS = 2000;

/** Lets all that was asked be answered and drawn, however busy the machine is, and what waits for that to be painted come. */
export async function settled(): Promise<void> {
  await act(async () => {
    for (let i = 0; i < ROUNDS || (isWorking() && i < MOST_ROUNDS); i += 1)
      await new Promise((resolve) => setTimeout(resolve));
  });
  await act(() => new Promise<void>((resolve) => void afterPaint(resolve)));
}

/** Changes the notebook as another part of the app would. */
export async function change(make: (state: ReturnType<typeof useStore.getState>) => void): Promise<void> {
  act(() => make(useStore.getState()));
  await settled();
}

/** Presses buttons one after the other by their names, each answered before the next; a panel may take a moment to come. */
export async function press(...names: readonly (string | RegExp)[]): Promise<void> {
  for (const name of names) {
    fireEvent.click(await screen.findByRole('button', { name }));
    await settled();
  }
}

/** Chooses one of a few. */
export async function choose(group: string, name: string): Promise<void> {
  const radios = screen.getAllByRole('radio', { name });
  const one = radios.find((radio) => radio.closest('[role="radiogroup"]')?.getAttribute('aria-label') === group);
  fireEvent.click(one!);
  await settled();
}

/** Writes a text into a field. */
export async function fill(name: string | RegExp, text: string, enters = false): Promise<void> {
  const field = await screen.findByRole('textbox', { name });
  fireEvent.change(field, { target: { value: text } });
  await settled();
  if (enters) {
    fireEvent.keyDown(field, { key: 'Enter' });
    await settled();
  }
}

/** Opens one of a few panels. */
export async function panel(name: string): Promise<void> {
  const tab = screen.getByRole('tab', { name });
  fireEvent.mouseDown(tab);
  fireEvent.click(tab);
  await settled();
}

/** Whether there is anything of a role with a name. */
export const has = (role: string, name: string | RegExp): boolean => screen.queryAllByRole(role, { name }).length > 0;
