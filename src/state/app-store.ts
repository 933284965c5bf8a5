import { DEFAULT_SETTINGS } from '@/core/notebook/settings';
import { deviceStorage, hasSmall } from '@/platform/storage';
import { browserTabs } from '@/platform/tabs';
import { browserDecimalSign } from '@/platform/locale';
import { offeredNotebook, onPageHide } from '@/platform/page';
import { afterPaint } from '@/platform/paint';
import { oldCopies } from '@/state/kernel/old-copies';
import { KEY } from '@/state/kernel/kept-text';
import { createKeeper } from '@/state/kernel/persist';
import { followForms, followLine, followRules, followWork } from './follow';
import { createStore } from './store';
import { tasks } from './tasks';

/** The store of the running app. */
export const useStore = createStore(Date.now, {
  ...DEFAULT_SETTINGS,
  display: { ...DEFAULT_SETTINGS.display, decimalSign: browserDecimalSign() },
});

/** Ends what is worked for the line, and what keys wait for. */
export function stopWork(): void {
  tasks.stop('line');
  tasks.stop('keyed');
}

const keeper = createKeeper(useStore, deviceStorage, browserTabs());

let hasFailed = false;

/** Called when a part of the page could not be drawn: the next start is told by the mark that stays. */
export const noteFailure = (): void => {
  hasFailed = true;
};

/** Called once what was restored stands on the page. */
export const startDrawn = (): void => {
  if (!hasFailed) keeper.drawn();
};
export const deviceCopies = () => oldCopies(deviceStorage);
export const readCopy = (key: string): Promise<string | null> => deviceStorage.read(key);
export const removeCopy = (key: string): Promise<void> => deviceStorage.remove(key);

let restored: Promise<void> | null = null;

/** Begins to bring back what was kept, once; called while the page is still being built, so that nothing waits for it. */
export function restoreKept(): Promise<void> {
  if (restored === null) {
    // What is asked of the server need not wait until the larger store has been opened too.
    const offered = hasSmall(KEY) ? null : offeredNotebook();
    restored = keeper.restore(() => offered ?? offeredNotebook());
  }
  return restored;
}

/** Restores what was kept, then joins the store to the worker and the device. Answers how to take that apart again. */
export async function startApp(): Promise<() => void> {
  await restoreKept();
  const ends = [
    keeper.follow(),
    followLine(useStore, tasks, afterPaint),
    followWork(useStore, tasks),
    followForms(useStore, tasks),
    followRules(useStore, tasks),
    onPageHide(keeper.now),
  ];
  return () => ends.reverse().forEach((end) => end());
}
