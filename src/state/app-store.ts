import { deviceStorage } from '@/platform/storage';
import { offeredNotebook, onPageHide } from '@/platform/page';
import { afterPaint } from '@/platform/paint';
import { createClient } from '@/workers/client';
import { spawnWorker } from '@/workers/spawn';
import { followLine } from './live';
import { keepOnDevice, restore } from './persist';
import { followForms, followWork } from './shown';
import { createStore } from './store';

/** The store of the running app. */
export const useStore = createStore();

const client = createClient(spawnWorker);

/** Operations of the Running and Stack styles and of the Shelf; nothing supersedes them, since keys wait for them. */
const keyedClient = createClient(spawnWorker);
const formsClient = createClient(spawnWorker);

export function stopWork(): void {
  client.stop();
  keyedClient.stop();
}

/** What is worked beside the line being written, such as its steps: in a worker of its own, begun when first needed. */
const sideClient = createClient(spawnWorker);
export const workBeside = sideClient.run;

/** Restores what was kept, then joins the store to the worker and the device. Answers how to take that apart again. */
export async function startApp(): Promise<() => void> {
  await restore(useStore, deviceStorage, offeredNotebook);
  const kept = keepOnDevice(useStore, deviceStorage);
  const unfollow = followLine(useStore, client, afterPaint);
  const unwork = followWork(useStore, keyedClient);
  const unshow = followForms(useStore, formsClient);
  const unhide = onPageHide(kept.now);
  return () => {
    unhide();
    unfollow();
    unwork();
    unshow();
    kept.end();
  };
}
