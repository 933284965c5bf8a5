import { deviceStorage } from '@/platform/storage';
import { offeredNotebook, onPageHide } from '@/platform/page';
import { createClient } from '@/workers/client';
import { spawnWorker } from '@/workers/spawn';
import { followLine } from './live';
import { keepOnDevice, restore } from './persist';
import { createStore } from './store';

/** The store of the running app. */
export const useStore = createStore();

const client = createClient(spawnWorker);
export const stopWork = (): void => client.stop();

/** Restores what was kept, then joins the store to the worker and the device. Answers how to take that apart again. */
export async function startApp(): Promise<() => void> {
  await restore(useStore, deviceStorage, offeredNotebook);
  const kept = keepOnDevice(useStore, deviceStorage);
  const unfollow = followLine(useStore, client);
  const unhide = onPageHide(kept.now);
  return () => {
    unhide();
    unfollow();
    kept.end();
  };
}
